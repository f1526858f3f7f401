#include "mistakes/program.h"

#include "core/job/names.h"
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"
#include "words/sheets/sheets.h"

namespace arbor::mistakes {

using words::Tone;

void addSaid(std::vector<Said>& out, job::Station station, const words::Sheet& sheet) {
    const auto head = sheet.heading + ": ";
    bool stopped = false;
    for (const auto& note : sheet.notes) {
        if (note.tone != Tone::Stop && note.tone != Tone::Check) continue;
        stopped = stopped || note.tone == Tone::Stop;
        out.push_back({station, sheet.about, note.key, note.tone, head + note.line()});
    }
    for (const auto& list : sheet.rows)
        for (const auto& row : list.rows)
            if (row.tone == Tone::Stop && !list.aside) {
                out.push_back({station, sheet.about, list.key + "/" + row.key, Tone::Stop, head + row.left});
                stopped = true;
            }
    if (sheet.tone == Tone::Stop)
        out.push_back({station, sheet.about, stopped ? "title" : "verdict", Tone::Stop,
                       head + sheet.title + ": " + sheet.verdict});
    if (!sheet.waitsFor.empty())
        out.push_back({station, sheet.about, "waits_for", Tone::Check, head + sheet.action + ": " + sheet.waitsFor});
    else if (sheet.station == job::name(job::Station::Seat) && !sheet.action.empty())
        out.push_back({station, sheet.about, "asks", Tone::Check, head + sheet.action});
}

plan::Plan Program::plan(const World& world, plan::Asked asked) {
    if (m_rack != world.rack) {
        m_rack = world.rack;
        m_tables.rack = *m_rack;
        m_memory = std::make_shared<plan::ToolMemory>();
    }
    asked.traces = world.traces;
    asked.memory = m_memory;
    return plan::planJob(world.job, m_tables, asked);
}

std::vector<Said> Program::says(const World& world, const plan::Plan& plan, const std::vector<job::Station>& stations,
                                std::optional<std::size_t> step) const {
    std::vector<Said> out;
    const words::SheetInput told(world.job, plan, false);
    for (const auto& problem : plan.problems)
        out.push_back({stations.front(), problem.field, "problem", Tone::Stop, words::say(problem)});
    for (const auto station : stations) {
        std::vector<words::HeatTold> followed;
        if (station == job::Station::Warm)
            followed = words::followHeats(told, step, [&](const std::string&) { return world.waited_s; });
        for (const auto& sheet : words::sheetsOf(station, told, followed, step))
            addSaid(out, station, sheet);
        if (station != job::Station::Strip) continue;
        for (const auto& sheet : words::stripSheets(told, true))
            addSaid(out, station, sheet);
    }
    return out;
}

std::vector<Said> Program::saysOfWay(const World& world, const plan::Plan& plan, std::size_t at,
                                     bool partnerMoves) const {
    std::vector<Said> out;
    const words::SheetInput told(world.job, plan, false);
    const auto& step = plan.steps[at];
    if (!step.tools) return out;
    for (std::size_t i = 0; i < step.tools->ways.size(); ++i) {
        const auto& way = step.tools->ways[i];
        const bool bolt = way.pressed && way.pressed->choice && !way.pressed->choice->press;
        const bool meant = way.task < step.step.tasks.size() && step.step.tasks[way.task].partnerMoves == partnerMoves;
        if (meant && !bolt && (way.pressed || (way.hand && way.hand->struck)))
            addSaid(out, job::Station::Tooling, words::toolingSheet(told, step, i));
    }
    return out;
}

std::vector<Said> Program::saysOfLine(const World& world, const plan::Plan& plan, const std::string& moves,
                                      bool together) const {
    std::vector<Said> out;
    const words::SheetInput told(world.job, plan, false);
    const auto lines = words::workLines(plan.strip, together);
    for (std::size_t i = 0; i < lines.size(); ++i)
        if (lines[i].key == moves)
            addSaid(out, job::Station::Strip,
                    words::stripSheet(told, lines[i], words::standOf(told, lines, i, together)));
    return out;
}

} // namespace arbor::mistakes
