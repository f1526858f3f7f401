#include "ui/stations/seat_slip.h"

#include "core/plan/proof_plan.h"
#include "ui/stations/slips.h"
#include "ui/text.h"
#include "words/adjust_words.h"
#include "words/sentences.h"

#include <algorithm>

namespace arbor::ui {

namespace {

bool isGood(const seat::Seating& s) {
    return s.verdict == seat::SeatVerdict::HomeAndSquare && worst(s.findings) < Severity::Stop;
}

/// How far the looks beside depth and tilt have come; what is bad or odd of them in words.
void addProof(SlipModel& slip, const JobSession& session) {
    const auto& proof = session.record().proof;
    const auto& wanted = session.step()->checks;
    const auto looked = std::count_if(wanted.begin(), wanted.end(), [&](auto c) { return proof.checks.contains(c); });
    if (!wanted.empty()) slip.rows.push_back({tr("Looked at"), tr("%1 of %2").arg(looked).arg(wanted.size())});
    if (wanted.contains(job::SeatCheck::GrooveAllRound))
        slip.rows.push_back({tr("Retaining ring felt"), tr("%1 of %2").arg(proof.probed.size()).arg(plan::kProbes)});
    for (const auto& advice : session.step()->proof)
        if (advice.id != Finding::CheckMissing && advice.id != Finding::RingNotProbed)
            slip.notes.push_back(noteOf(advice, session.display()));
}

/// How far it is out of square, and how far short of home.
void addSeating(SlipModel& slip, const seat::Seating& s, const seat::SeatingInput& in, const words::Display& d) {
    auto rise =
        rangeFigure(tr("Out of square across Ø%1").arg(q(d.size(in.seatDia_mm).text())), d.fine(s.riseAcross_mm.likely),
                    d.fineRange(s.riseAcross_mm.least, s.riseAcross_mm.most), s.riseAcross_mm);
    rise.limits = {{in.squareLimit_mm, tr("limit %1").arg(q(d.fine(in.squareLimit_mm).number))}};
    rise.lineTo = std::max(in.squareLimit_mm * 1.6, s.riseAcross_mm.most * 1.1);
    rise.tone = s.riseAcross_mm.likely > in.squareLimit_mm ? Tone::Stop : Tone::Plain;
    slip.figures.push_back(rise);
    slip.figures.push_back(rangeFigure(
        tr("Tilt"), {words::decimals(s.tilt_arcmin.likely, 1), "arc-min"},
        words::decimals(s.tilt_arcmin.least, 1) + "…" + words::decimals(s.tilt_arcmin.most, 1), s.tilt_arcmin));
    if (in.kind == seat::ReadingKind::Indicator) return;
    auto gap =
        rangeFigure(tr("Short of home"), d.fine(s.gap_mm.likely), d.fineRange(s.gap_mm.least, s.gap_mm.most), s.gap_mm);
    gap.lineFrom = std::min(-1.2 * in.depthTolerance_mm, s.gap_mm.least * 1.1);
    gap.lineTo = std::max(2 * in.depthTolerance_mm, s.gap_mm.most * 1.1);
    gap.limits = {{in.depthTolerance_mm, tr("limit")}};
    slip.figures.push_back(gap);
}

void addSeatNotes(SlipModel& slip, const seat::Seating& s, bool good, const words::Display& d) {
    for (const auto& finding : s.findings) {
        auto note = noteOf(finding, d);
        if (finding.severity == Severity::Info) note.tone = Tone::Proven;
        slip.notes.push_back(note);
    }
    const bool judged = s.verdict != seat::SeatVerdict::NotJudged;
    const bool squareOnly = s.verdict == seat::SeatVerdict::SquareOnly;
    slip.notes.push_back({good         ? Tone::Proven
                          : squareOnly ? Tone::Caution
                          : judged     ? Tone::Stop
                                       : Tone::Plan,
                          tr("Next"), q(words::nextStep(s))});
}

/// Title and figures of a ring that was read, or is to be.
SlipModel seatingSlip(const seat::Seating& s, const seat::SeatingInput& in, const words::Display& d) {
    SlipModel slip;
    const auto said = words::verdict(s, d);
    slip.title = q(said.head);
    slip.subtitle = q(said.detail);
    slip.titleTone = s.verdict == seat::SeatVerdict::NotJudged    ? Tone::Plan
                     : isGood(s)                                  ? Tone::Proven
                     : s.verdict == seat::SeatVerdict::SquareOnly ? Tone::Caution
                                                                  : Tone::Stop;
    if (s.verdict != seat::SeatVerdict::NotJudged) addSeating(slip, s, in, d);
    return slip;
}

/// What the next look asks for, in place of the last word.
void askFor(SlipModel& slip, const plan::NextLook& next, const plan::Plan& plan) {
    slip.actionEnabled = true;
    if (next.otherStep) {
        slip.action = tr("Read: %1").arg(q(plan.steps[*next.otherStep].ring->label));
        slip.hint = tr("It was pressed as well, and is proven by readings of its own.");
        return;
    }
    slip.action = next.check ? tr("Yes: %1").arg(q(words::seatCheck(*next.check).head).toLower())
                             : tr("Ring felt at %1 o’clock").arg(next.hour);
    slip.hint = next.check ? q(words::seatCheck(*next.check).detail) + tr(". Space: yes. N: no.")
                           : tr("In its groove there: Space.");
}

} // namespace

SlipModel seatSlip(const JobSession& session) {
    const auto& plan = session.plan();
    const auto* step = session.step();
    if (step && step->step.out) {
        SlipModel slip;
        slip.title = tr("Nothing to prove");
        slip.subtitle = tr("It comes out; what it has left is measured.");
        slip.action = tr("Go to the next step");
        return slip;
    }
    if (!step || !step->ring) return brokenSlip(session, tr("Seat not judged"));
    const auto d = session.display();
    const auto& ring = *step->ring;
    const auto& s = ring.seating;
    auto slip = seatingSlip(s, ring.input, d);
    slip.subtitle = tr("%1 · %2. %3").arg(q(ring.label), q(ring.partner), slip.subtitle);
    if (ring.input.kind == seat::ReadingKind::Depth)
        slip.rows.push_back({tr("Wanted, from the face"), q(d.size(ring.input.homeDepth_mm).text())});
    const bool good = isGood(s);
    if (s.verdict != seat::SeatVerdict::NotJudged || ring.seal) addProof(slip, session);
    slip.notesTitle = tr("Proof");
    addSeatNotes(slip, s, good, d);
    slip.action = tr("The seat is proven");
    const auto& proof = session.record().proof;
    const bool looked = worst(step->proof) == Severity::Info;
    // A seal may be looked at in place of its readings.
    const bool proven = good || (ring.seal && ring.input.readings.empty());
    const bool isSigned = plan::isSigned(proof);
    slip.actionEnabled = (proven && looked) || isSigned;
    if (isSigned) slip.action = tr("Close it, signed for");
    if (const auto next = plan::nextLook(proof, plan.steps, *step); proven && next && !isSigned)
        askFor(slip, *next, plan);
    slip.caution = good && s.grooveOpening_mm ? tr("Eye protection on: the retaining ring can fly.")
                   : ring.seal                ? tr("Drive a seal by its case, flush and square, never by the lip.")
                                              : QString();
    return slip;
}

} // namespace arbor::ui
