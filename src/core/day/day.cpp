#include "core/day/day.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace arbor::day {

Hours Day::open() const {
    if (people.empty()) return {};
    Hours out = people.front().hours;
    for (const auto& person : people)
        out = {std::min(out.from, person.hours.from), std::max(out.until, person.hours.until)};
    return out;
}

double DayPlan::gap() const {
    return bound > 0 ? static_cast<double>(cost - bound) / static_cast<double>(bound) : 0;
}

Minute endOf(const Day& day, const std::vector<Placed>& at, const std::string& job) {
    Minute end = day.now;
    for (std::size_t i = 0; i < at.size(); ++i)
        if (day.pieces[i].key.job == job) end = std::max(end, at[i].end);
    return end;
}

int weightOf(int rank) {
    static constexpr int kWeights[kRanks] = {4, 2, 1};
    return kWeights[std::clamp(rank, 1, kRanks) - 1];
}

std::int64_t costOf(const Day& day, const std::vector<Placed>& at) {
    std::int64_t cost = 0;
    for (const auto& job : day.jobs)
        cost += costAt(day, job, endOf(day, at, job.job));
    return cost;
}

std::int64_t costAt(const Day& day, const Wanted& job, Minute end) {
    const auto late = std::max(0, job.by ? end - *job.by : 0);
    return static_cast<std::int64_t>(weightOf(job.rank)) * (end - day.now + kLateness * late);
}

std::vector<Hours> hoursOf(const Day& day, const Hours& daily, Minute horizon) {
    constexpr int kWeek = 7, kSunday = 0, kSaturday = 6;
    std::vector<Hours> out;
    for (int d = 0; d * kDay < horizon; ++d) {
        const int weekday = (day.weekday + d) % kWeek;
        if (d > 0 && (weekday == kSunday || weekday == kSaturday)) continue;
        out.push_back({d * kDay + daily.from, d * kDay + daily.until});
    }
    return out;
}

/// As if everything were done one after the other, by whoever works least, and a weekend over.
Minute horizonOf(const Day& day) {
    Minute shortest = kDay, work = 0;
    for (const auto& person : day.people)
        shortest = std::min(shortest, person.hours.until - person.hours.from);
    for (const auto& piece : day.pieces) {
        work += piece.lasts;
        for (const auto& after : piece.after)
            work += after.wait;
    }
    const int days = 2 + 2 * work / std::max(60, shortest);
    return (days + 2 * (1 + days / 5)) * kDay;
}

std::vector<double> settingsOf(const Day& day) {
    std::map<std::string, std::vector<std::size_t>> soaks;
    for (std::size_t i = 0; i < day.pieces.size(); ++i)
        if (day.pieces[i].isSoak()) soaks[day.pieces[i].source].push_back(i);
    std::vector<double> out(day.pieces.size());
    for (auto& [source, all] : soaks) {
        // The fewest points that stab all intervals: each at the least upper end that is left.
        std::sort(all.begin(), all.end(), [&](std::size_t a, std::size_t b) {
            return day.pieces[a].setting_C.upper < day.pieces[b].setting_C.upper;
        });
        std::vector<std::size_t> left = all;
        while (!left.empty()) {
            const double point = day.pieces[left.front()].setting_C.upper;
            const auto suits = [&](std::size_t i) { return day.pieces[i].setting_C.lower <= point; };
            double setting = day.pieces[left.front()].setting_C.lower;
            for (const auto i : left)
                if (suits(i)) setting = std::max(setting, day.pieces[i].setting_C.lower);
            for (const auto i : left)
                if (suits(i)) out[i] = setting;
            std::erase_if(left, suits);
        }
    }
    return out;
}

namespace {

/// Soaks of one source that overlap, one way or another: they have one temperature.
struct Batch {
    std::vector<std::size_t> soaks;
    Minute start = 0, end = 0;
    double setting_C = 0;
    double asked_C = 0; ///< at least, by all of them
};

std::vector<Batch> batchesOf(const Day& day, const std::vector<Placed>& at, const std::string& source) {
    std::vector<std::size_t> soaks;
    for (std::size_t i = 0; i < at.size(); ++i)
        if (day.pieces[i].source == source) soaks.push_back(i);
    std::sort(soaks.begin(), soaks.end(), [&](auto a, auto b) { return at[a].start < at[b].start; });
    std::vector<Batch> out;
    for (const auto i : soaks) {
        const double asked = day.pieces[i].setting_C.lower;
        if (out.empty() || at[i].start >= out.back().end)
            out.push_back({{}, at[i].start, at[i].end, at[i].setting_C, asked});
        out.back().soaks.push_back(i);
        out.back().end = std::max(out.back().end, at[i].end);
        out.back().asked_C = std::max(out.back().asked_C, asked);
    }
    return out;
}

} // namespace

void settle(const Day& day, std::vector<Placed>& at) {
    for (const auto& source : day.sources) {
        auto batches = batchesOf(day, at, source.id);
        for (std::size_t b = 0; b < batches.size(); ++b) {
            const auto fits = [&](const Batch& one, const Batch& other, double setting_C) {
                return other.start - one.end >= (&one == &batches[b] ? changeOf(source, setting_C, other.setting_C)
                                                                     : changeOf(source, one.setting_C, setting_C));
            };
            const double asked = batches[b].asked_C;
            const bool after = b == 0 || fits(batches[b - 1], batches[b], asked);
            const bool before = b + 1 == batches.size() || fits(batches[b], batches[b + 1], asked);
            if (after && before) batches[b].setting_C = asked;
            for (const auto i : batches[b].soaks)
                at[i].setting_C = batches[b].setting_C;
        }
    }
}

Minute changeOf(const Source& source, double from_C, double to_C) {
    return static_cast<Minute>(std::ceil(std::abs(to_C - from_C) / std::max(source.change_K_min, 0.1)));
}

} // namespace arbor::day
