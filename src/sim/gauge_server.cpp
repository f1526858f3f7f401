#include "sim/gauge_server.h"

#include <QTcpSocket>
#include <algorithm>

namespace arbor::sim {

GaugeServer::GaugeServer(const Bore& bore, std::vector<double> depths_mm, int directions, unsigned seed,
                         QObject* parent)
    : QTcpServer(parent), m_bore(bore), m_depths_mm(std::move(depths_mm)), m_directions(directions), m_hand(seed) {
    connect(this, &QTcpServer::newConnection, this, [this] {
        while (auto* socket = nextPendingConnection()) {
            m_listeners.push_back(socket);
            socket->write("# bore gauge\n");
            connect(socket, &QTcpSocket::disconnected, this, [this, socket] {
                std::erase(m_listeners, socket);
                socket->deleteLater();
            });
        }
    });
}

void GaugeServer::push() {
    const auto place =
        static_cast<std::size_t>(m_pushed++) % (m_depths_mm.size() * static_cast<std::size_t>(m_directions));
    const double depth = m_depths_mm[place / static_cast<std::size_t>(m_directions)];
    const double turn = 180.0 * static_cast<double>(place % static_cast<std::size_t>(m_directions)) / m_directions;
    const auto line =
        QByteArray("dia ") + QByteArray::number(shownDia_mm(m_bore, depth, turn, m_hand), 'f', 4) + " mm\n";
    for (auto* listener : m_listeners)
        listener->write(line);
}

} // namespace arbor::sim
