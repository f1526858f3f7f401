#pragma once

#include <QWidget>
#include <functional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace arbor::ui {

/// Everything the window can be asked for, found by typing: commands with their keys, stations, jobs, tools. Lies over
/// the window's upper part; Escape puts it away.
class Palette : public QWidget {
    Q_OBJECT
public:
    explicit Palette(QWidget* parent);

    struct Entry {
        QString text;
        QString aside; ///< its key, or what it is
        std::function<void()> act;
    };
    void open(std::vector<Entry> entries);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent*) override;

private:
    void find(const QString& typed);
    void take();

    std::vector<Entry> m_entries;
    QLineEdit* m_line;
    QListWidget* m_list;
};

} // namespace arbor::ui
