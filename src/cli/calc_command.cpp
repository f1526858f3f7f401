#include "cli/calc_command.h"

#include "cli/exit_codes.h"
#include "core/base/json_text.h"
#include "io/calc_line.h"
#include "io/results/calc_json.h"
#include "io/table_files.h"
#include "words/shipped_names.h"

#include <istream>
#include <iterator>
#include <ostream>

namespace arbor::cli {

namespace {

using json = nlohmann::ordered_json;

int printList(std::ostream& out, bool asJson) {
    auto all = json::array();
    for (const auto& c : calc::calculations()) {
        if (asJson)
            all.push_back(io::describeJson(c));
        else
            out << c.name << std::string(c.name.size() < 22 ? 22 - c.name.size() : 1, ' ')
                << words::shippedName(c.title) << '\n';
    }
    if (asJson) out << all.dump(2) << '\n';
    return kWell;
}

/// --key value and key=value are the same; what has no key goes where it fits.
Result<calc::Values> typedValues(const calc::Calculation& calculation, const std::vector<std::string>& words,
                                 const tables::Tables& tables) {
    std::vector<std::string> sizes;
    for (std::size_t i = 0; i < words.size(); ++i) {
        const bool dashed = words[i].starts_with("--");
        auto size = dashed ? words[i].substr(2) : words[i];
        if (dashed && size.find('=') == std::string::npos && i + 1 < words.size()) size += "=" + words[++i];
        sizes.push_back(std::move(size));
    }
    return io::valuesFromSizes(calculation, sizes, tables);
}

/// By its name, or by the words it is looked for with: "limits", "press", "gauge".
const calc::Calculation* calculationFor(const std::string& name) {
    if (const auto* exactly = calc::named(name)) return exactly;
    const auto hits = name.empty() ? std::vector<const calc::Calculation*>() : calc::find(name);
    return hits.empty() ? nullptr : hits.front();
}

void printText(std::ostream& out, const calc::Calculation& calculation, const calc::Values& values) {
    for (const auto& [name, what, value] : calc::outcomes(calculation, values))
        out << name << std::string(name.size() < 26 ? 26 - name.size() : 1, ' ') << io::valueText(name, *value) << "   "
            << words::shippedName(what) << '\n';
}

json problemJson(const Problem& problem) {
    return {{"error", words::say(problem)}, {"field", problem.field}};
}

} // namespace

int CalcCommand::execute(std::ostream& out, std::ostream& err) const {
    if (list) return printList(out, asJson);
    const auto* calculation = calculationFor(name);
    if (!calculation)
        return refused(err, {ProblemCode::UnknownName, "calc", name, wanted("one of those that calc --list names")});
    const auto tables = io::loadTables();
    if (!tables) return refused(err, tables.error());
    const auto worked = [&](const Result<calc::Values>& in) {
        return in ? calc::evaluate(*calculation, *in, *tables) : in;
    };
    if (!inputs.empty()) {
        const auto result = worked(typedValues(*calculation, inputs, *tables));
        if (!result) return refused(err, result.error());
        if (asJson)
            out << io::valuesJson(*calculation, *result).dump(2) << '\n';
        else
            printText(out, *calculation, *result);
        return kWell;
    }
    const std::string text{std::istreambuf_iterator<char>(m_in), {}};
    const auto read = parseJson(text);
    if (!read) return refused(err, at(read.error(), "standard input: " + read.error().field));
    const auto& document = *read;
    int exit = kWell;
    auto results = json::array();
    for (const auto& one : document.is_array() ? document : nlohmann::json::array({document})) {
        const auto result = worked(io::valuesFromJson(one));
        if (!result) exit = kBadInput;
        if (!result && !document.is_array()) return refused(err, result.error());
        results.push_back(result ? io::valuesJson(*calculation, *result) : problemJson(result.error()));
    }
    out << (document.is_array() ? results : results.front()).dump(2) << '\n';
    return exit;
}

} // namespace arbor::cli
