// This shop in the window: gauges, people, heat sources and bearings of one's own, typed, kept, undone and used.
#include "io/shop_tables.h"
#include "support/drawing.h"
#include "support/window.h"
#include "ui/shop/shop_view.h"

#include <QAction>
#include <QCompleter>
#include <QListWidget>
#include <QTableWidget>
#include <QTest>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::WindowTest;
using job::Station;

namespace {

class ShopPlace : public WindowTest {
protected:
    void SetUp() override {
        shop.write("gauges.json", R"({"gauges": []})");
        shop.write("people.json", R"({"people": []})");
        openWindow();
        open();
    }

    QTableWidget* show(const char* action, const char* tableName) {
        find<QAction>(action)->trigger();
        auto* table = find<QTableWidget>(tableName);
        EXPECT_TRUE(table->isVisible());
        return table;
    }
    static int column(const QTableWidget* table, const QString& head) {
        for (int c = 0; c < table->columnCount(); ++c)
            if (table->horizontalHeaderItem(c)->text() == head) return c;
        ADD_FAILURE() << "no column " << head.toStdString();
        return 0;
    }
    static void put(QTableWidget* table, int row, const QString& head, const QString& text) {
        table->item(row, column(table, head))->setText(text);
    }
    static QString at(const QTableWidget* table, int row, const QString& head) {
        return table->item(row, column(table, head))->text();
    }
    tables::Tables onDisk() { return io::loadShopTables(shop.folder()).value(); }
    /// A gauge of one kind, the next row.
    void addGauge(const QString& id, const QString& kind, const QString& due) {
        auto* table = show("actionGauges", "gaugeTable");
        find<QWidget>("gaugeAdd")->setFocus();
        key(Qt::Key_Insert);
        const int row = table->rowCount() - 1;
        put(table, row, "no.", id);
        put(table, row, "kind", kind);
        put(table, row, "uncertainty µm", "2");
        put(table, row, "calibration due", due);
        key(Qt::Key_Escape);
    }
};

} // namespace

TEST_F(ShopPlace, AGaugeIsKnownByItsNumberItsUncertaintyCountsAndItsCalibrationRunsOut) {
    addGauge("B-7", "bore gauge", "2026-11-23"); // the day before the window's clock
    ASSERT_EQ(onDisk().gauges.size(), 1u);
    EXPECT_NEAR(onDisk().gauges.front().uncertainty_mm, 0.002, 1e-12);
    window->jobView()->go(Station::Measure);
    const auto seat = session().plan().fits->seats.front();
    session().edit("read", [&](job::Job& j) {
        auto& hole = j.measured.seats[seat.key].hole;
        hole.readings = {{3, 0, seat.dia_mm}, {3, 90, seat.dia_mm}};
        hole.gauge.uncertainty_mm = 0.005;
        hole.gaugeUsed = {};
    });
    EXPECT_TRUE(slipSays("Which gauge was it?")) << "asked where the shop has some";
    type("gaugeNumber", "B-7");
    const auto& card = job().measured.seats.at(seat.key).hole;
    EXPECT_EQ(card.gaugeUsed, (job::GaugeUsed{"B-7", "2026-11-24"}));
    EXPECT_NEAR(card.gauge.uncertainty_mm, 0.002, 1e-12) << "as the list has it";
    EXPECT_TRUE(slipSays("Gauge B-7 is out of calibration"));
    EXPECT_EQ(saved().measured.seats.at(seat.key).hole.gaugeUsed.number, "B-7");
    type("gaugeNumber", "B-8");
    EXPECT_TRUE(slipSays("Gauge B-8 is none of this shop’s"));
    type("gaugeNumber", "");
    EXPECT_EQ(saved().measured.seats.at(seat.key).hole.gaugeUsed, job::GaugeUsed{}) << "what is erased stays erased";
}

TEST_F(ShopPlace, AGaugeThatIsDueToday_StillCounts) {
    addGauge("B-7", "bore gauge", "2026-11-24");
    window->jobView()->go(Station::Measure);
    const auto seat = session().plan().fits->seats.front();
    session().edit("read", [&](job::Job& j) {
        j.measured.seats[seat.key].hole.readings = {{3, 0, seat.dia_mm}, {3, 90, seat.dia_mm}};
        j.measured.seats[seat.key].hole.gaugeUsed = {"B-7", "2026-11-24"};
    });
    EXPECT_FALSE(slipSays("out of calibration"));
    EXPECT_FALSE(slipSays("Which gauge"));
}

TEST_F(ShopPlace, AFreezerHasTheTemperatureItReallyHasUntilItIsTakenBack) {
    auto* table = show("actionHeat", "heatTable");
    const auto rowOf = [&](const QString& name) {
        for (int row = 0; row < table->rowCount(); ++row)
            if (at(table, row, "name") == name) return row;
        return -1;
    };
    const int freezer = rowOf("household freezer");
    ASSERT_GE(freezer, 0);
    put(table, freezer, "least °C", "-12,5");
    EXPECT_EQ(at(table, freezer, "most °C"), "-12.5") << "it has one temperature";
    const auto* kept = thermal::findSource(session().tables().heatSources, "freezer");
    EXPECT_EQ(kept->settable_C.lower, -12.5);
    EXPECT_TRUE(kept->own);
    EXPECT_EQ(thermal::findSource(onDisk().heatSources, "freezer")->settable_C.upper, -12.5);
    put(table, freezer, "for", "housing teapot");
    EXPECT_TRUE(window->troubleText().contains("teapot"));
    put(table, freezer, "emissivity", "1.4");
    EXPECT_TRUE(window->troubleText().contains("emissivity"));
    table->setCurrentCell(freezer, 0);
    table->setFocus();
    key(Qt::Key_Delete);
    EXPECT_EQ(thermal::findSource(session().tables().heatSources, "freezer")->settable_C.lower, -18) << "as it ships";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(thermal::findSource(onDisk().heatSources, "freezer")->settable_C.lower, -12.5) << "and back";
    table->setCurrentCell(rowOf("hot plate"), 0);
    key(Qt::Key_Delete);
    EXPECT_TRUE(window->troubleText().contains("ships with the program"));
}

TEST_F(ShopPlace, ABearingOfOursIsTypedByItsFiveSizesAndCanBeDrawn) {
    auto* table = show("actionBearings", "bearingTable");
    key(Qt::Key_Insert);
    ASSERT_EQ(table->rowCount(), 1);
    put(table, 0, "no.", "ZQ-17");
    put(table, 0, "outside mm", "20"); // under its bore
    EXPECT_TRUE(window->troubleText().contains("outside"));
    EXPECT_EQ(at(table, 0, "outside mm"), "52");
    put(table, 0, "bore mm", "26");
    put(table, 0, "kind", "angular contact ball");
    put(table, 0, "no.", "6206");
    EXPECT_TRUE(window->troubleText().contains("6206")) << "a known number is not changed";
    const auto* made = catalog::findBearing(session().tables().bearings, "ZQ-17");
    ASSERT_TRUE(made);
    EXPECT_EQ(made->boreDia_mm, 26);
    EXPECT_EQ(made->type, catalog::BearingType::AngularContactBall);
    EXPECT_TRUE(catalog::findBearing(onDisk().bearings, "ZQ-17"));
    key(Qt::Key_Delete);
    EXPECT_FALSE(catalog::findBearing(session().tables().bearings, "ZQ-17"));
}

TEST_F(ShopPlace, PeopleAreOfferedWhereANameIsAskedFor) {
    auto* table = show("actionPeople", "personTable");
    key(Qt::Key_Insert);
    put(table, 0, "name", "Wren Oakley");
    put(table, 0, "may release", "perhaps");
    EXPECT_TRUE(window->troubleText().contains("yes, no"));
    put(table, 0, "may release", "yes");
    EXPECT_TRUE(onDisk().people.front().releases);
    key(Qt::Key_Insert);
    EXPECT_EQ(table->rowCount(), 2);
    put(table, 1, "name", "Wren Oakley");
    EXPECT_TRUE(window->troubleText().contains("Wren Oakley")) << "each name once";
    key(Qt::Key_Escape);
    window->jobView()->go(Station::Close);
    auto* who = find<QLineEdit>("recordWho");
    who->clear();
    QTest::keyClicks(who, "oak");
    ASSERT_TRUE(who->completer());
    EXPECT_EQ(who->completer()->completionCount(), 1);
    EXPECT_EQ(who->completer()->currentCompletion(), "Wren Oakley");
}

TEST_F(ShopPlace, OneBadRowOfTheRackTakesNoOtherToolWithIt) {
    const auto tools = session().tables().rack.tools.size();
    shop.write("rack.csv", shop.read("rack.csv") + "Z99,teapot,no tool at all,1,2,3\n");
    openWindow();
    open();
    EXPECT_EQ(session().tables().rack.tools.size(), tools);
    EXPECT_TRUE(window->troubleText().contains("rack.csv"));
    EXPECT_TRUE(window->troubleText().contains("line"));
    auto all = session().tables().rack.tools;
    all.front().place = "drawer Z";
    ASSERT_TRUE(window->findChild<ui::ShopView*>());
    find<QAction>("actionRack")->trigger();
    type("toolPlace", "drawer Z");
    EXPECT_NE(shop.read("rack.csv").find("# not read: Z99,teapot"), std::string::npos) << "nothing of it is lost";
    EXPECT_EQ(io::loadRack(shop.folder())->tools.size(), tools);
}

TEST_F(ShopPlace, AListThatCannotBeReadIsNamedLeftAloneAndTheOthersStand) {
    shop.write("gauges.json", R"({"gauges": [{"id": "B-7", "kind": "ruler"}]})");
    openWindow();
    open();
    EXPECT_TRUE(window->troubleText().contains("gauges.json"));
    EXPECT_TRUE(window->troubleText().contains("ruler"));
    EXPECT_FALSE(session().tables().rack.tools.empty());
    show("actionGauges", "gaugeTable");
    key(Qt::Key_Insert);
    EXPECT_NE(shop.read("gauges.json").find("ruler"), std::string::npos);
}

TEST_F(ShopPlace, TheListOfListsIsWalkedByKeys) {
    show("actionPresses", "pressTable");
    auto* sections = find<QListWidget>("shopSections");
    sections->setFocus();
    QStringList seen;
    for (int row = 0; row < sections->count(); ++row) {
        sections->setCurrentRow(row);
        seen << sections->currentItem()->text();
    }
    EXPECT_EQ(seen.size(), 11);
    EXPECT_TRUE(find<QWidget>("benchPage")->isVisible());
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}
