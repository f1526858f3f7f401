#pragma once

#include "core/base/wanted.h"

#include <string>
#include <tl/expected.hpp>
#include <vector>

namespace arbor {

/// What is wrong with an input; words for people are made from it in src/words.
enum class ProblemCode {
    NotPositive,
    NotFinite,
    GeometryOrder,
    OutOfRange,
    UnknownClass,
    NotDefined,
    UnknownName,
    Malformed,
    Missing,
    Duplicate,
    UnknownKey,
    NoSeat,
    Unreadable,
    Unwritable,
};

/// One refused input: what, where, the offending value and the limit it broke.
struct Problem {
    ProblemCode code = ProblemCode::Malformed;
    std::string field;       ///< place inside the input: a field name, a JSON pointer or "line 7, outside_mm"
    std::string value;       ///< what was found there
    Wanted limit;            ///< what would have been accepted
    std::string file = {};   ///< set by io when the input came from a file
    std::string reason = {}; ///< what the system or a library says of it, in its words
};

template <class T>
using Result = tl::expected<T, Problem>;

/// Of an input that is gone through to its end, so that all that is wrong with it is told at once.
using Problems = std::vector<Problem>;
template <class T>
using Checked = tl::expected<T, Problems>;

inline tl::unexpected<Problem> refuse(ProblemCode code, std::string field, std::string value = {}, Wanted limit = {}) {
    return tl::unexpected<Problem>(Problem{code, std::move(field), std::move(value), std::move(limit)});
}

/// Of something that the system, or a device or database, would not do.
inline tl::unexpected<Problem> refuseAs(ProblemCode code, std::string field, std::string reason) {
    return tl::unexpected<Problem>(Problem{code, std::move(field), {}, {}, {}, std::move(reason)});
}

/// The same problem at the place of whoever asked.
inline Problem at(Problem problem, std::string place) {
    problem.field = std::move(place);
    return problem;
}

/// Shortest text of a number for a Problem; not meant for display of results.
std::string plain(double value);

} // namespace arbor
