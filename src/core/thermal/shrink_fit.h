#pragma once

#include "core/base/result.h"
#include "core/thermal/cooling.h"

#include <optional>
#include <vector>

namespace arbor::thermal {

struct Conductor {
    double k_W_mK = 0;
    double density_kg_m3 = 0;
    double heat_J_kgK = 0;
    double alpha_perK = 0;
};

/// One of the two, as a tube.
struct Tube {
    double boreDia_mm = 0; ///< 0: solid
    double outsideDia_mm = 0;
    double width_mm = 1;
    Conductor material;
    double start_C = 20;
    Film free;           ///< on its side away from the seat
    Film seat;           ///< on the seat while the two are apart
    double face_mm2 = 0; ///< end faces and what sticks out, losing heat like the free side
};

/// A cold or hot ring that is carried to its seat, dropped in, and gripped as the temperatures come together.
/// Radial conduction in both tubes, each uniform along its axis; heat crosses the gap through air, k/(gap + offset),
/// and once the gap has closed through the contact. Every size follows the mean temperature of its tube: for a tube
/// that warms unevenly but symmetrically that is exact.
struct ShrinkFit {
    Tube inner;
    Tube outer; ///< its bore and the inner one's outside are the seat
    double seatDia_mm = 0;
    double interference_mm = 0; ///< on the diameter at 20 degC
    double apart_s = 0;         ///< both stand in air so long before they are put together
    double least_mm = 0;        ///< clearance that is wanted while they go together
    double air_W_mK = 0.026;
    double gapOffset_mm = 0.005;
    double contact_W_m2K = 5000;
};

struct ShrinkState {
    double t_s = 0;
    double clearance_mm = 0; ///< negative: interference
    double inner_C = 20;     ///< mean
    double outer_C = 20;
    double lost_J = 0; ///< to the air since the start
};

struct ShrinkRun {
    double clearance_mm = 0;          ///< at the start
    std::vector<ShrinkState> states;  ///< at the times asked for
    std::optional<double> tooSmall_s; ///< clearance under `least_mm` while still apart
    std::optional<double> grip_s;     ///< clearance gone, together
};

/// Follows the two through time.
/// @param times  rising [s], from the start of the carry
/// @errors NotPositive, GeometryOrder with the field (inner/boreDia_mm, ...); those of the solver
/// @source [HB4.11] method of lines: finite volumes in the radius, CVODE in time
Result<ShrinkRun> follow(const ShrinkFit& fit, const std::vector<double>& times);

/// Heat in a tube above 0 degC at one temperature [J].
double heat_J(const Tube& tube, double temp_C);

/// Clearance at two even temperatures [mm on the diameter]. @source [HB4.3]
double clearanceAt(const ShrinkFit& fit, double inner_C, double outer_C);

} // namespace arbor::thermal
