#include "support/window.h"

#include <QApplication>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>

namespace arbor::testing {

WindowTest::WindowTest() {
    openWindow();
}

void WindowTest::openWindow() {
    window.reset(); // the old one first: both would listen to the same keys
    auto settings =
        std::make_unique<QSettings>(QString::fromStdString(shop.file("settings.ini")), QSettings::IniFormat);
    window = std::make_unique<ui::MainWindow>(ui::MainWindow::Surroundings{
        [this] { return instant; }, std::move(settings), logbook, {}, std::make_unique<QuietSounder>(alarms)});
    window->show();
    EXPECT_TRUE(QTest::qWaitForWindowActive(window.get(), kPatience_ms));
}

void WindowTest::open(const std::string& job) {
    window->openPath(QString::fromStdString(shop.file(job + ".arbor.json")));
    settle();
    ASSERT_TRUE(window->session());
}

void WindowTest::openAgain(const std::string& job) {
    open(job);
    ASSERT_TRUE(session().revise("Ilse Marden", "worked on anew"));
}

void WindowTest::settle() {
    EXPECT_TRUE(QTest::qWaitFor([this] { return !window->isMaking(); }, 4 * kPatience_ms));
}

void WindowTest::type(const char* field, const QString& text) {
    auto* edit = find<QLineEdit>(field);
    ASSERT_TRUE(edit);
    edit->setFocus();
    edit->selectAll();
    if (text.isEmpty())
        QTest::keyClick(edit, Qt::Key_Delete);
    else
        QTest::keyClicks(edit, text);
    QTest::keyClick(edit, Qt::Key_Return);
}

void WindowTest::choose(const char* box, int row) {
    auto* combo = find<QComboBox>(box);
    ASSERT_TRUE(combo);
    combo->setFocus();
    QTest::keyClick(combo, Qt::Key_Home);
    for (int i = 0; i < row; ++i)
        QTest::keyClick(combo, Qt::Key_Down);
    EXPECT_EQ(combo->currentIndex(), row);
}

void WindowTest::key(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    auto* target = window->focusWidget() ? window->focusWidget() : window.get();
    QTest::keyClick(target, key, modifiers);
}

void WindowTest::keys(const QString& text) {
    QTest::keyClicks(window->focusWidget(), text);
}

void WindowTest::click(QWidget* widget, QPoint at) {
    QTest::mouseClick(widget, Qt::LeftButton, {}, at);
}

void WindowTest::clickAction() {
    QTest::mouseClick(find<QPushButton>("slipAction"), Qt::LeftButton);
}

bool WindowTest::slipSays(const QString& text) {
    return window->jobView()->slip()->text().contains(text);
}

} // namespace arbor::testing
