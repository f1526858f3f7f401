#include "core/plan/own_thread.h"

#include "core/tooling/findings.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using arrangement::Bolting;
using arrangement::Part;

constexpr double kTakesHold = 0.8; // of the diameter: thread that must have hold before it is pulled. [PRACTICE]
constexpr double kSafety = 1.5;    // against stripping. [PRACTICE]
constexpr double kTensile = 1.25;  // of yield, for a steel whose strength class nobody knows. [PRACTICE]
constexpr double kPlay_mm = 0.1;   // beyond the running clearance, so that a nut passes as a driver over its own thread

/// The stretch of a part that presses on another: a ring at one height.
struct PressingRing {
    double inner_mm = 0, outer_mm = 0; ///< diameters
    double length_mm = 0;              ///< of what stands on it
};

/// What a pull at one part comes down on, through washers and spacers that lie between.
class Chain {
public:
    /// @param up  the part that is drawn home comes from above
    Chain(const arrangement::Assembly& a, std::size_t drawn, bool up) : m_a(a), m_drawn(drawn), m_up(up) {}

    std::optional<PressingRing> from(std::size_t part) const {
        const double far = end(m_a.parts[part], !m_up);
        for (std::size_t steps = 0; steps < m_a.parts.size(); ++steps) {
            if (ringOn(m_a.parts[part], m_a.parts[m_drawn])) {
                auto ring = facing(m_a.parts[part]);
                ring.length_mm = std::abs(far - end(m_a.parts[part], m_up));
                return ring;
            }
            const auto next = under(part);
            if (!next) return std::nullopt;
            part = *next;
        }
        return std::nullopt;
    }

private:
    /// Height of a part's lower end where it comes from above, else of its upper one. @param near  that end
    double end(const Part& part, bool near) const {
        double low = INFINITY, high = -INFINITY;
        for (const auto& body : part.bodies) {
            low = std::min(low, body.bottom());
            high = std::max(high, body.top());
        }
        return near ? low : high;
    }
    PressingRing facing(const Part& part) const {
        const auto& body = part.bodies.front();
        const auto& s = m_up ? body.slices.front() : body.slices.back();
        return {2 * (m_up ? s.innerBottom : s.innerTop), 2 * (m_up ? s.outerBottom : s.outerTop), 0};
    }
    /// Whether one comes down on the other: faces in touch that overlap.
    bool ringOn(const Part& upper, const Part& lower) const {
        const auto mine = facing(upper);
        const double z = end(upper, m_up);
        for (const auto& body : lower.bodies) {
            const double theirs = m_up ? body.top() : body.bottom();
            const auto& s = m_up ? body.slices.back() : body.slices.front();
            const double in = 2 * (m_up ? s.innerTop : s.innerBottom), out = 2 * (m_up ? s.outerTop : s.outerBottom);
            if (std::abs(theirs - z) < arrangement::kTouch_mm &&
                std::min(out, mine.outer_mm) > std::max(in, mine.inner_mm))
                return true;
        }
        return false;
    }
    std::optional<std::size_t> under(std::size_t part) const {
        for (std::size_t p = 0; p < m_a.parts.size(); ++p)
            if (p != part && p != m_drawn && !m_a.parts[p].catalogue && ringOn(m_a.parts[part], m_a.parts[p])) return p;
        return std::nullopt;
    }

    const arrangement::Assembly& m_a;
    std::size_t m_drawn;
    bool m_up;
};

/// One thread that may draw the part of a step home.
class Drawing {
public:
    Drawing(const WorkStep& step, const Given& given) : m_step(step), m_given(given), m_a(given.strip.assembly) {}

    std::optional<StepSetup> best() {
        for (std::size_t t = 0; t < m_step.tasks.size(); ++t) {
            if (m_step.tasks[t].partnerMoves) continue; // what is drawn is the part
            for (std::size_t p = 0; p < m_a.parts.size(); ++p)
                if (m_a.parts[p].kind == arrangement::PartKind::Nut) byNut(t, p);
            for (const auto& bolts : m_a.bolted)
                byScrews(t, bolts);
        }
        return std::move(m_best);
    }

private:
    void byNut(std::size_t task, std::size_t nut) {
        const auto* joint = threadOf(m_a.parts[nut].id);
        if (!joint) return;
        const auto screwed = arrangement::indexOf(m_a, joint->outer == m_a.parts[nut].id ? joint->inner : joint->outer);
        if (!screwed || *screwed != m_step.partner) return; // it pulls against what is held
        const auto touch = arrangement::touchOf(m_a.parts[nut], m_a.parts[*screwed]);
        const auto ring = Chain(m_a, m_step.part, m_step.up).from(nut);
        if (!touch || !ring) return;
        OwnThread own;
        const standards::Thread thread{touch->dia_mm, m_given.job.adjust.nut.pitch_mm};
        own.thread = "M" + plain(thread.dia_mm) + "x" + plain(thread.pitch_mm);
        judgeAsDriver(own, task, *ring);
        judgeReach(own, task, *touch, nut, *screwed);
        const auto material = m_given.tables.materials.find(m_a.parts[*screwed].material);
        const double yield = material == m_given.tables.materials.end() ? 0 : material->second.yield_MPa;
        force::DrawBolt bolt{thread, {kTensile * yield, yield}, (thread.dia_mm + ring->outer_mm) / 2};
        bolt.engagement_mm = touch->length_mm;
        judgeLoad(own, bolt, m_a.parts[nut].name());
        offer(task, std::move(own));
    }

    void byScrews(std::size_t task, const Bolting& bolts) {
        const auto &part = m_a.parts[m_step.part].id, &partner = m_a.parts[m_step.partner].id;
        const auto &drawn = bolts.outer, &held = bolts.inner;
        const bool itself = (drawn == part && held == partner) || (drawn == partner && held == part);
        const auto thread = standards::parseThread(bolts.thread);
        const auto strength = standards::parseStrengthClass(bolts.strengthClass);
        if (!thread || !strength) return;
        OwnThread own;
        own.thread = bolts.thread;
        own.count = bolts.count;
        if (!itself) { // a cover or plate that comes down on the part
            const auto cover = arrangement::indexOf(m_a, drawn == partner ? held : drawn);
            if ((drawn != partner && held != partner) || !cover) return;
            const auto ring = Chain(m_a, m_step.part, m_step.up).from(*cover);
            if (!ring) return;
            judgeAsDriver(own, task, *ring);
        } else {
            judgeItself(own, task);
        }
        const double travel = m_step.tasks[task].travel_mm, needed = travel + kTakesHold * thread->dia_mm;
        if (bolts.reach_mm < needed)
            own.findings.push_back(tooling::look(found::ScrewsLongEnough{needed, bolts.thread}, "HB8"));
        own.findings.push_back(tooling::info(found::CrosswiseInSteps{bolts.count}, "HB8"));
        force::DrawBolt bolt{*thread, *strength, 1.3 * thread->dia_mm}; // mean of head and hole. [VDI2230-1]
        bolt.engagement_mm = kTakesHold * thread->dia_mm;
        judgeLoad(own, bolt, m_a.parts[m_step.part].name());
        offer(task, std::move(own));
    }

    const arrangement::Joint* threadOf(const std::string& nut) const {
        for (const auto& joint : m_a.threaded)
            if (joint.outer == nut || joint.inner == nut) return &joint;
        return nullptr;
    }

    /// The flange is pulled itself: nothing but the part that is tight lies in the way of the force.
    void judgeItself(OwnThread& own, std::size_t task) const {
        const auto& t = m_step.tasks[task];
        const auto& pushed = t.moving[t.pushed];
        if (pushed.kind == section::BodyKind::InnerRing)
            own.findings.push_back(tooling::stop(
                found::PathThroughElements{m_step.load.greatest_N(), m_step.load.staticAxial_N, t.faceName}, "HB1.1"));
    }

    void judgeAsDriver(OwnThread& own, std::size_t task, const PressingRing& ring) const {
        catalog::Tool tool;
        tool.id = m_a.parts[m_step.part].id;
        tool.outsideDia_mm = ring.outer_mm;
        tool.boreDia_mm = ring.inner_mm + catalog::kRunningClearance_mm + kPlay_mm;
        tool.length_mm = ring.length_mm + m_step.tasks[task].travel_mm;
        if (!(tool.outsideDia_mm > tool.boreDia_mm)) return;
        const tooling::DriverBench bench(m_step.tasks[task], m_step.load, {ring.outer_mm, 0});
        for (const auto& finding : bench.check(&tool).findings) {
            // Nothing stands on a nut: what it is screwed to goes right through it.
            const bool ofTheRam = finding.is<found::EndsInsideBore>() || finding.is<found::FallsInside>();
            const bool counts = finding.severity == Severity::Stop || finding.is<found::CoversFace>();
            if (counts && !ofTheRam) own.findings.push_back(finding);
        }
    }

    /// Where the part's travel begins, the nut stands so much further out: its thread must reach it there.
    void judgeReach(OwnThread& own, std::size_t task, const arrangement::Touch& touch, std::size_t nut,
                    std::size_t screwed) const {
        const double travel = m_step.tasks[task].travel_mm;
        double end = m_step.up ? -INFINITY : INFINITY;
        for (const auto& body : m_a.parts[screwed].bodies)
            for (const auto& wall : section::outerWalls(body))
                if (std::abs(2 * wall.rad_mm - touch.dia_mm) < arrangement::kTouch_mm * 2)
                    end = m_step.up ? std::max(end, wall.zTop_mm) : std::min(end, wall.zBottom_mm);
        double nearEnd = m_step.up ? INFINITY : -INFINITY;
        for (const auto& body : m_a.parts[nut].bodies)
            nearEnd = m_step.up ? std::min(nearEnd, body.bottom()) : std::max(nearEnd, body.top());
        const double there = m_step.up ? end - nearEnd : nearEnd - end; // thread beyond the nut's face when it is home
        const double wanted = travel + std::min(kTakesHold * touch.dia_mm, touch.length_mm / 2);
        if (there < wanted)
            own.findings.push_back(tooling::stop(
                found::OwnThreadReach{std::min(travel, wanted - there), travel, m_a.parts[m_step.part].name()}, "HB8"));
    }

    void judgeLoad(OwnThread& own, force::DrawBolt bolt, const std::string& name) const {
        bolt.muThread = force::kGreasedThread;
        bolt.muHead = force::kGreasedWasher;
        const bool known = m_step.seat && m_step.load.known && bolt.strength.yield_MPa > 0;
        if (known) judgeStrength(own, bolt, name);
        const auto torque = own.load ? own.load->torque_Nmm : Range{};
        own.findings.insert(own.findings.begin(),
                            tooling::info(found::OwnThreadDraws{own.count, torque.least / 1000, torque.most / 1000,
                                                                own.thread, m_a.parts[m_step.part].name()},
                                          "HB4.9"));
    }

    /// Each turned with its share of the force at the end; as strong as the worst fit asks for.
    void judgeStrength(OwnThread& own, const force::DrawBolt& bolt, const std::string& name) const {
        const double share = 1.0 / own.count, each = m_step.load.pressForceMost_N * share;
        const auto load = force::loadBolt(bolt, m_given.fits.seats[*m_step.seat].fit->pressForce_N * share);
        const auto most = force::loadBolt(bolt, {each, each, each});
        if (!load || !most) return;
        own.load = *load;
        if (!most->strong())
            own.findings.push_back(
                tooling::stop(found::BoltOverstressed{most->stress_MPa, most->allowed_MPa, name}, "VDI2230-1"));
        if (each > most->stripForce_N / kSafety)
            own.findings.push_back(
                tooling::stop(found::ThreadStrips{each, most->stripForce_N / kSafety, name}, "VDI2230-1"));
    }

    void offer(std::size_t task, OwnThread own) {
        StepSetup way;
        way.task = task;
        way.own = std::move(own);
        if (!m_best || (way.proven() && !m_best->proven())) m_best = std::move(way);
    }

    const WorkStep& m_step;
    const Given& m_given;
    const arrangement::Assembly& m_a;
    std::optional<StepSetup> m_best;
};

} // namespace

std::optional<StepSetup> ownThreadFor(const WorkStep& step, const Given& given) {
    return step.out ? std::nullopt : Drawing(step, given).best();
}

} // namespace arbor::plan
