#include "ui/strip/strip_page.h"

#include "core/job/names.h"
#include "ui/bench/bench_view.h"
#include "ui/kit/beside.h"
#include "ui/kit/scrolled.h"
#include "ui/strip/found_sheet.h"
#include "ui/strip/step_list.h"
#include "ui/strip/way_round_picture.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/shipped_names.h"
#include "words/strip_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>
#include <bit>
#include <cmath>

namespace arbor::ui {

namespace {

using words::WorkLine;

constexpr double kDrawnAway = 0.14; // of the height of the work: how far what moves is drawn from its place

double heightOf(const arrangement::Assembly& a) {
    double lo = INFINITY, hi = -INFINITY;
    for (const auto& part : a.parts)
        for (const auto& body : part.bodies) {
            lo = std::min(lo, body.bottom());
            hi = std::max(hi, body.top());
        }
    return hi - lo;
}

} // namespace

StripPage::StripPage(QWidget* parent) : StationPage(parent) {
    setObjectName("stripPage");
    setProperty("touched", true);
    m_bench = new BenchView(this);
    m_bench->setObjectName("stripBench");
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(new Beside(buildSide(), m_bench, {}, this));
    connect(m_list, &StepList::chosen, this, &StripPage::go);
    connect(m_direction, &QPushButton::clicked, this, [this] { setTogether(!m_together); });
    connect(m_rust, &QComboBox::activated, this, [this](int row) {
        m_session->edit(tr("How rusted it is"), [&](job::Job& j) { j.strip.rust = static_cast<route::Rust>(row); });
    });
}

QWidget* StripPage::buildSide() {
    auto* side = new QWidget(this);
    m_list = new StepList(side);
    m_scroll = scrolled(m_list, side, "stripScroll");
    m_wayRound = new WayRoundPicture(side);
    m_found = new FoundSheet(side);
    connect(m_found, &FoundSheet::trouble, this, &StripPage::trouble);
    m_direction = new QPushButton(side);
    m_direction->setObjectName("stripDirection");
    m_direction->setMinimumHeight(theme::kTouch);
    m_rust = new QComboBox(side);
    m_rust->setObjectName("stripRust");
    m_rust->setAccessibleName(tr("How rusted it is"));
    m_rust->setMinimumHeight(theme::kTouch);
    for (const auto rust : {route::Rust::None, route::Rust::Light, route::Rust::Heavy})
        m_rust->addItem(tr("Joints: %1").arg(q(words::rustName(rust))));
    m_asFound = new QPushButton(side);
    m_asFound->setObjectName("stripAsFound");
    m_asFound->setMinimumHeight(theme::kTouch);
    m_asFound->setMenu(asFoundMenu());
    auto* buttons = new QVBoxLayout;
    buttons->setContentsMargins(theme::kGap, theme::kGap, theme::kGap, theme::kGap);
    buttons->setSpacing(theme::kGap);
    buttons->addWidget(m_direction);
    buttons->addWidget(m_rust);
    buttons->addWidget(m_asFound);
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_scroll, 1);
    column->addWidget(m_wayRound);
    column->addWidget(m_found);
    column->addLayout(buttons);
    return side;
}

/// What was found broken, missing or full: it changes how the work comes apart.
QMenu* StripPage::asFoundMenu() {
    auto* menu = new QMenu(this);
    for (const auto what : job::kAsFound) {
        auto* entry = menu->addAction(q(words::asFoundName(what)));
        entry->setObjectName("asFound/" + q(std::string(job::name(what))));
        entry->setCheckable(true);
        connect(entry, &QAction::triggered, this, [this, what](bool found) {
            m_session->edit(tr("As found"), [&](job::Job& j) {
                found ? (void)j.strip.asFound.insert(what) : (void)j.strip.asFound.erase(what);
            });
        });
    }
    return menu;
}

void StripPage::showAsFound() {
    const auto& found = m_session->job().strip.asFound;
    QStringList names;
    for (const auto what : job::kAsFound) {
        m_asFound->menu()->actions()[static_cast<int>(what)]->setChecked(found.contains(what));
        if (found.contains(what)) names << q(words::asFoundName(what));
    }
    m_asFound->setText(tr("As found: %1").arg(names.isEmpty() ? tr("nothing odd") : names.join(", ")));
}

void StripPage::open(JobSession* session) {
    m_session = session;
    m_together = false;
    m_current = 0;
    refresh();
    goToNext();
}

bool StripPage::sound() const {
    return m_session && m_session->plan().strip.sound();
}

void StripPage::refresh() {
    if (!m_session) return;
    m_lines.clear();
    if (sound()) m_lines = words::workLines(m_session->plan().strip, m_together);
    m_direction->setText(m_together ? tr("Show taking apart (D)") : tr("Show putting together (D)"));
    m_direction->setEnabled(sound());
    m_rust->setEnabled(sound());
    m_rust->setCurrentIndex(static_cast<int>(m_session->job().strip.rust));
    showAsFound();
    go(m_current);
}

void StripPage::setTogether(bool together) {
    m_together = together;
    refresh();
    goToNext();
}

words::StripStand StripPage::stand() const {
    return words::standOf(m_session->told(), m_lines, m_current, m_together);
}

const arrangement::Part* StripPage::partOf(const WorkLine& line) const {
    return words::partOf(line, m_session->plan().strip);
}

void StripPage::go(std::size_t line) {
    m_current = m_lines.empty() ? 0 : std::min(line, m_lines.size() - 1);
    std::vector<bool> ticks;
    for (const auto& l : m_lines)
        ticks.push_back(words::isTicked(m_session->told(), l, m_together));
    m_list->show(m_lines, std::move(ticks), m_current);
    m_wayRound->hide();
    const auto* leaves = m_together || m_lines.empty() ? nullptr : partOf(m_lines[m_current]);
    if (leaves)
        m_found->show(m_session, leaves->id);
    else
        m_found->hide();
    if (!m_lines.empty()) {
        const auto box = m_list->boxOf(m_current);
        m_scroll->ensureVisible(box.center().x(), box.center().y(), 0, box.height());
        if (const auto* part = m_together ? partOf(m_lines[m_current]) : nullptr)
            m_wayRound->show(*part, m_session->job().strip.wayRoundSeen.contains(part->id));
    }
    showSection();
    emit slipChanged();
}

void StripPage::goToNext() {
    for (std::size_t i = 0; i < m_lines.size(); ++i)
        if (!m_lines[i].key.empty() && !words::isTicked(m_session->told(), m_lines[i], m_together)) return go(i);
}

void StripPage::showSection() {
    BenchScene scene;
    const auto& job = m_session->job();
    if (m_lines.empty()) {
        scene.title = tr("No order of work yet");
        const auto why = words::stopReason(job::Station::Strip, m_session->plan(), m_session->display());
        scene.emptyText = why.empty() ? tr("Describe the arrangement first: Ctrl+G.") : q(why);
        return m_bench->show(std::move(scene));
    }
    scene.title = m_together ? tr("Putting together: %1").arg(q(words::shippedName(job.arrangement.title)))
                             : tr("Taking apart: %1").arg(q(words::shippedName(job.arrangement.title)));
    scene.subtitle = m_together ? tr("Space: done · S: it stays") : tr("F: as found · S: it stays · M: other way");
    const auto& a = m_session->plan().strip.assembly;
    const auto& line = m_lines[m_current];
    const auto now = stand();
    const auto here = line.key.empty() || now.done ? line.here : now.present | line.moving;
    const double away = kDrawnAway * heightOf(a) * (line.way == route::Way::Up ? 1 : -1);
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!(here & route::only(p))) continue;
        const bool moves = line.moving & route::only(p);
        for (auto body : a.parts[p].bodies) {
            body.z_mm += moves ? away : 0;
            scene.bodies.push_back(std::move(body));
            scene.faded.push_back(line.moving != 0 && !moves);
        }
    }
    m_bench->show(std::move(scene));
}

void StripPage::toggle() {
    const auto line = m_lines[m_current];
    if (line.key.empty()) return go(m_current + 1);
    const auto now = stand();
    if (now.stays) return leaveWhereItIs();
    const bool undo = now.done;
    if (!undo && !now.whyNot.empty()) return emit trouble(q(now.whyNot) + ".");
    m_session->edit(undo         ? tr("Take back the tick")
                    : m_together ? tr("Fitted")
                                 : tr("Out"),
                    [&](job::Job& j) {
                        auto& keys = m_together ? j.strip.fitted : j.strip.out;
                        if (undo)
                            keys.erase(line.key);
                        else
                            keys.insert(line.key);
                    });
    if (!undo) goToNext();
}

void StripPage::seeWayRound() {
    if (m_lines.empty()) return;
    const auto* part = partOf(m_lines[m_current]);
    if (!part || !m_together) return;
    if (!stand().wantsWayRound && !m_session->job().strip.wayRoundSeen.contains(part->id)) return;
    const auto id = part->id;
    m_session->edit(tr("Right way round"), [&](job::Job& j) {
        if (!j.strip.wayRoundSeen.erase(id)) j.strip.wayRoundSeen.insert(id);
    });
}

void StripPage::leaveWhereItIs() {
    const auto* part = m_lines.empty() ? nullptr : partOf(m_lines[m_current]);
    if (!part) return;
    const bool stayed = stand().stays;
    m_session->edit(stayed ? tr("It comes out") : tr("It stays where it is"), [&, id = part->id](job::Job& j) {
        if (stayed) return void(j.strip.stays.erase(id));
        j.strip.stays.insert(id);
        j.strip.out.erase(id);
        j.strip.fitted.erase(id);
    });
    if (!stayed) goToNext();
}

void StripPage::chooseMethod() {
    const auto* part = m_lines.empty() || m_together ? nullptr : partOf(m_lines[m_current]);
    const auto* ring =
        part ? m_session->plan().strip.ring(static_cast<std::size_t>(std::countr_zero(m_lines[m_current].moving)))
             : nullptr;
    if (!ring) return;
    // In the fixed order of the methods, so that pressing again comes round to each.
    const auto now = ring->ways.front().method;
    const auto applies = [&](route::Method m) {
        return std::any_of(ring->ways.begin(), ring->ways.end(),
                           [&](const route::Removal& r) { return r.applies && r.method == m; });
    };
    const auto count = std::size(route::kMethods);
    const auto at = static_cast<std::size_t>(now);
    for (std::size_t i = 1; i < count; ++i) {
        const auto next = route::kMethods[(at + i) % count];
        if (!applies(next)) continue;
        const auto id = part->id;
        return m_session->edit(tr("Choose how it comes out"), [&](job::Job& j) { j.strip.methods[id] = next; });
    }
}

words::Sheet StripPage::sheet() const {
    if (m_lines.empty()) return words::noOrderSheet(m_session->told());
    return words::stripSheet(m_session->told(), m_lines[m_current], stand());
}

QString StripPage::keys() const {
    if (m_lines.empty()) return tr("Ctrl+G opens the arrangement.");
    const auto now = stand();
    if (now.finished) return m_together ? tr("All is back in. D shows taking apart.") : tr("Space: next station.");
    if (now.stays) return tr("It stays where it is: its steps are not needed. S takes that back.");
    if (now.done) return tr("Done. Backspace takes the tick back.");
    return now.wantsWayRound ? tr("Check it, then Space or W.") : tr("Space ticks it and goes on.");
}

bool StripPage::act() {
    if (m_lines.empty()) return false;
    if (!m_together && stand().finished) {
        m_session->setDone(job::Station::Strip, true);
        return true;
    }
    if (stand().wantsWayRound)
        seeWayRound();
    else
        toggle();
    return false;
}

StationPage::Far StripPage::far() const {
    return {m_bench->scene(), {}, false};
}

/// Of the part that is looked at, as it was found.
Result<void> StripPage::takePhoto(JobSession& session, const std::string& file) {
    return m_found->part().empty() ? session.attachPhoto(file) : session.attachPhotoOf(m_found->part(), file);
}

QWidget* StripPage::firstFocus() {
    return m_bench;
}

void StripPage::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Down:
    case Qt::Key_Right:
        return go(m_current + 1);
    case Qt::Key_Up:
    case Qt::Key_Left:
        return go(m_current == 0 ? 0 : m_current - 1);
    case Qt::Key_D:
        return sound() ? setTogether(!m_together) : void();
    case Qt::Key_W:
        return seeWayRound();
    case Qt::Key_M:
        return chooseMethod();
    case Qt::Key_F:
        return m_found->isVisible() ? m_found->first()->setFocus() : void();
    case Qt::Key_S:
        return leaveWhereItIs();
    case Qt::Key_Backspace:
        if (m_lines.empty() || !stand().done) return;
        return stand().stays ? leaveWhereItIs() : toggle();
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace arbor::ui
