#include "core/base/units.h"
#include "core/plan/proof_plan.h"
#include "words/adjust_words.h"
#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"

#include <algorithm>

namespace arbor::words {

namespace {

bool isGood(const seating::Seating& s) {
    return s.verdict == seating::SeatVerdict::HomeAndSquare && worst(s.findings) < Severity::Stop;
}

std::string countOf(std::size_t count, std::size_t all) {
    return tr("{count} of {all}").with("count", static_cast<int>(count)).with("all", static_cast<int>(all));
}

/// How far the checks beside depth and tilt have come; what is bad or odd of them in words.
void addChecks(Sheet& sheet, const plan::StepPlan& step, const job::SeatChecks& proof, const Display& d) {
    const auto& wanted = step.checks;
    const auto looked = static_cast<std::size_t>(
        std::count_if(wanted.begin(), wanted.end(), [&](auto c) { return proof.checks.contains(c); }));
    auto& rows = sheet.list("checks").rows;
    if (!wanted.empty())
        rows.push_back(
            {"checked", tr("Checked"), countOf(looked, wanted.size()), exactly(static_cast<double>(looked))});
    if (wanted.contains(job::SeatCheck::GrooveAllRound))
        rows.push_back({"probed", tr("Retaining ring probed"), countOf(proof.probed.size(), plan::kProbes),
                        exactly(static_cast<double>(proof.probed.size()))});
    for (const auto& advice : step.proof)
        if (!advice.is<found::CheckMissing>() && !advice.is<found::RingNotProbed>())
            sheet.notes.push_back(noteOf(advice, d));
    auto& all = sheet.list("check_list", tr("To be checked"), true).rows;
    for (const auto check : wanted) {
        const auto said = seatCheck(check);
        const auto found = proof.checks.find(check);
        const bool open = found == proof.checks.end();
        all.push_back({std::string(job::name(check)),
                       said.line(),
                       open            ? tr("open")
                       : found->second ? tr("yes")
                                       : tr("no"),
                       {},
                       false,
                       open            ? Tone::Plain
                       : found->second ? Tone::Proven
                                       : Tone::Stop});
    }
}

/// How far it is out of square, and how far short of home.
void addSeating(Sheet& sheet, const seating::Seating& s, const seating::SeatingInput& in, const Display& d) {
    const double square_um = in.squareLimit_mm / kUm, depth_um = in.depthTolerance_mm / kUm;
    auto rise =
        figureOf("rise_across_um", tr("Out of square across Ø{size}").with("size", d.size(in.seatDia_mm).text()),
                 d.fine(s.riseAcross_mm.likely), d.fineRange(s.riseAcross_mm.least, s.riseAcross_mm.most),
                 scaled(s.riseAcross_mm, kUm));
    rise.limits = {{square_um, tr("limit {size}").with("size", d.fine(in.squareLimit_mm).number)}};
    rise.lineTo = std::max(square_um * 1.6, rise.value.most * 1.1);
    rise.tone = s.riseAcross_mm.likely > in.squareLimit_mm ? Tone::Stop : Tone::Plain;
    sheet.figures.push_back(rise);
    sheet.figures.push_back(figureOf("tilt_arcmin", tr("Tilt"), {decimals(s.tilt_arcmin.likely, 1), tr("arc-min")},
                                     decimals(s.tilt_arcmin.least, 1) + "…" + decimals(s.tilt_arcmin.most, 1),
                                     s.tilt_arcmin));
    if (in.kind == seating::ReadingKind::Indicator) return;
    auto gap = figureOf("gap_um", tr("Short of home"), d.fine(s.gap_mm.likely),
                        d.fineRange(s.gap_mm.least, s.gap_mm.most), scaled(s.gap_mm, kUm));
    gap.lineFrom = std::min(-1.2 * depth_um, gap.value.least * 1.1);
    gap.lineTo = std::max(2 * depth_um, gap.value.most * 1.1);
    gap.limits = {{depth_um, tr("limit")}};
    sheet.figures.push_back(gap);
}

void addReadings(Sheet& sheet, const seating::Seating& s, const seating::SeatingInput& in, const Display& d) {
    if (s.plane) {
        auto& rows = sheet.list("plane", tr("Plane through the readings"), true).rows;
        rows.push_back({"high_side_deg", tr("High side"),
                        tr("{hour} o’clock").with("hour", seating::clockPosition(s.plane->highAngle_deg)),
                        exactly(s.plane->highAngle_deg)});
        double residual_mm = 0;
        for (const double r : s.plane->residuals_mm)
            residual_mm = std::max(residual_mm, std::abs(r));
        rows.push_back(
            {"largest_residual_um", tr("Largest residual"), d.fine(residual_mm).text(), exactly(residual_mm / kUm)});
        if (s.grooveOpening_mm)
            rows.push_back({"groove_opening_um", tr("Groove open, at least"), d.fine(*s.grooveOpening_mm).text(),
                            exactly(*s.grooveOpening_mm / kUm)});
    }
    Series readings{"readings", {"angle_deg", "value_mm"}};
    for (const auto& r : in.readings)
        readings.rows.push_back({r.angle_deg, r.value_mm});
    sheet.series.push_back(std::move(readings));
}

void addSeatNotes(Sheet& sheet, const seating::Seating& s, bool good, const Display& d) {
    for (const auto& finding : s.findings) {
        auto note = noteOf(finding, d);
        if (finding.severity == Severity::Info) note.tone = Tone::Proven;
        sheet.notes.push_back(std::move(note));
    }
    const bool judged = s.verdict != seating::SeatVerdict::NotJudged;
    const bool squareOnly = s.verdict == seating::SeatVerdict::SquareOnly;
    sheet.notes.push_back(noteOf("next",
                                 good         ? Tone::Proven
                                 : squareOnly ? Tone::Check
                                 : judged     ? Tone::Stop
                                              : Tone::Plan,
                                 tr("Next"), nextStep(s)));
}

Tone toneOfSeating(const seating::Seating& s) {
    return s.verdict == seating::SeatVerdict::NotJudged    ? Tone::Plan
           : isGood(s)                                     ? Tone::Proven
           : s.verdict == seating::SeatVerdict::SquareOnly ? Tone::Check
                                                           : Tone::Stop;
}

/// What the next check asks for, in place of the last word.
void askFor(Sheet& sheet, const plan::NextLook& next, const plan::Plan& plan) {
    sheet.waitsFor.clear();
    if (next.otherStep)
        sheet.action = tr("Read: {ring}").with("ring", plan.steps[*next.otherStep].ring->label);
    else if (next.check)
        sheet.action = tr("Yes: {check}").with("check", inSentence(seatCheck(*next.check).head));
    else
        sheet.action = tr("Retaining ring probed at {hour} o’clock").with("hour", next.hour);
}

void addAction(Sheet& sheet, const SheetInput& told, const plan::StepPlan& step, const job::SeatChecks& proof) {
    const auto& ring = *step.ring;
    const bool good = isGood(ring.seating);
    const bool looked = worst(step.proof) == Severity::Info;
    // A seal may be looked at in place of its readings.
    const bool proven = good || (ring.seal && ring.input.readings.empty());
    const bool isSigned = plan::isSigned(proof);
    sheet.action = isSigned ? tr("Accept by concession") : tr("The seat is proven");
    if (!(proven && looked) && !isSigned)
        sheet.waitsFor = proven ? tr("A check is still open.") : tr("Waits for readings that prove it.");
    if (const auto next = plan::nextLook(proof, told.plan.steps, step); proven && next && !isSigned)
        askFor(sheet, *next, told.plan);
}

} // namespace

Sheet seatSheet(const SheetInput& told, const plan::StepPlan& step) {
    auto sheet = sheetOf(job::Station::Seat, step);
    if (step.step.out || !step.ring) {
        sheet.title = step.step.out ? tr("Nothing to prove") : tr("Seat not judged");
        sheet.verdict = step.step.out ? tr("It comes out; the surface it leaves is measured.")
                                      : tr("Nothing is known of where it sits.");
        sheet.action = tr("Go to the next step");
        sheet.byFoot = true;
        return sheet;
    }
    const auto& d = told.d;
    const auto& ring = *step.ring;
    const auto& s = ring.seating;
    const auto& proof = job::stepOf(told.job, step.step.id).proof;
    const auto said = verdict(s, d);
    const bool judged = s.verdict != seating::SeatVerdict::NotJudged;
    sheet.title = said.head;
    sheet.tone = toneOfSeating(s);
    sheet.verdict = tr("{ring} · {partner}. {verdict}")
                        .with("ring", shippedName(ring.label))
                        .with("partner", ring.partner)
                        .with("verdict", said.detail);
    if (judged) addSeating(sheet, s, ring.input, d);
    addReadings(sheet, s, ring.input, d);
    if (ring.input.kind == seating::ReadingKind::Depth)
        sheet.list("checks").rows.push_back({"home_depth_mm", tr("Wanted, from the face"),
                                             d.size(ring.input.homeDepth_mm).text(), exactly(ring.input.homeDepth_mm)});
    if (judged || ring.seal || plan::isSigned(proof)) addChecks(sheet, step, proof, d);
    sheet.list("plane", {}, true)
        .rows.push_back({"verdict/" + std::string(job::name(s.verdict)), tr("Verdict"), said.head});
    sheet.notesTitle = tr("Checks of the seat");
    addSeatNotes(sheet, s, isGood(s), d);
    addAction(sheet, told, step, proof);
    addNotes(sheet, step.blocked, d);
    if (!step.blocked.empty()) sheet.waitsFor = say(step.blocked.front(), d).head + ".";
    if (isGood(s) && s.grooveOpening_mm)
        sheet.caution = tr("Eye protection on: the retaining ring can fly.");
    else if (ring.seal)
        sheet.caution = tr("Drive a seal by its case, flush and square, never by the lip.");
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
