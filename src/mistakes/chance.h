#pragma once

#include <algorithm>
#include <cstddef>
#include <cstdint>
#include <random>

namespace arbor::mistakes {

/// What falls by chance. The same seed gives the same run.
class Chance {
public:
    explicit Chance(std::uint32_t seed) : m_hand(seed) {}

    double between(double low, double high) { return std::uniform_real_distribution<double>(low, high)(m_hand); }
    std::size_t below(std::size_t count) { return std::uniform_int_distribution<std::size_t>(0, count - 1)(m_hand); }
    bool happens(double share) { return between(0, 1) < share; }
    /// One of a list that is not empty.
    template <class List>
    const auto& of(const List& list) {
        return list[below(std::size(list))];
    }
    /// How much is wrong: from what does harm, and what the means are three times sure to, to gross; more often little.
    double past(double limit_mm, double sure_mm, double gross_mm) {
        const double least = limit_mm + 3 * sure_mm, share = between(0, 1);
        return least + share * share * share * std::max(0.0, gross_mm - least);
    }
    std::mt19937& hand() { return m_hand; } ///< for a stand-in that draws by itself

private:
    std::mt19937 m_hand;
};

} // namespace arbor::mistakes
