#include "core/plan/work_steps.h"

#include "core/plan/own_thread.h"
#include "core/plan/ring_plan.h"
#include "core/tooling/findings.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using arrangement::Assembly;
using catalog::Tool;
using catalog::ToolKind;
using route::Method;

constexpr double kLeastJawLand_mm = 1; // practice value
constexpr double kColletShare = 0.8;   // how far a collet closes to be put in; practice value

const catalog::Bearing* bearingOf(const arrangement::Part& part, const tables::Tables& lib) {
    return part.catalogue ? arrangement::bearingOf(*part.catalogue, lib.bearings) : nullptr;
}

class Steps {
public:
    explicit Steps(const Given& given)
        : m_fits(given.fits), m_tables(given.tables), m_strip(given.strip), m_ways(m_strip.assembly) {}

    std::vector<WorkStep> all() {
        auto partRemovals = route::partRemovals(m_strip.order, m_ways.all());
        for (const auto& d : partRemovals)
            eachPartner(d, true);
        std::reverse(partRemovals.begin(), partRemovals.end());
        for (const auto& d : partRemovals) {
            eachPartner(d, false);
            if (m_strip.assembly.parts[d.part].kind == arrangement::PartKind::Seal) addSeal(d);
        }
        return std::move(m_out);
    }

private:
    void eachPartner(const route::PartRemoval& d, bool out) {
        for (std::size_t partner = 0; partner < m_strip.assembly.parts.size(); ++partner)
            if (m_ways.pressedTo(d.part) & d.present & route::only(partner)) add(d, partner, out);
    }

    /// Tight by its rubber, so that nobody drew it as pressed.
    void addSeal(const route::PartRemoval& d) {
        const auto partner = partnerOfSeal(m_strip.assembly, d.part);
        if (m_ways.pressedTo(d.part) == 0 && partner && (d.present & route::only(*partner)) != 0)
            add(d, *partner, false);
    }

    /// Of a part that is tight with two at once, the second goes by both names.
    std::string keyOf(const route::PartRemoval& d, std::size_t partner, bool out) const {
        const auto& parts = m_strip.assembly.parts;
        auto key = (out ? "out:" : "in:") + parts[d.part].id;
        const bool taken =
            std::any_of(m_out.begin(), m_out.end(), [&](const WorkStep& step) { return step.key == key; });
        return taken ? key + "+" + parts[partner].id : key;
    }

    job::SeatKey seatOf(std::size_t part, std::size_t partner) const {
        const auto &one = m_strip.assembly.parts[part], &two = m_strip.assembly.parts[partner];
        return arrangement::touchOf(one, two) ? job::SeatKey{one.id, two.id} : job::SeatKey{two.id, one.id};
    }

    void add(const route::PartRemoval& d, std::size_t partner, bool out) {
        const auto& parts = m_strip.assembly.parts;
        WorkStep step;
        step.out = out;
        step.up = d.way == route::Way::Up;
        step.part = d.part;
        step.partner = partner;
        step.key = keyOf(d, partner, out);
        step.id = {seatOf(d.part, partner), out};
        step.label = parts[d.part].name();
        step.partnerLabel = parts[partner].name();
        step.tasks = tooling::tasksOf(m_strip.assembly, {d.part, partner, d.way, d.present, out});
        const auto ring = std::find_if(m_strip.rings.begin(), m_strip.rings.end(), [&](const TightRing& r) {
            return r.site.ring == d.part && r.site.partner == partner;
        });
        if (ring != m_strip.rings.end()) {
            if (out) step.ring = static_cast<std::size_t>(ring - m_strip.rings.begin());
            step.seat = ring->seat;
            step.load = loadOf(ring->seat ? &m_fits.seats[*ring->seat] : nullptr, out);
        }
        rate(step);
        m_out.push_back(std::move(step));
    }

    /// What the elements of the bearing in the joint bear, and whether its inner ring is in halves.
    void rate(WorkStep& step) const {
        for (const auto at : {step.part, step.partner}) {
            const auto& part = m_strip.assembly.parts[at];
            step.bearing = bearingOf(part, m_tables);
            if (!step.bearing) continue;
            step.sealed = part.catalogue->dress.seals != catalog::Side::None;
            // It has been worked out once for every bearing.
            const auto rating =
                catalog::staticRating(m_tables.bearingTables, *step.bearing, part.catalogue->facts.staticRating_N);
            step.load.staticAxial_N = rating->axial_N;
            step.load.staticIsEstimate = rating->estimate;
            step.load.elementDia_mm = step.bearing->elementDia_mm;
            for (auto& task : step.tasks)
                task.splitInner = catalog::knowledge(step.bearing->type).splitInner;
            return;
        }
    }

    const FitPlan& m_fits;
    const tables::Tables& m_tables;
    const StripPlan& m_strip;
    route::BlockingGraph m_ways;
    std::vector<WorkStep> m_out;
};

/// What a tool turned for a step is called: by the bearing where there is one.
std::string nameFor(const WorkStep& step) {
    return step.bearing ? step.bearing->designation : step.key.substr(step.key.find(':') + 1);
}

/// Every way to do one step.
class SetupSearch {
public:
    SetupSearch(const WorkStep& step, const Given& given)
        : m_step(step), m_given(given), m_rack(given.tables.rack), m_worked(workedBefore(step, given.tables)),
          m_overrides(job::stepOf(given.job, step.id).overrides) {}

    StepTools all() {
        lookForOverrides();
        const auto means = m_given.job.means;
        if (means == job::Means::Press || means == job::Means::Vice) pressWays();
        if (means == job::Means::Press || means == job::Means::DrawBolt) boltWays();
        if (m_step.out && m_step.ring) handWays();
        if (!m_step.out && means != job::Means::Press && means != job::Means::DrawBolt) struckWay();
        if (means != job::Means::Press) ownWay();
        if (means == job::Means::Press &&
            std::none_of(m_out.ways.begin(), m_out.ways.end(), [](const StepSetup& w) { return w.proven(); }))
            turnedWays();
        std::stable_sort(m_out.ways.begin(), m_out.ways.end(),
                         [&](const StepSetup& a, const StepSetup& b) { return rank(a) < rank(b); });
        insistOnBackingUp();
        tapCapsLightly();
        return std::move(m_out);
    }

private:
    /// What the old bearing told: this time no force through the elements, and somebody looks.
    void insistOnBackingUp() {
        const auto& look = m_given.fits.lookAt;
        if (m_step.out || !m_step.bearing) return;
        if (std::find(look.begin(), look.end(), measure::LookAt::BackUpTheRing) == look.end()) return;
        for (auto& way : m_out.ways)
            if (way.pressed) way.pressed->proof.findings.push_back({found::BackUpTheRing{}, Severity::Check, "HB3.3"});
    }

    /// A cap is driven on its rim by light blows, round and round, the hub on its bearings: what its push goes through
    /// is worth a look and no stop, and no bearing is scrapped by it. @source [HB8] caps
    void tapCapsLightly() {
        if (m_given.strip.assembly.parts[m_step.part].kind != arrangement::PartKind::Cap || m_step.load.known) return;
        for (auto& way : m_out.ways) {
            if (!way.pressed) continue;
            auto& findings = way.pressed->proof.findings;
            std::erase_if(findings, [](const Advice& f) { return f.is<found::HoldsOtherRing>(); });
            for (auto& f : findings)
                if (f.is<found::PathThroughPart>() || f.is<found::PathThroughElements>())
                    f.severity = std::min(f.severity, Severity::Check);
        }
    }

    /// With a sleeve that is turned for the face.
    void turnedWays() {
        for (std::size_t t = 0; t < m_step.tasks.size(); ++t)
            for (const auto& press : m_rack.presses) {
                if (press.kind == catalog::PressKind::Vice) continue;
                auto sleeve = tooling::designSleeve(m_step.tasks[t], m_step.load, {press.ramFootDia_mm, 0},
                                                    nameFor(m_step), m_overrides.turn);
                if (!sleeve || worst(sleeve->check.findings) == Severity::Stop) continue;
                auto rack = std::make_shared<catalog::Rack>(m_rack);
                rack->tools.push_back(sleeve->tool);
                tooling::SearchOverrides w;
                w.press = rack->press(press.id);
                w.driver = &rack->tools.back();
                StepSetup way{t, tooling::chooseTools(m_step.tasks[t], *rack, w, m_step.load), {}, {}, {}, {}};
                way.pressed->overridden = false;
                if (!way.proven()) continue;
                way.turned = std::move(*sleeve);
                way.with = std::move(rack);
                m_out.ways.push_back(std::move(way));
                return;
            }
    }

    /// Proven before not, nothing to look at before something, a press before a bolt before the hand.
    int rank(const StepSetup& way) const {
        const int verdict = !way.proven() ? 2 : worst(way.findings()) == Severity::Check ? 1 : 0;
        const int kind = way.hand  ? handRank(*way.hand)
                         : way.own ? (m_given.job.means == job::Means::Own ? -1 : 1)
                         : way.pressed->choice && way.pressed->choice->press ? 0
                                                                             : 1;
        const bool overridden = way.pressed && way.pressed->overridden;
        return (overridden ? 0 : 100) + 10 * verdict + 2 * kind + static_cast<int>(std::min<std::size_t>(way.task, 1));
    }

    /// A tool that is missing comes first where it is what the strip plan would take: that is the real obstacle.
    int handRank(const HandSetup& hand) const {
        if (hand.tool) return 2;
        return m_given.strip.rings[*m_step.ring].ways.front().method == hand.method ? -1 : 3;
    }

    void lookForOverrides() {
        for (const auto& [what, id] : {std::pair{"driver", &m_overrides.driver}, {"support", &m_overrides.support}})
            if (*id && !m_rack.tool(**id))
                m_out.problem = Problem{ProblemCode::UnknownName, "steps/" + m_step.key + "/" + what, **id,
                                        wanted("a tool of the rack")};
    }

    tooling::SearchOverrides overrides() const {
        tooling::SearchOverrides w;
        w.driver = m_overrides.driver ? m_rack.tool(*m_overrides.driver) : nullptr;
        w.support = m_overrides.support ? m_rack.tool(*m_overrides.support) : nullptr;
        w.worked = m_worked;
        return w;
    }

    void pressWays() {
        for (std::size_t t = 0; t < m_step.tasks.size(); ++t) {
            std::vector<const catalog::Press*> presses;
            if (m_given.press) presses.push_back(m_given.press);
            const auto kind =
                m_given.job.means == job::Means::Vice ? catalog::PressKind::Vice : catalog::PressKind::Frame;
            for (const auto& press : m_rack.presses)
                if (&press != m_given.press && press.kind == kind) presses.push_back(&press);
            StepSetup best;
            for (const auto* press : presses) {
                auto w = overrides();
                w.press = press;
                StepSetup way{t, tooling::chooseTools(m_step.tasks[t], m_rack, w, m_step.load), {}, {}, {}, {}};
                if (!best.pressed || way.proven()) best = std::move(way);
                if (best.proven()) break;
            }
            if (best.pressed) m_out.ways.push_back(std::move(best));
        }
    }

    /// The thickest bolt that passes and is proven; by its nut, and by the hollow rams that go over it.
    void boltWays() {
        auto bolts = ofKind(ToolKind::DrawBolt);
        std::stable_sort(bolts.begin(), bolts.end(),
                         [](auto* a, auto* b) { return a->threadDia_mm() > b->threadDia_mm(); });
        for (std::size_t t = 0; t < m_step.tasks.size(); ++t) {
            const double through = m_step.tasks[t].throughDia_mm();
            std::optional<StepSetup> best;
            const auto isGood = [&] { return best && best->proven() && worst(best->findings()) < Severity::Check; };
            for (const auto* bolt : bolts) {
                if (bolt->threadDia_mm() >= through) continue;
                std::vector<const Tool*> rams{nullptr};
                for (const auto* ram : ofKind(ToolKind::HollowRam))
                    if (ram->boreDia_mm > bolt->threadDia_mm()) rams.push_back(ram);
                for (const auto* ram : rams) {
                    if (isGood()) break; // thinner ones are no better, nor is a ram over the bolt
                    auto w = overrides();
                    w.bolt = bolt;
                    w.ram = ram;
                    StepSetup way{t, tooling::chooseTools(m_step.tasks[t], m_rack, w, m_step.load), {}, {}, {}, {}};
                    if (!best || rank(way) < rank(*best)) best = std::move(way);
                }
            }
            if (best) m_out.ways.push_back(std::move(*best));
        }
    }

    void ownWay() {
        if (auto way = ownThreadFor(m_step, m_given)) m_out.ways.push_back(std::move(*way));
    }

    void handWays() {
        const auto& ring = m_given.strip.rings[*m_step.ring];
        if (!ring.site.inBore) addJaws(ring);
        for (const auto& removal : ring.ways) {
            if (!removal.applies) continue;
            if (removal.method == Method::Drift) addSimple(ToolKind::Drift, removal.method);
            if (removal.method == Method::Split) addSimple(ToolKind::Splitter, removal.method);
            if (removal.method == Method::Collet) addCollet(ring);
        }
    }

    /// The best sleeve of the rack under a hammer: soft, on the ring that goes in; or the user's own, which is stopped
    /// where it is hard. Nobody knows the force.
    void struckWay() {
        std::optional<StepSetup> best;
        const auto* own = overrides().driver;
        double score = -INFINITY;
        tooling::LoadCase unknown;
        unknown.known = false;
        for (std::size_t t = 0; t < m_step.tasks.size(); ++t)
            for (const auto& tool : m_rack.tools) {
                if (own ? &tool != own : !catalog::isDriver(tool.kind) || tool.hardened) continue;
                const tooling::DriverBench bench(m_step.tasks[t], unknown, {tool.outsideDia_mm, 0});
                const tooling::Candidate candidate{&tool, {}, false, bench.check(&tool)};
                const double s = tooling::driverScore(candidate, m_worked);
                if ((!own && !candidate.usable()) || s <= score) continue;
                score = s;
                HandSetup hand{Method::Drift, false, true, &tool, nullptr, candidate.check.findings};
                hand.findings.push_back(tooling::look(found::HandNoForce{}));
                for (auto& finding : hand.findings)
                    if (finding.is<found::HardTool>()) finding.severity = Severity::Stop;
                best = StepSetup{t, {}, std::move(hand), {}, {}, {}};
            }
        if (best) m_out.ways.push_back(std::move(*best));
    }

    void addSimple(ToolKind kind, Method method) {
        const auto tools = ofKind(kind);
        if (tools.empty()) return addMissing(method);
        m_out.ways.push_back({0, {}, HandSetup{method, false, false, tools.front(), nullptr, {}}, {}, {}, {}});
    }

    void addMissing(Method method, AdviceList wanted = {}) {
        HandSetup hand{method, false, false, nullptr, nullptr, std::move(wanted)};
        hand.findings.insert(hand.findings.begin(),
                             tooling::stop(found::NotOnTheRack{std::string(route::name(method))}));
        m_out.ways.push_back({0, {}, std::move(hand), {}, {}, {}});
    }

    void addCollet(const TightRing& ring) {
        const auto hammers = ofKind(ToolKind::SlideHammer);
        const double bore = ring.site.ownBore_mm;
        for (const auto* collet : ofKind(ToolKind::Collet)) {
            if (collet->least_mm > bore || collet->most_mm < bore || hammers.empty()) continue;
            HandSetup hand{Method::Collet, false, false, collet, hammers.front(), {}};
            judgePull(hand, std::min(collet->capacity_N > 0 ? collet->capacity_N : INFINITY,
                                     hammers.front()->capacity_N > 0 ? hammers.front()->capacity_N : INFINITY));
            m_out.ways.push_back({0, {}, std::move(hand), {}, {}, {}});
            return;
        }
        addMissing(Method::Collet, {tooling::look(found::ColletWanted{kColletShare * bore, bore})});
    }

    /// Jaws behind the ring, the spindle on the shaft's end.
    void addJaws(const TightRing& ring) {
        const auto& site = ring.site;
        double outside = 0;
        for (const auto& body : m_given.strip.assembly.parts[m_step.part].bodies)
            outside = std::max(outside, body.outsideDia());
        const double reach = m_step.tasks.empty() ? 0 : m_step.tasks.front().travel_mm;
        for (const auto* jaws : ofKind(ToolKind::JawPuller)) {
            const bool fits = jaws->edge_mm <= site.sideGap_mm && jaws->least_mm <= outside &&
                              jaws->most_mm >= outside && jaws->reach_mm >= reach;
            const bool onElements = site.land_mm < kLeastJawLand_mm && site.otherLand_mm >= kLeastJawLand_mm;
            if (!fits || (site.land_mm < kLeastJawLand_mm && !onElements)) continue;
            HandSetup hand{Method::Separator, true, false, jaws, nullptr, {}};
            if (onElements)
                hand.findings.push_back(tooling::look(
                    found::PathThroughElements{m_step.load.greatest_N(), m_step.load.staticAxial_N, "outer ring"},
                    "HB4.7"));
            judgePull(hand, jaws->capacity_N > 0 ? jaws->capacity_N : INFINITY);
            m_out.ways.push_back({0, {}, std::move(hand), {}, {}, {}});
            return;
        }
    }

    void judgePull(HandSetup& hand, double capacity_N) const {
        if (m_step.load.known && m_step.load.greatest_N() > capacity_N)
            hand.findings.push_back(
                tooling::look(found::PullMayNotDo{m_step.load.greatest_N(), capacity_N, hand.tool->id}, "HB4.6"));
    }

    std::vector<const Tool*> ofKind(ToolKind kind) const {
        std::vector<const Tool*> out;
        for (const auto& tool : m_rack.tools)
            if (tool.kind == kind) out.push_back(&tool);
        return out;
    }

    const WorkStep& m_step;
    const Given& m_given;
    const catalog::Rack& m_rack;
    std::set<std::string> m_worked;
    job::StepOverrides m_overrides;
    StepTools m_out;
};

} // namespace

tooling::LoadCase loadOf(const SeatPlan* seat, bool out) {
    constexpr double kHold = 1.5; // of the end force, [HB5]
    tooling::LoadCase load;
    load.known = seat && seat->fit;
    if (!load.known) return load;
    load.interference_mm = seat->fit->interference_mm.likely;
    load.mu = seat->input->friction.upper;
    load.pressForceMost_N = out ? seat->off->force_N.most : seat->fit->pressForceWorst_N;
    load.holdForce_N = out ? 0 : kHold * seat->fit->pressForce_N.most;
    return load;
}

std::vector<WorkStep> workSteps(const Given& given) {
    return given.strip.sound() ? Steps(given).all() : std::vector<WorkStep>{};
}

StepTools toolsFor(const WorkStep& step, const Given& given) {
    return SetupSearch(step, given).all();
}

ToolMemory::Known ToolMemory::knownOf(const WorkStep& step, const Given& given) {
    const auto& part = given.strip.assembly.parts[step.part];
    Known out{step,
              job::stepOf(given.job, step.id).overrides,
              given.press,
              given.job.means,
              given.fits.lookAt,
              part.bodies,
              given.strip.assembly.bolted,
              given.job.adjust.nut,
              {},
              {}};
    if (!step.ring) return out;
    out.site = given.strip.rings[*step.ring].site;
    out.removals = given.strip.rings[*step.ring].ways;
    return out;
}

std::shared_ptr<const StepTools> ToolMemory::toolsFor(const WorkStep& step, const Given& given) {
    auto from = knownOf(step, given);
    const auto found = m_known.find(step.id);
    if (found != m_known.end() && found->second.first == from) return found->second.second;
    auto tools = std::make_shared<const StepTools>(plan::toolsFor(step, given));
    m_known.insert_or_assign(step.id, std::pair(std::move(from), tools));
    return tools;
}

Result<tooling::TurnedSleeve> turnFor(const WorkStep& step, const catalog::Press* press,
                                      const tooling::TurnOverrides& overrides) {
    if (step.tasks.empty())
        return refuse(ProblemCode::NotDefined, step.key, {},
                      wanted("a face of it that can be pushed straight from above"));
    const tooling::DriverEnd end{press ? press->ramFootDia_mm : 0, 0};
    return tooling::designSleeve(step.tasks.front(), step.load, end, nameFor(step), overrides);
}

std::set<std::string> workedBefore(const WorkStep& step, const tables::Tables& lib) {
    std::set<std::string> out;
    for (const auto& record : lib.records)
        if (step.bearing && record.bearing == step.bearing->designation)
            out.insert(record.tools.begin(), record.tools.end());
    return out;
}

} // namespace arbor::plan
