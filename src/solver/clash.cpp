#include "solver/clash.h"

#include <algorithm>
#include <map>

namespace arbor::day {

namespace {

constexpr Effort kEffort{.seconds = 0.1};

/// Those jobs alone, with the press and the oven to themselves.
Day only(const Day& day, const std::vector<std::string>& jobs) {
    Day out = day;
    out.pieces.clear();
    std::map<std::size_t, std::size_t> now;
    const auto kept = [&](const std::string& job) { return std::find(jobs.begin(), jobs.end(), job) != jobs.end(); };
    for (std::size_t i = 0; i < day.pieces.size(); ++i)
        if (kept(day.pieces[i].key.job)) {
            now[i] = out.pieces.size();
            out.pieces.push_back(day.pieces[i]);
        }
    for (auto& piece : out.pieces) {
        if (piece.isSoak()) piece.into = now[piece.into];
        for (auto& after : piece.after)
            after.piece = now[after.piece];
    }
    std::erase_if(out.jobs, [&](const Wanted& wanted) { return !kept(wanted.job); });
    return out;
}

/// All of it, with these starts fixed alone.
Day fixedOnly(const Day& day, const std::vector<std::size_t>& pieces) {
    Day out = day;
    for (std::size_t i = 0; i < out.pieces.size(); ++i)
        if (std::find(pieces.begin(), pieces.end(), i) == pieces.end()) out.pieces[i].fixed.reset();
    return out;
}

bool cannotBe(const Day& day, const std::vector<std::string>& inTime = {}) {
    return canBe(day, inTime, kEffort) == std::optional(false);
}

} // namespace

std::vector<Clash> clashesOfFixed(const Day& day) {
    std::vector<Clash> out;
    std::vector<std::size_t> fixed;
    for (std::size_t i = 0; i < day.pieces.size(); ++i) {
        if (!day.pieces[i].fixed) continue;
        if (cannotBe(fixedOnly(day, {i})))
            out.push_back({{day.pieces[i].key.job, i}, {}});
        else
            fixed.push_back(i);
    }
    for (std::size_t a = 0; a < fixed.size(); ++a)
        for (std::size_t b = a + 1; b < fixed.size(); ++b)
            if (cannotBe(fixedOnly(day, {fixed[a], fixed[b]})))
                out.push_back(
                    {{day.pieces[fixed[a]].key.job, fixed[a]}, Demand{day.pieces[fixed[b]].key.job, fixed[b]}});
    return out;
}

std::vector<Clash> clashesOfTimes(const Day& day, const DayPlan& plan) {
    std::vector<Clash> out;
    for (const auto& late : day.jobs) {
        if (!late.by || endOf(day, plan.at, late.job) <= *late.by) continue;
        if (cannotBe(only(day, {late.job}), {late.job})) {
            out.push_back({{late.job, {}}, {}});
            continue;
        }
        const auto with = std::find_if(day.jobs.begin(), day.jobs.end(), [&](const Wanted& other) {
            return other.by && other.job != late.job &&
                   cannotBe(only(day, {late.job, other.job}), {late.job, other.job});
        });
        const bool told = with != day.jobs.end() && std::any_of(out.begin(), out.end(), [&](const Clash& c) {
                              return c.one.job == with->job && c.other && c.other->job == late.job;
                          });
        if (with != day.jobs.end() && !told) out.push_back({{late.job, {}}, Demand{with->job, {}}});
    }
    return out;
}

} // namespace arbor::day
