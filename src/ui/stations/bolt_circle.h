#pragma once

#include "core/job/closing.h"

#include <QWidget>

namespace arbor::ui {

/// Bolts on their circle, each with its place in the order of tightening; a line leads from one to the next.
class BoltCircle : public QWidget {
    Q_OBJECT
public:
    BoltCircle(const job::Fastener& fastener, QWidget* parent);
    /// The bolt that comes n-th, both counted from 0, bolts clockwise from the top.
    const std::vector<int>& order() const { return m_order; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QPointF spot(int bolt) const;

    std::vector<int> m_order;
};

} // namespace arbor::ui
