#include "ui/measure/measure_page.h"

#include "device/gauge_line.h"
#include "device/line_client.h"
#include "io/entry/size_entry.h"
#include "ui/kit/beside.h"
#include "ui/kit/scrolled.h"
#include "ui/measure/bore_grid.h"
#include "ui/measure/bore_map.h"
#include "ui/measure/old_bearing_board.h"
#include "ui/measure/surface_sheet.h"
#include "ui/stations/gauge_line.h"
#include "ui/stations/seat_clock.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/measure_words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QResizeEvent>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using Kind = words::MeasureItem::Kind;

constexpr int kListRows = 6;
enum Board { kSurfaceBoard, kSpacerBoard, kOldBearingBoard };

QString markOf(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return QStringLiteral("○");
    case measure::Verdict::Use:
        return QStringLiteral("✓");
    case measure::Verdict::CleanUp:
        return QStringLiteral("△");
    case measure::Verdict::Sleeve:
    case measure::Verdict::Replace:
        return QStringLiteral("✕");
    }
    return {};
}

} // namespace

MeasurePage::MeasurePage(device::LineClient& gauge, QWidget* parent) : StationPage(parent), m_gauge(gauge) {
    setObjectName("measurePage");
    m_list = new QListWidget(this);
    m_list->setObjectName("measureList");
    m_list->setAccessibleName(tr("What is measured"));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_surfaceSheet = new SurfaceSheet(this);
    m_spacerSheet = new EntrySheet(this);
    m_spacerSheet->setObjectName("spacerSheet");
    m_sheets = new QStackedWidget(this);
    m_sheets->addWidget(scrolled(m_surfaceSheet, this, "measureScroll"));
    m_sheets->addWidget(scrolled(m_spacerSheet, this, "spacerScroll"));
    m_sheets->addWidget(new QWidget(this));
    auto* left = new QWidget(this);
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->setContentsMargins(0, theme::kGap, 0, 0);
    leftLayout->addWidget(m_list);
    m_gaugeSheet = new EntrySheet(this);
    m_gaugeSheet->setObjectName("gaugeSheet");
    leftLayout->addWidget(m_gaugeSheet);
    leftLayout->addWidget(m_sheets, 1);

    m_grid = new BoreGrid(this);
    m_map = new BoreMap(this);
    m_lengths = new SeatClock(this);
    m_lengths->setObjectName("spacerLengths");
    m_lowerEnd = new SeatClock(this);
    m_lowerEnd->setObjectName("spacerLowerEnd");
    for (auto* clock : {m_lengths, m_lowerEnd})
        clock->setPlaces(4);
    m_old = new OldBearingBoard(this);
    const auto stacked = [this](std::initializer_list<QWidget*> widgets) {
        auto* board = new QWidget(this);
        auto* layout = new QVBoxLayout(board);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->setSpacing(0);
        for (auto* widget : widgets)
            layout->addWidget(widget, widget == m_grid ? 0 : 1);
        return board;
    };
    m_boards = new QStackedWidget(this);
    m_boards->addWidget(stacked({m_grid, m_map}));
    m_boards->addWidget(stacked({m_lengths, m_lowerEnd}));
    m_boards->addWidget(m_old);
    constexpr int kDepthsAndFigures = 330; // of four directions or eight, to be read
    auto* both =
        new Beside(left, m_boards, {.picture = Beside::Narrow::Above, .leastPicture = kDepthsAndFigures}, this);
    connect(both, &Beside::arranged, m_map, &QWidget::setVisible);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(both);

    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0 && row != static_cast<int>(m_chosen)) choose(static_cast<std::size_t>(row));
    });
    connect(m_grid, &BoreGrid::entered, this, [this](double depth_mm, double direction_deg, const QString& typed) {
        enterDiameter(depth_mm, direction_deg, typed);
    });
    connect(&m_gauge, &device::LineClient::line, this, &MeasurePage::takeGaugeLine);
    connect(&m_gauge, &device::LineClient::stateChanged, this, [this] { m_gaugeSheet->refresh(); });
    connect(m_grid, &BoreGrid::placesWanted, this, &MeasurePage::changePlaces);
    connect(m_lengths, &SeatClock::entered, this,
            [this](double angle, const QString& typed) { enterHeight(true, angle, typed); });
    connect(m_lowerEnd, &SeatClock::entered, this,
            [this](double angle, const QString& typed) { enterHeight(false, angle, typed); });
    connect(m_old, &OldBearingBoard::toggled, this, [this](measure::Sign sign) {
        m_session->edit(tr("Old bearing: %1").arg(q(words::signWords(sign).head)), [&](job::Job& j) {
            if (!j.measured.oldBearing.erase(sign)) j.measured.oldBearing.insert(sign);
        });
    });
}

void MeasurePage::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    m_chosen = 0;
    if (first) {
        buildSpacerSheet();
        buildGaugeLine();
    }
    m_surfaceSheet->open(session);
    refresh();
}

void MeasurePage::choose(std::size_t index) {
    if (index >= m_items.size()) return;
    m_chosen = index;
    m_depths = 3;
    m_directions = 4;
    m_grid->goTo(0, 0);
    refresh();
}

const words::MeasureItem* MeasurePage::item() const {
    return m_chosen < m_items.size() ? &m_items[m_chosen] : nullptr;
}

const plan::SeatPlan* MeasurePage::seat() const {
    const auto* it = item();
    return it && it->kind == Kind::Surface ? &m_session->plan().fits->seats[it->index] : nullptr;
}

const plan::SurfacePlan* MeasurePage::surface() const {
    const auto* s = seat();
    return !s ? nullptr : item()->hole ? &s->hole : &s->shaft;
}

void MeasurePage::buildSpacerSheet() {
    m_spacerSheet->addHeading(tr("Outside, for flared ends"));
    struct Line {
        const char* name;
        QString label;
        std::optional<double> measure::SpacerReadings::*member;
    };
    for (const auto& line : {Line{"spacerMiddle", tr("In the middle"), &measure::SpacerReadings::middleOutside_mm},
                             Line{"spacerLower", tr("Lower end"), &measure::SpacerReadings::lowerOutside_mm},
                             Line{"spacerUpper", tr("Upper end"), &measure::SpacerReadings::upperOutside_mm}}) {
        const auto readings = [this]() -> const measure::SpacerReadings& {
            static const measure::SpacerReadings none;
            const auto* it = item();
            if (!it || it->kind != Kind::Spacer) return none;
            const auto found = m_session->job().measured.spacers.find(m_session->plan().fits->spacers[it->index].part);
            return found == m_session->job().measured.spacers.end() ? none : found->second;
        };
        m_spacerSheet->addField(
            line.name, line.label,
            [this, line](const QString& typed) -> EntrySheet::Understood {
                std::optional<double> size;
                if (!typed.trimmed().isEmpty()) {
                    const auto value = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
                    if (!value) return refused(value.error());
                    if (!(*value > 0 && *value <= 3000)) return {false, tr("over 0, up to 3000 mm")};
                    size = *value;
                }
                const auto part = m_session->plan().fits->spacers[item()->index].part;
                m_session->edit(tr("Spacer's outside"),
                                [&](job::Job& j) { j.measured.spacers[part].*line.member = size; });
                return {};
            },
            [this, line, readings] {
                const auto& value = readings().*line.member;
                return value ? q(m_session->display().size(*value).number) : QString();
            },
            [this] { return q(m_session->display().size(0).unit); });
    }
    for (auto* line : m_spacerSheet->findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void MeasurePage::fillList() {
    const auto& fits = *m_session->plan().fits;
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    for (const auto& it : m_items) {
        const auto verdict = words::verdictOf(it, fits);
        auto* line = new QListWidgetItem(markOf(verdict) + "  " + q(words::itemTitle(it, fits)), m_list);
        line->setToolTip(q(words::verdictName(verdict)));
        line->setSizeHint({0, 28});
    }
    m_list->setFixedHeight(28 * std::min(kListRows, static_cast<int>(m_items.size())) + 4);
    m_list->setCurrentRow(static_cast<int>(m_chosen));
}

void MeasurePage::refresh() {
    if (!m_session) return;
    setEnabled(m_session->plan().fits.has_value());
    m_items.clear();
    if (m_session->plan().fits) {
        m_items = words::measureItems(*m_session->plan().fits);
        m_chosen = std::min(m_chosen, m_items.size() - 1);
        fillList();
        const auto board = item()->kind == Kind::Surface  ? kSurfaceBoard
                           : item()->kind == Kind::Spacer ? kSpacerBoard
                                                          : kOldBearingBoard;
        m_boards->setCurrentIndex(board);
        m_sheets->setCurrentIndex(board);
        m_gaugeSheet->setVisible(board == kSurfaceBoard);
        if (board == kSurfaceBoard) showSurface();
        if (board == kSpacerBoard) showSpacer();
        m_old->show(m_session->job().measured.oldBearing);
    }
    emit slipChanged();
}

void MeasurePage::showSurface() {
    m_surfaceSheet->choose(item()->index, item()->hole);
    const auto& readings = m_surfaceSheet->card().readings;
    const auto places = placesFor(seat()->length_mm, readings, m_depths, m_directions);
    m_grid->show(places, readings, *surface(), seat()->dia_mm, m_session->display());
    m_map->show(*surface(), seat()->dia_mm, seat()->length_mm, item()->hole, m_session->display());
}

void MeasurePage::showSpacer() {
    m_spacerSheet->refresh();
    const auto& spacer = m_session->plan().fits->spacers[item()->index];
    const auto found = m_session->job().measured.spacers.find(spacer.part);
    const auto readings = found == m_session->job().measured.spacers.end() ? measure::SpacerReadings{} : found->second;
    const auto d = m_session->display();
    m_lengths->setWords(tr("Length of the spacer, round its end"),
                        tr("On the surface plate, with the gauge over it (%1).").arg(q(d.size(0).unit)));
    m_lowerEnd->setWords(tr("Lower end, turned over"), tr("Indicator over the end face (%1).").arg(q(d.size(0).unit)));
    m_lengths->show(readings.lengths, nullptr, seating::ReadingKind::Depth, d);
    m_lowerEnd->show(readings.lowerEnd, nullptr, seating::ReadingKind::Depth, d);
}

void MeasurePage::buildGaugeLine() {
    using enum device::LineClient::State;
    m_gaugeSheet->addField(
        "gaugeLine", tr("Gauge line"),
        [this](const QString& typed) -> EntrySheet::Understood {
            m_gauge.connectTo(typed);
            return {m_gauge.state() != Failed, m_gauge.reason()};
        },
        [this] { return m_gauge.address(); },
        [this] {
            return m_gauge.state() == Off          ? tr("none: host:port")
                   : m_gauge.state() == Connecting ? tr("connecting")
                   : m_gauge.state() == On         ? tr("its data button enters")
                                                   : m_gauge.reason();
        });
    m_gaugeSheet->refresh();
    for (auto* line : m_gaugeSheet->findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

/// What the gauge shows goes where the cursor stands; a reading that is refused leaves it there.
void MeasurePage::takeGaugeLine(const QString& line) {
    if (!isInHand() || !seat()) return;
    const auto value = device::parseGaugeLine(line.toStdString());
    if (!value) return emit trouble(q(words::say(value.error())));
    if (!*value) return;
    const auto typed = QString::number(**value, 'f', 4) + " mm";
    if (enterDiameter(m_grid->depth(), m_grid->direction(), typed, m_gauge.gauge())) m_grid->goOn();
}

bool MeasurePage::enterDiameter(double depth_mm, double direction_deg, const QString& typed, const QString& gauge) {
    if (!seat()) return false;
    const auto same = [&](const measure::DiameterReading& r) {
        return std::abs(r.depth_mm - depth_mm) < kSame && std::abs(r.direction_deg - direction_deg) < kSame;
    };
    if (typed.isEmpty()) {
        m_surfaceSheet->editCard(tr("Clear reading"), [&](job::SurfaceCard& c) { std::erase_if(c.readings, same); });
        return true;
    }
    const double nominal = seat()->dia_mm;
    const auto value = io::parseReading(typed.toStdString(), nominal, typedUnit_mm(*m_session));
    if (!value || !(std::abs(*value - nominal) <= 0.01 * nominal)) {
        emit trouble(!value ? q(words::say(value.error()))
                            : tr("%1 is more than 1 % away from %2: is the gauge set to the right master?")
                                  .arg(typed, q(m_session->display().size(nominal).text())));
        return false;
    }
    m_surfaceSheet->editCard(
        tr("Reading at %1 deep, %2°").arg(q(m_session->display().size(depth_mm).number)).arg(direction_deg),
        [&](job::SurfaceCard& c) {
            if (!gauge.isEmpty()) c.gaugeUsed = gaugeTyped(gauge, *m_session);
            std::erase_if(c.readings, same);
            c.readings.push_back({depth_mm, direction_deg, *value});
            std::sort(c.readings.begin(), c.readings.end(), [](const auto& a, const auto& b) {
                return std::pair(a.depth_mm, a.direction_deg) < std::pair(b.depth_mm, b.direction_deg);
            });
        });
    return true;
}

void MeasurePage::enterHeight(bool length, double angle_deg, const QString& typed) {
    const auto* it = item();
    if (!it || it->kind != Kind::Spacer) return;
    std::optional<double> value;
    if (!typed.isEmpty()) {
        const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
        if (!read) return emit trouble(q(words::say(read.error())));
        if (!(*read >= 0 && *read <= 1000)) return emit trouble(tr("%1 is out of range").arg(typed));
        value = *read;
    }
    const auto part = m_session->plan().fits->spacers[it->index].part;
    m_session->edit(length ? tr("Length of the spacer") : tr("Lower end of the spacer"), [&](job::Job& j) {
        auto& list = length ? j.measured.spacers[part].lengths : j.measured.spacers[part].lowerEnd;
        std::erase_if(list, [&](const seating::Reading& r) { return std::abs(r.angle_deg - angle_deg) < 0.5; });
        if (value) list.push_back({angle_deg, *value});
        std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) { return a.angle_deg < b.angle_deg; });
        j.done.erase(job::Station::Measure);
    });
}

void MeasurePage::changePlaces(int depthsBy, int directionsBy) {
    m_depths = std::clamp(m_depths + depthsBy, 1, 6);
    m_directions = std::clamp(m_directions + directionsBy, 1, 8);
    showSurface();
}

std::optional<std::size_t> MeasurePage::nextOpen() const {
    const auto& fits = *m_session->plan().fits;
    for (std::size_t i = m_chosen + 1; i < m_items.size(); ++i)
        if (words::verdictOf(m_items[i], fits) == measure::Verdict::NotMeasured) return i;
    return std::nullopt;
}

words::Sheet MeasurePage::sheet() const {
    if (!item()) return words::brokenSheet(m_session->told());
    const auto next = nextOpen();
    return words::measureSheet(m_session->told(), *item(), next ? std::optional(m_items[*next]) : std::nullopt);
}

bool MeasurePage::act() {
    if (!item()) return false;
    if (const auto next = nextOpen()) {
        choose(*next);
        firstFocus()->setFocus();
        return false;
    }
    m_session->setDone(job::Station::Measure, true);
    return true;
}

QWidget* MeasurePage::firstFocus() {
    const auto* it = item();
    if (!it || it->kind == Kind::Surface) return m_grid;
    return it->kind == Kind::Spacer ? static_cast<QWidget*>(m_lengths) : m_old;
}

} // namespace arbor::ui
