#pragma once

#include "sim/line_port.h"
#include "sim/press.h"

#include <QElapsedTimer>
#include <memory>

class QTimer;

namespace arbor::sim {

/// A press transducer that sends a line for every reading. The ram stands until "go" comes in; "stop" lets go of it,
/// "again" puts a new ring in.
class PressInstrument : public QObject {
    Q_OBJECT
public:
    struct Options {
        RealSeat seat;
        Fault fault = Fault::None;
        Stroke stroke;
        unsigned seed = 1;
        double fasterThanTime = 1; ///< for whoever does not want to wait
    };
    PressInstrument(LinePort& port, const Options& options, QObject* parent = nullptr);
    void go();

private:
    void newRing();
    void tick();
    void hear(const QByteArray& line);

    LinePort& m_port;
    Options m_options;
    std::mt19937 m_hand;
    std::unique_ptr<Ram> m_ram;
    QTimer* m_timer;
    QElapsedTimer m_clock;
    double m_sent_s = 0;
};

} // namespace arbor::sim
