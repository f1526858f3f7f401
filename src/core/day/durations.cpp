#include "core/day/durations.h"

#include "core/day/clock.h"

#include <algorithm>
#include <cmath>

namespace arbor::day {

namespace {

/// As long as it was worked on; nothing where a night lies between, or nobody knows what is usual.
std::optional<double> ratioOf(const job::Worked& worked) {
    if (worked.began.size() < 10 || !(worked.usual_s > 0)) return std::nullopt;
    const auto date = worked.began.substr(0, 10);
    const auto began = minuteOf(worked.began, date), ended = minuteOf(worked.ended, date);
    if (!began || !ended || *ended < *began || *ended >= kDay) return std::nullopt;
    constexpr double kSecond = 1.0 / 60;
    return std::max(1, *ended - *began) / (worked.usual_s * kSecond);
}

} // namespace

Durations::Durations(const std::vector<job::Worked>& before) {
    constexpr std::size_t kEnough = 3;
    std::map<Work, std::vector<double>> ratios;
    for (const auto& worked : before)
        if (const auto ratio = ratioOf(worked)) ratios[worked.what].push_back(*ratio);
    for (auto& [work, all] : ratios) {
        if (all.size() < kEnough) continue;
        const auto middle = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
        std::nth_element(all.begin(), middle, all.end());
        m_factors[work] = *middle;
    }
}

double Durations::factor(Work work) const {
    const auto at = m_factors.find(work);
    return at == m_factors.end() ? 1 : at->second;
}

Minute Durations::of(Work work, double usual_min) const {
    return std::max(1, static_cast<Minute>(std::ceil(usual_min * factor(work))));
}

double usualMinutes(Work work, std::size_t count) {
    const auto each = static_cast<double>(count);
    switch (work) {
    case Work::Intake:
        return 5;
    case Work::Strip: // of the parts that come off by hand
        return 3 + 2 * each;
    case Work::Out: // set up, pressed, put away
        return 10;
    case Work::Measure: // surfaces, cleaned and read at several places
        return 2 + 3 * each;
    case Work::In:
        return 8;
    case Work::Prove:
        return 4;
    case Work::Adjust:
        return 15;
    case Work::Close: // fasteners in their stages, and the record
        return 5 + each;
    case Work::SoakOuter:
    case Work::SoakInner: // worked out, not estimated
        return 0;
    }
    return 0;
}

} // namespace arbor::day
