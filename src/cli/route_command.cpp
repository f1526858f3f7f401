#include "cli/route_command.h"

#include "cli/exit_codes.h"
#include "core/route/order.h"
#include "io/arrangement_file.h"
#include "words/order_words.h"

#include <nlohmann/json.hpp>
#include <ostream>

namespace arbor::cli {

namespace {

using json = nlohmann::ordered_json;

json linesJson(const std::vector<words::WorkLine>& lines) {
    auto out = json::array();
    for (const auto& line : lines) {
        json entry{{"says", line.text}};
        if (!line.why.empty()) entry["why"] = line.why;
        if (!line.caution.empty()) entry["caution"] = line.caution;
        if (line.level > 0) entry["on_the_bench"] = true;
        out.push_back(entry);
    }
    return out;
}

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

} // namespace

int RouteCommand::execute(std::ostream& out, std::ostream& err) const {
    const auto arrangement = io::loadArrangement(path);
    if (!arrangement) return refused(err, arrangement.error());
    const auto& assembly = arrangement->assembly;
    const auto order = route::takeApart(assembly);
    const bool apart = m_direction == Direction::Apart || order.stuck != 0;
    const auto lines = apart ? words::stripLines(assembly, order) : words::fitLines(assembly, order);
    if (asJson) {
        out << json{{"arrangement", arrangement->id},
                    {"title", arrangement->title},
                    {"turn_overs", order.turnOvers},
                    {apart ? "strip" : "route", linesJson(lines)}}
                   .dump(2)
            << '\n';
    } else {
        out << arrangement->title << '\n';
        printLines(out, lines);
    }
    return order.stuck != 0 ? kStop : kWell;
}

} // namespace arbor::cli
