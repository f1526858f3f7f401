#include "core/base/json_text.h"

#include <algorithm>
#include <optional>
#include <set>
#include <vector>

namespace arbor {

namespace {

constexpr int kDeepest = 100; // no file of ours goes below 12

std::string lineAndColumn(std::string_view text, std::size_t byte) {
    const auto head = text.substr(0, std::min(byte, text.size()));
    const auto line = 1 + std::count(head.begin(), head.end(), '\n');
    const auto lastBreak = head.rfind('\n');
    const auto column = lastBreak == std::string_view::npos ? head.size() : head.size() - lastBreak - 1;
    return "line " + std::to_string(line) + ", column " + std::to_string(column);
}

} // namespace

Wanted kindWanted(std::string_view name) {
    if (name == "number") return wanted("a number");
    if (name == "integer") return wanted("a whole number");
    if (name == "string") return wanted("a text in quotes");
    if (name == "boolean") return wanted("true or false");
    if (name == "array") return wanted("a list in brackets");
    if (name == "object") return wanted("names and values in braces");
    return {};
}

Problem jsonProblem(const nlohmann::json::exception& error) {
    constexpr int kNoSuchKey = 403;
    const std::string said = error.what();
    const auto open = said.find("] (/"), close = said.find(") ", open);
    auto place = open == std::string::npos ? std::string() : said.substr(open + 4, close - open - 4);
    if (error.id == kNoSuchKey) {
        const auto from = said.find("key '"), to = said.find("' not found", from);
        const auto key = from == std::string::npos ? std::string() : said.substr(from + 5, to - from - 5);
        return {ProblemCode::Missing, place.empty() ? key : place + "/" + key, {}, {}};
    }
    const std::string before = "type must be ";
    const auto from = said.find(before);
    const auto kind = from == std::string::npos ? std::string() : said.substr(from + before.size());
    return {ProblemCode::Malformed,
            place.empty() ? "the whole file" : place,
            {},
            kindWanted(kind.substr(0, kind.find(',')))};
}

Result<nlohmann::json> parseJson(std::string_view text) {
    using json = nlohmann::json;
    std::vector<std::set<std::string>> keysOfOpenObjects;
    std::optional<std::string> twice;
    bool tooDeep = false;
    const auto watch = [&](int depth, json::parse_event_t event, json& value) {
        if (depth > kDeepest) tooDeep = true;
        if (tooDeep) return false; // what is not kept needs no memory
        if (event == json::parse_event_t::object_start)
            keysOfOpenObjects.emplace_back();
        else if (event == json::parse_event_t::object_end)
            keysOfOpenObjects.pop_back();
        else if (event == json::parse_event_t::key && !keysOfOpenObjects.back().insert(value.get<std::string>()).second)
            twice = value.get<std::string>();
        return true;
    };
    try {
        auto document = json::parse(text, watch);
        if (tooDeep)
            return refuse(ProblemCode::OutOfRange, "the whole file", {},
                          wanted("at most {1} levels", std::to_string(kDeepest)));
        if (twice) return refuse(ProblemCode::Duplicate, *twice, {}, wanted("each key once"));
        return document;
    } catch (const json::parse_error& error) {
        return refuse(ProblemCode::Malformed, lineAndColumn(text, error.byte), {}, wanted("JSON"));
    } catch (const json::exception&) {
        return refuse(ProblemCode::OutOfRange, "a number", {}, wanted("a number of ordinary size"));
    }
}

Result<void> onlyKeys(const nlohmann::json& object, std::initializer_list<std::string_view> known) {
    for (const auto& [key, value] : object.items())
        if (std::find(known.begin(), known.end(), key) == known.end()) return refuse(ProblemCode::UnknownKey, key, key);
    return {};
}

} // namespace arbor
