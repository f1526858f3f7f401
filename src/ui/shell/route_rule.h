#pragma once

#include "core/plan/job_route.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The job's own order of work, drawn like the graduations of a steel rule: stations and pressed steps, each with its
/// live line and a mark.
class RouteRule : public QWidget {
    Q_OBJECT
public:
    struct Stop {
        plan::Place place;
        QString way; ///< "in" or "out"; empty: no step
        QString title;
        QString line;
        plan::Mark mark;
    };
    explicit RouteRule(QWidget* parent = nullptr);
    void show(std::vector<Stop> stops, std::size_t current);
    QRect boxOf(std::size_t stop) const;
    const std::vector<Stop>& stops() const { return m_stops; }
    std::size_t current() const { return m_current; }

signals:
    void chosen(const arbor::plan::Place& place);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    int spacing() const;
    int boxHeight() const;
    void paintStop(QPainter& painter, std::size_t stop) const;
    void paintTitle(QPainter& painter, const QRect& text, const Stop& stop, bool current) const;
    std::vector<Stop> m_stops;
    std::size_t m_current = 0;
};

} // namespace arbor::ui
