// Stand-ins for the instruments of a shop. They speak as real ones do: plain text lines over TCP on this machine.
#include "sim/gauge_server.h"
#include "sim/indicator.h"
#include "sim/press_instrument.h"
#include "sim/thermometer.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QHostAddress>
#include <QSocketNotifier>
#include <QTimer>
#include <clocale>
#include <cstdio>
#include <iostream>
#include <map>
#include <string>

namespace {

struct GaugeOptions {
    arbor::sim::Bore bore;
    std::vector<double> depths_mm{3, 10, 18};
    int directions = 4;
    unsigned seed = 1;
    unsigned short port = 0;
    int every_ms = 0;
};

/// Where an instrument's lines go out.
struct LineOptions {
    unsigned short port = 0;
    bool terminal = false;
};

void describeLine(CLI::App& app, LineOptions& o) {
    app.add_option("--port", o.port, "to listen on; 0: any");
    app.add_flag("--terminal", o.terminal, "speak over a pseudo-terminal as well");
}

struct PressOptions : LineOptions {
    arbor::sim::PressInstrument::Options press;
    std::string fault = "none";
    int rate = 1000;
    bool goAtOnce = false;
};

const std::map<std::string, arbor::sim::Fault> kFaultNames{{"none", arbor::sim::Fault::None},
                                                           {"cocked", arbor::sim::Fault::CockedStart},
                                                           {"dry", arbor::sim::Fault::DrySeat},
                                                           {"tight", arbor::sim::Fault::TightBore},
                                                           {"loose", arbor::sim::Fault::LooseBore},
                                                           {"galling", arbor::sim::Fault::Galling},
                                                           {"chip", arbor::sim::Fault::Chip},
                                                           {"wrong-ring", arbor::sim::Fault::WrongRing},
                                                           {"support", arbor::sim::Fault::SupportSlips},
                                                           {"grips", arbor::sim::Fault::GripsEarly},
                                                           {"no-shoulder", arbor::sim::Fault::NoShoulder}};

void describe(CLI::App& app, PressOptions& o) {
    auto* press = app.add_subcommand("press", "A press with a transducer: Enter, or go on its line, works the ram");
    auto& seat = o.press.seat;
    auto& stroke = o.press.stroke;
    press->add_option("--dia", seat.dia_mm, "of the seat [mm]")->check(CLI::Range(1.0, 3000.0));
    press->add_option("--ring-bore", seat.ringBore_mm, "of the ring as a tube [mm]");
    press->add_option("--outside", seat.bodyOutside_mm, "of what it goes into [mm]");
    press->add_option("--body-E", seat.bodyE_MPa, "its modulus [MPa]");
    press->add_option("--interference", seat.interference_mm, "[mm]");
    press->add_option("--friction", seat.friction, "[-]");
    press->add_option("--length", seat.length_mm, "of the seat [mm]");
    press->add_option("--travel", seat.travel_mm, "to the shoulder [mm]");
    press->add_option("--fault", o.fault, "what is wrong")->check(CLI::IsMember(kFaultNames));
    press->add_option("--hold", stroke.hold_N, "held at the end [N]");
    press->add_option("--hold-time", stroke.hold_s, "[s]");
    press->add_option("--speed", stroke.speed_mm_s, "of the ram [mm/s]");
    press->add_option("--noise", stroke.noise_N, "of the force, one sigma [N]");
    press->add_option("--rate", o.rate, "readings a second")->check(CLI::Range(1, 5000));
    press->add_option("--seed", o.press.seed, "of everything that scatters");
    describeLine(*press, o);
    press->add_flag("--go", o.goAtOnce, "work the ram at once");
}

struct ThermometerOptions : LineOptions {
    arbor::sim::Thermometer::Options probe;
};

void describe(CLI::App& app, ThermometerOptions& o) {
    auto* probe = app.add_subcommand("thermometer", "A probe on a part that cools");
    probe->add_option("--start", o.probe.start_C, "temperature at first [degC]");
    probe->add_option("--room", o.probe.room_C, "[degC]");
    probe->add_option("--halves", o.probe.halves_s, "the difference to the room halves in that time [s]")
        ->check(CLI::PositiveNumber);
    probe->add_option("--noise", o.probe.noise_K, "one sigma [K]")->check(CLI::NonNegativeNumber);
    probe->add_option("--every", o.probe.every_ms, "milliseconds")->check(CLI::PositiveNumber);
    probe->add_option("--seed", o.probe.seed, "of the noise");
    describeLine(*probe, o);
}

struct IndicatorOptions : LineOptions {
    arbor::sim::Indicator::Options dial;
};

void describe(CLI::App& app, IndicatorOptions& o) {
    auto* dial = app.add_subcommand("indicator", "An indicator over the face of a ring: Enter presses its data button");
    dial->add_option("--zero", o.dial.zero_mm, "where its needle stands [mm]");
    dial->add_option("--rise", o.dial.rise_um, "of the face, across it [um]");
    dial->add_option("--high-at", o.dial.highAt_deg, "clockwise from 12 o'clock [deg]");
    dial->add_option("--chip", o.dial.chip_um, "under one place [um]");
    dial->add_option("--chip-at", o.dial.chipAt, "that place, from 0")->check(CLI::NonNegativeNumber);
    dial->add_option("--noise", o.dial.noise_um, "one sigma [um]")->check(CLI::NonNegativeNumber);
    dial->add_option("--places", o.dial.places, "once round")->check(CLI::Range(3, 12));
    dial->add_option("--seed", o.dial.seed, "of the noise");
    describeLine(*dial, o);
}

void describe(CLI::App& app, GaugeOptions& o) {
    auto* gauge = app.add_subcommand("gauge", "A bore gauge: Enter presses its data button");
    gauge->add_option("--dia", o.bore.dia_mm, "diameter in the middle [mm]")->check(CLI::Range(1.0, 3000.0));
    gauge->add_option("--length", o.bore.length_mm, "length of the bore [mm]")->check(CLI::Range(1.0, 3000.0));
    gauge->add_option("--oval", o.bore.oval_um, "long axis less short axis [um]");
    gauge->add_option("--oval-at", o.bore.ovalAt_deg, "direction of the long axis [deg]");
    gauge->add_option("--lobes", o.bore.fourLobes_um, "four lobes, crest to valley [um]");
    gauge->add_option("--taper", o.bore.taper_um, "open end less bottom [um]");
    gauge->add_option("--mouth", o.bore.bellMouth_um, "flare of the open end [um]");
    gauge->add_option("--noise", o.bore.noise_um, "of one reading, one sigma [um]")->check(CLI::NonNegativeNumber);
    gauge->add_option("--depths", o.depths_mm, "where it is held [mm]")->delimiter(',');
    gauge->add_option("--directions", o.directions, "how often it is turned")->check(CLI::Range(1, 16));
    gauge->add_option("--seed", o.seed, "of the noise");
    gauge->add_option("--port", o.port, "to listen on; 0: any");
    gauge->add_option("--every", o.every_ms, "push the button by itself every so many milliseconds");
    app.require_subcommand(1);
}

int failed(const QString& what) {
    std::fprintf(stderr, "brisk-arbor-sim: %s\n", qPrintable(what));
    return 2;
}

/// Calls something for every line on standard input; nobody at the keyboard is no harm.
template <class Use>
void onEnter(QSocketNotifier& keyboard, Use use) {
    QObject::connect(&keyboard, &QSocketNotifier::activated, &keyboard, [&keyboard, use] {
        std::string line;
        if (std::getline(std::cin, line))
            use();
        else
            keyboard.setEnabled(false);
    });
}

int runGauge(const GaugeOptions& o) {
    arbor::sim::GaugeServer gauge(o.bore, o.depths_mm, o.directions, o.seed);
    if (!gauge.listen(QHostAddress::LocalHost, o.port))
        return failed(QStringLiteral("port %1: %2").arg(o.port).arg(gauge.errorString()));
    std::printf("127.0.0.1:%d\n", gauge.serverPort());
    std::fflush(stdout);
    QTimer timer;
    QObject::connect(&timer, &QTimer::timeout, &gauge, &arbor::sim::GaugeServer::push);
    if (o.every_ms > 0) timer.start(o.every_ms);
    QSocketNotifier keyboard(0, QSocketNotifier::Read);
    onEnter(keyboard, [&] { gauge.push(); });
    return QCoreApplication::exec();
}

/// Opens what was asked for and says on standard output where it is.
bool openPort(arbor::sim::LinePort& port, const LineOptions& o) {
    QStringList where{port.listen(o.port)};
    if (o.terminal && !where.front().isEmpty()) where << port.openTerminal();
    for (const auto& one : where) {
        if (one.isEmpty()) {
            failed(QStringLiteral("port %1: %2").arg(o.port).arg(port.error()));
            return false;
        }
        std::printf("%s\n", qPrintable(one));
    }
    std::fflush(stdout);
    return true;
}

int runThermometer(const ThermometerOptions& o) {
    arbor::sim::LinePort port;
    if (!openPort(port, o)) return 2;
    const arbor::sim::Thermometer probe(port, o.probe);
    return QCoreApplication::exec();
}

int runIndicator(const IndicatorOptions& o) {
    arbor::sim::LinePort port;
    if (!openPort(port, o)) return 2;
    arbor::sim::Indicator dial(port, o.dial);
    QSocketNotifier keyboard(0, QSocketNotifier::Read);
    onEnter(keyboard, [&] { dial.push(); });
    return QCoreApplication::exec();
}

int runPress(PressOptions o) {
    arbor::sim::LinePort port;
    if (!openPort(port, o)) return 2;
    o.press.fault = kFaultNames.at(o.fault);
    o.press.stroke.every_s = 1.0 / o.rate;
    arbor::sim::PressInstrument press(port, o.press);
    if (o.goAtOnce) press.go();
    QSocketNotifier keyboard(0, QSocketNotifier::Read);
    onEnter(keyboard, [&] { press.go(); });
    return QCoreApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication qt(argc, argv);
    std::setlocale(LC_NUMERIC, "C"); // Qt takes the desktop's; numbers of a command line have a point anywhere
    CLI::App app{"Instruments that are not there"};
    app.set_version_flag("--version", std::string("brisk-arbor-sim ") + BRISK_ARBOR_VERSION);
    app.footer("Exit codes: 0 it ran and was ended, 2 the input is wrong, or its port is taken.");
    GaugeOptions gauge;
    PressOptions press;
    ThermometerOptions thermometer;
    IndicatorOptions indicator;
    describe(app, gauge);
    describe(app, press);
    describe(app, thermometer);
    describe(app, indicator);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        const int code = app.exit(error);
        return code == 0 ? 0 : 2;
    }
    if (app.got_subcommand("thermometer")) return runThermometer(thermometer);
    if (app.got_subcommand("indicator")) return runIndicator(indicator);
    return app.got_subcommand("press") ? runPress(press) : runGauge(gauge);
}
