// The plan of a day: 12 jobs with 60 pressed steps in one oven, one freezer, two presses and three pairs of hands. The
// search has its time, so that what is told is how good the plan is then; the first plan and the bound are timed.
#include "core/day/bound.h"
#include "solver/solve.h"

#include <benchmark/benchmark.h>
#include <random>

using namespace arbor;
using namespace arbor::day;

namespace {

std::size_t add(Day& day, const std::string& job, Work work, const std::string& step, Minute lasts,
                std::optional<After> after) {
    Piece piece;
    piece.key = {job, work, step};
    piece.lasts = lasts;
    if (after) piece.after.push_back(*after);
    day.pieces.push_back(piece);
    return day.pieces.size() - 1;
}

void addSoak(Day& day, std::size_t into, const char* source, Minute lasts, Interval setting_C, std::size_t after) {
    const auto key = day.pieces[into].key;
    auto& piece = day.pieces[add(day, key.job, source[0] == 'o' ? Work::SoakOuter : Work::SoakInner, key.step, lasts,
                                 After{after})];
    piece.byHand = false;
    piece.source = source;
    piece.into = into;
    piece.litres = 2;
    piece.setting_C = setting_C;
}

Day dayOf(int jobs, int steps) {
    constexpr Minute kSeven = 7 * 60;
    std::mt19937 chance(20261130);
    const auto from = [&](int least, int most) { return std::uniform_int_distribution(least, most)(chance); };
    Day day;
    day.now = kSeven;
    day.presses = {"P30", "P2"};
    day.sources = {{"oven", "oven", true, 4, 60, 4}, {"freezer", "freezer", false, 8, 90, 5}};
    day.people = {{"A"}, {"B"}, {"C", {8 * 60, 16 * 60 + 30}}};
    for (int j = 0; j < jobs; ++j) {
        const auto job = "J-" + std::to_string(j);
        day.jobs.push_back({job, from(0, 1) ? std::optional(kSeven + from(240, 1000)) : std::nullopt, from(1, 3)});
        auto last = add(day, job, Work::Strip, {}, from(5, 20), {});
        for (int k = 0; k < steps; ++k) {
            const auto step = "in:" + std::to_string(k);
            const auto in = add(day, job, Work::In, step, from(8, 12), After{last});
            day.pieces[in].press = day.presses[static_cast<std::size_t>(from(0, 1))];
            const bool warm = from(0, 1) > 0;
            if (warm) {
                const double least = from(80, 120);
                addSoak(day, in, "oven", from(20, 80), {least, least + from(20, 80)}, last);
                addSoak(day, in, "freezer", from(20, 60), {-18, -18}, last);
            }
            last = add(day, job, Work::Prove, step, 4, After{in, warm ? 40 : 0});
        }
    }
    return day;
}

void planOfTwelveJobs(benchmark::State& state) {
    const auto day = dayOf(12, 5);
    double gap = -1;
    for (auto _ : state) {
        const auto plan = solve(day);
        if (plan) gap = plan->gap();
    }
    state.counters["gap_percent"] = 100 * gap;
}

void firstPlanOfTwelveJobs(benchmark::State& state) {
    const auto day = dayOf(12, 5);
    for (auto _ : state)
        benchmark::DoNotOptimize(solve(day, {.seconds = 0.001}));
}

void boundOfTwelveJobs(benchmark::State& state) {
    const auto day = dayOf(12, 5);
    for (auto _ : state)
        benchmark::DoNotOptimize(lowerBound(day));
}

} // namespace

BENCHMARK(planOfTwelveJobs)->Iterations(1)->Unit(benchmark::kMillisecond);
BENCHMARK(firstPlanOfTwelveJobs)->Unit(benchmark::kMillisecond);
BENCHMARK(boundOfTwelveJobs)->Unit(benchmark::kMillisecond);
