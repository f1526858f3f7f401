#include "core/tooling/search.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace arbor::tooling {

namespace {

using catalog::Tool;
using catalog::ToolKind;

constexpr double kStrokeReserve = 0.1;        // of the stroke: sizes on the bench are never quite the drawing's
constexpr std::ptrdiff_t kPairedSpacers = 40; // as many as a shop has lying about
constexpr std::size_t kMostProofs = 300;      // of whole stacks before giving up

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

using Spacers = std::vector<const Tool*>;

/// Every way to add one or two spacers, single ones first, short before tall; stops when `visit` says it is content.
/// Two of a large rack's spacers give no height that a single one of it does not, so pairs are made of the shortest
/// only.
template <class Visit>
bool anyAddition(const Spacers& shortFirst, Visit visit) {
    for (const auto* one : shortFirst)
        if (visit(Spacers{one})) return true;
    const auto end = shortFirst.begin() + std::min(std::ssize(shortFirst), kPairedSpacers);
    for (auto lower = shortFirst.begin(); lower != end; ++lower)
        for (auto upper = shortFirst.begin(); upper != end; ++upper)
            if (lower != upper && visit(Spacers{*lower, *upper})) return true;
    return false;
}

double heightOf(const Spacers& spacers) {
    return std::accumulate(spacers.begin(), spacers.end(), 0.0,
                           [](double h, const Tool* t) { return h + t->length_mm; });
}

/// The least addition that lets a driver which ends inside the bore reach home.
void lengthen(Candidate& candidate, const DriverBench& bench, const Spacers& spacers) {
    anyAddition(spacers, [&](const Spacers& added) {
        if (heightOf(added) < candidate.missingHeight_mm) return false;
        auto longer = bench.check(*candidate.tool, added);
        if (worst(longer.findings) == Severity::Stop) return false;
        for (const auto* spacer : added)
            longer.findings.push_back({Finding::NeedsSpacer, Severity::Info, spacer->length_mm, 0, spacer->id, {}});
        candidate.check = std::move(longer);
        candidate.spacers = added;
        return true;
    });
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
        candidate.missingHeight_mm = candidate.check.stopsShort_mm;
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

/// Makes whole stacks around a driver and a support until one is proven.
class StackSearch {
public:
    StackSearch(const arrangement::HousedBearing& a, const Spacers& shortFirst, const LoadCase& load)
        : m_arrangement(a), m_spacers(shortFirst), m_load(load) {}

    /// Adds as few spacers as it takes and picks the notch. @param missing_mm  height the driver lacks to reach home
    /// @return whether the stack is proven; if not, `choice` is one whose ram at least reaches, when there is one
    bool complete(SetupChoice& choice, double missing_mm) {
        const double bare = buildSetup(m_arrangement, choice, 0).ramFaceZ_mm();
        std::optional<SetupChoice> reaching;
        const auto proven = [&](const Spacers& added, double reserve_mm) {
            const double height = heightOf(added);
            if (height < missing_mm || m_proofsLeft == 0) return false;
            const auto notch = bestNotch(*choice.press, bare + height, m_arrangement.homeTravel_mm() + reserve_mm);
            if (!notch) return false;
            --m_proofsLeft;
            choice.spacers = added;
            choice.notch = *notch;
            if (worst(proveSetup(m_arrangement, choice, m_load).findings) < Severity::Stop) return true;
            reaching = reaching.value_or(choice);
            return false;
        };
        if (proven({}, 0)) return true;
        // First spacers that leave some stroke in reserve, then any that reach.
        for (const double reserve_mm : {kStrokeReserve * choice.press->stroke_mm, 0.0})
            if (anyAddition(m_spacers, [&](const Spacers& added) { return proven(added, reserve_mm); })) return true;
        choice = reaching.value_or(choice);
        return false;
    }

private:
    const arrangement::HousedBearing& m_arrangement;
    const Spacers& m_spacers;
    const LoadCase& m_load;
    std::size_t m_proofsLeft = kMostProofs;
};

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

std::vector<const Tool*> supportsToTry(const std::vector<SupportCandidate>& ranked, const Tool* wished) {
    if (wished) return {wished};
    std::vector<const Tool*> out;
    for (const auto& s : ranked)
        if (s.usable()) out.push_back(s.tool);
    if (out.empty()) out.push_back(ranked.front().tool);
    return out;
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

    StackSearch search(a, spacers, load);
    std::optional<SetupChoice> fallback;
    for (const auto& candidate : plan.drivers) {
        if (wishes.driver ? candidate.tool != wishes.driver : !candidate.usable()) continue;
        for (const auto* support : supportsToTry(plan.supports, wishes.support)) {
            SetupChoice choice{wishes.press, candidate.tool, {}, support, 0};
            if (search.complete(choice, candidate.spacers.empty() ? 0 : candidate.missingHeight_mm)) {
                plan.choice = choice;
                break;
            }
            // A stack that cannot be proven still goes on the bench with its reasons.
            choice.notch = anyNotch(a, choice);
            if (!fallback) fallback = choice;
        }
        if (plan.choice) break;
    }
    if (!plan.choice) plan.choice = fallback;
    if (plan.choice) plan.proof = proveSetup(a, *plan.choice, load);
    return plan;
}

} // namespace arbor::tooling
