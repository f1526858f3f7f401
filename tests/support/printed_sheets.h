#pragma once

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <string>

namespace arbor::testing {

/// What a command printed as JSON, asked by the keys that are promised to stay.
class PrintedSheets {
public:
    explicit PrintedSheets(const std::string& text) : whole(nlohmann::json::parse(text)) {}

    const nlohmann::json& sheet(const std::string& station, const std::string& about = {}) const {
        for (const auto& s : whole["sheets"])
            if (s["station"] == station && (about.empty() || s.value("about", "") == about)) return s;
        ADD_FAILURE() << "no sheet of " << station << " " << about;
        static const nlohmann::json none = nlohmann::json::object();
        return none;
    }

    nlohmann::json whole;
};

/// A row of a sheet by its list and key; null: there is none.
inline nlohmann::json rowOf(const nlohmann::json& sheet, const std::string& list, const std::string& key) {
    if (!sheet.contains("rows") || !sheet["rows"].contains(list)) return nullptr;
    for (const auto& row : sheet["rows"][list])
        if (row["key"] == key) return row;
    return nullptr;
}

/// The likely value of a figure or a row.
inline double likely(const nlohmann::json& said) {
    return said.contains("value") ? said["value"].get<double>() : said.at("likely").get<double>();
}

inline bool says(const nlohmann::json& sheet, const std::string& key) {
    for (const auto& note : sheet["notes"])
        if (note.value("key", "") == key) return true;
    return false;
}

} // namespace arbor::testing
