// Tools for every step, and tools to be turned, without a window.
#include "cli/run.h"
#include "support/printed_sheets.h"
#include "support/shop.h"

#include <array>
#include <cmath>
#include <cstdio>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <map>
#include <nlohmann/json.hpp>
#include <sstream>

using arbor::testing::likely;
using arbor::testing::PrintedSheets;
using arbor::testing::replaced;
using arbor::testing::rowOf;
using arbor::testing::run;
using arbor::testing::TemporaryShop;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

/// What an independent reader finds in a drawing.
nlohmann::json drawing(const std::string& path) {
    const auto command = "/usr/bin/python3 " + std::string(ARBOR_SOURCE_DIR) + "/tests/support/read_dxf.py " + path;
    auto* pipe = popen(command.c_str(), "r");
    std::string text;
    std::array<char, 4096> part{};
    while (const auto got = fread(part.data(), 1, part.size(), pipe))
        text.append(part.data(), got);
    EXPECT_EQ(pclose(pipe), 0);
    return nlohmann::json::parse(text, nullptr, false);
}

} // namespace

TEST(ToolsCommand, TurnDesignsAndDrawsASleeve) {
    const TemporaryShop shop;
    const auto file = shop.file("sleeve.dxf");
    const auto r = run({"turn", shop.jobFile(), "--json", "--out", file});
    ASSERT_EQ(r.exit, 0) << r.err;
    const PrintedSheets printed(r.out);
    const auto size = [&](const char* key) { return likely(rowOf(printed.whole["sheets"][0], "sleeve", key)); };
    EXPECT_EQ(size("outside_mm"), 60.0);
    const auto d = drawing(file);
    ASSERT_TRUE(d.is_object());
    EXPECT_EQ(d["units"], 4) << "millimetres";
    EXPECT_EQ(d["faults"], nlohmann::json::array()) << "nothing in it is mended or thrown away by another reader";
    EXPECT_EQ(d["linetypes"]["AXIS"], "CENTER");
    EXPECT_GT(d["dashes"]["CENTER"], d["dashes"]["CONTINUOUS"]);
    for (const auto& drawn : d["drawn"])
        EXPECT_EQ(drawn, 6) << "three lines, two arrow heads and the figures of each dimension";
    EXPECT_THAT(d["words"].dump(), HasSubstr("Seamer turret · upper bearing")) << "not letter salad";
    // Each size stands in the drawing once, measured by the reader from the points the dimension goes between.
    for (const auto& [key, across] : {std::pair{"outside_mm", true},
                                      {"bore_mm", true},
                                      {"head_dia_mm", true},
                                      {"length_mm", false},
                                      {"head_mm", false}}) {
        int found = 0;
        for (const auto& dimension : d["dimensions"])
            found += dimension["across"] == across && std::abs(dimension["size"].get<double>() - size(key)) < 1e-6;
        EXPECT_EQ(found, 1) << key;
    }
    // The outline is that of the tool: greatest radius the head's, longest x its length, and it is the same below the
    // axis.
    double radius = 0, length = 0, sum = 0;
    for (const auto& line : d["lines"]) {
        radius = std::max({radius, line[1].get<double>(), line[3].get<double>()});
        length = std::max({length, line[0].get<double>(), line[2].get<double>()});
        sum += line[1].get<double>() + line[3].get<double>();
    }
    EXPECT_NEAR(2 * radius, size("head_dia_mm"), 1e-6);
    EXPECT_NEAR(length, size("length_mm"), 1e-6);
    EXPECT_NEAR(sum, 0, 1e-6);
    EXPECT_THAT(d["words"].dump(), HasSubstr("J-0142"));
    EXPECT_THAT(d["words"].dump(), HasSubstr("round bar"));
}

TEST(ToolsCommand, TurnKeepsOverridesAndStopsOnBadOnes) {
    const TemporaryShop shop;
    const auto stop = run({"turn", shop.jobFile(), "--outside", "63"});
    EXPECT_EQ(stop.exit, 1);
    EXPECT_THAT(stop.out, HasSubstr("STOP"));
    EXPECT_EQ(run({"turn", shop.jobFile(), "--bore", "61"}).exit, 2);
    EXPECT_EQ(run({"turn", shop.jobFile(), "--outside", "wide"}).exit, 2);
    const auto nowhere = run({"turn", shop.jobFile(), "--out", "/no/such/folder/a.dxf"});
    EXPECT_EQ(nowhere.exit, 2);
    EXPECT_THAT(nowhere.err, HasSubstr("/no/such/folder/a.dxf"));
}

TEST(ToolsCommand, TurnWorksForEveryDemoJobAndSaysWhatItIsMadeFrom) {
    const TemporaryShop shop;
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley", "exhaust-fan-carrier", "brine-agitator"}) {
        const auto file = shop.file(std::string(name) + ".dxf");
        const auto r = run({"turn", shop.file(std::string(name) + ".arbor.json"), "--out", file});
        EXPECT_EQ(r.exit, 0) << name << r.err;
        EXPECT_THAT(r.out, HasSubstr("from round bar"));
        EXPECT_THAT(r.out, HasSubstr("its free face, clear of seal and bore"));
        EXPECT_THAT(shop.read(std::string(name) + ".dxf"), HasSubstr("AC1009"));
    }
}

TEST(ToolsCommand, ToolsListsEveryStepOfEveryDemoJobAsProven) {
    const TemporaryShop shop;
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley", "exhaust-fan-carrier", "brine-agitator"}) {
        const auto r = run({"tools", shop.file(std::string(name) + ".arbor.json")});
        EXPECT_EQ(r.exit, 0) << name << r.out;
        EXPECT_THAT(r.out, ::testing::Not(HasSubstr("STOP"))) << name;
    }
    EXPECT_THAT(run({"tools", shop.jobFile(), "--step", "4"}).out, HasSubstr("bare ram on S11, P30"));
}

TEST(ToolsCommand, ToolsOfOneStepGivesTheStackFromTheBedUp) {
    const TemporaryShop shop;
    const auto r = run({"tools", shop.jobFile(), "--step", "4"});
    EXPECT_EQ(r.exit, 0);
    EXPECT_THAT(r.out, HasSubstr("Push on the flanged spindle, the inner ring is carried"));
    EXPECT_LT(r.out.find("L01   plate"), r.out.find("S11   press sleeve"));
    const PrintedSheets printed(run({"tools", shop.jobFile(), "--step", "4", "--json"}).out);
    ASSERT_EQ(printed.whole["sheets"].size(), 1u);
    const auto& d = printed.sheet("tooling", "in:spindle");
    EXPECT_EQ(d["rows"]["setups"][0]["key"], "proven");
    EXPECT_EQ(rowOf(d, "choice", "driver")["shown"], "ram");
    EXPECT_EQ(rowOf(d, "choice", "support")["shown"], "S11");
    EXPECT_EQ(rowOf(d, "choice", "plate")["shown"], "L01");
    EXPECT_NEAR(likely(rowOf(d, "choice", "travel_mm")), 26.8, 1e-9);
}

TEST(ToolsCommand, ToolsRefusesAStepThatIsNotThere) {
    const TemporaryShop shop;
    for (const char* step : {"5", "-1", "four"}) {
        const auto r = run({"tools", shop.jobFile(), "--step", step});
        EXPECT_EQ(r.exit, 2) << step;
        EXPECT_THAT(r.err, HasSubstr("--step")) << step;
    }
    EXPECT_EQ(run({"turn", shop.jobFile(), "--step", "9"}).exit, 2);
}

TEST(StepCommands, OneStepByItsKeySaysTheSameEverywhere) {
    const TemporaryShop shop;
    const auto job = shop.file("exhaust-fan-carrier.arbor.json");
    const PrintedSheets plan(run({"plan", job, "--json"}).out);
    int steps = 0;
    for (const auto& press : plan.whole["sheets"]) {
        if (press["station"] != "press") continue;
        ++steps;
        const std::string key = press["about"];
        const bool out = key.starts_with("out:");
        const PrintedSheets alone(run({"press", job, "--step", key, "--json"}).out);
        EXPECT_EQ(alone.whole["sheets"], nlohmann::json::array({press})) << key;
        EXPECT_THAT(run({"press", job, "--step", key}).out, HasSubstr(out ? "Breakaway force" : "just before home"))
            << key;
    }
    EXPECT_EQ(steps, 6);
    // The seat of the collar: Fit, Press and Warm have one figure for one thing.
    const auto& fit = plan.sheet("fit", "collar+shaft");
    const auto band = [](const nlohmann::json& said) {
        return std::array{said["least"].get<double>(), said["likely"].get<double>(), said["most"].get<double>()};
    };
    EXPECT_EQ(band(plan.sheet("press", "in:collar")["figures"]["press_force_N"]),
              band(fit["figures"]["press_force_N"]));
    EXPECT_EQ(band(plan.sheet("press", "out:collar")["figures"]["removal_force_N"]),
              band(rowOf(fit, "seat", "removal_force_N")));
    EXPECT_EQ(likely(plan.sheet("warm", "in:collar")["figures"]["outer_degC"]), likely(fit["figures"]["outer_degC"]));
    const PrintedSheets heat(run({"heat", job, "--step", "in:coll", "--json"}).out);
    EXPECT_EQ(heat.whole["sheets"][0], plan.sheet("warm", "in:collar"));
    EXPECT_EQ(run({"heat", job, "--step", "out:collar"}).exit, 0)
        << "nothing is warmed for a step out, and that is said";
    EXPECT_EQ(run({"press", job, "--step", "in:"}).exit, 2);
    EXPECT_EQ(run({"seat", job, "--step", "in:bearing"}).exit, 0);
    EXPECT_EQ(run({"turn", job, "--step", "in:bearing"}).exit, 0);
}

TEST(ToolsCommand, StepWithNothingToDoItEndsWithOne) {
    const TemporaryShop shop;
    shop.write("rack.csv", "id,kind,name,outside_mm,bore_mm,length_mm\n");
    const auto r = run({"tools", shop.file("exhaust-fan-carrier.arbor.json"), "--step", "1"});
    EXPECT_EQ(r.exit, 1);
    EXPECT_THAT(r.out, HasSubstr("STOP"));
    EXPECT_EQ(run({"tools", shop.file("exhaust-fan-carrier.arbor.json")}).exit, 1);
}

TEST(ToolsCommand, DrawBoltTellsTorqueAndHand) {
    const TemporaryShop shop;
    const PrintedSheets printed(run({"tools", shop.file("labeller-pulley.arbor.json"), "--step", "3", "--json"}).out);
    bool drawn = false;
    for (const auto& setup : printed.whole["sheets"][0]["rows"]["setups"])
        drawn = drawn ||
                (setup["key"] == "proven" && setup["label"].get<std::string>().find("draw bolt") != std::string::npos);
    EXPECT_TRUE(drawn);
}

TEST(ToolsCommand, TurnForAStepDrawsItWithPilotAndRelief) {
    const TemporaryShop shop;
    const auto job = shop.file("filler-pump-shaft.arbor.json");
    const auto plain = run({"turn", job, "--step", "3", "--json"});
    EXPECT_EQ(plain.exit, 0) << plain.err;
    const PrintedSheets sleeve(plain.out);
    EXPECT_THAT(sleeve.whole["sheets"][0]["title"].get<std::string>(), HasSubstr("T-6206"));
    EXPECT_GE(likely(rowOf(sleeve.whole["sheets"][0], "sleeve", "bore_mm")), 30.4) << "over the shaft";
    const auto file = shop.file("pilot.dxf");
    const auto r = run({"turn", shop.jobFile(), "--step", "4", "--pilot-dia", "29.8", "--pilot", "6", "--outside", "60",
                        "--length", "50", "--out", file, "--json"});
    EXPECT_NE(r.exit, 2) << r.err;
    const auto read = drawing(file);
    std::map<std::pair<bool, double>, int> sizes;
    for (const auto& dimension : read["dimensions"])
        ++sizes[{dimension["across"].get<bool>(), std::round(dimension["size"].get<double>() * 10) / 10}];
    EXPECT_EQ((sizes[{true, 29.8}]), 1) << "the pilot";
    EXPECT_EQ((sizes[{false, 6}]), 1) << "its length";
    EXPECT_EQ((sizes[{true, 60}]), 1);
    EXPECT_EQ((sizes[{false, 50}]), 1);
    EXPECT_EQ(run({"turn", job, "--step", "3", "--pilot-dia", "20"}).exit, 2) << "a pilot without its length";
    EXPECT_EQ(run({"turn", job, "--step", "3", "--relief", "500"}).exit, 2);
}

TEST(ToolsCommand, TurnWritesSvgAndRefusesOtherEndings) {
    const TemporaryShop shop;
    const auto file = shop.file("sleeve.svg");
    ASSERT_EQ(run({"turn", shop.jobFile(), "--out", file}).exit, 0);
    const auto svg = shop.read("sleeve.svg");
    EXPECT_THAT(svg, HasSubstr("<svg "));
    EXPECT_THAT(svg, HasSubstr("J-0142"));
    EXPECT_THAT(svg, HasSubstr("\xC3\x98"
                               "60 +0.00/-0.05"))
        << "the outside with its limits";
    const auto other = run({"turn", shop.jobFile(), "--out", shop.file("sleeve.dwg")});
    EXPECT_EQ(other.exit, 2);
    EXPECT_THAT(other.err, HasSubstr(".dxf or .svg"));
}

TEST(ToolsCommand, AChosenToolThatIsGoneEndsWithTwoAndItsPlace) {
    const TemporaryShop shop;
    shop.write("seamer-turret-upper.arbor.json",
               replaced(shop.read("seamer-turret-upper.arbor.json"), R"("press": "P30")",
                        R"("press": "P30", "steps": {"in:bearing+spindle":
                           {"outer": "bearing", "inner": "spindle", "way": "in", "support": "S99"}})"));
    const auto r = run({"tools", shop.jobFile(), "--step", "4"});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("steps/in:spindle/support"));
    EXPECT_THAT(r.err, HasSubstr("S99"));
    const auto all = run({"tools", shop.jobFile()});
    EXPECT_EQ(all.exit, 1);
    EXPECT_THAT(all.err, HasSubstr("S99"));
}
