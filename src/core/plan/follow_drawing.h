#pragma once

#include "core/job/job.h"

namespace arbor::plan {

struct Library;

/// After another shape or bearing was drawn: what the job says of its own bearing and housing becomes that of the first
/// seat that is drawn, so that no station goes on speaking of one that is gone. Nothing happens while the job's own
/// bearing is still there, or where the drawing gives its seat no class.
void followDrawing(job::Job& job, const Library& library);

} // namespace arbor::plan
