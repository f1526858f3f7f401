#include "core/fit/press_joint.h"

#include <algorithm>
#include <cmath>

namespace arbor::fit {

namespace {

constexpr double kReferenceTemp_C = 20;

double ratio(double small, double large) {
    return large > 0 ? small / large : 0;
}
double hollow(double q) {
    return (1 + q * q) / (1 - q * q);
}

Result<void> check(const JointInput& in) {
    const std::pair<const char*, double> finite[] = {{"interferenceDia_mm", in.interferenceDia_mm},
                                                     {"smoothing_mm", in.smoothing_mm},
                                                     {"innerTemp_C", in.innerTemp_C},
                                                     {"outerTemp_C", in.outerTemp_C},
                                                     {"inner.alpha_perK", in.inner.alpha_perK},
                                                     {"outer.alpha_perK", in.outer.alpha_perK}};
    for (const auto& [field, value] : finite)
        if (!std::isfinite(value)) return refuse(ProblemCode::NotFinite, field, plain(value));
    const std::pair<const char*, double> positive[] = {
        {"interfaceDia_mm", in.interfaceDia_mm}, {"inner.E_MPa", in.inner.E_MPa}, {"outer.E_MPa", in.outer.E_MPa}};
    for (const auto& [field, value] : positive)
        if (!(value > 0) || !std::isfinite(value))
            return refuse(ProblemCode::NotPositive, field, plain(value), wanted("> 0"));
    for (const auto& [field, value] : {std::pair{"inner.nu", in.inner.nu}, {"outer.nu", in.outer.nu}})
        if (!(value >= 0 && value < 0.5))
            return refuse(ProblemCode::OutOfRange, field, plain(value), wanted("0 up to 0.5"));
    if (!(in.innerBoreDia_mm >= 0 && in.innerBoreDia_mm < in.interfaceDia_mm))
        return refuse(ProblemCode::GeometryOrder, "innerBoreDia_mm", plain(in.innerBoreDia_mm),
                      wanted("0 up to under {1}", plain(in.interfaceDia_mm)));
    if (!(in.outerOutsideDia_mm == 0 || in.outerOutsideDia_mm > in.interfaceDia_mm))
        return refuse(ProblemCode::GeometryOrder, "outerOutsideDia_mm", plain(in.outerOutsideDia_mm),
                      wanted("over {1}", plain(in.interfaceDia_mm)));
    return {};
}

} // namespace

double smoothingLoss(double outerRz_mm, double innerRz_mm) {
    return 0.8 * (outerRz_mm + innerRz_mm);
}

Result<double> jointStiffness(const JointInput& in) {
    if (auto ok = check(in); !ok) return tl::unexpected(ok.error());
    const double qOuter = ratio(in.interfaceDia_mm, in.outerOutsideDia_mm);
    const double qInner = ratio(in.innerBoreDia_mm, in.interfaceDia_mm);
    const double yielding =
        (hollow(qOuter) + in.outer.nu) / in.outer.E_MPa + (hollow(qInner) - in.inner.nu) / in.inner.E_MPa;
    return 1 / (in.interfaceDia_mm * yielding);
}

Result<JointResult> pressJoint(const JointInput& in) {
    const auto stiffness = jointStiffness(in);
    if (!stiffness) return tl::unexpected(stiffness.error());
    JointResult out;
    out.interferenceAtTemp_mm =
        in.interferenceDia_mm + in.interfaceDia_mm * (in.inner.alpha_perK * (in.innerTemp_C - kReferenceTemp_C) -
                                                      in.outer.alpha_perK * (in.outerTemp_C - kReferenceTemp_C));
    out.effective_mm = std::max(0.0, out.interferenceAtTemp_mm - in.smoothing_mm);
    out.pressure_MPa = *stiffness * out.effective_mm;
    const double qInner = ratio(in.innerBoreDia_mm, in.interfaceDia_mm);
    out.innerBoreHoop_MPa = in.innerBoreDia_mm > 0 ? -2 * out.pressure_MPa / (1 - qInner * qInner) : -out.pressure_MPa;
    out.outerBoreHoop_MPa = out.pressure_MPa * hollow(ratio(in.interfaceDia_mm, in.outerOutsideDia_mm));
    return out;
}

double racewayGrowth(double boreDia_mm, double racewayDia_mm, double E_MPa) {
    const double d2 = boreDia_mm * boreDia_mm;
    return 2 * d2 * racewayDia_mm / (E_MPa * (racewayDia_mm * racewayDia_mm - d2));
}

double racewayShrinkage(double outsideDia_mm, double racewayDia_mm, double E_MPa) {
    const double D2 = outsideDia_mm * outsideDia_mm;
    return 2 * D2 * racewayDia_mm / (E_MPa * (D2 - racewayDia_mm * racewayDia_mm));
}

double elasticLimitPressure(double interfaceDia_mm, double outsideDia_mm, double yield_MPa) {
    const double q = ratio(interfaceDia_mm, outsideDia_mm);
    return yield_MPa * (1 - q * q) / std::sqrt(3.0);
}

double assemblyMargin(double interfaceDia_mm) {
    return std::max(0.020, interfaceDia_mm / 1000);
}

Result<double> assemblyTemperature(const HeatInput& in) {
    for (const auto& [field, value] :
         {std::pair{"interfaceDia_mm", in.interfaceDia_mm}, {"outerAlpha_perK", in.outerAlpha_perK}})
        if (!(value > 0) || !std::isfinite(value))
            return refuse(ProblemCode::NotPositive, field, plain(value), wanted("> 0"));
    const double growth = (in.interference_mm + in.margin_mm) / in.interfaceDia_mm +
                          in.innerAlpha_perK * (in.innerTemp_C - kReferenceTemp_C);
    if (!std::isfinite(growth)) return refuse(ProblemCode::NotFinite, "interference_mm", plain(in.interference_mm));
    return kReferenceTemp_C + growth / in.outerAlpha_perK;
}

} // namespace arbor::fit
