#include "words/order_words.h"

#include "io/arrangement_file.h"
#include "io/arrangement_text.h"
#include "io/job_file.h"
#include "io/text_file.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoTables;
using arbor::testing::replaced;
using arbor::testing::TemporaryShop;
using words::WorkLine;

namespace {

arrangement::Assembly assemblyOf(const std::string& path) {
    auto assembly = io::loadWork(path).value().arrangement.assembly;
    EXPECT_TRUE(arrangement::resolve(assembly, demoTables().bearings)) << path;
    return assembly;
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
    EXPECT_EQ(texts(lines),
              (std::vector<std::string>{"Sensor cap out, downward", "Turn the work over",
                                        "Flanged spindle: press or draw it out upward, tight in the bearing 3206",
                                        "Splash shield out, upward",
                                        "Retaining ring: squeeze it no farther than it needs, upward",
                                        "Bearing 3206: press or draw it out upward, tight in the turret housing"}));
    EXPECT_EQ(lines[3].why, "the flanged spindle must come out first");
    EXPECT_EQ(lines[4].caution, "eye protection: the ring can fly");
    EXPECT_EQ(lines[0].why, "");
}

TEST(OrderWords, PuttingTogetherSaysWhatWouldBeShutOut) {
    const TemporaryShop shop;
    const auto lines = together(assemblyOf(shop.jobFile()));
    const auto shield =
        std::find_if(lines.begin(), lines.end(), [](const auto& l) { return l.text.starts_with("Splash"); });
    ASSERT_NE(shield, lines.end());
    EXPECT_EQ(shield->why, "it goes on before the flanged spindle, or there is no access for it");
    EXPECT_EQ(lines.back().text, "Sensor cap in, from below");
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
    EXPECT_EQ(std::count(apart.begin(), apart.end(), "Castle nut: unscrew it"), 1);
    EXPECT_EQ(std::count(apart.begin(), apart.end(), "Split pin: pull it out"), 1);
    const auto in = texts(together(assemblyOf(shapeFile("c"))));
    EXPECT_EQ(in.back(), "Split pin: push it through and bend it over");
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
    const auto refused = [&](const std::string& text) {
        shop.write("bad.arbor.json", text);
        return io::loadWork(shop.file("bad.arbor.json")).error();
    };
    const auto base = refused(replaced(good, "\"base\": \"housing\"", "\"base\": \"hosing\""));
    EXPECT_EQ(base.file, shop.file("bad.arbor.json"));
    EXPECT_EQ(base.field, "arrangement/base");
    EXPECT_EQ(refused("[1, 2]").code, ProblemCode::Malformed);
    EXPECT_EQ(refused(replaced(io::readText(shapeFile("i")).value(), "\"tube\", \"kind\": \"housing\"",
                               "\"tube\", \"kind\": \"pipe\""))
                  .field,
              "parts/0/kind");
    EXPECT_EQ(io::loadWork(shop.file("none")).error().code, ProblemCode::Unreadable);
}

TEST(ArrangementFile, SurvivesEditingTheJob) {
    const TemporaryShop shop;
    auto document = io::loadJob(shop.jobFile()).value();
    const auto before = io::arrangementText(document.job.arrangement);
    document.job.title = "renamed";
    ASSERT_TRUE(io::saveJob(shop.jobFile(), document));
    EXPECT_EQ(io::arrangementText(io::loadWork(shop.jobFile())->arrangement), before);
}

TEST(ArrangementFile, EveryTemplateIsShipped) {
    const auto all = io::shippedTemplates();
    ASSERT_EQ(all.size(), 10u);
    for (const auto& shape : all)
        EXPECT_TRUE(shape.arrangement) << shape.file;
    EXPECT_EQ(all.front().arrangement->id, "A");
    EXPECT_EQ(all.back().arrangement->id, "J");
}
