#include "ui/kit/long_work.h"

#include "ui/theme/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTimer>

namespace arbor::ui {

LongWork::LongWork(QWidget* parent) : QWidget(parent) {
    constexpr int kAsks_ms = 50;
    setObjectName("longWork");
    m_told = new QLabel(this);
    m_told->setObjectName("longWorkTold");
    m_cancel = new QPushButton(tr("Stop it"), this);
    m_cancel->setObjectName("longWorkStop");
    m_cancel->setMinimumHeight(theme::kTouch);
    auto* line = new QHBoxLayout(this);
    line->setContentsMargins(theme::kMargin, 0, theme::kMargin, theme::kGap);
    line->addWidget(m_told, 1);
    line->addWidget(m_cancel);
    m_ready = new QTimer(this);
    m_ready->setInterval(kAsks_ms);
    connect(m_ready, &QTimer::timeout, this, &LongWork::look);
    connect(m_cancel, &QPushButton::clicked, this, &LongWork::stop);
    hide();
}

LongWork::~LongWork() {
    stop();
    if (m_coming.valid()) m_coming.wait();
}

void LongWork::start(const QString& what, std::function<Result<QString>(const Progress&)> work,
                     std::function<void(const Result<QString>&)> then) {
    if (isRunning()) return;
    m_what = what;
    m_then = std::move(then);
    m_stop = false;
    m_done = m_all = 0;
    m_coming = std::async(std::launch::async, [this, work = std::move(work)] {
        return work([this](std::size_t done, std::size_t all) {
            m_done = done;
            m_all = all;
            return !m_stop;
        });
    });
    look();
    show();
    m_ready->start();
}

void LongWork::look() {
    const auto done = m_done.load(), all = m_all.load();
    m_told->setText(all > 0 ? tr("%1: %2 of %3").arg(m_what).arg(done).arg(all) : m_what);
    if (m_coming.wait_for(std::chrono::seconds(0)) != std::future_status::ready) return;
    m_ready->stop();
    hide();
    m_then(m_coming.get());
}

} // namespace arbor::ui
