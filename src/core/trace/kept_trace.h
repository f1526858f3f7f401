#pragma once

#include "core/trace/trace.h"

#include <optional>

namespace arbor::trace {

/// Most samples that are kept to be read and drawn. Beyond it every second one of them goes.
inline constexpr std::size_t kMostKept = 50'000;

/// A recording that may be left running: all of it while the ram moves or the force changes, and less and less of a
/// standstill, whose first and last sample are kept whatever happens. It never grows beyond kMostKept, so that to look
/// at it costs the same after a day as after a minute.
class KeptTrace {
public:
    /// What is kept of it on account of this sample: nothing, the sample, or the last one that was passed over and then
    /// this one.
    struct Kept {
        std::optional<Sample> before;
        std::optional<Sample> now;
    };
    Kept take(const Sample& sample);
    /// The last sample of a standstill, where that was passed over; then it is kept.
    std::optional<Sample> finish();
    void clear() { *this = {}; }

    const Trace& samples() const { return m_samples; }
    /// Of the last sample taken, kept or not.
    const std::optional<Sample>& last() const { return m_last; }

private:
    bool stands(const Sample& sample);
    void keep(const Sample& sample);

    Trace m_samples;
    std::optional<Sample> m_last;
    std::optional<Sample> m_anchor; ///< where it began to stand
    bool m_passedOver = false;      ///< the last one was
    double m_step_N = 0;            ///< mean change of the force from one sample to the next
};

} // namespace arbor::trace
