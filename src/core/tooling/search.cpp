#include "core/tooling/search.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace arbor::tooling {

namespace {

using catalog::Tool;
using catalog::ToolKind;

constexpr double kCentred = 0.03;             // of the score: before an equal that may stand aside
constexpr double kStrokeReserve = 0.1;        // of the stroke: sizes on the bench are never quite the drawing's
constexpr std::ptrdiff_t kPairedSpacers = 40; // as many as a shop has lying about
constexpr std::size_t kMostProofs = 300;      // of whole stacks before giving up
constexpr std::size_t kMostSeparators = 8;
constexpr std::size_t kMostPlates = 3;
constexpr std::size_t kMostUnderSeparator = 40;
constexpr double kRoundOpening_mm = 1; // blocks and plates are set a little wider than what passes
constexpr double kLeastWall_mm = 1.5;  // of a tool that is turned once more
constexpr double kOffWall_mm = 0.4;    // on the diameter
constexpr double kOffSeal_mm = 0.6;

/// How far a rejected tool's tube is from the free face it should push: the nearest miss comes first.
double miss(const Tool& tool, const FreeFace& face) {
    return std::abs(tool.outsideDia_mm - face.outerDia_mm) + std::abs(tool.boreDia_mm - face.innerDia_mm);
}

template <class Wanted>
std::vector<const Tool*> those(const catalog::Rack& rack, Wanted wanted) {
    std::vector<const Tool*> out;
    for (const auto& tool : rack.tools)
        if (wanted(tool)) out.push_back(&tool);
    return out;
}

void shortFirst(std::vector<const Tool*>& tools) {
    std::stable_sort(tools.begin(), tools.end(),
                     [](const Tool* x, const Tool* y) { return x->length_mm < y->length_mm; });
}

/// A piece on top would mend all that is wrong with it.
bool wantsPieceOnTop(const DriverCheck& check) {
    return worst(check.findings) == Severity::Stop &&
           std::all_of(check.findings.begin(), check.findings.end(), [](const Advice& a) {
               return a.severity < Severity::Stop || a.is<found::EndsInsideBore>() || a.is<found::FallsInside>();
           });
}

using Spacers = std::vector<const Tool*>;

/// Every way to add one or two spacers, single ones first, short before tall; stops when `visit` says it is content.
/// Two of a large rack's spacers give no height that a single one of it does not, so pairs are made of the shortest
/// only.
template <class Visit>
bool anyAddition(const Spacers& fromShort, Visit visit) {
    for (const auto* one : fromShort)
        if (visit(Spacers{one})) return true;
    const auto end = fromShort.begin() + std::min(std::ssize(fromShort), kPairedSpacers);
    for (auto lower = fromShort.begin(); lower != end; ++lower)
        for (auto upper = fromShort.begin(); upper != end; ++upper)
            if (lower != upper && visit(Spacers{*lower, *upper})) return true;
    return false;
}

double heightOf(const Spacers& spacers) {
    return std::accumulate(spacers.begin(), spacers.end(), 0.0,
                           [](double h, const Tool* t) { return h + t->length_mm; });
}

/// The least addition that lets a driver which ends inside the bore reach the end.
void lengthen(Candidate& candidate, const DriverBench& bench, const Spacers& spacers) {
    anyAddition(spacers, [&](const Spacers& added) {
        if (heightOf(added) < candidate.missingHeight_mm) return false;
        auto longer = bench.check(candidate.tool, added);
        if (worst(longer.findings) == Severity::Stop) return false;
        for (const auto* spacer : added)
            longer.findings.push_back({found::NeedsSpacer{spacer->length_mm, spacer->id}, Severity::Info});
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

/// What may stand on a driver: spacers; and on one that is open, whatever covers it.
struct OnTop {
    Spacers spacers;
    Spacers covers;

    const Spacers& of(const Candidate& candidate) const { return candidate.open ? covers : spacers; }
};

OnTop onTopOf(const catalog::Rack& rack, const DriverEnd& end) {
    const auto passes = [&](const Tool& t) { return end.boltDia_mm == 0 || t.throughDia_mm() > end.boltDia_mm; };
    OnTop out;
    out.spacers = those(rack, [&](const Tool& t) { return t.kind == ToolKind::Spacer && passes(t); });
    out.covers = those(rack, [&](const Tool& t) {
        return (t.kind == ToolKind::Spacer || t.kind == ToolKind::Disc || t.kind == ToolKind::Plate) && passes(t);
    });
    shortFirst(out.spacers);
    shortFirst(out.covers);
    return out;
}

std::vector<Candidate> judgeDrivers(const DriverBench& bench, const Task& task, const catalog::Rack& rack,
                                    const OnTop& onTop, const SearchOverrides& overrides) {
    std::vector<Candidate> out;
    const auto judge = [&](const Tool* tool) {
        Candidate candidate{tool, {}, false, bench.check(tool)};
        candidate.missingHeight_mm = candidate.check.stopsShort_mm;
        candidate.open = findingOf<found::FallsInside>(candidate.check.findings) != nullptr;
        if (wantsPieceOnTop(candidate.check)) lengthen(candidate, bench, onTop.of(candidate));
        if (tool && overrides.worked.contains(tool->id))
            candidate.check.findings.push_back({found::KnownToWork{tool->id}, Severity::Info});
        candidate.score = candidate.usable() ? driverScore(candidate, overrides.worked)
                          : tool             ? -miss(*tool, task.face)
                                             : -1e3;
        out.push_back(std::move(candidate));
    };
    if (task.bareRam) judge(nullptr);
    for (const auto& tool : rack.tools)
        if (catalog::isDriver(tool.kind) || &tool == overrides.driver) judge(&tool);
    bestFirst(out);
    return out;
}

/// What stands under the work, on the press or bolt there is; nothing on top yet.
SetupChoice choiceOn(const SearchOverrides& overrides, const SupportCandidate& under) {
    return {.press = overrides.press,
            .support = under.tool,
            .plate = under.plate,
            .separator = under.separator,
            .bolt = overrides.bolt,
            .ram = overrides.ram,
            .opening_mm = under.opening_mm};
}

/// Everything that can stand under the work, alone, on a plate, or under a separator.
class Supports {
public:
    Supports(const Task& task, const catalog::Rack& rack, const SearchOverrides& overrides, const LoadCase& load)
        : m_task(task), m_rack(rack), m_overrides(overrides), m_load(load),
          m_opening_mm(task.passDia_mm() + kRoundOpening_mm), m_reach(reachOfHolder(task)), m_plates(thinPlates()) {}

    std::vector<SupportCandidate> judged() {
        tryWith(nullptr);
        for (const auto& tool : m_rack.tools)
            if (mayStandUnder(tool) || &tool == m_overrides.support) tryWith(&tool);
        if (m_overrides.press && m_task.heldByRing()) trySeparators();
        bestFirst(m_out);
        return std::move(m_out);
    }

private:
    /// A sleeve on its head backs up a ring; a housing stands better on what is made for it.
    bool mayStandUnder(const Tool& t) const {
        if (t.kind == ToolKind::Separator) return false;
        if (catalog::isSupport(t.kind)) return true;
        // Of the many sleeves only those whose wall comes under the ring.
        const auto& ring = m_task.still[m_task.holder].slices.front();
        return m_task.heldByRing() && catalog::isDriver(t.kind) && t.boreDia_mm > 0 &&
               t.boreDia_mm < 2 * ring.outerBottom && t.outsideDia_mm > 2 * ring.innerBottom;
    }

    SupportCandidate judge(const Tool* tool, const Tool* plate, const Tool* separator = nullptr) const {
        SupportCandidate s{tool, {}, 0, plate, separator, m_opening_mm};
        s.check = checkSupport(m_task, choiceOn(m_overrides, s), m_load, m_reach);
        // Every support that passed is strong enough: then close under the bore is stiffest, low is steady, none is
        // simplest.
        const double overhang = std::abs(s.check.innerDia_mm - m_task.still[m_task.holder].boreDia());
        s.score = -overhang / 20 - (tool ? tool->length_mm / 25 : 0) - (plate ? 0.1 : 0) - (separator ? 1 : 0) -
                  (s.verdict() == Severity::Check ? 20 : 0);
        return s;
    }

    /// The thinnest plates that lie over the gap (or take the bolt) and bear the load.
    std::vector<const Tool*> thinPlates() const {
        auto plates = those(m_rack, [&](const Tool& t) {
            if (t.kind != ToolKind::Plate) return false;
            return m_overrides.press ? t.outsideDia_mm > m_overrides.press->bedOpening_mm
                                     : t.throughDia_mm() > m_overrides.bolt->threadDia_mm();
        });
        shortFirst(plates);
        std::vector<const Tool*> out;
        for (const auto* plate : plates) {
            const auto findings = judge(nullptr, plate).check.findings;
            const bool bends = std::any_of(findings.begin(), findings.end(),
                                           [](const Advice& a) { return a.is<found::PlateBends>(); });
            if (!bends) out.push_back(plate);
            if (out.size() == kMostPlates) break;
        }
        return out;
    }

    /// As it is, or across the gap of the bed on each of the plates: their heights differ, and so the stroke they
    /// leave.
    void tryWith(const Tool* tool) {
        auto found = judge(tool, nullptr);
        const bool falls = std::any_of(found.check.findings.begin(), found.check.findings.end(),
                                       [](const Advice& a) { return a.is<found::FallsThrough>(); });
        bool onPlate = false;
        if (falls)
            for (const auto* plate : m_plates)
                if (auto lying = judge(tool, plate); lying.usable()) {
                    m_out.push_back(std::move(lying));
                    onPlate = true;
                }
        if (!onPlate) m_out.push_back(std::move(found));
    }

    void trySeparators() {
        auto under =
            those(m_rack, [](const Tool& t) { return catalog::isSupport(t.kind) && t.kind != ToolKind::Separator; });
        shortFirst(under);
        if (under.size() > kMostUnderSeparator) under.resize(kMostUnderSeparator);
        under.insert(under.begin(), nullptr);
        std::size_t left = kMostSeparators;
        for (const auto& tool : m_rack.tools) {
            if (tool.kind != ToolKind::Separator || tool.most_mm < m_opening_mm || left == 0) continue;
            --left;
            if (!withSeparator(m_task, catalog::toolBody(tool, m_opening_mm))) continue;
            for (const auto* below : under)
                if (auto found = judge(below, nullptr, &tool); found.usable()) m_out.push_back(std::move(found));
        }
    }

    const Task& m_task;
    const catalog::Rack& m_rack;
    const SearchOverrides& m_overrides;
    const LoadCase& m_load;
    double m_opening_mm;
    std::vector<Reach> m_reach;
    std::vector<const Tool*> m_plates;
    std::vector<SupportCandidate> m_out;
};

/// The notch that takes a stack of this height in one stroke with the least ram travel wasted.
std::optional<std::size_t> bestNotch(const catalog::Press& press, double stack_mm, double travel_mm) {
    std::optional<std::size_t> best;
    double least = INFINITY;
    for (std::size_t notch = 0; notch < press.notchDaylight_mm.size(); ++notch) {
        const auto fit = stackFit(stack_mm, press, notch, travel_mm);
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
    StackSearch(const Task& task, const LoadCase& load) : m_task(task), m_load(load) {}

    /// Adds as few spacers as it takes and picks the notch. @param missing_mm  height the driver lacks to reach the end
    /// @return whether the stack is proven; if not, `choice` is one whose ram at least reaches, when there is one
    bool complete(SetupChoice& choice, double missing_mm, const Spacers& fromShort) {
        const double bare = bareHeight(choice);
        std::optional<SetupChoice> reaching;
        const auto proven = [&](const Spacers& added, double reserve_mm) {
            const double height = heightOf(added);
            if (height < missing_mm || m_proofsLeft == 0) return false;
            const auto notch = notchFor(choice, bare + height, reserve_mm);
            if (!notch) return false;
            --m_proofsLeft;
            choice.spacers = added;
            choice.notch = *notch;
            if (holds(m_task, choice, m_load)) return true;
            reaching = reaching.value_or(choice);
            return false;
        };
        if (proven({}, 0)) return true;
        const double stroke = choice.press ? choice.press->stroke_mm : 0;
        // First spacers that leave some stroke in reserve, then any that reach.
        for (const double reserve_mm : {kStrokeReserve * stroke, 0.0})
            if (anyAddition(fromShort, [&](const Spacers& added) { return proven(added, reserve_mm); })) return true;
        choice = reaching.value_or(choice);
        return twoStrokes(choice, missing_mm, fromShort);
    }

private:
    /// Of the stack without spacers; what would fall into an open driver counts as lying on it.
    double bareHeight(const SetupChoice& choice) const {
        const auto setup = buildSetup(m_task, choice, 0);
        return choice.driver ? std::max(setup.ramFaceZ_mm(), setup.bodies[setup.ram - 1].top()) : setup.ramFaceZ_mm();
    }
    std::optional<std::size_t> notchFor(const SetupChoice& choice, double stack_mm, double reserve_mm) const {
        if (choice.press) return bestNotch(*choice.press, stack_mm, m_task.travel_mm + reserve_mm);
        const auto fit = boltFit(stack_mm, *choice.bolt, choice.ram, m_task.travel_mm);
        return fit.fits() ? std::optional<std::size_t>(0) : std::nullopt;
    }

    /// Where no single stroke does: every notch, with a spacer put in half way.
    bool twoStrokes(SetupChoice& choice, double missing_mm, const Spacers& fromShort) {
        if (!choice.press || missing_mm > 0) return false;
        auto tried = choice;
        tried.spacers.clear();
        for (tried.notch = 0; tried.notch < choice.press->notchDaylight_mm.size() && m_proofsLeft > 0; ++tried.notch) {
            --m_proofsLeft;
            if (!holds(m_task, tried, m_load, fromShort)) continue;
            choice = tried;
            return true;
        }
        return false;
    }

    const Task& m_task;
    const LoadCase& m_load;
    std::size_t m_proofsLeft = kMostProofs;
};

/// A notch for a stack that fits nowhere, so that it can still be drawn and judged: the least daylight that takes it.
std::size_t anyNotch(const Task& task, const SetupChoice& choice) {
    if (!choice.press) return 0;
    const double stack = buildSetup(task, choice, 0).ramFaceZ_mm();
    if (const auto fitting = bestNotch(*choice.press, stack, task.travel_mm)) return *fitting;
    const auto& daylight = choice.press->notchDaylight_mm;
    std::size_t best = 0;
    for (std::size_t i = 0; i < daylight.size(); ++i) {
        const bool takes = daylight[i] >= stack, bestTakes = daylight[best] >= stack;
        if (takes != bestTakes ? takes : (takes ? daylight[i] < daylight[best] : daylight[i] > daylight[best]))
            best = i;
    }
    return best;
}

std::vector<const SupportCandidate*> supportsToTry(const std::vector<SupportCandidate>& ranked,
                                                   const Tool* overridden) {
    std::vector<const SupportCandidate*> out;
    for (const auto& s : ranked)
        if (overridden ? s.tool == overridden : s.usable()) out.push_back(&s);
    if (out.empty()) out.push_back(&ranked.front());
    return out;
}

SetupChoice put(const SearchOverrides& overrides, const Candidate& driver, const SupportCandidate& support) {
    auto choice = choiceOn(overrides, support);
    choice.driver = driver.tool;
    return choice;
}

} // namespace

double driverScore(const Candidate& c, const std::set<std::string>& worked) {
    const double pieces = static_cast<double>(c.spacers.size());
    return c.check.coverage + 0.05 * std::clamp(c.check.sealGap_mm, 0.0, 2.0) - 0.15 * pieces -
           0.1 * c.check.loadShare - (c.tool ? 0.0005 * c.tool->length_mm : -0.5) -
           (c.verdict() == Severity::Check ? 0.5 : 0.0) + (c.check.centred ? kCentred : 0.0) +
           (c.tool && worked.contains(c.tool->id) ? 0.2 : 0.0);
}

ToolPlan chooseTools(const Task& task, const catalog::Rack& rack, const SearchOverrides& overrides,
                     const LoadCase& load) {
    const auto end = endOf({.press = overrides.press, .bolt = overrides.bolt, .ram = overrides.ram});
    const auto onTop = onTopOf(rack, end);
    const DriverBench bench(task, load, end);
    ToolPlan plan;
    plan.drivers = judgeDrivers(bench, task, rack, onTop, overrides);
    plan.supports = Supports(task, rack, overrides, load).judged();
    plan.overridden = overrides.driver || overrides.support;

    StackSearch search(task, load);
    std::optional<SetupChoice> fallback;
    for (const auto& candidate : plan.drivers) {
        if (overrides.driver ? candidate.tool != overrides.driver : !candidate.usable()) continue;
        for (const auto* support : supportsToTry(plan.supports, overrides.support)) {
            auto choice = put(overrides, candidate, *support);
            if (search.complete(choice, candidate.spacers.empty() ? 0 : candidate.missingHeight_mm,
                                onTop.of(candidate))) {
                plan.choice = choice;
                break;
            }
            // A stack that cannot be proven still goes on the bench with its reasons.
            choice.notch = anyNotch(task, choice);
            if (!fallback) fallback = choice;
        }
        if (plan.choice) break;
    }
    if (!plan.choice) plan.choice = fallback;
    if (plan.choice) plan.proof = proveSetup(task, *plan.choice, load, onTop.spacers);
    if (plan.choice && plan.choice->driver && overrides.worked.contains(plan.choice->driver->id))
        plan.proof.findings.push_back({found::KnownToWork{plan.choice->driver->id}, Severity::Info});
    if (plan.drivers.empty() || !plan.drivers.front().usable()) plan.nearestMiss = nearestMiss(task, rack, load, end);
    return plan;
}

std::optional<NearestMiss> nearestMiss(const Task& task, const catalog::Rack& rack, const LoadCase& load,
                                       const DriverEnd& end) {
    const DriverBench bench(task, load, end);
    const double most =
        task.inBore ? std::min(task.face.outerDia_mm, task.seatDia_mm - kOffWall_mm) : task.face.outerDia_mm;
    const double off = task.keepOff == KeepOff::Inside ? kOffSeal_mm : 0;
    const double least =
        task.inBore ? task.face.innerDia_mm + off : std::max(task.face.innerDia_mm, task.seatDia_mm + kOffWall_mm);
    std::optional<NearestMiss> best;
    for (const auto& tool : rack.tools) {
        if (!catalog::isDriver(tool.kind) || tool.hardened) continue;
        NearestMiss found{&tool, tool, 0};
        found.mended.outsideDia_mm = std::min(tool.outsideDia_mm, most);
        if (tool.boreDia_mm > 0) found.mended.boreDia_mm = std::max(tool.boreDia_mm, least);
        found.cut_mm = tool.outsideDia_mm - found.mended.outsideDia_mm + found.mended.boreDia_mm - tool.boreDia_mm;
        const bool wall = found.mended.outsideDia_mm - found.mended.boreDia_mm >= 2 * kLeastWall_mm;
        if (!(found.cut_mm > 0) || !wall || (best && best->cut_mm <= found.cut_mm)) continue;
        if (worst(bench.check(&found.mended).findings) < Severity::Stop) best = std::move(found);
    }
    return best;
}

} // namespace arbor::tooling
