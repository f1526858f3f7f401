#include "core/plan/fit_plan.h"

#include "core/plan/seat_sources.h"
#include "core/tables/friction.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::Job;

fit::Spread spreadOf(const SurfacePlan& s, double dia) {
    return s.measuredDia_mm ? fit::Spread::ofMeasured(*s.measuredDia_mm - dia, s.uncertainty_mm)
                            : fit::Spread::ofLimits(*s.size_mm);
}

/// Temperatures and speeds go with what a part belongs to: to a ring, to the shaft inside, to the housing around.
void warm(fit::SeatInput& in, const DrawnSeat& s, const Job& job) {
    const auto& t = job.temperatures;
    const bool onShaft = s.outer.ring || !s.inner.ring; // a collar keeps the shaft's company
    in.outer.temp_C = s.outer.ring ? t.innerRing_C : onShaft ? t.shaft_C : t.housing_C;
    in.inner.temp_C = s.inner.ring ? t.outerRing_C : t.shaft_C;
    const bool turns = onShaft != (job.work.load == fit::LoadCase::OuterTurns);
    in.outer.speed_rpm = in.inner.speed_rpm = turns ? job.work.speed_rpm : 0;
}

Result<std::optional<fit::Sleeve>> sleeveOf(const Job& job, const tables::Tables& lib, const job::SeatKey& key) {
    const auto card = job.measured.seats.find(key);
    if (card == job.measured.seats.end() || !card->second.sleeve) return std::optional<fit::Sleeve>{};
    const auto& choice = *card->second.sleeve;
    const auto place = "measured/seats/" + key.first + "+" + key.second + "/sleeve";
    const auto material = lib.materials.find(choice.material);
    if (material == lib.materials.end())
        return refuse(ProblemCode::UnknownName, place + "/material", choice.material,
                      wanted("a material of the table"));
    return std::optional(
        fit::Sleeve{material->second, choice.outsideDia_mm, choice.interference_mm, choice.boredInPlace});
}

void sayOutsideClass(SeatPlan& seat, const SurfacePlan& side) {
    if (!side.measuredDia_mm || !side.size_mm || side.ring) return;
    const double deviation = *side.measuredDia_mm - seat.dia_mm;
    const auto& limits = *side.size_mm;
    if (deviation >= limits.lower && deviation <= limits.upper) return;
    seat.fit->advisories.push_back(
        {found::MeasuredOutsideClass{*side.measuredDia_mm,
                                     seat.dia_mm + (deviation < limits.lower ? limits.lower : limits.upper), side.spec},
         Severity::Check, "ISO286-1"});
}

Result<void> fitSeat(SeatPlan& out, const DrawnSeat& s, const Job& job, const tables::Tables& lib) {
    if (!(out.hole.size_mm || out.hole.measuredDia_mm) || !(out.shaft.size_mm || out.shaft.measuredDia_mm)) return {};
    fit::SeatInput in;
    in.dia_mm = s.dia_mm;
    in.outer = {*s.outer.material, s.outer.otherDia_mm, {spreadOf(out.hole, s.dia_mm), out.hole.rz_mm}};
    in.inner = {*s.inner.material, s.inner.otherDia_mm, {spreadOf(out.shaft, s.dia_mm), out.shaft.rz_mm}};
    if (s.outer.ring) in.outer.tensionLimit_MPa = fit::kRingHoopLimit_MPa;
    warm(in, s, job);
    const auto sleeve = sleeveOf(job, lib, s.key);
    if (!sleeve) return tl::unexpected(sleeve.error());
    const bool fits = *sleeve && (*sleeve)->outsideDia_mm > in.dia_mm &&
                      (in.outer.otherDia_mm == 0 || (*sleeve)->outsideDia_mm < in.outer.otherDia_mm);
    if (fits) in.sleeve = *sleeve;
    const auto friction = tables::frictionOf(lib, s.outer.material->family, job::lubricantOf(job, s.key));
    in.friction = friction.band;
    in.engagedLength_mm = s.length_mm;
    const auto seat = fit::InterferenceFit::of(in, fit::gridStep(fit::scatterWidth(in)));
    if (!seat) return tl::unexpected(at(seat.error(), s.outer.place + ": " + seat.error().field));
    out.input = in;
    out.fit = fit::seatFit(*seat);
    if (*sleeve && !fits)
        out.fit->advisories.push_back(
            {found::SleeveDoesNotFit{(*sleeve)->outsideDia_mm, in.outer.otherDia_mm}, Severity::Stop, "DIN7190-1"});
    for (const auto* side : {&out.hole, &out.shaft})
        sayOutsideClass(out, *side);
    if (friction.learned)
        out.fit->because.push_back(
            {found::FrictionLearned{friction.learned->mean, friction.learned->scatter, friction.learned->presses},
             Severity::Info, "LOG"});
    const auto* press = pressAtHand(job, lib.rack);
    out.off = route::breakaway(out.fit->pressForce_N, job.strip.rust,
                               press ? press->stiffness_N_per_mm : kFrameStiffness_N_per_mm);
    for (const auto* side : {&out.hole, &out.shaft})
        if (side->measuredDia_mm)
            out.fit->because.insert(out.fit->because.begin(),
                                    {found::MeasuredReplacesClass{*side->measuredDia_mm, side->uncertainty_mm,
                                                                  side == &out.hole ? "bore" : "journal"},
                                     Severity::Info, "HB4.1"});
    return {};
}

const standards::StepTable& clearanceTable(catalog::BearingType type, const standards::BearingTables& tables) {
    using enum catalog::BearingType;
    switch (type) {
    case CylindricalNU:
    case CylindricalNJ:
    case CylindricalN:
    case NeedleRoller:
        return tables.rollerClearance;
    case SphericalRoller:
        return tables.sphericalClearance;
    case DeepGrooveBall:
    case DoubleRowAngularBall: // it has none of its own: that is said
    case HubRing:
    case AngularContactBall: // from here on they are set when they are adjusted: nobody asks
    case TaperRoller:
    case InchTaperRoller:
    case ThrustBall:
        return tables.clearance;
    }
    return tables.clearance;
}

/// Clearance of a bearing with its seats as they are now.
Result<std::optional<fit::ClearanceLeft>> clearanceOf(const BearingPlan& b, const FitPlan& plan) {
    if (!b.input) return std::optional<fit::ClearanceLeft>{};
    const auto input = [&](std::optional<std::size_t> seat) {
        return seat ? plan.seats[*seat].input : std::optional<fit::SeatInput>{};
    };
    const auto housing = input(b.housing), shaft = input(b.shaft);
    double width = b.clearanceMade_mm.width();
    for (const auto* seat : {&housing, &shaft})
        if (*seat) width += fit::scatterWidth(**seat);
    const double step = fit::gridStep(width);
    std::optional<fit::InterferenceFit> inHousing, onShaft;
    if (housing) inHousing = fit::InterferenceFit::of(*housing, step).value(); // the same input has been through once
    if (shaft) onShaft = fit::InterferenceFit::of(*shaft, step).value();
    auto in = *b.input;
    in.housing = inHousing ? &*inHousing : nullptr;
    in.shaft = onShaft ? &*onShaft : nullptr;
    auto left = fit::clearanceLeft(in, step);
    if (!left) return tl::unexpected(left.error());
    return std::optional(std::move(*left));
}

class Bearings {
public:
    Bearings(const Job& job, const tables::Tables& lib, const std::vector<DrawnSeat>& sources, FitPlan& out)
        : m_job(job), m_tables(lib), m_sources(sources), m_out(out) {}

    Problems add() {
        Problems problems;
        for (std::size_t i = 0; i < m_sources.size(); ++i) {
            if (m_sources[i].inner.ring) bearingOf(m_sources[i].inner).housing = i;
            if (m_sources[i].outer.ring) bearingOf(m_sources[i].outer).shaft = i;
        }
        for (auto& b : m_out.bearings)
            if (auto ok = fill(b); !ok) problems.push_back(ok.error());
        return problems;
    }

private:
    BearingPlan& bearingOf(const DrawnSide& ring) {
        for (auto& b : m_out.bearings)
            if (b.part == ring.id) return b;
        m_out.bearings.push_back({});
        auto& b = m_out.bearings.back();
        b.designation = ring.ring->designation;
        b.part = ring.id;
        b.clearanceGroup = ring.facts.clearanceGroup;
        return b;
    }
    const arrangement::BearingFacts& factsOf(const BearingPlan& b) const {
        return b.housing ? m_sources[*b.housing].inner.facts : m_sources[*b.shaft].outer.facts;
    }

    const catalog::Bearing& bearingOf(const BearingPlan& b) const {
        return b.housing ? *m_sources[*b.housing].inner.ring : *m_sources[*b.shaft].outer.ring;
    }

    Result<void> fill(BearingPlan& b) {
        const auto& bearing = bearingOf(b);
        if (catalog::knowledge(bearing.type).clearanceMade) {
            const auto made = standards::radialClearance(clearanceTable(bearing.type, m_tables.bearingTables),
                                                         bearing.boreDia_mm, b.clearanceGroup);
            const auto place = "arrangement/parts/" + b.part + "/bearing/";
            if (!made) return tl::unexpected(at(made.error(), place + "clearance_group"));
            b.clearanceMade_mm = *made;
            b.input = clearanceInput(bearing, *made, factsOf(b));
            auto left = clearanceOf(b, m_out);
            if (!left) return tl::unexpected(at(left.error(), place + "inner_raceway_mm"));
            b.clearance = std::move(*left);
            // It has no table of its own.
            if (b.clearance && bearing.type == catalog::BearingType::DoubleRowAngularBall)
                b.clearance->because.push_back(
                    {found::ClearanceGroupAssumed{bearing.designation}, Severity::Info, "ISO5753-1"});
        }
        propose(b, bearing);
        return {};
    }

    fit::ClearanceInput clearanceInput(const catalog::Bearing& bearing, const Interval& made,
                                       const arrangement::BearingFacts& facts) const {
        fit::ClearanceInput in;
        in.asMade_mm = made;
        in.raceways = fit::racewaysOf(bearing);
        in.raceways.inner_mm = facts.innerRacewayDia_mm.value_or(in.raceways.inner_mm);
        in.raceways.outer_mm = facts.outerRacewayDia_mm.value_or(in.raceways.outer_mm);
        in.ring = m_tables.materials.at("bearing_steel");
        in.boreDia_mm = bearing.boreDia_mm;
        in.innerRingTemp_C = m_job.temperatures.innerRing_C;
        in.outerRingTemp_C = m_job.temperatures.outerRing_C;
        in.innerRing_rpm = m_job.work.load == fit::LoadCase::OuterTurns ? 0 : m_job.work.speed_rpm;
        return in;
    }

    /// Whether a class would be let go of by twice the working speed.
    bool loosensAtSpeed(std::size_t seat, const standards::ToleranceClass& toleranceClass) const {
        auto input = m_out.seats[seat].input;
        const auto limits = standards::limitDeviations(m_tables.iso286, m_out.seats[seat].dia_mm, toleranceClass);
        if (!input || !limits) return false;
        input->inner.surface.deviation = fit::Spread::ofLimits(*limits);
        const auto made = fit::InterferenceFit::of(*input, fit::gridStep(fit::scatterWidth(*input)));
        if (!made) return false;
        const auto loose = fit::seatFit(*made).looseAt_rpm;
        return loose.has_value() && *loose < 2 * m_job.work.speed_rpm;
    }

    void propose(BearingPlan& b, const catalog::Bearing& bearing) const {
        fit::ProposalInput in;
        in.bearing = bearing;
        in.load = m_job.work.load;
        in.loadShare = m_job.work.loadShare;
        in.mustSlide = m_job.work.mustSlide;
        const auto tight = [&](std::optional<std::size_t> seat) {
            return seat && m_out.seats[*seat].fit && m_out.seats[*seat].fit->interference_mm.likely > 0;
        };
        if (b.housing) {
            const auto& outer = m_sources[*b.housing].outer;
            in.housing = outer.material->family;
            const double wall = outer.otherDia_mm > 0 ? (outer.otherDia_mm - bearing.outsideDia_mm) / 2 : INFINITY;
            in.housingWallShare = wall / ((bearing.outsideDia_mm - bearing.boreDia_mm) / 4);
        }
        if (b.shaft) in.shaftHollow = m_sources[*b.shaft].inner.otherDia_mm > 0.5 * bearing.boreDia_mm;
        b.proposal = fit::proposeFit(in);
        if (b.shaft && b.proposal.shaft && loosensAtSpeed(*b.shaft, *b.proposal.shaft)) {
            in.speedLoosens = true;
            b.proposal = fit::proposeFit(in);
        }
        b.question = fit::questionTightRing(in.load, tight(b.shaft), tight(b.housing));
        if (in.load == fit::LoadCase::InnerTurns) letSlide(b.housing, true);
        if (in.load == fit::LoadCase::OuterTurns) letSlide(b.shaft, false);
    }

    /// Where the load stands still on a ring it neither creeps nor wears its seat: loose is how it is made, where the
    /// drawing's class slides.
    void letSlide(std::optional<std::size_t> seat, bool hole) const {
        if (!seat || !m_out.seats[*seat].fit) return;
        const auto& side = hole ? m_out.seats[*seat].hole : m_out.seats[*seat].shaft;
        if (!side.size_mm || !isSlidingClass(*side.size_mm, hole) || side.verdict >= measure::Verdict::Sleeve) return;
        for (auto& advice : m_out.seats[*seat].fit->advisories)
            if (advice.is<found::LooseFit>() || advice.is<found::MayBeLoose>() || advice.is<found::LooseAtWork>())
                advice.severity = Severity::Info;
    }

    const Job& m_job;
    const tables::Tables& m_tables;
    const std::vector<DrawnSeat>& m_sources;
    FitPlan& m_out;
};

Problems planSpacers(FitPlan& out, const Job& job, const tables::Tables& lib, const StripPlan& strip) {
    Problems problems;
    for (const auto& part : strip.assembly.parts) {
        if (part.kind != arrangement::PartKind::SpacerTube || part.bodies.empty()) continue;
        SpacerPlan spacer{part.id,
                          part.label,
                          part.bodies.front().outsideDia(),
                          part.bodies.front().top() - part.bodies.front().bottom(),
                          {}};
        const auto readings = job.measured.spacers.find(part.id);
        const auto limit = standards::squareLimit_mm(lib.iso286, spacer.outsideDia_mm);
        auto state =
            measure::spacerState(readings == job.measured.spacers.end() ? measure::SpacerReadings{} : readings->second,
                                 spacer.outsideDia_mm, spacer.drawn_mm, limit.value_or(0.01));
        if (state)
            spacer.state = std::move(*state);
        else
            problems.push_back(at(state.error(), "measured/spacers/" + part.id + "/" + state.error().field));
        out.spacers.push_back(std::move(spacer));
    }
    return problems;
}

/// Measure and Fit of one seat.
Checked<SeatPlan> planSeat(const DrawnSeat& source, const Job& job, const tables::Tables& lib) {
    SeatPlan seat{source.key, source.dia_mm, source.length_mm, {}, {}, {}, {}, {}};
    auto hole = planSurface(job, lib, source, true), shaft = planSurface(job, lib, source, false);
    Problems problems;
    for (const auto* side : {&hole, &shaft})
        if (!*side) problems.push_back(side->error());
    if (!problems.empty()) return tl::unexpected(std::move(problems));
    seat.hole = std::move(*hole);
    seat.shaft = std::move(*shaft);
    for (const auto& [key, material] : lib.materials)
        if (&material == source.outer.material) seat.holeMaterial = key;
    if (auto ok = fitSeat(seat, source, job, lib); !ok) return tl::unexpected(Problems{ok.error()});
    return seat;
}

} // namespace

Checked<FitPlan> planFit(const Job& job, const tables::Tables& lib, const StripPlan& strip) {
    FitPlan out;
    Problems problems;
    const auto sources = seatSources(lib, strip);
    for (const auto& source : sources) {
        auto seat = planSeat(source, job, lib);
        if (!seat) problems.insert(problems.end(), seat.error().begin(), seat.error().end());
        out.seats.push_back(seat ? std::move(*seat) : SeatPlan{});
    }
    // A bearing is worked out with its seats.
    if (problems.empty()) problems = Bearings(job, lib, sources, out).add();
    const auto ofSpacers = planSpacers(out, job, lib, strip);
    problems.insert(problems.end(), ofSpacers.begin(), ofSpacers.end());
    if (!problems.empty()) return tl::unexpected(std::move(problems));
    out.causes = measure::likelyCauses(job.measured.oldBearing);
    out.lookAt = measure::lookAt(job.measured.oldBearing);
    return out;
}

const BearingPlan* FitPlan::bearingOf(std::size_t seat) const {
    const auto found = std::find_if(bearings.begin(), bearings.end(),
                                    [&](const BearingPlan& b) { return b.housing == seat || b.shaft == seat; });
    return found == bearings.end() ? nullptr : &*found;
}

namespace {

void addAdvisories(AdviceList& out, const BearingPlan& bearing) {
    if (bearing.clearance)
        out.insert(out.end(), bearing.clearance->advisories.begin(), bearing.clearance->advisories.end());
    if (bearing.question) out.push_back(*bearing.question);
}

AdviceList worstFirst(AdviceList list) {
    std::stable_sort(list.begin(), list.end(),
                     [](const Advice& a, const Advice& b) { return a.severity > b.severity; });
    return list;
}

} // namespace

AdviceList FitPlan::advisories() const {
    AdviceList out;
    for (const auto& seat : seats)
        if (seat.fit) out.insert(out.end(), seat.fit->advisories.begin(), seat.fit->advisories.end());
    for (const auto& bearing : bearings)
        addAdvisories(out, bearing);
    return worstFirst(std::move(out));
}

AdviceList FitPlan::advisoriesOf(std::size_t seat) const {
    auto out = seats[seat].fit ? seats[seat].fit->advisories : AdviceList{};
    if (const auto* bearing = bearingOf(seat)) addAdvisories(out, *bearing);
    return worstFirst(std::move(out));
}

measure::Verdict FitPlan::worstVerdict() const {
    auto worst = measure::Verdict::NotMeasured;
    for (const auto& seat : seats)
        worst = std::max({worst, seat.hole.verdict, seat.shaft.verdict});
    for (const auto& spacer : spacers)
        worst = std::max(worst, spacer.state.judgement.verdict);
    return worst;
}

std::vector<Alternative> alternatives(const FitPlan& plan, const tables::Tables& lib, std::size_t index, bool hole) {
    std::vector<Alternative> out;
    const auto& seat = plan.seats.at(index);
    const auto& given = hole ? seat.hole.toleranceClass : seat.shaft.toleranceClass;
    const auto start = given.value_or(hole ? standards::ToleranceClass{"N", 7} : standards::ToleranceClass{"k", 6});
    if (!seat.input) return out;
    for (const auto& toleranceClass : fit::neighbours(start)) {
        const auto limits = standards::limitDeviations(lib.iso286, seat.dia_mm, toleranceClass);
        if (!limits) continue;
        auto trial = plan;
        auto& input = *trial.seats[index].input;
        (hole ? input.outer : input.inner).surface.deviation = fit::Spread::ofLimits(*limits);
        const auto made = fit::InterferenceFit::of(input, fit::gridStep(fit::scatterWidth(input)));
        if (!made) continue;
        Alternative alternative{toleranceClass, fit::seatFit(*made), {}};
        for (const auto& bearing : plan.bearings)
            if (bearing.housing == index || bearing.shaft == index)
                if (auto left = clearanceOf(bearing, trial)) alternative.clearance = std::move(*left);
        out.push_back(std::move(alternative));
    }
    return out;
}

namespace {

Severity severityOf(const SurfacePlan& side, bool sleeved) {
    switch (side.verdict) {
    case measure::Verdict::NotMeasured:
    case measure::Verdict::Use:
        // Overruled is looked at; a doubt within the gauge is worth a look as well.
        return side.overruled ? Severity::Check : worst(side.judgement.advice());
    case measure::Verdict::CleanUp:
        return Severity::Check;
    case measure::Verdict::Sleeve:
        return sleeved ? Severity::Check : Severity::Stop;
    case measure::Verdict::Replace:
        return Severity::Stop;
    }
    return Severity::Info;
}

bool isSleeved(const SeatPlan& seat) {
    return seat.input && seat.input->sleeve;
}

} // namespace

Severity severityOf(const SeatPlan& seat, bool hole) {
    return severityOf(hole ? seat.hole : seat.shaft, isSleeved(seat));
}
Severity severityOf(const SeatPlan& seat) {
    return std::max(severityOf(seat, true), severityOf(seat, false));
}

} // namespace arbor::plan
