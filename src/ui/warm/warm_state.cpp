#include "ui/warm/warm_state.h"

#include "ui/session/instant.h"

#include <algorithm>

namespace arbor::ui {

const job::Clock* clockOf(const job::StepHeat& heat, job::Clock::What what) {
    const auto at =
        std::find_if(heat.clocks.rbegin(), heat.clocks.rend(), [&](const job::Clock& c) { return c.what == what; });
    return at == heat.clocks.rend() ? nullptr : &*at;
}

double leftOn(const job::Clock& clock, const std::string& now) {
    return clock.lasts_s - secondsBetween(clock.started, now);
}

WarmState warmState(const JobSession& session) {
    WarmState out;
    const auto& heat = session.record().heat;
    const auto now = session.now();
    for (const auto& [what, phase] :
         {std::pair{job::Clock::What::Together, WarmPhase::Together}, {job::Clock::What::Carry, WarmPhase::Carried}})
        if (const auto* clock = clockOf(heat, what)) {
            out.phase = phase;
            out.since_s = secondsBetween(clock->started, now);
            out.left_s = leftOn(*clock, now);
            return out;
        }
    const auto* plan = session.plan().heat();
    out.allSoaked = plan != nullptr;
    for (const auto what : {job::Clock::What::Outer, job::Clock::What::Inner}) {
        const auto* clock = clockOf(heat, what);
        if (clock) out.phase = WarmPhase::Soaking;
        const bool needed = plan && (what == job::Clock::What::Outer ? plan->outer : plan->inner).soak;
        out.allSoaked = out.allSoaked && (!needed || (clock && leftOn(*clock, now) <= 0));
    }
    return out;
}

} // namespace arbor::ui
