// Every job of the demo shop from Intake to its record, with the keyboard alone.
#include "support/stand_in.h"
#include "support/steps.h"
#include "support/window.h"

#include "core/job/names.h"
#include "ui/press/live_press.h"
#include "ui/press/press_page.h"

#include <QCheckBox>
#include <QLineEdit>
#include <algorithm>
#include <set>

using namespace arbor;
using arbor::testing::kPatience_ms;
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
            const auto before = slip().action + slip().title + slip().verdict;
            const auto focus = window->focusWidget();
            key(Qt::Key_F9);
            if (place() == here && slip().action + slip().title + slip().verdict == before &&
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
        const bool depth = ringInHand(session().plan()).input.kind == seating::ReadingKind::Depth;
        const double unit = job().units == job::Units::Inch ? 25.4 : 1;
        for (int i = 0; i < 8; ++i) {
            keys(QString::number(depth ? ring.input.homeDepth_mm / unit : 0, 'f', 5));
            key(Qt::Key_Return);
        }
        EXPECT_EQ(ringInHand(session().plan()).seating.verdict, seating::SeatVerdict::HomeAndSquare) << ring.label;
    }
    /// Pressed under the transducer where its force is known; else as the slip leads, by hand.
    void press() {
        const auto& step = *session().step();
        if (!session().record().traceFile.empty()) return; // it was pressed before the job came here
        const bool known = step.press && step.press->force_N.likely > kLeastForce_N;
        choose("pressMeans", known ? 1 : 0);
        if (!known) return;
        auto& live = find<ui::PressPage>("pressPage")->live();
        sim::LinePort port;
        type("pressLine", port.listen(0));
        ASSERT_TRUE(QTest::qWaitFor([&] { return live.connected(); }, kPatience_ms));
        const auto record = [&] { // once the instrument speaks
            ASSERT_TRUE(QTest::qWaitFor([&] { return slip().title == "Transducer connected"; }, kPatience_ms));
            key(Qt::Key_F9);
            ASSERT_TRUE(live.recording());
        };
        const auto comesTo = [&](trace::Verdict verdict) {
            EXPECT_TRUE(QTest::qWaitFor([&] { return live.analysis().verdict == verdict; }, kPatience_ms))
                << step.step.key << " " << job::name(live.analysis().verdict);
        };
        const auto first = step.press->force_N;
        const auto expected = step.press->expected;
        if (step.step.out) {
            port.say("press 0 0 0");
            record();
            const auto clean = session().plan().fits->seats[*step.step.seat].fit->pressForce_N.likely;
            for (const auto& r : arbor::testing::pullOut(first.likely, clean, expected.homeTravel_mm))
                port.say(QStringLiteral("press %1 %2 %3")
                             .arg(1 + r.t_s)
                             .arg(r.travel_mm, 0, 'f', 4)
                             .arg(r.force_N)
                             .toUtf8());
            comesTo(trace::Verdict::Released);
        } else {
            auto options = arbor::testing::standInFor(expected, sim::Fault::None);
            options.fasterThanTime = 20;
            sim::PressInstrument instrument(port, options);
            record();
            instrument.go();
            // Where holding would pass through the elements nothing shows that it stands; its readings do.
            comesTo(expected.holds ? trace::Verdict::Home : trace::Verdict::NotProven);
        }
        key(Qt::Key_F9); // kept
        EXPECT_FALSE(live.recording());
    }
    /// Each step out under the transducer, before anything is ticked as out.
    void pullEverythingOut() {
        const auto& steps = session().plan().steps;
        for (std::size_t i = 0; i < steps.size() && steps[i].step.out; ++i) {
            while (session().plan().inHand != i)
                key(session().plan().inHand > i ? Qt::Key_Left : Qt::Key_Right, Qt::AltModifier);
            key(Qt::Key_7, Qt::ControlModifier);
            ASSERT_EQ(at(), Station::Press);
            press();
        }
        key(Qt::Key_2, Qt::ControlModifier);
    }
    /// A scrapped seat stops its press until somebody overrules it, as this shop does for once.
    void useWhatIsScrapped() {
        if (slip().title != "Sleeve" && slip().title != "Replace") return;
        choose("overrule", 1);
        find<QWidget>("measurePage")->setFocus();
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

    static constexpr double kLeastForce_N = 500; ///< below it the transducer's noise hides where it stands
};

INSTANTIATE_TEST_SUITE_P(DemoShop, Walk,
                         ::testing::Values("seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum",
                                           "filler-pump-shaft", "labeller-pulley", "exhaust-fan-carrier",
                                           "brine-agitator", "trolley-line-sheave", "tray-washer-axle",
                                           "steam-kettle-seal"));

TEST_P(Walk, FromIntakeToItsRecord) {
    open(GetParam());
    ASSERT_TRUE(session().revise("Ilse Marden", "done anew")) << "of one that is released already";
    key(Qt::Key_1, Qt::ControlModifier);
    int places = 0;
    while (at() != Station::Close) {
        const auto here = at();
        ASSERT_LT(++places, 60) << "the same place again";
        if (here == Station::Intake) completeKit();
        if (here == Station::Strip && places == 2) pullEverythingOut();
        if (here == Station::Measure) useWhatIsScrapped();
        if (here == Station::Warm) key(Qt::Key_C);
        if (here == Station::Press) press();
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
        if (const auto press =
                step.step.seat ? plan::pressOf(step.step, nullptr, *session().plan().fits) : std::nullopt;
            press && press->force_N.likely > kLeastForce_N) {
            EXPECT_FALSE(job::stepOf(job(), step.step.id).traceFile.empty()) << step.step.key;
        }
        if (step.step.out) continue;
        ASSERT_TRUE(step.ring) << step.step.key;
        EXPECT_EQ(step.ring->seating.verdict, seating::SeatVerdict::HomeAndSquare) << step.step.key;
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
