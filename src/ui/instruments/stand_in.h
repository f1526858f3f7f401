#pragma once

#include "ui/instruments/instruments.h"

#include <QObject>
#include <QStringList>
#include <map>
#include <memory>

class QProcess;

namespace arbor::ui {

class JobSession;

/// What may be wrong with what a stand-in presses, as it is called on its command line and on screen.
struct StandInFault {
    QString key;
    QString name;
};
std::vector<StandInFault> standInFaults();

/// The stand-ins that ship: an instrument that is not there, set to the seat in hand, so that a demo or a lesson needs
/// no other program. They are programs of their own, and are spoken to as any instrument is.
class StandIns : public QObject {
    Q_OBJECT
public:
    explicit StandIns(Instruments& instruments, QObject* parent = nullptr);
    ~StandIns() override;

    /// @param session  whose seat in hand it is set to; null: a usual one  @param fault  of the press; empty: none
    void start(Instrument which, const JobSession* session, const QString& fault = {});
    void stop(Instrument which);
    bool isRunning(Instrument which) const;
    /// Its ram is worked, its data button pushed.
    void act(Instrument which);

signals:
    void changed();
    void trouble(const QString& text);

private:
    void hear(Instrument which);

    Instruments& m_instruments;
    std::map<Instrument, std::unique_ptr<QProcess>> m_running;
};

/// What the stand-in is told of the seat in hand, as on its command line.
QStringList standInArguments(Instrument which, const JobSession* session, const QString& fault);

} // namespace arbor::ui
