#include "core/arrangement/housed_bearing.h"

#include "core/section/contact.h"
#include "core/section/motion.h"

#include <algorithm>
#include <cmath>

namespace arbor::arrangement {

namespace {

constexpr double kGreatest_mm = 3000; // nothing that goes on a shop press is larger

Result<void> positive(std::initializer_list<std::pair<const char*, double>> sizes) {
    for (const auto& [field, value] : sizes) {
        if (!std::isfinite(value)) return refuse(ProblemCode::NotFinite, field, plain(value), "a finite size");
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, field, plain(value), "> 0");
        if (value > kGreatest_mm)
            return refuse(ProblemCode::OutOfRange, field, plain(value), "up to " + plain(kGreatest_mm) + " mm");
    }
    return {};
}

Result<void> ordered(const char* field, double small, double large) {
    if (!(small < large))
        return refuse(ProblemCode::GeometryOrder, field, plain(small), "under " + plain(large) + " mm");
    return {};
}

Result<void> validGroove(const HousingShape& h) {
    const auto& g = *h.groove;
    if (auto ok = positive({{"housing/groove/width_mm", g.width_mm}}); !ok) return ok;
    if (auto ok = ordered("housing/groove/diameter_mm", h.seatDia_mm, g.dia_mm); !ok)
        return refuse(ok.error().code, "housing/groove/diameter_mm", plain(g.dia_mm),
                      "over the seat " + plain(h.seatDia_mm));
    if (auto ok = ordered("housing/groove/diameter_mm", g.dia_mm, h.outsideDia_mm); !ok) return ok;
    if (!(g.lowerEdgeDepth_mm - g.width_mm > h.entryChamfer_mm))
        return refuse(ProblemCode::GeometryOrder, "housing/groove/lower_edge_depth_mm", plain(g.lowerEdgeDepth_mm),
                      "over its width and the entry chamfer");
    return ordered("housing/groove/lower_edge_depth_mm", g.lowerEdgeDepth_mm, h.seatDepth_mm);
}

Result<void> validHousing(const HousingShape& h) {
    if (auto ok = positive({{"housing/outside_mm", h.outsideDia_mm},
                            {"housing/height_mm", h.height_mm},
                            {"housing/seat/size", h.seatDia_mm},
                            {"housing/seat_depth_mm", h.seatDepth_mm},
                            {"housing/shoulder_bore_mm", h.shoulderBoreDia_mm}});
        !ok)
        return ok;
    if (!(h.entryChamfer_mm >= 0) || !std::isfinite(h.entryChamfer_mm))
        return refuse(ProblemCode::OutOfRange, "housing/entry_chamfer_mm", plain(h.entryChamfer_mm), "0 or more");
    if (auto ok = ordered("housing/seat/size", h.seatDia_mm + h.entryChamfer_mm, h.outsideDia_mm); !ok)
        return refuse(ProblemCode::GeometryOrder, "housing/outside_mm", plain(h.outsideDia_mm),
                      "over the bore with its chamfer, " + plain(h.seatDia_mm + h.entryChamfer_mm));
    if (auto ok = ordered("housing/shoulder_bore_mm", h.shoulderBoreDia_mm, h.seatDia_mm); !ok) return ok;
    if (auto ok = ordered("housing/seat_depth_mm", h.seatDepth_mm, h.height_mm); !ok) return ok;
    if (h.flangeDia_mm != 0)
        if (auto ok = ordered("housing/flange_mm", h.outsideDia_mm, h.flangeDia_mm); !ok)
            return refuse(ProblemCode::GeometryOrder, "housing/flange_mm", plain(h.flangeDia_mm),
                          "over the outside, or left out");
    if (h.flangeDia_mm != 0)
        if (auto ok = positive({{"housing/flange_thick_mm", h.flangeThick_mm}}); !ok) return ok;
    if (h.flangeDia_mm != 0)
        if (auto ok = ordered("housing/flange_thick_mm", h.flangeThick_mm, h.height_mm); !ok) return ok;
    return h.groove ? validGroove(h) : Result<void>{};
}

} // namespace

Result<void> validate(const HousedBearing& a) {
    if (auto ok = validHousing(a.housing); !ok) return ok;
    if (a.housing.seatDia_mm != a.bearing.outsideDia_mm)
        return refuse(ProblemCode::GeometryOrder, "housing/seat/size", plain(a.housing.seatDia_mm),
                      "the bearing's outside " + plain(a.bearing.outsideDia_mm) + " mm");
    if (!(a.homeTravel_mm() > 0))
        return refuse(ProblemCode::GeometryOrder, "housing/seat_depth_mm", plain(a.housing.seatDepth_mm),
                      "over the chamfers, " + plain(a.startDepth_mm()) + " mm");
    const double landInner = a.bearing.outsideDia_mm - 2 * a.bearing.chamfer_mm;
    if (!(a.housing.shoulderBoreDia_mm < landInner))
        return refuse(ProblemCode::GeometryOrder, "housing/shoulder_bore_mm", plain(a.housing.shoulderBoreDia_mm),
                      "under " + plain(landInner) + " mm, or the ring has no shoulder");
    if (const auto& hangs = a.housing.hangsBelow)
        return positive(
            {{"housing/hangs_below/diameter_mm", hangs->dia_mm}, {"housing/hangs_below/length_mm", hangs->length_mm}});
    return {};
}

namespace {

/// Whether the ring stands on a shoulder of the body and comes out upwards.
bool opensUpwards(const section::Body& housing, const section::Body& ring) {
    section::Body over = section::onItsHead(ring);
    return !section::firstMeeting(over, section::onItsHead(housing)).has_value();
}

const section::Slice* sliceAt(const section::Body& body, double z) {
    for (const auto& s : body.slices)
        if (z > body.z_mm + s.zBottom && z < body.z_mm + s.zTop) return &s;
    return nullptr;
}

section::Body hangingBody(const HangsBelow& hangs) {
    return {hangs.label,
            section::BodyKind::KeepClear,
            section::Hatch::Polymer,
            {section::Slice::tube(-hangs.length_mm, 0, 0, hangs.dia_mm / 2)}};
}

/// The lead-in opens by half its depth on the radius: about 27 degrees, as usually turned.
void cutLeadIn(section::Body& body, double depth_mm) {
    auto top = body.slices.back();
    if (!(depth_mm > 0) || top.zTop - top.zBottom <= depth_mm) return;
    body.slices.back().zTop = top.zTop - depth_mm;
    top.zBottom = top.zTop - depth_mm;
    top.innerTop = top.innerBottom + depth_mm / 2;
    body.slices.push_back(top);
}

} // namespace

std::optional<SeatInSection> findSeat(const Assembly& a, const std::string& designation) {
    for (const auto& joint : a.pressed) {
        const auto& outer = a.parts[*indexOf(a, joint.outer)];
        const auto& inner = a.parts[*indexOf(a, joint.inner)];
        const bool holds = outer.kind == PartKind::Housing || outer.kind == PartKind::Hub;
        if (!holds || !inner.catalogue || (!designation.empty() && inner.catalogue->designation != designation) ||
            inner.catalogue->piece == FromCatalogue::Piece::Inner || outer.bodies.size() != 1)
            continue;
        auto housing = outer.bodies.front();
        auto ring = inner.bodies.front(); // the outer ring comes first
        SeatInSection out{housing,
                          0,
                          ring.outsideDia(),
                          !opensUpwards(housing, ring),
                          *indexOf(a, joint.outer),
                          *indexOf(a, joint.inner)};
        if (out.turnedOver) {
            housing = section::onItsHead(housing);
            ring = section::onItsHead(ring);
        }
        const double foot = housing.bottom();
        housing.z_mm -= foot;
        out.bearingBottom_mm = ring.bottom() - foot;
        out.housing = std::move(housing);
        return out;
    }
    return std::nullopt;
}

void takeSection(HousingShape& h, const SeatInSection& seat) {
    auto body = seat.housing;
    for (auto& s : body.slices) { // stand on z = 0 by the slices alone
        s.zBottom += body.z_mm;
        s.zTop += body.z_mm;
    }
    body.z_mm = 0;
    body.id = "housing";
    body.hatch = h.hatch;
    const double eps = 1e-3;
    h.height_mm = body.top();
    h.seatDepth_mm = h.height_mm - seat.bearingBottom_mm;
    if (const auto* at = sliceAt(body, seat.bearingBottom_mm + eps)) h.outsideDia_mm = 2 * at->outerBottom;
    if (const auto* under = sliceAt(body, seat.bearingBottom_mm - eps)) h.shoulderBoreDia_mm = 2 * under->innerTop;
    h.flangeDia_mm = 0;
    h.groove.reset();
    for (std::size_t i = 0; i + 1 < body.slices.size(); ++i) {
        const auto& s = body.slices[i];
        const bool wider = s.innerBottom > seat.seatDia_mm / 2 + eps && s.innerTop > body.slices[i + 1].innerBottom;
        if (wider && s.zBottom > seat.bearingBottom_mm)
            h.groove = Groove{2 * s.innerBottom, s.zTop - s.zBottom, h.height_mm - s.zBottom};
    }
    h.section = std::move(body);
}

std::vector<section::Body> housingBodies(const HousingShape& h) {
    if (h.section) {
        std::vector<section::Body> bodies{*h.section};
        cutLeadIn(bodies.front(), h.entryChamfer_mm);
        if (h.hangsBelow) bodies.push_back(hangingBody(*h.hangsBelow));
        return bodies;
    }
    const double face = h.height_mm, shoulder = face - h.seatDepth_mm, seat = h.seatDia_mm / 2;
    std::vector<double> cuts{0, shoulder, face - h.entryChamfer_mm, face};
    if (h.flangeDia_mm > 0) cuts.push_back(h.flangeThick_mm);
    double grooveBottom = 0, grooveTop = 0;
    if (h.groove) {
        grooveBottom = face - h.groove->lowerEdgeDepth_mm;
        grooveTop = grooveBottom + h.groove->width_mm;
        cuts.insert(cuts.end(), {grooveBottom, grooveTop});
    }
    std::sort(cuts.begin(), cuts.end());
    cuts.erase(std::unique(cuts.begin(), cuts.end()), cuts.end());
    section::Body body{"housing", section::BodyKind::Housing, h.hatch};
    for (std::size_t i = 0; i + 1 < cuts.size(); ++i) {
        const double mid = (cuts[i] + cuts[i + 1]) / 2;
        const bool inGroove = mid > grooveBottom && mid < grooveTop;
        const double bore = mid < shoulder ? h.shoulderBoreDia_mm / 2 : inGroove ? h.groove->dia_mm / 2 : seat;
        const double outside = (mid < h.flangeThick_mm && h.flangeDia_mm > 0 ? h.flangeDia_mm : h.outsideDia_mm) / 2;
        const bool chamfer = mid > face - h.entryChamfer_mm;
        body.slices.push_back(
            {cuts[i], cuts[i + 1], bore, chamfer ? bore + h.entryChamfer_mm / 2 : bore, outside, outside});
    }
    std::vector<section::Body> bodies{std::move(body)};
    if (h.hangsBelow) bodies.push_back(hangingBody(*h.hangsBelow));
    return bodies;
}

std::vector<section::Body> bearingInHousing(const HousedBearing& a, double faceZ_mm, double travel_mm) {
    auto bodies = catalog::bearingBodies(a.bearing, a.dress);
    if (a.bearing.isTaper()) bodies.resize(1); // the cup goes in by itself
    section::moveBy(bodies, faceZ_mm - a.startDepth_mm() - travel_mm);
    return bodies;
}

double engagedLength(const HousedBearing& a, double travel_mm) {
    const auto housing = housingBodies(a.housing);
    const auto bearing = bearingInHousing(a, a.housing.height_mm, travel_mm);
    return section::engagedLength(housing.front(), bearing.front());
}

} // namespace arbor::arrangement
