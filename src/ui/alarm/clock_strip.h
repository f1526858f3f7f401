#pragma once

#include "ui/alarm/alarms.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The clocks that run, in the header of every screen: what, and how long still.
class ClockStrip : public QWidget {
    Q_OBJECT
public:
    struct Face {
        QString name;
        QString time;
        bool hot = false;
        bool soon = false; ///< its time is nearly up
        bool due = false;  ///< its time is up
    };
    explicit ClockStrip(QWidget* parent = nullptr);
    void show(const std::vector<Ticking>& clocks);
    const std::vector<Face>& faces() const { return m_faces; }
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Face> m_faces;
};

} // namespace arbor::ui
