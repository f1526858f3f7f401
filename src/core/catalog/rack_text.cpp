#include "core/base/csv.h"
#include "core/catalog/rack.h"

#include <algorithm>
#include <set>

namespace arbor::catalog {

namespace {

struct SizeColumn {
    const char* name;
    double Tool::*size;
    bool always = false; ///< written even where no tool needs it
};
constexpr SizeColumn kSizes[] = {{"outside_mm", &Tool::outsideDia_mm, true},
                                 {"bore_mm", &Tool::boreDia_mm, true},
                                 {"length_mm", &Tool::length_mm, true},
                                 {"head_dia_mm", &Tool::headDia_mm},
                                 {"head_mm", &Tool::headThick_mm},
                                 {"head_bore_mm", &Tool::headBoreDia_mm},
                                 {"pilot_dia_mm", &Tool::pilotDia_mm},
                                 {"pilot_mm", &Tool::pilotLength_mm},
                                 {"least_mm", &Tool::least_mm},
                                 {"most_mm", &Tool::most_mm},
                                 {"reach_mm", &Tool::reach_mm},
                                 {"edge_mm", &Tool::edge_mm},
                                 {"wrench_mm", &Tool::wrench_mm},
                                 {"ram_area_mm2", &Tool::ramArea_mm2},
                                 {"stroke_mm", &Tool::stroke_mm},
                                 {"capacity_N", &Tool::capacity_N}};

struct TextColumn {
    const char* name;
    std::string Tool::*text;
};
constexpr TextColumn kTexts[] = {{"thread", &Tool::thread},
                                 {"class", &Tool::strengthClass},
                                 {"condition", &Tool::condition},
                                 {"photo", &Tool::photo},
                                 {"place", &Tool::place}};

struct FlagColumn {
    const char* name;
    bool Tool::*flag;
};
constexpr FlagColumn kFlags[] = {{"thrust_bearing", &Tool::thrustBearing}, {"hardened", &Tool::hardened}};

Result<ToolKind> parseKind(const std::string& text, const std::string& place) {
    std::string known;
    for (const auto kind : kToolKinds) {
        if (name(kind) == text) return kind;
        known += (known.empty() ? "" : ", ") + std::string(name(kind));
    }
    return refuse(ProblemCode::UnknownName, place, text, asListed(known));
}

Result<bool> parseFlag(const CsvTable& table, std::size_t row, const char* column) {
    const auto text = table.text(row, column);
    if (text.empty() || text == "no") return false;
    if (text == "yes") return true;
    return refuse(ProblemCode::UnknownName, table.place(row, column), text, wanted("yes, no or nothing"));
}

bool isKnown(const std::string& column) {
    static const auto known = rackColumns();
    return std::find(known.begin(), known.end(), column) != known.end();
}

Result<Tool> readTool(const CsvTable& table, std::size_t row) {
    Tool t;
    t.id = table.text(row, "id");
    t.name = table.text(row, "name");
    const auto kind = parseKind(table.text(row, "kind"), table.place(row, "kind"));
    if (!kind) return tl::unexpected(kind.error());
    t.kind = *kind;
    for (const auto& [column, size, always] : kSizes) {
        const auto value = table.numberOr(row, column, 0);
        if (!value) return tl::unexpected(value.error());
        t.*size = *value;
    }
    for (const auto& [column, text] : kTexts)
        t.*text = table.text(row, column);
    for (const auto& [column, flag] : kFlags) {
        const auto value = parseFlag(table, row, column);
        if (!value) return tl::unexpected(value.error());
        t.*flag = *value;
    }
    for (const auto& column : table.columns())
        if (!isKnown(column) && !table.text(row, column).empty())
            t.others.emplace_back(column, table.text(row, column));
    if (auto ok = checkTool(t); !ok) {
        auto problem = ok.error();
        problem.field = table.place(row, problem.field);
        return tl::unexpected(problem);
    }
    return t;
}

/// What a tool says in a column; empty: nothing.
std::string fieldOf(const Tool& t, const std::string& column) {
    if (column == "id") return t.id;
    if (column == "kind") return std::string(name(t.kind));
    if (column == "name") return t.name;
    for (const auto& [name, size, always] : kSizes)
        if (column == name) return t.*size != 0 || always ? plain(t.*size) : std::string();
    for (const auto& [name, text] : kTexts)
        if (column == name) return t.*text;
    for (const auto& [name, flag] : kFlags)
        if (column == name) return t.*flag ? "yes" : "";
    for (const auto& [name, text] : t.others)
        if (column == name) return text;
    return {};
}

/// Those that must be there, then those that any of the tools fills.
std::vector<std::string> neededColumns(const std::vector<Tool>& tools) {
    std::vector<std::string> out{"id", "kind", "name"};
    const auto offer = [&](const std::string& column, bool always) {
        const auto filled = [&](const Tool& t) { return !fieldOf(t, column).empty(); };
        if (always || std::any_of(tools.begin(), tools.end(), filled)) out.push_back(column);
    };
    for (const auto& column : kSizes)
        offer(column.name, column.always);
    for (const auto& column : kTexts)
        offer(column.name, false);
    for (const auto& column : kFlags)
        offer(column.name, false);
    for (const auto& tool : tools)
        for (const auto& [column, text] : tool.others)
            if (std::find(out.begin(), out.end(), column) == out.end()) out.push_back(column);
    return out;
}

} // namespace

std::vector<std::string> rackColumns() {
    std::vector<std::string> out{"id", "kind", "name"};
    for (const auto& column : kSizes)
        out.emplace_back(column.name);
    for (const auto& column : kTexts)
        out.emplace_back(column.name);
    for (const auto& column : kFlags)
        out.emplace_back(column.name);
    return out;
}

Result<RackRead> readTools(std::string_view csv) {
    RackRead out;
    std::set<std::string> seen;
    auto table =
        CsvTable::parse(csv, {"id", "kind", "name", "outside_mm", "bore_mm", "length_mm"}, CsvTable::Bad::Kept);
    if (!table) return tl::unexpected(table.error());
    for (const auto& [line, problem] : table->bad())
        out.bad.push_back({line, problem});
    for (std::size_t row = 0; row < table->size(); ++row) {
        auto tool = readTool(*table, row);
        if (tool && !seen.insert(tool->id).second)
            tool = refuse(ProblemCode::Duplicate, table->place(row, "id"), tool->id, wanted("each number once"));
        if (tool)
            out.tools.push_back(std::move(*tool));
        else
            out.bad.push_back({table->line(row), tool.error()});
    }
    return out;
}

Result<std::vector<Tool>> parseTools(std::string_view csv) {
    auto read = readTools(csv);
    if (!read) return tl::unexpected(read.error());
    if (!read->bad.empty()) return tl::unexpected(read->bad.front().problem);
    return std::move(read->tools);
}

std::string writeTools(const std::vector<Tool>& tools) {
    const auto columns = neededColumns(tools);
    std::string out;
    for (const auto& column : columns)
        out += (out.empty() ? "" : ",") + quotedCsv(column);
    out += "\n";
    for (const auto& tool : tools) {
        std::string line;
        for (const auto& column : columns)
            line += (&column == columns.data() ? "" : ",") + quotedCsv(fieldOf(tool, column));
        out += line + "\n";
    }
    return out;
}

} // namespace arbor::catalog
