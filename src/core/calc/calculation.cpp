#include "core/calc/calculation.h"

#include "core/calc/calculations.h"
#include "core/tables/tables.h"

#include <algorithm>
#include <cctype>
#include <cmath>

namespace arbor::calc {

namespace {

std::string shown(const Value& value) {
    if (const auto* number = std::get_if<double>(&value)) return plain(*number);
    if (const auto* text = std::get_if<std::string>(&value)) return *text;
    if (const auto* yes = std::get_if<bool>(&value)) return *yes ? "true" : "false";
    return {};
}

Wanted wantedOf(Kind kind) {
    switch (kind) {
    case Kind::Number:
        return wanted("a number");
    case Kind::Numbers:
        return wanted("a list of numbers");
    case Kind::Text:
    case Kind::Choice:
        return wanted("a text");
    case Kind::Material:
        return wanted("a material of the table, or {E_MPa, nu, alpha_per_K}");
    case Kind::Conductor:
        return wanted("a material of the table, or {k_W_per_mK, rho_kg_per_m3, c_J_per_kgK, alpha_per_K}");
    case Kind::YesNo:
        return wanted("true or false");
    }
    return {};
}

bool isKind(const Value& value, Kind kind) {
    switch (kind) {
    case Kind::Number:
        return std::holds_alternative<double>(value);
    case Kind::Numbers:
        return std::holds_alternative<std::vector<double>>(value);
    case Kind::Text:
    case Kind::Choice:
        return std::holds_alternative<std::string>(value);
    case Kind::Material:
        return std::holds_alternative<fit::Elastic>(value);
    case Kind::Conductor:
        return std::holds_alternative<thermal::Conductor>(value);
    case Kind::YesNo:
        return std::holds_alternative<bool>(value);
    }
    return false;
}

Result<void> checkNumber(const Field& field, double value) {
    if (!std::isfinite(value))
        return refuse(ProblemCode::NotFinite, field.name, plain(value), wanted("a finite number"));
    const auto& a = field.allowed;
    if (a.lower == 0 && a.upper == 0) return {};
    if (!(value >= a.lower && value <= a.upper))
        return refuse(ProblemCode::OutOfRange, field.name, plain(value),
                      wanted("{1} to {2}", plain(a.lower), plain(a.upper)));
    return {};
}

Result<void> check(const Field& field, Value& value, const tables::Tables& tables) {
    const bool material = field.kind == Kind::Material || field.kind == Kind::Conductor;
    if (material && std::holds_alternative<std::string>(value)) {
        const auto known = tables.materials.find(std::get<std::string>(value));
        if (known == tables.materials.end())
            return refuse(ProblemCode::UnknownName, field.name, std::get<std::string>(value), wantedOf(field.kind));
        const auto& m = known->second;
        if (field.kind == Kind::Material)
            value = fit::Elastic{m.E_MPa, m.nu, m.alpha_perK};
        else
            value = thermal::Conductor{m.conductivity_W_mK, m.density_kg_m3, m.heat_J_kgK, m.alpha_perK};
    }
    if (!isKind(value, field.kind))
        return refuse(ProblemCode::Malformed, field.name, shown(value), wantedOf(field.kind));
    if (const auto* number = std::get_if<double>(&value)) return checkNumber(field, *number);
    if (const auto* numbers = std::get_if<std::vector<double>>(&value))
        for (const double number : *numbers)
            if (auto ok = checkNumber(field, number); !ok) return ok;
    if (field.kind != Kind::Choice) return {};
    const auto& text = std::get<std::string>(value);
    if (std::find(field.choices.begin(), field.choices.end(), text) != field.choices.end()) return {};
    std::string known;
    for (const auto& choice : field.choices)
        known += (known.empty() ? "" : ", ") + choice;
    return refuse(ProblemCode::UnknownName, field.name, text, asListed(known));
}

std::vector<std::string> wordsOf(std::string_view text) {
    std::vector<std::string> out;
    bool inWord = false;
    for (const char c : text) {
        const bool letter = std::isalnum(static_cast<unsigned char>(c)) != 0 || (c & 0x80) != 0;
        if (letter && !inWord) out.emplace_back();
        if (letter) out.back() += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
        inWord = letter;
    }
    return out;
}

/// How well a word is met: 0 not at all, 1 among the other names, 2 in the title, 3 in the name.
int met(const Calculation& c, const std::string& word) {
    const auto begins = [&](std::string_view text) {
        const auto all = wordsOf(text);
        return std::any_of(all.begin(), all.end(), [&](const std::string& w) { return w.starts_with(word); });
    };
    if (begins(c.name)) return 3;
    if (begins(c.title)) return 2;
    return std::any_of(c.alsoCalled.begin(), c.alsoCalled.end(), begins) ? 1 : 0;
}

} // namespace

std::vector<Outcome> outcomes(const Calculation& calculation, const Values& out) {
    std::vector<Outcome> list;
    for (const auto& [name, what] : calculation.outputs) {
        const auto star = name.find('*');
        if (star == std::string::npos) {
            if (const auto at = out.find(name); at != out.end()) list.push_back({name, what, &at->second});
            continue;
        }
        const auto before = name.substr(0, star), after = name.substr(star + 1);
        for (const auto& [key, value] : out)
            if (key.starts_with(before) && key.ends_with(after)) list.push_back({key, what, &value});
    }
    return list;
}

const std::vector<Calculation>& calculations() {
    static const std::vector<Calculation> all = [] {
        std::vector<Calculation> out;
        for (auto part : {sizeCalculations(), jointCalculations(), thermalCalculations(), adjustCalculations(),
                          benchCalculations()})
            out.insert(out.end(), std::make_move_iterator(part.begin()), std::make_move_iterator(part.end()));
        return out;
    }();
    return all;
}

const Calculation* named(std::string_view name) {
    const auto& all = calculations();
    const auto found = std::find_if(all.begin(), all.end(), [&](const Calculation& c) { return c.name == name; });
    return found == all.end() ? nullptr : &*found;
}

std::vector<const Calculation*> find(std::string_view search) {
    const auto words = wordsOf(search);
    std::vector<std::pair<int, const Calculation*>> hits;
    for (const auto& c : calculations()) {
        int score = 1;
        for (const auto& word : words) {
            const int one = met(c, word);
            score = one == 0 || score == 0 ? 0 : score + one;
        }
        if (score > 0) hits.push_back({score, &c});
    }
    std::stable_sort(hits.begin(), hits.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    std::vector<const Calculation*> out;
    out.reserve(hits.size());
    for (const auto& [score, calculation] : hits)
        out.push_back(calculation);
    return out;
}

Result<Values> evaluate(const Calculation& calculation, Values in, const tables::Tables& tables) {
    for (const auto& [key, value] : in) {
        const bool known = std::any_of(calculation.inputs.begin(), calculation.inputs.end(),
                                       [&, &name = key](const Field& f) { return f.name == name; });
        if (!known) return refuse(ProblemCode::UnknownKey, key, {}, wanted("an input of {1}", calculation.name));
    }
    for (const auto& field : calculation.inputs) {
        const auto at = in.find(field.name);
        if (at == in.end()) {
            if (field.preset)
                in[field.name] = *field.preset;
            else if (!field.optional)
                return refuse(ProblemCode::Missing, field.name, {}, asListed(field.what));
            continue;
        }
        if (auto ok = check(field, at->second, tables); !ok) return tl::unexpected(ok.error());
    }
    return calculation.run(in, tables);
}

} // namespace arbor::calc
