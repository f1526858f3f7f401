// Tables of tools that other programs wrote, taken apart and made into tools.
#include "core/catalog/table_import.h"

#include <gtest/gtest.h>

using namespace arbor;
using namespace arbor::catalog;

namespace {

ImportedTools imported(std::string_view text, ToolKind kind = ToolKind::Sleeve, const std::vector<Tool>& taken = {}) {
    const auto table = readForeign(text).value();
    return toolsOf(table, matchColumns(table), kind, taken);
}

} // namespace

TEST(TableImport, SemicolonsDecimalCommasAndGermanHeadings) {
    const auto table = readForeign("\xEF\xBB\xBF"
                                   "Nr.;Bezeichnung;Außen-Ø (mm);Innen-Ø (mm);Länge;Lagerort;gehärtet\r\n"
                                   "H1;Hülse, gedreht;61,95;50,5;80;Schublade 3;nein\r\n"
                                   "H2;\"Hülse \"\"kurz\"\"\";40;30,25;35,5;;ja\r\n")
                           .value();
    EXPECT_EQ(table.separator, ';');
    EXPECT_TRUE(table.decimalComma);
    EXPECT_FALSE(table.inch);
    const auto read = toolsOf(table, matchColumns(table), ToolKind::Sleeve, {});
    ASSERT_TRUE(read.bad.empty());
    ASSERT_EQ(read.tools.size(), 2u);
    EXPECT_EQ(read.tools[0].id, "H1");
    EXPECT_EQ(read.tools[0].outsideDia_mm, 61.95);
    EXPECT_EQ(read.tools[0].boreDia_mm, 50.5);
    EXPECT_EQ(read.tools[0].length_mm, 80);
    EXPECT_EQ(read.tools[0].place, "Schublade 3");
    EXPECT_EQ(read.tools[1].name, "Hülse \"kurz\"");
    EXPECT_TRUE(read.tools[1].hardened);
    EXPECT_FALSE(read.tools[0].hardened);
}

TEST(TableImport, InchesAreKnownByTheHeadingsAndBecomeMillimetres) {
    const auto read = imported("Tool\tType\tOD (in)\tID (in)\tLength (in)\n"
                               "A\tsleeve\t2.5\t2\t4\n"
                               "B\twasher\t3\t1\t0.5\n");
    ASSERT_EQ(read.tools.size(), 2u);
    EXPECT_NEAR(read.tools[0].outsideDia_mm, 63.5, 1e-9);
    EXPECT_NEAR(read.tools[0].boreDia_mm, 50.8, 1e-9) << "beside an OD, the ID is a bore";
    EXPECT_EQ(read.tools[1].kind, ToolKind::Disc);
}

TEST(TableImport, IdIsTheNumberWhereNothingIsAnOutside) {
    const auto table = readForeign("ID,name,bore,outside,height\nX1,one,10,20,30\n").value();
    const auto match = matchColumns(table);
    EXPECT_EQ(match.at("id"), 0u);
    EXPECT_EQ(match.at("bore_mm"), 2u);
    EXPECT_EQ(match.at("outside_mm"), 3u);
    EXPECT_EQ(match.at("length_mm"), 4u);
}

TEST(TableImport, ABadRowIsNamedWithItsLineAndTheOthersCome) {
    const auto read = imported("no;type;outside;bore;length\n"
                               "\n"
                               "1;sleeve;60;50;40\n"
                               "2;teapot;60;50;40\n"
                               "3;sleeve;wide;50;40\n"
                               "4;sleeve;60;50;40\n"
                               "4;sleeve;70;50;40\n"
                               "5;sleeve;50;60;40\n");
    ASSERT_EQ(read.tools.size(), 2u);
    EXPECT_EQ(read.tools[1].id, "4");
    ASSERT_EQ(read.bad.size(), 4u);
    EXPECT_EQ(read.bad[0].problem.field, "line 4, kind");
    EXPECT_EQ(read.bad[0].line, "2;teapot;60;50;40");
    EXPECT_EQ(read.bad[1].problem.field, "line 5, outside_mm");
    EXPECT_EQ(read.bad[1].problem.value, "wide");
    EXPECT_EQ(read.bad[2].problem.code, ProblemCode::Duplicate);
    EXPECT_EQ(read.bad[3].problem.field.substr(0, 6), "line 8");
}

TEST(TableImport, RowsWithoutANumberGetTheNextThatIsFree) {
    Tool there;
    there.id = "N1";
    const auto read =
        imported("description|outside|bore|length\none|60|50|40\ntwo|62|50|40\n", ToolKind::Support, {there});
    ASSERT_EQ(read.tools.size(), 2u);
    EXPECT_EQ(read.tools[0].id, "N2");
    EXPECT_EQ(read.tools[1].id, "N3");
    EXPECT_EQ(read.tools[1].kind, ToolKind::Support) << "the kind that was asked for";
}

TEST(TableImport, WhatIsNoTableIsRefused) {
    EXPECT_EQ(readForeign("").error().code, ProblemCode::Missing);
    EXPECT_EQ(readForeign("\n\n  \n").error().code, ProblemCode::Missing);
    EXPECT_EQ(readForeign("just words\nand more\n").error().field, "line 1");
}

TEST(TableImport, WhatIsExportedForASpreadsheetComesBackInEitherLocale) {
    Tool plain, odd;
    plain.id = "S1";
    plain.name = "sleeve 1/2";
    plain.outsideDia_mm = 61.95;
    plain.boreDia_mm = 50.5;
    plain.length_mm = 80;
    odd = plain;
    odd.id = "S2";
    odd.name = "long; \"old\", straight";
    odd.hardened = true;
    for (const bool comma : {false, true}) {
        const auto text = spreadsheetOf({plain, odd}, comma);
        EXPECT_EQ(text.substr(0, 3), "\xEF\xBB\xBF");
        const auto read = imported(text);
        ASSERT_TRUE(read.bad.empty()) << read.bad.front().line;
        EXPECT_EQ(read.tools, (std::vector<Tool>{plain, odd}));
        EXPECT_EQ(readForeign(text)->decimalComma, comma);
    }
}

TEST(TableImport, NoFieldOfAnExportIsTakenForAFormula) {
    Tool tool;
    tool.id = "S1";
    tool.outsideDia_mm = 60;
    tool.boreDia_mm = 50;
    tool.length_mm = 40;
    for (const char* name : {"=1+1", "+A1", "-A1", "@SUM(A1)"}) {
        tool.name = name;
        EXPECT_NE(spreadsheetOf({tool}, false).find("'" + tool.name), std::string::npos) << name;
    }
}
