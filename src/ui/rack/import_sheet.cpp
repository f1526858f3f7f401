#include "ui/rack/import_sheet.h"

#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"
#include "words/tooling_words.h"

#include <QComboBox>
#include <QCryptographicHash>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kShownRows = 8;
constexpr int kBadHeight = 130;

QString separatorName(char separator) {
    switch (separator) {
    case ';':
        return QObject::tr("semicolons");
    case '\t':
        return QObject::tr("tabs");
    case '|':
        return QObject::tr("bars");
    case ',':
        return QObject::tr("commas");
    }
    return {};
}

/// What a column is, as the screen calls it.
QString fieldName(const std::string& field) {
    static const std::pair<const char*, const char*> names[] = {
        {"id", QT_TRANSLATE_NOOP("arbor", "tool no.")},
        {"kind", QT_TRANSLATE_NOOP("arbor", "kind")},
        {"name", QT_TRANSLATE_NOOP("arbor", "name")},
        {"outside_mm", QT_TRANSLATE_NOOP("arbor", "outside Ø")},
        {"bore_mm", QT_TRANSLATE_NOOP("arbor", "bore Ø")},
        {"length_mm", QT_TRANSLATE_NOOP("arbor", "length")},
        {"head_dia_mm", QT_TRANSLATE_NOOP("arbor", "head Ø")},
        {"head_mm", QT_TRANSLATE_NOOP("arbor", "head thickness")},
        {"head_bore_mm", QT_TRANSLATE_NOOP("arbor", "head bore Ø")},
        {"pilot_dia_mm", QT_TRANSLATE_NOOP("arbor", "pilot Ø")},
        {"pilot_mm", QT_TRANSLATE_NOOP("arbor", "pilot length")},
        {"least_mm", QT_TRANSLATE_NOOP("arbor", "opens from")},
        {"most_mm", QT_TRANSLATE_NOOP("arbor", "opens to")},
        {"reach_mm", QT_TRANSLATE_NOOP("arbor", "reach")},
        {"edge_mm", QT_TRANSLATE_NOOP("arbor", "edge thickness")},
        {"wrench_mm", QT_TRANSLATE_NOOP("arbor", "wrench length")},
        {"ram_area_mm2", QT_TRANSLATE_NOOP("arbor", "ram area mm²")},
        {"stroke_mm", QT_TRANSLATE_NOOP("arbor", "stroke")},
        {"capacity_N", QT_TRANSLATE_NOOP("arbor", "capacity N")},
        {"thread", QT_TRANSLATE_NOOP("arbor", "thread")},
        {"class", QT_TRANSLATE_NOOP("arbor", "strength class")},
        {"condition", QT_TRANSLATE_NOOP("arbor", "condition")},
        {"photo", QT_TRANSLATE_NOOP("arbor", "photo")},
        {"place", QT_TRANSLATE_NOOP("arbor", "place")},
        {"thrust_bearing", QT_TRANSLATE_NOOP("arbor", "thrust bearing")},
        {"hardened", QT_TRANSLATE_NOOP("arbor", "hardened")}};
    for (const auto& [key, text] : names)
        if (field == key) return tr(text);
    return q(field);
}

} // namespace

ImportSheet::ImportSheet(QSettings& settings, QWidget* parent) : QWidget(parent), m_settings(settings) {
    setObjectName("importSheet");
    setAttribute(Qt::WA_StyledBackground);
    m_heading = new QLabel(this);
    m_heading->setFont(theme::typeface(theme::Text::Title));
    m_recognised = new QLabel(this);
    m_recognised->setObjectName("importRecognised");
    m_recognised->setWordWrap(true);
    m_unit = new QComboBox(this);
    m_unit->setObjectName("importUnit");
    m_unit->setAccessibleName(tr("Unit of the sizes"));
    m_unit->addItems({tr("sizes in mm"), tr("sizes in inches")});
    m_kind = new QComboBox(this);
    m_kind->setObjectName("importKind");
    m_kind->setAccessibleName(tr("Kind of tools whose kind is not said"));
    for (const auto kind : catalog::kToolKinds)
        m_kind->addItem(tr("without a kind: %1").arg(q(words::kindName(kind))));
    m_preview = new QTableWidget(this);
    m_preview->setObjectName("importPreview");
    m_preview->setAccessibleName(tr("What the table says"));
    m_preview->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_preview->verticalHeader()->hide();
    m_bad = new QPlainTextEdit(this);
    m_bad->setObjectName("importBad");
    m_bad->setAccessibleName(tr("Rows that make no tool"));
    m_bad->setReadOnly(true);
    m_bad->setMaximumHeight(kBadHeight);
    m_accept = new QPushButton(this);
    m_accept->setObjectName("importAccept");
    auto* leave = new QPushButton(tr("Leave it   Esc"), this);
    leave->setObjectName("importLeave");
    auto* choices = new QHBoxLayout;
    auto* buttons = new QHBoxLayout;
    for (auto* widget : std::initializer_list<QWidget*>{m_unit, m_kind, m_accept, leave})
        widget->setMinimumHeight(theme::kTouch);
    choices->addWidget(m_unit);
    choices->addWidget(m_kind);
    choices->addStretch(1);
    buttons->addWidget(m_accept);
    buttons->addWidget(leave);
    buttons->addStretch(1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    column->setSpacing(theme::kGap);
    column->addWidget(m_heading);
    column->addWidget(m_recognised);
    column->addLayout(choices);
    column->addWidget(m_preview, 1);
    column->addWidget(m_bad);
    column->addLayout(buttons);
    connect(m_unit, &QComboBox::activated, this, &ImportSheet::refresh);
    connect(m_kind, &QComboBox::activated, this, &ImportSheet::refresh);
    connect(leave, &QPushButton::clicked, this, &ImportSheet::left);
    connect(m_accept, &QPushButton::clicked, this, [this] {
        remember();
        emit accepted(m_read.tools);
    });
}

void ImportSheet::open(const QString& file, catalog::ForeignTable table, const std::vector<catalog::Tool>& taken) {
    m_table = std::move(table);
    m_taken = taken;
    m_heading->setText(QFileInfo(file).fileName());
    m_recognised->setText(
        tr("%n rows, parted by %1, %2. Say over each column what it is; what is not used is left out.", "",
           static_cast<int>(m_table.rows.size()))
            .arg(separatorName(m_table.separator),
                 m_table.decimalComma ? tr("a comma before the decimals") : tr("a point before the decimals")));
    m_unit->setCurrentIndex(m_table.inch ? 1 : 0);
    m_kind->setCurrentIndex(0);
    fillTable();
    recall();
    refresh();
    m_accept->setFocus();
}

/// Its headings, what each is taken for, and how its first rows look.
void ImportSheet::fillTable() {
    m_fields.clear();
    m_preview->clear();
    m_preview->setColumnCount(static_cast<int>(m_table.columns.size()));
    m_preview->setRowCount(1 + std::min(kShownRows, static_cast<int>(m_table.rows.size())));
    const auto match = catalog::matchColumns(m_table);
    for (int c = 0; c < m_preview->columnCount(); ++c) {
        const auto& heading = m_table.columns[static_cast<std::size_t>(c)];
        m_preview->setHorizontalHeaderItem(c, new QTableWidgetItem(q(heading)));
        auto* field = new QComboBox(m_preview);
        field->setObjectName(QStringLiteral("importField%1").arg(c));
        field->setAccessibleName(tr("What “%1” is").arg(q(heading)));
        field->addItem(tr("not used"), QString());
        for (const auto& known : catalog::rackColumns()) {
            field->addItem(fieldName(known), q(known));
            const auto at = match.find(known);
            if (at != match.end() && at->second == static_cast<std::size_t>(c))
                field->setCurrentIndex(field->count() - 1);
        }
        m_preview->setCellWidget(0, c, field);
        m_fields.push_back(field);
        connect(field, &QComboBox::activated, this, &ImportSheet::refresh);
        for (int r = 1; r < m_preview->rowCount(); ++r) {
            const auto& fields = m_table.rows[static_cast<std::size_t>(r - 1)].fields;
            if (static_cast<std::size_t>(c) < fields.size())
                m_preview->setItem(r, c, new QTableWidgetItem(q(fields[static_cast<std::size_t>(c)])));
        }
    }
    m_preview->setRowHeight(0, theme::kTouch);
    m_preview->resizeColumnsToContents();
}

QString ImportSheet::settingsKey() const {
    QByteArray heading;
    for (const auto& column : m_table.columns)
        heading += QByteArray::fromStdString(column) + '\n';
    return "import/" + QString::fromLatin1(QCryptographicHash::hash(heading, QCryptographicHash::Sha1).toHex());
}

void ImportSheet::recall() {
    const auto said = m_settings.value(settingsKey()).toStringList();
    if (said.size() != static_cast<qsizetype>(m_fields.size()) + 2) return;
    m_unit->setCurrentIndex(said[0].toInt());
    m_kind->setCurrentIndex(said[1].toInt());
    for (std::size_t c = 0; c < m_fields.size(); ++c)
        m_fields[c]->setCurrentIndex(std::max(0, m_fields[c]->findData(said[static_cast<qsizetype>(c) + 2])));
}

void ImportSheet::remember() {
    QStringList said{QString::number(m_unit->currentIndex()), QString::number(m_kind->currentIndex())};
    for (const auto* field : m_fields)
        said << field->currentData().toString();
    m_settings.setValue(settingsKey(), said);
}

void ImportSheet::refresh() {
    catalog::ColumnMatch match;
    for (std::size_t c = 0; c < m_fields.size(); ++c)
        if (const auto field = m_fields[c]->currentData().toString().toStdString(); !field.empty())
            match.try_emplace(field, c);
    m_table.inch = m_unit->currentIndex() == 1;
    m_read = catalog::toolsOf(m_table, match, catalog::kToolKinds[m_kind->currentIndex()], m_taken);
    m_accept->setText(tr("Add %n tools", "", static_cast<int>(m_read.tools.size())));
    m_accept->setEnabled(!m_read.tools.empty());
    QStringList bad;
    for (const auto& row : m_read.bad)
        bad << q(words::say(row.problem)) + "   ·   " + q(row.line);
    m_bad->setPlainText(bad.isEmpty() ? tr("Every row makes a tool.")
                                      : tr("%n rows make no tool and are skipped:", "", static_cast<int>(bad.size())) +
                                            "\n" + bad.join('\n'));
}

void ImportSheet::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
