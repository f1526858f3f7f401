// Scatter of one seat: interference, pressure and clearance left, as close as a million draws give it (seat_fit_test).
#include "core/plan/plan_job.h"
#include "support/bearing_case.h"
#include "support/shop.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

void scatterOfOneSeat(benchmark::State& state) {
    const auto in = arbor::testing::ringInIron();
    for (auto _ : state)
        benchmark::DoNotOptimize(arbor::testing::answer(in));
}
BENCHMARK(scatterOfOneSeat)->Unit(benchmark::kMillisecond);

void scatterOfTwoSeats(benchmark::State& state) {
    const auto in = arbor::testing::onShaft(arbor::testing::ringInIron(), {0.002, 0.011});
    for (auto _ : state)
        benchmark::DoNotOptimize(arbor::testing::answer(in));
}
BENCHMARK(scatterOfTwoSeats)->Unit(benchmark::kMillisecond);

void planOfTheDemoJob(benchmark::State& state) {
    const auto job = arbor::testing::demoJob("seamer-turret-upper");
    const auto& lib = arbor::testing::demoTables();
    for (auto _ : state)
        benchmark::DoNotOptimize(plan::planJob(job, lib));
}
BENCHMARK(planOfTheDemoJob)->Unit(benchmark::kMillisecond);

} // namespace
