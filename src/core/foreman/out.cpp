// Getting out.
#include "core/foreman/foreman.h"
#include "core/foreman/seen.h"

#include <algorithm>
#include <bit>
#include <cmath>

namespace arbor::foreman {

namespace {

using arrangement::Part;
using arrangement::PartKind;
using job::AsFound;
using route::Method;
using route::only;

constexpr double kQuickly_K = 50;  // over what would just do: the hub gets warm meanwhile. [HB8]
constexpr double kCharred_C = 100; // grease and seals that are scrap smoke and char above. [HB8]
constexpr double kGrease_C = 80;   // of a sealed bearing that stays. [HB4.10]

bool hasWayRound(const Part& part) {
    return part.wayRound || !part.linesUpWith.empty() || part.kind == PartKind::Seal || part.catalogue;
}

class Leaving {
public:
    Leaving(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move)
        : m_job(job), m_plan(plan), m_strip(plan.strip), m_move(move), m_part(m_strip.assembly.parts[move.part]),
          m_ring(m_strip.ring(move.part)) {}

    AdviceList all() {
        beforeAnything();
        byKind();
        if (m_ring) ofATightRing(*m_ring);
        whenItIsTheLast();
        return std::move(m_out);
    }

private:
    template <class Kind>
    void say(Kind kind, Severity severity = Severity::Info) {
        m_out.push_back({std::move(kind), severity, "HB8"});
    }
    bool found(AsFound what) const { return job::wasFound(m_job, what, m_part.id); }

    void beforeAnything() {
        if (const auto once = onceOf(m_part)) say(found::FittedOnce{true, *once, m_part.name()});
        if (m_job.strip.asFound.contains(AsFound::OilInside) && isFirst()) say(found::TiltForOil{}, Severity::Check);
        if (hasWayRound(m_part)) say(found::NoteAsFound{m_part.name()});
    }

    void byKind() {
        const bool rusty = m_job.strip.rust != route::Rust::None;
        switch (m_part.kind) {
        case PartKind::RetainingRing:
            if (found(AsFound::LugBroken)) say(found::LugBroken{}, Severity::Check);
            if (!m_part.lugs) say(found::NoLugs{true, m_part.name()}, Severity::Check);
            if (rusty) say(found::FreeTheRing{}, Severity::Check);
            break;
        case PartKind::Nut:
            say(found::LiftTheLock{m_part.name()});
            break;
        case PartKind::Seal:
            if (const auto partner = plan::partnerOfSeal(m_strip.assembly, m_move.part)) {
                const auto& holder = m_strip.assembly.parts[*partner];
                say(found::PryTheSeal{arrangement::touchOf(holder, m_part).has_value(), m_part.name(), holder.name()});
            }
            break;
        case PartKind::Sensor:
            say(found::SensorFirst{boreOf(m_part), m_part.name()}, Severity::Check);
            break;
        case PartKind::WearSleeve:
        case PartKind::Housing:
        case PartKind::Shaft:
        case PartKind::Hub:
        case PartKind::Bearing:
        case PartKind::Cup:
        case PartKind::Cone:
        case PartKind::SpacerTube:
        case PartKind::LockCollar:
        case PartKind::RetainerPlate:
        case PartKind::Shield:
        case PartKind::Washer:
        case PartKind::Pin:
        case PartKind::Cap:
            break; // nothing is said of their kind alone
        }
    }

    void ofATightRing(const plan::TightRing& ring) {
        if (m_job.strip.rust != route::Rust::None)
            say(found::SoakFirst{m_job.strip.rust == route::Rust::Heavy}, Severity::Check);
        if (ring.site.notched) say(found::GoRound{cutOutsOf(ring)});
        const auto& partner = m_strip.assembly.parts[ring.site.partner];
        if (m_part.kind == PartKind::Bearing && found(AsFound::InnerRingMissing))
            say(found::PutInnerBack{m_part.name()}, Severity::Check);
        if (partner.kind == PartKind::Bearing && m_part.kind != PartKind::Bearing) ringThatStays(ring);
        if (ring.site.inBore) warmUp(ring);
    }

    int cutOutsOf(const plan::TightRing& ring) const {
        const auto& parts = m_strip.assembly.parts;
        const auto* joint = arrangement::jointOf(m_strip.assembly.pressed, parts[ring.site.partner].id, m_part.id);
        return joint ? joint->cutOuts : 0;
    }

    static bool applies(const plan::TightRing& ring, Method method) {
        return std::any_of(ring.ways.begin(), ring.ways.end(),
                           [&](const route::Removal& r) { return r.applies && r.method == method; });
    }

    /// A hub or shaft comes out of its bearing: half an inner ring may stay on it.
    void ringThatStays(const plan::TightRing& ring) {
        const auto bearing = ring.site.partner;
        const auto away = m_move.way == route::Way::Up ? route::Way::Down : route::Way::Up;
        const auto left =
            route::siteOf(m_strip.assembly, bearing, m_move.part, away, only(bearing) | only(m_move.part));
        say(found::RingStays{std::max(left.land_mm, std::min(left.sideGap_mm, kMostGap_mm)), m_part.name()});
        if (boreOf(m_part) > 0) say(found::PlugTheHub{boreOf(m_part), m_part.name()});
        if (!ring.seat || !m_plan.fits) return;
        const auto& seat = m_plan.fits->seats[*ring.seat];
        const double tightest = std::max(0.0, seat.fit->interferenceWorst_mm.upper);
        say(found::WarmTheRing{tightest / (seat.input->outer.material.alpha_perK * seat.dia_mm) + kQuickly_K,
                               m_part.name()});
    }

    /// The housing is warmed to let a ring drop out: as far as what stays in it bears.
    void warmUp(const plan::TightRing& ring) {
        if (!ring.seat || *ring.seat >= m_plan.heats.size() || !m_plan.heats[*ring.seat]) return;
        double most = kCharred_C;
        for (const auto& limit : m_plan.heats[*ring.seat]->outer.ceilings)
            if (limit.what == plan::TempLimit::What::Metal && limit.of.empty()) most = std::min(most, limit.temp_C);
        bool scrap = true;
        for (std::size_t p = 0; p < m_strip.assembly.parts.size(); ++p) {
            const auto& other = m_strip.assembly.parts[p];
            const bool stays = (m_move.present & only(p)) && p != m_move.part && m_job.strip.stays.contains(other.id);
            if (!stays || !other.catalogue || other.catalogue->dress.seals == catalog::Side::None) continue;
            most = std::min(most, kGrease_C);
            scrap = false;
        }
        if (scrap && !applies(ring, Method::HeatOff)) return;
        say(found::WarmUpTo{most, scrap, m_strip.assembly.parts[ring.site.partner].name()});
    }

    bool isFirst() const { return std::popcount(m_move.present) == static_cast<int>(m_strip.assembly.parts.size()); }
    /// Nothing is left on the base but what stays there.
    void whenItIsTheLast() {
        const auto& parts = m_strip.assembly.parts;
        route::PartSet stays = only(m_strip.assembly.base);
        for (std::size_t p = 0; p < parts.size(); ++p)
            if (m_job.strip.stays.contains(parts[p].id)) stays |= only(p);
        if ((m_move.present & ~only(m_move.part) & ~stays) == 0 && (m_move.present & only(m_strip.assembly.base)))
            say(found::CountParts{static_cast<int>(parts.size()) - std::popcount(stays)});
    }

    static constexpr double kMostGap_mm = 99; // as good as endless

    const job::Job& m_job;
    const plan::Plan& m_plan;
    const plan::StripPlan& m_strip;
    const route::PartRemoval& m_move;
    const Part& m_part;
    const plan::TightRing* m_ring;
    AdviceList m_out;
};

} // namespace

AdviceList beforeOut(const job::Job& job, const plan::Plan& plan, const route::PartRemoval& move) {
    return Leaving(job, plan, move).all();
}

AdviceList beforeGroupOut(const plan::Plan& plan, route::PartSet group, route::PartSet present) {
    AdviceList out;
    const auto& a = plan.strip.assembly;
    const route::BlockingGraph ways(a);
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        const auto& ring = a.parts[p];
        if (!(group & only(p)) || ring.kind != PartKind::RetainingRing || ring.travelling.empty()) continue;
        out.push_back({found::SqueezeFirst{isSpread(ring), ring.name(), ring.linesUpWith}, Severity::Check, "HB8"});
        const auto held = route::heldAlone(ways, p, a.base) & present;
        for (std::size_t h = 0; h < a.parts.size(); ++h)
            if ((held & only(h)) && !a.parts[h].catalogue && h != p)
                out.push_back({found::HoldsAlone{ring.name(), a.parts[h].name()}, Severity::Info, "HB8"});
    }
    return out;
}

} // namespace arbor::foreman
