#include "core/section/motion.h"
#include "core/tooling/findings.h"
#include "core/tooling/rules.h"
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
constexpr double kHardYield_MPa = 900; // hardened and tempered, far below what it bears; it shatters first
constexpr double kToolE_MPa = 210'000;
constexpr double kPoisson = 0.3;
constexpr double kGuides_mm = 0.6;       // on the diameter: with less play it cannot stand aside. Practice value
constexpr double kCloseToSeal_mm = 0.25; // on the radius: a looser centring would touch

double allowed(const catalog::Tool& tool) {
    return (tool.hardened ? kHardYield_MPa : kToolYield_MPa) / kSafety;
}

/// Stress in the middle of a round plate of thickness t, carried on radius a, loaded evenly on radius r.
/// M = F/(4 pi) [(1 + nu) ln(a/r) + 1 - (1 - nu) r^2 / (4 a^2)], sigma = 6 M / t^2. Plate theory, simply supported.
double plateStress(double force_N, double thick_mm, double carriedRad_mm, double loadRad_mm) {
    const double a = carriedRad_mm, r = std::min(loadRad_mm, a);
    if (!(r < a)) return 0;
    const double moment = force_N / (4 * std::numbers::pi) *
                          ((1 + kPoisson) * std::log(a / r) + 1 - (1 - kPoisson) * r * r / (4 * a * a));
    return 6 * moment / (thick_mm * thick_mm);
}

/// Of a disc or a closed head between the mean circle of the face and what stands on it; an open one has none.
double bendingOf(const catalog::Tool& tool, const FreeFace& face, double onItDia_mm, double force_N) {
    if (tool.throughDia_mm() > 0) return 0;
    const double thick = tool.headThick_mm > 0 ? tool.headThick_mm : tool.length_mm;
    const double carriedRad = (face.innerDia_mm + std::min(face.outerDia_mm, tool.outsideDia_mm)) / 4;
    return plateStress(force_N, thick, carriedRad, onItDia_mm / 2);
}

/// Spacers on the driver, each on the one below.
void putOn(std::vector<Body>& movers, const std::vector<const catalog::Tool*>& spacers, AdviceList& findings) {
    for (const auto* spacer : spacers) {
        auto body = catalog::toolBody(*spacer);
        const auto& below = movers.back();
        body.z_mm = below.top();
        if (section::restingContacts(body, below).empty())
            findings.push_back(stop(found::FallsInside{spacer->outsideDia_mm, below.boreDia(), spacer->id}));
        movers.push_back(std::move(body));
    }
}

/// How wide a tool must lie on a face of this width.
double leastLand(double face_mm) {
    return std::min(kLeastLand_mm, kLeastLandShare * face_mm) - kEpsilon_mm;
}

/// Of a disc of this radius, what lies beyond a gap of half width `half_mm` between two beams: two segments.
double besideGap_mm2(double rad_mm, double half_mm) {
    if (!(rad_mm > half_mm)) return 0;
    return 2 *
           (rad_mm * rad_mm * std::acos(half_mm / rad_mm) - half_mm * std::sqrt(rad_mm * rad_mm - half_mm * half_mm));
}

Body ramOn(const Body& below, double footDia_mm) {
    return {"ram", BodyKind::Ram, section::Hatch::Steel, {section::Slice::tube(0, 1, 0, footDia_mm / 2)}, below.top()};
}

/// Ram, washer or hollow ram on the uppermost piece. A foot that is narrower than the bore goes down inside.
void putDriveOn(std::vector<Body>& movers, const DriverEnd& end, AdviceList& findings) {
    auto ram = ramOn(movers.back(), end.footDia_mm);
    const auto& top = movers.back().slices.back();
    if (section::restingContacts(ram, movers.back()).empty())
        findings.push_back(
            stop(found::FallsInside{end.footDia_mm, 2 * top.innerTop, end.boltDia_mm > 0 ? "washer" : "ram"}));
    movers.push_back(std::move(ram));
}

} // namespace

DriverBench::DriverBench(const Task& task, LoadCase load, DriverEnd end) : m_task(task), m_load(load), m_end(end) {
    // Highest first: what stands lower can then be skipped while a driver is lowered.
    struct Entry {
        const Body* body;
        bool moves;
        bool tight;
    };
    std::vector<Entry> all;
    for (std::size_t i = 0; i < task.moving.size(); ++i)
        all.push_back({&task.moving[i], true, i == task.pushed});
    for (std::size_t i = 0; i < task.still.size(); ++i)
        all.push_back({&task.still[i], false, i == task.holder});
    std::stable_sort(all.begin(), all.end(),
                     [](const Entry& x, const Entry& y) { return x.body->top() > y.body->top(); });
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (all[i].tight) (all[i].moves ? m_pushed : m_holder) = i;
        m_below.push_back(*all[i].body);
        m_belowMoves.push_back(all[i].moves);
    }
}

DriverCheck DriverBench::check(const catalog::Tool* driver, const std::vector<const catalog::Tool*>& spacers) const {
    DriverCheck out;
    const catalog::Tool foot{"ram", catalog::ToolKind::Disc, "", m_end.footDia_mm, m_end.boltDia_mm, 1, 0, 0, ""};
    const auto& tool = driver ? *driver : foot;
    if (driver) judgeTool(out, tool);
    std::vector<Body> movers{catalog::toolBody(tool)};
    movers.front().z_mm = kHigh_mm;
    const auto& face = m_task.face;
    const bool goesRound = tool.boreDia_mm >= face.outerDia_mm;
    const bool lands =
        !goesRound && section::restOn(movers.front(), m_below) && movers.front().bottom() >= m_below[m_pushed].bottom();
    if (!lands) {
        out.findings.push_back(
            stop(found::MissesFace{goesRound ? tool.boreDia_mm : tool.outsideDia_mm,
                                   goesRound ? face.outerDia_mm : face.innerDia_mm, m_task.faceName}));
        return out;
    }
    judgeLanding(out, movers.front(), tool.outsideDia_mm);
    if (driver) judgeCentring(out, tool);
    putOn(movers, spacers, out.findings);
    for (const auto* spacer : spacers)
        judgePassage(out, *spacer);
    if (driver) putDriveOn(movers, m_end, out.findings);
    judgeWayDown(out, movers, tool.headThick_mm > 0);
    if (!driver || !m_load.known) return out;
    judgeStrength(out, tool);
    const double onIt = spacers.empty() ? m_end.footDia_mm : spacers.front()->outsideDia_mm;
    if (const double bent = bendingOf(tool, face, onIt, m_load.greatest_N()); bent > allowed(tool))
        out.findings.push_back(stop(found::PlateBends{bent, allowed(tool), tool.id}, "BEAM"));
    return out;
}

void DriverBench::judgeTool(DriverCheck& out, const catalog::Tool& tool) const {
    if (!catalog::isDriver(tool.kind)) out.findings.push_back(look(found::WrongKind{tool.id}));
    if (tool.hardened) out.findings.push_back(look(found::HardTool{tool.id}, "HB5"));
    if (!tool.condition.empty()) out.findings.push_back(look(found::ToolCondition{tool.condition}));
    judgePassage(out, tool);
}

void DriverBench::judgePassage(DriverCheck& out, const catalog::Tool& tool) const {
    if (m_end.boltDia_mm > 0 && tool.throughDia_mm() <= m_end.boltDia_mm)
        out.findings.push_back(stop(found::BoltDoesNotPass{m_end.boltDia_mm, tool.throughDia_mm(), tool.id}));
}

void DriverBench::judgeLanding(DriverCheck& out, const Body& driver, double outside_mm) const {
    const Body* otherRing = nullptr;
    const auto& face = m_task.face;
    double widest = 0;
    for (std::size_t i = 0; i < m_below.size(); ++i) {
        const auto& body = m_below[i];
        for (const auto& touch : section::restingContacts(driver, body)) {
            const double wide = touch.outerRad_mm - touch.innerRad_mm;
            if (i == m_pushed) {
                out.faceArea_mm2 += touch.area_mm2();
                widest = std::max(widest, wide);
                const auto& lip = m_task.pushedLip;
                const double onLip = lip ? lip->under_mm(touch.innerRad_mm, touch.outerRad_mm) : 0;
                if (onLip > kEpsilon_mm) out.findings.push_back(stop(found::TouchesPart{onLip, "lip"}));
            } else if (!section::mayCarry(body.kind))
                out.findings.push_back(stop(found::TouchesPart{wide, body.id}));
            else if (m_belowMoves[i])
                otherRing = &body;
            else
                out.findings.push_back(stop(found::StandsOnWhatStays{wide, body.id}));
        }
    }
    out.coverage = face.area_mm2() > 0 ? std::min(1.0, out.faceArea_mm2 / face.area_mm2()) : 0;
    if (out.faceArea_mm2 <= 0 && otherRing)
        out.findings.push_back(stop(found::LandsOnInnerRing{outside_mm, face.innerDia_mm, otherRing->id}));
    else if (out.faceArea_mm2 <= 0 && worst(out.findings) < Severity::Stop)
        out.findings.push_back(stop(found::MissesFace{outside_mm, face.innerDia_mm, m_task.faceName}));
    else if (out.faceArea_mm2 > 0)
        out.findings.push_back({found::CoversFace{out.coverage, m_task.faceName},
                                widest < leastLand(face.width_mm()) ? Severity::Stop : Severity::Info, "HB4.17"});
    if (out.faceArea_mm2 > 0 && otherRing) out.findings.push_back(info(found::BothFaces{otherRing->id}, "HB5"));
    judgeSealGap(out, driver);
}

/// A tool that cannot stand aside starts the ring square. @source [HB8] of two sleeves that fit the centred one first
void DriverBench::judgeCentring(DriverCheck& out, const catalog::Tool& tool) const {
    if (worst(out.findings) == Severity::Stop) return;
    const double ringBore = m_below[m_pushed].boreDia();
    const bool pilot =
        tool.pilotLength_mm > 0 && tool.pilotDia_mm < ringBore && ringBore - tool.pilotDia_mm <= kGuides_mm;
    const double aside = m_task.seatDia_mm - tool.outsideDia_mm;
    const bool bore = m_task.inBore && aside > 0 && aside <= kGuides_mm;
    out.centred = pilot || bore;
    if (out.centred) out.findings.push_back(info(found::CentredBy{pilot, tool.id}, "HB8"));
}

void DriverBench::judgeSealGap(DriverCheck& out, const Body& driver) const {
    const auto& foot = driver.slices.back(); // above a pilot; a sleeve's wall and its head share their bore side
    const auto& wall = driver.slices.size() > 1 ? driver.slices[driver.slices.size() - 2] : foot;
    const bool outside = m_task.keepOff == KeepOff::Outside;
    out.sealGap_mm =
        outside ? m_task.face.outerDia_mm / 2 - wall.outerBottom : wall.innerBottom - m_task.face.innerDia_mm / 2;
    if (worst(out.findings) < Severity::Stop && m_task.keepOff != KeepOff::Nothing && out.sealGap_mm < kCloseToSeal_mm)
        out.findings.push_back(look(found::TouchesPart{-out.sealGap_mm, "seal"}));
}

void DriverBench::judgeWayDown(DriverCheck& out, const std::vector<Body>& movers, bool hasHead) const {
    std::string meets;
    for (const auto& mover : movers) {
        for (std::size_t i = 0; i < m_below.size(); ++i) {
            if (m_belowMoves[i]) continue;
            const auto meeting = section::firstMeeting(mover, m_below[i]);
            if (!meeting || meeting->travel_mm >= m_task.travel_mm - kEpsilon_mm) continue;
            const bool tube =
                mover.kind == BodyKind::Driver && !(hasHead && meeting->movingSlice + 1 == mover.slices.size());
            if (tube) {
                const bool inSeat = m_task.inBore && i == m_holder;
                out.findings.push_back(stop(found::CatchesInBore{2 * meeting->overlapRad_mm, m_task.seatDia_mm,
                                                                 inSeat ? std::string() : m_below[i].id}));
                return;
            }
            const double lacks = m_task.travel_mm - meeting->travel_mm;
            if (lacks > out.stopsShort_mm) meets = m_below[i].id;
            out.stopsShort_mm = std::max(out.stopsShort_mm, lacks);
        }
    }
    if (out.stopsShort_mm > 0) out.findings.push_back(stop(found::EndsInsideBore{out.stopsShort_mm, meets}));
}

void DriverBench::judgeStrength(DriverCheck& out, const catalog::Tool& t) const {
    const double force = m_load.greatest_N();
    if (out.faceArea_mm2 > 0) out.loadShare = force / out.faceArea_mm2 / allowed(t);
    if (out.loadShare > 1)
        out.findings.push_back(stop(found::FaceOverloaded{force / out.faceArea_mm2, allowed(t), t.id}, "HB4.17"));
    // Euler, hinged ends: a wall slender enough to buckle is found long before it squashes.
    const double inertia = std::numbers::pi / 64 * (std::pow(t.outsideDia_mm, 4) - std::pow(t.boreDia_mm, 4));
    const double critical = std::numbers::pi * std::numbers::pi * kToolE_MPa * inertia / (t.length_mm * t.length_mm);
    if (force > critical / kSafety)
        out.findings.push_back(stop(found::SleeveBuckles{force / critical, 1 / kSafety, t.id}, "HB4.17"));
}

namespace {

/// The work on what stands under it, seen from below.
class Underside {
public:
    Underside(const Task& task, const SetupChoice& choice, const LoadCase& load, const std::vector<Reach>& reach)
        : m_task(task), m_choice(choice), m_load(load), m_reach(reach), m_setup(standWork(task, choice, 0)) {}

    SupportCheck judge() {
        judgePieces();
        judgeContacts();
        if (worst(m_out.findings) == Severity::Stop) return std::move(m_out);
        judgeRoomBelow();
        judgePath();
        judgePressure();
        judgePlate();
        return std::move(m_out);
    }

private:
    bool isUnder(const Body& body) const { return body.kind == BodyKind::Bed || body.kind == BodyKind::Support; }
    std::string lowestId() const {
        return m_choice.support ? m_choice.support->id : m_choice.plate ? m_choice.plate->id : "bed";
    }

    /// Whether each piece lies on what is below it.
    void judgePieces() {
        const double gap = m_choice.press ? m_choice.press->bedOpening_mm : 0;
        const auto* lowest = m_choice.plate ? m_choice.plate : m_choice.support;
        // A headed sleeve stands on its head.
        const double foot = lowest ? std::max(lowest->outsideDia_mm, lowest->headDia_mm) : 0;
        if (m_choice.press && lowest && foot <= gap)
            m_out.findings.push_back(stop(found::FallsThrough{foot, gap, lowest->id}));
        for (std::size_t i = 1; i < m_setup.bodies.size() && isUnder(m_setup.bodies[i]); ++i) {
            const auto &piece = m_setup.bodies[i], &below = m_setup.bodies[i - 1];
            const bool onBed = below.kind == BodyKind::Bed && m_choice.press;
            if (piece.id != separatorId() && !onBed && section::restingContacts(piece, below).empty())
                m_out.findings.push_back(stop(found::FallsThrough{piece.boreDia(), below.outsideDia(), piece.id}));
        }
        judgeSeparator();
        for (const auto* piece : {m_choice.support, m_choice.plate, m_choice.separator})
            if (piece && piece->hardened) m_out.findings.push_back(look(found::HardTool{piece->id}, "HB5"));
        if (m_choice.bolt && !m_choice.press)
            for (const auto* piece : {m_choice.support, m_choice.plate})
                if (piece && boltDia() >= throughOf(*piece))
                    m_out.findings.push_back(stop(found::BoltDoesNotPass{boltDia(), throughOf(*piece), piece->id}));
    }
    void judgeSeparator() {
        if (!m_choice.separator) return;
        const auto isIt = [&](const Body& b) { return b.id == m_choice.separator->id; };
        const auto plates = std::find_if(m_setup.bodies.begin(), m_setup.bodies.end(), isIt);
        const auto carries = [&](const Body& b) {
            return isUnder(b) && !isIt(b) && !section::restingContacts(*plates, b).empty();
        };
        if (plates == m_setup.bodies.end())
            m_out.findings.push_back(stop(found::NoRoomForKnife{m_choice.separator->edge_mm, separatorId()}));
        else if (std::none_of(m_setup.bodies.begin(), m_setup.bodies.end(), carries))
            m_out.findings.push_back(stop(found::FallsThrough{plates->outsideDia(), 0, separatorId()}));
    }
    std::string separatorId() const { return m_choice.separator ? m_choice.separator->id : std::string(); }
    double throughOf(const catalog::Tool& piece) const {
        return catalog::opens(piece.kind) ? m_choice.opening_mm : piece.throughDia_mm();
    }
    double boltDia() const { return m_choice.bolt ? m_choice.bolt->threadDia_mm() : 0; }

    /// Two beams, or two halves, with a straight gap between them: half its width; 0: a ring.
    double halfGap_mm(const Body& under) const {
        if (under.kind == BodyKind::Bed) return m_choice.press ? m_choice.press->bedOpening_mm / 2 : 0;
        const auto* support = m_choice.support;
        const bool blocks = support && support->id == under.id && support->kind == catalog::ToolKind::Blocks;
        return blocks ? under.boreDia() / 2 : 0;
    }

    /// One place where the work lies on what is below.
    void judgeTouch(const section::Contact& touch, std::size_t w, const Body& under) {
        const double gap = halfGap_mm(under);
        m_out.area_mm2 +=
            gap > 0 ? besideGap_mm2(touch.outerRad_mm, gap) - besideGap_mm2(std::max(touch.innerRad_mm, gap), gap)
                    : touch.area_mm2();
        m_widest = std::max(m_widest, touch.outerRad_mm - touch.innerRad_mm);
        m_best = std::max(m_best, reachOf(w));
        if (w != m_setup.holder || !m_task.heldLip) return;
        const double onLip = m_task.heldLip->under_mm(touch.innerRad_mm, touch.outerRad_mm);
        if (onLip > kEpsilon_mm)
            m_out.findings.push_back(stop(found::StandsOnPart{onLip, "lip of the " + m_setup.bodies[w].id}, "HB8"));
        if (gap > 0) m_out.findings.push_back(stop(found::LiesOnBeams{2 * gap, m_setup.bodies[w].id}, "HB8"));
    }

    /// The widest of the faces on which the work can stand.
    double faceBelow_mm() const {
        double widest = 0;
        for (const auto& face : section::faces(m_setup.bodies[m_setup.holder]))
            if (!face.facesUp) widest = std::max(widest, face.outerRad_mm - face.innerRad_mm);
        return widest;
    }

    void judgeContacts() {
        double innerRad = INFINITY;
        for (std::size_t w = 0; w < m_setup.bodies.size(); ++w) {
            const auto& work = m_setup.bodies[w];
            if (isUnder(work) || m_setup.moves[w]) continue;
            for (const auto& under : m_setup.bodies) {
                if (!isUnder(under)) continue;
                const auto touches = section::restingContacts(work, under);
                if (!section::mayCarry(work.kind)) {
                    judgeHanging(work, under);
                    continue;
                }
                for (const auto& touch : touches) {
                    judgeTouch(touch, w, under);
                    innerRad = std::min(innerRad, touch.innerRad_mm);
                }
            }
        }
        m_out.innerDia_mm = m_out.area_mm2 > 0 ? 2 * innerRad : 0;
        if (m_out.area_mm2 <= 0 && worst(m_out.findings) < Severity::Stop)
            m_out.findings.push_back(stop(
                found::FallsThrough{m_choice.support ? m_choice.support->boreDia_mm
                                                     : (m_choice.press ? m_choice.press->bedOpening_mm : boltDia()),
                                    m_setup.bodies[m_setup.holder].outsideDia(), lowestId()}));
        if (const double least = leastLand(faceBelow_mm()); m_out.area_mm2 > 0 && m_widest < least)
            m_out.findings.push_back(stop(found::CarriesEdgeOnly{m_widest, least, lowestId()}, "HB4.17"));
    }

    /// The bodies that stay follow each other in the setup as in the task; a separator comes after them, under the
    /// holder.
    Reach reachOf(std::size_t body) const {
        const auto still = body - (m_setup.holder - m_task.holder);
        return still < m_reach.size() ? m_reach[still] : Reach::Clear;
    }

    /// Something that must carry nothing comes down on what stands below.
    void judgeHanging(const Body& hangs, const Body& under) {
        const auto meeting = section::firstMeeting(hangs, under);
        if (!meeting || meeting->travel_mm >= 1e-3) return;
        const double lacking = hangs.height() - (m_choice.support ? m_choice.support->length_mm : 0);
        const bool low = under.kind == BodyKind::Bed && m_choice.support;
        m_out.findings.push_back(low ? stop(found::TooLowFor{lacking, hangs.id})
                                     : stop(found::StandsOnPart{lacking, hangs.id}));
    }

    /// What moves comes out below: there must be room for it.
    void judgeRoomBelow() {
        for (std::size_t m = 0; m < m_setup.bodies.size(); ++m) {
            if (!m_setup.moves[m] || section::isTool(m_setup.bodies[m].kind)) continue;
            for (auto under : m_setup.bodies) {
                if (!isUnder(under)) continue;
                under.runningClearance_mm = catalog::kRunningClearance_mm / 2;
                const auto meeting = section::firstMeeting(m_setup.bodies[m], under);
                if (!meeting || meeting->travel_mm >= m_task.travel_mm - kEpsilon_mm) continue;
                m_out.findings.push_back(
                    stop(found::NoRoomBelow{m_task.travel_mm - meeting->travel_mm, m_task.travel_mm, under.id}));
                return;
            }
        }
    }

    /// Where the work does not stand on the holder itself, the reaction must find its way without the elements.
    void judgePath() {
        if (m_best == Reach::Clear) return;
        if (m_best == Reach::Not)
            m_out.findings.push_back(stop(found::NoPath{m_setup.bodies[m_setup.holder].id}));
        else
            m_out.findings.push_back({found::HoldsOtherRing{m_setup.bodies[m_setup.holder].id},
                                      m_task.scrap ? Severity::Check : Severity::Stop, "HB1.1"});
    }

    void judgePressure() {
        const double force = m_load.greatest_N();
        if (m_load.known && m_out.area_mm2 > 0 && force / m_out.area_mm2 > kToolYield_MPa / kSafety)
            m_out.findings.push_back(
                stop(found::FaceOverloaded{force / m_out.area_mm2, kToolYield_MPa / kSafety, lowestId()}, "HB4.17"));
    }

    /// A plate across the gap of the bed as a beam with the load in its middle: sigma = 1.5 F L / (b t^2).
    void judgePlate() {
        if (!m_choice.plate || !m_choice.press || !m_load.known) return;
        const auto& p = *m_choice.plate;
        const double stress =
            1.5 * m_load.greatest_N() * m_choice.press->bedOpening_mm / (p.outsideDia_mm * p.length_mm * p.length_mm);
        if (stress > kToolYield_MPa / kSafety)
            m_out.findings.push_back(stop(found::PlateBends{stress, kToolYield_MPa / kSafety, p.id}, "BEAM"));
    }

    const Task& m_task;
    const SetupChoice& m_choice;
    const LoadCase& m_load;
    const std::vector<Reach>& m_reach; ///< by body that stays
    Setup m_setup;
    SupportCheck m_out;
    Reach m_best = Reach::Not; ///< of the bodies that are carried
    double m_widest = 0;       ///< of the rings on which it is carried, on the radius
};

} // namespace

std::vector<Reach> reachOfHolder(const Task& task) {
    std::vector<Reach> out;
    const std::vector<bool> still(task.still.size(), false);
    for (std::size_t i = 0; i < task.still.size(); ++i) {
        const auto path = force::findPath(task.still, still, task.holder, i);
        const bool clear = i == task.holder || (path.connected && path.mustNotCarry.empty());
        out.push_back(clear ? Reach::Clear : path.connected ? Reach::ThroughElements : Reach::Not);
    }
    return out;
}

SupportCheck checkSupport(const Task& task, const SetupChoice& choice, const LoadCase& load,
                          const std::vector<Reach>& reach) {
    return reach.empty() ? Underside(task, choice, load, reachOfHolder(task)).judge()
                         : Underside(task, choice, load, reach).judge();
}

} // namespace arbor::tooling
