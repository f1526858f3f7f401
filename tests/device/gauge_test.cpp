// Lines of a gauge, the connection to it, and the simulated bore held against the core's own reading of it.
#include "core/measure/form.h"
#include "device/gauge_line.h"
#include "device/line_client.h"
#include "sim/bore.h"
#include "sim/gauge_server.h"

#include <QCoreApplication>
#include <QHostAddress>
#include <QTcpServer>
#include <QTcpSocket>
#include <QTest>
#include <cmath>
#include <gtest/gtest.h>
#include <rapidcheck.h>

using namespace arbor;
using device::LineClient;

namespace {

constexpr int kPatience_ms = 5000;

double read(const char* line) {
    return device::parseGaugeLine(line).value().value();
}

} // namespace

TEST(GaugeLine, ReadsASizeWithAndWithoutUnitAndName) {
    EXPECT_DOUBLE_EQ(read("61.978"), 61.978);
    EXPECT_DOUBLE_EQ(read("  61.978 mm\r\n"), 61.978);
    EXPECT_DOUBLE_EQ(read("dia 61.978 mm"), 61.978);
    EXPECT_DOUBLE_EQ(read("2.4401 in"), 2.4401 * 25.4);
    EXPECT_DOUBLE_EQ(read("+0.5in"), 12.7);
    EXPECT_FALSE(device::parseGaugeLine("").value());
    EXPECT_FALSE(device::parseGaugeLine("# bore gauge, ready").value());
}

TEST(GaugeLine, RefusesWhatIsNoSizeAndSaysWhichLine) {
    for (const char* line : {"ready", "61.978 furlong", "61,978", "61.978 mm 3", "nan", "inf mm", "dia", "1e999"}) {
        const auto r = device::parseGaugeLine(line);
        ASSERT_FALSE(r) << line;
        EXPECT_EQ(r.error().code, ProblemCode::Malformed) << line;
        EXPECT_EQ(r.error().value, line);
    }
    EXPECT_EQ(device::parseGaugeLine("-61.9").error().code, ProblemCode::NotPositive);
    EXPECT_EQ(device::parseGaugeLine("0").error().code, ProblemCode::NotPositive);
    EXPECT_EQ(device::parseGaugeLine("99999").error().code, ProblemCode::OutOfRange);
    EXPECT_LE(device::parseGaugeLine(std::string(5000, 'x')).error().value.size(), 60u);
}

TEST(GaugeLine, TakesAnyBytesWithoutHarm) {
    ASSERT_TRUE(rc::check("bytes", [](const std::string& bytes) {
        const auto r = device::parseGaugeLine(bytes);
        RC_ASSERT((!r || !*r || (**r > 0 && **r <= 3000))); // the macro alone would look into an error
    }));
}

TEST(LineClient, RefusesWhatIsNotOnThisMachine) {
    LineClient client;
    for (const char* address :
         {"nowhere", "10.0.0.7:5000", "127.0.0.1", "127.0.0.1:0", "127.0.0.1:99999", ":5000", "example.invalid:80"}) {
        client.connectTo(address);
        EXPECT_EQ(client.state(), LineClient::State::Failed) << address;
        EXPECT_FALSE(client.reason().isEmpty());
    }
    client.connectTo("");
    EXPECT_EQ(client.state(), LineClient::State::Off);
}

TEST(LineClient, SaysWhenNobodyListens) {
    QTcpServer taken;
    ASSERT_TRUE(taken.listen(QHostAddress::LocalHost));
    const auto port = taken.serverPort();
    taken.close();
    LineClient client;
    client.connectTo(QStringLiteral("127.0.0.1:%1").arg(port));
    EXPECT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::Failed; }, kPatience_ms));
}

TEST(LineClient, GivesWholeLinesHoweverTheyArrive) {
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    LineClient client;
    QStringList lines;
    QObject::connect(&client, &LineClient::line, [&](const QString& line) { lines << line; });
    client.connectTo(QStringLiteral("localhost:%1").arg(server.serverPort()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return server.hasPendingConnections(); }, kPatience_ms));
    auto* socket = server.nextPendingConnection();
    ASSERT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::On; }, kPatience_ms));
    socket->write("61.9");
    socket->flush();
    socket->write("78 mm\r\n\n61.979\n61.9");
    ASSERT_TRUE(QTest::qWaitFor([&] { return lines.size() == 2; }, kPatience_ms));
    EXPECT_EQ(lines, (QStringList{"61.978 mm", "61.979"}));
    socket->write("80\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return lines.size() == 3; }, kPatience_ms));
    EXPECT_EQ(lines.back(), "61.980");
    socket->close();
    EXPECT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::Failed; }, kPatience_ms));
    EXPECT_EQ(client.reason(), "the instrument closed the connection");
}

TEST(LineClient, HangsUpOnBytesWithoutAnEnd) {
    QTcpServer server;
    ASSERT_TRUE(server.listen(QHostAddress::LocalHost));
    LineClient client;
    client.connectTo(QStringLiteral("127.0.0.1:%1").arg(server.serverPort()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return server.hasPendingConnections(); }, kPatience_ms));
    server.nextPendingConnection()->write(QByteArray(100'000, 'x'));
    EXPECT_TRUE(QTest::qWaitFor([&] { return client.state() == LineClient::State::Failed; }, kPatience_ms));
}

// Two pieces of physics written apart: what the simulated bore has, the core finds in its readings.
TEST(SimulatedBore, IsReadByTheCoreAsItWasMade) {
    sim::Bore bore;
    bore.dia_mm = 61.978;
    bore.length_mm = 20;
    bore.oval_um = 9;
    bore.ovalAt_deg = 40;
    bore.fourLobes_um = 4;
    bore.taper_um = 6;
    std::mt19937 hand(1);
    std::vector<measure::DiameterReading> readings;
    for (const double depth : {6.0, 10.0, 14.0})
        for (int i = 0; i < 8; ++i)
            readings.push_back({depth, 22.5 * i, sim::shownDia_mm(bore, depth, 22.5 * i, hand)});
    const auto form = measure::formOf(readings, {}, 1.15e-5, 1.15e-5).value();
    EXPECT_NEAR(form.mean_mm, 61.978, 1e-9);
    EXPECT_NEAR(*form.planes[1].oval_mm, 0.009, 1e-9);
    EXPECT_NEAR(form.planes[1].ovalDirection_deg, 40, 1e-6);
    EXPECT_NEAR(*form.lobing_mm, 0.004, 1e-9);
    EXPECT_NEAR(*form.taper_mm, 0.006 * 8 / 20, 1e-9) << "over the eight millimetres that were measured";
    EXPECT_NEAR(*form.mouth_mm, 0, 1e-9);
}

TEST(SimulatedBore, ItsBellMouthIsFoundAtTheMouth) {
    sim::Bore bore;
    bore.bellMouth_um = 20; // gone after 4 of 20 mm: at 2 mm half of it is left
    std::mt19937 hand(1);
    std::vector<measure::DiameterReading> readings;
    for (const double depth : {2.0, 10.0, 18.0})
        for (int i = 0; i < 4; ++i)
            readings.push_back({depth, 45.0 * i, sim::shownDia_mm(bore, depth, 45.0 * i, hand)});
    EXPECT_NEAR(*measure::formOf(readings, {}, 1e-5, 1e-5)->mouth_mm, 0.010, 1e-9);
}

TEST(SimulatedBore, NoiseAveragesOutAndIsTheSameForTheSameSeed) {
    sim::Bore bore;
    bore.noise_um = 2;
    std::mt19937 one(7), other(7);
    double sum = 0, squares = 0;
    constexpr int kReadings = 20000;
    for (int i = 0; i < kReadings; ++i) {
        const double d = sim::shownDia_mm(bore, 10, 0, one);
        ASSERT_EQ(d, sim::shownDia_mm(bore, 10, 0, other));
        sum += d - 62;
        squares += (d - 62) * (d - 62);
    }
    EXPECT_NEAR(sum / kReadings, 0, 6e-5);
    EXPECT_NEAR(std::sqrt(squares / kReadings), 0.002, 5e-5);
}

TEST(SimulatedGauge, GoesRoundTheDepthsAsItsButtonIsPushed) {
    sim::Bore bore;
    bore.taper_um = 20;
    sim::GaugeServer gauge(bore, {5, 15}, 2, 1);
    ASSERT_TRUE(gauge.listen(QHostAddress::LocalHost));
    LineClient client;
    std::vector<double> shown;
    QObject::connect(&client, &LineClient::line, [&](const QString& line) {
        if (const auto value = device::parseGaugeLine(line.toStdString()).value()) shown.push_back(*value);
    });
    bool greeted = false;
    QObject::connect(&client, &LineClient::line,
                     [&](const QString& line) { greeted = greeted || line.startsWith('#'); });
    client.connectTo(QStringLiteral("127.0.0.1:%1").arg(gauge.serverPort()));
    ASSERT_TRUE(QTest::qWaitFor([&] { return greeted; }, kPatience_ms));
    for (int i = 0; i < 5; ++i)
        gauge.push();
    ASSERT_TRUE(QTest::qWaitFor([&] { return shown.size() == 5; }, kPatience_ms));
    EXPECT_NEAR(shown[0], 62.005, 1e-4);
    EXPECT_NEAR(shown[1], 62.005, 1e-4);
    EXPECT_NEAR(shown[2], 61.995, 1e-4);
    EXPECT_NEAR(shown[4], 62.005, 1e-4) << "and begins again";
}

int main(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}
