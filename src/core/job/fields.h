#pragma once

#include "core/base/units.h"
#include "core/job/field.h"
#include "core/job/job.h"
#include "core/job/names.h"

#include <tuple>

namespace arbor::job {

inline constexpr Rule kTold, kFound = Rule{}.found(), kNeeded = Rule{}.needed();
inline constexpr Rule kNotNegative = Rule{}.from(0), kPositive = Rule{}.over(0);
inline constexpr Rule kLength = Rule{}.over(0).to(3000);
inline constexpr Rule kUncertainty = Rule{}.in(kUm).from(0).to(100);
inline constexpr Rule kRoundTheClock = Rule{}.entries(360);
inline constexpr Rule kTemperature = Rule{}.from(-100).to(250).always();
inline constexpr Rule kTime = Rule{}.about("ISO 8601");
inline constexpr Rule kGaugeNo = kFound.about("number on the gauge it was read with");
inline constexpr Rule kGaugeDay = kFound.about("the day it was named, as 2027-03-31");

// Every struct that is kept in the job file, field by field. Reader, writer, schema, what a new job keeps and what two
// jobs differ in come from here. A field that has its usual value is not in the file.

constexpr auto fieldsOf(Tag<seating::Reading>) {
    using seating::Reading;
    return std::tuple{field("clock_deg", kNeeded.from(0).under(360), &Reading::angle_deg),
                      field("value_mm", kNeeded.from(-1000).to(1000), &Reading::value_mm)};
}

constexpr auto fieldsOf(Tag<measure::DiameterReading>) {
    using Reading = measure::DiameterReading;
    return std::tuple{field("depth_mm", kNeeded.from(0).to(3000), &Reading::depth_mm),
                      field("direction_deg", kNeeded.from(0).under(180), &Reading::direction_deg),
                      field("dia_mm", kLength.needed(), &Reading::dia_mm)};
}

constexpr auto fieldsOf(Tag<Overrule>) {
    return std::tuple{field("verdict", kNeeded.fromName(1), &Overrule::verdict), field("note", &Overrule::note)};
}

constexpr auto fieldsOf(Tag<SurfaceCard>) {
    using Card = SurfaceCard;
    using Gauge = measure::GaugeState;
    using Looked = measure::Condition;
    constexpr auto kDegC = Rule{}.from(-40).to(120);
    return std::tuple{
        field("readings", kRoundTheClock, &Card::readings),
        field("uncertainty_um", kUncertainty, &Card::gauge, &Gauge::uncertainty_mm),
        field("part_degC", kDegC, &Card::gauge, &Gauge::partTemp_C),
        field("gauge_degC", kDegC, &Card::gauge, &Gauge::gaugeTemp_C),
        field("roughness_rz_um", Rule{}.in(kUm).from(0).to(100), &Card::condition, &Looked::rz_mm),
        field("process", &Card::condition, &Looked::process),
        field("pits", &Card::condition, &Looked::pits),
        field("creep_polish", &Card::condition, &Looked::creepPolish),
        field("scored", &Card::condition, &Looked::scored),
        field("moves_by_hand", &Card::condition, &Looked::movesByHand),
        field("shoulder_run_out_um", Rule{}.in(kUm).from(0).to(10000), &Card::condition, &Looked::shoulderRunOut_mm),
        field("groove", &Card::condition, &Looked::groove),
        field("notches", &Card::condition, &Looked::notches),
        field("form_limit_um", Rule{}.in(kUm).from(0).to(1000), &Card::formLimit_mm),
        field("overrule", &Card::overrule),
        field("gauge_no", kGaugeNo, &Card::gaugeUsed, &GaugeUsed::number),
        field("gauge_on", kGaugeDay, &Card::gaugeUsed, &GaugeUsed::on)};
}

constexpr auto fieldsOf(Tag<SleeveChoice>) {
    using Sleeve = SleeveChoice;
    constexpr auto kInterference = Rule{}.in(kUm).from(0).to(1000);
    return std::tuple{field("material", kNeeded, &Sleeve::material),
                      field("outside_mm", kLength.needed(), &Sleeve::outsideDia_mm),
                      field("interference_min_um", kInterference, &Sleeve::interference_mm, &Interval::lower),
                      field("interference_max_um", kInterference, &Sleeve::interference_mm, &Interval::upper),
                      field("bored_in_place", &Sleeve::boredInPlace)};
}

constexpr auto fieldsOf(Tag<SeatCard>) {
    return std::tuple{field("hole", &SeatCard::hole), field("shaft", &SeatCard::shaft),
                      field("sleeve", &SeatCard::sleeve)};
}

constexpr auto fieldsOf(Tag<measure::SpacerReadings>) {
    using Spacer = measure::SpacerReadings;
    return std::tuple{field("lengths", kRoundTheClock, &Spacer::lengths),
                      field("lower_end", kRoundTheClock, &Spacer::lowerEnd),
                      field("uncertainty_um", kUncertainty, &Spacer::uncertainty_mm),
                      field("middle_outside_mm", kLength, &Spacer::middleOutside_mm),
                      field("lower_outside_mm", kLength, &Spacer::lowerOutside_mm),
                      field("upper_outside_mm", kLength, &Spacer::upperOutside_mm)};
}

constexpr auto fieldsOf(Tag<Measured>) {
    return std::tuple{field("seats", &Measured::seats), field("spacers", &Measured::spacers),
                      field("cup_stand", Rule{}.by("stand_mm").from(-1000).to(1000), &Measured::cupStand_mm),
                      field("old_bearing", &Measured::oldBearing)};
}

constexpr auto fieldsOf(Tag<Work>) {
    return std::tuple{
        field("load", &Work::load), field("load_share", Rule{}.about("P/C").from(0).to(1), &Work::loadShare),
        field("speed_rpm", Rule{}.from(0).to(100000), &Work::speed_rpm), field("must_slide", &Work::mustSlide)};
}

constexpr auto fieldsOf(Tag<WorkTemperatures>) {
    using At = WorkTemperatures;
    return std::tuple{field("inner_ring_degC", kTemperature, &At::innerRing_C),
                      field("outer_ring_degC", kTemperature, &At::outerRing_C),
                      field("housing_degC", kTemperature, &At::housing_C),
                      field("shaft_degC", kTemperature, &At::shaft_C)};
}

constexpr auto fieldsOf(Tag<Intake>) {
    return std::tuple{field("complaint", &Intake::complaint),
                      field("position", kTold.about("shaft position and side"), &Intake::position),
                      field("checks", &Intake::checks),
                      field("both_sides", &Intake::bothSides),
                      field("side_reason", &Intake::sideReason),
                      field("photos", kTold.about("beside the job file"), &Intake::photos)};
}

constexpr auto fieldsOf(Tag<PartAsFound>) {
    return std::tuple{
        field("other_way", kTold.about("against the drawing"), &PartAsFound::otherWay),
        field("depth_mm", Rule{}.about("below the face beside it").from(0).to(1000), &PartAsFound::depth_mm),
        field("place", kTold.about("angle and place"), &PartAsFound::place),
        field("photo", kTold.about("beside the job file"), &PartAsFound::photo),
        field("condition", &PartAsFound::condition)};
}

constexpr auto fieldsOf(Tag<StripState>) {
    return std::tuple{field("rust", &StripState::rust),
                      field("as_found", kTold.about("how the work came in"), &StripState::asFound),
                      field("on_the_bench", kTold.about("kit lines that are there"), &StripState::onTheBench),
                      field("out", &StripState::out),
                      field("fitted", &StripState::fitted),
                      field("way_round_seen", &StripState::wayRoundSeen),
                      field("methods", kTold.by("method").about("how a tight ring is to come out, where it was chosen"),
                            &StripState::methods),
                      field("stays", kTold.about("parts that are left where they are"), &StripState::stays),
                      field("parts", kTold.about("how each sat before it left"), &StripState::parts)};
}

constexpr auto fieldsOf(Tag<Heat>) {
    return std::tuple{
        field("room_degC", &Heat::room_C),
        field("walk_s", kTold.about("from oven to press, and set down"), &Heat::walk_s),
        field("oven_off_K", kFound, &Heat::off_K),
        field("lowered_degC",
              kTold.about("the user's own ceilings").of("metal grease encoder cage lip_seal repair_sleeve"),
              &Heat::lowered_C)};
}

constexpr auto fieldsOf(Tag<Clock>) {
    return std::tuple{field("what", kNeeded, &Clock::what), field("started", kTime.needed(), &Clock::started),
                      field("lasts_s", kNeeded, &Clock::lasts_s)};
}
constexpr auto fieldsOf(Tag<Counted>) {
    return std::tuple{field("boot", kNeeded, &Counted::boot), field("when", kTime.needed(), &Counted::when),
                      field("count_s", kNeeded, &Counted::count_s)};
}
constexpr auto fieldsOf(Tag<HeatReading>) {
    return std::tuple{field("when", kTime.needed(), &HeatReading::when), field("degC", kNeeded, &HeatReading::temp_C)};
}

constexpr auto fieldsOf(Tag<StepHeat>) {
    using Mine = HeatOverrides;
    return std::tuple{
        field("press_cold", &StepHeat::pressCold),
        field("tried_cold", kTold.about("the whole stack, before anything was warmed"), &StepHeat::triedCold),
        field("press_at", kTime, &StepHeat::pressAt),
        field("outer_degC", &StepHeat::overrides, &Mine::outer_C),
        field("inner_degC", &StepHeat::overrides, &Mine::inner_C),
        field("outer_source", &StepHeat::overrides, &Mine::outerSource),
        field("inner_source", &StepHeat::overrides, &Mine::innerSource),
        field("margin_um", kTold.in(kUm), &StepHeat::overrides, &Mine::margin_mm),
        field("clocks", &StepHeat::clocks),
        field("readings", kTold.about("of the thermometer, since the carry began"), &StepHeat::readings),
        field("counted", kTold.about("when the clocks and readings were said, by the machine's own count"),
              &StepHeat::counted),
        field("thermometer_no", kGaugeNo, &StepHeat::thermometer, &GaugeUsed::number),
        field("thermometer_on", kGaugeDay, &StepHeat::thermometer, &GaugeUsed::on)};
}

constexpr auto fieldsOf(Tag<tooling::TurnOverrides>) {
    using Turn = tooling::TurnOverrides;
    return std::tuple{
        field("outside_mm", kLength, &Turn::outsideDia_mm), field("bore_mm", kLength, &Turn::boreDia_mm),
        field("length_mm", kLength, &Turn::length_mm),      field("relief_mm", kLength, &Turn::relief_mm),
        field("pilot_dia_mm", kLength, &Turn::pilotDia_mm), field("pilot_mm", kLength, &Turn::pilotLength_mm)};
}

constexpr auto fieldsOf(Tag<HandPoint>) {
    return std::tuple{field("at", kNeeded.about("travel in mm, or turns of the nut"), &HandPoint::at),
                      field("shown", kNeeded.about("in the gauge's unit, or N m"), &HandPoint::shown)};
}
constexpr auto fieldsOf(Tag<ManualPress>) {
    return std::tuple{
        field("means", &ManualPress::means),
        field("bolt", kTold.about("draw-bolt set of the rack; absent: the one that was chosen"), &ManualPress::bolt),
        field("points", &ManualPress::points), field("signs", kTold.about("of a hammer"), &ManualPress::signs)};
}

constexpr auto fieldsOf(Tag<PressMark>) {
    return std::tuple{field("travel_mm", kNeeded, &PressMark::travel_mm),
                      field("force_N", kNeeded, &PressMark::force_N)};
}
constexpr auto fieldsOf(Tag<HeardAlarm>) {
    return std::tuple{field("kind", kNeeded, &HeardAlarm::kind),
                      field("clock", kTold.about("absent: a stop sign of the press"), &HeardAlarm::clock),
                      field("began", kTime.needed(), &HeardAlarm::began),
                      field("when", kTime.needed(), &HeardAlarm::when)};
}

constexpr auto fieldsOf(Tag<SeatReadings>) {
    return std::tuple{field("kind", &SeatReadings::kind),
                      field("uncertainty_um", Rule{}.in(kUm).from(0).to(1000), &SeatReadings::uncertainty_mm),
                      field("readings", kRoundTheClock, &SeatReadings::readings),
                      field("home_mm", Rule{}.about("depth by the drawing").from(0).to(1000), &SeatReadings::home_mm),
                      field("gauge_no", kGaugeNo, &SeatReadings::gauge, &GaugeUsed::number),
                      field("gauge_on", kGaugeDay, &SeatReadings::gauge, &GaugeUsed::on)};
}

constexpr auto fieldsOf(Tag<SeatChecks>) {
    return std::tuple{field("checks", &SeatChecks::checks),
                      field("probed", Rule{}.about("hours of the clock").from(1).to(12), &SeatChecks::probed),
                      field("pull_N", kNotNegative, &SeatChecks::pull_N),
                      field("radius_mm", kNotNegative, &SeatChecks::radius_mm),
                      field("signed_by", &SeatChecks::signedBy),
                      field("reason", &SeatChecks::reason)};
}

constexpr auto fieldsOf(Tag<Record>) {
    return std::tuple{
        field("who", Rule{}.filled(), &Record::who),
        field("when", kTime.needed(), &Record::when),
        field("entry", kTold.about("its row in the logbook, kept while it is only corrected"), &Record::entry),
        field("notes", &Record::notes),
        field("verdict", kNeeded, &Record::verdict),
        field("bearing", &Record::bearing),
        field("bore", &Record::bore),
        field("interference_um", kNeeded.in(kUm), &Record::interference_mm),
        field("press_force_N", kNeeded, &Record::pressForce_N),
        field("tools", &Record::tools),
        field("peak_force_N", &Record::peakForce_N),
        field("end_travel_mm", &Record::endTravel_mm),
        field("press_verdict", &Record::pressVerdict),
        field("friction", &Record::friction),
        field("seat_material", &Record::seatMaterial),
        field("lubricant", &Record::lubricant),
        field("outer_degC", kTold.about("of the warm part as it went in"), &Record::outer_C),
        field("inner_degC", &Record::inner_C),
        field("readings", kRoundTheClock, &Record::readings),
        field("rise_across_um", kTold.in(kUm), &Record::riseAcross_mm),
        field("tilt_arcmin", &Record::tilt_arcmin)};
}

constexpr auto fieldsOf(Tag<StepRecord>) {
    using Step = StepRecord;
    return std::tuple{
        field("driver", kTold.about("fixed by the user"), &Step::overrides, &StepOverrides::driver),
        field("support", &Step::overrides, &StepOverrides::support),
        field("turn", kTold.about("sizes of a tool to be turned for it"), &Step::overrides, &StepOverrides::turn),
        field("lubricant", kTold.about("its seat goes in with; absent: the job's"), &Step::lubricant),
        field("heat", kTold.about("warming and chilling for this step"), &Step::heat),
        group("trace", field("file", kTold.about("beside the job file"), &Step::traceFile)),
        field("hand", kTold.about("a press read by hand; looked at when there is no trace"), &Step::hand),
        field("marks", kFound.about("where somebody marked the press while it moved"), &Step::marks),
        field("readings", &Step::readings),
        field("proof", kTold.about("what was looked at beside depth and tilt"), &Step::proof),
        field("heard", kFound.about("alarms that were acknowledged"), &Step::heard),
        field("done", kTold.open(), &Step::done),
        field("reopened", kTold.about("they were done and are not now").open(), &Step::reopened),
        field("photos", kFound.about("as it was proven, beside the job file"), &Step::photos),
        field("record", &Step::record)};
}

constexpr auto fieldsOf(Tag<adjust::Grease>) {
    using adjust::Grease;
    return std::tuple{field("name", &Grease::name), field("cavity", &Grease::cavity),
                      field("g_cm3", kPositive, &Grease::density_g_cm3),
                      field("stroke_g", kNotNegative, &Grease::stroke_g)};
}

constexpr auto fieldsOf(Tag<Adjust>) {
    using adjust::Nut;
    return std::tuple{
        group("nut", field("pitch_mm", kPositive, &Adjust::nut, &Nut::pitch_mm),
              field("slots", Rule{}.from(0).to(72), &Adjust::nut, &Nut::slotCount),
              field("holes_deg", &Adjust::nut, &Nut::holes_deg), field("under_clamp", &Adjust::underClamp)),
        field("school", &Adjust::school),
        field("part_of_a_turn", Rule{}.over(0).to(1), &Adjust::partOfATurn),
        field("ticked", kFound, &Adjust::ticked),
        field("use", kTold.about("row of the table of end play"), &Adjust::use),
        field("target_um", kTold.in(kUm), &Adjust::target_mm),
        field("play_um", kFound.in(kUm).about("by the indicator"), &Adjust::play_mm),
        field("uncertainty_um", kNotNegative.in(kUm), &Adjust::uncertainty_mm),
        field("gauge_no", kGaugeNo, &Adjust::gauge, &GaugeUsed::number),
        field("gauge_on", kGaugeDay, &Adjust::gauge, &GaugeUsed::on),
        field("to_next_deg", kFound.about("loosened until a slot stands over a hole"), &Adjust::toNext_deg),
        field("torque_Nm", kNotNegative, &Adjust::torque_Nm),
        field("hand_torque_Nm", kNotNegative.found(), &Adjust::handTorque_Nm),
        field("found_with_mm", kLength.found().about("the spacer that end play was found with; absent: as drawn"),
              &Adjust::foundWith_mm),
        field("nut_factor", kPositive, &Adjust::nutFactor),
        field("shaft_K", &Adjust::shaft_K),
        field("housing_K", &Adjust::housing_K),
        field("pull_N", kNotNegative.found(), &Adjust::pull_N),
        field("radius_mm", kNotNegative.found(), &Adjust::radius_mm),
        field("rolling_Nm", &Adjust::torque_Nm_wanted),
        field("stock_mm", kPositive, &Adjust::stock_mm),
        field("cavity_cm3", kNotNegative, &Adjust::cavity_cm3),
        field("grease", &Adjust::grease)};
}

constexpr auto fieldsOf(Tag<Fastener>) {
    return std::tuple{field("name", kNeeded, &Fastener::name),
                      field("count", Rule{}.from(1).to(64), &Fastener::count),
                      field("torque_Nm", kNotNegative, &Fastener::torque_Nm),
                      field("pattern", &Fastener::pattern),
                      field("stages", Rule{}.from(1).to(6), &Fastener::stages),
                      field("angle_deg", &Fastener::angle_deg),
                      field("one_time", &Fastener::oneTime),
                      field("locking", &Fastener::locking),
                      field("read_Nm", kNotNegative.found(), &Fastener::read_Nm),
                      field("renewed", kFound, &Fastener::renewed),
                      field("locked", kFound, &Fastener::locked)};
}
constexpr auto fieldsOf(Tag<RunInReading>) {
    return std::tuple{field("minute", kNeeded, &RunInReading::minute), field("degC", kNeeded, &RunInReading::temp_C)};
}
constexpr auto fieldsOf(Tag<RunIn>) {
    return std::tuple{field("room_degC", kFound, &RunIn::room_C), field("allowed_K", &RunIn::allowed_K),
                      field("readings", kFound, &RunIn::readings)};
}
constexpr auto fieldsOf(Tag<Closing>) {
    return std::tuple{field("fasteners", &Closing::fasteners),
                      field("run_in", &Closing::runIn),
                      field("cause", kFound.about("what killed the old bearing"), &Closing::cause),
                      field("remedy", kFound.about("what was done about it"), &Closing::remedy),
                      field("next_inspection", kFound.about("a day as 2027-03-31"), &Closing::nextInspection),
                      field("released_by", kFound, &Closing::releasedBy),
                      field("released_on", kFound.about("ISO 8601"), &Closing::releasedOn),
                      field("taken_back", kFound.about("it was released and is not now"), &Closing::takenBack),
                      field("wrench_no", kGaugeNo, &Closing::wrench, &GaugeUsed::number),
                      field("wrench_on", kGaugeDay, &Closing::wrench, &GaugeUsed::on),
                      field("lots", kFound.about("lot or serial number of what was fitted, by part"), &Closing::lots)};
}

constexpr auto fieldsOf(Tag<RecordDraft>) {
    return std::tuple{field("who", &RecordDraft::who), field("notes", &RecordDraft::notes)};
}

constexpr auto fieldsOf(Tag<Revision>) {
    return std::tuple{field("number", kNeeded.about("of the state that is kept"), &Revision::number),
                      field("who", kNeeded, &Revision::who),
                      field("when", kTime.needed(), &Revision::when),
                      field("reason", kNeeded, &Revision::reason),
                      field("file", kNeeded.about("as it stood, from the job's folder"), &Revision::file),
                      field("sha256", kNeeded.about("of that file"), &Revision::sha256)};
}

constexpr auto fieldsOf(Tag<Worked>) {
    return std::tuple{field("what", kNeeded, &Worked::what),
                      field("step", &Worked::step),
                      field("who", &Worked::who),
                      field("began", kTime.needed(), &Worked::began),
                      field("ended", kTime.about("ISO 8601; absent: it runs"), &Worked::ended),
                      field("planned_s", kNotNegative.about("0: it was not planned"), &Worked::planned_s),
                      field("usual_s", kNotNegative.about("before the shop's own times were known"), &Worked::usual_s)};
}

/// All but the arrangement, which has a format of its own.
constexpr auto fieldsOf(Tag<Job>) {
    return std::tuple{
        field("id", Rule{}.filled(), &Job::id),
        field("title", Rule{}.filled(), &Job::title),
        field("machine", kTold.about("it belongs to"), &Job::machine),
        field("customer", &Job::customer),
        field("wanted_by", kFound.about("ISO 8601"), &Job::wantedBy),
        field("rank", kFound.from(1).to(3).about("among the jobs of a day: 1 first, 3 when there is time"), &Job::rank),
        field("units", kTold.always(), &Job::units),
        field("temperatures", kTold.always(), &Job::temperatures),
        field("work", kTold.about("how the bearing works; decides which ring must be tight"), &Job::work),
        field("measured", kFound.about("what was found when the parts were clean"), &Job::measured),
        field("lubricant", kTold.always(), &Job::lubricant),
        field("press", kNeeded.about("of the rack: the one at hand"), &Job::press),
        field("means", kTold.about("what the work is done with"), &Job::means),
        field("intake", kFound.about("what is known before stripping"), &Job::intake),
        field("strip", kFound.about("how far it is taken apart and put together; parts by id"), &Job::strip),
        field("heat", kTold.about("warming and chilling"), &Job::heat),
        field("steps",
              kFound.about("what is kept of each pressed step, by a name that tells its seat and which way it goes"),
              &Job::steps),
        field("adjust", kTold.about("setting an opposed pair"), &Job::adjust),
        field("closing", kTold.about("before the machine goes back"), &Job::closing),
        field("done", kFound.open(), &Job::done),
        field("reopened", kFound.about("they were done and are not now").open(), &Job::reopened),
        field("record_draft", kFound.about("what is typed before the record is written"), &Job::draft),
        field("record", kFound, &Job::record),
        field("revisions", kFound.about("that were released before this one"), &Job::revisions),
        field("worked", kFound.about("what of it took how long"), &Job::worked)};
}

template <class T>
concept Listed = requires {
    fieldsOf(Tag<T>{});
};

/// Does one thing with every field of a struct, in order; a group stands as one.
template <Listed T, class Do>
constexpr void eachField(Do&& act) {
    std::apply([&](const auto&... fields) { (act(fields), ...); }, fieldsOf(Tag<T>{}));
}

} // namespace arbor::job
