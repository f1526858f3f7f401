#include "core/thermal/cooling.h"

#include "core/thermal/stiff_solver.h"

#include <boost/math/quadrature/gauss_kronrod.hpp>
#include <boost/math/tools/roots.hpp>
#include <cmath>

namespace arbor::thermal {

namespace {

constexpr double kStefanBoltzmann = 5.670374419e-8; // CODATA 2018 [W/m2K4]
constexpr double kColdest_C = -200, kHottest_C = 3000;

double heatIn_W(const Lump& l, double T) {
    return l.power_W - l.area_m2 * l.film.flux_W_m2(T) - l.otherArea_m2 * l.otherFilm.flux_W_m2(T);
}

Result<void> check(const Lump& l) {
    for (const auto& [field, value] : {std::pair{"mass_kg", l.mass_kg}, {"heat_J_kgK", l.heat_J_kgK}})
        if (!(value > 0) || !std::isfinite(value))
            return refuse(ProblemCode::NotPositive, field, plain(value), wanted("> 0"));
    return {};
}

} // namespace

double Film::flux_W_m2(double surface_C) const {
    const double difference = surface_C - ambient_C;
    const double h = exponent == 0 ? h_W_m2K : h_W_m2K * std::pow(std::abs(difference) / ref_K, exponent);
    const auto fourth = [](double C) {
        const double squared = (C + kZeroC_K) * (C + kZeroC_K);
        return squared * squared;
    };
    const double radiated =
        emissivity == 0 ? 0 : emissivity * kStefanBoltzmann * (fourth(surface_C) - fourth(ambient_C));
    return h * difference + radiated;
}

Result<double> temperatureAfter(const Lump& lump, double start_C, double time_s) {
    if (auto ok = check(lump); !ok) return tl::unexpected(ok.error());
    if (!(time_s >= 0)) return refuse(ProblemCode::OutOfRange, "time_s", plain(time_s), wanted("0 or more"));
    if (time_s == 0) return start_C;
    Ode ode;
    ode.slope = [&](double, std::span<const double> y, std::span<double> slope) {
        slope[0] = heatIn_W(lump, y[0]) / (lump.mass_kg * lump.heat_J_kgK);
    };
    const auto run = solveStiff(ode, {start_C}, 0, {time_s});
    if (!run) return tl::unexpected(run.error());
    return run->states[0][0];
}

Result<double> endTemperature(const Lump& lump) {
    const auto rest = [&](double T) { return heatIn_W(lump, T); };
    if (!(rest(kColdest_C) > 0 && rest(kHottest_C) < 0))
        return refuse(ProblemCode::NotDefined, "area_m2", plain(lump.area_m2), wanted("a surface that loses heat"));
    std::uintmax_t steps = 200;
    const auto at = boost::math::tools::toms748_solve(rest, kColdest_C, kHottest_C,
                                                      boost::math::tools::eps_tolerance<double>(48), steps);
    return (at.first + at.second) / 2;
}

Result<std::optional<double>> timeTo(const Lump& lump, double start_C, double target_C) {
    if (auto ok = check(lump); !ok) return tl::unexpected(ok.error());
    if (start_C == target_C) return std::optional(0.0);
    const double way = target_C - start_C;
    const auto end = endTemperature(lump);
    // It gets there when all the way heat flows the right way: the flow turns only at the end temperature.
    const bool right = heatIn_W(lump, start_C) * way > 0 && heatIn_W(lump, target_C) * way > 0;
    if (!right || (end && (target_C - *end) * way >= 0)) return std::optional<double>{};
    const auto perKelvin = [&](double T) { return lump.mass_kg * lump.heat_J_kgK / heatIn_W(lump, T); };
    return std::optional(
        boost::math::quadrature::gauss_kronrod<double, 31>::integrate(perKelvin, start_C, target_C, 12, 1e-9));
}

} // namespace arbor::thermal
