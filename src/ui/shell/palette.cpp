#include "ui/shell/palette.h"

#include "ui/theme/theme.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

namespace arbor::ui {

namespace {

constexpr int kPaletteWidth = 620, kPaletteHeight = 420, kFoundHeight = 32;
constexpr int kMostRows = 60; // more is not read, it is typed on

/// Every word begins one of the entry's.
bool matches(const QString& text, const QStringList& words) {
    const auto theirs = text.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    return std::all_of(words.begin(), words.end(), [&](const QString& word) {
        return std::any_of(theirs.begin(), theirs.end(), [&](const QString& t) { return t.startsWith(word); });
    });
}

} // namespace

Palette::Palette(QWidget* parent) : QWidget(parent) {
    setObjectName("palette");
    setAccessibleName(tr("Go to"));
    m_line = new QLineEdit(this);
    m_line->setObjectName("paletteLine");
    m_line->setMinimumHeight(theme::kTouch);
    m_line->setAccessibleName(tr("Go to"));
    m_line->setPlaceholderText(tr("a command, a station, a job, a tool"));
    m_line->installEventFilter(this);
    m_list = new QListWidget(this);
    m_list->setObjectName("paletteList");
    m_list->setFocusPolicy(Qt::NoFocus);
    m_list->setAccessibleName(tr("What was found"));
    auto* column = new QVBoxLayout(this);
    column->addWidget(m_line);
    column->addWidget(m_list, 1);
    connect(m_line, &QLineEdit::textChanged, this, &Palette::find);
    connect(m_list, &QListWidget::itemClicked, this, &Palette::take);
    hide();
}

void Palette::open(std::vector<Entry> entries) {
    m_entries = std::move(entries);
    setGeometry((parentWidget()->width() - kPaletteWidth) / 2, theme::kHeaderHeight + theme::kGap, kPaletteWidth,
                kPaletteHeight);
    m_line->clear();
    find({});
    show();
    raise();
    m_line->setFocus();
}

void Palette::find(const QString& typed) {
    const auto words = typed.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    m_list->clear();
    for (std::size_t i = 0; i < m_entries.size() && m_list->count() < kMostRows; ++i) {
        const auto& entry = m_entries[i];
        if (!matches(entry.text, words)) continue;
        auto* row =
            new QListWidgetItem(entry.aside.isEmpty() ? entry.text : entry.text + "   ·   " + entry.aside, m_list);
        row->setData(Qt::UserRole, static_cast<int>(i));
        row->setSizeHint({0, kFoundHeight});
    }
    m_list->setCurrentRow(0);
}

void Palette::take() {
    const auto* row = m_list->currentItem();
    if (!row) return;
    const auto act = m_entries[static_cast<std::size_t>(row->data(Qt::UserRole).toInt())].act;
    hide();
    act();
}

bool Palette::eventFilter(QObject* watched, QEvent* event) {
    if (watched != m_line || event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    switch (static_cast<QKeyEvent*>(event)->key()) {
    case Qt::Key_Down:
        m_list->setCurrentRow(std::min(m_list->count() - 1, m_list->currentRow() + 1));
        return true;
    case Qt::Key_Up:
        m_list->setCurrentRow(std::max(0, m_list->currentRow() - 1));
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        take();
        return true;
    case Qt::Key_Escape:
        hide();
        parentWidget()->setFocus();
        return true;
    default:
        return false;
    }
}

void Palette::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().card);
    painter.setPen(theme::roles().plan);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

} // namespace arbor::ui
