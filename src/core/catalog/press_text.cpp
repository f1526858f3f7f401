#include "core/base/json_text.h"
#include "core/catalog/presses.h"

#include <algorithm>
#include <array>
#include <utility>

namespace arbor::catalog {

namespace {

using nlohmann::json;

constexpr double kMostForce_N = 1e8, kMostSize_mm = 10'000; // of any press a shop has

constexpr std::array kUnits{std::pair{GaugeUnit::Bar, "bar"}, std::pair{GaugeUnit::MegaPascal, "MPa"},
                            std::pair{GaugeUnit::Psi, "psi"}, std::pair{GaugeUnit::TonneForce, "tf"},
                            std::pair{GaugeUnit::ShortTon, "short_ton"}};

Result<Press> readPress(const json& d) {
    if (auto known =
            onlyKeys(d, {"id", "name", "capacity_N", "ram_foot_mm", "stroke_mm", "notch_daylight_mm", "bed_opening_mm",
                         "piston_mm", "gauge_unit", "stiffness_N_per_mm", "throat_mm", "kind"});
        !known)
        return tl::unexpected(known.error());
    Press p;
    p.id = d.at("id");
    p.name = d.at("name");
    const auto kind = d.value("kind", "press");
    if (kind != "press" && kind != "vice")
        return refuse(ProblemCode::UnknownName, p.id + "/kind", kind, wanted("press or vice"));
    p.kind = kind == "vice" ? PressKind::Vice : PressKind::Frame;
    p.capacity_N = d.at("capacity_N");
    p.ramFootDia_mm = d.at("ram_foot_mm");
    p.stroke_mm = d.at("stroke_mm");
    p.notchDaylight_mm = d.at("notch_daylight_mm").get<std::vector<double>>();
    p.bedOpening_mm = d.at("bed_opening_mm");
    p.pistonDia_mm = d.value("piston_mm", 0.0);
    p.stiffness_N_per_mm = d.value("stiffness_N_per_mm", p.stiffness_N_per_mm);
    p.throat_mm = d.value("throat_mm", 0.0);
    const auto unit = gaugeUnit(d.value("gauge_unit", "bar"));
    if (!unit) return tl::unexpected(unit.error());
    p.gaugeUnit = *unit;
    if (auto ok = checkPress(p); !ok) return tl::unexpected(ok.error());
    return p;
}

json pressJson(const Press& p) {
    json d{{"id", p.id},
           {"name", p.name},
           {"capacity_N", p.capacity_N},
           {"ram_foot_mm", p.ramFootDia_mm},
           {"stroke_mm", p.stroke_mm},
           {"notch_daylight_mm", p.notchDaylight_mm},
           {"bed_opening_mm", p.bedOpening_mm},
           {"stiffness_N_per_mm", p.stiffness_N_per_mm}};
    if (p.kind == PressKind::Vice) d["kind"] = "vice";
    if (p.pistonDia_mm > 0) d["piston_mm"] = p.pistonDia_mm;
    if (p.pistonDia_mm > 0 || p.gaugeUnit != GaugeUnit::Bar) d["gauge_unit"] = name(p.gaugeUnit);
    if (p.throat_mm > 0) d["throat_mm"] = p.throat_mm;
    return d;
}

} // namespace

std::string_view name(GaugeUnit unit) {
    for (const auto& [known, text] : kUnits)
        if (known == unit) return text;
    return {};
}

Result<GaugeUnit> gaugeUnit(const std::string& text) {
    for (const auto& [known, said] : kUnits)
        if (text == said) return known;
    return refuse(ProblemCode::UnknownName, "gauge_unit", text, wanted("bar, MPa, psi, tf or short_ton"));
}

Result<void> checkPress(const Press& p) {
    if (p.id.empty()) return refuse(ProblemCode::Missing, "id", {}, wanted("a number"));
    for (const auto& [field, value] : {std::pair{"capacity_N", p.capacity_N},
                                       {"ram_foot_mm", p.ramFootDia_mm},
                                       {"stroke_mm", p.stroke_mm},
                                       {"stiffness_N_per_mm", p.stiffness_N_per_mm}})
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, p.id + "/" + field, plain(value), wanted("> 0"));
    if (!(p.capacity_N <= kMostForce_N))
        return refuse(ProblemCode::OutOfRange, p.id + "/capacity_N", plain(p.capacity_N), wanted("up to 100 MN"));
    for (const auto& [field, value] : {std::pair{"ram_foot_mm", p.ramFootDia_mm},
                                       {"stroke_mm", p.stroke_mm},
                                       {"bed_opening_mm", p.bedOpening_mm},
                                       {"piston_mm", p.pistonDia_mm}})
        if (!(value <= kMostSize_mm))
            return refuse(ProblemCode::OutOfRange, p.id + "/" + field, plain(value), wanted("up to 10 m"));
    for (const double opening : p.notchDaylight_mm)
        if (!(opening <= kMostSize_mm))
            return refuse(ProblemCode::OutOfRange, p.id + "/notch_daylight_mm", plain(opening), wanted("up to 10 m"));
    if (p.notchDaylight_mm.empty() || !(*std::min_element(p.notchDaylight_mm.begin(), p.notchDaylight_mm.end()) > 0))
        return refuse(ProblemCode::NotPositive, p.id + "/notch_daylight_mm", {},
                      wanted("one opening or more, each > 0"));
    if (!(p.pistonDia_mm >= 0 && p.bedOpening_mm >= 0))
        return refuse(ProblemCode::OutOfRange, p.id + "/piston_mm", plain(p.pistonDia_mm), wanted("0 or more"));
    if (!(p.throat_mm >= 0 && p.throat_mm < 10'000))
        return refuse(ProblemCode::OutOfRange, p.id + "/throat_mm", plain(p.throat_mm), wanted("0 or more"));
    return {};
}

std::string writePresses(const std::vector<Press>& presses) {
    json all = json::array();
    for (const auto& press : presses)
        all.push_back(pressJson(press));
    return json{{"presses", all}}.dump(2) + "\n";
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
        return tl::unexpected(jsonProblem(error));
    }
}

} // namespace arbor::catalog
