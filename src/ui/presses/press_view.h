#pragma once

#include "core/catalog/rack.h"

#include <QUndoStack>
#include <QWidget>
#include <vector>

class QTableWidget;
class QTableWidgetItem;

namespace arbor::ui {

/// The presses of this shop, hand presses and vices among them: a table that is typed over. Insert makes another one,
/// Delete takes one away, undo brings it back.
class PressView : public QWidget {
    Q_OBJECT
public:
    explicit PressView(QWidget* parent = nullptr);
    void open(std::vector<catalog::Press> presses);
    const std::vector<catalog::Press>& presses() const { return m_presses; }
    QUndoStack& undoStack() { return m_undo; }

signals:
    void left();
    void changed(const std::vector<catalog::Press>& presses); ///< all of them
    void trouble(const QString& text);                        ///< empty: what was wrong is put right

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    friend class PressEdit;
    void fill();
    void take(QTableWidgetItem* item);
    void add();
    void removeAt(int row);
    void edit(const QString& text, std::vector<catalog::Press> next);
    void put(std::vector<catalog::Press> presses);

    std::vector<catalog::Press> m_presses;
    QUndoStack m_undo;
    QTableWidget* m_table;
};

} // namespace arbor::ui
