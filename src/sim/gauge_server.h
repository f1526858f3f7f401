#pragma once

#include "sim/bore.h"

#include <QTcpServer>
#include <random>
#include <vector>

namespace arbor::sim {

/// A bore gauge that sends a line each time its button is pushed: round the directions of a depth, then deeper.
class GaugeServer : public QTcpServer {
    Q_OBJECT
public:
    GaugeServer(const Bore& bore, std::vector<double> depths_mm, int directions, unsigned seed,
                QObject* parent = nullptr);
    void push(); ///< to everybody who listens

private:
    Bore m_bore;
    std::vector<double> m_depths_mm;
    int m_directions;
    std::mt19937 m_hand;
    int m_pushed = 0;
    std::vector<class QTcpSocket*> m_listeners;
};

} // namespace arbor::sim
