#include "core/plan/strip_plan.h"

#include "core/job/job.h"
#include "core/plan/fit_plan.h"
#include "core/tables/tables.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using arrangement::Assembly;

/// Every tight ring of an order, in a frame of parts that are there together.
class Rings {
public:
    Rings(const Assembly& assembly, const job::Job& job) : m_assembly(assembly), m_ways(assembly), m_job(job) {}

    std::vector<TightRing> of(const route::Order& order) {
        for (const auto& d : route::partRemovals(order, m_ways.all()))
            add(d);
        return std::move(m_out);
    }

private:
    void add(const route::PartRemoval& d) {
        for (std::size_t partner = 0; partner < m_assembly.parts.size(); ++partner) {
            if (!(m_ways.pressedTo(d.part) & d.present & route::only(partner))) continue;
            TightRing out{route::siteOf(m_assembly, d.part, partner, d.way, d.present), {}, {}, {}, {}};
            if (job::wasFound(m_job, job::AsFound::InnerRingMissing, m_assembly.parts[d.part].id))
                takeInnerOut(out.site);
            out.ways = route::removalsOf(out.site);
            preferChosen(out.ways, m_assembly.parts[d.part].id);
            m_out.push_back(std::move(out));
        }
    }

    /// Its inner ring is gone: only the bore of the outer one is left to take hold of, and nothing else to push.
    void takeInnerOut(route::RingSite& site) const {
        const auto& part = m_assembly.parts[site.ring];
        if (part.kind != arrangement::PartKind::Bearing || !site.inBore) return;
        for (const auto& body : part.bodies)
            if (body.kind == section::BodyKind::OuterRing) site.ownBore_mm = body.boreDia();
        site.otherLand_mm = 0;
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
    route::BlockingGraph m_ways;
    const job::Job& m_job;
    std::vector<TightRing> m_out;
};

} // namespace

const TightRing* StripPlan::ring(std::size_t part) const {
    const auto found =
        std::find_if(rings.begin(), rings.end(), [&](const TightRing& r) { return r.site.ring == part; });
    return found == rings.end() ? nullptr : &*found;
}

const catalog::Press* pressAtHand(const job::Job& job, const catalog::Rack& rack) {
    if (job.means != job::Means::Press) return nullptr;
    if (!job.press.empty()) return rack.press(job.press);
    const auto first = std::find_if(rack.presses.begin(), rack.presses.end(),
                                    [](const catalog::Press& p) { return p.kind == catalog::PressKind::Frame; });
    return first == rack.presses.end() ? nullptr : &*first;
}

StripPlan planStrip(const job::Job& job, const tables::Tables& lib) {
    StripPlan out;
    out.assembly = job.arrangement.assembly;
    if (auto ok = arrangement::resolve(out.assembly, lib.bearings); !ok) {
        out.faults.push_back(ok.error());
        return out;
    }
    out.faults = arrangement::faults(out.assembly);
    if (!out.faults.empty()) return out;
    out.order = route::takeApart(out.assembly);
    out.rings = Rings(out.assembly, job).of(out.order);
    out.kit = route::kitOf(out.assembly, lib.bearings);
    std::vector<route::Method> methods;
    for (const auto& ring : out.rings)
        if (ring.ways.front().applies) methods.push_back(ring.ways.front().method);
    for (auto& tool : route::toolsFor(methods))
        out.kit.push_back(std::move(tool));
    for (const auto& line : out.kit)
        if (!job.strip.onTheBench.contains(line.id) && !job.strip.stays.contains(line.id))
            out.missing.push_back(line.id);
    return out;
}

void takeForces(StripPlan& strip, const FitPlan& fits) {
    const auto& parts = strip.assembly.parts;
    for (auto& ring : strip.rings) {
        const auto &one = parts[ring.site.ring].id, &two = parts[ring.site.partner].id;
        const auto at = std::find_if(fits.seats.begin(), fits.seats.end(), [&](const SeatPlan& seat) {
            return seat.fit && (seat.key == job::SeatKey{one, two} || seat.key == job::SeatKey{two, one});
        });
        if (at == fits.seats.end()) continue;
        ring.seat = static_cast<std::size_t>(at - fits.seats.begin());
        ring.pressIn_N = at->fit->pressForce_N;
        ring.breakaway = at->off;
    }
}

} // namespace arbor::plan
