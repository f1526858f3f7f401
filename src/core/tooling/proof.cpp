#include "core/force/draw_bolt.h"
#include "core/section/contact.h"
#include "core/section/motion.h"
#include "core/standards/thread.h"
#include "core/tooling/findings.h"
#include "core/tooling/rules.h"
#include "core/tooling/setup.h"

#include <algorithm>
#include <cmath>

namespace arbor::tooling {

namespace {

using section::BodyKind;

constexpr double kSlenderLimit = 2.5;    // height over smallest face, [HB4.18]
constexpr std::size_t kLooseLimit = 2;   // spacers, [HB4.18]
constexpr double kRoomAbove_mm = 5;      // to slide the stack under the ram
constexpr double kBrinell = 1e-4;        // of the element's diameter, at the static rating: what ISO 76 defines it by
constexpr double kSeenDent_mm = 1e-4;    // smaller ones are lost in the finish of a raceway
constexpr double kStandsAlone = 1.0 / 3; // of the diameter engaged: a ring then stays square by itself; practice value
constexpr double kHandMost_N = 300;      // at a wrench; practice value

/// What must not carry, on the way of the push.
void judgeElements(AdviceList& findings, const Task& task, const Setup& setup, const force::Path& path,
                   const LoadCase& load) {
    const auto first = std::find_if(path.bodies.begin(), path.bodies.end(),
                                    [&](std::size_t b) { return setup.bodies[b].kind == BodyKind::RollingElements; });
    const auto& before = setup.bodies[*(first - 1)];
    const auto severity = task.scrap ? Severity::Check : Severity::Stop;
    const double force = load.greatest_N();
    findings.push_back({found::PathThroughElements{force, load.staticAxial_N, before.id}, severity, "HB4.7"});
    if (task.splitInner) findings.push_back({found::SplitRingParts{force}, severity, "HB1.1"});
    const double share = load.staticAxial_N > 0 ? force / load.staticAxial_N : 0;
    const double dent = kBrinell * load.elementDia_mm * share * share;
    if (dent >= kSeenDent_mm && !task.scrap)
        findings.push_back(info(found::DentsExpected{dent, kBrinell * load.elementDia_mm}, "ISO76"));
    findings.push_back(load.staticIsEstimate ? info(found::RatingIsEstimate{load.staticAxial_N}, "ISO76")
                                             : info(found::RatingTyped{load.staticAxial_N}, "ISO76"));
}

/// Half way, or as soon after as the two are in touch: where a ring passes a wider stretch it takes no force.
double onItsWay_mm(const Task& task) {
    for (const double share : {0.5, 0.6, 0.7, 0.8, 0.9}) {
        const auto moved = task.atTravel(share * task.travel_mm);
        const auto touches = section::contacts({moved[task.pushed], task.still[task.holder]});
        if (!touches.empty()) return share * task.travel_mm;
    }
    return task.travel_mm / 2;
}

/// The path at one position, as findings.
force::Path judgePath(AdviceList& findings, const Task& task, const SetupChoice& choice, const LoadCase& load,
                      double travel_mm) {
    const auto setup = buildSetup(task, choice, travel_mm);
    auto path = force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
    if (!path.connected) {
        findings.push_back(stop(found::NoPath{task.faceName}));
        return path;
    }
    const auto& bad = path.mustNotCarry;
    const bool elements = std::any_of(bad.begin(), bad.end(),
                                      [&](std::size_t b) { return setup.bodies[b].kind == BodyKind::RollingElements; });
    if (elements)
        judgeElements(findings, task, setup, path, load);
    else if (!bad.empty())
        findings.push_back(stop(found::PathThroughPart{load.greatest_N(), setup.bodies[bad.front()].id}));
    return path;
}

/// The part that still is that what moves would meet next, and how far on.
struct Ahead {
    double gap_mm = INFINITY;
    std::string what;
};
Ahead aheadOf(const Setup& setup) {
    Ahead out;
    for (std::size_t m = 0; m < setup.bodies.size(); ++m) {
        if (!setup.moves[m] || section::isTool(setup.bodies[m].kind)) continue;
        for (std::size_t s = 0; s < setup.bodies.size(); ++s) {
            const auto& still = setup.bodies[s];
            if (setup.moves[s] || !section::mayCarry(still.kind)) continue;
            const auto meeting = section::firstMeeting(setup.bodies[m], still);
            if (meeting && !meeting->overlapsAtStart && meeting->travel_mm < out.gap_mm)
                out = {meeting->travel_mm, still.id};
        }
    }
    return out;
}

/// What the holding load goes through once it stands: the force is walked again without the walls it slid along.
void judgeHold(StackProof& proof, const Task& task, const SetupChoice& choice, const LoadCase& load) {
    if (task.out) return;
    const auto setup = buildSetup(task, choice, task.travel_mm);
    const auto path = force::findStop(setup.bodies, setup.moves, setup.ram, setup.bed);
    if (!path.connected) {
        const auto ahead = aheadOf(setup);
        const auto severity = task.toDepth ? Severity::Info : Severity::Check;
        const bool near = std::isfinite(ahead.gap_mm);
        proof.findings.push_back(
            {found::NothingStopsIt{task.travel_mm, near ? ahead.gap_mm : 0, near ? ahead.what : std::string()},
             severity, "HB8"});
        return;
    }
    if (path.mustNotCarry.empty()) return;
    const auto& through = setup.bodies[path.mustNotCarry.front()];
    const bool elements = through.kind == BodyKind::RollingElements;
    proof.stopAt_mm = task.travel_mm;
    proof.findings.push_back(
        elements ? look(found::HoldThroughElements{task.travel_mm, load.staticAxial_N, through.id}, "HB8")
                 : look(found::HoldThroughPart{task.travel_mm, through.id}, "HB8"));
}

double seatLeft(const Task& task, double travel_mm) {
    return task.out ? task.travel_mm - travel_mm : travel_mm;
}

void judgeHeight(AdviceList& findings, const SetupChoice& choice) {
    double narrow = INFINITY, tall = 0;
    const auto add = [&](const catalog::Tool& piece) {
        narrow = std::min(narrow, piece.outsideDia_mm);
        tall += piece.length_mm;
    };
    if (choice.driver) add(*choice.driver);
    for (const auto* spacer : choice.spacers)
        add(*spacer);
    if (choice.press && tall > kSlenderLimit * narrow)
        findings.push_back(stop(found::StackTall{tall / narrow, kSlenderLimit}, "HB4.18"));
    if (choice.spacers.size() > kLooseLimit)
        findings.push_back(stop(found::StackLoose{static_cast<double>(choice.spacers.size()), kLooseLimit}, "HB4.18"));
}

/// The stack of the second stroke is judged like any other.
bool standsWith(const Task& task, SetupChoice choice, const LoadCase& load, const catalog::Tool* spacer) {
    choice.spacers = {spacer};
    AdviceList findings;
    judgeHeight(findings, choice);
    judgePath(findings, task, choice, load, task.out ? 0 : task.travel_mm);
    const auto driver = DriverBench(task, load, endOf(choice)).check(choice.driver, choice.spacers);
    return worst(findings) < Severity::Stop && worst(driver.findings) < Severity::Stop;
}

/// A second stroke after a spacer is put in, broken off where the ring stands by itself.
std::optional<Restack> restackOf(const Task& task, const SetupChoice& choice, const LoadCase& load, const StackFit& fit,
                                 const std::vector<const catalog::Tool*>& spacers) {
    if (!choice.spacers.empty()) return std::nullopt;
    Restack out;
    out.first_mm = fit.strokeThere_mm - fit.reserve_mm - fit.approach_mm;
    out.second_mm = task.travel_mm - out.first_mm;
    out.engaged_mm = seatLeft(task, out.first_mm);
    const double enough = std::min(kStandsAlone * task.seatDia_mm, task.travel_mm / 2);
    if (!(out.first_mm > 0 && out.engaged_mm >= enough)) return std::nullopt;
    for (const auto* spacer : spacers) {
        const double approach = fit.approach_mm + out.first_mm - spacer->length_mm;
        const bool reaches = approach >= fit.room_mm && approach + out.second_mm + fit.reserve_mm <= fit.strokeThere_mm;
        if (!reaches || !standsWith(task, choice, load, spacer)) continue;
        out.added = spacer;
        return out;
    }
    return std::nullopt;
}

void judgePress(StackProof& proof, const Task& task, const SetupChoice& choice, const LoadCase& load,
                const Setup& setup, const std::vector<const catalog::Tool*>& restack) {
    const auto& press = *choice.press;
    proof.stack = stackFit(setup.ramFaceZ_mm(), press, choice.notch, task.travel_mm);
    const auto& s = proof.stack;
    if (s.approach_mm < s.room_mm)
        proof.findings.push_back(stop(found::NoNotchFits{s.stack_mm + s.room_mm, s.daylight_mm}, "HB4.18"));
    else if (s.fits())
        proof.findings.push_back(info(found::OneStroke{s.strokeUsed_mm, s.strokeThere_mm}));
    else if ((proof.restack = restackOf(task, choice, load, s, restack)))
        proof.findings.push_back(look(
            found::TwoStrokes{proof.restack->first_mm, proof.restack->engaged_mm, proof.restack->added->id}, "HB4.18"));
    else
        proof.findings.push_back(stop(found::StrokeShort{s.strokeUsed_mm + s.reserve_mm, s.strokeThere_mm}, "HB4.18"));
    double widest = 0;
    for (std::size_t i = 0; i < setup.bodies.size(); ++i)
        if (!section::isTool(setup.bodies[i].kind)) widest = std::max(widest, setup.bodies[i].outsideDia() / 2);
    if (press.throat_mm > 0 && widest > press.throat_mm)
        proof.findings.push_back(stop(found::ThroatShort{widest, press.throat_mm, press.name}));
    if (load.known && load.greatest_N() > press.capacity_N)
        proof.findings.push_back(stop(found::PressTooSmall{load.greatest_N(), press.capacity_N, press.name}));
}

/// Strength of the bolt and its thread, and who or what pulls it.
void judgePull(StackProof& proof, const SetupChoice& choice, double force_N) {
    const auto& bolt = *choice.bolt;
    const auto drawn = drawBoltOf(bolt, choice.ram != nullptr);
    const auto loaded = drawn ? force::loadBolt(*drawn, {force_N, force_N, force_N}) : tl::unexpected(drawn.error());
    if (!loaded) {
        proof.findings.push_back(stop(found::WrongKind{bolt.id}));
        return;
    }
    proof.pull = BoltPull{*loaded, standards::acrossFlats_mm(drawn->thread), {}, bolt.thrustBearing, bolt.wrench_mm};
    if (choice.ram) proof.pull->ramPressure_MPa = force_N / choice.ram->ramArea_mm2;
    const double strip = loaded->stripForce_N / kSafety;
    if (!loaded->strong())
        proof.findings.push_back(
            stop(found::BoltOverstressed{loaded->stress_MPa, loaded->allowed_MPa, bolt.id}, "VDI2230-1"));
    if (force_N > strip) proof.findings.push_back(stop(found::ThreadStrips{force_N, strip, bolt.id}, "VDI2230-1"));
    if (choice.ram && choice.ram->capacity_N > 0 && force_N > choice.ram->capacity_N)
        proof.findings.push_back(stop(found::PressTooSmall{force_N, choice.ram->capacity_N, choice.ram->id}));
    if (loaded->hand_N.most > kHandMost_N)
        proof.findings.push_back(look(found::HandForceHigh{loaded->hand_N.most, kHandMost_N, bolt.id}, "HB4.9"));
}

void judgeBolt(StackProof& proof, const Task& task, const SetupChoice& choice, const LoadCase& load,
               const Setup& setup) {
    const auto& bolt = *choice.bolt;
    proof.stack = boltFit(setup.ramFaceZ_mm(), bolt, choice.ram, task.travel_mm);
    const auto& s = proof.stack;
    if (s.approach_mm < s.room_mm)
        proof.findings.push_back(stop(found::BoltShort{s.stack_mm, s.daylight_mm, bolt.id}, "HB4.9"));
    else if (!s.fits())
        proof.findings.push_back(stop(found::StrokeShort{s.strokeUsed_mm + s.reserve_mm, s.strokeThere_mm}, "HB4.18"));
    const double through = task.throughDia_mm(), thread = bolt.threadDia_mm();
    if (through <= thread) proof.findings.push_back(stop(found::BoltDoesNotPass{thread, through, "bore"}));
    if (load.known) judgePull(proof, choice, load.greatest_N());
}

/// How square it must be put in: over that, the edge shaves the bore. @source [HB4.12]
void judgeStart(StackProof& proof, const Task& task, const LoadCase& load) {
    if (task.out || !(task.chamfer_mm > 0) || !load.known) return;
    if (load.interference_mm >= 0)
        proof.findings.push_back(
            info(found::StartTilt{std::max(0.0, task.chamfer_mm - load.interference_mm), task.seatDia_mm}, "HB4.12"));
    else
        proof.findings.push_back(look(found::WedgeDepth{load.mu * task.seatDia_mm, -load.interference_mm}, "HB4.12"));
}

} // namespace

bool StackFit::fits() const {
    return approach_mm >= room_mm && strokeUsed_mm + reserve_mm <= strokeThere_mm + kEpsilon_mm;
}

namespace {

double reserveOf(double stroke_mm) {
    return std::max(kLeastStrokeReserve_mm, kStrokeReserveShare * stroke_mm);
}

} // namespace

StackFit stackFit(double stack_mm, const catalog::Press& press, std::size_t notch, double travel_mm) {
    StackFit out;
    out.stack_mm = stack_mm;
    out.daylight_mm = press.notchDaylight_mm[notch];
    out.approach_mm = out.daylight_mm - out.stack_mm;
    out.strokeUsed_mm = out.approach_mm + travel_mm;
    out.strokeThere_mm = press.stroke_mm;
    out.reserve_mm = reserveOf(out.strokeThere_mm);
    out.room_mm = kRoomAbove_mm;
    return out;
}

StackFit boltFit(double stack_mm, const catalog::Tool& bolt, const catalog::Tool* ram, double travel_mm) {
    StackFit out;
    out.stack_mm = stack_mm;
    out.daylight_mm = bolt.length_mm - 2 * bolt.edge_mm - (ram ? ram->length_mm : 0);
    out.approach_mm = out.daylight_mm - out.stack_mm;
    out.strokeUsed_mm = travel_mm;
    out.strokeThere_mm = ram ? ram->stroke_mm : bolt.stroke_mm > 0 ? bolt.stroke_mm : out.daylight_mm;
    out.reserve_mm = reserveOf(out.strokeThere_mm);
    out.room_mm = 0;
    return out;
}

Result<force::DrawBolt> drawBoltOf(const catalog::Tool& tool, bool byRam) {
    const auto thread = standards::parseThread(tool.thread);
    if (!thread) return tl::unexpected(thread.error());
    const auto strength = standards::parseStrengthClass(tool.strengthClass);
    if (!strength) return tl::unexpected(strength.error());
    force::DrawBolt out;
    out.thread = *thread;
    out.strength = *strength;
    out.headMeanDia_mm = (thread->dia_mm + tool.outsideDia_mm) / 2;
    out.turned = !byRam;
    out.muHead = tool.thrustBearing ? force::kThrustBearing : force::kGreasedWasher;
    out.engagement_mm = std::min(tool.edge_mm, 0.9 * thread->dia_mm); // a washer carries no thread
    out.wrench_mm = tool.wrench_mm;
    return out;
}

namespace {

/// The judgements of a setup one after the other. @param toFirstStop  no further than to the first that stops it
StackProof judged(const Task& task, const SetupChoice& choice, const LoadCase& load,
                  const std::vector<const catalog::Tool*>& restack, bool toFirstStop) {
    StackProof proof;
    const auto isOver = [&] { return toFirstStop && !proof.holds(); };
    proof.path = judgePath(proof.findings, task, choice, load, onItsWay_mm(task));
    if (isOver()) return proof;
    if (proof.path.proven()) {
        judgePath(proof.findings, task, choice, load, task.out ? 0 : task.travel_mm);
        if (isOver()) return proof;
        judgeHold(proof, task, choice, load);
        if (worst(proof.findings) == Severity::Info)
            proof.findings.push_back(info(found::PathProven{task.faceName}, "HB1.1"));
    }
    const auto driver = DriverBench(task, load, endOf(choice)).check(choice.driver, choice.spacers);
    proof.findings.insert(proof.findings.end(), driver.findings.begin(), driver.findings.end());
    if (isOver()) return proof;
    const auto support = checkSupport(task, choice, load);
    proof.findings.insert(proof.findings.end(), support.findings.begin(), support.findings.end());
    judgeHeight(proof.findings, choice);
    if (isOver()) return proof;
    const auto setup = buildSetup(task, choice, 0);
    if (choice.press)
        judgePress(proof, task, choice, load, setup, restack);
    else
        judgeBolt(proof, task, choice, load, setup);
    return proof;
}

} // namespace

StackProof proveSetup(const Task& task, const SetupChoice& choice, const LoadCase& load,
                      const std::vector<const catalog::Tool*>& restack) {
    auto proof = judged(task, choice, load, restack, false);
    judgeStart(proof, task, load);
    std::stable_sort(proof.findings.begin(), proof.findings.end(),
                     [](const Advice& x, const Advice& y) { return x.severity > y.severity; });
    return proof;
}

bool holds(const Task& task, const SetupChoice& choice, const LoadCase& load,
           const std::vector<const catalog::Tool*>& restack) {
    return judged(task, choice, load, restack, true).holds();
}

DriverEnd endOf(const SetupChoice& choice) {
    if (choice.press) return {choice.press->ramFootDia_mm, 0};
    return {choice.ram ? choice.ram->outsideDia_mm : choice.bolt->outsideDia_mm, choice.bolt->threadDia_mm()};
}

} // namespace arbor::tooling
