#include "core/plan/plan_job.h"
#include "io/shop_tables.h"
#include "io/table_files.h"

#include "support/drawing.h"
#include "support/shop.h"
#include "support/steps.h"
#include "words/sentences.h"

#include <QByteArray>
#include <filesystem>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

using namespace arbor;
using arbor::testing::clearanceOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::fitOf;
using arbor::testing::inHand;
using arbor::testing::replaced;
using arbor::testing::setupOf;
using arbor::testing::TemporaryShop;
using nlohmann::json;

TEST(Tables, ShippedTablesLoadWithoutARack) {
    const auto tables = io::loadShippedTables();
    ASSERT_TRUE(tables);
    EXPECT_TRUE(tables->rack.tools.empty());
    EXPECT_GT(tables->bearings.size(), 40u);
}

TEST(Tables, RackWithAMissingColumnNamesFileAndColumn) {
    const TemporaryShop shop;
    shop.write("rack.csv", replaced(shop.read("rack.csv"), "bore_mm", "hole_mm"));
    const auto refused = io::loadShopTables(shop.folder());
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().file, shop.folder() + "/rack.csv");
    EXPECT_EQ(refused.error().value, "bore_mm");
    EXPECT_EQ(refused.error().code, ProblemCode::Missing);
}

/// Own bearings lie in the XDG data folder; given back when the test ends.
class OwnBearings : public ::testing::Test {
protected:
    OwnBearings() : m_before(qgetenv("XDG_DATA_HOME")) {
        qputenv("XDG_DATA_HOME", QByteArray::fromStdString(shop.folder()));
        std::filesystem::create_directories(shop.file("brisk-arbor/bearings"));
    }
    ~OwnBearings() override { qputenv("XDG_DATA_HOME", m_before); }
    void write(const std::string& row) {
        shop.write("brisk-arbor/bearings/own.csv",
                   "designation,type,bore_mm,outside_mm,width_mm,inner_width_mm,outer_width_mm,chamfer_mm,rows,"
                   "contact_angle_deg,element_dia_mm,element_count,element_length_mm\n" +
                       row + "\n");
    }
    TemporaryShop shop;

private:
    QByteArray m_before;
};

TEST_F(OwnBearings, JoinTheCatalogue) {
    write("SHOP-1,deep_groove_ball,31,63,17,17,17,1,1,0,9,9,0");
    const auto tables = io::loadShopTables(shop.folder()).value();
    const auto* own = catalog::findBearing(tables.bearings, "SHOP-1");
    ASSERT_TRUE(own);
    EXPECT_EQ(own->outsideDia_mm, 63);
    EXPECT_EQ(tables.bearings.size(), io::loadShippedTables()->bearings.size() + 1);
}

TEST_F(OwnBearings, WrongRowsNameFileLineAndReason) {
    write("SHOP-1,deep_groove_ball,31,29,17,17,17,1,1,0,9,9,0");
    auto refused = io::loadShopTables(shop.folder()).error();
    EXPECT_EQ(refused.file, shop.file("brisk-arbor/bearings/own.csv"));
    EXPECT_EQ(refused.field, "line 2, outside_mm");
    write("6206,deep_groove_ball,31,63,17,17,17,1,1,0,9,9,0");
    refused = io::loadShopTables(shop.folder()).error();
    EXPECT_EQ(refused.code, ProblemCode::Duplicate);
    EXPECT_EQ(refused.value, "6206");
    write("SHOP-2,square_ball,31,63,17,17,17,1,1,0,9,9,0");
    EXPECT_EQ(io::loadShopTables(shop.folder()).error().field, "line 2, type");
    write("SHOP-3,needle_roller,31,63,17,17,17,1,1,0,9,9,0");
    EXPECT_EQ(io::loadShopTables(shop.folder()).error().field, "line 2, element_length_mm");
}

TEST(Tables, RackRowShortOfFieldsNamesItsLine) {
    const TemporaryShop shop;
    shop.write("rack.csv",
               replaced(shop.read("rack.csv"), "S02,sleeve,turned sleeve,29.7,22,55,30,10,,,,,,,,,,,,,,,,,drawer A1",
                        "S02,sleeve"));
    EXPECT_EQ(io::loadRack(shop.folder()).error().field, "line 3");
}

TEST(Tables, BadPressesNameTheirFile) {
    const TemporaryShop shop;
    shop.write("presses.json", "{\"presses\": 3}");
    EXPECT_EQ(io::loadRack(shop.folder()).error().file, shop.folder() + "/presses.json");
}

TEST(TraceFile, WithTextInItNamesFileLineAndColumn) {
    const TemporaryShop shop;
    shop.write("bad.csv", "t_s,travel_mm,force_N\n0,0,0\n0.1,0.2,lots\n");
    const auto refused = io::loadTrace(shop.file("bad.csv")).error();
    EXPECT_EQ(refused.file, shop.file("bad.csv"));
    EXPECT_EQ(refused.field, "line 3, force_N");
    EXPECT_EQ(words::say(refused), shop.file("bad.csv") + ": line 3, force_N: “lots” cannot be read; wanted: a number");
}

TEST(TraceFile, OfTheDemoShopLoads) {
    const TemporaryShop shop;
    EXPECT_EQ(io::loadTrace(shop.file("traces/fan-carrier.csv"))->size(), 349u);
}

TEST(TableFiles, OwnMaterialsLieBesideTheJobsAndAreMarked) {
    const TemporaryShop shop;
    const std::string zinc = R"({"materials": {"zinc_alloy": {"name": "zinc alloy", "E_MPa": 85000, "nu": 0.3,
        "alpha_perK": 2.7e-5, "yield_MPa": 220, "density_kg_per_m3": 6600, "conductivity_W_per_mK": 110,
        "heat_J_per_kgK": 420, "ceiling_degC": 100, "family": "aluminium"}}})";
    shop.write("materials.json", zinc);
    const auto tables = io::loadShopTables(shop.folder()).value();
    EXPECT_TRUE(tables.materials.at("zinc_alloy").own);
    EXPECT_FALSE(tables.materials.at("bronze").own);
    EXPECT_EQ(catalog::materialKey(tables.materials, "Zinc alloy").value(), "zinc_alloy");
    shop.write("materials.json", replaced(zinc, "\"name\": \"zinc alloy\"", "\"name\": \"Bronze\""));
    const auto twice = io::loadShopTables(shop.folder()).error();
    EXPECT_EQ(twice.code, ProblemCode::Duplicate);
    EXPECT_TRUE(twice.file.ends_with("materials.json"));
    shop.write("materials.json", replaced(zinc, "85000", "-1"));
    EXPECT_EQ(io::loadShopTables(shop.folder()).error().field, "zinc_alloy/E_MPa");
}

TEST(TableFiles, OwnBandsOfEndPlayLieBesideTheJobs) {
    const TemporaryShop shop;
    const auto shipped = io::loadShopTables(shop.folder())->endPlay.size();
    auto tables = io::loadShopTables(shop.folder()).value();
    tables.endPlay.push_back({"general", "general", 45, {0.01, 0.02}, true});
    ASSERT_TRUE(io::saveList(shop.folder(), io::ShopList::EndPlay, tables));
    const auto again = io::loadShopTables(shop.folder())->endPlay;
    ASSERT_EQ(again.size(), shipped + 1);
    EXPECT_EQ(again.back(), tables.endPlay.back());
    shop.write("end_play.json",
               R"({"bands": [{"use": "x", "name": "x", "up_to_mm": 0, "least_um": 0, "most_um": 1}]})");
    const auto refused = io::loadShopTables(shop.folder());
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().code, ProblemCode::NotPositive);
    EXPECT_NE(refused.error().file.find("end_play.json"), std::string::npos);
    EXPECT_EQ(io::saveList("/no/such/folder", io::ShopList::EndPlay, tables).error().code, ProblemCode::Unwritable);
}
