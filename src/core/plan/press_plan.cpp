#include "core/plan/press_plan.h"

#include "core/force/gauge.h"
#include "core/plan/strip_plan.h"

#include <algorithm>

namespace arbor::plan {

namespace {

constexpr int kPoints = 100;
constexpr double kGaugeReadable = 0.02; // of full scale: about one graduation of a shop gauge

/// Out, the first movement takes the most; from then on the force goes with what is still engaged, by the clean figure
/// at the least and by the stuck one at the most.
trace::Expected expectOut(const PressInput& in) {
    trace::Expected out;
    out.homeTravel_mm = in.travel_mm;
    out.holds = false;
    const double whole = in.engaged_mm(0);
    for (int i = 0; i <= kPoints; ++i) {
        const double gone = in.travel_mm * i / kPoints, share = whole > 0 ? in.engaged_mm(gone) / whole : 0;
        const Range slide = Range{in.clean_N.least, in.clean_N.likely, in.first_N->most} * share;
        out.points.push_back({gone, i == 0 ? *in.first_N : slide});
    }
    return out;
}

/// Where what stops it would pass the holding load through the elements, the force ends with the slide.
void forbidHolding(PressPlan& out, const tooling::StackProof& proof) {
    if (!proof.stopAt_mm) return;
    out.expected.holds = false;
    out.expected.hold_N = out.expected.end_N;
    for (auto advice : proof.findings)
        if (advice.is<found::HoldThroughElements>() || advice.is<found::HoldThroughPart>()) {
            advice.severity = Severity::Stop;
            out.watch.push_back(advice);
        }
}

/// What the press can do of it, and what its gauge will show.
void readOnPress(PressPlan& out, const catalog::Press& press) {
    out.press = &press;
    auto& hold = out.expected.hold_N;
    if (out.expected.holds && hold.most > press.capacity_N) {
        out.watch.push_back({found::HoldLimited{hold.likely, press.capacity_N, press.name}, Severity::Check, "HB5"});
        hold = {std::min(hold.least, press.capacity_N), std::min(hold.likely, press.capacity_N), press.capacity_N};
    }
    const auto shown = [&](double force) { return force::gaugeReading(press, force); };
    if (const auto likely = shown(out.force_N.likely))
        out.gauge = Range{*shown(out.force_N.least), *likely, *shown(out.force_N.most)};
    if (out.expected.holds) out.gaugeHold = shown(hold.likely);
    out.energy_J = force::storedEnergy_J(out.force_N.most, press.stiffness_N_per_mm);
    if (out.gauge && out.force_N.likely < kGaugeReadable * press.capacity_N)
        out.watch.push_back(
            {found::GaugeTooCoarse{out.force_N.likely / press.capacity_N, press.name}, Severity::Check, "HB4.8"});
}

void watchOnTheWayIn(PressPlan& out, bool warmed) {
    const double home = out.expected.homeTravel_mm;
    out.watch.push_back({found::WatchCrookedStart{trace::kEarlyShare * home}, Severity::Check, "HB3.7"});
    if (warmed) out.watch.push_back({found::WatchGrip{}, Severity::Check, "HB4.11"});
    out.watch.push_back({found::WatchSawTeeth{}, Severity::Check, "HB4.14"});
    if (out.expected.holds)
        out.watch.push_back({found::WatchHome{home, out.expected.hold_N.likely}, Severity::Info, "HB4.14"});
}

} // namespace

PressPlan planPress(const PressInput& in) {
    PressPlan out;
    out.out = in.first_N.has_value();
    out.force_N = in.first_N.value_or(in.clean_N);
    out.expected = out.out ? expectOut(in)
                           : trace::expectTrace({in.travel_mm, in.engaged_mm(in.travel_mm), in.clean_N, in.engaged_mm});
    out.energy_J = force::storedEnergy_J(out.force_N.most, kFrameStiffness_N_per_mm);
    if (in.proof) forbidHolding(out, *in.proof);
    if (in.press) readOnPress(out, *in.press);
    if (!out.out) watchOnTheWayIn(out, in.warmed);
    return out;
}

} // namespace arbor::plan
