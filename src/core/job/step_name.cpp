#include "core/job/step_name.h"

namespace arbor::job {

std::string nameOf(const StepKey& step) {
    return (step.out ? "out:" : "in:") + step.seat.first + "+" + step.seat.second;
}

} // namespace arbor::job
