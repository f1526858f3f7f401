#include "mistakes/program.h"

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
    if (sheet.tone == Tone::Stop && !stopped)
        out.push_back({station, sheet.about, "verdict", Tone::Stop, head + sheet.title + ": " + sheet.verdict});
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
        const auto followed = station == job::Station::Warm ? words::followHeats(told, step) : std::vector<words::HeatTold>{};
        for (const auto& sheet : words::sheetsOf(station, told, followed, step))
            addSaid(out, station, sheet);
        if (station != job::Station::Strip) continue;
        for (const auto& sheet : words::stripSheets(told, true))
            addSaid(out, station, sheet);
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
