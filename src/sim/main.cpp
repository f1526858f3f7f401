// Stand-ins for the instruments of a shop. They speak as real ones do: plain text lines over TCP on this machine.
#include "sim/gauge_server.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QHostAddress>
#include <QSocketNotifier>
#include <QTimer>
#include <cstdio>
#include <iostream>

namespace {

struct GaugeOptions {
    arbor::sim::Bore bore;
    std::vector<double> depths_mm{3, 10, 18};
    int directions = 4;
    unsigned seed = 1;
    unsigned short port = 0;
    int every_ms = 0;
};

void describe(CLI::App& app, GaugeOptions& o) {
    auto* gauge = app.add_subcommand("gauge", "A bore gauge: Enter pushes its button");
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

} // namespace

int main(int argc, char** argv) {
    QCoreApplication qt(argc, argv);
    CLI::App app{"Instruments that are not there"};
    GaugeOptions options;
    describe(app, options);
    CLI11_PARSE(app, argc, argv);
    arbor::sim::GaugeServer gauge(options.bore, options.depths_mm, options.directions, options.seed);
    if (!gauge.listen(QHostAddress::LocalHost, options.port)) {
        std::fprintf(stderr, "brisk-arbor-sim: port %d: %s\n", options.port, qPrintable(gauge.errorString()));
        return 2;
    }
    std::printf("127.0.0.1:%d\n", gauge.serverPort());
    std::fflush(stdout);
    QTimer timer;
    QObject::connect(&timer, &QTimer::timeout, &gauge, &arbor::sim::GaugeServer::push);
    if (options.every_ms > 0) timer.start(options.every_ms);
    QSocketNotifier button(0, QSocketNotifier::Read);
    QObject::connect(&button, &QSocketNotifier::activated, &gauge, [&] {
        std::string line;
        if (std::getline(std::cin, line))
            gauge.push();
        else
            button.setEnabled(false); // nobody at the keyboard: the timer goes on
    });
    return QCoreApplication::exec();
}
