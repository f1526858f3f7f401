#pragma once

#include "practice/drill.h"
#include "words/display.h"

#include <QElapsedTimer>
#include <QWidget>

class QLabel;
class QPushButton;
class QSettings;
class QTimer;

namespace arbor::ui {

class ForceChart;
class Slip;

/// A press with hidden faults: the ram is worked with the keys, home or what is wrong is called, and afterwards it is
/// told what the trace showed. The score is kept in the settings.
class PracticeView : public QWidget {
    Q_OBJECT
public:
    /// @param settings  must outlive the view
    explicit PracticeView(QSettings& settings, QWidget* parent = nullptr);

    void open(const words::Display& display); ///< goes on with the ring that stands there
    void close();                             ///< the ram rests
    void begin(const practice::Exercise& exercise, unsigned seed);
    void run(double seconds); ///< the ram goes on by that time
    const practice::Drill& drill() const { return *m_drill; }
    const practice::Score& score() const { return m_score; }
    Slip* slip() { return m_slip; }

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;
    void keyReleaseEvent(QKeyEvent*) override;
    void focusOutEvent(QFocusEvent*) override;

private:
    QLayout* buildCalls();
    void next();
    void act();
    void push(bool on);
    void call(trace::Verdict verdict);
    void tick();
    void refresh();
    void readScore();
    void writeScore();

    QSettings& m_settings;
    std::mt19937 m_hand;
    std::unique_ptr<practice::Drill> m_drill;
    practice::Score m_score;
    words::Display m_display;
    QLabel* m_title;
    QLabel* m_told;
    ForceChart* m_chart;
    Slip* m_slip;
    std::vector<QPushButton*> m_calls; ///< in the order of kCalls
    QTimer* m_timer;
    QElapsedTimer m_sinceTick;
    int m_ticks = 0;
};

} // namespace arbor::ui
