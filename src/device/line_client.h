#pragma once

#include <QByteArray>
#include <QObject>
#include <QString>

class QIODevice;
class QSerialPort;
class QTcpSocket;
class QTimer;

namespace arbor::device {

/// Plain text lines from an instrument: over TCP from this machine, `host:port`, or over a serial line, `/dev/tty...`.
class LineClient : public QObject {
    Q_OBJECT
public:
    enum class State { Off, Connecting, On, Failed };

    explicit LineClient(QObject* parent = nullptr);
    /// Empty: hangs up. What is no address on this machine fails at once.
    void connectTo(const QString& address);
    /// Tries again once a second after an instrument that was there is gone. Off at first.
    void setPersistent(bool on) { m_persistent = on; }
    State state() const { return m_state; }
    const QString& address() const { return m_address; }
    const QString& reason() const { return m_reason; } ///< why it failed
    void send(const QByteArray& line);
    /// The number on the gauge that speaks here; empty: nobody has said.
    void setGauge(const QString& number) { m_gauge = number.trimmed(); }
    const QString& gauge() const { return m_gauge; }

signals:
    void stateChanged();
    void line(const QString& text);

private:
    void set(State state, const QString& reason = {});
    void openSerial();
    void openSocket();
    void lost(const QString& reason);
    void readLines(QIODevice* from);

    QTcpSocket* m_socket;
    QSerialPort* m_serial;
    QTimer* m_again;
    QString m_address;
    QString m_reason;
    QString m_gauge;
    QByteArray m_rest; ///< of a line that is still coming
    State m_state = State::Off;
    bool m_persistent = false;
    bool m_wasOn = false; ///< since the address was given
};

} // namespace arbor::device
