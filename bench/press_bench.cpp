// Heat through time, and reading a long trace.
#include "core/plan/plan.h"
#include "core/trace/analysis.h"

#include "support/shop.h"
#include "support/simulated.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

/// Tightest, likely and loosest parts, apart and together, until all is back at the room's temperature.
void followWarmingToTheEnd(benchmark::State& state) {
    const auto job = arbor::testing::demoJob("conveyor-tail-drum");
    const auto plan = plan::planJob(job, arbor::testing::demoLibrary(), std::nullopt);
    for (auto _ : state)
        benchmark::DoNotOptimize(plan::followHeat(*plan.heat, 30));
}
BENCHMARK(followWarmingToTheEnd)->Unit(benchmark::kMillisecond);

void readATraceOf(benchmark::State& state) {
    const auto press = arbor::testing::simulate(sim::Fault::None, 7);
    trace::Trace dense;
    const auto wanted = static_cast<std::size_t>(state.range(0));
    for (std::size_t i = 0; i < wanted; ++i)
        dense.push_back(press.trace[i * press.trace.size() / wanted]);
    for (auto _ : state)
        benchmark::DoNotOptimize(trace::analyse(dense, press.expected));
}
BENCHMARK(readATraceOf)->Arg(1000)->Arg(100000)->Unit(benchmark::kMillisecond);

} // namespace
