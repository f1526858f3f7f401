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

/// A moment of a list's entry. @errors Malformed with its place
Result<day::Minute> momentOf(const json& entry, const char* key, const std::string& date, const std::string& place) {
    const std::string text = entry.at(key);
    const auto minute = day::minuteOf(text, date);
    if (!minute) return refuse(ProblemCode::Malformed, place + key, text, wanted("a time as 2026-11-30T07:00"));
    return *minute;
}

Result<day::Key> keyOf(const json& entry, const std::string& place) {
    const std::string what = entry.at("what");
    const auto work = job::named<day::Work>(what);
    if (!work) return refuse(ProblemCode::UnknownName, place + "what", what, wanted("a kind of work"));
    return day::Key{entry.at("job"), *work, entry.value("step", "")};
}

Result<void> readStarts(const json& list, DayFile& out) {
    for (std::size_t i = 0; i < list.size(); ++i) {
        const auto place = "fixed_starts/" + std::to_string(i) + "/";
        const auto key = keyOf(list[i], place);
        if (!key) return tl::unexpected(key.error());
        const std::string at = list[i].at("at");
        if (const auto read = momentOf(list[i], "at", at, place); !read) return tl::unexpected(read.error());
        out.starts[*key] = at;
    }
    return {};
}

Result<void> readPlan(const json& list, DayFile& out) {
    for (std::size_t i = 0; i < list.size(); ++i) {
        const auto place = "plan/" + std::to_string(i) + "/";
        const auto key = keyOf(list[i], place);
        if (!key) return tl::unexpected(key.error());
        const auto from = momentOf(list[i], "from", out.date, place),
                   until = momentOf(list[i], "until", out.date, place);
        if (!from) return tl::unexpected(from.error());
        if (!until) return tl::unexpected(until.error());
        out.plan[*key] = {*from, *until};
    }
    return {};
}

Result<DayFile> parseDay(const std::string& text) {
    const auto document = parseJson(text);
    if (!document) return tl::unexpected(document.error());
    try {
        if (document->at("format") != kFormat || document->at("version").get<int>() > kDayVersion)
            return refuse(ProblemCode::Malformed, "version", document->at("version").dump(),
                          wanted("a plan this program knows"));
        DayFile out;
        out.date = document->at("date");
        if (const auto ok = readStarts(document->at("fixed_starts"), out); !ok) return tl::unexpected(ok.error());
        if (const auto ok = readPlan(document->at("plan"), out); !ok) return tl::unexpected(ok.error());
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
    json starts = json::array(), plan = json::array();
    for (const auto& [key, at] : file.starts) {
        starts.push_back(keyJson(key));
        starts.back()["at"] = at;
    }
    for (const auto& [key, kept] : file.plan) {
        plan.push_back(keyJson(key));
        plan.back()["from"] = day::instantOf(kept.start, file.date);
        plan.back()["until"] = day::instantOf(kept.end, file.date);
    }
    const json out{
        {"format", kFormat}, {"version", kDayVersion}, {"date", file.date}, {"fixed_starts", starts}, {"plan", plan}};
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
    day::take(board.day, kept.starts, board.date);
    return board;
}

} // namespace arbor::io
