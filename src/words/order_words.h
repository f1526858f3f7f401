#pragma once

#include "core/arrangement/assembly.h"
#include "core/route/order.h"

#include <string>
#include <vector>

namespace arbor::words {

/// One line of the order of work as it is read at the bench.
struct WorkLine {
    std::string key;                 ///< ids of what moves, joined by +; empty: the work is turned over
    std::string text;                ///< what is done
    std::string why;                 ///< why not sooner (taking apart) or not later (putting together); may be empty
    std::string caution;             ///< what can hurt here; may be empty
    int level = 0;                   ///< 1: on the bench, with a group that left together
    route::PartSet here = 0;         ///< what is on the work when the line is done, with what moves; for the drawing
    route::PartSet frame = 0;        ///< everything that belongs to this stretch: the work, or a group on the bench
    route::PartSet moving = 0;       ///< none when the work is turned over
    route::Way way = route::Way::Up; ///< the side it leaves to, or comes from
};

/// "a, b and c"
std::string list(const std::vector<std::string>& names);

std::string capital(std::string text); ///< with a large first letter
/// With a small first letter, for the middle of a sentence; names like NU206 stay.
std::string inSentence(const std::string& text);
std::string partName(const arrangement::Part& part);

/// The order of taking apart, line by line; parts that are stuck come last.
std::vector<WorkLine> stripLines(const arrangement::Assembly& assembly, const route::Order& order);
/// The same backwards: putting together.
std::vector<WorkLine> fitLines(const arrangement::Assembly& assembly, const route::Order& order);

} // namespace arbor::words
