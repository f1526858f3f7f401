#pragma once

#include "support/quiet.h"
#include "support/shop.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/slip/slip.h"

#include <QTest>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <memory>

namespace arbor::testing {

inline constexpr int kPatience_ms = 5000;

/// A fresh window on a fresh copy of the demo shop, with settings of its own and a clock that stands still.
/// Helpers act as a user does: by object name, key and mouse.
class WindowTest : public ::testing::Test {
protected:
    WindowTest();

    void openWindow(); ///< a new window on the same shop, as after a restart
    void open(const std::string& job = "seamer-turret-upper");
    void openAgain(const std::string& job); ///< a released one, as its next revision
    void settle();                          ///< waits until what is worked out beside the window is there

    /// A widget by name, in sight or on a page behind. Fails the test when it is missing.
    template <class T>
    T* find(const char* name) {
        auto* widget = window->findChild<T*>(name);
        EXPECT_TRUE(widget) << "no widget " << name;
        return widget;
    }
    ui::JobSession& session() { return *window->session(); }
    const job::Job& job() { return window->session()->job(); }
    /// The job as it lies on the disk now.
    job::Job saved() { return io::loadJob(window->session()->path()).value().job; }

    void type(const char* field, const QString& text);                       ///< replaces the text and presses Enter
    void choose(const char* box, int row);                                   ///< with the keyboard, from the top
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier); ///< to whatever has the focus
    void keys(const QString& text);
    void click(QWidget* widget, QPoint at);
    void clickAction(); ///< the slip's one next action
    const words::Sheet& slip() { return window->jobView()->slip()->sheet(); }
    bool slipSays(const QString& text); ///< anywhere on it

    TemporaryShop shop;
    QString logbook;                             ///< of the next window; empty: the shop's own
    std::string instant = "2026-11-24T10:00:00"; ///< the window's clock
    Heard alarms;                                ///< of the window, as they would have been heard
    std::unique_ptr<ui::MainWindow> window;
};

} // namespace arbor::testing
