#include "ui/takein/take_in_view.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace arbor::ui {

TakeInView::TakeInView(QWidget* parent) : QWidget(parent) {
    setObjectName("takeInView");
    m_title = new QLabel(this);
    m_title->setObjectName("takeInTitle");
    m_title->setFont(theme::typeface(theme::Text::Title));
    m_told = new QLabel(this);
    m_told->setObjectName("takeInTold");
    m_told->setWordWrap(true);
    m_missing = new QLabel(this);
    m_missing->setObjectName("takeInMissing");
    m_missing->setWordWrap(true);
    m_table = new QTableWidget(0, 3, this);
    m_table->setObjectName("takeInTable");
    m_table->setHorizontalHeaderLabels({tr("where"), tr("here"), tr("in their file")});
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->verticalHeader()->hide();
    m_table->setShowGrid(false);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_take = new QPushButton(tr("Import as copy"), this);
    m_take->setObjectName("takeIn");
    m_take->setProperty("primary", true);
    m_take->setMinimumHeight(theme::kTouch);
    auto* back = new QPushButton(tr("Do not import"), this);
    back->setObjectName("takeInLeave");
    back->setMinimumHeight(theme::kTouch);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_take);
    buttons->addWidget(back);
    buttons->addStretch(1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    for (auto* widget : std::initializer_list<QWidget*>{m_title, m_told, m_missing})
        layout->addWidget(widget);
    layout->addWidget(m_table, 1);
    layout->addLayout(buttons);
    connect(m_take, &QPushButton::clicked, this, &TakeInView::accepted);
    connect(back, &QPushButton::clicked, this, &TakeInView::left);
}

void TakeInView::open(const QString& file, const io::JobDocument& theirs, const job::Job* ours,
                      const tables::Tables& tables) {
    m_differences = ours ? io::differences(*ours, theirs.job) : std::vector<io::Difference>{};
    m_title->setText(q(theirs.job.id + "  " + theirs.job.title));
    m_told->setText(!ours ? tr("%1. There is no job of this number here.").arg(QFileInfo(file).fileName())
                    : m_differences.empty()
                        ? tr("%1. It is the same as the one here.").arg(QFileInfo(file).fileName())
                        : tr("%1. It differs from the one here in %2 places. The one here stays as it is.")
                              .arg(QFileInfo(file).fileName())
                              .arg(m_differences.size()));
    QStringList missing;
    for (const auto& problem : io::unknownHere(theirs.job, tables))
        missing << q(words::say(problem));
    m_missing->setText(missing.isEmpty() ? QString() : tr("Not in this shop: ") + missing.join("; "));
    m_missing->setStyleSheet(QStringLiteral("color:%1; font-weight:bold").arg(theme::roles().stop.name()));
    m_missing->setVisible(!missing.isEmpty());
    m_table->setRowCount(static_cast<int>(m_differences.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto& d = m_differences[static_cast<std::size_t>(row)];
        int column = 0;
        for (const auto& text : {d.place, d.ours, d.theirs})
            m_table->setItem(row, column++, new QTableWidgetItem(text.empty() ? QString("–") : q(text)));
    }
    m_table->resizeColumnsToContents();
    m_table->setVisible(!m_differences.empty());
    m_take->setFocus();
}

void TakeInView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return emit accepted();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
