// Plants mistakes in made-up jobs and counts those that the program names: make mistakes.
#include "io/arrangement_file.h"
#include "io/job_file.h"
#include "io/shipped_data.h"
#include "io/table_files.h"
#include "mistakes/bench.h"

#include <CLI/CLI.hpp>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <fmt/format.h>
#include <thread>

using namespace arbor;
using namespace arbor::mistakes;

namespace {

std::string percent(const Interval& share) {
    return fmt::format("{:.2f} to {:.2f} %", 100 * share.lower, 100 * share.upper);
}

void printFamilies(const Score& score) {
    fmt::print("{:<28}{:>8}{:>8}{:>10}   95 % bounds\n", "family", "planted", "caught", "too small");
    for (const auto& family : families()) {
        const auto at = score.families.find(family.key);
        const auto tally = at == score.families.end() ? Tally{} : at->second;
        fmt::print("{:<28}{:>8}{:>8}{:>10}   {}\n", family.key, tally.planted, tally.caught, tally.beyond,
                   tally.planted > 0 ? percent(boundsOf(tally.caught, tally.planted)) : "none");
    }
}

void printRates(const Score& score) {
    const auto all = score.all();
    if (all.planted > 0)
        fmt::print("caught         {} of {}: {:.3f} %, {}\n", all.caught, all.planted, 100.0 * all.caught / all.planted,
                   percent(boundsOf(all.caught, all.planted)));
    if (score.clean == 0) return;
    const auto rate = [&](const char* what, int count) {
        fmt::print("{:<15}{} in {} clean jobs: {:.3f} %, {}\n", what, count, score.clean, 100.0 * count / score.clean,
                   percent(boundsOf(std::min(count, score.clean), score.clean)));
    };
    rate("false stops", score.falseStops);
    rate("false checks", score.falseChecks);
}

void printMisses(const char* title, const std::vector<Miss>& list, int most) {
    if (list.empty()) return;
    fmt::print("\n{}:\n", title);
    for (const auto& miss : list)
        if (most-- > 0) fmt::print("  --seed {} --from {} --jobs 1  shape {}  {}: {}\n", miss.seed, miss.job, miss.shape, miss.what, miss.text);
}

/// The job as the program was told of it, to be opened by hand.
bool keep(const World& world, const std::string& folder) {
    auto job = world.job;
    int number = 0;
    for (const auto& [step, trace] : world.traces) {
        const auto file = "trace-" + std::to_string(++number) + ".csv";
        std::ofstream out(folder + "/" + file);
        out << "t_s,travel_mm,force_N\n";
        for (const auto& s : trace)
            out << fmt::format("{},{},{}\n", s.t_s, s.travel_mm, s.force_N);
        if (!out.flush()) return false;
        job::changeStep(job, step, [&](job::StepRecord& r) { r.traceFile = file; });
    }
    return io::saveJob(folder + "/job.arbor.json", {job}) && io::saveTools(folder, world.rack->tools);
}

} // namespace

int main(int argc, char** argv) {
    Run wanted;
    std::string shop = "demo";
    int workers = static_cast<int>(std::max(1U, std::thread::hardware_concurrency())), shown = 20;
    CLI::App app{"Plants mistakes in made-up jobs and counts those that are named."};
    app.add_option("--shop", shop, "whose rack and presses are there")->capture_default_str();
    app.add_option("--seed", wanted.seed)->capture_default_str();
    app.add_option("--jobs", wanted.jobs)->capture_default_str();
    app.add_option("--from", wanted.first, "number of the first job")->capture_default_str();
    app.add_option("--family", wanted.family, "this one alone");
    app.add_option("--workers", workers)->capture_default_str();
    app.add_option("--shown", shown, "how many misses are listed")->capture_default_str();
    std::string folder;
    app.add_option("--keep", folder, "a folder that is given the job and the rack of each miss");
    CLI11_PARSE(app, argc, argv);
    if (!wanted.family.empty() && !findFamily(wanted.family)) {
        fmt::print(stderr, "--family {}: not known\n", wanted.family);
        return 2;
    }
    io::useShippedData();
    const auto tables = io::loadShopTables(shop);
    if (!tables) {
        fmt::print(stderr, "{}: {}\n", shop, tables.error().field);
        return 2;
    }
    std::vector<arrangement::Arrangement> shapes;
    for (const auto& shape : io::shippedTemplates())
        if (shape.arrangement) shapes.push_back(*shape.arrangement);
    if (!folder.empty())
        wanted.keep = [&](const Miss& miss, const World& world) {
            auto name = folder + "/" + std::to_string(miss.seed) + "-" + std::to_string(miss.job) + "-" + miss.what;
            std::replace(name.begin() + static_cast<long>(folder.size()), name.end(), ' ', '_');
            std::filesystem::create_directories(name);
            if (!keep(world, name)) fmt::print(stderr, "{}: cannot be written\n", name);
        };
    const auto begun = std::chrono::steady_clock::now();
    const auto score = run(wanted, shapes, *tables, std::max(1, workers));
    const std::chrono::duration<double> took = std::chrono::steady_clock::now() - begun;
    fmt::print("seed {}, {} jobs, {:.0f} s\n\n", wanted.seed, score.jobs, took.count());
    printFamilies(score);
    fmt::print("\n");
    printRates(score);
    printMisses("missed", score.misses, shown);
    printMisses("said without cause", score.falseAlarms, shown);
    return 0;
}
