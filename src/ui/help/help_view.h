#pragma once

#include <QWidget>
#include <vector>

class QLineEdit;
class QTextBrowser;

namespace arbor::ui {

/// F1: the terms of the screen and what is meant by them, found by their words. They are docs/glossary.md, in the
/// reader's language.
class HelpView : public QWidget {
    Q_OBJECT
public:
    struct Term {
        QString term, meaning; ///< markdown
    };
    explicit HelpView(QWidget* parent = nullptr);
    void open();
    /// Those in sight: every word that is searched for begins a word of them.
    std::vector<Term> found() const;

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void refresh();

    QLineEdit* m_search;
    QTextBrowser* m_page;
    std::vector<Term> m_terms;
};

} // namespace arbor::ui
