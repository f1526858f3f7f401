// What is said of end play, of the looks of a seat and of what is done at Close.
#include "core/plan/plan_job.h"
#include "words/adjust_words.h"

#include "support/shop.h"

#include <gtest/gtest.h>
#include <set>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoLibrary;
using words::Display;

namespace {

plan::AdjustPlan drumWith(double play_mm, const std::vector<double>& holes_deg = {}) {
    auto job = demoJob("conveyor-tail-drum");
    job.adjust = {};
    job.adjust.play_mm = play_mm;
    job.adjust.nut.holes_deg = holes_deg;
    return *plan::planJob(job, demoLibrary()).adjust;
}

std::string said(Finding id, double value, double limit = 0, const std::string& subject = {}) {
    return words::say(Advice{id, Severity::Look, value, limit, subject, {}}, Display()).line();
}

} // namespace

TEST(AdjustWords, TheVerdictSaysWhatToDo) {
    EXPECT_EQ(words::verdict(drumWith(0.045), Display()).line(), "In the band: 45 µm of end play.");
    EXPECT_EQ(words::verdict(drumWith(0.08), Display()).line(),
              "No slot gives it: Face the washer, or add under the nut.");
    // With a second hole at 96 degrees a slot stands there after 24 degrees less: 80 - 100 is too far, 180 too much.
    EXPECT_EQ(words::verdict(drumWith(0.295), Display()).line(), "Another slot gives it: On by 60°.");
    auto unknown = drumWith(0.08);
    unknown.play_mm.reset();
    EXPECT_EQ(words::verdict(unknown, Display()).line(),
              "End play is not measured yet: Inner cone against Outer cone.");
}

TEST(AdjustWords, TheLineOfTheStation) {
    EXPECT_EQ(words::adjustLine(std::nullopt, Display()), "no pair to set");
    EXPECT_EQ(words::adjustLine(drumWith(0.08), Display()), "end play 80 µm");
    EXPECT_EQ(words::adjustLine(drumWith(0.0508), Display(job::Units::Inch)), "end play 2.00 thou");
}

TEST(AdjustWords, TurnsAndPlacesReadAsOneSaysThem) {
    EXPECT_EQ(said(Finding::SlotFits, 30, 0.045),
              "Back off by 30°: end play 45 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(Finding::SlotFits, -30, 0.045),
              "On by 30°: end play 45 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(Finding::SlotFits, 0, 0.045),
              "Where it stands: end play 45 µm: pin it there, then read the indicator again");
    EXPECT_EQ(said(Finding::PlayTooSmall, -0.012, 0.03), "Preloaded: −12 µm, 30 µm at least");
    EXPECT_EQ(said(Finding::ThickerWasher, 0.035, 0), "Add 0.035 mm under the nut at this slot: a thicker washer takes "
                                                      "end play away: that brings it to the middle of the band");
    EXPECT_EQ(said(Finding::FaceWasher, 0.215, -60), "Face 0.215 mm off the washer, then tighten by 60°: a thinner "
                                                     "washer adds end play: that brings it to the middle of the band");
    EXPECT_EQ(said(Finding::SpacerToLength, 23.9, 24), "Spacer to 23.9 mm: it has 24 mm: grind it, both ends true");
    EXPECT_EQ(said(Finding::WarmthTakesPlay, -0.01, 0.05, "left"), "At work 10 µm more: 50 µm is left then");
    EXPECT_EQ(said(Finding::OnToNextSlot, 40),
              "On by 40° to the next slot: under clamp load a castle nut only ever goes on, never back");
}

TEST(AdjustWords, ClosingNamesItsFastener) {
    EXPECT_EQ(said(Finding::TorqueOff, 31, 25, "Plate screws"), "Plate screws: 31.0 N·m: 25.0 N·m wanted, within 5 %");
    EXPECT_EQ(said(Finding::NotTightened, 0, 0, "Shaft nut"),
              "Shaft nut: not tightened: by the machine maker's figure");
    EXPECT_EQ(said(Finding::NotRenewed, 0, 0, "Hub bolts"), "Hub bolts: new ones: they are used once");
    EXPECT_NE(said(Finding::RunInHot, 45, 40).find("45 K over the room, 40 allowed"), std::string::npos);
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
    EXPECT_EQ(said(Finding::CheckBad, 0, 0, "ring_gap"),
              "Gap of the ring down: no: put it right, or sign for it with the reason");
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
