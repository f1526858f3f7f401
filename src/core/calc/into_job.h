#pragma once

#include "core/calc/calculation.h"
#include "core/job/job.h"

namespace arbor::calc {

/// Whether an answer can become a job: it has the size of a seat a bearing of the catalogue goes into.
bool canBecomeJob(const Calculation& calculation);

/// A new job around the bearing whose outside (for bores: whose bore) is the size that was asked about, in a plain
/// housing that it goes into; sizes, classes and materials of the calculation are taken over. A place to start from.
/// @param in  inputs as they were evaluated  @param press  id of the shop's press
/// @errors UnknownName (a size no bearing of the catalogue has), NotDefined (a calculation without a seat)
Result<job::Job> jobFrom(const Calculation& calculation, const Values& in, const tables::Tables& tables,
                         const std::string& press);

} // namespace arbor::calc
