// For a build without Gecode: everything else of the day is there.
#include "solver/solve.h"

namespace arbor::day {

bool canSolve() {
    return false;
}

tl::expected<DayPlan, NoPlan> solve(const Day&, const Effort&, const std::vector<Placed>&) {
    return tl::unexpected(NoPlan::NoSolver);
}

std::optional<bool> canBe(const Day&, const std::vector<std::string>&, const Effort&) {
    return std::nullopt;
}

} // namespace arbor::day
