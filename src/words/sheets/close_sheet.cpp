#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"

#include <algorithm>

namespace arbor::words {

namespace {

/// Every place of the route with its result. @return whether one of them has a stop
bool addPlaces(Sheet& sheet, const SheetInput& told) {
    const auto& plan = told.plan;
    bool stop = false;
    auto& rows = sheet.list("where_it_stands", tr("Where it stands")).rows;
    for (const auto& place : plan::routeOf(plan)) {
        if (place.station == job::Station::Close) continue;
        const auto* step = place.step ? &plan.steps[*place.step] : nullptr;
        const auto mark = plan::markOf(told.job, plan, place);
        stop = stop || mark == plan::Mark::Stop;
        const auto title = !step            ? Text(stationTitle(place.station))
                           : step->step.out ? tr("Out · {part}").with("part", shippedName(step->step.label))
                                            : tr("In · {part}").with("part", shippedName(step->step.label));
        const auto line =
            step ? stepLine(*step, told.job, plan, told.d) : stationLine(place.station, told.job, plan, told.d);
        rows.push_back({step ? step->step.key : std::string(job::name(place.station)),
                        tr("{head}: {detail}").with("head", title).with("detail", line),
                        markWord(mark),
                        {},
                        false,
                        mark == plan::Mark::Stop   ? Tone::Stop
                        : mark == plan::Mark::Done ? Tone::Proven
                                                   : Tone::Plain});
    }
    return stop;
}

std::string asShown(std::string instant) {
    instant = instant.substr(0, 16);
    std::replace(instant.begin(), instant.end(), 'T', ' ');
    return instant;
}

/// Who answers for it, which state of it this is, and what stood before.
void addRelease(Sheet& sheet, const job::Job& job) {
    const auto& closing = job.closing;
    auto& rows = sheet.list("release", tr("Release"), true).rows;
    if (!closing.releasedBy.empty()) rows.push_back({"released_by", tr("Released by"), closing.releasedBy});
    if (!closing.releasedOn.empty()) rows.push_back({"released_on", tr("Released on"), asShown(closing.releasedOn)});
    rows.push_back({"revision", tr("Revision"), std::to_string(job::revisionOf(job)), exactly(job::revisionOf(job))});
    for (const auto& r : job.revisions)
        rows.push_back({"revision/" + std::to_string(r.number),
                        tr("Revision {number}, as released: {file}").with("number", r.number).with("file", r.file),
                        tr("opened again by {who}, {when}: {reason}")
                            .with("who", r.who)
                            .with("when", asShown(r.when))
                            .with("reason", r.reason)});
    for (const auto& [part, lot] : closing.lots) {
        const auto at = arrangement::indexOf(job.arrangement.assembly, part);
        sheet.list("lots", tr("Lot or serial numbers"), true)
            .rows.push_back({part, at ? shippedName(job.arrangement.assembly.parts[*at].label) : part, lot});
    }
}

} // namespace

Sheet closeSheet(const SheetInput& told) {
    const auto& job = told.job;
    auto sheet = sheetOf(job::Station::Close, told);
    sheet.title = job.record ? tr("Recorded") : tr("Close");
    sheet.tone = job.record ? Tone::Proven : Tone::Plan;
    const auto when = job.record ? asShown(job.record->when) : std::string();
    sheet.verdict = job.record ? tr("By {who}, {when}.").with("who", job.record->who).with("when", when)
                               : tr("Write down what was done, for next time.");
    const bool stop = addPlaces(sheet, told);
    if (job.record) {
        auto& rows = sheet.list("record", tr("Record"), true).rows;
        rows.push_back({"who", tr("Done by"), job.record->who});
        rows.push_back({"when", tr("When"), job.record->when});
        rows.push_back({"verdict", tr("Verdict"), job.record->verdict});
        if (!job.record->notes.empty()) rows.push_back({"notes", tr("Notes"), job.record->notes});
    }
    addRelease(sheet, job);
    sheet.notesTitle = tr("Before it goes back");
    addNotes(sheet, told.plan.closing, told.d);
    sheet.action = job.record ? tr("Write the record again") : tr("Write the record");
    if (job.draft.who.find_first_not_of(" \t") == std::string::npos) sheet.waitsFor = tr("Say who did the work.");
    if (job::isLocked(job)) sheet.waitsFor = tr("Released: it stands. A revision changes it (Ctrl+Shift+E).");
    sheet.caution = stop ? tr("A station has a stop; it is written into the record as it stands.")
                         : tr("Safety-critical assemblies are released by a person authorised for it. This record "
                              "advises and does not certify.");
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
