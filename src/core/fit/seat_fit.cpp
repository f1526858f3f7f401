#include "core/fit/seat_fit.h"

#include "core/fit/rotation.h"
#include "core/fit/sleeve.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::fit {

namespace {

Elastic elastic(const catalog::Material& m) {
    return {m.E_MPa, m.nu, m.alpha_perK};
}

JointInput jointOf(const SeatInput& in) {
    JointInput joint;
    joint.interfaceDia_mm = in.dia_mm;
    joint.innerBoreDia_mm = in.inner.otherDia_mm;
    joint.outerOutsideDia_mm = in.outer.otherDia_mm;
    joint.inner = elastic(in.inner.material);
    joint.outer = elastic(in.outer.material);
    joint.smoothing_mm = smoothingLoss(in.outer.surface.rz_mm, in.inner.surface.rz_mm);
    return joint;
}

SleeveInput sleeveOf(const SeatInput& in, double interference_mm) {
    return {jointOf(in), elastic(in.sleeve->material), in.sleeve->outsideDia_mm, interference_mm};
}

/// The body whose bore the ring goes into.
const catalog::Material& around(const SeatInput& in) {
    return in.sleeve ? in.sleeve->material : in.outer.material;
}

/// A sleeve's bore grows with the sleeve, less what it closes in by as the sleeve outgrows the body around it.
double boreAlpha(const SeatInput& in, double closesIn) {
    const double own = around(in).alpha_perK;
    if (!in.sleeve) return own;
    return own - closesIn * in.sleeve->outsideDia_mm / in.dia_mm * (own - in.outer.material.alpha_perK);
}

double thermal(const SeatInput& in, double boreAlpha_perK) {
    return in.dia_mm *
           (in.inner.material.alpha_perK * (in.inner.temp_C - 20) - boreAlpha_perK * (in.outer.temp_C - 20));
}

/// Temperature of both at which the body around a sleeve has outgrown the sleeve's least interference.
std::optional<double> letsGo_C(const SeatInput& in) {
    if (!in.sleeve) return std::nullopt;
    const double outgrows = in.outer.material.alpha_perK - in.sleeve->material.alpha_perK;
    if (!(outgrows > 0)) return std::nullopt;
    return 20 + in.sleeve->interference_mm.lower / (in.sleeve->outsideDia_mm * outgrows);
}

/// The bore of the outer body grows away from the outside of the inner one; an endless body does not turn.
double lostToSpeed(const SeatInput& in) {
    const auto turning = [](const Member& m, double bore, double outside) {
        return Turning{bore, outside, elastic(m.material), m.material.density_kg_m3, m.speed_rpm};
    };
    double lost = 0;
    if (in.outer.otherDia_mm > 0) lost += boreGrowth_mm(turning(in.outer, in.dia_mm, in.outer.otherDia_mm));
    lost -= outsideGrowth_mm(turning(in.inner, in.inner.otherDia_mm, in.dia_mm));
    return std::max(0.0, lost);
}

Result<void> check(const SeatInput& in) {
    if (!(in.engagedLength_mm >= 0) || !std::isfinite(in.engagedLength_mm))
        return refuse(ProblemCode::OutOfRange, "engagedLength_mm", plain(in.engagedLength_mm), wanted("0 or more"));
    if (!(in.friction.lower > 0 && in.friction.upper >= in.friction.lower && in.friction.upper < 1))
        return refuse(ProblemCode::OutOfRange, "friction", plain(in.friction.lower), wanted("over 0, under 1"));
    for (const auto* member : {&in.outer, &in.inner})
        if (!(member->speed_rpm >= 0 && member->speed_rpm <= 100'000))
            return refuse(ProblemCode::OutOfRange, "speed_rpm", plain(member->speed_rpm), wanted("0 to 100000"));
    return {};
}

void fillTightness(SeatFit& out, const InterferenceFit& seat) {
    out.interferenceWorst_mm = seat.worst_mm;
    out.interference_mm = seat.interference.band();
    out.interferenceNominal_mm = seat.nominal_mm;
    out.smoothing_mm = seat.smoothing_mm;
    out.thermal_mm = seat.thermal_mm;
    out.rotation_mm = seat.rotation_mm;
    out.pressurePerInterference_MPa_per_mm = seat.perInterference_MPa_per_mm;
    const auto& i = out.interference_mm;
    out.pressure_MPa = {seat.pressure(i.least), seat.pressure(i.likely), seat.pressure(i.most)};
    out.pressureWorst_MPa = seat.pressure(seat.worst_mm.upper);
    out.effectiveAtWork_mm = {seat.atWork(i.least), seat.atWork(i.likely), seat.atWork(i.most)};
    out.pressureAtWork_MPa = out.effectiveAtWork_mm * seat.perInterference_MPa_per_mm;
    const double still = i.likely + seat.thermal_mm - seat.smoothing_mm;
    const double speed = std::max(seat.in.outer.speed_rpm, seat.in.inner.speed_rpm);
    // What speed takes grows with its square.
    if (seat.rotation_mm > 0) out.looseAt_rpm = still > 0 ? speed * std::sqrt(still / seat.rotation_mm) : 0;
    out.curveWindow_mm = {std::min(-0.005, seat.worst_mm.lower), std::max(0.005, seat.worst_mm.upper)};
    out.interferenceCurve = seat.interference.curve(out.curveWindow_mm, kCurvePoints);
}

void fillStress(SeatFit& out, const InterferenceFit& seat) {
    const auto& in = seat.in;
    auto joint = jointOf(in);
    joint.interferenceDia_mm = seat.worst_mm.upper;
    const auto plainJoint = pressJoint(joint).value();
    // Stress follows pressure, whatever lies around the seat.
    const double share = plainJoint.pressure_MPa > 0 ? out.pressureWorst_MPa / plainJoint.pressure_MPa : 0;
    out.innerHoop_MPa = plainJoint.innerBoreHoop_MPa * share;
    out.outerHoop_MPa = plainJoint.outerBoreHoop_MPa * share;
    out.outerLimit_MPa = elasticLimitPressure(in.dia_mm, in.outer.otherDia_mm, in.outer.material.yield_MPa);
    const double q = in.inner.otherDia_mm / in.dia_mm;
    out.innerLimit_MPa = in.inner.material.yield_MPa * (q > 0 ? 1 - q * q : 2) / std::sqrt(3.0);
    if (!in.sleeve) return;
    const auto s = sleeveJoint(sleeveOf(in, in.sleeve->interference_mm.upper)).value();
    const double onOuter = s.sleevePressure_MPa + s.carriedOn * out.pressureWorst_MPa;
    out.outerHoop_MPa = s.outerBoreHoopPerPressure * onOuter;
    out.sleeveHoop_MPa = s.sleeveBoreHoopPerRing * out.pressureWorst_MPa + s.sleeveBoreHoopPerOuter * onOuter;
    // The outer body yields at the pressure it gets through the sleeve.
    const double limit =
        elasticLimitPressure(in.sleeve->outsideDia_mm, in.outer.otherDia_mm, in.outer.material.yield_MPa);
    out.outerLimit_MPa = std::max(0.0, (limit - s.sleevePressure_MPa) / s.carriedOn);
}

/// The band takes both the friction band and the pressure band to their ends. @source [HB4.6]
void fillForce(SeatFit& out, const InterferenceFit& seat) {
    const auto& in = seat.in;
    const double area = std::numbers::pi * in.dia_mm * in.engagedLength_mm;
    const auto force = [&](const Range& p) {
        return Range{in.friction.lower * area * p.least, in.friction.mid() * area * p.likely,
                     in.friction.upper * area * p.most};
    };
    out.pressForce_N = force(out.pressure_MPa);
    out.pressForceWorst_N = in.friction.upper * area * out.pressureWorst_MPa;
    out.slipTorque_Nm = out.pressForce_N * (in.dia_mm / 2 / 1000);
    out.slipTorqueAtWork_Nm = force(out.pressureAtWork_MPa) * (in.dia_mm / 2 / 1000);
}

void explain(SeatFit& out, const InterferenceFit& seat) {
    const auto& material = seat.in.outer.material.name;
    if (seat.in.sleeve)
        out.because.push_back(
            {found::SleeveBetween{seat.in.sleeve->outsideDia_mm, *out.sleeveHoop_MPa, seat.in.sleeve->material.name},
             Severity::Info, "DIN7190-1"});
    out.because.push_back({found::SmoothingLost{out.smoothing_mm}, Severity::Info, "DIN7190-1"});
    out.because.push_back(
        {found::FrictionBand{seat.in.friction.lower, seat.in.friction.upper, material}, Severity::Info, "HB4.6"});
    out.because.push_back({found::InterferenceIsMaleMinusFemale{out.interferenceNominal_mm}, Severity::Info, "HB4.1"});
    if (out.rotation_mm > 0)
        out.because.push_back({found::SpeedTakes{out.rotation_mm, *out.looseAt_rpm}, Severity::Info, "HB4.3"});
    if (out.thermal_mm != 0) out.because.push_back({found::WarmthGives{out.thermal_mm}, Severity::Info, "HB4.3"});
}

void advise(SeatFit& out, const InterferenceFit& seat) {
    const double leastEffective = out.interference_mm.least - out.smoothing_mm;
    if (out.interference_mm.likely <= 0)
        out.advisories.push_back({found::LooseFit{out.interference_mm.likely}, Severity::Stop, "HB4.1"});
    else if (leastEffective <= 0)
        out.advisories.push_back({found::MayBeLoose{leastEffective}, Severity::Check, "DIN7190-1"});
    else if (out.effectiveAtWork_mm.least <= 0)
        out.advisories.push_back(
            {found::LooseAtWork{leastEffective + out.thermal_mm - out.rotation_mm}, Severity::Check, "HB4.3"});
    if (out.pressureWorst_MPa > out.outerLimit_MPa)
        out.advisories.push_back(
            {found::SeatYields{out.pressureWorst_MPa, out.outerLimit_MPa}, Severity::Stop, "DIN7190-1"});
    if (out.pressureWorst_MPa > out.innerLimit_MPa)
        out.advisories.push_back(
            {found::ShaftYields{out.pressureWorst_MPa, out.innerLimit_MPa}, Severity::Stop, "DIN7190-1"});
    const double tension = seat.in.outer.tensionLimit_MPa;
    if (tension > 0 && out.outerHoop_MPa > tension)
        out.advisories.push_back({found::RingStressHigh{out.outerHoop_MPa, tension}, Severity::Check, "HB4.4"});
}

} // namespace

double scatterWidth(const SeatInput& in) {
    return in.outer.surface.deviation.limits.width() + in.inner.surface.deviation.limits.width();
}

Result<InterferenceFit> InterferenceFit::of(const SeatInput& in, double step_mm) {
    if (auto ok = check(in); !ok) return tl::unexpected(ok.error());
    const auto joint = jointOf(in);
    const auto stiffness = jointStiffness(joint);
    if (!stiffness) return tl::unexpected(stiffness.error());
    const auto &male = in.inner.surface.deviation, &female = in.outer.surface.deviation;
    InterferenceFit seat(Density::of(male, step_mm).minus(Density::of(female, step_mm)));
    seat.in = in;
    seat.worst_mm = {male.limits.lower - female.limits.upper, male.limits.upper - female.limits.lower};
    seat.nominal_mm = male.mean - female.mean;
    seat.perInterference_MPa_per_mm = *stiffness;
    seat.smoothing_mm = joint.smoothing_mm;
    double closesIn = 0;
    if (in.sleeve) {
        const auto sleeve = sleeveJoint(sleeveOf(in, in.sleeve->interference_mm.mid()));
        if (!sleeve) return tl::unexpected(sleeve.error());
        seat.perInterference_MPa_per_mm = sleeve->perInterference_MPa_per_mm;
        closesIn = sleeve->closesIn;
        if (!in.sleeve->boredInPlace) {
            // Pressing the sleeve in closes its bore: that is interference too.
            const auto& i = in.sleeve->interference_mm;
            const Spread closing = Spread::ofLimits({-closesIn * i.upper, -closesIn * i.lower});
            seat.interference = seat.interference.minus(Density::of(closing, step_mm));
            seat.worst_mm = {seat.worst_mm.lower + closesIn * i.lower, seat.worst_mm.upper + closesIn * i.upper};
            seat.nominal_mm += closesIn * i.mid();
        }
    }
    seat.boreAlpha_perK = boreAlpha(in, closesIn);
    seat.thermal_mm = thermal(in, seat.boreAlpha_perK);
    seat.rotation_mm = in.sleeve ? 0 : lostToSpeed(in);
    return seat;
}

double InterferenceFit::pressure(double interference_mm) const {
    return perInterference_MPa_per_mm * std::max(0.0, interference_mm - smoothing_mm);
}

double InterferenceFit::atWork(double interference_mm) const {
    return std::max(0.0, interference_mm + thermal_mm - rotation_mm - smoothing_mm);
}

SeatFit seatFit(const InterferenceFit& seat) {
    SeatFit out;
    fillTightness(out, seat);
    fillStress(out, seat);
    fillForce(out, seat);
    out.boreAlpha_perK = seat.boreAlpha_perK;
    out.sleeveLetsGo_C = letsGo_C(seat.in);
    explain(out, seat);
    advise(out, seat);
    return out;
}

} // namespace arbor::fit
