#include "cli/run.h"
#include "io/job_file.h"
#include "support/printed_sheets.h"
#include "support/schema.h"
#include "support/shop.h"

#include <cmath>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <iterator>
#include <map>
#include <nlohmann/json.hpp>
#include <sstream>

using arbor::testing::likely;
using arbor::testing::PrintedSheets;
using arbor::testing::replaced;
using arbor::testing::rowOf;
using arbor::testing::run;
using arbor::testing::says;
using arbor::testing::schemaFaults;
using arbor::testing::TemporaryShop;
using ::testing::HasSubstr;
using ::testing::Not;

TEST(CommandLine, PlanSpeaksOfEveryStation) {
    const TemporaryShop shop;
    const auto r = run({"plan", shop.jobFile()});
    EXPECT_EQ(r.exit, 0) << r.err;
    for (const char* station :
         {"Intake  [", "Fit  ·", "Set up  ·", "Warm & chill  ·", "Press  ·", "Prove  ·", "Close  ["})
        EXPECT_THAT(r.out, HasSubstr(station));
    EXPECT_THAT(r.out, HasSubstr("Force stays in the outer ring"));
    EXPECT_TRUE(r.err.empty());
}

TEST(CommandLine, OneStationAtATimeSaysTheSameAsThePlan) {
    const TemporaryShop shop;
    const auto plan = nlohmann::json::parse(run({"plan", shop.jobFile(), "--json"}).out);
    for (const auto& [command, station] : {std::pair{"intake", "intake"},
                                           {"measure", "measure"},
                                           {"fit", "fit"},
                                           {"tools", "tooling"},
                                           {"heat", "warm"},
                                           {"press", "press"},
                                           {"seat", "seat"},
                                           {"adjust", "adjust"},
                                           {"close", "close"},
                                           {"strip", "strip"}}) {
        const auto r = run({command, shop.jobFile(), "--json"});
        EXPECT_EQ(r.exit, 0) << r.err;
        const auto one = nlohmann::json::parse(r.out);
        EXPECT_EQ(one["format"], std::string("brisk-arbor/") + command);
        auto same = nlohmann::json::array();
        for (const auto& sheet : plan["sheets"])
            if (sheet["station"] == station) same.push_back(sheet);
        EXPECT_EQ(one["sheets"], same) << command;
        EXPECT_FALSE(same.empty()) << command;
    }
}

namespace {

std::string textOf(const std::string& file) {
    std::ifstream in(std::string(ARBOR_SOURCE_DIR) + "/" + file);
    return {std::istreambuf_iterator<char>(in), {}};
}
std::vector<std::string> wordsIn(const std::string& text) {
    std::istringstream in(text);
    return {std::istream_iterator<std::string>(in), {}};
}

} // namespace

/// What a reader copies from the README works.
TEST(Documents, EveryCommandOfTheReadmeRuns) {
    const std::string program = "brisk-arbor-cli ";
    std::istringstream lines(textOf("README.md"));
    int commands = 0;
    for (std::string line; std::getline(lines, line);) {
        const auto at = line.find(program);
        if (!line.starts_with("    ") || at == std::string::npos) continue;
        auto words = wordsIn(line.substr(at + program.size()));
        for (auto& word : words)
            if (word.starts_with("demo/")) word = std::string(ARBOR_SOURCE_DIR) + "/" + word;
        const auto r = run(words);
        EXPECT_LE(r.exit, 1) << line << r.err;
        ++commands;
    }
    EXPECT_GE(commands, 2);
}

TEST(Documents, EveryLineForTheCalculatorInTheGuideGivesItsAnswer) {
    const auto guide = textOf("docs/guide.md");
    const auto from = guide.find("## Bench calculator"), to = guide.find("Units may be written", from);
    ASSERT_NE(to, std::string::npos);
    const auto section = guide.substr(from, to - from);
    int lines = 0;
    for (auto open = section.find('`'); open != std::string::npos;) {
        const auto close = section.find('`', open + 1);
        auto words = wordsIn(section.substr(open + 1, close - open - 1));
        words.insert(words.begin(), "calc");
        const auto r = run(words);
        EXPECT_EQ(r.exit, 0) << section.substr(open, close - open) << r.err;
        EXPECT_FALSE(r.out.empty());
        ++lines;
        open = section.find('`', close + 1);
    }
    EXPECT_GE(lines, 4);
    EXPECT_THAT(run({"calc", "iso_limits", "62", "N7"}).out, HasSubstr("61.961"));
    EXPECT_THAT(run({"calc", "iso_limits", "62", "N7"}).out, HasSubstr("61.991"));
    EXPECT_EQ(run({"calc", "press", "62", "54", "92", "bearing_steel", "grey_cast_iron", "20um", "--json"}).out,
              run({"calc", "press_joint", "interface_mm=62", "inner_bore_mm=54", "outer_od_mm=92",
                   "inner_material=bearing_steel", "outer_material=grey_cast_iron", "interference_20C_um=20", "--json"})
                  .out);
}

TEST(CommandLine, WatchListIsNoVerdict) {
    const TemporaryShop shop;
    const auto r = run({"press", shop.jobFile()});
    EXPECT_THAT(r.out, HasSubstr("Saw teeth"));
    EXPECT_THAT(r.out, Not(HasSubstr("STOP")));
}

TEST(CommandLine, AStopEndsWithOne) {
    const TemporaryShop shop;
    EXPECT_EQ(run({"plan", shop.file("retort-trolley-roller.arbor.json")}).exit, 1);
    shop.write("seamer-turret-upper.arbor.json",
               replaced(shop.read("seamer-turret-upper.arbor.json"), R"("press": "P30")",
                        R"("press": "P30", "steps": {"in:housing+bearing":
                           {"outer": "housing", "inner": "bearing", "way": "in", "driver": "S11"}})"));
    const auto r = run({"tools", shop.jobFile()});
    EXPECT_EQ(r.exit, 1);
    EXPECT_THAT(r.out, HasSubstr("STOP    Up to"));
    EXPECT_THAT(r.out, HasSubstr("through the rolling elements"));
    EXPECT_EQ(run({"fit", shop.jobFile()}).exit, 0) << "the stop is not at this station";
}

TEST(CommandLine, WrongInputEndsWithTwoAndSaysWhere) {
    const TemporaryShop shop;
    auto r = run({"plan", shop.file("none.arbor.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("none.arbor.json"));
    EXPECT_TRUE(r.out.empty());

    const auto good = shop.read("seamer-turret-upper.arbor.json");
    shop.write("bad.arbor.json", replaced(good, R"("hole": "N7")", R"("hole": "Q9")"));
    r = run({"fit", shop.file("bad.arbor.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("arrangement/pressed/housing+bearing/hole"));
    EXPECT_THAT(r.err, HasSubstr("Q9"));

    shop.write("bad.arbor.json", replaced(good, R"("designation": "3206")", R"("designation": "3299")"));
    r = run({"fit", shop.file("bad.arbor.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("arrangement/parts/bearing/designation"));

    shop.write("bad.arbor.json", replaced(good, "\"done\"", R"("steps": {"in:housing+bearing": {"outer": "housing",
               "inner": "bearing", "way": "in", "trace": {"file": "gone.csv"}}}, "done")"));
    r = run({"press", shop.file("bad.arbor.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("gone.csv"));

    shop.write("rack.csv", "id,kind\n");
    r = run({"plan", shop.jobFile()});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("rack.csv"));
}

TEST(CommandLine, RackCanLieElsewhere) {
    const TemporaryShop jobs, tools;
    jobs.write("rack.csv", "broken");
    EXPECT_EQ(run({"tools", jobs.jobFile(), "--shop", tools.folder()}).exit, 0);
}

TEST(CommandLine, StripAndRouteTellTheOrderOfWork) {
    const TemporaryShop shop;
    auto r = run({"strip", shop.jobFile()});
    EXPECT_EQ(r.exit, 0) << r.err;
    EXPECT_LT(r.out.find("Flanged spindle"), r.out.find("Splash shield out"));
    EXPECT_THAT(r.out, HasSubstr("! Eye protection"));
    r = run({"route", shop.jobFile(), "--json"});
    const PrintedSheets route(r.out);
    const auto& order = route.sheet("strip", "together");
    EXPECT_EQ(likely(rowOf(order, "turn_overs", "turn_overs")), 1);
    EXPECT_THAT(order["rows"]["order"].back()["label"].get<std::string>(), HasSubstr("Sensor cap in, from below"));
}

TEST(CommandLine, StripTellsTightRingsAndTheKit) {
    const TemporaryShop shop;
    auto r = run({"strip", shop.file("conveyor-tail-drum.arbor.json")});
    EXPECT_EQ(r.exit, 1) << "a part of the kit is missing";
    EXPECT_THAT(r.out, HasSubstr("Drift: the shoulder has notches"));
    const auto kit = run({"intake", shop.file("conveyor-tail-drum.arbor.json")});
    EXPECT_THAT(kit.out, ::testing::ContainsRegex("Split pin: new +missing"));
    EXPECT_THAT(kit.out, ::testing::ContainsRegex("Lip seal: new +on the bench"));
    r = run({"strip", shop.file("conveyor-tail-drum.arbor.json"), "--json"});
    const PrintedSheets strip(r.out);
    const auto& cup = strip.sheet("strip", "inner_cup");
    EXPECT_GT(cup["figures"]["removal_force_N"]["most"], cup["figures"]["removal_force_N"]["least"]);
    for (const char* method : {"press", "draw_bolt", "separator", "drift", "collet", "heat", "split"})
        EXPECT_TRUE(says(cup, method)) << method;
    EXPECT_TRUE(says(cup, "if_it_goes_wrong"));
    // The stations of the same job say the same.
    r = run({"plan", shop.file("conveyor-tail-drum.arbor.json"), "--json"});
    EXPECT_EQ(r.exit, 1) << "the kit is a stop";
    const PrintedSheets plan(r.out);
    EXPECT_EQ(plan.sheet("strip", "inner_cup"), cup);
    const auto& intake = plan.sheet("intake");
    EXPECT_EQ(intake["rows"]["kit_lines"].size(), 11u);
    const auto leak = std::find_if(intake["notes"].begin(), intake["notes"].end(),
                                   [](const auto& note) { return note["key"] == "leak"; });
    ASSERT_NE(leak, intake["notes"].end());
    EXPECT_EQ((*leak)["severity"], "check");
    EXPECT_FALSE(plan.sheet("fit")["figures"].contains("clearance_left_um")) << "a taper's is set when it is adjusted";
}

TEST(CommandLine, PartsThatCannotComeOutAreAStop) {
    const TemporaryShop shop;
    const auto good = shop.read("seamer-turret-upper.arbor.json");
    // The ring cannot be squeezed below its groove: it and the bearing are shut in.
    shop.write("stuck.arbor.json", replaced(good, "[57.9, 59.9, 52, 61.4]", "[57.9, 59.9, 57, 65]"));
    const auto r = run({"route", shop.file("stuck.arbor.json")});
    EXPECT_EQ(r.exit, 1);
    EXPECT_THAT(r.out, HasSubstr("cannot come out on either side"));
    shop.write("bad.arbor.json", replaced(good, "[30, 57.8, 0, 30]", "[30, 57.8, 0, 31]"));
    const auto overlap = run({"strip", shop.file("bad.arbor.json")});
    EXPECT_EQ(overlap.exit, 2);
    EXPECT_THAT(overlap.err, HasSubstr("overlap"));
}

TEST(CommandLine, CalcTakesOptionsAnObjectOrAnArray) {
    auto r = run({"calc", "iso_limits", "nominal_mm=62", "--tolerance_class", "N7", "--json"});
    EXPECT_EQ(r.exit, 0) << r.err;
    EXPECT_EQ(nlohmann::json::parse(r.out)["lower_um"], -39);
    EXPECT_EQ(schemaFaults("calc", nlohmann::json::parse(r.out)), "");
    r = run({"calc", "iso_limits", "nominal_mm=62", "tolerance_class=N7"});
    EXPECT_THAT(r.out, HasSubstr("lower deviation"));
    r = run({"calc", "wedging"}, R"({"diameter_mm": 62, "mu": 0.12})");
    EXPECT_NEAR(nlohmann::json::parse(r.out)["wedge_depth_mm"].get<double>(), 7.44, 1e-9);
    r = run({"calc", "wedging"}, R"([{"diameter_mm": 62, "mu": 0.12}, {"diameter_mm": -1, "mu": 0.12}])");
    EXPECT_EQ(r.exit, 2) << "one of them is wrong";
    const auto both = nlohmann::json::parse(r.out);
    EXPECT_NEAR(both[0]["wedge_depth_mm"].get<double>(), 7.44, 1e-9);
    EXPECT_EQ(both[1]["field"], "diameter_mm");
}

TEST(CommandLine, CalcListNamesInputsUnitsRangesAndSource) {
    const auto all = nlohmann::json::parse(run({"calc", "--list", "--json"}).out);
    EXPECT_GE(all.size(), 14u);
    const auto joint = std::find_if(all.begin(), all.end(), [](const auto& c) { return c["name"] == "press_joint"; });
    ASSERT_NE(joint, all.end());
    EXPECT_EQ((*joint)["inputs"][0]["name"], "interface_mm");
    EXPECT_EQ((*joint)["inputs"][0]["unit"], "mm");
    EXPECT_EQ((*joint)["inputs"][0]["allowed"]["most"], 3000);
    EXPECT_EQ((*joint)["inputs"][0]["required"], true);
    EXPECT_FALSE((*joint)["source"].get<std::string>().empty());
    EXPECT_THAT(run({"calc", "--list"}).out, HasSubstr("hydraulic_ram"));
}

TEST(CommandLine, CalcSaysWhatIsWrong) {
    EXPECT_THAT(run({"calc", "magic"}).err, HasSubstr("calc --list"));
    EXPECT_EQ(run({"calc", "magic"}).exit, 2);
    EXPECT_THAT(run({"calc", "wedging", "mu"}).err, HasSubstr("key=value"));
    EXPECT_THAT(run({"calc", "wedging", "mu=slippery", "diameter_mm=3"}).err, HasSubstr("a number"));
    EXPECT_THAT(run({"calc", "wedging"}, "[1, 2").err, HasSubstr("standard input"));
    EXPECT_EQ(run({"calc", "wedging"}, "7").exit, 2);
}

TEST(CommandLine, HelpIsNoError) {
    const auto r = run({"--help"});
    EXPECT_EQ(r.exit, 0);
    EXPECT_THAT(r.out, HasSubstr("plan"));
}

TEST(CommandLine, WrongWordsEndWithTwo) {
    EXPECT_EQ(run({}).exit, 2);
    EXPECT_EQ(run({"dance"}).exit, 2);
    EXPECT_EQ(run({"plan"}).exit, 2);
    EXPECT_EQ(run({"plan", "x", "--frobnicate"}).exit, 2);
}

TEST(CommandLine, SeatTellsTheClosedJobsVerdict) {
    const TemporaryShop shop;
    const auto r = run({"seat", shop.file("exhaust-fan-carrier.arbor.json")});
    EXPECT_EQ(r.exit, 0);
    EXPECT_THAT(r.out, HasSubstr("Home and square"));
    EXPECT_THAT(r.out, HasSubstr("arc-min"));
}

TEST(CommandLine, MeasureSaysVerdictsAndTheirReasons) {
    const TemporaryShop shop;
    const auto text = run({"measure", shop.file("brine-agitator.arbor.json")});
    EXPECT_EQ(text.exit, 1) << text.err;
    EXPECT_THAT(text.out, HasSubstr("Bore of hub · "));
    EXPECT_THAT(text.out, HasSubstr("Replace: "));
    EXPECT_THAT(text.out, HasSubstr("STOP    Ring is loose by hand"));
    EXPECT_THAT(text.out, HasSubstr("the outer ring turned in its seat"));
    const PrintedSheets roller(run({"measure", shop.file("retort-trolley-roller.arbor.json"), "--json"}).out);
    const auto& bore = roller.whole["sheets"][0];
    EXPECT_EQ(bore["rows"]["verdict"][0]["key"], "sleeve");
    EXPECT_NEAR(likely(rowOf(bore, "sizes", "measured_mm")), 47.011, 2e-4);
    EXPECT_EQ(bore["series"]["planes"]["rows"].size(), 3u);
    EXPECT_EQ(roller.sheet("measure", "spacer")["rows"]["verdict"][0]["key"], "clean_up");
    EXPECT_EQ(roller.sheet("measure", "old_bearing")["rows"]["likely_causes"].size(), 3u);
}

/// A surface has a mark of its own; what somebody has overruled, or given a sleeve, is no stop any more.
TEST(CommandLine, MeasureMarksEachSurfaceByItself) {
    const TemporaryShop shop;
    const auto file = shop.file("retort-trolley-roller.arbor.json");
    const auto marks = [&] {
        std::map<std::string, std::string> out;
        const PrintedSheets printed(run({"measure", file, "--json"}).out);
        for (const auto& sheet : printed.whole["sheets"])
            out[sheet["about"]] = sheet["mark"];
        return out;
    };
    EXPECT_EQ(run({"measure", file}).exit, 1);
    EXPECT_EQ(marks().at("spacer"), "check");
    auto document = arbor::io::loadJob(file).value();
    for (const auto& [about, mark] : marks())
        if (mark == "stop") {
            const auto plus = about.find('+'), slash = about.find('/');
            auto& card = document.job.measured.seats[{about.substr(0, plus), about.substr(plus + 1, slash - plus - 1)}];
            (about.ends_with("/hole") ? card.hole : card.shaft).overrule =
                arbor::job::Overrule{arbor::measure::Verdict::Use, "held with paste"};
        }
    ASSERT_TRUE(arbor::io::saveJob(file, document));
    EXPECT_EQ(run({"measure", file}).exit, 0) << "its reasons still say stop, the verdict does not";
    for (const auto& [about, mark] : marks())
        EXPECT_NE(mark, "stop") << about;
}

TEST(CommandLine, FitSpeaksOfEverySeatAndBearing) {
    const TemporaryShop shop;
    const auto r = run({"fit", shop.file("exhaust-fan-carrier.arbor.json"), "--json"});
    const PrintedSheets fit(r.out);
    ASSERT_EQ(fit.whole["sheets"].size(), 3u);
    const auto& collar = fit.whole["sheets"][2];
    EXPECT_EQ(rowOf(collar, "sizes", "bore_class")["shown"], "30 H7");
    EXPECT_EQ(rowOf(collar, "sizes", "shaft_class")["shown"], "30 p6");
    EXPECT_GT(likely(rowOf(collar, "more", "loose_at_rpm")), 950);
    const auto& carrier = fit.whole["sheets"][0];
    EXPECT_TRUE(says(carrier, "usual_classes"));
    EXPECT_TRUE(carrier["figures"].contains("clearance_left_um"));
    EXPECT_FALSE(collar["figures"].contains("clearance_left_um"));
    EXPECT_THAT(run({"fit", shop.file("exhaust-fan-carrier.arbor.json")}).out,
                HasSubstr("Fan shaft in retaining collar, 30 mm"));
}

TEST(CommandLine, CalcTakesSizesWithoutKeys) {
    const auto r = run({"calc", "iso_limits", "62", "N7", "--json"});
    EXPECT_EQ(r.exit, 0) << r.err;
    EXPECT_EQ(nlohmann::json::parse(r.out)["lower_um"], -39);
    const auto mixed = run({"calc", "hydraulic_ram", "gauge_unit=MPa", "60mm", "--gauge", "7", "--json"});
    EXPECT_NEAR(nlohmann::json::parse(mixed.out)["force_N"].get<double>(), 19792, 1);
    const auto wrong = run({"calc", "iso_limits", "62", "N7", "seven"});
    EXPECT_EQ(wrong.exit, 2);
    EXPECT_THAT(wrong.err, HasSubstr("seven"));
}

TEST(CommandLine, HeatTellsMixLimitsWindowAndGrip) {
    const TemporaryShop shop;
    const auto drum = shop.file("conveyor-tail-drum.arbor.json");
    const auto r = run({"heat", drum, "--step", "in:inner_cup"});
    EXPECT_EQ(r.exit, 0) << r.err;
    for (const char* said : {"Heat the drum end to 115 °C, chill the inner cup to −16 °C", "Chill the inner cup",
                             "oven at 120 °C", "up to: grey cast iron", "up to: bearing steel of outer cup, in already",
                             "−55 °C", "Last safe start", "Hold it on the shoulder", "! Gloves for hot parts"})
        EXPECT_THAT(r.out, HasSubstr(said));
    const PrintedSheets printed(run({"heat", drum, "--step", "in:inner_cup", "--json"}).out);
    const auto& heat = printed.sheet("warm", "in:inner_cup");
    EXPECT_EQ(heat["rows"]["mixes"][0]["key"], "both");
    EXPECT_EQ(likely(heat["figures"]["outer_degC"]), 115);
    EXPECT_EQ(likely(rowOf(heat, "inner_limits", "floor_degC")), -55);
    EXPECT_GE(likely(rowOf(heat, "outer_limits", "soak_time_s")),
              likely(rowOf(heat, "outer_limits", "soak_surface_s")));
    EXPECT_GT(likely(rowOf(heat, "fitting", "last_start_s")), 60);
    EXPECT_LT(likely(rowOf(heat, "fitting", "grip_first_s")), likely(rowOf(heat, "fitting", "grip_last_s")));
    const auto& gap = heat["series"]["clearance"]["rows"];
    ASSERT_GT(gap.size(), 20u);
    for (std::size_t i = 1; i < gap.size(); ++i)
        EXPECT_LT(gap[i][2], gap[i - 1][2]); // it only ever closes
}

TEST(CommandLine, HeatAsksWhatIf) {
    const TemporaryShop shop;
    const auto drum = shop.file("conveyor-tail-drum.arbor.json");
    const auto time = [&](const char* key, std::vector<std::string> more) {
        std::vector<std::string> words{"heat", drum, "--json"};
        words.insert(words.end(), more.begin(), more.end());
        return likely(rowOf(PrintedSheets(run(words).out).sheet("warm", "in:inner_cup"), "fitting", key));
    };
    EXPECT_LT(time("last_start_s", {"--off", "10"}), time("last_start_s", {}));
    EXPECT_EQ(time("transfer_s", {"--walk", "90"}), 90);
    const auto far = run({"heat", drum, "--walk", "9000"});
    EXPECT_EQ(far.exit, 2);
    EXPECT_THAT(far.err, HasSubstr("heat/walk_s"));
    const auto none = run({"heat", drum, "--seat", "drum+nothing"});
    EXPECT_EQ(none.exit, 2);
    EXPECT_THAT(none.err, HasSubstr("--seat"));
    const auto shaft = run({"heat", shop.jobFile(), "--seat", "bearing+spindle"});
    EXPECT_EQ(shaft.exit, 0) << shaft.err;
    EXPECT_THAT(shaft.out, HasSubstr("bearing"));
}

/// Its gap comes back to zero within the solver's noise once it has closed: the first closing counts, and it goes on.
TEST(CommandLine, HeatIsFollowedPastTheClosingOfTheGap) {
    const TemporaryShop shop;
    const auto job = shop.file("slitter-pair.arbor.json");
    std::filesystem::copy_file(std::string(ARBOR_SOURCE_DIR) + "/tests/data/jobs/slitter-pair.arbor.json", job);
    const auto r = run({"heat", job, "--json"});
    EXPECT_NE(r.exit, 2) << r.err;
    const PrintedSheets printed(r.out);
    for (const char* step : {"in:upper_cup", "in:lower_cup"})
        EXPECT_TRUE(printed.sheet("warm", step)["series"].contains("clearance")) << step;
}

TEST(CommandLine, HeatBeyondACeilingEndsWithOne) {
    const TemporaryShop shop;
    auto text = shop.read("seamer-turret-upper.arbor.json");
    text = replaced(text, R"("press": "P30")", R"("press": "P30", "steps": {"in:housing+bearing":
                           {"outer": "housing", "inner": "bearing", "way": "in", "heat": {"outer_degC": 180}}})");
    shop.write("hot.arbor.json", text);
    const auto r = run({"heat", shop.file("hot.arbor.json")});
    EXPECT_EQ(r.exit, 1);
    EXPECT_THAT(r.out, HasSubstr("Heat soak after fitting"));
    shop.write("odd.arbor.json", replaced(text, "\"outer_degC\": 180", "\"outer_source\": \"bonfire\""));
    const auto odd = run({"heat", shop.file("odd.arbor.json")});
    EXPECT_EQ(odd.exit, 2);
    EXPECT_THAT(odd.err, HasSubstr("outer_source"));
}

TEST(CommandLine, PressReadsItsTrace) {
    const TemporaryShop shop;
    const PrintedSheets printed(run({"press", shop.file("exhaust-fan-carrier.arbor.json"), "--json"}).out);
    const auto& press = printed.sheet("press", "in:bearing");
    EXPECT_FALSE(rowOf(press, "trace", "verdict/home").is_null());
    EXPECT_NEAR(likely(rowOf(press, "trace", "knee_mm")), likely(rowOf(press, "travel", "travel_mm")), 0.3);
    EXPECT_GT(likely(rowOf(press, "trace", "friction")), 0.05);
    EXPECT_EQ(press["rows"]["trace"].back()["label"], "Phase: dwell");
}
