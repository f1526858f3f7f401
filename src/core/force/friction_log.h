#pragma once

#include "core/base/range.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace arbor::force {

/// What the shop's own good presses say of one pair of materials and one lubricant.
struct LearnedFriction {
    std::size_t presses = 0;
    double mean = 0;
    double scatter = 0; ///< standard deviation of one press
    Interval band;      ///< in which the next press lies, 95 %, never wider than the book's
};

/// So many good presses must be on record before the book's band is narrowed.
inline constexpr std::size_t kLeastPresses = 5;

/// @param found  friction from good traces, of one pair and lubricant
/// @param book  the band of the book
/// @return nothing with too few presses, or when they lie outside the book: then the book stands, and something else is
/// wrong
/// @source prediction interval of the next value, mean +- t s sqrt(1 + 1/n), Student's t with n - 1 degrees
std::optional<LearnedFriction> learnFriction(const std::vector<double>& found, const Interval& book);

} // namespace arbor::force
