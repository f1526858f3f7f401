// From nothing to a drawn job: the welcome, the gallery, a bearing's number, a shop of one's own, job details.
#include "support/window.h"

#include "ui/arrangement/sheet_model.h"
#include "ui/bench/bench_view.h"
#include "ui/rack/rack_view.h"
#include "ui/shelf/shelf_page.h"
#include "ui/shelf/shelf_view.h"
#include "ui/start/shape_gallery.h"
#include "ui/start/start_view.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QStandardPaths>
#include <QTableView>
#include <QTableWidget>
#include <QTemporaryDir>
#include <algorithm>
#include <filesystem>

using namespace arbor;
using arbor::testing::replaced;
using arbor::testing::WindowTest;

class Start : public WindowTest {
protected:
    Start() {
        QStandardPaths::setTestModeEnabled(true);
        window->openLast();
        gallery = find<ui::ShapeGallery>("shapeGallery");
    }
    ~Start() override { QStandardPaths::setTestModeEnabled(false); }

    QString shapeName() { return gallery->shapes()[static_cast<std::size_t>(gallery->chosen())].name; }
    int fitting() {
        int count = 0;
        for (int i = 0; i < static_cast<int>(gallery->shapes().size()); ++i)
            count += gallery->fits(i);
        return count;
    }
    const words::Sheet& told() { return find<ui::StartView>("startView")->slip()->sheet(); }
    /// What the dialog for one's own folder is answered with.
    void answerFolder(const QString& folder) {
        auto* dialog = window->findChild<QFileDialog*>("ownFolder");
        ASSERT_TRUE(dialog);
        emit dialog->fileSelected(folder);
        dialog->close();
    }
    QString own() const { return home.path() + "/shop"; }

    QTemporaryDir home;
    ui::ShapeGallery* gallery = nullptr;
};

TEST_F(Start, WithoutAShopThereAreThreeWaysAndNoTrouble) {
    EXPECT_TRUE(find<QLabel>("startHeading")->text().startsWith("Welcome"));
    for (const auto* way : {"startDemo", "startOwn", "startOpen"})
        EXPECT_TRUE(find<QPushButton>(way)->isVisible()) << way;
    EXPECT_EQ(window->troubleText(), "");
    EXPECT_EQ(gallery->shapes().size(), 11u) << "ten, and two rings of one's own";
    EXPECT_EQ(told().action, "Draw it");
}

TEST_F(Start, WithoutAShopEveryCommandSaysWhatItWants) {
    for (const auto* command : {"actionRack", "actionLog", "actionPresses", "actionInstruments", "actionLesson"}) {
        find<QAction>(command)->trigger();
        EXPECT_TRUE(window->troubleText().startsWith("No shop is open")) << command;
    }
    find<QAction>("actionArrangement")->trigger();
    EXPECT_TRUE(window->troubleText().startsWith("No job is open"));
    window->openPath("/not/there");
    EXPECT_TRUE(window->troubleText().contains("/not/there"));
    EXPECT_EQ(window->openedPath(), "") << "nothing was made a shop";
    find<QPushButton>("startDemo")->click();
    EXPECT_EQ(window->troubleText(), "");
    QDir(window->openedPath()).removeRecursively();
}

TEST_F(Start, TheDemoShopIsACopyOfOnesOwn) {
    find<QPushButton>("startDemo")->click();
    EXPECT_EQ(window->shelf()->count(), 10u);
    EXPECT_EQ(window->troubleText(), "");
    const auto folder = window->openedPath();
    ASSERT_TRUE(folder.contains("demo-shop")) << folder.toStdString();
    const auto job = folder + "/labeller-pulley.arbor.json";
    ASSERT_TRUE(QFile::remove(job));
    window->openPath(folder);
    EXPECT_EQ(window->shelf()->count(), 9u) << "what was spoilt stays so until it is asked for again";
    QDir(folder).removeRecursively();
}

TEST_F(Start, WordsAndBearingsLeaveTheShapesTheyFit) {
    type("startSearch", "two cups");
    EXPECT_GE(fitting(), 1);
    EXPECT_LT(fitting(), 6);
    find<QLineEdit>("startSearch")->setText("6306-2RS");
    EXPECT_EQ(told().title, "6306");
    EXPECT_TRUE(told().verdict.starts_with("30 × 72 × 19"));
    for (int i = 0; i < static_cast<int>(gallery->shapes().size()); ++i)
        for (const auto& part : gallery->shapes()[static_cast<std::size_t>(i)].arrangement.assembly.parts)
            EXPECT_FALSE(part.kind == arrangement::PartKind::Cup && gallery->fits(i)) << "no ball bearing for a cup";
    find<QLineEdit>("startSearch")->setText("30 x 72 x 19");
    EXPECT_EQ(told().title, "6306") << "by its sizes";
    find<QLineEdit>("startSearch")->setText("30206");
    ASSERT_GE(gallery->chosen(), 0);
    const auto& parts = gallery->shapes()[static_cast<std::size_t>(gallery->chosen())].arrangement.assembly.parts;
    EXPECT_TRUE(
        std::any_of(parts.begin(), parts.end(), [](const auto& p) { return p.kind == arrangement::PartKind::Cup; }));
    find<QLineEdit>("startSearch")->setText("no such words");
    EXPECT_EQ(gallery->chosen(), -1);
    EXPECT_EQ(told().action, "");
}

// Four inputs from nothing to a drawn job in a shop of one's own.
TEST_F(Start, ANumberAndEnterDrawAJobInAShopOfOnesOwn) {
    type("startSearch", "6306-2RS");
    answerFolder(own());
    ASSERT_TRUE(window->session()) << window->troubleText().toStdString();
    EXPECT_EQ(window->troubleText(), "");
    EXPECT_EQ(saved().id, "J-0001");
    bool there = false;
    for (const auto& part : saved().arrangement.assembly.parts)
        there = there || (part.catalogue && part.catalogue->designation == "6306");
    EXPECT_TRUE(there);
    EXPECT_EQ(session().plan().strip.faults.size(), 0u);
    EXPECT_EQ(session().plan().strip.order.stuck, 0u);
    EXPECT_TRUE(session().plan().fits);
    key(Qt::Key_N, Qt::ControlModifier);
    EXPECT_TRUE(gallery->isVisible());
    EXPECT_EQ(find<QLineEdit>("newNumber")->text(), "J-0002");
    EXPECT_FALSE(find<QPushButton>("startDemo")->isVisible()) << "there is a shop";
}

TEST_F(Start, EveryShapeOfTheGalleryBecomesAJobThatIsWorkedOut) {
    find<QPushButton>("startOwn")->click();
    answerFolder(own());
    for (int shape = 0; shape < static_cast<int>(gallery->shapes().size()); ++shape) {
        if (!gallery->isVisible()) key(Qt::Key_N, Qt::ControlModifier);
        gallery->setFocus();
        gallery->choose(0);
        while (gallery->chosen() < shape)
            QTest::keyClick(gallery, Qt::Key_Right);
        const auto name = shapeName().toStdString();
        QTest::keyClick(gallery, Qt::Key_Return);
        ASSERT_TRUE(window->session()) << name;
        EXPECT_EQ(job().id, "J-00" + std::string(shape < 9 ? "0" : "") + std::to_string(shape + 1));
        EXPECT_EQ(session().plan().problem(), nullptr) << name;
        EXPECT_EQ(session().plan().strip.order.stuck, 0u) << name;
        EXPECT_FALSE(job().title.empty());
    }
}

TEST_F(Start, DetailsAreAskedAtTheBeginningAndChangedLater) {
    find<QPushButton>("startOwn")->click();
    answerFolder(own());
    type("newTitle", "Chute roller");
    type("newMachine", "Chute 3");
    type("newPlace", "drive side");
    type("newNumber", "W/7");
    EXPECT_NE(find<QLabel>("newNumberUnderstood")->text(), "") << "a number is no path";
    type("newNumber", "W-7");
    QTest::keyClick(gallery, Qt::Key_Return);
    ASSERT_TRUE(window->session());
    EXPECT_EQ(saved().title, "Chute roller");
    EXPECT_EQ(saved().machine, "Chute 3");
    EXPECT_EQ(saved().intake.position, "drive side");
    EXPECT_EQ(saved().id, "W-7");
    key(Qt::Key_F4);
    auto* sheet = window->findChildren<QLineEdit*>("jobTitle").back();
    ASSERT_TRUE(sheet->isVisible());
    sheet->selectAll();
    QTest::keyClicks(sheet, "Chute roller, upper");
    QTest::keyClick(sheet, Qt::Key_Return);
    EXPECT_EQ(saved().title, "Chute roller, upper");
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(saved().title, "Chute roller");
    key(Qt::Key_F4);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Start, ANewJobLikeAnEarlierOneTakesItsDescriptionOnly) {
    window->openPath(QString::fromStdString(shop.folder()));
    key(Qt::Key_N);
    auto* earlier = find<QComboBox>("startEarlier");
    int at = -1; // the shelf is read beside the window
    ASSERT_TRUE(QTest::qWaitFor([&] { return (at = earlier->findText("Exhaust fan", Qt::MatchContains)) > 0; },
                                arbor::testing::kPatience_ms));
    earlier->setCurrentIndex(at);
    emit earlier->activated(at);
    EXPECT_EQ(told().action, "Begin it");
    find<QPushButton>("startAction")->click();
    ASSERT_TRUE(window->session());
    EXPECT_TRUE(saved().title.find("Exhaust fan") != std::string::npos);
    EXPECT_FALSE(saved().record);
    EXPECT_NE(saved().id, "J-0131");
}

TEST_F(Start, TheLastShopOpensNextTime) {
    window->openPath(QString::fromStdString(shop.folder()));
    openWindow();
    window->openLast();
    EXPECT_EQ(window->shelf()->count(), 10u);
    EXPECT_TRUE(window->shelf()->isVisible());
}

namespace {

/// The shelf of the demo shop, read.
class Shelf : public WindowTest {
protected:
    Shelf() {
        window->openPath(QString::fromStdString(shop.folder()));
        page = find<ui::ShelfPage>("shelfPage");
        read();
    }
    void read() {
        EXPECT_TRUE(QTest::qWaitFor([this] { return !page->isReading(); }, arbor::testing::kPatience_ms));
    }
    std::size_t count() { return window->shelf()->count(); }
    std::string chosen() { return std::filesystem::path(window->shelf()->chosenPath()).filename().string(); }

    ui::ShelfPage* page = nullptr;
};

} // namespace

TEST_F(Shelf, JobsAreFoundByWordsAndSorted) {
    key(Qt::Key_F);
    keys("fan");
    EXPECT_EQ(count(), 1u);
    EXPECT_EQ(chosen(), "exhaust-fan-carrier.arbor.json");
    key(Qt::Key_Escape);
    EXPECT_EQ(count(), 10u);
    find<QCheckBox>("shelfOpenOnly")->click();
    EXPECT_LT(count(), 10u) << "closed ones are gone from sight";
    find<QCheckBox>("shelfOpenOnly")->click();
    choose("shelfOrder", 1);
    window->shelf()->setFocus();
    for (int i = 0; i < 10; ++i)
        key(Qt::Key_Up);
    EXPECT_EQ(chosen(), "brine-agitator.arbor.json") << "by machine: Brine agitator comes first";
}

TEST_F(Shelf, AJobThatIsThrownAwayComesBackWithUndo) {
    const auto first = chosen();
    key(Qt::Key_Delete);
    EXPECT_EQ(count(), 9u);
    EXPECT_FALSE(std::filesystem::exists(shop.file(first)));
    EXPECT_TRUE(std::filesystem::exists(shop.file("deleted/" + first))) << "thrown away is not lost";
    key(Qt::Key_A);
    EXPECT_EQ(count(), 8u);
    key(Qt::Key_Z, Qt::ControlModifier);
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(count(), 10u);
    EXPECT_TRUE(std::filesystem::exists(shop.file(first)));
    EXPECT_FALSE(std::filesystem::exists(shop.file("deleted/" + first)));
}

TEST_F(Shelf, TheJobOnTheBenchIsNotMovedAwayUnderTheWindow) {
    const auto first = chosen();
    key(Qt::Key_Return);
    ASSERT_TRUE(window->session());
    key(Qt::Key_L, Qt::ControlModifier);
    read();
    key(Qt::Key_Delete);
    EXPECT_TRUE(std::filesystem::exists(shop.file(first)));
    EXPECT_TRUE(window->troubleText().contains("on the bench"));
}

TEST_F(Shelf, TwoThousandJobsAreReadBesideTheWindow) {
    const auto like = shop.read("labeller-pulley.arbor.json");
    for (int i = 0; i < 2000; ++i)
        shop.write("many-" + std::to_string(i) + ".arbor.json",
                   replaced(like, "\"id\": \"J-", "\"id\": \"" + std::to_string(i) + "-"));
    window->openPath(QString::fromStdString(shop.folder()));
    EXPECT_EQ(count(), 2010u) << "the list is there before its words are";
    read();
    key(Qt::Key_F);
    keys("1999-");
    EXPECT_EQ(count(), 1u);
}

TEST_F(Shelf, EverythingIsReachedByTypingItsName) {
    key(Qt::Key_J, Qt::ControlModifier);
    keys("labeller");
    key(Qt::Key_Return);
    ASSERT_TRUE(window->session());
    EXPECT_EQ(job().id, "J-0160");
    key(Qt::Key_J, Qt::ControlModifier);
    keys("meas");
    EXPECT_TRUE(find<QListWidget>("paletteList")->currentItem()->text().contains("Ctrl+3")) << "its key is shown";
    key(Qt::Key_Return);
    EXPECT_EQ(window->jobView()->current(), job::Station::Measure);
    key(Qt::Key_J, Qt::ControlModifier);
    keys("no such thing");
    key(Qt::Key_Return);
    EXPECT_TRUE(find<QWidget>("palette")->isVisible()) << "nothing was found, nothing is done";
    key(Qt::Key_Escape);
    EXPECT_FALSE(find<QWidget>("palette")->isVisible());
    key(Qt::Key_J, Qt::ControlModifier);
    keys("s14");
    key(Qt::Key_Return);
    EXPECT_EQ(find<ui::RackView>("rackView")->chosen(), "S14");
}

// The presses of the shop are typed in the window, and the open job is worked out with them.
TEST_F(Start, PressesOfOnesOwnShopAreTypedAndUsed) {
    type("startSearch", "6306-2RS");
    answerFolder(own());
    ASSERT_TRUE(window->session());
    ASSERT_TRUE(session().tables().rack.presses.empty());
    key(Qt::Key_R, Qt::ControlModifier | Qt::ShiftModifier);
    auto* view = find<QWidget>("pressView");
    ASSERT_TRUE(view->isVisible());
    key(Qt::Key_Insert);
    ASSERT_EQ(session().tables().rack.presses.size(), 1u);
    auto* table = find<QTableWidget>("pressTable");
    const auto column = [&](const QString& head) {
        for (int c = 0; c < table->columnCount(); ++c)
            if (table->horizontalHeaderItem(c)->text() == head) return c;
        return -1;
    };
    table->item(0, column("capacity kN"))->setText("294");
    table->item(0, column("daylight mm"))->setText("170 310 450");
    table->item(0, column("piston mm"))->setText("80");
    const auto& press = session().tables().rack.presses.front();
    EXPECT_EQ(session().plan().problem(), nullptr) << "the job, begun without one, takes it";
    EXPECT_EQ(press.capacity_N, 294000);
    EXPECT_EQ(press.notchDaylight_mm, (std::vector<double>{170, 310, 450}));
    EXPECT_TRUE(QFile::exists(own() + "/presses.json"));
    table->item(0, column("stroke mm"))->setText("-4");
    EXPECT_TRUE(window->troubleText().contains("stroke"));
    EXPECT_GT(session().tables().rack.presses.front().stroke_mm, 0) << "refused";
    key(Qt::Key_Delete);
    EXPECT_TRUE(session().tables().rack.presses.empty());
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(session().tables().rack.presses.size(), 1u) << "undo brings it back";
    window->openPath(own());
    EXPECT_EQ(window->troubleText(), "") << "it is read as it was written";
}

namespace {

/// What it takes from the welcome to a drawing with sizes of one's own: a field filled and left, or a key, is one
/// input.
class Inputs : public Start {
protected:
    /// @param shape  of the gallery, from 0  @return inputs; every size of the drawing was typed once
    int drawn(const QString& searched, int shape, const std::vector<std::pair<std::string, QString>>& bearings = {}) {
        auto* search = find<QLineEdit>("startSearch");
        search->setFocus();
        QTest::keyClicks(search, searched);
        int inputs = 1;
        if (gallery->chosen() == shape) {
            QTest::keyClick(search, Qt::Key_Return); // what leaves the field
        } else {
            gallery->setFocus();
            for (int i = 0; i < 20 && gallery->chosen() < shape; ++i, ++inputs)
                QTest::keyClick(gallery, Qt::Key_Right);
            EXPECT_EQ(gallery->chosen(), shape);
            QTest::keyClick(gallery, Qt::Key_Return);
            ++inputs;
        }
        answerFolder(own());
        ++inputs;
        sheet = find<QTableView>("arrangementSheet");
        model = qobject_cast<ui::SheetModel*>(sheet->model());
        bench = find<ui::BenchView>("arrangementBench");
        EXPECT_TRUE(bench->hasFocus()) << "its sizes are what comes next";
        for (const auto& [part, number] : bearings)
            writeBearing(part, number, inputs);
        bench->setFocus();
        for (int row = 0; row < model->rowCount(); ++row)
            if (model->dimension(row) && model->lineOf(row) == ui::SheetModel::Line::Size) write(row, inputs);
        return inputs;
    }
    /// A click on its line, and its number.
    void writeBearing(const std::string& part, const QString& number, int& inputs) {
        const auto& parts = job().arrangement.assembly.parts;
        int row = 0;
        while (row < model->rowCount() &&
               !(parts[model->partOf(row)].id == part && model->lineOf(row) == ui::SheetModel::Line::Bearing))
            ++row;
        ASSERT_LT(row, model->rowCount()) << part;
        EXPECT_TRUE(model->setData(model->index(row, ui::SheetModel::Value), number, Qt::EditRole));
        EXPECT_EQ(model->refusal(row), "");
        inputs += 2;
    }
    /// The size as somebody measured it on a part of his own, near what was proposed.
    void write(int row, int& inputs) {
        while (sheet->currentIndex().row() != row)
            QTest::keyClick(bench, Qt::Key_Tab); // Enter on the size before would have come here by itself
        const auto size = model->sizeOf(row);
        const double more = size.what == arrangement::SizeLine::What::Bore      ? 0.2
                            : size.what == arrangement::SizeLine::What::Outside ? 0.4
                                                                                : 0; // as proposed, and now it stays
        const double wanted = size.value_mm + more;
        const auto text = QString::number(wanted, 'g', 8);
        const int before = session().undoStack().index();
        QTest::keyClicks(bench, text.left(1));
        auto* entry = find<QLineEdit>("dimensionEntry");
        ASSERT_TRUE(entry->isVisible()) << row;
        QTest::keyClicks(entry, text.mid(1));
        QTest::keyClick(entry, Qt::Key_Return);
        ++inputs;
        const auto settled = [&] { return session().undoStack().index() != before || !model->refusal(row).isEmpty(); };
        EXPECT_TRUE(QTest::qWaitFor(settled, arbor::testing::kPatience_ms));
        EXPECT_EQ(model->refusal(row), "") << text.toStdString();
        typed.emplace_back(size, wanted);
    }
    /// How many of the sizes are what was typed.
    int kept() {
        const auto& parts = job().arrangement.assembly.parts;
        int out = 0;
        for (const auto& [size, wanted] : typed) {
            const auto& s = parts[size.part].bodies[size.body].slices[size.slice];
            const double now = size.what == arrangement::SizeLine::What::Length ? s.zTop - s.zBottom
                               : size.what == arrangement::SizeLine::What::Bore ? 2 * s.innerBottom
                                                                                : 2 * s.outerBottom;
            out += std::abs(now - wanted) < 1e-6;
        }
        return out;
    }

    QTableView* sheet = nullptr;
    ui::SheetModel* model = nullptr;
    ui::BenchView* bench = nullptr;
    std::vector<std::pair<arrangement::SizeLine, double>> typed;
};

} // namespace

TEST_F(Inputs, ABallBearingInAHousingTakesTwenty) {
    EXPECT_LE(drawn("3206", 0), 20);
    EXPECT_EQ(kept(), static_cast<int>(typed.size())) << "no size changed by itself";
    EXPECT_EQ(session().plan().problem(), nullptr);
}

TEST_F(Inputs, ALightRollerTakesTwenty) {
    EXPECT_LE(drawn("6204-2RS", 4), 20);
    EXPECT_EQ(kept(), static_cast<int>(typed.size())) << "no size changed by itself";
    EXPECT_EQ(session().plan().problem(), nullptr);
}

TEST_F(Inputs, TwoCupsInAHubWithSealAndNutTakeFortyFive) {
    EXPECT_LE(drawn("two cups", 2, {{"outer_cup", "30205"}, {"inner_cup", "32207"}}), 45);
    EXPECT_EQ(kept(), static_cast<int>(typed.size())) << "no size changed by itself";
    EXPECT_EQ(session().plan().problem(), nullptr);
}

TEST_F(Inputs, ALockCollarAxleTakesFortyFive) {
    EXPECT_LE(drawn("6306", 5), 45);
    EXPECT_EQ(kept(), static_cast<int>(typed.size())) << "no size changed by itself";
    EXPECT_EQ(session().plan().problem(), nullptr);
}
