#pragma once

#include "core/plan/plan.h"
#include "ui/session/job_session.h"
#include "ui/stations/entry_sheet.h"

#include <functional>

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
    void addRaceway(const QString& name, const QString& label,
                    std::optional<double> arrangement::BearingFacts::*member);
    void buildSeatLines();
    void buildHousingLines();
    void buildSleeveLines();
    void buildWorkLines();
    void buildTemperatureLines();
    void addSize(const QString& name, const QString& label, bool hole);
    void addMeasured(const QString& name, const QString& label, bool hole);
    Understood takeSize(const QString& typed, bool hole);
    Understood takeMeasured(const QString& typed, bool hole);
    Understood takeOutside(const QString& typed);
    Understood takeBearing(const QString& typed);

    const plan::SeatPlan* seat() const;
    const plan::SurfacePlan* side(bool hole) const;
    const plan::BearingPlan* bearing() const; ///< one of whose rings sits there; null: none does
    const catalog::Bearing* fromCatalogue() const;
    arrangement::BearingFacts facts() const; ///< of it
    void changeFacts(const QString& text, const std::function<void(arrangement::BearingFacts&)>& change);
    std::optional<job::SleeveChoice> sleeve() const;

    JobSession* m_session = nullptr;
    std::size_t m_seat = 0;
};

} // namespace arbor::ui
