#include "core/base/csv.h"

#include <algorithm>
#include <charconv>
#include <cmath>

namespace arbor {

namespace {

std::string_view trimmed(std::string_view s) {
    const auto first = s.find_first_not_of(" \t\r");
    return first == std::string_view::npos ? std::string_view{}
                                           : s.substr(first, s.find_last_not_of(" \t\r") - first + 1);
}

} // namespace

Result<std::vector<std::string>> csvFields(std::string_view line, char separator) {
    std::vector<std::string> fields(1);
    bool quoted = false;
    for (std::size_t i = 0; i < line.size(); ++i) {
        const char c = line[i];
        if (quoted && c == '"' && i + 1 < line.size() && line[i + 1] == '"') {
            fields.back() += '"';
            ++i;
        } else if (c == '"') {
            quoted = !quoted;
        } else if (c == separator && !quoted) {
            fields.emplace_back();
        } else {
            fields.back() += c;
        }
    }
    if (quoted) return refuse(ProblemCode::Malformed, {}, "open quote", wanted("a closing quote"));
    for (auto& f : fields)
        f = std::string(trimmed(f));
    return fields;
}

Result<double> parseNumber(std::string_view text, const std::string& place) {
    auto digits = trimmed(text);
    if (!digits.empty() && digits.front() == '+') digits.remove_prefix(1);
    double value = 0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (error != std::errc{} || end != digits.data() + digits.size() || digits.empty())
        return refuse(ProblemCode::Malformed, place, std::string(text), wanted("a number"));
    if (!std::isfinite(value))
        return refuse(ProblemCode::NotFinite, place, std::string(text), wanted("a finite number"));
    return value;
}

Result<void> CsvTable::takeHeader(std::vector<std::string> fields, std::size_t number,
                                  const std::vector<std::string>& required) {
    m_columns = std::move(fields);
    for (const auto& column : required)
        if (!hasColumn(column))
            return refuse(ProblemCode::Missing, "line " + std::to_string(number), column,
                          wanted("a column of this name"));
    return {};
}

Result<CsvTable> CsvTable::parse(std::string_view text, const std::vector<std::string>& required, Bad bad) {
    CsvTable table;
    std::size_t number = 0;
    while (!text.empty()) {
        const auto end = text.find('\n');
        const auto line = trimmed(text.substr(0, end));
        text = end == std::string_view::npos ? std::string_view{} : text.substr(end + 1);
        ++number;
        if (line.empty() || line.front() == '#') continue;
        auto fields = csvFields(line, ',');
        if (!fields) fields.error().field = "line " + std::to_string(number);
        if (table.m_columns.empty()) {
            if (!fields) return tl::unexpected(fields.error());
            if (auto ok = table.takeHeader(std::move(*fields), number, required); !ok)
                return tl::unexpected(ok.error());
            continue;
        }
        if (fields && fields->size() != table.m_columns.size())
            fields = refuse(fields->size() < table.m_columns.size() ? ProblemCode::Missing : ProblemCode::Malformed,
                            "line " + std::to_string(number), std::to_string(fields->size()) + " fields",
                            wanted("{1} fields", std::to_string(table.m_columns.size())));
        if (fields)
            table.m_rows.push_back({number, std::move(*fields), std::string(line)});
        else if (bad == Bad::Kept)
            table.m_bad.emplace_back(line, fields.error());
        else
            return tl::unexpected(fields.error());
    }
    if (table.m_columns.empty()) return refuse(ProblemCode::Missing, "line 1", {}, wanted("a header line"));
    return table;
}

bool CsvTable::hasColumn(const std::string& column) const {
    return std::find(m_columns.begin(), m_columns.end(), column) != m_columns.end();
}

std::string CsvTable::text(std::size_t row, const std::string& column) const {
    const auto at = std::find(m_columns.begin(), m_columns.end(), column) - m_columns.begin();
    const auto i = static_cast<std::size_t>(at);
    return i < m_columns.size() ? m_rows[row].fields[i] : std::string{};
}

std::string CsvTable::place(std::size_t row, const std::string& column) const {
    return "line " + std::to_string(m_rows[row].line) + ", " + column;
}

Result<double> CsvTable::number(std::size_t row, const std::string& column) const {
    const auto field = text(row, column);
    if (field.empty()) return refuse(ProblemCode::Missing, place(row, column), {}, wanted("a number"));
    return parseNumber(field, place(row, column));
}

Result<double> CsvTable::numberOr(std::size_t row, const std::string& column, double otherwise) const {
    return text(row, column).empty() ? Result<double>(otherwise) : number(row, column);
}

std::string quotedCsv(const std::string& text) {
    if (text.find_first_of(",\"\n") == std::string::npos) return text;
    std::string out = "\"";
    for (const char c : text)
        out += c == '"' ? std::string("\"\"") : std::string(1, c == '\n' ? ' ' : c);
    return out + "\"";
}

std::string withoutFormula(const std::string& text) {
    const bool formula = !text.empty() && std::string_view("=+-@\t\r").find(text.front()) != std::string_view::npos;
    return formula && !parseNumber(text, {}) ? "'" + text : text;
}

} // namespace arbor
