// What the slip, the route rule and the picked part say, for jobs in each state.
#include "support/drawing.h"
#include "support/steps.h"
#include "support/window.h"

#include "core/base/units.h"
#include "ui/bench/bench_view.h"
#include "ui/charts/zone_drawing.h"
#include "ui/slip/slip_body.h"
#include "ui/stations/describe_part.h"
#include "ui/text.h"
#include "ui/tooling/setup_scene.h"

#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>
#include <cmath>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::fitOf;
using arbor::testing::inHand;
using arbor::testing::ownStep;
using arbor::testing::setupOf;
using arbor::testing::WindowTest;
using job::Station;
using section::BodyKind;

class SlipText : public WindowTest {
protected:
    const words::Figure& figure(const std::string& key) {
        const auto& list = slip().figures;
        const auto at = std::find_if(list.begin(), list.end(), [&](const auto& f) { return f.key == key; });
        static const words::Figure none;
        EXPECT_NE(at, list.end()) << key;
        return at == list.end() ? none : *at;
    }
    void go(Station station) { window->jobView()->go(station); }
};

TEST_F(SlipText, FitShowsLikelyBandAndLimits) {
    open();
    const auto& f = *fitOf(session().plan());
    const auto& interference = figure("interference_um");
    EXPECT_EQ(interference.number, "15.5");
    EXPECT_EQ(interference.range, session().display().fineRange(f.interference_mm.least, f.interference_mm.most));
    EXPECT_DOUBLE_EQ(interference.value.likely, f.interference_mm.likely / kUm);
    ASSERT_EQ(interference.limits.size(), 3u);
    EXPECT_DOUBLE_EQ(interference.limits.front().value, 0);
    EXPECT_DOUBLE_EQ(interference.limits.back().value, f.interferenceWorst_mm.upper / kUm);
    EXPECT_THAT(figure("press_force_N").range, ::testing::HasSubstr("gauge"));
    EXPECT_EQ(figure("outer_degC").number, "83") << "what Warm allows";
}

TEST_F(SlipText, EveryBandLiesOnItsLineAndHoldsTheLikelyValue) {
    for (const char* name : {"seamer-turret-upper", "exhaust-fan-carrier"}) {
        open(name);
        for (const auto station : job::kStations) {
            go(station);
            for (const auto& f : slip().figures) {
                if (!f.hasLine) continue;
                EXPECT_LE(f.value.least, f.value.likely + 1e-9) << f.label;
                EXPECT_GE(f.value.most, f.value.likely - 1e-9) << f.label;
                EXPECT_LE(f.lineFrom, f.value.least + 1e-9) << f.label;
                EXPECT_GE(f.lineTo, f.value.most - 1e-9) << f.label;
            }
        }
    }
}

TEST_F(SlipText, OfEverySeatAndEverySurfaceHasFiguresOnTheirLines) {
    for (const char* name : {"retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft", "labeller-pulley",
                             "brine-agitator", "exhaust-fan-carrier"}) {
        open(name);
        for (const auto& [station, list] : {std::pair{Station::Measure, "measureList"}, {Station::Fit, "seatList"}}) {
            go(station);
            auto* lines = find<QListWidget>(list);
            for (int line = 0; line < lines->count(); ++line) {
                lines->setCurrentRow(line);
                EXPECT_FALSE(slip().title.empty());
                for (const auto& f : slip().figures) {
                    EXPECT_EQ(f.number.find("nan"), std::string::npos) << name << " " << f.label;
                    if (!f.hasLine) continue;
                    EXPECT_LE(f.lineFrom, f.value.likely + 1e-9) << name << " " << f.label;
                    EXPECT_GE(f.lineTo, f.value.likely - 1e-9) << name << " " << f.label;
                    for (const auto& limit : f.limits)
                        EXPECT_TRUE(std::isfinite(limit.value));
                }
            }
        }
    }
}

TEST_F(SlipText, ReasonsAreHeldAgainstTheirSource) {
    open();
    EXPECT_TRUE(slipSays("[DIN 7190-1]"));
    EXPECT_TRUE(slipSays("[Lamé]"));
}

TEST_F(SlipText, StackOfToolingAddsUp) {
    open();
    go(Station::Tooling);
    const auto stack = setupOf(session().plan()).proof.stack;
    double sum = 0;
    const auto& lists = slip().rows;
    for (const auto& row :
         std::find_if(lists.begin(), lists.end(), [](const auto& l) { return l.key == "stack"; })->rows)
        if (row.key != "stroke_used_mm" && row.value) sum += row.value->likely;
    // Bearing: what is to go counts, but it stands on the housing by its whole height less the chamfers.
    EXPECT_NEAR(sum - session().step()->task()->travel_mm + (23.8 - 2), stack.stack_mm, 0.01);
}

TEST_F(SlipText, StopNamesAToolThatWouldDo) {
    open();
    session().edit("try", [](job::Job& j) { ownStep(j).overrides.driver = "S12"; });
    go(Station::Tooling);
    EXPECT_EQ(slip().title, "Stop");
    EXPECT_TRUE(slipSays("S14 would do"));
    EXPECT_TRUE(slipSays("seal"));
}

TEST_F(SlipText, PressCautionNamesTheEnergy) {
    open();
    go(Station::Press);
    EXPECT_THAT(slip().caution,
                ::testing::HasSubstr(words::decimals(inHand(session().plan()).press->energy_J, 1) + " J"));
    EXPECT_TRUE(slipSays("The gauge will hardly move"));
    EXPECT_EQ(window->jobView()->findChild<QLabel*>("slipCaution")->text(), ui::q(slip().caution));
}

TEST_F(SlipText, CloseWantsAName) {
    open();
    go(Station::Close);
    EXPECT_FALSE(slip().waitsFor.empty());
    EXPECT_EQ(slip().waitsFor, "Say who did the work.");
    EXPECT_EQ(window->jobView()->findChild<QLabel*>("slipHint")->text(), "Say who did the work.");
    keys("I");
    EXPECT_TRUE(slip().waitsFor.empty());
    EXPECT_EQ(job().draft.who, "I");
}

TEST_F(SlipText, TypedStaticLoadReplacesTheEstimate) {
    open();
    EXPECT_EQ(find<QLabel>("staticRatingUnderstood")->text(), "≈ 21.9 kN");
    type("staticRating", "20.1");
    EXPECT_EQ(bearingOf(saved()).facts.staticRating_N, 20100);
    EXPECT_FALSE(inHand(session().plan()).step.load.staticIsEstimate);
    type("staticRating", "heavy");
    EXPECT_EQ(bearingOf(saved()).facts.staticRating_N, 20100);
    type("staticRating", "");
    EXPECT_TRUE(inHand(session().plan()).step.load.staticIsEstimate);
}

TEST_F(SlipText, LongSlipScrollsWithTheKeyboard) {
    open();
    auto* scroll = find<QScrollArea>("slipScroll");
    scroll->setFocus();
    const int before = scroll->widget()->y();
    key(Qt::Key_PageDown);
    key(Qt::Key_Down);
    EXPECT_TRUE(window->jobView()->current() != Station::Fit || scroll->widget()->y() < before);
}

TEST_F(SlipText, PickedPartsSayWhatTheyAre) {
    open();
    const auto scene = ui::setupScene(session(), 0.5);
    const std::map<BodyKind, QString> words{{BodyKind::OuterRing, "Ø62 /"},
                                            {BodyKind::InnerRing, "/ 30 "},
                                            {BodyKind::RollingElements, "13 balls"},
                                            {BodyKind::Housing, "Ø128"},
                                            {BodyKind::Driver, "drawer A4"},
                                            {BodyKind::Support, "Carries the work"},
                                            {BodyKind::Spacer, "Fills the height"},
                                            {BodyKind::Ram, "Capacity"},
                                            {BodyKind::Bed, "Capacity"},
                                            {BodyKind::Seal, "must not be pushed"},
                                            {BodyKind::Encoder, "must not be pushed"},
                                            {BodyKind::KeepClear, "must not be pushed"}};
    std::set<BodyKind> met;
    for (const auto& body : scene.bodies) {
        met.insert(body.kind);
        const auto note = ui::describeInStep(body, session());
        EXPECT_FALSE(note.head.isEmpty());
        EXPECT_TRUE(note.detail.contains(words.at(body.kind))) << note.detail.toStdString();
    }
    EXPECT_EQ(met.size(), words.size()) << "a kind of body is missing from the demo setup";
    // In the drawing every part says the seats it has.
    for (const auto& body : session().plan().strip.assembly.parts.front().bodies)
        EXPECT_TRUE(ui::describePart(body, session()).detail.contains("62 N7, measured 61.978"));
}

TEST_F(SlipText, LoupeShowsBearingAndSleeve) {
    open();
    go(Station::Tooling);
    const auto& scene = find<ui::BenchView>("toolingBench")->scene();
    ASSERT_TRUE(scene.loupe);
    for (const auto& body : scene.bodies)
        if (body.kind == BodyKind::RollingElements) {
            EXPECT_LT(std::abs((body.bottom() + body.top()) / 2 - scene.loupe->at.y()), scene.loupe->halfWidth_mm);
        }
    go(Station::Press);
    EXPECT_FALSE(find<ui::BenchView>("pressBench")->scene().loupe);
}

TEST_F(SlipText, EmptyRackLeavesFitAtWork) {
    shop.write("rack.csv", "id,kind,name,outside_mm,bore_mm,length_mm,head_dia_mm,head_mm,place\n");
    open();
    EXPECT_TRUE(fitOf(session().plan()));
    go(Station::Tooling);
    EXPECT_EQ(session().plan().marks.at(Station::Tooling), plan::Mark::Stop);
    EXPECT_EQ(slip().title, "Nothing on the rack fits");
    EXPECT_TRUE(slipSays("Make a sleeve"));
    EXPECT_TRUE(find<ui::BenchView>("toolingBench")->scene().path == std::nullopt);
}

TEST(SlipBody, GrowsWithItsText) {
    ui::SlipBody body(nullptr);
    words::Sheet model;
    model.title = "Fit";
    body.show(model);
    const int bare = body.sizeHint().height();
    model.notes = {{"", words::Tone::Stop, "One",
                    "a reason that is long enough to be broken over more than one line of the slip"}};
    body.show(model);
    EXPECT_GT(body.sizeHint().height(), bare + 40);
}
