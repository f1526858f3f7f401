#include "words/sheets/sheets.h"

#include "words/sheets/sheet_parts.h"

namespace arbor::words {

namespace {

using job::Station;

std::vector<Sheet> measureSheets(const SheetInput& told) {
    if (!told.plan.fits) return {};
    const auto items = measureItems(*told.plan.fits);
    std::vector<Sheet> out;
    for (std::size_t i = 0; i < items.size(); ++i)
        out.push_back(measureSheet(told, items[i], i + 1 < items.size() ? std::optional(items[i + 1]) : std::nullopt));
    return out;
}

std::vector<Sheet> fitSheets(const SheetInput& told) {
    if (!told.plan.fits) return {fitSheet(told, 0)};
    std::vector<Sheet> out;
    for (std::size_t i = 0; i < told.plan.fits->seats.size(); ++i)
        out.push_back(fitSheet(told, i));
    return out;
}

Sheet stepSheet(Station station, const SheetInput& told, const plan::StepPlan& step,
                const std::vector<HeatTold>& followed) {
    if (station == Station::Tooling) return toolingSheet(told, step);
    if (station == Station::Press) return pressSheet(told, step);
    if (station == Station::Seat) return seatSheet(told, step);
    const bool known = step.step.seat && *step.step.seat < followed.size();
    return warmSheet(told, step, known ? followed[*step.step.seat] : HeatTold{});
}

std::vector<Sheet> stepSheets(Station station, const SheetInput& told, const std::vector<HeatTold>& followed,
                              std::optional<std::size_t> wanted) {
    std::vector<Sheet> out;
    for (std::size_t i = 0; i < told.plan.steps.size(); ++i) {
        const auto& step = told.plan.steps[i];
        if (!wanted && plan::isNotNeeded(told.job, step, told.plan)) continue;
        if (wanted ? *wanted != i : station == Station::Warm && (step.step.out || !step.step.seat)) continue;
        if (!wanted && station == Station::Seat && step.step.out) continue;
        out.push_back(stepSheet(station, told, step, followed));
    }
    return out;
}

} // namespace

std::vector<HeatTold> followHeats(const SheetInput& told, std::optional<std::size_t> step, const SecondsSince& since) {
    const auto& plan = told.plan;
    std::vector<HeatTold> out(plan.heats.size());
    for (std::size_t i = 0; i < plan.heats.size(); ++i) {
        if (!plan.heats[i] || (step && plan.steps[*step].step.seat != i)) continue;
        out[i].plan = &*plan.heats[i];
        auto course = plan::followHeat(*plan.heats[i], told.job.heat.walk_s, told.job.heat.off_K);
        if (course)
            out[i].course = std::move(*course);
        else
            out[i].trouble = course.error();
        const auto& heat = job::stepOf(told.job, {plan.heats[i]->key, false}).heat;
        if (since) out[i].state = warmState(heat, out[i].plan, since);
    }
    return out;
}

std::vector<Sheet> stripSheets(const SheetInput& told, bool together) {
    const auto lines = workLines(told.plan.strip, together);
    if (lines.empty()) return {noOrderSheet(told)};
    std::vector<Sheet> out{orderSheet(told, together)};
    bool ahead = false;
    for (std::size_t i = 0; i < lines.size(); ++i) {
        auto stand = standOf(told, lines, i, together);
        stand.ahead = ahead;
        ahead = ahead || (!stand.done && !lines[i].key.empty());
        out.push_back(stripSheet(told, lines[i], stand));
    }
    return out;
}

std::vector<Sheet> sheetsOf(Station station, const SheetInput& told, const std::vector<HeatTold>& followed,
                            std::optional<std::size_t> step) {
    switch (station) {
    case Station::Intake:
        return {intakeSheet(told)};
    case Station::Strip:
        return stripSheets(told, false);
    case Station::Measure:
        return measureSheets(told);
    case Station::Fit:
        return fitSheets(told);
    case Station::Tooling:
    case Station::Warm:
    case Station::Press:
    case Station::Seat:
        return stepSheets(station, told, followed, step);
    case Station::Adjust:
        return {adjustSheet(told)};
    case Station::Close:
        return {closeSheet(told)};
    }
    return {};
}

} // namespace arbor::words
