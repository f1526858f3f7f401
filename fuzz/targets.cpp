#include "targets.h"

#include "core/adjust/play_band.h"
#include "core/arrangement/arrangement.h"
#include "core/calc/calculation.h"
#include "core/catalog/bearing.h"
#include "core/catalog/gauge.h"
#include "core/catalog/own_bearings.h"
#include "core/catalog/presses.h"
#include "core/catalog/table_import.h"
#include "core/thermal/heat_source.h"
#include "core/trace/trace.h"
#include "device/gauge_line.h"
#include "device/instrument_line.h"
#include "io/arrangement_text.h"
#include "io/calc_line.h"
#include "io/entry/fastener_entry.h"
#include "io/entry/size_entry.h"
#include "io/entry/tool_entry.h"
#include "io/job_file.h"
#include "io/table_files.h"

#include <cstdio>
#include <cstdlib>

namespace arbor::fuzz {

namespace {

const tables::Tables& shipped() {
    static const auto all = io::loadShippedTables().value();
    return all;
}

/// What was taken and written must be taken again.
template <class Read>
void wantedAgain(const Result<Read>& again, const std::string& text) {
    if (again) return;
    std::fprintf(stderr, "written, and refused when read again (%s: %s):\n%s\n", again.error().field.c_str(),
                 again.error().value.c_str(), text.c_str());
    std::abort();
}

template <auto Parse, auto Write>
void thereAndBack(std::string_view text) {
    const auto read = Parse(text);
    if (!read) return;
    const std::string written = Write(*read);
    wantedAgain(Parse(written), written);
}

void job(std::string_view text) {
    const auto read = io::parseJob(std::string(text));
    if (!read || read->newer()) return;
    const auto written = io::jobText(*read);
    wantedAgain(io::parseJob(written), written);
}

void arrangementOf(std::string_view text) {
    auto read = io::parseArrangement(text);
    if (!read) return;
    const auto written = io::arrangementText(*read);
    wantedAgain(io::parseArrangement(written), written);
    if (auto& assembly = read->assembly; arrangement::resolve(assembly, shipped().bearings))
        static_cast<void>(arrangement::faults(assembly));
}

void rack(std::string_view text) {
    thereAndBack<catalog::parseTools, catalog::writeTools>(text);
    static_cast<void>(catalog::readTools(text));
    static_cast<void>(catalog::readForeign(text));
}

/// The lists of the shop that are JSON: each text is offered to all of them.
void presses(std::string_view text) {
    thereAndBack<catalog::parsePresses, catalog::writePresses>(text);
    thereAndBack<adjust::parsePlayBands, adjust::playBandsText>(text);
    thereAndBack<thermal::parseHeatSources, thermal::ownHeatSourcesText>(text);
    static_cast<void>(catalog::parseGauges(text));
    static_cast<void>(catalog::parsePeople(text));
    static_cast<void>(catalog::parseMaterials(text));
}

void traceOf(std::string_view text) {
    static_cast<void>(trace::parseTrace(text, 1000));
}

void bearings(std::string_view text) {
    static_cast<void>(catalog::parseBearings(text));
    thereAndBack<catalog::parseOwnBearings, catalog::writeOwnBearings>(text);
}

void instrument(std::string_view text) {
    static_cast<void>(device::parseInstrumentLine(text));
    static_cast<void>(device::parseGaugeLine(text));
}

void calculator(std::string_view text) {
    const auto line = io::readCalcLine(std::string(text));
    if (line.hits.empty()) return;
    const auto values = io::valuesFromSizes(*line.hits.front(), line.sizes, shipped());
    if (values) static_cast<void>(calc::evaluate(*line.hits.front(), *values, shipped()));
}

void size(std::string_view text) {
    const std::string typed(text);
    static_cast<void>(io::parseLength(typed, 25.4));
    static_cast<void>(io::parseMeasured(typed));
    static_cast<void>(io::parseReading(typed, 62));
    static_cast<void>(io::parseFastener(typed));
    static_cast<void>(io::parseTool(typed, catalog::ToolKind::Sleeve));
    static_cast<void>(catalog::readCalipers(typed));
    // The text that is kept can be read again without what stood beside it.
    if (const auto spec = io::parseSize(typed, 62)) wantedAgain(io::parseSize(spec->typed, 0), spec->typed);
}

} // namespace

const std::vector<Target>& targets() {
    static const std::vector<Target> all{{"job", job},
                                         {"arrangement", arrangementOf},
                                         {"rack", rack},
                                         {"presses", presses},
                                         {"trace", traceOf},
                                         {"bearings", bearings},
                                         {"instrument", instrument},
                                         {"calculator", calculator},
                                         {"size", size}};
    return all;
}

} // namespace arbor::fuzz
