// The day board, by its keys: planned, a start fixed, a job wanted, a piece taken up and its time kept, the paper.
#include "support/steps.h"
#include "support/window.h"

#include "core/day/clock.h"
#include "io/job_file.h"
#include "io/shop_day.h"
#include "ui/day/day_chart.h"
#include "ui/day/day_view.h"
#include "ui/report/papers_view.h"
#include "words/day_words.h"

#include <QComboBox>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QProcess>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::WindowTest;
using job::Station;

class DayPage : public WindowTest {
protected:
    void SetUp() override {
        if (!day::canSolve()) GTEST_SKIP() << "built without a solver";
        open();
        desk().setEffort(0.1);
        key(Qt::Key_D, Qt::ControlModifier);
        planned();
    }
    ui::DayDesk& desk() { return find<ui::DayView>("dayView")->desk(); }
    const day::Board& board() { return desk().board(); }
    ui::DayChart* chart() { return find<ui::DayChart>("dayChart"); }
    void planned() {
        ASSERT_TRUE(QTest::qWaitFor([&] { return !desk().isBusy() && !board().date.empty(); }, 60'000));
        ASSERT_TRUE(board().plan);
    }
    /// Of the turret, whose number the demo shop knows.
    std::size_t pieceOf(day::Work work) {
        for (std::size_t i = 0; i < board().day.pieces.size(); ++i)
            if (board().day.pieces[i].key.job == "J-0142" && board().day.pieces[i].key.work == work) return i;
        ADD_FAILURE() << "no such piece";
        return 0;
    }
    const day::Placed& at(std::size_t piece) { return board().plan->at[piece]; }
    bool daySays(const QString& text) {
        for (const auto& note : words::daySheet(board()).notes)
            if (QString::fromStdString(note.line()).contains(text)) return true;
        return false;
    }
};

TEST_F(DayPage, EveryOpenJobIsOnItAndTheNextIsSaid) {
    EXPECT_GE(board().day.jobs.size(), 6U);
    for (const auto& job : board().day.jobs)
        EXPECT_NE(job.job, "J-0131") << "the exhaust fan is closed";
    EXPECT_TRUE(QString::fromStdString(words::daySheet(board()).title).startsWith("Next: "));
    const auto in = pieceOf(day::Work::In), soak = pieceOf(day::Work::SoakOuter);
    EXPECT_EQ(board().day.pieces[soak].into, in);
    EXPECT_EQ(at(soak).end, at(in).start) << "what is warm does not wait";
    EXPECT_TRUE(QFileInfo::exists(QString::fromStdString(shop.file("day.json"))));
    EXPECT_FALSE(chart()->bars().empty());
}

TEST_F(DayPage, AStartIsFixedAndFreedByKeys) {
    const auto prove = pieceOf(day::Work::Prove);
    const auto name = board().day.pieces[prove].key;
    chart()->choose(prove);
    chart()->setFocus();
    const auto before = at(prove).start;
    key(Qt::Key_Right, Qt::ShiftModifier);
    planned();
    EXPECT_TRUE(desk().isFixed(name));
    EXPECT_EQ(at(pieceOf(day::Work::Prove)).start, before + 5);
    EXPECT_EQ(io::loadDay(shop.file("."))->starts.size(), 1U) << "kept in the shop's folder";
    chart()->setFocus();
    key(Qt::Key_Delete);
    planned();
    EXPECT_FALSE(desk().isFixed(name));
}

TEST_F(DayPage, AStartThatCannotBeIsNamed) {
    const auto in = board().day.pieces[pieceOf(day::Work::In)].key;
    desk().fix(in, board().day.now + 1); // before it could be warm
    ASSERT_TRUE(QTest::qWaitFor([&] { return !desk().isBusy(); }, 60'000));
    EXPECT_FALSE(board().plan);
    EXPECT_EQ(board().none, day::NoPlan::Clashes);
    EXPECT_TRUE(daySays("J-0142: Bearing 3206 in at")) << words::daySheet(board()).notes.front().line();
    EXPECT_TRUE(daySays("cannot be"));
    desk().fix(in, {});
    planned();
}

TEST_F(DayPage, WhenAJobIsWantedIsKeptInIt) {
    chart()->choose(pieceOf(day::Work::In));
    type("dayWanted", "12:00");
    planned();
    EXPECT_EQ(saved().wantedBy, "2026-11-24T12:00:00");
    choose("dayRank", 0);
    planned();
    EXPECT_EQ(saved().rank, 1);
    type("dayWanted", "noon");
    EXPECT_TRUE(window->troubleText().contains("noon"));
    EXPECT_EQ(saved().wantedBy, "2026-11-24T12:00:00");
    type("dayWanted", "");
    planned();
    EXPECT_EQ(saved().wantedBy, "");
}

TEST_F(DayPage, APieceThatIsTakenUpCountsItsTimeAndWhatTakesLongerMovesTheRest) {
    const auto in = pieceOf(day::Work::In);
    const auto step = board().day.pieces[in].key.step;
    chart()->choose(in);
    chart()->setFocus();
    key(Qt::Key_Return);
    ASSERT_TRUE(window->jobView()->isVisible());
    EXPECT_EQ(window->jobView()->current(), Station::Tooling);
    EXPECT_EQ(session().step()->step.key, step);
    ASSERT_EQ(saved().worked.size(), 1U);
    EXPECT_EQ(saved().worked[0].began, "2026-11-24T10:00:00");
    EXPECT_GT(saved().worked[0].planned_s, 0);

    instant = "2026-11-24T12:30:00"; // much longer than planned
    key(Qt::Key_D, Qt::ControlModifier);
    planned();
    const auto runs = pieceOf(day::Work::In);
    EXPECT_EQ(at(runs).start, 10 * 60) << "what runs is kept";
    EXPECT_GE(at(runs).end, 12 * 60 + 30);
    EXPECT_TRUE(daySays("J-0142 takes")) << "and it is said that it takes longer";
    key(Qt::Key_Escape);
    session().setDone(Station::Press, true);
    EXPECT_EQ(saved().worked[0].ended, instant) << "planned against taken goes into the job, and with it into the log";
}

TEST_F(DayPage, IsPrintedAcrossAndReadBack) {
    chart()->setFocus();
    key(Qt::Key_P);
    auto* papers = find<ui::PapersView>("papersView");
    ASSERT_TRUE(papers->isVisible());
    key(Qt::Key_Return);
    const auto file = papers->lastWritten();
    EXPECT_TRUE(QFileInfo(file).fileName().contains("day.2026-11-24"));
    QProcess run;
    run.start("pdftotext", {file, "-"});
    ASSERT_TRUE(run.waitForFinished(30'000));
    const auto text = QString::fromUtf8(run.readAllStandardOutput());
    EXPECT_TRUE(text.contains("J-0142"));
    EXPECT_TRUE(text.contains("Ilse Marden"));
}

TEST_F(DayPage, AnotherWindowsStartIsKeptAndAFileThatCannotBeReadIsLeftAlone) {
    auto other = *io::loadDay(shop.file("."));
    other.starts[{"J-0152", day::Work::Close}] = "2026-11-30T09:00:00";
    ASSERT_TRUE(io::saveDay(shop.file("."), other));
    desk().fix(board().day.pieces[pieceOf(day::Work::Prove)].key, 15 * 60);
    planned();
    EXPECT_EQ(io::loadDay(shop.file("."))->starts.size(), 2U);
    shop.write("day.json", "{ not ours");
    desk().readAgain();
    planned();
    EXPECT_EQ(shop.read("day.json"), "{ not ours");
    EXPECT_TRUE(window->troubleText().contains("day.json")) << window->troubleText().toStdString();
}
