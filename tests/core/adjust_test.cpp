// Nuts, pairs, spacers, shims and grease against values worked by hand, limit cases and searches that try everything.
#include "core/adjust/grease.h"
#include "core/adjust/nut.h"
#include "core/adjust/pair.h"
#include "core/adjust/spacer_pair.h"

#include <cmath>
#include <gtest/gtest.h>
#include <random>

using namespace arbor;
using adjust::chooseSlot;
using adjust::ClampedPair;
using adjust::lockAngles;
using adjust::Nut;
using adjust::SettingMethod;

namespace {

std::vector<double> playsOf(const adjust::SlotChoice& c) {
    std::vector<double> out;
    for (const auto& p : c.places)
        out.push_back(p.play_mm);
    return out;
}

bool contains(const std::vector<double>& list, double value) {
    return std::any_of(list.begin(), list.end(), [&](double v) { return std::abs(v - value) < 1e-9; });
}

ClampedPair axle() {
    ClampedPair p;
    p.nutDia_mm = 30;
    p.spacerLength_mm = 60;
    p.spacerArea_mm2 = 300;
    p.ringWidth_mm = 40;
    p.ringArea_mm2 = 400;
    return p;
}

} // namespace

TEST(Nut, MovesByItsPitch) {
    EXPECT_NEAR(adjust::axial_mm({1.5, 6, {0}}, 24), 0.1, 1e-12);
    EXPECT_NEAR(adjust::axial_mm({2, 6, {0}}, 360), 2, 1e-12);
}

TEST(Nut, LockAnglesWithinOneSlot) {
    EXPECT_EQ(lockAngles({1.5, 6, {0}}).value(), (std::vector<double>{0})); // both ends of the hole meet slots alike
    EXPECT_EQ(lockAngles({1.5, 6, {0, 90}}).value(), (std::vector<double>{0, 30}));
    EXPECT_EQ(lockAngles({1.5, 5, {0}}).value(), (std::vector<double>{0, 36})); // an odd nut has two for one hole
    EXPECT_EQ(lockAngles({1.5, 6, {60}}).value(), (std::vector<double>{0}));
}

/// M30 x 1.5, six slots, one hole: a quarter of a millimetre each.
TEST(Nut, NoSlotGivesItAndWhatWould) {
    const auto c = chooseSlot({1.5, 6, {0}}, 0.08, 0, {0.03, 0.06}).value();
    EXPECT_NEAR(c.step_mm, 0.25, 1e-12);
    EXPECT_FALSE(c.best);
    ASSERT_TRUE(c.tighter && c.looser);
    EXPECT_NEAR(c.places[*c.tighter].play_mm, -0.17, 1e-12);
    EXPECT_NEAR(c.places[*c.looser].play_mm, 0.08, 1e-12);
    // Handbook 4.15: what lies between nut and cone takes its thickness off the play.
    const auto mends = c.washerMends();
    ASSERT_EQ(mends.size(), 2u);
    EXPECT_NEAR(mends[0].thicker_mm, 0.035, 1e-12); // at this slot, 80 um is 35 too many
    EXPECT_NEAR(c.places[mends[0].place].turn_deg, 0, 1e-12);
    EXPECT_NEAR(mends[1].thicker_mm, -0.215, 1e-12); // a slot tighter, -170 um is 215 too few
    EXPECT_NEAR(c.places[mends[1].place].turn_deg, -60, 1e-12);
    EXPECT_EQ(c.places.size(), 13u); // a turn either way
}

TEST(Nut, ASecondHoleHalvesTheStep) {
    const auto c = chooseSlot({1.5, 6, {0, 90}}, 0.08, 0, {-0.05, -0.04}).value();
    EXPECT_NEAR(c.step_mm, 0.125, 1e-12);
    ASSERT_TRUE(c.best);
    EXPECT_NEAR(c.places[*c.best].play_mm, -0.045, 1e-12);
    EXPECT_NEAR(c.places[*c.best].turn_deg, -30, 1e-12);
}

TEST(Nut, CountsFromTheNextSlotWhenItStandsBetweenTwo) {
    const auto c = chooseSlot({1.5, 6, {0}}, 0.02, 20, {0.05, 0.15}).value();
    ASSERT_TRUE(c.best);
    EXPECT_NEAR(c.places[*c.best].turn_deg, 20, 1e-12);
    EXPECT_NEAR(c.places[*c.best].play_mm, 0.02 + 1.5 * 20 / 360, 1e-12);
    EXPECT_TRUE(contains(playsOf(c), 0.02 - 1.5 * 40 / 360));
}

/// Against a scan of the nut in half degrees.
TEST(Nut, AgreesWithTurningItBitByBit) {
    std::mt19937 hand(3);
    for (int i = 0; i < 200; ++i) {
        const int slots = std::uniform_int_distribution<int>(3, 12)(hand);
        const double slot = 360.0 / slots;
        Nut nut{1.5, slots, {0}};
        if (i % 2) nut.holes_deg.push_back(0.5 * std::uniform_int_distribution<int>(1, 359)(hand));
        const auto angles = lockAngles(nut).value();
        for (double turn = 0; turn < slot; turn += 0.5) {
            bool meets = false;
            for (const double hole : nut.holes_deg)
                for (int k = 0; k < slots; ++k)
                    for (const double end : {hole, hole + 180})
                        meets |= std::abs(std::remainder(turn + k * slot - end, 360)) < 1e-6;
            EXPECT_EQ(contains(angles, turn), meets) << slots << " slots, " << turn;
        }
    }
}

/// Every place within a turn, worked out one by one.
TEST(Nut, NoOtherPlaceLiesNearerToTheMiddleOfTheBand) {
    std::mt19937 hand(17);
    const auto pick = [&](double from, double to) { return std::uniform_real_distribution<double>(from, to)(hand); };
    for (int i = 0; i < 300; ++i) {
        Nut nut{pick(0.5, 3), std::uniform_int_distribution<int>(3, 12)(hand), {pick(0, 180)}};
        if (i % 3 == 0) nut.holes_deg.push_back(pick(0, 180));
        const double play = pick(-0.2, 0.3), ahead = pick(0, 360.0 / nut.slotCount), least = pick(-0.05, 0.1);
        const Interval band{least, least + pick(0.005, 0.15)};
        const auto c = chooseSlot(nut, play, ahead, band).value();
        std::optional<double> nearest;
        double below = -1e9, above = 1e9;
        for (const auto& place : c.places) {
            EXPECT_NEAR(place.play_mm, play + nut.pitch_mm * place.turn_deg / 360, 1e-12);
            const bool inside = place.play_mm >= band.lower && place.play_mm <= band.upper;
            const double off = std::abs(place.play_mm - band.mid());
            if (inside && (!nearest || off < *nearest)) nearest = off;
            if (!inside && place.play_mm < band.mid()) below = std::max(below, place.play_mm);
            if (!inside && place.play_mm > band.mid()) above = std::min(above, place.play_mm);
        }
        ASSERT_EQ(c.best.has_value(), nearest.has_value());
        if (c.best) {
            EXPECT_NEAR(std::abs(c.places[*c.best].play_mm - band.mid()), *nearest, 1e-12);
        }
        if (c.tighter) {
            EXPECT_NEAR(c.places[*c.tighter].play_mm, below, 1e-12);
        }
        if (c.looser) {
            EXPECT_NEAR(c.places[*c.looser].play_mm, above, 1e-12);
        }
    }
}

/// The mend is made and the play worked out again from what lies on the shaft: the nut's face stands at its turn, the
/// cone's where washer and cone end.
TEST(Nut, AMendedWasherPutsThePlaceIntoTheBand) {
    std::mt19937 hand(23);
    const auto pick = [&](double from, double to) { return std::uniform_real_distribution<double>(from, to)(hand); };
    for (int i = 0; i < 300; ++i) {
        const Nut nut{pick(0.5, 3), 6, {0}};
        const double washer = pick(2, 6), play = pick(-0.1, 0.3), least = pick(0.01, 0.1);
        const Interval band{least, least + 0.01};
        const auto c = chooseSlot(nut, play, 0, band).value();
        const double coneFace = 10, nutNow = coneFace + washer + play; // along the shaft, away from the cone
        for (const auto& mend : c.washerMends()) {
            const double nutThere = nutNow + nut.pitch_mm * c.places[mend.place].turn_deg / 360;
            const double again = nutThere - (coneFace + washer + mend.thicker_mm);
            EXPECT_NEAR(again, band.mid(), 1e-12);
            EXPECT_NEAR(mend.play_mm, again, 1e-12);
        }
    }
}

TEST(Nut, ACastleNutUnderLoadOnlyGoesOn) {
    EXPECT_NEAR(adjust::onToNext_deg({1.5, 6, {0}}, 20).value(), 40, 1e-9);
    EXPECT_NEAR(adjust::onToNext_deg({1.5, 6, {0}}, 0).value(), 0, 1e-9);
    EXPECT_NEAR(adjust::onToNext_deg({1.5, 5, {0}}, 10).value(), 26, 1e-9);
}

TEST(Nut, RefusesWithField) {
    EXPECT_EQ(lockAngles({0, 6, {0}}).error().field, "pitch_mm");
    EXPECT_EQ(lockAngles({1.5, 0, {0}}).error().field, "slots");
    EXPECT_EQ(lockAngles({1.5, 6, {}}).value(), (std::vector<double>{0})); // one hole is meant
    EXPECT_EQ(chooseSlot({1.5, 6, {0}}, 0, 0, {0.1, 0}).error().field, "target_mm");
}

TEST(Pair, WarmShaftTakesPlay) {
    // Dm 45, 14 degrees: cot = 4.01078; 2 x 22.5 x 4.01078 = 180.485; 60 apart; 11.5e-6 x 12 K = 1.38e-4.
    adjust::Pair pair{{45, 14}, {45, 14}, 60, false};
    EXPECT_NEAR(adjust::playLost_mm(pair, 12, 0).value(), 1.38e-4 * 120.485, 1e-7);
    pair.pointsInside = true;
    EXPECT_NEAR(adjust::playLost_mm(pair, 12, 0).value(), 1.38e-4 * 240.485, 1e-7);
}

TEST(Pair, ConesWithACommonTipDoNotCare) {
    // Outside, and so far apart that both cones meet in one point: everything only grows.
    const double apart = 45 / std::tan(14 * M_PI / 180);
    EXPECT_NEAR(adjust::playLost_mm({{45, 14}, {45, 14}, apart, false}, 30, 5).value(), 0, 1e-12);
}

TEST(Pair, AsWarmAsTheHousingOfTheSameMetalChangesNothing) {
    adjust::Pair pair{{45, 14}, {50, 16}, 60, false};
    EXPECT_NEAR(adjust::playLost_mm(pair, 40, 40).value(), 0, 1e-12);
    pair.alphaHousing_perK = 2.38e-5; // aluminium runs away from it: play is gained
    EXPECT_LT(adjust::playLost_mm(pair, 40, 40).value(), 0);
    pair.first.contact_deg = 0;
    EXPECT_EQ(adjust::playLost_mm(pair, 1, 0).error().field, "first/contact_deg");
    pair.first = {0, 14};
    EXPECT_EQ(adjust::playLost_mm(pair, 1, 0).error().field, "first/mean_mm");
}

TEST(SettingMethod, ComesToEndPlayOnThisThread) {
    adjust::SchoolInput in;
    in.step_mm = 0.25;
    in.target_mm = {0.03, 0.06};
    const auto indicator = adjust::playOf(SettingMethod::Indicator, in);
    EXPECT_NEAR(indicator.lower, 0.025, 1e-12);
    EXPECT_NEAR(indicator.upper, 0.065, 1e-12);
    EXPECT_NEAR(adjust::playOf(SettingMethod::NextSlotLoose, in).upper, 0.27,
                1e-12);                                               // one whole step behind finger tight
    const auto part = adjust::playOf(SettingMethod::PartOfATurn, in); // a sixth of 1.5 is 0.25
    EXPECT_NEAR(part.lower, 0.19, 1e-12);
    EXPECT_NEAR(part.upper, 0.23, 1e-12);
    for (const auto school : adjust::kSchools)
        EXPECT_LT(adjust::playOf(school, in).lower, adjust::playOf(school, in).upper);
}

TEST(Spacer, ShortensUnderItsClamp) {
    const auto c = adjust::clamp(axle(), 200).value(); // 200 / (0.2 x 0.030) = 33.33 kN
    EXPECT_NEAR(c.force_N, 33333.3, 0.1);
    EXPECT_NEAR(c.spacerShorter_mm, 1e5 / 3 * 60 / (208000.0 * 300), 1e-9);
    EXPECT_NEAR(c.ringsShorter_mm, 1e5 / 3 * 40 / (208000.0 * 400), 1e-9);
    EXPECT_NEAR(adjust::clamp(axle(), 0).value().both_mm(), 0, 1e-15);
    auto rigid = axle();
    rigid.ringWidth_mm = 0;
    EXPECT_EQ(adjust::clamp(rigid, 200).value().ringsShorter_mm, 0);
}

TEST(Spacer, PlayFallsFromHandToFullTorque) {
    // 20 N m: a tenth of the clamp above, so nine tenths of what it gives come off.
    const double all = adjust::clamp(axle(), 200).value().both_mm();
    EXPECT_NEAR(adjust::playAt_mm(axle(), 0.12, 20, 200).value(), 0.12 - 0.9 * all, 1e-9);
    EXPECT_NEAR(adjust::playAt_mm(axle(), 0.12, 200, 200).value(), 0.12, 1e-12);
    EXPECT_NEAR(adjust::neededLength_mm(60, 0.12, 0.05), 59.93, 1e-12);
    auto bad = axle();
    bad.spacerArea_mm2 = 0;
    EXPECT_EQ(adjust::clamp(bad, 1).error().field, "spacer_mm2");
    EXPECT_EQ(adjust::clamp(axle(), -1).error().field, "torque_Nm");
}

TEST(Shims, TheFewestThatComeNearest) {
    const auto pack = adjust::packShims(0.35, {0.5, 0.25, 0.2, 0.1, 0.05}).value();
    EXPECT_NEAR(pack.total_mm, 0.35, 1e-12);
    EXPECT_EQ(pack.shims_mm, (std::vector<double>{0.25, 0.1}));
    EXPECT_TRUE(adjust::packShims(0.02, {0.05}).value().shims_mm.empty()); // nothing is nearer than 0.05
    EXPECT_EQ(adjust::packShims(0.2, {0.1}).value().shims_mm.size(), 1u);  // there is only one of it
    EXPECT_EQ(adjust::packShims(0.2, {0.1, 0.1}).value().shims_mm.size(), 2u);
    EXPECT_EQ(adjust::packShims(-1, {0.1}).error().field, "wanted_mm");
    EXPECT_EQ(adjust::packShims(1, {0}).error().field, "stock_mm");
}

TEST(Shims, NothingTriedByHandIsNearer) {
    std::mt19937 hand(7);
    for (int i = 0; i < 100; ++i) {
        std::vector<double> stock;
        for (int n = 0; n < 8; ++n)
            stock.push_back(0.01 * std::uniform_int_distribution<int>(2, 60)(hand));
        const double wanted = 0.01 * std::uniform_int_distribution<int>(0, 150)(hand);
        double best = wanted;
        for (unsigned set = 0; set < 256; ++set) {
            if (__builtin_popcount(set) > 4) continue;
            double total = 0;
            for (unsigned n = 0; n < 8; ++n)
                if (set >> n & 1U) total += stock[n];
            best = std::min(best, std::abs(total - wanted));
        }
        EXPECT_NEAR(std::abs(adjust::packShims(wanted, stock).value().total_mm - wanted), best, 1e-9);
    }
}

TEST(Grease, WhatIsLeftOfTheTubeIsFilled) {
    // 25/52 x 15 of 0.13 kg: 24.493 - 16.667 = 7.826 cm3
    adjust::FillInput in;
    in.bore_mm = 25;
    in.outside_mm = 52;
    in.width_mm = 15;
    in.mass_kg = 0.13;
    in.cavity_cm3 = 12;
    const auto fill = adjust::fill(in).value();
    EXPECT_NEAR(fill.bearing_cm3, 7.826, 0.001);
    EXPECT_NEAR(fill.least_g, (7.826 + 4) * 0.9, 0.001);
    EXPECT_NEAR(fill.most_g, (7.826 + 6) * 0.9, 0.001);
    EXPECT_NEAR(fill.leastStrokes, fill.least_g / 1.2, 1e-9);
    in.mass_kg = 0.2; // more steel than there is room for
    EXPECT_EQ(adjust::fill(in).error().field, "mass_kg");
    in.outside_mm = 20;
    EXPECT_EQ(adjust::fill(in).error().field, "outside_mm");
}

TEST(RollingTorque, IsPullTimesRadius) {
    EXPECT_NEAR(adjust::rollingTorque_Nm(30, 40), 1.2, 1e-12);
}

TEST(Grease, OfTwoBearingsIsTheirSum) {
    adjust::Grease grease;
    const auto both = adjust::sum({adjust::fillOf(10, 12, grease), adjust::fillOf(20, 12, grease)});
    EXPECT_NEAR(both.bearing_g, 27, 1e-12);     // 30 at 0.9
    EXPECT_NEAR(both.least_g, 27 + 7.2, 1e-12); // and a third of 24
    EXPECT_NEAR(both.most_g, 27 + 10.8, 1e-12); // or a half
    EXPECT_NEAR(both.mostStrokes, 31.5, 1e-12); // at 1.2
    EXPECT_EQ(adjust::sum({}).most_g, 0);
}

TEST(Grease, TheCavityIsFilledAsItRuns) {
    // 10 in the bearing and a third or a half of 12 beside it, at 0.9 g/cm3 and 1.2 g a stroke.
    adjust::Grease grease;
    const auto both = adjust::fillOf(10, 12, grease);
    EXPECT_NEAR(both.least_g, 12.6, 1e-12);
    EXPECT_NEAR(both.most_g, 14.4, 1e-12);
    EXPECT_NEAR(both.leastStrokes, 10.5, 1e-12);
    grease.cavity = adjust::CavityFill::Third;
    EXPECT_NEAR(adjust::fillOf(10, 12, grease).most_g, 12.6, 1e-12);
    grease.cavity = adjust::CavityFill::Half;
    EXPECT_NEAR(adjust::fillOf(10, 12, grease).least_g, 14.4, 1e-12);
    grease.stroke_g = 0; // no pump
    EXPECT_EQ(adjust::fillOf(10, 12, grease).mostStrokes, 0);
}
