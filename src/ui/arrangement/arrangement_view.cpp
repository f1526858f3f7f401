#include "ui/arrangement/arrangement_view.h"

#include "core/base/units.h"
#include "core/job/fresh_copy.h"
#include "io/arrangement_file.h"
#include "ui/arrangement/sheet_model.h"
#include "ui/bench/bench_view.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/arrangement_words.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/shipped_names.h"

#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QTableView>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kSideWidth = 440;
constexpr int kWhatWidth = 150, kValueWidth = 130;

} // namespace

ArrangementView::ArrangementView(QWidget* parent) : QWidget(parent) {
    setObjectName("arrangementView");
    m_bench = new BenchView(this);
    m_bench->setObjectName("arrangementBench");
    m_bench->setFaceDrag(true);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildSide());
    layout->addWidget(m_bench, 1);
    connect(m_bench, &BenchView::faceDragged, this, &ArrangementView::dragFace);
    connect(m_bench, &BenchView::partPicked, this, [this] {
        if (const auto body = m_bench->picked(); body && *body < m_bodyOf.size())
            m_sheet->setCurrentIndex(m_model->index(m_model->firstRowOf(m_bodyOf[*body].first), SheetModel::Value));
    });
}

QWidget* ArrangementView::buildSide() {
    auto* side = new QWidget(this);
    side->setFixedWidth(kSideWidth);
    m_shapes = new QComboBox(side);
    m_shapes->setObjectName("shapes");
    m_shapes->setAccessibleName(tr("Start from a shape"));
    m_shapes->setMinimumHeight(theme::kTouch);
    m_shapes->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_shapes->addItem(tr("Start from a shape…"));
    for (const auto& shape : io::shippedTemplates())
        if (shape.arrangement)
            m_shapes->addItem(q(shape.arrangement->id + "   " + shape.arrangement->title), q(shape.file));
    connect(m_shapes, &QComboBox::activated, this, &ArrangementView::startFrom);
    m_model = new SheetModel(this);
    m_sheet = new QTableView(side);
    m_sheet->setObjectName("arrangementSheet");
    m_sheet->setAccessibleName(tr("Arrangement, line by line"));
    m_sheet->setModel(m_model);
    m_sheet->setEditTriggers(QAbstractItemView::AnyKeyPressed | QAbstractItemView::DoubleClicked |
                             QAbstractItemView::EditKeyPressed);
    m_sheet->verticalHeader()->hide();
    m_sheet->horizontalHeader()->hide();
    m_sheet->setShowGrid(false);
    m_sheet->setFrameShape(QFrame::NoFrame);
    m_sheet->setSelectionMode(QAbstractItemView::SingleSelection);
    m_sheet->setTabKeyNavigation(false);
    m_sheet->horizontalHeader()->setStretchLastSection(true);
    m_sheet->setColumnWidth(SheetModel::What, kWhatWidth);
    m_sheet->setColumnWidth(SheetModel::Value, kValueWidth);
    m_sheet->verticalHeader()->setDefaultSectionSize(26);
    // Queued: the lines are made anew by it, and the editor of the one just typed has to close first.
    connect(
        m_model, &SheetModel::changed, this,
        [this](const arrangement::Assembly& a) { take(a, tr("Change the arrangement")); }, Qt::QueuedConnection);
    connect(m_sheet->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] {
        if (const auto assembly = resolved()) showSection(*assembly);
    });
    connect(m_sheet->itemDelegate(), &QAbstractItemDelegate::closeEditor, this, [this] { nextLine(); });
    m_faults = new QLabel(side);
    m_faults->setObjectName("arrangementFaults");
    m_faults->setWordWrap(true);
    m_faults->setMargin(theme::kGap);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(theme::kMargin, theme::kGap, theme::kGap, theme::kGap);
    column->addWidget(m_shapes);
    column->addWidget(m_sheet, 1);
    column->addWidget(m_faults);
    column->addWidget(buildParts());
    return side;
}

QWidget* ArrangementView::buildParts() {
    auto* row = new QWidget(this);
    m_kinds = new QComboBox(row);
    m_kinds->setObjectName("newPartKind");
    m_kinds->setAccessibleName(tr("Kind of the new part"));
    m_kinds->setMinimumHeight(theme::kTouch);
    for (const auto kind : words::allKinds())
        m_kinds->addItem(q(words::capital(words::kindName(kind))));
    auto* add = new QPushButton(tr("Add on top"), row);
    add->setObjectName("addPart");
    auto* remove = new QPushButton(tr("Remove part"), row);
    remove->setObjectName("removePart");
    for (auto* button : {add, remove})
        button->setMinimumHeight(theme::kTouch);
    connect(add, &QPushButton::clicked, this, &ArrangementView::addPart);
    connect(remove, &QPushButton::clicked, this, &ArrangementView::removePart);
    auto* grid = new QGridLayout(row);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->addWidget(m_kinds, 0, 0, 1, 2);
    grid->addWidget(add, 1, 0);
    grid->addWidget(remove, 1, 1);
    return row;
}

void ArrangementView::open(JobSession* session) {
    m_session = session;
    refresh();
    m_sheet->setCurrentIndex(m_model->index(0, SheetModel::Value));
    if (m_model->rowCount() > 0)
        m_sheet->setFocus();
    else
        m_shapes->setFocus();
}

std::optional<arrangement::Assembly> ArrangementView::resolved() const {
    if (!m_session) return std::nullopt;
    auto assembly = m_session->job().arrangement.assembly;
    if (!arrangement::resolve(assembly, m_session->tables().bearings)) return std::nullopt;
    return assembly;
}

void ArrangementView::refresh() {
    if (!m_session) return;
    const auto at = m_sheet->currentIndex();
    const auto assembly = resolved().value_or(arrangement::Assembly{});
    m_model->show(assembly, m_session->tables(), m_session->display(),
                  m_session->job().units == job::Units::Inch ? kMmPerInch : 1.0);
    m_shapes->setCurrentIndex(0);
    if (at.isValid())
        m_sheet->setCurrentIndex(m_model->index(std::min(at.row(), m_model->rowCount() - 1), at.column()));
    showSection(assembly);
    showFaults(assembly);
}

void ArrangementView::startFrom(int shape) {
    if (shape <= 0) return;
    const auto all = io::shippedTemplates();
    const auto file = m_shapes->itemData(shape).toString().toStdString();
    const auto chosen = std::find_if(all.begin(), all.end(), [&](const auto& t) { return t.file == file; });
    if (chosen == all.end() || !chosen->arrangement) return;
    m_session->edit(tr("Start from shape %1").arg(q(chosen->arrangement->id)), [&](job::Job& j) {
        // Another machine: what was found on the one before is none of it. The first drawing of a job takes nothing.
        auto fresh = j.arrangement.assembly.parts.empty() ? j : job::freshCopy(j);
        fresh.intake = j.intake;
        fresh.arrangement = *chosen->arrangement;
        fresh.arrangement.id = j.id;
        fresh.strip = {};
        fresh.strip.rust = j.strip.rust;
        fresh.strip.asFound = j.strip.asFound;
        j = std::move(fresh);
    });
    m_sheet->setCurrentIndex(m_model->index(0, SheetModel::Value));
    m_sheet->setFocus();
}

void ArrangementView::take(const arrangement::Assembly& assembly, const QString& text) {
    m_session->edit(text, [&](job::Job& j) { j.arrangement.assembly = assembly; });
}

void ArrangementView::nextLine() {
    // The editor is still closing; moving on now would take the focus from under it.
    QTimer::singleShot(0, this, [this] {
        const auto at = m_sheet->currentIndex();
        if (at.isValid() && at.row() + 1 < m_model->rowCount())
            m_sheet->setCurrentIndex(m_model->index(at.row() + 1, SheetModel::Value));
    });
}

std::optional<std::size_t> ArrangementView::chosenPart() const {
    const auto at = m_sheet->currentIndex();
    return at.isValid() && at.row() < m_model->rowCount() ? std::optional(m_model->partOf(at.row())) : std::nullopt;
}

void ArrangementView::addPart() {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    const auto kind = words::allKinds().at(static_cast<std::size_t>(m_kinds->currentIndex()));
    auto next = arrangement::withPartOn(*assembly, *part, kind);
    next.parts.back().label = words::capital(words::kindName(kind));
    take(next, tr("Add a part"));
    m_sheet->setCurrentIndex(m_model->index(m_model->firstRowOf(next.parts.size() - 1), SheetModel::Value));
    m_sheet->setFocus();
}

void ArrangementView::removePart() {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    const auto next = arrangement::withoutPart(*assembly, *part);
    if (!next) {
        m_faults->setText(q(words::say(next.error())));
        return;
    }
    take(*next, tr("Remove a part"));
}

/// Shows the stretch while the mouse moves; one edit when it is let go.
void ArrangementView::dragFace(std::size_t body, std::size_t slice, double z_mm, bool dropped) {
    const auto assembly = resolved();
    if (!assembly || body >= m_bodyOf.size()) return;
    const auto [part, inPart] = m_bodyOf[body];
    if (assembly->parts[part].catalogue) return; // its sizes come from the catalogue
    const auto& b = assembly->parts[part].bodies[inPart];
    const double length = z_mm - (b.z_mm + b.slices[slice].zBottom);
    const auto next =
        arrangement::withSize(*assembly, {arrangement::SizeLine::What::Length, part, inPart, slice, 0}, length);
    if (!next) return dropped ? refresh() : void();
    if (dropped) return take(*next, tr("Drag a face"));
    showSection(*next);
}

void ArrangementView::showSection(const arrangement::Assembly& assembly) {
    BenchScene scene;
    scene.title =
        assembly.parts.empty() ? tr("Nothing is drawn yet") : q(words::shippedName(m_session->job().arrangement.title));
    scene.subtitle = tr("Enter goes to the next line. Drag a face on the bench for its length. Escape goes back.");
    scene.emptyText = tr("Choose a shape to start from.");
    m_bodyOf.clear();
    for (std::size_t part = 0; part < assembly.parts.size(); ++part)
        for (std::size_t body = 0; body < assembly.parts[part].bodies.size(); ++body) {
            scene.bodies.push_back(assembly.parts[part].bodies[body]);
            m_bodyOf.push_back({part, body});
        }
    // A place for labels is kept at all times, or the section would jump from line to line.
    const auto at = m_sheet->currentIndex();
    if (at.isValid() && at.row() < m_model->rowCount())
        if (const auto callout = m_model->callout(at.row())) scene.callouts.push_back(*callout);
    scene.roomForCallouts = true;
    m_bench->show(std::move(scene));
}

void ArrangementView::showFaults(const arrangement::Assembly& assembly) {
    QStringList lines;
    if (!assembly.parts.empty())
        for (const auto& fault : arrangement::faults(assembly))
            lines << q(words::say(fault));
    if (lines.empty() && !m_session->plan().strip.sound())
        lines << q(words::stopReason(job::Station::Strip, m_session->plan(), m_session->display()));
    constexpr int kMost = 3;
    const auto more = lines.size() - kMost;
    m_faults->setText(lines.mid(0, kMost).join('\n') + (more > 0 ? tr("\nand %1 more").arg(more) : QString()));
    m_faults->setStyleSheet(
        QStringLiteral("background:%1; color:%2").arg(theme::roles().stopPale.name(), theme::roles().stop.name()));
    m_faults->setVisible(!lines.empty());
}

void ArrangementView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
