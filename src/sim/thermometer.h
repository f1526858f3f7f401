#pragma once

#include "sim/line_port.h"

#include <random>

class QTimer;

namespace arbor::sim {

/// A probe on a part that loses its heat to the room; sends what it shows once every so often.
class Thermometer : public QObject {
    Q_OBJECT
public:
    struct Options {
        double start_C = 120;
        double room_C = 20;
        double halves_s = 900; ///< the difference to the room halves in that time
        double noise_K = 0.2;
        int every_ms = 1000;
        unsigned seed = 1;
    };
    Thermometer(LinePort& port, const Options& options, QObject* parent = nullptr);
    void say();

private:
    LinePort& m_port;
    Options m_options;
    std::mt19937 m_hand;
    QTimer* m_timer;
    double m_age_s = 0;
};

} // namespace arbor::sim
