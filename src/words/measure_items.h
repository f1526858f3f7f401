#pragma once

#include "core/plan/fit_plan.h"

#include <cstddef>
#include <string>
#include <vector>

namespace arbor::words {

/// What can be chosen at Measure: a surface of a seat, a spacer, the old bearing.
struct MeasureItem {
    enum class Kind { Surface, Spacer, OldBearing };
    Kind kind = Kind::OldBearing;
    std::size_t index = 0; ///< of the seat or spacer
    bool hole = true;
};
std::vector<MeasureItem> measureItems(const plan::FitPlan& fits);
std::string itemTitle(const MeasureItem& item, const plan::FitPlan& fits);
std::string itemKey(const MeasureItem& item, const plan::FitPlan& fits); ///< "housing+bearing/hole", "spacer"
measure::Verdict verdictOf(const MeasureItem& item, const plan::FitPlan& fits);

} // namespace arbor::words
