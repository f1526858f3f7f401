#pragma once

#include "core/day/board.h"
#include "io/shop_day.h"
#include "solver/solve.h"

#include <QObject>
#include <QString>
#include <atomic>
#include <future>
#include <memory>

class QTimer;

namespace arbor::ui {

/// The day of a shop: its jobs worked out and planned beside the window; the starts that are fixed and the plan
/// that stands are kept in the shop's folder.
class DayDesk : public QObject {
    Q_OBJECT
public:
    using Clock = std::function<std::string()>;
    explicit DayDesk(Clock now, QObject* parent = nullptr);
    ~DayDesk() override; ///< stops what is being planned

    /// Reads every job anew and plans.
    void read(const QString& folder, std::shared_ptr<const tables::Tables> tables);
    void readAgain();
    /// A piece is to begin then; nothing: the plan chooses again. It is planned anew.
    void fix(const day::Key& key, std::optional<day::Minute> start);
    bool isFixed(const day::Key& key) const { return m_kept.starts.contains(key); }
    void setEffort(double seconds) { m_seconds = seconds; } ///< of planning, on one core
    void look();                                            ///< what runs over its time has it planned anew

    const day::Board& board() const { return m_board; }
    const QString& folder() const { return m_folder; } ///< of the shop it is of
    bool isBusy() const { return m_coming.valid(); }
    QString trouble() const { return m_trouble; }

signals:
    void changed();

private:
    void take();
    void start();
    /// Changes what lies in the folder now: another window may have fixed a start there. One that cannot be read is
    /// left alone.
    void keep(const std::function<void(io::DayFile&)>& change);

    Clock m_now;
    QString m_folder;
    std::shared_ptr<const tables::Tables> m_tables;
    io::DayFile m_kept;
    day::Board m_board;
    std::future<day::Board> m_coming;
    double m_seconds = day::Effort{}.seconds;
    std::atomic<bool> m_stop = false;
    bool m_again = false; ///< something changed while it was planned
    QString m_trouble;
    QTimer* m_ready;
};

} // namespace arbor::ui
