#include "io/library_files.h"

#include "io/text_file.h"

#include <QResource>

// Resources of a static library are linked in only when asked for by name, and the macro must stand outside any
// namespace.
static void useShippedData() {
    Q_INIT_RESOURCE(shipped_data);
}

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

} // namespace

Result<plan::Library> loadShippedLibrary() {
    useShippedData();
    using standards::PointTable;
    using standards::StepTable;
    plan::Library lib;
    std::optional<Problem> problem;
    const std::pair<const char*, StepTable*> tables[] = {
        {":/data/standards/iso286_it.json", &lib.iso286.grades},
        {":/data/standards/iso286_shaft.json", &lib.iso286.shafts},
        {":/data/standards/iso286_shaft_fine.json", &lib.iso286.shaftsFine},
        {":/data/standards/iso286_hole.json", &lib.iso286.holes},
        {":/data/standards/iso492_bore.json", &lib.bearingTables.bore},
        {":/data/standards/iso492_outside.json", &lib.bearingTables.outside},
        {":/data/standards/iso5753_ball.json", &lib.bearingTables.clearance}};
    for (const auto& [path, table] : tables)
        take(loadWith(path, StepTable::fromJson), *table, problem);
    take(loadWith(":/data/standards/iso76_f0.json", PointTable::fromJson), lib.bearingTables.staticFactor, problem);
    take(loadWith(":/data/standards/iso76_y0.json", PointTable::fromJson), lib.bearingTables.axialFactor, problem);
    take(loadWith(":/data/catalog/bearings.csv", catalog::parseBearings), lib.bearings, problem);
    take(loadWith(":/data/catalog/materials.json", catalog::parseMaterials), lib.materials, problem);
    take(loadWith(":/data/catalog/friction.json", catalog::parseFriction), lib.friction, problem);
    if (problem) return tl::unexpected(*problem);
    return lib;
}

Result<catalog::Rack> loadRack(const std::string& folder) {
    auto tools = loadWith(folder + "/rack.csv", catalog::parseTools);
    if (!tools) return tl::unexpected(tools.error());
    auto presses = loadWith(folder + "/presses.json", catalog::parsePresses);
    if (!presses) return tl::unexpected(presses.error());
    return catalog::Rack{std::move(*tools), std::move(*presses)};
}

Result<plan::Library> loadLibrary(const std::string& folder) {
    auto library = loadShippedLibrary();
    if (!library) return library;
    auto rack = loadRack(folder);
    if (!rack) return tl::unexpected(rack.error());
    library->rack = std::move(*rack);
    return library;
}

Result<trace::Trace> loadTrace(const std::string& path) {
    return loadWith(path, trace::parseTrace);
}

} // namespace arbor::io
