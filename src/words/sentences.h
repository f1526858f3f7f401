#pragma once

#include "core/base/advice.h"
#include "core/base/result.h"
#include "core/plan/plan.h"
#include "words/display.h"

#include <string>

namespace arbor::words {

/// A finding in two parts: what, and why or what to do.
struct Sentence {
    std::string head;
    std::string detail;

    std::string line() const { return detail.empty() ? head : head + ": " + detail; }
};

Sentence say(const Advice& advice, const Display& display);

/// What moves the clearance, and what is fitted: the fixed names the rules use, as they are read.
std::string subjectWord(const std::string& subject);

/// One sentence that names file, place, what was found and what would do.
std::string say(const Problem& problem);
std::string wantedText(const Wanted& wanted); ///< in the reader's language

std::string stationTitle(job::Station station);
/// The live line of result under a station's name.
std::string stationLine(job::Station station, const job::Job& job, const plan::Plan& plan, const Display& display);
/// Why a station has a stop, in a few words; empty when it has none.
std::string stopReason(job::Station station, const plan::Plan& plan, const Display& display);
/// The same of a pressed step: its force, or what it came to; and why it has a stop.
std::string stepLine(const plan::StepPlan& step, const job::Job& job, const plan::Plan& plan, const Display& display);
std::string stopReason(const plan::StepPlan& step, const plan::Plan& plan, const Display& display);
std::string markWord(plan::Mark mark);
std::string markWord(const std::string& key); ///< by the key a sheet has

Sentence verdict(const seating::Seating& seating, const Display& display);
/// How a press ends: "final seating load 5.20 kN, one dwell", or "stop at contact".
std::string endOfPress(const trace::Expected& expected, const Display& display);
/// What a trace came to, and what to do about it.
Sentence verdict(const trace::Analysis& analysis, const Display& display);
/// The verdict of a seat or a trace that a record keeps by its key; another text as it stands.
std::string recordedVerdict(const std::string& key);
std::string phaseName(trace::PhaseKind kind);
/// What to do next about a seat.
std::string nextStep(const seating::Seating& seating);

std::string lubricantName(catalog::Lubricant lubricant);
std::string sideName(catalog::Side side);
/// A source key as people write it.
std::string sourceName(const std::string& key);

} // namespace arbor::words
