#pragma once

#include <cstddef>
#include <optional>
#include <string_view>

namespace arbor {

struct LeadingNumber {
    double value = 0;
    std::size_t length = 0; ///< of the text that it takes
};

/// The number a text begins with, as people type it, whatever the locale: `61.987`, `61,987`, `+3`, `-0.5` and the
/// typographic minus. A comma is a decimal comma where it is the only one and no point stands beside it.
/// @return nothing where there is none, or it is not finite
std::optional<LeadingNumber> leadingNumber(std::string_view text);

/// The same of a whole text.
std::optional<double> readNumber(std::string_view text);

} // namespace arbor
