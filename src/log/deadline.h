#pragma once

#include <chrono>
#include <condition_variable>
#include <mutex>
#include <optional>
#include <thread>

namespace arbor::log {

/// How long a call of the database may take.
inline constexpr std::chrono::milliseconds kDeadline{3000};

/// Ends a call to a server that has fallen silent: when its time is over, the connection is shut under it, and the call
/// returns as from a server that hung up. (A server that is only slow ends the statement itself, by its own timeout.)
class Deadline {
public:
    /// @param socket  of the connection, which outlives this
    explicit Deadline(int socket, std::chrono::milliseconds most = kDeadline);
    Deadline(const Deadline&) = delete;
    Deadline& operator=(const Deadline&) = delete;

    /// A statement while it lives; each one begins the time anew. Null: nothing is watched.
    class Call {
    public:
        explicit Call(Deadline* deadline);
        ~Call();
        Call(const Call&) = delete;
        Call& operator=(const Call&) = delete;

    private:
        Deadline* m_deadline;
    };
    bool isOver() const; ///< the connection was shut

private:
    using Clock = std::chrono::steady_clock;
    void watch(const std::stop_token& stop);

    const int m_socket;
    const std::chrono::milliseconds m_most;
    mutable std::mutex m_mutex;
    std::condition_variable_any m_changed;
    int m_calls = 0;
    std::optional<Clock::time_point> m_until;
    bool m_over = false;
    std::jthread m_watch; ///< last: it looks at the others
};

} // namespace arbor::log
