#pragma once

#include "core/base/advice.h"
#include "core/catalog/material.h"
#include "core/fit/density.h"
#include "core/fit/press_joint.h"

#include <optional>

namespace arbor::fit {

/// One size as it scatters, as deviation from the nominal size [mm].
struct SizedSurface {
    Spread deviation;
    double rz_mm = 0;
};

/// One of the two bodies of a seat.
struct Member {
    catalog::Material material;
    double otherDia_mm = 0; ///< outside of the outer one (0: endless), bore of the inner one (0: solid)
    SizedSurface surface;
    double temp_C = 20;
    double speed_rpm = 0;
    double tensionLimit_MPa = 0; ///< hoop stress a hardened ring should stay under; 0: none
};

/// A repair sleeve between the two.
struct Sleeve {
    catalog::Material material;
    double outsideDia_mm = 0;
    Interval interference_mm; ///< in the outer body, after smoothing
    bool boredInPlace = true; ///< brought to size after it was pressed in
};

/// Everything that decides how tight one seat is.
struct SeatInput {
    double dia_mm = 0;
    Member outer;
    Member inner;
    std::optional<Sleeve> sleeve;
    Interval friction;
    double engagedLength_mm = 0; ///< at home
};

/// One seat, ready to be asked. The joint is linear: pressure follows the interference that is left.
class InterferenceFit {
public:
    /// @param step_mm  of the densities: seats that go into one bearing share it
    /// @errors those of pressJoint and sleeveJoint; OutOfRange(engagedLength_mm, friction)
    static Result<InterferenceFit> of(const SeatInput& in, double step_mm);

    double pressure(double interference_mm) const; ///< at 20 degC, standing still [MPa]
    double atWork(double interference_mm) const;   ///< effective interference, never below 0 [mm]

    SeatInput in;
    Density interference;
    Interval worst_mm;                 ///< of the interference
    double nominal_mm = 0;             ///< from the middles of the sizes
    double perInterference_MPa_per_mm; ///< stiffness of the joint
    double smoothing_mm = 0;
    double thermal_mm = 0;     ///< interference gained by the working temperatures
    double rotation_mm = 0;    ///< interference lost to the working speed
    double boreAlpha_perK = 0; ///< of the bore the ring goes into

private:
    explicit InterferenceFit(Density density) : interference(std::move(density)) {}
};

/// Width of everything that scatters in a seat [mm].
double scatterWidth(const SeatInput& in);

/// How tight a seat is, in numbers.
struct SeatFit {
    Interval interferenceWorst_mm;
    Range interference_mm; ///< at 20 °C, before smoothing
    double interferenceNominal_mm = 0;
    double smoothing_mm = 0;
    double thermal_mm = 0;
    double rotation_mm = 0;
    Range effectiveAtWork_mm; ///< at working temperature and speed, after smoothing
    Range pressure_MPa;
    double pressureWorst_MPa = 0;
    Range pressureAtWork_MPa;
    double pressurePerInterference_MPa_per_mm = 0;
    double outerHoop_MPa = 0; ///< at the bore of the outer body, worst case
    double innerHoop_MPa = 0; ///< at the bore of the inner body (at the centre when solid), worst case
    std::optional<double> sleeveHoop_MPa;
    double outerLimit_MPa = 0; ///< pressure at which the outer body yields
    double innerLimit_MPa = 0; ///< the same of the inner one
    Range pressForce_N;        ///< at home
    double pressForceWorst_N = 0;
    Range slipTorque_Nm;
    Range slipTorqueAtWork_Nm;
    std::optional<double>
        looseAt_rpm;           ///< speed at which nothing is left of the likely interference; nothing: it stands
    double boreAlpha_perK = 0; ///< how the bore grows when the outer body, with a sleeve in it, is warmed through
    std::optional<double> sleeveLetsGo_C; ///< of the outer body: there the loosest sleeve is loose in it
    AdviceList because;
    AdviceList advisories;
    std::vector<double> interferenceCurve; ///< density over `curveWindow_mm`
    Interval curveWindow_mm;
};

/// Worst cases from the limits, bands from the convolved scatter of both members; interference first takes the
/// temperature, then the speed, then the smoothing; force at 20 °C: F = mu pi d p x.
/// A repair sleeve grows by its own expansion and is held back, or drawn along, by the body around it:
/// d alpha = d alpha_s - k D (alpha_s - alpha_o), k being how much its bore closes per interference around it (Lame).
/// @source [HB4.1]-[HB4.6], [HB4.10], [DIN7190-1]
SeatFit seatFit(const InterferenceFit& seat);

/// Tension a hardened ring should stay under [MPa]. @source practice for through-hardened bearing steel, [HB4.4]
inline constexpr double kRingHoopLimit_MPa = 145;

} // namespace arbor::fit
