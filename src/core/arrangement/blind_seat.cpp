#include "core/arrangement/blind_seat.h"

#include "core/arrangement/edit.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>

namespace arbor::arrangement {

namespace {

using section::Body;
using section::BodyKind;
using section::Hatch;
using section::Slice;

constexpr double kGreatest_mm = 3000;     // nothing that goes on a shop press is larger
constexpr double kBeyond_mm = 10;         // how far a journal stands out of the housing
constexpr double kRingHeight_share = 0.1; // of a retaining ring on the radius, of its bore; practice value
constexpr double kGroovePlay_mm = 0.05;   // of a retaining ring in its groove, along the axis

Result<void> positive(std::initializer_list<std::pair<const char*, double>> sizes) {
    for (const auto& [field, value] : sizes) {
        if (!std::isfinite(value)) return refuse(ProblemCode::NotFinite, field, plain(value), wanted("a finite size"));
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, field, plain(value), wanted("> 0"));
        if (value > kGreatest_mm)
            return refuse(ProblemCode::OutOfRange, field, plain(value), wanted("up to {1} mm", plain(kGreatest_mm)));
    }
    return {};
}

Result<void> ordered(const char* field, double small, double large) {
    if (!(small < large))
        return refuse(ProblemCode::GeometryOrder, field, plain(small), wanted("under {1} mm", plain(large)));
    return {};
}

Result<void> over(const char* field, double value, double least) {
    if (!(value > least))
        return refuse(ProblemCode::GeometryOrder, field, plain(value), wanted("over {1} mm", plain(least)));
    return {};
}

Result<void> checkGroove(const BlindSeat& h) {
    const auto& g = *h.groove;
    for (const auto& ok : {positive({{"housing/groove/width_mm", g.width_mm}}),
                           over("housing/groove/diameter_mm", g.dia_mm, h.seatDia_mm),
                           ordered("housing/groove/diameter_mm", g.dia_mm, h.outsideDia_mm),
                           over("housing/groove/lower_edge_depth_mm", g.lowerEdgeDepth_mm, g.width_mm + h.leadIn_mm),
                           ordered("housing/groove/lower_edge_depth_mm", g.lowerEdgeDepth_mm, h.seatDepth_mm)})
        if (!ok) return ok;
    return {};
}

Result<void> checkFlange(const BlindSeat& h) {
    for (const auto& ok : {over("housing/flange_mm", h.flangeDia_mm, h.outsideDia_mm),
                           positive({{"housing/flange_thick_mm", h.flangeThick_mm}}),
                           ordered("housing/flange_thick_mm", h.flangeThick_mm, h.height_mm)})
        if (!ok) return ok;
    return {};
}

Result<void> checkShaft(const BlindSeat& h) {
    const auto& shaft = *h.shaft;
    if (!(shaft.boreDia_mm >= 0 && shaft.boreDia_mm < shaft.dia_mm))
        return refuse(ProblemCode::GeometryOrder, "shaft/bore_mm", plain(shaft.boreDia_mm),
                      wanted("0 up to under {1} mm", plain(shaft.dia_mm)));
    return ordered("shaft/seat/size", shaft.dia_mm, h.shoulderBoreDia_mm);
}

Result<void> check(const BlindSeat& h) {
    if (auto ok = positive({{"housing/outside_mm", h.outsideDia_mm},
                            {"housing/height_mm", h.height_mm},
                            {"housing/seat/size", h.seatDia_mm},
                            {"housing/seat_depth_mm", h.seatDepth_mm},
                            {"housing/shoulder_bore_mm", h.shoulderBoreDia_mm}});
        !ok)
        return ok;
    if (!(h.leadIn_mm >= 0) || !std::isfinite(h.leadIn_mm))
        return refuse(ProblemCode::OutOfRange, "housing/entry_chamfer_mm", plain(h.leadIn_mm), wanted("0 or more"));
    for (const auto& ok : {over("housing/outside_mm", h.outsideDia_mm, h.seatDia_mm + h.leadIn_mm),
                           ordered("housing/shoulder_bore_mm", h.shoulderBoreDia_mm, h.seatDia_mm),
                           ordered("housing/seat_depth_mm", h.seatDepth_mm, h.height_mm),
                           over("housing/seat_depth_mm", h.seatDepth_mm, h.leadIn_mm)})
        if (!ok) return ok;
    if (h.flangeDia_mm != 0)
        if (auto ok = checkFlange(h); !ok) return ok;
    if (h.groove)
        if (auto ok = checkGroove(h); !ok) return ok;
    if (h.shaft)
        if (auto ok = checkShaft(h); !ok) return ok;
    if (!h.hangsBelow) return {};
    return positive({{"housing/hangs_below/diameter_mm", h.hangsBelow->dia_mm},
                     {"housing/hangs_below/length_mm", h.hangsBelow->length_mm}});
}

/// The housing standing on z = 0 by its underside, its bore straight to the face.
Body housingBody(const BlindSeat& h) {
    const double face = h.height_mm, shoulder = face - h.seatDepth_mm;
    std::vector<double> cuts{0, shoulder, face};
    if (h.flangeDia_mm > 0) cuts.push_back(h.flangeThick_mm);
    double grooveBottom = 0, grooveTop = 0;
    if (h.groove) {
        grooveBottom = face - h.groove->lowerEdgeDepth_mm;
        grooveTop = grooveBottom + h.groove->width_mm;
        cuts.insert(cuts.end(), {grooveBottom, grooveTop});
    }
    std::sort(cuts.begin(), cuts.end());
    cuts.erase(std::unique(cuts.begin(), cuts.end()), cuts.end());
    Body body{"housing", BodyKind::Housing, Hatch::CastIron};
    for (std::size_t i = 0; i + 1 < cuts.size(); ++i) {
        const double mid = (cuts[i] + cuts[i + 1]) / 2;
        const bool inGroove = mid > grooveBottom && mid < grooveTop;
        const double bore = mid < shoulder ? h.shoulderBoreDia_mm : inGroove ? h.groove->dia_mm : h.seatDia_mm;
        const double outside = mid < h.flangeThick_mm && h.flangeDia_mm > 0 ? h.flangeDia_mm : h.outsideDia_mm;
        body.slices.push_back(Slice::tube(cuts[i], cuts[i + 1], bore / 2, outside / 2));
    }
    cutLeadIn(body, body.slices.size() - 1, true, h.leadIn_mm);
    return body;
}

Part housingPart(const BlindSeat& h) {
    Part part{"housing", {housingBody(h)}, PartKind::Housing, "Housing", h.material};
    if (h.hangsBelow)
        part.keepClear = {{h.hangsBelow->label,
                           BodyKind::KeepClear,
                           Hatch::Polymer,
                           {Slice::tube(-h.hangsBelow->length_mm, 0, 0, h.hangsBelow->dia_mm / 2)}}};
    return part;
}

Part ringPart(const BlindSeat& h) {
    const auto& g = *h.groove;
    const double foot = h.height_mm - g.lowerEdgeDepth_mm, top = foot + g.width_mm - kGroovePlay_mm;
    const double inner = h.seatDia_mm * (0.5 - kRingHeight_share);
    return {"ring",
            {{"ring", BodyKind::Housing, Hatch::Steel, {Slice::tube(foot, top, inner, g.dia_mm / 2)}}},
            PartKind::RetainingRing,
            "Retaining ring",
            "spring_steel"};
}

/// Its shoulder stands under the inner ring, in the shoulder bore.
Part shaftPart(const BlindSeat& h) {
    const auto& shaft = *h.shaft;
    const double seat = h.height_mm - h.seatDepth_mm, in = shaft.boreDia_mm / 2;
    const double collar = (shaft.dia_mm + std::min(h.shoulderBoreDia_mm, 1.25 * shaft.dia_mm)) / 4;
    return {"shaft",
            {{"shaft",
              BodyKind::Housing,
              Hatch::Steel,
              {Slice::tube(-kBeyond_mm, seat, in, collar),
               Slice::tube(seat, h.height_mm + kBeyond_mm, in, shaft.dia_mm / 2)}}},
            PartKind::Shaft,
            "Shaft",
            shaft.material};
}

} // namespace

void cutLeadIn(Body& body, std::size_t slice, bool atItsTop, double depth_mm) {
    auto& wall = body.slices.at(slice);
    if (!(depth_mm > 0) || wall.zTop - wall.zBottom <= depth_mm) return;
    auto mouth = wall;
    if (atItsTop) {
        wall.zTop = mouth.zBottom = wall.zTop - depth_mm;
        mouth.innerTop = mouth.innerBottom + depth_mm / 2;
    } else {
        wall.zBottom = mouth.zTop = wall.zBottom + depth_mm;
        mouth.innerBottom = mouth.innerTop + depth_mm / 2;
    }
    body.slices.insert(body.slices.begin() + static_cast<std::ptrdiff_t>(slice + (atItsTop ? 1 : 0)), mouth);
}

Result<Assembly> blindSeat(const BlindSeat& h) {
    if (auto ok = check(h); !ok) return tl::unexpected(ok.error());
    Assembly out;
    out.parts.push_back(housingPart(h));
    Part bearing{"bearing", {}, PartKind::Bearing, "Bearing " + h.bearing.designation, "bearing_steel"};
    bearing.catalogue = h.bearing;
    bearing.catalogue->at_mm = h.height_mm - h.seatDepth_mm;
    out.parts.push_back(std::move(bearing));
    out.pressed.push_back({"housing", "bearing", h.hole, h.ring});
    if (h.groove) {
        out.parts.push_back(ringPart(h));
        reshapeRings(out);
    }
    if (h.shaft) {
        out.parts.push_back(shaftPart(h));
        out.pressed.push_back({"bearing", "shaft", h.bore, h.shaft->side});
    }
    return out;
}

} // namespace arbor::arrangement
