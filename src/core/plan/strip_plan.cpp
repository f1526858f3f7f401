#include "core/plan/strip_plan.h"

#include "core/fit/press_joint.h"
#include "core/plan/plan.h"
#include "core/plan/seat_sides.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::plan {

namespace {

using arrangement::Assembly;
using arrangement::Joint;
using arrangement::Part;
using route::Parts;

using MaybeLimits = Result<std::optional<Limits>>;

/// Deviation of one side of a seat from the nominal size: measured, by class, or the limits of a catalogue bearing.
MaybeLimits sideLimits(const Part& part, const std::optional<standards::ToleranceClass>& given,
                       const std::optional<double>& measured, double dia, bool bore, const Library& lib) {
    if (measured) return std::optional(Limits{*measured - dia, *measured - dia});
    Result<Limits> found = Limits{};
    if (given) {
        found = standards::limitDeviations(lib.iso286, dia, *given);
    } else if (part.catalogue) {
        const auto* bearing = catalog::findBearing(lib.bearings, part.catalogue->designation);
        found = ringLimits(lib, *bearing, "N", bore);
        if (!found) return std::optional<Limits>{}; // thrust washers: not tabulated
    } else {
        return std::optional<Limits>{};
    }
    if (!found) return tl::unexpected(found.error());
    return std::optional(*found);
}

/// Every tight ring of an order, in a frame of parts that are there together.
class Rings {
public:
    Rings(const Assembly& assembly, const job::Job& job, const Library& lib, double stiffness)
        : m_assembly(assembly), m_ways(assembly), m_job(job), m_lib(lib), m_stiffness(stiffness) {}

    Result<std::vector<TightRing>> of(const route::Order& order) {
        for (const auto& d : route::departures(order, m_ways.all()))
            if (auto ok = ring(d.part, d.way, d.present); !ok) return tl::unexpected(ok.error());
        return std::move(m_out);
    }

private:
    Result<void> ring(std::size_t part, route::Way way, Parts present) {
        for (std::size_t partner = 0; partner < m_assembly.parts.size(); ++partner) {
            if (!(m_ways.pressedTo(part) & present & route::only(partner))) continue;
            TightRing out{route::siteOf(m_assembly, part, partner, way, present), {}, {}, {}};
            out.ways = route::removalsOf(out.site);
            preferChosen(out.ways, m_assembly.parts[part].id);
            const auto* joint =
                arrangement::jointOf(m_assembly.pressed, m_assembly.parts[part].id, m_assembly.parts[partner].id);
            const auto seat = seatForce(m_assembly, *joint, m_lib, m_job.lubricant);
            if (!seat) return tl::unexpected(seat.error());
            out.seat = *seat;
            if (out.seat) out.breakaway = route::breakaway(out.seat->clean_N, m_job.strip.rust, m_stiffness);
            m_out.push_back(std::move(out));
        }
        return {};
    }

    /// What the user chose comes first, as long as the room allows it.
    void preferChosen(std::vector<route::Removal>& ways, const std::string& id) const {
        const auto chosen = m_job.strip.methods.find(id);
        if (chosen == m_job.strip.methods.end()) return;
        const auto at = std::find_if(ways.begin(), ways.end(),
                                     [&](const route::Removal& r) { return r.applies && r.method == chosen->second; });
        if (at != ways.end()) std::rotate(ways.begin(), at, at + 1);
    }

    const Assembly& m_assembly;
    route::Ways m_ways;
    const job::Job& m_job;
    const Library& m_lib;
    double m_stiffness;
    std::vector<TightRing> m_out;
};

} // namespace

Result<std::optional<SeatForce>> seatForce(const Assembly& a, const Joint& joint, const Library& lib,
                                           catalog::Lubricant lubricant) {
    const auto& outer = a.parts[*arrangement::indexOf(a, joint.outer)];
    const auto& inner = a.parts[*arrangement::indexOf(a, joint.inner)];
    const auto touch = arrangement::touchOf(outer, inner);
    if (!touch || !isMetalRing(outer) || !isMetalRing(inner)) return std::optional<SeatForce>{};
    const auto place = "joint " + joint.outer + "/" + joint.inner;
    auto hole = sideLimits(outer, joint.hole, joint.measuredHole_mm, touch->dia_mm, true, lib);
    auto shaft = sideLimits(inner, joint.shaft, joint.measuredShaft_mm, touch->dia_mm, false, lib);
    for (auto* side : {&hole, &shaft})
        if (!*side) {
            side->error().field = place;
            return tl::unexpected(side->error());
        }
    if (!*hole || !*shaft) return std::optional<SeatForce>{};
    SeatForce out{
        touch->dia_mm, touch->length_mm, {(*shaft)->lower - (*hole)->upper, (*shaft)->upper - (*hole)->lower}, {}};
    const double z = touch->from_mm + 0.5 * touch->length_mm;
    const auto &outerSteel = materialOf(outer, lib.materials), &innerSteel = materialOf(inner, lib.materials);
    fit::JointInput in;
    in.interfaceDia_mm = touch->dia_mm;
    in.outerOutsideDia_mm = otherSide_mm(outer, z, touch->dia_mm, true, lib);
    in.innerBoreDia_mm = otherSide_mm(inner, z, touch->dia_mm, false, lib);
    in.outer = {outerSteel.E_MPa, outerSteel.nu, outerSteel.alpha_perK};
    in.inner = {innerSteel.E_MPa, innerSteel.nu, innerSteel.alpha_perK};
    const auto perMm = fit::jointStiffness(in);
    if (!perMm) return tl::unexpected(perMm.error());
    const auto mu = lib.friction.at({outerSteel.family, lubricant});
    const auto force = [&](double interference, double friction) {
        return friction * std::numbers::pi * out.dia_mm * out.length_mm * *perMm * std::max(0.0, interference);
    };
    out.clean_N = {force(out.interference_mm.lower, mu.lower), force(out.interference_mm.mid(), mu.mid()),
                   force(out.interference_mm.upper, mu.upper)};
    return std::optional(out);
}

const TightRing* StripPlan::ring(std::size_t part) const {
    const auto found =
        std::find_if(rings.begin(), rings.end(), [&](const TightRing& r) { return r.site.ring == part; });
    return found == rings.end() ? nullptr : &*found;
}

std::optional<StripPlan> planStrip(const job::Job& job, const Library& lib, double stiffness_N_per_mm) {
    if (!job.arrangement) return std::nullopt;
    StripPlan out;
    out.assembly = job.arrangement->assembly;
    if (auto ok = arrangement::resolve(out.assembly, lib.bearings); !ok) {
        out.faults.push_back(ok.error());
        return out;
    }
    out.faults = arrangement::faults(out.assembly);
    if (!out.faults.empty()) return out;
    out.order = route::takeApart(out.assembly);
    auto rings = Rings(out.assembly, job, lib, stiffness_N_per_mm).of(out.order);
    if (!rings) {
        out.faults.push_back(rings.error());
        return out;
    }
    out.rings = std::move(*rings);
    out.kit = route::kitOf(out.assembly, lib.bearings);
    std::vector<route::Method> methods;
    for (const auto& ring : out.rings)
        if (ring.ways.front().applies) methods.push_back(ring.ways.front().method);
    for (auto& tool : route::toolsFor(methods))
        out.kit.push_back(std::move(tool));
    for (const auto& line : out.kit)
        if (!job.strip.onTheBench.contains(line.id)) out.missing.push_back(line.id);
    return out;
}

} // namespace arbor::plan
