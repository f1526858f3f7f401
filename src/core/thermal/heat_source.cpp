#include "core/thermal/heat_source.h"

#include "core/base/json_text.h"

#include <algorithm>
#include <cmath>

namespace arbor::thermal {

namespace {

using nlohmann::json;

constexpr double kSoaked_K = 2;
constexpr double kLeastSetting_C = -273, kMostSetting_C = 1000; // beyond any oven a ring is warmed in

constexpr std::pair<const char*, PartClass> kPartNames[] = {
    {"housing", PartClass::Housing}, {"ring", PartClass::Ring}, {"shaft", PartClass::Shaft}};

Result<std::set<PartClass>> partsOf(const json& names, const std::string& place) {
    std::set<PartClass> out;
    for (const auto& one : names) {
        const auto at = std::find_if(std::begin(kPartNames), std::end(kPartNames),
                                     [&](const auto& known) { return one.get<std::string>() == known.first; });
        if (at == std::end(kPartNames))
            return refuse(ProblemCode::UnknownName, place, one, wanted("housing, ring or shaft"));
        out.insert(at->second);
    }
    return out;
}

Result<HeatSource> readSource(const std::string& id, const json& d) {
    if (auto ok = onlyKeys(d, {"name", "warms", "power_W", "least_degC", "most_degC", "h_W_per_m2K", "emissivity",
                               "skin_share", "for", "with_grease", "places", "litres", "change_K_per_min"});
        !ok)
        return tl::unexpected(ok.error());
    HeatSource s;
    s.id = id;
    s.name = d.at("name");
    s.warms = d.at("warms");
    s.settable_C = {d.at("least_degC"), d.at("most_degC")};
    s.h_W_m2K = d.at("h_W_per_m2K");
    s.emissivity = d.at("emissivity");
    s.skinShare = d.at("skin_share");
    s.power_W = d.value("power_W", 0.0);
    s.withGrease = d.at("with_grease");
    s.places = d.value("places", 0);
    s.litres = d.value("litres", 0.0);
    s.change_K_min = d.value("change_K_per_min", 0.0);
    const auto parts = partsOf(d.at("for"), id + "/for");
    if (!parts) return tl::unexpected(parts.error());
    s.parts = *parts;
    if (auto ok = checkHeatSource(s); !ok) return tl::unexpected(ok.error());
    return s;
}

/// The part in the source, set to a temperature, with the rest of its skin in the room.
Lump lumpIn(const HeatSource& source, const SoakPart& part, double setting_C, double room_C) {
    Lump lump{
        part.mass_kg, part.heat_J_kgK, part.area_m2 * source.skinShare, {source.h_W_m2K, source.emissivity, setting_C}};
    lump.power_W = source.power_W;
    lump.otherArea_m2 = part.area_m2 * (1 - source.skinShare);
    lump.otherFilm = {kStillAir_W_m2K[1], kMachinedEmissivity, room_C};
    return lump;
}

/// What the source is set to so that the part ends at a temperature, the rest of its skin losing to the room.
double settingFor(const HeatSource& source, const SoakPart& part, double end_C, double room_C) {
    const auto lump = lumpIn(source, part, end_C, room_C);
    const double reached = source.h_W_m2K * lump.area_m2;
    return reached > 0 ? end_C + lump.otherArea_m2 * lump.otherFilm.flux_W_m2(end_C) / reached : end_C;
}

} // namespace

Result<void> checkHeatSource(const HeatSource& s) {
    if (s.name.empty()) return refuse(ProblemCode::Missing, s.id + "/name", {}, wanted("a name"));
    if (!(s.settable_C.lower <= s.settable_C.upper))
        return refuse(ProblemCode::GeometryOrder, s.id + "/least_degC", plain(s.settable_C.lower),
                      wanted("up to most_degC"));
    if (!(s.settable_C.lower >= kLeastSetting_C && s.settable_C.upper <= kMostSetting_C))
        return refuse(ProblemCode::OutOfRange, s.id + "/most_degC", plain(s.settable_C.upper),
                      wanted("-273 to 1000 degC"));
    for (const auto& [field, value] : {std::pair{"emissivity", s.emissivity}, {"skin_share", s.skinShare}})
        if (!(value >= 0 && value <= 1))
            return refuse(ProblemCode::OutOfRange, s.id + "/" + field, plain(value), wanted("0 to 1"));
    if (s.places < 0)
        return refuse(ProblemCode::OutOfRange, s.id + "/places", std::to_string(s.places), wanted("0 or more"));
    for (const auto& [field, value] : {std::pair{"litres", s.litres}, {"change_K_per_min", s.change_K_min}})
        if (!(value >= 0))
            return refuse(ProblemCode::OutOfRange, s.id + "/" + field, plain(value), wanted("0 or more"));
    if (!(s.power_W > 0) && !(s.h_W_m2K > 0 && s.skinShare > 0))
        return refuse(ProblemCode::NotPositive, s.id + "/h_W_per_m2K", plain(s.h_W_m2K), wanted("> 0, or a power"));
    return {};
}

std::string ownHeatSourcesText(const std::vector<HeatSource>& all) {
    json sources = json::object();
    for (const auto& s : all) {
        if (!s.own) continue;
        json parts = json::array();
        for (const auto& [name, part] : kPartNames)
            if (s.parts.contains(part)) parts.push_back(name);
        sources[s.id] = {{"name", s.name},
                         {"warms", s.warms},
                         {"power_W", s.power_W},
                         {"least_degC", s.settable_C.lower},
                         {"most_degC", s.settable_C.upper},
                         {"h_W_per_m2K", s.h_W_m2K},
                         {"emissivity", s.emissivity},
                         {"skin_share", s.skinShare},
                         {"for", parts},
                         {"with_grease", s.withGrease}};
        if (s.places > 0) sources[s.id]["places"] = s.places;
        if (s.litres > 0) sources[s.id]["litres"] = s.litres;
        if (s.change_K_min > 0) sources[s.id]["change_K_per_min"] = s.change_K_min;
    }
    return json{{"sources", sources}}.dump(2) + "\n";
}

void takeOwn(std::vector<HeatSource>& all, std::vector<HeatSource> own) {
    for (auto& source : own) {
        source.own = true;
        const auto at =
            std::find_if(all.begin(), all.end(), [&](const HeatSource& known) { return known.id == source.id; });
        if (at == all.end())
            all.push_back(std::move(source));
        else
            *at = std::move(source);
    }
}

Result<std::vector<HeatSource>> parseHeatSources(std::string_view text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        std::vector<HeatSource> out;
        for (const auto& [id, entry] : document->at("sources").items()) {
            auto source = readSource(id, entry);
            if (!source) return tl::unexpected(source.error());
            out.push_back(std::move(*source));
        }
        return out;
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

const HeatSource* findSource(const std::vector<HeatSource>& sources, const std::string& id) {
    const auto at = std::find_if(sources.begin(), sources.end(), [&](const HeatSource& s) { return s.id == id; });
    return at == sources.end() ? nullptr : &*at;
}

Result<std::optional<Soak>> soak(const HeatSource& source, const SoakPart& part, double room_C, double to_C,
                                 double beyond_C) {
    const bool up = source.warms;
    if (up ? to_C > beyond_C : to_C < beyond_C) return std::optional<Soak>{};
    const double aim = up ? std::min(to_C + kSetBeyond_K, beyond_C) : std::max(to_C - kSetBeyond_K, beyond_C);
    const bool fixed = source.settable_C.width() == 0;
    const double setting = fixed ? source.settable_C.lower : settingFor(source, part, aim, room_C);
    if (setting > source.settable_C.upper || setting < source.settable_C.lower) return std::optional<Soak>{};
    // What heats the part from inside does not slow down; what heats it through its skin does.
    const double end = fixed ? setting : aim;
    const double soaked = source.power_W > 0 ? to_C
                          : up               ? std::min(to_C, end - kSoaked_K)
                                             : std::max(to_C, end + kSoaked_K);
    const auto skin = timeTo(lumpIn(source, part, setting, room_C), room_C, soaked);
    if (!skin) return tl::unexpected(skin.error());
    if (!*skin) return std::optional<Soak>{};
    const double wall = part.wall_mm / 1000;
    return std::optional(Soak{setting, **skin, wall * wall / part.diffusivity_m2s});
}

} // namespace arbor::thermal
