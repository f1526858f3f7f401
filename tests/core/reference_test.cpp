// Values worked out elsewhere by two routes each (tests/data/reference.json), one test per topic that exists here.
#include "support/bearing_case.h"
#include "support/reference.h"

#include "core/catalog/rack.h"
#include "core/fit/press_joint.h"
#include "core/force/gauge.h"
#include "core/seating/seating.h"
#include "core/standards/limits.h"
#include "support/shop.h"

#include <gtest/gtest.h>
#include <numbers>

using namespace arbor;
using arbor::testing::demoTables;
using arbor::testing::expectReference;
using arbor::testing::referenceCases;
using nlohmann::json;

namespace {

constexpr double kUm = 1e-3;

fit::Elastic elasticOf(const json& m) {
    return {m.at("E_MPa"), m.at("nu"), m.at("alpha_per_K")};
}

catalog::Material materialOf(const json& m) {
    return {m.at("name"), m.at("E_MPa"), m.at("nu"), m.at("alpha_per_K"),
            300,          7800,          200,        catalog::FrictionFamily::Steel};
}

Interval limitsOf(const json& pair) {
    return {pair.at(0).get<double>() * kUm, pair.at(1).get<double>() * kUm};
}

} // namespace

TEST(Reference, IsoLimits) {
    for (const auto& c : referenceCases("iso_limits")) {
        const auto toleranceClass = standards::parseToleranceClass(c["inputs"]["tolerance_class"]).value();
        const auto limits = standards::limitDeviations(demoTables().iso286, c["inputs"]["nominal_mm"], toleranceClass);
        if (c["expected"].contains("defined")) {
            ASSERT_FALSE(limits) << c["id"];
            EXPECT_EQ(limits.error().code, ProblemCode::NotDefined) << c["id"];
            continue;
        }
        ASSERT_TRUE(limits) << c["id"];
        expectReference(c, "lower_um", limits->lower / kUm);
        expectReference(c, "upper_um", limits->upper / kUm);
    }
}

TEST(Reference, BearingLimits) {
    int checked = 0;
    for (const auto& c : referenceCases("bearing_limits")) {
        const std::string surface = c["inputs"]["surface"];
        if (surface != "bore" && surface != "od") continue; // tapered bearings have tables of their own
        const auto& tables = demoTables().bearingTables;
        const auto limits = surface == "bore"
                                ? standards::boreDeviation(tables, c["inputs"]["size_mm"], c["inputs"]["class"])
                                : standards::outsideDeviation(tables, c["inputs"]["size_mm"], c["inputs"]["class"]);
        ASSERT_TRUE(limits) << c["id"];
        expectReference(c, "lower_um", limits->lower / kUm);
        expectReference(c, "upper_um", limits->upper / kUm);
        ++checked;
    }
    EXPECT_GE(checked, 3);
}

TEST(Reference, BearingClearance) {
    for (const auto& c : referenceCases("bearing_clearance")) {
        const auto clearance = standards::radialClearance(demoTables().bearingTables.clearance, c["inputs"]["bore_mm"],
                                                          c["inputs"]["group"]);
        ASSERT_TRUE(clearance) << c["id"];
        expectReference(c, "min_um", clearance->lower / kUm);
        expectReference(c, "max_um", clearance->upper / kUm);
    }
}

TEST(Reference, InterferenceRange) {
    const auto& lib = demoTables();
    for (const auto& c : referenceCases("interference_range")) {
        const auto& in = c["inputs"];
        const bool bore = in["surface"] == "bore";
        const auto classLimits =
            standards::limitDeviations(lib.iso286, in["nominal_mm"],
                                       standards::parseToleranceClass(in["tolerance_class"]).value())
                .value();
        const auto ring = (bore ? standards::boreDeviation(lib.bearingTables, in["nominal_mm"], in["bearing_class"])
                                : standards::outsideDeviation(lib.bearingTables, in["nominal_mm"], in["bearing_class"]))
                              .value();
        const auto& male = bore ? classLimits : ring;
        const auto& female = bore ? ring : classLimits;
        expectReference(c, "interference_min_um", (male.lower - female.upper) / kUm);
        expectReference(c, "interference_mid_um", (male.mid() - female.mid()) / kUm);
        expectReference(c, "interference_max_um", (male.upper - female.lower) / kUm);
    }
}

TEST(Reference, PressJoint) {
    for (const auto& c : referenceCases("press_joint")) {
        const auto& in = c["inputs"];
        fit::JointInput joint;
        joint.interfaceDia_mm = in["interface_mm"];
        joint.innerBoreDia_mm = in["inner_bore_mm"];
        joint.outerOutsideDia_mm = in["outer_od_mm"];
        joint.inner = elasticOf(in["inner_material"]);
        joint.outer = elasticOf(in["outer_material"]);
        joint.interferenceDia_mm = in["interference_20C_um"].get<double>() * kUm;
        joint.smoothing_mm =
            fit::smoothingLoss(in["Rz_outer_um"].get<double>() * kUm, in["Rz_inner_um"].get<double>() * kUm);
        joint.innerTemp_C = in["inner_temp_C"];
        joint.outerTemp_C = in["outer_temp_C"];
        const auto result = fit::pressJoint(joint);
        ASSERT_TRUE(result) << c["id"];
        const double d = joint.interfaceDia_mm, p = result->pressure_MPa;
        expectReference(c, "interference_at_temp_um", result->interferenceAtTemp_mm / kUm);
        expectReference(c, "effective_interference_um", result->effective_mm / kUm);
        expectReference(c, "pressure_MPa", p);
        expectReference(c, "hoop_inner_bore_MPa", result->innerBoreHoop_MPa);
        expectReference(c, "hoop_outer_bore_MPa", result->outerBoreHoop_MPa);
        const double change = in["raceway"] == "outer_body_od"
                                  ? p * fit::racewayGrowth(d, in["outer_od_mm"], joint.outer.E_MPa)
                                  : -p * fit::racewayShrinkage(d, in["inner_bore_mm"], joint.inner.E_MPa);
        expectReference(c, "raceway_change_um", change / kUm);
        if (!in.contains("mu")) continue;
        const double force = in["mu"].get<double>() * std::numbers::pi * d * p * in["width_mm"].get<double>();
        expectReference(c, "axial_force_N", force);
        expectReference(c, "slip_torque_Nm", force * d / 2000);
    }
}

TEST(Reference, ResidualClearance) {
    for (const auto& c : referenceCases("residual_clearance")) {
        const auto& in = c["inputs"];
        const auto surface = [&](const char* limits, const char* rz) {
            return fit::SizedSurface{fit::Spread::ofLimits(limitsOf(in[limits])), in[rz].get<double>() * kUm};
        };
        arbor::testing::BearingCase input;
        input.bearing = {
            "case", catalog::BearingType::DeepGrooveBall, in["bore_mm"], in["od_mm"], 20, 20, 20, 1, 1, 0, 10, 9, 0};
        input.asMade_mm = {in["clearance_min_um"].get<double>() * kUm, in["clearance_max_um"].get<double>() * kUm};
        input.housing.dia_mm = in["od_mm"];
        input.housing.outer = {materialOf(in["housing"]), in["housing_od_mm"],
                               surface("hole_limits_um", "Rz_housing_um"), in["T_housing_C"]};
        input.housing.inner = {materialOf(in["ring"]), in["outer_raceway_mm"], surface("od_limits_um", "Rz_od_um"),
                               in["T_outer_ring_C"]};
        input.shaft.emplace();
        input.shaft->dia_mm = in["bore_mm"];
        input.shaft->outer = {materialOf(in["ring"]), in["inner_raceway_mm"], surface("bore_limits_um", "Rz_bore_um"),
                              in["T_inner_ring_C"]};
        input.shaft->inner = {materialOf(in["shaft"]), in["shaft_bore_mm"], surface("shaft_limits_um", "Rz_shaft_um"),
                              in["T_shaft_C"]};
        for (auto* seat : {&input.housing, &*input.shaft})
            seat->friction = {0.1, 0.1};
        input.innerRingTemp_C = in["T_inner_ring_C"];
        input.outerRingTemp_C = in["T_outer_ring_C"];
        const auto result = arbor::testing::answer(input);
        ASSERT_TRUE(result) << c["id"];
        expectReference(c, "residual_min_um", result->clearance.worst_mm.lower / kUm);
        expectReference(c, "residual_nominal_um", result->clearance.nominal_mm / kUm);
        expectReference(c, "residual_max_um", result->clearance.worst_mm.upper / kUm);
    }
}

TEST(Reference, AssemblyTemperature) {
    for (const auto& c : referenceCases("assembly_temperature")) {
        const auto& in = c["inputs"];
        const auto temperature =
            fit::assemblyTemperature({in["interface_mm"], in["interference_20C_um"].get<double>() * kUm,
                                      in["assembly_clearance_um"].get<double>() * kUm, in["alpha_outer_per_K"],
                                      in["alpha_inner_per_K"], in["other_temp_C"]});
        ASSERT_TRUE(temperature) << c["id"];
        expectReference(c, "temperature_C", *temperature);
    }
}

TEST(Reference, SeatPlane) {
    for (const auto& c : referenceCases("seat_plane")) {
        std::vector<seating::Reading> heights;
        for (std::size_t i = 0; i < c["inputs"]["angles_deg"].size(); ++i)
            heights.push_back({c["inputs"]["angles_deg"][i], c["inputs"]["heights_um"][i].get<double>() * kUm});
        const auto fit = seating::fitPlane(heights, c["inputs"]["radius_mm"]);
        ASSERT_TRUE(fit) << c["id"];
        expectReference(c, "tilt_arcmin", fit->tilt_arcmin());
        expectReference(c, "high_azimuth_deg", fit->highAngle_deg);
        expectReference(c, "rise_um", fit->rise_mm / kUm);
        expectReference(c, "rms_um", fit->rms_mm / kUm);
        expectReference(c, "residual_range_um", fit->residualRange_mm / kUm);
    }
}

TEST(Reference, HydraulicRam) {
    for (const auto& c : referenceCases("hydraulic_ram")) {
        catalog::Press press;
        press.pistonDia_mm = c["inputs"]["ram_bore_mm"];
        press.gaugeUnit = catalog::GaugeUnit::Bar;
        if (c["inputs"].contains("gauge"))
            expectReference(c, "force_N", force::gaugeForce(press, c["inputs"]["gauge"]).value());
        else
            expectReference(c, "gauge", force::gaugeReading(press, c["inputs"]["force_N"]).value());
    }
}
