#include "core/trace/kept_trace.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr double kStill_mm = 0.02, kStill_N = 50, kStillShare = 0.01; // of travel and force: no change
constexpr double kScatter = 8;         // times the mean step from sample to sample lies within the noise
constexpr double kForget = 0.02;       // of that mean, with each sample
constexpr double kBegins_s = 1;        // it stands when nothing has changed for so long
constexpr double kFirst_s = 0.1;       // from one kept sample of a standstill to the next, at first
constexpr double kShareOfStand = 0.02; // and later: of how long it has stood
constexpr double kLongest_s = 60;

} // namespace

bool KeptTrace::stands(const Sample& s) {
    if (m_last) m_step_N += kForget * (std::abs(s.force_N - m_last->force_N) - m_step_N);
    const double still_N = std::max({kStill_N, kStillShare * std::abs(s.force_N), kScatter * m_step_N});
    const bool same = m_anchor && std::abs(s.travel_mm - m_anchor->travel_mm) <= kStill_mm &&
                      std::abs(s.force_N - m_anchor->force_N) <= still_N;
    if (!same) m_anchor = s;
    return same && s.t_s - m_anchor->t_s > kBegins_s;
}

void KeptTrace::keep(const Sample& s) {
    m_samples.push_back(s);
    if (m_samples.size() <= kMostKept) return;
    std::size_t out = 0;
    for (std::size_t i = 0; i < m_samples.size(); i += 2)
        m_samples[out++] = m_samples[i];
    m_samples.resize(out);
}

KeptTrace::Kept KeptTrace::take(const Sample& s) {
    Kept out;
    const bool standing = stands(s);
    if (!standing) {
        if (m_passedOver) out.before = m_last;
        out.now = s;
    } else {
        const double apart = std::clamp(kShareOfStand * (s.t_s - m_anchor->t_s), kFirst_s, kLongest_s);
        if (m_samples.empty() || s.t_s - m_samples.back().t_s >= apart) out.now = s;
    }
    for (const auto& one : {out.before, out.now})
        if (one) keep(*one);
    m_passedOver = !out.now;
    m_last = s;
    return out;
}

std::optional<Sample> KeptTrace::finish() {
    if (!m_passedOver) return std::nullopt;
    m_passedOver = false;
    keep(*m_last);
    return m_last;
}

} // namespace arbor::trace
