#include "core/plan/plan.h"

#include "core/plan/seat_sides.h"
#include "core/plan/station_marks.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;
using job::Station;

Result<void> checkTemperatures(const job::WorkTemperatures& t) {
    for (const auto& [place, value] : {std::pair{"temperatures/inner_ring_degC", t.innerRing_C},
                                       {"temperatures/outer_ring_degC", t.outerRing_C},
                                       {"temperatures/housing_degC", t.housing_C},
                                       {"temperatures/shaft_degC", t.shaft_C}})
        if (!(value >= -100 && value <= 250))
            return refuse(ProblemCode::OutOfRange, place, plain(value), "-100 to 250 degC");
    return {};
}

/// What is known of each bearing, before it is reckoned with.
Result<void> checkBearings(const arrangement::Assembly& a, const tables::Library& lib) {
    for (const auto& part : a.parts) {
        if (!part.catalogue) continue;
        const auto& bearing = *catalog::findBearing(lib.bearings, part.catalogue->designation);
        const auto& typed = part.catalogue->facts.staticRating_N;
        const auto place = "arrangement/parts/" + part.id + "/bearing/static_rating_N";
        if (typed && !(*typed > 0)) return refuse(ProblemCode::NotPositive, place, plain(*typed), "> 0");
        if (auto rating = catalog::staticRating(lib.bearingTables, bearing, typed); !rating)
            return tl::unexpected(at(rating.error(), place));
    }
    return {};
}

/// Every seat's, so that each station says the same temperature of it.
void planHeats(Plan& plan, const Job& job, const tables::Library& lib) {
    const auto& seats = plan.fits->seats;
    plan.heats.resize(seats.size());
    for (std::size_t i = 0; i < seats.size(); ++i) {
        if (!seats[i].fit) continue;
        auto heat = planHeat(job, plan, lib, i);
        if (heat)
            plan.heats[i] = std::move(*heat);
        else if (!plan.problem)
            plan.problem = heat.error();
    }
}

Result<void> fillStations(Plan& plan, const Job& job, const tables::Library& lib, const Asked& asked) {
    plan.strip = planStrip(job, lib);
    if (auto ok = knowMaterials(job.arrangement.assembly, lib.materials); !ok) return ok;
    if (!plan.strip.faults.empty()) {
        const auto& fault = plan.strip.faults.front();
        return tl::unexpected(at(fault, "arrangement/" + fault.field));
    }
    if (auto ok = checkTemperatures(job.temperatures); !ok) return ok;
    if (auto ok = checkBearings(plan.strip.assembly, lib); !ok) return ok;
    auto fits = planFit(job, lib, plan.strip);
    if (!fits) return tl::unexpected(fits.error());
    plan.fits = std::move(*fits);
    takeForces(plan.strip, *plan.fits);
    plan.press = lib.rack.press(job.press);
    if (!plan.press) plan.problem = Problem{ProblemCode::UnknownName, "press", job.press, "a press of the rack"};
    planHeats(plan, job, lib);
    planSteps(plan, job, lib, asked);
    return {};
}

} // namespace

const StepPlan* Plan::now() const {
    return inHand < steps.size() ? &steps[inHand] : nullptr;
}

const StepPlan* Plan::step(const job::StepKey& key) const {
    const auto found = std::find_if(steps.begin(), steps.end(), [&](const StepPlan& s) { return s.step.id == key; });
    return found == steps.end() ? nullptr : &*found;
}

const HeatPlan* Plan::heat() const {
    return now() ? heatOf(now()->step, *this) : nullptr;
}

const SeatPlan* Plan::seat() const {
    if (!fits) return nullptr;
    if (now() && now()->step.seat) return &fits->seats[*now()->step.seat];
    const auto known = std::find_if(fits->seats.begin(), fits->seats.end(), [](const SeatPlan& s) { return s.fit; });
    return known == fits->seats.end() ? nullptr : &*known;
}

job::Station Plan::next(const std::set<Station>& done) const {
    for (const auto station : job::kStations) {
        const auto mark = marks.at(station);
        if (mark == Mark::Stop || (!done.contains(station) && mark != Mark::NotNeeded)) return station;
    }
    return Station::Close;
}

namespace {

/// The list of fasteners, the run-in and the release; nothing of it is asked for where nothing was begun.
AdviceList closingOf(const job::Closing& closing) {
    AdviceList out;
    for (const auto& fastener : closing.fasteners)
        for (const auto& advice : closing::judge(fastener))
            out.push_back(advice);
    const auto run = closing::judge(closing.runIn);
    const auto say = [&](Finding id, Severity severity, double limit) {
        out.push_back({id, severity, run.rise_K, limit, {}, "HB3.11"});
    };
    using V = closing::RunInVerdict;
    if (run.verdict == V::TooHot) say(Finding::RunInHot, Severity::Stop, closing.runIn.allowed_K);
    if (run.verdict == V::Rising) say(Finding::RunInRising, Severity::Look, std::max(0.0, run.perHour_K));
    if (run.verdict == V::Settled) say(Finding::RunInSettled, Severity::Info, 0);
    if (closing.releasedBy.empty()) out.push_back({Finding::NotReleased, Severity::Info, 0, 0, {}, {}});
    return out;
}

} // namespace

Plan planJob(const Job& job, const tables::Library& library, const Asked& asked) {
    Plan plan;
    if (auto ok = fillStations(plan, job, library, asked); !ok) plan.problem = ok.error();
    plan.closing = closingOf(job.closing);
    auto adjusted = planAdjust(job, plan.strip, plan.fits ? &*plan.fits : nullptr, library);
    if (adjusted)
        plan.adjust = std::move(*adjusted);
    else if (!plan.problem)
        plan.problem = adjusted.error();
    plan.marks = marksOf(job, plan);
    return plan;
}

} // namespace arbor::plan
