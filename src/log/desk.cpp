#include "log/desk.h"

#include <QDir>
#include <QFileInfo>

namespace arbor::log {

namespace {

/// Who may not read the job may not read of it in the logbook.
void narrow(const QString& waitingFile, QFile::Permissions most) {
    for (const auto& file : QFileInfo(waitingFile).dir().entryInfoList({"logbook*.sqlite*"}, QDir::Files))
        if (const auto now = file.permissions(); (now & most) != now)
            QFile::setPermissions(file.filePath(), now & most);
}

} // namespace

Desk::Desk(QString connection, QString waitingFile, Keeper::OfTheJobs ofTheJobs) {
    m_thread = std::jthread([this, connection = std::move(connection), waitingFile = std::move(waitingFile),
                             ofTheJobs = std::move(ofTheJobs)](const std::stop_token& stop) {
        Keeper keeper(connection, waitingFile, ofTheJobs); // its databases belong to this thread
        work(keeper, stop);
    });
}

Desk::~Desk() {
    leave();
    m_thread.request_stop();
    m_thread.join();
}

void Desk::post(Work work) {
    ++m_open;
    const std::scoped_lock lock(m_mutex);
    m_toDo.push_back(std::move(work));
    m_given.notify_one();
}

void Desk::work(Keeper& keeper, const std::stop_token& stop) {
    std::unique_lock lock(m_mutex);
    for (;;) {
        m_given.wait(lock, stop, [this] { return !m_toDo.empty(); });
        if (m_toDo.empty()) return; // it is left, and all that was given to it is kept
        const auto work = std::move(m_toDo.front());
        m_toDo.pop_front();
        lock.unlock();
        auto answer = work(keeper);
        lock.lock();
        m_done.push_back({std::move(answer), keeper.mended()});
        QMetaObject::invokeMethod(this, &Desk::takeAnswers, Qt::QueuedConnection);
    }
}

void Desk::takeAnswers() {
    std::deque<Done> all;
    {
        const std::scoped_lock lock(m_mutex);
        all.swap(m_done);
    }
    for (const auto& done : all) {
        --m_open;
        for (const auto& one : done.mended)
            emit mended(one);
        if (done.answer) done.answer();
    }
}

Desk::Answer Desk::tellAfter(Keeper& keeper, const Result<void>& done) {
    Delivery now;
    if (!done) now.trouble = done.error();
    const auto waiting = keeper.waiting();
    if (waiting)
        now.waiting = *waiting;
    else if (done)
        now.trouble = waiting.error();
    return [this, now] {
        m_delivery = now;
        emit delivered();
    };
}

void Desk::keep(Keeper::OfTheJobs entries, QFile::Permissions most) {
    post([this, entries = std::move(entries), most](Keeper& keeper) {
        Result<void> done;
        for (const auto& entry : entries())
            if (done) done = keeper.store(entry);
        if (done && !m_leaving)
            if (auto taken = keeper.deliver(); !taken) done = tl::unexpected(taken.error());
        narrow(keeper.waitingFile(), most);
        return tellAfter(keeper, done);
    });
}

void Desk::deliver() {
    post([this](Keeper& keeper) -> Answer {
        if (m_leaving) return {};
        const auto taken = keeper.deliver();
        return tellAfter(keeper, taken ? Result<void>() : tl::unexpected(taken.error()));
    });
}

} // namespace arbor::log
