// A released record stands: it is locked, changed by revisions only, and both are kept.
#include "support/steps.h"
#include "support/window.h"

#include "io/file_hash.h"
#include "io/pin.h"
#include "io/text_file.h"
#include "ui/session/shop.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QLabel>
#include <QLineEdit>
#include <QProcess>
#include <QPushButton>
#include <QTableView>

using namespace arbor;
using arbor::testing::WindowTest;
using job::Station;

class Released : public WindowTest {
protected:
    Released() {
        open();
        window->jobView()->go(Station::Close);
    }
    void record() {
        type("recordWho", "Ilse Marden");
        key(Qt::Key_Return, Qt::ControlModifier);
        ASSERT_TRUE(saved().record);
    }
    void release() { type("releasedBy", "Wren Halloran"); }
    std::string text() { return io::readText(session().path()).value(); }
};

TEST_F(Released, OnlySomebodyWhoMayReleasesByThisShop) {
    record();
    type("releasedBy", "Piet Oduya");
    EXPECT_EQ(saved().closing.releasedBy, "");
    EXPECT_TRUE(window->troubleText().contains("Piet Oduya")) << window->troubleText().toStdString();
    EXPECT_EQ(find<QLineEdit>("releasedBy")->text(), "");
    release();
    EXPECT_EQ(saved().closing.releasedBy, "Wren Halloran");
    EXPECT_EQ(saved().closing.releasedOn, instant);
}

TEST_F(Released, NothingIsLaidBesideIt) {
    record();
    release();
    const auto beside = [&] {
        return QDir(QFileInfo(QString::fromStdString(session().path())).path() + "/photos").entryList(QDir::Files);
    };
    const auto before = beside();
    const auto other = QFileInfo(QString::fromStdString(session().path())).path() + "/other.png";
    ASSERT_TRUE(QImage(4, 4, QImage::Format_RGB32).save(other));
    const auto given = session().attachPhoto(other.toStdString());
    ASSERT_FALSE(given);
    EXPECT_EQ(given.error().code, ProblemCode::Unwritable);
    EXPECT_EQ(beside(), before);
}

TEST_F(Released, NothingChangesItUntilARevisionIsOpened) {
    record();
    release();
    const auto before = text();
    type("measuredBore", "61.970");
    EXPECT_TRUE(window->troubleText().contains("Released by Wren Halloran")) << window->troubleText().toStdString();
    find<QAction>("actionUnits")->trigger();
    key(Qt::Key_Z, Qt::ControlModifier);
    type("recordWho", "Piet Oduya");
    type("releasedBy", "");
    EXPECT_EQ(text(), before);
    window->jobView()->go(Station::Close);
    QTest::mouseClick(find<QPushButton>("revise"), Qt::LeftButton);
    EXPECT_EQ(text(), before) << "a revision has a name and a reason";
    EXPECT_TRUE(window->troubleText().contains("who opens it again")) << window->troubleText().toStdString();
    type("reviseWho", "Piet Oduya");
    type("reviseReason", "bore read anew");
    QTest::mouseClick(find<QPushButton>("revise"), Qt::LeftButton);
    const auto now = saved();
    ASSERT_EQ(now.revisions.size(), 1u);
    const auto& kept = now.revisions.front();
    EXPECT_EQ(kept.number, 1);
    EXPECT_EQ(kept.who, "Piet Oduya");
    EXPECT_EQ(kept.reason, "bore read anew");
    EXPECT_EQ(kept.when, instant);
    EXPECT_EQ(io::readText(shop.file(kept.file)).value(), before) << "as it was released, byte for byte";
    QProcess sum;
    sum.start("sha256sum", {QString::fromStdString(shop.file(kept.file))});
    ASSERT_TRUE(sum.waitForFinished());
    EXPECT_TRUE(sum.readAllStandardOutput().startsWith(QByteArray::fromStdString(kept.sha256)));
    EXPECT_EQ(now.closing.releasedBy, "");
    EXPECT_TRUE(find<QLabel>("recordText")->text().contains("bore read anew"));
    type("measuredBore", "61.970");
    EXPECT_NE(text(), before);
    window->jobView()->go(Station::Close);
    release();
    EXPECT_EQ(job::revisionOf(saved()), 2);
    EXPECT_TRUE(job::isLocked(saved()));
}

TEST_F(Released, OnAnotherBenchItIsLockedHereToo) {
    record();
    auto theirs = io::loadJob(session().path()).value();
    job::release(theirs.job.closing, "Wren Halloran", instant);
    ASSERT_TRUE(io::saveJob(session().path(), theirs));
    const auto before = text();
    type("measuredBore", "61.970");
    EXPECT_TRUE(window->troubleText().contains("released on another bench")) << window->troubleText().toStdString();
    EXPECT_EQ(text(), before);
}

TEST_F(Released, WithAPinTheNameAloneIsNotEnough) {
    record();
    QFile people(QString::fromStdString(shop.file("people.json")));
    ASSERT_TRUE(people.open(QIODevice::WriteOnly));
    people.write(QByteArray::fromStdString(catalog::writePeople({{"Wren Halloran", true, io::scrambledPin("4711")}})));
    people.close();
    EXPECT_EQ(io::readText(shop.file("people.json")).value().find("4711"), std::string::npos);
    openWindow();
    open();
    window->jobView()->go(Station::Close);
    release();
    EXPECT_EQ(saved().closing.releasedBy, "");
    ASSERT_TRUE(find<QLineEdit>("releasePin")->isVisible());
    type("releasePin", "1147");
    EXPECT_EQ(saved().closing.releasedBy, "");
    EXPECT_TRUE(window->troubleText().contains("not the PIN"));
    type("releasePin", "4711");
    EXPECT_EQ(saved().closing.releasedBy, "Wren Halloran");
}

TEST_F(Released, LotsAreKeptPartByPart) {
    type("lot_bearing", "L2026-114");
    EXPECT_EQ(saved().closing.lots, (std::map<std::string, std::string>{{"bearing", "L2026-114"}}));
    type("lot_bearing", "");
    EXPECT_TRUE(saved().closing.lots.empty());
}

TEST(Pin, IsKeptSoThatNobodyReadsIt) {
    const auto one = io::scrambledPin("4711"), other = io::scrambledPin("4711");
    EXPECT_NE(one, other) << "each with a salt of its own";
    EXPECT_TRUE(io::isPin("4711", one) && io::isPin("4711", other));
    EXPECT_FALSE(io::isPin("4712", one) || io::isPin("", one) || io::isPin("4711", ""));
    // By Python's hashlib.pbkdf2_hmac, 100,000 rounds.
    EXPECT_EQ(io::scrambledPin("4711", "salt"), "salt$g7QRzhlI/ySvgIJbsUf/8z1D2ibO/bMX");
}
