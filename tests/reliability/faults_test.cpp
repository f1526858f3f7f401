// Every writer on a disk that fails, stutters or takes the program down at any of its calls: what was said to be safe
// is there, what was there before is whole, and what is refused is refused aloud.
#include "backup/backup.h"
#include "io/job_file.h"
#include "io/shop_tables.h"
#include "io/table_files.h"
#include "log/keeper.h"
#include "support/shop.h"

#include <QDir>
#include <QProcess>
#include <functional>
#include <gtest/gtest.h>
#include <map>

using namespace arbor;
using arbor::testing::TemporaryShop;

namespace {

QString q(const std::string& text) {
    return QString::fromStdString(text);
}

struct Run {
    std::vector<int> safe; ///< rounds said to be on the disk
    bool refused = false;
    bool killed = false;
};

/// How many calls are tried of each writer and fault; `make reliability` says more.
int callsTried(const std::string& writer) {
    const int window = 3; // it takes a second to start
    return std::max(writer == "window" ? window : 6, qEnvironmentVariableIntValue("ARBOR_FAULTS"));
}

/// So many that the last of those calls is made.
int rounds() {
    return std::max(4, qEnvironmentVariableIntValue("ARBOR_FAULTS") / 3);
}

Run write(const std::string& writer, const TemporaryShop& shop, const std::string& kind, int at) {
    QProcess process;
    auto environment = QProcessEnvironment::systemEnvironment();
    environment.insert("LD_PRELOAD", ARBOR_FAULTY_DISK);
    environment.insert("FAULT_FOLDER", q(shop.folder()));
    environment.insert("FAULT_KIND", q(kind));
    environment.insert("FAULT_AT", QString::number(at));
    environment.insert("QT_QPA_PLATFORM", "offscreen");
    process.setProcessEnvironment(environment);
    const QStringList asked{q(shop.folder()), QString::number(rounds())};
    if (writer == "window")
        process.start(ARBOR_WINDOW_WRITER, asked);
    else
        process.start(ARBOR_WRITER, QStringList(q(writer)) + asked);
    EXPECT_TRUE(process.waitForFinished(60'000));
    Run out;
    for (const auto& line : QString::fromUtf8(process.readAllStandardOutput()).split('\n', Qt::SkipEmptyParts)) {
        if (line.startsWith("safe")) out.safe.push_back(line.section(' ', 1).toInt());
        out.refused = out.refused || line.startsWith("refused");
    }
    out.killed = process.exitStatus() == QProcess::CrashExit;
    EXPECT_TRUE(out.killed ? kind == "KILL" : process.exitCode() != 3) << "it did not fall over by itself";
    return out;
}

int latest(const Run& run) {
    return run.safe.empty() ? 0 : run.safe.back();
}

/// Which round a text was written in; 0: none of them.
int roundIn(const std::string& text) {
    return q(text).toInt();
}

void jobIsThere(const TemporaryShop& shop, const Run& run) {
    const auto job = io::loadJob(shop.jobFile());
    ASSERT_TRUE(job) << job.error().field;
    EXPECT_GE(roundIn(job->job.draft.notes), latest(run));
}

void lettersAreThere(const TemporaryShop& shop, const Run& run) {
    const auto job = io::loadJob(shop.jobFile());
    ASSERT_TRUE(job) << job.error().field;
    EXPECT_GE(static_cast<int>(job->job.draft.notes.size()), latest(run));
}

void listIsThere(const TemporaryShop& shop, const Run& run) {
    const auto tables = io::loadShopTables(shop.folder());
    ASSERT_TRUE(tables) << tables.error().field;
    EXPECT_GT(tables->rack.tools.size(), 10u);
    EXPECT_GE(roundIn(tables->rack.tools.front().name), latest(run));
}

void logbookIsThere(const TemporaryShop& shop, const Run& run) {
    log::Keeper keeper("sqlite:" + q(shop.file("logbook.sqlite")), q(shop.file("logbook-waiting.sqlite")));
    ASSERT_TRUE(keeper.deliver());
    const auto book = keeper.book();
    ASSERT_TRUE(book) << book.error().reason;
    for (const int round : run.safe)
        EXPECT_TRUE((*book)->document(std::to_string(round))) << round;
}

void recordingsAreThere(const TemporaryShop& shop, const Run& run) {
    for (const int round : run.safe) {
        const auto trace = io::loadTrace(shop.file("traces/r" + std::to_string(round) + ".csv"));
        ASSERT_TRUE(trace) << round;
        EXPECT_NEAR(trace->back().force_N, 590, 1e-6);
    }
}

void backupsAreWhole(const TemporaryShop& shop, const Run& run) {
    const QDir folder(q(shop.file("backups")));
    const auto archives = folder.entryList({"*.tar.gz"});
    EXPECT_GE(archives.size(), static_cast<qsizetype>(run.safe.size()));
    for (const auto& archive : archives)
        EXPECT_TRUE(backup::check(folder.filePath(archive).toStdString())) << archive.toStdString();
    EXPECT_TRUE(run.killed || folder.entryList({"*.part"}).isEmpty()) << "nothing half made is left lying";
}

const std::map<std::string, std::function<void(const TemporaryShop&, const Run&)>> kWriters{
    {"job", jobIsThere},         {"list", listIsThere},
    {"logbook", logbookIsThere}, {"recording", recordingsAreThere},
    {"backup", backupsAreWhole}, {"window", lettersAreThere}};

class Faults : public ::testing::TestWithParam<std::tuple<const char*, const char*>> {};

} // namespace

INSTANTIATE_TEST_SUITE_P(
    Of, Faults,
    ::testing::Combine(::testing::Values("ENOSPC", "EIO", "SHORT", "EINTR", "KILL"),
                       ::testing::Values("job", "list", "logbook", "recording", "backup", "window")),
    [](const auto& of) { return std::string(std::get<0>(of.param)) + "_" + std::get<1>(of.param); });

TEST_P(Faults, WhatWasSaidToBeSafeIsThereAndTheRestIsWhole) {
    const std::string kind = std::get<0>(GetParam()), writer = std::get<1>(GetParam());
    const bool askedAgain = kind == "EIO" && writer == "logbook"; // a disk that failed once
    const bool stutters = kind == "SHORT" || kind == "EINTR" || askedAgain;
    int hit = 0, tried = 0;
    for (int at = 1; at <= callsTried(writer); ++at, ++tried) {
        SCOPED_TRACE("at call " + std::to_string(at));
        const TemporaryShop shop;
        QDir().mkpath(q(shop.file("backups")));
        const auto run = write(writer, shop, kind, at);
        kWriters.at(writer)(shop, run);
        EXPECT_TRUE(!stutters || run.safe.size() == static_cast<std::size_t>(rounds()))
            << "it goes on where it stopped";
        if (kind == "KILL" && !run.killed) break; // it makes no more calls than that
        hit += run.killed || run.refused || stutters ? 1 : 0;
    }
    EXPECT_GT(hit, 0) << "the fault was never met";
    if (qEnvironmentVariableIsSet("ARBOR_FAULTS"))
        std::printf("| %s | %s | %d | %d |\n", kind.c_str(), writer.c_str(), tried, hit);
}
