#include "core/catalog/table_import.h"

#include "core/base/csv.h"
#include "core/base/number.h"

#include <algorithm>
#include <cctype>
#include <set>

namespace arbor::catalog {

namespace {

constexpr double kInch_mm = 25.4;
constexpr const char* kMark = "\xEF\xBB\xBF"; // of UTF-8

/// Headings, as small letters and figures only, and the field they mean. Those of the rack's own file come besides.
struct Heading {
    const char* words;
    const char* field;
};
constexpr Heading kHeadings[] = {{"no", "id"},
                                 {"nr", "id"},
                                 {"number", "id"},
                                 {"nummer", "id"},
                                 {"toolno", "id"},
                                 {"tool", "id"},
                                 {"werkzeug", "id"},
                                 {"inventory", "id"},
                                 {"type", "kind"},
                                 {"typ", "kind"},
                                 {"art", "kind"},
                                 {"description", "name"},
                                 {"bezeichnung", "name"},
                                 {"benennung", "name"},
                                 {"od", "outside_mm"},
                                 {"outside", "outside_mm"},
                                 {"outsidedia", "outside_mm"},
                                 {"outsidediameter", "outside_mm"},
                                 {"outerdiameter", "outside_mm"},
                                 {"outer", "outside_mm"},
                                 {"da", "outside_mm"},
                                 {"aussen", "outside_mm"},
                                 {"aussendurchmesser", "outside_mm"},
                                 {"bore", "bore_mm"},
                                 {"inside", "bore_mm"},
                                 {"insidedia", "bore_mm"},
                                 {"insidediameter", "bore_mm"},
                                 {"innerdiameter", "bore_mm"},
                                 {"di", "bore_mm"},
                                 {"innen", "bore_mm"},
                                 {"innendurchmesser", "bore_mm"},
                                 {"bohrung", "bore_mm"},
                                 {"length", "length_mm"},
                                 {"height", "length_mm"},
                                 {"thickness", "length_mm"},
                                 {"l", "length_mm"},
                                 {"h", "length_mm"},
                                 {"laenge", "length_mm"},
                                 {"hoehe", "length_mm"},
                                 {"dicke", "length_mm"},
                                 {"location", "place"},
                                 {"drawer", "place"},
                                 {"shelf", "place"},
                                 {"ort", "place"},
                                 {"lagerort", "place"},
                                 {"schublade", "place"},
                                 {"zustand", "condition"},
                                 {"gewinde", "thread"},
                                 {"capacity", "capacity_N"},
                                 {"hardened", "hardened"},
                                 {"gehaertet", "hardened"}};

/// Words that a kind is called by in such tables, beside the rack's own.
constexpr std::pair<const char*, ToolKind> kKindWords[] = {
    {"press sleeve", ToolKind::Sleeve}, {"tube", ToolKind::Sleeve},           {"driver", ToolKind::Sleeve},
    {"presshülse", ToolKind::Sleeve},   {"hülse", ToolKind::Sleeve},          {"scheibe", ToolKind::Disc},
    {"washer", ToolKind::Disc},         {"support ring", ToolKind::Support},  {"stützring", ToolKind::Support},
    {"platte", ToolKind::Plate},        {"distanz", ToolKind::Spacer},        {"puller", ToolKind::JawPuller},
    {"abzieher", ToolKind::JawPuller},  {"trennmesser", ToolKind::Separator}, {"draw bolt", ToolKind::DrawBolt},
    {"dorn", ToolKind::Drift},          {"v-blocks", ToolKind::Blocks}};

std::string small(std::string text) {
    for (const auto& [from, to] : {std::pair{"Ä", "ae"},
                                   {"ä", "ae"},
                                   {"Ö", "oe"},
                                   {"ö", "oe"},
                                   {"Ü", "ue"},
                                   {"ü", "ue"},
                                   {"ß", "ss"},
                                   {"Ø", ""},
                                   {"ø", ""}})
        for (std::size_t at; (at = text.find(from)) != std::string::npos;)
            text.replace(at, std::string(from).size(), to);
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

/// Letters and figures of a heading, without its unit: "Outside Ø (mm)" is "outside".
std::string wordsOf(const std::string& heading) {
    auto text = small(heading);
    if (const auto unit = text.find_first_of("(["); unit != std::string::npos && unit > 0) text.resize(unit);
    std::erase_if(text, [](unsigned char c) { return !std::isalnum(c); });
    for (const std::string unit : {"inch", "mm", "in"})
        if (text.size() > unit.size() + 1 && text.ends_with(unit) && text != "outsidein") {
            text.resize(text.size() - unit.size());
            break;
        }
    return text;
}

/// A row with an open quote is one field, and so no row of the table.
std::vector<std::string> fieldsOf(std::string_view line, char separator) {
    const auto fields = csvFields(line, separator);
    return fields ? *fields : std::vector<std::string>{std::string(line)};
}

struct Line {
    std::size_t number;
    std::string_view text;
};
std::vector<Line> linesOf(std::string_view text) {
    if (text.starts_with(kMark)) text.remove_prefix(3);
    std::vector<Line> out;
    for (std::size_t number = 1; !text.empty(); ++number) {
        const auto end = text.find('\n');
        auto line = text.substr(0, end);
        text = end == std::string_view::npos ? std::string_view{} : text.substr(end + 1);
        if (!line.empty() && line.back() == '\r') line.remove_suffix(1);
        const bool blank = line.find_first_not_of(" \t,;|") == std::string_view::npos;
        if (!blank && line.front() != '#') out.push_back({number, line});
    }
    return out;
}

/// How many rows have as many fields as the heading; nothing where that is one column only.
std::size_t agreeing(const std::vector<Line>& lines, char separator) {
    const auto columns = fieldsOf(lines.front().text, separator).size();
    if (columns < 2) return 0;
    return columns + 1000 * static_cast<std::size_t>(std::count_if(lines.begin(), lines.end(), [&](const Line& line) {
                         return fieldsOf(line.text, separator).size() == columns;
                     }));
}

bool looksLikeCommaNumber(const std::string& field) {
    const auto comma = field.find(',');
    const auto isFigure = [](char c) { return c >= '0' && c <= '9'; };
    return comma != std::string::npos && comma > 0 && comma + 1 < field.size() && isFigure(field.front()) &&
           std::all_of(field.begin(), field.end(), [&](char c) { return c == ',' || isFigure(c); });
}

std::optional<ToolKind> kindCalled(const std::string& said) {
    const auto text = small(said);
    for (const auto kind : kToolKinds)
        if (text == name(kind)) return kind;
    for (const auto& [word, kind] : kKindWords)
        if (text == small(word)) return kind;
    return std::nullopt;
}

bool isSize(const std::string& field) {
    return field.ends_with("_mm");
}

/// One row brought into the rack's own columns.
std::string ownRow(const ForeignTable& table, const ForeignTable::Row& row, const ColumnMatch& match, ToolKind kind,
                   const std::string& id) {
    std::string out;
    for (const auto& field : rackColumns()) {
        const auto at = match.find(field);
        auto value = at != match.end() && at->second < row.fields.size() ? row.fields[at->second] : std::string();
        if (field == "id" && value.empty()) value = id;
        if (field == "kind") {
            const auto said = kindCalled(value);
            value = said ? std::string(name(*said)) : value.empty() ? std::string(name(kind)) : value;
        }
        if (isSize(field) || field == "capacity_N" || field == "ram_area_mm2") {
            if (table.decimalComma) std::replace(value.begin(), value.end(), ',', '.');
            const auto number = readNumber(value);
            if (number && isSize(field) && table.inch) value = plain(*number * kInch_mm);
        }
        if (field == "hardened" || field == "thrust_bearing") {
            const auto said = small(value);
            value = said == "ja" || said == "y" || said == "x" || said == "yes" || said == "1" ? "yes"
                    : said == "nein" || said == "n" || said == "no" || said == "0"             ? "no"
                                                                                               : value;
        }
        out += (out.empty() ? "" : ",") + quotedCsv(value);
    }
    return out;
}

std::string ownHeader() {
    std::string out;
    for (const auto& field : rackColumns())
        out += (out.empty() ? "" : ",") + field;
    return out;
}

} // namespace

Result<ForeignTable> readForeign(std::string_view text) {
    const auto lines = linesOf(text);
    if (lines.empty()) return refuse(ProblemCode::Missing, "line 1", {}, wanted("a header line"));
    ForeignTable out;
    std::size_t best = 0;
    for (const char separator : {',', ';', '\t', '|'})
        if (const auto agree = agreeing(lines, separator); agree > best) {
            best = agree;
            out.separator = separator;
        }
    if (best == 0)
        return refuse(ProblemCode::Missing, "line " + std::to_string(lines.front().number),
                      std::string(lines.front().text), wanted("columns parted by a comma, a semicolon or a tab"));
    out.columns = fieldsOf(lines.front().text, out.separator);
    for (std::size_t i = 1; i < lines.size(); ++i)
        out.rows.push_back({lines[i].number, std::string(lines[i].text), fieldsOf(lines[i].text, out.separator)});
    for (const auto& row : out.rows)
        out.decimalComma = out.decimalComma || std::any_of(row.fields.begin(), row.fields.end(), looksLikeCommaNumber);
    out.inch = std::any_of(out.columns.begin(), out.columns.end(), [](const std::string& heading) {
        const auto said = small(heading);
        return said.find("inch") != std::string::npos || said.find("(in)") != std::string::npos ||
               said.find("[in]") != std::string::npos || said.ends_with("_in") || said.ends_with(" in");
    });
    return out;
}

namespace {

/// The field a heading means; empty: none that is known.
std::string fieldMeant(const std::string& heading) {
    const auto fields = rackColumns();
    const auto words = wordsOf(heading);
    for (const auto& field : fields)
        if (small(heading) == field || wordsOf(field) == words) return field;
    const auto known =
        std::find_if(std::begin(kHeadings), std::end(kHeadings), [&](const Heading& h) { return words == h.words; });
    return known == std::end(kHeadings) ? std::string() : known->field;
}

std::string fieldIn(const ForeignTable::Row& row, const ColumnMatch& match, const std::string& field) {
    const auto at = match.find(field);
    return at != match.end() && at->second < row.fields.size() ? row.fields[at->second] : std::string();
}

/// The same problem, in the line it has in the file.
Problem inLine(Problem problem, std::size_t line) {
    const std::string here = "line 2"; // below the heading it was read with
    if (problem.field.starts_with(here)) problem.field.replace(0, here.size(), "line " + std::to_string(line));
    return problem;
}

} // namespace

ColumnMatch matchColumns(const ForeignTable& table) {
    ColumnMatch out;
    const auto& columns = table.columns;
    const bool hasOutside = std::any_of(columns.begin(), columns.end(),
                                        [](const std::string& heading) { return wordsOf(heading) == "od"; });
    for (std::size_t c = 0; c < columns.size(); ++c) {
        const auto field = hasOutside && wordsOf(columns[c]) == "id" ? "bore_mm" : fieldMeant(columns[c]);
        if (!field.empty()) out.try_emplace(field, c);
    }
    return out;
}

ImportedTools toolsOf(const ForeignTable& table, const ColumnMatch& match, ToolKind kind,
                      const std::vector<Tool>& taken) {
    ImportedTools out;
    std::set<std::string> theirs, all;
    for (const auto& tool : taken)
        all.insert(tool.id);
    for (const auto& row : table.rows)
        all.insert(fieldIn(row, match, "id"));
    int number = 0;
    const auto head = ownHeader();
    for (const auto& row : table.rows) {
        auto id = fieldIn(row, match, "id");
        while (id.empty() || (fieldIn(row, match, "id").empty() && !all.insert(id).second))
            id = "N" + std::to_string(++number);
        auto read = parseTools(head + "\n" + ownRow(table, row, match, kind, id) + "\n");
        if (read && !theirs.insert(id).second)
            read = refuse(ProblemCode::Duplicate, "line 2, id", id, wanted("each number once"));
        if (read)
            out.tools.push_back(std::move(read->front()));
        else
            out.bad.push_back({row.text, inLine(read.error(), row.line)});
    }
    return out;
}

namespace {

std::string spreadsheetField(std::string field, char separator) {
    if (separator == ';' && parseNumber(field, {})) std::replace(field.begin(), field.end(), '.', ',');
    field = withoutFormula(field);
    if (field.find_first_of(std::string("\"\n") + separator) == std::string::npos) return field;
    std::string out = "\"";
    for (const char c : field)
        out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

} // namespace

std::string spreadsheetOf(const std::vector<Tool>& tools, bool decimalComma) {
    const char separator = decimalComma ? ';' : ',';
    std::string out = kMark;
    const auto table = writeTools(tools);
    for (const auto& line : linesOf(table)) {
        bool first = true;
        for (const auto& field : fieldsOf(line.text, ',')) {
            out += (first ? std::string() : std::string(1, separator)) + spreadsheetField(field, separator);
            first = false;
        }
        out += "\r\n";
    }
    return out;
}

} // namespace arbor::catalog
