#pragma once

#include "core/job/fields.h"
#include "core/job/step_name.h"

#include <algorithm>
#include <cmath>
#include <concepts>
#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>
#include <sstream>
#include <string>
#include <type_traits>
#include <utility>
#include <vector>

namespace arbor::io {

/// Reads, writes and describes what job/fields.h lists. What has its usual value is written as null, and what is null
/// or absent has it.
namespace fields {

using job::Field;
using job::Group;
using job::Listed;
using job::Rule;
using nlohmann::json;

template <class E>
concept Kind = std::is_enum_v<E>;

// The functions of each lie in a class, where every one sees all the others.

struct Writer {
    bool usualToo = false; ///< of what every job has, for whoever compares; else only what differs from a new one

    /// Without the last digits that a change of unit leaves, so that saving again and again changes nothing.
    static double inUnit(double value, double unit) {
        constexpr double kDigits = 1e9;
        return unit == 1 ? value : std::round(value / unit * kDigits) / kDigits;
    }
    json written(bool value, const Rule&) const { return value; }
    json written(int value, const Rule&) const { return value; }
    json written(double value, const Rule& rule) const { return inUnit(value, rule.unit); }
    json written(const std::string& value, const Rule&) const { return value; }
    json written(const Interval& value, const Rule& rule) const {
        return {inUnit(value.lower, rule.unit), inUnit(value.upper, rule.unit)};
    }
    json written(const Range& value, const Rule& rule) const {
        return {{"least", inUnit(value.least, rule.unit)},
                {"likely", inUnit(value.likely, rule.unit)},
                {"most", inUnit(value.most, rule.unit)}};
    }
    json written(Kind auto value, const Rule&) const {
        const auto text = job::name(value);
        return text.empty() ? json() : json(text);
    }
    template <class T>
    json written(const std::optional<T>& value, const Rule& rule) const {
        return value ? Writer{}.written(*value, rule) : json();
    }
    template <class List>
    json listWritten(const List& list, const Rule& rule) const {
        auto out = json::array();
        for (const auto& entry : list)
            out.push_back(Writer{}.written(entry, rule));
        return out;
    }
    template <class T>
    json written(const std::vector<T>& list, const Rule& rule) const {
        return listWritten(list, rule);
    }
    template <class T>
    json written(const std::set<T>& list, const Rule& rule) const {
        return listWritten(list, rule);
    }
    template <Kind E, class T>
    json written(const std::map<E, T>& map, const Rule& rule) const {
        auto out = json::object();
        for (const auto& [kind, value] : map)
            out[std::string(job::name(kind))] = Writer{}.written(value, rule);
        return out;
    }
    /// By part: a list whose entries name it; by any other name: an object.
    template <class T>
    json written(const std::map<std::string, T>& map, const Rule& rule) const {
        auto out = Listed<T> || rule.entry ? json::array() : json::object();
        for (const auto& [key, value] : map) {
            if (out.is_object()) {
                out[key] = Writer{}.written(value, rule);
                continue;
            }
            auto entry = rule.entry ? json{{rule.entry, Writer{}.written(value, rule)}} : Writer{}.written(value, rule);
            entry["part"] = key;
            out.push_back(std::move(entry));
        }
        return out;
    }
    static void sayKey(json& out, const job::SeatKey& key) {
        out["outer"] = key.first;
        out["inner"] = key.second;
    }
    json written(const std::map<job::SeatKey, job::SeatCard>& seats, const Rule& rule) const {
        auto out = json::array();
        for (const auto& [key, card] : seats) {
            auto entry = Writer{}.written(card, rule);
            sayKey(entry, key);
            out.push_back(std::move(entry));
        }
        return out;
    }
    json written(const std::map<job::StepKey, job::StepRecord>& steps, const Rule& rule) const {
        auto out = json::object();
        for (const auto& [key, record] : steps) {
            if (record == job::StepRecord{}) continue;
            auto entry = Writer{}.written(record, rule);
            sayKey(entry, key.seat);
            entry["way"] = key.out ? "out" : "in";
            out[job::nameOf(key)] = std::move(entry);
        }
        return out;
    }

    /// Nothing of it is said.
    static bool isEmpty(const json& value) {
        if (!value.is_object()) return value.is_null();
        return std::all_of(value.begin(), value.end(), [](const json& one) { return isEmpty(one); });
    }

    template <class T, class... Path>
    void write(json& out, const T& whole, const Field<Path...>& field) const {
        static const T usual{};
        const bool isSaid = usualToo || field.rule.isAlways || !(field.in(whole) == field.in(usual));
        out[field.key] = isSaid ? written(field.in(whole), field.rule) : json();
    }
    template <class T, class... Fields>
    void write(json& out, const T& whole, const Group<Fields...>& group) const {
        auto inside = json::object();
        std::apply([&](const auto&... fields) { (write(inside, whole, fields), ...); }, group.fields);
        out[group.key] = isEmpty(inside) ? json() : std::move(inside);
    }
    template <Listed T>
    json written(const T& value, const Rule&) const {
        auto out = json::object();
        job::eachField<T>([&](const auto& field) { write(out, value, field); });
        return out;
    }
};

struct Reader {
    static void take(bool& value, const json& d, const Rule&) { value = d.get<bool>(); }
    static void take(int& value, const json& d, const Rule&) { value = d.get<int>(); }
    static void take(double& value, const json& d, const Rule& rule) { value = d.get<double>() * rule.unit; }
    static void take(std::string& value, const json& d, const Rule&) { value = d.get<std::string>(); }
    static void take(Interval& value, const json& d, const Rule& rule) {
        value = {d.at(0).get<double>() * rule.unit, d.at(1).get<double>() * rule.unit};
    }
    static void take(Range& value, const json& d, const Rule& rule) {
        value = Range{d.at("least"), d.at("likely"), d.at("most")} * rule.unit;
    }
    template <Kind E>
    static void take(E& value, const json& d, const Rule&) {
        value = job::named<E>(d.get<std::string>()).value_or(value);
    }
    template <class T>
    static T taken(const json& d, const Rule& rule) {
        T out{};
        take(out, d, rule);
        return out;
    }
    template <class T>
    static void take(std::optional<T>& value, const json& d, const Rule& rule) {
        value = taken<T>(d, rule);
    }
    template <class T>
    static void take(std::vector<T>& list, const json& d, const Rule& rule) {
        for (const auto& entry : d)
            list.push_back(taken<T>(entry, rule));
    }
    template <class T>
    static void take(std::set<T>& list, const json& d, const Rule& rule) {
        for (const auto& entry : d)
            list.insert(taken<T>(entry, rule));
    }
    /// Those that this program does not know are passed over.
    template <Kind E>
    static void take(std::set<E>& list, const json& d, const Rule&) {
        for (const auto& entry : d)
            if (const auto known = job::named<E>(entry.get<std::string>())) list.insert(*known);
    }
    template <Kind E, class T>
    static void take(std::map<E, T>& map, const json& d, const Rule& rule) {
        for (const auto& name : job::namesOf(job::Tag<E>{}))
            if (d.contains(name.text)) map[name.value] = taken<T>(d.at(name.text), rule);
    }
    template <class T>
    static void take(std::map<std::string, T>& map, const json& d, const Rule& rule) {
        for (const auto& [key, value] : d.items()) {
            if (d.is_object())
                map[key] = taken<T>(value, rule);
            else
                map[std::string(value.at("part"))] = taken<T>(rule.entry ? value.at(rule.entry) : value, rule);
        }
    }
    static job::SeatKey keyOf(const json& d) {
        return {d.at("outer").get<std::string>(), d.at("inner").get<std::string>()};
    }
    static void take(std::map<job::SeatKey, job::SeatCard>& seats, const json& d, const Rule& rule) {
        for (const auto& entry : d)
            seats[keyOf(entry)] = taken<job::SeatCard>(entry, rule);
    }
    static void take(std::map<job::StepKey, job::StepRecord>& steps, const json& d, const Rule& rule) {
        for (const auto& entry : d)
            if (auto record = taken<job::StepRecord>(entry, rule); record != job::StepRecord{})
                steps[{keyOf(entry), entry.at("way") == "out"}] = std::move(record);
    }

    template <class T, class... Path>
    static void read(T& whole, const json& d, const Field<Path...>& field) {
        if (const auto at = d.find(field.key); at != d.end() && !at->is_null()) take(field.in(whole), *at, field.rule);
    }
    template <class T, class... Fields>
    static void read(T& whole, const json& d, const Group<Fields...>& group) {
        if (const auto at = d.find(group.key); at != d.end() && !at->is_null())
            std::apply([&](const auto&... fields) { (read(whole, *at, fields), ...); }, group.fields);
    }
    template <Listed T>
    static void take(T& value, const json& d, const Rule&) {
        job::eachField<T>([&](const auto& field) { read(value, d, field); });
    }
};

template <class T>
struct Type {};

struct Describer {
    static json numbers(const char* type, const Rule& rule) {
        json out{{"type", type}};
        if (rule.least) out[rule.beyondLeast ? "exclusiveMinimum" : "minimum"] = *rule.least;
        if (rule.most) out[rule.belowMost ? "exclusiveMaximum" : "maximum"] = *rule.most;
        return out;
    }
    static json schemaOf(Type<bool>, const Rule&) { return {{"type", "boolean"}}; }
    static json schemaOf(Type<int>, const Rule& rule) { return numbers("integer", rule); }
    static json schemaOf(Type<double>, const Rule& rule) { return numbers("number", rule); }
    static json schemaOf(Type<std::string>, const Rule& rule) {
        json out{{"type", "string"}};
        if (rule.isFilled) out["minLength"] = 1;
        return out;
    }
    static json schemaOf(Type<Interval>, const Rule& rule) {
        return {{"type", "array"}, {"minItems", 2}, {"maxItems", 2}, {"items", numbers("number", rule)}};
    }
    static json schemaOf(Type<Range>, const Rule& rule) {
        const auto one = numbers("number", rule);
        return {{"type", "object"},
                {"required", {"least", "likely", "most"}},
                {"properties", {{"least", one}, {"likely", one}, {"most", one}}}};
    }
    template <Kind E>
    static json schemaOf(Type<E>, const Rule& rule) {
        if (rule.isOpen) return {{"type", "string"}};
        auto names = json::array();
        std::size_t at = 0;
        for (const auto& name : job::namesOf(job::Tag<E>{}))
            if (at++ >= rule.firstName) names.push_back(name.text);
        return {{"enum", names}};
    }
    template <class T>
    static json schemaOf(Type<std::optional<T>>, const Rule& rule) {
        return schemaOf(Type<T>{}, rule);
    }
    template <class T>
    static json listSchema(const Rule& rule) {
        json out{{"type", "array"}, {"items", schemaOf(Type<T>{}, rule)}};
        if (rule.mostEntries > 0) out["maxItems"] = rule.mostEntries;
        return out;
    }
    template <class T>
    static json schemaOf(Type<std::vector<T>>, const Rule& rule) {
        return listSchema<T>(rule);
    }
    template <class T>
    static json schemaOf(Type<std::set<T>>, const Rule& rule) {
        return listSchema<T>(rule);
    }
    template <Kind E, class T>
    static json schemaOf(Type<std::map<E, T>>, const Rule& rule) {
        json out{{"type", "object"}};
        for (const auto& name : job::namesOf(job::Tag<E>{}))
            out["properties"][name.text] = schemaOf(Type<T>{}, rule);
        return out;
    }
    static json textSchema(std::size_t least = 0) {
        return least > 0 ? json{{"type", "string"}, {"minLength", least}} : json{{"type", "string"}};
    }
    template <class T>
    static json schemaOf(Type<std::map<std::string, T>>, const Rule& rule) {
        auto value = schemaOf(Type<T>{}, rule);
        if (!Listed<T> && !rule.entry) {
            json out{{"type", "object"}, {"additionalProperties", value}};
            std::istringstream names(rule.keys ? rule.keys : "");
            for (std::string name; names >> name;)
                out["propertyNames"]["enum"].push_back(name);
            return out;
        }
        if (rule.entry) value = {{"type", "object"}, {"required", {rule.entry}}, {"properties", {{rule.entry, value}}}};
        value["properties"]["part"] = textSchema();
        value["required"].push_back("part");
        return {{"type", "array"}, {"items", value}};
    }
    static void askKey(json& entry) {
        for (const char* key : {"outer", "inner"}) {
            entry["properties"][key] = textSchema(1);
            entry["required"].push_back(key);
        }
    }
    static json schemaOf(Type<std::map<job::SeatKey, job::SeatCard>>, const Rule& rule) {
        auto entry = schemaOf(Type<job::SeatCard>{}, rule);
        askKey(entry);
        return {{"type", "array"}, {"items", entry}};
    }
    static json schemaOf(Type<std::map<job::StepKey, job::StepRecord>>, const Rule& rule) {
        auto entry = schemaOf(Type<job::StepRecord>{}, rule);
        askKey(entry);
        entry["properties"]["way"] = {{"enum", {"in", "out"}}};
        entry["required"].push_back("way");
        return {{"type", "object"}, {"additionalProperties", entry}};
    }

    template <class T, class... Path>
    static void describe(json& out, Type<T>, const Field<Path...>& field) {
        using Value = std::remove_cvref_t<decltype(field.in(std::declval<T&>()))>;
        auto& said = out["properties"][field.key] = schemaOf(Type<Value>{}, field.rule);
        if (*field.rule.tells) said["description"] = field.rule.tells;
        if (field.rule.isNeeded) out["required"].push_back(field.key);
    }
    template <class T, class... Fields>
    static void describe(json& out, Type<T> type, const Group<Fields...>& group) {
        auto& inside = out["properties"][group.key] = {{"type", "object"}};
        std::apply([&](const auto&... fields) { (describe(inside, type, fields), ...); }, group.fields);
    }
    template <Listed T>
    static json schemaOf(Type<T> type, const Rule&) {
        json out{{"type", "object"}};
        job::eachField<T>([&](const auto& field) { describe(out, type, field); });
        return out;
    }
};

} // namespace fields

} // namespace arbor::io
