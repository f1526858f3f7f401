#include "io/table_files.h"

#include "core/plan/strip_plan.h"
#include "io/shipped_data.h"
#include "io/shop_path.h"
#include "io/text_file.h"

#include <QDir>
#include <QStandardPaths>
#include <algorithm>
#include <numbers>

namespace arbor::io {

namespace {

/// Reads a file and parses it; both problems come back with the file's name.
template <class Parse>
auto loadWith(const std::string& path, Parse parse) -> decltype(parse(std::string_view{})) {
    const auto text = readText(path);
    if (!text) return tl::unexpected(text.error());
    auto parsed = parse(*text);
    return parsed ? parsed : decltype(parsed)(inFile(parsed.error(), path));
}

template <class T>
bool take(Result<T>&& from, T& to, std::optional<Problem>& problem) {
    if (from)
        to = std::move(*from);
    else if (!problem)
        problem = from.error();
    return from.has_value();
}

void take(Result<void>&& from, std::optional<Problem>& problem) {
    if (!from && !problem) problem = from.error();
}

std::vector<std::string> filesIn(const QString& folder) {
    std::vector<std::string> out;
    for (const auto& info : QDir(folder).entryInfoList({"*.csv"}, QDir::Files, QDir::Name))
        out.push_back(info.filePath().toStdString());
    return out;
}

/// A designation may stand in one file only: a sheet of one's own adds bearings, it does not change known ones.
Result<void> addBearings(std::vector<catalog::Bearing>& all, const std::string& path) {
    auto read = loadWith(path, catalog::parseBearings);
    if (!read) return tl::unexpected(read.error());
    for (auto& bearing : *read) {
        if (catalog::findBearing(all, bearing.designation))
            return refuse(ProblemCode::Duplicate, path, bearing.designation, wanted("a designation of its own"));
        all.push_back(std::move(bearing));
    }
    return {};
}

} // namespace

std::string ownBearingsFolder() {
    return (QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/brisk-arbor/bearings")
        .toStdString();
}

Result<tables::Tables> loadShippedTables() {
    useShippedData();
    using standards::PointTable;
    using standards::StepTable;
    tables::Tables lib;
    std::optional<Problem> problem;
    const std::pair<const char*, StepTable*> tables[] = {
        {":/data/standards/iso286_it.json", &lib.iso286.grades},
        {":/data/standards/iso286_shaft.json", &lib.iso286.shafts},
        {":/data/standards/iso286_shaft_fine.json", &lib.iso286.shaftsFine},
        {":/data/standards/iso286_hole.json", &lib.iso286.holes},
        {":/data/standards/iso492_bore.json", &lib.bearingTables.bore},
        {":/data/standards/iso492_outside.json", &lib.bearingTables.outside},
        {":/data/standards/iso578_bore.json", &lib.bearingTables.inchBore},
        {":/data/standards/iso578_outside.json", &lib.bearingTables.inchOutside},
        {":/data/standards/iso5753_ball.json", &lib.bearingTables.clearance},
        {":/data/standards/iso5753_roller.json", &lib.bearingTables.rollerClearance},
        {":/data/standards/iso5753_spherical.json", &lib.bearingTables.sphericalClearance}};
    for (const auto& [path, table] : tables)
        take(loadWith(path, StepTable::fromJson), *table, problem);
    take(loadWith(":/data/standards/iso76_f0.json", PointTable::fromJson), lib.bearingTables.staticFactor, problem);
    take(loadWith(":/data/standards/iso76_y0.json", PointTable::fromJson), lib.bearingTables.axialFactor, problem);
    for (const auto& file : filesIn(":/data/catalog/bearings"))
        take(addBearings(lib.bearings, file), problem);
    std::stable_sort(lib.bearings.begin(), lib.bearings.end(),
                     [](const auto& a, const auto& b) { return a.type < b.type; });
    take(loadWith(":/data/catalog/materials.json", catalog::parseMaterials), lib.materials, problem);
    take(loadWith(":/data/catalog/friction.json", catalog::parseFriction), lib.friction, problem);
    take(loadWith(":/data/catalog/end_play.json", adjust::parsePlayBands), lib.endPlay, problem);
    take(loadWith(":/data/catalog/heat_sources.json", thermal::parseHeatSources), lib.heatSources, problem);
    if (problem) return tl::unexpected(*problem);
    return lib;
}

Result<tables::Tables> loadTables() {
    auto tables = loadShippedTables();
    if (!tables) return tables;
    for (const auto& file : filesIn(QString::fromStdString(ownBearingsFolder())))
        if (auto added = addBearings(tables->bearings, file); !added) return tl::unexpected(added.error());
    return tables;
}

Result<trace::Trace> loadTrace(const std::string& path, const catalog::Press* press) {
    const double bore = press ? press->pistonDia_mm : 0;
    return loadWith(path,
                    [&](std::string_view text) { return trace::parseTrace(text, std::numbers::pi / 4 * bore * bore); });
}

KeptTraces loadTraces(const job::Job& job, const std::string& folder, const catalog::Rack& rack) {
    KeptTraces out;
    for (const auto& [key, record] : job.steps) {
        if (record.traceFile.empty()) continue;
        const auto file = pathInShop(folder, record.traceFile);
        auto read = file ? loadTrace(*file, plan::pressAtHand(job, rack)) : tl::unexpected(file.error());
        if (read)
            out.traces[key] = std::move(*read);
        else if (!out.problem)
            out.problem = read.error();
    }
    return out;
}

} // namespace arbor::io
