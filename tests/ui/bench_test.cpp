#include "core/plan/plan_job.h"
#include "support/steps.h"
#include "support/window.h"

#include "core/plan/work_steps.h"
#include "ui/bench/bench_view.h"
#include "ui/bench/section_painter.h"
#include "ui/theme/theme.h"

#include <QSignalSpy>
#include <QWheelEvent>
#include <sstream>

using namespace arbor;
using arbor::testing::inHand;
using arbor::testing::setupOf;
using arbor::testing::WindowTest;
using job::Station;
using section::BodyKind;

class Bench : public WindowTest {
protected:
    Bench() {
        open();
        window->jobView()->go(Station::Tooling);
        bench = find<ui::BenchView>("toolingBench");
        bench->setFocus();
    }
    const section::Body& body(BodyKind kind) {
        const auto& bodies = bench->scene().bodies;
        return *std::find_if(bodies.begin(), bodies.end(), [&](const auto& b) { return b.kind == kind; });
    }
    QPoint on(BodyKind kind) {
        const auto& b = body(kind);
        const auto& s = b.slices.front();
        return bench->screenPoint((s.innerBottom + s.outerBottom) / 2, b.bottom() + 1).toPoint();
    }
    std::optional<BodyKind> pickedKind() {
        return bench->picked() ? std::optional(bench->scene().bodies[*bench->picked()].kind) : std::nullopt;
    }
    ui::BenchView* bench = nullptr;
};

TEST_F(Bench, DrawsTheVeryBodiesThatWereChecked) {
    const auto& plan = session().plan();
    const auto setup =
        tooling::buildSetup(*inHand(plan).task(), *setupOf(plan).choice, inHand(plan).task()->travel_mm / 2);
    ASSERT_EQ(bench->scene().bodies.size(), setup.bodies.size());
    for (std::size_t i = 0; i < setup.bodies.size(); ++i) {
        EXPECT_EQ(bench->scene().bodies[i].id, setup.bodies[i].id);
        EXPECT_EQ(bench->scene().bodies[i].z_mm, setup.bodies[i].z_mm);
    }
}

TEST_F(Bench, ScaleIsTheSameBothWays) {
    const auto o = bench->screenPoint(0, 0), right = bench->screenPoint(50, 0), up = bench->screenPoint(0, 50);
    EXPECT_NEAR(right.x() - o.x(), o.y() - up.y(), 1e-9);
    EXPECT_GT(right.x(), o.x());
    EXPECT_LT(up.y(), o.y());
}

TEST_F(Bench, ClickPicksThePartUnderThePointer) {
    QSignalSpy picked(bench, &ui::BenchView::partPicked);
    for (const auto kind : {BodyKind::Housing, BodyKind::Driver, BodyKind::Support, BodyKind::Bed}) {
        click(bench, on(kind));
        EXPECT_EQ(pickedKind(), kind);
    }
    EXPECT_EQ(picked.count(), 4);
    click(bench, QPoint(5, bench->height() - 5));
    EXPECT_FALSE(bench->picked());
}

TEST_F(Bench, PWalksThroughTheParts) {
    key(Qt::Key_P);
    EXPECT_EQ(bench->picked(), std::optional<std::size_t>(0));
    key(Qt::Key_P);
    EXPECT_EQ(bench->picked(), std::optional<std::size_t>(1));
}

TEST_F(Bench, PickedPartStaysPickedWhenTheSetupChanges) {
    click(bench, on(BodyKind::Housing));
    key(Qt::Key_Right);
    EXPECT_EQ(pickedKind(), BodyKind::Housing);
}

TEST_F(Bench, ZoomKeepsThePointUnderThePointer) {
    const auto before = bench->screenPoint(20, 60);
    QWheelEvent wheel(before, bench->mapToGlobal(before), {}, {0, 240}, Qt::NoButton, Qt::NoModifier, Qt::NoScrollPhase,
                      false);
    QApplication::sendEvent(bench, &wheel);
    EXPECT_GT(bench->zoom(), 1);
    EXPECT_NEAR(bench->screenPoint(20, 60).x(), before.x(), 1e-6);
    EXPECT_NEAR(bench->screenPoint(20, 60).y(), before.y(), 1e-6);
    key(Qt::Key_0);
    EXPECT_EQ(bench->zoom(), 1);
}

TEST_F(Bench, KeysZoomWithinBounds) {
    for (int i = 0; i < 40; ++i)
        key(Qt::Key_Plus);
    EXPECT_EQ(bench->zoom(), 20);
    for (int i = 0; i < 60; ++i)
        key(Qt::Key_Minus);
    EXPECT_EQ(bench->zoom(), 0.5);
}

TEST_F(Bench, DragPansAndDoesNotPick) {
    const auto before = bench->screenPoint(0, 0);
    const auto from = on(BodyKind::Housing);
    QTest::mousePress(bench, Qt::LeftButton, {}, from);
    QMouseEvent move(QEvent::MouseMove, QPointF(from) + QPointF(40, 25),
                     bench->mapToGlobal(QPointF(from) + QPointF(40, 25)), Qt::LeftButton, Qt::LeftButton,
                     Qt::NoModifier);
    QApplication::sendEvent(bench, &move);
    QTest::mouseRelease(bench, Qt::LeftButton, {}, from + QPoint(40, 25));
    EXPECT_NEAR(bench->screenPoint(0, 0).x() - before.x(), 40, 1e-6);
    EXPECT_NEAR(bench->screenPoint(0, 0).y() - before.y(), 25, 1e-6);
    EXPECT_FALSE(bench->picked());
}

TEST_F(Bench, PathRunsFromRamToBed) {
    const auto& scene = bench->scene();
    ASSERT_TRUE(scene.path && scene.path->proven());
    EXPECT_EQ(scene.bodies[scene.path->bodies.front()].kind, BodyKind::Ram);
    EXPECT_EQ(scene.bodies[scene.path->bodies.back()].kind, BodyKind::Bed);
}

namespace {

bool isInside(const section::Body& body, QPointF p) {
    constexpr double kHair = 0.7; // mm: half the width of the line as it is drawn, at the corners of a chamfer
    const double z = p.y() - body.z_mm;
    return std::any_of(body.slices.begin(), body.slices.end(), [&](const section::Slice& s) {
        if (z < s.zBottom - kHair || z > s.zTop + kHair) return false;
        const double share = s.zTop > s.zBottom ? (z - s.zBottom) / (s.zTop - s.zBottom) : 0;
        return p.x() >= std::lerp(s.innerBottom, s.innerTop, share) - kHair &&
               p.x() <= std::lerp(s.outerBottom, s.outerTop, share) + kHair;
    });
}

/// The points of the lines through the parts that carry which lie outside of them.
std::string pointsOutside(const force::Path& path, const std::vector<section::Body>& bodies) {
    std::ostringstream outside;
    for (std::size_t leg = 0; leg < path.bodies.size(); ++leg) {
        const auto& body = bodies[path.bodies[leg]];
        if (!section::mayCarry(body.kind)) continue;
        const auto line = ui::legThrough(path, leg, bodies);
        for (std::size_t i = 1; i < line.size(); ++i)
            for (const double share : {0.05, 0.25, 0.5, 0.75, 0.95})
                if (const auto at = line[i - 1] + (line[i] - line[i - 1]) * share; !isInside(body, at))
                    outside << body.id << " " << at.x() << ", " << at.y() << "; ";
    }
    return outside.str();
}

} // namespace

TEST(ForceLine, StaysInsideThePartsOfEveryDemoSetup) {
    int setups = 0;
    for (const char* name : {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley", "exhaust-fan-carrier", "brine-agitator"}) {
        const auto job = arbor::testing::demoJob(name);
        const auto plan = plan::planJob(job, arbor::testing::demoTables());
        const plan::Given given{job, arbor::testing::demoTables(), plan.strip, *plan.fits, plan.press};
        for (const auto& step : plan::workSteps(given)) {
            const auto tools = plan::toolsFor(step, given);
            for (const auto& way : tools.ways) {
                if (!way.proven() || !way.pressed || !way.pressed->choice) continue;
                const auto& task = step.tasks[way.task];
                const auto setup = tooling::buildSetup(task, *way.pressed->choice, 0.5 * task.travel_mm);
                const auto path = force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
                ++setups;
                const auto outside = pointsOutside(path, setup.bodies);
                EXPECT_TRUE(outside.empty()) << name << " " << step.key << ": " << outside;
            }
        }
    }
    EXPECT_GT(setups, 20);
}

namespace {

/// Contrast of two colours by WCAG 2.1.
double contrast(const QColor& a, const QColor& b) {
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const double x = luminance(a) + 0.05, y = luminance(b) + 0.05;
    return std::max(x, y) / std::min(x, y);
}

} // namespace

TEST(Theme, TextStandsOutByDayAndByNight) {
    using namespace ui::theme;
    for (const auto v : {Variant::Light, Variant::Night}) {
        use(v);
        const auto& r = roles();
        for (const auto& ground : {r.paper, r.card})
            for (const auto& text : {r.ink, r.muted, r.plan, r.proven, r.caution, r.stop})
                EXPECT_GE(contrast(text, ground), 4.5)
                    << text.name().toStdString() << " on " << ground.name().toStdString();
        EXPECT_GE(contrast(r.onPlan, r.plan), 4.5);
        EXPECT_GE(contrast(r.onPlan, r.stop), 4.5);
        EXPECT_GE(contrast(r.stop, r.stopPale), 4.5);
    }
    use(Variant::Light);
}

TEST(Theme, DigitsAreAllOfOneWidth) {
    ui::theme::apply();
    const QFontMetricsF metrics(ui::theme::typeface(ui::theme::Text::Figure));
    for (char digit = '0'; digit <= '9'; ++digit)
        EXPECT_EQ(metrics.horizontalAdvance(QChar(digit)), metrics.horizontalAdvance(QChar('0'))) << digit;
}
