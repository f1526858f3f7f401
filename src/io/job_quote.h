#pragma once

#include "core/pay/quote.h"
#include "core/plan/plan.h"
#include "core/tables/tables.h"

#include <string>

namespace arbor::io {

/// @param taken  hours as they were taken; else as they are planned: by the shop's own times, once it has some
/// @param now  ISO 8601
pay::Quote quoteOfJob(const job::Job& job, const plan::Plan& plan, const tables::Tables& tables,
                      const std::vector<job::Worked>& before, bool taken, const std::string& now);

/// A quote or an invoice's lines for other programs: a head, then a line each, decimals with a point.
/// @param named  what each line is called, in the reader's language
std::string quoteCsv(const std::string& job, const pay::Quote& quote, const std::vector<std::string>& named);

} // namespace arbor::io
