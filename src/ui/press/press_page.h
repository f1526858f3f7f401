#pragma once

#include "ui/stations/station_page.h"

class QLineEdit;
class QLabel;
class QPlainTextEdit;
class QPushButton;

namespace arbor::ui {

class BenchView;
class ForceChart;
class LivePress;

/// What the press should show: setup with stroke scale above, predicted band below, and over it a loaded trace or the
/// press as it runs.
class PressPage : public StationPage {
    Q_OBJECT
public:
    explicit PressPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;
    LivePress& live() { return *m_live; }

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QLayout* buildFileLine();
    QLayout* buildLiveLine();
    void showLive();
    void showLineState();
    void loadTrace(const QString& file);
    void browse();

    JobSession* m_session = nullptr;
    BenchView* m_bench;
    ForceChart* m_chart;
    QLineEdit* m_traceFile;
    QPushButton* m_browse;
    LivePress* m_live;
    QLineEdit* m_line;
    QLabel* m_lineState;
    QPlainTextEdit* m_raw;
    bool m_sound = false;
};

} // namespace arbor::ui
