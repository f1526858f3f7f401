// Nothing typed is lost, nothing is edited unasked, and a stop is never out of sight.
#include "support/drawing.h"
#include "support/small_disk.h"
#include "support/steps.h"
#include "support/window.h"

#include "io/job_json.h"
#include "io/merge.h"
#include "io/text_file.h"
#include "ui/session/running_times.h"

#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QWheelEvent>
#include <ctime>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::kHousingSeat;
using arbor::testing::ownStep;
using arbor::testing::SmallDisk;
using arbor::testing::WindowTest;
using job::Station;

class Lost : public WindowTest {};

TEST_F(Lost, AFullDiskLeavesFileAndWorkAndQuittingAsks) {
    open();
    window->jobView()->go(Station::Fit);
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    {
        const SmallDisk full(100);
        type("measuredBore", "61.981");
        EXPECT_TRUE(window->troubleText().contains("Not saved")) << window->troubleText().toStdString();
        EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before);
        EXPECT_EQ(hole(job()).measured->typed, "61.981");
        EXPECT_TRUE(session().isUnsaved());
        EXPECT_FALSE(window->close()) << "the first time it asks";
        EXPECT_TRUE(window->troubleText().contains("would be lost"));
    }
    EXPECT_TRUE(session().saveAgain());
    EXPECT_EQ(hole(saved()).measured->typed, "61.981");
    EXPECT_TRUE(window->close());
}

TEST_F(Lost, WhoInsistsMayLeaveAnUnsavedJob) {
    open();
    window->jobView()->go(Station::Fit);
    const SmallDisk full(100);
    type("measuredBore", "61.981");
    EXPECT_FALSE(window->close());
    EXPECT_TRUE(window->close());
}

TEST_F(Lost, TwoWindowsOnOneJobKeepWhatEachTyped) {
    open();
    window->jobView()->go(Station::Fit);
    auto other = io::loadJob(shop.jobFile()).value();
    other.job.draft.notes = "typed at the other bench";
    ASSERT_TRUE(io::saveJobOver(shop.jobFile(), other));
    type("measuredBore", "61.981");
    EXPECT_EQ(saved().draft.notes, "typed at the other bench");
    EXPECT_EQ(hole(saved()).measured->typed, "61.981");
    EXPECT_EQ(job().draft.notes, "typed at the other bench") << "the window goes on with both";
    EXPECT_TRUE(window->troubleText().contains("both are kept"));
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(hole(saved()).measured && hole(saved()).measured->typed == "61.981");
    EXPECT_EQ(saved().draft.notes, "typed at the other bench") << "undo takes back what was typed here only";
}

TEST_F(Lost, TwoBenchesGiveANumberOnce) {
    open();
    key(Qt::Key_R, Qt::ControlModifier);
    auto rack = shop.read("rack.csv");
    const auto line = [](const std::string& id, const char* outside) {
        return id + ",sleeve,made there," + outside + ",50,80\n";
    };
    const auto columns =
        rack.substr(rack.find("id,kind"), rack.find('\n', rack.find("id,kind")) - rack.find("id,kind"));
    ASSERT_TRUE(columns.starts_with("id,kind,name,outside_mm,bore_mm,length_mm"));
    const auto commas = std::count(columns.begin(), columns.end(), ',') - 5;
    auto theirs = line("T77", "60");
    theirs.insert(theirs.size() - 1, std::string(static_cast<std::size_t>(commas), ','));
    shop.write("rack.csv", rack + theirs);
    auto tools = session().tables().rack.tools;
    catalog::Tool mine;
    mine.id = "T77";
    mine.name = "made here";
    mine.outsideDia_mm = 61;
    mine.boreDia_mm = 50;
    mine.length_mm = 80;
    emit window->jobView()->toolMade(mine);
    const auto after = shop.read("rack.csv");
    EXPECT_NE(after.find("T77,sleeve,made there"), std::string::npos) << after;
    EXPECT_NE(after.find("T77-2,sleeve,made here"), std::string::npos) << after;
    EXPECT_TRUE(window->troubleText().contains("T77-2"));
}

TEST_F(Lost, AJobOfANewerProgramIsReadAndNeverWrittenOver) {
    auto text = io::jobText(io::loadJob(shop.jobFile()).value());
    text = arbor::testing::replaced(text, "\"version\": 2", "\"version\": 3");
    shop.write("seamer-turret-upper.arbor.json", text);
    open();
    EXPECT_TRUE(window->troubleText().contains("newer program"));
    window->jobView()->go(Station::Fit);
    type("measuredBore", "61.981");
    EXPECT_TRUE(window->troubleText().contains("newer program"));
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), text);
    EXPECT_NE(hole(job()).measured->typed, "61.981");
}

TEST_F(Lost, TheWindowsKeysWorkWhileAFieldHasTheFocus) {
    open();
    window->jobView()->go(Station::Intake);
    auto* field = window->findChild<QLineEdit*>();
    for (auto* edit : window->jobView()->findChildren<QLineEdit*>())
        if (edit->isVisible()) field = edit;
    ASSERT_TRUE(field && field->isVisible());
    field->setFocus();
    field->setText("typed");
    QTest::keyClick(field, Qt::Key_G, Qt::ControlModifier);
    EXPECT_TRUE(find<QWidget>("arrangementView")->isVisible());
    EXPECT_EQ(field->text(), "typed");
}

TEST_F(Lost, TheWheelScrollsAndNeverEdits) {
    open();
    window->jobView()->go(Station::Fit);
    int boxes = 0;
    for (auto* box : window->findChildren<QComboBox*>()) {
        if (!box->isVisible() || box->count() < 2) continue;
        ++boxes;
        const int before = box->currentIndex();
        box->setFocus();
        for (const int angle : {120, -120, -120}) {
            QWheelEvent wheel(QPointF(5, 5), box->mapToGlobal(QPointF(5, 5)), {}, {0, angle}, Qt::NoButton,
                              Qt::NoModifier, Qt::NoScrollPhase, false);
            QApplication::sendEvent(box, &wheel);
            EXPECT_EQ(box->currentIndex(), before) << box->objectName().toStdString();
        }
    }
    EXPECT_GT(boxes, 2);
}

TEST(SteadyClock, GoesThroughTheEndOfSummerTime) {
    const QByteArray before = qgetenv("TZ");
    qputenv("TZ", "CET-1CEST,M3.5.0,M10.5.0/3"); // back from 3:00 to 2:00 on 25 October 2026
    tzset();
    double count_s = 0;
    const ui::SteadyClock clock(QDateTime(QDate(2026, 10, 25), QTime(2, 59, 50)), [&] { return count_s; });
    const auto start = clock();
    count_s = 20;
    EXPECT_EQ(ui::secondsBetween(start, clock()), 20);
    EXPECT_EQ(ui::secondsBetween(start, ui::later(start, 3600)), 3600);
    before.isNull() ? qunsetenv("TZ") : qputenv("TZ", before);
    tzset();
}

TEST(SteadyClock, GoesOnWhenTheWallClockIsSet) {
    double count_s = 500;
    const QDateTime wall(QDate(2026, 10, 25), QTime(2, 30));
    const ui::SteadyClock clock(wall, [&] { return count_s; });
    EXPECT_EQ(clock(), "2026-10-25T02:30:00");
    count_s += 113; // the wall may say what it likes meanwhile
    EXPECT_EQ(ui::secondsBetween("2026-10-25T02:30:00", clock()), 113);
    const ui::SteadyClock real;
    EXPECT_NEAR(ui::secondsBetween(real(), QDateTime::currentDateTime().toString(Qt::ISODate).toStdString()), 0, 2);
}

/// The program was closed, the wall clock set back an hour, and the job opened again: the oven knows nothing of that.
TEST(RunningTimes, GoOnAcrossARestartByTheMachinesCount) {
    job::Job job;
    auto& heat = job.steps[{kHousingSeat, false}].heat;
    heat.clocks = {{job::Clock::What::Carry, "2026-11-24T10:00:00", 180}};
    heat.readings = {{"2026-11-24T10:00:30", 96}};
    ui::noteCount(heat, "2026-11-24T10:01:00", {"boot-1", 5000});
    auto again = job;
    EXPECT_TRUE(ui::resumeTimes(again, "2026-11-24T09:01:40", {"boot-1", 5040})); // 40 s later, by the machine
    EXPECT_EQ(ui::secondsBetween(again.steps.begin()->second.heat.clocks.front().started, "2026-11-24T09:01:40"), 100);
    EXPECT_EQ(ui::secondsBetween(again.steps.begin()->second.heat.readings.front().when, "2026-11-24T09:01:40"), 70);
    auto same = job;
    EXPECT_TRUE(ui::resumeTimes(same, "2026-11-24T10:01:40", {"boot-1", 5040}));
    EXPECT_EQ(same.steps, job.steps) << "nobody set it: nothing changes";
    auto other = job;
    EXPECT_FALSE(ui::resumeTimes(other, "2026-11-24T10:01:40", {"boot-2", 40})) << "only the wall clock knows";
    EXPECT_EQ(other.steps, job.steps);
    job::Job none;
    EXPECT_TRUE(ui::resumeTimes(none, "2026-11-24T10:01:40", {"boot-2", 40})) << "nothing runs";
}

TEST(RunningTimes, AreKeptInTheFileAndDoubtIsSaid) {
    arbor::testing::TemporaryShop shop;
    const auto tables = std::make_shared<const tables::Tables>(arbor::testing::demoTables());
    std::string now = "2026-11-24T10:00:00";
    double count_s = 1000;
    std::string boot = "one";
    const auto openAgain = [&] {
        return std::make_unique<ui::JobSession>(
            shop.jobFile(), io::loadJob(shop.jobFile()).value(), tables, [&] { return now; },
            [&] {
                return ui::MachineCount{boot, count_s};
            });
    };
    auto session = openAgain();
    session->edit("oven", [&](job::Job& j) { ownStep(j).heat.clocks = {{job::Clock::What::Outer, now, 600}}; });
    session.reset();
    now = "2026-11-24T08:05:00"; // set back two hours, five minutes on
    count_s += 300;
    session = openAgain();
    EXPECT_TRUE(session->timesAreSure());
    EXPECT_EQ(ui::secondsBetween(ownStep(session->job()).heat.clocks.front().started, now), 300);
    session.reset();
    boot = "two";
    session = openAgain();
    EXPECT_FALSE(session->timesAreSure());
    session->edit("clear", [&](job::Job& j) { ownStep(j).heat.clocks.clear(); });
    EXPECT_TRUE(session->timesAreSure());
}

TEST(SlipOrder, AStopComesFirstAndIsNeverCutOff) {
    words::Sheet slip;
    slip.title = "In the band: 29 µm";
    slip.tone = words::Tone::Proven;
    for (int i = 0; i < 9; ++i)
        slip.notes.push_back({"", words::Tone::Plan, std::to_string(i)});
    slip.notes.push_back({"", words::Tone::Check, "check this"});
    slip.notes.push_back({"", words::Tone::Stop, "Spacer is too short"});
    const auto shown = words::worstFirst(slip);
    ASSERT_EQ(shown.notes.size(), 11u);
    EXPECT_EQ(shown.notes[0].head, "Spacer is too short");
    EXPECT_EQ(shown.notes[1].head, "check this");
    EXPECT_EQ(shown.notes[2].head, "0");
    EXPECT_EQ(shown.title, "Spacer is too short") << "no proven title above a stop";
    EXPECT_EQ(shown.tone, words::Tone::Stop);
    EXPECT_THAT(shown.verdict, ::testing::HasSubstr("29"));
}

TEST_F(Lost, WhatAJobSaysIsTextAndNothingMore) {
    open();
    session().edit("a picture", [](job::Job& j) { j.title = "<img src='/etc/passwd'><h1>turret</h1>"; });
    QApplication::processEvents();
    auto* title = find<QLabel>("headerTitle");
    EXPECT_TRUE(title->text().startsWith("<img"));
    EXPECT_EQ(title->textFormat(), Qt::PlainText);
    int labels = 0;
    for (const auto* label : window->findChildren<QLabel*>()) {
        if (!label->isVisible()) continue;
        ++labels;
        EXPECT_NE(label->textFormat(), Qt::AutoText) << label->objectName().toStdString();
    }
    EXPECT_GT(labels, 3);
}
