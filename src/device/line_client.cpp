#include "device/line_client.h"

#include <QHostAddress>
#include <QSerialPort>
#include <QTcpSocket>
#include <QTimer>

namespace arbor::device {

namespace {

constexpr qsizetype kLongest = 1024; // an instrument's line; longer is no instrument
constexpr int kAgain_ms = 1000;

} // namespace

LineClient::LineClient(QObject* parent)
    : QObject(parent), m_socket(new QTcpSocket(this)), m_serial(new QSerialPort(this)), m_again(new QTimer(this)) {
    connect(m_socket, &QTcpSocket::connected, this, [this] { set(State::On); });
    connect(m_socket, &QTcpSocket::readyRead, this, [this] { readLines(m_socket); });
    connect(m_serial, &QSerialPort::readyRead, this, [this] { readLines(m_serial); });
    connect(m_socket, &QTcpSocket::disconnected, this, [this] {
        if (m_state == State::On) lost(tr("the instrument closed the connection"));
    });
    connect(m_socket, &QTcpSocket::errorOccurred, this, [this] {
        if (m_state == State::Connecting) lost(m_socket->errorString());
    });
    connect(m_serial, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
        if (m_state != State::On || error == QSerialPort::NoError || error == QSerialPort::TimeoutError) return;
        const auto reason = m_serial->errorString();
        m_state = State::Off; // closing may complain once more
        m_serial->close();
        lost(reason);
    });
    m_again->setSingleShot(true);
    m_again->setInterval(kAgain_ms);
    connect(m_again, &QTimer::timeout, this, [this] { m_address.startsWith('/') ? openSerial() : openSocket(); });
}

void LineClient::set(State state, const QString& reason) {
    m_state = state;
    m_reason = reason;
    m_wasOn = m_wasOn || state == State::On;
    emit stateChanged();
}

void LineClient::lost(const QString& reason) {
    m_rest.clear();
    set(State::Failed, reason);
    if (m_persistent && m_wasOn) m_again->start();
}

void LineClient::connectTo(const QString& address) {
    m_address = address.trimmed();
    m_rest.clear();
    m_wasOn = false;
    m_again->stop();
    m_state = State::Off; // what the old connection still says is of no interest
    m_socket->abort();
    m_serial->close();
    if (m_address.isEmpty()) return set(State::Off);
    m_address.startsWith('/') ? openSerial() : openSocket();
}

void LineClient::openSerial() {
    m_serial->setPortName(m_address);
    m_serial->setBaudRate(QSerialPort::Baud115200);
    if (!m_serial->open(QIODevice::ReadWrite)) return lost(m_serial->errorString());
    set(State::On);
}

void LineClient::openSocket() {
    const auto colon = m_address.lastIndexOf(':');
    bool isPort = false;
    const auto port = m_address.mid(colon + 1).toUShort(&isPort);
    const auto name = m_address.left(colon);
    const QHostAddress host(name == "localhost" ? QStringLiteral("127.0.0.1") : name);
    if (colon < 1 || !isPort || port == 0 || !host.isLoopback())
        return set(State::Failed, tr("wanted: 127.0.0.1:port or /dev/tty…, an instrument on this machine"));
    set(State::Connecting);
    m_socket->connectToHost(host, port);
}

void LineClient::send(const QByteArray& line) {
    if (m_state != State::On) return;
    (m_address.startsWith('/') ? static_cast<QIODevice*>(m_serial) : m_socket)->write(line + '\n');
}

void LineClient::readLines(QIODevice* from) {
    m_rest += from->readAll();
    qsizetype begin = 0;
    for (auto end = m_rest.indexOf('\n'); end >= 0; end = m_rest.indexOf('\n', begin)) {
        const auto text = QString::fromUtf8(m_rest.mid(begin, end - begin)).trimmed();
        begin = end + 1;
        if (!text.isEmpty()) emit line(text);
        if (begin > m_rest.size()) return; // whoever listens hung up
    }
    m_rest.remove(0, begin);
    if (m_rest.size() <= kLongest) return;
    m_rest.clear();
    m_state = State::Off;
    m_socket->abort();
    m_serial->close();
    set(State::Failed, tr("no lines are coming, only bytes without an end"));
}

} // namespace arbor::device
