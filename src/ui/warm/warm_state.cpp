#include "ui/warm/warm_state.h"

#include "ui/session/instant.h"

namespace arbor::ui {

double leftOn(const job::Clock& clock, const std::string& now) {
    return clock.lasts_s - secondsBetween(clock.started, now);
}

WarmState warmState(const JobSession& session) {
    const auto now = session.now();
    auto out = words::warmState(session.record().heat, session.plan().heat(),
                                [&](const std::string& instant) { return secondsBetween(instant, now); });
    out.timesAreSure = session.timesAreSure();
    return out;
}

words::HeatTold heatTold(const JobSession& session) {
    words::HeatTold out;
    out.plan = session.heat();
    if (!out.plan) return out;
    out.course = session.heatCourse();
    out.trouble = session.heatTrouble();
    out.state = warmState(session);
    if (const auto& at = session.record().heat.pressAt; !at.empty())
        out.timeBefore = [at](double before_s) { return timeOfDay(later(at, -before_s)); };
    return out;
}

} // namespace arbor::ui
