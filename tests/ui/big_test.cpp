// The view from two metres: what it shows, what a key and a foot switch may do there, and what they never do.
#include "support/steps.h"
#include "support/window.h"

#include "ui/alarm/alarms.h"
#include "ui/big/big_figure.h"
#include "ui/big/big_view.h"
#include "ui/session/instant.h"
#include "ui/shop/bench_page.h"
#include "ui/theme/theme.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <cmath>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::ownStep;
using arbor::testing::WindowTest;
using job::Station;

class Big : public WindowTest {
protected:
    Big() : big(find<ui::BigView>("bigView")) { open(); }
    void show(Station station) {
        session().lookAt(ownKey(session().job()));
        window->jobView()->go(station);
        key(Qt::Key_F11);
        ASSERT_TRUE(big->isVisible());
    }
    /// Every text the view shows now.
    QString texts() {
        QStringList out;
        for (auto* label : big->findChildren<QLabel*>())
            if (label->isVisible()) out << label->text();
        return out.join('\n');
    }

    ui::BigView* big;
};

TEST_F(Big, OneKeyShowsTheStepInHandAndLeavesIt) {
    show(Station::Press);
    EXPECT_FALSE(find<QWidget>("header")->isVisible());
    EXPECT_TRUE(texts().contains("Seamer turret"));
    EXPECT_TRUE(texts().contains("Stand clear of the line of force"));
    EXPECT_EQ(find<QPushButton>("bigAction")->text(), "It is pressed");
    EXPECT_EQ(big->scene().sheet.figures.front().key, "press_force_N") << "the same as on the job card";
    EXPECT_FALSE(big->scene().bench.bodies.empty());
    key(Qt::Key_F11);
    EXPECT_FALSE(big->isVisible());
    EXPECT_TRUE(find<QWidget>("header")->isVisible());
    EXPECT_EQ(window->jobView()->current(), Station::Press);
}

TEST_F(Big, ItFollowsTheStepByItself) {
    show(Station::Tooling);
    key(Qt::Key_Return);
    EXPECT_EQ(window->jobView()->current(), Station::Warm);
    EXPECT_TRUE(find<QLabel>("bigStep")->text().contains("Warm"));
    key(Qt::Key_Right);
    EXPECT_EQ(window->jobView()->current(), Station::Press);
    EXPECT_TRUE(find<QLabel>("bigStep")->text().contains("Press"));
    key(Qt::Key_Left);
    EXPECT_EQ(window->jobView()->current(), Station::Warm);
}

TEST_F(Big, HoweverItIsLeftTheHeaderIsBack) {
    for (const auto* place : {"actionShelf", "actionRack", "actionHelp"}) {
        open();
        show(Station::Press);
        find<QAction>(place)->trigger();
        EXPECT_FALSE(big->isVisible()) << place;
        EXPECT_TRUE(find<QWidget>("header")->isVisible()) << place;
        EXPECT_FALSE(window->isFullScreen()) << place;
    }
}

TEST_F(Big, EveryStopIsInSight) {
    type("measuredBore", "62.040"); // loose
    show(Station::Tooling);
    for (const auto station : {Station::Fit, Station::Tooling, Station::Press, Station::Seat, Station::Close}) {
        window->jobView()->go(station);
        find<ui::BigView>("bigView")->setFocus();
        for (const auto& note : slip().notes)
            if (note.tone == words::Tone::Stop) {
                EXPECT_TRUE(texts().contains(QString::fromStdString(note.head))) << note.head;
            }
    }
}

TEST_F(Big, NumeralsAreReadAcrossTheShopAndTouchesAreLarge) {
    show(Station::Press);
    window->resize(1920, 1080);
    QCoreApplication::processEvents();
    for (auto* figure : big->findChildren<ui::BigFigure*>())
        if (figure->isVisible()) {
            EXPECT_GE(figure->numeralPixels(), 96);
        }
    for (auto* button : big->findChildren<QPushButton*>())
        if (button->isVisible()) {
            EXPECT_GE(button->height(), 64) << button->objectName().toStdString();
        }
}

namespace {

double luminance(const QColor& colour) {
    const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * part(colour.redF()) + 0.7152 * part(colour.greenF()) + 0.0722 * part(colour.blueF());
}
/// As WCAG 2.1 has it.
double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

} // namespace

TEST(FarColours, AreReadAtSevenToOneByDayAndNight) {
    namespace theme = ui::theme;
    EXPECT_NEAR(contrast(Qt::black, Qt::white), 21, 1e-9);
    for (const auto variant : {theme::Variant::Light, theme::Variant::Night}) {
        theme::use(variant);
        const auto& r = theme::farRoles();
        for (const auto& text : {r.ink, r.muted, r.plan, r.proven, r.caution, r.stop})
            EXPECT_GE(contrast(text, r.paper), 7) << text.name().toStdString();
        for (const auto& fill : {r.plan, r.stop})
            EXPECT_GE(contrast(r.onPlan, fill), 7) << fill.name().toStdString();
    }
    theme::use(theme::Variant::Light);
}

TEST_F(Big, DepthsAreEnteredWithDigitsAndTheChecksWithEnterOnly) {
    show(Station::Seat);
    for (const char* depth : {"22.201", "22.203", "22.204", "22.202", "22.199", "22.197", "22.196", "22.198"}) {
        keys(depth);
        EXPECT_TRUE(texts().contains(depth)) << texts().toStdString();
        key(Qt::Key_Return);
    }
    EXPECT_EQ(ownStep(saved()).readings.readings.size(), 8u);
    ASSERT_TRUE(find<QPushButton>("bigAction")->text().startsWith("Yes:"));
    key(Qt::Key_Space);
    EXPECT_TRUE(ownStep(saved()).proof.checks.empty()) << "a switch confirms no check";
    EXPECT_TRUE(texts().contains("No switch answers this"));
    key(Qt::Key_Return);
    EXPECT_EQ(ownStep(saved()).proof.checks.size(), 1u);
}

TEST_F(Big, NoSwitchConfirmsAStopOrARelease) {
    show(Station::Close);
    type("recordWho", "Ilse Marden");
    big->setFocus();
    key(Qt::Key_Space);
    EXPECT_FALSE(saved().record);
    key(Qt::Key_Return);
    EXPECT_TRUE(saved().record) << "a hand that looked does";
    key(Qt::Key_F11);
    type("measuredBore", "62.040");
    show(Station::Press);
    key(Qt::Key_Space);
    EXPECT_FALSE(ownStep(saved()).done.contains(Station::Press));
}

TEST_F(Big, ASwitchStartsTheClocksAndSaysWhenItIsIn) {
    open("conveyor-tail-drum");
    window->alarms()->setAhead(0);
    show(Station::Warm);
    const auto tread = [&] { QTest::keyClick(big, Qt::Key_F13); };
    tread();
    EXPECT_TRUE(ownStep(saved()).heat.clocks.empty()) << "nobody has said that this key is the switch";
    key(Qt::Key_F11);
    key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
    QTest::mouseClick(find<QPushButton>("footSwitch"), Qt::LeftButton);
    QTest::keyClick(find<QPushButton>("footSwitch"), Qt::Key_F13);
    EXPECT_EQ(find<QPushButton>("footSwitch")->text(), "F13");
    key(Qt::Key_Escape);
    show(Station::Warm);
    tread();
    tread();
    ASSERT_EQ(ownStep(saved()).heat.clocks.size(), 2u);
    EXPECT_TRUE(big->scene().sheet.figures.front().key.ends_with("soak_left_s"));
    instant = ui::later(instant, 2 * 3600);
    window->alarms()->look();
    window->jobView()->refresh();
    tread();
    EXPECT_EQ(ownStep(saved()).heat.clocks.back().what, job::Clock::What::Carry);
    EXPECT_EQ(big->scene().sheet.figures.front().key, "time_left_s");
}
