#include "io/schema_words.h"

#include "core/base/json_text.h"
#include "core/base/number.h"

#include <cstdlib>

namespace arbor::io {

namespace {

using nlohmann::json;
using Steps = std::vector<std::string>;

/// "[housing]" and "[0]" without their brackets; the root is no step.
Steps namesOf(const Steps& steps) {
    Steps out;
    for (const auto& step : steps)
        if (step != "<root>" && step.size() > 2) out.push_back(step.substr(1, step.size() - 2));
    return out;
}

std::string placeOf(const Steps& names) {
    std::string place;
    for (const auto& name : names)
        place += (place.empty() ? "" : "/") + name;
    return place.empty() ? "the whole file" : place;
}

const json* memberOf(const json* node, const std::string& name) {
    if (node && node->is_object() && node->contains(name)) return &node->at(name);
    if (node && node->is_array() && !name.empty() && name.find_first_not_of("0123456789") == std::string::npos)
        if (const auto i = std::strtoul(name.c_str(), nullptr, 10); i < node->size()) return &node->at(i);
    return nullptr;
}

const json* at(const json& document, const Steps& names) {
    const json* node = &document;
    for (const auto& name : names)
        node = memberOf(node, name);
    return node;
}

/// What the schema says of a place; null: nothing, or it depends.
const json* ruleAt(const json& schema, const Steps& names) {
    const auto meant = [&](const json* node) {
        if (const auto* ref = memberOf(node, "$ref"))
            return &schema.at(json::json_pointer(ref->get_ref<const std::string&>().substr(1)));
        return node;
    };
    const json* node = &schema;
    for (const auto& name : names) {
        node = meant(node);
        const auto* own = memberOf(memberOf(node, "properties"), name);
        if (!own) own = memberOf(node, "items");
        node = own ? own : memberOf(node, "additionalProperties");
    }
    return meant(node);
}

/// What stands there, short enough for a line.
std::string shown(const json* node) {
    constexpr std::size_t kLongest = 40;
    if (!node) return {};
    auto text =
        node->is_string() ? node->get<std::string>() : node->dump(-1, ' ', false, json::error_handler_t::replace);
    return text.size() > kLongest ? text.substr(0, kLongest) + "…" : text;
}

Wanted kindOf(const json* rule) {
    const auto* type = memberOf(rule, "type");
    return type && type->is_string() ? kindWanted(type->get<std::string>()) : Wanted();
}

Wanted oneOf(const json* rule) {
    std::string all;
    if (const auto* names = memberOf(rule, "enum"))
        for (const auto& name : *names)
            all += (all.empty() ? "" : ", ") + shown(&name);
    if (const auto* only = memberOf(rule, "const")) all = shown(only);
    return asListed(all);
}

/// The number in a sentence, which the validator writes as the locale would.
std::string numberIn(const std::string& said) {
    const auto from = said.find_first_of("-0123456789");
    const auto number = from == std::string::npos ? std::nullopt : leadingNumber(std::string_view(said).substr(from));
    return number ? plain(number->value) : std::string();
}

std::string quotedIn(const std::string& said) {
    const auto to = said.rfind('\''), from = said.rfind('\'', to == 0 ? 0 : to - 1);
    return from < to ? said.substr(from + 1, to - from - 1) : std::string();
}

} // namespace

Problem schemaProblem(const Steps& steps, const std::string& said, const json& document, const json& schema) {
    const auto names = namesOf(steps);
    const auto* node = at(document, names);
    const auto* rule = ruleAt(schema, names);
    const auto begins = [&](const char* text) { return said.rfind(text, 0) == 0; };
    const auto problem = [&](ProblemCode code, Wanted limit = {}) {
        return Problem{code, placeOf(names), shown(node), std::move(limit)};
    };
    if (begins("Missing required property")) {
        auto missing = names;
        missing.push_back(quotedIn(said));
        return {ProblemCode::Missing, placeOf(missing), {}, {}};
    }
    if (begins("Object contains a property")) return {ProblemCode::UnknownKey, placeOf(names), quotedIn(said), {}};
    if (begins("Failed to match against any enum") || begins("Failed to match expected value"))
        return problem(ProblemCode::UnknownName, oneOf(rule));
    if (begins("Expected number greater than or equal"))
        return problem(ProblemCode::OutOfRange, wanted("{1} or more", numberIn(said)));
    if (begins("Expected number greater")) return problem(ProblemCode::OutOfRange, wanted("> {1}", numberIn(said)));
    if (begins("Expected number less than or equal"))
        return problem(ProblemCode::OutOfRange, wanted("up to {1}", numberIn(said)));
    if (begins("Expected number less")) return problem(ProblemCode::OutOfRange, wanted("< {1}", numberIn(said)));
    if (begins("String should be no fewer") || begins("Array should contain no fewer"))
        return problem(ProblemCode::OutOfRange, wanted("at least {1}", numberIn(said)));
    if (begins("Array should contain no more") || begins("Array contains more"))
        return problem(ProblemCode::OutOfRange, wanted("fewer entries"));
    if (begins("String should be no more"))
        return problem(ProblemCode::OutOfRange, wanted("at most {1} letters", numberIn(said)));
    return problem(ProblemCode::Malformed, kindOf(rule));
}

} // namespace arbor::io
