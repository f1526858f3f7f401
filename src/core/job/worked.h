#pragma once

#include "core/job/station.h"

#include <string>

namespace arbor::job {

/// The kinds of work a day is planned of.
enum class Doing { Intake, Strip, Out, Measure, SoakOuter, SoakInner, In, Prove, Adjust, Close };
inline constexpr Doing kDoings[] = {Doing::Intake,    Doing::Strip, Doing::Out,   Doing::Measure, Doing::SoakOuter,
                                    Doing::SoakInner, Doing::In,    Doing::Prove, Doing::Adjust,  Doing::Close};

/// Where it is done.
constexpr Station stationOf(Doing doing) {
    constexpr Station kStationOf[] = {Station::Intake, Station::Strip, Station::Tooling, Station::Measure,
                                      Station::Warm,   Station::Warm,  Station::Tooling, Station::Seat,
                                      Station::Adjust, Station::Close};
    return kStationOf[static_cast<std::size_t>(doing)];
}

/// The station that is done when it has ended.
constexpr Station endOf(Doing doing) {
    return doing == Doing::Out || doing == Doing::In ? Station::Press : stationOf(doing);
}

/// How long a piece of work took, beside what was planned of it.
struct Worked {
    Doing what = Doing::Strip;
    std::string step = {}; ///< as it is typed, "in:bearing"; empty: of the whole job
    std::string who = {};
    std::string began;      ///< ISO 8601
    std::string ended = {}; ///< empty: it runs
    double planned_s = 0;   ///< 0: it was not planned
    double usual_s = 0;     ///< what is proposed before a shop's own times are known
    friend bool operator==(const Worked&, const Worked&) = default;
};

} // namespace arbor::job
