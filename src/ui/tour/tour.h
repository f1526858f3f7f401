#pragma once

#include <QString>
#include <QWidget>
#include <functional>
#include <vector>

class QLabel;
class QPushButton;
class QTimer;

namespace arbor::ui {

/// A few stops through the window, each gone on from by the reader's own hands. A line at the foot of the window: it
/// stands in the way of nothing and is left at any time.
class Tour : public QWidget {
    Q_OBJECT
public:
    struct Stop {
        QString head;
        QString text;
        std::function<bool()> done;
        std::function<void()> begin = [] {};
    };
    explicit Tour(QWidget* parent = nullptr);

    /// Asks whether one is wanted; nothing begins by itself.
    void offer(const QString& text);
    void start(std::vector<Stop> stops);
    void leave();
    bool isRunning() const { return !m_stops.empty(); }
    int stop() const { return static_cast<int>(m_at) + 1; } ///< from 1

signals:
    void wanted(); ///< the offer was taken
    void left();   ///< it is over, or was not wanted

public slots:
    void look(); ///< whether the stop is done: it looks by itself too, but not at once

private:
    void show(const QString& head, const QString& text);

    QLabel* m_head;
    QLabel* m_text;
    QPushButton* m_begin;
    QPushButton* m_leave;
    QTimer* m_timer;
    std::vector<Stop> m_stops;
    std::size_t m_at = 0;
};

} // namespace arbor::ui
