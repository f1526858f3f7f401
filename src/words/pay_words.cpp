#include "words/pay_words.h"

#include "core/day/clock.h"
#include "core/job/names.h"
#include "core/plan/job_route.h"
#include "words/measure_words.h"
#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"

#include <algorithm>

namespace arbor::words {

namespace {

std::string money(double amount) {
    return decimals(amount, 2);
}

std::string unitWord(catalog::PriceUnit unit) {
    switch (unit) {
    case catalog::PriceUnit::Hour:
        return tr("h");
    case catalog::PriceUnit::Piece:
        return tr("pc");
    case catalog::PriceUnit::Job:
        return tr("job");
    }
    return {};
}

/// Whole for pieces, two places for hours.
std::string quantityWords(const pay::Line& line) {
    const int places = line.unit == catalog::PriceUnit::Hour ? 2 : 0;
    return decimals(line.quantity, places) + " " + unitWord(line.unit);
}

void addFound(Sheet& sheet, const SheetInput& told) {
    const auto& job = told.job;
    if (!job.intake.complaint.empty())
        sheet.notes.push_back(noteOf("complaint", Tone::Plain, tr("What was wrong"), job.intake.complaint));
    std::string seen;
    for (const auto sign : job.measured.oldBearing)
        seen += (seen.empty() ? "" : ", ") + signWords(sign).head;
    if (!seen.empty())
        sheet.notes.push_back(noteOf("old_bearing", Tone::Plain, tr("What the old bearing showed"), seen));
    const auto likely = measure::likelyCauses(job.measured.oldBearing);
    const auto cause = !job.closing.cause.empty() ? job.closing.cause
                       : likely.empty()           ? std::string()
                                                  : causeName(likely.front().cause);
    sheet.notes.push_back(cause.empty()
                              ? noteOf("cause", Tone::Check, tr("What ended it"), tr("not known: it may happen again"))
                              : noteOf("cause", Tone::Plain, tr("What ended it"), cause));
    if (!job.closing.remedy.empty())
        sheet.notes.push_back(noteOf("remedy", Tone::Proven, tr("What was done about it"), job.closing.remedy));
}

/// What a seat measured, what it should, and what became of it.
void addSizes(Sheet& sheet, const SheetInput& told) {
    if (!told.plan.fits) return;
    auto& list = sheet.list("sizes_mm", tr("Sizes, old and new"));
    for (const auto& seat : told.plan.fits->seats)
        for (const bool hole : {true, false}) {
            const auto& surface = hole ? seat.hole : seat.shaft;
            if (surface.ring || !surface.measuredDia_mm) continue;
            const auto* sleeve =
                told.job.measured.seats.contains(seat.key) && told.job.measured.seats.at(seat.key).sleeve
                    ? &*told.job.measured.seats.at(seat.key).sleeve
                    : nullptr;
            const auto wanted_ = surface.size_mm ? told.d.size(seat.dia_mm + surface.size_mm->lower).number + "…" +
                                                       told.d.size(seat.dia_mm + surface.size_mm->upper).text()
                                                 : std::string();
            const auto verdict = sleeve ? tr("repaired with a sleeve").text() : verdictName(surface.verdict);
            list.rows.push_back(
                {seat.key.first + "+" + seat.key.second + (hole ? "/hole" : "/shaft"),
                 tr("{seat}: {measured}")
                     .with("seat", surfaceTitle(seat, hole))
                     .with("measured", told.d.reading(*surface.measuredDia_mm).text()),
                 wanted_.empty() ? verdict
                                 : tr("wanted {band}: {verdict}").with("band", wanted_).with("verdict", verdict).text(),
                 exactly(*surface.measuredDia_mm)});
        }
    auto& parts = sheet.list("renewed", tr("New in it"));
    for (const auto& line : pay::partsOf(told.plan.strip))
        parts.rows.push_back({line.what, shippedName(line.what), quantityWords(line), exactly(line.quantity)});
}

void addProven(Sheet& sheet, const SheetInput& told) {
    auto& list = sheet.list("proven", tr("How it sits now"));
    for (const auto& step : told.plan.steps)
        if (!step.step.out)
            list.rows.push_back(
                {step.step.key, shippedName(step.step.label), stepLine(step, told.job, told.plan, told.d)});
    if (told.plan.adjust)
        list.rows.push_back({"adjust", tr("End play"), stationLine(job::Station::Adjust, told.job, told.plan, told.d)});
}

} // namespace

std::string doingWords(job::Doing doing) {
    switch (doing) {
    case job::Doing::Intake:
        return tr("taking in", "hours");
    case job::Doing::Strip:
        return tr("stripping", "hours");
    case job::Doing::Out:
        return tr("pressing out", "hours");
    case job::Doing::Measure:
        return tr("measuring", "hours");
    case job::Doing::SoakOuter:
    case job::Doing::SoakInner:
        return tr("warming and chilling", "hours");
    case job::Doing::In:
        return tr("pressing in", "hours");
    case job::Doing::Prove:
        return tr("proving", "hours");
    case job::Doing::Adjust:
        return tr("setting end play", "hours");
    case job::Doing::Close:
        return tr("closing", "hours");
    }
    return {};
}

std::string lineWords(const pay::Line& line) {
    if (line.kind != pay::Line::Kind::Hours) return shippedName(line.what);
    const auto doing = job::named<job::Doing>(line.what);
    return doing ? doingWords(*doing) : line.what;
}

Sheet quoteSheet(const pay::Quote& quote, bool taken) {
    Sheet sheet;
    sheet.station = taken ? "invoice" : "quote";
    sheet.mark = "open";
    sheet.title = taken ? tr("Lines of the invoice") : tr("Quote");
    sheet.verdict = taken ? tr("Hours as they were taken.").text() : tr("Hours as they are planned.").text();
    double hours = 0;
    for (const auto& line : quote.lines) {
        const bool isHours = line.kind == pay::Line::Kind::Hours;
        auto& list = isHours                              ? sheet.list("hours", tr("Hours"))
                     : line.kind == pay::Line::Kind::Part ? sheet.list("parts", tr("Parts to order"))
                                                          : sheet.list("job", tr("Once a job"));
        if (isHours) hours += line.quantity;
        const auto price = line.price ? tr("{quantity} at {price}: {amount}")
                                            .with("quantity", quantityWords(line))
                                            .with("price", money(*line.price))
                                            .with("amount", money(line.amount()))
                                            .text()
                                      : tr("{quantity}, no price").with("quantity", quantityWords(line)).text();
        list.rows.push_back(
            {line.what, lineWords(line), price, exactly(line.quantity), false, line.price ? Tone::Plain : Tone::Check});
    }
    auto total = figureOf("total", tr("In all"), {money(quote.total()), quote.currency}, {}, exactly(quote.total()));
    total.hasLine = false;
    sheet.figures.push_back(total);
    if (hours > 0) {
        auto all = figureOf("hours", tr("Hours"), {decimals(hours, 2), "h"}, {}, exactly(hours));
        all.hasLine = false;
        sheet.figures.push_back(all);
    }
    if (const auto none = static_cast<int>(quote.unpriced()); none > 0)
        sheet.notes.push_back(noteOf("unpriced", Tone::Check, tr("%n lines have no price", nullptr, none),
                                     tr("give them in This shop, Prices: they count as nothing here")));
    if (taken && hours == 0)
        sheet.notes.push_back(noteOf("no_hours", Tone::Check, tr("No hours were taken down"),
                                     tr("a piece of work that is taken up from the day board counts its time")));
    return worstFirst(std::move(sheet));
}

Sheet customerSheet(const SheetInput& told) {
    const auto& job = told.job;
    Sheet sheet;
    sheet.station = "customer";
    sheet.mark = "open";
    sheet.title = job.title;
    const bool closed = job.record.has_value();
    sheet.tone = closed ? Tone::Proven : Tone::Plan;
    sheet.verdict = closed ? tr("Done on {day} by {who}: {verdict}.")
                                 .with("day", job.record->when.substr(0, 10))
                                 .with("who", job.record->who)
                                 .with("verdict", recordedVerdict(job.record->verdict))
                                 .text()
                           : tr("Not closed yet: this is how it stands.").text();
    addFound(sheet, told);
    addSizes(sheet, told);
    if (closed) addProven(sheet, told);
    sheet.notes.push_back(
        job.closing.nextInspection.empty()
            ? noteOf("next_inspection", Tone::Plain, tr("Next inspection"), tr("not said"))
            : noteOf("next_inspection", Tone::Plan, tr("Next inspection"), job.closing.nextInspection));
    return worstFirst(std::move(sheet));
}

Sheet inspectionsSheet(const std::vector<pay::Inspection>& all, const std::string& today) {
    Sheet sheet;
    sheet.station = "inspections";
    sheet.mark = "open";
    const auto over = static_cast<int>(
        std::count_if(all.begin(), all.end(), [&](const pay::Inspection& i) { return i.due < today; }));
    sheet.title = over > 0 ? tr("%n inspections are over their day", nullptr, over) : tr("Inspections");
    sheet.tone = over > 0 ? Tone::Check : Tone::Plan;
    if (all.empty()) sheet.verdict = tr("No closed job says when its machine is to be looked at again.");
    for (const auto& one : all) {
        auto& list = sheet.list(one.machine, one.customer.empty() ? one.machine : one.machine + " · " + one.customer);
        const bool late = one.due < today;
        list.rows.push_back({one.job,
                             one.title + "  " + one.job,
                             late ? tr("{day}, over").with("day", one.due).text() : one.due,
                             {},
                             late,
                             late ? Tone::Check : Tone::Plain});
    }
    return sheet;
}

} // namespace arbor::words
