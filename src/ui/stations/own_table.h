#pragma once

#include <QStringList>

class QPushButton;
class QTableWidget;
class QWidget;

namespace arbor::ui {

/// A place with one table: rows that ship with the program, and this shop's own, one more by a button.
struct OwnTable {
    QTableWidget* table;
    QPushButton* another;
};

struct OwnTableTexts {
    QString name; ///< of the objects: "bandTable", "bandAdd"
    QString title;
    QString hint;
    QString another;
};

OwnTable layOutOwnTable(QWidget* place, const OwnTableTexts& texts, int columns);

/// One row; its last column says whose it is and is never typed. An item stays: its editor may still be open.
void showRow(QTableWidget* table, int row, const QStringList& texts, bool own, bool editable);

} // namespace arbor::ui
