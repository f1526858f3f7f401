#include "core/force/friction_log.h"

#include <algorithm>
#include <boost/math/distributions/students_t.hpp>
#include <cmath>

namespace arbor::force {

namespace {

constexpr double kLeastHalf = 0.08; // of the mean: a trace does not tell friction any finer

} // namespace

std::optional<LearnedFriction> learnFriction(const std::vector<double>& found, const Interval& book) {
    if (found.size() < kLeastPresses) return std::nullopt;
    LearnedFriction out;
    out.presses = found.size();
    const auto n = static_cast<double>(found.size());
    for (const double f : found)
        out.mean += f / n;
    for (const double f : found)
        out.scatter += (f - out.mean) * (f - out.mean) / (n - 1);
    out.scatter = std::sqrt(out.scatter);
    if (!(out.mean >= book.lower && out.mean <= book.upper)) return std::nullopt;
    const double t = boost::math::quantile(boost::math::students_t(n - 1), 0.975);
    const double half = std::max(t * out.scatter * std::sqrt(1 + 1 / n), kLeastHalf * out.mean);
    out.band = {std::max(book.lower, out.mean - half), std::min(book.upper, out.mean + half)};
    return out;
}

} // namespace arbor::force
