// The rack: every kind of tool read, written, drawn and refused.
#include "core/catalog/presses.h"
#include "core/catalog/rack.h"
#include "support/shop.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <map>

using namespace arbor;
using arbor::testing::demoTables;
using catalog::checkTool;
using catalog::parseTools;
using catalog::Tool;
using catalog::ToolKind;

namespace {

Tool sleeve(const std::string& id = "S1") {
    Tool t;
    t.id = id;
    t.outsideDia_mm = 60;
    t.boreDia_mm = 50;
    t.length_mm = 70;
    return t;
}

Tool bolt() {
    Tool t;
    t.id = "B1";
    t.kind = ToolKind::DrawBolt;
    t.outsideDia_mm = 44;
    t.length_mm = 300;
    t.edge_mm = 20;
    t.thread = "M20x2.5";
    t.strengthClass = "8.8";
    return t;
}

std::string refusedAt(const Tool& tool) {
    const auto ok = checkTool(tool);
    return ok ? std::string() : ok.error().field;
}

} // namespace

TEST(RackText, EveryFieldComesBackFromTheTable) {
    Tool t = sleeve();
    t.kind = ToolKind::Adapter;
    t.name = "odd, \"quoted\"";
    t.place = "drawer 9";
    double value = 1;
    for (auto field :
         {&Tool::headThick_mm, &Tool::headBoreDia_mm, &Tool::pilotLength_mm, &Tool::least_mm, &Tool::reach_mm,
          &Tool::edge_mm, &Tool::wrench_mm, &Tool::ramArea_mm2, &Tool::stroke_mm, &Tool::capacity_N})
        t.*field = value += 0.37;
    t.headDia_mm = 61.5;
    t.pilotDia_mm = 55.25;
    t.most_mm = 99.5;
    t.thread = "M12x1.75";
    t.strengthClass = "5.6";
    t.thrustBearing = true;
    t.hardened = true;
    t.condition = "burr";
    t.photo = "a.png";
    t.others = {{"bought", "spring"}};
    const auto back = parseTools(catalog::writeTools({t, sleeve("S2")}));
    ASSERT_TRUE(back) << back.error().field;
    EXPECT_EQ(back->at(0), t);
    EXPECT_EQ(back->at(1), sleeve("S2"));
}

TEST(RackText, OnlyColumnsThatAreUsedAreWritten) {
    const auto text = catalog::writeTools({sleeve()});
    EXPECT_EQ(text.substr(0, text.find('\n')), "id,kind,name,outside_mm,bore_mm,length_mm");
    EXPECT_EQ(catalog::writeTools({bolt()}).find("pilot"), std::string::npos);
}

TEST(RackText, DemoRackSurvivesBeingWritten) {
    const auto& tools = demoTables().rack.tools;
    EXPECT_EQ(parseTools(catalog::writeTools(tools)).value(), tools);
}

TEST(RackText, EachKindHasItsName) {
    std::map<std::string_view, int> names;
    for (const auto kind : catalog::kToolKinds)
        ++names[catalog::name(kind)];
    EXPECT_EQ(names.size(), std::size(catalog::kToolKinds));
    EXPECT_FALSE(names.contains(""));
}

TEST(RackText, FlagsAreYesNoOrNothing) {
    const std::string head = "id,kind,name,outside_mm,bore_mm,length_mm,hardened\n";
    EXPECT_TRUE(parseTools(head + "W1,socket,x,40,30,50,yes\n")->front().hardened);
    EXPECT_FALSE(parseTools(head + "W1,socket,x,40,30,50,\n")->front().hardened);
    EXPECT_EQ(parseTools(head + "W1,socket,x,40,30,50,perhaps\n").error().field, "line 2, hardened");
    EXPECT_EQ(parseTools(head + "W1,spanner,x,40,30,50,\n").error().code, ProblemCode::UnknownName);
}

TEST(RackSizes, ImpossibleOnesAreNamedByTheirColumn) {
    EXPECT_EQ(refusedAt(sleeve()), "");
    const auto with = [](double Tool::*field, double value, Tool t = sleeve()) {
        t.*field = value;
        return refusedAt(t);
    };
    EXPECT_EQ(with(&Tool::outsideDia_mm, 0), "outside_mm");
    EXPECT_EQ(with(&Tool::outsideDia_mm, NAN), "outside_mm");
    EXPECT_EQ(with(&Tool::boreDia_mm, 60), "bore_mm");
    EXPECT_EQ(with(&Tool::headThick_mm, 70), "head_mm");
    EXPECT_EQ(with(&Tool::headBoreDia_mm, 60), "head_bore_mm");
    EXPECT_EQ(with(&Tool::pilotLength_mm, 70), "pilot_mm");
    EXPECT_EQ(with(&Tool::pilotLength_mm, 5), "pilot_dia_mm") << "a pilot without its diameter";
    EXPECT_EQ(with(&Tool::capacity_N, -1), "capacity_N");
    EXPECT_EQ(with(&Tool::edge_mm, 150, bolt()), "edge_mm");
    EXPECT_EQ(with(&Tool::outsideDia_mm, 20, bolt()), "outside_mm") << "washers no wider than the thread";
}

TEST(RackSizes, EachKindAsksForItsOwn) {
    auto t = bolt();
    t.thread = "M20";
    EXPECT_EQ(refusedAt(t), "thread");
    t = bolt();
    t.strengthClass = "hard";
    EXPECT_EQ(refusedAt(t), "class");
    Tool separator = sleeve("Q1");
    separator.kind = ToolKind::Separator;
    EXPECT_EQ(refusedAt(separator), "most_mm");
    separator.most_mm = 60;
    EXPECT_EQ(refusedAt(separator), "most_mm") << "opens wider than it is";
    separator.most_mm = 45;
    EXPECT_EQ(refusedAt(separator), "");
    Tool ram = sleeve("Y1");
    ram.kind = ToolKind::HollowRam;
    EXPECT_EQ(refusedAt(ram), "ram_area_mm2");
    Tool drift;
    drift.id = "F1";
    drift.kind = ToolKind::Drift;
    EXPECT_EQ(refusedAt(drift), "") << "a drift needs no sizes";
    drift.id.clear();
    EXPECT_EQ(refusedAt(drift), "id");
}

TEST(RackSizes, TwinsAreFoundWithinACaliper) {
    auto twin = sleeve("S2"), other = sleeve("S3"), disc = sleeve("D1");
    twin.outsideDia_mm += 0.04;
    other.length_mm += 0.2;
    disc.kind = ToolKind::Disc;
    const auto found = catalog::doubles({sleeve(), other, disc, twin});
    ASSERT_EQ(found.size(), 1u);
    EXPECT_EQ(std::minmax(found[0].one, found[0].other), std::minmax(std::string("S1"), std::string("S2")));
    EXPECT_TRUE(catalog::doubles(demoTables().rack.tools).empty());
}

TEST(ToolBody, PilotStandsBelowTheFaceAndTheHeadAbove) {
    Tool t = sleeve();
    t.boreDia_mm = 0;
    t.pilotDia_mm = 30;
    t.pilotLength_mm = 8;
    t.headThick_mm = 10;
    t.headDia_mm = 64;
    const auto body = catalog::toolBody(t);
    ASSERT_EQ(body.slices.size(), 3u);
    EXPECT_EQ(body.slices[0].outerTop * 2, 30);
    EXPECT_EQ(body.slices[1].outerTop * 2, 60);
    EXPECT_EQ(body.slices[2].outerTop * 2, 64);
    EXPECT_EQ(body.height(), 70);
}

TEST(ToolBody, OpensAsWideAsItIsSet) {
    Tool t = sleeve("V1");
    t.kind = ToolKind::Blocks;
    t.least_mm = 20;
    t.most_mm = 55;
    EXPECT_EQ(catalog::toolBody(t, 42).boreDia(), 42);
    EXPECT_EQ(catalog::toolBody(t, 5).boreDia(), 20) << "not narrower than it closes";
}

TEST(ToolBody, ABarGoesThroughTheNarrowestPlace) {
    auto t = sleeve();
    EXPECT_EQ(t.throughDia_mm(), 50);
    t.headThick_mm = 10;
    EXPECT_EQ(t.throughDia_mm(), 0) << "a closed head";
    t.headBoreDia_mm = 21;
    EXPECT_EQ(t.throughDia_mm(), 21);
}

TEST(Presses, ThroatIsReadAndChecked) {
    const auto text = [](const char* throat) {
        return std::string(R"({"presses": [{"id": "P", "name": "p", "capacity_N": 1, "ram_foot_mm": 1, "stroke_mm": 1,)"
                           R"( "notch_daylight_mm": [1], "bed_opening_mm": 1, "throat_mm": )") +
               throat + "}]}";
    };
    EXPECT_EQ(catalog::parsePresses(text("115"))->front().throat_mm, 115);
    EXPECT_EQ(catalog::parsePresses(text("-1")).error().field, "P/throat_mm");
}

// What is written is read again, field by field.
TEST(Presses, AreReadAsTheyWereWritten) {
    auto presses = demoTables().rack.presses;
    ASSERT_GE(presses.size(), 2u);
    presses[0].gaugeUnit = catalog::GaugeUnit::Psi;
    presses[0].throat_mm = 210;
    presses[1].kind = catalog::PressKind::Vice;
    const auto text = catalog::writePresses(presses);
    const auto again = catalog::parsePresses(text);
    ASSERT_TRUE(again) << again.error().field;
    EXPECT_EQ(catalog::writePresses(*again), text);
    EXPECT_EQ(again->at(0).throat_mm, 210);
    EXPECT_EQ(again->at(1).kind, catalog::PressKind::Vice);
    EXPECT_EQ(again->at(0).notchDaylight_mm, presses[0].notchDaylight_mm);
    EXPECT_EQ(again->at(0).pistonDia_mm, presses[0].pistonDia_mm);
    presses[0].capacity_N = NAN;
    EXPECT_EQ(catalog::checkPress(presses[0]).error().field, presses[0].id + "/capacity_N");
}
