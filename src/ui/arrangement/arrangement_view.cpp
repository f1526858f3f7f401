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

#include <QAction>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyledItemDelegate>
#include <QTableView>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr double kMoved_mm = 0.5; // as a dragged face snaps
constexpr int kSideWidth = 440;
constexpr int kWhatWidth = 150, kValueWidth = 130;
constexpr std::size_t kMostDimensions = 18; // more do not stand round a section and are read
constexpr int kEntryWidth = 110;

} // namespace

ArrangementView::ArrangementView(QWidget* parent) : QWidget(parent) {
    setObjectName("arrangementView");
    m_bench = new BenchView(this);
    m_bench->setObjectName("arrangementBench");
    m_bench->setFaceDrag(true);
    m_bench->installEventFilter(this);
    m_typing = new QLineEdit(m_bench);
    m_typing->setObjectName("dimensionEntry");
    m_typing->setAccessibleName(tr("Size on the drawing"));
    m_typing->setAlignment(Qt::AlignCenter);
    m_typing->installEventFilter(this);
    m_typing->hide();
    connect(m_bench, &BenchView::dimensionPicked, this, [this](int row) {
        m_sheet->setCurrentIndex(m_model->index(row, SheetModel::Value));
        m_bench->setFocus();
        typeOnDrawing({});
    });
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
    auto* grid = new QGridLayout(row);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->addWidget(m_kinds, 0, 0, 1, 2);
    int cell = 2;
    const auto button = [&](const char* name, const QString& text, const QKeySequence& keys, auto act) {
        auto* made = new QPushButton(text, row);
        made->setToolTip(keys.toString(QKeySequence::NativeText));
        made->setObjectName(name);
        made->setMinimumHeight(theme::kTouch);
        auto* action = new QAction(text, this); // of the view: fields leave its keys to it
        action->setShortcut(keys);
        action->setShortcutContext(Qt::WidgetWithChildrenShortcut);
        addAction(action);
        connect(action, &QAction::triggered, this, act);
        connect(made, &QPushButton::clicked, this, act);
        grid->addWidget(made, cell / 2, cell % 2);
        ++cell;
    };
    button("addPart", tr("Add above"), Qt::ALT | Qt::Key_Up, [this] { addPart(false); });
    button("addPartBelow", tr("Add below"), Qt::ALT | Qt::Key_Down, [this] { addPart(true); });
    button("turnPart", tr("Turn over"), Qt::ALT | Qt::Key_T, [this] { turnPart(); });
    button("movePartUp", tr("Move up"), Qt::ALT | Qt::SHIFT | Qt::Key_Up, [this] { movePart(kMoved_mm); });
    button("movePartDown", tr("Move down"), Qt::ALT | Qt::SHIFT | Qt::Key_Down, [this] { movePart(-kMoved_mm); });
    button("splitStep", tr("Split a step"), Qt::ALT | Qt::Key_S, [this] { splitStep(); });
    button("removePart", tr("Remove part"), Qt::ALT | Qt::Key_Delete, [this] { removePart(); });
    return row;
}

void ArrangementView::open(JobSession* session, bool onDrawing) {
    m_session = session;
    refresh();
    m_sheet->setCurrentIndex(m_model->index(0, SheetModel::Value));
    if (onDrawing) {
        if (!m_model->dimension(0)) nextSize(1);
        return m_bench->setFocus();
    }
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

void ArrangementView::addPart(bool under) {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    const auto kind = words::allKinds().at(static_cast<std::size_t>(m_kinds->currentIndex()));
    auto next = arrangement::withPartOn(*assembly, *part, kind, under);
    next.parts.back().label = words::capital(words::kindName(kind));
    take(next, tr("Add a part"));
    m_sheet->setCurrentIndex(m_model->index(m_model->firstRowOf(next.parts.size() - 1), SheetModel::Value));
    m_sheet->setFocus();
}

/// What was made of a part, or why nothing was.
void ArrangementView::takeChanged(const Result<arrangement::Assembly>& next, const QString& text) {
    if (next) return take(*next, text);
    m_faults->setText(q(words::say(next.error())));
    m_faults->show();
}

void ArrangementView::turnPart() {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    takeChanged(arrangement::withPartTurned(*assembly, *part, m_session->tables().bearings), tr("Turn a part over"));
}

void ArrangementView::movePart(double by_mm) {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    takeChanged(arrangement::withPartMoved(*assembly, *part, by_mm, m_session->tables().bearings), tr("Move a part"));
}

/// The step of the line that is chosen; of a line that is no size, the part's first.
void ArrangementView::splitStep() {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (!part || !assembly) return;
    const int row = m_sheet->currentIndex().row();
    const bool size = m_model->lineOf(row) == SheetModel::Line::Size;
    const auto at = size ? m_model->sizeOf(row) : arrangement::SizeLine{};
    takeChanged(arrangement::withStepSplit(*assembly, *part, at.body, at.slice), tr("Split a step"));
}

void ArrangementView::removePart() {
    const auto part = chosenPart();
    const auto assembly = resolved();
    if (part && assembly) takeChanged(arrangement::withoutPart(*assembly, *part), tr("Remove a part"));
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
    scene.subtitle =
        tr("Click a size or press Tab on the drawing and type: 62, N7, 62 N7. Drag a face for its length.");
    scene.emptyText = tr("Choose a shape to start from.");
    m_bodyOf.clear();
    for (std::size_t part = 0; part < assembly.parts.size(); ++part)
        for (std::size_t body = 0; body < assembly.parts[part].bodies.size(); ++body) {
            scene.bodies.push_back(assembly.parts[part].bodies[body]);
            m_bodyOf.push_back({part, body});
        }
    const auto at = m_sheet->currentIndex();
    const int row = at.isValid() && at.row() < m_model->rowCount() ? at.row() : -1;
    scene.dimensions = dimensionsBeside(row);
    if (const auto why = row < 0 ? QString() : m_model->refusal(row); !why.isEmpty()) scene.subtitle = why;
    m_bench->show(std::move(scene));
}

/// All sizes where they have room, else those of the part that is worked on; two that cannot both be in any case.
std::vector<Dimension> ArrangementView::dimensionsBeside(int chosen) const {
    std::vector<Dimension> out;
    for (const bool everyPart : {true, false}) {
        out.clear();
        for (int row = 0; row < m_model->rowCount(); ++row) {
            const bool mine = chosen >= 0 && m_model->partOf(row) == m_model->partOf(chosen);
            auto size = m_model->dimension(row);
            const bool shown = everyPart || mine || m_model->lineOf(row) == SheetModel::Line::Seat;
            if (!size || !(shown || size->wrong)) continue;
            size->chosen = row == chosen;
            out.push_back(std::move(*size));
        }
        if (out.size() <= kMostDimensions) break;
    }
    for (auto& size : m_model->wrongOfCatalogue())
        out.push_back(std::move(size));
    return out;
}

void ArrangementView::nextSize(int by) {
    const int count = m_model->rowCount();
    int row = std::max(0, m_sheet->currentIndex().row());
    for (int i = 0; i < count; ++i) {
        row = (row + by + count) % count;
        if (!m_model->dimension(row)) continue;
        return m_sheet->setCurrentIndex(m_model->index(row, SheetModel::Value));
    }
}

bool ArrangementView::typeOnDrawing(const QString& begun) {
    const int row = m_sheet->currentIndex().row();
    const auto box = m_bench->dimensionBox(row);
    if (box.isEmpty()) return false;
    const auto centre = box.center().toPoint();
    m_typing->setGeometry(centre.x() - kEntryWidth / 2, centre.y() - theme::kTouch / 2, kEntryWidth, theme::kTouch);
    m_typing->setText(begun.isEmpty() ? m_model->index(row, SheetModel::Value).data().toString() : begun);
    begun.isEmpty() ? m_typing->selectAll() : m_typing->deselect();
    m_typing->show();
    m_typing->setFocus();
    return true;
}

/// What was typed on the drawing goes the way of its line in the list: understood, or refused with its reason.
void ArrangementView::takeTyped() {
    const auto index = m_sheet->currentIndex().siblingAtColumn(SheetModel::Value);
    const auto typed = m_typing->text();
    m_typing->hide();
    m_bench->setFocus();
    m_model->setData(index, typed, Qt::EditRole);
    if (m_model->refusal(index.row()).isEmpty()) return nextSize(1);
    if (const auto assembly = resolved()) showSection(*assembly);
}

bool ArrangementView::keyOnDrawing(const QKeyEvent& event) {
    switch (event.key()) {
    case Qt::Key_Tab:
    case Qt::Key_Right:
        nextSize(1);
        return true;
    case Qt::Key_Backtab:
    case Qt::Key_Left:
        nextSize(-1);
        return true;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return typeOnDrawing({});
    default:
        break;
    }
    const auto text = event.text();
    const bool begins = text.size() == 1 && (text[0].isLetterOrNumber() || text[0] == '.' || text[0] == ',');
    const bool zooms = event.key() == Qt::Key_0 || event.key() == Qt::Key_P; // of the bench
    return begins && !zooms && event.modifiers() == Qt::NoModifier && typeOnDrawing(text);
}

bool ArrangementView::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const auto& key = *static_cast<QKeyEvent*>(event);
    if (watched == m_bench) return keyOnDrawing(key) || QWidget::eventFilter(watched, event);
    if (watched != m_typing) return QWidget::eventFilter(watched, event);
    if (key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter || key.key() == Qt::Key_Tab) {
        takeTyped();
        return true;
    }
    if (key.key() != Qt::Key_Escape) return false;
    m_typing->hide();
    m_bench->setFocus();
    return true;
}

void ArrangementView::showFaults(const arrangement::Assembly& assembly) {
    QStringList lines;
    for (const auto& both : arrangement::contradictions(assembly))
        lines << q(words::say(both, assembly, m_session->display()));
    if (lines.empty() && !assembly.parts.empty()) // else they follow from what is said already
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
