#pragma once

#include "core/day/board.h"

#include <QColor>
#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The jobs of a day on a time axis against what they share: presses, ovens and freezers, people. A bar can be chosen
/// by keys and moved, by keys or drawn along, which fixes its start.
class DayChart : public QWidget {
    Q_OBJECT
public:
    explicit DayChart(QWidget* parent = nullptr);
    /// @param board  nothing is painted of one without a plan  @param now  minute of the day
    void show(const day::Board& board, day::Minute now);
    std::optional<std::size_t> chosen() const; ///< piece
    void choose(std::size_t piece);
    void showAll(); ///< of its first day
    /// The same on paper or wherever: as wide and high as the box.
    void paint(QPainter& painter, const QRectF& box);

    struct Bar {
        std::size_t row = 0;
        int lane = 0;
        day::Minute start = 0, end = 0;
        QString job, what;
        std::vector<std::size_t> pieces; ///< one; of a person those that follow each other in one job
    };
    const std::vector<Bar>& bars() const { return m_bars; }
    QRectF boxOf(const Bar& bar) const;

signals:
    void chosenChanged();
    void moved(std::size_t piece, int start); ///< drawn or pushed to that minute
    void freed(std::size_t piece);
    void opened(std::size_t piece);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;

private:
    struct Row {
        QString title, under;
        int lanes = 1;
    };
    void addRows();
    void addBar(std::size_t row, std::size_t piece);
    void addPeople();
    void layLanes();
    void speakAll();
    void step(int rows, int bars);
    void push(int minutes);
    void keepInSight();
    double x(double minute) const;
    double rowTop(std::size_t row) const;
    void paintAxis(QPainter& painter) const;
    void paintBar(QPainter& painter, const Bar& bar, bool chosen) const;
    void paintCarries(QPainter& painter) const;
    void paintNow(QPainter& painter) const;
    QColor toneOf(const QString& job, bool pale) const;

    day::Board m_board;
    day::Minute m_now = 0;
    std::vector<Row> m_rows;
    std::vector<Bar> m_bars;
    std::size_t m_chosen = 0;      ///< bar
    double m_from = 7 * 60;        ///< minute at the left edge
    double m_span = 8 * 60;        ///< in sight
    QSizeF m_size;                 ///< that is painted on
    std::optional<double> m_drawn; ///< x where the chosen bar was taken
    day::Minute m_drawnBy = 0;
};

} // namespace arbor::ui
