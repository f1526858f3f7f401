#pragma once

#include "core/base/advice.h"
#include "core/catalog/rack.h"
#include "core/tooling/setup.h"
#include "core/trace/trace.h"

#include <functional>
#include <optional>

namespace arbor::plan {

/// One press as it is predicted: in, up to home and the holding load; out, from the first movement until it is free.
struct PressPlan {
    bool out = false;
    trace::Expected expected;              ///< its travel: until it is home, or free
    Range force_N;                         ///< in: just before home; out: of the first movement, by the rust there is
    const catalog::Press* press = nullptr; ///< null: drawn by a bolt, or by hand
    std::optional<Range> gauge;            ///< of `force_N` on that press, in its unit; nothing: it has none
    std::optional<double> gaugeHold;       ///< nothing: there is none, or it is not held
    double energy_J = 0;                   ///< in frame and stack at the greatest force
    AdviceList watch;
};

/// What a press is predicted from.
struct PressInput {
    double travel_mm = 0;
    std::function<double(double travel_mm)> engaged_mm; ///< axial length in touch
    Range clean_N;                                      ///< sliding over the whole seat, as Fit has it
    std::optional<Range> first_N = {};                  ///< of the first movement: it comes out; nothing: it goes in
    const catalog::Press* press = nullptr;
    const tooling::StackProof* proof = nullptr; ///< of the setup, for what must not be held
    bool warmed = false;
};

/// @source [HB4.6] force by engaged length; first movement by rust; F^2 / (2 k) with the frame's stiffness, 20 kN/mm
/// where the press is not known. [HB8] no holding load through the elements
PressPlan planPress(const PressInput& in);

} // namespace arbor::plan
