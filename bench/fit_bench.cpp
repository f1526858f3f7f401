// Scatter of one seat: interference, pressure and clearance left, as close as a million draws give it (seat_fit_test).
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"
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

/// The conveyor's tail drum with eighteen loose covers round it: thirty parts.
job::Job jobOfThirtyParts() {
    auto job = arbor::testing::demoJob("conveyor-tail-drum");
    auto& parts = job.arrangement.assembly.parts;
    double outside = 0;
    for (const auto& part : parts)
        for (const auto& body : part.bodies)
            outside = std::max(outside, body.outsideDia());
    while (parts.size() < 30) {
        const auto n = static_cast<double>(parts.size());
        arrangement::Part cover{"cover" + std::to_string(parts.size()),
                                {{"",
                                  section::BodyKind::Housing,
                                  section::Hatch::Steel,
                                  {section::Slice::tube(6 * n, 6 * n + 5, outside / 2 + 1, outside / 2 + 4)}}}};
        cover.kind = arrangement::PartKind::Shield;
        parts.push_back(std::move(cover));
    }
    return job;
}

/// A lubricant is changed: what does not depend on it is kept, as the window does.
void editOfThirtyParts(benchmark::State& state) {
    auto job = jobOfThirtyParts();
    plan::Asked asked;
    asked.memory = std::make_shared<plan::ToolMemory>();
    if (!plan::planJob(job, arbor::testing::demoTables(), asked).problems.empty()) state.SkipWithError("a faulty job");
    for (auto _ : state) {
        job.lubricant =
            job.lubricant == catalog::Lubricant::Dry ? catalog::Lubricant::LightOil : catalog::Lubricant::Dry;
        benchmark::DoNotOptimize(plan::planJob(job, arbor::testing::demoTables(), asked));
    }
}
BENCHMARK(editOfThirtyParts)->Unit(benchmark::kMillisecond);

/// Every step with its tools, and every seat's heat followed to the end.
void wholePlanOfThirtyParts(benchmark::State& state) {
    const auto job = jobOfThirtyParts();
    for (auto _ : state) {
        const auto plan = plan::planJob(job, arbor::testing::demoTables(), {{}, {}, true, {}});
        for (const auto& heat : plan.heats)
            if (heat) benchmark::DoNotOptimize(plan::followHeat(*heat, 30));
    }
}
BENCHMARK(wholePlanOfThirtyParts)->Unit(benchmark::kMillisecond);

} // namespace
