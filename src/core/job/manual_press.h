#pragma once

#include <map>
#include <string>
#include <vector>

namespace arbor::job {

/// What a press without a transducer is read with.
enum class ManualMeans { Gauge, Wrench, Hammer };

/// What was seen at one place of the way.
struct HandPoint {
    double at = 0;    ///< travel [mm]; of a wrench: turns of its nut, both from where the ring stood in the mouth
    double shown = 0; ///< in the gauge's own unit; of a wrench [N m]
    friend bool operator==(const HandPoint&, const HandPoint&) = default;
};

/// What eye and ear tell while a ring is driven in with hammer and drift.
enum class ManualSign {
    EvenGap, ///< the gap was even all round after every few blows
    Ringing, ///< the sound turned from dull to ringing
    Stopped, ///< the last blows did not move it
};
inline constexpr ManualSign kManualSigns[] = {ManualSign::EvenGap, ManualSign::Ringing, ManualSign::Stopped};

/// A press that nothing but a needle, a wrench or a hammer told about.
struct ManualPress {
    ManualMeans means = ManualMeans::Gauge;
    std::string bolt;                 ///< draw-bolt set of the rack; empty: the one Tooling chose
    std::vector<HandPoint> points;    ///< in the order they were read
    std::map<ManualSign, bool> signs; ///< those that were looked for
    friend bool operator==(const ManualPress&, const ManualPress&) = default;
};

} // namespace arbor::job
