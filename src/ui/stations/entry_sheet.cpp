#include "ui/stations/entry_sheet.h"

#include "ui/theme/theme.h"

#include <QAbstractItemView>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QStyle>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kLabelLeast = 108, kLabelWidth = 132; // longer ones wrap
constexpr int kFieldWidth = 110;
constexpr int kChoiceText = 150;

int widest(const QComboBox& box) {
    int most = 0;
    for (int i = 0; i < box.count(); ++i)
        most = std::max(most, box.fontMetrics().horizontalAdvance(box.itemText(i)));
    return most;
}

void markWrong(QLineEdit& edit, bool wrong) {
    edit.setProperty("wrong", wrong);
    edit.style()->unpolish(&edit);
    edit.style()->polish(&edit);
}

void say(QLabel& label, const QString& text, bool good) {
    label.setText(text);
    label.setToolTip(text);
    label.setStyleSheet(QStringLiteral("color:%1").arg((good ? theme::roles().muted : theme::roles().stop).name()));
}

} // namespace

EntrySheet::EntrySheet(QWidget* parent) : QWidget(parent), m_grid(new QGridLayout(this)) {
    setObjectName("entrySheet");
    m_grid->setContentsMargins(theme::kMargin, 10, theme::kGap, 4);
    m_grid->setHorizontalSpacing(theme::kGap);
    m_grid->setVerticalSpacing(3);
    m_grid->setColumnMinimumWidth(0, kLabelLeast);
    m_grid->setColumnMinimumWidth(1, theme::wide(kFieldWidth));
    m_grid->setColumnStretch(2, 1);
    m_grid->setRowStretch(100, 1);
}

QLabel* EntrySheet::addLabel(const QString& text, int row) {
    auto* label = new QLabel(text, this);
    label->setFont(theme::typeface(theme::Text::Small));
    label->setWordWrap(true);
    label->setMaximumWidth(kLabelWidth);
    label->setMinimumHeight(label->heightForWidth(kLabelLeast));
    m_grid->addWidget(label, row, 0);
    return label;
}

void EntrySheet::addHeading(const QString& text) {
    auto* label = new QLabel(text, this);
    label->setFont(theme::typeface(theme::Text::Strong));
    m_grid->addWidget(label, m_row++, 0, 1, 3);
}

QLineEdit* EntrySheet::addField(const QString& name, const QString& label, Take take, Show show, Show understood) {
    auto* edit = new QLineEdit(this);
    edit->setObjectName(name);
    edit->setAccessibleName(label);
    edit->setFixedWidth(theme::wide(kFieldWidth));
    auto* note = new QLabel(this);
    note->setObjectName(name + "Understood");
    note->setFont(theme::typeface(theme::Text::Small));
    note->setWordWrap(true);
    addLabel(label, m_row)->setBuddy(edit);
    m_grid->addWidget(edit, m_row, 1);
    m_grid->addWidget(note, m_row++, 2);
    m_lines.push_back({edit, note, std::move(show), std::move(understood)});
    const auto index = m_lines.size() - 1;
    connect(edit, &QLineEdit::editingFinished, this, [this, index, take = std::move(take)] { commit(index, take); });
    m_first = m_first ? m_first : edit;
    return edit;
}

void EntrySheet::widen(QLineEdit* field) {
    int row = 0, column = 0, rows = 0, columns = 0;
    m_grid->getItemPosition(m_grid->indexOf(field), &row, &column, &rows, &columns);
    field->setMinimumWidth(0);
    field->setMaximumWidth(QWIDGETSIZE_MAX);
    m_grid->addWidget(field, row, column, 1, 2);
}

QComboBox* EntrySheet::addChoice(const QString& name, const QString& label, const QStringList& texts,
                                 const QStringList& values, std::function<void(const QString&)> take, Show show) {
    auto* box = new QComboBox(this);
    box->setObjectName(name);
    box->setAccessibleName(label);
    box->addItems(texts);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMaxVisibleItems(16);
    box->view()->setMinimumWidth(220);
    auto* before = addLabel(label, m_row);
    before->setBuddy(box);
    // What is long stands under its label, over the whole width.
    const bool wide = widest(*box) > kChoiceText;
    if (wide) {
        before->setMaximumWidth(QWIDGETSIZE_MAX);
        box->setFont(theme::typeface(theme::Text::Small));
        m_grid->addWidget(before, m_row++, 0, 1, 3);
    }
    m_grid->addWidget(box, m_row++, wide ? 0 : 1, 1, wide ? 3 : 2);
    m_choices.push_back({box, values, std::move(show)});
    connect(box, &QComboBox::currentIndexChanged, this, [this, values, take = std::move(take)](int index) {
        if (!m_refreshing && index >= 0) take(values.at(index));
    });
    m_first = m_first ? m_first : box;
    return box;
}

void EntrySheet::commit(std::size_t index, const Take& take) {
    const auto& line = m_lines[index];
    if (!line.edit->isModified()) return;
    line.edit->setModified(false);
    const auto result = take(line.edit->text());
    markWrong(*line.edit, !result.good);
    if (!result.good) say(*line.note, result.text, false);
}

void EntrySheet::refresh() {
    m_refreshing = true;
    for (auto& line : m_lines) {
        // A refused entry stays as typed until it is put right or the job itself changes that field.
        const bool refused = line.edit->property("wrong").toBool();
        const auto shown = line.show();
        if (refused && line.edit->property("was").toString() == shown) continue;
        if (!line.edit->isModified() && line.edit->text() != shown) {
            line.edit->setText(shown);
            line.edit->setCursorPosition(0);
        }
        line.edit->setProperty("was", shown);
        markWrong(*line.edit, false);
        say(*line.note, line.understood(), true);
    }
    for (auto& choice : m_choices)
        choice.box->setCurrentIndex(static_cast<int>(choice.values.indexOf(choice.show())));
    m_refreshing = false;
}

} // namespace arbor::ui
