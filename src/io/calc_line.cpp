#include "io/calc_line.h"

#include "core/catalog/material.h"
#include "io/results/calc_json.h"

#include <algorithm>
#include <charconv>
#include <map>
#include <optional>
#include <sstream>

namespace arbor::io {

namespace {

using calc::Field;
using calc::Kind;

/// What a written unit is in the units of the fields, and which fields it may go to.
struct Unit {
    const char* field; ///< unit of the field it goes to, as unitOf() gives it
    double factor;
    double offset = 0;
};
const std::multimap<std::string, Unit>& units() {
    // The first of a unit's entries is where it is looked for first.
    static const std::multimap<std::string, Unit> all{{"mm", {"mm", 1}},
                                                      {"mm", {"um", 1000}},
                                                      {"um", {"um", 1}},
                                                      {"um", {"mm", 1e-3}},
                                                      {"µm", {"um", 1}},
                                                      {"µm", {"mm", 1e-3}},
                                                      {"in", {"mm", 25.4}},
                                                      {"in", {"um", 25400}},
                                                      {"thou", {"um", 25.4}},
                                                      {"thou", {"mm", 0.0254}},
                                                      {"N", {"N", 1}},
                                                      {"kN", {"N", 1000}},
                                                      {"lbf", {"N", 4.448222}},
                                                      {"MPa", {"MPa", 1}},
                                                      {"C", {"degC", 1}},
                                                      {"°C", {"degC", 1}},
                                                      {"degC", {"degC", 1}},
                                                      {"F", {"degC", 1 / 1.8, -32 / 1.8}},
                                                      {"°F", {"degC", 1 / 1.8, -32 / 1.8}},
                                                      {"Nm", {"N m", 1}},
                                                      {"deg", {"deg", 1}},
                                                      {"arcmin", {"arcmin", 1}}};
    return all;
}

struct Piece {
    std::string text;
    std::optional<double> number;
    std::string unit;
};

Piece pieceOf(const std::string& text) {
    Piece out{text, {}, {}};
    double value = 0;
    const char *begin = text.data() + (text.starts_with('+') ? 1 : 0), *end = text.data() + text.size();
    const auto [at, error] = std::from_chars(begin, end, value);
    if (error != std::errc{}) return out;
    const std::string rest(at, end);
    if (!rest.empty() && !units().contains(rest)) return out;
    out.number = value;
    out.unit = rest;
    return out;
}

std::optional<calc::Value> asNumberFor(const Field& field, const Piece& piece) {
    if (field.kind != Kind::Number || !piece.number) return std::nullopt;
    if (piece.unit.empty()) return calc::Value(*piece.number);
    const auto [first, last] = units().equal_range(piece.unit);
    for (auto it = first; it != last; ++it)
        if (unitOf(field.name) == it->second.field)
            return calc::Value(*piece.number * it->second.factor + it->second.offset);
    return std::nullopt;
}

std::optional<calc::Value> valueFor(const Field& field, const Piece& piece, const catalog::Materials& materials) {
    const auto& text = piece.text;
    switch (field.kind) {
    case Kind::Number:
        return asNumberFor(field, piece);
    case Kind::Numbers: {
        calc::Calculation one;
        one.inputs = {field};
        auto value = valueFromText(one, field.name, text);
        const bool list = std::holds_alternative<std::vector<double>>(value) && text.find(',') != std::string::npos;
        return list ? std::optional(value) : std::nullopt;
    }
    case Kind::Choice:
        return std::find(field.choices.begin(), field.choices.end(), text) != field.choices.end()
                   ? std::optional<calc::Value>(text)
                   : std::nullopt;
    case Kind::Material:
    case Kind::Conductor:
        return materials.contains(text) ? std::optional<calc::Value>(text) : std::nullopt;
    case Kind::Text:
        return piece.number && field.name != "designation" ? std::nullopt : std::optional<calc::Value>(text);
    case Kind::YesNo:
        return text == "true" || text == "false" ? std::optional<calc::Value>(text == "true") : std::nullopt;
    }
    return std::nullopt;
}

/// Choices and materials say by themselves where they belong; plain texts and numbers take what is left.
int eagerness(Kind kind) {
    return kind == Kind::Choice || kind == Kind::Material || kind == Kind::Conductor || kind == Kind::YesNo ? 0
           : kind == Kind::Number                                                                           ? 1
                                                                                                            : 2;
}

/// What must be given comes first, then what may be, last what has a usual value.
int turnOf(const Field& field) {
    return field.preset ? 2 : field.optional ? 1 : 0;
}

bool place(calc::Values& out, const calc::Calculation& c, const Piece& piece, const catalog::Materials& materials) {
    for (const int eager : {0, 1, 2})
        for (const int turn : {0, 1, 2})
            for (const auto& field : c.inputs) {
                if (eagerness(field.kind) != eager || turnOf(field) != turn || out.contains(field.name)) continue;
                if (auto value = valueFor(field, piece, materials)) {
                    out[field.name] = std::move(*value);
                    return true;
                }
            }
    return false;
}

} // namespace

CalcLine readCalcLine(const std::string& line) {
    CalcLine out;
    std::string words;
    std::istringstream pieces(line);
    for (std::string piece; pieces >> piece;) {
        const bool size = piece.find_first_of("0123456789=") != std::string::npos;
        if (size || !out.sizes.empty())
            out.sizes.push_back(piece);
        else
            words += piece + " ";
    }
    out.hits = calc::find(words);
    // "H7 62" begins with sizes: then everything is offered, and the sizes tell.
    return out;
}

Result<calc::Values> valuesFromSizes(const calc::Calculation& c, const std::vector<std::string>& sizes,
                                     const catalog::Materials& materials) {
    calc::Values out;
    for (const auto& size : sizes) {
        const auto cut = size.find('=');
        if (cut == std::string::npos || cut == 0) continue;
        const auto key = size.substr(0, cut), text = size.substr(cut + 1);
        const auto field =
            std::find_if(c.inputs.begin(), c.inputs.end(), [&](const Field& f) { return f.name == key; });
        const auto converted = field == c.inputs.end() ? std::nullopt : asNumberFor(*field, pieceOf(text));
        out[key] = converted ? *converted : valueFromText(c, key, text);
    }
    for (const auto& size : sizes) {
        if (const auto cut = size.find('='); cut != std::string::npos && cut != 0) continue;
        if (!place(out, c, pieceOf(size), materials))
            return refuse(ProblemCode::Malformed, c.name, size, "a size that belongs here, or key=value");
    }
    return out;
}

} // namespace arbor::io
