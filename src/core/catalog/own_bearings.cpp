#include "core/catalog/own_bearings.h"

#include "core/base/csv.h"

#include <algorithm>

namespace arbor::catalog {

namespace {

struct Column {
    const char* name;
    double CaliperSizes::*size;
};
constexpr Column kColumns[] = {{"bore_mm", &CaliperSizes::boreDia_mm},
                               {"outside_mm", &CaliperSizes::outsideDia_mm},
                               {"width_mm", &CaliperSizes::width_mm},
                               {"fourth_mm", &CaliperSizes::fourth_mm},
                               {"fifth_mm", &CaliperSizes::fifth_mm}};

Result<OwnBearing> readOwnRow(const CsvTable& table, std::size_t row) {
    OwnBearing out{table.text(row, "designation"), {}};
    const auto kind = table.text(row, "type");
    const auto type = bearingType(kind);
    if (!type) return refuse(ProblemCode::UnknownName, table.place(row, "type"), kind, wanted("a type of bearing"));
    out.sizes.type = *type;
    for (const auto& [column, size] : kColumns) {
        const auto value = table.numberOr(row, column, 0);
        if (!value) return tl::unexpected(value.error());
        out.sizes.*size = *value;
    }
    return out;
}

} // namespace

Result<void> takeOwn(std::vector<Bearing>& all, const std::vector<OwnBearing>& own) {
    auto out = all;
    std::erase_if(out, [](const Bearing& bearing) { return bearing.own; });
    for (const auto& one : own) {
        if (one.designation.empty()) return refuse(ProblemCode::Missing, "designation", {}, wanted("a number"));
        if (findBearing(out, one.designation))
            return refuse(ProblemCode::Duplicate, "designation", one.designation, wanted("a designation of its own"));
        auto bearing = bearingOfSizes(one.designation, one.sizes);
        if (!bearing) return tl::unexpected(at(bearing.error(), one.designation + "/" + bearing.error().field));
        out.emplace_back(std::move(*bearing)).own = true;
    }
    all = std::move(out);
    return {};
}

Result<std::vector<OwnBearing>> parseOwnBearings(std::string_view csv) {
    const auto table = CsvTable::parse(csv, {"designation", "type", "bore_mm", "outside_mm", "width_mm"});
    if (!table) return tl::unexpected(table.error());
    std::vector<OwnBearing> out;
    for (std::size_t row = 0; row < table->size(); ++row) {
        auto bearing = readOwnRow(*table, row);
        if (!bearing) return tl::unexpected(bearing.error());
        out.push_back(std::move(*bearing));
    }
    return out;
}

std::string writeOwnBearings(const std::vector<OwnBearing>& own) {
    std::string out = "designation,type";
    for (const auto& column : kColumns)
        out += std::string(",") + column.name;
    out += "\n";
    for (const auto& one : own) {
        out += quotedCsv(one.designation) + "," + std::string(knowledge(one.sizes.type).name);
        for (const auto& column : kColumns)
            out += "," + (one.sizes.*column.size > 0 ? plain(one.sizes.*column.size) : std::string());
        out += "\n";
    }
    return out;
}

} // namespace arbor::catalog
