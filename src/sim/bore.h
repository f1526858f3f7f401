#pragma once

#include <random>

namespace arbor::sim {

/// A bore as it came off a worn machine, and the gauge in somebody's hand. Written without a look at the core.
struct Bore {
    double dia_mm = 62; ///< in the middle of its length
    double length_mm = 20;
    double oval_um = 0;      ///< long axis less short axis
    double ovalAt_deg = 0;   ///< of the long axis
    double fourLobes_um = 0; ///< crest to valley
    double taper_um = 0;     ///< open end less bottom
    double bellMouth_um = 0; ///< flare at the edge, gone after a fifth of the length
    double noise_um = 0;     ///< of one reading, one sigma
};

/// What a two-point gauge shows. @param turn_deg  how the gauge is turned
double shownDia_mm(const Bore& bore, double depth_mm, double turn_deg, std::mt19937& hand);

} // namespace arbor::sim
