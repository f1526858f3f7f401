// Going in.
#include "core/arrangement/way_round.h"
#include "core/foreman/foreman.h"
#include "core/foreman/seen.h"

#include <algorithm>
#include <cmath>

namespace arbor::foreman {

namespace {

using arrangement::Part;
using arrangement::PartKind;
using job::AsFound;
using route::only;
using route::Way;

constexpr double kShareOfRating = 0.1; // of the axial rating, for what goes in by its shaft alone. [HB8] shape I

/// The widest of a part that lies beyond a height on the way it goes: all of that has passed there [mm].
double widestBeyond(const Part& part, double z_mm, bool comesFromAbove) {
    double rad = 0;
    for (const auto& body : part.bodies)
        for (const auto& s : body.slices) {
            const bool beyond = comesFromAbove ? body.z_mm + s.zBottom < z_mm - 1e-6 : body.z_mm + s.zTop > z_mm + 1e-6;
            if (beyond) rad = std::max({rad, s.outerBottom, s.outerTop});
        }
    return 2 * rad;
}

class Coming {
public:
    Coming(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move)
        : m_job(job), m_plan(plan), m_strip(plan.strip), m_move(move), m_part(m_strip.assembly.parts[move.part]),
          m_ring(m_strip.ring(move.part)) {}

    AdviceList all() {
        if (const auto once = onceOf(m_part)) say(found::FittedOnce{false, *once, m_part.name()}, Severity::Check);
        if (arrangement::wayRoundContradicts(m_strip.assembly, m_move.part))
            say(found::WayRoundContradicts{m_part.name()}, Severity::Stop);
        asItWasFound();
        byKind();
        fillets();
        pastTheLips();
        if (m_ring) outAgain(*m_ring);
        return std::move(m_out);
    }

private:
    template <class Kind>
    void say(Kind kind, Severity severity = Severity::Info) {
        m_out.push_back({std::move(kind), severity, "HB8"});
    }

    /// The last hand may have been wrong: where the way round differs from the drawing, somebody is asked.
    void asItWasFound() {
        const auto noted = m_job.strip.parts.find(m_part.id);
        if (noted == m_job.strip.parts.end()) return;
        const auto& as = noted->second;
        if (as.otherWay.value_or(false)) say(found::FoundOtherWay{m_part.name()}, Severity::Check);
        if (as.depth_mm || !as.place.empty()) say(found::FoundAt{as.depth_mm.value_or(-1), as.place, m_part.name()});
    }

    void ofTheLip() {
        if (m_part.lip) return say(found::LipFor{*m_part.lip == arrangement::LipTask::KeepsIn, m_part.name()});
        const auto looksIn = arrangement::lipLooksIn(m_strip.assembly, m_move.part);
        if (looksIn) say(found::AskTheLip{*looksIn, m_part.name()}, Severity::Check);
    }

    void byKind() {
        switch (m_part.kind) {
        case PartKind::Bearing:
            if (!m_part.wayRound) say(found::NumberOutward{m_part.name()});
            onATube();
            if (m_job.strip.asFound.contains(AsFound::OilInside)) say(found::WetTheBearing{}, Severity::Check);
            break;
        case PartKind::LockCollar:
            if (!m_part.wayRound) say(found::CollarSides{m_part.name()});
            break;
        case PartKind::SpacerTube:
            say(found::TubeCentred{m_part.name()});
            break;
        case PartKind::Seal:
            ofTheLip();
            break;
        case PartKind::Sensor:
            say(found::SensorLast{m_part.name()});
            break;
        case PartKind::RetainingRing:
            say(found::GapLowest{});
            if (!m_part.lugs) say(found::NoLugs{false, m_part.name()}, Severity::Check);
            break;
        case PartKind::Nut:
            say(found::RunNutByHand{m_part.name()});
            break;
        case PartKind::Pin:
            say(found::PinClear{});
            break;
        case PartKind::Cap:
            say(found::CapOnItsRim{});
            break;
        case PartKind::Housing:
        case PartKind::Shaft:
        case PartKind::Hub:
        case PartKind::Cup:
        case PartKind::Cone:
        case PartKind::RetainerPlate:
        case PartKind::Shield:
        case PartKind::WearSleeve:
        case PartKind::Washer:
            break; // nothing is said of their kind alone
        }
    }

    /// The corner of a ring must be larger than the radius it comes against, or it rides on it and is never home.
    void fillets() {
        for (const auto& joint : m_strip.assembly.pressed) {
            if (!joint.fillet_mm || (joint.outer != m_part.id && joint.inner != m_part.id)) continue;
            for (const auto& step : m_plan.steps)
                if (step.step.id.seat == job::SeatKey{joint.outer, joint.inner} && step.step.bearing)
                    return cornerAgainst(*joint.fillet_mm, step.step.bearing->chamfer_mm);
        }
    }
    void cornerAgainst(double fillet_mm, double corner_mm) {
        if (fillet_mm >= corner_mm)
            say(found::FilletTooLarge{fillet_mm, corner_mm, m_part.name()}, Severity::Stop);
        else
            say(found::FilletClears{fillet_mm, corner_mm, m_part.name()});
    }

    /// A tube between the rings is what the second bearing comes to stand on.
    void onATube() {
        constexpr double kTouches_mm = 0.05;
        const bool fromAbove = m_move.way == Way::Up;
        for (std::size_t p = 0; p < m_strip.assembly.parts.size(); ++p) {
            const auto& tube = m_strip.assembly.parts[p];
            if (!(m_move.present & only(p)) || tube.kind != PartKind::SpacerTube) continue;
            const double end = fromAbove ? tube.bodies.front().top() : tube.bodies.front().bottom();
            for (const auto& body : m_part.bodies)
                if (std::abs((fromAbove ? body.bottom() : body.top()) - end) < kTouches_mm)
                    return say(found::StopsOnTheTube{m_part.name(), tube.name()}, Severity::Check);
        }
    }

    /// What goes through a seal that is there, and a seal that goes over what is there.
    void pastTheLips() {
        for (std::size_t p = 0; p < m_strip.assembly.parts.size(); ++p) {
            const auto& other = m_strip.assembly.parts[p];
            if (p == m_move.part || !(m_move.present & only(p))) continue;
            if (other.kind == PartKind::Seal)
                throughLip(other, m_part, m_move.way == Way::Up);
            else if (m_part.kind == PartKind::Seal)
                throughLip(m_part, other, m_move.way == Way::Down);
        }
    }
    /// @param fromAbove  the inner part goes down through the seal
    void throughLip(const Part& seal, const Part& inner, bool fromAbove) {
        const auto& body = seal.bodies.front();
        const double z = fromAbove ? body.bottom() : body.top();
        const double lip = body.boreDia(), widest = widestBeyond(inner, z, fromAbove);
        const bool runsInIt = widest > 0 && lip > 0 && widest <= body.outsideDia();
        if (!runsInIt) return;
        say(found::CoverTheSteps{widest, lip, seal.name()});
        if (inner.kind == PartKind::WearSleeve)
            say(found::LipRunsOn{inner.bodies.front().outsideDia(), inner.name()}, Severity::Check);
    }

    /// How it will come out again, or that it will not.
    void outAgain(const plan::TightRing& ring) {
        if (!ring.site.isRing || m_part.kind == PartKind::Seal) return;
        const auto& best = ring.ways.front();
        if (best.applies)
            say(found::ComesOutBy{std::string(route::name(best.method)), best.value_mm});
        else
            say(found::NeverComesOut{m_part.name()}, Severity::Check);
    }

    const job::Job& m_job;
    const plan::Plan& m_plan;
    const plan::StripPlan& m_strip;
    const route::PartRemoval& m_move;
    const Part& m_part;
    const plan::TightRing* m_ring;
    AdviceList m_out;
};

} // namespace

AdviceList beforeIn(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move) {
    return Coming(job, plan, move).all();
}

AdviceList beforeGroupIn(const plan::Plan& plan, route::PartSet group, route::PartSet present) {
    AdviceList out;
    const auto& parts = plan.strip.assembly.parts;
    const auto slidesInto = [&](std::size_t bearing) {
        for (std::size_t p = 0; p < parts.size(); ++p)
            if ((present & ~group & only(p)) && arrangement::touchOf(parts[p], parts[bearing])) return true;
        return false;
    };
    for (std::size_t p = 0; p < parts.size(); ++p) {
        if (!(group & only(p)) || parts[p].kind != PartKind::Bearing || !slidesInto(p)) continue;
        const auto step = std::find_if(plan.steps.begin(), plan.steps.end(), [&](const plan::StepPlan& s) {
            return s.step.bearing && (s.step.part == p || s.step.partner == p);
        });
        if (step == plan.steps.end()) continue;
        out.push_back({found::ThroughItsElements{kShareOfRating * step->step.load.staticAxial_N, parts[p].name()},
                       Severity::Check, "HB8"});
    }
    return out;
}

} // namespace arbor::foreman
