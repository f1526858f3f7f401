// Made-up jobs of all ten shapes: other bearings, sizes, classes, materials, measured or not.
#pragma once

#include "core/job/job.h"

namespace arbor::testing {

/// A job that the program accepts; to be called inside a property. What a change would have torn apart is left as the
/// shape has it.
job::Job randomJob();

} // namespace arbor::testing
