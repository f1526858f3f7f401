#include "core/base/json_text.h"

#include <algorithm>
#include <optional>
#include <set>
#include <vector>

namespace arbor {

namespace {

std::string lineAndColumn(std::string_view text, std::size_t byte) {
    const auto head = text.substr(0, std::min(byte, text.size()));
    const auto line = 1 + std::count(head.begin(), head.end(), '\n');
    const auto lastBreak = head.rfind('\n');
    const auto column = lastBreak == std::string_view::npos ? head.size() : head.size() - lastBreak - 1;
    return "line " + std::to_string(line) + ", column " + std::to_string(column);
}

} // namespace

Result<nlohmann::json> parseJson(std::string_view text) {
    using json = nlohmann::json;
    std::vector<std::set<std::string>> keysOfOpenObjects;
    std::optional<std::string> twice;
    const auto watchKeys = [&](int, json::parse_event_t event, json& value) {
        if (event == json::parse_event_t::object_start)
            keysOfOpenObjects.emplace_back();
        else if (event == json::parse_event_t::object_end)
            keysOfOpenObjects.pop_back();
        else if (event == json::parse_event_t::key && !keysOfOpenObjects.back().insert(value.get<std::string>()).second)
            twice = value.get<std::string>();
        return true;
    };
    try {
        auto document = json::parse(text, watchKeys);
        if (twice) return refuse(ProblemCode::Duplicate, *twice, {}, "each key once");
        return document;
    } catch (const json::parse_error& error) {
        return refuse(ProblemCode::Malformed, lineAndColumn(text, error.byte), {}, "JSON");
    } catch (const json::exception&) {
        return refuse(ProblemCode::OutOfRange, "a number", {}, "a number that fits a double");
    }
}

Result<void> onlyKeys(const nlohmann::json& object, std::initializer_list<std::string_view> known) {
    for (const auto& [key, value] : object.items())
        if (std::find(known.begin(), known.end(), key) == known.end()) return refuse(ProblemCode::UnknownKey, key);
    return {};
}

} // namespace arbor
