#include "solver/plan_board.h"

#include "core/day/bound.h"
#include "solver/clash.h"

namespace arbor::day {

void planBoard(Board& board, const KeptPlan& before, const Effort& effort) {
    board.plan.reset();
    board.none.reset();
    board.moved.clear();
    board.clashes.clear();
    if (board.day.pieces.empty()) return;
    auto plan = solve(board.day, effort, placedAs(board.day, before));
    board.drawn = plan ? plan->at : before.empty() ? earliest(board.day) : placedAs(board.day, before);
    if (!plan) {
        for (std::size_t i = 0; i < board.drawn.size(); ++i)
            if (const auto& start = board.day.pieces[i].fixed) {
                board.drawn[i].end += *start - board.drawn[i].start;
                board.drawn[i].start = *start;
            }
        board.none = plan.error();
        if (*board.none == NoPlan::Clashes) board.clashes = clashesOfFixed(board.day);
        return;
    }
    board.moved = moves(board.day, *plan, before);
    board.clashes = clashesOfTimes(board.day, *plan);
    board.plan = std::move(*plan);
}

} // namespace arbor::day
