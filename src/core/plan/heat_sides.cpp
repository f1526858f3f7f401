#include "core/plan/heat_sides.h"

#include "core/plan/seat_sides.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>

namespace arbor::plan {

namespace {

using arrangement::Part;
using catalog::BearingDress;
using section::BodyKind;
using What = TempLimit::What;

// Ceilings and floors besides the material's own. @source [HB4.10]
constexpr double kGrease_C = 80, kEncoder_C = 80, kCage_C = 100, kLipSeal_C = 100, kHardenedShaft_C = 150;
constexpr double kGreaseFloor_C = -40, kRingFloor_C = -55, kPlainFloor_C = -200, kLipSealFloor_C = -25;
constexpr double kEndless = 3; // outside over bore of a body that is taken as endless

double tubeVolume_mm3(double bore, double outside, double width) {
    return std::numbers::pi / 4 * (outside * outside - bore * bore) * width;
}

/// Volume and skin of what lies in the oven.
struct Lying {
    double volume_mm3 = 0;
    double skin_mm2 = 0;
    double wall_mm = 0;
};

Lying lying(const std::vector<section::Body>& bodies) {
    Lying out;
    for (const auto& b : bodies) {
        out.volume_mm3 += section::volume_mm3(b);
        out.skin_mm2 += section::skin_mm2(b);
        for (const auto& s : b.slices)
            out.wall_mm = std::max(out.wall_mm, std::min(s.outerTop - s.innerTop, s.zTop - s.zBottom));
    }
    return out;
}

double elementsVolume_mm3(const catalog::Bearing& b) {
    const double one = b.elementLength_mm > 0
                           ? std::numbers::pi / 4 * b.elementDia_mm * b.elementDia_mm * b.elementLength_mm
                           : std::numbers::pi / 6 * std::pow(b.elementDia_mm, 3);
    return b.rows * b.elementCount * one;
}

/// A whole bearing: both rings and the elements between them, which warm and cool as one.
Lying lyingWhole(const catalog::Bearing& b) {
    Lying out;
    out.volume_mm3 = tubeVolume_mm3(b.boreDia_mm, b.innerRacewayDia_mm(), b.innerWidth_mm) +
                     tubeVolume_mm3(b.outerRacewayDia_mm(), b.outsideDia_mm, b.outerWidth_mm) + elementsVolume_mm3(b);
    // Closed by its seals or its cage: what the air reaches is bore, outside and the two faces.
    out.skin_mm2 = std::numbers::pi * (b.boreDia_mm + b.outsideDia_mm) * b.width_mm +
                   2 * tubeVolume_mm3(b.boreDia_mm, b.outsideDia_mm, 1);
    out.wall_mm = (b.outsideDia_mm - b.boreDia_mm) / 2;
    return out;
}

/// What of a bearing is there: a cup weighs as a cup, a cone with the rollers that stay on it.
Lying lyingRing(const catalog::Bearing& b, const std::vector<section::Body>& bodies) {
    const auto is = [](BodyKind kind) { return [kind](const section::Body& body) { return body.kind == kind; }; };
    const auto has = [&](BodyKind kind) { return std::any_of(bodies.begin(), bodies.end(), is(kind)); };
    if (has(BodyKind::OuterRing) && has(BodyKind::InnerRing)) return lyingWhole(b);
    std::vector<section::Body> rings;
    std::copy_if(bodies.begin(), bodies.end(), std::back_inserter(rings), [](const section::Body& body) {
        return body.kind == BodyKind::OuterRing || body.kind == BodyKind::InnerRing;
    });
    auto out = lying(rings);
    if (has(BodyKind::RollingElements)) out.volume_mm3 += elementsVolume_mm3(b);
    return out;
}

/// The parts of the arrangement that are warmed or chilled together with one side of a seat when it is made: pressed to
/// it, or to what is pressed to it, and there already.
class Company {
public:
    explicit Company(const StripPlan& strip) : m_strip(strip) {}

    std::vector<const Part*> of(const job::SeatKey& key, bool outer) const {
        const auto& a = m_strip.assembly;
        const auto mine = arrangement::indexOf(a, outer ? key.first : key.second),
                   other = arrangement::indexOf(a, outer ? key.second : key.first);
        if (!mine || !other) return {};
        const route::BlockingGraph ways(a);
        const auto there = present(ways, *mine, *other) & ~route::only(*other);
        const auto found = route::pressedTogether(ways, *mine, there);
        std::vector<const Part*> out;
        for (std::size_t p = 0; p < a.parts.size(); ++p)
            if (p != *mine && (found & route::only(p)) != 0) out.push_back(&a.parts[p]);
        return out;
    }

private:
    /// Who is there when the seat is parted, and so when it is made.
    route::PartSet present(const route::BlockingGraph& ways, std::size_t one, std::size_t two) const {
        for (const auto& d : route::partRemovals(m_strip.order, ways.all())) {
            const auto partner = d.part == one ? two : one;
            if ((d.part == one || d.part == two) && (d.present & route::only(partner)) != 0) return d.present;
        }
        return ways.all();
    }

    const StripPlan& m_strip;
};

const Part& partNamed(const arrangement::Assembly& a, const std::string& id) {
    return a.parts[*arrangement::indexOf(a, id)];
}

/// The cage stays with the rolling elements.
bool hasCage(const Part& part) {
    return std::any_of(part.bodies.begin(), part.bodies.end(),
                       [](const section::Body& body) { return body.kind == BodyKind::RollingElements; });
}

class Sides {
public:
    Sides(const Given& given, const SeatPlan& seat, bool outer)
        : m_given(given), m_tables(given.tables), m_seat(seat), m_outer(outer),
          m_part(partNamed(given.strip.assembly, outer ? seat.key.first : seat.key.second)) {}

    HeatSide side() {
        HeatSide s;
        const auto* ring = bearingOf(m_part);
        s.label = m_part.label;
        s.part = ring ? thermal::PartClass::Ring : m_outer ? thermal::PartClass::Housing : thermal::PartClass::Shaft;
        const auto& member = m_outer ? m_seat.input->outer : m_seat.input->inner;
        s.tube = tube(member);
        limitOwn(s, member.material, ring);
        const auto body = ring ? lyingRing(*ring, m_part.bodies) : lying(m_part.bodies);
        const auto& m = member.material;
        s.soakPart = {body.volume_mm3 * 1e-9 * m.density_kg_m3, m.heat_J_kgK, body.skin_mm2 * 1e-6, body.wall_mm,
                      m.conductivity_W_mK / (m.density_kg_m3 * m.heat_J_kgK)};
        // As a tube it keeps wall and mass of the whole part; skin beyond the tube's rims loses heat like its faces.
        if (!ring) s.tube.width_mm = body.volume_mm3 / tubeVolume_mm3(s.tube.boreDia_mm, s.tube.outsideDia_mm, 1);
        const double rims = std::numbers::pi * (s.tube.boreDia_mm + s.tube.outsideDia_mm) * s.tube.width_mm;
        const double skin =
            ring ? rims + 2 * tubeVolume_mm3(s.tube.boreDia_mm, s.tube.outsideDia_mm, 1) : body.skin_mm2;
        s.tube.face_mm2 = std::max(0.0, skin - rims);
        for (const auto* other : Company(m_given.strip).of(m_seat.key, m_outer))
            takeAlong(s, *other);
        lowerAndSort(s);
        return s;
    }

private:
    const catalog::Bearing* bearingOf(const Part& part) const {
        return part.catalogue ? arrangement::bearingOf(*part.catalogue, m_tables.bearings) : nullptr;
    }
    thermal::Tube tube(const fit::Member& member) const {
        const auto& m = member.material;
        thermal::Tube t;
        t.boreDia_mm = m_outer ? m_seat.dia_mm : member.otherDia_mm;
        t.outsideDia_mm = !m_outer                 ? m_seat.dia_mm
                          : member.otherDia_mm > 0 ? member.otherDia_mm
                                                   : kEndless * m_seat.dia_mm;
        t.width_mm = m_seat.length_mm;
        t.material = {m.conductivity_W_mK, m.density_kg_m3, m.heat_J_kgK,
                      m_outer ? m_seat.fit->boreAlpha_perK : m.alpha_perK};
        return t;
    }

    void limitOwn(HeatSide& s, const catalog::Material& material, const catalog::Bearing* ring) const {
        const double metal =
            s.part == thermal::PartClass::Shaft ? std::min(material.ceiling_C, kHardenedShaft_C) : material.ceiling_C;
        s.ceilings.push_back({What::Metal, material.name, metal});
        s.floors.push_back({What::Metal, material.name, ring ? kRingFloor_C : kPlainFloor_C});
        if (ring) limitDress(s, m_part, {});
        if (m_outer && m_seat.fit->sleeveLetsGo_C)
            s.ceilings.push_back({What::Sleeve, m_seat.input->sleeve->material.name, *m_seat.fit->sleeveLetsGo_C});
    }

    /// What sits in a bearing's faces, and its cage: cup and cone by themselves have neither.
    void limitDress(HeatSide& s, const Part& part, const std::string& of) const {
        const bool whole = part.catalogue->piece == arrangement::FromCatalogue::Piece::Whole;
        const auto dress = whole ? part.catalogue->dress : BearingDress{};
        if (dress.seals != catalog::Side::None) {
            s.ceilings.push_back({What::Grease, {}, kGrease_C, false, of});
            s.floors.push_back({What::Grease, {}, kGreaseFloor_C, false, of});
            s.withGrease = true;
        }
        if (dress.encoder != catalog::Side::None) s.ceilings.push_back({What::Encoder, {}, kEncoder_C, false, of});
        if (part.catalogue->facts.plasticCage && hasCage(part))
            s.ceilings.push_back({What::Cage, {}, kCage_C, false, of});
    }

    /// Another part that lies in the oven with this one: its mass, and what it bears less of than this one's metal.
    void takeAlong(HeatSide& s, const Part& part) const {
        const auto& of = part.name();
        if (part.kind == arrangement::PartKind::Seal) {
            s.ceilings.push_back({What::Seal, of, kLipSeal_C, false, of});
            s.floors.push_back({What::Seal, of, kLipSealFloor_C, false, of});
            s.withGrease = true;
            return; // of rubber there is too little to weigh
        }
        const auto& material = materialOf(part, m_tables.materials);
        const auto* ring = bearingOf(part);
        const bool shaft = part.kind == arrangement::PartKind::Shaft;
        const double ceiling = shaft ? std::min(material.ceiling_C, kHardenedShaft_C) : material.ceiling_C;
        const double floor = ring ? kRingFloor_C : kPlainFloor_C;
        if (ceiling < s.ceilings.front().temp_C) s.ceilings.push_back({What::Metal, material.name, ceiling, false, of});
        if (floor > s.floors.front().temp_C) s.floors.push_back({What::Metal, material.name, floor, false, of});
        if (ring) limitDress(s, part, of);
        const auto body = ring ? lyingRing(*ring, part.bodies) : lying(part.bodies);
        const double mass = body.volume_mm3 * 1e-9 * material.density_kg_m3;
        auto& all = s.soakPart;
        all.heat_J_kgK = (all.mass_kg * all.heat_J_kgK + mass * material.heat_J_kgK) / (all.mass_kg + mass);
        all.mass_kg += mass;
        all.area_m2 += body.skin_mm2 * 1e-6;
        all.wall_mm = std::max(all.wall_mm, body.wall_mm);
    }

    void lowerAndSort(HeatSide& s) const {
        for (auto& limit : s.ceilings)
            if (const auto own = m_given.job.heat.lowered_C.find(std::string(name(limit.what)));
                own != m_given.job.heat.lowered_C.end() && own->second < limit.temp_C) {
                limit.temp_C = own->second;
                limit.lowered = true;
            }
        std::stable_sort(s.ceilings.begin(), s.ceilings.end(),
                         [](const TempLimit& a, const TempLimit& b) { return a.temp_C < b.temp_C; });
        std::stable_sort(s.floors.begin(), s.floors.end(),
                         [](const TempLimit& a, const TempLimit& b) { return a.temp_C > b.temp_C; });
    }

    const Given& m_given;
    const tables::Tables& m_tables;
    const SeatPlan& m_seat;
    bool m_outer;
    const Part& m_part;
};

} // namespace

HeatSide outerSide(const Given& given, const SeatPlan& seat) {
    return Sides(given, seat, true).side();
}

HeatSide innerSide(const Given& given, const SeatPlan& seat) {
    return Sides(given, seat, false).side();
}

} // namespace arbor::plan
