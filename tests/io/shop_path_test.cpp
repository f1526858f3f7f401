// What a job or a rack names stays inside its shop, whatever was written into it.
#include "io/shop_path.h"

#include "io/table_files.h"
#include "support/shop.h"
#include "support/steps.h"

#include <filesystem>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::TemporaryShop;
namespace fs = std::filesystem;

TEST(ShopPath, AFileOfTheShopIsFound) {
    const TemporaryShop shop;
    EXPECT_EQ(io::pathInShop(shop.folder(), "traces/fan-carrier.csv").value(),
              shop.folder() + "/traces/fan-carrier.csv");
    EXPECT_TRUE(io::pathInShop(shop.folder(), "photos/not there yet.png")) << "whether it is there is asked later";
    EXPECT_TRUE(io::pathInShop(shop.folder(), "traces/./one..two.csv")) << "two points in a name lead nowhere";
}

TEST(ShopPath, NothingLeadsOutOfIt) {
    const TemporaryShop shop;
    for (const char* path :
         {"/etc/passwd", "../other/trace.csv", "traces/../../trace.csv", "traces/../rack.csv", "..", ".", ""}) {
        const auto refused = io::pathInShop(shop.folder(), path);
        ASSERT_FALSE(refused) << path;
        EXPECT_EQ(refused.error().value, path);
    }
    fs::create_symlink("/etc", shop.file("elsewhere"));
    fs::create_symlink(shop.file("traces"), shop.file("here"));
    EXPECT_FALSE(io::pathInShop(shop.folder(), "elsewhere/passwd")) << "a link out of it";
    EXPECT_TRUE(io::pathInShop(shop.folder(), "here/fan-carrier.csv")) << "one that stays";
}

TEST(ShopPath, AFolderWhoseNameBeginsAlikeIsAnotherOne) {
    const TemporaryShop shop;
    fs::create_symlink(shop.folder() + "-beside", shop.file("beside"));
    fs::create_directory(shop.folder() + "-beside");
    EXPECT_FALSE(io::pathInShop(shop.folder(), "beside/x"));
    fs::remove(shop.folder() + "-beside");
}

TEST(ShopPath, ATraceElsewhereIsNotRead) {
    const TemporaryShop shop;
    auto job = io::loadJob(shop.file("exhaust-fan-carrier.arbor.json"))->job;
    job.steps.begin()->second.traceFile = "/etc/passwd";
    const auto kept = io::loadTraces(job, shop.folder(), {});
    ASSERT_TRUE(kept.problem);
    EXPECT_EQ(kept.problem->value, "/etc/passwd");
    EXPECT_EQ(kept.problem->code, ProblemCode::OutOfRange);
}
