// Bearings by the number printed on them, suffixes included.
#include "core/arrangement/edit.h"
#include "core/catalog/printed_number.h"
#include "core/plan/plan_job.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using catalog::Side;

namespace {

catalog::PrintedNumber read(const std::string& printed) {
    const auto out = catalog::readPrinted(demoTables().bearings, printed);
    EXPECT_TRUE(out) << printed;
    return out.value_or(catalog::PrintedNumber{});
}

} // namespace

TEST(PrintedNumber, SuffixesAreTakenApartHoweverTheyAreSeparated) {
    for (const char* printed : {"6204-2RS/C3", "6204 2RS C3", "62042RSC3", "6204.2rs.c3", "6204 2RS1 C3"}) {
        const auto p = read(printed);
        EXPECT_EQ(p.designation, "6204") << printed;
        EXPECT_EQ(p.seals, Side::Both) << printed;
        EXPECT_EQ(p.clearanceGroup, "C3") << printed;
        EXPECT_FALSE(p.accuracy) << printed;
    }
    EXPECT_EQ(read("6206 ZZ").seals, Side::Both);
    EXPECT_EQ(read("6206-Z").seals, Side::Up);
    EXPECT_EQ(read("6206 P5").accuracy, "5");
    EXPECT_EQ(read("6206 P63").accuracy, "6");
    EXPECT_EQ(read("6206 P63").clearanceGroup, "C3");
    EXPECT_TRUE(read("6206 TN9").plasticCage);
    EXPECT_EQ(read("nu 205 e").designation, "NU205");
    EXPECT_EQ(read("6206NR").designation, "6206");
}

TEST(PrintedNumber, TheLongestNumberOfTheCatalogueCounts) {
    // NJ and NU begin with N: their numbers are theirs.
    EXPECT_EQ(read("NJ206").designation, "NJ206");
    for (const auto& bearing : demoTables().bearings)
        EXPECT_EQ(read(bearing.designation).designation, bearing.designation);
}

TEST(PrintedNumber, WhatIsNotKnownIsRefusedAndNotGuessed) {
    for (const char* printed : {"", "9999", "6204 QX", "6204-2RS-Q9"})
        EXPECT_FALSE(catalog::readPrinted(demoTables().bearings, printed)) << printed;
    EXPECT_FALSE(catalog::bearingPrinted(demoTables().bearings, "6204 QX"));
    EXPECT_TRUE(catalog::bearingPrinted(demoTables().bearings, "6204 C3"));
}

TEST(PrintedNumber, AJobMayHaveItAsItIsPrinted) {
    auto job = demoJob("seamer-turret-upper");
    auto plain = job;
    bearingOf(job).designation = "3206 2RS C3";
    bearingOf(plain).dress.seals = Side::Both;
    bearingOf(plain).facts.clearanceGroup = "C3";
    const auto printed = plan::planJob(job, demoTables()), said = plan::planJob(plain, demoTables());
    ASSERT_TRUE(printed.problems.empty());
    ASSERT_TRUE(printed.fits && said.fits);
    EXPECT_EQ(printed.fits->bearings.front().designation, "3206");
    EXPECT_EQ(printed.fits->bearings.front().clearanceGroup, "C3");
    EXPECT_EQ(printed.fits->bearings.front().clearanceMade_mm, said.fits->bearings.front().clearanceMade_mm);
}

TEST(PrintedNumber, TypedForAnotherBearingItIsTakenApart) {
    const auto plan = plan::planJob(demoJob("seamer-turret-upper"), demoTables());
    const auto& a = plan.strip.assembly;
    const auto next =
        arrangement::withBearing(a, *arrangement::indexOf(a, "bearing"), "3207-2RS/C3", demoTables().bearings);
    ASSERT_TRUE(next);
    const auto& from = *next->parts[*arrangement::indexOf(*next, "bearing")].catalogue;
    EXPECT_EQ(from.designation, "3207");
    EXPECT_EQ(from.dress.seals, Side::Both);
    EXPECT_EQ(from.facts.clearanceGroup, "C3");
}
