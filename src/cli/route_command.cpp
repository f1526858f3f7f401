#include "cli/route_command.h"

#include "cli/exit_codes.h"
#include "cli/loaded_job.h"
#include "core/plan/strip_plan.h"
#include "core/route/order.h"
#include "io/arrangement_file.h"
#include "io/library_files.h"
#include "io/results/strip_json.h"
#include "words/strip_words.h"

#include <algorithm>
#include <ostream>
#include <sstream>

namespace arbor::cli {

namespace {

void printLines(std::ostream& out, const std::vector<words::WorkLine>& lines) {
    int number = 0;
    for (const auto& line : lines) {
        out << std::string(static_cast<std::size_t>(4 * line.level), ' ') << "  " << ++number << ". " << line.text
            << '\n';
        const std::string indent(static_cast<std::size_t>(4 * line.level) + 6, ' ');
        if (!line.why.empty()) out << indent << line.why << '\n';
        if (!line.caution.empty()) out << indent << "! " << line.caution << '\n';
    }
}

void printRings(std::ostream& out, const plan::StripPlan& strip, const words::Display& d) {
    for (const auto& ring : strip.rings) {
        out << "  " << words::partName(strip.assembly.parts[ring.site.ring]) << ", tight with the "
            << words::partName(strip.assembly.parts[ring.site.partner]) << '\n';
        if (ring.breakaway)
            out << "      lets go at " << d.forceRange(ring.breakaway->force_N.least, ring.breakaway->force_N.most)
                << ' ' << d.force(0).unit << ", up to " << words::figures(ring.breakaway->energy_J.most)
                << " J come free\n";
        for (const auto& way : ring.ways) {
            const auto said = words::say(way, ring, strip.assembly, d);
            out << (way.applies ? "    + " : "    x ") << said.line() << '\n';
        }
    }
}

void printKit(std::ostream& out, const plan::StripPlan& strip) {
    for (const auto& line : strip.kit) {
        const bool missing = std::find(strip.missing.begin(), strip.missing.end(), line.id) != strip.missing.end();
        const auto said = words::kitLine(line, strip.assembly);
        out << (missing ? "  [ ] " : "  [x] ") << said.line() << '\n';
    }
}

/// With the forces of Fit where the whole job can be worked out, as every other command says them; else the order
/// alone.
plan::StripPlan stripOf(const std::string& path, const job::Job& job, const tables::Library& tables) {
    std::ostringstream notes; // of the whole job; nobody asked for them here
    if (auto whole = loadJobAndPlan(path, {}, notes)) return std::move(whole->plan.strip);
    return plan::planStrip(job, tables);
}

} // namespace

int RouteCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto library = io::loadTables();
    if (!library) return refused(err, library.error());
    const auto job = io::loadWork(path);
    if (!job) return refused(err, job.error());
    const auto strip = stripOf(path, *job, *library);
    if (!strip.faults.empty()) {
        auto faults = strip.faults;
        for (auto& fault : faults)
            fault.file = path;
        return refused(err, faults);
    }
    const bool apart = m_direction == Direction::Apart || strip.order.stuck != 0;
    const auto lines =
        apart ? words::stripLines(strip.assembly, strip.order) : words::fitLines(strip.assembly, strip.order);
    const words::Display d(job->units);
    if (asJson) {
        out << io::stripJson(strip, d, apart).dump(2) << '\n';
    } else {
        out << job->arrangement.title << '\n';
        printLines(out, lines);
        if (apart && !strip.rings.empty()) out << "\nTight rings, best way first\n";
        if (apart) printRings(out, strip, d);
        if (apart && !strip.kit.empty()) out << "\nOn the bench before it is stripped\n";
        if (apart) printKit(out, strip);
    }
    return strip.order.stuck != 0 ? kStop : kWell;
}

} // namespace arbor::cli
