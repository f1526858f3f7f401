#include "core/day/moved.h"

#include "core/day/bound.h"

#include <algorithm>
#include <cstdlib>
#include <set>

namespace arbor::day {

KeptPlan kept(const Day& day, const DayPlan& plan) {
    KeptPlan out;
    for (std::size_t i = 0; i < plan.at.size(); ++i)
        out[day.pieces[i].key] = {plan.at[i].start, plan.at[i].end};
    return out;
}

std::vector<Placed> placedAs(const Day& day, const KeptPlan& before) {
    if (before.empty()) return {};
    auto out = earliest(day);
    for (std::size_t i = 0; i < out.size(); ++i)
        if (const auto at = before.find(day.pieces[i].key); at != before.end()) {
            out[i].start = at->second.start;
            out[i].end = at->second.end;
        }
    return out;
}

std::vector<Move> moves(const Day& day, const DayPlan& plan, const KeptPlan& before) {
    constexpr Minute kNoMove = 2;
    std::vector<Move> causes, moved;
    for (std::size_t i = 0; i < plan.at.size(); ++i) {
        const auto& piece = day.pieces[i];
        const auto& at = plan.at[i];
        const auto was = before.find(piece.key);
        if (was == before.end()) {
            if (!before.empty() && !piece.began) moved.push_back({Move::Kind::Added, i, at.start, at.start});
        } else if (piece.began && at.end > was->second.end + kNoMove && !piece.isSoak()) {
            causes.push_back({Move::Kind::TookLonger, i, was->second.end, at.end});
        } else if (!piece.began && std::abs(at.start - was->second.start) > kNoMove) {
            moved.push_back({Move::Kind::Moved, i, was->second.start, at.start});
        }
    }
    std::sort(moved.begin(), moved.end(), [](const Move& a, const Move& b) { return a.is < b.is; });
    std::set<std::string> told; // the rest of a job goes with its first
    std::erase_if(moved, [&](const Move& m) { return !told.insert(day.pieces[m.piece].key.job).second; });
    causes.insert(causes.end(), moved.begin(), moved.end());
    return causes;
}

} // namespace arbor::day
