#include "core/catalog/rack.h"

#include "core/base/csv.h"
#include "core/base/json_text.h"

#include <algorithm>
#include <map>
#include <set>

namespace arbor::catalog {

namespace {

using nlohmann::json;

constexpr double kToolRunningClearance_mm =
    0.1; // on the radius: what a machinist leaves so that a sleeve does not scrape

Result<ToolKind> parseKind(const std::string& text, const std::string& place) {
    static const std::map<std::string, ToolKind> kinds{{"sleeve", ToolKind::Sleeve},
                                                       {"disc", ToolKind::Disc},
                                                       {"support", ToolKind::Support},
                                                       {"spacer", ToolKind::Spacer}};
    const auto found = kinds.find(text);
    if (found == kinds.end()) return refuse(ProblemCode::UnknownName, place, text, "sleeve, disc, support or spacer");
    return found->second;
}

Result<void> checkSizes(const Tool& t, const CsvTable& table, std::size_t row) {
    for (const auto& [column, value] : {std::pair{"outside_mm", t.outsideDia_mm}, {"length_mm", t.length_mm}})
        if (!(value > 0 && value < 2000))
            return refuse(ProblemCode::NotPositive, table.place(row, column), plain(value), "over 0, under 2000");
    if (!(t.boreDia_mm >= 0 && t.boreDia_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, table.place(row, "bore_mm"), plain(t.boreDia_mm),
                      "0 up to under the outside " + plain(t.outsideDia_mm));
    if (!(t.headThick_mm >= 0 && t.headThick_mm < t.length_mm))
        return refuse(ProblemCode::GeometryOrder, table.place(row, "head_mm"), plain(t.headThick_mm),
                      "0 up to under the length " + plain(t.length_mm));
    if (!(t.headDia_mm >= 0 && t.headDia_mm < 2000))
        return refuse(ProblemCode::OutOfRange, table.place(row, "head_dia_mm"), plain(t.headDia_mm), "0 up to 2000");
    return {};
}

Result<Tool> readTool(const CsvTable& table, std::size_t row) {
    Tool t;
    t.id = table.text(row, "id");
    t.name = table.text(row, "name");
    t.place = table.text(row, "place");
    if (t.id.empty()) return refuse(ProblemCode::Missing, table.place(row, "id"), {}, "the engraved number");
    const auto kind = parseKind(table.text(row, "kind"), table.place(row, "kind"));
    if (!kind) return tl::unexpected(kind.error());
    t.kind = *kind;
    const std::pair<const char*, double*> fields[] = {{"outside_mm", &t.outsideDia_mm}, {"length_mm", &t.length_mm}};
    const std::pair<const char*, double*> optional[] = {
        {"bore_mm", &t.boreDia_mm}, {"head_dia_mm", &t.headDia_mm}, {"head_mm", &t.headThick_mm}};
    for (const auto& [column, target] : fields) {
        const auto value = table.number(row, column);
        if (!value) return tl::unexpected(value.error());
        *target = *value;
    }
    for (const auto& [column, target] : optional) {
        const auto value = table.numberOr(row, column, 0);
        if (!value) return tl::unexpected(value.error());
        *target = *value;
    }
    if (auto ok = checkSizes(t, table, row); !ok) return tl::unexpected(ok.error());
    return t;
}

Result<GaugeUnit> parseGauge(const std::string& text) {
    static const std::map<std::string, GaugeUnit> units{{"bar", GaugeUnit::Bar},
                                                        {"MPa", GaugeUnit::MegaPascal},
                                                        {"psi", GaugeUnit::Psi},
                                                        {"tf", GaugeUnit::TonneForce},
                                                        {"short_ton", GaugeUnit::ShortTon}};
    const auto found = units.find(text);
    if (found == units.end())
        return refuse(ProblemCode::UnknownName, "gauge_unit", text, "bar, MPa, psi, tf or short_ton");
    return found->second;
}

Result<Press> readPress(const json& d) {
    if (auto known = onlyKeys(d, {"id", "name", "capacity_N", "ram_foot_mm", "stroke_mm", "notch_daylight_mm",
                                  "bed_opening_mm", "piston_mm", "gauge_unit", "stiffness_N_per_mm"});
        !known)
        return tl::unexpected(known.error());
    Press p;
    p.id = d.at("id");
    p.name = d.at("name");
    p.capacity_N = d.at("capacity_N");
    p.ramFootDia_mm = d.at("ram_foot_mm");
    p.stroke_mm = d.at("stroke_mm");
    p.notchDaylight_mm = d.at("notch_daylight_mm").get<std::vector<double>>();
    p.bedOpening_mm = d.at("bed_opening_mm");
    p.pistonDia_mm = d.value("piston_mm", 0.0);
    p.stiffness_N_per_mm = d.value("stiffness_N_per_mm", p.stiffness_N_per_mm);
    for (const auto& [field, value] : {std::pair{"capacity_N", p.capacity_N},
                                       {"ram_foot_mm", p.ramFootDia_mm},
                                       {"stroke_mm", p.stroke_mm},
                                       {"stiffness_N_per_mm", p.stiffness_N_per_mm}})
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, p.id + "/" + field, plain(value), "> 0");
    if (p.notchDaylight_mm.empty() || !(*std::min_element(p.notchDaylight_mm.begin(), p.notchDaylight_mm.end()) > 0))
        return refuse(ProblemCode::NotPositive, p.id + "/notch_daylight_mm", {}, "one opening or more, each > 0");
    if (!(p.pistonDia_mm >= 0 && p.bedOpening_mm >= 0))
        return refuse(ProblemCode::OutOfRange, p.id + "/piston_mm", plain(p.pistonDia_mm), "0 or more");
    const auto unit = parseGauge(d.value("gauge_unit", "bar"));
    if (!unit) return tl::unexpected(unit.error());
    p.gaugeUnit = *unit;
    return p;
}

section::BodyKind bodyKind(ToolKind kind) {
    switch (kind) {
    case ToolKind::Sleeve:
    case ToolKind::Disc:
        return section::BodyKind::Driver;
    case ToolKind::Support:
        return section::BodyKind::Support;
    case ToolKind::Spacer:
        return section::BodyKind::Spacer;
    }
    return section::BodyKind::Spacer;
}

template <class List>
auto* findById(List& list, const std::string& id) {
    const auto found = std::find_if(list.begin(), list.end(), [&](const auto& entry) { return entry.id == id; });
    return found == list.end() ? nullptr : &*found;
}

} // namespace

const Tool* Rack::tool(const std::string& id) const {
    return findById(tools, id);
}
const Press* Rack::press(const std::string& id) const {
    return findById(presses, id);
}

Result<std::vector<Tool>> parseTools(std::string_view csv) {
    const auto table = CsvTable::parse(csv, {"id", "kind", "name", "outside_mm", "bore_mm", "length_mm"});
    if (!table) return tl::unexpected(table.error());
    std::vector<Tool> tools;
    std::set<std::string> seen;
    for (std::size_t row = 0; row < table->size(); ++row) {
        auto tool = readTool(*table, row);
        if (!tool) return tl::unexpected(tool.error());
        if (!seen.insert(tool->id).second)
            return refuse(ProblemCode::Duplicate, table->place(row, "id"), tool->id, "each number once");
        tools.push_back(std::move(*tool));
    }
    return tools;
}

Result<std::vector<Press>> parsePresses(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        std::vector<Press> presses;
        for (const auto& entry : document->at("presses")) {
            auto press = readPress(entry);
            if (!press) return tl::unexpected(press.error());
            presses.push_back(std::move(*press));
        }
        return presses;
    } catch (const json::exception& error) {
        return refuse(ProblemCode::Malformed, error.what());
    }
}

section::Body toolBody(const Tool& t) {
    const double tube = t.length_mm - t.headThick_mm;
    std::vector<section::Slice> slices{section::Slice::tube(0, tube, t.boreDia_mm / 2, t.outsideDia_mm / 2)};
    if (t.headThick_mm > 0)
        slices.push_back(section::Slice::tube(tube, t.length_mm, 0, std::max(t.headDia_mm, t.outsideDia_mm) / 2));
    const bool passesWalls = t.kind != ToolKind::Support;
    return {t.id,
            bodyKind(t.kind),
            section::Hatch::Steel,
            std::move(slices),
            0,
            passesWalls ? kToolRunningClearance_mm : 0};
}

} // namespace arbor::catalog
