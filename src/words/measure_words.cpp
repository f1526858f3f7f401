#include "words/measure_words.h"

#include "words/language.h"
#include "words/order_words.h"
#include "words/shipped_names.h"

namespace arbor::words {

std::string verdictName(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return tr("not measured");
    case measure::Verdict::Use:
        return tr("use", "verdict");
    case measure::Verdict::CleanUp:
        return tr("clean up");
    case measure::Verdict::Sleeve:
        return tr("sleeve");
    case measure::Verdict::Replace:
        return tr("replace");
    }
    return {};
}

std::string whatToDo(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return tr("Measure at three depths and two directions, better four, and check the surface.");
    case measure::Verdict::Use:
        return tr("It is good as it is.");
    case measure::Verdict::CleanUp:
        return tr("Clean or work it, then measure again.");
    case measure::Verdict::Sleeve:
        return tr("Bore it out, or turn it down, and fit a sleeve: give its size at Fit.");
    case measure::Verdict::Replace:
        return tr("This part is scrap here: replace it.");
    }
    return {};
}

Sentence signWords(measure::Sign sign) {
    switch (sign) {
    case measure::Sign::RustPits:
        return {tr("Rust pits"), tr("brown or black holes in tracks and rings")};
    case measure::Sign::DentsAtPitch:
        return {tr("Dents at pitch"), tr("marks as far apart as the rolling elements are")};
    case measure::Sign::HeatColour:
        return {tr("Blue or straw colour"), tr("replace it even if it feels good")};
    case measure::Sign::OneSidedTrack:
        return {tr("Track on one side"), tr("the track wanders across the raceway")};
    case measure::Sign::PolishedOutside:
        return {tr("Outside polished"), tr("bright where the housing held it")};
    case measure::Sign::PolishedBore:
        return {tr("Bore polished"), tr("bright where the shaft held it")};
    case measure::Sign::Flaking:
        return {tr("Flaking"), tr("pieces broken out of a raceway")};
    case measure::Sign::SealTrackWorn:
        return {tr("Seal track worn"), tr("a groove where the lip ran")};
    case measure::Sign::DullTracks:
        return {tr("Dull tracks"), tr("grey and rough all round, fine dents")};
    }
    return {};
}

std::string causeName(measure::Cause cause) {
    switch (cause) {
    case measure::Cause::Water:
        return tr("water got in");
    case measure::Cause::ForceThroughElements:
        return tr("force through the rolling elements when it was fitted");
    case measure::Cause::ShookStandingStill:
        return tr("shaken while it stood still");
    case measure::Cause::Overheated:
        return tr("overheated");
    case measure::Cause::Tilted:
        return tr("the ring was cocked, or the shaft bends");
    case measure::Cause::OuterRingTurned:
        return tr("the outer ring turned in its seat");
    case measure::Cause::InnerRingTurned:
        return tr("the inner ring turned on its seat");
    case measure::Cause::TooTight:
        return tr("too little clearance");
    case measure::Cause::Overloaded:
        return tr("overloaded, or at the end of its life");
    case measure::Cause::LubricantFailed:
        return tr("the grease failed");
    case measure::Cause::DirtGotIn:
        return tr("dirt got in");
    case measure::Cause::SealLeaked:
        return tr("the seal leaked");
    }
    return {};
}

Sentence lookAtWords(measure::LookAt look) {
    switch (look) {
    case measure::LookAt::BackUpTheRing:
        return {tr("Back up the ring that is pressed through"), tr("Set up asks for it in this job")};
    case measure::LookAt::SealsAndDrain:
        return {tr("Seals, drain and washing down"), tr("new seals; which way do lip and gap face?")};
    case measure::LookAt::SeatSize:
        return {tr("Seat of the ring that turned"), tr("measure it, and check for creep polish")};
    case measure::LookAt::ShoulderSquare:
        return {tr("Shoulder and spacer square"), tr("run-out at Measure, readings round the ring at Prove")};
    case measure::LookAt::ShaftStraight:
        return {tr("Shaft straight, seats in line"), tr("indicator over the journal")};
    case measure::LookAt::ClearanceLeft:
        return {tr("Clearance left in service"), tr("Fit: the band, and the share below zero")};
    case measure::LookAt::Grease:
        return {tr("Grease: kind and amount"), tr("Intake's kit says how many grams")};
    case measure::LookAt::WearSleeve:
        return {tr("Wear sleeve under the seal"), tr("a new lip needs a clean track")};
    case measure::LookAt::LoadAndFit:
        return {tr("Load case and classes"), tr("Fit: which ring must be tight")};
    }
    return {};
}

std::string processName(measure::Process process) {
    switch (process) {
    case measure::Process::Unknown:
        return tr("not said");
    case measure::Process::Ground:
        return tr("ground");
    case measure::Process::Honed:
        return tr("honed");
    case measure::Process::Polished:
        return tr("polished");
    case measure::Process::Reamed:
        return tr("reamed");
    case measure::Process::FineTurned:
        return tr("fine turned or bored");
    case measure::Process::Turned:
        return tr("turned or bored");
    }
    return {};
}

std::string pitsName(measure::Pits pits) {
    switch (pits) {
    case measure::Pits::NotLooked:
        return tr("not checked");
    case measure::Pits::None:
        return tr("none");
    case measure::Pits::Light:
        return tr("light");
    case measure::Pits::Deep:
        return tr("deep");
    }
    return {};
}

std::string grooveName(measure::GrooveState state) {
    switch (state) {
    case measure::GrooveState::NotLooked:
        return tr("not checked");
    case measure::GrooveState::Fine:
        return tr("fine");
    case measure::GrooveState::Dirty:
        return tr("dirty or burred");
    case measure::GrooveState::Worn:
        return tr("worn");
    }
    return {};
}

std::string loadCaseName(fit::LoadCase load) {
    switch (load) {
    case fit::LoadCase::NotSaid:
        return tr("not said");
    case fit::LoadCase::InnerTurns:
        return tr("shaft turns, load stands");
    case fit::LoadCase::OuterTurns:
        return tr("housing turns, load stands");
    case fit::LoadCase::Indeterminate:
        return tr("load changes direction");
    }
    return {};
}

std::string seatTitle(const plan::SeatPlan& seat) {
    return capital(tr("{inner} in {outer}")
                       .with("inner", shippedName(seat.shaft.label))
                       .with("outer", inSentence(seat.hole.label)));
}

std::string surfaceTitle(const plan::SeatPlan& seat, bool hole) {
    return (hole ? tr("Bore of {part}") : tr("Journal of {part}"))
        .with("part", inSentence(hole ? seat.hole.label : seat.shaft.label));
}

std::string measureLine(const plan::FitPlan& fits) {
    int all = 0, measured = 0;
    for (const auto& seat : fits.seats)
        for (const auto* side : {&seat.hole, &seat.shaft}) {
            if (side->ring) continue;
            ++all;
            measured += side->verdict != measure::Verdict::NotMeasured;
        }
    if (measured == 0) return tr("nothing measured yet");
    return tr("{count} of {all} seats: {verdict}")
        .with("count", measured)
        .with("all", all)
        .with("verdict", verdictName(fits.worstVerdict()));
}

std::string measureStop(const plan::FitPlan& fits) {
    for (const auto& seat : fits.seats)
        for (const bool hole : {true, false}) {
            const auto& side = hole ? seat.hole : seat.shaft;
            const bool sleeved = seat.input && seat.input->sleeve;
            if (side.verdict == measure::Verdict::Replace || (side.verdict == measure::Verdict::Sleeve && !sleeved))
                return tr("{head}: {detail}")
                    .with("head", surfaceTitle(seat, hole))
                    .with("detail", verdictName(side.verdict));
        }
    for (const auto& spacer : fits.spacers)
        if (spacer.state.judgement.verdict == measure::Verdict::Replace)
            return tr("{part}: replace").with("part", capital(shippedName(spacer.label)));
    return {};
}

} // namespace arbor::words
