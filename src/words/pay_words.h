#pragma once

#include "core/pay/inspection.h"
#include "core/pay/quote.h"
#include "words/sheets/sheets.h"

namespace arbor::words {

/// "press in", for a line of hours.
std::string doingWords(job::Doing doing);
/// What a line is called.
std::string lineWords(const pay::Line& line);

/// Hours, parts and prices. @param taken  hours are those that were taken, an invoice's; else those planned, a quote's
Sheet quoteSheet(const pay::Quote& quote, bool taken);
/// What the customer reads: what was found, what killed the old bearing, sizes, verdict, when to look again.
Sheet customerSheet(const SheetInput& told);
/// What is due, what is over its day. @param today  "2026-11-30"
Sheet inspectionsSheet(const std::vector<pay::Inspection>& all, const std::string& today);

} // namespace arbor::words
