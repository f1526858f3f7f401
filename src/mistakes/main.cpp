// Plants mistakes in made-up jobs and counts those that the program names: make mistakes.
#include "io/arrangement_file.h"
#include "io/job_file.h"
#include "io/shipped_data.h"
#include "io/shop_tables.h"
#include "mistakes/bench.h"
#include "words/sentences.h"

#include <CLI/CLI.hpp>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <ctime>
#include <filesystem>
#include <fmt/chrono.h>
#include <fmt/format.h>
#include <fstream>
#include <thread>

using namespace arbor;
using namespace arbor::mistakes;

namespace {

struct Seeded {
    std::uint32_t seed = 0;
    double took_s = 0;
    Score score;
};

std::string percent(const Interval& share) {
    return fmt::format("{:.2f} to {:.2f} %", 100 * share.lower, 100 * share.upper);
}

/// The counts of several runs together.
Score sumOf(const std::vector<Seeded>& runs) {
    Score out;
    for (const auto& run : runs)
        out.add(run.score);
    return out;
}

std::string rates(const Score& score) {
    std::string out;
    const auto all = score.all();
    const auto line = [&](const char* what, int count, int of) {
        if (of > 0)
            out += fmt::format("| {} | {} of {} | {:.3f} % | {} |\n", what, count, of, 100.0 * count / of,
                               percent(boundsOf(std::min(count, of), of)));
    };
    line("mistakes named, with the right reason and part", all.caught, all.planted);
    line("false stops, by clean jobs", score.falseStops, score.clean);
    line("false checks, by clean jobs", score.falseChecks, score.clean);
    return "| | count | rate | 95 % bounds |\n|---|---|---|---|\n" + out;
}

std::string table(const Score& score) {
    std::string out = "| family | planted | named | 95 % bounds | too small for anybody |\n|---|---|---|---|---|\n";
    for (const auto& family : families()) {
        const auto at = score.families.find(family.key);
        const auto tally = at == score.families.end() ? Tally{} : at->second;
        out += fmt::format("| {} | {} | {} | {} | {} |\n", family.name().text(), tally.planted, tally.caught,
                           tally.planted > 0 ? percent(boundsOf(tally.caught, tally.planted)) : "none", tally.beyond);
    }
    return out;
}

/// What came of it, as it is kept in docs/mistakes.md.
std::string report(const std::vector<Seeded>& runs) {
    const std::time_t now = std::time(nullptr);
    auto out =
        fmt::format("# Mistakes that are named\n\nMade by `make mistakes` on {:%Y-%m-%d}; what is planted, and how "
                    "it is judged, stands in decisions/2026-11-29-mistakes.md.\n\n",
                    *std::gmtime(&now));
    for (const auto& run : runs)
        out += fmt::format("## Seed {}, {} jobs, {:.0f} s\n\n{}\n", run.seed, run.score.jobs, run.took_s,
                           rates(run.score));
    return out + "## By family, all of them\n\n" + table(sumOf(runs));
}

void printMisses(const char* title, const std::vector<Miss>& list, int most) {
    if (list.empty()) return;
    fmt::print("\n{}:\n", title);
    for (const auto& miss : list)
        if (most-- > 0)
            fmt::print("  --seed {} --from {} --jobs 1  shape {}  {}: {}\n", miss.seed, miss.job, miss.shape, miss.what,
                       miss.text);
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
    tables::Tables shop;
    shop.rack = *world.rack;
    return io::saveJob(folder + "/job.arbor.json", {job}) && io::saveList(folder, io::ShopList::Rack, shop);
}

} // namespace

int main(int argc, char** argv) {
    Trial wanted;
    std::string shop = "demo";
    int workers = static_cast<int>(std::max(1U, std::thread::hardware_concurrency())), shown = 20;
    CLI::App app{"Plants mistakes in made-up jobs and counts those that are named."};
    app.add_option("--shop", shop, "whose rack and presses are there")->capture_default_str();
    std::vector<std::uint32_t> seeds = {1};
    std::string file;
    app.add_option("--seed", seeds, "one run for each")->capture_default_str();
    app.add_option("--score", file, "where the score is kept");
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
    if (!std::filesystem::is_directory(shop)) {
        fmt::print(stderr, "--shop {}: there is no such folder\n", shop);
        return 2;
    }
    io::useShippedData();
    const auto tables = io::loadShopTables(shop);
    if (!tables) {
        fmt::print(stderr, "{}: {}\n", shop, words::say(tables.error()));
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
    std::vector<Seeded> runs;
    for (const auto seed : seeds) {
        wanted.seed = seed;
        const auto begun = std::chrono::steady_clock::now();
        auto score = run(wanted, shapes, *tables, std::max(1, workers));
        const std::chrono::duration<double> took = std::chrono::steady_clock::now() - begun;
        runs.push_back({seed, took.count(), std::move(score)});
        if (!file.empty() && !(std::ofstream(file) << report(runs)).flush()) {
            fmt::print(stderr, "{}: cannot be written\n", file);
            return 2;
        }
    }
    fmt::print("{}", report(runs));
    const auto all = sumOf(runs);
    printMisses("missed", all.misses, shown);
    printMisses("said without cause", all.falseAlarms, shown);
    return 0;
}
