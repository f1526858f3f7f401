#pragma once

#include "log/entry.h"

#include <string>

namespace arbor::testing {

/// One press of many, each with another number, bearing and day.
inline log::Entry press(int number, const std::string& title = "Seamer turret · upper bearing") {
    log::Entry e;
    e.id = "J-" + std::to_string(number) + "@2026-11-" + (number % 28 < 9 ? "0" : "") + std::to_string(number % 28 + 1);
    e.jobId = "J-" + std::to_string(number);
    e.title = title;
    e.customer = "Harrow Bay Cannery";
    e.bearing = number % 2 ? "6205" : "3206";
    e.family = number % 2 ? "deep_groove_ball" : "double_row_angular_ball";
    e.position = "line 7";
    e.shape = number % 2 ? "E" : "A";
    e.outer_C = 90.0 + number;
    e.inner_C = 20;
    e.when = "2026-11-" + std::string(number % 28 < 9 ? "0" : "") + std::to_string(number % 28 + 1) + "T10:00:00";
    e.who = "Ilse Marden";
    e.notes = "S14 went in straight";
    e.tools = "P30 R05 S14";
    e.verdict = "home_and_square";
    e.expected_N = 1000;
    e.peak_N = 1000.0 + 10 * number;
    e.document = "{\"id\": " + std::to_string(number) + "}";
    return e;
}

} // namespace arbor::testing
