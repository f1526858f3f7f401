#pragma once

#include "core/plan/plan.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The stations in working order, drawn like the graduations of a steel rule; each with its live line and a mark.
class RouteRule : public QWidget {
    Q_OBJECT
public:
    struct Stop {
        job::Station station;
        QString title;
        QString line;
        plan::Mark mark;
    };
    explicit RouteRule(QWidget* parent = nullptr);
    void show(std::vector<Stop> stops, job::Station current);
    QRect boxOf(job::Station station) const;

signals:
    void chosen(job::Station station);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int spacing() const;
    void paintStop(QPainter& painter, const Stop& stop) const;
    std::vector<Stop> m_stops;
    job::Station m_current = job::Station::Fit;
};

} // namespace arbor::ui
