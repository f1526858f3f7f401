#pragma once

#include "core/job/job.h"
#include "core/tables/tables.h"
#include "mistakes/chance.h"

#include <vector>

namespace arbor::mistakes {

/// A shape with other bearings of the same types and other sizes, and a job begun on it. What a change would have torn
/// apart is left as the shape has it.
/// @param shape  one of those that ship with the program
job::Job madeUpJob(const arrangement::Arrangement& shape, const tables::Tables& tables, Chance& chance);

} // namespace arbor::mistakes
