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

Desk::Desk(QString connection, QString waitingFile, Keeper::OfTheJobs ofTheJobs)
    : m_worker(new Worker(Keeper(std::move(connection), std::move(waitingFile), std::move(ofTheJobs)))) {
    m_thread.setObjectName("logbook");
    m_worker->moveToThread(&m_thread);
    connect(&m_thread, &QThread::finished, m_worker, &QObject::deleteLater);
    m_thread.start();
}

Desk::~Desk() {
    leave();
    QMetaObject::invokeMethod(m_worker, [this] { m_thread.quit(); }); // after all that was posted before
    m_thread.wait();
}

void Desk::post(Work work) {
    ++m_open;
    QMetaObject::invokeMethod(m_worker, [this, work = std::move(work)] {
        auto& keeper = m_worker->keeper;
        const auto then = work(keeper);
        QMetaObject::invokeMethod(this, [this, then, all = keeper.mended()] {
            --m_open;
            for (const auto& one : all)
                emit mended(one);
            if (then) then();
        });
    });
}

std::function<void()> Desk::tellAfter(Keeper& keeper, const Result<void>& done) {
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

void Desk::keep(std::vector<Entry> entries, QFile::Permissions most) {
    post([this, entries = std::move(entries), most](Keeper& keeper) {
        Result<void> done;
        for (const auto& entry : entries)
            if (done) done = keeper.store(entry);
        if (done && !m_leaving)
            if (auto taken = keeper.deliver(); !taken) done = tl::unexpected(taken.error());
        narrow(keeper.waitingFile(), most);
        return tellAfter(keeper, done);
    });
}

void Desk::deliver() {
    post([this](Keeper& keeper) -> std::function<void()> {
        if (m_leaving) return {};
        const auto taken = keeper.deliver();
        return tellAfter(keeper, taken ? Result<void>() : tl::unexpected(taken.error()));
    });
}

} // namespace arbor::log
