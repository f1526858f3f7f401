#include "core/base/json_text.h"

#include <gtest/gtest.h>

using namespace arbor;

TEST(JsonText, NamesLineAndColumn) {
    const auto broken = parseJson("{\n  \"a\": 1,\n  \"b\" 2\n}").error();
    EXPECT_EQ(broken.code, ProblemCode::Malformed);
    EXPECT_TRUE(broken.field.starts_with("line 3, column")) << broken.field;
    EXPECT_EQ(parseJson("").error().code, ProblemCode::Malformed);
    EXPECT_EQ(parseJson("{} x").error().code, ProblemCode::Malformed);
    EXPECT_EQ(parseJson("\xff\xfe{}").error().code, ProblemCode::Malformed);
}

TEST(JsonText, RefusesAKeyGivenTwiceButNotInTwoObjects) {
    const auto twice = parseJson(R"({"a": 1, "b": {"a": 2}, "a": 3})").error();
    EXPECT_EQ(twice.code, ProblemCode::Duplicate);
    EXPECT_EQ(twice.field, "a");
    EXPECT_TRUE(parseJson(R"([{"a": 1}, {"a": 2}, {"b": {"a": 3}}])"));
}

TEST(JsonText, RefusesWhatIsNestedBeyondAllReason) {
    const std::string deep(60'000, '[');
    EXPECT_EQ(parseJson(deep + std::string(60'000, ']')).error().code, ProblemCode::OutOfRange);
    std::string objects;
    for (int i = 0; i < 60'000; ++i)
        objects += R"({"a":)";
    EXPECT_FALSE(parseJson(objects + "1" + std::string(60'000, '}')));
    EXPECT_TRUE(parseJson(std::string(50, '[') + std::string(50, ']')));
}

TEST(JsonText, RefusesKeysThatDoNotBelong) {
    const auto document = parseJson(R"({"id": 1, "length": 2})").value();
    EXPECT_TRUE(onlyKeys(document, {"id", "length", "more"}));
    const auto unknown = onlyKeys(document, {"id"}).error();
    EXPECT_EQ(unknown.code, ProblemCode::UnknownKey);
    EXPECT_EQ(unknown.field, "length");
}
