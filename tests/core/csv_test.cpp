#include "core/base/csv.h"
#include "core/base/json_text.h"

#include <gtest/gtest.h>

using namespace arbor;

TEST(Csv, ReadsQuotedFieldsCommentsAndBlankLines) {
    const auto table = CsvTable::parse("# shop\n\na,b\n1,\"x, \"\"y\"\"\"\n\n 2 , z \n", {"a"}).value();
    ASSERT_EQ(table.size(), 2u);
    EXPECT_EQ(table.text(0, "b"), "x, \"y\"");
    EXPECT_EQ(table.number(1, "a").value(), 2);
    EXPECT_EQ(table.place(1, "b"), "line 6, b");
    EXPECT_EQ(table.text(0, "absent"), "");
    EXPECT_EQ(table.numberOr(0, "absent", 7).value(), 7);
}

TEST(Csv, ReadsWindowsLineEnds) {
    const auto table = CsvTable::parse("a,b\r\n1,2\r\n", {"a", "b"}).value();
    EXPECT_EQ(table.number(0, "b").value(), 2);
}

TEST(Csv, NamesThePlaceOfWhatIsWrong) {
    EXPECT_EQ(CsvTable::parse("a,b\n1\n", {"a"}).error().field, "line 2");
    EXPECT_EQ(CsvTable::parse("a,b\n1,2,3\n", {"a"}).error().code, ProblemCode::Malformed);
    EXPECT_EQ(CsvTable::parse("a\n1\n", {"a", "b"}).error().value, "b");
    EXPECT_EQ(CsvTable::parse("a,b\n\"1,2\n", {"a"}).error().value, "open quote");
    const auto table = CsvTable::parse("a,b\nx,\n", {"a"}).value();
    EXPECT_EQ(table.number(0, "a").error().code, ProblemCode::Malformed);
    EXPECT_EQ(table.number(0, "a").error().field, "line 2, a");
    EXPECT_EQ(table.number(0, "b").error().code, ProblemCode::Missing);
}

TEST(Csv, NumbersAreWholeFieldsInTheCLocale) {
    EXPECT_EQ(parseNumber("+1.5", "p").value(), 1.5);
    EXPECT_EQ(parseNumber("-1e3", "p").value(), -1000);
    for (const char* bad : {"1,5", "1.5mm", "", " ", "--1", "0x10", "1 2"})
        EXPECT_FALSE(parseNumber(bad, "p")) << bad;
    EXPECT_EQ(parseNumber("inf", "p").error().code, ProblemCode::NotFinite);
}

TEST(JsonText, RefusesDoubledKeysAtAnyDepth) {
    EXPECT_TRUE(parseJson(R"({"a":{"x":1},"b":{"x":1}})"));
    EXPECT_EQ(parseJson(R"({"a":{"x":1,"x":2}})").error().code, ProblemCode::Duplicate);
    EXPECT_EQ(parseJson("{\"a\":1,\n\"b\":}").error().field, "line 2, column 5");
    EXPECT_EQ(parseJson("").error().code, ProblemCode::Malformed);
    EXPECT_FALSE(parseJson("{\"a\":1e999}"));
}
