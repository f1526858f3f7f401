#include "ui/help/help_view.h"

#include "ui/theme/theme.h"

#include <QFile>
#include <QKeyEvent>
#include <QLineEdit>
#include <QRegularExpression>
#include <QTextBrowser>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

/// The rows of the table, below its head.
std::vector<HelpView::Term> termsIn(const QString& page) {
    std::vector<HelpView::Term> out;
    static const QRegularExpression row("^\\| (.+?) \\| (.+) \\|$", QRegularExpression::MultilineOption);
    for (auto it = row.globalMatch(page); it.hasNext();) {
        const auto found = it.next();
        out.push_back({found.captured(1), found.captured(2)});
    }
    if (!out.empty()) out.erase(out.begin());
    return out;
}

bool beginsWord(const QString& text, const QString& word) {
    return text.contains(
        QRegularExpression("(^|\\W)" + QRegularExpression::escape(word),
                           QRegularExpression::CaseInsensitiveOption | QRegularExpression::UseUnicodePropertiesOption));
}

} // namespace

HelpView::HelpView(QWidget* parent) : QWidget(parent) {
    setObjectName("helpView");
    m_search = new QLineEdit(this);
    m_search->setObjectName("helpSearch");
    m_search->setMinimumHeight(theme::kTouch);
    m_search->setAccessibleName(tr("Search the terms"));
    m_search->setPlaceholderText(tr("a term, or words of what is meant: end play"));
    m_page = new QTextBrowser(this);
    m_page->setObjectName("helpPage");
    m_page->setAccessibleName(tr("Terms"));
    m_page->setFrameShape(QFrame::NoFrame);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    layout->addWidget(m_search);
    layout->addWidget(m_page, 1);
    connect(m_search, &QLineEdit::textChanged, this, &HelpView::refresh);
    QFile file(":/help/" + tr("glossary.md", "the file of this language"));
    if (file.open(QIODevice::ReadOnly)) m_terms = termsIn(QString::fromUtf8(file.readAll()));
}

void HelpView::open() {
    m_search->clear();
    refresh();
    m_search->setFocus();
}

std::vector<HelpView::Term> HelpView::found() const {
    const auto words = m_search->text().split(' ', Qt::SkipEmptyParts);
    std::vector<Term> out;
    std::copy_if(m_terms.begin(), m_terms.end(), std::back_inserter(out), [&](const Term& t) {
        return std::all_of(words.begin(), words.end(),
                           [&](const QString& word) { return beginsWord(t.term + " " + t.meaning, word); });
    });
    return out;
}

void HelpView::refresh() {
    QString text;
    for (const auto& t : found())
        text += QStringLiteral("**%1**  \n%2\n\n").arg(t.term, t.meaning);
    m_page->document()->setDefaultFont(theme::typeface(theme::Text::Body));
    m_page->setMarkdown(text.isEmpty() ? tr("Nothing is found by these words.") : text);
}

void HelpView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
