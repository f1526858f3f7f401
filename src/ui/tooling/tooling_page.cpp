#include "ui/tooling/tooling_page.h"

#include "ui/bench/bench_view.h"
#include "ui/photos/as_found_card.h"
#include "ui/stations/describe_part.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/rack_shelf.h"
#include "ui/tooling/setup_scene.h"
#include "ui/tooling/turn_panel.h"
#include "words/tooling_words.h"

#include <QComboBox>
#include <QGridLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

/// The pushed face and the foot of what pushes it: all that decides between right and wrong lies within this circle.
std::optional<Loupe> landing(const BenchScene& scene, const tooling::Task& task) {
    const auto driver = std::find_if(scene.bodies.begin(), scene.bodies.end(),
                                     [](const auto& b) { return b.kind == section::BodyKind::Driver; });
    if (driver == scene.bodies.end() || task.face.innerDia_mm <= 0) return std::nullopt; // no ring to land on
    const double half = 0.6 * std::max(task.face.width_mm() * 3, task.moving[task.pushed].height());
    return Loupe{{-(task.face.innerDia_mm + task.face.outerDia_mm) / 4, driver->bottom() - 0.7 * half},
                 std::clamp(half, 6.0, 25.0)};
}

QComboBox* choiceBox(const char* name, const QString& what, QWidget* parent) {
    auto* box = new QComboBox(parent);
    box->setObjectName(name);
    box->setAccessibleName(what);
    box->setToolTip(what);
    box->setMinimumHeight(theme::kTouch);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    return box;
}

} // namespace

ToolingPage::ToolingPage(QWidget* parent) : StationPage(parent) {
    setObjectName("toolingPage");
    m_bench = new BenchView(this);
    m_bench->setObjectName("toolingBench");
    m_asFound = new AsFoundCard(m_bench);
    auto* overBench = new QVBoxLayout(m_bench);
    overBench->addStretch();
    overBench->addWidget(m_asFound, 0, Qt::AlignRight);
    m_rack = new RackShelf(this);
    m_turn = new TurnPanel(this);
    m_below = new QStackedWidget(this);
    m_below->addWidget(m_rack);
    m_below->addWidget(m_turn);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildHead());
    layout->addWidget(m_bench, 6);
    layout->addWidget(m_below, 4);
    connect(m_rack, &RackShelf::chosen, this, &ToolingPage::tryDriver);
    connect(m_bench, &BenchView::toolDropped, this, &ToolingPage::tryDriver);
    connect(m_turn, &TurnPanel::finished, this, [this] { showTurning(false); });
    connect(m_turn, &TurnPanel::toolMade, this, &StationPage::toolMade);
    connect(m_turn, &TurnPanel::trouble, this, &StationPage::trouble);
}

QWidget* ToolingPage::buildHead() {
    auto* head = new QWidget(this);
    m_ways = choiceBox("toolingWay", tr("Ways to do it, best first (W)"), head);
    m_means = choiceBox("means", tr("What the work is done with"), head);
    auto* turn = new QPushButton(tr("Make a sleeve"), head);
    turn->setObjectName("turnOne");
    turn->setMinimumHeight(theme::kTouch);
    turn->setFocusPolicy(Qt::TabFocus);
    auto* grid = new QGridLayout(head);
    grid->setContentsMargins(theme::kMargin, theme::kGap / 2, theme::kMargin, theme::kGap / 2);
    grid->setColumnStretch(0, 1);
    grid->addWidget(m_means, 0, 0);
    grid->addWidget(turn, 0, 1);
    grid->addWidget(m_ways, 1, 0, 1, 2);
    connect(m_means, &QComboBox::activated, this, &ToolingPage::takeMeans);
    connect(m_ways, &QComboBox::activated, this, &ToolingPage::takeWay);
    connect(turn, &QPushButton::clicked, this, [this] { showTurning(m_below->currentWidget() != m_turn); });
    return head;
}

void ToolingPage::open(JobSession* session) {
    m_session = session;
    m_below->setCurrentWidget(m_rack);
    m_turn->open(session);
    m_bench->setDescribe([this](const section::Body& body) { return describeInStep(body, *m_session); });
    refresh();
}

const plan::StepSetup* ToolingPage::way() const {
    const auto* step = m_session->step();
    if (!step || step->tools->ways.empty()) return nullptr;
    return &step->tools->ways[std::min(m_way, step->tools->ways.size() - 1)];
}

/// The presses of the rack by name, then working without one.
void ToolingPage::fillMeans() {
    const QSignalBlocker quiet(m_means);
    m_means->clear();
    const auto& job = m_session->job();
    for (const auto& press : m_session->tables().rack.presses)
        m_means->addItem(q(press.name), q(press.id));
    for (const auto means : {job::Means::DrawBolt, job::Means::Vice, job::Means::Own, job::Means::Hand})
        m_means->addItem(q(words::meansName(means)), static_cast<int>(means));
    m_means->setCurrentIndex(m_means->findData(job.means == job::Means::Press ? QVariant(q(job.press))
                                                                              : QVariant(static_cast<int>(job.means))));
}

void ToolingPage::takeMeans(int row) {
    const auto chosen = m_means->itemData(row);
    const bool press = chosen.typeId() == QMetaType::QString;
    m_way = 0;
    m_session->edit(tr("What the work is done with"), [&](job::Job& j) {
        j.means = press ? job::Means::Press : static_cast<job::Means>(chosen.toInt());
        if (press) j.press = chosen.toString().toStdString();
    });
}

void ToolingPage::fillHead() {
    fillMeans();
    const QSignalBlocker quiet(m_ways);
    m_ways->clear();
    if (const auto* step = m_session->step())
        for (const auto& w : step->tools->ways)
            m_ways->addItem((w.proven() ? QString() : tr("Stop: ")) + q(words::wayName(w)));
    m_ways->setCurrentIndex(m_ways->count() ? std::min(static_cast<int>(m_way), m_ways->count() - 1) : -1);
    m_ways->setVisible(m_ways->count() > 0);
}

void ToolingPage::refresh() {
    if (!m_session) return;
    const auto* step = m_session->step();
    if (const auto key = step ? step->step.key : std::string(); key != m_wayOf) {
        m_wayOf = key;
        m_way = 0;
    }
    fillHead();
    m_asFound->show(*m_session);
    const auto* w = way();
    BenchScene scene;
    if (!step || !w) {
        scene.emptyText = m_session->plan().problem() ? q(words::say(*m_session->plan().problem()))
                                                      : tr("Nothing on the rack makes a setup for this step.");
        m_bench->show(std::move(scene));
        m_rack->show({}, {}, m_session->display());
    } else {
        scene = wayScene(*m_session, *step, *w, 0.5);
        const bool chosen = w->pressed && w->pressed->choice;
        const auto* driver = chosen ? w->pressed->choice->driver : nullptr;
        const auto title = q(words::stepTitle(step->step));
        scene.title = w->own                             ? tr("%1: by its own thread").arg(title)
                      : w->hand                          ? tr("%1: by hand").arg(title)
                      : !chosen                          ? tr("%1: no setup").arg(title)
                      : w->pressed->overridden && driver ? tr("%1: trying %2").arg(title, q(driver->id))
                                                         : title;
        scene.subtitle = w->byHand() ? tr("As it stands before it moves. W shows another way.")
                                     : tr("Left and right change the sleeve, up and down the support. Half way.");
        if (chosen) scene.loupe = landing(scene, step->step.tasks[w->task]);
        m_bench->show(std::move(scene));
        m_rack->show(w->pressed ? w->pressed->drivers : std::vector<tooling::Candidate>{},
                     driver ? driver->id : std::string{}, m_session->display());
    }
    // What is done by hand needs no sleeves; the bench takes their room.
    m_below->setVisible(!w || !w->byHand() || m_below->currentWidget() == m_turn);
    m_turn->refresh();
    emit slipChanged();
}

void ToolingPage::takeWay(int index) {
    m_way = static_cast<std::size_t>(std::max(0, index));
    refresh();
}

void ToolingPage::overrides(const QString& text, const QString& mergeKey,
                            const std::function<void(job::StepOverrides&)>& change) {
    m_session->editStep(
        text,
        [&](job::StepRecord& r) {
            change(r.overrides);
            r.done.erase(job::Station::Tooling);
        },
        mergeKey);
}

void ToolingPage::tryDriver(const QString& toolId) {
    if (!m_session->tables().rack.tool(toolId.toStdString())) return;
    overrides(tr("Try %1").arg(toolId), "driver", [&](job::StepOverrides& w) { w.driver = toolId.toStdString(); });
}

void ToolingPage::stepSupport(int by) {
    const auto* w = way();
    if (!w || !w->pressed || !w->pressed->choice) return;
    std::vector<const catalog::Tool*> supports;
    for (const auto& s : w->pressed->supports)
        if (s.tool && std::find(supports.begin(), supports.end(), s.tool) == supports.end()) supports.push_back(s.tool);
    if (supports.empty()) return;
    const auto at = std::find(supports.begin(), supports.end(), w->pressed->choice->support) - supports.begin();
    const auto next =
        std::clamp<std::ptrdiff_t>((at == std::ssize(supports) ? -1 : at) + by, 0, std::ssize(supports) - 1);
    const auto id = supports[static_cast<std::size_t>(next)]->id;
    overrides(tr("Try support %1").arg(q(id)), "support", [&](job::StepOverrides& wanted) { wanted.support = id; });
}

void ToolingPage::backToProgram() {
    const auto& overridden = m_session->record().overrides;
    if (overridden.driver || overridden.support)
        overrides(tr("Use the program's choice again"), {}, [](job::StepOverrides& w) {
            w.driver.reset();
            w.support.reset();
        });
}

void ToolingPage::showTurning(bool on) {
    m_below->setCurrentWidget(on ? static_cast<QWidget*>(m_turn) : m_rack);
    refresh();
    if (on)
        m_turn->begin();
    else
        m_bench->setFocus();
}

words::Sheet ToolingPage::sheet() const {
    const auto* step = m_session->step();
    return step ? words::toolingSheet(m_session->told(), *step, m_way)
                : words::brokenSheet(m_session->told(), words::tr("No tools yet"));
}

QString ToolingPage::keys() const {
    const auto* w = way();
    if (!w) return tr("T: make a sleeve.");
    if (w->byHand()) return tr("Space takes it. W: another setup.");
    return w->pressed->overridden ? tr("Space takes it. Esc: the program's choice again.")
                                  : tr("Space takes it. T: make a sleeve. W: another setup.");
}

bool ToolingPage::act() {
    const auto* w = way();
    if (!w) return false;
    if (m_session->step()->tools->problem || (w->pressed && !w->pressed->proven())) {
        backToProgram();
        return false;
    }
    if (w->turned) return false; // first it must be there
    m_session->setDone(job::Station::Tooling, true);
    return true;
}

StationPage::Far ToolingPage::far() const {
    return {m_bench->scene(), {}, false};
}

QWidget* ToolingPage::firstFocus() {
    return m_bench;
}

void ToolingPage::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Left:
        return m_rack->step(-1);
    case Qt::Key_Right:
        return m_rack->step(1);
    case Qt::Key_Up:
        return stepSupport(-1);
    case Qt::Key_Down:
        return stepSupport(1);
    case Qt::Key_W:
        if (m_ways->count()) takeWay((m_ways->currentIndex() + 1) % m_ways->count());
        return;
    case Qt::Key_T:
        return showTurning(m_below->currentWidget() != m_turn);
    case Qt::Key_Escape:
        return m_below->currentWidget() == m_turn ? showTurning(false) : backToProgram();
    default:
        StationPage::keyPressEvent(event);
    }
}

} // namespace arbor::ui
