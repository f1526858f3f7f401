#include "core/base/units.h"
#include "core/calc/calculations.h"
#include "core/fit/residual.h"
#include "core/tables/tables.h"

#include <cmath>
#include <numbers>

namespace arbor::calc {

namespace {

Result<Values> pressJointOf(const Values& in, const tables::Tables&) {
    fit::JointInput joint;
    joint.interfaceDia_mm = number(in, "interface_mm");
    joint.innerBoreDia_mm = number(in, "inner_bore_mm");
    joint.outerOutsideDia_mm = number(in, "outer_od_mm");
    joint.inner = material(in, "inner_material");
    joint.outer = material(in, "outer_material");
    joint.interferenceDia_mm = number(in, "interference_20C_um") * kUm;
    joint.smoothing_mm = fit::smoothingLoss(number(in, "Rz_outer_um") * kUm, number(in, "Rz_inner_um") * kUm);
    joint.innerTemp_C = number(in, "inner_temp_C");
    joint.outerTemp_C = number(in, "outer_temp_C");
    const auto result = fit::pressJoint(joint);
    if (!result) return tl::unexpected(result.error());
    const double d = joint.interfaceDia_mm, p = result->pressure_MPa;
    Values out{{"interference_at_temp_um", result->interferenceAtTemp_mm / kUm},
               {"effective_interference_um", result->effective_mm / kUm},
               {"pressure_MPa", p},
               {"hoop_inner_bore_MPa", result->innerBoreHoop_MPa},
               {"hoop_outer_bore_MPa", result->outerBoreHoop_MPa}};
    const auto& raceway = text(in, "raceway");
    if (raceway == "outer_body_od")
        out["raceway_change_um"] = p * fit::racewayGrowth(d, joint.outerOutsideDia_mm, joint.outer.E_MPa) / kUm;
    if (raceway == "inner_body_bore")
        out["raceway_change_um"] = -p * fit::racewayShrinkage(d, joint.innerBoreDia_mm, joint.inner.E_MPa) / kUm;
    if (const auto mu = maybe(in, "mu"), width = maybe(in, "width_mm"); mu && width) {
        const double force = *mu * std::numbers::pi * d * *width * p;
        out["axial_force_N"] = force;
        out["slip_torque_Nm"] = force * d / 2000;
    }
    return out;
}

Result<Interval> pair(const Values& in, const char* name) {
    const auto& values = numbers(in, name);
    if (values.size() != 2 || !(values[0] <= values[1]))
        return refuse(ProblemCode::OutOfRange, name, {}, wanted("two numbers, the lower one first"));
    return Interval{values[0] * kUm, values[1] * kUm};
}

Result<Values> residualClearanceOf(const Values& in, const tables::Tables&) {
    fit::ResidualInput r;
    r.boreDia_mm = number(in, "bore_mm");
    r.outsideDia_mm = number(in, "od_mm");
    r.innerRacewayDia_mm = maybe(in, "inner_raceway_mm");
    r.outerRacewayDia_mm = maybe(in, "outer_raceway_mm");
    r.shaftBoreDia_mm = number(in, "shaft_bore_mm");
    r.housingOutsideDia_mm = number(in, "housing_od_mm");
    r.shaft = material(in, "shaft");
    r.ring = material(in, "ring");
    r.housing = material(in, "housing");
    r.clearance_mm = {number(in, "clearance_min_um") * kUm, number(in, "clearance_max_um") * kUm};
    for (const auto& [name, target] : {std::pair{"shaft_limits_um", &r.journal_mm},
                                       {"bore_limits_um", &r.bore_mm},
                                       {"od_limits_um", &r.outside_mm},
                                       {"hole_limits_um", &r.hole_mm}}) {
        const auto limits = pair(in, name);
        if (!limits) return tl::unexpected(limits.error());
        *target = *limits;
    }
    r.shaftSmoothing_mm = fit::smoothingLoss(number(in, "Rz_bore_um") * kUm, number(in, "Rz_shaft_um") * kUm);
    r.housingSmoothing_mm = fit::smoothingLoss(number(in, "Rz_housing_um") * kUm, number(in, "Rz_od_um") * kUm);
    r.shaftTemp_C = number(in, "T_shaft_C");
    r.innerRingTemp_C = number(in, "T_inner_ring_C");
    r.outerRingTemp_C = number(in, "T_outer_ring_C");
    r.housingTemp_C = number(in, "T_housing_C");
    r.elementTemp_C = maybe(in, "T_ball_C");
    const auto left = fit::residualClearance(r);
    if (!left) return tl::unexpected(left.error());
    return Values{{"residual_min_um", left->worst_mm.lower / kUm},
                  {"residual_nominal_um", left->nominal_mm / kUm},
                  {"residual_max_um", left->worst_mm.upper / kUm}};
}

Result<Values> assemblyTemperatureOf(const Values& in, const tables::Tables&) {
    // The joint opens by the one growing away from the other: seen from the inner body the signs turn round.
    const bool outer = text(in, "unknown") == "outer";
    const double d = number(in, "interface_mm");
    const double need = (number(in, "interference_20C_um") + number(in, "assembly_clearance_um")) * kUm / d;
    const double outerAlpha = number(in, "alpha_outer_per_K"), innerAlpha = number(in, "alpha_inner_per_K");
    const double other = number(in, "other_temp_C") - 20;
    return Values{{"temperature_C", outer ? 20 + (need + innerAlpha * other) / outerAlpha
                                          : 20 + (outerAlpha * other - need) / innerAlpha}};
}

Field finish(const char* name, const char* what) {
    return {name, Kind::Number, what, kFinish, Value(0.0)};
}
Field temperature(const char* name, const char* what) {
    return {name, Kind::Number, what, kTemp, Value(20.0)};
}
Field limits(const char* name, const char* what) {
    return {name, Kind::Numbers, what, kMicro};
}

} // namespace

std::vector<Calculation> jointCalculations() {
    return {
        {"press_joint",
         forReader("Pressure, stress and force of a pressed joint"),
         {"interference", forReader("Lamé"), "hoop", "press force", "torque", "grip", "hub", "seat"},
         {{"interface_mm", Kind::Number, forReader("diameter of the joint"), kSize},
          {"inner_bore_mm", Kind::Number, forReader("bore of the inner part, 0 when solid"), kBore, Value(0.0)},
          {"outer_od_mm", Kind::Number, forReader("outside of the outer part, 0 for a solid wall"), kBore},
          {"inner_material", Kind::Material, forReader("of the inner part")},
          {"outer_material", Kind::Material, forReader("of the outer part")},
          {"interference_20C_um", Kind::Number, forReader("on the diameter at 20 degC, tight is positive"), kMicro},
          {"raceway",
           Kind::Choice,
           forReader("the ring whose raceway moves"),
           {},
           Value("none"),
           false,
           {"none", "outer_body_od", "inner_body_bore"}},
          temperature("inner_temp_C", "of the inner part"),
          temperature("outer_temp_C", "of the outer part"),
          finish("Rz_inner_um", "finish of the inner part"),
          finish("Rz_outer_um", "finish of the outer part"),
          {"width_mm", Kind::Number, forReader("contact length"), kSize, std::nullopt, true},
          {"mu", Kind::Number, forReader("friction"), {1e-3, 1}, std::nullopt, true}},
         {{"interference_at_temp_um", forReader("interference at these temperatures")},
          {"effective_interference_um", forReader("after asperity flattening")},
          {"pressure_MPa", forReader("on the seat")},
          {"hoop_inner_bore_MPa", forReader("hoop stress at the inner part's bore, tension positive")},
          {"hoop_outer_bore_MPa", forReader("hoop stress at the outer part's bore")},
          {"raceway_change_um", forReader("growth of the raceway on the diameter")},
          {"axial_force_N", forReader("to slide it, at full length")},
          {"slip_torque_Nm", forReader("at which it turns")}},
         "HB4.4",
         pressJointOf},
        {"residual_clearance",
         forReader("Clearance left in a bearing in service"),
         {"running", "internal", "play", "C3", "working"},
         {{"bore_mm", Kind::Number, forReader("bore of the bearing"), kSize},
          {"od_mm", Kind::Number, forReader("outside of the bearing"), kSize},
          {"shaft_bore_mm", Kind::Number, forReader("0 when solid"), kBore, Value(0.0)},
          {"housing_od_mm", Kind::Number, forReader("0 for a solid wall"), kBore, Value(0.0)},
          {"inner_raceway_mm", Kind::Number, forReader("else d + (D - d)/4"), kSize, std::nullopt, true},
          {"outer_raceway_mm", Kind::Number, forReader("else D - (D - d)/4"), kSize, std::nullopt, true},
          {"shaft", Kind::Material, forReader("of the shaft"), {}, Value(fit::Elastic{210000, 0.3, 1.15e-5})},
          {"ring", Kind::Material, forReader("of the rings"), {}, Value(fit::Elastic{208000, 0.3, 1.19e-5})},
          {"housing", Kind::Material, forReader("of the housing")},
          {"clearance_min_um", Kind::Number, forReader("as made, least"), kMicro},
          {"clearance_max_um", Kind::Number, forReader("as made, greatest"), kMicro},
          limits("shaft_limits_um", "deviations of the journal, lower and upper"),
          limits("bore_limits_um", "deviations of the bearing's bore"),
          limits("od_limits_um", "deviations of the bearing's outside"),
          limits("hole_limits_um", "deviations of the housing's bore"),
          finish("Rz_shaft_um", "finish of the journal"),
          finish("Rz_bore_um", "finish of the bearing's bore"),
          finish("Rz_od_um", "finish of the bearing's outside"),
          finish("Rz_housing_um", "finish of the housing's bore"),
          temperature("T_shaft_C", "of the shaft"),
          temperature("T_inner_ring_C", "of the inner ring"),
          temperature("T_outer_ring_C", "of the outer ring"),
          temperature("T_housing_C", "of the housing"),
          {"T_ball_C", Kind::Number, forReader("of the elements, else between the rings"), kTemp, std::nullopt, true}},
         {{"residual_min_um", forReader("tightest parts")},
          {"residual_nominal_um", forReader("all sizes at their middle")},
          {"residual_max_um", forReader("loosest parts")}},
         "HB4.5",
         residualClearanceOf},
        {"assembly_temperature",
         forReader("Temperature to drop it in"),
         {"heat", "warm", "chill", "shrink", "oven", "freezer"},
         {{"unknown",
           Kind::Choice,
           forReader("the part whose temperature is asked"),
           {},
           Value("outer"),
           false,
           {"outer", "inner"}},
          {"interface_mm", Kind::Number, forReader("diameter of the joint"), kSize},
          {"interference_20C_um", Kind::Number, forReader("greatest, at 20 degC"), kMicro},
          {"assembly_clearance_um", Kind::Number, forReader("clearance wanted while it goes in"), {0, 5000}},
          {"alpha_outer_per_K", Kind::Number, forReader("expansion of the outer part"), {1e-7, 1e-3}},
          {"alpha_inner_per_K", Kind::Number, forReader("expansion of the inner part"), {1e-7, 1e-3}},
          {"other_temp_C", Kind::Number, forReader("of the other part"), kTemp, Value(20.0)}},
         {{"temperature_C", forReader("of the part asked for")}},
         "HB4.10",
         assemblyTemperatureOf},
    };
}

} // namespace arbor::calc
