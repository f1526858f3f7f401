#pragma once

#include "core/calc/calculation.h"
#include "core/catalog/material.h"

#include <string>
#include <vector>

namespace arbor::io {

/// A line for the bench calculator, taken apart: words that say what is wanted, then sizes.
struct CalcLine {
    std::vector<const calc::Calculation*> hits; ///< that the words find, best first; all of them without words
    std::vector<std::string> sizes;             ///< the rest, piece by piece
};
/// "interference 62 N7" looks for interference and has the sizes 62 and N7. The first piece with a digit or an equals
/// sign begins the sizes.
CalcLine readCalcLine(const std::string& line);

/// Gives sizes to the inputs of a calculation: key=value, a number with or without a unit (62, 2.44in, 40um, 35C,
/// 12kN), a class (N7), a choice, a material, a list (-39,-9). Without a key, a number with a unit takes the first
/// input of that unit; numbers without one take the first inputs of the list in which the calculation accepts them, in
/// the order typed, else in the only other order that it accepts.
/// @errors Malformed with the piece that fits nowhere, or with the names to choose from where several orders make
/// sense; the values themselves are judged by calc::evaluate
Result<calc::Values> valuesFromSizes(const calc::Calculation& calculation, const std::vector<std::string>& sizes,
                                     const tables::Tables& tables);

} // namespace arbor::io
