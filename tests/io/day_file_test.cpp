// What a shop keeps of its day beside the jobs.
#include "io/shop_day.h"
#include "support/shop.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::TemporaryShop;

namespace {

const day::Key kIn{"J-0142", day::Work::In, "in:bearing"};

std::string withStart(const std::string& entry) {
    return R"({"format": "brisk-arbor/day-plan", "version": 1, "date": "2026-11-30", "fixed_starts": [)" + entry +
           R"(], "plan": []})";
}

} // namespace

TEST(DayFile, ComesBackAsItWasWritten) {
    TemporaryShop shop;
    EXPECT_TRUE(io::loadDay(shop.file("."))->date.empty()) << "a shop that has none";
    io::DayFile file;
    file.date = "2026-11-30";
    file.starts[kIn] = "2026-12-01T07:30:00";
    file.plan[kIn] = {9 * 60, 9 * 60 + 20};
    file.plan[{"J-0152", day::Work::Close}] = {-30, day::kDay + 5};
    ASSERT_TRUE(io::saveDay(shop.file("."), file));
    const auto read = io::loadDay(shop.file("."));
    ASSERT_TRUE(read);
    EXPECT_EQ(read->date, file.date);
    EXPECT_EQ(read->starts, file.starts);
    EXPECT_EQ(read->plan, file.plan);
}

TEST(DayFile, WhatIsWrongInItIsNamedWithItsPlace) {
    TemporaryShop shop;
    const auto refused = [&](const std::string& text) {
        shop.write("day.json", text);
        const auto read = io::loadDay(shop.file("."));
        EXPECT_FALSE(read) << text;
        if (read) return std::string();
        EXPECT_NE(read.error().file.find("day.json"), std::string::npos);
        return read.error().field;
    };
    EXPECT_EQ(refused(withStart(R"({"job": "J-1", "what": "in", "at": "noon"})")), "fixed_starts/0/at");
    EXPECT_EQ(refused(withStart(R"({"job": "J-1", "what": "dance", "at": "2026-11-30T10:00"})")),
              "fixed_starts/0/what");
    EXPECT_EQ(
        refused(R"({"format": "brisk-arbor/day-plan", "version": 2, "date": "", "fixed_starts": [], "plan": []})"),
        "version");
    refused("{");
    refused("[]");
    refused(R"({"format": "brisk-arbor/day-plan", "version": 1})");
}
