// The second language: that nothing is left out of it, and that numbers stay numbers.
#include "io/table_files.h"
#include "language/catalogue.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

using namespace arbor;
using words::tr;

namespace {

bool isTranslated(const std::string& text) {
    static const language::Catalogue german(QLocale("de"), QLocale("de"));
    return !german.translate("arbor", text.c_str(), nullptr, -1).isEmpty();
}

/// Every kind, with nothing of {its places} left over.
template <class... Kind>
void expectWhole(found::Kinds<Kind...> /*all*/) {
    for (const auto& advice : {Advice{Kind{}, Severity::Stop}...}) {
        const auto said = words::say(advice, words::Display()).line();
        EXPECT_FALSE(said.empty()) << advice.key();
        EXPECT_EQ(said.find('{'), std::string::npos) << said;
    }
}

} // namespace

TEST(German, NamesThatShipAreInTheCatalogue) {
    const auto tables = io::loadTables();
    ASSERT_TRUE(tables);
    for (const auto& [key, material] : tables->materials)
        EXPECT_TRUE(isTranslated(material.name)) << material.name;
    for (const auto& source : tables->heatSources)
        EXPECT_TRUE(isTranslated(source.name)) << source.name;
    for (const auto& band : tables->endPlay)
        EXPECT_TRUE(isTranslated(band.name)) << band.name;
    int shapes = 0;
    for (const auto& file : std::filesystem::directory_iterator(ARBOR_SOURCE_DIR "/data/templates")) {
        std::ifstream in(file.path());
        auto shape = nlohmann::json::parse(in);
        EXPECT_TRUE(isTranslated(shape["title"])) << shape["title"];
        for (auto& part : shape["parts"])
            for (const char* key : {"label", "lines_up_with"})
                EXPECT_TRUE(!part.contains(key) || isTranslated(part[key])) << part[key];
        ++shapes;
    }
    EXPECT_EQ(shapes, 10);
    EXPECT_FALSE(isTranslated("Turret housing")) << "what a shop calls its own";
}

TEST(German, FindingsAndRefusalsAreWhole) {
    const language::Spoken german("de");
    expectWhole(found::All{});
    EXPECT_EQ(words::say(Problem{ProblemCode::OutOfRange, "depth", "70", wanted("under {1} mm", "62.5")}),
              "depth: “70” ist außerhalb des Bereichs; erwartet: unter 62.5 mm");
    EXPECT_EQ(words::say(Problem{ProblemCode::UnknownName, "tool", "S9", asListed("S1, S2")}),
              "tool: “S9” ist nicht bekannt; erwartet: S1, S2");
}

TEST(German, NumbersCountedThingsAndNouns) {
    const language::Spoken german("de");
    EXPECT_EQ(words::Display().force(1390).text(), "1,39 kN");
    EXPECT_EQ(tr("%n readings", nullptr, 1).text(), "1 Ablesung");
    EXPECT_EQ(tr("%n readings", nullptr, 3).text(), "3 Ablesungen");
    EXPECT_EQ(words::shippedName("Castle nut"), "Kronenmutter");
    EXPECT_EQ(words::subjectWord("outer ring"), "Außenring");
}

TEST(English, CountedThingsAreOneOrMany) {
    const language::Spoken english("en");
    EXPECT_EQ(tr("%n readings", nullptr, 1).text(), "1 reading");
    EXPECT_EQ(tr("%n readings", nullptr, 3).text(), "3 readings");
    EXPECT_EQ(words::Display().force(1390).text(), "1.39 kN");
}
