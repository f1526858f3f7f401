#pragma once

#include "sim/line_port.h"

#include <random>

namespace arbor::sim {

/// An indicator on a post over the face of a ring that is not quite square. Each push of its button sends what it
/// shows, and it is swung on to the next place.
class Indicator : public QObject {
    Q_OBJECT
public:
    struct Options {
        double zero_mm = 0.4; ///< where its needle stands on the way up
        double rise_um = 8;   ///< of the face, across the circle it goes round on
        double highAt_deg = 90;
        double chip_um = 0;  ///< under one place only
        int chipAt = 0;      ///< that place, from 0
        double noise_um = 1; ///< one sigma
        int places = 8;
        unsigned seed = 1;
    };
    Indicator(LinePort& port, const Options& options, QObject* parent = nullptr);
    void push();

private:
    LinePort& m_port;
    Options m_options;
    std::mt19937 m_hand;
    int m_place = 0;
};

} // namespace arbor::sim
