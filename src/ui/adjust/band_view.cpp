#include "ui/adjust/band_view.h"

#include "ui/stations/own_table.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/shipped_names.h"

#include <QKeyEvent>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>

namespace arbor::ui {

namespace {

enum Column { Use, UpTo, Least, Most, Whose, Columns };
constexpr double kMost_mm = 5; // of any end play that is meant

} // namespace

BandView::BandView(QWidget* parent) : QWidget(parent) {
    setObjectName("bandView");
    setAttribute(Qt::WA_StyledBackground);
    const auto [table, another] = layOutOwnTable(
        this,
        {"band", tr("End play a pair should have"),
         tr("By its use and the larger bore. There is no standard: the machine maker’s figure goes before all of "
            "these. "
            "Type over a row and it becomes this shop’s own; Delete takes an own row away; Insert adds one."),
         tr("Add a row   Ins")},
        Columns);
    m_table = table;
    connect(another, &QPushButton::clicked, this, &BandView::add);
    connect(m_table, &QTableWidget::itemChanged, this, &BandView::take);
}

void BandView::open(std::vector<adjust::PlayBand> bands, const words::Display& display) {
    m_bands = std::move(bands);
    m_display = display;
    fill();
    m_table->setCurrentCell(0, Least);
    m_table->setFocus();
}

void BandView::fill() {
    const QSignalBlocker quiet(m_table);
    const auto unit = q(m_display.fine(0).unit);
    m_table->setHorizontalHeaderLabels({tr("use"), tr("bore up to %1").arg(q(m_display.size(0).unit)),
                                        tr("least %1").arg(unit), tr("most %1").arg(unit), tr("whose")});
    m_table->setRowCount(static_cast<int>(m_bands.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto& band = m_bands[static_cast<std::size_t>(row)];
        showRow(m_table, row,
                {q(words::shippedName(band.name)), q(m_display.size(band.upTo_mm).number),
                 q(m_display.fine(band.play_mm.lower).number), q(m_display.fine(band.play_mm.upper).number),
                 band.own ? tr("this shop’s") : tr("practice, ships with the program")},
                band.own, true);
    }
    m_table->resizeColumnsToContents();
    for (const int column : {UpTo, Least, Most})
        m_table->setColumnWidth(column, 140);
}

std::optional<adjust::PlayBand> BandView::with(adjust::PlayBand band, int column, const QString& typed) const {
    if (column == Use) {
        band.name = typed.trimmed().toStdString();
        // The use is what the job keeps: another name of a row that ships is another use.
        const auto same = std::find_if(m_bands.begin(), m_bands.end(), [&](const auto& b) {
            return b.name == band.name || words::shippedName(b.name) == band.name;
        });
        if (same != m_bands.end()) band.name = same->name;
        band.use = same == m_bands.end() ? band.name : same->use;
        return band.name.empty() ? std::nullopt : std::optional(band);
    }
    const auto value = numberIn(typed);
    if (!value) return std::nullopt;
    if (column == UpTo) band.upTo_mm = *value / m_display.sizeValue(1);
    if (column == Least) band.play_mm.lower = *value / m_display.fineValue(1);
    if (column == Most) band.play_mm.upper = *value / m_display.fineValue(1);
    const bool good = band.upTo_mm > 0 && band.play_mm.lower <= band.play_mm.upper && band.play_mm.lower >= -kMost_mm &&
                      band.play_mm.upper <= kMost_mm;
    return good ? std::optional(band) : std::nullopt;
}

void BandView::take(QTableWidgetItem* item) {
    const auto row = static_cast<std::size_t>(item->row());
    auto band = with(m_bands.at(row), item->column(), item->text());
    if (!band) {
        emit trouble(tr("Row %1: “%2” makes no band: a name, a bore over 0, and the least up to the most.")
                         .arg(item->row() + 1)
                         .arg(item->text()));
        return fill();
    }
    emit trouble({});
    const int column = item->column();
    auto at = m_bands.begin() + static_cast<std::ptrdiff_t>(row);
    if (*at == *band) return;
    const bool own = at->own;
    band->own = true;
    if (own)
        *at = *band;
    else
        at = m_bands.insert(m_bands.end(), *band);
    const int now = static_cast<int>(at - m_bands.begin());
    fill();
    QMetaObject::invokeMethod(
        m_table, [this, now, column] { m_table->setCurrentCell(now, column); }, Qt::QueuedConnection);
    emit changed(m_bands);
}

void BandView::add() {
    const auto row = static_cast<std::size_t>(std::max(0, m_table->currentRow()));
    auto band =
        row < m_bands.size() ? m_bands[row] : adjust::PlayBand{"general", tr("general").toStdString(), 50, {0, 0.05}};
    band.own = true;
    m_bands.push_back(band);
    fill();
    m_table->setCurrentCell(m_table->rowCount() - 1, Use);
    m_table->setFocus();
    emit changed(m_bands);
}

void BandView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Insert) return add();
    const auto row = static_cast<std::size_t>(std::max(0, m_table->currentRow()));
    if (event->key() == Qt::Key_Delete && row < m_bands.size()) {
        if (!m_bands[row].own) return emit trouble(tr("This row ships with the program: type over it instead."));
        m_bands.erase(m_bands.begin() + static_cast<std::ptrdiff_t>(row));
        fill();
        m_table->setCurrentCell(std::min(static_cast<int>(row), m_table->rowCount() - 1), Least);
        return emit changed(m_bands);
    }
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
