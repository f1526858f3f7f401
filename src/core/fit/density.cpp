#include "core/fit/density.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace arbor::fit {

namespace {

double normalBelow(double z) {
    return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

} // namespace

Spread Spread::ofLimits(const Interval& limits) {
    return {limits.mid(), limits.width() / 6, limits};
}

Spread Spread::ofMeasured(double value, double uncertainty) {
    return {value, uncertainty / 2, {value - 2 * uncertainty, value + 2 * uncertainty}};
}

Density::Density(double origin, double step, std::vector<double> mass)
    : m_origin(origin), m_step(step), m_mass(std::move(mass)) {
    const double sum = std::accumulate(m_mass.begin(), m_mass.end(), 0.0);
    for (auto& m : m_mass)
        m /= sum;
}

Density Density::of(const Spread& s, double step) {
    if (!(s.sigma > 0)) return Density(s.mean, step, {1.0});
    const auto cells = static_cast<std::size_t>(std::max(1.0, std::ceil(s.limits.width() / step)));
    // Cells are laid symmetrically about the limits' middle so that a symmetric spread keeps its mean exactly.
    const double first = s.limits.mid() - step * static_cast<double>(cells) / 2;
    const auto below = [&](double x) {
        return normalBelow((std::clamp(x, s.limits.lower, s.limits.upper) - s.mean) / s.sigma);
    };
    std::vector<double> mass(cells);
    double left = below(first);
    for (std::size_t i = 0; i < cells; ++i) {
        const double right = below(first + step * static_cast<double>(i + 1));
        mass[i] = right - left;
        left = right;
    }
    return Density(first + step / 2, step, std::move(mass));
}

Density Density::minus(const Density& y) const {
    std::vector<double> mass(m_mass.size() + y.m_mass.size() - 1, 0.0);
    for (std::size_t j = 0; j < y.m_mass.size(); ++j) {
        const double weight = y.m_mass[y.m_mass.size() - 1 - j];
        for (std::size_t i = 0; i < m_mass.size(); ++i)
            mass[i + j] += weight * m_mass[i];
    }
    const double yLast = y.m_origin + y.m_step * static_cast<double>(y.m_mass.size() - 1);
    return Density(m_origin - yLast, m_step, std::move(mass));
}

Density Density::mapped(const std::function<double(double)>& f) const {
    std::vector<double> at(m_mass.size());
    for (std::size_t i = 0; i < m_mass.size(); ++i)
        at[i] = f(m_origin + m_step * static_cast<double>(i));
    const auto [lo, hi] = std::minmax_element(at.begin(), at.end());
    const double origin = *lo;
    std::vector<double> mass(static_cast<std::size_t>((*hi - origin) / m_step) + 2, 0.0);
    for (std::size_t i = 0; i < m_mass.size(); ++i) {
        const double place = (at[i] - origin) / m_step;
        const auto cell = static_cast<std::size_t>(place);
        const double share = place - static_cast<double>(cell);
        mass[cell] += (1 - share) * m_mass[i];
        mass[cell + 1] += share * m_mass[i];
    }
    return Density(origin, m_step, std::move(mass));
}

double Density::mean() const {
    double sum = 0;
    for (std::size_t i = 0; i < m_mass.size(); ++i)
        sum += m_mass[i] * (m_origin + m_step * static_cast<double>(i));
    return sum;
}

double Density::probabilityBelow(double x) const {
    double sum = 0;
    for (std::size_t i = 0; i < m_mass.size(); ++i) {
        const double left = m_origin + m_step * (static_cast<double>(i) - 0.5);
        sum += m_mass[i] * std::clamp((x - left) / m_step, 0.0, 1.0);
    }
    return sum;
}

double Density::quantile(double p) const {
    if (m_mass.size() == 1) return m_origin;
    double sum = 0;
    for (std::size_t i = 0; i < m_mass.size(); ++i) {
        if (sum + m_mass[i] >= p && m_mass[i] > 0)
            return m_origin + m_step * (static_cast<double>(i) - 0.5 + (p - sum) / m_mass[i]);
        sum += m_mass[i];
    }
    return m_origin + m_step * (static_cast<double>(m_mass.size()) - 0.5);
}

Range Density::band() const {
    return {quantile(0.025), quantile(0.5), quantile(0.975)};
}

std::vector<double> Density::curve(const Interval& window, std::size_t points) const {
    std::vector<double> out(points);
    const double width = window.width() / static_cast<double>(points);
    double left = probabilityBelow(window.lower);
    for (std::size_t i = 0; i < points; ++i) {
        const double right = probabilityBelow(window.lower + width * static_cast<double>(i + 1));
        out[i] = (right - left) / width;
        left = right;
    }
    return out;
}

} // namespace arbor::fit
