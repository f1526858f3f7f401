#include "core/trace/rise.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr double kStiffer = 4;                // times the slope of the slide counts as stiff
constexpr double kStiffLeast_N_per_mm = 1200; // no slide rises like that
constexpr double kStiffByHand = 2.5;          // between two readings that are far apart, with the hold force at the end
constexpr double kTravelStep_mm = 0.006;      // what a transducer can tell apart

class Finder {
public:
    Finder(const Trace& trace, const Curve& curve, const RiseInput& in) : m_trace(trace), m_c(curve), m_in(in) {}

    std::optional<Rise> find() {
        const auto& p = m_c.points;
        const double stiff = m_c.coarse ? kStiffByHand * m_in.slide_N_per_mm
                                        : std::max(kStiffer * m_in.slide_N_per_mm, kStiffLeast_N_per_mm);
        const std::size_t reach = m_c.coarse ? 1 : 2; // looks over single steps of noise
        std::size_t i = heldFrom(reach);
        while (i >= reach && slopeOf(i - reach, i) > stiff)
            --i;
        if (m_c.coarse && (i == p.size() - 1 || p.back().force_N < m_in.holdLeast_N - m_in.threshold_N))
            return std::nullopt;
        const double rise = p.back().force_N - p[i].force_N;
        if (rise < std::max(2 * m_in.threshold_N, 0.12 * p.back().force_N)) return std::nullopt;
        m_out.knee_mm = kneeFrom(i);
        m_out.kneeForce_N = p[i].force_N;
        judgeStiffness();
        return m_out;
    }

private:
    /// Where it was held the travel only trembles: that is the end of the rise, not a slope of its own.
    std::size_t heldFrom(std::size_t least) const {
        constexpr double kTrembles_mm = 0.05, kHeldShare = 0.96;
        const auto& p = m_c.points;
        std::size_t i = p.size() - 1;
        while (!m_c.coarse && i > least && p[i - 1].force_N > kHeldShare * p.back().force_N &&
               p.back().travel_mm - p[i - 1].travel_mm < kTrembles_mm)
            --i;
        return i;
    }

    /// Two lines meet at the knee. @param i  the last point before the rise
    double kneeFrom(std::size_t i) const {
        const auto& p = m_c.points;
        // Between the last two readings of a needle nobody knows where it was.
        if (m_c.coarse && i + 2 == p.size()) return p.back().travel_mm;
        std::size_t foot = i;
        while (foot > 0 && p[i].travel_mm - p[foot].travel_mm < 0.08 * m_in.home_mm)
            --foot;
        const double before = slopeOf(foot, i), steep = slopeOf(std::min(i + 1, p.size() - 2), p.size() - 1);
        const double meet =
            p.back().travel_mm - (p.back().force_N - (p[i].force_N + before * (p.back().travel_mm - p[i].travel_mm))) /
                                     std::max(steep - before, 1.0);
        return std::clamp(meet, p[i].travel_mm, p.back().travel_mm);
    }

    void judgeStiffness() {
        const auto& p = m_c.points;
        const auto compliance = complianceUnderRise();
        m_out.stiffness_N_per_mm =
            m_c.coarse ? slopeOf(p.size() - 2, p.size() - 1) : 1 / std::max(compliance.mm_per_N, 1e-6);
        const double sure = 2 * compliance.error, soft = 1 / kSoft_N_per_mm;
        const bool blurred = !compliance.known || sure > soft / 2;
        m_out.stiff = m_c.coarse || (compliance.known && compliance.mm_per_N + sure < soft) || (blurred && leaps());
        m_out.soft = !m_c.coarse && compliance.known && compliance.mm_per_N - sure > soft;
    }

    /// How much it gives under the rise, from the samples themselves by least squares, and how well that is known.
    struct Compliance {
        double mm_per_N = 0;
        double error = 0;   ///< standard error
        bool known = false; ///< from enough samples
    };
    Compliance complianceUnderRise() const {
        const double rise = m_c.points.back().force_N - m_out.kneeForce_N;
        const double low = m_out.kneeForce_N + 0.25 * rise, high = m_out.kneeForce_N + 0.95 * rise;
        double n = 0, f = 0, x = 0, ff = 0, fx = 0, xx = 0;
        for (const auto& s : m_trace) {
            const double force = s.force_N - m_c.baseline_N;
            if (force < low || force > high || s.travel_mm < m_out.knee_mm - m_c.step_mm) continue;
            ++n;
            f += force;
            x += s.travel_mm;
            ff += force * force;
            fx += force * s.travel_mm;
            xx += s.travel_mm * s.travel_mm;
        }
        const double spread = n * ff - f * f;
        if (n < 3 || spread <= 0) return {};
        const double slope = (n * fx - f * x) / spread;
        const double rest = std::max(0.0, (n * xx - x * x - slope * (n * fx - f * x)) / n); // of the squares
        return {slope, n > 3 ? std::sqrt(rest / (n - 2) * n / spread) : 0, n > 3};
    }

    /// Half the rise or more from one sample to the next few: stiff, whatever lies between.
    bool leaps() const {
        const double rise = m_c.points.back().force_N - m_out.kneeForce_N;
        const Sample *low = nullptr, *high = nullptr;
        for (const auto& s : m_trace) {
            const double share = (s.force_N - m_c.baseline_N - m_out.kneeForce_N) / rise;
            if (s.travel_mm < m_out.knee_mm - m_c.step_mm) continue;
            if (share < 0.25) low = &s;
            if (share > 0.75 && !high) high = &s;
        }
        if (!low || !high || high->t_s < low->t_s) return false;
        return (high->force_N - low->force_N) / (std::max(0.0, high->travel_mm - low->travel_mm) + kTravelStep_mm) >
               kSoft_N_per_mm;
    }

    double slopeOf(std::size_t a, std::size_t b) const {
        const auto& p = m_c.points;
        const double way = p[b].travel_mm - p[a].travel_mm;
        return way > 0 ? (p[b].force_N - p[a].force_N) / way : 0;
    }

    const Trace& m_trace;
    const Curve& m_c;
    RiseInput m_in;
    Rise m_out;
};

} // namespace

std::optional<Rise> riseOf(const Trace& trace, const Curve& curve, const RiseInput& in) {
    return Finder(trace, curve, in).find();
}

} // namespace arbor::trace
