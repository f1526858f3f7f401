#pragma once

#include <QObject>
#include <QString>
#include <QTcpServer>
#include <vector>

class QSocketNotifier;
class QTcpSocket;

namespace arbor::sim {

/// Where an instrument's lines go out: to everybody connected over TCP on this machine, and to a pseudo-terminal that
/// looks like a serial line.
class LinePort : public QObject {
    Q_OBJECT
public:
    explicit LinePort(QObject* parent = nullptr);
    ~LinePort() override;

    /// @return 127.0.0.1:port, or nothing with `error` set
    QString listen(quint16 port);
    /// @return the terminal's device file, or nothing with `error` set
    QString openTerminal();
    const QString& error() const { return m_error; }

    void say(const QByteArray& line);
    bool heard() const { return !m_listeners.empty() || m_terminal >= 0; }

signals:
    void told(const QByteArray& line); ///< what came back

private:
    void readTerminal();

    std::vector<QTcpSocket*> m_listeners; ///< outlives the server, whose sockets say goodbye while it goes
    QTcpServer m_server;
    int m_terminal = -1;
    QByteArray m_waiting; ///< for the terminal, until there is room
    int m_other = -1;     ///< kept open, so that the line stays there while nobody listens
    QSocketNotifier* m_incoming = nullptr;
    QString m_error;
};

} // namespace arbor::sim
