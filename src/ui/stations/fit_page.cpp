#include "ui/stations/fit_page.h"

#include "core/arrangement/edit.h"
#include "io/entry/size_entry.h"
#include "ui/bench/bench_view.h"
#include "ui/charts/zone_drawing.h"
#include "ui/stations/describe_part.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/slips.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr double kMmPerInch = 25.4;

double typedUnit_mm(const JobSession& s) {
    return s.job().units == job::Units::Inch ? kMmPerInch : 1.0;
}

EntrySheet::Understood refused(const Problem& problem) {
    return {false, q(words::say(problem))};
}

QString limitsText(const Limits& limits, const words::Display& d) {
    return q(d.fine(limits.upper).number + " / " + d.fine(limits.lower).text());
}

/// The housing's outside is a size of the arrangement where there is one.
void changeOutside(job::Job& job, const plan::Plan& plan, double dia_mm) {
    if (!plan.strip || !plan.arrangement || !plan.arrangement->housing.section) return;
    const auto& assembly = plan.strip->assembly;
    const auto seat = arrangement::findSeat(assembly, job.bearing.designation);
    for (const auto& line : arrangement::sizeLines(assembly)) {
        if (!seat || line.part != seat->part || line.what != arrangement::SizeLine::What::Outside ||
            line.value_mm != plan.arrangement->housing.outsideDia_mm)
            continue;
        if (auto next = arrangement::withSize(assembly, line, dia_mm)) job.arrangement->assembly = std::move(*next);
        return;
    }
}

} // namespace

FitPage::FitPage(QWidget* parent) : StationPage(parent) {
    setObjectName("fitPage");
    m_sheet = new EntrySheet(this);
    m_bench = new BenchView(this);
    m_bench->setObjectName("fitBench");
    m_zones = new ZoneDrawing(this);
    m_steps = new ClearanceSteps(this);
    auto* sheetScroll = new QScrollArea(this);
    sheetScroll->setObjectName("sheetScroll");
    sheetScroll->setFocusPolicy(Qt::NoFocus);
    sheetScroll->setWidget(m_sheet);
    sheetScroll->setWidgetResizable(true);
    sheetScroll->setFixedWidth(theme::kSheetWidth);
    sheetScroll->setFrameShape(QFrame::NoFrame);
    sheetScroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(0);
    upper->addWidget(sheetScroll);
    upper->addWidget(m_bench, 1);
    auto* strip = new QHBoxLayout;
    strip->setSpacing(0);
    strip->addWidget(m_zones, 1);
    strip->addWidget(m_steps, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(upper, 17);
    layout->addLayout(strip, 8);
}

void FitPage::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    if (first) buildSheet();
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

void FitPage::buildSheet() {
    QStringList names, values;
    for (const auto& b : m_session->library().bearings) {
        values << q(b.designation);
        names << tr("%1   %2 × %3 × %4").arg(q(b.designation)).arg(b.boreDia_mm).arg(b.outsideDia_mm).arg(b.width_mm);
    }
    m_sheet->addHeading(tr("Bearing"));
    m_sheet->addChoice(
        "bearing", tr("Designation"), names, values,
        [this](const QString& value) {
            const auto* bearing = catalog::findBearing(m_session->library().bearings, value.toStdString());
            m_session->edit(tr("Choose bearing"), [&](job::Job& j) {
                j.bearing.designation = value.toStdString();
                // The seats follow the bearing; their classes or limits stay.
                j.housing.seat = io::onNominal(j.housing.seat, bearing->outsideDia_mm);
                if (j.shaft) j.shaft->seat = io::onNominal(j.shaft->seat, bearing->boreDia_mm);
                if (!m_session->plan().strip) return;
                const auto& today = m_session->job().bearing.designation;
                if (auto next = arrangement::withBearing(m_session->plan().strip->assembly, today, value.toStdString(),
                                                         m_session->library().bearings))
                    j.arrangement->assembly = std::move(*next);
            });
        },
        [this] { return q(m_session->job().bearing.designation); });
    m_sheet->addChoice(
        "clearanceGroup", tr("Clearance"), {"C2", tr("CN (normal)"), "C3", "C4"}, {"C2", "CN", "C3", "C4"},
        [this](const QString& v) {
            m_session->edit(tr("Choose clearance group"),
                            [&](job::Job& j) { j.bearing.clearanceGroup = v.toStdString(); });
        },
        [this] { return q(m_session->job().bearing.clearanceGroup); });
    m_sheet->addChoice(
        "bearingClass", tr("Accuracy"), {tr("Normal"), tr("class 6"), tr("class 5")}, {"N", "6", "5"},
        [this](const QString& v) {
            m_session->edit(tr("Choose bearing accuracy"),
                            [&](job::Job& j) { j.bearing.toleranceClass = v.toStdString(); });
        },
        [this] { return q(m_session->job().bearing.toleranceClass); });
    addStaticRating();
    buildHousingLines();
    buildWorkLines();
    // Lines added to a window in sight appear one turn of the event loop later; the keyboard wants to go there now.
    for (auto* line : m_sheet->findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void FitPage::addStaticRating() {
    m_sheet->addField(
        "staticRating", tr("Static load C₀"),
        [this](const QString& typed) -> EntrySheet::Understood {
            if (typed.trimmed().isEmpty()) {
                m_session->edit(tr("Estimate the static load"),
                                [](job::Job& j) { j.bearing.typedStaticRating_N.reset(); });
                return {};
            }
            bool ok = false;
            const double shown = QString(typed).replace(',', '.').toDouble(&ok);
            const double rating_N = shown / m_session->display().forceValue(1.0);
            if (!ok || !(rating_N > 0 && rating_N < 1e8)) return {false, tr("a force over 0, as in the catalogue")};
            m_session->edit(tr("Enter static load"), [&](job::Job& j) { j.bearing.typedStaticRating_N = rating_N; });
            return {};
        },
        [this] {
            const auto& rating = m_session->job().bearing.typedStaticRating_N;
            return rating ? q(m_session->display().force(*rating).number) : QString();
        },
        [this] {
            const auto& rating = m_session->plan().rating;
            const auto d = m_session->display();
            return rating.estimate ? tr("≈ %1").arg(q(d.force(rating.radial_N).text())) : q(d.force(0).unit);
        });
}

void FitPage::buildHousingLines() {
    m_sheet->addHeading(tr("Housing"));
    m_sheet->addField(
        "holeSize", tr("Hole"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto size =
                io::parseSize(typed.toStdString(), m_session->job().housing.seat.nominal_mm, typedUnit_mm(*m_session));
            if (!size) return refused(size.error());
            if (size->toleranceClass)
                if (const auto limits = standards::limitDeviations(m_session->library().iso286, size->nominal_mm,
                                                                   *size->toleranceClass);
                    !limits)
                    return refused(limits.error());
            m_session->edit(tr("Change hole"), [&](job::Job& j) { j.housing.seat = *size; });
            return {};
        },
        [this] { return q(m_session->job().housing.seat.typed); },
        [this] { return limitsText(m_session->plan().housingClass_mm, m_session->display()); });
    m_sheet->addField(
        "measuredBore", tr("Measured bore"),
        [this](const QString& typed) -> EntrySheet::Understood {
            if (typed.trimmed().isEmpty()) {
                m_session->edit(tr("Clear measured bore"), [](job::Job& j) { j.housing.measured.reset(); });
                return {};
            }
            const auto size = io::parseMeasured(typed.toStdString(), typedUnit_mm(*m_session));
            if (!size) return refused(size.error());
            m_session->edit(tr("Enter measured bore"), [&](job::Job& j) { j.housing.measured = *size; });
            return {};
        },
        [this] { return m_session->job().housing.measured ? q(m_session->job().housing.measured->typed) : QString(); },
        [this]() -> QString {
            const auto& m = m_session->job().housing.measured;
            const auto d = m_session->display();
            return m ? q(d.size(m->value_mm).number + " ±" + d.fine(m->uncertainty_mm).number)
                     : tr("not measured: by class");
        });
    QStringList names, values;
    for (const auto& [id, material] : m_session->library().materials) {
        names << q(material.name);
        values << q(id);
    }
    m_sheet->addChoice(
        "housingMaterial", tr("Material"), names, values,
        [this](const QString& v) {
            m_session->edit(tr("Choose housing material"), [&](job::Job& j) { j.housing.material = v.toStdString(); });
        },
        [this] { return q(m_session->job().housing.material); });
    m_sheet->addField(
        "housingOutside", tr("Outside Ø"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto size = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
            if (!size || !(*size > m_session->job().housing.seat.nominal_mm))
                return size ? EntrySheet::Understood{false, tr("must be over the bore")} : refused(size.error());
            m_session->edit(tr("Change housing outside"), [&](job::Job& j) {
                j.housing.outsideDia_mm = *size;
                changeOutside(j, m_session->plan(), *size);
            });
            return {};
        },
        [this] {
            const auto& plan = m_session->plan();
            return q(m_session->display()
                         .size(plan.arrangement ? plan.arrangement->housing.outsideDia_mm
                                                : m_session->job().housing.outsideDia_mm)
                         .number);
        },
        [this] { return q(m_session->display().size(0).unit); });
    m_sheet->addField(
        "housingRz", tr("Bore finish Rz"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto rz = io::parseLength(typed.toStdString(), 1e-3);
            if (!rz || !(*rz >= 0 && *rz <= 0.1)) return {false, tr("Rz in µm, 0 to 100")};
            m_session->edit(tr("Change bore finish"), [&](job::Job& j) { j.housing.rz_mm = *rz; });
            return {};
        },
        [this] { return q(words::figures(m_session->job().housing.rz_mm * 1000)); },
        [] { return QStringLiteral("µm"); });
}

void FitPage::buildWorkLines() {
    m_sheet->addHeading(tr("Shaft and work"));
    m_sheet->addField(
        "shaftSize", tr("Shaft seat"),
        [this](const QString& typed) -> EntrySheet::Understood {
            if (typed.trimmed().isEmpty()) {
                m_session->edit(tr("Leave shaft open"), [](job::Job& j) { j.shaft.reset(); });
                return {};
            }
            const double bore = m_session->plan().arrangement ? m_session->plan().arrangement->bearing.boreDia_mm : 0;
            const auto size = io::parseSize(typed.toStdString(), bore, typedUnit_mm(*m_session));
            if (!size) return refused(size.error());
            if (size->toleranceClass)
                if (const auto limits = standards::limitDeviations(m_session->library().iso286, size->nominal_mm,
                                                                   *size->toleranceClass);
                    !limits)
                    return refused(limits.error());
            m_session->edit(tr("Change shaft seat"), [&](job::Job& j) {
                j.shaft = j.shaft.value_or(job::ShaftPart{"carbon_steel", {}, 0, 0.004});
                j.shaft->seat = *size;
            });
            return {};
        },
        [this] { return m_session->job().shaft ? q(m_session->job().shaft->seat.typed) : QString(); },
        [this] {
            return m_session->job().shaft ? limitsText(m_session->plan().shaftClass_mm, m_session->display())
                                          : tr("not fitted yet");
        });
    m_sheet->addChoice(
        "lubricant", tr("Seat goes in"), {tr("dry and clean"), tr("with light oil"), tr("with grease")},
        {"0", "1", "2"},
        [this](const QString& v) {
            m_session->edit(tr("Choose lubricant"),
                            [&](job::Job& j) { j.lubricant = static_cast<catalog::Lubricant>(v.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(m_session->job().lubricant)); });
    struct Warm {
        const char* name;
        QString label;
        double job::WorkTemperatures::*member;
    };
    for (const auto& w : {Warm{"innerTemp", tr("Inner ring at"), &job::WorkTemperatures::innerRing_C},
                          Warm{"outerTemp", tr("Outer ring at"), &job::WorkTemperatures::outerRing_C},
                          Warm{"housingTemp", tr("Housing at"), &job::WorkTemperatures::housing_C},
                          Warm{"shaftTemp", tr("Shaft at"), &job::WorkTemperatures::shaft_C}}) {
        m_sheet->addField(
            w.name, w.label,
            [this, w](const QString& typed) -> EntrySheet::Understood {
                bool ok = false;
                double value = QString(typed).replace(',', '.').toDouble(&ok);
                if (m_session->job().units == job::Units::Inch) value = (value - 32) / 1.8;
                if (!ok || !(value >= -100 && value <= 250)) return {false, tr("−100 to 250 °C")};
                m_session->edit(tr("Change working temperature"),
                                [&](job::Job& j) { j.temperatures.*w.member = value; });
                return {};
            },
            [this, w] {
                return q(m_session->display().temperature(m_session->job().temperatures.*w.member).number)
                    .replace(QStringLiteral("−"), "-");
            },
            [this] { return q(m_session->display().temperature(0).unit) + tr(" at work"); });
    }
}

void FitPage::refresh() {
    if (!m_session) return;
    m_sheet->refresh();
    showSection();
    showCharts();
    emit slipChanged();
}

void FitPage::showSection() {
    BenchScene scene;
    scene.title = tr("Bearing home in its housing");
    scene.subtitle = tr("Section to scale. Pick a part to see its sizes.");
    scene.emptyText = m_session->plan().problem ? q(words::say(*m_session->plan().problem)) : QString();
    if (const auto& a = m_session->plan().arrangement) {
        scene.bodies = arrangement::housingBodies(a->housing);
        for (auto& body : arrangement::bearingInHousing(*a, a->housing.height_mm, a->homeTravel_mm()))
            scene.bodies.push_back(std::move(body));
    }
    m_bench->show(std::move(scene));
}

void FitPage::showCharts() {
    const auto& plan = m_session->plan();
    const auto d = m_session->display();
    const auto& job = m_session->job();
    if (!plan.fit) {
        m_zones->show({});
        m_steps->show({}, {}, 1);
        return;
    }
    const auto& f = *plan.fit;
    const double perUnit = 1 / d.fineValue(1.0);
    ZoneModel zones{q(d.size(job.housing.seat.nominal_mm).number),
                    q(d.fine(0).unit),
                    perUnit,
                    job.housing.seat.toleranceClass ? q(job.housing.seat.toleranceClass->text()) : tr("hole"),
                    plan.housingClass_mm,
                    plan.ringOutside_mm,
                    std::nullopt,
                    0,
                    f.interferenceCurve,
                    f.curveWindow_mm,
                    f.interference_mm};
    if (job.housing.measured) {
        zones.measured_mm = job.housing.measured->value_mm - job.housing.seat.nominal_mm;
        zones.measuredUncertainty_mm = job.housing.measured->uncertainty_mm;
    }
    m_zones->show(zones);
    std::vector<ClearanceStep> steps;
    const auto band = [&](const QString& label, const Range& r, double before, int tone) {
        steps.push_back({label, q(d.fine(r.likely - before).number), r.least, r.most, r.likely, tone});
    };
    m_steps->setVisible(f.clearanceMade);
    band(tr("as made, %1").arg(q(job.bearing.clearanceGroup)), f.clearanceAsMade_mm, 0, 0);
    band(tr("in housing"), f.clearanceInHousing_mm, f.clearanceAsMade_mm.likely, 1);
    if (job.shaft) band(tr("on shaft"), f.clearanceOnShaft_mm, f.clearanceInHousing_mm.likely, 1);
    band(tr("with heat"), f.clearanceLeft_mm, f.clearanceOnShaft_mm.likely, 2);
    band(tr("left at work"), f.clearanceLeft_mm, 0, 0);
    m_steps->show(std::move(steps), q(d.fine(0).unit), perUnit);
}

SlipModel FitPage::slip() const {
    return fitSlip(*m_session);
}

bool FitPage::act() {
    m_session->setDone(job::Station::Fit, true);
    return true;
}

QWidget* FitPage::firstFocus() {
    return m_sheet->first();
}

} // namespace arbor::ui
