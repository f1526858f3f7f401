#pragma once

#include "core/base/result.h"

namespace arbor::fit {

struct Elastic {
    double E_MPa = 0;
    double nu = 0;
    double alpha_perK = 0;
};

/// Two bodies of revolution pressed together; everything in mm, MPa, °C.
struct JointInput {
    double interfaceDia_mm = 0;
    double innerBoreDia_mm = 0;    ///< 0: solid
    double outerOutsideDia_mm = 0; ///< 0: endless
    Elastic inner;
    Elastic outer;
    double interferenceDia_mm = 0; ///< diametral at 20 °C, positive tight
    double smoothing_mm = 0;       ///< diametral loss, see smoothingLoss
    double innerTemp_C = 20;
    double outerTemp_C = 20;
};

struct JointResult {
    double interferenceAtTemp_mm = 0; ///< before smoothing
    double effective_mm = 0;          ///< after smoothing, never below 0
    double pressure_MPa = 0;
    double innerBoreHoop_MPa = 0; ///< tension positive; at the centre of a solid body
    double outerBoreHoop_MPa = 0;
};

/// Interference lost when roughness peaks flatten: 0.8 (Rz_A + Rz_I) [mm]. @source [DIN7190-1]
double smoothingLoss(double outerRz_mm, double innerRz_mm);

/// Contact pressure of two elastic rings pressed together; plane stress, uniform along the seat.
/// @param in  interfaceDia > 0, 0 <= innerBore < interface, outerOutside > interface (or 0 for endless), E > 0, 0 <= nu
/// < 0.5
/// @return interference at temperature (thermal change first, then smoothing), pressure and hoop stresses
/// @errors NotPositive(field), GeometryOrder(field), NotFinite(field)
/// @source [DIN7190-1] elastic joints; Lamé; [HB4.2]-[HB4.4]
Result<JointResult> pressJoint(const JointInput& in);

/// Pressure per diametral interference [MPa/mm]: the joint is linear. Same errors as pressJoint.
Result<double> jointStiffness(const JointInput& in);

/// Growth of the raceway of an inner ring per pressure on its bore [mm/MPa]: 2 d^2 F / (E (F^2 - d^2)). @source Lamé,
/// free surface
double racewayGrowth(double boreDia_mm, double racewayDia_mm, double E_MPa);

/// Shrinkage of the raceway of an outer ring per pressure on its outside [mm/MPa]: 2 D^2 E / (E_s (D^2 - E^2)). @source
/// Lamé, free surface
double racewayShrinkage(double outsideDia_mm, double racewayDia_mm, double E_MPa);

/// Highest joint pressure before the outer body yields at its bore [MPa]; brittle materials have no other limit here.
/// @source [DIN7190-1] p <= Re (1 - Q^2) / sqrt(3)
double elasticLimitPressure(double interfaceDia_mm, double outsideDia_mm, double yield_MPa);

struct HeatInput {
    double interfaceDia_mm = 0;
    double interference_mm = 0; ///< greatest, at 20 °C
    double margin_mm = 0;       ///< clearance wanted while it goes in
    double outerAlpha_perK = 0;
    double innerAlpha_perK = 0;
    double innerTemp_C = 20;
};

/// Temperature of the outer body at which the inner one drops in with the margin [°C].
/// @errors NotPositive(interfaceDia_mm, outerAlpha_perK), NotFinite
/// @source [HB4.10] linear expansion; smoothing is never counted as clearance
Result<double> assemblyTemperature(const HeatInput& in);

/// Default margin: d/1000, at least 20 µm [mm]. @source [HB4.10]
double assemblyMargin(double interfaceDia_mm);

} // namespace arbor::fit
