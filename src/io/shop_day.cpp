#include "io/shop_day.h"

#include "core/base/json_text.h"
#include "core/day/clock.h"
#include "core/plan/job_route.h"
#include "core/plan/plan_job.h"
#include "io/job_file.h"
#include "io/shop_tables.h"
#include "io/table_files.h"
#include "io/text_file.h"
#include "words/sentences.h"

#include <QFileInfo>
#include <QString>
#include <set>

namespace arbor::io {

namespace {

using nlohmann::json;

constexpr int kDayVersion = 1;
constexpr const char* kFormat = "brisk-arbor/day-plan";

std::string pathOf(const std::string& folder) {
    return folder + "/day.json";
}

json keyJson(const day::Key& key) {
    json out{{"job", key.job}, {"what", job::name(key.work)}};
    if (!key.step.empty()) out["step"] = key.step;
    return out;
}

Result<day::Key> keyOf(const json& d) {
    const std::string what = d.at("what");
    const auto work = job::named<day::Work>(what);
    if (!work) return refuse(ProblemCode::UnknownName, "what", what, wanted("a kind of work"));
    return day::Key{d.at("job"), *work, d.value("step", "")};
}

Result<DayFile> parseDay(const std::string& text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        if (document->at("format") != kFormat || document->at("version").get<int>() > kDayVersion)
            return refuse(ProblemCode::Malformed, "version", {}, wanted("a plan this program knows"));
        DayFile out;
        out.date = document->value("date", "");
        for (const auto& entry : document->at("wishes")) {
            const auto key = keyOf(entry);
            if (!key) return tl::unexpected(key.error());
            out.wishes[*key] = entry.at("at");
        }
        for (const auto& entry : document->at("plan")) {
            const auto key = keyOf(entry);
            const auto from = day::minuteOf(entry.at("from"), out.date),
                       until = day::minuteOf(entry.at("until"), out.date);
            if (!key) return tl::unexpected(key.error());
            if (from && until) out.plan[*key] = {*from, *until};
        }
        return out;
    } catch (const json::exception& error) {
        return tl::unexpected(jsonProblem(error));
    }
}

/// Where a job cannot go on, its first stop by its route.
void noteStop(day::Board& board, const job::Job& job, const plan::Plan& plan) {
    const words::Display display(job.units);
    for (const auto& place : plan::routeOf(plan)) {
        if (plan::markOf(job, plan, place) != plan::Mark::Stop) continue;
        const auto* step = place.step ? &plan.steps[*place.step] : nullptr;
        board.stopped.push_back(
            {job.id, step ? step->step.label : words::stationTitle(place.station),
             step ? words::stopReason(*step, plan, display) : words::stopReason(place.station, plan, display)});
        return;
    }
}

} // namespace

Result<DayFile> loadDay(const std::string& folder) {
    const auto path = pathOf(folder);
    if (!QFileInfo::exists(QString::fromStdString(path))) return DayFile{};
    const auto text = readText(path);
    if (!text) return tl::unexpected(text.error());
    auto out = parseDay(*text);
    if (!out) return inFile(out.error(), path);
    return out;
}

Result<void> saveDay(const std::string& folder, const DayFile& file) {
    json wishes = json::array(), plan = json::array();
    for (const auto& [key, at] : file.wishes) {
        wishes.push_back(keyJson(key));
        wishes.back()["at"] = at;
    }
    for (const auto& [key, kept] : file.plan) {
        plan.push_back(keyJson(key));
        plan.back()["from"] = day::instantOf(kept.start, file.date);
        plan.back()["until"] = day::instantOf(kept.end, file.date);
    }
    const json out{
        {"format", kFormat}, {"version", kDayVersion}, {"date", file.date}, {"wishes", wishes}, {"plan", plan}};
    return writeText(pathOf(folder), out.dump(2) + "\n");
}

day::Board readBoard(const std::string& folder, const tables::Tables& tables, const DayFile& kept,
                     const std::string& now) {
    day::Board board;
    board.date = now.substr(0, 10);
    board.day = day::emptyDay(tables, board.date, now);
    for (const auto& press : tables.rack.presses)
        board.presses[press.id] = press.name;
    const day::Durations durations(workedTimes(folder));
    for (auto& entry : listJobs(folder)) {
        if (!entry.document) {
            board.unread.push_back(entry.document.error());
            board.unread.back().file = entry.path;
            continue;
        }
        const auto& job = entry.document->job;
        if (job.record) continue; // closed
        auto traces = loadTraces(job, folder, tables.rack);
        const auto plan = plan::planJob(job, tables, {std::move(traces.traces), {}, true});
        if (!plan.problems.empty()) {
            board.unread.push_back(plan.problems.front());
            board.unread.back().file = entry.path;
            continue;
        }
        board.titles[job.id] = job.title;
        board.files[job.id] = entry.path;
        day::addJob(board.day, job, plan, durations, board.date);
        noteStop(board, job, plan);
    }
    day::take(board.day, kept.wishes, board.date);
    return board;
}

} // namespace arbor::io
