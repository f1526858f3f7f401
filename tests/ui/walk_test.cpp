// Every job of the demo shop from Intake to its record, with the keyboard alone.
#include "support/steps.h"
#include "support/window.h"

#include <QCheckBox>
#include <QLineEdit>
#include <algorithm>

using namespace arbor;
using arbor::testing::ringInHand;
using arbor::testing::WindowTest;
using job::Station;

class Walk : public WindowTest, public ::testing::WithParamInterface<const char*> {
protected:
    Station at() { return window->jobView()->current(); }

    /// Does what the slip says until it leads on; where a stop holds it, the next station is gone to by key.
    void follow() {
        const auto place = [&] { return std::pair(at(), session().inHand()); };
        const auto here = place();
        for (int i = 0; i < 60 && place() == here; ++i) {
            const auto before = slip().action + slip().title + slip().subtitle;
            const auto focus = window->focusWidget();
            key(Qt::Key_F9);
            if (place() == here && slip().action + slip().title + slip().subtitle == before &&
                window->focusWidget() == focus)
                break;
        }
        if (place() == here) key(Qt::Key_PageDown);
        EXPECT_NE(place(), here);
    }
    /// Puts on the bench what is missing: the kit is a stop until it is there.
    void completeKit() {
        const auto& strip = session().plan().strip;
        while (!strip.missing.empty()) {
            const auto before = strip.missing.size();
            for (auto* box : window->findChildren<QCheckBox*>())
                if (box->isVisible() && !box->isChecked()) {
                    box->setFocus();
                    key(Qt::Key_Space);
                    break;
                }
            ASSERT_LT(session().plan().strip.missing.size(), before);
        }
    }
    /// Reads the ring where it stands on its shoulder, place by place.
    void measureRing() {
        const auto ring = ringInHand(session().plan());
        if (ring.input.homeDepth_mm < 0) choose("readingKind", 1); // one that stands proud is measured with feelers
        find<QWidget>("seatClock")->setFocus();
        const bool depth = ringInHand(session().plan()).input.kind == seat::ReadingKind::Depth;
        const double unit = job().units == job::Units::Inch ? 25.4 : 1;
        for (int i = 0; i < 8; ++i) {
            keys(QString::number(depth ? ring.input.homeDepth_mm / unit : 0, 'f', 5));
            key(Qt::Key_Return);
        }
        EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seat::SeatVerdict::HomeAndSquare) << ring.label;
    }
    void setEndPlay() {
        if (!session().plan().adjust) return;
        const auto& a = *session().plan().adjust;
        // As the indicator reads it: at hand torque the clamp's share is still to come.
        const double share = a.clamped && a.play_mm && job().adjust.play_mm ? *job().adjust.play_mm - *a.play_mm
                             : a.clamped                                    ? a.clamped->both_mm()
                                                                            : 0;
        type("adjPlay", QString::number(a.target_mm.mid() + share, 'f', 4));
        EXPECT_TRUE(session().plan().adjust->inBand());
        find<QWidget>("nutDrawing")->setFocus();
    }
};

INSTANTIATE_TEST_SUITE_P(DemoShop, Walk,
                         ::testing::Values("seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum",
                                           "filler-pump-shaft", "labeller-pulley", "exhaust-fan-carrier",
                                           "brine-agitator", "trolley-line-sheave", "tray-washer-axle",
                                           "steam-kettle-seal"));

TEST_P(Walk, FromIntakeToItsRecord) {
    open(GetParam());
    key(Qt::Key_1, Qt::ControlModifier);
    int places = 0;
    while (at() != Station::Close) {
        const auto here = at();
        ASSERT_LT(++places, 60) << "the same place again";
        if (here == Station::Intake) completeKit();
        if (here == Station::Warm) key(Qt::Key_C);
        if (here == Station::Seat) measureRing();
        if (here == Station::Adjust) setEndPlay();
        follow();
    }
    const auto& strip = session().plan().strip;
    if (strip.sound()) {
        EXPECT_EQ(job().strip.out.size(), strip.assembly.parts.size() - 1);
    }
    for (const auto& step : session().plan().steps) {
        EXPECT_TRUE(plan::isSettled(job(), step, session().plan())) << step.step.key;
        if (step.step.out) continue;
        ASSERT_TRUE(step.ring) << step.step.key;
        EXPECT_EQ(step.ring->seating.verdict, seat::SeatVerdict::HomeAndSquare) << step.step.key;
    }
    EXPECT_EQ(job().done.contains(Station::Adjust), session().plan().adjust.has_value());
    auto* who = find<QLineEdit>("recordWho");
    who->setFocus();
    who->selectAll();
    keys("Wren Halloran");
    key(Qt::Key_F9);
    ASSERT_TRUE(saved().record);
    EXPECT_EQ(saved().record->who, "Wren Halloran");
    EXPECT_EQ(saved().record->verdict, "home_and_square");
    for (const auto& step : session().plan().steps)
        if (!step.step.out) {
            EXPECT_TRUE(job::stepOf(saved(), step.step.id).record) << step.step.key;
        }
}
