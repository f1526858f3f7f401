#include "core/thermal/shrink_fit.h"

#include "core/thermal/stiff_solver.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <numeric>

namespace arbor::thermal {

namespace {

constexpr std::size_t kCells = 20; // in each wall: 48 give every grip and start of the demo shop to the same second
constexpr double kM = 1e-3;        // a millimetre in metres
constexpr double kReference_C = 20;

/// A tube cut into rings of the same thickness. What does not change while it cools is worked out once: the solver asks
/// for slopes some thousand times.
class Cells {
public:
    explicit Cells(const Tube& tube) : m_tube(tube) {
        const double r0 = tube.boreDia_mm / 2 * kM, r1 = tube.outsideDia_mm / 2 * kM, width = tube.width_mm * kM;
        m_step = (r1 - r0) / kCells;
        const auto edge = [&](std::size_t i) { return r0 + m_step * static_cast<double>(i); };
        m_whole = std::numbers::pi * (r1 * r1 - r0 * r0) * width;
        for (std::size_t i = 0; i <= kCells; ++i)
            m_edgeArea[i] = 2 * std::numbers::pi * edge(i) * width;
        for (std::size_t i = 0; i < kCells; ++i) {
            const double volume = std::numbers::pi * (edge(i + 1) * edge(i + 1) - edge(i) * edge(i)) * width;
            m_share[i] = volume / m_whole;
            m_perHeat[i] = 1 / (volume * tube.material.density_kg_m3 * tube.material.heat_J_kgK);
        }
    }

    double halfCellResistance() const { return m_step / 2 / m_tube.material.k_W_mK; } ///< [m2K/W]
    double mean(std::span<const double> T) const {
        return std::inner_product(m_share.begin(), m_share.end(), T.begin(), 0.0);
    }

    /// Heat that comes into each cell from its neighbours and through the faces [W]. @return what the air took
    double conduct(std::span<const double> T, std::span<double> in_W) const {
        double lost = 0;
        const double face = m_tube.face_mm2 * kM * kM;
        for (std::size_t i = 0; i < kCells; ++i) {
            const double out = face > 0 ? face * m_share[i] * m_tube.free.flux_W_m2(T[i]) : 0;
            in_W[i] = -out;
            lost += out;
        }
        for (std::size_t i = 1; i < kCells; ++i) {
            const double flow = m_tube.material.k_W_mK * m_edgeArea[i] * (T[i - 1] - T[i]) / m_step;
            in_W[i - 1] -= flow;
            in_W[i] += flow;
        }
        return lost;
    }

    /// Loss of one of the two rims to the air [W].
    double lose(std::span<const double> T, std::span<double> in_W, bool outside, const Film& film) const {
        const std::size_t cell = outside ? kCells - 1 : 0;
        const double flow = m_edgeArea[outside ? kCells : 0] * film.flux_W_m2(T[cell]);
        in_W[cell] -= flow;
        return flow;
    }

    void toSlope(std::span<double> in_W) const {
        for (std::size_t i = 0; i < kCells; ++i)
            in_W[i] *= m_perHeat[i];
    }

private:
    const Tube& m_tube;
    double m_step = 0;                           ///< [m]
    double m_whole = 0;                          ///< [m3]
    std::array<double, kCells + 1> m_edgeArea{}; ///< [m2]
    std::array<double, kCells> m_share{};        ///< of the whole volume
    std::array<double, kCells> m_perHeat{};      ///< [K/J]
};

/// State of both: cells of the inner one, cells of the outer one, heat lost so far.
class Pair {
public:
    explicit Pair(const ShrinkFit& fit) : m_fit(fit), m_inner(fit.inner), m_outer(fit.outer) {}

    std::vector<double> start() const {
        std::vector<double> y(2 * kCells + 1, 0.0);
        std::fill_n(y.begin(), kCells, m_fit.inner.start_C);
        std::fill_n(y.begin() + kCells, kCells, m_fit.outer.start_C);
        return y;
    }

    ShrinkState state(double t, std::span<const double> y) const {
        const double inner = m_inner.mean(y.first(kCells)), outer = m_outer.mean(y.subspan(kCells, kCells));
        return {t, clearanceAt(m_fit, inner, outer), inner, outer, y.back()};
    }

    void slope(bool together, std::span<const double> y, std::span<double> out) const {
        const auto Ti = y.first(kCells), To = y.subspan(kCells, kCells);
        const auto qi = out.first(kCells), qo = out.subspan(kCells, kCells);
        double lost = m_inner.conduct(Ti, qi) + m_outer.conduct(To, qo);
        if (m_fit.inner.boreDia_mm > 0) lost += m_inner.lose(Ti, qi, false, m_fit.inner.free);
        lost += m_outer.lose(To, qo, true, m_fit.outer.free);
        if (together) {
            const double flow = across_W(Ti, To);
            qi[kCells - 1] += flow;
            qo[0] -= flow;
        } else {
            lost += m_inner.lose(Ti, qi, true, m_fit.inner.seat) + m_outer.lose(To, qo, false, m_fit.outer.seat);
        }
        m_inner.toSlope(qi);
        m_outer.toSlope(qo);
        out.back() = lost;
    }

private:
    /// Heat from the outer to the inner one through gap or contact and half a cell on either side.
    double across_W(std::span<const double> Ti, std::span<const double> To) const {
        const double clearance = clearanceAt(m_fit, m_inner.mean(Ti), m_outer.mean(To));
        const double gap =
            clearance > 0 ? m_fit.air_W_mK / ((clearance / 2 + m_fit.gapOffset_mm) * kM) : m_fit.contact_W_m2K;
        const double resistance = 1 / gap + m_inner.halfCellResistance() + m_outer.halfCellResistance();
        const double width = std::min(m_fit.inner.width_mm, m_fit.outer.width_mm);
        return std::numbers::pi * m_fit.seatDia_mm * width * kM * kM * (To.front() - Ti.back()) / resistance;
    }

    const ShrinkFit& m_fit;
    Cells m_inner;
    Cells m_outer;
};

Result<void> checkTube(const Tube& t, const std::string& name) {
    const auto& m = t.material;
    for (const auto& [field, value] : {std::pair{"outsideDia_mm", t.outsideDia_mm},
                                       {"width_mm", t.width_mm},
                                       {"k_W_mK", m.k_W_mK},
                                       {"density_kg_m3", m.density_kg_m3},
                                       {"heat_J_kgK", m.heat_J_kgK},
                                       {"alpha_perK", m.alpha_perK}})
        if (!(value > 0) || !std::isfinite(value))
            return refuse(ProblemCode::NotPositive, name + "/" + field, plain(value), wanted("> 0"));
    if (!(t.boreDia_mm >= 0 && t.boreDia_mm < t.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, name + "/boreDia_mm", plain(t.boreDia_mm),
                      wanted("0 up to under {1}", plain(t.outsideDia_mm)));
    if (!std::isfinite(t.start_C)) return refuse(ProblemCode::NotFinite, name + "/start_C", plain(t.start_C));
    return {};
}

Result<void> check(const ShrinkFit& fit) {
    if (auto ok = checkTube(fit.inner, "inner"); !ok) return ok;
    if (auto ok = checkTube(fit.outer, "outer"); !ok) return ok;
    constexpr double kSame = 0.5; // nominal sizes of one seat differ by less [mm]
    for (const auto& [field, dia] :
         {std::pair{"inner/outsideDia_mm", fit.inner.outsideDia_mm}, {"outer/boreDia_mm", fit.outer.boreDia_mm}})
        if (!(std::abs(dia - fit.seatDia_mm) < kSame))
            return refuse(ProblemCode::GeometryOrder, field, plain(dia),
                          wanted("the seat, {1}", plain(fit.seatDia_mm)));
    if (!(fit.gapOffset_mm > 0))
        return refuse(ProblemCode::NotPositive, "gapOffset_mm", plain(fit.gapOffset_mm), wanted("> 0"));
    if (!(fit.apart_s >= 0)) return refuse(ProblemCode::OutOfRange, "apart_s", plain(fit.apart_s), wanted("0 or more"));
    return {};
}

} // namespace

double clearanceAt(const ShrinkFit& fit, double inner_C, double outer_C) {
    return fit.seatDia_mm * (fit.outer.material.alpha_perK * (outer_C - kReference_C) -
                             fit.inner.material.alpha_perK * (inner_C - kReference_C)) -
           fit.interference_mm;
}

double heat_J(const Tube& t, double temp_C) {
    const double area = std::numbers::pi / 4 * (t.outsideDia_mm * t.outsideDia_mm - t.boreDia_mm * t.boreDia_mm);
    return area * t.width_mm * 1e-9 * t.material.density_kg_m3 * t.material.heat_J_kgK * temp_C;
}

Result<ShrinkRun> follow(const ShrinkFit& fit, const std::vector<double>& times) {
    if (auto ok = check(fit); !ok) return tl::unexpected(ok.error());
    const Pair pair(fit);
    ShrinkRun out;
    auto y = pair.start();
    out.clearance_mm = pair.state(0, y).clearance_mm;
    double from = 0;
    for (const bool together : {false, true}) {
        const double least = together ? 0 : fit.least_mm;
        const double to = together ? (times.empty() ? 0 : times.back()) : fit.apart_s;
        std::vector<double> stops;
        for (const double t : times)
            if (t >= from && (together || t < to)) stops.push_back(t);
        if (stops.empty() || stops.back() < to) stops.push_back(to);
        const bool already = pair.state(from, y).clearance_mm <= least;
        Ode ode;
        ode.neighbours = 1; // the means couple all, but weakly
        ode.slope = [&](double, std::span<const double> s, std::span<double> slope) { pair.slope(together, s, slope); };
        ode.event = [&](double t, std::span<const double> s) { return pair.state(t, s).clearance_mm - least; };
        const auto run = solveStiff(ode, y, from, stops);
        if (!run) return tl::unexpected(run.error());
        (together ? out.grip_s : out.tooSmall_s) = already && to >= from ? std::optional(from) : run->event_s;
        for (std::size_t i = 0; i < stops.size(); ++i)
            if (out.states.size() < times.size() && stops[i] == times[out.states.size()])
                out.states.push_back(pair.state(stops[i], run->states[i]));
        y = run->states.back();
        from = to;
    }
    return out;
}

} // namespace arbor::thermal
