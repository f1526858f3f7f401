#pragma once

#include "ui/slip/slip_item.h"

#include <QWidget>
#include <vector>

class QVBoxLayout;

namespace arbor::ui {

/// A sheet's title, figures, lists and notes from top to bottom, each an item of its own.
class SlipBody : public QWidget {
public:
    explicit SlipBody(QWidget* parent);
    void show(const words::Sheet& sheet);
    QString text() const; ///< all that stands on it, a line each

private:
    void put(const QString& spoken, SlipItem::LayOut layOut);
    void gap(int pixels); ///< under the item that was put last

    std::vector<SlipItem*> m_items; ///< kept for the next sheet
    std::size_t m_used = 0;
    QVBoxLayout* m_layout;
};

} // namespace arbor::ui
