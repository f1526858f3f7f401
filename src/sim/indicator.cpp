#include "sim/indicator.h"

#include <cmath>
#include <numbers>

namespace arbor::sim {

Indicator::Indicator(LinePort& port, const Options& options, QObject* parent)
    : QObject(parent), m_port(port), m_options(options), m_hand(options.seed) {
    connect(&port, &LinePort::told, this, [this](const QByteArray& line) {
        if (line == "push") push();
    });
}

void Indicator::push() {
    const auto& o = m_options;
    const double angle = 360.0 * m_place / o.places;
    double um = o.rise_um / 2 * std::cos((angle - o.highAt_deg) * std::numbers::pi / 180);
    if (m_place == o.chipAt) um += o.chip_um;
    um += std::normal_distribution<double>(0, o.noise_um)(m_hand);
    m_port.say("dial " + QByteArray::number(o.zero_mm + um / 1000, 'f', 4));
    m_place = (m_place + 1) % o.places;
}

} // namespace arbor::sim
