// A line of the tightening list as it is said.
#include "io/entry/fastener_entry.h"

#include <gtest/gtest.h>

using namespace arbor;
using io::parseFastener;

TEST(FastenerEntry, NameCountValuePatternAndLocking) {
    const auto f = parseFastener("Plate screws 4 x 25 star 2 stages tab").value();
    EXPECT_EQ(f.name, "Plate screws");
    EXPECT_EQ(f.count, 4);
    EXPECT_EQ(f.torque_Nm, 25);
    EXPECT_EQ(f.pattern, job::Pattern::Star);
    EXPECT_EQ(f.stages, 2);
    EXPECT_EQ(f.locking, job::Locking::Tab);
    EXPECT_FALSE(f.oneTime);
}

TEST(FastenerEntry, AngleNewAndUnits) {
    const auto f = parseFastener("Hub bolts 6 x 44,5 Nm round 90 deg new").value();
    EXPECT_EQ(f.torque_Nm, 44.5);
    EXPECT_EQ(f.angle_deg, 90);
    EXPECT_TRUE(f.oneTime);
    EXPECT_EQ(f.pattern, job::Pattern::Round);
    EXPECT_NEAR(parseFastener("Nut 100", 1.3558).value().torque_Nm, 135.58, 1e-9);
    EXPECT_EQ(parseFastener("Shaft nut pin").value().torque_Nm, 0); // by the maker's figure
}

TEST(FastenerEntry, WhatIsMissingIsNamed) {
    EXPECT_EQ(parseFastener("4 x 25").error().code, ProblemCode::Missing);
    EXPECT_EQ(parseFastener("").error().field, "fastener");
    EXPECT_EQ(parseFastener("Bolts 400 x 25").error().field, "count");
    EXPECT_EQ(parseFastener("Bolts 4 x 25 9 stages").error().field, "stages");
}
