#include "core/plan/heat_sides.h"

#include "core/plan/plan.h"
#include "core/plan/seat_sides.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::plan {

namespace {

using arrangement::Part;
using What = TempLimit::What;

// Ceilings and floors besides the material's own. @source [HB4.10]
constexpr double kGrease_C = 80, kEncoder_C = 80, kCage_C = 100, kLipSeal_C = 100, kHardenedShaft_C = 150;
constexpr double kGreaseFloor_C = -40, kRingFloor_C = -55, kPlainFloor_C = -200;
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

/// Both rings and the elements between them, which warm and cool as one.
Lying lying(const catalog::Bearing& b) {
    const double elements =
        b.rows * b.elementCount *
        (b.elementLength_mm > 0 ? std::numbers::pi / 4 * b.elementDia_mm * b.elementDia_mm * b.elementLength_mm
                                : std::numbers::pi / 6 * std::pow(b.elementDia_mm, 3));
    Lying out;
    out.volume_mm3 = tubeVolume_mm3(b.boreDia_mm, b.innerRacewayDia_mm(), b.innerWidth_mm) +
                     tubeVolume_mm3(b.outerRacewayDia_mm(), b.outsideDia_mm, b.outerWidth_mm) + elements;
    // Closed by its seals or its cage: what the air reaches is bore, outside and the two faces.
    out.skin_mm2 = std::numbers::pi * (b.boreDia_mm + b.outsideDia_mm) * b.width_mm +
                   2 * tubeVolume_mm3(b.boreDia_mm, b.outsideDia_mm, 1);
    out.wall_mm = (b.outsideDia_mm - b.boreDia_mm) / 2;
    return out;
}

const Part* partNamed(const Plan& plan, const std::string& id) {
    if (!plan.strip || !plan.strip->faults.empty()) return nullptr;
    const auto at = arrangement::indexOf(plan.strip->assembly, id);
    return at ? &plan.strip->assembly.parts[*at] : nullptr;
}

class Sides {
public:
    Sides(const job::Job& job, const Plan& plan, const Library& lib, const SeatPlan& seat, bool outer)
        : m_job(job), m_plan(plan), m_lib(lib), m_seat(seat), m_outer(outer),
          m_part(partNamed(plan, outer ? seat.key.first : seat.key.second)) {}

    HeatSide side() {
        HeatSide s;
        const auto* ring = ringOf();
        s.label = m_part ? m_part->label : ring ? ring->designation : m_outer ? "housing" : "shaft";
        s.part = ring ? thermal::PartClass::Ring : m_outer ? thermal::PartClass::Housing : thermal::PartClass::Shaft;
        const auto& member = m_outer ? m_seat.input->outer : m_seat.input->inner;
        s.tube = tube(member);
        s.withGrease = ring && m_job.bearing.seals != catalog::Side::None;
        setLimits(s, member.material, ring);
        const auto body = ring ? lying(*ring) : lyingPart(s.tube);
        const auto& m = member.material;
        s.soakPart = {body.volume_mm3 * 1e-9 * m.density_kg_m3, m.heat_J_kgK, body.skin_mm2 * 1e-6, body.wall_mm,
                      m.conductivity_W_mK / (m.density_kg_m3 * m.heat_J_kgK)};
        // As a tube it keeps wall and mass of the whole part; skin beyond the tube's rims loses heat like its faces.
        if (!ring) s.tube.width_mm = body.volume_mm3 / tubeVolume_mm3(s.tube.boreDia_mm, s.tube.outsideDia_mm, 1);
        const double rims = std::numbers::pi * (s.tube.boreDia_mm + s.tube.outsideDia_mm) * s.tube.width_mm;
        const double skin =
            ring ? rims + 2 * tubeVolume_mm3(s.tube.boreDia_mm, s.tube.outsideDia_mm, 1) : body.skin_mm2;
        s.tube.face_mm2 = std::max(0.0, skin - rims);
        return s;
    }

private:
    const catalog::Bearing* ringOf() const {
        if (m_part) {
            if (!m_part->catalogue) return nullptr;
            return catalog::findBearing(m_lib.bearings, m_part->catalogue->designation);
        }
        const bool bearing = (m_outer ? m_seat.key.first : m_seat.key.second) == "bearing";
        return bearing ? &m_plan.arrangement->bearing : nullptr;
    }

    thermal::Tube tube(const fit::Member& member) const {
        const auto& m = member.material;
        thermal::Tube t;
        t.boreDia_mm = m_outer ? m_seat.dia_mm : member.otherDia_mm;
        t.outsideDia_mm = !m_outer                 ? m_seat.dia_mm
                          : member.otherDia_mm > 0 ? member.otherDia_mm
                                                   : kEndless * m_seat.dia_mm;
        t.width_mm = m_seat.length_mm;
        t.material = {m.conductivity_W_mK, m.density_kg_m3, m.heat_J_kgK, m.alpha_perK};
        return t;
    }

    Lying lyingPart(const thermal::Tube& tube) const {
        if (m_part) return lying(m_part->bodies);
        if (m_outer) return lying({arrangement::housingBodies(m_plan.arrangement->housing).front()});
        section::Body shaft;
        shaft.slices = {section::Slice::tube(0, 3 * tube.width_mm, tube.boreDia_mm / 2, tube.outsideDia_mm / 2)};
        return lying({shaft});
    }

    void setLimits(HeatSide& s, const catalog::Material& material, const catalog::Bearing* ring) {
        const bool ours = ring && ring->designation == m_job.bearing.designation;
        const double metal =
            s.part == thermal::PartClass::Shaft ? std::min(material.ceiling_C, kHardenedShaft_C) : material.ceiling_C;
        s.ceilings.push_back({What::Metal, material.name, metal});
        s.floors.push_back({What::Metal, material.name, ring ? kRingFloor_C : kPlainFloor_C});
        if (ours && m_job.bearing.seals != catalog::Side::None) {
            s.ceilings.push_back({What::Grease, {}, kGrease_C});
            s.floors.push_back({What::Grease, {}, kGreaseFloor_C});
        }
        if (ours && m_job.bearing.encoder != catalog::Side::None) s.ceilings.push_back({What::Encoder, {}, kEncoder_C});
        if (ours && m_job.heat.plasticCage) s.ceilings.push_back({What::Cage, {}, kCage_C});
        addSeals(s);
        for (auto& limit : s.ceilings)
            if (const auto own = m_job.heat.lowered_C.find(std::string(name(limit.what)));
                own != m_job.heat.lowered_C.end() && own->second < limit.temp_C) {
                limit.temp_C = own->second;
                limit.lowered = true;
            }
        std::stable_sort(s.ceilings.begin(), s.ceilings.end(),
                         [](const TempLimit& a, const TempLimit& b) { return a.temp_C < b.temp_C; });
        std::stable_sort(s.floors.begin(), s.floors.end(),
                         [](const TempLimit& a, const TempLimit& b) { return a.temp_C > b.temp_C; });
    }

    /// Lip seals that sit in this part already when the ring goes in: those that come out after it.
    void addSeals(HeatSide& s) const {
        if (!m_part || !m_outer) return;
        const auto& a = m_plan.strip->assembly;
        const auto ringAt = arrangement::indexOf(a, m_seat.key.second);
        std::size_t ringTurn = 0;
        std::vector<std::size_t> turn(a.parts.size(), a.parts.size());
        const auto& steps = m_plan.strip->order.steps;
        for (std::size_t i = 0; i < steps.size(); ++i)
            for (const auto part : steps[i].parts) {
                turn[part] = i;
                if (ringAt == part) ringTurn = i;
            }
        for (std::size_t p = 0; p < a.parts.size(); ++p) {
            const bool inHere = a.parts[p].kind == arrangement::PartKind::Seal &&
                                arrangement::jointOf(a.pressed, m_part->id, a.parts[p].id) != nullptr;
            if (inHere && turn[p] > ringTurn) s.ceilings.push_back({What::Seal, a.parts[p].label, kLipSeal_C});
        }
    }

    const job::Job& m_job;
    const Plan& m_plan;
    const Library& m_lib;
    const SeatPlan& m_seat;
    bool m_outer;
    const Part* m_part;
};

} // namespace

HeatSide outerSide(const job::Job& job, const Plan& plan, const Library& library, const SeatPlan& seat) {
    return Sides(job, plan, library, seat, true).side();
}

HeatSide innerSide(const job::Job& job, const Plan& plan, const Library& library, const SeatPlan& seat) {
    return Sides(job, plan, library, seat, false).side();
}

} // namespace arbor::plan
