// Heat through time, and reading a long trace.
#include "core/plan/plan_job.h"
#include "core/trace/analysis.h"
#include "core/trace/kept_trace.h"

#include "support/shop.h"
#include "support/simulated.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

/// Tightest, likely and loosest parts, apart and together, until all is back at the room's temperature.
void followWarmingToTheEnd(benchmark::State& state) {
    const auto job = arbor::testing::demoJob("conveyor-tail-drum");
    const auto plan = plan::planJob(job, arbor::testing::demoTables());
    for (auto _ : state)
        benchmark::DoNotOptimize(plan::followHeat(*plan.heat(), 30));
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

/// One sample of a transducer that has stood for so many seconds: the same after a minute as after a day.
void takeASampleAfter(benchmark::State& state) {
    trace::KeptTrace kept;
    double t = 0;
    for (int i = 0; i < 20'000; ++i)
        kept.take({t += 0.001, 0.002 * i, 0.2 * i});
    const double stood_s = static_cast<double>(state.range(0));
    for (double s = 0; s < stood_s; s += 0.05)
        kept.take({t += 0.05, 40, 4000});
    for (auto _ : state)
        benchmark::DoNotOptimize(kept.take({t += 0.001, 40, 4000}));
    state.counters["kept"] = static_cast<double>(kept.samples().size());
}
BENCHMARK(takeASampleAfter)->Arg(60)->Arg(86'400);

/// What ten looks a second cost then.
void lookAfter(benchmark::State& state) {
    const auto press = arbor::testing::simulate(sim::Fault::None, 7);
    trace::KeptTrace kept;
    for (const auto& s : press.trace)
        kept.take(s);
    auto last = press.trace.back();
    for (double s = 0; s < static_cast<double>(state.range(0)); s += 0.05) {
        last.t_s += 0.05;
        kept.take(last);
    }
    for (auto _ : state)
        benchmark::DoNotOptimize(trace::analyse(kept.samples(), press.expected));
}
BENCHMARK(lookAfter)->Arg(60)->Arg(86'400)->Unit(benchmark::kMillisecond);

} // namespace
