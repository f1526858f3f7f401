// The day, quotes and what goes to the customer, without a window.
#include "cli/run.h"
#include "support/printed_sheets.h"
#include "support/schema.h"
#include "support/shop.h"

#include "solver/solve.h"

#include <filesystem>
#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::PrintedSheets;
using arbor::testing::run;
using arbor::testing::schemaFaults;
using arbor::testing::TemporaryShop;
using ::testing::HasSubstr;

TEST(DayCommand, PlansTheShopOrSaysWhatItLacks) {
    const TemporaryShop shop;
    const auto r = run({"day", shop.file("."), "--now", "2026-11-30T07:00", "--json"});
    const PrintedSheets printed(r.out);
    EXPECT_EQ(schemaFaults("day", printed.whole), "");
    const auto& sheet = printed.sheet("day");
    if (!day::canSolve()) {
        EXPECT_EQ(sheet["title"], "This build plans no day");
        return;
    }
    EXPECT_THAT(sheet["title"].get<std::string>(), ::testing::StartsWith("Next: "));
    EXPECT_GT(sheet["rows"]["plan"].size(), 60U);
    EXPECT_GE(sheet["rows"]["wanted"].size(), 6U);
    EXPECT_GE(sheet["rows"]["plan"][0]["value"].get<double>(), 7 * 60);
    EXPECT_FALSE(std::filesystem::exists(shop.file("day.json"))) << "looking changes nothing";
}

TEST(DayCommand, BadInputIsNamed) {
    const TemporaryShop shop;
    auto r = run({"day", shop.file("nowhere")});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("nowhere"));
    r = run({"day", shop.file("."), "--now", "noon"});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("noon"));
    shop.write("day.json", "{");
    r = run({"day", shop.file("."), "--now", "2026-11-30T07:00"});
    EXPECT_EQ(r.exit, 2);
    EXPECT_THAT(r.err, HasSubstr("day.json"));
}

TEST(QuoteCommand, IsATableForPrograms) {
    const TemporaryShop shop;
    const auto r = run({"quote", shop.jobFile(), "--csv"});
    EXPECT_EQ(r.exit, 0);
    EXPECT_THAT(r.out, ::testing::StartsWith("job,line,kind,what,quantity,unit,price,amount,currency\n"));
    EXPECT_THAT(r.out, HasSubstr(",part,3206,1,piece,41.5,41.5,EUR\n"));
    EXPECT_THAT(r.out, HasSubstr(",part,Retaining ring,1,piece,,,EUR\n")) << "no price is no price, not nothing";
    const auto taken = run({"quote", shop.jobFile(), "--taken"});
    EXPECT_THAT(taken.out, HasSubstr("No hours were taken down"));
}

TEST(QuoteCommand, SaysTheSumOfItsLinesAsJson) {
    const TemporaryShop shop;
    const auto r = run({"quote", shop.jobFile(), "--json"});
    const PrintedSheets printed(r.out);
    EXPECT_EQ(schemaFaults("quote", printed.whole), "");
    const auto& sheet = printed.sheet("quote");
    double hours = 0;
    for (const auto& row : sheet["rows"]["hours"])
        hours += row["value"].get<double>();
    EXPECT_NEAR(sheet["figures"]["hours"]["value"].get<double>(), hours, 1e-9);
    // 41.50 for the bearing, 18 a job, 62 an hour; each line to the cent.
    EXPECT_NEAR(sheet["figures"]["total"]["value"].get<double>(), 41.5 + 18 + 62 * hours, 0.02);
}

TEST(CustomerCommand, IsInPlainWords) {
    const TemporaryShop shop;
    const auto r = run({"customer", shop.file("exhaust-fan-carrier.arbor.json")});
    EXPECT_EQ(r.exit, 0);
    for (const char* said :
         {"What was wrong: squeals at start", "61.985", "Home and square", "Next inspection: not said"})
        EXPECT_THAT(r.out, HasSubstr(said));
}

TEST(InspectionsCommand, ListsWhatIsDueByMachine) {
    const TemporaryShop shop;
    EXPECT_THAT(run({"inspections", shop.file(".")}).out, HasSubstr("No closed job says"));
    auto text = shop.read("exhaust-fan-carrier.arbor.json");
    const std::string closing = "\"closing\": {";
    text.insert(text.find(closing) + closing.size(), "\"next_inspection\": \"2026-06-01\",");
    shop.write("exhaust-fan-carrier.arbor.json", text);
    const auto r = run({"inspections", shop.file("."), "--now", "2026-11-30T07:00"});
    EXPECT_THAT(r.out, HasSubstr("over their day"));
    EXPECT_THAT(r.out, HasSubstr("2026-06-01, over"));
}
