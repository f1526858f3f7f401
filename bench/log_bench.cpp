// Searching and counting fifty thousand presses.
#include "log/logbook.h"

#include <QTemporaryDir>
#include <benchmark/benchmark.h>
#include <cstdlib>

using namespace arbor;

namespace {

constexpr int kPresses = 50'000;

/// Filled once; the folder goes with the program.
log::Logbook& filled() {
    static const QTemporaryDir folder;
    static const auto book = [] {
        auto opened = log::Logbook::open("sqlite:" + folder.filePath("logbook.sqlite")).value();
        std::vector<log::Entry> all(kPresses);
        for (int i = 0; i < kPresses; ++i) {
            auto& e = all[static_cast<std::size_t>(i)];
            e.id = std::to_string(i);
            e.title = "Position " + std::to_string(i % 300);
            e.bearing = std::to_string(6200 + i % 20);
            e.family = i % 3 ? "deep_groove_ball" : "taper_roller";
            e.shape = std::string(1, static_cast<char>('A' + i % 10));
            e.position = "line " + std::to_string(i % 40);
            e.when = "20" + std::to_string(10 + i % 16) + "-05-17T10:00:00";
            e.notes = i % 500 ? "went in straight" : "chip under the ring";
            e.tools = "P30 R05 S" + std::to_string(10 + i % 40);
            e.verdict = i % 9 ? "home_and_square" : "tilted";
            e.expected_N = 1000.0;
            e.peak_N = 800.0 + i % 400;
            e.minutes = 30.0 + i % 50;
            e.document = std::string(4000, 'x');
        }
        if (!opened->write(all)) std::abort();
        return opened;
    }();
    return *book;
}

void findByWords(benchmark::State& state) {
    log::Query q;
    q.text = "chip ring";
    filled(); // before the clock runs
    for (auto _ : state)
        benchmark::DoNotOptimize(filled().find(q).value().size());
}
BENCHMARK(findByWords)->Unit(benchmark::kMillisecond);

void findByCommonWord(benchmark::State& state) {
    log::Query q;
    q.text = "straight";
    filled();
    for (auto _ : state)
        benchmark::DoNotOptimize(filled().find(q).value().size());
}
BENCHMARK(findByCommonWord)->Unit(benchmark::kMillisecond);

void findByTool(benchmark::State& state) {
    log::Query q;
    q.tool = "S17";
    filled();
    for (auto _ : state)
        benchmark::DoNotOptimize(filled().find(q).value().size());
}
BENCHMARK(findByTool)->Unit(benchmark::kMillisecond);

void countEverything(benchmark::State& state) {
    filled();
    for (auto _ : state)
        benchmark::DoNotOptimize(filled().statistics().value().force.size());
}
BENCHMARK(countEverything)->Unit(benchmark::kMillisecond);

} // namespace
