#pragma once

#include "ui/stations/station_page.h"

class QLineEdit;
class QLabel;
class QComboBox;
class QPlainTextEdit;
class QPushButton;
class QStackedWidget;

namespace arbor::ui {

class BenchView;
class ForceChart;
class ManualSheet;
class LivePress;

/// What the press should show: setup with stroke scale above, predicted band below, and over it a loaded trace or the
/// press as it runs, or what was read by hand.
class PressPage : public StationPage {
    Q_OBJECT
public:
    explicit PressPage(device::LineClient& line, QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;
    Far far() const override;
    void mark() override;
    LivePress& live() { return *m_live; }

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QLayout* buildMeans();
    QWidget* buildFileLine();
    QWidget* buildLiveLine();
    void chooseMeans(int means);
    void showLive();
    Result<void> start();
    bool isLive() const; ///< the slip is about the transducer
    void showLineState();
    void showBench();
    void followOnBench(); ///< the section goes as far as the press has gone
    void loadTrace(const QString& file);
    void browse();

    JobSession* m_session = nullptr;
    std::optional<job::StepKey> m_shown; ///< step whose means are shown
    BenchView* m_bench;
    ForceChart* m_chart;
    QComboBox* m_means;
    QStackedWidget* m_lines;
    ManualSheet* m_hand;
    QLineEdit* m_traceFile;
    QPushButton* m_browse;
    LivePress* m_live;
    QLineEdit* m_line;
    QLabel* m_lineState;
    QPlainTextEdit* m_raw;
    std::optional<double> m_gone; ///< share of the travel the bench shows, while a press runs
};

} // namespace arbor::ui
