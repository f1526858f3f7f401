#include "ui/measure/measure_slip.h"

#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/measure_words.h"
#include "words/order_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using Kind = MeasureItem::Kind;
using measure::Verdict;

Tone toneOf(Verdict verdict) {
    switch (verdict) {
    case Verdict::NotMeasured:
        return Tone::Plan;
    case Verdict::Use:
        return Tone::Proven;
    case Verdict::CleanUp:
        return Tone::Caution;
    case Verdict::Sleeve:
    case Verdict::Replace:
        return Tone::Stop;
    }
    return Tone::Plan;
}

/// A form error on a line from nothing to twice its limit.
Figure formFigure(const QString& label, double value_mm, double limit_mm, const words::Display& d) {
    Figure f;
    f.label = label;
    f.number = q(d.fine(value_mm).number);
    f.unit = q(d.fine(0).unit);
    f.range = limit_mm > 0 ? QObject::tr("up to %1").arg(q(d.fine(limit_mm).text())) : QString();
    f.at = std::abs(value_mm);
    f.bandFrom = 0;
    f.bandTo = std::abs(value_mm);
    f.lineTo = std::max(2 * limit_mm, std::abs(value_mm) * 1.1) + 1e-9;
    if (limit_mm > 0) f.limits = {{limit_mm, QObject::tr("limit")}};
    f.tone = limit_mm > 0 && std::abs(value_mm) > limit_mm ? Tone::Stop : Tone::Plain;
    return f;
}

Figure sizeFigure(const plan::SurfacePlan& s, double nominal_mm, const words::Display& d) {
    Figure f;
    f.label = s.form ? tr("Mean size at 20 °C") : tr("Measured size");
    f.number = q(d.reading(*s.measuredDia_mm).number);
    f.unit = q(d.size(0).unit);
    f.range = QStringLiteral("±%1").arg(q(d.fine(s.uncertainty_mm).text()));
    const double deviation = *s.measuredDia_mm - nominal_mm;
    f.at = deviation;
    f.bandFrom = deviation - s.uncertainty_mm;
    f.bandTo = deviation + s.uncertainty_mm;
    if (s.size_mm) {
        const double room = 0.4 * s.size_mm->width() + 1e-3;
        f.lineFrom = std::min(s.size_mm->lower - room, f.bandFrom);
        f.lineTo = std::max(s.size_mm->upper + room, f.bandTo);
        f.limits = {{s.size_mm->lower, q(d.fine(s.size_mm->lower).number)},
                    {s.size_mm->upper, q(d.fine(s.size_mm->upper).number)}};
    } else {
        f.lineFrom = f.bandFrom - 0.01;
        f.lineTo = f.bandTo + 0.01;
    }
    return f;
}

void addReasons(SlipModel& slip, const measure::Judgement& judgement, const words::Display& d) {
    slip.notesTitle = tr("Because");
    for (const auto& reason : judgement.reasons) {
        auto note = noteOf(reason.advice, d);
        note.tone = toneOf(reason.calls);
        slip.notes.push_back(note);
    }
}

void verdictHead(SlipModel& slip, Verdict verdict, bool overruled) {
    slip.title = verdict == Verdict::NotMeasured ? tr("Measure") : q(words::capital(words::verdictName(verdict)));
    if (overruled) slip.title += tr(", overruled");
    slip.titleTone = overruled ? Tone::Caution : toneOf(verdict); // somebody's word, not a proof
    slip.subtitle = q(words::whatToDo(verdict));
}

void surfaceSlip(SlipModel& slip, const JobSession& session, const MeasureItem& item) {
    const auto& seat = session.plan().fits->seats[item.index];
    const auto& s = item.hole ? seat.hole : seat.shaft;
    const auto d = session.display();
    verdictHead(slip, s.verdict, s.overruled);
    if (s.measuredDia_mm) slip.figures.push_back(sizeFigure(s, seat.dia_mm, d));
    if (s.form) {
        slip.figures.push_back(formFigure(tr("Out of round"), s.form->outOfRound_mm, s.formLimit_mm, d));
        if (s.form->taper_mm) slip.figures.push_back(formFigure(tr("Taper"), *s.form->taper_mm, s.formLimit_mm, d));
        const auto oval =
            std::max_element(s.form->planes.begin(), s.form->planes.end(), [](const auto& a, const auto& b) {
                return a.oval_mm.value_or(0) < b.oval_mm.value_or(0);
            });
        if (oval->oval_mm)
            slip.rows.push_back({QObject::tr("Oval, long axis at %1°").arg(std::round(oval->ovalDirection_deg)),
                                 q(d.fine(*oval->oval_mm).text()), false});
        if (s.form->mouth_mm)
            slip.rows.push_back({tr("Open end beyond the rest"), q(d.fine(*s.form->mouth_mm).text()), false});
        if (s.form->lobing_mm)
            slip.rows.push_back({tr("Lobing, besides the oval"), q(d.fine(*s.form->lobing_mm).text()), false});
        if (std::abs(s.form->broughtTo20_mm) > 5e-5)
            slip.rows.push_back({tr("Brought to 20 °C"), q(d.fine(s.form->broughtTo20_mm).text()), false});
        if (!s.form->planes.empty() && s.form->planes.front().readings.size() < 3)
            slip.rows.push_back({tr("Lobes need three directions"), {}, false});
    }
    if (seat.fit)
        slip.rows.push_back(
            {tr("Interference with it"),
             q(d.fineRange(seat.fit->interference_mm.least, seat.fit->interference_mm.most) + " " + d.fine(0).unit),
             true});
    addReasons(slip, s.judgement, d);
    if (const auto* card =
            session.job().measured.seats.contains(seat.key) ? &session.job().measured.seats.at(seat.key) : nullptr)
        if (const auto& over = (item.hole ? card->hole : card->shaft).overrule)
            slip.notes.insert(slip.notes.begin(),
                              {Tone::Caution, tr("You say: %1").arg(q(words::verdictName(over->verdict))),
                               over->note.empty() ? tr("Write down why.") : q(over->note)});
}

void spacerSlip(SlipModel& slip, const JobSession& session, const MeasureItem& item) {
    const auto& spacer = session.plan().fits->spacers[item.index];
    const auto& state = spacer.state;
    const auto d = session.display();
    verdictHead(slip, state.judgement.verdict, false);
    if (state.judgement.verdict == Verdict::NotMeasured)
        slip.subtitle = tr("Length at four points on the plate; then the indicator over the other end.");
    if (state.judgement.verdict == Verdict::CleanUp)
        slip.subtitle = tr("Face the ends true, then measure its length again.");
    if (state.length_mm > 0) {
        Figure f;
        f.label = tr("Length");
        f.number = q(d.size(state.length_mm).number);
        f.unit = q(d.size(0).unit);
        f.range = tr("drawn %1").arg(q(d.size(spacer.drawn_mm).number));
        slip.figures.push_back(f);
    }
    if (state.outOfParallel_mm)
        slip.figures.push_back(formFigure(tr("Ends out of parallel"), *state.outOfParallel_mm, state.limit_mm, d));
    if (state.lowerOutOfSquare_mm)
        slip.figures.push_back(
            formFigure(tr("Lower end out of square"), *state.lowerOutOfSquare_mm, state.limit_mm, d));
    addReasons(slip, state.judgement, d);
}

void oldBearingSlip(SlipModel& slip, const JobSession& session) {
    const auto& fits = *session.plan().fits;
    slip.title = tr("Old bearing");
    slip.subtitle = fits.causes.empty() ? tr("Pick what you see: it says what to look at in this job.")
                                        : q(words::capital(words::causeName(fits.causes.front().cause))) + ".";
    if (!fits.causes.empty()) slip.rowsTitle = tr("Likely causes");
    for (const auto& cause : fits.causes)
        slip.rows.push_back({q(words::causeName(cause.cause)), tr("%1 %").arg(std::round(100 * cause.share)),
                             &cause == &fits.causes.front()});
    slip.notesTitle = fits.lookAt.empty() ? QString() : tr("Look at this because of it");
    for (const auto look : fits.lookAt) {
        const auto said = words::lookAtWords(look);
        slip.notes.push_back(
            {look == measure::LookAt::BackUpTheRing ? Tone::Caution : Tone::Plan, q(said.head), q(said.detail)});
    }
}

} // namespace

std::vector<MeasureItem> measureItems(const plan::FitPlan& fits) {
    std::vector<MeasureItem> out;
    for (std::size_t i = 0; i < fits.seats.size(); ++i)
        for (const bool hole : {true, false})
            if (!(hole ? fits.seats[i].hole : fits.seats[i].shaft).ring) out.push_back({Kind::Surface, i, hole});
    for (std::size_t i = 0; i < fits.spacers.size(); ++i)
        out.push_back({Kind::Spacer, i, true});
    out.push_back({Kind::OldBearing, 0, true});
    return out;
}

QString itemTitle(const MeasureItem& item, const plan::FitPlan& fits) {
    switch (item.kind) {
    case Kind::Surface: {
        const auto& seat = fits.seats[item.index];
        const auto title = q(words::surfaceTitle(seat, item.hole));
        // Two seats of one part are told apart by what sits on them.
        return title + QStringLiteral(" · ") + q(words::inSentence(item.hole ? seat.shaft.label : seat.hole.label));
    }
    case Kind::Spacer:
        return q(fits.spacers[item.index].label);
    case Kind::OldBearing:
        return tr("Old bearing");
    }
    return {};
}

Verdict verdictOf(const MeasureItem& item, const plan::FitPlan& fits) {
    switch (item.kind) {
    case Kind::Surface:
        return (item.hole ? fits.seats[item.index].hole : fits.seats[item.index].shaft).verdict;
    case Kind::Spacer:
        return fits.spacers[item.index].state.judgement.verdict;
    case Kind::OldBearing:
        return fits.causes.empty() ? Verdict::NotMeasured : Verdict::Use;
    }
    return Verdict::NotMeasured;
}

SlipModel measureSlip(const JobSession& session, const MeasureItem& item, const std::optional<MeasureItem>& next) {
    SlipModel slip;
    const auto& fits = *session.plan().fits;
    if (item.kind == Kind::Surface) surfaceSlip(slip, session, item);
    if (item.kind == Kind::Spacer) spacerSlip(slip, session, item);
    if (item.kind == Kind::OldBearing) oldBearingSlip(slip, session);
    slip.action =
        next ? tr("Next: %1").arg(itemTitle(*next, fits).section(QStringLiteral(" · "), 0, 0)) : tr("Go to Fit");
    slip.hint = tr("Ctrl+Enter goes on.");
    return slip;
}

} // namespace arbor::ui
