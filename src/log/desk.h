#pragma once

#include "log/keeper.h"

#include <QFile>
#include <QObject>
#include <QPointer>
#include <atomic>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>

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
            if (m_leaving) return Answer();
            return Answer([whose, then, answer = work(keeper)] {
                if (whose) then(answer);
            });
        });
    }
    /// Keeps records on this bench and takes them to the logbook. Its files get no more permissions than these.
    /// @param entries  made on the desk's thread: what they need is worked out anew
    void keep(Keeper::OfTheJobs entries, QFile::Permissions most);
    void deliver(); ///< what waits
    /// Answers nobody any more and delivers nothing; what is to be kept still is.
    void leave() { m_leaving = true; }

    const Delivery& delivery() const { return m_delivery; }
    bool isBusy() const { return m_open > 0; }

signals:
    void delivered(); ///< or not: the state changed
    void mended(const arbor::log::Mended& what);

private:
    using Answer = std::function<void()>; ///< what is to be done where it was asked
    using Work = std::function<Answer(Keeper&)>;
    void post(Work work);
    void work(Keeper& keeper, const std::stop_token& stop); ///< on its own thread
    void takeAnswers();
    Answer tellAfter(Keeper& keeper, const Result<void>& done);

    struct Done {
        Answer answer;
        std::vector<Mended> mended;
    };
    std::mutex m_mutex; ///< of what is given and what is done
    std::condition_variable_any m_given;
    std::deque<Work> m_toDo;
    std::deque<Done> m_done;
    std::atomic<bool> m_leaving = false;
    int m_open = 0;
    Delivery m_delivery;
    std::jthread m_thread; ///< last: it looks at the others
};

} // namespace arbor::log
