#pragma once

#include "core/base/result.h"

#include <optional>

namespace arbor::thermal {

/// What takes heat from a surface: air moving past it, and radiation to the walls of the room.
struct Film {
    double h_W_m2K = 0;
    double emissivity = 0; ///< 0: no radiation
    double ambient_C = 20;
    double exponent = 0; ///< h goes with (temperature difference / `ref_K`)^exponent: 0.25 for still air
    double ref_K = 50;

    /// Heat that leaves a square metre at a temperature [W/m2]; negative: heat comes in.
    double flux_W_m2(double surface_C) const;
};

inline constexpr double kZeroC_K = 273.15;

/// One body, as warm inside as at its skin.
struct Lump {
    double mass_kg = 0;
    double heat_J_kgK = 0; ///< specific heat
    double area_m2 = 0;
    Film film;
    double power_W = 0;      ///< put into it besides
    double otherArea_m2 = 0; ///< a second part of the skin, where something else is around it
    Film otherFilm = {};
};

/// Temperature after a time [degC].
/// @errors NotPositive (mass, heat), those of the solver
/// @source m c dT/dt = P - sum A [h (T - Ta) + eps sigma (T^4 - Ta^4)]; [HB4.11]
Result<double> temperatureAfter(const Lump& lump, double start_C, double time_s);

/// Time until it has a temperature [s]; nothing when it never gets there.
/// @errors as temperatureAfter
/// @source the same balance as an integral over the temperature, dt = m c dT / (P - losses)
Result<std::optional<double>> timeTo(const Lump& lump, double start_C, double target_C);

/// Temperature at which it stays in the end [degC]: what it takes in is what it loses.
/// @errors NotDefined when nothing takes heat from it
Result<double> endTemperature(const Lump& lump);

} // namespace arbor::thermal
