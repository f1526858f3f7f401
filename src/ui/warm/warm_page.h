#pragma once

#include "device/line_client.h"
#include "ui/stations/station_page.h"

class QScrollArea;
class QTimer;

namespace arbor::ui {

class EntrySheet;
class GapChart;
class LimitBars;

/// Warm & chill: how long the gap stays open above; limits and what can be set below.
class WarmPage : public StationPage {
    Q_OBJECT
public:
    /// @param probe  the thermometer's line, whoever else listens to it
    explicit WarmPage(device::LineClient& probe, QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;
    Far far() const override;

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void buildSheet();
    void addSide(bool outer);
    void addRoom();
    void addThermometer();
    void hear(const QString& line);
    void showCourse();
    void startSoaking(bool outer);
    void startCarry();
    void putTogether();
    void changeOverrides(const QString& text, const std::function<void(job::HeatOverrides&)>& change);

    JobSession* m_session = nullptr;
    GapChart* m_chart;
    LimitBars* m_bars;
    QScrollArea* m_scroll;
    EntrySheet* m_sheet = nullptr;
    device::LineClient& m_probe; ///< the thermometer's line
    QTimer* m_second;
};

} // namespace arbor::ui
