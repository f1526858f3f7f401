// Which ring must be tight, and how tight: the load case decides, the rest shifts it by a step.
#include "core/fit/proposal.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using namespace arbor::fit;

namespace {

ProposalInput ball6206(LoadCase load, double share = 0.1) {
    ProposalInput in;
    in.bearing = *catalog::findBearing(arbor::testing::demoTables().bearings, "6206");
    in.load = load;
    in.loadShare = share;
    return in;
}

std::string classes(const ProposalInput& in) {
    const auto p = proposeFit(in);
    return p.shaft && p.hole ? p.shaft->text() + " " + p.hole->text() : "nothing";
}

} // namespace

TEST(Proposal, FollowsTheLoadCase) {
    EXPECT_EQ(classes(ball6206(LoadCase::NotSaid)), "nothing");
    EXPECT_EQ(classes(ball6206(LoadCase::InnerTurns)), "k5 J7");
    EXPECT_EQ(classes(ball6206(LoadCase::OuterTurns)), "h6 N7");
    EXPECT_EQ(classes(ball6206(LoadCase::Indeterminate)), "k5 K7");
}

TEST(Proposal, HeavierLoadsAskForTighterRings) {
    EXPECT_EQ(classes(ball6206(LoadCase::InnerTurns, 0.04)), "j6 J7");
    EXPECT_EQ(classes(ball6206(LoadCase::InnerTurns, 0.2)), "m5 J7");
    EXPECT_EQ(classes(ball6206(LoadCase::OuterTurns, 0.04)), "h6 M7");
    EXPECT_EQ(classes(ball6206(LoadCase::OuterTurns, 0.2)), "h6 P7");
    EXPECT_EQ(loadShare(0.06), LoadShare::Light);
    EXPECT_EQ(loadShare(0.0601), LoadShare::Normal);
    EXPECT_EQ(loadShare(0.13), LoadShare::Heavy);
}

TEST(Proposal, WeakHousingsAndHollowShaftsGoOneStepTighter) {
    auto in = ball6206(LoadCase::OuterTurns);
    in.housing = catalog::FrictionFamily::Aluminium;
    EXPECT_EQ(classes(in), "h6 P7");
    in = ball6206(LoadCase::OuterTurns);
    in.housingWallShare = 0.5;
    EXPECT_EQ(classes(in), "h6 P7");
    in = ball6206(LoadCase::InnerTurns);
    in.shaftHollow = true;
    EXPECT_EQ(classes(in), "m5 J7");
    in.shaftHollow = false;
    in.speedLoosens = true;
    EXPECT_EQ(classes(in), "m5 J7");
    // The ring that stands still gains nothing from it.
    in = ball6206(LoadCase::InnerTurns);
    in.housing = catalog::FrictionFamily::Aluminium;
    EXPECT_EQ(classes(in), "k5 J7");
}

TEST(Proposal, TheStillRingSlidesWhereItHasTo) {
    auto in = ball6206(LoadCase::InnerTurns);
    in.mustSlide = true;
    EXPECT_EQ(classes(in), "k5 H7");
    in.load = LoadCase::OuterTurns;
    EXPECT_EQ(classes(in), "g6 N7");
}

TEST(Proposal, EveryClassProposedExistsAtEverySizeOfTheCatalogue) {
    const auto& lib = arbor::testing::demoTables();
    for (const auto& bearing : lib.bearings)
        for (const auto load : {LoadCase::InnerTurns, LoadCase::OuterTurns, LoadCase::Indeterminate})
            for (const double share : {0.03, 0.1, 0.2})
                for (const bool weak : {false, true}) {
                    ProposalInput in{bearing, load, share};
                    in.shaftHollow = weak;
                    in.housingWallShare = weak ? 0.5 : 2;
                    const auto p = proposeFit(in);
                    ASSERT_TRUE(p.shaft && p.hole);
                    EXPECT_TRUE(standards::limitDeviations(lib.iso286, bearing.boreDia_mm, *p.shaft))
                        << bearing.designation << " " << p.shaft->text();
                    EXPECT_TRUE(standards::limitDeviations(lib.iso286, bearing.outsideDia_mm, *p.hole))
                        << bearing.designation << " " << p.hole->text();
                    EXPECT_FALSE(p.because.empty());
                }
}

TEST(Proposal, NeighboursGoFromLooseToTight) {
    const auto& iso = arbor::testing::demoTables().iso286;
    for (const auto& of :
         {standards::ToleranceClass{"N", 7}, standards::ToleranceClass{"k", 6}, standards::ToleranceClass{"s", 6}}) {
        const auto row = neighbours(of);
        EXPECT_NE(std::find(row.begin(), row.end(), of), row.end()) << of.text();
        double before = of.isHole() ? 1 : -1;
        for (const auto& c : row) {
            EXPECT_EQ(c.grade, of.grade);
            const double middle = standards::limitDeviations(iso, 30, c)->mid();
            if (of.isHole())
                EXPECT_LE(middle, before) << c.text();
            else
                EXPECT_GE(middle, before) << c.text();
            before = middle;
        }
    }
}

TEST(Proposal, ALooseRingUnderATurningLoadIsQuestioned) {
    EXPECT_FALSE(questionTightRing(LoadCase::NotSaid, false, false));
    EXPECT_FALSE(questionTightRing(LoadCase::InnerTurns, true, false));
    EXPECT_EQ(questionTightRing(LoadCase::InnerTurns, false, true)->get<found::WrongRingTight>()->ring, "inner ring");
    EXPECT_EQ(questionTightRing(LoadCase::OuterTurns, true, false)->get<found::WrongRingTight>()->ring, "outer ring");
    EXPECT_EQ(questionTightRing(LoadCase::Indeterminate, true, false)->get<found::WrongRingTight>()->ring,
              "outer ring");
}
