#pragma once

#include "log/keeper.h"

#include <QFile>
#include <QObject>
#include <QPointer>
#include <QThread>
#include <atomic>

namespace arbor::log {

/// Where the records are.
struct Delivery {
    std::size_t waiting = 0;        ///< on this bench
    std::optional<Problem> trouble; ///< why they wait; nothing waits: why they could not even be kept here
};

/// The logbook on a thread of its own: whoever asks it goes on, and is told when it has answered. Records that were
/// given to it are kept on this bench even while it is left.
class Desk : public QObject {
    Q_OBJECT
public:
    /// As Keeper.
    Desk(QString connection, QString waitingFile, Keeper::OfTheJobs ofTheJobs = {});
    ~Desk() override; ///< waits for the call in hand and for what is to be kept

    /// @param work  answers, on the desk's thread, one after another
    /// @param then  takes the answer where it was asked, unless `whose` is gone by then
    template <class Work, class Then>
    void ask(const QObject* whose, Work work, Then then) {
        post([this, whose = QPointer(whose), work = std::move(work), then = std::move(then)](Keeper& keeper) {
            if (m_leaving) return std::function<void()>();
            return std::function<void()>([whose, then, answer = work(keeper)] {
                if (whose) then(answer);
            });
        });
    }
    /// Keeps records on this bench and takes them to the logbook. Its files get no more permissions than these.
    void keep(std::vector<Entry> entries, QFile::Permissions most);
    void deliver(); ///< what waits
    /// Answers nobody any more and delivers nothing; what is to be kept still is.
    void leave() { m_leaving = true; }

    const Delivery& delivery() const { return m_delivery; }
    bool isBusy() const { return m_open > 0; }

signals:
    void delivered(); ///< or not: the state changed
    void mended(const arbor::log::Mended& what);

private:
    /// @return what is to be done where it was asked
    using Work = std::function<std::function<void()>(Keeper&)>;
    void post(Work work);
    std::function<void()> tellAfter(Keeper& keeper, const Result<void>& done);

    struct Worker : QObject {
        explicit Worker(Keeper mine) : keeper(std::move(mine)) {}
        Keeper keeper;
    };
    QThread m_thread;
    Worker* m_worker; ///< goes with its thread
    std::atomic<bool> m_leaving = false;
    int m_open = 0;
    Delivery m_delivery;
};

} // namespace arbor::log
