#include "core/base/units.h"
#include "core/plan/station_marks.h"
#include "words/measure_words.h"
#include "words/sheets/sheet_parts.h"

#include <algorithm>
#include <cmath>

namespace arbor::words {

namespace {

using Kind = MeasureItem::Kind;
using measure::Verdict;

Tone toneOfVerdict(Verdict verdict) {
    switch (verdict) {
    case Verdict::NotMeasured:
        return Tone::Plan;
    case Verdict::Use:
        return Tone::Proven;
    case Verdict::CleanUp:
        return Tone::Check;
    case Verdict::Sleeve:
    case Verdict::Replace:
        return Tone::Stop;
    }
    return Tone::Plan;
}

/// A form error on a line from nothing to twice its limit.
Figure formFigure(std::string key, std::string label, double value_mm, double limit_mm, const Display& d) {
    const double um = std::abs(value_mm) / kUm, limit_um = limit_mm / kUm;
    auto f = figureOf(std::move(key), std::move(label), d.fine(value_mm),
                      limit_mm > 0 ? tr("up to {limit}").with("limit", d.fine(limit_mm).text()).text() : std::string(),
                      {0, um, um});
    f.lineTo = std::max(2 * limit_um, um * 1.1) + 1e-6;
    if (limit_mm > 0) f.limits = {{limit_um, tr("limit")}};
    f.tone = limit_mm > 0 && um > limit_um ? Tone::Stop : Tone::Plain;
    return f;
}

Figure sizeFigure(const plan::SurfacePlan& s, double nominal_mm, const Display& d) {
    const double um = (*s.measuredDia_mm - nominal_mm) / kUm, sure_um = s.uncertainty_mm / kUm;
    auto f = figureOf("deviation_um", s.form ? tr("Mean size at 20 °C") : tr("Measured size"),
                      {d.reading(*s.measuredDia_mm).number, d.size(0).unit}, "±" + d.fine(s.uncertainty_mm).text(),
                      {um - sure_um, um, um + sure_um});
    f.lineFrom = um - sure_um - 10;
    f.lineTo = um + sure_um + 10;
    if (!s.size_mm) return f;
    const double room = 0.4 * s.size_mm->width() / kUm + 1;
    f.lineFrom = std::min(s.size_mm->lower / kUm - room, f.value.least);
    f.lineTo = std::max(s.size_mm->upper / kUm + room, f.value.most);
    f.limits = {{s.size_mm->lower / kUm, d.fine(s.size_mm->lower).number},
                {s.size_mm->upper / kUm, d.fine(s.size_mm->upper).number}};
    return f;
}

void addReasons(Sheet& sheet, const measure::Judgement& judgement, const Display& d) {
    sheet.notesTitle = tr("Because");
    for (const auto& reason : judgement.reasons) {
        auto note = noteOf(reason.advice, d);
        if (reason.calls != Verdict::NotMeasured) note.tone = toneOfVerdict(reason.calls);
        sheet.notes.push_back(std::move(note));
    }
}

void verdictHead(Sheet& sheet, Verdict verdict, bool overruled) {
    const auto name = capital(verdictName(verdict));
    sheet.title = verdict == Verdict::NotMeasured ? tr("Measure")
                  : overruled                     ? tr("{verdict}, overruled").with("verdict", name)
                                                  : Text(name);
    sheet.tone = overruled ? Tone::Check : toneOfVerdict(verdict); // somebody's word, not a proof
    sheet.verdict = whatToDo(verdict);
}

void addForm(Sheet& sheet, const measure::Form& form, double limit_mm, const Display& d) {
    sheet.figures.push_back(formFigure("out_of_round_um", tr("Out of round"), form.outOfRound_mm, limit_mm, d));
    if (form.taper_mm) sheet.figures.push_back(formFigure("taper_um", tr("Taper"), *form.taper_mm, limit_mm, d));
    auto& rows = sheet.list("form");
    const auto fine = [&](const char* key, const Text& label, double value_mm) {
        rows.rows.push_back({key, label, d.fine(value_mm).text(), exactly(value_mm / kUm)});
    };
    const auto oval = std::max_element(form.planes.begin(), form.planes.end(), [](const auto& a, const auto& b) {
        return a.oval_mm.value_or(0) < b.oval_mm.value_or(0);
    });
    if (oval != form.planes.end() && oval->oval_mm)
        fine("oval_um", tr("Oval, long axis at {angle}°").with("angle", decimals(oval->ovalDirection_deg, 0)),
             *oval->oval_mm);
    if (form.mouth_mm) fine("bell_mouth_um", tr("Bell-mouth"), *form.mouth_mm);
    if (form.lobing_mm) fine("lobing_um", tr("Lobing (3rd order and up)"), *form.lobing_mm);
    if (std::abs(form.broughtTo20_mm) > 5e-5) fine("brought_to_20_um", tr("Brought to 20 °C"), form.broughtTo20_mm);
    if (!form.planes.empty() && form.planes.front().readings.size() < 3)
        rows.rows.push_back({"lobes", tr("Lobes need three directions")});
    Series planes{"planes", {"depth_mm", "mean_mm", "out_of_round_um", "oval_um", "oval_direction_deg"}};
    for (const auto& p : form.planes)
        planes.rows.push_back(
            {p.depth_mm, p.mean_mm, p.outOfRound_mm / kUm, p.oval_mm.value_or(0) / kUm, p.ovalDirection_deg});
    sheet.series.push_back(std::move(planes));
}

void addOverrule(Sheet& sheet, const SheetInput& told, const job::SeatKey& key, bool hole) {
    const auto card = told.job.measured.seats.find(key);
    if (card == told.job.measured.seats.end()) return;
    if (const auto& over = (hole ? card->second.hole : card->second.shaft).overrule)
        sheet.notes.insert(sheet.notes.begin(),
                           noteOf("overruled", Tone::Check,
                                  tr("You say: {verdict}").with("verdict", verdictName(over->verdict)),
                                  over->note.empty() ? tr("Write down why.").text() : over->note));
}

void surfaceSheet(Sheet& sheet, const SheetInput& told, const MeasureItem& item) {
    const auto& seat = told.plan.fits->seats[item.index];
    const auto& s = item.hole ? seat.hole : seat.shaft;
    const auto& d = told.d;
    verdictHead(sheet, s.verdict, s.overruled);
    if (s.measuredDia_mm) sheet.figures.push_back(sizeFigure(s, seat.dia_mm, d));
    if (s.form) addForm(sheet, *s.form, s.formLimit_mm, d);
    if (seat.fit) {
        const auto& i = seat.fit->interference_mm;
        sheet.list("form").rows.push_back({"interference_um", tr("Interference with it"),
                                           d.fineRange(i.least, i.most) + " " + d.fine(0).unit, scaled(i, kUm), true});
    }
    auto& sizes = sheet.list("sizes", tr("Sizes"), true);
    sizes.rows.push_back({"class", tr("Tolerance class"), s.spec.empty() ? tr("none").text() : s.spec});
    sizes.rows.push_back({"nominal_mm", tr("Nominal size"), d.size(seat.dia_mm).text(), exactly(seat.dia_mm)});
    if (s.measuredDia_mm)
        sizes.rows.push_back(
            {"measured_mm", tr("Measured size"), d.reading(*s.measuredDia_mm).text(), exactly(*s.measuredDia_mm)});
    sizes.rows.push_back(
        {"form_limit_um", tr("Form tolerance"), d.fine(s.formLimit_mm).text(), exactly(s.formLimit_mm / kUm)});
    if (const auto stand = told.job.measured.cupStand_mm.find(seat.key.second);
        item.hole && stand != told.job.measured.cupStand_mm.end())
        sizes.rows.push_back({"cup_stand_mm", tr("Old cup stood proud of its face by"), d.size(stand->second).text(),
                              exactly(stand->second)});
    addReasons(sheet, s.judgement, d);
    addOverrule(sheet, told, seat.key, item.hole);
}

void spacerSheet(Sheet& sheet, const SheetInput& told, const MeasureItem& item) {
    const auto& spacer = told.plan.fits->spacers[item.index];
    const auto& state = spacer.state;
    const auto& d = told.d;
    verdictHead(sheet, state.judgement.verdict, false);
    if (state.judgement.verdict == Verdict::NotMeasured)
        sheet.verdict = tr("Measure the length at four points on the plate, then the other end with the indicator.");
    if (state.judgement.verdict == Verdict::CleanUp)
        sheet.verdict = tr("Face the ends true, then measure the length again.");
    if (state.length_mm > 0) {
        auto f = figureOf("length_mm", tr("Length"), d.size(state.length_mm),
                          tr("drawn {size}").with("size", d.size(spacer.drawn_mm).number), exactly(state.length_mm));
        f.hasLine = false;
        sheet.figures.push_back(std::move(f));
    }
    if (state.outOfParallel_mm)
        sheet.figures.push_back(
            formFigure("out_of_parallel_um", tr("Ends out of parallel"), *state.outOfParallel_mm, state.limit_mm, d));
    if (state.lowerOutOfSquare_mm)
        sheet.figures.push_back(formFigure("lower_end_out_of_square_um", tr("Lower end out of square"),
                                           *state.lowerOutOfSquare_mm, state.limit_mm, d));
    sheet.list("sizes", tr("Sizes"), true)
        .rows.push_back({"drawn_mm", tr("Length as drawn"), d.size(spacer.drawn_mm).text(), exactly(spacer.drawn_mm)});
    addReasons(sheet, state.judgement, d);
}

void oldBearingSheet(Sheet& sheet, const SheetInput& told) {
    const auto& fits = *told.plan.fits;
    sheet.title = tr("Old bearing");
    sheet.verdict = fits.causes.empty() ? tr("Pick what you see: it says what to check in this job.").text()
                                        : capital(causeName(fits.causes.front().cause)) + ".";
    addNotes(sheet, {{found::EarsAndAir{}, Severity::Info, "HB8"}}, told.d);
    if (told.job.measured.oldBearing.contains(measure::Sign::HeatColour))
        addNotes(sheet, {{found::RingWasHot{}, Severity::Check, "HB3.3"}}, told.d);
    if (!fits.causes.empty()) {
        auto& causes = sheet.list("likely_causes", tr("Likely causes"));
        for (const auto& cause : fits.causes)
            causes.rows.push_back({"cause", causeName(cause.cause), percent(cause.share), exactly(100 * cause.share),
                                   &cause == &fits.causes.front()});
    }
    if (!fits.lookAt.empty()) sheet.notesTitle = tr("Check this because of it");
    for (const auto look : fits.lookAt) {
        const auto said = lookAtWords(look);
        sheet.notes.push_back(noteOf("check_this", look == measure::LookAt::BackUpTheRing ? Tone::Check : Tone::Plan,
                                     said.head, said.detail));
    }
}

} // namespace

Sheet measureSheet(const SheetInput& told, const MeasureItem& item, const std::optional<MeasureItem>& next) {
    const auto& fits = *told.plan.fits;
    auto sheet = sheetOf(job::Station::Measure, told);
    sheet.about = itemKey(item, fits);
    sheet.heading = itemTitle(item, fits);
    sheet.mark = markKey(item.kind == Kind::Surface  ? plan::markOfSurface(fits.seats[item.index], item.hole)
                         : item.kind == Kind::Spacer ? plan::markOfSpacer(fits.spacers[item.index])
                         : fits.causes.empty()       ? plan::Mark::Open
                                                     : plan::Mark::Done);
    if (item.kind == Kind::Surface) surfaceSheet(sheet, told, item);
    if (item.kind == Kind::Spacer) spacerSheet(sheet, told, item);
    if (item.kind == Kind::OldBearing) oldBearingSheet(sheet, told);
    if (item.kind != Kind::OldBearing)
        sheet.list("verdict", {}, true)
            .rows.push_back(
                {std::string(job::name(verdictOf(item, fits))), tr("Verdict"), verdictName(verdictOf(item, fits))});
    if (next) {
        const auto title = itemTitle(*next, fits);
        sheet.action = tr("Next: {what}").with("what", title.substr(0, title.find(" · ")));
    } else {
        sheet.action = tr("Go to Fit");
    }
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
