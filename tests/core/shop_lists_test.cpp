// What a shop keeps beside its jobs: gauges, people, heat sources, bearings of its own, a rack with a bad row.
#include "core/catalog/gauge.h"
#include "core/catalog/own_bearings.h"
#include "core/catalog/presses.h"
#include "core/catalog/rack.h"
#include "core/plan/gauges.h"
#include "core/thermal/heat_source.h"

#include <gtest/gtest.h>

using namespace arbor;
using catalog::Gauge;
using catalog::GaugeKind;

TEST(Gauges, AreReadBackAsTheyWereWritten) {
    const std::vector<Gauge> all{{"B-7", GaugeKind::Bore, "35 to 60", 0.003, "2027-03-31"},
                                 {"T-1", GaugeKind::Thermometer, "", 0, ""},
                                 {"W-2", GaugeKind::TorqueWrench, "10 to 100", 0, "2027-01-02"}};
    EXPECT_EQ(catalog::parseGauges(catalog::writeGauges(all)).value(), all);
    EXPECT_TRUE(catalog::parseGauges(catalog::writeGauges({}))->empty());
}

TEST(Gauges, EveryKindHasANameOfItsOwn) {
    std::vector<Gauge> all;
    for (const auto kind : catalog::kGaugeKinds)
        all.push_back({std::string(catalog::name(kind)), kind, {}, 0, {}});
    EXPECT_EQ(catalog::parseGauges(catalog::writeGauges(all)).value(), all);
}

TEST(Gauges, WhatIsNoGaugeIsRefusedWithItsPlace) {
    const auto refused = [](const char* gauge) {
        return catalog::parseGauges(std::string(R"({"gauges": [)") + gauge + "]}").error();
    };
    EXPECT_EQ(refused(R"({"id": "B", "kind": "ruler"})").value, "ruler");
    EXPECT_EQ(refused(R"({"id": "", "kind": "bore"})").code, ProblemCode::Missing);
    EXPECT_EQ(refused(R"({"id": "B", "kind": "bore", "uncertainty_um": 101})").field, "B/uncertainty_um");
    EXPECT_EQ(refused(R"({"id": "B", "kind": "bore", "calibration_due": "31.3.2027"})").field, "B/calibration_due");
    EXPECT_EQ(refused(R"({"id": "B", "kind": "bore", "calibration_due": "2027-13-01"})").value, "2027-13-01");
    EXPECT_EQ(refused(R"({"id": "B", "kind": "bore", "colour": 1})").code, ProblemCode::UnknownKey);
    EXPECT_EQ(refused(R"({"id": "B", "kind": "bore"}, {"id": "B", "kind": "depth"})").code, ProblemCode::Duplicate);
}

TEST(Gauges, ACalibrationHoldsToTheEndOfItsDay) {
    const Gauge gauge{"B-7", GaugeKind::Bore, {}, 0, "2027-03-31"};
    EXPECT_FALSE(catalog::isOverdue(gauge, "2027-03-31"));
    EXPECT_TRUE(catalog::isOverdue(gauge, "2027-04-01"));
    EXPECT_FALSE(catalog::isOverdue(gauge, "2026-12-31"));
    EXPECT_FALSE(catalog::isOverdue({"B-8", GaugeKind::Bore, {}, 0, {}}, "2099-01-01")) << "not said is not overdue";
}

TEST(Gauges, WhatIsSaidOfOneGoesByTheDayItWasRead) {
    tables::Tables tables;
    tables.gauges = {{"B-7", GaugeKind::Bore, {}, 0.003, "2027-03-31"}};
    tables.today = "2027-05-01";
    const auto said = [&](const job::GaugeUsed& used) { return plan::sayOfGauge(used, {GaugeKind::Bore}, tables); };
    EXPECT_TRUE(findingOf<found::GaugeOverdue>(said({"B-7", ""}))) << "by today, where no day is said";
    EXPECT_TRUE(said({"B-7", "2027-03-01"}).empty()) << "it was good when it was read";
    EXPECT_EQ(worst(said({"B-7", "2027-04-02"})), Severity::Check);
    EXPECT_TRUE(findingOf<found::GaugeNotOurs>(said({"X-1", "2027-03-01"})));
    EXPECT_EQ(worst(said({})), Severity::Info);
    EXPECT_TRUE(findingOf<found::GaugeNotNamed>(said({})));
    EXPECT_TRUE(plan::sayOfGauge({}, {GaugeKind::Thermometer}, tables).empty()) << "the shop has none of that kind";
    tables.gauges.clear();
    EXPECT_TRUE(said({"X-1", ""}).empty()) << "a shop without a list is asked nothing";
}

TEST(People, AreReadBackAndNamedOnce) {
    const std::vector<catalog::Person> all{{"Wren Oakley", true}, {"Ash Tern", false}};
    EXPECT_EQ(catalog::parsePeople(catalog::writePeople(all)).value(), all);
    EXPECT_EQ(catalog::checkPeople({{"Wren", false}, {"Wren", true}}).error().code, ProblemCode::Duplicate);
    EXPECT_EQ(catalog::checkPeople({{"", false}}).error().code, ProblemCode::Missing);
}

TEST(HeatSources, TheShopsOwnTakeThePlaceOfWhatShips) {
    thermal::HeatSource freezer{"freezer", "household freezer",        false, {-18, -18}, 8, 0.3, 1,
                                0,         {thermal::PartClass::Ring}, true};
    std::vector<thermal::HeatSource> all{freezer};
    auto own = freezer, other = freezer;
    own.settable_C = {-12.5, -12.5};
    other.id = "own_1";
    thermal::takeOwn(all, {own, other});
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].settable_C.lower, -12.5);
    EXPECT_TRUE(all[0].own && all[1].own);
    auto back = thermal::parseHeatSources(thermal::ownHeatSourcesText(all)).value();
    std::vector<thermal::HeatSource> again{freezer};
    thermal::takeOwn(again, back);
    EXPECT_EQ(again, all);
    all[0].own = all[1].own = false;
    EXPECT_TRUE(thermal::parseHeatSources(thermal::ownHeatSourcesText(all))->empty()) << "what ships is not written";
}

TEST(HeatSources, ImpossibleFiguresAreRefused) {
    thermal::HeatSource oven{"oven", "oven", true, {40, 250}, 15, 0.3, 1, 0, {thermal::PartClass::Ring}, true};
    EXPECT_TRUE(thermal::checkHeatSource(oven));
    const auto with = [&](auto change) {
        auto changed = oven;
        change(changed);
        return thermal::checkHeatSource(changed).error().field;
    };
    EXPECT_EQ(with([](auto& s) { s.settable_C.upper = 30; }), "oven/least_degC");
    EXPECT_EQ(with([](auto& s) { s.settable_C.upper = 1e9; }), "oven/most_degC");
    EXPECT_EQ(with([](auto& s) { s.emissivity = 1.5; }), "oven/emissivity");
    EXPECT_EQ(with([](auto& s) { s.h_W_m2K = 0; }), "oven/h_W_per_m2K");
    EXPECT_EQ(with([](auto& s) { s.name.clear(); }), "oven/name");
}

TEST(OwnBearings, AreReadBackAndAreNoKnownNumber) {
    using catalog::OwnBearing;
    const std::vector<OwnBearing> all{{"ZQ-17", {catalog::BearingType::DeepGrooveBall, 25, 52, 15, 33.2, 44.6}},
                                      {"A, B", {catalog::BearingType::TaperRoller, 30, 62, 17.25, 0, 0}}};
    EXPECT_EQ(catalog::parseOwnBearings(catalog::writeOwnBearings(all)).value(), all);
    std::vector<catalog::Bearing> made;
    const auto taken = [&](const std::vector<OwnBearing>& own) { return catalog::takeOwn(made, own); };
    ASSERT_TRUE(taken(all));
    EXPECT_EQ(made.at(0).innerLandDia_mm, 33.2);
    EXPECT_NEAR(made.at(1).innerWidth_mm, 0.945 * 17.25, 1e-9) << "as cones usually are";
    EXPECT_TRUE(taken(all)) << "in the place of what stood there before";
    EXPECT_EQ(made.size(), 2u);
    EXPECT_EQ(taken({{"", {}}}).error().code, ProblemCode::Missing);
    EXPECT_EQ(taken({{"X", {catalog::BearingType::DeepGrooveBall, 25, 20, 15, 0, 0}}}).error().field, "X/outside");
    EXPECT_EQ(made.size(), 2u) << "what is refused changes nothing";
    made.front().own = false; // of the catalogue
    EXPECT_EQ(taken(all).error().code, ProblemCode::Duplicate);
    EXPECT_EQ(catalog::parseOwnBearings("designation,type,bore_mm,outside_mm,width_mm\nX,square,1,2,3\n").error().field,
              "line 2, type");
}

TEST(RackRows, ABadOneIsSetAsideAsItStands) {
    const auto read = catalog::readTools("# ours\nid,kind,name,outside_mm,bore_mm,length_mm\n"
                                         "S1,sleeve,one,60,50,40\n"
                                         "S2,teapot,two,60,50,40\n"
                                         "S3,sleeve\n"
                                         "S1,sleeve,again,60,50,40\n"
                                         "S4,sleeve,\"open quote,60,50,40\n"
                                         "S5,sleeve,five,62,50,40\n")
                          .value();
    ASSERT_EQ(read.tools.size(), 2u);
    EXPECT_EQ(read.tools[1].id, "S5");
    ASSERT_EQ(read.bad.size(), 4u);
    std::vector<std::string> lines, places;
    for (const auto& bad : read.bad) {
        lines.push_back(bad.line);
        places.push_back(bad.problem.field);
    }
    EXPECT_EQ(lines, (std::vector<std::string>{"S3,sleeve", "S4,sleeve,\"open quote,60,50,40", "S2,teapot,two,60,50,40",
                                               "S1,sleeve,again,60,50,40"}));
    EXPECT_EQ(places, (std::vector<std::string>{"line 5", "line 7", "line 4, kind", "line 6, id"}));
    EXPECT_FALSE(catalog::readTools("id,kind\nS1,sleeve\n")) << "without its columns it is no rack";
}

TEST(Presses, WhatNoShopHasIsRefused) {
    catalog::Press press;
    press.id = "P";
    press.capacity_N = 3e5;
    press.ramFootDia_mm = 40;
    press.stroke_mm = 200;
    press.notchDaylight_mm = {600};
    EXPECT_TRUE(catalog::checkPress(press));
    const auto with = [&](auto change) {
        auto changed = press;
        change(changed);
        const auto checked = catalog::checkPress(changed);
        return checked ? std::string() : checked.error().field;
    };
    EXPECT_EQ(with([](auto& p) { p.capacity_N = 1e19; }), "P/capacity_N");
    EXPECT_EQ(with([](auto& p) { p.stroke_mm = 1e9; }), "P/stroke_mm");
    EXPECT_EQ(with([](auto& p) { p.notchDaylight_mm = {600, 1e7}; }), "P/notch_daylight_mm");
    EXPECT_EQ(with([](auto& p) { p.pistonDia_mm = 1e5; }), "P/piston_mm");
}
