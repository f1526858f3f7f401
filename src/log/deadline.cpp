#include "log/deadline.h"

#include <sys/socket.h>

namespace arbor::log {

Deadline::Deadline(int socket, std::chrono::milliseconds most)
    : m_socket(socket), m_most(most), m_watch([this](const std::stop_token& stop) { watch(stop); }) {}

Deadline::Call::Call(Deadline* deadline) : m_deadline(deadline) {
    if (!m_deadline) return;
    const std::scoped_lock lock(m_deadline->m_mutex);
    ++m_deadline->m_calls;
    m_deadline->m_until = Clock::now() + m_deadline->m_most;
    m_deadline->m_changed.notify_one();
}

Deadline::Call::~Call() {
    if (!m_deadline) return;
    const std::scoped_lock lock(m_deadline->m_mutex);
    if (--m_deadline->m_calls == 0) m_deadline->m_until.reset();
    m_deadline->m_changed.notify_one();
}

bool Deadline::isOver() const {
    const std::scoped_lock lock(m_mutex);
    return m_over;
}

void Deadline::watch(const std::stop_token& stop) {
    std::unique_lock lock(m_mutex);
    while (!stop.stop_requested()) {
        if (!m_until) {
            m_changed.wait(lock, stop, [this] { return m_until.has_value(); });
            continue;
        }
        const auto until = *m_until;
        m_changed.wait_until(lock, stop, until, [&] { return m_until != until; });
        if (m_until != until || Clock::now() < until) continue; // it ended, another began, or all of it ends
        m_over = true;
        m_until.reset();
        ::shutdown(m_socket, SHUT_RDWR);
    }
}

} // namespace arbor::log
