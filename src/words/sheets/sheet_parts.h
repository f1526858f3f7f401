#pragma once

#include "core/job/names.h"
#include "words/language.h"
#include "words/sentences.h"
#include "words/sheets/sheets.h"

#include <string>

namespace arbor::words {

/// Begun: whose it is and how far it has come.
Sheet sheetOf(job::Station station, const SheetInput& told);
/// Of a station that belongs to a step.
Sheet sheetOf(job::Station station, const plan::StepPlan& step);
std::string markKey(plan::Mark mark);

/// Least and most with the unit of the likely one: "12.3…18.0 MPa".
std::string between(const Quantity& least, const Quantity& most);
/// Energy that comes free, for "up to {energy} J": rounded up, never to nothing.
std::string energyWords(double energy_J);

} // namespace arbor::words
