#include "ui/fit/fit_page.h"

#include "ui/bench/bench_view.h"
#include "ui/charts/zone_drawing.h"
#include "ui/fit/fit_sheet.h"
#include "ui/fit/what_if.h"
#include "ui/kit/scrolled.h"
#include "ui/stations/describe_part.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/measure_words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kRowHeight = 28, kListRows = 5;
constexpr int kLeastBench = 150;

QString seatLine(const plan::SeatPlan& seat, const words::Display& d) {
    const auto title = q(words::seatTitle(seat));
    if (!seat.fit) return title + QObject::tr(": not known");
    const auto& i = seat.fit->interference_mm;
    return title + QStringLiteral(": ") + q(d.fineRange(i.least, i.most) + " " + d.fine(0).unit);
}

QString markOf(const plan::SeatPlan& seat) {
    if (!seat.fit) return QStringLiteral("○");
    const auto severity = worst(seat.fit->advisories);
    return severity == Severity::Stop    ? QStringLiteral("✕")
           : severity == Severity::Check ? QStringLiteral("△")
                                         : QStringLiteral("✓");
}

} // namespace

FitPage::FitPage(QWidget* parent) : StationPage(parent) {
    setObjectName("fitPage");
    build();
    arrange();
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && row != static_cast<int>(m_seat)) choose(static_cast<std::size_t>(row));
    });
    connect(m_whatIfButton, &QPushButton::toggled, this, [this](bool on) {
        m_strip->setCurrentIndex(on ? 1 : 0);
        if (on) showWhatIf();
        QTimer::singleShot(0, m_strip, [this] { m_all->ensureWidgetVisible(m_strip); }); // when it has its place
    });
}

void FitPage::build() {
    m_list = new QListWidget(this);
    m_list->setObjectName("seatList");
    m_list->setAccessibleName(tr("Seats"));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_sheet = new FitSheet(this);
    m_sheetScroll = scrolled(m_sheet, this, "sheetScroll");
    auto* left = new QVBoxLayout;
    left->setContentsMargins(0, theme::kGap, 0, 0);
    left->addWidget(m_list);
    left->addWidget(m_sheetScroll, 1);
    m_bench = new BenchView(this);
    m_bench->setObjectName("fitBench");
    m_whatIfButton = new QPushButton(tr("Other classes  F6"), m_bench);
    m_whatIfButton->setObjectName("whatIfButton");
    m_whatIfButton->setCheckable(true);
    m_whatIfButton->setShortcut(Qt::Key_F6);
    m_whatIfButton->setFocusPolicy(Qt::NoFocus);
    m_whatIfButton->setMinimumHeight(30);
    auto* overBench = new QVBoxLayout(m_bench);
    overBench->setContentsMargins(theme::kMargin, 0, 0, theme::kGap);
    overBench->addStretch();
    overBench->addWidget(m_whatIfButton, 0, Qt::AlignLeft);
    m_upper = new QBoxLayout(QBoxLayout::LeftToRight);
    m_upper->setSpacing(0);
    m_upper->addLayout(left);
    m_upper->addWidget(m_bench, 1);
    auto* all = new QWidget;
    auto* below = new QVBoxLayout(all);
    below->setContentsMargins(0, 0, 0, 0);
    below->setSpacing(0);
    below->addLayout(m_upper, 17);
    below->addWidget(buildStrip(), 8);
    m_all = scrolled(all, this, "fitScroll");
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(m_all);
}

QWidget* FitPage::buildStrip() {
    m_zones = new ZoneDrawing(this);
    m_steps = new ClearanceSteps(this);
    m_whatIf = new WhatIf(this);
    auto* charts = new QWidget(this);
    m_charts = new QBoxLayout(QBoxLayout::LeftToRight, charts);
    m_charts->setContentsMargins(0, 0, 0, 0);
    m_charts->setSpacing(0);
    m_charts->addWidget(m_zones, 1);
    m_charts->addWidget(m_steps, 1);
    m_strip = new QStackedWidget(this);
    m_strip->addWidget(charts);
    m_strip->addWidget(m_whatIf);
    return m_strip;
}

/// Beside each other, or, where the section would be a strip of paper, below.
void FitPage::arrange() {
    const int wide = theme::wide(theme::kSheetWidth);
    const bool beside = width() >= wide + theme::tall(kLeastBench);
    m_upper->setDirection(beside ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    m_charts->setDirection(beside ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    for (QWidget* widget : {static_cast<QWidget*>(m_list), static_cast<QWidget*>(m_sheetScroll)}) {
        widget->setMinimumWidth(beside ? wide : 0);
        widget->setMaximumWidth(beside ? wide : QWIDGETSIZE_MAX);
    }
    m_sheetScroll->setMinimumHeight(beside ? 0 : m_sheet->sizeHint().height());
    m_bench->setMinimumHeight(beside ? kLeastBench : theme::tall(2 * kLeastBench));
}

void FitPage::resizeEvent(QResizeEvent* event) {
    StationPage::resizeEvent(event);
    arrange();
}

void FitPage::open(JobSession* session) {
    m_session = session;
    m_chosen = false;
    m_sheet->open(session);
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

void FitPage::choose(std::size_t seat) {
    m_seat = seat;
    m_chosen = true;
    refresh();
}

void FitPage::fillList() {
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    const auto& fits = m_session->plan().fits;
    m_list->setVisible(fits && fits->seats.size() > 1);
    if (!fits) return;
    for (const auto& seat : fits->seats) {
        auto* line = new QListWidgetItem(markOf(seat) + "  " + seatLine(seat, m_session->display()), m_list);
        line->setSizeHint({0, theme::tall(kRowHeight)});
        line->setToolTip(line->text());
    }
    m_list->setFixedHeight(theme::tall(kRowHeight) * std::min(kListRows, m_list->count()) + 4);
    m_list->setCurrentRow(static_cast<int>(m_seat));
}

void FitPage::refresh() {
    if (!m_session) return;
    const auto& fits = m_session->plan().fits;
    const auto* inHand = m_session->plan().seat();
    if (fits && (!m_chosen || m_seat >= fits->seats.size()))
        m_seat = inHand ? static_cast<std::size_t>(inHand - fits->seats.data()) : 0;
    fillList();
    m_sheet->choose(m_seat);
    showSection();
    showZones();
    showSteps();
    if (m_whatIfButton->isChecked()) showWhatIf();
    arrange();
    emit slipChanged();
}

void FitPage::showSection() {
    BenchScene scene;
    const auto& plan = m_session->plan();
    scene.subtitle = tr("Section to scale. Pick a part to see its sizes.");
    scene.emptyText = plan.problem() ? q(words::say(*plan.problem())) : QString();
    if (plan.fits && m_seat < plan.fits->seats.size()) {
        const auto& seat = plan.fits->seats[m_seat];
        scene.title = q(words::seatTitle(seat));
        for (const auto& part : plan.strip.assembly.parts)
            for (const auto& body : part.bodies) {
                scene.bodies.push_back(body);
                scene.faded.push_back(part.id != seat.key.first && part.id != seat.key.second);
            }
    }
    m_bench->show(std::move(scene));
}

void FitPage::showZones() {
    const auto& fits = m_session->plan().fits;
    const auto d = m_session->display();
    if (!fits || m_seat >= fits->seats.size() || !fits->seats[m_seat].fit) return m_zones->show({});
    const auto& seat = fits->seats[m_seat];
    const auto& f = *seat.fit;
    ZoneModel zones;
    zones.nominal = q(d.size(seat.dia_mm).number);
    zones.unit = q(d.fine(0).unit);
    zones.perUnit_mm = 1 / d.fineValue(1.0);
    zones.holeName = seat.hole.toleranceClass ? q(seat.hole.toleranceClass->text()) : tr("hole");
    zones.ringName = seat.shaft.toleranceClass ? q(seat.shaft.toleranceClass->text())
                     : seat.shaft.ring         ? tr("ring")
                                               : tr("inner");
    zones.hole_mm = seat.hole.size_mm.value_or(Interval{});
    zones.ring_mm = seat.shaft.size_mm.value_or(Interval{});
    zones.density = f.interferenceCurve;
    zones.densityWindow_mm = f.curveWindow_mm;
    zones.interference_mm = f.interference_mm;
    if (seat.hole.measuredDia_mm) {
        zones.measured_mm = *seat.hole.measuredDia_mm - seat.dia_mm;
        zones.measuredUncertainty_mm = seat.hole.uncertainty_mm;
    }
    m_zones->show(zones);
}

void FitPage::showSteps() {
    const auto& fits = m_session->plan().fits;
    const auto d = m_session->display();
    const auto* bearing = fits ? fits->bearingOf(m_seat) : nullptr;
    m_steps->setVisible(bearing && bearing->clearance);
    if (!bearing || !bearing->clearance) return m_steps->show({}, {}, 1);
    const auto& c = *bearing->clearance;
    std::vector<ClearanceStep> steps;
    const auto band = [&](const QString& label, const Range& r, double before, int tone) {
        steps.push_back({label, q(d.fine(r.likely - before).number), r.least, r.most, r.likely, tone});
    };
    band(tr("made %1").arg(q(bearing->clearanceGroup)), c.asMade_mm, 0, 0);
    if (bearing->housing) band(tr("in housing"), c.inHousing_mm, c.asMade_mm.likely, 1);
    if (bearing->shaft) band(tr("on shaft"), c.onShaft_mm, c.inHousing_mm.likely, 1);
    band(c.lossToSpeed_mm > 0 ? tr("warm, turning") : tr("with heat"), c.left_mm, c.onShaft_mm.likely, 2);
    band(tr("left in service"), c.left_mm, 0, 0);
    m_steps->show(std::move(steps), q(d.fine(0).unit), 1 / d.fineValue(1.0));
    m_steps->setScatter(c.curve, c.curveWindow_mm);
}

void FitPage::showWhatIf() {
    const auto& fits = m_session->plan().fits;
    if (!fits || m_seat >= fits->seats.size()) return m_whatIf->show(WhatIf::Model{});
    const auto& seat = fits->seats[m_seat];
    const auto* bearing = fits->bearingOf(m_seat);
    // A ring comes as it is: the class that can be chosen is the other side's.
    const bool hole = !seat.hole.ring;
    const auto& side = hole ? seat.hole : seat.shaft;
    WhatIf::Model model;
    model.display = m_session->display();
    model.side = (hole ? tr("hole %1") : tr("shaft %1")).arg(q(model.display.size(seat.dia_mm).text()));
    model.classes = plan::alternatives(*fits, m_session->tables(), m_seat, hole);
    if (side.toleranceClass) model.now = side.toleranceClass->text();
    const auto& proposed = !bearing ? std::nullopt : hole ? bearing->proposal.hole : bearing->proposal.shaft;
    if (proposed) model.proposed = proposed->text();
    if (bearing && bearing->clearance) model.moves = bearing->clearance->moves;
    m_whatIf->show(std::move(model));
}

words::Sheet FitPage::sheet() const {
    return words::fitSheet(m_session->told(), m_seat);
}

bool FitPage::act() {
    m_session->setDone(job::Station::Fit, true);
    return true;
}

QWidget* FitPage::firstFocus() {
    return m_sheet->first();
}

} // namespace arbor::ui
