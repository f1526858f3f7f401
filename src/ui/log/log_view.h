#pragma once

#include "log/keeper.h"
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
    /// @param keeper  must outlive the view  @param like  begins with the narrowest of it that finds anything
    void open(log::Keeper& keeper, const words::Display& display, const Like& like);
    const std::vector<log::Entry>& found() const { return m_found; }
    /// Writes what is found; the ending decides how. @errors Unwritable, those of the logbook
    Result<void> exportTo(const QString& file) const;

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QWidget* buildFilter();
    QWidget* buildScopes();
    void lookFor(int scope);
    bool lookForWords(const QString& words); ///< false: nothing is found
    void tell();
    log::Query wanted() const; ///< as the fields stand
    void refresh();
    void count();
    void away(const Problem& problem);
    void fill();
    void askFile();

    log::Keeper* m_keeper = nullptr;
    bool m_there = false; ///< the logbook answered last time; a server that is away is not called for every key
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
