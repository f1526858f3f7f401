#include "core/catalog/material.h"

#include "core/base/json_text.h"

#include <cctype>
#include <optional>

namespace arbor::catalog {

namespace {

using nlohmann::json;

constexpr std::pair<const char*, FrictionFamily> kFamilies[] = {{"steel", FrictionFamily::Steel},
                                                                {"cast_iron", FrictionFamily::CastIron},
                                                                {"aluminium", FrictionFamily::Aluminium}};

std::optional<FrictionFamily> familyNamed(const std::string& text) {
    for (const auto& [name, family] : kFamilies)
        if (text == name) return family;
    return std::nullopt;
}

std::optional<Lubricant> lubricantNamed(const std::string& text) {
    static const std::map<std::string, Lubricant> names{
        {"dry", Lubricant::Dry}, {"light_oil", Lubricant::LightOil}, {"grease", Lubricant::Grease}};
    const auto found = names.find(text);
    return found == names.end() ? std::nullopt : std::optional(found->second);
}

Result<void> checkMaterial(const std::string& id, const Material& m) {
    for (const auto& [field, value] : {std::pair{"E_MPa", m.E_MPa},
                                       {"alpha_perK", m.alpha_perK},
                                       {"yield_MPa", m.yield_MPa},
                                       {"density_kg_per_m3", m.density_kg_m3},
                                       {"conductivity_W_per_mK", m.conductivity_W_mK},
                                       {"heat_J_per_kgK", m.heat_J_kgK},
                                       {"ceiling_degC", m.ceiling_C}})
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, id + "/" + field, plain(value), wanted("> 0"));
    if (!(m.nu >= 0 && m.nu < 0.5))
        return refuse(ProblemCode::OutOfRange, id + "/nu", plain(m.nu), wanted("0 up to 0.5"));
    return {};
}

Result<Material> readMaterial(const std::string& id, const json& d) {
    if (auto known = onlyKeys(d, {"name", "E_MPa", "nu", "alpha_perK", "yield_MPa", "density_kg_per_m3",
                                  "conductivity_W_per_mK", "heat_J_per_kgK", "ceiling_degC", "family"});
        !known)
        return tl::unexpected(known.error());
    Material m;
    m.name = d.at("name");
    m.E_MPa = d.at("E_MPa");
    m.nu = d.at("nu");
    m.alpha_perK = d.at("alpha_perK");
    m.yield_MPa = d.at("yield_MPa");
    m.density_kg_m3 = d.at("density_kg_per_m3");
    m.conductivity_W_mK = d.at("conductivity_W_per_mK");
    m.heat_J_kgK = d.at("heat_J_per_kgK");
    m.ceiling_C = d.at("ceiling_degC");
    if (auto ok = checkMaterial(id, m); !ok) return tl::unexpected(ok.error());
    const auto family = familyNamed(d.at("family"));
    if (!family)
        return refuse(ProblemCode::UnknownName, id + "/family", d.at("family"),
                      wanted("steel, cast_iron or aluminium"));
    m.family = *family;
    return m;
}

template <class T, class Read>
Result<T> readDocument(std::string_view text, Read read) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        return read(*document);
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

} // namespace

Result<Materials> parseMaterials(std::string_view text) {
    return readDocument<Materials>(text, [](const json& document) -> Result<Materials> {
        Materials out;
        for (const auto& [id, entry] : document.at("materials").items()) {
            auto material = readMaterial(id, entry);
            if (!material) return tl::unexpected(material.error());
            out.emplace(id, std::move(*material));
        }
        return out;
    });
}

Result<void> checkMaterials(const Materials& materials) {
    for (const auto& [key, material] : materials) {
        if (auto ok = checkMaterial(material.name, material); !ok) return ok;
        const auto named = materialKey(materials, material.name);
        if (!named || *named != key)
            return refuse(ProblemCode::Duplicate, "name", material.name, wanted("a name of its own"));
    }
    return {};
}

std::string ownMaterialsText(const Materials& all) {
    auto materials = json::object();
    for (const auto& [key, m] : all) {
        if (!m.own) continue;
        auto& d = materials[key] = {{"name", m.name},
                                    {"E_MPa", m.E_MPa},
                                    {"nu", m.nu},
                                    {"alpha_perK", m.alpha_perK},
                                    {"yield_MPa", m.yield_MPa},
                                    {"density_kg_per_m3", m.density_kg_m3},
                                    {"conductivity_W_per_mK", m.conductivity_W_mK},
                                    {"heat_J_per_kgK", m.heat_J_kgK},
                                    {"ceiling_degC", m.ceiling_C}};
        for (const auto& [name, family] : kFamilies)
            if (m.family == family) d["family"] = name;
    }
    return json{{"id", "own_materials"}, {"version", 1}, {"source", "this shop"}, {"materials", materials}}.dump(2) +
           "\n";
}

Result<std::string> materialKey(const Materials& all, const std::string& typed) {
    const auto plainly = [](std::string text) {
        for (auto& c : text)
            c = c == '_' ? ' ' : static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
        return text;
    };
    const auto name = plainly(typed);
    std::string known;
    for (const auto& [key, material] : all) {
        if (name == plainly(key) || name == plainly(material.name)) return key;
        known += (known.empty() ? "" : ", ") + material.name;
    }
    for (const char* other : kNonMetals) {
        if (name == other) return other;
        known += std::string(", ") + other;
    }
    return refuse(ProblemCode::UnknownName, "material", typed, wanted("one of: {1}", known));
}

Result<FrictionBands> parseFriction(std::string_view text) {
    return readDocument<FrictionBands>(text, [](const json& document) -> Result<FrictionBands> {
        FrictionBands out;
        for (const auto& [familyText, byLubricant] : document.at("bands").items()) {
            for (const auto& [lubricantText, band] : byLubricant.items()) {
                const auto family = familyNamed(familyText);
                const auto lubricant = lubricantNamed(lubricantText);
                const Interval limits{band.at(0), band.at(1)};
                if (!family || !lubricant) return refuse(ProblemCode::UnknownName, familyText + "/" + lubricantText);
                if (!(limits.lower > 0 && limits.upper >= limits.lower))
                    return refuse(ProblemCode::GeometryOrder, familyText + "/" + lubricantText, plain(limits.lower),
                                  wanted("0 < lower <= upper"));
                out[{*family, *lubricant}] = limits;
            }
        }
        return out;
    });
}

} // namespace arbor::catalog
