#include "log/entry.h"

#include "core/job/names.h"
#include "core/job/step_name.h"

#include <QDateTime>
#include <algorithm>

namespace arbor::log {

namespace {

std::string joined(const std::vector<std::string>& words) {
    std::string out;
    for (const auto& word : words)
        out += (out.empty() ? "" : " ") + word;
    return out;
}

/// From the first clock that was started to the record, where that is less than a day.
std::optional<double> minutesOf(const job::StepHeat& heat, const std::string& recorded) {
    constexpr double kDay_min = 24 * 60;
    std::optional<double> longest;
    const auto end = QDateTime::fromString(QString::fromStdString(recorded), Qt::ISODate);
    for (const auto& clock : heat.clocks) {
        const auto start = QDateTime::fromString(QString::fromStdString(clock.started), Qt::ISODate);
        const double minutes = static_cast<double>(start.secsTo(end)) / 60;
        if (start.isValid() && minutes > 0 && minutes < kDay_min) longest = std::max(longest.value_or(0), minutes);
    }
    return longest;
}

Entry entryOf(const job::Job& job, const job::Record& r, const tables::Tables& tables, const std::string& document) {
    Entry e;
    e.id = r.entry.empty() ? job.id + "@" + r.when : r.entry;
    e.jobId = job.id;
    e.title = job.title;
    e.position = job.intake.position;
    e.shape = job.arrangement.shape;
    e.customer = job.customer;
    e.bearing = r.bearing;
    if (const auto* bearing = catalog::findBearing(tables.bearings, r.bearing))
        e.family = catalog::knowledge(bearing->type).name;
    e.bore = r.bore;
    e.who = r.who;
    e.when = r.when;
    e.notes = r.notes;
    e.tools = joined(r.tools);
    e.verdict = r.verdict;
    e.pressVerdict = r.pressVerdict;
    e.seatMaterial = r.seatMaterial;
    e.lubricant = job::name(r.lubricant);
    e.interference_um = r.interference_mm.likely * 1000;
    e.expected_N = r.pressForce_N.likely;
    e.peak_N = r.peakForce_N;
    e.friction = r.friction;
    if (r.riseAcross_mm) e.rise_um = *r.riseAcross_mm * 1000;
    e.outer_C = r.outer_C;
    e.inner_C = r.inner_C;
    e.document = document;
    return e;
}

} // namespace

std::vector<Entry> entriesOf(const job::Job& job, const tables::Tables& tables, const std::string& document) {
    std::vector<Entry> out;
    for (const auto& [key, step] : job.steps) {
        if (!step.record) continue;
        out.push_back(entryOf(job, *step.record, tables, document));
        out.back().step = job::nameOf(key);
        out.back().minutes = minutesOf(step.heat, step.record->when);
    }
    if (out.empty() && job.record) {
        out.push_back(entryOf(job, *job.record, tables, document));
        for (const auto& [key, step] : job.steps)
            out.back().minutes = std::max(out.back().minutes, minutesOf(step.heat, job.record->when));
    }
    return out;
}

} // namespace arbor::log
