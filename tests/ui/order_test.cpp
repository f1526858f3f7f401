// The order of work in the window: steps by key and mouse, the section as it stands at each, and the way back.
#include "support/window.h"

#include "ui/bench/bench_view.h"
#include "ui/order/order_view.h"
#include "ui/order/step_list.h"

#include <QPushButton>
#include <algorithm>

using namespace arbor;
using arbor::testing::replaced;
using arbor::testing::WindowTest;

class OrderPlace : public WindowTest {
protected:
    void openOrder(const std::string& name = "seamer-turret-upper") {
        open(name);
        key(Qt::Key_R, Qt::ControlModifier);
        view = find<ui::OrderView>("orderView");
        bench = find<ui::BenchView>("orderBench");
    }
    std::size_t bodiesOf(const std::string& id) {
        const auto& bodies = bench->scene().bodies;
        return static_cast<std::size_t>(
            std::count_if(bodies.begin(), bodies.end(), [&](const auto& b) { return b.id == id; }));
    }
    ui::OrderView* view = nullptr;
    ui::BenchView* bench = nullptr;
};

TEST_F(OrderPlace, ShowsTheWorkAsItStandsAtEachStep) {
    openOrder();
    ASSERT_TRUE(view->isVisible());
    ASSERT_EQ(view->lines().size(), 6u);
    EXPECT_EQ(view->current(), 0u);
    EXPECT_EQ(bodiesOf("spindle"), 1u);
    EXPECT_EQ(bodiesOf("bearing"), 3u);
    key(Qt::Key_Down);
    EXPECT_EQ(bodiesOf("spindle"), 0u) << "it left at the first step";
    EXPECT_EQ(bodiesOf("shield"), 1u);
    key(Qt::Key_Down);
    key(Qt::Key_Down);
    key(Qt::Key_Down);
    EXPECT_EQ(view->lines()[view->current()].text, "Turn the work over");
    EXPECT_EQ(bodiesOf("bearing"), 0u);
    for (int i = 0; i < 9; ++i)
        key(Qt::Key_Down);
    EXPECT_EQ(view->current(), 5u);
    for (int i = 0; i < 9; ++i)
        key(Qt::Key_Up);
    EXPECT_EQ(view->current(), 0u);
}

TEST_F(OrderPlace, WhatMovesIsDrawnAwayFromItsPlaceAndTheRestFaded) {
    openOrder();
    const auto& scene = bench->scene();
    ASSERT_EQ(scene.faded.size(), scene.bodies.size());
    for (std::size_t i = 0; i < scene.bodies.size(); ++i) {
        const bool spindle = scene.bodies[i].id == "spindle";
        EXPECT_EQ(scene.faded[i], !spindle) << scene.bodies[i].id;
        EXPECT_EQ(scene.bodies[i].z_mm > 0, spindle) << "the spindle leaves upward";
    }
}

TEST_F(OrderPlace, PuttingTogetherRunsTheOtherWay) {
    openOrder();
    QTest::mouseClick(find<QPushButton>("orderDirection"), Qt::LeftButton);
    EXPECT_TRUE(view->together());
    EXPECT_EQ(view->lines().back().text, "Flanged spindle: press it in from above, tight with the bearing 3206");
    EXPECT_EQ(bench->scene().bodies.size(), 2u) << "housing and sensor cap come first";
    view->setFocus();
    key(Qt::Key_D);
    EXPECT_FALSE(view->together());
}

TEST_F(OrderPlace, ClickOnAStepGoesThere) {
    openOrder();
    auto* list = find<ui::StepList>("stepList");
    click(list, list->boxOf(2).center());
    EXPECT_EQ(view->current(), 2u);
    EXPECT_EQ(bodiesOf("shield"), 0u);
}

TEST_F(OrderPlace, EscapeGoesBackToTheStationItCameFrom) {
    open();
    window->jobView()->go(job::Station::Seat);
    key(Qt::Key_R, Qt::ControlModifier);
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
    EXPECT_EQ(window->jobView()->current(), job::Station::Seat);
    keys("22.2");
    key(Qt::Key_Right);
    EXPECT_EQ(job().seating.readings.size(), 1u);
}

TEST_F(OrderPlace, JobWithoutAnArrangementSaysSo) {
    shop.write("seamer-turret-upper.arbor.json",
               replaced(shop.read("seamer-turret-upper.arbor.json"), "\"arrangement\"", "\"arrangement_later\""));
    openOrder();
    EXPECT_FALSE(view->isVisible());
    EXPECT_TRUE(window->jobView()->isVisible());
    EXPECT_TRUE(window->troubleText().contains("arrangement"));
}

TEST_F(OrderPlace, OverlappingPartsAreNamed) {
    shop.write("seamer-turret-upper.arbor.json",
               replaced(shop.read("seamer-turret-upper.arbor.json"), "[30, 57.8, 0, 30]", "[30, 57.8, 0, 31]"));
    openOrder();
    EXPECT_FALSE(view->isVisible());
    EXPECT_TRUE(window->troubleText().contains("overlap")) << window->troubleText().toStdString();
}
