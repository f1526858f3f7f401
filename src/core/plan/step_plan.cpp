#include "core/plan/step_plan.h"

#include "core/arrangement/way_round.h"
#include "core/plan/proof_plan.h"
#include "core/plan/work_steps.h"
#include "core/section/contact.h"

#include <algorithm>
#include <vector>

namespace arbor::plan {

namespace {

using job::Station;

/// How much of the seat is in touch when it has gone so far.
double engaged_mm(const tooling::Task& task, double gone_mm) {
    const auto moved = task.atTravel(gone_mm);
    const auto &mover = moved[task.pushed], &holder = task.still[task.holder];
    return task.inBore ? section::engagedLength(holder, mover) : section::engagedLength(mover, holder);
}

bool wasBegun(const job::StepRecord& r) {
    return !r.traceFile.empty() || saysAnything(r.hand) || !r.readings.readings.empty() || !r.done.empty() || r.record;
}

/// The one that was asked for; else the first going in that was begun, that puts a bearing in, that there is.
std::size_t inHandOf(const std::vector<StepPlan>& steps, const job::Job& job,
                     const std::optional<job::StepKey>& wanted) {
    const auto first = [&](const auto& is) {
        return static_cast<std::size_t>(std::find_if(steps.begin(), steps.end(), is) - steps.begin());
    };
    std::size_t at = wanted ? first([&](const StepPlan& s) { return s.step.id == *wanted; }) : steps.size();
    if (at == steps.size())
        at = first([&](const StepPlan& s) { return !s.step.out && wasBegun(job::stepOf(job, s.step.id)); });
    if (at == steps.size()) at = first([](const StepPlan& s) { return s.step.bearing && !s.step.out; });
    if (at == steps.size()) at = first([](const StepPlan& s) { return !s.step.out; });
    return at == steps.size() ? 0 : at;
}

Mark markOfTools(const StepPlan& s, bool done) {
    if (!s.tools) return done ? Mark::Done : Mark::Open;
    const bool ready = s.way() && (s.way()->byHand() || s.setup());
    if (!ready || s.tools->problem) return Mark::Stop;
    if (s.setup() && !s.setup()->choice) return Mark::Stop;
    return markOf(worst(s.way()->findings()), done);
}

Mark markOfHeat(const job::StepRecord& record, const StepPlan& s, const HeatPlan* heat, bool done) {
    if (!heat) return s.step.out || (s.ring && s.ring->seal) ? Mark::NotNeeded : Mark::Open;
    if (record.heat.pressCold || !heat->needed()) return Mark::NotNeeded;
    return markOf(worst(heat->findings), done);
}

/// What was signed for is never simply done: it stays worth a look.
Mark markOfSeat(const job::SeatChecks& proof, const StepPlan& s, bool done) {
    if (s.step.out) return Mark::NotNeeded;
    if (!s.ring) return Mark::Open;
    if (isSigned(proof)) return Mark::Check;
    const bool judged = s.ring->seating.verdict != seating::SeatVerdict::NotJudged;
    const auto bad = worst(s.proof);
    if (!judged && bad < Severity::Stop) return Mark::Open;
    if (bad == Severity::Stop || (done && bad == Severity::Check)) return markOf(bad, false);
    return markOf(worst(s.ring->seating.findings), done);
}

class StepPlanner {
public:
    StepPlanner(const Given& given, const Heats& heats, const Asked& asked)
        : m_given(given), m_heats(heats), m_asked(asked) {}

    PlannedSteps all() {
        for (auto& step : workSteps(m_given))
            m_out.all.push_back({std::move(step), {}, {}, {}, {}, {}, {}, {}, {}, {}});
        m_out.inHand = inHandOf(m_out.all, m_given.job, m_asked.inHand);
        for (std::size_t i = 0; i < m_out.all.size(); ++i)
            workOut(m_out.all[i], i == m_out.inHand);
        // What is to be looked at of one depends on how the others were read.
        const auto& assembly = m_given.strip.assembly;
        for (auto& s : m_out.all) {
            s.checks = checksOf(assembly, m_out.all, s);
            s.proof = proofOf(record(s).proof, assembly, m_out.all, s);
            mark(s);
        }
        return std::move(m_out);
    }

private:
    const job::StepRecord& record(const StepPlan& s) const { return job::stepOf(m_given.job, s.step.id); }

    void say(const Problem& problem) { m_out.problems.push_back(problem); }

    void workOut(StepPlan& s, bool inHand) {
        const auto at = m_asked.traces.find(s.step.id);
        const auto* measured = at == m_asked.traces.end() || at->second.empty() ? nullptr : &at->second;
        const bool pressed = measured || saysAnything(record(s).hand);
        if (inHand || pressed || m_asked.everyStep) {
            s.tools = m_asked.memory ? m_asked.memory->toolsFor(s.step, m_given)
                                     : std::make_shared<const StepTools>(toolsFor(s.step, m_given));
            s.press = pressOf(s.step, s.way(), m_given.fits, isWarmed(m_given.job, s.step, m_heats));
        }
        if (inHand && s.tools->problem) say(*s.tools->problem);
        if (s.press && pressed) readPress(s, measured);
        if (s.step.out) return;
        const bool home = s.trace && s.trace->verdict == trace::Verdict::Home;
        auto ring = ringOf(s.step, m_given, home);
        if (ring)
            s.ring = std::move(*ring);
        else
            say(ring.error());
    }

    /// What may be left of the interference after smoothing, over what likely is.
    static Interval shareOf(const fit::SeatFit& fit) {
        const auto left = [&](double interference_mm) { return std::max(0.0, interference_mm - fit.smoothing_mm); };
        const double likely = left(fit.interference_mm.likely);
        if (!(likely > 0)) return {0, INFINITY};
        return {left(fit.interference_mm.least) / likely, left(fit.interference_mm.most) / likely};
    }

    /// The trace where there is one, else what was read by hand.
    void readPress(StepPlan& s, const trace::Trace* measured) {
        trace::AnalysisInput in;
        const auto& seat = m_given.fits.seats[*s.step.seat];
        in.friction = seat.input->friction;
        in.interferenceShare = shareOf(*seat.fit);
        in.removal = s.step.out;
        if (measured) {
            s.trace = trace::analyse(*measured, s.press->expected, in);
            return;
        }
        const auto* press = s.press->press ? s.press->press : m_given.press;
        auto hand = readByHand(record(s).hand, s.press->expected, press, m_given.tables.rack, in);
        if (!hand) return say(at(hand.error(), "steps/" + s.step.key + "/" + hand.error().field));
        s.hand = std::move(*hand);
        s.trace = s.hand->analysis;
    }

    /// A scrapped seat, a way round that the section contradicts, or a part that is not there, stops what comes after
    /// it. @source [HB8] one truth
    AdviceList blockedBy(const StepPlan& s) const {
        AdviceList out;
        if (s.step.out) return out;
        const auto stop = [&](auto kind) { out.push_back({std::move(kind), Severity::Stop, "HB8"}); };
        if (s.step.seat) {
            const auto& seat = m_given.fits.seats[*s.step.seat];
            for (const bool hole : {true, false})
                if (severityOf(seat, hole) == Severity::Stop)
                    stop(found::SeatIsScrap{(hole ? seat.hole : seat.shaft).label});
        }
        const auto& part = m_given.strip.assembly.parts[s.step.part];
        if (arrangement::wayRoundContradicts(m_given.strip.assembly, s.step.part))
            stop(found::WayRoundContradicts{part.name()});
        takenBack(s, stop);
        const auto& missing = m_given.strip.missing;
        const bool isIn = record(s).done.contains(Station::Press);
        if (!isIn && std::find(missing.begin(), missing.end(), part.id) != missing.end())
            stop(found::PartMissing{part.name()});
        return out;
    }

    /// What was released and is not now: the measuring, or a seat that was made before this one.
    template <class Stop>
    void takenBack(const StepPlan& s, Stop stop) const {
        if (m_given.job.reopened.contains(Station::Measure))
            stop(found::ReleaseTakenBack{std::string(job::name(Station::Measure)), {}});
        for (const auto& before : m_out.all) {
            if (before.step.id == s.step.id) break;
            if (!before.step.out && record(before).reopened.contains(Station::Seat))
                stop(found::ReleaseTakenBack{std::string(job::name(Station::Seat)), before.step.label});
        }
    }

    /// A part that is left where it is asks for nothing and stops nothing.
    void mark(StepPlan& s) const {
        if (m_given.job.strip.stays.contains(m_given.strip.assembly.parts[s.step.part].id)) {
            for (const auto station : {Station::Tooling, Station::Warm, Station::Press, Station::Seat})
                s.marks[station] = Mark::NotNeeded;
            return;
        }
        const auto& r = record(s);
        const auto done = [&](Station station) { return r.done.contains(station); };
        s.marks[Station::Tooling] = markOfTools(s, done(Station::Tooling));
        s.marks[Station::Warm] = markOfHeat(r, s, heatOf(s.step, m_heats), done(Station::Warm));
        s.marks[Station::Press] = markOf(s.trace ? worst(s.trace->findings) : Severity::Info, done(Station::Press));
        s.marks[Station::Seat] = markOfSeat(r.proof, s, done(Station::Seat));
        s.blocked = blockedBy(s);
        if (worst(s.blocked) < Severity::Stop) return;
        for (const auto station : {Station::Press, Station::Seat})
            s.marks[station] = Mark::Stop;
    }

    const Given& m_given;
    const Heats& m_heats;
    const Asked& m_asked;
    PlannedSteps m_out;
};

} // namespace

const StepSetup* StepPlan::way() const {
    return tools && !tools->ways.empty() ? &tools->ways.front() : nullptr;
}

const tooling::ToolPlan* StepPlan::setup() const {
    const auto* best = way();
    return best && best->pressed && !best->turned ? &*best->pressed : nullptr;
}

const tooling::Task* StepPlan::task() const {
    if (step.tasks.empty()) return nullptr;
    return &step.tasks[way() ? way()->task : 0];
}

Mark markOf(Severity severity, bool done) {
    if (severity == Severity::Stop) return Mark::Stop;
    if (done) return Mark::Done;
    return severity == Severity::Check ? Mark::Check : Mark::Open;
}

std::optional<PressPlan> pressOf(const WorkStep& step, const StepSetup* way, const FitPlan& fits, bool warmed) {
    if (!step.seat || step.tasks.empty()) return std::nullopt;
    const auto& seat = fits.seats[*step.seat];
    const auto& task = step.tasks[way ? way->task : 0];
    PressInput in;
    in.travel_mm = task.travel_mm;
    in.engaged_mm = [&](double gone) { return engaged_mm(task, gone); };
    in.clean_N = seat.fit->pressForce_N;
    in.warmed = warmed;
    if (step.out) in.first_N = seat.off->force_N;
    if (way && way->pressed) {
        in.proof = &way->pressed->proof;
        if (way->pressed->choice) in.press = way->pressed->choice->press;
    }
    return planPress(in);
}

const HeatPlan* heatOf(const WorkStep& step, const Heats& heats) {
    if (step.out || !step.seat || !heats[*step.seat]) return nullptr;
    return &*heats[*step.seat];
}

bool isWarmed(const job::Job& job, const WorkStep& step, const Heats& heats) {
    const auto& record = job::stepOf(job, step.id);
    const auto* heat = heatOf(step, heats);
    return heat && heat->needed() && record.done.contains(Station::Warm) && !record.heat.pressCold;
}

Result<std::size_t> stepNamed(const std::vector<StepPlan>& steps, const std::string& name) {
    std::string known, begin;
    std::vector<std::size_t> found;
    for (std::size_t i = 0; i < steps.size(); ++i) {
        const auto& key = steps[i].step.key;
        if (key == name || std::to_string(i + 1) == name) return i;
        known += (known.empty() ? "" : ", ") + key;
        if (!key.starts_with(name) && key.substr(key.find(':') + 1) != name) continue;
        found.push_back(i);
        begin += (begin.empty() ? "" : ", ") + key;
    }
    if (found.size() == 1 && !name.empty()) return found.front();
    if (found.empty() || name.empty()) return refuse(ProblemCode::UnknownName, "--step", name, asListed(known));
    return refuse(ProblemCode::UnknownName, "--step", name, wanted("one of {1}", begin));
}

PlannedSteps planSteps(const Given& given, const Heats& heats, const Asked& asked) {
    return StepPlanner(given, heats, asked).all();
}

} // namespace arbor::plan
