#include "core/fit/bearing_fit.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::fit {

namespace {

constexpr double kRingHoopLimit_MPa = 145; // practice value for through-hardened bearing steel in tension, [HB4.4]
constexpr std::size_t kGridCells = 1500;   // over the whole width of a sum of spreads

Elastic elastic(const catalog::Material& m) {
    return {m.E_MPa, m.nu, m.alpha_perK};
}

JointInput housingJoint(const BearingFitInput& in) {
    JointInput joint;
    joint.interfaceDia_mm = in.bearing.outsideDia_mm;
    joint.innerBoreDia_mm = in.bearing.outerRacewayDia_mm();
    joint.outerOutsideDia_mm = in.housing.outsideDia_mm;
    joint.inner = elastic(in.ring);
    joint.outer = elastic(in.housing.material);
    joint.smoothing_mm = smoothingLoss(in.housing.bore.rz_mm, in.outside.rz_mm);
    return joint;
}

JointInput shaftJoint(const BearingFitInput& in) {
    JointInput joint;
    joint.interfaceDia_mm = in.bearing.boreDia_mm;
    joint.innerBoreDia_mm = in.shaft->boreDia_mm;
    joint.outerOutsideDia_mm = in.bearing.innerRacewayDia_mm();
    joint.inner = elastic(in.shaft->material);
    joint.outer = elastic(in.ring);
    joint.smoothing_mm = smoothingLoss(in.bore.rz_mm, in.shaft->journal.rz_mm);
    return joint;
}

Limits difference(const Limits& male, const Limits& female) {
    return {male.lower - female.upper, male.upper - female.lower};
}

/// What one seat takes from the clearance, as a function of the interference at 20 °C.
struct Loss {
    double thermal_mm = 0; ///< added to the interference at working temperature
    double smoothing_mm = 0;
    double perInterference = 0; ///< µm of clearance per µm of effective interference
    Density interference;
    Limits interferenceLimits;

    double of(double interference_mm) const {
        return perInterference * std::max(0.0, interference_mm + thermal_mm - smoothing_mm);
    }
    Density density() const {
        return interference.mapped([this](double x) { return of(x); });
    }
};

double gridStep(const BearingFitInput& in) {
    double width =
        in.outside.deviation.limits.width() + in.housing.bore.deviation.limits.width() + in.clearance_mm.width();
    if (in.shaft) width += in.bore.deviation.limits.width() + in.shaft->journal.deviation.limits.width();
    return std::max(width, 1e-3) / static_cast<double>(kGridCells);
}

Result<Loss> housingLoss(const BearingFitInput& in, double step) {
    const auto joint = housingJoint(in);
    const auto stiffness = jointStiffness(joint);
    if (!stiffness) return tl::unexpected(stiffness.error());
    const double D = in.bearing.outsideDia_mm;
    return Loss{D * (in.ring.alpha_perK * (in.outerRingTemp_C - 20) -
                     in.housing.material.alpha_perK * (in.housing.temp_C - 20)),
                joint.smoothing_mm, *stiffness * racewayShrinkage(D, in.bearing.outerRacewayDia_mm(), in.ring.E_MPa),
                Density::of(in.outside.deviation, step).minus(Density::of(in.housing.bore.deviation, step)),
                difference(in.outside.deviation.limits, in.housing.bore.deviation.limits)};
}

Result<Loss> shaftLoss(const BearingFitInput& in, double step) {
    const auto joint = shaftJoint(in);
    const auto stiffness = jointStiffness(joint);
    if (!stiffness) return tl::unexpected(stiffness.error());
    const double d = in.bearing.boreDia_mm;
    return Loss{
        d * (in.shaft->material.alpha_perK * (in.shaft->temp_C - 20) - in.ring.alpha_perK * (in.innerRingTemp_C - 20)),
        joint.smoothing_mm, *stiffness * racewayGrowth(d, in.bearing.innerRacewayDia_mm(), in.ring.E_MPa),
        Density::of(in.shaft->journal.deviation, step).minus(Density::of(in.bore.deviation, step)),
        difference(in.shaft->journal.deviation.limits, in.bore.deviation.limits)};
}

void fillTightness(BearingFit& out, const BearingFitInput& in, const Loss& housing) {
    const auto joint = housingJoint(in);
    const double perMm = jointStiffness(joint).value();
    const auto pressure = [&](double interference) { return perMm * std::max(0.0, interference - joint.smoothing_mm); };
    out.interferenceWorst_mm = housing.interferenceLimits;
    out.interference_mm = housing.interference.band();
    out.interferenceNominal_mm = in.outside.deviation.mean - in.housing.bore.deviation.mean;
    out.smoothing_mm = joint.smoothing_mm;
    out.pressurePerInterference_MPa_per_mm = perMm;
    const auto& i = out.interference_mm;
    out.pressure_MPa = {pressure(i.least), pressure(i.likely), pressure(i.most)};
    out.pressureWorst_MPa = pressure(out.interferenceWorst_mm.upper);
    auto worst = joint;
    worst.interferenceDia_mm = out.interferenceWorst_mm.upper;
    const auto stresses = pressJoint(worst).value();
    out.housingHoop_MPa = stresses.outerBoreHoop_MPa;
    out.ringHoop_MPa = stresses.innerBoreHoop_MPa;
    out.seatLimit_MPa =
        elasticLimitPressure(joint.interfaceDia_mm, joint.outerOutsideDia_mm, in.housing.material.yield_MPa);
    out.curveWindow_mm = {std::min(-0.005, out.interferenceWorst_mm.lower),
                          std::max(0.005, out.interferenceWorst_mm.upper)};
    out.interferenceCurve = housing.interference.curve(out.curveWindow_mm, 120);
}

/// F = mu pi d p x; the band takes both the friction band and the pressure band to their ends. @source [HB4.6]
void fillForce(BearingFit& out, const BearingFitInput& in) {
    const double d = in.bearing.outsideDia_mm;
    const double area = std::numbers::pi * d * in.engagedLength_mm;
    const auto& p = out.pressure_MPa;
    out.pressForce_N = {in.friction.lower * area * p.least, in.friction.mid() * area * p.likely,
                        in.friction.upper * area * p.most};
    out.pressForceWorst_N = in.friction.upper * area * out.pressureWorst_MPa;
    out.slipTorque_Nm = out.pressForce_N * (d / 2 / 1000);
}

double heatLoss(const BearingFitInput& in) {
    const auto& b = in.bearing;
    return in.ring.alpha_perK * (in.innerRingTemp_C - in.outerRingTemp_C) *
           (b.innerRacewayDia_mm() + b.outerRacewayDia_mm()) / 2;
}

void fillClearance(BearingFit& out, const BearingFitInput& in, const Loss& housing, const std::optional<Loss>& shaft,
                   double step) {
    const double heat = heatLoss(in);
    auto left = Density::of(Spread::ofLimits(in.clearance_mm), step);
    out.clearanceAsMade_mm = left.band();
    left = left.minus(housing.density());
    out.clearanceInHousing_mm = left.band();
    Limits worst{in.clearance_mm.lower - housing.of(housing.interferenceLimits.upper) - heat,
                 in.clearance_mm.upper - housing.of(housing.interferenceLimits.lower) - heat};
    double nominal = in.clearance_mm.mid() - housing.of(out.interferenceNominal_mm) - heat;
    if (shaft) {
        left = left.minus(shaft->density());
        worst.lower -= shaft->of(shaft->interferenceLimits.upper);
        worst.upper -= shaft->of(shaft->interferenceLimits.lower);
        nominal -= shaft->of(in.shaft->journal.deviation.mean - in.bore.deviation.mean);
    }
    const auto band = left.band();
    out.clearanceOnShaft_mm = band;
    out.clearanceLeft_mm = {band.least - heat, band.likely - heat, band.most - heat};
    out.clearanceWorst_mm = worst;
    out.clearanceNominal_mm = nominal;
    out.shareBelowZero = left.probabilityBelow(heat);
    out.lossToHeat_mm = heat;
}

void fillHeat(BearingFit& out, const BearingFitInput& in) {
    out.heatMargin_mm = assemblyMargin(in.bearing.outsideDia_mm);
    out.housingCeiling_C = in.housing.material.ceiling_C;
    out.housingTemp_C = assemblyTemperature({in.bearing.outsideDia_mm, out.interferenceWorst_mm.upper,
                                             out.heatMargin_mm, in.housing.material.alpha_perK, in.ring.alpha_perK, 20})
                            .value();
}

void explain(BearingFit& out, const BearingFitInput& in, const Loss& housing, const std::optional<Loss>& shaft) {
    out.because.push_back({Finding::SmoothingLost, Severity::Info, out.smoothing_mm, 0, {}, "DIN7190-1"});
    const bool shaftLeads = shaft && shaft->perInterference * shaft->interferenceLimits.width() >
                                         housing.perInterference * housing.interferenceLimits.width();
    if (out.clearanceMade)
        out.because.push_back({Finding::MostSensitive, Severity::Info,
                               shaftLeads ? shaft->perInterference : housing.perInterference, 0,
                               shaftLeads ? "journal" : "bore", "HB4.5"});
    out.because.push_back({Finding::FrictionBand, Severity::Info, in.friction.lower, in.friction.upper,
                           in.housing.material.name, "HB4.6"});
    out.because.push_back(
        {Finding::InterferenceIsMaleMinusFemale, Severity::Info, out.interferenceNominal_mm, 0, {}, "HB4.1"});
    const bool heat = out.housingTemp_C > 25;
    out.because.push_back({heat ? Finding::HeatNeeded : Finding::NoHeatNeeded,
                           Severity::Info,
                           out.housingTemp_C,
                           out.heatMargin_mm,
                           {},
                           "HB4.10"});
}

void advise(BearingFit& out, const BearingFitInput& in) {
    const double leastEffective = out.interference_mm.least - out.smoothing_mm;
    if (out.interference_mm.likely <= 0)
        out.advisories.push_back({Finding::LooseFit, Severity::Stop, out.interference_mm.likely, 0, {}, "HB4.1"});
    else if (leastEffective <= 0)
        out.advisories.push_back({Finding::MayBeLoose, Severity::Look, leastEffective, 0, {}, "DIN7190-1"});
    if (out.pressureWorst_MPa > out.seatLimit_MPa)
        out.advisories.push_back(
            {Finding::SeatYields, Severity::Stop, out.pressureWorst_MPa, out.seatLimit_MPa, {}, "DIN7190-1"});
    // The outer ring is squeezed, so tension only threatens the inner ring; the housing's own limit is SeatYields.
    if (in.shaft) {
        auto joint = shaftJoint(in);
        joint.interferenceDia_mm = in.shaft->journal.deviation.limits.upper - in.bore.deviation.limits.lower;
        const double hoop = pressJoint(joint).value().outerBoreHoop_MPa;
        if (hoop > kRingHoopLimit_MPa)
            out.advisories.push_back({Finding::RingStressHigh, Severity::Look, hoop, kRingHoopLimit_MPa, {}, "HB4.4"});
    }
    if (out.shareBelowZero > 0.001)
        out.advisories.push_back({Finding::ClearanceGone,
                                  out.shareBelowZero > 0.05 ? Severity::Stop : Severity::Look,
                                  out.shareBelowZero,
                                  0,
                                  {},
                                  "HB4.5"});
    if (out.housingTemp_C > out.housingCeiling_C)
        out.advisories.push_back({Finding::HeatAboveCeiling, Severity::Look, out.housingTemp_C, out.housingCeiling_C,
                                  in.housing.material.name, "HB4.10"});
}

} // namespace

Result<BearingFit> bearingFit(const BearingFitInput& in) {
    if (!(in.engagedLength_mm >= 0) || !std::isfinite(in.engagedLength_mm))
        return refuse(ProblemCode::OutOfRange, "engagedLength_mm", plain(in.engagedLength_mm), "0 or more");
    if (!(in.friction.lower > 0 && in.friction.upper >= in.friction.lower && in.friction.upper < 1))
        return refuse(ProblemCode::OutOfRange, "friction", plain(in.friction.lower), "over 0, under 1");
    const double step = gridStep(in);
    const auto housing = housingLoss(in, step);
    if (!housing) return tl::unexpected(housing.error());
    std::optional<Loss> shaft;
    if (in.shaft) {
        auto loss = shaftLoss(in, step);
        if (!loss) return tl::unexpected(loss.error());
        shaft = std::move(*loss);
    }
    BearingFit out;
    fillTightness(out, in, *housing);
    fillForce(out, in);
    out.clearanceMade = catalog::knowledge(in.bearing.type).clearanceMade;
    if (out.clearanceMade) fillClearance(out, in, *housing, shaft, step);
    fillHeat(out, in);
    explain(out, in, *housing, shaft);
    advise(out, in);
    return out;
}

} // namespace arbor::fit
