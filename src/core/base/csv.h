#pragma once

#include "core/base/result.h"

#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace arbor {

/// A comma-separated table with a header line. Lines starting with # and blank lines are skipped, fields may be quoted.
class CsvTable {
public:
    /// What becomes of a row that is no row of the table: the table is refused, or the row is set aside.
    enum class Bad { Refused, Kept };

    /// @param required  columns that must be in the header; further columns are kept
    /// @errors Missing (column, or a row with fewer fields than the header: place "line N"), Malformed (open quote, too
    /// many fields)
    static Result<CsvTable> parse(std::string_view text, const std::vector<std::string>& required,
                                  Bad bad = Bad::Refused);

    /// Rows that were set aside, as they stand, and why.
    const std::vector<std::pair<std::string, Problem>>& bad() const { return m_bad; }
    const std::string& line(std::size_t row) const { return m_rows[row].text; } ///< as it stands

    std::size_t size() const { return m_rows.size(); }
    const std::vector<std::string>& columns() const { return m_columns; }
    bool hasColumn(const std::string& column) const;
    std::string text(std::size_t row, const std::string& column) const; ///< empty when the column is absent

    /// @errors Missing (empty field), Malformed (no number), NotFinite; place "line N, column"
    Result<double> number(std::size_t row, const std::string& column) const;
    /// As number, with `otherwise` for an empty or absent field.
    Result<double> numberOr(std::size_t row, const std::string& column, double otherwise) const;

    std::string place(std::size_t row, const std::string& column) const;

private:
    struct Row {
        std::size_t line;
        std::vector<std::string> fields;
        std::string text;
    };
    Result<void> takeHeader(std::vector<std::string> fields, std::size_t number,
                            const std::vector<std::string>& required);

    std::vector<std::pair<std::string, Problem>> m_bad;
    std::vector<std::string> m_columns;
    std::vector<Row> m_rows;
};

/// The fields of one row, without blanks round them. @errors Malformed (open quote)
Result<std::vector<std::string>> csvFields(std::string_view line, char separator);

/// A field as a row has it: in quotes where it holds a comma or a quote; a line break becomes a blank.
std::string quotedCsv(const std::string& text);

/// A text that begins like a formula, marked as the text it is: spreadsheets would work it out.
std::string withoutFormula(const std::string& text);

/// A whole field as a number in the C locale. @errors Malformed, NotFinite with `place`
Result<double> parseNumber(std::string_view text, const std::string& place);

} // namespace arbor
