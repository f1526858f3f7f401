#pragma once

#include "core/catalog/material.h"

#include <QWidget>
#include <string>
#include <vector>

class QTableWidget;
class QTableWidgetItem;

namespace arbor::ui {

/// The table of materials: those that ship, which stay as they are, and the shop's own with figures of its own. Insert
/// makes an own one like the row it stands on; Delete takes an own one away.
class MaterialView : public QWidget {
    Q_OBJECT
public:
    explicit MaterialView(QWidget* parent = nullptr);
    void open(catalog::Materials materials);
    const catalog::Materials& materials() const { return m_materials; }

signals:
    void left();
    void changed(const catalog::Materials& materials); ///< all of them
    void trouble(const QString& text);                 ///< empty: what was wrong is put right

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void fill();
    void take(QTableWidgetItem* item);
    void add();
    void removeAt(int row);
    int rowOf(const std::string& key) const;

    catalog::Materials m_materials;
    std::vector<std::string> m_keys; ///< by row: those that ship, then the own ones
    QTableWidget* m_table;
};

} // namespace arbor::ui
