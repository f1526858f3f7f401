#include "core/plan/plan_job.h"

#include "core/plan/gauges.h"
#include "core/plan/seat_sides.h"
#include "core/plan/station_marks.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using job::Job;

void append(Problems& to, Problems more) {
    to.insert(to.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
}

Problems wrongTemperatures(const job::WorkTemperatures& t) {
    Problems out;
    for (const auto& [place, value] : {std::pair{"temperatures/inner_ring_degC", t.innerRing_C},
                                       {"temperatures/outer_ring_degC", t.outerRing_C},
                                       {"temperatures/housing_degC", t.housing_C},
                                       {"temperatures/shaft_degC", t.shaft_C}})
        if (!(value >= -100 && value <= 250))
            out.push_back({ProblemCode::OutOfRange, place, plain(value), wanted("-100 to 250 degC")});
    return out;
}

/// What is known of each bearing, before it is reckoned with.
Problems wrongRatings(const arrangement::Assembly& a, const tables::Tables& lib) {
    Problems out;
    for (const auto& part : a.parts) {
        if (!part.catalogue) continue;
        const auto& bearing = *arrangement::bearingOf(*part.catalogue, lib.bearings);
        const auto& typed = part.catalogue->facts.staticRating_N;
        const auto place = "arrangement/parts/" + part.id + "/bearing/static_rating_N";
        if (typed && !(*typed > 0))
            out.push_back({ProblemCode::NotPositive, place, plain(*typed), wanted("> 0")});
        else if (auto rating = catalog::staticRating(lib.bearingTables, bearing, typed); !rating)
            out.push_back(at(rating.error(), place));
    }
    return out;
}

/// What has to be put right before any seat can be worked out.
Problems wrongWith(const Job& job, const StripPlan& strip, const tables::Tables& lib) {
    auto out = unknownMaterials(job.arrangement.assembly, lib.materials);
    for (const auto& fault : strip.faults)
        out.push_back(at(fault, "arrangement/" + fault.field));
    append(out, wrongTemperatures(job.temperatures));
    if (strip.faults.empty()) append(out, wrongRatings(strip.assembly, lib));
    return out;
}

/// Every seat's, so that each station says the same temperature of it.
void planHeats(Plan& plan, const Given& given) {
    for (std::size_t i = 0; i < given.fits.seats.size(); ++i) {
        plan.heats.emplace_back();
        if (!given.fits.seats[i].fit) continue;
        if (auto heat = planHeat(given, i))
            plan.heats[i] = std::move(*heat);
        else
            plan.problems.push_back(heat.error());
    }
}

void fillStations(Plan& plan, const Job& job, const tables::Tables& lib, const Asked& asked) {
    plan.strip = planStrip(job, lib);
    plan.problems = wrongWith(job, plan.strip, lib);
    if (!plan.problems.empty()) return;
    auto fits = planFit(job, lib, plan.strip);
    if (!fits) return append(plan.problems, std::move(fits.error()));
    plan.fits = std::move(*fits);
    takeForces(plan.strip, *plan.fits);
    plan.press = pressAtHand(job, lib.rack);
    if (!plan.press && job.means == job::Means::Press && !job.press.empty() &&
        !lib.rack.presses.empty()) // none at all is a shop that has nothing yet
        plan.problems.push_back({ProblemCode::UnknownName, "press", job.press, wanted("a press of the rack")});
    const Given given{job, lib, plan.strip, *plan.fits, plan.press};
    planHeats(plan, given);
    auto steps = planSteps(given, plan.heats, asked);
    plan.steps = std::move(steps.all);
    plan.inHand = steps.inHand;
    append(plan.problems, std::move(steps.problems));
}

bool renewsABearing(const job::Job& job) {
    const auto& parts = job.arrangement.assembly.parts;
    return std::any_of(parts.begin(), parts.end(), [&](const arrangement::Part& part) {
        return part.catalogue && !job.strip.stays.contains(part.id);
    });
}

/// The list of fasteners, the run-in and the release, and what killed the old bearing.
AdviceList closingOf(const job::Job& job, const tables::Tables& tables) {
    AdviceList out;
    const auto& closing = job.closing;
    if (renewsABearing(job) && closing.cause.empty())
        out.push_back({found::CauseUnknown{}, Severity::Check, "HB8"});
    else if (!closing.cause.empty() && closing.remedy.empty())
        out.push_back({found::CauseStays{closing.cause}, Severity::Check, "HB8"});
    for (const auto& fastener : closing.fasteners)
        for (const auto& advice : closing::judge(fastener))
            out.push_back(advice);
    const bool torqueRead = std::any_of(closing.fasteners.begin(), closing.fasteners.end(),
                                        [](const job::Fastener& f) { return f.read_Nm.has_value(); });
    if (torqueRead)
        for (auto& advice : sayOfGauge(closing.wrench, {catalog::GaugeKind::TorqueWrench}, tables))
            out.push_back(std::move(advice));
    const auto run = closing::judge(closing.runIn);
    const auto say = [&](auto kind, Severity severity) { out.push_back({kind, severity, "HB3.11"}); };
    using V = closing::RunInVerdict;
    if (run.verdict == V::TooHot) say(found::RunInHot{run.rise_K, closing.runIn.allowed_K}, Severity::Stop);
    if (run.verdict == V::Rising) say(found::RunInRising{run.rise_K, std::max(0.0, run.perHour_K)}, Severity::Check);
    if (run.verdict == V::Settled) say(found::RunInSettled{run.rise_K}, Severity::Info);
    if (closing.takenBack)
        out.push_back(
            {found::ReleaseTakenBack{std::string(job::name(job::Station::Close)), {}}, Severity::Stop, "HB8"});
    else if (closing.releasedBy.empty())
        out.push_back({found::NotReleased{}, Severity::Info});
    return out;
}

} // namespace

Plan planJob(const Job& job, const tables::Tables& tables, const Asked& asked) {
    Plan plan;
    fillStations(plan, job, tables, asked);
    plan.closing = closingOf(job, tables);
    auto adjusted = planAdjust(job, plan.strip, plan.fits ? &*plan.fits : nullptr, tables);
    if (adjusted)
        plan.adjust = std::move(*adjusted);
    else
        plan.problems.push_back(adjusted.error());
    // One room out of its range is wrong for every seat, and is said once.
    std::vector<std::string> said;
    std::erase_if(plan.problems, [&](const Problem& p) {
        if (std::find(said.begin(), said.end(), p.field) != said.end()) return true;
        said.push_back(p.field);
        return false;
    });
    plan.marks = marksOf(job, plan);
    return plan;
}

} // namespace arbor::plan
