#include "words/measure_words.h"

#include "words/order_words.h"

#include <fmt/format.h>

namespace arbor::words {

namespace {

std::string against(const Advice& a, const Display& d) {
    return d.fine(a.value).text() + ", " + d.fine(a.limit).text() + " is allowed";
}

Said saySpacer(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::SpacerLength:
        return {"Spacer is " + d.size(a.value).text() + " long", "drawn " + d.size(a.limit).text()};
    case Finding::SpacerShort:
        return {"Spacer is too short", d.size(a.value).text() + " of " + d.size(a.limit).text() +
                                           ": the new bearings would be clamped without play"};
    case Finding::SpacerOutOfParallel:
        return {a.severity == Severity::Info ? "Ends are parallel" : "Ends are not parallel", against(a, d)};
    case Finding::SpacerOutOfSquare:
        return {a.severity == Severity::Info ? "Lower end is square" : "Lower end is out of square", against(a, d)};
    case Finding::SpacerFlared:
        return {"Ends are flared by " + d.fine(a.value).text(), "pinched or hammered: it bends the rings when clamped"};
    default:
        return {};
    }
}

} // namespace

Said sayMeasure(const Advice& a, const Display& d) {
    switch (a.id) {
    case Finding::ReadingsOfOtherSize:
        return {"Readings of another size", "their mean is " + d.size(a.value).text() + ", the seat is " +
                                                d.size(a.limit).text() + " now: measure again"};
    case Finding::SeatSizeGood:
        return {"Size is right", d.size(a.value).text() + ", limit " + d.size(a.limit).text()};
    case Finding::SeatSizeInDoubt:
        return {"Size is at its limit",
                d.size(a.value).text() + " against " + d.size(a.limit).text() + ": within what the gauge can tell"};
    case Finding::SeatMetalGone:
        return {"Metal is missing",
                d.size(a.value).text() + " against " + d.size(a.limit).text() + ": cleaning does not bring it back"};
    case Finding::SeatMetalLeft:
        return {"Metal is left on", d.size(a.value).text() + " against " + d.size(a.limit).text() +
                                        ": work it to size, or look for dirt and burrs"};
    case Finding::SeatOutOfRound:
        return {"Out of round", against(a, d)};
    case Finding::SeatTapers:
        return {"Tapers", against(a, d)};
    case Finding::SeatMouthWorn:
        return {"The open end is worn", against(a, d)};
    case Finding::SeatMovesByHand:
        if (a.subject == "slides") return {"The ring moves by hand", "its load stands still: it may slide"};
        return {"The ring moves by hand",
                a.subject.empty() ? "it must be tight: the seat is worn" : "a cup that moves by hand scraps the hub"};
    case Finding::SeatPitsDeep:
        return {"Deep rust pits", "the ring would stand on islands"};
    case Finding::SeatPitsLight:
        return {"Rust, not deep", "polish the tops off, oil it, measure again"};
    case Finding::SeatScored:
        return {"Scored", "take the raised edges off with a stone; nothing below the surface matters"};
    case Finding::SeatCrept:
        return {"Polished by creeping", "a ring turned here: look at size and class before it turns again"};
    case Finding::SeatRough:
        return {"Rough", "Rz " + figures(a.value * 1000) + " µm, up to " + figures(a.limit * 1000) +
                             " µm: the peaks flatten and the grip is lost"};
    case Finding::ShoulderRunsOut:
        return {"Shoulder runs out", against(a, d) + ": the ring would stand tilted"};
    case Finding::GrooveDirty:
        return {"Ring groove is dirty", "rust or chips keep the ring out of it"};
    case Finding::GrooveWorn:
        return {"Ring groove is worn", "its edge carries the thrust: a rounded one lets the ring jump out"};
    case Finding::NotchesBurred:
        return {"Notches are burred", "a drift struck here: stone the burrs off the shoulder"};
    case Finding::BackUpTheRing:
        return {"Back up the ring",
                "the old bearing was dented at element pitch: force went through the elements last time"};
    default:
        return saySpacer(a, d);
    }
}

std::string verdictName(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return "not measured";
    case measure::Verdict::Use:
        return "use";
    case measure::Verdict::CleanUp:
        return "clean up";
    case measure::Verdict::Sleeve:
        return "sleeve";
    case measure::Verdict::Replace:
        return "replace";
    }
    return {};
}

std::string whatToDo(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return "Measure at three depths and two directions, better four, and look at the surface.";
    case measure::Verdict::Use:
        return "As it is.";
    case measure::Verdict::CleanUp:
        return "Clean or work it, then measure again.";
    case measure::Verdict::Sleeve:
        return "Bore it out, or turn it down, and fit a sleeve: give its size at Fit.";
    case measure::Verdict::Replace:
        return "This part is scrap here: replace it.";
    }
    return {};
}

Said signWords(measure::Sign sign) {
    switch (sign) {
    case measure::Sign::RustPits:
        return {"Rust pits", "brown or black holes in tracks and rings"};
    case measure::Sign::DentsAtPitch:
        return {"Dents at pitch", "marks as far apart as the balls or rollers are"};
    case measure::Sign::HeatColour:
        return {"Blue or straw colour", "replace it even if it feels good"};
    case measure::Sign::OneSidedTrack:
        return {"Track on one side", "the track wanders across the raceway"};
    case measure::Sign::PolishedOutside:
        return {"Outside polished", "bright where the housing held it"};
    case measure::Sign::PolishedBore:
        return {"Bore polished", "bright where the shaft held it"};
    case measure::Sign::Flaking:
        return {"Flaking", "pieces broken out of a raceway"};
    case measure::Sign::SealTrackWorn:
        return {"Seal track worn", "a groove where the lip ran"};
    case measure::Sign::DullTracks:
        return {"Dull tracks", "grey and rough all round, fine dents"};
    }
    return {};
}

std::string causeName(measure::Cause cause) {
    switch (cause) {
    case measure::Cause::Water:
        return "water got in";
    case measure::Cause::ForceThroughElements:
        return "force through the elements when it was fitted";
    case measure::Cause::ShookStandingStill:
        return "shaken while it stood still";
    case measure::Cause::Overheated:
        return "overheated";
    case measure::Cause::Tilted:
        return "the ring stood tilted, or the shaft bends";
    case measure::Cause::OuterRingTurned:
        return "the outer ring turned in its seat";
    case measure::Cause::InnerRingTurned:
        return "the inner ring turned on its seat";
    case measure::Cause::TooTight:
        return "too little clearance";
    case measure::Cause::Overloaded:
        return "overloaded, or at the end of its life";
    case measure::Cause::LubricantFailed:
        return "the grease failed";
    case measure::Cause::DirtGotIn:
        return "dirt got in";
    case measure::Cause::SealLeaked:
        return "the seal leaked";
    }
    return {};
}

Said lookAtWords(measure::LookAt look) {
    switch (look) {
    case measure::LookAt::BackUpTheRing:
        return {"Back up the ring that is pressed through", "Tooling asks for it in this job"};
    case measure::LookAt::SealsAndDrain:
        return {"Seals, drain and washing down", "new seals; which way do lip and gap face?"};
    case measure::LookAt::SeatSize:
        return {"Seat of the ring that turned", "measure it, and look for creep polish"};
    case measure::LookAt::ShoulderSquare:
        return {"Shoulder and spacer square", "run-out at Measure, readings round the ring at Seat"};
    case measure::LookAt::ShaftStraight:
        return {"Shaft straight, seats in line", "indicator over the journal"};
    case measure::LookAt::ClearanceLeft:
        return {"Clearance left at work", "Fit: the band, and the share below zero"};
    case measure::LookAt::Grease:
        return {"Grease: kind and amount", "Intake's kit says how many grams"};
    case measure::LookAt::WearSleeve:
        return {"Wear sleeve under the seal", "a new lip wants a clean track"};
    case measure::LookAt::LoadAndFit:
        return {"Load case and classes", "Fit: which ring must be tight"};
    }
    return {};
}

std::string processName(measure::Process process) {
    switch (process) {
    case measure::Process::Unknown:
        return "not said";
    case measure::Process::Ground:
        return "ground";
    case measure::Process::Honed:
        return "honed";
    case measure::Process::Polished:
        return "polished";
    case measure::Process::Reamed:
        return "reamed";
    case measure::Process::FineTurned:
        return "fine turned or bored";
    case measure::Process::Turned:
        return "turned or bored";
    }
    return {};
}

std::string pitsName(measure::Pits pits) {
    switch (pits) {
    case measure::Pits::NotLooked:
        return "not looked";
    case measure::Pits::None:
        return "none";
    case measure::Pits::Light:
        return "light";
    case measure::Pits::Deep:
        return "deep";
    }
    return {};
}

std::string grooveName(measure::GrooveState state) {
    switch (state) {
    case measure::GrooveState::NotLooked:
        return "not looked";
    case measure::GrooveState::Fine:
        return "fine";
    case measure::GrooveState::Dirty:
        return "dirty or burred";
    case measure::GrooveState::Worn:
        return "worn";
    }
    return {};
}

std::string loadCaseName(fit::LoadCase load) {
    switch (load) {
    case fit::LoadCase::NotSaid:
        return "not said";
    case fit::LoadCase::InnerTurns:
        return "shaft turns, load stands";
    case fit::LoadCase::OuterTurns:
        return "housing turns, load stands";
    case fit::LoadCase::Indeterminate:
        return "load changes direction";
    }
    return {};
}

std::string seatTitle(const plan::SeatPlan& seat) {
    return capital(seat.shaft.label) + " in " + inSentence(seat.hole.label);
}

std::string surfaceTitle(const plan::SeatPlan& seat, bool hole) {
    return (hole ? "Bore of " : "Journal of ") + inSentence(hole ? seat.hole.label : seat.shaft.label);
}

std::string measureLine(const plan::FitPlan& fits) {
    int all = 0, measured = 0;
    for (const auto& seat : fits.seats)
        for (const auto* side : {&seat.hole, &seat.shaft}) {
            if (side->ring) continue;
            ++all;
            measured += side->verdict != measure::Verdict::NotMeasured;
        }
    if (measured == 0) return "nothing measured yet";
    return fmt::format("{} of {} seats: {}", measured, all, verdictName(fits.worstVerdict()));
}

std::string measureStop(const plan::FitPlan& fits) {
    for (const auto& seat : fits.seats)
        for (const bool hole : {true, false}) {
            const auto& side = hole ? seat.hole : seat.shaft;
            const bool sleeved = seat.input && seat.input->sleeve;
            if (side.verdict == measure::Verdict::Replace || (side.verdict == measure::Verdict::Sleeve && !sleeved))
                return surfaceTitle(seat, hole) + ": " + verdictName(side.verdict);
        }
    for (const auto& spacer : fits.spacers)
        if (spacer.state.judgement.verdict == measure::Verdict::Replace) return capital(spacer.label) + ": replace";
    return {};
}

} // namespace arbor::words
