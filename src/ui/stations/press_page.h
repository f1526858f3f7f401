#pragma once

#include "ui/stations/station_page.h"

class QLineEdit;
class QPushButton;

namespace arbor::ui {

class BenchView;
class ForceChart;

/// What the press should show: setup with stroke scale above, predicted band with a loaded trace below.
class PressPage : public StationPage {
    Q_OBJECT
public:
    explicit PressPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;

private:
    void loadTrace(const QString& file);
    void browse();

    JobSession* m_session = nullptr;
    BenchView* m_bench;
    ForceChart* m_chart;
    QLineEdit* m_traceFile;
    QPushButton* m_browse;
};

} // namespace arbor::ui
