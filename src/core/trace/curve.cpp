#include "core/trace/curve.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr std::size_t kCoarse = 60;     // fewer samples than that were read by hand
constexpr double kBehind_mm = 0.02;     // so far behind the furthest travel a sample still counts as going on
constexpr double kStandstill_mm = 0.05; // of the end counts as holding

double median(std::vector<double> v) {
    if (v.empty()) return 0;
    const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), middle, v.end());
    return *middle;
}

/// Scatter of one sample: the median step between neighbours, which a slow rise hardly enters.
double sampleNoise(const Trace& t) {
    std::vector<double> steps;
    steps.reserve(t.size());
    for (std::size_t i = 1; i < t.size(); ++i)
        steps.push_back(std::abs(t[i].force_N - t[i - 1].force_N));
    return median(std::move(steps)) / 0.954; // of a difference of two normal values
}

/// Force before anything is touched.
double baselineOf(const Trace& t) {
    std::vector<double> before;
    for (const auto& s : t)
        if (s.travel_mm < 0) before.push_back(s.force_N);
    return before.size() >= 5 ? median(std::move(before)) : 0;
}

/// Means over even steps of travel, of the samples that push on.
class Steps {
public:
    Steps(double from_mm, double step_mm, std::size_t count) : m_from(from_mm), m_step(step_mm), m_sums(count) {}

    void add(double travel, double force) {
        const auto i = static_cast<std::ptrdiff_t>(std::floor((travel - m_from) / m_step));
        if (i < 0 || i >= static_cast<std::ptrdiff_t>(m_sums.size())) return;
        auto& sum = m_sums[static_cast<std::size_t>(i)];
        sum.travel += travel;
        sum.force += force;
        ++sum.count;
    }
    std::vector<Curve::Point> points() const {
        std::vector<Curve::Point> out;
        for (const auto& s : m_sums)
            if (s.count > 0) out.push_back({s.travel / s.count, s.force / s.count});
        return out;
    }
    /// Samples in a step where there are few: where the ram moves fast, not where it stands.
    double fewest() const {
        std::vector<double> counts;
        for (const auto& s : m_sums)
            if (s.count > 0) counts.push_back(s.count);
        if (counts.empty()) return 1;
        const auto tenth = counts.begin() + static_cast<std::ptrdiff_t>(counts.size() / 10);
        std::nth_element(counts.begin(), tenth, counts.end());
        return *tenth;
    }

private:
    struct Sum {
        double travel = 0, force = 0;
        int count = 0;
    };
    double m_from, m_step;
    std::vector<Sum> m_sums;
};

} // namespace

double Curve::at(double travel) const {
    if (points.empty()) return 0;
    if (travel <= points.front().travel_mm) return points.front().force_N;
    if (travel >= points.back().travel_mm) return points.back().force_N;
    const auto right = std::upper_bound(points.begin(), points.end(), travel,
                                        [](double x, const Point& p) { return x < p.travel_mm; });
    const auto& a = *(right - 1);
    const auto& b = *right;
    return std::lerp(a.force_N, b.force_N, (travel - a.travel_mm) / (b.travel_mm - a.travel_mm));
}

double Curve::slope(double from, double to) const {
    return to > from ? (at(to) - at(from)) / (to - from) : 0;
}

Curve loadingCurve(const Trace& trace, double step_mm) {
    Curve out;
    if (trace.empty()) return out;
    out.step_mm = step_mm;
    out.coarse = trace.size() < kCoarse;
    out.baseline_N = baselineOf(trace);
    const double noise = out.coarse ? 0 : sampleNoise(trace);
    double least = trace.front().travel_mm, most = least;
    for (const auto& s : trace) {
        least = std::min(least, s.travel_mm);
        most = std::max(most, s.travel_mm);
    }
    const auto count = static_cast<std::size_t>(std::clamp((most - least) / step_mm + 1, 1.0, 20000.0));
    Steps steps(least, step_mm, count);
    double furthest = least;
    for (const auto& s : trace) {
        furthest = std::max(furthest, s.travel_mm);
        if (s.travel_mm < furthest - std::max(kBehind_mm, step_mm / 2)) continue; // going back
        if (out.coarse)
            out.points.push_back({s.travel_mm, s.force_N - out.baseline_N});
        else
            steps.add(s.travel_mm, s.force_N - out.baseline_N);
    }
    if (!out.coarse) out.points = steps.points();
    // A hand that writes two readings at one travel means the later one.
    for (std::size_t i = 1; i < out.points.size();)
        if (out.points[i].travel_mm <= out.points[i - 1].travel_mm) {
            out.points[i - 1].force_N = out.points[i].force_N;
            out.points.erase(out.points.begin() + static_cast<std::ptrdiff_t>(i));
        } else {
            ++i;
        }
    out.noise_N = noise / std::sqrt(steps.fewest());
    for (const auto& p : out.points)
        out.peak_N = std::max(out.peak_N, p.force_N);
    out.lastTravel_mm = trace.back().travel_mm;
    out.lastForce_N = trace.back().force_N - out.baseline_N;
    const double held = 0.7 * out.peak_N;
    for (const auto& s : trace)
        if (s.travel_mm > most - kStandstill_mm && s.force_N - out.baseline_N > held) {
            out.hold_s = trace.back().t_s - s.t_s;
            break;
        }
    return out;
}

} // namespace arbor::trace
