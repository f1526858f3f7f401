#pragma once

#include "core/plan/plan.h"
#include "ui/session/job_session.h"
#include "ui/stations/entry_sheet.h"

#include <functional>

namespace arbor::ui {

/// Gauge, condition and verdict of one surface, line by line.
class SurfaceSheet : public EntrySheet {
    Q_OBJECT
public:
    using EntrySheet::EntrySheet;
    void open(JobSession* session);
    void choose(std::size_t seat, bool hole);

    const job::SurfaceCard& card() const; ///< of the surface chosen; an empty one where nothing was entered
    void editCard(const QString& text, const std::function<void(job::SurfaceCard&)>& change);

private:
    void buildGaugeLines();
    void buildConditionLines();
    void buildFinishLines();
    void buildShoulderLines();
    void buildVerdictLines();
    void addCupStand();
    void addYesNo(const QString& name, const QString& label, bool measure::Condition::*mark);
    void addGroove(const QString& name, const QString& label, measure::GrooveState measure::Condition::*state);
    void addTemperature(const QString& name, const QString& label, double measure::GaugeState::*member);
    const plan::SeatPlan* seat() const;
    const plan::SurfacePlan* surface() const;

    JobSession* m_session = nullptr;
    std::size_t m_seat = 0;
    bool m_hole = true;
};

} // namespace arbor::ui
