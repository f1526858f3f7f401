#include "support/bearing_case.h"

#include "support/shop.h"

namespace arbor::testing {

BearingCase ringInIron() {
    const auto& lib = demoTables();
    BearingCase in;
    in.bearing = *catalog::findBearing(lib.bearings, "6206");
    in.asMade_mm = {0.013, 0.028};
    in.housing.dia_mm = 62;
    in.housing.outer = {lib.materials.at("grey_cast_iron"), 100, {fit::Spread::ofLimits({-0.039, -0.009}), 0.004}};
    in.housing.inner = {lib.materials.at("bearing_steel"), 54, {fit::Spread::ofLimits({-0.013, 0}), 0.0016}};
    in.housing.friction = {0.08, 0.13};
    in.housing.engagedLength_mm = 14;
    return in;
}

BearingCase onShaft(BearingCase in, const Interval& journal_mm, double shaftBore_mm) {
    const auto& lib = demoTables();
    fit::SeatInput seat;
    seat.dia_mm = in.bearing.boreDia_mm;
    seat.outer = {lib.materials.at("bearing_steel"), 38, {fit::Spread::ofLimits({-0.010, 0}), 0.0016}};
    seat.outer.tensionLimit_MPa = fit::kRingHoopLimit_MPa;
    seat.inner = {lib.materials.at("carbon_steel"), shaftBore_mm, {fit::Spread::ofLimits(journal_mm), 0.004}};
    seat.friction = {0.08, 0.14};
    seat.engagedLength_mm = 14;
    in.shaft = seat;
    return in;
}

Result<BearingAnswer> answer(const BearingCase& in) {
    double width = in.asMade_mm.width() + fit::scatterWidth(in.housing);
    if (in.shaft) width += fit::scatterWidth(*in.shaft);
    const double step = fit::gridStep(width);
    const auto housing = fit::InterferenceFit::of(in.housing, step);
    if (!housing) return tl::unexpected(housing.error());
    BearingAnswer out{fit::seatFit(*housing), {}, {}};
    fit::ClearanceInput clearance;
    clearance.asMade_mm = in.asMade_mm;
    clearance.raceways = {in.shaft ? in.shaft->outer.otherDia_mm : in.bearing.innerRacewayDia_mm(),
                          in.housing.inner.otherDia_mm};
    clearance.ring = in.housing.inner.material;
    clearance.boreDia_mm = in.bearing.boreDia_mm;
    clearance.housing = &*housing;
    clearance.innerRingTemp_C = in.innerRingTemp_C;
    clearance.outerRingTemp_C = in.outerRingTemp_C;
    clearance.innerRing_rpm = in.innerRing_rpm;
    std::optional<fit::InterferenceFit> shaft;
    if (in.shaft) {
        auto seat = fit::InterferenceFit::of(*in.shaft, step);
        if (!seat) return tl::unexpected(seat.error());
        shaft = std::move(*seat);
        clearance.shaft = &*shaft;
        out.shaft = fit::seatFit(*shaft);
    }
    auto left = fit::clearanceLeft(clearance, step);
    if (!left) return tl::unexpected(left.error());
    out.clearance = std::move(*left);
    return out;
}

} // namespace arbor::testing
