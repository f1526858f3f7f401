#pragma once

#include "core/catalog/rack.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace arbor::catalog {

/// A table of tools as some other program wrote it: who knows what parts its columns, and how it writes a decimal.
struct ForeignTable {
    char separator = ',';
    bool decimalComma = false;
    bool inch = false; ///< by its headings
    std::vector<std::string> columns;
    struct Row {
        std::size_t line = 0; ///< of the file, from 1
        std::string text;     ///< as it stands
        std::vector<std::string> fields;
    };
    std::vector<Row> rows;
};

/// Takes a table apart: the separator is the one that gives most rows as many fields as its heading has, a decimal
/// comma is seen by its numbers, inches by its headings. The first line that is not blank is the heading.
/// @errors Missing where there is no heading, or only one column
Result<ForeignTable> readForeign(std::string_view text);

/// Which column is which of rackColumns(), by its heading in English or German; a field that no column is, is not in
/// it. "ID" is the bore where there is an "OD" too, else the number.
using ColumnMatch = std::map<std::string, std::size_t>;
ColumnMatch matchColumns(const ForeignTable& table);

struct ImportedTools {
    std::vector<Tool> tools;
    std::vector<BadRow> bad; ///< rows that make no tool, and why
};

/// The tools of a table. What it does not say of a tool is not guessed, but for its kind and its number.
/// @param kind  of rows whose kind is not said  @param taken  numbers that others have: rows without one get the next
ImportedTools toolsOf(const ForeignTable& table, const ColumnMatch& match, ToolKind kind,
                      const std::vector<Tool>& taken);

/// What spreadsheets open without asking: a mark of its encoding, the separator and decimal sign of the reader's
/// locale, no field that would be taken for a formula. readForeign takes it apart again.
std::string spreadsheetOf(const std::vector<Tool>& tools, bool decimalComma);

} // namespace arbor::catalog
