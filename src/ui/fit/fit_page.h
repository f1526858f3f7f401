#pragma once

#include "ui/stations/station_page.h"

class QBoxLayout;
class QListWidget;
class QPushButton;
class QScrollArea;
class QStackedWidget;

namespace arbor::ui {

class BenchView;
class ClearanceSteps;
class FitSheet;
class WhatIf;
class ZoneDrawing;

/// Every seat in a list; sizes of the chosen one on a sheet beside the live section; in the strip its tolerance zones
/// and the clearance, or what other classes would give. Where they have no room beside each other: below each other.
class FitPage : public StationPage {
    Q_OBJECT
public:
    explicit FitPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    bool act() override;
    QWidget* firstFocus() override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void build();
    QWidget* buildStrip();
    void arrange();
    void choose(std::size_t seat);
    void fillList();
    void showSection();
    void showZones();
    void showSteps();
    void showWhatIf();

    JobSession* m_session = nullptr;
    std::size_t m_seat = 0;
    bool m_chosen = false; ///< by the user; until then the seat in hand
    QListWidget* m_list;
    FitSheet* m_sheet;
    QScrollArea* m_sheetScroll;
    QScrollArea* m_all; ///< what stands below each other in a narrow window
    QBoxLayout *m_upper, *m_charts;
    BenchView* m_bench;
    QStackedWidget* m_strip;
    QPushButton* m_whatIfButton;
    ZoneDrawing* m_zones;
    ClearanceSteps* m_steps;
    WhatIf* m_whatIf;
};

} // namespace arbor::ui
