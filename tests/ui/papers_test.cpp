// Papers and labels: looked at, saved under names of their own, read back by readers the program does not use; and a
// label that is scanned opens its job wherever one stands.
#include "support/steps.h"
#include "support/window.h"

#include "io/job_code.h"
#include "ui/kit/scanner.h"
#include "ui/report/papers_view.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QPushButton>
#include <QStackedWidget>

using namespace arbor;
using arbor::testing::ownKey;
using arbor::testing::WindowTest;
using job::Station;

namespace {

QString outputOf(const QString& program, const QStringList& arguments) {
    QProcess run;
    run.start(program, arguments);
    EXPECT_TRUE(run.waitForFinished(30'000)) << program.toStdString();
    EXPECT_EQ(run.exitCode(), 0) << run.readAllStandardError().toStdString();
    return QString::fromUtf8(run.readAllStandardOutput());
}

} // namespace

TEST(JobCode, HoldsNumberAndShopInSignsThatScannersTypeRight) {
    EXPECT_EQ(io::jobCode("Tidewrack Machine Shop", "J-0142"), "%ARBOR J-0142 TIDEWRACK-MACHINE-SHOP");
    EXPECT_EQ(io::jobCode("Werkstatt Süd", "a/7 b"), "%ARBOR A-7-B WERKSTATT-SUD");
    const auto read = io::readJobCode("%ARBOR J-0142 TIDEWRACK");
    ASSERT_TRUE(read);
    EXPECT_EQ(read->id, "J-0142");
    EXPECT_EQ(read->shop, "TIDEWRACK");
    for (const char* other : {"", "62 %", "%ARBOR", "%ARBOR J-0142", "%ARBOR a b c", "%OTHER J-1 X"})
        EXPECT_FALSE(io::readJobCode(other)) << other;
}

TEST(JobCode, IsKnownFromAScannerOfAnotherKeyboard) {
    EXPECT_TRUE(io::isSameScanned("J-0142", "J-0142"));
    EXPECT_TRUE(io::isSameScanned("Jß0142", "J-0142")) << "a dash on a German desktop";
    EXPECT_TRUE(io::isSameScanned("BAZßSHOP", "Bay shop")) << "and Y";
    EXPECT_FALSE(io::isSameScanned("J-0143", "J-0142"));
    EXPECT_FALSE(io::isSameScanned("J-01420", "J-0142"));
}

class Papers : public WindowTest {
protected:
    Papers() { open(); }
    QString save(const char* action) {
        find<QAction>(action)->trigger();
        EXPECT_TRUE(find<ui::PapersView>("papersView")->isVisible());
        key(Qt::Key_Return);
        return find<ui::PapersView>("papersView")->lastWritten();
    }
    void choose(const QString& size) {
        auto* sizes = find<QComboBox>("paperSizes");
        sizes->setCurrentIndex(sizes->findText(size));
        emit sizes->activated(sizes->currentIndex());
    }
};

TEST_F(Papers, TheToolToTurnIsAPaperTooWhereThereIsOne) {
    session().lookAt(ownKey(session().job()));
    find<QAction>("actionCard")->trigger();
    auto* kinds = find<QListWidget>("paperKinds");
    const auto drawings = kinds->findItems("Tool to turn", Qt::MatchExactly);
    ASSERT_EQ(drawings.size(), 1);
    kinds->setCurrentItem(drawings.front());
    choose("A4");
    key(Qt::Key_Return);
    const auto file = find<ui::PapersView>("papersView")->lastWritten();
    EXPECT_EQ(QFileInfo(file).fileName(), "seamer-turret-upper.drawing.2026-11-24.pdf");
    EXPECT_TRUE(outputOf("pdftotext", {file, "-"}).contains("Press sleeve"));
    EXPECT_TRUE(outputOf("pdfinfo", {file}).contains("842 x 595")) << "across";
}

TEST_F(Papers, EveryOneHasTheDayInItsNameAndNoneIsWrittenOver) {
    const auto first = save("actionReport");
    EXPECT_EQ(QFileInfo(first).fileName(), "seamer-turret-upper.report.2026-11-24.pdf");
    key(Qt::Key_Return);
    const auto second = find<ui::PapersView>("papersView")->lastWritten();
    EXPECT_EQ(QFileInfo(second).fileName(), "seamer-turret-upper.report.2026-11-24-2.pdf");
    EXPECT_TRUE(outputOf("pdftotext", {first, "-"}).contains("Seamer turret"));
    EXPECT_TRUE(QFileInfo(save("actionCard")).fileName().contains("route-card"));
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->jobView()->isVisible());
}

TEST_F(Papers, OnA4AndOnLetter) {
    find<QAction>("actionCard")->trigger();
    for (const auto& [size, points] : {std::pair{"A4", "595 x 842"}, {"Letter", "612 x 792"}}) {
        choose(size);
        QTest::mouseClick(find<QPushButton>("savePaper"), Qt::LeftButton);
        const auto told = outputOf("pdfinfo", {find<ui::PapersView>("papersView")->lastWritten()});
        EXPECT_TRUE(told.contains(points)) << told.toStdString();
    }
}

TEST_F(Papers, TheReportHoldsPaperAndFileTogether) {
    window->jobView()->go(Station::Close);
    type("lot_bearing", "L2026-114");
    type("recordWho", "Ilse Marden");
    key(Qt::Key_Return, Qt::ControlModifier);
    type("releasedBy", "Wren Halloran");
    const auto text = outputOf("pdftotext", {save("actionReport"), "-"}).simplified().remove(' ');
    const auto hash = outputOf("sha256sum", {QString::fromStdString(session().path())}).left(64);
    EXPECT_TRUE(text.contains(hash)) << text.toStdString();
    for (const auto* said : {"L2026-114", "Releasedby:WrenHalloran", "Revision:1"})
        EXPECT_TRUE(text.contains(said)) << said << text.toStdString();
}

TEST_F(Papers, TheLabelIsReadByAnotherReader) {
    find<QAction>("actionLabel")->trigger();
    const auto code = QString::fromStdString(
        io::jobCode(QDir(QString::fromStdString(shop.file(""))).dirName().toStdString(), "J-0142"));
    for (const auto* size : {"54 × 25 mm", "100 × 50 mm", "A4"}) {
        choose(QString::fromUtf8(size));
        QTest::mouseClick(find<QPushButton>("savePaper"), Qt::LeftButton);
        const auto file = find<ui::PapersView>("papersView")->lastWritten();
        const auto picture = file + ".png";
        outputOf("pdftoppm", {"-r", "300", "-png", "-singlefile", file, file});
        EXPECT_EQ(outputOf("zbarimg", {"-q", "--raw", picture}).trimmed(), code) << size;
        EXPECT_TRUE(outputOf("pdftotext", {file, "-"}).contains("J-0142")) << size;
    }
}

class Scan : public Papers {
protected:
    /// As fast as a scanner types, to whatever has the focus.
    void scan(const QString& code) {
        keys(code);
        key(Qt::Key_Return);
    }
    QString codeOf(const char* id) {
        return QString::fromStdString(io::jobCode(window->openedPath().section('/', -2, -2).toStdString(), id));
    }
};

TEST_F(Scan, OpensTheJobWhereverOneStands) {
    const auto other = codeOf("J-0152");
    scan(other);
    EXPECT_EQ(job().id, "J-0152");
    find<QAction>("actionRack")->trigger();
    find<QLineEdit>("rackSearch")->setFocus();
    scan(QString(other).replace("0152", "0142").replace('-', QString::fromUtf8("ß")));
    EXPECT_EQ(job().id, "J-0142");
    EXPECT_TRUE(window->jobView()->isVisible());
    EXPECT_EQ(find<QLineEdit>("rackSearch")->text(), "") << "nothing of it was typed there";
}

TEST_F(Scan, AWrongShopAndAnUnknownJobAreSaid) {
    scan("%ARBOR J-0142 SOMEWHERE-ELSE");
    EXPECT_TRUE(window->troubleText().contains("SOMEWHERE-ELSE")) << window->troubleText().toStdString();
    scan(codeOf("J-9999"));
    EXPECT_TRUE(window->troubleText().contains("J-9999")) << window->troubleText().toStdString();
    EXPECT_EQ(job().id, "J-0142");
}

TEST_F(Scan, APercentSignThatIsTypedByHandArrives) {
    find<QAction>("actionRack")->trigger();
    auto* field = find<QLineEdit>("rackSearch");
    field->setFocus();
    keys("5");
    keys("%");
    keys("A");
    EXPECT_TRUE(QTest::qWaitFor([&] { return field->text() == "5%A"; }, 2000)) << field->text().toStdString();
    keys("B");
    EXPECT_EQ(field->text(), "5%AB");
}

TEST_F(Papers, AQuoteGoesOutAsAPageAndAsATable) {
    find<QAction>("actionQuote")->trigger();
    key(Qt::Key_Return);
    auto* papers = find<ui::PapersView>("papersView");
    const auto page = outputOf("pdftotext", {"-layout", papers->lastWritten(), "-"});
    EXPECT_TRUE(page.contains("3206"));
    EXPECT_TRUE(page.contains("41.50")) << "the shop's price";
    key(Qt::Key_C);
    EXPECT_EQ(QFileInfo(papers->lastWritten()).fileName(), "seamer-turret-upper.quote.2026-11-24.csv");
    QFile table(papers->lastWritten());
    ASSERT_TRUE(table.fileName().endsWith(".csv") && table.open(QIODevice::ReadOnly));
    const auto lines = QString::fromUtf8(table.readAll()).split('\n');
    EXPECT_EQ(lines[0], "job,line,kind,what,quantity,unit,price,amount,currency");
    EXPECT_TRUE(lines.filter(",part,3206,1,piece,41.5,41.5,EUR").size() == 1);
}

TEST_F(Papers, TheCustomersPageSaysItInPlainWordsAndTheMachineIsLookedAtAgain) {
    openAgain("exhaust-fan-carrier");
    window->jobView()->go(Station::Close);
    type("cause", "ran dry");
    type("nextInspection", "6 months");
    EXPECT_EQ(saved().closing.nextInspection, "2027-05-24");
    type("nextInspection", "sometime");
    EXPECT_EQ(saved().closing.nextInspection, "2027-05-24");
    const auto page = outputOf("pdftotext", {save("actionCustomer"), "-"});
    for (const char* said : {"squeals at start", "ran dry", "61.985", "Home and square", "2027-05-24"})
        EXPECT_TRUE(page.contains(said)) << said;
    find<QAction>("actionInspections")->trigger();
    key(Qt::Key_Return);
    const auto due = outputOf("pdftotext", {find<ui::PapersView>("papersView")->lastWritten(), "-"});
    EXPECT_TRUE(due.contains("2027-05-24")) << due.toStdString();
    EXPECT_TRUE(due.contains("J-0131"));
}
