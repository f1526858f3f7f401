// For fingers and tired eyes: targets, number pad, larger texts, small and large windows.
#include "support/steps.h"
#include "support/window.h"

#include "ui/kit/number_pad.h"
#include "ui/shop/bench_page.h"
#include "ui/slip/slip.h"
#include "ui/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::WindowTest;
using job::Station;

class Touch : public WindowTest {
protected:
    ~Touch() override { ui::theme::setTextScale(1); }
    /// As it is chosen on This bench; then the window is made anew. @return whether it asked for that
    bool useTexts(const QString& size) {
        open();
        key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
        bool again = false;
        QObject::connect(window.get(), &ui::MainWindow::remakeWanted, [&] { again = true; });
        auto* sizes = find<QComboBox>("textScale");
        sizes->setCurrentIndex(sizes->findText(size));
        EXPECT_EQ(sizes->currentText(), size);
        emit sizes->activated(sizes->currentIndex());
        openWindow();
        open();
        return again;
    }
    std::unique_ptr<QPointingDevice> finger{QTest::createTouchDevice()};
};

TEST_F(Touch, WhatIsTouchedAtThePressIsLargeEnough) {
    for (const char* name : {"seamer-turret-upper", "conveyor-tail-drum"}) {
        open(name);
        session().lookAt(ownKey(session().job()));
        for (const auto station :
             {Station::Intake, Station::Strip, Station::Warm, Station::Press, Station::Seat, Station::Adjust}) {
            window->jobView()->go(station);
            QCoreApplication::processEvents();
            for (auto* widget : window->jobView()->findChildren<QWidget*>()) {
                const bool target = qobject_cast<QLineEdit*>(widget) || qobject_cast<QComboBox*>(widget) ||
                                    qobject_cast<QAbstractButton*>(widget);
                if (!target || !widget->isVisible()) continue;
                EXPECT_GE(widget->height(), 40)
                    << name << " " << session().step()->step.key << " " << static_cast<int>(station) << " "
                    << widget->objectName().toStdString();
            }
        }
    }
}

TEST_F(Touch, AFingerGetsANumberPadAndAMouseNone) {
    open();
    window->jobView()->go(Station::Press);
    auto* field = find<QLineEdit>("traceFile");
    auto* pad = find<ui::NumberPad>("numberPad");
    QTest::mouseClick(field, Qt::LeftButton);
    EXPECT_FALSE(pad->isVisible());
    QTest::touchEvent(field, finger.get()).press(0, field->rect().center(), field);
    QTest::touchEvent(field, finger.get()).release(0, field->rect().center(), field);
    ASSERT_TRUE(QTest::qWaitFor([&] { return pad->isVisible(); }, 2000));
    EXPECT_FALSE(QRect(pad->pos(), pad->size()).contains(field->mapTo(window.get(), field->rect().center())));
    for (auto* key : pad->findChildren<QPushButton*>())
        EXPECT_GE(key->height(), 64);
    field->setFocus();
    for (const auto* key : {"pad_6", "pad_1", "pad_.", "pad_9", "pad_7", "pad_mm"})
        QTest::mouseClick(find<QPushButton>(key), Qt::LeftButton);
    EXPECT_EQ(field->text(), "61.97 mm");
    QTest::mouseClick(find<QPushButton>("pad_⌫"), Qt::LeftButton);
    EXPECT_EQ(field->text(), "61.97 m");
    QTest::mouseClick(find<QPushButton>("padClose"), Qt::LeftButton);
    EXPECT_FALSE(pad->isVisible());
}

/// Two widgets of one page, as they are seen on it.
QRect onPage(const QWidget& widget, const QWidget& page) {
    return {widget.mapTo(&page, QPoint()), widget.size()};
}

TEST_F(Touch, LargeTextsInTheUsualWindowStandBelowEachOther) {
    useTexts("160 %");
    window->resize(1280, 800);
    window->jobView()->go(Station::Fit);
    QCoreApplication::processEvents();
    auto* page = find<QWidget>("fitPage");
    const auto sheet = onPage(*find<QWidget>("sheetScroll"), *page), bench = onPage(*find<QWidget>("fitBench"), *page),
               zones = onPage(*find<QWidget>("zones"), *page), steps = onPage(*find<QWidget>("clearanceSteps"), *page);
    EXPECT_LE(sheet.right(), page->width());
    EXPECT_LE(sheet.bottom(), bench.top());
    EXPECT_LE(bench.bottom(), zones.top());
    EXPECT_LE(zones.bottom(), steps.top());
    key(Qt::Key_F6);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !find<QWidget>("whatIf")->visibleRegion().isEmpty(); }, 2000))
        << "rolled to what was asked for";
    useTexts("100 %");
    window->resize(1280, 800);
    window->jobView()->go(Station::Fit);
    QCoreApplication::processEvents();
    page = find<QWidget>("fitPage");
    EXPECT_EQ(onPage(*find<QWidget>("sheetScroll"), *page).right() + 1,
              onPage(*find<QWidget>("fitBench"), *page).left());
}

TEST_F(Touch, TextsGrowAndTheWindowIsMadeAnew) {
    open();
    const int before = find<QWidget>("slip")->width(), text = ui::theme::typeface(ui::theme::Text::Body).pixelSize();
    EXPECT_TRUE(useTexts("140 %"));
    EXPECT_EQ(ui::theme::typeface(ui::theme::Text::Body).pixelSize(), qRound(text * 1.4));
    EXPECT_GT(find<QWidget>("slip")->width(), before);
}

TEST_F(Touch, InTheSmallestWindowNothingOfABoreIsLost) {
    window->resize(1100, 700);
    open();
    window->jobView()->go(Station::Measure);
    QCoreApplication::processEvents();
    auto* grid = find<QWidget>("boreGrid");
    const QRect there(grid->mapTo(window.get(), QPoint()), grid->size());
    const auto* slip = window->jobView()->slip();
    EXPECT_GE(there.width(), 420);
    EXPECT_LE(there.right(), slip->mapTo(window.get(), QPoint()).x()) << "not under the job card";
    EXPECT_FALSE(find<QWidget>("boreMap")->isVisible()) << "the grid goes before the picture";
    window->resize(1280, 800);
    QCoreApplication::processEvents();
    EXPECT_TRUE(find<QWidget>("boreMap")->isVisible());
}
