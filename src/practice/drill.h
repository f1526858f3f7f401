#pragma once

#include "practice/exercise.h"

#include <map>
#include <memory>
#include <optional>

namespace arbor::practice {

/// What may be said of a press: that it is home, or what is wrong with it.
inline constexpr trace::Verdict kCalls[] = {
    trace::Verdict::Home,         trace::Verdict::CockedStart,  trace::Verdict::AboveBand, trace::Verdict::Loose,
    trace::Verdict::Galling,      trace::Verdict::SupportMoved, trace::Verdict::Short,     trace::Verdict::SoftEnd,
    trace::Verdict::GrippedEarly, trace::Verdict::OverTravel};

/// How good a call was.
enum class Grade {
    Right,
    Late,        ///< right, but pushed on after it had become certain
    WrongReason, ///< stopped, but for something else
    Guess,       ///< stopped before anything showed
    FalseAlarm,  ///< stopped a good press
    Missed,      ///< called a bad press home
    NotHome,     ///< called a good press home before it was
};

struct Outcome {
    trace::Verdict called = trace::Verdict::Home;
    trace::Verdict truth = trace::Verdict::Home;
    Grade grade = Grade::Right;
    trace::Analysis analysis;           ///< of the trace as it was when the call was made
    std::optional<double> certainAt_mm; ///< where the first sign became certain; nothing: it never did
    double letGoAt_mm = 0;

    bool known() const { return grade == Grade::Right || grade == Grade::Late; }
    int points() const; ///< 3 at most
};

/// One press, worked by hand and judged by whoever works it.
class Drill {
public:
    Drill(const Exercise& exercise, unsigned seed);

    void push(bool on);
    bool pushing() const { return m_pushing; }
    void run(double seconds); ///< ram and transducer go on; nothing more once the call is made
    void call(trace::Verdict verdict);

    const Exercise& exercise() const { return m_exercise; }
    const trace::Trace& trace() const { return m_trace; }
    const std::optional<Outcome>& outcome() const { return m_outcome; }

private:
    Exercise m_exercise;
    std::unique_ptr<std::mt19937> m_hand; ///< the ram keeps a reference to it
    std::unique_ptr<sim::Ram> m_ram;
    trace::Trace m_trace;
    double m_due_s = 0;
    bool m_pushing = false;
    std::optional<Outcome> m_outcome;
};

/// Grades a call. @param trace  as it was when the call was made
Outcome judge(const Exercise& exercise, const trace::Trace& trace, trace::Verdict called);

/// What somebody has met so far and how much of it was recognised.
struct Score {
    struct Tally {
        int met = 0;
        int known = 0;
    };
    std::map<trace::Verdict, Tally> signs;
    int points = 0;

    int drills() const;
    void add(const Outcome& outcome);
};

} // namespace arbor::practice
