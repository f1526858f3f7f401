// What keeps presses whatever happens to the logbook: what waits, what is torn, the desk that whoever asks does not
// wait for, the deadline of its calls.
#include "log/damage.h"
#include "log/deadline.h"
#include "log/desk.h"
#include "support/log_entries.h"

#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <functional>
#include <gtest/gtest.h>
#include <map>
#include <sys/socket.h>
#include <thread>
#include <unistd.h>

using namespace arbor;
using arbor::testing::press;
using log::Entry;
using log::Keeper;
using log::Logbook;

TEST(Deadline, ShutsASilentLineUnderTheCallAndNoOther) {
    using namespace std::chrono_literals;
    int line[2];
    ASSERT_EQ(::socketpair(AF_UNIX, SOCK_STREAM, 0, line), 0);
    log::Deadline deadline(line[0], 50ms);
    char byte = 'x';
    for (int i = 0; i < 20; ++i) { // calls that are answered, one within another
        const log::Deadline::Call outer(&deadline), inner(&deadline);
        ASSERT_EQ(::write(line[1], &byte, 1), 1);
        ASSERT_EQ(::read(line[0], &byte, 1), 1);
    }
    EXPECT_FALSE(deadline.isOver()) << "and between them there is no hurry";
    {
        const log::Deadline::Call call(&deadline);
        EXPECT_EQ(::read(line[0], &byte, 1), 0) << "nobody answers: the read ends";
    }
    EXPECT_TRUE(deadline.isOver());
    const log::Deadline::Call none(nullptr); // of a file: nothing is watched
    ::close(line[0]);
    ::close(line[1]);
}

TEST(Keeper, ATornFileIsSetAsideAndMadeAnew) {
    const QTemporaryDir folder;
    const auto file = folder.filePath("log.sqlite"), waiting = folder.filePath("waiting.sqlite");
    const auto connection = "sqlite:" + file;
    const std::vector<Entry> jobs{press(1), press(2), press(3)};
    ASSERT_TRUE(Logbook::open(connection).value()->write(jobs));
    const auto tear = [](const QString& path, qint64 from, const QByteArray& with) {
        QFile raw(path);
        ASSERT_TRUE(raw.open(QIODevice::ReadWrite));
        raw.seek(from);
        raw.write(with);
    };
    for (const auto& [what, damage] : std::map<const char*, std::function<void()>>{
             {"empty", [&] { ASSERT_TRUE(QFile::resize(file, 0)); }},
             {"cut short", [&] { ASSERT_TRUE(QFile::resize(file, 5000)); }},
             {"its head torn", [&] { tear(file, 0, QByteArray(100, 'x')); }},
             {"pages torn", [&] { tear(file, 4096, QByteArray(20'000, '\xA5')); }}}) {
        SCOPED_TRACE(what);
        damage();
        Keeper keeper(connection, waiting, [&] { return jobs; });
        const auto book = keeper.book();
        ASSERT_TRUE(book) << book.error().value;
        EXPECT_EQ((*book)->size().value(), 3u);
        const auto told = keeper.mended();
        ASSERT_EQ(told.size(), 1u);
        EXPECT_EQ(told.front().entries, 3u);
        EXPECT_TRUE(QFile::exists(told.front().aside)) << "what is left of it is kept";
        EXPECT_TRUE(keeper.mended().empty()) << "told once";
    }
    // What waited in a torn file waits again.
    Keeper away("sqlite:/no/such/folder/log.sqlite", waiting);
    ASSERT_TRUE(away.keep(press(1)));
    ASSERT_TRUE(QFile::resize(waiting, 900));
    Keeper keeper("sqlite:/no/such/folder/log.sqlite", waiting, [&] { return jobs; });
    ASSERT_TRUE(keeper.store(press(4)));
    EXPECT_EQ(keeper.waiting().value(), 4u);
}

TEST(Keeper, ALogbookThatAnotherWindowSetAsideIsOpenedAnew) {
    const QTemporaryDir folder;
    const auto file = folder.filePath("log.sqlite"), waiting = folder.filePath("waiting.sqlite");
    Keeper keeper("sqlite:" + file, waiting);
    ASSERT_TRUE(keeper.keep(press(1)));
    ASSERT_TRUE(log::setAside(file));
    ASSERT_TRUE(Logbook::open("sqlite:" + file));
    ASSERT_TRUE(keeper.keep(press(2)));
    EXPECT_EQ(Logbook::open("sqlite:" + file).value()->size().value(), 1u) << "not into the one that lies aside";
}

TEST(Desk, AnswersBesideWhoeverAsksAndKeepsWhatItWasGivenEvenWhenItIsLeft) {
    const QTemporaryDir folder;
    const auto file = folder.filePath("logbook.sqlite"), waiting = folder.filePath("logbook-waiting.sqlite");
    QObject whose;
    {
        log::Desk desk("sqlite:" + file, waiting);
        desk.keep([] { return std::vector{press(1)}; }, QFile::ReadOwner | QFile::WriteOwner);
        std::optional<std::size_t> answered;
        const auto here = std::this_thread::get_id();
        desk.ask(
            &whose,
            [here](Keeper& keeper) {
                EXPECT_NE(std::this_thread::get_id(), here);
                return (*keeper.book())->size().value();
            },
            [&](std::size_t size) { answered = size; });
        EXPECT_FALSE(answered) << "nobody waits for it";
        ASSERT_TRUE(QTest::qWaitFor([&] { return answered.has_value(); }, 20'000));
        EXPECT_EQ(*answered, 1u);
        EXPECT_EQ(desk.delivery().waiting, 0u);
        EXPECT_EQ(QFile::permissions(file) & (QFile::ReadGroup | QFile::ReadOther), 0);
        desk.keep([] { return std::vector{press(2)}; }, QFile::ReadOwner | QFile::WriteOwner); // and the program ends
    }
    Keeper later("sqlite:" + file, waiting);
    ASSERT_TRUE(later.deliver());
    EXPECT_EQ((*later.book())->size().value(), 2u);
}

TEST(Desk, SaysHowManyWaitAndWhy) {
    const QTemporaryDir folder;
    log::Desk desk("sqlite:/no/such/folder/log.sqlite", folder.filePath("logbook-waiting.sqlite"));
    int told = 0;
    QObject::connect(&desk, &log::Desk::delivered, [&] { ++told; });
    desk.keep([] { return std::vector{press(1), press(2), press(3)}; }, QFile::ReadOwner | QFile::WriteOwner);
    ASSERT_TRUE(QTest::qWaitFor([&] { return told == 1; }, 20'000));
    EXPECT_EQ(desk.delivery().waiting, 3u);
    ASSERT_TRUE(desk.delivery().trouble);
    EXPECT_EQ(desk.delivery().trouble->code, ProblemCode::Unreadable);
}

TEST(Keeper, ARowThatCannotBeReadHoldsUpNoOther) {
    const QTemporaryDir folder;
    const auto waiting = folder.filePath("waiting.sqlite"), book = folder.filePath("log.sqlite");
    log::Keeper away("sqlite:/no/such/folder/log.sqlite", waiting);
    ASSERT_TRUE(away.keep(press(1)));
    {
        auto db = QSqlDatabase::addDatabase("QSQLITE", "torn");
        db.setDatabaseName(waiting);
        ASSERT_TRUE(db.open());
        QSqlQuery query(db);
        ASSERT_TRUE(query.exec("INSERT INTO waiting (id, entry, since) VALUES ('torn', '{half of', 0)"));
    }
    QSqlDatabase::removeDatabase("torn");
    ASSERT_TRUE(away.keep(press(2)));
    log::Keeper keeper("sqlite:" + book, waiting);
    EXPECT_EQ(keeper.deliver().value(), 2u);
    EXPECT_EQ(log::Logbook::open("sqlite:" + book).value()->size().value(), 2u);
    EXPECT_EQ(keeper.waiting().value(), 1u) << "it is not lost either";
    EXPECT_EQ(keeper.deliver().value(), 0u);
}

TEST(Keeper, APressThatIsWrittenAgainIsPutRight) {
    const QTemporaryDir folder;
    const auto connection = "sqlite:" + folder.filePath("log.sqlite");
    log::Keeper keeper(connection, folder.filePath("waiting.sqlite"));
    ASSERT_TRUE(keeper.keep(press(1)));
    auto again = press(1);
    again.notes = "the gauge was set anew";
    again.verdict = "tilted";
    ASSERT_TRUE(keeper.keep(again));
    const auto book = log::Logbook::open(connection).value();
    EXPECT_EQ(book->size().value(), 1u);
    log::Query wanted;
    wanted.text = "anew";
    ASSERT_EQ(book->find(wanted)->size(), 1u);
    EXPECT_EQ(book->find(wanted)->front().verdict, "tilted");
    wanted.text = press(1).notes;
    EXPECT_TRUE(press(1).notes.empty() || book->find(wanted)->empty()) << "found by what stands there now";
}
