// Force path and collision check of one setup.
#include "core/force/path.h"
#include "core/tooling/setup.h"

#include "support/shop.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

tooling::SetupChoice choice() {
    const auto& rack = arbor::testing::demoTables().rack;
    return {rack.press("P30"), rack.tool("S14"), {rack.tool("X09")}, rack.tool("R05"), 1};
}

void forcePathOfOneSetup(benchmark::State& state) {
    const auto setup = tooling::buildSetup(arbor::testing::demoTask(), choice(), 20);
    for (auto _ : state)
        benchmark::DoNotOptimize(force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed));
}
BENCHMARK(forcePathOfOneSetup)->Unit(benchmark::kMillisecond);

void pathAndCollisionsOfOneSetup(benchmark::State& state) {
    const auto task = arbor::testing::demoTask();
    for (auto _ : state)
        benchmark::DoNotOptimize(tooling::proveSetup(task, choice(), {3000, 4000, 33000, true}));
}
BENCHMARK(pathAndCollisionsOfOneSetup)->Unit(benchmark::kMillisecond);

} // namespace
