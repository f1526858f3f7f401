#include "core/fit/residual.h"

#include <algorithm>

namespace arbor::fit {

namespace {

/// Clearance that one seat takes at three interferences: loosest, middle, tightest.
struct SeatLoss {
    double least = 0, middle = 0, most = 0;
};

Result<SeatLoss> taken(JointInput joint, const Interval& male, const Interval& female, double perPressure) {
    SeatLoss out;
    for (const auto& [interference, target] : {std::pair{male.lower - female.upper, &out.least},
                                               {male.mid() - female.mid(), &out.middle},
                                               {male.upper - female.lower, &out.most}}) {
        joint.interferenceDia_mm = interference;
        const auto result = pressJoint(joint);
        if (!result) return tl::unexpected(result.error());
        *target = result->pressure_MPa * perPressure;
    }
    return out;
}

} // namespace

Result<Residual> residualClearance(const ResidualInput& in) {
    const double d = in.boreDia_mm, D = in.outsideDia_mm;
    const double F = in.innerRacewayDia_mm.value_or(d + (D - d) / 4),
                 E = in.outerRacewayDia_mm.value_or(D - (D - d) / 4);
    if (!(d < F && F < E && E < D))
        return refuse(ProblemCode::GeometryOrder, "raceways", plain(F),
                      wanted("bore < inner < outer raceway < outside"));
    if (!(in.clearance_mm.lower <= in.clearance_mm.upper))
        return refuse(ProblemCode::OutOfRange, "clearance", plain(in.clearance_mm.lower), wanted("least first"));
    const auto shaft = taken(
        {d, in.shaftBoreDia_mm, F, in.shaft, in.ring, 0, in.shaftSmoothing_mm, in.shaftTemp_C, in.innerRingTemp_C},
        in.journal_mm, in.bore_mm, racewayGrowth(d, F, in.ring.E_MPa));
    const auto housing = taken({D, E, in.housingOutsideDia_mm, in.ring, in.housing, 0, in.housingSmoothing_mm,
                                in.outerRingTemp_C, in.housingTemp_C},
                               in.outside_mm, in.hole_mm, racewayShrinkage(D, E, in.ring.E_MPa));
    if (!shaft || !housing) return tl::unexpected(!shaft ? shaft.error() : housing.error());
    const double elements = in.elementTemp_C.value_or((in.innerRingTemp_C + in.outerRingTemp_C) / 2);
    const double heat = in.ring.alpha_perK *
                        (F * (in.innerRingTemp_C - 20) + (E - F) * (elements - 20) - E * (in.outerRingTemp_C - 20));
    return Residual{{in.clearance_mm.lower - shaft->most - housing->most - heat,
                     in.clearance_mm.upper - shaft->least - housing->least - heat},
                    in.clearance_mm.mid() - shaft->middle - housing->middle - heat};
}

} // namespace arbor::fit
