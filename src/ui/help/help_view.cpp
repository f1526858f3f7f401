#include "ui/help/help_view.h"

#include "ui/theme/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QRegularExpression>
#include <QTextBrowser>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kListWidth = 250;

bool beginsWord(const QString& text, const QString& word) {
    return text.contains(
        QRegularExpression("(^|\\W)" + QRegularExpression::escape(word),
                           QRegularExpression::CaseInsensitiveOption | QRegularExpression::UseUnicodePropertiesOption));
}

bool hasAll(const QString& text, const QStringList& words) {
    return std::all_of(words.begin(), words.end(), [&](const QString& word) { return beginsWord(text, word); });
}

QString textOf(const HelpTerm& t) {
    return QStringLiteral("**%1**  \n%2\n\n").arg(t.term, t.meaning);
}

QString textOf(const HelpSource& s) {
    return QStringLiteral("**%1** · %2  \n%3  \n*%4*\n\n").arg(s.keys.join(", "), s.calculation, s.formula, s.limits);
}

/// A term is of a page where the page says it: the word itself, without what stands in brackets behind it.
bool isSaid(const HelpTerm& term, const QString& page) {
    const auto word = term.term.section(QStringLiteral(" ("), 0, 0).section(QStringLiteral(", "), 0, 0);
    return beginsWord(page, word);
}

} // namespace

HelpView::HelpView(QWidget* parent)
    : QWidget(parent), m_pages(helpPages()), m_terms(helpTerms()), m_sources(helpSources()) {
    setObjectName("helpView");
    m_search = new QLineEdit(this);
    m_search->setObjectName("helpSearch");
    m_search->setMinimumHeight(theme::kTouch);
    m_search->setAccessibleName(tr("Search the help"));
    m_search->setPlaceholderText(tr("words of what is meant: end play, draw bolt"));
    m_list = new QListWidget(this);
    m_list->setObjectName("helpPages");
    m_list->setAccessibleName(tr("Pages of the help"));
    m_list->setFixedWidth(kListWidth);
    m_list->setFrameShape(QFrame::NoFrame);
    for (const auto& page : m_pages)
        m_list->addItem(page.title);
    m_list->addItem(tr("Terms"));
    m_list->addItem(tr("Where the numbers come from"));
    m_page = new QTextBrowser(this);
    m_page->setObjectName("helpPage");
    m_page->setAccessibleName(tr("Help"));
    m_page->setFrameShape(QFrame::NoFrame);
    m_page->setOpenLinks(false);
    auto* row = new QHBoxLayout;
    row->setSpacing(theme::kMargin);
    row->addWidget(m_list);
    row->addWidget(m_page, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, theme::kGap, theme::kMargin, theme::kGap);
    layout->addWidget(m_search);
    layout->addLayout(row, 1);
    connect(m_search, &QLineEdit::textChanged, this, &HelpView::refresh);
    connect(m_list, &QListWidget::currentRowChanged, this, [this] {
        const QSignalBlocker quiet(m_search);
        m_search->clear();
        refresh();
    });
}

void HelpView::open(const QString& place, const QStringList& sources) {
    m_place = place;
    m_here = sources;
    const auto at =
        std::find_if(m_pages.begin(), m_pages.end(), [&](const HelpPage& page) { return page.key == place; });
    const QSignalBlocker quiet(m_list);
    m_search->clear();
    m_list->setCurrentRow(at == m_pages.end() ? 0 : static_cast<int>(at - m_pages.begin()));
    refresh();
    m_search->setFocus();
}

std::vector<HelpTerm> HelpView::found() const {
    const auto words = m_search->text().split(' ', Qt::SkipEmptyParts);
    std::vector<HelpTerm> out;
    std::copy_if(m_terms.begin(), m_terms.end(), std::back_inserter(out),
                 [&](const HelpTerm& t) { return hasAll(t.term + " " + t.meaning, words); });
    return out;
}

QString HelpView::shownPage() const {
    if (!m_search->text().trimmed().isEmpty()) return {};
    const auto row = static_cast<std::size_t>(std::max(0, m_list->currentRow()));
    if (row < m_pages.size()) return m_pages[row].key;
    return row == m_pages.size() ? QStringLiteral("terms") : QStringLiteral("sources");
}

/// What is asked there, its terms, and, of the place one came from, the sources of what it says now.
QString HelpView::placeText(const HelpPage& page) const {
    auto out = "## " + page.title + "\n\n" + page.text + "\n\n";
    QString sources, terms;
    if (page.key == m_place)
        for (const auto& source : m_sources)
            if (std::any_of(source.keys.begin(), source.keys.end(),
                            [&](const QString& key) { return m_here.contains(key); }))
                sources += textOf(source);
    for (const auto& term : m_terms)
        if (isSaid(term, page.text)) terms += textOf(term);
    if (!sources.isEmpty()) out += "### " + tr("Where the numbers of this card come from") + "\n\n" + sources;
    if (!terms.isEmpty()) out += "### " + tr("Terms") + "\n\n" + terms;
    return out;
}

/// Terms first, then the paragraphs of every page that have all the words.
QString HelpView::foundText(const QStringList& words) const {
    QString out;
    for (const auto& term : found())
        out += textOf(term);
    for (const auto& page : m_pages) {
        QString said;
        for (const auto& paragraph : page.text.split(QStringLiteral("\n\n")))
            if (hasAll(page.title + " " + paragraph, words)) said += paragraph + "\n\n";
        if (!said.isEmpty()) out += "### " + page.title + "\n\n" + said;
    }
    for (const auto& source : m_sources)
        if (hasAll(source.keys.join(' ') + " " + source.calculation, words)) out += textOf(source);
    return out.isEmpty() ? tr("Nothing is found by these words.") : out;
}

void HelpView::refresh() {
    const auto words = m_search->text().split(' ', Qt::SkipEmptyParts);
    const auto row = static_cast<std::size_t>(std::max(0, m_list->currentRow()));
    QString text;
    if (!words.isEmpty()) {
        text = foundText(words);
    } else if (row < m_pages.size()) {
        text = placeText(m_pages[row]);
    } else if (row == m_pages.size()) {
        for (const auto& term : m_terms)
            text += textOf(term);
    } else {
        for (const auto& source : m_sources)
            text += textOf(source);
    }
    m_page->document()->setDefaultFont(theme::typeface(theme::Text::Body));
    m_page->setMarkdown(text);
}

void HelpView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Down || event->key() == Qt::Key_Up) {
        const int by = event->key() == Qt::Key_Down ? 1 : -1;
        return m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, m_list->count() - 1));
    }
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
