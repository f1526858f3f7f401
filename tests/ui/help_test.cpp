// F1: terms and what is meant by them, from anywhere, in the reader's language.
#include "support/window.h"

#include "core/job/names.h"
#include "language/catalogue.h"
#include "ui/help/help_view.h"

#include <QAction>
#include <QListWidget>
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
    EXPECT_EQ(view()->shownPage(), "fit");
    EXPECT_TRUE(page().contains("rotating load")) << "what is asked there";
    EXPECT_TRUE(page().contains("Where the numbers of this card come from"));
    EXPECT_TRUE(page().contains("DIN 7190-1")) << page().right(2000).toStdString();
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
    EXPECT_EQ(window->jobView()->current(), job::Station::Fit);
}

TEST_F(Help, HasAPageForEveryPlace) {
    open();
    for (const auto station : job::kStations) {
        window->jobView()->go(station);
        key(Qt::Key_F1);
        EXPECT_EQ(view()->shownPage().toStdString(), job::name(station));
        key(Qt::Key_Escape);
    }
    for (const auto& [action, place] : {std::pair{"actionRack", "rack"},
                                        {"actionArrangement", "arrangement"},
                                        {"actionGauges", "shop"},
                                        {"actionLog", "log"},
                                        {"actionPractice", "practice"},
                                        {"actionShelf", "begin"}}) {
        find<QAction>(action)->trigger();
        key(Qt::Key_F1);
        EXPECT_EQ(view()->shownPage(), place);
        EXPECT_GT(page().size(), 200);
        key(Qt::Key_Escape);
    }
}

TEST_F(Help, EveryPageIsReachedByTheArrowsAndFoundByItsWords) {
    open();
    key(Qt::Key_F1);
    auto* pages = find<QListWidget>("helpPages");
    view()->setFocus();
    while (pages->currentRow() + 1 < pages->count())
        QTest::keyClick(view(), Qt::Key_Down);
    EXPECT_EQ(view()->shownPage(), "sources");
    EXPECT_TRUE(page().contains("VDI 2230"));
    find<QLineEdit>("helpSearch")->setText("separator decimal");
    EXPECT_TRUE(page().contains("Import takes any table")) << page().toStdString();
    EXPECT_FALSE(page().contains("tightening list"));
}

TEST_F(Help, BothLanguagesHaveTheSamePages) {
    const auto keys = [] {
        QStringList out;
        for (const auto& page : ui::helpPages()) {
            out << page.key;
            EXPECT_FALSE(page.text.isEmpty()) << page.key.toStdString();
        }
        return out;
    };
    const auto english = keys();
    EXPECT_GT(english.size(), 20);
    const language::Spoken german("de");
    EXPECT_EQ(keys(), english);
    EXPECT_EQ(ui::helpTerms().empty(), false);
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
