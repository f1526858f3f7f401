#include "core/plan/ring_plan.h"

#include "core/plan/plan.h"
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

bool isIn(const job::StripState& strip, const Assembly& a, const std::string& part) {
    return a.parts[a.base].id == part || strip.fitted.contains(part);
}

/// By the arrangement.
Result<void> drawnRing(RingPlan& out, const job::Job& job, const Assembly& a, const WorkStep& step,
                       const standards::Iso286& iso286) {
    const auto& outer = a.parts[*indexOf(a, step.id.seat.first)];
    const auto& inner = a.parts[*indexOf(a, step.id.seat.second)];
    const bool inside = holdsOthers(outer.kind); // the ring sits in its partner, not on it
    const auto& ring = inside ? inner : outer;
    const auto& partner = inside ? outer : inner;
    const double dia = touchOf(outer, inner)->dia_mm;
    const auto& body = seatedBody(ring, dia, inside);
    const auto from = readFrom(partner, body);
    out.label = ring.name();
    out.partner = partner.name();
    out.seal = ring.kind == PartKind::Seal;
    out.fitted = isIn(job.strip, a, outer.id) && isIn(job.strip, a, inner.id);
    // A ring on a shaft is felt at its shoulder: the shaft's end is far away, and seldom has a face. So is one that
    // stands proud.
    out.offered = inside && from.depth_mm >= 0 ? seat::ReadingKind::Depth : seat::ReadingKind::Feeler;
    out.input.readingRad_mm = readingRad_mm(body, from.above);
    out.input.seatDia_mm = dia;
    out.input.homeDepth_mm = from.depth_mm;
    const auto square = standards::gradeWidth(iso286, dia, 5);
    if (!square) return tl::unexpected(square.error());
    out.input.squareLimit_mm = out.seal ? kSealSquare_mm : *square;
    if (out.seal) out.input.depthTolerance_mm = kSealDepth_mm;
    return {};
}

/// By what the job says of its own housing: read from the face it went in by.
Result<void> housedRing(RingPlan& out, const arrangement::HousedBearing& a, const WorkStep& step,
                        const standards::Iso286& iso286) {
    const auto& b = a.bearing;
    out.label = step.label;
    out.partner = step.partnerLabel;
    out.input.readingRad_mm = (b.outerFaceInnerDia_mm() + b.outerFaceOuterDia_mm()) / 4;
    out.input.seatDia_mm = b.outsideDia_mm;
    out.input.homeDepth_mm = a.homeFaceDepth_mm();
    const auto square = standards::gradeWidth(iso286, b.outsideDia_mm, 5);
    if (!square) return tl::unexpected(square.error());
    out.input.squareLimit_mm = *square;
    if (a.housing.groove) out.input.grooveLowerEdgeDepth_mm = a.housing.groove->lowerEdgeDepth_mm;
    return {};
}

} // namespace

std::optional<std::size_t> partnerOfSeal(const Assembly& a, std::size_t seal) {
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (holdsOthers(a.parts[p].kind) && touchOf(a.parts[p], a.parts[seal])) return p;
    return std::nullopt;
}

Result<RingPlan> ringOf(const job::Job& job, const Plan& plan, const WorkStep& step, const standards::Iso286& iso286,
                        bool pressedHome) {
    RingPlan out;
    const auto place = "steps/" + step.key + "/readings";
    const auto known = step.focus ? housedRing(out, *plan.arrangement, step, iso286)
                                  : drawnRing(out, job, plan.strip->assembly, step, iso286);
    if (!known) return tl::unexpected(at(known.error(), place));
    if (step.focus && plan.strip) {
        const auto& strip = plan.strip->assembly;
        out.fitted = isIn(job.strip, strip, step.id.seat.first) && isIn(job.strip, strip, step.id.seat.second);
    }
    const auto& record = job::stepOf(job, step.id).readings;
    out.input.kind = record.kind.value_or(out.offered);
    out.input.readings = record.readings;
    out.input.uncertainty_mm = record.uncertainty_mm;
    out.input.homeDepth_mm = record.home_mm.value_or(out.input.homeDepth_mm);
    out.input.pressedHome = pressedHome;
    auto seating = seat::judgeSeating(out.input);
    if (!seating) return tl::unexpected(at(seating.error(), place));
    out.seating = std::move(*seating);
    return out;
}

bool mustBeRead(const RingPlan& ring) {
    return !ring.read() && (!ring.input.readings.empty() || (ring.fitted && !ring.seal));
}

} // namespace arbor::plan
