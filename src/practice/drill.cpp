#include "practice/drill.h"

#include <algorithm>
#include <cmath>

namespace arbor::practice {

namespace {

using trace::Verdict;

constexpr double kEvery_s = 0.005;
constexpr double kSpeed_mm_s = 4;
constexpr double kLate_mm = 1.5;    // beyond the place where it was certain
constexpr double kLateShare = 0.12; // of the way home, where that is more
constexpr std::size_t kLooks = 80;  // at the growing trace

template <class Kind>
bool shows(const trace::Analysis& a) {
    return findingOf<Kind>(a.findings) != nullptr;
}

trace::Analysis look(const trace::Trace& trace, const Exercise& e, bool ongoing) {
    trace::AnalysisInput in;
    in.ongoing = ongoing;
    return trace::analyse(trace, e.expected, in);
}

/// The first of a number of looks at the growing trace at which it had to be stopped.
std::optional<double> certainAt(const Exercise& e, const trace::Trace& trace) {
    const auto step = std::max<std::size_t>(1, trace.size() / kLooks);
    for (std::size_t n = step; n < trace.size() + step; n += step) {
        const trace::Trace soFar(trace.begin(), trace.begin() + static_cast<std::ptrdiff_t>(std::min(n, trace.size())));
        // A press that is merely loose is let go on to its end; whoever looks at it may know earlier.
        const bool loose = shownBy(e.fault) == Verdict::Loose && shows<found::TraceBelowBand>(look(soFar, e, false));
        if (loose || look(soFar, e, true).stop()) return soFar.back().travel_mm;
    }
    return std::nullopt;
}

Grade gradeHome(const Outcome& o) {
    if (o.truth != Verdict::Home) return Grade::Missed;
    return o.analysis.verdict == Verdict::Home ? Grade::Right : Grade::NotHome;
}

Grade gradeStop(const Exercise& e, const Outcome& o) {
    if (o.truth == Verdict::Home) return Grade::FalseAlarm;
    if (!o.certainAt_mm) return Grade::Guess;
    if (o.called != o.truth) return Grade::WrongReason;
    if (o.truth == Verdict::Loose) return Grade::Right; // pushing it on to its end does no harm
    const double further = std::max(kLate_mm, kLateShare * e.expected.homeTravel_mm);
    return o.letGoAt_mm > *o.certainAt_mm + further ? Grade::Late : Grade::Right;
}

} // namespace

int Outcome::points() const {
    switch (grade) {
    case Grade::Right:
        return 3;
    case Grade::Late:
        return 2;
    case Grade::WrongReason:
        return 1;
    default:
        return 0;
    }
}

Outcome judge(const Exercise& e, const trace::Trace& trace, Verdict called) {
    Outcome out;
    out.called = called;
    out.truth = shownBy(e.fault);
    out.certainAt_mm = certainAt(e, trace);
    out.analysis = look(trace, e, called != Verdict::Home && called != Verdict::Loose);
    out.letGoAt_mm = trace.empty() ? 0 : trace.back().travel_mm;
    out.grade = called == Verdict::Home ? gradeHome(out) : gradeStop(e, out);
    return out;
}

Drill::Drill(const Exercise& exercise, unsigned seed)
    : m_exercise(exercise), m_hand(std::make_unique<std::mt19937>(seed)) {
    sim::Stroke stroke;
    stroke.every_s = kEvery_s;
    stroke.speed_mm_s = kSpeed_mm_s;
    stroke.hold_N = exercise.expected.hold_N.most; // where the relief valve opens
    stroke.noise_N = 0.004 * exercise.expected.hold_N.most;
    m_ram = std::make_unique<sim::Ram>(sim::RealPress(exercise.seat, exercise.fault, *m_hand), stroke, *m_hand);
    push(false);
}

void Drill::push(bool on) {
    m_pushing = on && !m_outcome;
    m_ram->push(m_pushing);
}

void Drill::run(double seconds) {
    if (m_outcome) return;
    constexpr double kRounding_s = 1e-9;
    for (m_due_s += seconds; m_due_s >= kEvery_s - kRounding_s; m_due_s -= kEvery_s) {
        const auto r = m_ram->next();
        m_trace.push_back({r.t_s, r.travel_mm, r.force_N});
    }
}

void Drill::call(Verdict verdict) {
    if (m_outcome) return;
    push(false);
    m_outcome = judge(m_exercise, m_trace, verdict);
}

int Score::drills() const {
    int all = 0;
    for (const auto& [sign, tally] : signs)
        all += tally.met;
    return all;
}

void Score::add(const Outcome& outcome) {
    auto& tally = signs[outcome.truth];
    ++tally.met;
    tally.known += outcome.known();
    points += outcome.points();
}

} // namespace arbor::practice
