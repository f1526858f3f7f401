// Adjust and the logbook without a window.
#include "cli/run.h"
#include "support/printed_sheets.h"
#include "support/schema.h"
#include "support/shop.h"

#include <algorithm>
#include <filesystem>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

using arbor::testing::likely;
using arbor::testing::PrintedSheets;
using arbor::testing::replaced;
using arbor::testing::rowOf;
using arbor::testing::run;
using arbor::testing::schemaFaults;
using arbor::testing::TemporaryShop;
using ::testing::HasSubstr;

TEST(AdjustCommand, PrintsWhatEachHabitComesToAndTheSteps) {
    const TemporaryShop shop;
    const auto r = run({"adjust", shop.file("conveyor-tail-drum.arbor.json")});
    EXPECT_EQ(r.exit, 1); // no slot gives it
    EXPECT_THAT(r.out, HasSubstr("Add 0.035 mm under the nut, at this slot"));
    EXPECT_THAT(r.out, HasSubstr("Snug, loosen, snug"));
    EXPECT_THAT(r.out, HasSubstr("1. Tighten while turning"));
}

TEST(AdjustCommand, AsJsonForPrograms) {
    const TemporaryShop shop;
    const auto r = run({"adjust", shop.file("labeller-pulley.arbor.json"), "--json"});
    const PrintedSheets printed(r.out);
    const auto& sheet = printed.sheet("adjust");
    EXPECT_NEAR(likely(rowOf(sheet, "target", "clamp_force_N")), 25000, 1);
    EXPECT_FALSE(rowOf(sheet, "target", "target_um").is_null());
    EXPECT_THAT(sheet["next"].get<std::string>(), ::testing::StartsWith("Done: step"));
    EXPECT_FALSE(sheet.contains("waits_for"));
    const auto none = run({"adjust", shop.jobFile(), "--json"});
    EXPECT_EQ(PrintedSheets(none.out).sheet("adjust")["title"], "Nothing to set");
    EXPECT_EQ(none.exit, 0);
}

TEST(AdjustCommand, AWrongNutIsNamedWithItsPlace) {
    const TemporaryShop shop;
    auto text = shop.read("conveyor-tail-drum.arbor.json");
    shop.write("bad.arbor.json", replaced(text, "\"pitch_mm\": 1.5", "\"pitch_mm\": -1.5"));
    const auto r = run({"adjust", shop.file("bad.arbor.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("pitch_mm"));
}

TEST(SeatCommand, TellsOfTheRingsPressedBesides) {
    const TemporaryShop shop;
    const auto file = shop.file("exhaust-fan-carrier.arbor.json");
    EXPECT_THAT(run({"seat", file}).out, HasSubstr("Home and square: Retaining collar · Fan shaft"));
    const PrintedSheets printed(run({"seat", file, "--json"}).out);
    EXPECT_FALSE(rowOf(printed.sheet("seat", "in:collar"), "plane", "verdict/home_and_square").is_null());
    auto text = shop.read("exhaust-fan-carrier.arbor.json");
    text = replaced(text, "\"clock_deg\": 90, \"value_mm\": 0}", "\"clock_deg\": 90, \"value_mm\": 0.3}");
    shop.write("crooked.arbor.json", text);
    const auto crooked = run({"seat", shop.file("crooked.arbor.json")});
    EXPECT_EQ(crooked.exit, 1); // a stop
    EXPECT_THAT(crooked.out, HasSubstr("Retaining collar: not home and square"));
    shop.write("nowhere.arbor.json", replaced(text, "\"kind\": \"feeler\"", "\"kind\": \"eye\""));
    const auto refused = run({"seat", shop.file("nowhere.arbor.json")});
    EXPECT_EQ(refused.exit, 2);
    EXPECT_THAT(refused.err, HasSubstr("steps/in:collar+shaft/readings/kind"));
}

TEST(LogCommand, TakesInFindsAndPrints) {
    const TemporaryShop shop;
    auto r = run({"log", shop.folder(), "--import", shop.file("past_presses.json")});
    EXPECT_EQ(r.exit, 0) << r.err;
    EXPECT_THAT(r.out, HasSubstr("taken in: 200 of 200"));
    r = run({"log", shop.folder(), "--import", shop.file("past_presses.json")});
    EXPECT_THAT(r.out, HasSubstr("taken in: 0 of 200")); // they are there
    r = run({"log", shop.folder(), "--find", "tail drum chip", "--json"});
    const auto found = nlohmann::json::parse(r.out);
    EXPECT_EQ(schemaFaults("log", found), "");
    ASSERT_GE(found["presses"].size(), 1u);
    for (const auto& press : found["presses"])
        EXPECT_THAT(press.at("notes").get<std::string>(), HasSubstr("chip"));
    r = run({"log", shop.folder(), "--from", "2025-06-01", "--to", "2025-06-30", "--csv"});
    EXPECT_THAT(r.out, HasSubstr("id,job,title"));
    EXPECT_THAT(r.out, ::testing::Not(HasSubstr("2025-07")));
    r = run({"log", shop.folder(), "--most", "7"});
    EXPECT_THAT(r.out, HasSubstr("7 of 200 presses"));
}

TEST(LogCommand, ExportsAreWholeAndCanBeTakenInElsewhere) {
    const TemporaryShop shop, other;
    ASSERT_EQ(run({"log", shop.folder(), "--import", shop.file("past_presses.json")}).exit, 0);
    const auto csv = run({"log", shop.folder(), "--csv"}).out;
    EXPECT_EQ(std::count(csv.begin(), csv.end(), '\n'), 201); // a head and 200 presses
    const auto json = run({"log", shop.folder(), "--json"}).out;
    EXPECT_EQ(nlohmann::json::parse(json)["presses"].size(), 200u);
    other.write("all.json", json);
    EXPECT_THAT(run({"log", other.folder(), "--import", other.file("all.json")}).out,
                HasSubstr("taken in: 200 of 200"));
    EXPECT_EQ(run({"log", other.folder(), "--json"}).out, json) << "whole jobs and all";
}

TEST(LogCommand, AConnectionThatIsNoneIsRefusedAndMakesNoFile) {
    const TemporaryShop shop;
    for (const char* connection :
         {"http://host/log", "postgres:/host", "mysql://host/log", "sqlite:", "postgres://host"}) {
        const auto r = run({"log", connection});
        EXPECT_EQ(r.exit, 2) << connection;
        EXPECT_THAT(r.err, HasSubstr("postgresql://")) << connection;
    }
    EXPECT_EQ(run({"log", "postgres://nobody@127.0.0.1:1/none"}).exit, 2); // understood, and not there
    EXPECT_FALSE(std::filesystem::exists("none"));
}

TEST(LogCommand, TheLogbookBesideTheJobTeachesTheCommandLineToo) {
    const TemporaryShop shop;
    const auto before = nlohmann::json::parse(run({"press", shop.jobFile(), "--json"}).out);
    ASSERT_EQ(run({"log", shop.folder(), "--import", shop.file("past_presses.json")}).exit, 0);
    const auto after = nlohmann::json::parse(run({"press", shop.jobFile(), "--json"}).out);
    EXPECT_NE(before, after);
}

TEST(CommandLine, ARackInOtherLettersThrowsNothing) {
    const TemporaryShop shop;
    shop.write("rack.csv", replaced(shop.read("rack.csv"), "sleeve,", "sleeve,H\xFClse "));
    for (const char* command : {"plan", "tools", "fit"})
        EXPECT_LE(run({command, shop.jobFile(), "--json"}).exit, 1) << command;
    EXPECT_THAT(run({"plan", shop.jobFile()}).err, HasSubstr("Latin-1"));
}

TEST(LogCommand, WhatIsNoDateIsNamedInsteadOfFindingNothing) {
    const TemporaryShop shop;
    ASSERT_EQ(run({"log", shop.folder(), "--import", shop.file("past_presses.json")}).exit, 0);
    for (const char* option : {"--from", "--to"})
        for (const char* day : {"last week", "2025-13-01", "31.01.2025"}) {
            const auto r = run({"log", shop.folder(), option, day});
            EXPECT_EQ(r.exit, 2) << option << " " << day;
            EXPECT_THAT(r.err, HasSubstr(std::string(option).substr(2) + ": “" + day));
            EXPECT_THAT(r.err, HasSubstr("2026-01-31"));
            EXPECT_EQ(r.out, "");
        }
}

TEST(LogCommand, AnotherOutputThanAskedIsRefused) {
    const TemporaryShop shop;
    EXPECT_EQ(run({"log", shop.folder(), "--csv", "--json"}).exit, 2);
    EXPECT_EQ(run({"log", shop.folder(), "--most", "a few"}).exit, 2);
    EXPECT_EQ(run({"log"}).exit, 2);
}

TEST(BackupCommand, KeepsAShopAndTakesItBack) {
    const TemporaryShop shop, outside;
    const auto made = run({"backup", shop.folder(), "--into", outside.folder()});
    ASSERT_EQ(made.exit, 0) << made.err;
    const auto archive = made.out.substr(0, made.out.find(": "));
    EXPECT_EQ(run({"backup", "--check", archive}).exit, 0);
    const auto back = outside.file("back");
    EXPECT_EQ(run({"restore", archive, back}).exit, 0);
    EXPECT_EQ(run({"plan", back + "/seamer-turret-upper.arbor.json"}).out, run({"plan", shop.jobFile()}).out);
    EXPECT_EQ(run({"restore", archive, back}).exit, 2) << "never over a shop";
    outside.write("torn.tar.gz", outside.read(std::filesystem::path(archive).filename().string()).substr(0, 300));
    EXPECT_EQ(run({"backup", "--check", outside.file("torn.tar.gz")}).exit, 2);
}

TEST(LogCommand, WhatIsNoLogbookOrNoListIsNamed) {
    const TemporaryShop shop;
    EXPECT_EQ(run({"log", "the blue one"}).exit, 2);
    shop.write("bad.json", "{\"id\": 1}");
    auto r = run({"log", shop.folder(), "--import", shop.file("bad.json")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("bad.json"));
    shop.write("short.json", "[{\"id\": \"x\"}]");
    r = run({"log", shop.folder(), "--import", shop.file("short.json")});
    EXPECT_THAT(r.err, HasSubstr("press 1"));
    EXPECT_EQ(run({"log", shop.folder(), "--import", shop.file("none.json")}).exit, 2);
}
