#include "words/adjust_words.h"
#include "words/heat_words.h"
#include "words/measure_words.h"
#include "words/sentences.h"
#include "words/strip_words.h"

#include <fmt/format.h>
#include <map>

namespace arbor::words {

std::string stationTitle(job::Station station) {
    static const std::map<job::Station, std::string> titles{
        {job::Station::Intake, "Intake"}, {job::Station::Strip, "Strip"},     {job::Station::Measure, "Measure"},
        {job::Station::Fit, "Fit"},       {job::Station::Tooling, "Tooling"}, {job::Station::Warm, "Warm & chill"},
        {job::Station::Press, "Press"},   {job::Station::Seat, "Seat"},       {job::Station::Adjust, "Adjust"},
        {job::Station::Close, "Close"}};
    return titles.at(station);
}

namespace {

std::string intakeLine(const job::Intake& intake) {
    if (!intake.complaint.empty()) return intake.complaint;
    return intake.checks.empty() ? "not looked at yet" : fmt::format("{} checks", intake.checks.size());
}

std::string stripLine(const job::Job& job, const plan::Plan& plan) {
    if (plan.strip.assembly.parts.empty()) return "nothing is drawn";
    if (!plan.strip.sound()) return "the arrangement is wrong";
    const auto all = plan.strip.assembly.parts.size() - 1; // the base stays
    if (!job.strip.fitted.empty()) return fmt::format("{} of {} parts back in", job.strip.fitted.size(), all);
    return fmt::format("{} of {} parts out", job.strip.out.size(), all);
}

std::string toolsLine(const plan::StepPlan& step) {
    if (!step.tools) return "not looked for yet";
    if (step.way() && step.way()->hand) return "by hand";
    if (!step.setup() || !step.setup()->choice) return "nothing fits";
    const auto& choice = *step.setup()->choice;
    return (choice.driver ? choice.driver->id : "bare ram") + " on " +
           (choice.support ? choice.support->id : "the bed");
}

std::string pressLine(const plan::StepPlan& step, const Display& d) {
    if (!step.press) return "the force is not known";
    const auto& force = step.press->force_N;
    if (!(force.most > 0)) return "by hand: the seat is loose";
    return d.forceRange(force.least, force.most) + " " + d.force(0).unit;
}

std::string seatLine(const job::Job& job, const plan::StepPlan& step, const Display& d) {
    if (step.step.out) return "nothing to prove";
    if (step.ring && step.ring->read()) return verdict(step.ring->seating, d).head;
    return fmt::format("{} readings", job::stepOf(job, step.step.id).readings.readings.size());
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
    if (!plan.fits) return "a size is wrong";
    const auto* seat = plan.seat();
    if (!seat || !seat->fit) return "no sizes yet";
    const auto& i = seat->fit->interference_mm;
    if (i.likely < 0) return d.fineRange(-i.most, -i.least) + " " + d.fine(0).unit + " loose";
    return d.fineRange(i.least, i.most) + " " + d.fine(0).unit + " tight";
}

} // namespace

std::string stationLine(job::Station station, const job::Job& job, const plan::Plan& plan, const Display& d) {
    switch (station) {
    case job::Station::Intake:
        return intakeLine(job.intake);
    case job::Station::Strip:
        return stripLine(job, plan);
    case job::Station::Measure:
        return plan.fits ? measureLine(*plan.fits) : "a size is wrong";
    case job::Station::Fit:
        return fitLine(plan, d);
    case job::Station::Tooling:
    case job::Station::Warm:
    case job::Station::Press:
    case job::Station::Seat:
        return plan.now() ? lineOfStep(station, job, plan, *plan.now(), d) : "waits for Fit";
    case job::Station::Adjust:
        return adjustLine(plan.adjust, d);
    case job::Station::Close:
        return job.record ? "recorded by " + job.record->who : "not yet recorded";
    }
    return {};
}

std::string stepLine(const plan::StepPlan& step, const job::Job& job, const plan::Plan& plan, const Display& d) {
    const bool hammer = step.hand && step.hand->trace.empty(); // tells no force
    if (step.trace && hammer) return verdict(*step.trace, d).head;
    if (step.trace) return verdict(*step.trace, d).head + " at " + d.force(step.trace->peak_N).text();
    if (step.ring && step.ring->read()) return verdict(step.ring->seating, d).head;
    if (!step.step.seat) return step.step.out ? "comes out by hand" : "goes in by hand";
    const auto& seat = plan.fits->seats[*step.step.seat];
    const auto& force = step.step.out ? seat.off->force_N : seat.fit->pressForce_N;
    if (!(force.most > 0)) return step.step.out ? "comes out by hand" : "goes in by hand";
    auto line = d.forceRange(force.least, force.most) + " " + d.force(0).unit;
    const auto* heat = plan::heatOf(step.step, plan.heats);
    const bool warm = heat && heat->needed() && !job::stepOf(job, step.step.id).heat.pressCold;
    return warm ? line + ", or warm" : line;
}

std::string markWord(plan::Mark mark) {
    switch (mark) {
    case plan::Mark::Open:
        return "open";
    case plan::Mark::Done:
        return "done";
    case plan::Mark::Look:
        return "look";
    case plan::Mark::Stop:
        return "stop";
    case plan::Mark::NotNeeded:
        return "not needed";
    }
    return {};
}

Said verdict(const seat::Seating& seating, const Display& d) {
    switch (seating.verdict) {
    case seat::SeatVerdict::NotJudged:
        return {"Not measured yet", "Enter what the gauge shows, place by place."};
    case seat::SeatVerdict::HomeAndSquare:
        return {"Home and square", seating.grooveOpening_mm ? "Nothing more to do at this seat but the retaining ring."
                                                            : "Nothing more to do at this seat."};
    case seat::SeatVerdict::SquareOnly:
        return {"Square", "Whether it is home the indicator does not know."};
    case seat::SeatVerdict::NotHome:
        return {"Not home", d.fine(seating.gap_mm.likely).text() + " short of the shoulder."};
    case seat::SeatVerdict::Tilted:
        return {"Tilted", "High towards " + seat::clockPosition(seating.plane->highAngle_deg) + " o’clock."};
    case seat::SeatVerdict::ReadingsDisagree:
        return {"Readings disagree", "One of them does not lie in the plane of the others."};
    }
    return {};
}

std::string endOfPress(const trace::Expected& e, const Display& d) {
    if (!e.holds) return "stop at contact, do not hold";
    if (!(e.hold_N.most > 0)) return "by hand: there is no force to hold";
    return "hold once at " + d.force(e.hold_N.likely).text();
}

Said verdict(const trace::Analysis& a, const Display& d) {
    using trace::Verdict;
    switch (a.verdict) {
    case Verdict::NotEnough:
        return {"Too little to say", "A few points on the way and one at the end are needed."};
    case Verdict::Sliding:
        return {"On the line", "As this seat should press."};
    case Verdict::Home:
        return {"Home", "Stiff at the shoulder, inside the band."};
    case Verdict::NotProven:
        return {"Not proven home", "Far enough, but no stiff rise: hold it once, then measure."};
    case Verdict::Short:
        return {"Short of home", "Lift it out and look under the ring, or press on if nothing stops it."};
    case Verdict::OverTravel:
        return {"Past home", "Stop: shoulder, sleeve or zero is not where it should be."};
    case Verdict::SoftEnd:
        return {"Soft end", "Something yields: look which ring the sleeve stands on."};
    case Verdict::CockedStart:
        return {"Started crooked", "Stop, lift it out, dress the bore and start again square."};
    case Verdict::Galling:
        return {"Picking up", "Stop: press it out, look at the bore, oil it."};
    case Verdict::Loose:
        return {"Looser than it should be", "The seat will not hold: measure bore and ring again."};
    case Verdict::AboveBand:
        return {"Harder than it should be", "Dry, too tight or the wrong part: stop and measure."};
    case Verdict::SupportMoved:
        return {"Something moved", "Stop: look at support and stack before another stroke."};
    case Verdict::GrippedEarly:
        return {"Gripped on the way", "Stop: press it out and warm it again, hotter or faster."};
    case Verdict::Stands:
        return {"It stands on something", "By sound and eye. Depth all round proves whether it is the shoulder."};
    case Verdict::Released:
        return {"It let go", "At " + d.force(a.peak_N).text() + "."};
    }
    return {};
}

std::string phaseName(trace::PhaseKind kind) {
    switch (kind) {
    case trace::PhaseKind::Approach:
        return "approach";
    case trace::PhaseKind::LeadIn:
        return "lead-in";
    case trace::PhaseKind::Slide:
        return "sliding";
    case trace::PhaseKind::Rise:
        return "home";
    case trace::PhaseKind::Hold:
        return "hold";
    }
    return {};
}

std::string nextStep(const seat::Seating& seating) {
    switch (seating.verdict) {
    case seat::SeatVerdict::NotJudged:
        return "Measure at four places or more, evenly round the ring.";
    case seat::SeatVerdict::HomeAndSquare:
        return seating.grooveOpening_mm
                   ? "Fit a new retaining ring: gap down, sharp edge to the load. Eye protection on."
                   : "Turn it by hand: it must run smoothly. Then write the record.";
    case seat::SeatVerdict::SquareOnly:
        return "Measure the depth at three places, or keep a trace of the press.";
    case seat::SeatVerdict::NotHome:
        return "Put the sleeve back and press again to one held load. If it does not move, lift it out and look under "
               "the ring.";
    case seat::SeatVerdict::Tilted:
        return "Press again with a true sleeve; if the high side stays at " +
               seat::clockPosition(seating.plane->highAngle_deg) + " o’clock, lift it out and look for a chip there.";
    case seat::SeatVerdict::ReadingsDisagree:
        for (const auto& f : seating.findings)
            if (f.id == Finding::ReadingsDisagree)
                return "Wipe the face and measure again at " + f.subject + " o’clock.";
        return "Check the gauge's zero and the sizes, then measure again.";
    }
    return {};
}

namespace {

std::string stripStop(const plan::StripPlan& strip) {
    if (!strip.faults.empty()) return say(strip.faults.front());
    for (std::size_t p = 0; p < strip.assembly.parts.size(); ++p)
        if (strip.order.stuck & route::only(p))
            return "The " + partName(strip.assembly.parts[p]) + " could never have been fitted so";
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
        return nothing ? "Nothing on the rack fits" : firstStop(step.way()->findings(), d);
    }
    if (station == job::Station::Warm) return firstStop(plan::heatOf(step.step, plan.heats)->findings, d);
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
