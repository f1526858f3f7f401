#include "ui/shop/table_page.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QTableWidget>
#include <QUndoCommand>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

/// A cell with few things to be is chosen from a list; others are typed.
class ChoiceDelegate : public QStyledItemDelegate {
public:
    ChoiceDelegate(std::function<QStringList(int)> choices, QObject* parent)
        : QStyledItemDelegate(parent), m_choices(std::move(choices)) {}

    QWidget* createEditor(QWidget* parent, const QStyleOptionViewItem& option, const QModelIndex& at) const override {
        const auto all = m_choices(at.column());
        if (all.isEmpty()) return QStyledItemDelegate::createEditor(parent, option, at);
        auto* box = new QComboBox(parent);
        box->addItems(all);
        return box;
    }
    void setEditorData(QWidget* editor, const QModelIndex& at) const override {
        if (auto* box = qobject_cast<QComboBox*>(editor))
            box->setCurrentText(at.data().toString());
        else
            QStyledItemDelegate::setEditorData(editor, at);
    }
    void setModelData(QWidget* editor, QAbstractItemModel* model, const QModelIndex& at) const override {
        if (const auto* box = qobject_cast<QComboBox*>(editor))
            model->setData(at, box->currentText());
        else
            QStyledItemDelegate::setModelData(editor, model, at);
    }

private:
    std::function<QStringList(int)> m_choices;
};

} // namespace

/// All rows before and after: they are few.
class ListEdit : public QUndoCommand {
public:
    ListEdit(TablePage& page, std::any before, const QString& text)
        : QUndoCommand(text), m_page(page), m_before(std::move(before)), m_after(page.m_list->state()) {}
    void redo() override {
        if (!std::exchange(m_first, false)) put(m_after);
    }
    void undo() override { put(m_before); }

private:
    void put(const std::any& state) {
        if (const auto done = m_page.m_list->restore(state); !done) emit m_page.trouble(q(words::say(done.error())));
        m_page.fill();
        emit m_page.changed();
    }

    TablePage& m_page;
    std::any m_before, m_after;
    bool m_first = true; ///< it is done already
};

TablePage::TablePage(const Texts& texts, QWidget* parent) : QWidget(parent), m_table(new QTableWidget(this)) {
    setObjectName(texts.name + "View");
    setAttribute(Qt::WA_StyledBackground);
    setFocusProxy(m_table);
    auto* title = new QLabel(texts.title, this);
    title->setFont(theme::typeface(theme::Text::Title));
    auto* hint = new QLabel(texts.hint, this);
    hint->setWordWrap(true);
    m_table->setObjectName(texts.name + "Table");
    m_table->setAccessibleName(texts.title);
    m_table->verticalHeader()->hide();
    m_table->setShowGrid(false);
    m_table->setFrameShape(QFrame::NoFrame);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter); // as what stands below
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                             QAbstractItemView::EditKeyPressed);
    m_table->setItemDelegate(
        new ChoiceDelegate([this](int column) { return m_list ? m_list->choices(column) : QStringList(); }, m_table));
    auto* another = new QPushButton(texts.another, this);
    another->setObjectName(texts.name + "Add");
    another->setMinimumHeight(theme::kTouch - 8);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    layout->setSpacing(theme::kGap);
    layout->addWidget(title);
    layout->addWidget(hint);
    layout->addWidget(m_table, 1);
    layout->addWidget(another, 0, Qt::AlignLeft);
    connect(another, &QPushButton::clicked, this, &TablePage::add);
    connect(m_table, &QTableWidget::itemChanged, this, &TablePage::take);
}

void TablePage::open(std::unique_ptr<ListModel> list) {
    if (!m_list || !list->isAs(*m_list)) m_undo.clear();
    m_list = std::move(list);
    fill();
    m_table->setCurrentCell(0, 0);
}

void TablePage::fill() {
    const QSignalBlocker quiet(m_table);
    const auto heads = m_list->headings();
    m_table->setColumnCount(static_cast<int>(heads.size()));
    m_table->setHorizontalHeaderLabels(heads);
    m_table->setRowCount(m_list->count());
    for (int row = 0; row < m_table->rowCount(); ++row)
        fillRow(row);
    m_table->resizeColumnsToContents();
    for (int column = 0; column + 1 < m_table->columnCount(); ++column)
        m_table->setColumnWidth(column, m_table->columnWidth(column) + theme::kGap);
}

/// An item stays: its editor may still be open.
void TablePage::fillRow(int row) {
    const auto texts = m_list->texts(row);
    for (int column = 0; column < m_table->columnCount(); ++column) {
        auto* item = m_table->item(row, column);
        if (!item) m_table->setItem(row, column, item = new QTableWidgetItem);
        item->setText(texts[column]);
        const bool typed = m_list->isTyped(row, column);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | (typed ? Qt::ItemIsEditable : Qt::NoItemFlags));
        item->setForeground(m_list->isOwn(row) ? theme::roles().ink : theme::roles().muted);
    }
}

void TablePage::take(QTableWidgetItem* item) {
    const int column = item->column();
    const int changes = m_list->changes();
    auto before = m_list->state();
    const auto row = m_list->type(item->row(), column, item->text());
    if (!row) {
        emit trouble(q(words::say(row.error())));
        return fill();
    }
    if (m_list->changes() == changes) return fill(); // the same, typed otherwise
    note(tr("Change a row"), std::move(before));
    standAt(*row, column);
}

void TablePage::add() {
    auto before = m_list->state();
    const auto row = m_list->add(m_table->currentRow());
    if (!row) return emit trouble(q(words::say(row.error())));
    note(tr("Another row"), std::move(before));
    m_table->setCurrentCell(*row, 0);
    m_table->setFocus();
}

void TablePage::removeAt(int row) {
    auto before = m_list->state();
    if (const auto done = m_list->remove(row); !done) return emit trouble(q(words::say(done.error())));
    note(tr("Take a row away"), std::move(before));
    m_table->setCurrentCell(std::min(row, m_table->rowCount() - 1), 0);
}

void TablePage::note(const QString& text, std::any before) {
    emit trouble({});
    m_undo.push(new ListEdit(*this, std::move(before), text));
    fill();
    emit changed();
}

/// Once the editor is closed: it puts the place back where it was.
void TablePage::standAt(int row, int column) {
    QMetaObject::invokeMethod(
        m_table, [this, row, column] { m_table->setCurrentCell(row, column); }, Qt::QueuedConnection);
}

void TablePage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Insert) return add();
    if (event->key() == Qt::Key_Delete) return removeAt(m_table->currentRow());
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
