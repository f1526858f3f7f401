#include "io/results/plan_json.h"

#include "core/base/units.h"
#include "core/job/names.h"
#include "io/results/adjust_json.h"
#include "io/results/fit_json.h"
#include "io/results/heat_json.h"
#include "io/results/result_json.h"
#include "io/results/step_json.h"
#include "io/results/strip_json.h"
#include "io/results/tools_json.h"
#include "words/strip_words.h"

#include <algorithm>
#include <nlohmann/json.hpp>

namespace arbor::io {

namespace {

using json = nlohmann::ordered_json;

json toolsJson(const plan::Plan& plan, const words::Display& d) {
    const auto* step = plan.now();
    if (!step || !step->setup()) return nullptr;
    auto out = toolPlanJson(*step->setup(), d);
    out["static_load_axial_N"] = step->step.load.staticAxial_N;
    out["static_load_is_estimate"] = step->step.load.staticIsEstimate;
    return out;
}

json pressJson(const plan::Plan& plan, const words::Display& d) {
    if (!plan.now() || !plan.now()->press) return nullptr;
    const auto& p = *plan.now()->press;
    json out{{"home_travel_mm", p.expected.homeTravel_mm},
             {"end_force_N", rangeJson(p.expected.end_N)},
             {"hold_force_N", p.expected.holds ? rangeJson(p.expected.hold_N) : json()},
             {"stored_energy_J", p.energy_J}};
    if (p.gauge)
        out["gauge"] = {{"unit", words::Display().gauge(0, p.press->gaugeUnit).unit},
                        {"end_likely", p.gauge->likely},
                        {"end_most", p.gauge->most},
                        {"hold", orNull(p.gaugeHold)}};
    out["watch"] = adviceJson(p.watch, d);
    auto band = json::array();
    for (std::size_t i = 0; i < p.expected.points.size(); i += 10)
        band.push_back(
            {{"travel_mm", p.expected.points[i].travel_mm}, {"force_N", rangeJson(p.expected.points[i].force_N)}});
    out["band"] = band;
    if (plan.now()->trace) out["trace"] = traceJson(*plan.now()->trace, d);
    return out;
}

/// With the rings pressed besides, as far as they were read.
json seatJson(const plan::Plan& plan, const words::Display& d) {
    if (!plan.now() || !plan.now()->ring) return nullptr;
    auto out = seatingJson(plan.now()->ring->seating, d);
    out["rings"] = json::array();
    for (const auto& step : plan.steps) {
        if (&step == plan.now() || !step.ring || !step.ring->read()) continue;
        auto one = seatingJson(step.ring->seating, d);
        one["outer"] = step.step.id.seat.first;
        one["inner"] = step.step.id.seat.second;
        out["rings"].push_back(std::move(one));
    }
    return out;
}

json closeJson(const job::Job& job) {
    if (!job.record) return nullptr;
    return {{"who", job.record->who},
            {"when", job.record->when},
            {"verdict", job.record->verdict},
            {"notes", job.record->notes}};
}

json intakeJson(const job::Intake& intake) {
    json out{{"complaint", intake.complaint}, {"checks", json::object()}, {"photos", intake.photos}};
    for (const auto& [check, found] : intake.checks)
        out["checks"][words::check(check).title] = found == job::Found::Bad ? "bad" : "fine";
    if (intake.bothSides) out["both_sides"] = *intake.bothSides;
    return out;
}

json stationJson(job::Station station, const job::Job& job, const plan::Plan& plan, const words::Display& d) {
    switch (station) {
    case job::Station::Intake:
        return intakeJson(job.intake);
    case job::Station::Strip:
        return plan.strip.sound() ? json(stripJson(plan.strip, d, true)) : json();
    case job::Station::Measure:
        return plan.fits ? measureJson(*plan.fits, job.measured, d) : json();
    case job::Station::Fit:
        return plan.fits ? fitJson(plan, d) : json();
    case job::Station::Tooling:
        return toolsJson(plan, d);
    case job::Station::Warm:
        return plan.heat() ? heatPlanJson(*plan.heat(), d) : json();
    case job::Station::Press:
        return pressJson(plan, d);
    case job::Station::Seat:
        return seatJson(plan, d);
    case job::Station::Adjust:
        return plan.adjust ? adjustPlanJson(*plan.adjust, d) : json();
    case job::Station::Close:
        return closeJson(job);
    }
    return nullptr;
}

} // namespace

std::string planJson(const job::Job& job, const plan::Plan& plan, const std::vector<job::Station>& stations,
                     const json& steps) {
    const words::Display display(job.units);
    json out{{"job", job.id}, {"title", job.title}};
    for (const auto station : job::kStations) {
        if (!stations.empty() && std::find(stations.begin(), stations.end(), station) == stations.end()) continue;
        auto part = stationJson(station, job, plan, display);
        if (part.is_object()) part["mark"] = words::markWord(plan.marks.at(station));
        out[std::string(job::name(station))] = part;
    }
    if (!steps.is_null()) out["steps"] = steps;
    return out.dump(2);
}

} // namespace arbor::io
