#pragma once

#include "ui/alarm/alarms.h"
#include "ui/bench/bench_scene.h"
#include "words/sheet.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace arbor::ui {

class BenchView;
class BigFigure;

/// What is read from two metres.
struct BigScene {
    QString job;  ///< its title
    QString step; ///< what is in hand
    words::Sheet sheet;
    BenchScene bench;
    QString entry; ///< the place that is read, and what is typed there; empty: nothing is
    bool moving = false;
    std::vector<Ticking> clocks;
};

/// The step in hand, large: the one or two numbers that matter now, its next action, its caution, every stop. It shows
/// what the job card shows and nothing of its own. While something moves, a key or a switch stops it or marks it; a
/// switch never confirms a stop, a check or a release.
class BigView : public QWidget {
    Q_OBJECT
public:
    explicit BigView(QWidget* parent = nullptr);
    void show(const BigScene& scene);
    void setFootKey(int key) { m_footKey = key; } ///< of the switch, beside the space bar; 0: none
    const BigScene& scene() const { return m_scene; }
    static constexpr int kTouch = 64; ///< least height of what is touched

signals:
    void trodden();               ///< on the switch, or the space bar
    void confirmed();             ///< Enter, or the large button: somebody looked
    void marked();                ///< while it moves
    void typed(QKeyEvent* event); ///< for the page behind: digits and arrows
    void stepped(int by);         ///< along the route
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    QLabel* addText(const char* name, QLabel* made = nullptr);
    QPushButton* addButton(const char* name, const QString& text);
    void layOut();
    void showStops();
    void showClocks();
    void fitTexts(); ///< by the height there is
    void style();

    BigScene m_scene;
    int m_footKey = 0;
    QLabel *m_job, *m_step, *m_clocks, *m_stops, *m_title, *m_verdict, *m_entry, *m_caution, *m_hint;
    BigFigure* m_figures[2];
    BenchView* m_bench;
    QPushButton *m_action, *m_mark, *m_before, *m_next, *m_leave;
};

} // namespace arbor::ui
