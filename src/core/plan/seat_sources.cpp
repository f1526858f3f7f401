#include "core/plan/seat_sources.h"

#include "core/fit/clearance_left.h"
#include "core/plan/plan.h"
#include "core/plan/seat_sides.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using arrangement::Joint;
using arrangement::Part;
using job::Job;
using job::SizeSpec;

constexpr double kHoleRz_mm = 0.006, kShaftRz_mm = 0.004; // fine turned; until it is looked at

/// Collects the sides of every seat from the arrangement, or from housing and shaft where there is none.
class Sources {
public:
    Sources(const Job& job, const Library& lib, const StripPlan* strip, const Focus& focus)
        : m_job(job), m_lib(lib), m_strip(strip), m_focus(focus) {}

    std::vector<Source> all() {
        std::vector<Source> out;
        if (!m_focus.key) out.push_back(housingSeat());
        if (!m_strip && m_job.shaft) out.push_back(shaftSeat());
        if (m_strip)
            for (const auto& joint : m_strip->assembly.pressed)
                if (auto source = fromJoint(joint)) out.push_back(std::move(*source));
        return out;
    }

private:
    const catalog::Material& material(const std::string& id) const { return m_lib.materials.at(id); }

    bool isFocusBearing(const Part& part) const {
        return part.catalogue && part.catalogue->designation == m_focus.bearing.designation;
    }

    /// Of the bearing whose outer ring is pressed, itself or its cone; another of the same number is another.
    bool isFocusPart(const Part& part) const {
        if (!m_focus.key) return isFocusBearing(part) && &part == firstOf(m_focus.bearing.designation);
        if (part.id == m_focus.key->second) return true;
        const auto& a = m_strip->assembly;
        return arrangement::sameBearing(a.parts[*arrangement::indexOf(a, m_focus.key->second)], part);
    }
    const Part* firstOf(const std::string& designation) const {
        for (const auto& part : m_strip->assembly.parts)
            if (part.catalogue && part.catalogue->designation == designation &&
                part.catalogue->piece != arrangement::FromCatalogue::Piece::Outer)
                return &part;
        return nullptr;
    }

    Side ringSide(bool bore) const {
        Side s;
        s.id = "bearing";
        s.label = m_focus.bearing.designation;
        // Both seats of one bearing go by the same name.
        if (m_strip)
            for (const auto& part : m_strip->assembly.parts)
                if (isFocusBearing(part)) {
                    s.id = part.id;
                    s.label = part.label;
                }
        s.ring = &m_focus.bearing;
        fillRing(s, bore);
        return s;
    }

    /// What every ring of that bearing has in common.
    void fillRing(Side& s, bool bore) const {
        const auto& b = m_job.bearing;
        const bool ours = s.ring->designation == m_focus.bearing.designation;
        s.material = &material("bearing_steel");
        const auto raceways = fit::racewaysOf(*s.ring);
        s.otherDia_mm = bore ? (ours ? b.innerRacewayDia_mm : std::nullopt).value_or(raceways.inner_mm)
                             : (ours ? b.outerRacewayDia_mm : std::nullopt).value_or(raceways.outer_mm);
        s.rz_mm = b.rz_mm;
        if (!ours) return;
        s.size = bore ? b.bore : b.outside;
        s.place = bore ? "bearing/bore/size" : "bearing/outside/size";
    }

    Source housingSeat() const {
        const auto& h = m_job.housing;
        Side outer;
        outer.id = "housing";
        outer.label = "housing";
        outer.material = &material(h.material);
        outer.otherDia_mm = m_focus.housingOutsideDia_mm;
        outer.size = h.seat;
        outer.place = "housing/seat/size";
        outer.measured = h.measured;
        outer.measuredPlace = "housing/measured";
        outer.rz_mm = h.rz_mm;
        return {job::kHousingSeat, m_focus.bearing.outsideDia_mm, m_focus.engagedLength_mm, std::move(outer),
                ringSide(false)};
    }

    Source shaftSeat() const {
        const auto& shaft = *m_job.shaft;
        Side inner;
        inner.id = "shaft";
        inner.label = "shaft";
        inner.material = &material(shaft.material);
        inner.otherDia_mm = shaft.boreDia_mm;
        inner.size = shaft.seat;
        inner.place = "shaft/seat/size";
        inner.rz_mm = shaft.rz_mm;
        return {job::kShaftSeat, m_focus.bearing.boreDia_mm, m_focus.bearing.innerWidth_mm, ringSide(true),
                std::move(inner)};
    }

    Side sideOf(const Part& part, const Joint& joint, bool hole, double dia, double z) const {
        Side s;
        s.id = part.id;
        s.label = part.label;
        s.hub = part.kind == arrangement::PartKind::Hub;
        s.rz_mm = hole ? kHoleRz_mm : kShaftRz_mm;
        s.place = "arrangement/pressed/" + joint.outer + "+" + joint.inner;
        if (part.catalogue) {
            s.ring = catalog::findBearing(m_lib.bearings, part.catalogue->designation);
            fillRing(s, hole);
            return s;
        }
        s.material = &materialOf(part, m_lib.materials);
        s.otherDia_mm = otherSide_mm(part, z, dia, hole, m_lib);
        if (const auto& given = hole ? joint.hole : joint.shaft)
            s.size = SizeSpec{plain(dia) + " " + given->text(), dia, given, {}};
        if (const auto& measured = hole ? joint.measuredHole_mm : joint.measuredShaft_mm)
            s.measured = job::MeasuredSize{plain(*measured), *measured};
        s.measuredPlace = s.place + (hole ? "/hole_mm" : "/shaft_mm");
        return s;
    }

    std::optional<Source> fromJoint(const Joint& joint) const {
        const auto& a = m_strip->assembly;
        const auto& outer = a.parts[*arrangement::indexOf(a, joint.outer)];
        const auto& inner = a.parts[*arrangement::indexOf(a, joint.inner)];
        const auto touch = arrangement::touchOf(outer, inner);
        if (!touch || !isMetalRing(outer) || !isMetalRing(inner)) return std::nullopt;
        const double z = touch->from_mm + 0.5 * touch->length_mm;
        Source out{{joint.outer, joint.inner},
                   touch->dia_mm,
                   touch->length_mm,
                   sideOf(outer, joint, true, touch->dia_mm, z),
                   sideOf(inner, joint, false, touch->dia_mm, z)};
        if (!m_focus.own) return out;
        if (m_focus.key && out.key == *m_focus.key)
            takeFocus(out);
        else if (m_job.shaft && isFocusPart(outer))
            takeShaft(out);
        return out;
    }

    /// The seat this job presses: what its own stations say of it comes before the arrangement.
    void takeFocus(Source& s) const {
        const auto own = housingSeat();
        s.length_mm = own.length_mm;
        s.outer.otherDia_mm = own.outer.otherDia_mm;
        s.outer.material = own.outer.material;
        s.outer.rz_mm = own.outer.rz_mm;
        s.outer.size = own.outer.size;
        s.outer.place = own.outer.place;
        if (!own.outer.measured) return;
        s.outer.measured = own.outer.measured;
        s.outer.measuredPlace = own.outer.measuredPlace;
    }
    void takeShaft(Source& s) const {
        const auto own = shaftSeat();
        s.inner.size = own.inner.size;
        s.inner.place = own.inner.place;
        s.inner.rz_mm = own.inner.rz_mm;
        s.inner.otherDia_mm = std::max(s.inner.otherDia_mm, own.inner.otherDia_mm);
    }

    const Job& m_job;
    const Library& m_lib;
    const StripPlan* m_strip;
    const Focus& m_focus;
};

} // namespace

std::vector<Source> seatSources(const Job& job, const Library& library, const StripPlan* strip, const Focus& focus) {
    return Sources(job, library, strip, focus).all();
}

} // namespace arbor::plan
