#pragma once

#include "core/base/advice.h"
#include "core/base/range.h"
#include "core/measure/form.h"

#include <optional>
#include <string>
#include <vector>

namespace arbor::measure {

/// What is to be done with a seat, mildest first.
enum class Verdict { NotMeasured, Use, CleanUp, Sleeve, Replace };

enum class Pits { NotLooked, None, Light, Deep };
enum class GrooveState { NotLooked, Fine, Dirty, Worn };

/// How a surface was last worked, where its roughness was not measured.
enum class Process { Unknown, Ground, Honed, Polished, Reamed, FineTurned, Turned };

/// Roughness depth a process usually leaves [mm]. @source practice, [HB3.3]
std::optional<double> usualRz(Process process);
/// Rz from Ra [mm]: five times, the middle of 4 to 7. @source practice
double rzFromRa(double ra_mm);

/// What is seen and felt on a seat. A thing not looked at takes no part in the verdict.
struct Condition {
    std::optional<double> rz_mm; ///< measured
    Process process = Process::Unknown;
    Pits pits = Pits::NotLooked;
    bool creepPolish = false; ///< shiny where the ring turned
    bool scored = false;      ///< scores along or around
    bool movesByHand = false; ///< the ring that should be tight can be pushed or turned by hand
    std::optional<double> shoulderRunOut_mm;
    GrooveState groove = GrooveState::NotLooked;
    GrooveState notches = GrooveState::NotLooked;
    friend bool operator==(const Condition&, const Condition&) = default;

    std::optional<double> roughness_mm() const { return rz_mm ? rz_mm : usualRz(process); }
};

/// One surface of a seat with everything its verdict depends on.
struct SurfaceState {
    bool hole = true;
    bool hub = false;      ///< a cup that moves by hand scraps a hub
    bool maySlide = false; ///< the load stands still on this ring: moved by hand it is as it was meant
    double nominal_mm = 0;
    Interval size_mm;        ///< deviations of its class
    double formLimit_mm = 0; ///< on the diameter, see formLimit()
    double runOutLimit_mm = 0;
    double wallRad_mm = 0; ///< metal behind the surface, down to the part's other side
    std::optional<Form> form;
    std::optional<double> measuredDia_mm; ///< one size, in place of the mean of the readings
    double measuredUncertainty_mm = 0;
    Condition condition;
};

/// Half the tolerance width of the class, on the diameter: what taper and out-of-round together may take from it.
/// @source practice for bearing seats, [HB3.3]
double formLimit(const Interval& size_mm);

/// Greatest roughness of a bearing seat [mm]: Rz 10 um in a housing, 6.3 um on a shaft. @source practice
double roughnessLimit(bool hole);

/// Whether there is metal enough to bore out a hole, or turn down a shaft, and put a sleeve on it: the sleeve's wall,
/// 0.03 of the diameter and at least 2 mm, and twice that left behind it. @source practice
bool canTakeSleeve(double nominal_mm, double wallRad_mm);

struct Reason {
    Verdict calls = Verdict::Use;
    Advice advice;
};

struct Judgement {
    Verdict verdict = Verdict::NotMeasured;
    std::vector<Reason> reasons; ///< what calls for most comes first

    AdviceList advice() const;
};

/// Use, clean up, sleeve or replace, each with its reason and the limit used. The verdict is that of the reason that
/// calls for most; a surface with neither a size nor a condition is not measured.
/// @source [HB3.3], practice
Judgement judge(const SurfaceState& surface);

} // namespace arbor::measure
