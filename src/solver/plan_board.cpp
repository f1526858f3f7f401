#include "solver/plan_board.h"

#include "solver/clash.h"

namespace arbor::day {

void planBoard(Board& board, const KeptPlan& before, const Effort& effort) {
    board.plan.reset();
    board.none.reset();
    board.moved.clear();
    board.clashes.clear();
    if (board.day.pieces.empty()) return;
    auto plan = solve(board.day, effort, placedAs(board.day, before));
    if (!plan) {
        board.none = plan.error();
        if (*board.none == NoPlan::Clashes) board.clashes = clashesOfFixed(board.day);
        return;
    }
    board.moved = moves(board.day, *plan, before);
    board.clashes = clashesOfTimes(board.day, *plan);
    board.plan = std::move(*plan);
}

} // namespace arbor::day
