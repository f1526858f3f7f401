#include "io/entry/size_entry.h"
#include "io/entry/tool_entry.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::io;

namespace {

struct Entry {
    const char* typed;
    double mm;
};

ProblemCode codeOf(const std::string& typed) {
    const auto length = parseLength(typed);
    EXPECT_FALSE(length) << typed;
    return length ? ProblemCode::Duplicate : length.error().code;
}

} // namespace

TEST(Length, AsAMachinistWritesIt) {
    const Entry entries[] = {{"61.987", 61.987},    {"2.4405 in", 61.9887},
                             {"2.4405\"", 61.9887}, {"1 7/16 in", 36.5125},
                             {"7/16 in", 11.1125},  {"62-0.013", 61.987},
                             {"62 + 2*0.5", 63},    {"(120-58)/2", 31},
                             {"12 um", 0.012},      {"12µm", 0.012},
                             {"12 μm", 0.012},      {"5 thou", 0.127},
                             {"61,987", 61.987},    {"Ø62", 62},
                             {"−0.5", -0.5},        {"  62 mm ", 62}};
    for (const auto& e : entries) {
        const auto length = parseLength(e.typed);
        ASSERT_TRUE(length) << e.typed;
        EXPECT_NEAR(*length, e.mm, 1e-9) << e.typed;
    }
}

TEST(Length, WithoutAUnitTakesTheJobsOwn) {
    EXPECT_NEAR(*parseLength("2.4405", 25.4), 61.9887, 1e-9);
    EXPECT_NEAR(*parseLength("62 mm", 25.4), 62, 1e-9);
}

TEST(Length, RefusesWhatIsNoSize) {
    for (const char* typed : {"", " ", "abc", "62 x", "62 62", "1..2", "sin(1)", "62 N7", "in", "1,2,3", "()", "62-"})
        EXPECT_EQ(codeOf(typed), ProblemCode::Malformed) << typed;
    EXPECT_EQ(codeOf("1/0"), ProblemCode::NotFinite);
    EXPECT_EQ(codeOf("nan"), ProblemCode::Malformed);
    EXPECT_EQ(parseLength("62 x").error().value, "62 x");
}

TEST(Length, AnyTextIsReadOrRefusedButNeverThrows) {
    EXPECT_TRUE(rc::check("total", [](const std::string& typed) {
        parseLength(typed);
        parseSize(typed, 62);
        parseMeasured(typed);
    }));
}

TEST(Size, TakesClassesWithAndWithoutNominal) {
    const auto size = parseSize("62 N7", 0).value();
    EXPECT_EQ(size.nominal_mm, 62);
    EXPECT_EQ(size.toleranceClass->text(), "N7");
    EXPECT_EQ(size.typed, "62 N7");
    EXPECT_EQ(parseSize("62N7", 0)->toleranceClass->text(), "N7");
    EXPECT_EQ(parseSize("JS7", 62)->nominal_mm, 62);
    EXPECT_NEAR(parseSize("2.5 in H7", 0)->nominal_mm, 63.5, 1e-9);
}

TEST(Size, TakesLimitsInEitherOrderAndUnit) {
    EXPECT_EQ(parseSize("62 -9/-39 um", 0)->deviation_mm, (Interval{-39 * 1e-3, -9 * 1e-3}));
    EXPECT_EQ(parseSize("62 -39/-9 um", 0)->deviation_mm, (Interval{-39 * 1e-3, -9 * 1e-3}));
    EXPECT_EQ(parseSize("62 +0.03/0", 0)->deviation_mm, (Interval{0, 0.03}));
    const auto contextual = parseSize("+3/-12 um", 40).value();
    EXPECT_EQ(contextual.nominal_mm, 40);
    EXPECT_NEAR(contextual.deviation_mm.lower, -0.012, 1e-12);
    EXPECT_NEAR(contextual.deviation_mm.upper, 0.003, 1e-12);
    EXPECT_EQ(parseSize("62 ±0.01", 0)->deviation_mm, (Interval{-0.01, 0.01}));
    EXPECT_NEAR(parseSize("2.44 +0.001/-0.0005 in", 0)->deviation_mm.upper, 0.0254, 1e-9);
}

TEST(Size, RefusesWithAReason) {
    const auto code = [](const char* typed) { return parseSize(typed, 0).error().code; };
    EXPECT_EQ(code("62"), ProblemCode::Malformed);
    EXPECT_EQ(code("N7"), ProblemCode::NotPositive); // no nominal anywhere
    EXPECT_EQ(code("-62 N7"), ProblemCode::NotPositive);
    EXPECT_EQ(code("62 -9/-39"), ProblemCode::OutOfRange); // 39 mm: micrometres were meant
    EXPECT_EQ(code("62 N7 mm"), ProblemCode::Malformed);
}

TEST(Size, MovedToAnotherNominalReadsAsItSays) {
    for (const char* typed : {"62 N7", "62 -9/-39 um", "62 +0.03/0", "62 ±0.0125"}) {
        const auto moved = onNominal(parseSize(typed, 0).value(), 80);
        auto again = parseSize(moved.typed, 0).value();
        EXPECT_EQ(again.nominal_mm, 80) << moved.typed;
        EXPECT_EQ(again.toleranceClass, moved.toleranceClass) << moved.typed;
        EXPECT_NEAR(again.deviation_mm.lower, moved.deviation_mm.lower, 1e-9) << moved.typed;
        EXPECT_NEAR(again.deviation_mm.upper, moved.deviation_mm.upper, 1e-9) << moved.typed;
    }
    EXPECT_EQ(onNominal(parseSize("62 -9/-39 um", 0).value(), 80).typed, "80 -9/-39 um");
}

TEST(Measured, CarriesItsUncertainty) {
    const auto m = parseMeasured("61.978 ±2um").value();
    EXPECT_NEAR(m.value_mm, 61.978, 1e-12);
    EXPECT_NEAR(m.uncertainty_mm, 0.002, 1e-12);
    EXPECT_EQ(m.typed, "61.978 ±2um");
    EXPECT_NEAR(parseMeasured("61.978 +- 0.003")->uncertainty_mm, 0.003, 1e-12);
    EXPECT_NEAR(parseMeasured("61.978")->uncertainty_mm, 0.002, 1e-12);
    EXPECT_NEAR(parseMeasured("2.4401 in ±0.0001 in")->uncertainty_mm, 0.00254, 1e-9);
    EXPECT_FALSE(parseMeasured("61.978 ±x"));
    EXPECT_FALSE(parseMeasured("61.978 ±-2um"));
    EXPECT_EQ(parseMeasured("-1").error().code, ProblemCode::NotPositive);
}

TEST(Reading, LastDigitsStandForTheSizeNextToTheNominal) {
    EXPECT_NEAR(io::parseReading("978", 62).value(), 61.978, 1e-9);
    EXPECT_NEAR(io::parseReading("012", 62).value(), 62.012, 1e-9);
    EXPECT_NEAR(io::parseReading("61.978", 62).value(), 61.978, 1e-9);
    EXPECT_NEAR(io::parseReading("2.4401 in", 62).value(), 2.4401 * 25.4, 1e-9);
    EXPECT_NEAR(io::parseReading("4401", 62, 25.4).value(), 2.4401 * 25.4, 1e-9);
    EXPECT_NEAR(io::parseReading("9998", 25.4, 25.4).value(), 0.9998 * 25.4, 1e-9);
    EXPECT_NEAR(io::parseReading("45", 45).value(), 45, 1e-9) << "two digits are a size";
    EXPECT_FALSE(io::parseReading("0", 62));
    EXPECT_FALSE(io::parseReading("6.2.1", 62));
}

// What is kept goes into the job file, where nothing stands beside it: it must come back as it was meant.
TEST(SizeEntry, WhatIsKeptIsReadAgainWithoutContext) {
    for (const double unit : {1.0, 25.4})
        for (const char* typed : {"N7", "+3/-12 um", "+0.0003/-0.0005", "+-0.0002", "62 mm N7", "62 mm -9/-39 um",
                                  "2.4409 in N7", "2.4409 in +0.0003/-0.0005 in", "2.5 N7", "2.5 +0.001/0"}) {
            const auto meant = io::parseSize(typed, 62, unit);
            ASSERT_TRUE(meant) << typed << " " << unit;
            const auto again = io::parseSize(meant->typed, 0);
            ASSERT_TRUE(again) << typed << " kept as " << meant->typed;
            EXPECT_NEAR(again->nominal_mm, meant->nominal_mm, 1e-9) << meant->typed;
            EXPECT_EQ(again->toleranceClass, meant->toleranceClass) << meant->typed;
            EXPECT_NEAR(again->deviation_mm.lower, meant->deviation_mm.lower, 1e-9) << meant->typed;
            EXPECT_NEAR(again->deviation_mm.upper, meant->deviation_mm.upper, 1e-9) << meant->typed;
        }
    for (const char* typed : {"2.4401", "2.4401 ±0.0001", "61.978 mm", "2 7/16", "2.4401 in +- 2um"}) {
        const auto meant = io::parseMeasured(typed, 25.4);
        ASSERT_TRUE(meant) << typed;
        const auto again = io::parseMeasured(meant->typed);
        ASSERT_TRUE(again) << typed << " kept as " << meant->typed;
        EXPECT_NEAR(again->value_mm, meant->value_mm, 1e-9) << meant->typed;
        EXPECT_NEAR(again->uncertainty_mm, meant->uncertainty_mm, 1e-12) << meant->typed;
    }
    EXPECT_EQ(io::parseMeasured("61.978 ±2um")->typed, "61.978 ±2um") << "what needs nothing stays as typed";
    EXPECT_EQ(io::parseSize("N7", 62)->typed, "62 N7");
}

TEST(ToolEntry, ReadsThreeSizesOrTwo) {
    const auto tube = parseTool("61.2 / 54.6 \xC3\x97 72", catalog::ToolKind::Sleeve).value();
    EXPECT_EQ(tube.outsideDia_mm, 61.2);
    EXPECT_EQ(tube.boreDia_mm, 54.6);
    EXPECT_EQ(tube.length_mm, 72);
    EXPECT_EQ(parseTool("\xC3\x98"
                        "50x20",
                        catalog::ToolKind::Disc)
                  ->length_mm,
              20);
    EXPECT_EQ(parseTool("50/30x20", catalog::ToolKind::Support)->boreDia_mm, 30);
    EXPECT_NEAR(parseTool("2 1/2 / 2 1/4 x 3", catalog::ToolKind::Sleeve, 25.4)->boreDia_mm, 57.15, 1e-9);
}

TEST(ToolEntry, RefusesWhatMakesNoToolWithTheSizeThatIsWrong) {
    EXPECT_EQ(parseTool("", catalog::ToolKind::Sleeve).error().code, ProblemCode::Malformed);
    EXPECT_EQ(parseTool("60", catalog::ToolKind::Sleeve).error().field, "sizes");
    EXPECT_EQ(parseTool("60 / 50 / 40 / 30", catalog::ToolKind::Sleeve).error().field, "sizes");
    EXPECT_EQ(parseTool("50 / 60 x 20", catalog::ToolKind::Sleeve).error().field, "bore_mm");
    EXPECT_FALSE(parseTool("a / b x c", catalog::ToolKind::Sleeve));
}
