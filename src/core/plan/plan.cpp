#include "core/plan/plan.h"

#include <algorithm>

namespace arbor::plan {

const StepPlan* Plan::now() const {
    return inHand < steps.size() ? &steps[inHand] : nullptr;
}

const StepPlan* Plan::step(const job::StepKey& key) const {
    const auto found = std::find_if(steps.begin(), steps.end(), [&](const StepPlan& s) { return s.step.id == key; });
    return found == steps.end() ? nullptr : &*found;
}

const HeatPlan* Plan::heat() const {
    return now() ? heatOf(now()->step, heats) : nullptr;
}

const SeatPlan* Plan::seat() const {
    if (!fits) return nullptr;
    if (now() && now()->step.seat) return &fits->seats[*now()->step.seat];
    const auto known = std::find_if(fits->seats.begin(), fits->seats.end(), [](const SeatPlan& s) { return s.fit; });
    return known == fits->seats.end() ? nullptr : &*known;
}

job::Station Plan::next(const std::set<job::Station>& done) const {
    for (const auto station : job::kStations) {
        const auto mark = marks.at(station);
        if (mark == Mark::Stop || (!done.contains(station) && mark != Mark::NotNeeded)) return station;
    }
    return job::Station::Close;
}

} // namespace arbor::plan
