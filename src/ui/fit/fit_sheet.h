#pragma once

#include "core/plan/plan.h"
#include "ui/session/job_session.h"
#include "ui/stations/entry_sheet.h"

namespace arbor::ui {

/// Bearing, both sides of one seat, sleeve and work, line by line.
class FitSheet : public EntrySheet {
    Q_OBJECT
public:
    using EntrySheet::EntrySheet;
    void open(JobSession* session);
    void choose(std::size_t seat);

private:
    void buildBearingLines();
    void addStaticRating();
    void addRaceway(const QString& name, const QString& label, std::optional<double> job::BearingChoice::*member);
    void buildSeatLines();
    void buildHousingLines();
    void buildSleeveLines();
    void buildShaftLine();
    void buildWorkLines();
    void buildTemperatureLines();
    void addSize(const QString& name, const QString& label, bool hole);
    void addMeasured(const QString& name, const QString& label, bool hole);
    Understood takeSize(const QString& typed, std::size_t seat, bool hole);

    const plan::SeatPlan* seat() const;
    const plan::SurfacePlan* side(bool hole) const;
    bool focused() const; ///< on the seat this job presses
    std::optional<job::SleeveChoice> sleeve() const;

    JobSession* m_session = nullptr;
    std::size_t m_seat = 0;
};

} // namespace arbor::ui
