#include "io/calc_line.h"

#include "core/base/number.h"
#include "core/catalog/material.h"
#include "core/plan/plan.h"
#include "io/results/calc_json.h"

#include <algorithm>
#include <map>
#include <numeric>
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
    const auto number = leadingNumber(text);
    if (!number) return out;
    const auto rest = text.substr(number->length);
    if (!rest.empty() && !units().contains(rest)) return out;
    out.number = number->value;
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

/// What must be given comes first, then what may be, last what has a usual value.
int turnOf(const Field& field) {
    return field.preset ? 2 : field.optional ? 1 : 0;
}

/// Lists, choices and materials say by themselves where they belong; plain texts take what is left. Numbers are placed
/// apart.
int eagerness(Kind kind) {
    return kind == Kind::Number ? -1 : kind == Kind::Numbers ? 0 : kind == Kind::Text ? 2 : 1;
}

bool placeWord(calc::Values& out, const calc::Calculation& c, const Piece& piece, const catalog::Materials& materials) {
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

/// A written unit leads to the fields that have it; only where there is none is it converted.
bool placeWithUnit(calc::Values& out, const calc::Calculation& c, const Piece& piece) {
    const auto [first, last] = units().equal_range(piece.unit);
    for (auto unit = first; unit != last; ++unit)
        for (const int turn : {0, 1, 2})
            for (const auto& field : c.inputs) {
                const bool free = field.kind == Kind::Number && turnOf(field) == turn && !out.contains(field.name);
                if (!free || unitOf(field.name) != unit->second.field) continue;
                out[field.name] = *piece.number * unit->second.factor + unit->second.offset;
                return true;
            }
    return false;
}

/// Numbers without key and unit: the first fields of the list that they make sense in, in the order they were typed
/// where that makes sense, else in the only other order that does.
class BareNumbers {
public:
    BareNumbers(const calc::Calculation& c, calc::Values given, std::vector<double> numbers, const tables::Tables& lib)
        : m_c(c), m_given(std::move(given)), m_numbers(std::move(numbers)), m_tables(lib) {
        for (std::size_t i = 0; i < c.inputs.size(); ++i)
            if (c.inputs[i].kind == Kind::Number && !m_given.contains(c.inputs[i].name)) m_free.push_back(i);
    }

    /// @return nothing where no order makes sense: then what is missing or wrong is said of the plainest one
    Result<std::optional<calc::Values>> placed() {
        const std::size_t count = m_numbers.size();
        if (count > m_free.size()) return std::optional<calc::Values>();
        std::vector<bool> taken(m_free.size(), false);
        std::fill_n(taken.begin(), count, true);
        do {
            std::vector<std::size_t> fields;
            for (std::size_t i = 0; i < m_free.size(); ++i)
                if (taken[i]) fields.push_back(m_free[i]);
            auto found = inFields(fields);
            if (!found || *found) return found;
        } while (m_triesLeft > 0 && std::prev_permutation(taken.begin(), taken.end()));
        return std::optional<calc::Values>();
    }

private:
    Result<std::optional<calc::Values>> inFields(const std::vector<std::size_t>& fields) {
        std::vector<std::size_t> order(fields.size());
        std::iota(order.begin(), order.end(), 0);
        std::optional<calc::Values> other;
        bool typedOrder = true;
        do {
            if (m_triesLeft-- <= 0) return std::optional<calc::Values>(); // one found so far need not be the only one
            auto values = with(fields, order);
            const bool sense = calc::evaluate(m_c, values, m_tables).has_value();
            if (sense && typedOrder) return std::optional(std::move(values));
            if (sense && other) return ambiguous(fields);
            if (sense) other = std::move(values);
            typedOrder = false;
        } while (std::next_permutation(order.begin(), order.end()));
        return other;
    }
    calc::Values with(const std::vector<std::size_t>& fields, const std::vector<std::size_t>& order) const {
        auto values = m_given;
        for (std::size_t i = 0; i < fields.size(); ++i)
            values[m_c.inputs[fields[i]].name] = m_numbers[order[i]];
        return values;
    }
    tl::unexpected<Problem> ambiguous(const std::vector<std::size_t>& fields) const {
        std::string typed, names;
        for (std::size_t i = 0; i < fields.size(); ++i) {
            typed += (i == 0 ? "" : " ") + plain(m_numbers[i]);
            names += (i == 0 ? "" : ", ") + m_c.inputs[fields[i]].name;
        }
        return refuse(ProblemCode::Malformed, m_c.name, typed,
                      wanted("key=value, since more than one order makes sense: {1}", names));
    }

    const calc::Calculation& m_c;
    calc::Values m_given;
    std::vector<double> m_numbers;
    const tables::Tables& m_tables;
    std::vector<std::size_t> m_free; ///< fields
    int m_triesLeft = 200;           ///< a transient takes some milliseconds
};

/// What must be given first; where that fits nowhere, a designation may be a number too.
Result<calc::Values> plainly(const calc::Calculation& c, calc::Values out, const std::vector<double>& numbers,
                             const catalog::Materials& materials) {
    for (const double number : numbers) {
        const auto field = [&]() -> const Field* {
            for (const int turn : {0, 1, 2})
                for (const auto& f : c.inputs)
                    if (f.kind == Kind::Number && turnOf(f) == turn && !out.contains(f.name)) return &f;
            return nullptr;
        }();
        const Piece piece{plain(number), number, {}};
        if (field)
            out[field->name] = number;
        else if (!placeWord(out, c, piece, materials))
            return refuse(ProblemCode::Malformed, c.name, piece.text, wanted("a size that belongs here, or key=value"));
    }
    return out;
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
                                     const tables::Tables& tables) {
    calc::Values out;
    std::vector<Piece> keyless;
    for (const auto& size : sizes) {
        const auto cut = size.find('=');
        if (cut == std::string::npos || cut == 0) {
            keyless.push_back(pieceOf(size));
            continue;
        }
        const auto key = size.substr(0, cut), text = size.substr(cut + 1);
        const auto field =
            std::find_if(c.inputs.begin(), c.inputs.end(), [&](const Field& f) { return f.name == key; });
        const auto converted = field == c.inputs.end() ? std::nullopt : asNumberFor(*field, pieceOf(text));
        out[key] = converted ? *converted : valueFromText(c, key, text);
    }
    std::vector<double> bare;
    for (const auto& piece : keyless) {
        const bool list = piece.text.find(',') != std::string::npos && placeWord(out, c, piece, tables.materials);
        if (list || (piece.number && !piece.unit.empty() && placeWithUnit(out, c, piece))) continue;
        if (piece.number && piece.unit.empty())
            bare.push_back(*piece.number);
        else if (!placeWord(out, c, piece, tables.materials))
            return refuse(ProblemCode::Malformed, c.name, piece.text, wanted("a size that belongs here, or key=value"));
    }
    if (bare.empty()) return out;
    auto placed = BareNumbers(c, out, bare, tables).placed();
    if (!placed) return tl::unexpected(placed.error());
    if (*placed) return std::move(**placed);
    return plainly(c, std::move(out), bare, tables.materials);
}

} // namespace arbor::io
