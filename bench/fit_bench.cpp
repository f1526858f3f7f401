// Scatter of one seat: interference, pressure and clearance left, as dense as 200,000 drawn samples would give it.
#include "core/fit/bearing_fit.h"

#include "support/shop.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

fit::BearingFitInput oneSeat() {
    const auto& lib = arbor::testing::demoLibrary();
    fit::BearingFitInput in;
    in.bearing = *catalog::findBearing(lib.bearings, "6206");
    in.ring = lib.materials.at("bearing_steel");
    in.outside = {fit::Spread::ofLimits({-0.013, 0}), 0.0016};
    in.bore = {fit::Spread::ofLimits({-0.010, 0}), 0.0016};
    in.clearance_mm = {0.013, 0.028};
    in.housing = {lib.materials.at("grey_cast_iron"), 100, {fit::Spread::ofLimits({-0.039, -0.009}), 0.004}, 20};
    in.friction = {0.08, 0.13};
    in.engagedLength_mm = 14;
    return in;
}

void scatterOfOneSeat(benchmark::State& state) {
    const auto in = oneSeat();
    for (auto _ : state)
        benchmark::DoNotOptimize(fit::bearingFit(in));
}
BENCHMARK(scatterOfOneSeat)->Unit(benchmark::kMillisecond);

void scatterOfTwoSeats(benchmark::State& state) {
    auto in = oneSeat();
    in.shaft = fit::ShaftMember{arbor::testing::demoLibrary().materials.at("carbon_steel"),
                                0,
                                {fit::Spread::ofLimits({0.002, 0.011}), 0.004},
                                20};
    for (auto _ : state)
        benchmark::DoNotOptimize(fit::bearingFit(in));
}
BENCHMARK(scatterOfTwoSeats)->Unit(benchmark::kMillisecond);

void planOfTheDemoJob(benchmark::State& state) {
    const auto job = arbor::testing::demoJob("seamer-turret-upper");
    const auto& lib = arbor::testing::demoLibrary();
    for (auto _ : state)
        benchmark::DoNotOptimize(plan::planJob(job, lib, std::nullopt));
}
BENCHMARK(planOfTheDemoJob)->Unit(benchmark::kMillisecond);

} // namespace
