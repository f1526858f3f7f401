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

std::vector<section::Body> housingBodies(const HousingShape& h) {
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
        // The lead-in opens by half its depth on the radius: about 27 degrees, as usually turned.
        body.slices.push_back(
            {cuts[i], cuts[i + 1], bore, chamfer ? bore + h.entryChamfer_mm / 2 : bore, outside, outside});
    }
    std::vector<section::Body> bodies{std::move(body)};
    if (h.hangsBelow)
        bodies.push_back({h.hangsBelow->label,
                          section::BodyKind::KeepClear,
                          section::Hatch::Polymer,
                          {section::Slice::tube(-h.hangsBelow->length_mm, 0, 0, h.hangsBelow->dia_mm / 2)}});
    return bodies;
}

std::vector<section::Body> bearingInHousing(const HousedBearing& a, double faceZ_mm, double travel_mm) {
    auto bodies = catalog::bearingBodies(a.bearing, a.dress);
    section::moveBy(bodies, faceZ_mm - a.startDepth_mm() - travel_mm);
    return bodies;
}

double engagedLength(const HousedBearing& a, double travel_mm) {
    const auto housing = housingBodies(a.housing);
    const auto bearing = bearingInHousing(a, a.housing.height_mm, travel_mm);
    return section::engagedLength(housing.front(), bearing.front());
}

} // namespace arbor::arrangement
