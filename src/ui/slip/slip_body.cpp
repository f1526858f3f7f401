#include "ui/slip/slip_body.h"

#include "ui/text.h"

#include <QVBoxLayout>

namespace arbor::ui {

SlipBody::SlipBody(QWidget* parent) : QWidget(parent) {
    m_layout = new QVBoxLayout(this);
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(0);
    m_layout->addStretch(1);
}

void SlipBody::put(const QString& spoken, SlipItem::LayOut layOut) {
    if (m_used == m_items.size()) {
        m_items.push_back(new SlipItem(this));
        m_layout->insertWidget(m_layout->count() - 1, m_items.back(), 0, Qt::AlignLeft);
    }
    auto* item = m_items[m_used++];
    item->setObjectName(QStringLiteral("slipItem%1").arg(m_used));
    item->show(spoken, std::move(layOut));
}

void SlipBody::gap(int pixels) {
    put({}, [pixels](QPainter*, int) { return pixels; });
}

void SlipBody::show(const words::Sheet& sheet) {
    m_used = 0;
    put(sheet.verdict.empty() ? q(sheet.title) : QStringLiteral("%1. %2").arg(q(sheet.title), q(sheet.verdict)),
        titleItem(sheet));
    for (const auto& figure : sheet.figures)
        put(spoken(figure), figureItem(figure));
    bool listed = false;
    for (const auto& list : sheet.rows) {
        if (list.aside || list.rows.empty()) continue;
        listed = true;
        if (!list.title.empty()) put(q(list.title), headItem(q(list.title)));
        for (const auto& row : list.rows)
            put(spoken(row), rowItem(row));
        gap(10);
    }
    if (!sheet.notes.empty()) {
        if (!listed) put({}, headItem({}));
        if (!sheet.notesTitle.empty()) put(q(sheet.notesTitle), headItem(q(sheet.notesTitle)));
        for (const auto& note : sheet.notes)
            put(spoken(note), noteItem(note));
    }
    for (auto i = m_used; i < m_items.size(); ++i)
        m_items[i]->hide();
    int height = 0;
    for (std::size_t i = 0; i < m_used; ++i)
        height += m_items[i]->height();
    setMinimumHeight(height);
}

QString SlipBody::text() const {
    QStringList lines;
    for (std::size_t i = 0; i < m_used; ++i)
        if (!m_items[i]->text().isEmpty()) lines << m_items[i]->text();
    return lines.join('\n');
}

} // namespace arbor::ui
