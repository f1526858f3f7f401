// What is said of end play, of the looks of a seat and of what is done at Close.
#include "core/plan/plan_job.h"
#include "words/adjust_words.h"

#include "support/shop.h"

#include <gtest/gtest.h>
#include <set>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using words::Display;

namespace {

plan::AdjustPlan drumWith(double play_mm, const std::vector<double>& holes_deg = {}) {
    auto job = demoJob("conveyor-tail-drum");
    job.adjust = {};
    job.adjust.play_mm = play_mm;
    job.adjust.nut.holes_deg = holes_deg;
    return *plan::planJob(job, demoTables()).adjust;
}

template <class Kind>
std::string said(Kind kind) {
    return words::say(Advice{std::move(kind), Severity::Check}, Display()).line();
}

} // namespace

TEST(AdjustWords, TheVerdictSaysWhatToDo) {
    EXPECT_EQ(words::verdict(drumWith(0.045), Display()).line(), "In the band: 45.0 µm of end play.");
    EXPECT_EQ(words::verdict(drumWith(0.08), Display()).line(),
              "No slot gives the end play: Turn or grind the washer face, or add under the nut.");
    // With a second hole at 96 degrees a slot stands there after 24 degrees less: 80 - 100 is too far, 180 too much.
    EXPECT_EQ(words::verdict(drumWith(0.295), Display()).line(), "Another slot gives the end play: Tighten by 60°.");
    auto unknown = drumWith(0.08);
    unknown.play_mm.reset();
    EXPECT_EQ(words::verdict(unknown, Display()).line(),
              "End play is not measured yet: Inner cone against Outer cone.");
}

TEST(AdjustWords, TheLineOfTheStation) {
    EXPECT_EQ(words::adjustLine(std::nullopt, Display()), "no pair to set");
    EXPECT_EQ(words::adjustLine(drumWith(0.08), Display()), "end play 80.0 µm");
    EXPECT_EQ(words::adjustLine(drumWith(0.0508), Display(job::Units::Inch)), "end play 2.000 thou");
}

TEST(AdjustWords, TurnsAndPlacesReadAsOneSaysThem) {
    EXPECT_EQ(said(found::SlotFits{30, 0.045}),
              "Back off by 30°: end play 45.0 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(found::SlotFits{-30, 0.045}),
              "Tighten by 30°: end play 45.0 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(found::SlotFits{0, 0.045}),
              "Leave the nut where it is: end play 45.0 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(found::PlayTooSmall{-0.012, 0.03}), "Preloaded: −12.0 µm, 30.0 µm at least");
    EXPECT_EQ(said(found::ThickerWasher{0.035, 0}), "Add 0.035 mm under the nut, at this slot: a thicker washer "
                                                    "reduces end play: that brings it to the middle of the band");
    EXPECT_EQ(said(found::FaceWasher{0.215, -60}),
              "Turn or grind 0.215 mm off the washer face, then tighten by 60°: a thinner washer adds end play: that "
              "brings it to the middle of the band");
    EXPECT_EQ(said(found::SpacerToLength{23.9, 24, 23.88, 23.92}),
              "Spacer to 23.9 mm: 23.88 to 23.92 mm for the whole band; it has 24 mm: grind it, both ends true");
    EXPECT_EQ(said(found::WarmthTakesPlay{-0.01, 0.05}), "10.0 µm more at operating temperature: 50.0 µm is left then");
    EXPECT_EQ(
        said(found::OnToNextSlot{40}),
        "Tighten by 40° to the next slot: under clamp load a castle nut is only ever tightened, never backed off");
}

TEST(AdjustWords, ClosingNamesItsFastener) {
    EXPECT_EQ(said(found::TorqueOff{31, 25, "Plate screws"}),
              "Plate screws: torque read 31.0 N·m: 25.0 N·m wanted, within 5 %");
    EXPECT_EQ(said(found::NotTightened{0, "Shaft nut"}), "Shaft nut: not tightened: by the machine maker's value");
    EXPECT_EQ(said(found::NotRenewed{"Hub bolts"}), "Hub bolts: new ones: they are used once");
    EXPECT_NE(said(found::RunInHot{45, 40}).find("45 K over ambient, 40 K permitted"), std::string::npos);
}

TEST(AdjustWords, EveryLookPatternAndLockingHasItsOwnName) {
    std::set<std::string> names;
    for (const auto check : job::kSeatChecks) {
        EXPECT_FALSE(words::seatCheck(check).detail.empty());
        names.insert(words::seatCheck(check).head);
    }
    EXPECT_EQ(names.size(), std::size(job::kSeatChecks));
    EXPECT_EQ(words::patternName(job::Pattern::Star), "star");
    std::set<std::string> lockings;
    for (const auto l :
         {job::Locking::None, job::Locking::Pin, job::Locking::Stake, job::Locking::Tab, job::Locking::Paste})
        lockings.insert(words::lockingName(l));
    EXPECT_EQ(lockings.size(), 5u);
    EXPECT_EQ(said(found::CheckBad{"ring_gap"}),
              "Gap of the ring down: no: correct it, or sign it off as an exception with the reason");
}

TEST(AdjustWords, GreaseSaysWhatIsFullAndWhatInPart) {
    adjust::Grease grease;
    // 10 cm3 in the bearing, 30 beside it: 9 g, and 9 to 13.5 g.
    auto lines = words::greaseLines(adjust::fillOf(10, 30, grease), grease);
    ASSERT_EQ(lines.size(), 3u);
    EXPECT_EQ(lines[0].line(), "Bearings, packed full: 9 g");
    EXPECT_EQ(lines[1].head, "Cavity, a third to a half");
    EXPECT_EQ(lines[2].line(), "Grease: 18…22 g, 15…19 strokes");
    grease = {"Calcium", adjust::CavityFill::Third, 0.9, 0};
    lines = words::greaseLines(adjust::fillOf(10, 30, grease), grease);
    EXPECT_EQ(lines[1].line(), "Cavity, a third: 9 g");
    EXPECT_EQ(lines[2].line(), "Calcium: 18 g"); // no pump, no strokes
    lines = words::greaseLines(adjust::fillOf(10, 0, grease), grease);
    ASSERT_EQ(lines.size(), 1u);
    EXPECT_EQ(lines[0].line(), "Calcium, bearings full: 9 g");
}
