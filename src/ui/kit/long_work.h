#pragma once

#include "core/base/result.h"

#include <QWidget>
#include <atomic>
#include <functional>
#include <future>

class QLabel;
class QPushButton;
class QTimer;

namespace arbor::ui {

/// A line that tells how far some long work is, which goes on beside the window, and stops it where it is not wanted
/// any more. Out of sight while there is none.
class LongWork : public QWidget {
    Q_OBJECT
public:
    explicit LongWork(QWidget* parent = nullptr);
    ~LongWork() override; ///< tells the work to stop, and waits for it

    /// Done of all there is (0: nobody knows); false: it is not wanted any more.
    using Progress = std::function<bool(std::size_t done, std::size_t all)>;
    /// @param work  on another thread; what it answers is said when it is done
    void start(const QString& what, std::function<Result<QString>(const Progress&)> work,
               std::function<void(const Result<QString>&)> then);
    bool isRunning() const { return m_coming.valid(); }
    void stop() { m_stop = true; }

private:
    void look();

    QString m_what;
    std::future<Result<QString>> m_coming;
    std::function<void(const Result<QString>&)> m_then;
    std::atomic<bool> m_stop = false;
    std::atomic<std::size_t> m_done = 0, m_all = 0;
    QLabel* m_told;
    QPushButton* m_cancel;
    QTimer* m_ready;
};

} // namespace arbor::ui
