#include "core/plan/ring_plan.h"

#include "core/plan/gauges.h"

#include "core/standards/limits.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using section::Body;

constexpr double kEdge_mm = 1e-3;

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

/// Heights of the ends of all its bodies.
Interval endsOf(const Part& part) {
    Interval ends{part.bodies.front().bottom(), part.bodies.front().top()};
    for (const auto& body : part.bodies)
        ends = {std::min(ends.lower, body.bottom()), std::max(ends.upper, body.top())};
    return ends;
}

/// From the end of its partner that the ring went in by: how far its face lies under that, proud of it where less.
double depth_mm(const Part& partner, const Body& ring, bool above) {
    const auto ends = endsOf(partner);
    return above ? ends.upper - ring.top() : ring.bottom() - ends.lower;
}

/// How deep the far edge of the groove lies that a retaining ring has beyond a ring in a bore, from the same end.
std::optional<double> grooveDepth_mm(const Part& partner, const Body& ring, double seatRad_mm, bool above) {
    const auto ends = endsOf(partner);
    for (const auto& body : partner.bodies)
        for (std::size_t i = 1; i + 1 < body.slices.size(); ++i) {
            const auto &s = body.slices[i], &below = body.slices[i - 1], &over = body.slices[i + 1];
            const bool groove = s.innerBottom > seatRad_mm + kEdge_mm && s.innerBottom == s.innerTop &&
                                below.innerTop < s.innerBottom && over.innerBottom < s.innerTop;
            const double bottom = body.z_mm + s.zBottom, top = body.z_mm + s.zTop;
            if (groove && (above ? bottom > ring.bottom() : top < ring.top()))
                return above ? ends.upper - bottom : top - ends.lower;
        }
    return std::nullopt;
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
    return a.parts[a.base].id == part || strip.fitted.contains(part) || strip.stays.contains(part);
}

/// What the drawing says of it.
Result<RingPlan> drawnRing(const job::StripState& strip, const Assembly& a, const WorkStep& step,
                           const standards::Iso286& iso286) {
    const auto& outer = a.parts[*indexOf(a, step.id.seat.first)];
    const auto& inner = a.parts[*indexOf(a, step.id.seat.second)];
    const bool inside = holdsOthers(outer.kind); // the ring sits in its partner, not on it
    const auto& ring = inside ? inner : outer;
    const auto& partner = inside ? outer : inner;
    const double dia = touchOf(outer, inner)->dia_mm;
    const auto& body = seatedBody(ring, dia, inside);
    // It may be its partner that moves: a hub that goes into its bearing.
    const bool above = step.up == (a.parts[step.part].id == ring.id);
    RingPlan out;
    out.label = ring.name();
    out.partner = partner.name();
    out.seal = ring.kind == PartKind::Seal;
    out.fitted = isIn(strip, a, outer.id) && isIn(strip, a, inner.id) && !strip.stays.contains(a.parts[step.part].id);
    out.input.readingRad_mm = readingRad_mm(body, above);
    out.input.seatDia_mm = dia;
    out.input.homeDepth_mm = depth_mm(partner, body, above);
    if (inside) out.input.grooveLowerEdgeDepth_mm = grooveDepth_mm(partner, body, dia / 2, above);
    // A ring on a shaft is felt at its shoulder: the shaft's end is far away, and seldom has a face. So is one that
    // stands proud.
    out.offered = inside && out.input.homeDepth_mm >= 0 ? seating::ReadingKind::Depth : seating::ReadingKind::Feeler;
    const auto square = standards::squareLimit_mm(iso286, dia);
    if (!square) return tl::unexpected(square.error());
    out.input.squareLimit_mm = out.seal ? kSealSquare_mm : *square;
    if (out.seal) out.input.depthTolerance_mm = kSealDepth_mm;
    return out;
}

} // namespace

std::optional<std::size_t> partnerOfSeal(const Assembly& a, std::size_t seal) {
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (holdsOthers(a.parts[p].kind) && touchOf(a.parts[p], a.parts[seal])) return p;
    return std::nullopt;
}

Result<RingPlan> ringOf(const WorkStep& step, const Given& given, bool pressedHome) {
    const auto place = "steps/" + step.key + "/readings";
    auto drawn = drawnRing(given.job.strip, given.strip.assembly, step, given.tables.iso286);
    if (!drawn) return tl::unexpected(at(drawn.error(), place));
    auto out = std::move(*drawn);
    const auto& record = job::stepOf(given.job, step.id).readings;
    out.input.kind = record.kind.value_or(out.offered);
    out.input.readings = record.readings;
    out.input.uncertainty_mm = record.uncertainty_mm;
    out.input.homeDepth_mm = record.home_mm.value_or(out.input.homeDepth_mm);
    out.input.pressedHome = pressedHome;
    auto seating = seating::judgeSeating(out.input);
    if (!seating) return tl::unexpected(at(seating.error(), place));
    out.seating = std::move(*seating);
    using catalog::GaugeKind;
    const bool byGauge = out.input.kind != seating::ReadingKind::Feeler; // blades have no calibration to run out
    if (byGauge && !record.readings.empty())
        for (auto& advice : sayOfGauge(record.gauge, {GaugeKind::Depth, GaugeKind::Indicator}, given.tables))
            out.seating.findings.push_back(std::move(advice));
    return out;
}

bool mustBeRead(const RingPlan& ring) {
    return !ring.read() && (!ring.input.readings.empty() || (ring.fitted && !ring.seal));
}

} // namespace arbor::plan
