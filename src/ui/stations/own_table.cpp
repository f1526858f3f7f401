#include "ui/stations/own_table.h"

#include "ui/theme/theme.h"

#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

namespace arbor::ui {

OwnTable layOutOwnTable(QWidget* place, const OwnTableTexts& texts, int columns) {
    auto* title = new QLabel(texts.title, place);
    title->setFont(theme::typeface(theme::Text::Title));
    auto* hint = new QLabel(texts.hint, place);
    hint->setWordWrap(true);
    auto* table = new QTableWidget(0, columns, place);
    table->setObjectName(texts.name + "Table");
    table->setAccessibleName(texts.title);
    table->verticalHeader()->hide();
    table->setShowGrid(false);
    table->setFrameShape(QFrame::NoFrame);
    table->horizontalHeader()->setHighlightSections(false);
    table->horizontalHeader()->setStretchLastSection(true);
    table->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                           QAbstractItemView::EditKeyPressed);
    auto* another = new QPushButton(texts.another, place);
    another->setObjectName(texts.name + "Add");
    another->setMinimumHeight(theme::kTouch - 8);
    auto* layout = new QVBoxLayout(place);
    layout->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    layout->setSpacing(theme::kGap);
    layout->addWidget(title);
    layout->addWidget(hint);
    layout->addWidget(table, 1);
    layout->addWidget(another, 0, Qt::AlignLeft);
    return {table, another};
}

void showRow(QTableWidget* table, int row, const QStringList& texts, bool own, bool editable) {
    for (int column = 0; column < table->columnCount(); ++column) {
        auto* item = table->item(row, column);
        if (!item) table->setItem(row, column, item = new QTableWidgetItem);
        item->setText(texts[column]);
        const bool typed = editable && column + 1 < table->columnCount();
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | (typed ? Qt::ItemIsEditable : Qt::NoItemFlags));
        item->setForeground(own ? theme::roles().ink : theme::roles().muted);
    }
}

} // namespace arbor::ui
