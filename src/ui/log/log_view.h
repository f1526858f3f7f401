#pragma once

#include "log/desk.h"
#include "words/display.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace arbor::ui {

class LogCharts;

/// The shop's past presses: found by word, verdict and date, the last time on the same thing first; what they come to
/// in figures; written out as CSV or JSON.
class LogView : public QWidget {
    Q_OBJECT
public:
    explicit LogView(QWidget* parent = nullptr);

    /// What the open job is about, in words that are searched for; empty: there is none.
    struct Like {
        QString position; ///< the machine's place, and which of them
        QString place;    ///< the machine's place
        QString machine;
        QString bearing;
        std::string step; ///< key of the one in hand
    };
    /// @param like  begins with the narrowest of it that finds anything
    void open(log::Desk& desk, const words::Display& display, const Like& like);
    const std::vector<log::Entry>& found() const { return m_found; }
    /// Writes what is found; the ending decides how. What came of it is said when it is done.
    void exportTo(const QString& file);

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    /// One thing that is looked for: what the fields say of it, and what is asked.
    struct Attempt {
        int scope = kTyped;
        QString words;
        log::Query query;
    };
    static constexpr int kTyped = -1; ///< no scope: the fields as they stand
    QWidget* buildFilter();
    QWidget* buildScopes();
    std::vector<Attempt> attemptsAt(int scope) const;
    void look(std::vector<Attempt> attempts); ///< the first that finds anything is shown
    void ask();
    void show(const Attempt& attempt, std::vector<log::Entry> found);
    void tell();
    log::Query wanted() const; ///< as the fields stand
    void refresh();
    void count();
    void away(const Problem& problem);
    void fill();
    void askFile();

    QPointer<log::Desk> m_desk;
    std::vector<Attempt> m_next; ///< to be asked when the desk has answered; empty: nothing
    bool m_asking = false;
    bool m_away = false; ///< the logbook did not answer last time
    words::Display m_display;
    Like m_like;
    std::vector<log::Entry> m_found;
    std::vector<QPushButton*> m_scopes;
    QLineEdit* m_search;
    QComboBox* m_verdict;
    QLineEdit* m_from;
    QLineEdit* m_to;
    QPushButton* m_export;
    QLabel* m_count;
    QLabel* m_message;
    QLabel* m_told; ///< the press that is chosen, in words
    QTableWidget* m_table;
    LogCharts* m_charts;
};

} // namespace arbor::ui
