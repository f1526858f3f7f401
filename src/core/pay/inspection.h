#pragma once

#include "core/job/job.h"

#include <map>
#include <string>
#include <vector>

namespace arbor::pay {

/// When a machine is to be looked at again.
struct Inspection {
    std::string due; ///< "2027-03-31"
    std::string machine;
    std::string customer;
    std::string job; ///< number of the one that said so
    std::string title;
    friend bool operator==(const Inspection&, const Inspection&) = default;
};

/// Of every machine and place the latest closed job's word counts; the first due first.
/// @param jobs  closed ones, in any order
std::vector<Inspection> inspectionsOf(const std::vector<job::Job>& jobs);

/// Lengths of time as somebody types them.
enum class Span { Day, Week, Month, Year };
using SpanWords = std::map<std::string, Span>;
const SpanWords& spanWords(); ///< "day", "days", "week", ... in English

/// "2027-03-31" as it is; "3 months", "6 weeks", "10 days", "1 year" from a day; the last of a month that is too short.
/// @param today  "2026-11-30" @param words  for lengths of time
/// @return nothing: it is none of these
std::optional<std::string> dueDay(const std::string& typed, const std::string& today,
                                  const SpanWords& words = spanWords());

} // namespace arbor::pay
