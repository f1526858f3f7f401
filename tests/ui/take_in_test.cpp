// A job from another shop: what differs is shown before anything is taken over, and ours stays as it is.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "ui/takein/take_in_view.h"

#include <QFile>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>

using namespace arbor;
using arbor::testing::hole;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::replaced;
using arbor::testing::TemporaryShop;
using arbor::testing::WindowTest;

class TakeIn : public WindowTest {
protected:
    QString theirs(const std::string& name, const std::string& what, const std::string& with) {
        other.write(name, replaced(other.read(name), what, with));
        return QString::fromStdString(other.file(name));
    }
    ui::TakeInView* view() { return find<ui::TakeInView>("takeInView"); }
    int jobsHere() { return static_cast<int>(io::listJobs(shop.folder()).size()); }

    TemporaryShop other;
};

TEST_F(TakeIn, DifferencesAreShownFieldByField) {
    open("conveyor-tail-drum");
    window->lookAtJob(theirs("conveyor-tail-drum.arbor.json", "79.962 ±2um", "79.960 ±2um"));
    ASSERT_TRUE(view()->isVisible());
    ASSERT_EQ(view()->differences().size(), 1u);
    EXPECT_EQ(view()->differences()[0].place, "arrangement/pressed/0/hole_mm");
    EXPECT_EQ(find<QTableWidget>("takeInTable")->item(0, 1)->text(), "79.962 ±2um");
    EXPECT_EQ(find<QTableWidget>("takeInTable")->item(0, 2)->text(), "79.960 ±2um");
    EXPECT_TRUE(find<QLabel>("takeInTold")->text().contains("in 1 places"));
    const int before = jobsHere();
    key(Qt::Key_Escape);
    EXPECT_EQ(jobsHere(), before); // looked at, and left
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(TakeIn, ATakenOneIsAJobOfItsOwnAndOursStays) {
    open("conveyor-tail-drum");
    const auto ours = shop.read("conveyor-tail-drum.arbor.json");
    window->lookAtJob(theirs("conveyor-tail-drum.arbor.json", "79.962 ±2um", "79.960 ±2um"));
    QTest::mouseClick(find<QPushButton>("takeIn"), Qt::LeftButton);
    EXPECT_EQ(job().id, "J-0152-1");
    EXPECT_NEAR(hole(saved()).measured->value_mm, 79.960, 1e-9);
    EXPECT_EQ(shop.read("conveyor-tail-drum.arbor.json"), ours);
}

TEST_F(TakeIn, WhatIsNotInThisShopIsNamed) {
    open("seamer-turret-upper");
    window->lookAtJob(theirs("brine-agitator.arbor.json", "\"press\": \"P30\"", "\"press\": \"P100\""));
    EXPECT_TRUE(find<QLabel>("takeInMissing")->isVisible());
    EXPECT_TRUE(find<QLabel>("takeInMissing")->text().contains("press: “P100”"));
}

TEST_F(TakeIn, ItsTraceComesAlongUnderAFreeName) {
    open("seamer-turret-upper");
    const auto name = ownStep(io::loadJob(shop.file("exhaust-fan-carrier.arbor.json"))->job).traceFile;
    other.write(name, "t_s,travel_mm,force_N\n0,0,0\n1,1,100\n2,2,200\n3,3,300\n");
    window->lookAtJob(QString::fromStdString(other.file("exhaust-fan-carrier.arbor.json")));
    EXPECT_TRUE(view()->differences().empty());
    EXPECT_TRUE(find<QLabel>("takeInTold")->text().contains("the same as the one here"));
    QTest::mouseClick(find<QPushButton>("takeIn"), Qt::LeftButton);
    EXPECT_NE(ownStep(job()).traceFile, name);
    ASSERT_TRUE(session().traceOf(ownKey(job())));
    EXPECT_EQ(session().traceOf(ownKey(job()))->size(), 4u);
}

TEST_F(TakeIn, APathInTheirFileLeadsNowhereElse) {
    open("seamer-turret-upper");
    const auto name = ownStep(io::loadJob(shop.file("exhaust-fan-carrier.arbor.json"))->job).traceFile;
    other.write("outside.csv", "t_s,travel_mm,force_N\n0,0,0\n1,1,100\n2,2,200\n3,3,300\n");
    window->lookAtJob(theirs("exhaust-fan-carrier.arbor.json", name, "traces/../outside.csv"));
    const int before = jobsHere();
    QTest::mouseClick(find<QPushButton>("takeIn"), Qt::LeftButton);
    EXPECT_TRUE(window->troubleText().contains("traces/../outside.csv"));
    EXPECT_EQ(jobsHere(), before) << "nothing of it was added";
    EXPECT_FALSE(QFile::exists(QString::fromStdString(shop.file("outside.csv"))));
}

TEST_F(TakeIn, AFileThatIsNoTraceIsNotTakenForOne) {
    open("seamer-turret-upper");
    const auto name = ownStep(io::loadJob(shop.file("exhaust-fan-carrier.arbor.json"))->job).traceFile;
    other.write("traces/passwords.csv", "name,secret\nwren,hush\n");
    const int before = jobsHere();
    window->lookAtJob(theirs("exhaust-fan-carrier.arbor.json", name, "traces/passwords.csv"));
    QTest::mouseClick(find<QPushButton>("takeIn"), Qt::LeftButton);
    EXPECT_TRUE(window->troubleText().contains("travel_mm")) << window->troubleText().toStdString();
    EXPECT_EQ(jobsHere(), before);
    EXPECT_FALSE(QFile::exists(QString::fromStdString(shop.file("traces/passwords.csv"))));
}

TEST_F(TakeIn, ATraceThatIsNotThereIsSaidAndNothingIsAdded) {
    open("seamer-turret-upper");
    const auto name = ownStep(io::loadJob(shop.file("exhaust-fan-carrier.arbor.json"))->job).traceFile;
    const int before = jobsHere();
    window->lookAtJob(theirs("exhaust-fan-carrier.arbor.json", name, "traces/gone.csv"));
    QTest::mouseClick(find<QPushButton>("takeIn"), Qt::LeftButton);
    EXPECT_TRUE(window->troubleText().contains("traces/gone.csv"));
    EXPECT_EQ(jobsHere(), before);
}

TEST_F(TakeIn, WhatIsNoJobIsNamedAndNothingHappens) {
    open("seamer-turret-upper");
    other.write("no.arbor.json", "{\"format\": 1");
    window->lookAtJob(QString::fromStdString(other.file("no.arbor.json")));
    EXPECT_TRUE(window->troubleText().contains("no.arbor.json"));
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST(JobDifference, NamesWhatIsOnlyOnOneSide) {
    auto ours = arbor::testing::demoJob("seamer-turret-upper"), theirs = ours;
    EXPECT_TRUE(io::differences(ours, theirs).empty());
    theirs.title = "Another";
    ownStep(theirs).overrides.driver = "S14";
    const auto all = io::differences(ours, theirs);
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].place, "steps/in:housing+bearing/driver");
    EXPECT_EQ(all[1].place, "title");
    EXPECT_EQ(all[0].ours, "");
    EXPECT_EQ(all[0].theirs, "S14");
}
