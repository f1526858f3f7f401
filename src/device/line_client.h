#pragma once

#include <QByteArray>
#include <QObject>
#include <QString>

class QTcpSocket;

namespace arbor::device {

/// Plain text lines from an instrument on this machine: `host:port`, loopback only.
class LineClient : public QObject {
    Q_OBJECT
public:
    enum class State { Off, Connecting, On, Failed };

    explicit LineClient(QObject* parent = nullptr);
    /// Empty: hangs up. What is no address on this machine fails at once.
    void connectTo(const QString& address);
    State state() const { return m_state; }
    const QString& address() const { return m_address; }
    const QString& reason() const { return m_reason; } ///< why it failed

signals:
    void stateChanged();
    void line(const QString& text);

private:
    void set(State state, const QString& reason = {});
    void readLines();

    QTcpSocket* m_socket;
    QString m_address;
    QString m_reason;
    QByteArray m_rest; ///< of a line that is still coming
    State m_state = State::Off;
};

} // namespace arbor::device
