#include "core/plan/plan.h"

#include "core/force/gauge.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;
using job::Station;

constexpr double kEarly = 0.15;         // of the way home: a rise before that comes too early, [HB3.7]
constexpr double kGaugeReadable = 0.02; // of full scale: about one graduation of a shop gauge

Problem at(Problem problem, const std::string& place) {
    problem.field = place;
    return problem;
}

section::Hatch hatchOf(const catalog::Material& material) {
    switch (material.family) {
    case catalog::FrictionFamily::CastIron:
        return section::Hatch::CastIron;
    case catalog::FrictionFamily::Aluminium:
        return section::Hatch::Aluminium;
    case catalog::FrictionFamily::Steel:
        return section::Hatch::Steel;
    }
    return section::Hatch::Steel;
}

Result<const catalog::Material*> materialNamed(const Library& lib, const std::string& id, const std::string& place) {
    const auto found = lib.materials.find(id);
    if (found == lib.materials.end()) return refuse(ProblemCode::UnknownName, place, id, "a material of the table");
    return &found->second;
}

/// The seat of the arrangement that this bearing is pressed into; the arrangement then gives the housing's section.
std::optional<arrangement::SeatInSection> seatInArrangement(const Job& job, const std::optional<StripPlan>& strip) {
    if (!strip || !strip->faults.empty()) return std::nullopt;
    return arrangement::findSeat(strip->assembly, job.bearing.designation);
}

Result<arrangement::HousedBearing> arrange(const Job& job, const Library& lib, const std::optional<StripPlan>& strip) {
    const auto* bearing = catalog::findBearing(lib.bearings, job.bearing.designation);
    if (!bearing)
        return refuse(ProblemCode::UnknownName, "bearing/designation", job.bearing.designation,
                      "a bearing of the catalogue");
    const auto material = materialNamed(lib, job.housing.material, "housing/material");
    if (!material) return tl::unexpected(material.error());
    const auto& h = job.housing;
    arrangement::HousedBearing out{*bearing, {job.bearing.seals, job.bearing.encoder}, {}};
    out.housing = {h.outsideDia_mm,   h.height_mm,    h.flangeDia_mm,       h.flangeThick_mm,
                   h.seat.nominal_mm, h.seatDepth_mm, h.shoulderBoreDia_mm, h.entryChamfer_mm,
                   h.groove,          h.hangsBelow,   hatchOf(**material)};
    if (const auto seat = seatInArrangement(job, strip)) arrangement::takeSection(out.housing, *seat);
    if (auto ok = arrangement::validate(out); !ok) return tl::unexpected(ok.error());
    return out;
}

Result<Limits> classLimits(const job::SizeSpec& size, const Library& lib, bool hole, const std::string& place) {
    if (!size.toleranceClass) return size.deviation_mm;
    if (size.toleranceClass->isHole() != hole)
        return refuse(ProblemCode::UnknownClass, place, size.toleranceClass->text(),
                      hole ? "a hole class, in capitals" : "a shaft class, in small letters");
    const auto limits = standards::limitDeviations(lib.iso286, size.nominal_mm, *size.toleranceClass);
    return limits ? limits : tl::unexpected(at(limits.error(), place));
}

Result<void> checkMeasured(const job::MeasuredSize& m, double nominal_mm) {
    // A gauge set to the wrong master is off by more than any seat that is worth working out.
    if (!(std::abs(m.value_mm - nominal_mm) <= 0.01 * nominal_mm))
        return refuse(ProblemCode::OutOfRange, "housing/measured", m.typed,
                      "within 1 % of " + plain(nominal_mm) + " mm");
    if (!(m.uncertainty_mm >= 0 && m.uncertainty_mm <= 0.1))
        return refuse(ProblemCode::OutOfRange, "housing/measured", plain(m.uncertainty_mm),
                      "an uncertainty of 0 to 0.1 mm");
    return {};
}

Result<void> fillShaft(fit::BearingFitInput& in, const Job& job, const Library& lib, Plan& plan) {
    if (!job.shaft) return {};
    const auto material = materialNamed(lib, job.shaft->material, "shaft/material");
    const auto limits = classLimits(job.shaft->seat, lib, false, "shaft/seat/size");
    if (!material || !limits) return tl::unexpected(!material ? material.error() : limits.error());
    if (job.shaft->seat.nominal_mm != in.bearing.boreDia_mm)
        return refuse(ProblemCode::GeometryOrder, "shaft/seat/size", plain(job.shaft->seat.nominal_mm),
                      "the bearing's bore " + plain(in.bearing.boreDia_mm) + " mm");
    if (!(job.shaft->boreDia_mm >= 0 && job.shaft->boreDia_mm < in.bearing.boreDia_mm))
        return refuse(ProblemCode::GeometryOrder, "shaft/bore_mm", plain(job.shaft->boreDia_mm),
                      "0 up to under " + plain(in.bearing.boreDia_mm) + " mm");
    plan.shaftClass_mm = *limits;
    in.shaft = fit::ShaftMember{**material,
                                job.shaft->boreDia_mm,
                                {fit::Spread::ofLimits(*limits), job.shaft->rz_mm},
                                job.temperatures.shaft_C};
    return {};
}

Result<void> checkPlainNumbers(const Job& job) {
    const auto& t = job.temperatures;
    for (const auto& [place, value] : {std::pair{"temperatures/inner_ring_degC", t.innerRing_C},
                                       {"temperatures/outer_ring_degC", t.outerRing_C},
                                       {"temperatures/housing_degC", t.housing_C},
                                       {"temperatures/shaft_degC", t.shaft_C}})
        if (!(value >= -100 && value <= 250))
            return refuse(ProblemCode::OutOfRange, place, plain(value), "-100 to 250 degC");
    for (const auto& [place, value] : {std::pair{"bearing/roughness_rz_um", job.bearing.rz_mm},
                                       {"housing/roughness_rz_um", job.housing.rz_mm},
                                       {"shaft/roughness_rz_um", job.shaft ? job.shaft->rz_mm : 0}})
        if (!(value >= 0 && value <= 0.1))
            return refuse(ProblemCode::OutOfRange, place, plain(value * 1000), "0 to 100 um");
    if (job.bearing.typedStaticRating_N && !(*job.bearing.typedStaticRating_N > 0))
        return refuse(ProblemCode::NotPositive, "bearing/static_rating_N", plain(*job.bearing.typedStaticRating_N),
                      "> 0");
    return {};
}

const standards::StepTable& clearanceTable(catalog::BearingType type, const standards::BearingTables& tables) {
    switch (type) {
    case catalog::BearingType::CylindricalNU:
    case catalog::BearingType::CylindricalNJ:
    case catalog::BearingType::CylindricalN:
    case catalog::BearingType::NeedleRoller:
        return tables.rollerClearance;
    case catalog::BearingType::SphericalRoller:
        return tables.sphericalClearance;
    default:
        return tables.clearance;
    }
}

Result<fit::BearingFitInput> fitInput(const Job& job, const Library& lib, Plan& plan) {
    if (auto ok = checkPlainNumbers(job); !ok) return tl::unexpected(ok.error());
    const auto& bearing = plan.arrangement->bearing;
    const auto hole = classLimits(job.housing.seat, lib, true, "housing/seat/size");
    const auto row = limitsRow(bearing.type, job.bearing.toleranceClass);
    const auto outside = standards::outsideDeviation(lib.bearingTables, bearing.outsideDia_mm, row);
    const auto bore = standards::boreDeviation(lib.bearingTables, bearing.boreDia_mm, row);
    const auto clearance = catalog::knowledge(bearing.type).clearanceMade
                               ? standards::radialClearance(clearanceTable(bearing.type, lib.bearingTables),
                                                            bearing.boreDia_mm, job.bearing.clearanceGroup)
                               : Result<Limits>(Limits{});
    const auto ring = materialNamed(lib, "bearing_steel", "bearing/material");
    if (!hole) return tl::unexpected(hole.error());
    if (!outside || !bore)
        return tl::unexpected(at(!outside ? outside.error() : bore.error(), "bearing/tolerance_class"));
    if (!clearance) return tl::unexpected(at(clearance.error(), "bearing/clearance_group"));
    if (!ring) return tl::unexpected(ring.error());
    plan.housingClass_mm = *hole;
    plan.ringOutside_mm = *outside;

    fit::BearingFitInput in;
    in.bearing = bearing;
    in.dress = plan.arrangement->dress;
    in.ring = **ring;
    in.outside = {fit::Spread::ofLimits(*outside), job.bearing.rz_mm};
    in.bore = {fit::Spread::ofLimits(*bore), job.bearing.rz_mm};
    in.clearance_mm = *clearance;
    in.housing = {*materialNamed(lib, job.housing.material, {}).value(),
                  plan.arrangement->housing.outsideDia_mm,
                  {fit::Spread::ofLimits(*hole), job.housing.rz_mm},
                  job.temperatures.housing_C};
    if (const auto& m = job.housing.measured) {
        if (auto ok = checkMeasured(*m, job.housing.seat.nominal_mm); !ok) return tl::unexpected(ok.error());
        in.housing.bore.deviation =
            fit::Spread::ofMeasured(m->value_mm - job.housing.seat.nominal_mm, m->uncertainty_mm);
    }
    if (auto ok = fillShaft(in, job, lib, plan); !ok) return tl::unexpected(ok.error());
    in.innerRingTemp_C = job.temperatures.innerRing_C;
    in.outerRingTemp_C = job.temperatures.outerRing_C;
    in.friction = lib.friction.at({in.housing.material.family, job.lubricant});
    in.engagedLength_mm = arrangement::engagedLength(*plan.arrangement, plan.arrangement->homeTravel_mm());
    return in;
}

/// What only the job knows about its fit: the measured size against its class, and a clearance group that had to be
/// assumed.
void addJobReasons(fit::BearingFit& fit, const Job& job, const Plan& plan) {
    if (const auto& m = job.housing.measured) {
        fit.because.insert(fit.because.begin(), {Finding::MeasuredReplacesClass, Severity::Info, m->value_mm,
                                                 m->uncertainty_mm, "bore", "HB4.1"});
        const double deviation = m->value_mm - job.housing.seat.nominal_mm;
        const auto& limits = plan.housingClass_mm;
        if (deviation < limits.lower || deviation > limits.upper)
            fit.advisories.push_back(
                {Finding::MeasuredOutsideClass, Severity::Look, m->value_mm,
                 job.housing.seat.nominal_mm + (deviation < limits.lower ? limits.lower : limits.upper),
                 job.housing.seat.typed, "ISO286-1"});
    }
    if (plan.arrangement->bearing.type == catalog::BearingType::DoubleRowAngularBall)
        fit.because.push_back(
            {Finding::ClearanceGroupAssumed, Severity::Info, 0, 0, job.bearing.designation, "ISO5753-1"});
}

tooling::LoadCase loadCase(const fit::BearingFit& fit, const catalog::StaticRating& rating) {
    return {fit.pressForceWorst_N, 1.5 * fit.pressForce_N.most, rating.axial_N, rating.estimate};
}

/// What the chosen press can do of it, and what its gauge will show.
void readOnPress(PressPlan& out, const catalog::Press& press) {
    auto& hold = out.expected.hold_N;
    const auto& end = out.expected.end_N;
    if (hold.most > press.capacity_N) {
        out.watch.push_back({Finding::HoldLimited, Severity::Look, hold.likely, press.capacity_N, press.name, "HB5"});
        hold = {std::min(hold.least, press.capacity_N), std::min(hold.likely, press.capacity_N), press.capacity_N};
    }
    out.gaugeLikely = force::gaugeReading(press, end.likely);
    out.gaugeMost = force::gaugeReading(press, end.most);
    out.gaugeHold = force::gaugeReading(press, hold.likely);
    out.energy_J = force::storedEnergy_J(end.most, press.stiffness_N_per_mm);
    if (out.gaugeLikely && end.likely < kGaugeReadable * press.capacity_N)
        out.watch.push_back(
            {Finding::GaugeTooCoarse, Severity::Look, end.likely / press.capacity_N, 0, press.name, "HB4.8"});
}

PressPlan planPress(const Plan& plan) {
    const auto& a = *plan.arrangement;
    PressPlan out;
    const double home = a.homeTravel_mm();
    out.expected = trace::expectTrace({home, arrangement::engagedLength(a, home), plan.fit->pressForce_N,
                                       [&](double travel) { return arrangement::engagedLength(a, travel); }});
    if (plan.press) readOnPress(out, *plan.press);
    out.watch.push_back({Finding::WatchCrookedStart, Severity::Stop, kEarly * home, 0, {}, "HB3.7"});
    out.watch.push_back({Finding::WatchSawTeeth, Severity::Look, 0, 0, {}, "HB4.14"});
    out.watch.push_back({Finding::WatchHome, Severity::Info, home, out.expected.hold_N.likely, {}, "HB4.14"});
    return out;
}

Result<seat::Seating> planSeat(const Job& job, const Library& lib, const Plan& plan) {
    const auto& a = *plan.arrangement;
    const auto& b = a.bearing;
    seat::SeatingInput in;
    in.kind = job.seating.kind;
    in.readings = job.seating.readings;
    in.uncertainty_mm = job.seating.uncertainty_mm;
    in.readingRad_mm = (b.outerFaceInnerDia_mm() + b.outerFaceOuterDia_mm()) / 4;
    in.seatDia_mm = b.outsideDia_mm;
    in.homeDepth_mm = a.homeFaceDepth_mm();
    const auto square = standards::gradeWidth(lib.iso286, b.outsideDia_mm, 5);
    if (!square) return tl::unexpected(square.error());
    in.squareLimit_mm = *square;
    if (a.housing.groove) in.grooveLowerEdgeDepth_mm = a.housing.groove->lowerEdgeDepth_mm;
    return seat::judgeSeating(in);
}

tooling::Wishes wishesOf(const Job& job, const Library& lib) {
    tooling::Wishes wishes;
    wishes.press = lib.rack.press(job.tooling.press);
    wishes.driver = job.tooling.driver ? lib.rack.tool(*job.tooling.driver) : nullptr;
    wishes.support = job.tooling.support ? lib.rack.tool(*job.tooling.support) : nullptr;
    return wishes;
}

std::optional<Problem> unknownTool(const Job& job, const Library& lib) {
    if (!lib.rack.press(job.tooling.press))
        return Problem{ProblemCode::UnknownName, "tooling/press", job.tooling.press, "a press of the rack"};
    for (const auto& [place, id] :
         {std::pair{"tooling/driver", job.tooling.driver}, {"tooling/support", job.tooling.support}})
        if (id && !lib.rack.tool(*id)) return Problem{ProblemCode::UnknownName, place, *id, "a tool of the rack"};
    return std::nullopt;
}

Mark markOf(Severity severity, bool done) {
    if (severity == Severity::Stop) return Mark::Stop;
    if (done) return Mark::Done;
    return severity == Severity::Look ? Mark::Look : Mark::Open;
}

void setMarks(Plan& plan, const Job& job) {
    const auto done = [&](Station s) { return job.done.contains(s); };
    auto& m = plan.marks;
    m[Station::Intake] = markOf(Severity::Info, done(Station::Intake));
    const bool stripStop = plan.strip && (!plan.strip->sound() || !plan.strip->missing.empty());
    m[Station::Strip] = stripStop ? Mark::Stop : markOf(Severity::Info, done(Station::Strip));
    m[Station::Fit] = !plan.fit ? Mark::Stop : markOf(worst(plan.fit->advisories), done(Station::Fit));
    const bool noTools = plan.tools && !plan.tools->choice;
    m[Station::Tooling] = !plan.tools ? Mark::Open
                          : noTools   ? Mark::Stop
                                      : markOf(worst(plan.tools->proof.findings), done(Station::Tooling));
    m[Station::Press] = plan.traceOverlay ? markOf(worst(plan.traceOverlay->findings), done(Station::Press))
                                          : markOf(Severity::Info, done(Station::Press));
    m[Station::Seat] = !plan.seating ? Mark::Open : markOf(worst(plan.seating->findings), done(Station::Seat));
    if (plan.seating && plan.seating->verdict == seat::SeatVerdict::NotJudged) m[Station::Seat] = Mark::Open;
    m[Station::Close] = job.record ? Mark::Done : Mark::Open;
}

void fillStations(Plan& plan, const Job& job, const Library& lib, const std::optional<trace::Trace>& measured) {
    const auto* press = lib.rack.press(job.tooling.press);
    plan.strip = planStrip(job, lib, press ? press->stiffness_N_per_mm : kFrameStiffness_N_per_mm);
    auto arranged = arrange(job, lib, plan.strip);
    if (!arranged) {
        plan.problem = arranged.error();
        return;
    }
    plan.arrangement = std::move(*arranged);
    const auto input = fitInput(job, lib, plan);
    auto fit = input ? fit::bearingFit(*input) : tl::unexpected(input.error());
    const auto rating =
        catalog::staticRating(lib.bearingTables, plan.arrangement->bearing, job.bearing.typedStaticRating_N);
    if (!fit || !rating) {
        plan.problem = !fit ? fit.error() : rating.error();
        return;
    }
    plan.fit = std::move(*fit);
    plan.rating = *rating;
    addJobReasons(*plan.fit, job, plan);
    plan.load = loadCase(*plan.fit, plan.rating);
    plan.problem = unknownTool(job, lib);
    const auto wishes = wishesOf(job, lib);
    plan.press = wishes.press;
    if (plan.press && !plan.problem) plan.tools = tooling::chooseTools(*plan.arrangement, lib.rack, wishes, *plan.load);
    plan.pressing = planPress(plan);
    if (measured && !measured->empty()) plan.traceOverlay = trace::overlay(*measured, plan.pressing->expected);
    auto seating = planSeat(job, lib, plan);
    if (seating)
        plan.seating = std::move(*seating);
    else if (!plan.problem)
        plan.problem = at(seating.error(), "seat_readings");
}

} // namespace

std::string limitsRow(catalog::BearingType type, const std::string& toleranceClass) {
    switch (type) {
    case catalog::BearingType::TaperRoller:
        return "taper " + toleranceClass;
    case catalog::BearingType::InchTaperRoller:
        return "inch taper " + toleranceClass;
    case catalog::BearingType::ThrustBall:
        return "thrust " + toleranceClass;
    default:
        return toleranceClass;
    }
}

job::Station Plan::next(const std::set<Station>& done) const {
    for (const auto station : job::kStations)
        if (!done.contains(station) || marks.at(station) == Mark::Stop) return station;
    return Station::Close;
}

Plan planJob(const Job& job, const Library& library, const std::optional<trace::Trace>& measured) {
    Plan plan;
    fillStations(plan, job, library, measured);
    setMarks(plan, job);
    return plan;
}

job::Record makeRecord(const Job& job, const Plan& plan, const std::string& who, const std::string& when,
                       const std::string& notes) {
    job::Record r;
    r.who = who;
    r.when = when;
    r.notes = notes;
    r.bearing = job.bearing.designation;
    r.bore = job.housing.measured ? job.housing.measured->typed : job.housing.seat.typed;
    if (plan.fit) {
        r.interference_mm = plan.fit->interference_mm;
        r.pressForce_N = plan.fit->pressForce_N;
    }
    if (plan.tools && plan.tools->choice) {
        const auto& choice = *plan.tools->choice;
        r.tools.push_back(choice.press->id);
        if (choice.support) r.tools.push_back(choice.support->id);
        r.tools.push_back(choice.driver->id);
        for (const auto* spacer : choice.spacers)
            r.tools.push_back(spacer->id);
    }
    if (plan.traceOverlay) {
        r.peakForce_N = plan.traceOverlay->peak_N;
        r.endTravel_mm = plan.traceOverlay->endTravel_mm;
    }
    r.readings = job.seating.readings;
    r.verdict = name(plan.seating ? plan.seating->verdict : seat::SeatVerdict::NotJudged);
    if (plan.seating && plan.seating->plane) {
        r.riseAcross_mm = plan.seating->riseAcross_mm.likely;
        r.tilt_arcmin = plan.seating->plane->tilt_arcmin();
    }
    return r;
}

std::string_view name(seat::SeatVerdict verdict) {
    switch (verdict) {
    case seat::SeatVerdict::NotJudged:
        return "not_judged";
    case seat::SeatVerdict::HomeAndSquare:
        return "home_and_square";
    case seat::SeatVerdict::NotHome:
        return "not_home";
    case seat::SeatVerdict::Tilted:
        return "tilted";
    case seat::SeatVerdict::ReadingsDisagree:
        return "readings_disagree";
    }
    return "not_judged";
}

std::string_view name(Station station) {
    switch (station) {
    case Station::Intake:
        return "intake";
    case Station::Strip:
        return "strip";
    case Station::Fit:
        return "fit";
    case Station::Tooling:
        return "tooling";
    case Station::Press:
        return "press";
    case Station::Seat:
        return "seat";
    case Station::Close:
        return "close";
    }
    return "fit";
}

std::optional<Station> stationNamed(std::string_view text) {
    for (const auto station : job::kStations)
        if (name(station) == text) return station;
    return std::nullopt;
}

} // namespace arbor::plan
