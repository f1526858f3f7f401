#include "words/adjust_words.h"
#include "words/heat_words.h"
#include "words/language.h"
#include "words/measure_words.h"
#include "words/sentences.h"
#include "words/sheets/sheet_parts.h"
#include "words/strip_words.h"

namespace arbor::words {

std::string stationTitle(job::Station station) {
    switch (station) {
    case job::Station::Intake:
        return tr("Intake");
    case job::Station::Strip:
        return tr("Strip");
    case job::Station::Measure:
        return tr("Measure");
    case job::Station::Fit:
        return tr("Fit");
    case job::Station::Tooling:
        return tr("Set up");
    case job::Station::Warm:
        return tr("Warm & chill");
    case job::Station::Press:
        return tr("Press");
    case job::Station::Seat:
        return tr("Prove");
    case job::Station::Adjust:
        return tr("Adjust");
    case job::Station::Close:
        return tr("Close");
    }
    return {};
}

namespace {

std::string intakeLine(const job::Intake& intake) {
    if (!intake.complaint.empty()) return intake.complaint;
    return intake.checks.empty() ? tr("not checked yet") : tr("%n checks", "", static_cast<int>(intake.checks.size()));
}

std::string stripLine(const job::Job& job, const plan::Plan& plan) {
    if (plan.strip.assembly.parts.empty()) return tr("nothing is drawn");
    if (!plan.strip.sound()) return tr("the arrangement is invalid");
    const auto all = static_cast<int>(plan.strip.assembly.parts.size()) - 1; // the base stays
    const bool back = !job.strip.fitted.empty();
    return (back ? tr("{count} of {all} parts refitted") : tr("{count} of {all} parts out"))
        .with("count", static_cast<int>(back ? job.strip.fitted.size() : job.strip.out.size()))
        .with("all", all);
}

std::string toolsLine(const plan::StepPlan& step) {
    if (!step.tools) return tr("not searched yet");
    if (step.way() && step.way()->byHand()) return step.way()->own ? wayName(*step.way()) : tr("by hand").text();
    if (!step.setup() || !step.setup()->choice) return tr("nothing fits");
    const auto& choice = *step.setup()->choice;
    return tr("{driver} on {support}")
        .with("driver", choice.driver ? choice.driver->id : tr("bare ram").text())
        .with("support", choice.support ? choice.support->id : tr("the bed").text());
}

std::string pressLine(const plan::StepPlan& step, const Display& d) {
    if (!step.press) return tr("the force is not known");
    const auto& force = step.press->force_N;
    if (!(force.most > 0)) return tr("by hand: the seat is loose");
    return d.forceRange(force.least, force.most) + " " + d.force(0).unit;
}

std::string seatLine(const job::Job& job, const plan::StepPlan& step, const Display& d) {
    if (step.step.out) return tr("nothing to prove");
    if (step.ring && step.ring->read()) return verdict(step.ring->seating, d).head;
    return tr("%n readings", "", static_cast<int>(job::stepOf(job, step.step.id).readings.readings.size()));
}

std::string lineOfStep(job::Station station, const job::Job& job, const plan::Plan& plan, const plan::StepPlan& step,
                       const Display& d) {
    if (station == job::Station::Tooling) return toolsLine(step);
    if (station == job::Station::Press) return pressLine(step, d);
    if (station == job::Station::Seat) return seatLine(job, step, d);
    return heatLine(job, plan, step.step, d);
}

/// Of the seat in hand; one that nobody asks for has no line.
std::string fitLine(const plan::Plan& plan, const Display& d) {
    if (!plan.fits) return tr("size missing or invalid");
    const auto* seat = plan.seat();
    if (!seat || !seat->fit) return tr("no sizes yet");
    const auto& i = seat->fit->interference_mm;
    const bool loose = i.likely < 0;
    return (loose ? tr("{range} loose") : tr("{range} tight"))
        .with("range", (loose ? d.fineRange(-i.most, -i.least) : d.fineRange(i.least, i.most)) + " " + d.fine(0).unit);
}

} // namespace

std::string stationLine(job::Station station, const job::Job& job, const plan::Plan& plan, const Display& d) {
    switch (station) {
    case job::Station::Intake:
        return intakeLine(job.intake);
    case job::Station::Strip:
        return stripLine(job, plan);
    case job::Station::Measure:
        return plan.fits ? measureLine(*plan.fits) : tr("size missing or invalid").text();
    case job::Station::Fit:
        return fitLine(plan, d);
    case job::Station::Tooling:
    case job::Station::Warm:
    case job::Station::Press:
    case job::Station::Seat:
        return plan.now() ? lineOfStep(station, job, plan, *plan.now(), d) : tr("waits for Fit").text();
    case job::Station::Adjust:
        return adjustLine(plan.adjust, d);
    case job::Station::Close:
        return job.record ? tr("recorded by {who}").with("who", job.record->who) : tr("not yet recorded");
    }
    return {};
}

std::string stepLine(const plan::StepPlan& step, const job::Job& job, const plan::Plan& plan, const Display& d) {
    const bool hammer = step.hand && step.hand->trace.empty(); // tells no force
    if (step.trace && hammer) return verdict(*step.trace, d).head;
    if (step.trace)
        return tr("{verdict} at {force}")
            .with("verdict", verdict(*step.trace, d).head)
            .with("force", d.force(step.trace->peak_N).text());
    if (step.ring && step.ring->read()) return verdict(step.ring->seating, d).head;
    std::string byHand = step.step.out ? tr("comes out by hand") : tr("goes in by hand");
    if (!step.step.seat) return byHand;
    const auto& seat = plan.fits->seats[*step.step.seat];
    const auto& force = step.step.out ? seat.off->force_N : seat.fit->pressForce_N;
    if (!(force.most > 0)) return byHand;
    auto line = d.forceRange(force.least, force.most) + " " + d.force(0).unit;
    const auto* heat = plan::heatOf(step.step, plan.heats);
    const bool warm = heat && heat->needed() && !job::stepOf(job, step.step.id).heat.pressCold;
    return warm ? tr("{force}, or warm").with("force", line).text() : line;
}

std::string markWord(plan::Mark mark) {
    switch (mark) {
    case plan::Mark::Open:
        return tr("open");
    case plan::Mark::Done:
        return tr("done");
    case plan::Mark::Check:
        return tr("check");
    case plan::Mark::Stop:
        return tr("stop");
    case plan::Mark::NotNeeded:
        return tr("not needed");
    }
    return {};
}

std::string markWord(const std::string& key) {
    for (const auto mark : {plan::Mark::Open, plan::Mark::Done, plan::Mark::Check, plan::Mark::Stop})
        if (markKey(mark) == key) return markWord(mark);
    return markWord(plan::Mark::NotNeeded);
}

Sentence verdict(const seating::Seating& seating, const Display& d) {
    switch (seating.verdict) {
    case seating::SeatVerdict::NotJudged:
        return {tr("Not measured yet"), tr("Enter what the gauge shows, place by place.")};
    case seating::SeatVerdict::HomeAndSquare:
        return {tr("Home and square"), seating.grooveOpening_mm
                                           ? tr("Nothing more to do at this seat but the retaining ring.")
                                           : tr("Nothing more to do at this seat.")};
    case seating::SeatVerdict::SquareOnly:
        return {tr("Square"), tr("An indicator does not tell whether it is home.")};
    case seating::SeatVerdict::NotHome:
        return {tr("Not home"), tr("{size} short of the shoulder.").with("size", d.fine(seating.gap_mm.likely).text())};
    case seating::SeatVerdict::Tilted:
        return {tr("Cocked"),
                tr("High towards {hour} o’clock.").with("hour", seating::clockPosition(seating.plane->highAngle_deg))};
    case seating::SeatVerdict::ReadingsDisagree:
        return {tr("Readings disagree"), tr("One of them does not lie in the plane of the others.")};
    }
    return {};
}

std::string endOfPress(const trace::Expected& e, const Display& d) {
    if (!e.holds) return tr("stop at contact, no seating load");
    if (!(e.hold_N.most > 0)) return tr("by hand: no seating load");
    return tr("final seating load {force}, one dwell").with("force", d.force(e.hold_N.likely).text());
}

Sentence verdict(const trace::Analysis& a, const Display& d) {
    using trace::Verdict;
    switch (a.verdict) {
    case Verdict::NotEnough:
        return {tr("Not enough readings"), tr("A few points on the way and one at the end are needed.")};
    case Verdict::Sliding:
        return {tr("On the line"), tr("As this seat should press.")};
    case Verdict::Home:
        return {tr("Home"), tr("The force rises sharply at the shoulder, inside the band.")};
    case Verdict::NotProven:
        return {tr("Not proven home"), tr("Far enough, but no sharp rise: apply the seating load once, then measure.")};
    case Verdict::Short:
        return {tr("Short of home"), tr("Lift it out and check under the ring, or press on if nothing stops it.")};
    case Verdict::OverTravel:
        return {tr("Past home"), tr("Stop: shoulder, sleeve or zero is not where it should be.")};
    case Verdict::SoftEnd:
        return {tr("No solid stop"), tr("Something yields: check which ring the sleeve stands on.")};
    case Verdict::CockedStart:
        return {tr("Started cocked"), tr("Stop, lift it out, dress the bore and start again square.")};
    case Verdict::Galling:
        return {tr("Galling"), tr("Stop: press it out, check the bore, oil it.")};
    case Verdict::Loose:
        return {tr("Looser than it should be"), tr("The seat will not hold: measure bore and ring again.")};
    case Verdict::AboveBand:
        return {tr("Tighter than it should be"), tr("Dry, too tight or the wrong part: stop and measure.")};
    case Verdict::SupportMoved:
        return {tr("Something moved"), tr("Stop: check support and stack before another stroke.")};
    case Verdict::GrippedEarly:
        return {tr("Gripped on the way"), tr("Stop: press it out and heat it again, hotter or faster.")};
    case Verdict::Stands:
        return {tr("Bottomed on something"),
                tr("By sound and eye. Depth all round proves whether it is the shoulder.")};
    case Verdict::Released:
        return {tr("Broke away"), tr("At {force}.").with("force", d.force(a.peak_N).text())};
    }
    return {};
}

std::string recordedVerdict(const std::string& key) {
    if (const auto ofSeat = job::named<seating::SeatVerdict>(key)) {
        seating::Seating seating;
        seating.verdict = *ofSeat;
        seating.plane.emplace();
        return verdict(seating, Display()).head;
    }
    if (const auto ofTrace = job::named<trace::Verdict>(key)) {
        trace::Analysis analysis;
        analysis.verdict = *ofTrace;
        return verdict(analysis, Display()).head;
    }
    return key;
}

std::string phaseName(trace::PhaseKind kind) {
    switch (kind) {
    case trace::PhaseKind::Approach:
        return tr("approach");
    case trace::PhaseKind::LeadIn:
        return tr("lead-in");
    case trace::PhaseKind::Slide:
        return tr("sliding");
    case trace::PhaseKind::Rise:
        return tr("home");
    case trace::PhaseKind::Hold:
        return tr("dwell");
    }
    return {};
}

std::string nextStep(const seating::Seating& seating) {
    switch (seating.verdict) {
    case seating::SeatVerdict::NotJudged:
        return tr("Measure at four places or more, evenly round the ring.");
    case seating::SeatVerdict::HomeAndSquare:
        return seating.grooveOpening_mm
                   ? tr("Fit a new retaining ring: gap down, sharp edge to the load. Eye protection on.")
                   : tr("Turn it by hand: it must run smoothly. Then write the record.");
    case seating::SeatVerdict::SquareOnly:
        return tr("Measure the depth at three places, or keep a trace of the press.");
    case seating::SeatVerdict::NotHome:
        return tr(
            "Put the sleeve back and press again with one seating load. If it does not move, lift it out and check "
            "under the ring.");
    case seating::SeatVerdict::Tilted:
        return tr("Press again with a true sleeve; if the high side stays at {hour} o’clock, lift it out and check for "
                  "a "
                  "chip there.")
            .with("hour", seating::clockPosition(seating.plane->highAngle_deg));
    case seating::SeatVerdict::ReadingsDisagree:
        for (const auto& f : seating.findings)
            if (const auto* off = f.get<found::ReadingsDisagree>())
                return tr("Wipe the face and measure again at {hour} o’clock.").with("hour", off->hour);
        return tr("Check the gauge's zero and the sizes, then measure again.");
    }
    return {};
}

namespace {

std::string stripStop(const plan::StripPlan& strip) {
    if (!strip.faults.empty()) return say(strip.faults.front());
    for (std::size_t p = 0; p < strip.assembly.parts.size(); ++p)
        if (strip.order.stuck & route::only(p))
            return tr("The {part} cannot be assembled as drawn").with("part", partName(strip.assembly.parts[p]));
    return kitStop(strip);
}

std::string firstStop(const AdviceList& list, const Display& d) {
    for (const auto& a : list)
        if (a.severity == Severity::Stop) return say(a, d).head;
    return {};
}

std::string stepStop(job::Station station, const plan::Plan& plan, const plan::StepPlan& step, const Display& d) {
    if (step.marks.at(station) != plan::Mark::Stop) return {};
    if (station == job::Station::Tooling) {
        if (step.tools->problem) return say(*step.tools->problem);
        const bool nothing = !step.way() || (step.way()->pressed && (!step.setup() || !step.setup()->choice));
        return nothing ? tr("Nothing on the rack fits").text() : firstStop(step.way()->findings(), d);
    }
    if (station == job::Station::Warm) return firstStop(plan::heatOf(step.step, plan.heats)->findings, d);
    if (worst(step.blocked) == Severity::Stop) return firstStop(step.blocked, d);
    if (station == job::Station::Press) return firstStop(step.trace->findings, d);
    const auto seating = firstStop(step.ring->seating.findings, d);
    return seating.empty() ? firstStop(step.proof, d) : seating;
}

} // namespace

std::string stopReason(job::Station station, const plan::Plan& plan, const Display& d) {
    const auto head = [&](const AdviceList& list) { return firstStop(list, d); };
    switch (station) {
    case job::Station::Intake:
        return {};
    case job::Station::Strip:
        return stripStop(plan.strip);
    case job::Station::Measure:
        return plan.fits ? measureStop(*plan.fits) : std::string{};
    case job::Station::Fit:
        return plan.fits ? head(plan.fits->advisories()) : plan.problem() ? say(*plan.problem()) : std::string{};
    case job::Station::Tooling:
    case job::Station::Warm:
    case job::Station::Press:
    case job::Station::Seat:
        return plan.now() ? stepStop(station, plan, *plan.now(), d) : std::string{};
    case job::Station::Adjust:
        return plan.adjust ? head(plan.adjust->findings) : std::string{};
    case job::Station::Close:
        return head(plan.closing);
    }
    return {};
}

std::string stopReason(const plan::StepPlan& step, const plan::Plan& plan, const Display& d) {
    for (const auto& [station, mark] : step.marks)
        if (mark == plan::Mark::Stop) return stepStop(station, plan, step, d);
    return {};
}

} // namespace arbor::words
