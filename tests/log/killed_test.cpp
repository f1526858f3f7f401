// A program that is killed while it writes a job file or a recording.
#include "support/drawing.h"
#include "support/shop.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <gtest/gtest.h>
#include <random>

using namespace arbor;
using arbor::testing::kHousingSeat;
using arbor::testing::TemporaryShop;

TEST(JobFile, KilledAtAnyMomentTheFileIsWholeAndNothingSaidIsLost) {
    const TemporaryShop shop;
    std::mt19937 hand(9);
    std::size_t most = 0;
    for (int round = 0; round < 12; ++round) {
        QProcess writer;
        writer.start(ARBOR_LOG_WRITER, {"job", QString::fromStdString(shop.jobFile())});
        ASSERT_TRUE(writer.waitForStarted());
        const int after = std::uniform_int_distribution<int>(1, 40)(hand);
        int lines = 0;
        while (lines < after && writer.waitForReadyRead(20'000))
            while (writer.canReadLine()) {
                most = writer.readLine().trimmed().toULongLong();
                ++lines;
            }
        writer.kill();
        writer.waitForFinished();
        const auto job = io::loadJob(shop.jobFile());
        ASSERT_TRUE(job) << job.error().field;
        EXPECT_GE(job::stepOf(job->job, {kHousingSeat, false}).readings.readings.size(), most);
    }
}

TEST(Recording, KilledAtAnyMomentHasAllButItsLastTenthOfASecond) {
    std::mt19937 hand(11);
    for (int round = 0; round < 6; ++round) {
        const QTemporaryDir folder;
        QProcess writer;
        writer.start(ARBOR_LOG_WRITER, {"record", folder.filePath("traces/one.csv")});
        ASSERT_TRUE(writer.waitForStarted());
        const int after = std::uniform_int_distribution<int>(1, 60)(hand);
        std::size_t said = 0;
        for (int lines = 0; lines < after && writer.waitForReadyRead(20'000);)
            for (; writer.canReadLine(); ++lines)
                said = writer.readLine().trimmed().toULongLong();
        writer.kill();
        writer.waitForFinished();
        QFile file(folder.filePath("traces/one.csv.part"));
        ASSERT_TRUE(file.open(QIODevice::ReadOnly));
        auto text = file.readAll();
        text.truncate(text.lastIndexOf('\n') + 1); // a line may have been cut
        const auto trace = trace::parseTrace(text.toStdString());
        ASSERT_TRUE(trace) << trace.error().field;
        EXPECT_GE(trace->size(), said);
        EXPECT_EQ(trace->front().force_N, 0);
    }
}
