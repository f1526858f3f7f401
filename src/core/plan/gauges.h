#pragma once

#include "core/base/advice.h"
#include "core/job/job.h"
#include "core/tables/tables.h"

#include <initializer_list>
#include <vector>

namespace arbor::plan {

/// What is to be said of the gauge a reading was taken with: its calibration had run out that day, it is none of this
/// shop's, or it was not named where the shop has some that do. A shop without a list of gauges is asked nothing.
/// @param kinds  of gauges that read such a thing
/// @source [HB3.12], "sizes, ... readings, verdicts, who and when"
AdviceList sayOfGauge(const job::GaugeUsed& used, std::initializer_list<catalog::GaugeKind> kinds,
                      const tables::Tables& tables);

/// Every gauge that is named anywhere in a job, each with the day once, in the order of the work.
std::vector<job::GaugeUsed> gaugesUsed(const job::Job& job);

} // namespace arbor::plan
