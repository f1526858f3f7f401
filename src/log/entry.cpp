#include "log/entry.h"

#include <QDateTime>
#include <algorithm>

namespace arbor::log {

namespace {

const char* nameOf(catalog::Lubricant lubricant) {
    switch (lubricant) {
    case catalog::Lubricant::Dry:
        return "dry";
    case catalog::Lubricant::LightOil:
        return "light_oil";
    case catalog::Lubricant::Grease:
        return "grease";
    }
    return "";
}

std::string joined(const std::vector<std::string>& words) {
    std::string out;
    for (const auto& word : words)
        out += (out.empty() ? "" : " ") + word;
    return out;
}

/// From the first clock that was started to the record, where that is less than a day.
std::optional<double> minutesOf(const job::Job& job) {
    constexpr double kDay_min = 24 * 60;
    std::optional<double> longest;
    const auto end = QDateTime::fromString(QString::fromStdString(job.record->when), Qt::ISODate);
    for (const auto& [key, step] : job.steps)
        for (const auto& clock : step.heat.clocks) {
            const auto start = QDateTime::fromString(QString::fromStdString(clock.started), Qt::ISODate);
            const double minutes = static_cast<double>(start.secsTo(end)) / 60;
            if (start.isValid() && minutes > 0 && minutes < kDay_min) longest = std::max(longest.value_or(0), minutes);
        }
    return longest;
}

} // namespace

std::optional<Entry> entryOf(const job::Job& job, const plan::Library& library, const std::string& document) {
    if (!job.record) return std::nullopt;
    const auto& r = *job.record;
    Entry e;
    e.id = job.id + "@" + r.when;
    e.jobId = job.id;
    e.title = job.title;
    e.position = job.intake.position;
    if (job.arrangement) e.shape = job.arrangement->shape;
    e.customer = job.customer;
    e.bearing = r.bearing;
    if (const auto* bearing = catalog::findBearing(library.bearings, r.bearing))
        e.family = catalog::knowledge(bearing->type).name;
    e.bore = r.bore;
    e.who = r.who;
    e.when = r.when;
    e.notes = r.notes;
    e.tools = joined(r.tools);
    e.verdict = r.verdict;
    e.pressVerdict = r.pressVerdict;
    e.seatMaterial = r.seatMaterial;
    e.lubricant = nameOf(r.lubricant);
    e.interference_um = r.interference_mm.likely * 1000;
    e.expected_N = r.pressForce_N.likely;
    e.peak_N = r.peakForce_N;
    e.friction = r.friction;
    if (r.riseAcross_mm) e.rise_um = *r.riseAcross_mm * 1000;
    e.outer_C = r.outer_C;
    e.inner_C = r.inner_C;
    e.minutes = minutesOf(job);
    e.document = document;
    return e;
}

} // namespace arbor::log
