// What the window does when something went wrong before, and how a whole shop is kept and taken back.
#include "support/window.h"

#include "ui/kit/long_work.h"
#include "ui/shelf/shelf_view.h"

#include <QDir>
#include <QLabel>
#include <QPushButton>

using arbor::testing::WindowTest;

class Trust : public WindowTest {
protected:
    QString in(const char* folder) {
        const auto path = QString::fromStdString(shop.file(folder));
        QDir().mkpath(path);
        return path;
    }
};

TEST_F(Trust, AShopIsBackedUpAndTakenBackBesideTheWindow) {
    open("seamer-turret-upper");
    session().edit("a note", [](arbor::job::Job& job) { job.draft.notes = "kept in the archive"; });
    const auto archives = in("archives");
    window->backUp(archives);
    EXPECT_TRUE(find<arbor::ui::LongWork>("longWork")->isVisible()) << "the window goes on meanwhile";
    settle();
    EXPECT_FALSE(find<arbor::ui::LongWork>("longWork")->isVisible());
    const auto made = QDir(archives).entryList({"*.tar.gz"});
    ASSERT_EQ(made.size(), 1);
    EXPECT_TRUE(window->troubleText().contains(made.front())) << window->troubleText().toStdString();
    const auto back = QString::fromStdString(shop.file("back"));
    window->restore(QDir(archives).filePath(made.front()), back);
    settle();
    EXPECT_EQ(window->openedPath(), back) << "and is open";
    settle();
    EXPECT_EQ(window->shelf()->count(), 10u);
    window->openPath(back + "/seamer-turret-upper.arbor.json");
    EXPECT_EQ(job().draft.notes, "kept in the archive");
    window->restore(QDir(archives).filePath(made.front()), back);
    settle();
    EXPECT_TRUE(window->troubleText().contains("new or empty")) << "never over a shop";
}

TEST_F(Trust, ABackupThatIsStoppedLeavesNothing) {
    open("seamer-turret-upper");
    const auto archives = in("archives");
    window->backUp(archives);
    find<QPushButton>("longWorkStop")->click();
    settle();
    EXPECT_TRUE(QDir(archives).isEmpty(QDir::Files));
}

TEST_F(Trust, ACrashOfTheOneBeforeIsToldOnce) {
    open("seamer-turret-upper");
    window->offerReport("/home/ilse/.local/state/brisk-arbor", "crash-20261129-101500-77.txt");
    EXPECT_TRUE(window->troubleText().contains("crash-20261129-101500-77.txt"));
    EXPECT_TRUE(window->troubleText().contains("Nothing was sent anywhere"));
    EXPECT_TRUE(find<QPushButton>("openReports")->isVisible());
    openWindow();
    window->offerReport("/home/ilse/.local/state/brisk-arbor", "crash-20261129-101500-77.txt");
    EXPECT_EQ(window->troubleText(), "") << "that one was told";
}
