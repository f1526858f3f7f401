// What is read and written whatever the disk does: devices, pipes, other letters, full and broken disks.
#include "io/text_file.h"

#include "support/shop.h"

#include <cerrno>
#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <sys/stat.h>

using namespace arbor;
using arbor::testing::TemporaryShop;

namespace {

int g_writesLeft = 0; // bytes the disk of a test still takes

ssize_t fullDisk(int fd, const void* data, std::size_t size) {
    if (g_writesLeft <= 0) {
        errno = ENOSPC;
        return -1;
    }
    const auto taken = std::min<std::size_t>(size, static_cast<std::size_t>(g_writesLeft));
    g_writesLeft -= static_cast<int>(taken);
    return ::write(fd, data, taken);
}
ssize_t twoBytes(int fd, const void* data, std::size_t size) {
    return ::write(fd, data, std::min<std::size_t>(size, 2));
}
ssize_t broken(int, const void*, std::size_t) {
    errno = EIO;
    return -1;
}
int brokenSync(int) {
    errno = EIO;
    return -1;
}
int brokenRename(const char*, const char*) {
    errno = EROFS;
    return -1;
}

std::size_t filesIn(const std::string& folder) {
    std::size_t count = 0;
    for (const auto& entry : std::filesystem::directory_iterator(folder))
        count += entry.is_regular_file() ? 1 : 0;
    return count;
}

} // namespace

TEST(TextFile, ADiskThatFailsLeavesTheOldFileWholeAndSaysWhy) {
    const TemporaryShop shop;
    const auto file = shop.file("a.json"), old = std::string("the old text");
    ASSERT_TRUE(io::writeText(file, old));
    const auto before = filesIn(shop.folder());
    g_writesLeft = 5;
    for (const io::WriteCalls calls :
         {io::WriteCalls{fullDisk}, io::WriteCalls{broken}, io::WriteCalls{::write, brokenSync},
          io::WriteCalls{::write, ::fsync, brokenRename}}) {
        const auto written = io::writeText(file, "a new text, longer than five bytes", calls);
        ASSERT_FALSE(written);
        EXPECT_EQ(written.error().code, ProblemCode::Unwritable);
        EXPECT_EQ(written.error().file, file);
        EXPECT_FALSE(written.error().reason.empty());
        EXPECT_EQ(io::readText(file).value(), old);
        EXPECT_EQ(filesIn(shop.folder()), before) << "nothing half written is left lying";
    }
}

TEST(TextFile, AShortWriteGoesOnWhereItStopped) {
    const TemporaryShop shop;
    const std::string text(5001, 'x');
    ASSERT_TRUE(io::writeText(shop.file("a.txt"), text, {twoBytes}));
    EXPECT_EQ(io::readText(shop.file("a.txt")).value(), text);
}

TEST(TextFile, KeepsPermissionsAndFollowsALink) {
    const TemporaryShop shop;
    shop.write("real.json", "old");
    ASSERT_EQ(::chmod(shop.file("real.json").c_str(), 0640), 0);
    std::filesystem::create_symlink("real.json", shop.file("link.json"));
    ASSERT_TRUE(io::writeText(shop.file("link.json"), "new"));
    EXPECT_TRUE(std::filesystem::is_symlink(shop.file("link.json")));
    EXPECT_EQ(shop.read("real.json"), "new");
    struct stat now {};
    ASSERT_EQ(::stat(shop.file("real.json").c_str(), &now), 0);
    EXPECT_EQ(now.st_mode & 0777, 0640u);
}

TEST(TextFile, OnlyOrdinaryFilesOfABoundedSizeAreRead) {
    const TemporaryShop shop;
    ASSERT_EQ(::mkfifo(shop.file("pipe.arbor.json").c_str(), 0600), 0);
    EXPECT_EQ(io::readText(shop.file("pipe.arbor.json")).error().code, ProblemCode::Unreadable);
    EXPECT_FALSE(io::isLatin1(shop.file("pipe.arbor.json"))) << "asking does not wait for anybody to write";
    EXPECT_EQ(io::readText("/dev/zero").error().code, ProblemCode::Unreadable);
    EXPECT_EQ(io::readText(shop.folder()).error().code, ProblemCode::Unreadable);
    shop.write("large.txt", std::string(2000, 'x'));
    EXPECT_EQ(io::readText(shop.file("large.txt"), 1000).error().code, ProblemCode::OutOfRange);
}

TEST(TextFile, OtherLettersAreReadAsWhatTheyAreMostLikely) {
    const TemporaryShop shop;
    shop.write("latin1.csv", "H\xFClse");
    shop.write("bom.csv", "\xEF\xBB\xBFH\xC3\xBClse");
    EXPECT_EQ(io::readText(shop.file("latin1.csv")).value(), "H\xC3\xBClse");
    EXPECT_EQ(io::readText(shop.file("bom.csv")).value(), "H\xC3\xBClse");
    EXPECT_TRUE(io::isLatin1(shop.file("latin1.csv")));
    EXPECT_FALSE(io::isLatin1(shop.file("bom.csv")));
}
