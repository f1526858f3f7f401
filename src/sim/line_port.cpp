#include "sim/line_port.h"

#include <QSocketNotifier>
#include <QTcpSocket>
#include <algorithm>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

namespace arbor::sim {

LinePort::LinePort(QObject* parent) : QObject(parent) {
    connect(&m_server, &QTcpServer::newConnection, this, [this] {
        while (auto* socket = m_server.nextPendingConnection()) {
            m_listeners.push_back(socket);
            connect(socket, &QTcpSocket::readyRead, this, [this, socket] {
                while (socket->canReadLine())
                    emit told(socket->readLine().trimmed());
            });
            connect(socket, &QTcpSocket::disconnected, this, [this, socket] {
                std::erase(m_listeners, socket);
                socket->deleteLater();
            });
        }
    });
}

LinePort::~LinePort() {
    for (const int file : {m_other, m_terminal})
        if (file >= 0) ::close(file);
}

QString LinePort::listen(quint16 port) {
    if (!m_server.listen(QHostAddress::LocalHost, port)) {
        m_error = m_server.errorString();
        return {};
    }
    return QStringLiteral("127.0.0.1:%1").arg(m_server.serverPort());
}

QString LinePort::openTerminal() {
    m_terminal = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    if (m_terminal < 0 || ::grantpt(m_terminal) != 0 || ::unlockpt(m_terminal) != 0) {
        m_error = QString::fromLocal8Bit(std::strerror(errno));
        return {};
    }
    auto name = QString::fromLocal8Bit(::ptsname(m_terminal));
    m_other = ::open(name.toLocal8Bit().constData(), O_RDWR | O_NOCTTY);
    termios raw{};
    ::tcgetattr(m_other, &raw);
    ::cfmakeraw(&raw); // no echo, no line editing
    ::tcsetattr(m_other, TCSANOW, &raw);
    m_incoming = new QSocketNotifier(m_terminal, QSocketNotifier::Read, this);
    connect(m_incoming, &QSocketNotifier::activated, this, &LinePort::readTerminal);
    return name;
}

void LinePort::readTerminal() {
    char buffer[256];
    const auto count = ::read(m_terminal, buffer, sizeof buffer);
    if (count <= 0) return;
    for (const auto& line : QByteArray(buffer, static_cast<int>(count)).split('\n'))
        if (!line.trimmed().isEmpty()) emit told(line.trimmed());
}

void LinePort::say(const QByteArray& line) {
    const auto bytes = line + '\n';
    for (auto* listener : m_listeners)
        listener->write(bytes);
    if (m_terminal < 0) return;
    // Who reads late is waited for, as by an instrument with a handshake; where nobody reads, the line stands still.
    constexpr qsizetype kWaits_bytes = 65536;
    if (m_waiting.size() + bytes.size() <= kWaits_bytes) m_waiting += bytes;
    const auto gone = ::write(m_terminal, m_waiting.constData(), static_cast<std::size_t>(m_waiting.size()));
    if (gone > 0) m_waiting.remove(0, gone);
}

} // namespace arbor::sim
