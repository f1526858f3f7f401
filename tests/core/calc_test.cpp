// The bench calculator: every reference case through it, its search, its defaults, and what it refuses.
#include "core/calc/calculation.h"
#include "core/calc/into_job.h"
#include "core/fit/residual.h"
#include "core/plan/plan_job.h"
#include "io/calc_line.h"
#include "io/results/calc_json.h"
#include "support/drawing.h"
#include "support/reference.h"
#include "support/shop.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <rapidcheck.h>
#include <set>

using namespace arbor;
using arbor::testing::demoTables;
using arbor::testing::expectReference;
using arbor::testing::fitOf;
using arbor::testing::hole;
using arbor::testing::journal;
using arbor::testing::referenceCases;
using calc::Values;

namespace {

Values of(const nlohmann::json& inputs) {
    return io::valuesFromJson(inputs).value();
}

Result<Values> run(const char* name, const nlohmann::json& inputs) {
    return calc::evaluate(*calc::named(name), of(inputs), demoTables());
}

double number(const Result<Values>& out, const char* name) {
    return std::get<double>(out.value().at(name));
}

void expectEach(const nlohmann::json& c, const std::string& key, const std::vector<double>& values) {
    const auto& expected = c.at("expected").at(key);
    ASSERT_EQ(values.size(), expected.size()) << c.at("id") << " " << key;
    for (std::size_t i = 0; i < values.size(); ++i)
        EXPECT_NEAR(values[i], expected[i].get<double>(), c.at("tol").at(key).value("abs", 0.0)) << c.at("id") << key;
}

} // namespace

TEST(Calc, AgreesWithEveryReferenceCaseOfItsTopics) {
    int checked = 0;
    for (const char* topic : {"iso_limits", "bearing_limits", "bearing_clearance", "interference_range", "press_joint",
                              "residual_clearance", "assembly_temperature", "hydraulic_ram", "seat_plane", "wedging",
                              "puller_screw", "lumped_cooling", "chill_insert", "end_play"}) {
        for (const auto& c : referenceCases(topic)) {
            const auto out = run(topic, c["inputs"]);
            ASSERT_TRUE(out) << c["id"] << " " << out.error().field << " " << out.error().limit.english();
            for (const auto& [key, expected] : c["expected"].items()) {
                if (expected.is_null()) {
                    EXPECT_FALSE(out->contains(key)) << c["id"] << " " << key; // never in that time
                    continue;
                }
                ASSERT_TRUE(out->contains(key)) << c["id"] << " " << key;
                if (const auto* yes = std::get_if<bool>(&out->at(key)))
                    EXPECT_EQ(*yes, expected.get<bool>()) << c["id"] << " " << key;
                else if (expected.is_array())
                    expectEach(c, key, std::get<std::vector<double>>(out->at(key)));
                else
                    expectReference(c, key, std::get<double>(out->at(key)));
                ++checked;
            }
        }
    }
    EXPECT_GE(checked, 120);
}

TEST(Calc, NamesOfFieldsSayTheirUnitAndOutputsAreAllListed) {
    std::set<std::string> names;
    for (const auto& c : calc::calculations()) {
        EXPECT_TRUE(names.insert(c.name).second) << c.name;
        EXPECT_EQ(calc::named(c.name), &c);
        EXPECT_FALSE(words::sourceName(c.source).empty()) << c.name;
        for (const auto& field : c.inputs) {
            EXPECT_FALSE(field.what.empty()) << c.name << " " << field.name;
            EXPECT_EQ(field.kind == calc::Kind::Choice, !field.choices.empty()) << c.name << " " << field.name;
        }
    }
    // What comes out is announced: nothing is lost on the way to the screen.
    const auto out =
        run("wedging", {{"diameter_mm", 30}, {"mu", 0.1}, {"depth_mm", 1}, {"clearance_um", 20}, {"tilt_arcmin", 9}});
    for (const auto& [name, value] : *out)
        EXPECT_TRUE(io::valuesJson(*calc::named("wedging"), *out).contains(name)) << name;
}

TEST(Calc, IsFoundByWhatOneWouldCallIt) {
    const auto first = [](const char* search) {
        const auto hits = calc::find(search);
        return hits.empty() ? std::string("nothing") : hits.front()->name;
    };
    EXPECT_EQ(first("tolerance class"), "iso_limits");
    EXPECT_EQ(first("gauge"), "hydraulic_ram");
    EXPECT_EQ(first("draw bolt"), "puller_screw");
    EXPECT_EQ(first("oven"), "assembly_temperature");
    EXPECT_EQ(first("stuck rust"), "breakaway");
    EXPECT_EQ(first("clearance left"), "residual_clearance");
    EXPECT_EQ(first("PRESS jo"), "press_joint");
    EXPECT_EQ(first("weather"), "nothing");
    EXPECT_EQ(calc::find("").size(), calc::calculations().size());
}

TEST(Calc, RefusesWithFieldAndReason) {
    const auto problem = [](const char* name, const nlohmann::json& inputs) { return run(name, inputs).error(); };
    EXPECT_EQ(problem("wedging", {{"diameter_mm", 30}}).field, "mu");
    EXPECT_EQ(problem("wedging", {{"diameter_mm", 30}}).code, ProblemCode::Missing);
    EXPECT_EQ(problem("wedging", {{"diameter_mm", -30}, {"mu", 0.1}}).code, ProblemCode::OutOfRange);
    EXPECT_EQ(problem("wedging", {{"diameter_mm", "wide"}, {"mu", 0.1}}).code, ProblemCode::Malformed);
    EXPECT_EQ(problem("wedging", {{"diameter_mm", 30}, {"mu", 0.1}, {"colour", 1}}).code, ProblemCode::UnknownKey);
    EXPECT_EQ(problem("bearing_limits", {{"surface", "side"}, {"size_mm", 30}}).field, "surface");
    EXPECT_EQ(problem("interference_range", {{"surface", "bore"}, {"nominal_mm", 30}, {"tolerance_class", "H7"}}).code,
              ProblemCode::UnknownClass);
    EXPECT_EQ(problem("hydraulic_ram", {{"ram_bore_mm", 50}}).field, "gauge");
    EXPECT_EQ(problem("hydraulic_ram", {{"ram_bore_mm", 50}, {"ram_rod_mm", 60}, {"gauge", 1}}).field, "ram_rod_mm");
    EXPECT_EQ(problem("static_rating", {{"designation", "9999"}}).field, "designation");
    EXPECT_EQ(problem("seat_plane", {{"radius_mm", 20}, {"angles_deg", {0, 90}}, {"heights_um", {1, 2, 3}}}).field,
              "heights_um");
    EXPECT_EQ(problem("press_joint", {{"interface_mm", 50},
                                      {"outer_od_mm", 50},
                                      {"inner_material", "bearing_steel"},
                                      {"outer_material", "cheese"},
                                      {"interference_20C_um", 10}})
                  .field,
              "outer_material");
    EXPECT_EQ(io::valuesFromJson({{"m", {{"E_MPa", 1}}}}).error().field, "m/nu");
    EXPECT_EQ(io::valuesFromJson(nlohmann::json::array()).error().code, ProblemCode::Malformed);
}

// Equal diameters, no wall, Q towards 1: a clear refusal or the right limit, never a number that is none.
TEST(Calc, LimitsOfAJointGiveNoNonsense) {
    const auto joint = [](double bore, double interface, double outside) {
        return run("press_joint", {{"interface_mm", interface},
                                   {"inner_bore_mm", bore},
                                   {"outer_od_mm", outside},
                                   {"inner_material", "bearing_steel"},
                                   {"outer_material", "carbon_steel"},
                                   {"interference_20C_um", 20},
                                   {"width_mm", 10},
                                   {"mu", 0.1}});
    };
    EXPECT_EQ(joint(0, 50, 50).error().code, ProblemCode::GeometryOrder);
    EXPECT_EQ(joint(50, 50, 80).error().code, ProblemCode::GeometryOrder);
    EXPECT_EQ(joint(60, 50, 80).error().code, ProblemCode::GeometryOrder);
    EXPECT_TRUE(rc::check([&] {
        const double interface = *rc::gen::inRange(2, 3000), q = *rc::gen::inRange(0, 100000) / 100001.0;
        const double Q = *rc::gen::inRange(1, 100000) / 100001.0;
        const auto out = joint(q * interface, interface, std::min(interface / Q, 3000.0));
        if (!out) return;
        for (const auto& [name, value] : *out)
            RC_ASSERT(std::isfinite(std::get<double>(value)));
        // A thin wall takes the interference without pressure; it is never negative.
        RC_ASSERT(std::get<double>(out->at("pressure_MPa")) >= 0);
    }));
}

TEST(Calc, TemperatureOfEitherPartUndoesTheOther) {
    // 50 mm, 33 um and 40 um of room: the ring alone needs 20 + 0.073 / (50 * 1.19e-5) = 142.69 degC. Chilling the
    // shaft alone: 20 - 0.073 / (50 * 1.15e-5) = -106.96 degC.
    const auto in = [](const char* unknown) {
        return nlohmann::json{{"unknown", unknown},           {"interface_mm", 50},
                              {"interference_20C_um", 33},    {"assembly_clearance_um", 40},
                              {"alpha_outer_per_K", 1.19e-5}, {"alpha_inner_per_K", 1.15e-5}};
    };
    EXPECT_NEAR(number(run("assembly_temperature", in("outer")), "temperature_C"), 142.689, 1e-3);
    EXPECT_NEAR(number(run("assembly_temperature", in("inner")), "temperature_C"), -106.957, 1e-3);
}

TEST(Calc, RamAndScrewGoThereAndBack) {
    for (const char* unit : {"bar", "MPa", "psi", "tonne_force", "short_ton"}) {
        const auto force =
            run("hydraulic_ram",
                {{"gauge_unit", unit}, {"ram_bore_mm", 60}, {"ram_rod_mm", 20}, {"rams", 2}, {"gauge", 7}});
        const auto back = run("hydraulic_ram", {{"gauge_unit", unit},
                                                {"ram_bore_mm", 60},
                                                {"ram_rod_mm", 20},
                                                {"rams", 2},
                                                {"force_N", number(force, "force_N")}});
        EXPECT_NEAR(number(back, "gauge"), 7, 1e-9) << unit;
    }
    // Two rams 60/20: area 2 pi/4 (3600 - 400) = 5026.5 mm^2; 7 MPa is 35186 N.
    EXPECT_NEAR(number(run("hydraulic_ram",
                           {{"gauge_unit", "MPa"}, {"ram_bore_mm", 60}, {"ram_rod_mm", 20}, {"rams", 2}, {"gauge", 7}}),
                       "force_N"),
                35186, 1);
    // Without friction the work goes over whole: T = F P / 2 pi = 1000 * 2 / 6.28319 = 318.31 N mm.
    const auto smooth = run("puller_screw", {{"thread_mm", 16}, {"pitch_mm", 2}, {"mu_thread", 0}, {"force_N", 1000}});
    EXPECT_NEAR(number(smooth, "torque_Nm"), 0.31831, 1e-5);
    EXPECT_NEAR(number(smooth, "efficiency"), 1, 1e-9);
}

TEST(InchTaperLimits, LeaveMetalOn) {
    const auto limits = [](const char* surface, double size, const char* ringClass) {
        return run("bearing_limits", {{"surface", surface}, {"size_mm", size}, {"class", ringClass}});
    };
    EXPECT_EQ(number(limits("inch_tapered_bore", 50.8, "4"), "upper_um"), 13);
    EXPECT_EQ(number(limits("inch_tapered_od", 82.55, "4"), "upper_um"), 25);
    EXPECT_EQ(number(limits("inch_tapered_od", 82.55, "00"), "upper_um"), 8);
    EXPECT_EQ(number(limits("inch_tapered_bore", 50.8, "4"), "lower_um"), 0);
    EXPECT_EQ(limits("inch_tapered_bore", 50.8, "7").error().code, ProblemCode::UnknownClass);
    EXPECT_EQ(limits("inch_tapered_bore", 400, "0").error().code, ProblemCode::NotDefined);
}

TEST(CalcLine, TakesTheSizesWhereTheyFit) {
    const auto values = [](const char* line) {
        const auto read = io::readCalcLine(line);
        return io::valuesFromSizes(*read.hits.front(), read.sizes, demoTables());
    };
    const auto limits = values("limits 62 N7").value();
    EXPECT_EQ(std::get<double>(limits.at("nominal_mm")), 62);
    EXPECT_EQ(std::get<std::string>(limits.at("tolerance_class")), "N7");
    EXPECT_NEAR(std::get<double>(values("limits 2.5in k6")->at("nominal_mm")), 63.5, 1e-9);
    EXPECT_EQ(io::readCalcLine("limits 62 N7").hits.front()->name, "iso_limits");
    const auto heat = values("drop in 62 39um 62um 1.05e-5 1.19e-5").value();
    EXPECT_EQ(std::get<double>(heat.at("interference_20C_um")), 39);
    EXPECT_EQ(std::get<double>(heat.at("assembly_clearance_um")), 62);
    EXPECT_EQ(std::get<double>(heat.at("alpha_inner_per_K")), 1.19e-5);
    // What must be given is filled before what may be left out, and that before what has a usual value.
    const auto gauge = values("gauge 60 7").value();
    EXPECT_EQ(std::get<double>(gauge.at("ram_bore_mm")), 60);
    EXPECT_EQ(std::get<double>(gauge.at("gauge")), 7);
    EXPECT_FALSE(gauge.contains("ram_rod_mm"));
    const auto force = values("gauge 60 2kN MPa").value();
    EXPECT_EQ(std::get<double>(force.at("force_N")), 2000);
    EXPECT_EQ(std::get<std::string>(force.at("gauge_unit")), "MPa");
    EXPECT_EQ(values("limits 62 N7 12 13 14").error().value, "12");
    EXPECT_EQ(std::get<double>(values("limits nominal_mm=2in N7")->at("nominal_mm")), 50.8);
    EXPECT_NEAR(std::get<double>(values("drop in 50 10 20 1e-5 1e-5 212F")->at("other_temp_C")), 100, 1e-9);
}

TEST(CalcLine, SizesWithoutNamesGoWhereTheyMakeSense) {
    const auto values = [](const char* line) {
        const auto read = io::readCalcLine(line);
        return io::valuesFromSizes(*read.hits.front(), read.sizes, demoTables());
    };
    // Bore 54 of the ring, seat 62, outside 92 of the housing, in whatever order they are typed.
    for (const char* line :
         {"press 62 54 92 bearing_steel grey_cast_iron 20um", "press 62 92 54 bearing_steel grey_cast_iron 20um",
          "press 54 62 92 20um bearing_steel grey_cast_iron",
          "press 62,0 54,0 92,0 bearing_steel grey_cast_iron 20um"}) {
        const auto v = values(line);
        ASSERT_TRUE(v) << line;
        EXPECT_EQ(std::get<double>(v->at("interface_mm")), 62) << line;
        EXPECT_EQ(std::get<double>(v->at("inner_bore_mm")), 54) << line;
        EXPECT_EQ(std::get<double>(v->at("outer_od_mm")), 92) << line;
        EXPECT_EQ(std::get<double>(v->at("interference_20C_um")), 20) << line;
    }
    // A solid part inside: what has a usual value is left alone.
    const auto solid = values("press 30 60 carbon_steel carbon_steel 15um").value();
    EXPECT_EQ(std::get<double>(solid.at("interface_mm")), 30);
    EXPECT_EQ(std::get<double>(solid.at("outer_od_mm")), 60);
    EXPECT_FALSE(solid.contains("inner_bore_mm"));
}

TEST(CalcLine, WordsFindAndSizesDoNot) {
    EXPECT_TRUE(io::readCalcLine("limits").sizes.empty());
    EXPECT_EQ(io::readCalcLine("").hits.size(), calc::calculations().size());
    EXPECT_TRUE(io::readCalcLine("xyzzy").hits.empty());
    EXPECT_EQ(io::readCalcLine("62 N7").hits.size(), calc::calculations().size());
}

TEST(IntoJob, ASeatBecomesAJobThatCanBePlanned) {
    const auto job = [](const char* name, const nlohmann::json& in) {
        return calc::jobFrom(*calc::named(name), of(in), demoTables(), "P30");
    };
    const auto housed = job("iso_limits", {{"nominal_mm", 62}, {"tolerance_class", "M7"}}).value();
    EXPECT_EQ(hole(housed).size->typed, "M7");
    const auto plan = plan::planJob(housed, demoTables());
    EXPECT_FALSE(plan.problem()) << plan.problem()->field;
    EXPECT_NEAR(fitOf(plan)->interferenceNominal_mm, 0.0085, 1e-9);
    const auto shaft =
        job("interference_range", {{"surface", "bore"}, {"nominal_mm", 30}, {"tolerance_class", "k6"}}).value();
    EXPECT_EQ(journal(shaft).size->typed, "k6");
    EXPECT_FALSE(plan::planJob(shaft, demoTables()).problem());
    EXPECT_EQ(job("iso_limits", {{"nominal_mm", 61}, {"tolerance_class", "M7"}}).error().field, "nominal_mm");
    EXPECT_EQ(job("puller_screw", {{"thread_mm", 16}}).error().code, ProblemCode::NotDefined);
    for (const auto& bearing : demoTables().bearings) {
        if (bearing.type != catalog::BearingType::DeepGrooveBall) continue;
        const auto made = job("iso_limits", {{"nominal_mm", bearing.outsideDia_mm}, {"tolerance_class", "N7"}}).value();
        EXPECT_FALSE(plan::planJob(made, demoTables()).problem()) << bearing.designation;
    }
}

// Whatever is typed: an answer, or a refusal that names its place.
TEST(CalcLine, TakesAnyLineWithoutHarm) {
    ASSERT_TRUE(rc::check("lines", [] {
        const auto pieces = *rc::gen::container<std::vector<std::string>>(
            rc::gen::oneOf(rc::gen::element<std::string>("limits", "N7", "62", "0", "-1", "1e99", "40um", "2.5in", "kN",
                                                         "od", "bearing_steel", "6206", "=", "a=", "=b", "nominal_mm=x",
                                                         "1,2,3", "nan", "inf", "0F", "MPa", "C3"),
                           rc::gen::string<std::string>()));
        std::string line;
        for (const auto& piece : pieces)
            line += piece + " ";
        const auto read = io::readCalcLine(line);
        for (const auto* c : read.hits) {
            const auto values = io::valuesFromSizes(*c, read.sizes, demoTables());
            if (!values) {
                RC_ASSERT(!values.error().field.empty());
                continue;
            }
            const auto answer = calc::evaluate(*c, *values, demoTables());
            if (!answer) {
                RC_ASSERT(!answer.error().field.empty());
                continue;
            }
            for (const auto& [name, value] : *answer)
                if (const auto* number = std::get_if<double>(&value)) RC_ASSERT(std::isfinite(*number));
        }
    }));
}
