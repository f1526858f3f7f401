#include "io/results/calc_json.h"

#include "core/base/number.h"
#include "io/results/sheet_json.h"
#include "words/display.h"
#include "words/language.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <sstream>

namespace arbor::io {

namespace {

using calc::Kind;
using calc::Value;
using json = nlohmann::ordered_json;

Result<Value> materialFromJson(const nlohmann::json& d, const std::string& key) {
    for (const char* constant : {"E_MPa", "nu", "alpha_per_K"})
        if (!d.contains(constant) || !d.at(constant).is_number())
            return refuse(ProblemCode::Missing, key + "/" + constant, {}, wanted("a number"));
    return Value(fit::Elastic{d.at("E_MPa"), d.at("nu"), d.at("alpha_per_K")});
}

Result<Value> conductorFromJson(const nlohmann::json& d, const std::string& key) {
    for (const char* constant : {"k_W_per_mK", "rho_kg_per_m3", "c_J_per_kgK", "alpha_per_K"})
        if (!d.contains(constant) || !d.at(constant).is_number())
            return refuse(ProblemCode::Missing, key + "/" + constant, {}, wanted("a number"));
    return Value(
        thermal::Conductor{d.at("k_W_per_mK"), d.at("rho_kg_per_m3"), d.at("c_J_per_kgK"), d.at("alpha_per_K")});
}

Result<Value> valueFromJson(const nlohmann::json& d, const std::string& key) {
    if (d.is_boolean()) return Value(d.get<bool>());
    if (d.is_number()) return Value(d.get<double>());
    if (d.is_string()) return Value(d.get<std::string>());
    if (d.is_object()) return d.contains("k_W_per_mK") ? conductorFromJson(d, key) : materialFromJson(d, key);
    const bool numbers = d.is_array() && std::all_of(d.begin(), d.end(), [](const auto& n) { return n.is_number(); });
    if (!numbers) return refuse(ProblemCode::Malformed, key, d.dump(), wanted("a number, a text or a list of numbers"));
    return Value(d.get<std::vector<double>>());
}

json valueJson(const Value& value) {
    if (const auto* elastic = std::get_if<fit::Elastic>(&value))
        return {{"E_MPa", elastic->E_MPa}, {"nu", elastic->nu}, {"alpha_per_K", elastic->alpha_perK}};
    if (const auto* c = std::get_if<thermal::Conductor>(&value))
        return {{"k_W_per_mK", c->k_W_mK},
                {"rho_kg_per_m3", c->density_kg_m3},
                {"c_J_per_kgK", c->heat_J_kgK},
                {"alpha_per_K", c->alpha_perK}};
    return std::visit(
        [](const auto& v) -> json {
            if constexpr (std::is_constructible_v<json, decltype(v)>)
                return v;
            else
                return nullptr; // the materials, which were answered above
        },
        value);
}

const char* kindName(Kind kind) {
    switch (kind) {
    case Kind::Number:
        return "number";
    case Kind::Numbers:
        return "numbers";
    case Kind::Text:
        return "text";
    case Kind::Choice:
        return "choice";
    case Kind::Material:
        return "material";
    case Kind::Conductor:
        return "conductor";
    case Kind::YesNo:
        return "yes_no";
    }
    return "";
}

json fieldJson(const calc::Field& field) {
    json d{{"name", field.name}, {"kind", kindName(field.kind)}, {"what", words::shippedName(field.what)}};
    if (const auto unit = unitOf(field.name); !unit.empty()) d["unit"] = unit;
    if (field.allowed.lower != 0 || field.allowed.upper != 0)
        d["allowed"] = {{"least", field.allowed.lower}, {"most", field.allowed.upper}};
    if (!field.choices.empty()) d["choices"] = field.choices;
    if (field.preset) d["preset"] = valueJson(*field.preset);
    d["required"] = !field.preset && !field.optional;
    return d;
}

} // namespace

Result<calc::Values> valuesFromJson(const nlohmann::json& object) {
    if (!object.is_object()) return refuse(ProblemCode::Malformed, "the input", object.dump(), wanted("an object"));
    calc::Values out;
    for (const auto& [key, d] : object.items()) {
        auto value = valueFromJson(d, key);
        if (!value) return tl::unexpected(value.error());
        out[key] = std::move(*value);
    }
    return out;
}

calc::Value valueFromText(const calc::Calculation& calculation, const std::string& name, const std::string& typed) {
    const auto field = std::find_if(calculation.inputs.begin(), calculation.inputs.end(),
                                    [&](const calc::Field& f) { return f.name == name; });
    const auto kind = field == calculation.inputs.end() ? Kind::Text : field->kind;
    if (kind == Kind::YesNo && (typed == "true" || typed == "false")) return typed == "true";
    if (kind == Kind::Number)
        if (const auto number = readNumber(typed)) return *number;
    if (kind != Kind::Numbers) return typed;
    std::vector<double> numbers;
    std::istringstream list(typed);
    for (std::string one; std::getline(list, one, ',');) {
        const auto number = readNumber(one);
        if (!number) return typed; // evaluate() says what is wanted
        numbers.push_back(*number);
    }
    return numbers;
}

json valuesJson(const calc::Calculation& calculation, const calc::Values& out) {
    json d{{"format", resultFormat("calc")}, {"version", kResultVersion}, {"calculation", calculation.name}};
    for (const auto& outcome : calc::outcomes(calculation, out))
        d[outcome.name] = valueJson(*outcome.value);
    return d;
}

json describeJson(const calc::Calculation& c) {
    json d{{"name", c.name},
           {"title", words::shippedName(c.title)},
           {"also_called", c.alsoCalled},
           {"inputs", json::array()}};
    for (const auto& field : c.inputs)
        d["inputs"].push_back(fieldJson(field));
    d["outputs"] = json::array();
    for (const auto& [name, what] : c.outputs) {
        json output{{"name", name}, {"what", words::shippedName(what)}};
        if (const auto unit = unitOf(name); !unit.empty()) output["unit"] = unit;
        d["outputs"].push_back(output);
    }
    d["source"] = words::sourceName(c.source);
    return d;
}

std::string valueText(const std::string& name, const Value& value) {
    const auto unit = unitOf(name);
    if (const auto* number = std::get_if<double>(&value)) return words::rounded(*number, unit);
    if (const auto* yes = std::get_if<bool>(&value)) return *yes ? words::tr("yes") : words::tr("no");
    if (const auto* text = std::get_if<std::string>(&value)) return *text;
    if (const auto* list = std::get_if<std::vector<double>>(&value)) {
        std::string out;
        for (const double one : *list)
            out += (out.empty() ? "" : ", ") + words::rounded(one, unit);
        return out;
    }
    return words::tr("as given");
}

std::string unitOf(const std::string& name) {
    static const std::pair<const char*, const char*> endings[] = {{"_N_per_mm", "N/mm"}, {"_W_per_m2K", "W/m2K"},
                                                                  {"_W_per_mK", "W/mK"}, {"_J_per_kgK", "J/kgK"},
                                                                  {"_kg", "kg"},         {"_m2", "m2"},
                                                                  {"_s", "s"},           {"_g_per_cm3", "g/cm3"},
                                                                  {"_per_K", "1/K"},     {"_20C_um", "um"},
                                                                  {"_mm", "mm"},         {"_um", "um"},
                                                                  {"_MPa", "MPa"},       {"_N", "N"},
                                                                  {"_Nm", "N m"},        {"_J", "J"},
                                                                  {"_C", "degC"},        {"_deg", "deg"},
                                                                  {"_arcmin", "arcmin"}, {"_g", "g"},
                                                                  {"_cm3", "cm3"},       {"_K", "K"}};
    for (const auto& [ending, unit] : endings)
        if (name.ends_with(ending)) return unit;
    if (name.starts_with("T_")) return "degC";
    return name.starts_with("Rz_") ? "um" : "";
}

} // namespace arbor::io
