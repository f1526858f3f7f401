#pragma once

namespace arbor::job {

enum class Station { Intake, Strip, Measure, Fit, Tooling, Warm, Press, Seat, Adjust, Close };
inline constexpr Station kStations[] = {Station::Intake,  Station::Strip, Station::Measure, Station::Fit,
                                        Station::Tooling, Station::Warm,  Station::Press,   Station::Seat,
                                        Station::Adjust,  Station::Close};

/// Those that are worked anew at each pressed step; the others belong to the whole job.
constexpr bool isOfStep(Station station) {
    return station == Station::Tooling || station == Station::Warm || station == Station::Press ||
           station == Station::Seat;
}

} // namespace arbor::job
