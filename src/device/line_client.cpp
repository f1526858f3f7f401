#include "device/line_client.h"

#include <QHostAddress>
#include <QTcpSocket>

namespace arbor::device {

namespace {

constexpr qsizetype kLongest = 1024; // an instrument's line; longer is no instrument

} // namespace

LineClient::LineClient(QObject* parent) : QObject(parent), m_socket(new QTcpSocket(this)) {
    connect(m_socket, &QTcpSocket::connected, this, [this] { set(State::On); });
    connect(m_socket, &QTcpSocket::readyRead, this, &LineClient::readLines);
    connect(m_socket, &QTcpSocket::disconnected, this, [this] {
        if (m_state == State::On) set(State::Failed, tr("the instrument hung up"));
    });
    connect(m_socket, &QTcpSocket::errorOccurred, this, [this] {
        if (m_state == State::Connecting) set(State::Failed, m_socket->errorString());
    });
}

void LineClient::set(State state, const QString& reason) {
    m_state = state;
    m_reason = reason;
    emit stateChanged();
}

void LineClient::connectTo(const QString& address) {
    m_address = address.trimmed();
    m_rest.clear();
    m_state = State::Off; // what the old connection still says is of no interest
    m_socket->abort();
    if (m_address.isEmpty()) return set(State::Off);
    const auto colon = m_address.lastIndexOf(':');
    bool isPort = false;
    const auto port = m_address.mid(colon + 1).toUShort(&isPort);
    const auto name = m_address.left(colon);
    const QHostAddress host(name == "localhost" ? QStringLiteral("127.0.0.1") : name);
    if (colon < 1 || !isPort || port == 0 || !host.isLoopback())
        return set(State::Failed, tr("wanted: 127.0.0.1:port, an instrument on this machine"));
    set(State::Connecting);
    m_socket->connectToHost(host, port);
}

void LineClient::readLines() {
    m_rest += m_socket->readAll();
    for (auto end = m_rest.indexOf('\n'); end >= 0; end = m_rest.indexOf('\n')) {
        const auto text = QString::fromUtf8(m_rest.left(end)).trimmed();
        m_rest.remove(0, end + 1);
        if (!text.isEmpty()) emit line(text);
    }
    if (m_rest.size() <= kLongest) return;
    m_rest.clear();
    m_socket->abort();
    set(State::Failed, tr("no lines are coming, only bytes without an end"));
}

} // namespace arbor::device
