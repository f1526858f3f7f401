// F1: terms and what is meant by them, from anywhere, in the reader's language.
#include "support/window.h"

#include "language/catalogue.h"
#include "ui/help/help_view.h"

#include <QTextBrowser>

using namespace arbor;
using arbor::testing::WindowTest;

class Help : public WindowTest {
protected:
    ui::HelpView* view() { return find<ui::HelpView>("helpView"); }
    QString page() { return find<QTextBrowser>("helpPage")->toPlainText(); }
};

TEST_F(Help, IsOneKeyAwayAndGoesBackToTheJob) {
    open();
    window->jobView()->go(job::Station::Fit);
    key(Qt::Key_F1);
    ASSERT_TRUE(view()->isVisible());
    EXPECT_GT(view()->found().size(), 30u);
    EXPECT_TRUE(page().contains("brinelling"));
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
    EXPECT_EQ(window->jobView()->current(), job::Station::Fit);
}

TEST_F(Help, FindsByTheWordsOfTermOrMeaning) {
    open();
    key(Qt::Key_F1);
    keys("end pl");
    ASSERT_EQ(view()->found().size(), 1u);
    EXPECT_EQ(view()->found().front().term, "end play");
    find<QLineEdit>("helpSearch")->setText("nobody says this");
    EXPECT_TRUE(view()->found().empty());
    EXPECT_TRUE(page().contains("Nothing is found"));
}

TEST_F(Help, SpeaksTheReadersLanguage) {
    const language::Spoken german("de");
    openWindow();
    open();
    key(Qt::Key_F1);
    keys("umfangs");
    ASSERT_EQ(view()->found().size(), 1u);
    EXPECT_TRUE(page().contains("muss fest sitzen"));
}
