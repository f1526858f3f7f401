#pragma once

#include "ui/stations/station_page.h"

namespace arbor::ui {

class BenchView;
class ClearanceSteps;
class EntrySheet;
class ZoneDrawing;

/// Sizes on a sheet beside the live section; tolerance zones and clearance in the strip.
class FitPage : public StationPage {
    Q_OBJECT
public:
    explicit FitPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;

private:
    void buildSheet();
    void addStaticRating();
    void buildHousingLines();
    void buildWorkLines();
    void showSection();
    void showCharts();

    JobSession* m_session = nullptr;
    EntrySheet* m_sheet;
    BenchView* m_bench;
    ZoneDrawing* m_zones;
    ClearanceSteps* m_steps;
};

} // namespace arbor::ui
