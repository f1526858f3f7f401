// Order of work of an arrangement of 30 parts, half of them on each side of a shoulder.
#include "core/route/order.h"

#include <benchmark/benchmark.h>

using namespace arbor;

namespace {

section::Body tube(double zBottom, double zTop, double bore, double outside) {
    return {"",
            section::BodyKind::Housing,
            section::Hatch::Steel,
            {section::Slice::tube(zBottom, zTop, bore / 2, outside / 2)}};
}

arrangement::Assembly stackOf(int parts) {
    const double half = 10.0 * parts;
    arrangement::Assembly a{
        {{"housing", {tube(0, half, 100, 130), tube(half, half + 10, 60, 130), tube(half + 10, 2 * half, 100, 130)}}}};
    for (int i = 1; i < parts; ++i) {
        const double z = i % 2 ? half + 10 + 5.0 * i : half - 5.0 * i - 8;
        // A bearing-like part: two rings with a row between them.
        a.parts.push_back(
            {"p" + std::to_string(i), {tube(z, z + 8, 40, 55), tube(z, z + 8, 80, 100), tube(z + 2, z + 6, 55, 80)}});
    }
    return a;
}

void orderOfThirtyParts(benchmark::State& state) {
    const auto assembly = stackOf(30);
    if (!arrangement::validate(assembly)) state.SkipWithError("the stack overlaps");
    for (auto _ : state)
        benchmark::DoNotOptimize(route::takeApart(assembly));
}
BENCHMARK(orderOfThirtyParts)->Unit(benchmark::kMillisecond);

} // namespace
