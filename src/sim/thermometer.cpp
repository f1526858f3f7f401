#include "sim/thermometer.h"

#include <QTimer>
#include <cmath>

namespace arbor::sim {

Thermometer::Thermometer(LinePort& port, const Options& options, QObject* parent)
    : QObject(parent), m_port(port), m_options(options), m_hand(options.seed), m_timer(new QTimer(this)) {
    connect(m_timer, &QTimer::timeout, this, &Thermometer::say);
    m_timer->start(options.every_ms);
}

void Thermometer::say() {
    const auto& o = m_options;
    const double shown = o.room_C + (o.start_C - o.room_C) * std::exp2(-m_age_s / o.halves_s) +
                         std::normal_distribution<double>(0, o.noise_K)(m_hand);
    m_port.say("temp " + QByteArray::number(shown, 'f', 1));
    m_age_s += o.every_ms / 1000.0;
}

} // namespace arbor::sim
