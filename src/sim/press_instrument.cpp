#include "sim/press_instrument.h"

#include <QTimer>

namespace arbor::sim {

namespace {

constexpr int kTick_ms = 5;

} // namespace

PressInstrument::PressInstrument(LinePort& port, const Options& options, QObject* parent)
    : QObject(parent), m_port(port), m_options(options), m_hand(options.seed), m_timer(new QTimer(this)) {
    newRing();
    connect(&port, &LinePort::told, this, &PressInstrument::hear);
    m_timer->setTimerType(Qt::PreciseTimer);
    connect(m_timer, &QTimer::timeout, this, &PressInstrument::tick);
    m_clock.start();
    m_timer->start(kTick_ms);
}

void PressInstrument::newRing() {
    m_ram = std::make_unique<Ram>(RealPress(m_options.seat, m_options.fault, m_hand), m_options.stroke, m_hand);
    m_ram->push(false);
}

void PressInstrument::go() {
    m_ram->push(true);
}

void PressInstrument::hear(const QByteArray& line) {
    if (line == "go")
        go();
    else if (line == "stop")
        m_ram->push(false);
    else if (line == "again")
        newRing();
}

/// Sends what has become due since the last time, with the readings' own clock.
void PressInstrument::tick() {
    const double now = static_cast<double>(m_clock.nsecsElapsed()) * 1e-9 * m_options.fasterThanTime;
    while (m_sent_s < now) {
        const auto r = m_ram->next();
        m_port.say("press " + QByteArray::number(m_sent_s, 'f', 4) + ' ' + QByteArray::number(r.travel_mm, 'f', 4) +
                   ' ' + QByteArray::number(r.force_N, 'f', 1));
        m_sent_s += m_options.stroke.every_s;
    }
}

} // namespace arbor::sim
