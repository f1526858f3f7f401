#include "device/gauge_line.h"

#include "core/base/units.h"

#include <charconv>
#include <cmath>
#include <string>

namespace arbor::device {

namespace {

constexpr double kGreatest_mm = 3000;

std::string_view trimmed(std::string_view text) {
    const auto first = text.find_first_not_of(" \t\r\n");
    if (first == std::string_view::npos) return {};
    return text.substr(first, text.find_last_not_of(" \t\r\n") - first + 1);
}

tl::unexpected<Problem> notAReading(std::string_view line) {
    return refuse(ProblemCode::Malformed, "gauge line", std::string(line.substr(0, 60)),
                  wanted("a size, as 61.978 mm"));
}

} // namespace

Result<std::optional<double>> parseGaugeLine(std::string_view line) {
    auto text = trimmed(line);
    if (text.empty() || text.front() == '#') return std::optional<double>{};
    if (text.starts_with("dia")) text = trimmed(text.substr(3));
    double value = 0;
    const auto [end, error] =
        std::from_chars(text.data() + (text.starts_with('+') ? 1 : 0), text.data() + text.size(), value);
    if (error != std::errc{} || !std::isfinite(value)) return notAReading(line);
    const auto unit = trimmed(text.substr(static_cast<std::size_t>(end - text.data())));
    if (!unit.empty() && unit != "mm" && unit != "in") return notAReading(line);
    if (unit == "in") value *= kMmPerInch;
    if (!(value > 0)) return refuse(ProblemCode::NotPositive, "gauge line", std::string(line), wanted("a size over 0"));
    if (value > kGreatest_mm)
        return refuse(ProblemCode::OutOfRange, "gauge line", std::string(line),
                      wanted("up to {1} mm", plain(kGreatest_mm)));
    return std::optional(value);
}

} // namespace arbor::device
