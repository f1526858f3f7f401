#include "core/fit/sleeve.h"

#include <cmath>

namespace arbor::fit {

namespace {

double hollow(double small, double large) {
    const double q = large > 0 ? small / large : 0;
    return (1 + q * q) / (1 - q * q);
}

Result<void> check(const SleeveInput& in) {
    // The two-member joint checks everything but the sleeve.
    if (const auto ok = jointStiffness(in.joint); !ok) return tl::unexpected(ok.error());
    const double D = in.sleeveOutsideDia_mm;
    if (!(D > in.joint.interfaceDia_mm) || !std::isfinite(D))
        return refuse(ProblemCode::GeometryOrder, "sleeveOutsideDia_mm", plain(D),
                      wanted("over the seat {1}", plain(in.joint.interfaceDia_mm)));
    if (in.joint.outerOutsideDia_mm != 0 && !(D < in.joint.outerOutsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "sleeveOutsideDia_mm", plain(D),
                      wanted("under the outside {1}", plain(in.joint.outerOutsideDia_mm)));
    if (!(in.sleeve.E_MPa > 0))
        return refuse(ProblemCode::NotPositive, "sleeve.E_MPa", plain(in.sleeve.E_MPa), wanted("> 0"));
    if (!(in.sleeve.nu >= 0 && in.sleeve.nu < 0.5))
        return refuse(ProblemCode::OutOfRange, "sleeve.nu", plain(in.sleeve.nu), wanted("0 up to 0.5"));
    if (!(in.sleeveInterference_mm >= 0) || !std::isfinite(in.sleeveInterference_mm))
        return refuse(ProblemCode::OutOfRange, "sleeveInterference_mm", plain(in.sleeveInterference_mm),
                      wanted("0 or more: a loose sleeve carries nothing on"));
    return {};
}

} // namespace

Result<SleeveJoint> sleeveJoint(const SleeveInput& in) {
    if (auto ok = check(in); !ok) return tl::unexpected(ok.error());
    const auto& j = in.joint;
    const double d = j.interfaceDia_mm, D = in.sleeveOutsideDia_mm, E = in.sleeve.E_MPa, nu = in.sleeve.nu;
    const double wall = hollow(d, D);                 // (D² + d²)/(D² − d²)
    const double cross = 2 * d * D / (D * D - d * d); // 2 d D/(D² − d²)
    const double ring = d / j.inner.E_MPa * (hollow(j.innerBoreDia_mm, d) - j.inner.nu);
    const double boreByRing = d / E * (wall + nu);
    const double boreByOuter = D / E * cross;   // d/E · 2D²/(D² − d²)
    const double outsideByRing = d / E * cross; // D/E · 2d²/(D² − d²)
    const double outsideByOuter = D / E * (wall - nu);
    const double outer = D / j.outer.E_MPa * (hollow(D, j.outerOutsideDia_mm) + j.outer.nu);
    const double seatOfSleeve = outer + outsideByOuter;

    SleeveJoint out;
    out.carriedOn = outsideByRing / seatOfSleeve;
    out.closesIn = boreByOuter / seatOfSleeve;
    out.perInterference_MPa_per_mm = 1 / (ring + boreByRing - boreByOuter * out.carriedOn);
    out.sleevePressure_MPa = in.sleeveInterference_mm / seatOfSleeve;
    out.outerBoreHoopPerPressure = hollow(D, j.outerOutsideDia_mm);
    out.sleeveBoreHoopPerRing = wall;
    out.sleeveBoreHoopPerOuter = -2 * D * D / (D * D - d * d);
    return out;
}

} // namespace arbor::fit
