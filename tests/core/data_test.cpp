// Sanity of the shipped tables, and what their loaders refuse.
#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/catalog/rack.h"
#include "core/standards/table.h"
#include "support/shop.h"

#include <cmath>
#include <gtest/gtest.h>
#include <map>
#include <numbers>
#include <set>
#include <tuple>
#include <utility>

using namespace arbor;
using arbor::testing::demoLibrary;
using arbor::testing::replaced;

namespace {

const std::string kTable = R"({"id":"t","version":1,"source":"s","interval":"over ... up to and including","lookup":"l",
 "size_unit":"mm","value_unit":"um","size_steps":[0,3,6],"rows":{"IT5":[4,null]}})";

const std::string kRackHeader = "id,kind,name,outside_mm,bore_mm,length_mm,head_dia_mm,head_mm,place\n";

} // namespace

TEST(StepTable, GivesTheStepThatHoldsTheSize) {
    const auto table = standards::StepTable::fromJson(kTable).value();
    EXPECT_EQ(table.at("IT5", 3).value(), 4.0);
    EXPECT_EQ(table.at("IT5", 3.1).value(), std::nullopt);
    EXPECT_EQ(table.at("IT5", 6.1).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(table.at("IT5", 0).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(table.at("IT6", 3).error().code, ProblemCode::UnknownName);
}

TEST(StepTable, RefusesDamagedTables) {
    using standards::StepTable;
    const auto code = [](const std::string& text) { return StepTable::fromJson(text).error().code; };
    EXPECT_EQ(code(replaced(kTable, "\"lookup\"", "\"look\"")), ProblemCode::UnknownKey);
    EXPECT_EQ(code(replaced(kTable, "[0,3,6]", "[0,6,3]")), ProblemCode::GeometryOrder);
    EXPECT_EQ(code(replaced(kTable, "[0,3,6]", "[0,3,3]")), ProblemCode::GeometryOrder);
    EXPECT_EQ(code(replaced(kTable, "[4,null]", "[4]")), ProblemCode::OutOfRange);
    EXPECT_EQ(code(replaced(kTable, "[4,null]", "[4,\"x\"]")), ProblemCode::Malformed);
    EXPECT_EQ(code(replaced(kTable, "[4,null]}", "[4,5],\"IT5\":[1,2]}")), ProblemCode::Duplicate);
    EXPECT_EQ(code("[1,2]"), ProblemCode::Malformed);
    EXPECT_EQ(StepTable::fromJson("{\n \"id\": }").error().field.substr(0, 6), "line 2");
}

TEST(Data, GradesRiseWithSizeAndWithNumber) {
    const auto& rows = demoLibrary().iso286.grades.rows();
    for (int grade = 1; grade <= 18; ++grade) {
        const auto& row = rows.at("IT" + std::to_string(grade));
        for (std::size_t i = 0; i + 1 < row.size(); ++i)
            EXPECT_LE(*row[i], *row[i + 1]) << "IT" << grade;
        for (std::size_t i = 0; grade > 1 && i < row.size(); ++i)
            EXPECT_GT(*row[i], *rows.at("IT" + std::to_string(grade - 1))[i]) << "IT" << grade;
    }
}

TEST(Data, ClearanceGroupsFollowEachOther) {
    const auto& t = demoLibrary().bearingTables;
    for (const double bore : {8.0, 12.0, 20.0, 30.0, 45.0, 60.0, 90.0, 130.0, 190.0, 300.0, 400.0}) {
        const char* groups[] = {"C2", "CN", "C3", "C4"};
        for (int i = 0; i + 1 < 4; ++i) {
            const auto a = standards::radialClearance(t, bore, groups[i]).value(),
                       b = standards::radialClearance(t, bore, groups[i + 1]).value();
            EXPECT_LT(a.lower, a.upper);
            EXPECT_LT(a.lower, b.lower) << bore << groups[i];
            EXPECT_LT(a.upper, b.upper) << bore << groups[i];
        }
    }
}

TEST(Data, BearingsObeyTheirSeries) {
    for (const auto& b : demoLibrary().bearings) {
        const int code = std::stoi(b.designation.substr(b.designation.size() - 2));
        const double bore = code >= 4 ? 5.0 * code : std::array{10.0, 12.0, 15.0, 17.0}[static_cast<std::size_t>(code)];
        EXPECT_EQ(b.boreDia_mm, bore) << b.designation;
        EXPECT_LT(b.ballDia_mm * b.rows, b.width_mm) << b.designation;
        const double pitchArc = std::numbers::pi * b.pitchDia_mm() / b.ballDia_mm;
        EXPECT_LT(b.ballCount, pitchArc) << b.designation << ": more balls than go round";
        EXPECT_LT(b.outerFaceInnerDia_mm(), b.outerFaceOuterDia_mm()) << b.designation;
        EXPECT_TRUE(catalog::staticRating(demoLibrary().bearingTables, b, std::nullopt)) << b.designation;
    }
}

TEST(Data, BearingsOfOneSeriesGrowWithTheirBore) {
    std::map<std::string, const catalog::Bearing*> lastOf;
    for (const auto& b : demoLibrary().bearings) {
        const auto series = b.designation.substr(0, b.designation.size() - 2);
        if (const auto* last = std::exchange(lastOf[series], &b)) {
            EXPECT_GT(b.boreDia_mm, last->boreDia_mm) << b.designation;
            EXPECT_GT(b.outsideDia_mm, last->outsideDia_mm) << b.designation;
            EXPECT_GE(b.width_mm, last->width_mm) << b.designation;
            EXPECT_GE(b.chamfer_mm, last->chamfer_mm) << b.designation;
        }
    }
    EXPECT_EQ(lastOf.size(), 9u);
}

TEST(Data, HeavierSeriesAreLargerOnTheSameBore) {
    // Diameter series 8, 9, 0, 2, 3, 4 of ISO 15.
    const char* series[] = {"618", "619", "60", "62", "63", "64"};
    for (const char* code : {"04", "06", "08", "10", "14", "18"})
        for (std::size_t i = 0; i + 1 < std::size(series); ++i) {
            const auto* light = catalog::findBearing(demoLibrary().bearings, std::string(series[i]) + code);
            const auto* heavy = catalog::findBearing(demoLibrary().bearings, std::string(series[i + 1]) + code);
            ASSERT_TRUE(light && heavy) << code;
            EXPECT_LT(light->outsideDia_mm, heavy->outsideDia_mm) << heavy->designation;
        }
}

// Rows as ISO 15 prints them.
TEST(Data, KnownBearings) {
    const std::tuple<const char*, double, double, double> rows[] = {
        {"61808", 40, 52, 7},   {"61910", 50, 72, 12},   {"16008", 40, 68, 9},   {"6024", 120, 180, 28},
        {"6206", 30, 62, 16},   {"6215", 75, 130, 25},   {"6319", 95, 200, 45},  {"6410", 50, 130, 31},
        {"3206", 30, 62, 23.8}, {"3214", 70, 125, 39.7}, {"3310", 50, 110, 44.4}};
    for (const auto& [designation, bore, outside, width] : rows) {
        const auto* b = catalog::findBearing(demoLibrary().bearings, designation);
        ASSERT_TRUE(b) << designation;
        EXPECT_EQ(b->boreDia_mm, bore) << designation;
        EXPECT_EQ(b->outsideDia_mm, outside) << designation;
        EXPECT_EQ(b->width_mm, width) << designation;
    }
}

TEST(StaticRating, ComesFromIso76ByHand) {
    // 6206 as stated: Dw 9.6, 9 balls, Dpw 46: Dw/Dpw = 0.2087, f0 between 14.0 (0.20) and 13.7 (0.21) = 13.739; C0
    // = 13.739 * 9 * 92.16 = 11396 N.
    const auto* b = catalog::findBearing(demoLibrary().bearings, "6206");
    const auto rating = catalog::staticRating(demoLibrary().bearingTables, *b, std::nullopt).value();
    EXPECT_NEAR(rating.radial_N, 11396, 5);
    EXPECT_NEAR(rating.axial_N, 5698, 3);
    EXPECT_TRUE(rating.estimate);
    // 3206: Dw 8, 13 balls, 30 degrees, two rows: 8 cos30 / 46 = 0.1506, f0 = 15.18; C0 = 15.18 * 2 * 13 * 64 * 0.8660
    // = 21877 N, axially / 0.66.
    const auto* two = catalog::findBearing(demoLibrary().bearings, "3206");
    const auto both = catalog::staticRating(demoLibrary().bearingTables, *two, std::nullopt).value();
    EXPECT_NEAR(both.radial_N, 21877, 10);
    EXPECT_NEAR(both.axial_N, 33147, 20);
}

TEST(StaticRating, TypedFigureReplacesTheEstimate) {
    const auto* b = catalog::findBearing(demoLibrary().bearings, "6206");
    const auto rating = catalog::staticRating(demoLibrary().bearingTables, *b, 11200.0).value();
    EXPECT_EQ(rating.axial_N, 5600);
    EXPECT_FALSE(rating.estimate);
}

TEST(Rack, OfTheDemoShopHasSomeSixtyTools) {
    EXPECT_NEAR(static_cast<double>(demoLibrary().rack.tools.size()), 60, 6);
    EXPECT_EQ(demoLibrary().rack.presses.size(), 2u);
}

TEST(Rack, RefusesBadRowsWithLineAndColumn) {
    const auto problem = [](const std::string& rows) { return catalog::parseTools(kRackHeader + rows).error(); };
    EXPECT_EQ(problem("S1,sleeve,x,60,50,70,,\n").code, ProblemCode::Missing);
    EXPECT_EQ(problem("S1,sleeve,x,60,50,70,,\n").field, "line 2");
    EXPECT_EQ(problem("S1,sleeve,x,,50,70,,,a\n").field, "line 2, outside_mm");
    EXPECT_EQ(problem("S1,sleeve,x,60,60,70,,,a\n").code, ProblemCode::GeometryOrder);
    EXPECT_EQ(problem("S1,sleeve,x,-60,0,70,,,a\n").code, ProblemCode::NotPositive);
    EXPECT_EQ(problem("S1,sleeve,x,nan,0,70,,,a\n").code, ProblemCode::NotFinite);
    EXPECT_EQ(problem("S1,sleeve,x,6e9,0,70,,,a\n").code, ProblemCode::NotPositive);
    EXPECT_EQ(problem("S1,hammer,x,60,50,70,,,a\n").field, "line 2, kind");
    EXPECT_EQ(problem("S1,sleeve,x,60,50,70,,,a\nS1,sleeve,y,61,50,70,,,a\n").code, ProblemCode::Duplicate);
    EXPECT_EQ(catalog::parseTools("id,kind\n").error().value, "name");
    EXPECT_EQ(catalog::parseTools("").error().code, ProblemCode::Missing);
}

TEST(Presses, RefuseWhatCannotPress) {
    const std::string good =
        R"({"presses":[{"id":"P","name":"p","capacity_N":1000,"ram_foot_mm":30,"stroke_mm":100,"notch_daylight_mm":[200],"bed_opening_mm":40,"piston_mm":50,"gauge_unit":"bar"}]})";
    EXPECT_TRUE(catalog::parsePresses(good));
    EXPECT_EQ(catalog::parsePresses(replaced(good, "1000", "-1")).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(catalog::parsePresses(replaced(good, "\"bar\"", "\"stone\"")).error().code, ProblemCode::UnknownName);
    EXPECT_EQ(catalog::parsePresses(replaced(good, "[200]", "[]")).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(catalog::parsePresses(replaced(good, "\"stroke_mm\":100,", "")).error().code, ProblemCode::Malformed);
    EXPECT_EQ(catalog::parsePresses(replaced(good, "ram_foot_mm", "ram_feet")).error().code, ProblemCode::UnknownKey);
}

TEST(Materials, RefuseImpossibleConstants) {
    const std::string good =
        R"({"materials":{"m":{"name":"m","E_MPa":1000,"nu":0.3,"alpha_perK":1e-5,"yield_MPa":200,"ceiling_degC":200,"family":"steel"}}})";
    EXPECT_TRUE(catalog::parseMaterials(good));
    EXPECT_EQ(catalog::parseMaterials(replaced(good, "0.3", "0.5")).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(catalog::parseMaterials(replaced(good, "1000", "0")).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(catalog::parseMaterials(replaced(good, "\"steel\"", "\"wood\"")).error().code, ProblemCode::UnknownName);
    EXPECT_EQ(catalog::parseFriction(R"({"bands":{"steel":{"dry":[0.2,0.1]}}})").error().code,
              ProblemCode::GeometryOrder);
}
