#include "words/order_words.h"

#include "io/arrangement_file.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::replaced;
using arbor::testing::TemporaryShop;
using words::WorkLine;

namespace {

arrangement::Assembly assemblyOf(const std::string& path) {
    return io::loadArrangement(path).value().assembly;
}
std::string shapeFile(const std::string& letter) {
    return std::string(ARBOR_SOURCE_DIR) + "/data/templates/shape-" + letter + ".json";
}

std::vector<WorkLine> strip(const arrangement::Assembly& a) {
    return words::stripLines(a, route::takeApart(a));
}
std::vector<WorkLine> together(const arrangement::Assembly& a) {
    return words::fitLines(a, route::takeApart(a));
}

std::vector<std::string> texts(const std::vector<WorkLine>& lines) {
    std::vector<std::string> out;
    for (const auto& line : lines)
        out.push_back(line.text);
    return out;
}

} // namespace

TEST(OrderWords, SeamerTurretComesApartAsAMachinistWouldTakeIt) {
    const TemporaryShop shop;
    const auto lines = strip(assemblyOf(shop.jobFile()));
    EXPECT_EQ(texts(lines), (std::vector<std::string>{
                                "Flanged spindle: press or draw it out upward, it is tight with the bearing 3206",
                                "Splash shield out, upward", "Retaining ring out, upward",
                                "Bearing 3206: press or draw it out upward, it is tight with the turret housing",
                                "Turn the work over", "Sensor cap out, downward"}));
    EXPECT_EQ(lines[1].why, "the flanged spindle was in the way");
    EXPECT_EQ(lines[2].caution, "eye protection: the ring can fly");
    EXPECT_EQ(lines[0].why, "");
}

TEST(OrderWords, PuttingTogetherSaysWhatWouldBeShutOut) {
    const TemporaryShop shop;
    const auto lines = together(assemblyOf(shop.jobFile()));
    const auto shield =
        std::find_if(lines.begin(), lines.end(), [](const auto& l) { return l.text.starts_with("Splash"); });
    ASSERT_NE(shield, lines.end());
    EXPECT_EQ(shield->why, "before the flanged spindle, or it is shut out");
    EXPECT_EQ(lines.back().text, "Flanged spindle: press it in from above, tight with the bearing 3206");
}

TEST(OrderWords, GroupsAreWorkedOnTheBench) {
    const auto apart = strip(assemblyOf(shapeFile("i")));
    EXPECT_EQ(apart.front().text, "Flanged shaft, bearing and retaining ring out together, upward");
    EXPECT_EQ(apart.front().level, 0);
    EXPECT_EQ(apart[1].level, 1);
    const auto in = together(assemblyOf(shapeFile("i")));
    EXPECT_EQ(in.back().text, "Flanged shaft, bearing and retaining ring in together, from above");
    EXPECT_EQ(in.front().level, 1);
}

TEST(OrderWords, NutsAreScrewedAndPinsDrawn) {
    const auto apart = texts(strip(assemblyOf(shapeFile("c"))));
    EXPECT_EQ(std::count(apart.begin(), apart.end(), "Castle nut: unscrew"), 1);
    EXPECT_EQ(std::count(apart.begin(), apart.end(), "Split pin: draw it out"), 1);
    const auto in = texts(together(assemblyOf(shapeFile("c"))));
    EXPECT_EQ(in.back(), "Split pin: put it through and bend it over");
}

TEST(OrderWords, EveryShapeHasAsManyLinesBothWays) {
    for (const char* letter : {"a", "b", "c", "d", "e", "f", "g", "h", "i", "j"}) {
        const auto a = assemblyOf(shapeFile(letter));
        EXPECT_EQ(strip(a).size(), together(a).size()) << letter;
        EXPECT_GE(strip(a).size() + 1, a.parts.size()) << letter;
    }
}

TEST(OrderWords, StuckPartsAreNamed) {
    auto a = assemblyOf(shapeFile("a"));
    for (auto& part : a.parts)
        part.travelling.clear(); // a ring that cannot be squeezed shuts itself and the bearing in
    const auto lines = strip(a);
    EXPECT_EQ(lines.back().text, "Bearing and retaining ring cannot come out on either side");
}

TEST(ArrangementFile, SaysFileAndPlace) {
    const TemporaryShop shop;
    const auto good = shop.read("seamer-turret-upper.arbor.json");
    shop.write("bad.arbor.json", replaced(good, "\"base\": \"housing\"", "\"base\": \"hosing\""));
    auto refused = io::loadArrangement(shop.file("bad.arbor.json")).error();
    EXPECT_EQ(refused.file, shop.file("bad.arbor.json"));
    EXPECT_EQ(refused.field, "base");
    shop.write("bad.arbor.json", replaced(good, "\"arrangement\"", "\"arrangements\""));
    refused = io::loadArrangement(shop.file("bad.arbor.json")).error();
    EXPECT_EQ(refused.code, ProblemCode::Missing);
    EXPECT_EQ(io::loadArrangement(shop.file("none")).error().code, ProblemCode::Unreadable);
    shop.write("bad.arbor.json", "[1, 2]");
    EXPECT_EQ(io::loadArrangement(shop.file("bad.arbor.json")).error().code, ProblemCode::Malformed);
}

TEST(ArrangementFile, SurvivesEditingTheJob) {
    const TemporaryShop shop;
    const auto before = io::loadArrangement(shop.jobFile())->assembly.parts.size();
    auto document = io::loadJob(shop.jobFile()).value();
    document.job.title = "renamed";
    ASSERT_TRUE(io::saveJob(shop.jobFile(), document));
    EXPECT_EQ(io::loadArrangement(shop.jobFile())->assembly.parts.size(), before);
}
