#include "core/plan/ring_plan.h"

#include "core/standards/limits.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using section::Body;

bool holdsOthers(PartKind kind) {
    return kind == PartKind::Housing || kind == PartKind::Hub || kind == PartKind::Shaft;
}

/// The body of a ring that sits on the seat, and so carries the face that is read.
const Body& seatedBody(const Part& ring, double seatDia_mm, bool ringIsInside) {
    const auto off = [&](const Body& body) {
        return std::abs((ringIsInside ? body.outsideDia() : body.boreDia()) - seatDia_mm);
    };
    return *std::min_element(ring.bodies.begin(), ring.bodies.end(),
                             [&](const Body& a, const Body& b) { return off(a) < off(b); });
}

/// Which end of its partner the ring is read from: the one it lies nearer to.
struct ReadFrom {
    bool above = true;
    double depth_mm = 0;
};
ReadFrom readFrom(const Part& partner, const Body& ring) {
    double top = partner.bodies.front().top(), bottom = partner.bodies.front().bottom();
    for (const auto& body : partner.bodies) {
        top = std::max(top, body.top());
        bottom = std::min(bottom, body.bottom());
    }
    const double above = top - ring.top(), below = ring.bottom() - bottom;
    return {above <= below, std::min(above, below)};
}

/// Middle of the face that is read.
double readingRad_mm(const Body& ring, bool above) {
    const auto all = section::faces(ring);
    const double end = above ? ring.top() : ring.bottom();
    for (const auto& face : all)
        if (face.facesUp == above && std::abs(face.z_mm - end) < 1e-6) return (face.innerRad_mm + face.outerRad_mm) / 2;
    return (ring.boreDia() + ring.outsideDia()) / 4;
}

/// Where each ring sits: the pressed seats, and each seal in the first part it touches from inside.
std::vector<job::SeatKey> seatsOf(const Assembly& a) {
    std::vector<job::SeatKey> out;
    for (const auto& joint : a.pressed)
        out.emplace_back(joint.outer, joint.inner);
    const auto has = [&](const std::string& ring) {
        return std::any_of(out.begin(), out.end(),
                           [&](const auto& key) { return key.first == ring || key.second == ring; });
    };
    for (const auto& seal : a.parts) {
        if (seal.kind != PartKind::Seal || has(seal.id)) continue;
        for (const auto& around : a.parts)
            if (holdsOthers(around.kind) && touchOf(around, seal)) {
                out.emplace_back(around.id, seal.id);
                break;
            }
    }
    return out;
}

bool isIn(const job::StripState& strip, const Assembly& a, const std::string& part) {
    return a.parts[a.base].id == part || strip.fitted.contains(part);
}

Result<OtherRing> ringOf(const job::Job& job, const Assembly& a, const job::SeatKey& key,
                         const standards::Iso286& iso286) {
    const auto& outer = a.parts[*indexOf(a, key.first)];
    const auto& inner = a.parts[*indexOf(a, key.second)];
    const bool inside = holdsOthers(outer.kind); // the ring sits in its partner, not on it
    const auto& ring = inside ? inner : outer;
    const auto& partner = inside ? outer : inner;
    const double dia = touchOf(outer, inner)->dia_mm;
    const auto& body = seatedBody(ring, dia, inside);
    const auto from = readFrom(partner, body);
    OtherRing out;
    out.key = key;
    out.label = ring.name();
    out.partner = partner.name();
    out.seal = ring.kind == PartKind::Seal;
    out.fitted = isIn(job.strip, a, outer.id) && isIn(job.strip, a, inner.id);
    auto& in = out.input;
    // A ring on a shaft is felt at its shoulder: the shaft's end is far away, and seldom has a face. So is one that
    // stands proud.
    out.offered = inside && from.depth_mm >= 0 ? seat::ReadingKind::Depth : seat::ReadingKind::Feeler;
    in.kind = out.offered;
    in.readingRad_mm = readingRad_mm(body, from.above);
    in.seatDia_mm = dia;
    in.homeDepth_mm = from.depth_mm;
    const auto square = standards::gradeWidth(iso286, dia, 5);
    if (!square) return tl::unexpected(square.error());
    in.squareLimit_mm = out.seal ? kSealSquare_mm : *square;
    if (out.seal) in.depthTolerance_mm = kSealDepth_mm;
    const auto card = job.rings.find(key);
    if (card != job.rings.end()) {
        in.kind = card->second.readings.kind;
        in.readings = card->second.readings.readings;
        in.uncertainty_mm = card->second.readings.uncertainty_mm;
        in.homeDepth_mm = card->second.home_mm.value_or(in.homeDepth_mm);
    }
    auto seating = seat::judgeSeating(in);
    if (!seating) return tl::unexpected(seating.error());
    out.seating = std::move(*seating);
    return out;
}

} // namespace

Result<std::vector<OtherRing>> otherRings(const job::Job& job, const StripPlan& strip,
                                          const std::optional<job::SeatKey>& focus, const standards::Iso286& iso286) {
    std::vector<OtherRing> out;
    if (!strip.faults.empty()) return out;
    for (const auto& key : seatsOf(strip.assembly)) {
        if (key == focus) continue;
        auto ring = ringOf(job, strip.assembly, key, iso286);
        if (!ring) return tl::unexpected(at(ring.error(), "ring_readings/" + key.first + "/" + key.second));
        out.push_back(std::move(*ring));
    }
    return out;
}

const OtherRing* ringAt(const std::vector<OtherRing>& rings, const job::SeatKey& key) {
    const auto found = std::find_if(rings.begin(), rings.end(), [&](const auto& ring) { return ring.key == key; });
    return found == rings.end() ? nullptr : &*found;
}

bool mustBeRead(const OtherRing& ring) {
    return !ring.read() && (!ring.input.readings.empty() || (ring.fitted && !ring.seal));
}

AdviceList adviceOn(const std::vector<OtherRing>& rings) {
    AdviceList out;
    for (const auto& ring : rings) {
        const bool stop = worst(ring.seating.findings) == Severity::Stop;
        if (ring.read() && (stop || ring.seating.verdict != seat::SeatVerdict::HomeAndSquare))
            out.push_back({Finding::OtherRingOff, stop ? Severity::Stop : Severity::Look, 0, 0, ring.label, "HB3.9"});
        if (mustBeRead(ring))
            out.push_back({Finding::OtherRingNotRead, Severity::Look, static_cast<double>(ring.input.readings.size()),
                           3, ring.label, "HB3.9"});
    }
    return out;
}

} // namespace arbor::plan
