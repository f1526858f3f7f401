// Choosing tools from a rack of 5,000 pieces.
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"

#include "support/shop.h"

#include <benchmark/benchmark.h>
#include <random>

using namespace arbor;

namespace {

catalog::Rack largeRack(std::size_t pieces) {
    catalog::Rack rack;
    rack.presses = arbor::testing::demoTables().rack.presses;
    std::mt19937 random(20261124);
    std::uniform_real_distribution<double> outside(20, 180), wall(2, 12), length(15, 160);
    const catalog::ToolKind kinds[] = {
        catalog::ToolKind::Sleeve,  catalog::ToolKind::Sleeve,  catalog::ToolKind::Disc,
        catalog::ToolKind::Support, catalog::ToolKind::Spacer,  catalog::ToolKind::Receiver,
        catalog::ToolKind::Sleeve,  catalog::ToolKind::Adapter, catalog::ToolKind::Plate};
    for (std::size_t i = 0; i < pieces; ++i) {
        catalog::Tool tool;
        tool.id = "T" + std::to_string(i);
        tool.kind = kinds[i % std::size(kinds)];
        tool.outsideDia_mm = outside(random);
        const bool solid = tool.kind == catalog::ToolKind::Disc || tool.kind == catalog::ToolKind::Spacer ||
                           tool.kind == catalog::ToolKind::Plate;
        tool.boreDia_mm = solid ? 0 : tool.outsideDia_mm - 2 * wall(random);
        tool.length_mm = length(random);
        rack.tools.push_back(tool);
    }
    return rack;
}

void chooseFromARackOf(benchmark::State& state) {
    const auto rack = largeRack(static_cast<std::size_t>(state.range(0)));
    const auto task = arbor::testing::demoTask();
    for (auto _ : state)
        benchmark::DoNotOptimize(tooling::chooseTools(task, rack, {&rack.presses.front()}, {3000, 4000, 33000, true}));
}
/// The hub through an inner ring: every sleeve may also stand under it, on a plate.
void chooseForAHubFromARackOf(benchmark::State& state) {
    const auto rack = largeRack(static_cast<std::size_t>(state.range(0)));
    const auto job = arbor::testing::demoJob("seamer-turret-upper");
    const auto plan = plan::planJob(job, arbor::testing::demoTables());
    const auto steps = plan::workSteps({job, arbor::testing::demoTables(), plan.strip, *plan.fits, plan.press});
    for (auto _ : state)
        benchmark::DoNotOptimize(
            tooling::chooseTools(steps.back().tasks.front(), rack, {&rack.presses.front()}, steps.back().load));
}
BENCHMARK(chooseForAHubFromARackOf)->Arg(60)->Arg(5000)->Unit(benchmark::kMillisecond);

BENCHMARK(chooseFromARackOf)->Arg(60)->Arg(5000)->Unit(benchmark::kMillisecond);

} // namespace
