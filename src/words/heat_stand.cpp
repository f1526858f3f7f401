#include "words/heat_stand.h"

#include <algorithm>

namespace arbor::words {

const job::Clock* clockOf(const job::StepHeat& heat, job::Clock::What what) {
    const auto at =
        std::find_if(heat.clocks.rbegin(), heat.clocks.rend(), [&](const job::Clock& c) { return c.what == what; });
    return at == heat.clocks.rend() ? nullptr : &*at;
}

WarmState warmState(const job::StepHeat& heat, const plan::HeatPlan* plan, const SecondsSince& since) {
    using What = job::Clock::What;
    const auto leftOn = [&](const job::Clock& clock) { return clock.lasts_s - since(clock.started); };
    WarmState out;
    out.outerIn = clockOf(heat, What::Outer) != nullptr;
    out.innerIn = clockOf(heat, What::Inner) != nullptr;
    if (const auto* outer = clockOf(heat, What::Outer)) out.outerLeft_s = leftOn(*outer);
    if (const auto* inner = clockOf(heat, What::Inner)) out.innerLeft_s = leftOn(*inner);
    if (!heat.pressAt.empty()) out.untilPress_s = -since(heat.pressAt);
    if (const auto* cool = clockOf(heat, What::Cool)) out.coolLeft_s = leftOn(*cool);
    for (const auto& [what, phase] :
         {std::pair{What::Together, WarmPhase::Together}, {What::Carry, WarmPhase::Carried}})
        if (const auto* clock = clockOf(heat, what)) {
            out.phase = phase;
            out.since_s = since(clock->started);
            out.left_s = leftOn(*clock);
            out.holdFor_s = clock->lasts_s;
            return out;
        }
    out.allSoaked = plan != nullptr;
    for (const auto what : {What::Outer, What::Inner}) {
        const auto* clock = clockOf(heat, what);
        if (clock) out.phase = WarmPhase::Soaking;
        const bool needed = plan && (what == What::Outer ? plan->outer : plan->inner).soak;
        out.allSoaked = out.allSoaked && (!needed || (clock && leftOn(*clock) <= 0));
    }
    return out;
}

} // namespace arbor::words
