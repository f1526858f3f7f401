#include "core/section/motion.h"
#include "core/tooling/setup.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::tooling {

namespace {

using section::Body;
using section::BodyKind;

constexpr double kHigh_mm = 5000;
constexpr double kToolYield_MPa = 355; // plain carbon steel, as turned
constexpr double kSafety = 1.5;        // [HB4.17]
constexpr double kToolE_MPa = 210'000;
constexpr double kSlenderLimit = 2.5;    // height over smallest face, [HB4.18]
constexpr std::size_t kLooseLimit = 2;   // spacers, [HB4.18]
constexpr double kRoomAbove_mm = 5;      // to slide the stack under the ram
constexpr double kCloseToSeal_mm = 0.25; // on the radius: a looser centring would touch
constexpr double kEpsilon_mm = 1e-6;

Advice stop(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Stop, value, limit, std::move(subject), std::move(source)};
}
Advice look(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Look, value, limit, std::move(subject), std::move(source)};
}
Advice info(Finding id, double value = 0, double limit = 0, std::string subject = {}, std::string source = {}) {
    return {id, Severity::Info, value, limit, std::move(subject), std::move(source)};
}

const Body* firstOf(const std::vector<Body>& bodies, BodyKind kind) {
    const auto found = std::find_if(bodies.begin(), bodies.end(), [&](const Body& b) { return b.kind == kind; });
    return found == bodies.end() ? nullptr : &*found;
}

} // namespace

DriverBench::DriverBench(const arrangement::HousedBearing& a, LoadCase load, double ramFootDia_mm)
    : m_arrangement(a), m_load(load), m_ramFootDia_mm(ramFootDia_mm), m_housing(arrangement::housingBodies(a.housing)),
      m_bearing(arrangement::bearingInHousing(a, m_housing.front().top(), 0)) {
    const double inner = a.bearing.outerFaceInnerDia_mm() / 2, outer = a.bearing.outerFaceOuterDia_mm() / 2;
    m_freeFaceArea_mm2 = std::numbers::pi * (outer * outer - inner * inner);
    // Highest first: what stands lower can then be skipped while a driver is lowered.
    std::stable_sort(m_bearing.begin(), m_bearing.end(),
                     [](const Body& x, const Body& y) { return x.top() > y.top(); });
}

DriverCheck DriverBench::check(const catalog::Tool& tool, const std::vector<const catalog::Tool*>& spacers) const {
    DriverCheck out;
    if (tool.kind != catalog::ToolKind::Sleeve && tool.kind != catalog::ToolKind::Disc)
        out.findings.push_back(look(Finding::WrongKind, 0, 0, tool.id));
    std::vector<Body> movers{catalog::toolBody(tool)};
    auto& driver = movers.front();
    driver.z_mm = kHigh_mm;
    const auto& bearing = m_arrangement.bearing;
    if (tool.boreDia_mm >= bearing.outerFaceOuterDia_mm()) {
        out.findings.push_back(
            stop(Finding::MissesFace, tool.boreDia_mm, bearing.outerFaceOuterDia_mm(), "outer ring"));
        return out;
    }
    if (!section::restOn(driver, m_bearing)) {
        out.findings.push_back(
            stop(Finding::MissesFace, tool.outsideDia_mm, bearing.outerFaceInnerDia_mm(), "outer ring"));
        return out;
    }
    judgeLanding(out, driver, tool);
    for (const auto* spacer : spacers) {
        auto body = catalog::toolBody(*spacer);
        const auto& below = movers.back();
        body.z_mm = below.top();
        if (section::restingContacts(body, below).empty())
            out.findings.push_back(stop(Finding::FallsInside, spacer->outsideDia_mm, below.boreDia(), spacer->id));
        movers.push_back(std::move(body));
    }
    movers.push_back({"ram",
                      BodyKind::Ram,
                      section::Hatch::Steel,
                      {section::Slice::tube(0, 1, 0, m_ramFootDia_mm / 2)},
                      movers.back().top()});
    judgeWayDown(out, movers, tool.headThick_mm > 0);
    judgeStrength(out, tool);
    return out;
}

void DriverBench::judgeLanding(DriverCheck& out, const Body& driver, const catalog::Tool& tool) const {
    const auto& bearing = m_arrangement.bearing;
    double innerArea = 0;
    for (const auto& body : m_bearing) {
        for (const auto& touch : section::restingContacts(driver, body)) {
            if (body.kind == BodyKind::OuterRing)
                out.faceArea_mm2 += touch.area_mm2();
            else if (body.kind == BodyKind::InnerRing)
                innerArea += touch.area_mm2();
            else if (!section::mayCarry(body.kind))
                out.findings.push_back(stop(Finding::TouchesPart, touch.outerRad_mm - touch.innerRad_mm, 0, body.id));
        }
    }
    out.coverage = out.faceArea_mm2 / m_freeFaceArea_mm2;
    out.sealGap_mm = (tool.boreDia_mm - bearing.outerFaceInnerDia_mm()) / 2;
    if (out.faceArea_mm2 <= 0 && innerArea > 0)
        out.findings.push_back(
            stop(Finding::LandsOnInnerRing, tool.outsideDia_mm, bearing.outerFaceInnerDia_mm(), "inner ring"));
    else if (out.faceArea_mm2 <= 0)
        out.findings.push_back(
            stop(Finding::MissesFace, tool.outsideDia_mm, bearing.outerFaceInnerDia_mm(), "outer ring"));
    else
        out.findings.push_back(info(Finding::CoversFace, out.coverage, 0, "outer ring"));
    const bool closed =
        m_arrangement.dress.seals != catalog::Side::None || m_arrangement.dress.encoder != catalog::Side::None;
    if (worst(out.findings) < Severity::Stop && closed && out.sealGap_mm < kCloseToSeal_mm)
        out.findings.push_back(look(Finding::TouchesPart, -out.sealGap_mm, 0, "seal"));
}

void DriverBench::judgeWayDown(DriverCheck& out, const std::vector<Body>& movers, bool hasHead) const {
    const double home = m_arrangement.homeTravel_mm();
    for (const auto& mover : movers) {
        const auto meeting = section::firstMeeting(mover, m_housing.front());
        if (!meeting || meeting->travel_mm >= home - kEpsilon_mm) continue;
        const bool tube =
            mover.kind == BodyKind::Driver && !(hasHead && meeting->movingSlice + 1 == mover.slices.size());
        if (tube) {
            const double bore = m_arrangement.housing.seatDia_mm;
            out.findings.push_back(stop(Finding::CatchesInBore,
                                        mover.slices.front().outerBottom * 2 + 2 * mover.runningClearance_mm - bore,
                                        bore));
            return;
        }
        out.stopsShort_mm = std::max(out.stopsShort_mm, home - meeting->travel_mm);
    }
    if (out.stopsShort_mm > 0) out.findings.push_back(stop(Finding::EndsInsideBore, out.stopsShort_mm, 0));
}

void DriverBench::judgeStrength(DriverCheck& out, const catalog::Tool& t) const {
    const double force = m_load.greatest_N();
    if (out.faceArea_mm2 > 0 && force / out.faceArea_mm2 > kToolYield_MPa / kSafety)
        out.findings.push_back(
            stop(Finding::FaceOverloaded, force / out.faceArea_mm2, kToolYield_MPa / kSafety, t.id, "HB4.17"));
    // Euler, hinged ends: a wall slender enough to buckle is found long before it squashes.
    const double inertia = std::numbers::pi / 64 * (std::pow(t.outsideDia_mm, 4) - std::pow(t.boreDia_mm, 4));
    const double critical = std::numbers::pi * std::numbers::pi * kToolE_MPa * inertia / (t.length_mm * t.length_mm);
    if (force > critical / kSafety)
        out.findings.push_back(stop(Finding::SleeveBuckles, force / critical, 1 / kSafety, t.id, "HB4.17"));
}

SupportCheck checkSupport(const arrangement::HousedBearing& a, const catalog::Press& press,
                          const catalog::Tool* support, const LoadCase& load) {
    SupportCheck out;
    const auto setup = buildSetup(a, {&press, nullptr, {}, support, 0}, 0);
    const auto& housing = setup.bodies[*setup.find(BodyKind::Housing)];
    double innerRad = INFINITY;
    for (std::size_t i = 0; i < setup.bodies.size(); ++i) {
        const auto& body = setup.bodies[i];
        if (body.kind != BodyKind::Bed && body.kind != BodyKind::Support) continue;
        for (const auto& touch : section::restingContacts(housing, body)) {
            out.area_mm2 += touch.area_mm2();
            innerRad = std::min(innerRad, touch.innerRad_mm);
        }
        if (const auto hangs = firstOf(setup.bodies, BodyKind::KeepClear);
            hangs && section::firstMeeting(*hangs, body)) {
            const auto below = section::firstMeeting(*hangs, body);
            if (below->travel_mm < 1e-3)
                out.findings.push_back(
                    stop(body.kind == BodyKind::Bed && support ? Finding::TooLowFor : Finding::StandsOnPart,
                         hangs->height() - (support ? support->length_mm : 0), 0, hangs->id));
        }
    }
    if (support) {
        const auto& ring = setup.bodies[*setup.find(BodyKind::Support)];
        if (ring.boreDia() < press.bedOpening_mm && ring.outsideDia() <= press.bedOpening_mm)
            out.findings.push_back(stop(Finding::FallsThrough, ring.outsideDia(), press.bedOpening_mm, support->id));
    }
    if (out.area_mm2 <= 0 && out.findings.empty())
        out.findings.push_back(stop(Finding::FallsThrough, support ? support->boreDia_mm : press.bedOpening_mm,
                                    housing.outsideDia(), support ? support->id : "bed"));
    out.innerDia_mm = out.area_mm2 > 0 ? 2 * innerRad : 0;
    const double force = load.greatest_N();
    if (out.area_mm2 > 0 && force / out.area_mm2 > kToolYield_MPa / kSafety)
        out.findings.push_back(stop(Finding::FaceOverloaded, force / out.area_mm2, kToolYield_MPa / kSafety,
                                    support ? support->id : "bed", "HB4.17"));
    return out;
}

bool StackFit::fits() const {
    return approach_mm >= kRoomAbove_mm && strokeUsed_mm <= strokeThere_mm + kEpsilon_mm;
}

StackFit stackFit(double stack_mm, const catalog::Press& press, std::size_t notch, double homeTravel_mm) {
    StackFit out;
    out.stack_mm = stack_mm;
    out.daylight_mm = press.notchDaylight_mm[notch];
    out.approach_mm = out.daylight_mm - out.stack_mm;
    out.strokeUsed_mm = out.approach_mm + homeTravel_mm;
    out.strokeThere_mm = press.stroke_mm;
    return out;
}

namespace {

/// The path at one position of the ring, as findings.
force::Path judgePath(AdviceList& findings, const arrangement::HousedBearing& a, const SetupChoice& choice,
                      const LoadCase& load, double travel_mm) {
    const auto setup = buildSetup(a, choice, travel_mm);
    auto path = force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
    if (!path.connected) {
        findings.push_back(stop(Finding::NoPath, 0, 0, "outer ring"));
        return path;
    }
    const auto isElements = [&](std::size_t b) { return setup.bodies[b].kind == BodyKind::RollingElements; };
    const auto& bad = path.mustNotCarry;
    if (std::any_of(bad.begin(), bad.end(), isElements)) {
        findings.push_back(
            stop(Finding::PathThroughElements, load.greatest_N(), load.staticAxial_N, "inner ring", "HB4.7"));
        findings.push_back({load.staticIsEstimate ? Finding::RatingIsEstimate : Finding::RatingTyped,
                            Severity::Info,
                            load.staticAxial_N,
                            0,
                            {},
                            "ISO76"});
    } else if (!bad.empty()) {
        findings.push_back(stop(Finding::PathThroughPart, load.greatest_N(), 0, setup.bodies[bad.front()].id));
    }
    return path;
}

void judgeStack(Proof& proof, const arrangement::HousedBearing& a, const SetupChoice& choice, const LoadCase& load) {
    const auto setup = buildSetup(a, choice, 0);
    proof.stack = stackFit(setup.ramFaceZ_mm(), *choice.press, choice.notch, a.homeTravel_mm());
    const auto& s = proof.stack;
    if (s.approach_mm < kRoomAbove_mm)
        proof.findings.push_back(stop(Finding::NoNotchFits, s.stack_mm + kRoomAbove_mm, s.daylight_mm, {}, "HB4.18"));
    else if (!s.fits())
        proof.findings.push_back(stop(Finding::StrokeShort, s.strokeUsed_mm, s.strokeThere_mm, {}, "HB4.18"));
    else
        proof.findings.push_back(info(Finding::OneStroke, s.strokeUsed_mm, s.strokeThere_mm));
    if (choice.spacers.size() > kLooseLimit)
        proof.findings.push_back(
            stop(Finding::StackLoose, static_cast<double>(choice.spacers.size()), kLooseLimit, {}, "HB4.18"));
    double narrow = choice.driver->outsideDia_mm, tall = choice.driver->length_mm;
    for (const auto* spacer : choice.spacers) {
        narrow = std::min(narrow, spacer->outsideDia_mm);
        tall += spacer->length_mm;
    }
    if (tall > kSlenderLimit * narrow)
        proof.findings.push_back(stop(Finding::StackTall, tall / narrow, kSlenderLimit, {}, "HB4.18"));
    const double most = load.greatest_N();
    if (most > choice.press->capacity_N)
        proof.findings.push_back(stop(Finding::PressTooSmall, most, choice.press->capacity_N, choice.press->name));
}

} // namespace

Proof proveSetup(const arrangement::HousedBearing& a, const SetupChoice& choice, const LoadCase& load) {
    Proof proof;
    const double home = a.homeTravel_mm();
    proof.path = judgePath(proof.findings, a, choice, load, home / 2);
    if (proof.path.proven()) {
        judgePath(proof.findings, a, choice, load, home);
        if (worst(proof.findings) == Severity::Info)
            proof.findings.push_back(info(Finding::PathProven, 0, 0, "outer ring", "HB1.1"));
    }
    const auto driver = DriverBench(a, load, choice.press->ramFootDia_mm).check(*choice.driver, choice.spacers);
    const auto support = checkSupport(a, *choice.press, choice.support, load);
    proof.findings.insert(proof.findings.end(), driver.findings.begin(), driver.findings.end());
    proof.findings.insert(proof.findings.end(), support.findings.begin(), support.findings.end());
    judgeStack(proof, a, choice, load);
    std::stable_sort(proof.findings.begin(), proof.findings.end(),
                     [](const Advice& x, const Advice& y) { return x.severity > y.severity; });
    return proof;
}

} // namespace arbor::tooling
