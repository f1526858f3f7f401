#pragma once

#include "ui/shop/list_model.h"

#include <QUndoStack>
#include <QWidget>

class QTableWidget;
class QTableWidgetItem;

namespace arbor::ui {

/// One list of this shop: a table that is typed over. Insert makes another row, Delete takes one away, undo brings it
/// back; what cannot be is refused with its reason, and the cell says what it said.
class TablePage : public QWidget {
    Q_OBJECT
public:
    struct Texts {
        QString name;    ///< of the objects: "pressTable", "pressAdd"
        QString section; ///< in the list of lists
        QString title;
        QString hint;
        QString another;
    };
    TablePage(const Texts& texts, QWidget* parent);
    void open(std::unique_ptr<ListModel> list);
    QUndoStack& undoStack() { return m_undo; }

signals:
    void changed();
    void trouble(const QString& text); ///< empty: what was wrong is put right

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    friend class ListEdit;
    void fill();
    void fillRow(int row);
    void take(QTableWidgetItem* item);
    void add();
    void removeAt(int row);
    /// What was done is already so; it is noted so that it can be undone.
    void note(const QString& text, std::any before);
    void standAt(int row, int column);

    std::unique_ptr<ListModel> m_list;
    QUndoStack m_undo;
    QTableWidget* m_table;
};

} // namespace arbor::ui
