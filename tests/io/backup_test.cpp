// A whole shop into one archive and back: with its logbook while it is being written, torn archives, strange ones, a
// full disk.
#include "backup/archive.h"
#include "backup/backup.h"
#include "io/text_file.h"
#include "log/keeper.h"
#include "support/log_entries.h"
#include "support/shop.h"

#include <QDate>
#include <QFile>
#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <map>

using namespace arbor;
using arbor::testing::press;
using arbor::testing::TemporaryShop;
namespace fs = std::filesystem;

namespace {

std::string bytesOf(const fs::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

std::map<std::string, std::string> filesBelow(const fs::path& folder) {
    std::map<std::string, std::string> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file()) out[fs::relative(entry.path(), folder).string()] = bytesOf(entry.path());
    return out;
}

class Backup : public ::testing::Test {
protected:
    Result<std::string> backUp(const backup::Progress& progress = {}) {
        return backup::backUp(shop.folder(), outside.folder(), book(), progress);
    }
    QString book() const { return "sqlite:" + QString::fromStdString(shop.file("logbook.sqlite")); }
    std::string fresh(const char* name) const { return outside.file(std::string("restored/") + name); }

    TemporaryShop shop;
    TemporaryShop outside; // somewhere to put archives
};

} // namespace

TEST_F(Backup, ComesBackFileForFile) {
    fs::create_directories(shop.file("photos"));
    shop.write("photos/ring.png", std::string("\x89PNG\0\r\n", 7) + std::string(3000, '\xEE'));
    ASSERT_EQ(::chmod(shop.jobFile().c_str(), 0600), 0);
    const auto was = filesBelow(shop.folder());
    log::Keeper keeper(book(), QString::fromStdString(shop.file("logbook-waiting.sqlite")));
    ASSERT_TRUE(keeper.keep(press(1))); // and holds it open
    const auto archive = backUp();
    ASSERT_TRUE(archive) << archive.error().reason;
    EXPECT_NE(archive->find(QDate::currentDate().toString(Qt::ISODate).toStdString()), std::string::npos);
    EXPECT_NE(backUp().value(), *archive) << "never over an earlier one";
    EXPECT_EQ(fs::status(*archive).permissions(), fs::perms::owner_read | fs::perms::owner_write);
    const auto contents = backup::restore(*archive, fresh("one"));
    ASSERT_TRUE(contents) << contents.error().value;
    auto now = filesBelow(fresh("one"));
    EXPECT_EQ(contents->files, now.size());
    EXPECT_EQ(now.erase("logbook.sqlite"), 1u);
    now.erase("logbook-waiting.sqlite");
    EXPECT_EQ(now, was);
    EXPECT_EQ(fs::status(fresh("one") + "/seamer-turret-upper.arbor.json").permissions(),
              fs::perms::owner_read | fs::perms::owner_write);
    const auto again = log::Logbook::open("sqlite:" + QString::fromStdString(fresh("one") + "/logbook.sqlite")).value();
    EXPECT_EQ(again->size().value(), 1u);
    EXPECT_EQ(backup::restore(*archive, fresh("one")).error().code, ProblemCode::Duplicate) << "never over a shop";
}

TEST_F(Backup, ArchivesKeptInTheShopAreNotInTheNext) {
    fs::create_directories(shop.file("backups"));
    shop.write("backups/other.tar.gz", "somebody's own");
    const auto into = [&] { return backup::backUp(shop.folder(), shop.file("backups"), book()).value(); };
    const auto first = backup::check(into()).value(), second = backup::check(into()).value();
    EXPECT_EQ(second.files, first.files);
    ASSERT_TRUE(backup::restore(into(), fresh("kept")));
    EXPECT_TRUE(fs::exists(fresh("kept") + "/backups/other.tar.gz"));
}

TEST_F(Backup, ATornArchiveIsSeenBeforeAnythingIsWritten) {
    const auto archive = backUp().value();
    const auto whole = bytesOf(archive);
    for (const auto& [what, torn] :
         std::map<const char*, std::string>{{"cut short", whole.substr(0, whole.size() / 2)},
                                            {"last byte gone", whole.substr(0, whole.size() - 9)},
                                            {"empty", ""},
                                            {"something else", "a shopping list"}}) {
        SCOPED_TRACE(what);
        outside.write("torn.tar.gz", torn);
        EXPECT_FALSE(backup::check(outside.file("torn.tar.gz")));
        EXPECT_FALSE(backup::restore(outside.file("torn.tar.gz"), fresh("torn")));
        EXPECT_FALSE(fs::exists(fresh("torn")));
    }
    // Wherever a bit falls over; but for the eight bytes at the end, gzip's own sum over what ours has been over:
    // nothing of the shop is in them.
    constexpr std::size_t kGzipSum = 8;
    for (std::size_t at = 20; at + kGzipSum < whole.size(); at += whole.size() / 23) {
        auto torn = whole;
        torn[at] = static_cast<char>(torn[at] ^ 0x10);
        outside.write("torn.tar.gz", torn);
        EXPECT_FALSE(backup::check(outside.file("torn.tar.gz"))) << at;
    }
}

TEST_F(Backup, AnArchiveMayLeaveItsFolderByNoName) {
    for (const char* name : {"../escaped", "/tmp/arbor-escaped", "traces/../../escaped"}) {
        const auto archive = outside.file("strange.tar.gz");
        auto writer = backup::ArchiveWriter::to(archive).value();
        ASSERT_TRUE(writer.add(name, "x", 0644));
        ASSERT_TRUE(writer.add(
            "backup.json",
            std::string(R"({"format":"brisk-arbor/backup","version":1,"shop":"s","made":"","files":{")") + name +
                R"(":{"bytes":1,"sha256":"2d711642b726b04401627ca9fbac32f5c8530fb1903cc4db02258717921a4881"}}})",
            0644));
        ASSERT_TRUE(writer.close());
        ASSERT_TRUE(backup::check(archive)) << "its list is right";
        EXPECT_EQ(backup::restore(archive, fresh("strange")).error().code, ProblemCode::OutOfRange) << name;
        EXPECT_FALSE(fs::exists(fresh("strange"))) << "nothing of it stays";
    }
    EXPECT_FALSE(fs::exists("/tmp/arbor-escaped"));
}

TEST_F(Backup, WhatIsNotWantedAnyMoreLeavesNothing) {
    const auto before = filesBelow(outside.folder());
    const auto stopped = backUp([](std::size_t done, std::size_t all) {
        EXPECT_GT(all, 10u);
        return done < 5;
    });
    EXPECT_EQ(stopped.error().code, ProblemCode::NotDefined);
    EXPECT_EQ(filesBelow(outside.folder()), before);
    EXPECT_EQ(backup::backUp(shop.folder(), "/no/such/folder", book()).error().code, ProblemCode::Unwritable);
    EXPECT_EQ(backup::backUp("/no/such/shop", outside.folder(), book()).error().code, ProblemCode::Unreadable);
}
