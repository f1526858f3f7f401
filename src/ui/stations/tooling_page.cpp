#include "ui/stations/tooling_page.h"

#include "ui/bench/bench_view.h"
#include "ui/stations/describe_part.h"
#include "ui/stations/rack_shelf.h"
#include "ui/stations/setup_scene.h"
#include "ui/stations/slips.h"

#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

/// The bearing and the foot of the sleeve: all that decides between right and wrong lies within this circle.
Loupe landing(const BenchScene& scene, const catalog::Bearing& bearing) {
    const auto driver = std::find_if(scene.bodies.begin(), scene.bodies.end(),
                                     [](const auto& b) { return b.kind == section::BodyKind::Driver; });
    const double half = 0.6 * std::max((bearing.outsideDia_mm - bearing.boreDia_mm) / 2, bearing.width_mm);
    return {{-bearing.pitchDia_mm() / 2, driver->bottom() - 0.7 * half}, half};
}

} // namespace

ToolingPage::ToolingPage(QWidget* parent) : StationPage(parent) {
    setObjectName("toolingPage");
    m_bench = new BenchView(this);
    m_bench->setObjectName("toolingBench");
    m_rack = new RackShelf(this);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_bench, 6);
    layout->addWidget(m_rack, 4);
    connect(m_rack, &RackShelf::chosen, this, &ToolingPage::tryDriver);
    connect(m_bench, &BenchView::toolDropped, this, &ToolingPage::tryDriver);
}

void ToolingPage::open(JobSession* session) {
    m_session = session;
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

void ToolingPage::refresh() {
    if (!m_session) return;
    auto scene = setupScene(*m_session, 0.5);
    const auto& tools = m_session->plan().tools;
    const bool chosen = tools && tools->choice;
    scene.title = !chosen             ? tr("No setup")
                  : tools->overridden ? tr("Setup: trying %1").arg(q(tools->choice->driver->id))
                                      : tr("Setup: bearing into housing");
    scene.subtitle = tr("Left and right change the sleeve, up and down the support. Half way in.");
    if (chosen) scene.loupe = landing(scene, m_session->plan().arrangement->bearing);
    m_bench->show(std::move(scene));
    m_rack->show(tools ? tools->drivers : std::vector<tooling::Candidate>{},
                 chosen ? tools->choice->driver->id : std::string{}, m_session->display());
    emit slipChanged();
}

void ToolingPage::tryDriver(const QString& toolId) {
    if (m_session->library().rack.tool(toolId.toStdString()))
        m_session->edit(
            tr("Try %1").arg(toolId),
            [&](job::Job& j) {
                j.tooling.driver = toolId.toStdString();
                j.done.erase(job::Station::Tooling);
            },
            "driver");
}

void ToolingPage::stepSupport(int by) {
    const auto& tools = m_session->plan().tools;
    if (!tools || !tools->choice) return;
    std::vector<const catalog::Tool*> supports;
    for (const auto& s : tools->supports)
        if (s.tool) supports.push_back(s.tool);
    if (supports.empty()) return;
    const auto at = std::find(supports.begin(), supports.end(), tools->choice->support) - supports.begin();
    const auto next =
        std::clamp<std::ptrdiff_t>((at == std::ssize(supports) ? -1 : at) + by, 0, std::ssize(supports) - 1);
    const auto id = supports[static_cast<std::size_t>(next)]->id;
    m_session->edit(
        tr("Try support %1").arg(q(id)),
        [&](job::Job& j) {
            j.tooling.support = id;
            j.done.erase(job::Station::Tooling);
        },
        "support");
}

void ToolingPage::backToProgram() {
    if (m_session->job().tooling.driver || m_session->job().tooling.support)
        m_session->edit(tr("Put back the program's choice"), [](job::Job& j) {
            j.tooling.driver.reset();
            j.tooling.support.reset();
        });
}

SlipModel ToolingPage::slip() const {
    return toolingSlip(*m_session);
}

bool ToolingPage::act() {
    const auto& tools = m_session->plan().tools;
    if (!tools || !tools->choice) return false;
    if (worst(tools->proof.findings) == Severity::Stop) {
        backToProgram();
        return false;
    }
    m_session->setDone(job::Station::Tooling, true);
    return true;
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
    case Qt::Key_Escape:
        return backToProgram();
    default:
        StationPage::keyPressEvent(event);
    }
}

} // namespace arbor::ui
