#pragma once

#include "core/measure/old_bearing.h"

#include <QWidget>
#include <set>

namespace arbor::ui {

/// Draws what a sign looks like on a ring unrolled flat, or on the ring's outside.
void paintSign(QPainter& painter, const QRectF& box, measure::Sign sign);

/// Drawn pictures of what an old bearing shows: arrows go from one to the next, Space says that it is seen.
class OldBearingBoard : public QWidget {
    Q_OBJECT
public:
    explicit OldBearingBoard(QWidget* parent = nullptr);
    void show(const std::set<measure::Sign>& seen);
    measure::Sign current() const { return measure::kSigns[m_current]; }

signals:
    void toggled(measure::Sign sign);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    QString spokenNow() const; ///< the picture one stands at
    void changed();            ///< repaints, and tells a screen reader where it stands
    std::size_t columns() const;
    QRectF tile(std::size_t index) const;
    void paintTile(QPainter& painter, std::size_t index) const;

    std::set<measure::Sign> m_seen;
    std::size_t m_current = 0;
};

} // namespace arbor::ui
