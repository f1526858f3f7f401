#pragma once

#include "device/line_client.h"
#include "ui/stations/station_page.h"

class QListWidget;
class QStackedWidget;

namespace arbor::ui {

class BoreGrid;
class BoreMap;
class EntrySheet;
class OldBearingBoard;
class SeatClock;
class SurfaceSheet;

/// Size, form and condition of every seat, the spacers, and what the old bearing tells.
class MeasurePage : public StationPage {
    Q_OBJECT
public:
    /// @param gauge  the bore gauge's line, whoever else listens to it
    explicit MeasurePage(device::LineClient& gauge, QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    bool act() override;
    QWidget* firstFocus() override;
    void choose(std::size_t item);

private:
    void buildSpacerSheet();

    const words::MeasureItem* item() const;
    std::optional<std::size_t> nextOpen() const;
    const plan::SeatPlan* seat() const;
    const plan::SurfacePlan* surface() const;
    /// @param gauge  that sent it; empty: it was typed
    bool enterDiameter(double depth_mm, double direction_deg, const QString& typed,
                       const QString& gauge = {}); ///< false: refused
    void buildGaugeLine();
    void takeGaugeLine(const QString& line);
    void enterHeight(bool length, double angle_deg, const QString& typed);
    void changePlaces(int depthsBy, int directionsBy);
    void fillList();
    void showSurface();
    void showSpacer();

    JobSession* m_session = nullptr;
    std::vector<words::MeasureItem> m_items;
    std::size_t m_chosen = 0;
    int m_depths = 3;
    int m_directions = 4;
    QListWidget* m_list;
    QStackedWidget* m_sheets;
    EntrySheet* m_gaugeSheet;
    SurfaceSheet* m_surfaceSheet;
    device::LineClient& m_gauge;
    EntrySheet* m_spacerSheet;
    QStackedWidget* m_boards;
    BoreGrid* m_grid;
    BoreMap* m_map;
    SeatClock* m_lengths;
    SeatClock* m_lowerEnd;
    OldBearingBoard* m_old;
};

} // namespace arbor::ui
