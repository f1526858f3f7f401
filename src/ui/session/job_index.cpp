#include "ui/session/job_index.h"

#include <QFileInfo>
#include <QRegularExpression>
#include <QTimer>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kAsks_ms = 20; // whether the list is there

} // namespace

JobIndex::JobIndex(QObject* parent) : QObject(parent), m_ready(new QTimer(this)) {
    connect(m_ready, &QTimer::timeout, this, &JobIndex::take);
}

void JobIndex::read(const QString& folder) {
    if (folder != m_folder) m_jobs.clear();
    m_folder = folder;
    m_stale = isReading();
    if (m_stale) return;
    m_coming = std::async(std::launch::async, io::glanceOver, folder.toStdString());
    m_ready->start(kAsks_ms);
}

void JobIndex::take() {
    if (m_coming.wait_for(std::chrono::seconds(0)) != std::future_status::ready) return;
    m_ready->stop();
    auto jobs = m_coming.get();
    if (m_stale) return read(m_folder);
    m_jobs = std::move(jobs);
    emit changed();
}

void JobIndex::added(const QString& file) {
    gone(file);
    m_jobs.push_back(io::glanceAt(file.toStdString()));
    m_stale = isReading();
    emit changed();
}

void JobIndex::gone(const QString& file) {
    std::erase_if(m_jobs, [&](const io::JobGlance& job) { return QString::fromStdString(job.path) == file; });
    m_stale = isReading();
}

std::string JobIndex::nextNumber() const {
    static const QRegularExpression counted(QStringLiteral("^(.*?)(\\d+)$"));
    QString front = QStringLiteral("J-"), digits = QStringLiteral("0000");
    qulonglong most = 0;
    for (const auto& job : m_jobs) {
        const auto read = counted.match(QString::fromStdString(job.id));
        if (!read.hasMatch() || read.captured(2).toULongLong() < most) continue;
        most = read.captured(2).toULongLong();
        front = read.captured(1);
        digits = read.captured(2);
    }
    QString number;
    do // another window may have given it meanwhile
        number = front + QString::number(++most).rightJustified(digits.size(), QLatin1Char('0'));
    while (QFileInfo::exists(m_folder + "/" + number + ".arbor.json"));
    return number.toStdString();
}

bool JobIndex::hasNumber(const std::string& number) const {
    return std::any_of(m_jobs.begin(), m_jobs.end(), [&](const io::JobGlance& job) { return job.id == number; });
}

} // namespace arbor::ui
