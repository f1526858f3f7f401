#pragma once

#include "core/base/advice.h"
#include "core/trace/trace.h"

#include <optional>
#include <string_view>
#include <vector>

namespace arbor::trace {

/// What a trace says of its press, worst cases told apart.
enum class Verdict {
    NotEnough,    ///< too little to say
    Sliding,      ///< so far as it should be; not at the end yet
    Home,         ///< stiff at the shoulder, inside the band
    NotProven,    ///< as far as home, but without the stiff rise
    Short,        ///< stopped or stiff before home
    OverTravel,   ///< past where the shoulder should be
    SoftEnd,      ///< something yields where the shoulder should stop it
    CockedStart,  ///< early peak, then a drop
    Galling,      ///< growing out of proportion, or in teeth
    Loose,        ///< below the band
    AboveBand,    ///< over the band all the way
    SupportMoved, ///< a drop mid-slide
    GrippedEarly, ///< no force at first, then the whole at once
    Released,     ///< peak, then nothing: it let go
    Stands,       ///< by sound and eye it stands on something; nothing was measured
};
inline constexpr Verdict kVerdicts[] = {
    Verdict::NotEnough,  Verdict::Sliding,      Verdict::Home,         Verdict::NotProven, Verdict::Short,
    Verdict::OverTravel, Verdict::SoftEnd,      Verdict::CockedStart,  Verdict::Galling,   Verdict::Loose,
    Verdict::AboveBand,  Verdict::SupportMoved, Verdict::GrippedEarly, Verdict::Released,  Verdict::Stands};

enum class PhaseKind { Approach, LeadIn, Slide, Rise, Hold };
struct Phase {
    PhaseKind kind = PhaseKind::Approach;
    double from_mm = 0;
    double to_mm = 0;
};

/// Where on the plot it shows.
struct Evidence {
    std::string_view key; ///< of the finding
    double travel_mm = 0;
    double force_N = 0;
};

struct Analysis {
    Verdict verdict = Verdict::NotEnough;
    double confidence = 0; ///< 0..1: how far beyond the noise the sign stands
    std::vector<Phase> phases;
    double baseline_N = 0; ///< the transducer's offset, taken off
    double noise_N = 0;
    double endTravel_mm = 0;
    double peak_N = 0;
    double hold_N = 0; ///< at the end; 0: none
    double hold_s = 0;
    double shareInBand = 0;
    std::optional<double> ofLikely; ///< slope of the slide over the likely one
    std::optional<double> friction; ///< found from it
    std::optional<double> knee_mm;  ///< where it became stiff
    std::optional<double> endStiffness_N_per_mm;
    std::vector<Evidence> evidence;
    AdviceList findings;

    bool stop() const { return worst(findings) == Severity::Stop; }
};

struct AnalysisInput {
    bool ongoing = false; ///< the ram is still being worked: no end is judged
    bool removal = false; ///< a ring on its way out: the peak and the release are what is wanted
    double homeTolerance_mm = 0.3;
    double gaugeStep_N = 0; ///< what one graduation of a hand-read gauge stands for
    std::optional<Interval>
        friction; ///< behind the band, its middle behind the likely line; nothing: none is worked out
    Interval interferenceShare{1, 1}; ///< what is left of the interference, least and most over likely
};

/// Reads a trace against what was predicted: its phases, the slope of the slide, where it became stiff, and what went
/// wrong, each with the place where it shows. Travel counts from where the ring stands in the mouth of the bore. Copes
/// with noise, an offset of the force, pauses, going back, and with ten points read off a gauge.
/// @source [HB4.14]
Analysis analyse(const Trace& trace, const Expected& expected, const AnalysisInput& input = {});

} // namespace arbor::trace
