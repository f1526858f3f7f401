#include "core/base/number.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <string>

namespace arbor {

namespace {

constexpr std::string_view kTypographicMinus = "\u2212";

} // namespace

std::optional<LeadingNumber> leadingNumber(std::string_view text) {
    std::string plain(text);
    std::size_t skipped = 0; // bytes that the plain text has fewer
    if (text.starts_with('+') && !text.starts_with("+-")) {
        plain.erase(0, 1);
        skipped = 1;
    } else if (text.starts_with(kTypographicMinus)) {
        plain.replace(0, kTypographicMinus.size(), "-");
        skipped = kTypographicMinus.size() - 1;
    }
    const bool one = std::count(plain.begin(), plain.end(), ',') == 1 && plain.find('.') == std::string::npos;
    if (one) std::replace(plain.begin(), plain.end(), ',', '.');
    double value = 0;
    const auto [end, error] = std::from_chars(plain.data(), plain.data() + plain.size(), value);
    if (error != std::errc{} || !std::isfinite(value)) return std::nullopt;
    return LeadingNumber{value, static_cast<std::size_t>(end - plain.data()) + skipped};
}

std::optional<double> readNumber(std::string_view text) {
    const auto number = leadingNumber(text);
    return number && number->length == text.size() ? std::optional(number->value) : std::nullopt;
}

} // namespace arbor
