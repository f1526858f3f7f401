#include "core/force/draw_bolt.h"

#include <cmath>
#include <numbers>

namespace arbor::force {

namespace {

constexpr double kUse = 0.9;   // of yield
constexpr double kShear = 0.6; // of tensile strength

double arm(const DrawBolt& b, double muThread, double muHead) {
    return b.turned ? screwArm_mm(b.thread, muThread, muHead, b.headMeanDia_mm) : 0;
}

/// Reduced stress for one newton.
double stressPerForce(const DrawBolt& b) {
    const double section = std::pow(b.thread.stressDia_mm(), 3) * std::numbers::pi / 16;
    const double tension = 1 / b.thread.stressArea_mm2();
    const double torsion = arm(b, b.muThread.upper, 0) / section; // the collar's share stays in the nut
    return std::sqrt(tension * tension + 3 * torsion * torsion);
}

double stripForce(const DrawBolt& b) {
    const auto& t = b.thread;
    const double minor = t.minorDia_mm();
    const double perTurn = t.pitch_mm / 2 + (t.pitchDia_mm() - minor) * std::tan(std::numbers::pi / 6);
    return kShear * b.strength.tensile_MPa * std::numbers::pi * minor * b.engagement_mm / t.pitch_mm * perTurn;
}

} // namespace

double screwArm_mm(const standards::Thread& t, double muThread, double muCollar, double collarMeanDia_mm) {
    const double lead = std::atan(t.pitch_mm / (std::numbers::pi * t.pitchDia_mm()));
    const double friction = std::atan(muThread / std::cos(std::numbers::pi / 6));
    return t.pitchDia_mm() / 2 * std::tan(lead + friction) + muCollar * collarMeanDia_mm / 2;
}

Result<BoltLoad> loadBolt(const DrawBolt& b, const Range& force_N) {
    if (!(b.engagement_mm > 0))
        return refuse(ProblemCode::NotPositive, "engagement_mm", plain(b.engagement_mm), wanted("> 0"));
    if (!(b.headMeanDia_mm > 0))
        return refuse(ProblemCode::NotPositive, "head_mean_dia_mm", plain(b.headMeanDia_mm), wanted("> 0"));
    if (!(force_N.least >= 0 && force_N.likely >= force_N.least && force_N.most >= force_N.likely))
        return refuse(ProblemCode::OutOfRange, "force_N", plain(force_N.least), wanted("0 or more, least before most"));
    BoltLoad out;
    out.torque_Nmm = {force_N.least * arm(b, b.muThread.lower, b.muHead.lower),
                      force_N.likely * arm(b, b.muThread.mid(), b.muHead.mid()),
                      force_N.most * arm(b, b.muThread.upper, b.muHead.upper)};
    if (b.wrench_mm > 0) out.hand_N = out.torque_Nmm * (1 / b.wrench_mm);
    const double each = stressPerForce(b);
    out.stress_MPa = force_N.most * each;
    out.allowed_MPa = kUse * b.strength.yield_MPa;
    out.greatest_N = out.allowed_MPa / each;
    out.stripForce_N = stripForce(b);
    return out;
}

} // namespace arbor::force
