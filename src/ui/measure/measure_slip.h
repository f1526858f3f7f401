#pragma once

#include "ui/session/job_session.h"
#include "ui/slip/slip_model.h"

#include <cstddef>
#include <optional>
#include <string>
#include <vector>

namespace arbor::ui {

/// What can be chosen at Measure: a surface of a seat, a spacer, the old bearing.
struct MeasureItem {
    enum class Kind { Surface, Spacer, OldBearing };
    Kind kind = Kind::OldBearing;
    std::size_t index = 0; ///< of the seat or spacer
    bool hole = true;
};
std::vector<MeasureItem> measureItems(const plan::FitPlan& fits);
QString itemTitle(const MeasureItem& item, const plan::FitPlan& fits);
measure::Verdict verdictOf(const MeasureItem& item, const plan::FitPlan& fits);

/// @param next  what the slip's action goes to; nothing: the next station
SlipModel measureSlip(const JobSession& session, const MeasureItem& item, const std::optional<MeasureItem>& next);

} // namespace arbor::ui
