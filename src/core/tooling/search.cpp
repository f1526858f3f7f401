#include "core/tooling/search.h"

#include <algorithm>
#include <cmath>

namespace arbor::tooling {

namespace {

using catalog::Tool;
using catalog::ToolKind;

constexpr double kStrokeReserve = 0.1;   // of the stroke: sizes on the bench are never quite the drawing's
constexpr std::size_t kStacksTried = 12; // best drivers that get a whole stack before giving up

/// How far a rejected tool's tube is from the free face of the ring it should push: the nearest miss comes first.
double miss(const Tool& tool, const catalog::Bearing& bearing) {
    return std::abs(tool.outsideDia_mm - bearing.outerFaceOuterDia_mm()) +
           std::abs(tool.boreDia_mm - bearing.outerFaceInnerDia_mm());
}

double driverScore(const Candidate& c) {
    // Covering the face matters most; a wide berth to the seal and few loose pieces decide between good ones.
    return c.check.coverage + 0.05 * std::clamp(c.check.sealGap_mm, 0.0, 2.0) -
           0.15 * static_cast<double>(c.spacers.size()) - 0.0005 * c.tool->length_mm -
           (c.verdict() == Severity::Look ? 0.5 : 0.0);
}

std::vector<const Tool*> ofKind(const catalog::Rack& rack, ToolKind kind) {
    std::vector<const Tool*> out;
    for (const auto& tool : rack.tools)
        if (tool.kind == kind) out.push_back(&tool);
    return out;
}

bool endsInsideBoreOnly(const DriverCheck& check) {
    return std::all_of(
               check.findings.begin(), check.findings.end(),
               [](const Advice& a) { return a.severity < Severity::Stop || a.id == Finding::EndsInsideBore; }) &&
           check.stopsShort_mm > 0;
}

/// The shortest spacer that lets a driver which ends inside the bore reach home.
void lengthen(Candidate& candidate, const DriverBench& bench, const std::vector<const Tool*>& spacers) {
    for (const auto* spacer : spacers) {
        if (spacer->length_mm < candidate.check.stopsShort_mm) continue;
        auto longer = bench.check(*candidate.tool, {spacer});
        if (worst(longer.findings) == Severity::Stop) continue;
        longer.findings.push_back({Finding::NeedsSpacer, Severity::Info, spacer->length_mm, 0, spacer->id, {}});
        candidate.check = std::move(longer);
        candidate.spacers = {spacer};
        return;
    }
}

template <class List>
void bestFirst(List& list) {
    std::stable_sort(list.begin(), list.end(), [](const auto& a, const auto& b) {
        return a.usable() != b.usable() ? a.usable() : a.score > b.score;
    });
}

std::vector<Candidate> judgeDrivers(const DriverBench& bench, const catalog::Bearing& bearing,
                                    const catalog::Rack& rack, const std::vector<const Tool*>& spacers,
                                    const Tool* wished) {
    std::vector<Candidate> out;
    for (const auto& tool : rack.tools) {
        const bool driver = tool.kind == ToolKind::Sleeve || tool.kind == ToolKind::Disc;
        if (!driver && &tool != wished) continue;
        Candidate candidate{&tool, {}, bench.check(tool)};
        if (endsInsideBoreOnly(candidate.check)) lengthen(candidate, bench, spacers);
        candidate.score = candidate.usable() ? driverScore(candidate) : -miss(tool, bearing);
        out.push_back(std::move(candidate));
    }
    bestFirst(out);
    return out;
}

std::vector<SupportCandidate> judgeSupports(const arrangement::HousedBearing& a, const catalog::Rack& rack,
                                            const Wishes& wishes, const LoadCase& load) {
    std::vector<SupportCandidate> out;
    const auto judge = [&](const Tool* tool) {
        SupportCandidate s{tool, checkSupport(a, *wishes.press, tool, load)};
        // Every support that passed is strong enough: then close under the bore is stiffest, low is steady, none is
        // simplest.
        const double overhang = std::abs(s.check.innerDia_mm - a.housing.shoulderBoreDia_mm);
        s.score = -overhang / 20 - (tool ? tool->length_mm / 25 : 0);
        out.push_back(std::move(s));
    };
    judge(nullptr);
    for (const auto& tool : rack.tools)
        if (tool.kind == ToolKind::Support || &tool == wishes.support) judge(&tool);
    bestFirst(out);
    return out;
}

/// The notch that takes a stack of this height in one stroke with the least ram travel wasted.
std::optional<std::size_t> bestNotch(const catalog::Press& press, double stack_mm, double homeTravel_mm) {
    std::optional<std::size_t> best;
    double least = INFINITY;
    for (std::size_t notch = 0; notch < press.notchDaylight_mm.size(); ++notch) {
        const auto fit = stackFit(stack_mm, press, notch, homeTravel_mm);
        if (fit.fits() && fit.strokeUsed_mm < least) {
            least = fit.strokeUsed_mm;
            best = notch;
        }
    }
    return best;
}

/// Puts the stack on the best notch; when the ram would not reach, tries one more spacer, shortest first.
bool placeOnPress(const arrangement::HousedBearing& a, SetupChoice& choice, const std::vector<const Tool*>& spacers,
                  const LoadCase& load) {
    const double stack = buildSetup(a, choice, 0).ramFaceZ_mm();
    const auto proven = [&](double added_mm) {
        const auto notch = bestNotch(*choice.press, stack + added_mm, a.homeTravel_mm());
        choice.notch = notch.value_or(choice.notch);
        return notch && worst(proveSetup(a, choice, load).findings) < Severity::Stop;
    };
    if (bestNotch(*choice.press, stack, a.homeTravel_mm())) return proven(0);
    if (choice.spacers.size() >= 2) return false;
    // First a spacer that leaves some stroke in reserve, then any that reaches.
    std::optional<SetupChoice> reaching;
    for (const double reserve_mm : {kStrokeReserve * choice.press->stroke_mm, 0.0}) {
        std::size_t tried = 0;
        for (const auto* spacer : spacers) {
            const bool reaches =
                bestNotch(*choice.press, stack + spacer->length_mm, a.homeTravel_mm() + reserve_mm).has_value();
            const bool taken = std::find(choice.spacers.begin(), choice.spacers.end(), spacer) != choice.spacers.end();
            if (!reaches || taken || ++tried > kStacksTried) continue;
            choice.spacers.push_back(spacer);
            if (proven(spacer->length_mm)) return true;
            reaching = reaching.value_or(choice);
            choice.spacers.pop_back();
        }
    }
    choice =
        reaching.value_or(choice); // not proven, but at least the ram reaches: what is left to say is about the tools
    return false;
}

/// A notch for a stack that fits nowhere, so that it can still be drawn and judged: the least daylight that takes it.
std::size_t anyNotch(const arrangement::HousedBearing& a, const SetupChoice& choice) {
    const double stack = buildSetup(a, choice, 0).ramFaceZ_mm();
    if (const auto fitting = bestNotch(*choice.press, stack, a.homeTravel_mm())) return *fitting;
    const auto& daylight = choice.press->notchDaylight_mm;
    std::size_t best = 0;
    for (std::size_t i = 0; i < daylight.size(); ++i) {
        const bool takes = daylight[i] >= stack, bestTakes = daylight[best] >= stack;
        if (takes != bestTakes ? takes : (takes ? daylight[i] < daylight[best] : daylight[i] > daylight[best]))
            best = i;
    }
    return best;
}

} // namespace

ToolPlan chooseTools(const arrangement::HousedBearing& a, const catalog::Rack& rack, const Wishes& wishes,
                     const LoadCase& load) {
    auto spacers = ofKind(rack, ToolKind::Spacer);
    std::stable_sort(spacers.begin(), spacers.end(),
                     [](const Tool* x, const Tool* y) { return x->length_mm < y->length_mm; });
    const DriverBench bench(a, load, wishes.press->ramFootDia_mm);
    ToolPlan plan;
    plan.drivers = judgeDrivers(bench, a.bearing, rack, spacers, wishes.driver);
    plan.supports = judgeSupports(a, rack, wishes, load);
    plan.overridden = wishes.driver || wishes.support;

    const auto* support = wishes.support ? wishes.support : plan.supports.front().tool;
    std::size_t tried = 0;
    std::optional<SetupChoice> fallback;
    for (const auto& candidate : plan.drivers) {
        const bool asked = wishes.driver ? candidate.tool == wishes.driver : candidate.usable();
        if (!asked || ++tried > kStacksTried) continue;
        SetupChoice choice{wishes.press, candidate.tool, candidate.spacers, support, 0};
        if (placeOnPress(a, choice, spacers, load)) {
            plan.choice = choice;
            break;
        }
        // A stack that cannot be proven still goes on the bench with its reasons.
        choice.notch = anyNotch(a, choice);
        if (!fallback) fallback = choice;
    }
    if (!plan.choice) plan.choice = fallback;
    if (plan.choice) plan.proof = proveSetup(a, *plan.choice, load);
    return plan;
}

} // namespace arbor::tooling
