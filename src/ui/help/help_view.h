#pragma once

#include "ui/help/help_pages.h"

#include <QWidget>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace arbor::ui {

/// F1: what is asked in the place one is in, the terms of it, and where its numbers come from; and all other pages,
/// found by their words. They ship with the program, in the reader's language.
class HelpView : public QWidget {
    Q_OBJECT
public:
    explicit HelpView(QWidget* parent = nullptr);
    /// @param place  key of its page  @param sources  behind what is said there now, as they stand on the screen
    void open(const QString& place, const QStringList& sources);
    /// Terms in sight: every word that is searched for begins a word of them.
    std::vector<HelpTerm> found() const;
    QString shownPage() const; ///< its key; "terms", "sources"; empty: what was found

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void refresh();
    QString placeText(const HelpPage& page) const;
    QString foundText(const QStringList& words) const;

    QLineEdit* m_search;
    QListWidget* m_list;
    QTextBrowser* m_page;
    std::vector<HelpPage> m_pages;
    std::vector<HelpTerm> m_terms;
    std::vector<HelpSource> m_sources;
    QString m_place;
    QStringList m_here; ///< sources of the place one came from
};

} // namespace arbor::ui
