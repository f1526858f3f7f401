// A sleeve designed for a ring passes the same proof as one from the rack, for every bearing and whatever is
// overridden.
#include "core/plan/plan_job.h"
#include "core/tooling/turned.h"

#include "core/tooling/search.h"
#include "support/shop.h"
#include "support/steps.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::inHand;
using tooling::designSleeve;

namespace {

constexpr double kRamFoot_mm = 60;
const char* const kDemos[] = {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                              "labeller-pulley",     "exhaust-fan-carrier",   "brine-agitator"};

plan::Plan planOf(const char* name) {
    return plan::planJob(demoJob(name), demoTables());
}

/// A plain blind housing for a bearing, its ring `sunk_mm` under the face.
arrangement::BlindSeat housed(const catalog::Bearing& b, double sunk_mm) {
    arrangement::BlindSeat h;
    h.bearing.designation = b.designation;
    if (b.isTaper()) h.bearing.piece = arrangement::FromCatalogue::Piece::Outer;
    if (catalog::knowledge(b.type).sealable) h.bearing.dress.seals = catalog::Side::Both;
    h.seatDia_mm = b.outsideDia_mm;
    h.outsideDia_mm = 1.5 * b.outsideDia_mm;
    h.seatDepth_mm = b.outerWidth_mm + sunk_mm;
    h.height_mm = h.seatDepth_mm + 20;
    h.shoulderBoreDia_mm = b.outerRacewayDia_mm();
    h.leadIn_mm = 0.5;
    return h;
}

} // namespace

TEST(Turned, EveryDemoJobGetsASleeveThatIsProvenOnItsPress) {
    for (const auto* name : kDemos) {
        const auto p = planOf(name);
        const auto sleeve = designSleeve(*inHand(p).task(), inHand(p).step.load, {p.press->ramFootDia_mm, 0},
                                         inHand(p).step.bearing->designation);
        ASSERT_TRUE(sleeve) << name << " " << sleeve.error().field;
        EXPECT_LT(worst(sleeve->check.findings), Severity::Check) << name;
        EXPECT_GT(sleeve->check.coverage, 0.6) << name;
        // On the rack and asked for, the whole stack around it is proven.
        auto rack = demoTables().rack;
        rack.tools.push_back(sleeve->tool);
        tooling::SearchOverrides overrides{rack.press(p.press->id), &rack.tools.back(), nullptr};
        const auto tools = tooling::chooseTools(*inHand(p).task(), rack, overrides, inHand(p).step.load);
        ASSERT_TRUE(tools.choice) << name;
        EXPECT_EQ(tools.choice->driver->id, sleeve->tool.id);
        EXPECT_LT(worst(tools.proof.findings), Severity::Stop) << name;
    }
}

TEST(Turned, SizesByHandForTheSeamer) {
    const auto p = planOf("seamer-turret-upper");
    const auto s = designSleeve(*inHand(p).task(), inHand(p).step.load, {kRamFoot_mm, 0}, "3206").value();
    // 3206: 62 outside, chamfer 1, raceway 54; face 54 to 60; home 22.2 under the face.
    EXPECT_DOUBLE_EQ(s.tool.outsideDia_mm, 60.0);
    EXPECT_DOUBLE_EQ(s.tool.boreDia_mm, 54.6);
    EXPECT_DOUBLE_EQ(s.tool.headThick_mm, 9);
    EXPECT_DOUBLE_EQ(s.tool.length_mm, std::ceil(22.2 + 10 + 9));
    EXPECT_GE(s.barDia_mm, s.tool.headDia_mm + 2);
    EXPECT_GT(s.barLength_mm, s.tool.length_mm);
}

TEST(Turned, EveryBearingOfTheCatalogueGetsOneOrAClearRefusal) {
    int made = 0;
    for (const auto& bearing : demoTables().bearings)
        for (const double sunk : {0.0, 3.0, 40.0}) {
            const auto seat = housed(bearing, sunk);
            if (!arrangement::blindSeat(seat)) continue;
            const auto s =
                designSleeve(arbor::testing::taskOf(seat, &bearing), {1000, 2000, 1e5, true}, {kRamFoot_mm, 0}, "X");
            if (!s) {
                EXPECT_EQ(s.error().code, ProblemCode::NotDefined) << bearing.designation;
                EXPECT_EQ(s.error().field, "face");
                continue;
            }
            ++made;
            EXPECT_LT(s->tool.boreDia_mm, s->tool.outsideDia_mm) << bearing.designation;
            EXPECT_LT(s->tool.outsideDia_mm, bearing.outsideDia_mm) << "clear of the bore";
            if (catalog::knowledge(bearing.type).sealable) {
                EXPECT_GT(s->tool.boreDia_mm, bearing.outerFaceInnerDia_mm()) << "clear of the seal";
            }
            EXPECT_LT(worst(s->check.findings), Severity::Stop) << bearing.designation << " sunk " << sunk;
        }
    EXPECT_GT(made, 1000);
}

TEST(Turned, OverridesAreKeptAndJudged) {
    const auto p = planOf("seamer-turret-upper");
    const auto with = [&](tooling::TurnOverrides overrides) {
        return designSleeve(*inHand(p).task(), inHand(p).step.load, {kRamFoot_mm, 0}, "3206", overrides);
    };
    const auto wide = with({63.0, {}, {}}).value();
    EXPECT_EQ(wide.tool.outsideDia_mm, 63.0);
    EXPECT_EQ(worst(wide.check.findings), Severity::Stop) << "it catches in the bore";
    const auto brief = with({{}, {}, 15.0}).value();
    EXPECT_EQ(worst(brief.check.findings), Severity::Stop) << "its head ends in the bore";
    EXPECT_EQ(with({{}, 61.0, {}}).error().code, ProblemCode::GeometryOrder);
    EXPECT_EQ(with({-5.0, {}, {}}).error().field, "outside_mm");
    EXPECT_EQ(with({{}, NAN, {}}).error().field, "bore_mm");
    EXPECT_EQ(with({{}, {}, 1e9}).error().field, "length_mm");
}

TEST(Turned, AThinWallIsToldByTheLoad) {
    const auto p = planOf("seamer-turret-upper");
    const auto s = designSleeve(*inHand(p).task(), {5e5, 6e5, 1e5, true}, {kRamFoot_mm, 0}, "3206").value();
    EXPECT_TRUE(std::any_of(s.check.findings.begin(), s.check.findings.end(),
                            [](const Advice& a) { return a.is<found::FaceOverloaded>(); }));
}
