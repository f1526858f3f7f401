// What the day board says, apart from any window.
#include "words/day_words.h"
#include "words/pay_words.h"

#include <gtest/gtest.h>

using namespace arbor;

namespace {

day::Board boardOfOne() {
    day::Board board;
    board.date = "2026-11-30";
    board.day.now = 9 * 60;
    board.day.weekday = 1;
    board.day.people = {{"Ilse Marden"}};
    board.day.presses = {"P30"};
    board.day.jobs = {{"J-1", 12 * 60, 2}};
    day::Piece in;
    in.key = {"J-1", day::Work::In, "in:bearing"};
    in.part = "Bearing 3206";
    in.press = "P30";
    in.lasts = 20;
    board.day.pieces = {in};
    board.plan = day::DayPlan{{{9 * 60 + 10, 9 * 60 + 30, 0, 0}}, 60, 50};
    return board;
}

bool says(const words::Sheet& sheet, const std::string& text) {
    for (const auto& note : sheet.notes)
        if (note.line().find(text) != std::string::npos) return true;
    return false;
}

} // namespace

TEST(DayWords, SayWhatComesNextWhereAndByWhom) {
    const auto sheet = words::daySheet(boardOfOne());
    EXPECT_EQ(sheet.title, "Next: J-1 Bearing 3206 in");
    EXPECT_EQ(sheet.verdict, "in 10 min, at 9:10, P30, Ilse Marden.");
    EXPECT_EQ(sheet.action, "Open J-1");
}

TEST(DayWords, TellAnotherDayByItsName) {
    const auto board = boardOfOne();
    EXPECT_EQ(words::timeWords(board.day, 7 * 60 + 5), "7:05");
    EXPECT_EQ(words::timeWords(board.day, day::kDay + 13 * 60), "Tue 13:00");
    EXPECT_EQ(words::timeWords(board.day, -60), "Sun 23:00");
}

TEST(DayWords, AWindowThatIsShorterThanTheWalkIsAStop) {
    auto board = boardOfOne();
    board.day.pieces[0].window_s = 20;
    board.day.pieces[0].walk_s = 30;
    const auto sheet = words::daySheet(board);
    EXPECT_TRUE(says(sheet, "J-1: no time for the transfer"));
    EXPECT_EQ(sheet.notes.front().tone, words::Tone::Stop) << "worst first";
}

TEST(DayWords, WhatIsLargerThanItsOvenOrSoaksOverNightIsAsked) {
    auto board = boardOfOne();
    board.day.sources = {{"oven", "oven", true, 1, 20, 5}};
    auto soak = board.day.pieces[0];
    soak.key.work = day::Work::SoakOuter;
    soak.byHand = false;
    soak.source = "oven";
    soak.litres = 31.4;
    soak.into = 0;
    board.day.pieces.push_back(soak);
    board.plan->at.push_back({9 * 60, day::kDay + 9 * 60, 0, 80});
    board.drawn = board.plan->at;
    const auto sheet = words::daySheet(board);
    EXPECT_TRUE(says(sheet, "Bearing 3206 takes 31.4 l, oven has 20.0 l"));
    EXPECT_TRUE(says(sheet, "J-1: on over night"));
}

TEST(DayWords, WhatMovedAndWhatClashesIsSaidInWords) {
    auto board = boardOfOne();
    board.moved = {{day::Move::Kind::Moved, 0, 9 * 60, 9 * 60 + 10}};
    board.clashes = {{{"J-1", {}}, {}}};
    const auto sheet = words::daySheet(board);
    EXPECT_TRUE(says(sheet, "J-1 moved: Bearing 3206 in at 9:10, not 9:00"));
    EXPECT_TRUE(says(sheet, "J-1 by 12:00 cannot be"));
    EXPECT_EQ(sheet.notes.front().head, "J-1 moved") << "what is new comes first";
}

TEST(DayWords, ABuildWithoutASolverSaysWhatItLacks) {
    auto board = boardOfOne();
    board.plan.reset();
    board.none = day::NoPlan::NoSolver;
    const auto sheet = words::daySheet(board);
    EXPECT_EQ(sheet.title, "This build plans no day");
    EXPECT_NE(sheet.verdict.find("libgecode-dev"), std::string::npos);
}

TEST(PayWords, AnInspectionOverItsDayIsACheck) {
    const auto sheet = words::inspectionsSheet({{"2026-11-01", "Seamer", "Harrow Bay Cannery", "J-1", "Seamer · upper"},
                                                {"2027-03-01", "Pump", "", "J-2", "Pump · drive end"}},
                                               "2026-11-30");
    EXPECT_EQ(sheet.tone, words::Tone::Check);
    ASSERT_EQ(sheet.rows.size(), 2U);
    EXPECT_EQ(sheet.rows[0].rows[0].right, "2026-11-01, over");
    EXPECT_EQ(sheet.rows[1].rows[0].right, "2027-03-01");
}
