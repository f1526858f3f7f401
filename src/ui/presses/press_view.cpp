#include "ui/presses/press_view.h"

#include "core/catalog/presses.h"
#include "ui/stations/own_table.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QKeyEvent>
#include <QPushButton>
#include <QTableWidget>
#include <QUndoCommand>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using catalog::Press;
using catalog::PressKind;

/// A figure of a press, and how many of its unit in the table are one inside.
struct PressFigure {
    double Press::*value;
    double unit;
};
const PressFigure kPressFigures[] = {
    {&Press::capacity_N, 1000},        {&Press::ramFootDia_mm, 1}, {&Press::stroke_mm, 1},
    {&Press::bedOpening_mm, 1},        {&Press::pistonDia_mm, 1},  {&Press::throat_mm, 1},
    {&Press::stiffness_N_per_mm, 1000}};
constexpr int kId = 0, kCalled = 1, kKind = 2, kDaylight = 3, kGauge = 4, kFirst = 5,
              kColumns = kFirst + static_cast<int>(std::size(kPressFigures)) + 1;

QStringList pressHeadings() {
    return {QObject::tr("no."),
            QObject::tr("name"),
            QObject::tr("kind"),
            QObject::tr("daylight mm"),
            QObject::tr("gauge in"),
            QObject::tr("capacity kN"),
            QObject::tr("ram foot mm"),
            QObject::tr("stroke mm"),
            QObject::tr("bed gap mm"),
            QObject::tr("piston mm"),
            QObject::tr("throat mm"),
            QObject::tr("frame kN/mm"),
            QString()};
}

QString kindText(PressKind kind) {
    return kind == PressKind::Vice ? QObject::tr("vice") : QObject::tr("press", "machine");
}

QString daylightText(const Press& press) {
    QStringList out;
    for (const double opening : press.notchDaylight_mm)
        out << numberTyped(opening);
    return out.join(' ');
}

/// A press with one cell typed anew; nothing where that is none.
std::optional<Press> pressWith(Press press, int column, const QString& typed) {
    const auto text = typed.trimmed();
    if (column == kId) press.id = text.toStdString();
    if (column == kCalled) press.name = text.toStdString();
    if (column == kKind) {
        if (text != kindText(PressKind::Vice) && text != kindText(PressKind::Frame)) return std::nullopt;
        press.kind = text == kindText(PressKind::Vice) ? PressKind::Vice : PressKind::Frame;
    }
    if (column == kDaylight) {
        press.notchDaylight_mm.clear();
        for (const auto& word : text.split(' ', Qt::SkipEmptyParts)) {
            const auto opening = numberIn(word);
            if (!opening) return std::nullopt;
            press.notchDaylight_mm.push_back(*opening);
        }
    }
    if (column == kGauge) {
        const auto unit = catalog::gaugeUnit(text.toStdString());
        if (!unit) return std::nullopt;
        press.gaugeUnit = *unit;
    }
    if (column >= kFirst) {
        const auto value = numberIn(text);
        if (!value) return std::nullopt;
        const auto& figure = kPressFigures[column - kFirst];
        press.*figure.value = *value * figure.unit;
    }
    return press;
}

bool same(const std::vector<Press>& one, const std::vector<Press>& other) {
    return catalog::writePresses(one) == catalog::writePresses(other);
}

/// To begin with: a common shop press, to be typed over.
Press usualPress(const std::string& id) {
    Press out;
    out.id = id;
    out.name = QObject::tr("Shop press").toStdString();
    out.capacity_N = 100'000;
    out.ramFootDia_mm = 40;
    out.stroke_mm = 150;
    out.notchDaylight_mm = {600};
    out.bedOpening_mm = 120;
    return out;
}

} // namespace

/// All presses before and after: they are few.
class PressEdit : public QUndoCommand {
public:
    PressEdit(PressView& view, std::vector<Press> next, const QString& text)
        : QUndoCommand(text), m_view(view), m_before(view.presses()), m_after(std::move(next)) {}
    void redo() override { m_view.put(m_after); }
    void undo() override { m_view.put(m_before); }

private:
    PressView& m_view;
    std::vector<Press> m_before, m_after;
};

PressView::PressView(QWidget* parent) : QWidget(parent) {
    setObjectName("pressView");
    setAttribute(Qt::WA_StyledBackground);
    const auto [table, another] = layOutOwnTable(
        this,
        {"press", tr("Presses"),
         tr("Shop presses, hand presses, vices. Type over a cell; Insert makes another one, Delete takes one away. "
            "Daylight is "
            "the opening at each notch of the bed, one after the other; a piston of 0 is a press without a gauge; a "
            "throat of 0 is open on both sides. Nobody knows the force of a vice."),
         tr("Another press   Ins")},
        kColumns);
    m_table = table;
    m_table->setHorizontalHeaderLabels(pressHeadings());
    connect(another, &QPushButton::clicked, this, &PressView::add);
    connect(m_table, &QTableWidget::itemChanged, this, &PressView::take);
}

void PressView::open(std::vector<Press> presses) {
    if (!same(presses, m_presses)) m_undo.clear();
    m_presses = std::move(presses);
    fill();
    m_table->setCurrentCell(0, kId);
    m_table->setFocus();
}

void PressView::fill() {
    const QSignalBlocker quiet(m_table);
    m_table->setRowCount(static_cast<int>(m_presses.size()));
    for (int row = 0; row < m_table->rowCount(); ++row) {
        const auto& press = m_presses[static_cast<std::size_t>(row)];
        QStringList texts{q(press.id), q(press.name), kindText(press.kind), daylightText(press),
                          q(std::string(catalog::name(press.gaugeUnit)))};
        for (const auto& figure : kPressFigures)
            texts << numberTyped(press.*figure.value / figure.unit);
        showRow(m_table, row, texts << QString(), true, true);
    }
    m_table->resizeColumnsToContents();
}

void PressView::take(QTableWidgetItem* item) {
    const auto row = static_cast<std::size_t>(item->row());
    if (row >= m_presses.size()) return;
    const auto press = pressWith(m_presses[row], item->column(), item->text());
    auto good =
        press ? catalog::checkPress(*press)
              : refuse(ProblemCode::Malformed, pressHeadings()[item->column()].toStdString(),
                       item->text().toStdString(), wanted("a number, press or vice, bar, MPa, psi, tf or short_ton"));
    for (std::size_t other = 0; good && other < m_presses.size(); ++other)
        if (other != row && m_presses[other].id == press->id)
            good = refuse(ProblemCode::Duplicate, "id", press->id, wanted("a number of its own"));
    if (!good) {
        emit trouble(q(words::say(good.error())));
        return fill();
    }
    emit trouble({});
    auto next = m_presses;
    next[row] = *press;
    edit(tr("Change a press"), std::move(next));
}

void PressView::edit(const QString& text, std::vector<Press> next) {
    if (!same(next, m_presses)) m_undo.push(new PressEdit(*this, std::move(next), text));
}

void PressView::put(std::vector<Press> presses) {
    m_presses = std::move(presses);
    fill();
    emit changed(m_presses);
}

void PressView::add() {
    std::string id;
    int number = 0;
    const auto taken = [&] {
        return std::any_of(m_presses.begin(), m_presses.end(), [&](const Press& p) { return p.id == id; });
    };
    do
        id = "P" + std::to_string(++number);
    while (taken());
    auto next = m_presses;
    next.push_back(usualPress(id));
    edit(tr("Another press"), std::move(next));
    m_table->setCurrentCell(m_table->rowCount() - 1, kId);
    m_table->setFocus();
}

void PressView::removeAt(int row) {
    if (row < 0 || row >= static_cast<int>(m_presses.size())) return;
    auto next = m_presses;
    next.erase(next.begin() + row);
    edit(tr("Take a press away"), std::move(next));
}

void PressView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Insert) return add();
    if (event->key() == Qt::Key_Delete) return removeAt(m_table->currentRow());
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
