#include "core/route/removal.h"

#include "core/force/gauge.h"

#include <algorithm>
#include <cmath>

namespace arbor::route {

namespace {

using arrangement::Assembly;
using arrangement::PartKind;
using section::Body;
using section::BodyKind;
using section::Slice;

constexpr double kLeastLand_mm = 1.0;  // a driver on less slips off or bruises the edge; practice value
constexpr double kLeastBolt_mm = 10.0; // M10 is the thinnest draw bolt worth taking; practice value
constexpr double kLeastKnife_mm = 2.0; // of a separator's edge; practice value
constexpr double kLeastCollet_mm = 8.0;
constexpr double kAtTheFace_mm = 0.5; // what stands closer behind the ring leaves no gap
constexpr double kOpen_mm = 100;      // room that is as good as endless

struct Span {
    double from, to;
};

/// Widest stretch of `face` that none of the obstacles covers.
double widestFree(Span face, std::vector<Span> obstacles) {
    std::sort(obstacles.begin(), obstacles.end(), [](const Span& a, const Span& b) { return a.from < b.from; });
    double widest = 0, free = face.from;
    for (const auto& o : obstacles) {
        widest = std::max(widest, std::min(o.from, face.to) - free);
        free = std::max(free, o.to);
    }
    return std::max(widest, face.to - free);
}

/// Slices seen with the ring leaving upwards, whichever way it goes: heights are turned round for the way down.
struct Seen {
    double bottom, top;
    Span radial;
};
Seen seen(const Body& body, const Slice& s, Way way) {
    const Span radial{std::min(s.innerBottom, s.innerTop), std::max(s.outerBottom, s.outerTop)};
    const double lo = body.z_mm + s.zBottom, hi = body.z_mm + s.zTop;
    return way == Way::Up ? Seen{lo, hi, radial} : Seen{-hi, -lo, radial};
}

template <class Visit>
void eachSlice(const Assembly& a, PartSet present, Way way, Visit visit) {
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!(present & only(p))) continue;
        for (const auto& body : a.parts[p].bodies)
            for (const auto& s : body.slices)
                visit(p, seen(body, s, way));
    }
}

/// The rear face of a body: its height as seen, and its flat.
struct Rear {
    double z = 0;
    Span flat{};
};
Rear rearOf(const Body& body, Way way) {
    const auto& s = way == Way::Up ? body.slices.front() : body.slices.back();
    const double z = way == Way::Up ? body.bottom() : -body.top();
    return way == Way::Up ? Rear{z, {s.innerBottom, s.outerBottom}} : Rear{z, {s.innerTop, s.outerTop}};
}

double landOf(const Assembly& a, const Rear& rear, std::size_t ring, Way way, PartSet present) {
    std::vector<Span> obstacles;
    eachSlice(a, present & ~only(ring), way, [&](std::size_t, const Seen& s) {
        if (s.bottom < rear.z - 1e-6) obstacles.push_back(s.radial);
    });
    return widestFree(rear.flat, std::move(obstacles));
}

double sideGap(const Assembly& a, const Rear& rear, std::size_t ring, Way way, PartSet present) {
    double blocked = rear.flat.from, nearest = kOpen_mm;
    bool walledIn = false;
    const auto others = present & ~only(ring);
    eachSlice(a, others, way, [&](std::size_t, const Seen& s) {
        if (s.bottom < rear.z && s.top > rear.z - kAtTheFace_mm) blocked = std::max(blocked, s.radial.to);
    });
    eachSlice(a, others, way, [&](std::size_t, const Seen& s) {
        walledIn = walledIn || (s.bottom < rear.z && s.top > rear.z - kLeastKnife_mm && s.radial.to > rear.flat.to);
        if (s.top <= rear.z - kAtTheFace_mm && s.radial.to > blocked + kAtTheFace_mm)
            nearest = std::min(nearest, rear.z - s.top);
    });
    if (walledIn || rear.flat.to - blocked < kLeastLand_mm) return 0;
    return nearest;
}

/// How far a tube can be pushed aside before it touches what stands round it.
double sidePlay(const Assembly& a, std::size_t tube, PartSet present) {
    const auto& body = a.parts[tube].bodies.front();
    const double out = body.outsideDia() / 2;
    double room = INFINITY;
    eachSlice(a, present & ~only(tube), Way::Up, [&](std::size_t, const Seen& s) {
        const bool beside = s.top > body.bottom() + 1e-6 && s.bottom < body.top() - 1e-6;
        if (beside) room = std::min(room, s.radial.from >= out - 1e-6 ? s.radial.from - out : 0);
    });
    return std::isfinite(room) ? room : kOpen_mm;
}

/// What shows of a ring's rear face when a loose spacer tube standing on it is pushed aside.
double shiftedLand(const Assembly& a, const Rear& rear, std::size_t ring, Way way, PartSet present) {
    double shown = 0;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (p == ring || !(present & only(p)) || a.parts[p].kind != PartKind::SpacerTube) continue;
        const auto& tube = a.parts[p].bodies.front();
        const double end = way == Way::Up ? tube.top() : -tube.bottom();
        if (std::abs(end - rear.z) < kAtTheFace_mm)
            shown = std::max(shown, std::min(sidePlay(a, p, present), rear.flat.to - rear.flat.from));
    }
    return shown;
}

/// The partner's outermost face on the side the ring leaves to, outside the ring and free of anything else.
double supportRound(const Assembly& a, std::size_t ring, std::size_t partner, Way way, PartSet present) {
    const Way back = way == Way::Up ? Way::Down : Way::Up;
    double most = 0;
    for (const auto& body : a.parts[partner].bodies) {
        auto face = rearOf(body, back);
        for (const auto& mine : a.parts[ring].bodies)
            face.flat.from = std::max(face.flat.from, mine.outsideDia() / 2);
        if (face.flat.to > face.flat.from) most = std::max(most, landOf(a, face, partner, back, present & ~only(ring)));
    }
    return most;
}

double rimOf(const arrangement::Part& part, double seatRad_mm) {
    double most = 0;
    for (const auto& body : part.bodies)
        most = std::max(most, body.outsideDia() / 2 - seatRad_mm);
    return most;
}

double freeBore(const Assembly& a, PartSet present) {
    double rad = INFINITY;
    eachSlice(a, present, Way::Up, [&](std::size_t, const Seen& s) { rad = std::min(rad, s.radial.from); });
    return std::isfinite(rad) ? 2 * rad : 0;
}

bool sensitive(const arrangement::Part& part) {
    const bool dressed = part.catalogue && (part.catalogue->dress.seals != catalog::Side::None ||
                                            part.catalogue->dress.encoder != catalog::Side::None);
    return part.kind == PartKind::Seal || dressed;
}

/// The body of the ring that sits on its partner; a part of one body is that body.
const Body& seated(const arrangement::Part& ring, bool inBore) {
    for (const auto& body : ring.bodies)
        if (body.kind == (inBore ? BodyKind::OuterRing : BodyKind::InnerRing)) return body;
    const auto byRadius = [](const Body& x, const Body& y) { return x.outsideDia() < y.outsideDia(); };
    return inBore ? *std::max_element(ring.bodies.begin(), ring.bodies.end(), byRadius)
                  : *std::min_element(ring.bodies.begin(), ring.bodies.end(), byRadius);
}

const Body* otherRing(const arrangement::Part& ring, const Body& seatedBody) {
    for (const auto& body : ring.bodies)
        if (&body != &seatedBody && (body.kind == BodyKind::OuterRing || body.kind == BodyKind::InnerRing))
            return &body;
    return nullptr;
}

Removal judge(Method method, const RingSite& s) {
    const bool land = s.land_mm >= kLeastLand_mm;
    const auto yes = [&](Why why, double value = 0) { return Removal{method, true, why, value}; };
    const auto no = [&](Why why, double value = 0) { return Removal{method, false, why, value}; };
    switch (method) {
    case Method::Press:
        if (land) return yes(Why::LandBehind, s.land_mm);
        return s.otherLand_mm >= kLeastLand_mm ? yes(Why::OnlyThroughElements, s.otherLand_mm)
                                               : no(Why::NoLandBehind, s.land_mm);
    case Method::DrawBolt:
        if (!land) return no(Why::NoLandBehind, s.land_mm);
        return s.through_mm >= kLeastBolt_mm ? yes(Why::ThroughBore, s.through_mm)
                                             : no(Why::NoThroughBore, s.through_mm);
    case Method::Separator:
        if (s.inBore) return no(Why::RingInBore);
        return s.sideGap_mm >= kLeastKnife_mm ? yes(Why::GapBehind, s.sideGap_mm) : no(Why::NoGapBehind, s.sideGap_mm);
    case Method::Drift:
        if (!s.isRing) return no(Why::NoRing);
        if (!s.inBore) return no(Why::RingOnShaft);
        if (s.notched) return yes(Why::Notches);
        if (land) return yes(Why::LandBehind, s.land_mm);
        if (s.rim_mm >= kLeastLand_mm) return yes(Why::RimOutside, s.rim_mm);
        return s.shiftedLand_mm >= kLeastLand_mm ? yes(Why::SpacerShifts, s.shiftedLand_mm)
                                                 : no(Why::NoLandBehind, s.land_mm);
    case Method::Collet:
        if (!s.isRing) return no(Why::NoRing);
        if (!s.inBore) return no(Why::RingOnShaft);
        return s.ownBore_mm >= kLeastCollet_mm ? yes(Why::BoreFree, s.ownBore_mm) : no(Why::BoreFilled, s.ownBore_mm);
    case Method::HeatOff:
        if (s.sealNear) return no(Why::SealInTheHeat);
        return yes(s.inBore ? Why::WarmTheHousing : Why::HeatTheRing);
    case Method::Split:
        return s.inBore ? no(Why::WouldCutTheSeat) : yes(Why::RingOnShaft);
    }
    return no(Why::NoLandBehind);
}

} // namespace

RingSite siteOf(const Assembly& a, std::size_t ring, std::size_t partner, Way way, PartSet present) {
    const auto& part = a.parts[ring];
    RingSite site{ring, partner};
    site.inBore = arrangement::touchOf(a.parts[partner], part).has_value();
    site.way = way;
    site.isRing = part.kind != PartKind::Shaft && part.kind != PartKind::Hub && part.kind != PartKind::Housing;
    const auto& body = seated(part, site.inBore);
    const auto rear = rearOf(body, way);
    site.land_mm = landOf(a, rear, ring, way, present);
    site.shiftedLand_mm = shiftedLand(a, rear, ring, way, present);
    if (const auto* other = otherRing(part, body)) {
        const auto otherRear = rearOf(*other, way);
        site.otherLand_mm = landOf(a, otherRear, ring, way, present);
        site.shiftedLand_mm = std::max(site.shiftedLand_mm, shiftedLand(a, otherRear, ring, way, present));
    }
    site.support_mm = site.inBore ? supportRound(a, ring, partner, way, present) : 0;
    if (const auto touch = arrangement::touchOf(a.parts[partner], part)) site.rim_mm = rimOf(part, touch->dia_mm / 2);
    site.sideGap_mm = site.inBore ? 0 : sideGap(a, rear, ring, way, present);
    site.through_mm = freeBore(a, present);
    site.ownBore_mm = freeBore(a, only(ring));
    eachSlice(a, present & ~only(ring), way, [&](std::size_t, const Seen& s) {
        const double top = way == Way::Up ? body.top() : -body.bottom();
        if (s.bottom < top && s.top > rear.z && s.radial.from < site.ownBore_mm / 2) site.ownBore_mm = 0;
    });
    if (const auto* joint = arrangement::jointOf(a.pressed, part.id, a.parts[partner].id))
        site.notched = joint->notched;
    site.sealNear = part.kind == PartKind::Seal;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        site.sealNear = site.sealNear || (p != ring && (present & only(p)) && sensitive(a.parts[p]));
    return site;
}

std::vector<Removal> removalsOf(const RingSite& site) {
    std::vector<Removal> out;
    for (const auto method : kMethods)
        out.push_back(judge(method, site));
    const auto rank = [](const Removal& r) {
        if (!r.applies) return 3;
        return r.method == Method::Split ? 2 : r.why == Why::OnlyThroughElements ? 1 : 0;
    };
    std::stable_sort(out.begin(), out.end(), [&](const Removal& a, const Removal& b) { return rank(a) < rank(b); });
    return out;
}

Interval stuckFactor(Rust rust) {
    switch (rust) {
    case Rust::None:
        return {1.2, 2};
    case Rust::Light:
        return {2, 3};
    case Rust::Heavy:
        return {3, 6};
    }
    return {3, 6};
}

Breakaway breakaway(const Range& clean, Rust rust, double stiffness) {
    const auto factor = stuckFactor(rust);
    Breakaway out;
    out.force_N = {clean.least * factor.lower, clean.likely * factor.mid(), clean.most * factor.upper};
    out.energy_J = {force::storedEnergy_J(out.force_N.least, stiffness),
                    force::storedEnergy_J(out.force_N.likely, stiffness),
                    force::storedEnergy_J(out.force_N.most, stiffness)};
    return out;
}

} // namespace arbor::route
