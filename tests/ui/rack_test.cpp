// The rack as a place: found, added, changed, taken out and put back, imported and exported, by keys and mouse.
#include "support/steps.h"
#include "support/window.h"

#include "io/shop_tables.h"
#include "io/text_file.h"
#include "ui/rack/rack_view.h"
#include "ui/rack/rack_wall.h"

#include <QAction>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>

using namespace arbor;
using arbor::testing::setupOf;
using arbor::testing::WindowTest;

class Rack : public WindowTest {
protected:
    Rack() {
        open();
        key(Qt::Key_R, Qt::ControlModifier);
    }
    ui::RackView* view() { return find<ui::RackView>("rackView"); }
    ui::RackWall* wall() { return find<ui::RackWall>("rackWall"); }
    catalog::Rack onDisk() { return io::loadRack(shop.folder()).value(); }
    void press(const char* name) { QTest::mouseClick(find<QPushButton>(name), Qt::LeftButton); }
    void fill(const char* field, const QString& text) {
        auto* edit = find<QLineEdit>(field);
        edit->setFocus();
        edit->selectAll();
        QTest::keyClicks(edit, text);
    }
    void pick(const std::string& id) {
        fill("rackSearch", QString::fromStdString(id));
        for (std::size_t i = 0; i < wall()->count(); ++i)
            if (wall()->idAt(i) == id) click(wall(), wall()->cell(i).center());
        EXPECT_EQ(view()->chosen(), id);
    }
    QString message() { return find<QLabel>("rackMessage")->text(); }
};

TEST_F(Rack, ShowsEveryToolAndFindsByWhatItMustClearAndCover) {
    EXPECT_EQ(wall()->count(), onDisk().tools.size());
    fill("rackClears", "54");
    fill("rackCovers", "58");
    // Over 54 inside, under 58 inside and over 58 outside.
    ASSERT_GT(wall()->count(), 0u);
    for (std::size_t i = 0; i < wall()->count(); ++i) {
        const auto* tool = onDisk().tool(wall()->idAt(i));
        EXPECT_GT(std::max(tool->boreDia_mm, tool->most_mm), 54) << tool->id;
        EXPECT_LT(tool->boreDia_mm, 58) << tool->id;
        EXPECT_GT(tool->outsideDia_mm, 58) << tool->id;
    }
    EXPECT_LT(wall()->count(), onDisk().tools.size() / 3);
    choose("rackKind", 1);
    for (std::size_t i = 0; i < wall()->count(); ++i)
        EXPECT_EQ(onDisk().tool(wall()->idAt(i))->kind, catalog::ToolKind::Sleeve);
}

TEST_F(Rack, TwoCaliperSizesAndALengthAreEnough) {
    type("rackQuick", "58.8 / 54.6 x 64");
    const auto* made = onDisk().tool("S35");
    ASSERT_TRUE(made) << message().toStdString();
    EXPECT_EQ(made->kind, catalog::ToolKind::Sleeve);
    EXPECT_EQ(made->outsideDia_mm, 58.8);
    EXPECT_EQ(made->boreDia_mm, 54.6);
    EXPECT_EQ(made->length_mm, 64);
    EXPECT_EQ(view()->chosen(), "S35");
    // The open job has been worked out with it.
    const auto drivers = setupOf(session().plan()).drivers;
    EXPECT_TRUE(std::any_of(drivers.begin(), drivers.end(), [](const auto& c) { return c.tool->id == "S35"; }));
    choose("rackKind", 2);
    type("rackQuick", "2 in × 20");
    ASSERT_TRUE(onDisk().tool("D07"));
    EXPECT_EQ(onDisk().tool("D07")->kind, catalog::ToolKind::Disc);
    EXPECT_NEAR(onDisk().tool("D07")->outsideDia_mm, 50.8, 1e-9);
}

TEST_F(Rack, SizesThatMakeNoToolAreRefusedWithTheReason) {
    const auto before = shop.read("rack.csv");
    for (const auto& [text, reason] : {std::pair{"60", "outside"},
                                       {"50 / 60 x 20", "bore_mm"},
                                       {"a / b x c", "a"},
                                       {"60 / 50 / 40 / 30", "outside / bore x length"}}) {
        type("rackQuick", text);
        EXPECT_TRUE(message().contains(reason)) << message().toStdString();
    }
    EXPECT_EQ(shop.read("rack.csv"), before);
    EXPECT_FALSE(find<QLineEdit>("rackQuick")->text().isEmpty()) << "what was typed stays";
}

TEST_F(Rack, AnEntryIsTakenOverAtOnceAndUndone) {
    pick("S14");
    type("toolBore", "55");
    EXPECT_EQ(onDisk().tool("S14")->boreDia_mm, 55);
    type("toolCondition", "face nicked");
    EXPECT_EQ(onDisk().tool("S14")->condition, "face nicked");
    wall()->setFocus();
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(onDisk().tool("S14")->condition, "");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(onDisk().tool("S14")->boreDia_mm, 54.6);
    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(onDisk().tool("S14")->boreDia_mm, 55);
    EXPECT_FALSE(session().undoStack().canUndo()) << "the job has its own";
}

TEST_F(Rack, WrongEntryStaysInItsFieldAndOffTheDisk) {
    pick("S14");
    type("toolBore", "70");
    EXPECT_TRUE(find<QLineEdit>("toolBore")->property("wrong").toBool());
    EXPECT_EQ(find<QLineEdit>("toolBore")->text(), "70");
    EXPECT_EQ(onDisk().tool("S14")->boreDia_mm, 54.6);
    type("toolId", "S11");
    EXPECT_TRUE(onDisk().tool("S14"));
}

TEST_F(Rack, CopyTakeOutAndPutBack) {
    pick("R05");
    press("rackCopy");
    const auto copy = view()->chosen();
    EXPECT_NE(copy, "R05");
    EXPECT_EQ(onDisk().tool(copy)->boreDia_mm, onDisk().tool("R05")->boreDia_mm);
    EXPECT_TRUE(find<QLabel>("rackFaults")->text().contains("R05")) << "two of the same sizes";
    press("rackRemove");
    EXPECT_FALSE(onDisk().tool(copy));
    EXPECT_TRUE(message().contains("Ctrl+Z"));
    EXPECT_TRUE(find<QLabel>("rackFaults")->isHidden());
    wall()->setFocus();
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(onDisk().tool(copy));
}

TEST_F(Rack, AKindThatTheSizesDoNotBearGoesBack) {
    pick("S14");
    auto* kind = find<QComboBox>("toolKind");
    kind->setCurrentIndex(kind->findText("Separator"));
    EXPECT_EQ(onDisk().tool("S14")->kind, catalog::ToolKind::Sleeve);
    EXPECT_EQ(kind->currentText(), "Press sleeve");
    EXPECT_TRUE(message().contains("most_mm"));
}

TEST_F(Rack, KindDecidesWhichSizesAreAsked) {
    pick("B01");
    EXPECT_EQ(find<QLineEdit>("toolThread")->text(), "M20x2.5");
    type("toolThread", "M20");
    EXPECT_TRUE(find<QLineEdit>("toolThread")->property("wrong").toBool());
    pick("K02");
    EXPECT_EQ(find<QLineEdit>("toolMost")->text(), "26");
    type("toolMost", "27.5");
    EXPECT_EQ(onDisk().tool("K02")->most_mm, 27.5);
}

TEST_F(Rack, ImportKeepsWhatIsThereAndNamesWhatItLeft) {
    shop.write("more.csv",
               "id,kind,name,outside_mm,bore_mm,length_mm\nS90,sleeve,lent,44,40,50\nS14,sleeve,other,10,5,5\n");
    ASSERT_TRUE(view()->importFrom(QString::fromStdString(shop.file("more.csv"))));
    EXPECT_TRUE(onDisk().tool("S90"));
    EXPECT_EQ(onDisk().tool("S14")->outsideDia_mm, 61.2);
    EXPECT_TRUE(message().contains("S14"));
    shop.write("bad.csv", "id,kind,name,outside_mm,bore_mm,length_mm\nS91,sleeve,lent,44,50,50\n");
    // One bad row takes no other tool with it: it is named.
    ASSERT_TRUE(view()->importFrom(QString::fromStdString(shop.file("bad.csv"))));
    EXPECT_FALSE(onDisk().tool("S91"));
    EXPECT_TRUE(message().contains("line 2, bore_mm"));
    shop.write("none.csv", "no table at all\n");
    const auto refused = view()->importFrom(QString::fromStdString(shop.file("none.csv")));
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.error().file, shop.file("none.csv"));
}

TEST_F(Rack, AnyTableIsShownMatchedRememberedAndTakenOver) {
    const std::string table = "Teil;Was;Außen;Innen;Hoch\nQ1;Hülse;61,95;50;80\nQ2;Hülse;breit;50;80\n";
    shop.write("theirs.csv", table);
    ASSERT_TRUE(view()->importFrom(QString::fromStdString(shop.file("theirs.csv"))));
    ASSERT_TRUE(find<QWidget>("importSheet")->isVisible());
    EXPECT_TRUE(find<QLabel>("importRecognised")->text().contains("semicolons"));
    auto* accept = find<QPushButton>("importAccept");
    EXPECT_FALSE(accept->isEnabled()) << "nobody has said what is how long";
    const auto say = [&](const char* box, const QString& field) {
        auto* choice = find<QComboBox>(box);
        choice->setCurrentIndex(choice->findText(field));
        emit choice->activated(choice->currentIndex());
    };
    say("importField0", "tool no.");
    say("importField4", "length");
    say("importField1", "kind");
    EXPECT_EQ(accept->text(), "Add 1 tools");
    EXPECT_TRUE(find<QPlainTextEdit>("importBad")->toPlainText().contains("line 3, outside_mm"));
    EXPECT_TRUE(find<QPlainTextEdit>("importBad")->toPlainText().contains("Q2;Hülse;breit"));
    accept->click();
    ASSERT_TRUE(onDisk().tool("Q1"));
    EXPECT_EQ(onDisk().tool("Q1")->outsideDia_mm, 61.95);
    EXPECT_TRUE(message().contains("1 added"));
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(onDisk().tool("Q1")) << "undone at once";
    ASSERT_TRUE(view()->importFrom(QString::fromStdString(shop.file("theirs.csv"))));
    EXPECT_EQ(find<QComboBox>("importField4")->currentText(), "length") << "what was said of such a table is known";
    EXPECT_TRUE(accept->isEnabled());
    find<QPushButton>("importLeave")->click();
    EXPECT_FALSE(find<QWidget>("importSheet")->isVisible());
    EXPECT_FALSE(onDisk().tool("Q1"));
}

TEST_F(Rack, ATableInUtf16IsReadToo) {
    const QString text = "no;outside;bore;length\nØ1;60;50;40\n";
    const QByteArray bytes =
        QByteArray("\xFF\xFE") + QByteArray(reinterpret_cast<const char*>(text.utf16()), 2 * text.size());
    shop.write("wide.txt", bytes.toStdString());
    ASSERT_TRUE(view()->importFrom(QString::fromStdString(shop.file("wide.txt"))));
    find<QPushButton>("importAccept")->click();
    EXPECT_TRUE(onDisk().tool("Ø1"));
}

TEST_F(Rack, ExportWritesWhatIsShown) {
    choose("rackKind", 6); // support rings
    ASSERT_TRUE(view()->exportTo(QString::fromStdString(shop.file("out.csv"))));
    const auto written = catalog::parseTools(io::readText(shop.file("out.csv")).value()).value();
    EXPECT_EQ(written.size(), wall()->count());
    for (const auto& tool : written)
        EXPECT_EQ(tool.kind, catalog::ToolKind::Support);
    EXPECT_FALSE(view()->exportTo("/no/such/folder/out.csv"));
}

TEST_F(Rack, ArrowsWalkAndEscapeGoesBackToTheJob) {
    wall()->setFocus();
    const auto first = view()->chosen();
    key(Qt::Key_Right);
    EXPECT_EQ(view()->chosen(), wall()->idAt(1));
    key(Qt::Key_Left);
    EXPECT_EQ(view()->chosen(), first);
    key(Qt::Key_Down);
    EXPECT_NE(view()->chosen(), first);
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Rack, DemoRackHasNothingTwice) {
    EXPECT_TRUE(find<QLabel>("rackFaults")->isHidden());
}
