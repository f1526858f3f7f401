#include "ui/adjust/adjust_page.h"

#include "io/entry/size_entry.h"
#include "ui/adjust/nut_drawing.h"
#include "ui/adjust/setting_method_bars.h"
#include "ui/kit/beside.h"
#include "ui/kit/offered.h"
#include "ui/kit/scrolled.h"
#include "ui/stations/entry_sheet.h"
#include "ui/stations/gauge_line.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/adjust_words.h"
#include "words/shipped_names.h"

#include <QRegularExpression>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace arbor::ui {

namespace {

/// Numbers with blanks, commas or semicolons between them.
std::optional<std::vector<double>> numbersIn(const QString& typed) {
    std::vector<double> out;
    const auto parts = typed.split(QRegularExpression("[ ;]+"), Qt::SkipEmptyParts);
    for (const auto& part : parts) {
        const auto value = numberIn(part);
        if (!value) return std::nullopt;
        out.push_back(*value);
    }
    return out;
}

QString listed(const std::vector<double>& values) {
    QStringList out;
    for (const double v : values)
        out << numberTyped(v, 5);
    return out.join(' ');
}

QString asTyped(double value) {
    return value == 0 ? QString() : numberTyped(value);
}

constexpr int kLeastNut = 260; // its slots with what each of them gives

} // namespace

AdjustPage::AdjustPage(QWidget* parent) : StationPage(parent) {
    setObjectName("adjustPage");
    setProperty("touched", true);
    m_drawing = new NutDrawing(this);
    m_bars = new SettingMethodBars(this);
    m_scroll = scrolled(nullptr, this, "adjustScroll");
    auto* pictures = new QWidget(this);
    auto* left = new QVBoxLayout(pictures);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(0);
    left->addWidget(m_drawing, 6);
    left->addWidget(m_bars, 4);
    auto* both = new Beside(m_scroll, pictures, {Beside::Sheet::Right, Beside::Narrow::Above, kLeastNut}, this);
    connect(both, &Beside::arranged, m_bars, &QWidget::setVisible);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(both);
}

void AdjustPage::open(JobSession* session) {
    m_session = session;
    buildSheet();
    refresh();
}

void AdjustPage::edit(const QString& text, const Change& change) {
    m_session->edit(text, [&](job::Job& j) {
        change(j.adjust);
        j.done.erase(job::Station::Adjust);
    });
}

void AdjustPage::buildSheet() {
    m_bands = m_session->tables().endPlay;
    m_sheet = new EntrySheet(this);
    if (const auto& plan = m_session->plan().adjust) {
        addPlay();
        plan->onSpacer() ? addSpacer() : addNut();
        addWork();
        addGrease();
    }
    m_scroll->setWidget(m_sheet);
    m_scroll->setVisible(m_session->plan().adjust.has_value());
}

void AdjustPage::addNumber(const QString& name, const QString& label, double job::Adjust::*field,
                           const Interval& allowed, const QString& unit, double typed) {
    m_sheet->addField(
        name, label,
        [this, label, field, allowed, typed](const QString& text) -> EntrySheet::Understood {
            const auto value = text.trimmed().isEmpty() ? std::optional(0.0) : numberIn(text);
            if (!value || !(*value * typed >= allowed.lower && *value * typed <= allowed.upper))
                return {false, tr("%1 to %2").arg(allowed.lower / typed).arg(allowed.upper / typed)};
            edit(label, [&](job::Adjust& a) { a.*field = *value * typed; });
            return {};
        },
        [this, field, typed] { return asTyped(m_session->job().adjust.*field / typed); }, [unit] { return unit; });
}

/// What was read, what is wanted.
void AdjustPage::addPlay() {
    m_sheet->addHeading(tr("End play"));
    m_sheet->addField(
        "adjPlay", tr("Indicator shows"),
        [this](const QString& text) -> EntrySheet::Understood {
            if (text.trimmed().isEmpty()) {
                edit(tr("Clear end-play reading"), [](job::Adjust& a) { a.play_mm.reset(); });
                return {};
            }
            const auto value = io::parseLength(text.toStdString(), typedUnit_mm(*m_session));
            if (!value) return refused(value.error());
            if (!(*value >= -5 && *value <= 5)) return {false, tr("within 5 mm")};
            edit(tr("End play %1").arg(text), [&](job::Adjust& a) { a.play_mm = *value; });
            return {};
        },
        [this] {
            const auto& play = m_session->job().adjust.play_mm;
            return play ? q(m_session->display().size(*play).number) : QString();
        },
        [this] { return q(m_session->display().size(0).unit); });
    offer(m_sheet->addField(
              "adjGauge", tr("Indicator no."),
              [this](const QString& typed) -> EntrySheet::Understood {
                  const auto used = gaugeTyped(typed, *m_session);
                  const auto* known = gaugeKnown(used, *m_session);
                  edit(tr("Indicator no."), [&](job::Adjust& a) {
                      a.gauge = used;
                      if (known && known->uncertainty_mm > 0) a.uncertainty_mm = known->uncertainty_mm;
                  });
                  return {};
              },
              [this] { return q(m_session->job().adjust.gauge.number); },
              [this] { return gaugeSaid(m_session->job().adjust.gauge, *m_session); }),
          [this] { return gaugesFor({catalog::GaugeKind::Indicator}, *m_session); });
    QStringList texts, values;
    for (const auto& band : m_session->tables().endPlay)
        if (!values.contains(q(band.use))) {
            texts << q(words::shippedName(band.name));
            values << q(band.use);
        }
    m_sheet->addChoice(
        "adjUse", tr("Use"), texts, values,
        [this](const QString& use) { edit(tr("Change use"), [&](job::Adjust& a) { a.use = use.toStdString(); }); },
        [this] { return q(m_session->job().adjust.use); });
    m_sheet->addField(
        "adjBand", tr("Own band"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto typed = numbersIn(QString(text).replace(QRegularExpression("[-–…](?=[0-9])"), " "));
            if (text.trimmed().isEmpty()) {
                edit(tr("Band of the table"), [](job::Adjust& a) { a.target_mm.reset(); });
                return {};
            }
            const double unit = typedFineUnit_mm(*m_session);
            if (!typed || typed->size() != 2 || !((*typed)[0] <= (*typed)[1])) return {false, tr("two numbers: 30 60")};
            edit(tr("Own band"), [&](job::Adjust& a) {
                a.target_mm = Interval{(*typed)[0] * unit, (*typed)[1] * unit};
            });
            return {};
        },
        [this] {
            const auto& own = m_session->job().adjust.target_mm;
            const auto d = m_session->display();
            return own ? q(d.fine(own->lower).number + " " + d.fine(own->upper).number) : QString();
        },
        [this] {
            const auto& plan = m_session->plan().adjust;
            const auto d = m_session->display();
            return plan ? q(d.fineRange(plan->target_mm.lower, plan->target_mm.upper) + " " + d.fine(0).unit)
                        : QString();
        });
}

void AdjustPage::addNut() {
    m_sheet->addHeading(q(words::shippedName(m_session->plan().adjust->pair.nut)));
    QStringList names, values;
    for (const auto school : adjust::kSchools) {
        names << q(words::settingMethodName(school));
        values << QString::number(static_cast<int>(school));
    }
    m_sheet->addChoice(
        "adjSchool", tr("Setting method"), names, values,
        [this](const QString& value) {
            edit(tr("Change setting method"), [&](job::Adjust& a) {
                a.school = static_cast<adjust::SettingMethod>(value.toInt());
                a.ticked.clear();
            });
        },
        [this] { return QString::number(static_cast<int>(m_session->job().adjust.school)); });
    addNumber("adjPart", tr("Part of a turn"), &job::Adjust::partOfATurn, {0.01, 1}, tr("of a turn"));
    m_sheet->addField(
        "adjPitch", tr("Pitch"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto value = numberIn(text);
            if (!value || !(*value >= 0.2 && *value <= 10)) return {false, tr("0.2 to 10 mm")};
            edit(tr("Pitch"), [&](job::Adjust& a) { a.nut.pitch_mm = *value; });
            return {};
        },
        [this] { return asTyped(m_session->job().adjust.nut.pitch_mm); }, [] { return tr("mm"); });
    m_sheet->addField(
        "adjSlots", tr("Slots"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto value = numberIn(text);
            if (!value || !(*value >= 1 && *value <= 72)) return {false, tr("1 to 72")};
            edit(tr("Slots"), [&](job::Adjust& a) { a.nut.slotCount = static_cast<int>(*value); });
            return {};
        },
        [this] { return QString::number(m_session->job().adjust.nut.slotCount); }, [] { return tr("of the nut"); });
    m_sheet->addField(
        "adjHoles", tr("Pin holes at"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto typed = numbersIn(text);
            if (!typed || typed->empty()) return {false, tr("degrees: 0 90")};
            edit(tr("Pin holes"), [&](job::Adjust& a) { a.nut.holes_deg = *typed; });
            return {};
        },
        [this] { return listed(m_session->job().adjust.nut.holes()); }, [] { return tr("°"); });
    addNumber("adjNext", tr("Back-off to pin hole"), &job::Adjust::toNext_deg, {0, 360}, tr("° back"));
    m_sheet->addChoice(
        "adjClamp", tr("The nut"), {tr("sets the play"), tr("clamps")}, {"0", "1"},
        [this](const QString& value) { edit(tr("The nut"), [&](job::Adjust& a) { a.underClamp = value == "1"; }); },
        [this] { return QString(m_session->job().adjust.underClamp ? "1" : "0"); });
    m_sheet->addField(
        "adjStock", tr("Washers, shims"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto typed = numbersIn(text);
            if (!typed || std::any_of(typed->begin(), typed->end(), [](double v) { return !(v > 0 && v <= 20); }))
                return {false, tr("thicknesses: 0.1 0.2 0.5")};
            edit(tr("Stock"), [&](job::Adjust& a) { a.stock_mm = *typed; });
            return {};
        },
        [this] { return listed(m_session->job().adjust.stock_mm); }, [] { return tr("mm, in stock"); });
}

void AdjustPage::addSpacer() {
    m_sheet->addHeading(tr("Clamped on %1").arg(q(words::shippedName(m_session->plan().adjust->pair.spacer))));
    const auto d = m_session->display();
    const double unit = d.torqueTyped_Nm(1);
    addNumber("adjTorque", tr("Full torque"), &job::Adjust::torque_Nm, {0, 5000}, q(d.torque(0).unit), unit);
    addNumber("adjHand", tr("End play measured at"), &job::Adjust::handTorque_Nm, {0, 5000}, q(d.torque(0).unit), unit);
    m_sheet->addField(
        "adjFoundWith", tr("End play found with"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto value = numberIn(text);
            const double mm = typedUnit_mm(*m_session);
            if (!text.trimmed().isEmpty() && (!value || !(*value * mm > 0 && *value * mm <= 3000)))
                return {false, tr("length of the spacer")};
            edit(tr("Spacer of the trial"), [&](job::Adjust& a) {
                a.foundWith_mm = text.trimmed().isEmpty() ? std::nullopt : std::optional(*value * mm);
            });
            return {};
        },
        [this] {
            const auto& own = m_session->job().adjust.foundWith_mm;
            return own ? asTyped(*own / typedUnit_mm(*m_session)) : QString();
        },
        [this] {
            const auto& plan = m_session->plan().adjust;
            return plan ? tr("spacer, %1 drawn").arg(q(m_session->display().size(plan->pair.drawnSpacer_mm).text()))
                        : QString();
        });
    addNumber("adjFactor", tr("Nut factor"), &job::Adjust::nutFactor, {0.05, 0.5}, tr("oiled 0.2"));
}

void AdjustPage::addWork() {
    m_sheet->addHeading(tr("In service"));
    const auto degrees = q(m_session->display().temperatureRise(0).unit);
    const double typed_K = m_session->display().riseTyped_K();
    addNumber("adjShaft", tr("Shaft warmer by"), &job::Adjust::shaft_K, {-200, 300}, degrees, typed_K);
    addNumber("adjHousing", tr("Hub warmer by"), &job::Adjust::housing_K, {-200, 300}, degrees, typed_K);
    m_sheet->addHeading(tr("Rolling torque"));
    m_sheet->addField(
        "adjPull", tr("Pull on string"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto value = numberIn(text);
            if (!text.trimmed().isEmpty() && (!value || !(*value >= 0 && *value <= 1e4)))
                return {false, tr("0 to 10,000 N")};
            edit(tr("Pull"), [&](job::Adjust& a) { a.pull_N = text.trimmed().isEmpty() ? std::nullopt : value; });
            return {};
        },
        [this] { return asTyped(m_session->job().adjust.pull_N.value_or(0)); }, [] { return tr("N"); });
    addNumber("adjRadius", tr("at radius"), &job::Adjust::radius_mm, {0, 2000}, q(m_session->display().size(0).unit),
              typedUnit_mm(*m_session));
    m_sheet->addField(
        "adjRolling", tr("wanted"),
        [this](const QString& text) -> EntrySheet::Understood {
            const auto typed = numbersIn(text);
            if (!typed || (typed->size() != 2 && !typed->empty()) ||
                (typed->size() == 2 && !((*typed)[0] <= (*typed)[1])))
                return {false, tr("two numbers: 0.5 1")};
            const double unit = m_session->display().torqueTyped_Nm(1);
            edit(tr("Rolling torque wanted"), [&](job::Adjust& a) {
                a.torque_Nm_wanted =
                    typed->empty() ? std::nullopt : std::optional(Interval{(*typed)[0] * unit, (*typed)[1] * unit});
            });
            return {};
        },
        [this] {
            const auto& wanted = m_session->job().adjust.torque_Nm_wanted;
            const double unit = m_session->display().torqueTyped_Nm(1);
            return wanted ? listed({wanted->lower / unit, wanted->upper / unit}) : QString();
        },
        [this] { return q(m_session->display().torque(0).unit); });
}

/// What goes in, and how much of it.
void AdjustPage::addGrease() {
    m_sheet->addHeading(tr("Grease"));
    m_sheet->widen(m_sheet->addField(
        "adjGrease", tr("Kind"),
        [this](const QString& text) -> EntrySheet::Understood {
            edit(tr("Kind of grease"), [&](job::Adjust& a) { a.grease.name = text.trimmed().toStdString(); });
            return {};
        },
        [this] { return q(m_session->job().adjust.grease.name); }, [] { return QString(); }));
    addNumber("adjCavity", tr("Cavity between"), &job::Adjust::cavity_cm3, {0, 100000}, tr("cm³"));
    m_sheet->addChoice(
        "adjFill", tr("filled"), {tr("a third to a half"), tr("a third: fast or warm"), tr("a half: slow or wet")},
        {"0", "1", "2"},
        [this](const QString& value) {
            edit(tr("Filled"),
                 [&](job::Adjust& a) { a.grease.cavity = static_cast<adjust::CavityFill>(value.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(m_session->job().adjust.grease.cavity)); });
    const auto number = [this](const char* name, const QString& label, double adjust::Grease::*field,
                               const Interval& allowed, const QString& unit) {
        m_sheet->addField(
            name, label,
            [this, label, field, allowed](const QString& text) -> EntrySheet::Understood {
                const auto value = numberIn(text);
                if (!value || !(*value >= allowed.lower && *value <= allowed.upper))
                    return {false, tr("%1 to %2").arg(allowed.lower).arg(allowed.upper)};
                edit(label, [&](job::Adjust& a) { a.grease.*field = *value; });
                return {};
            },
            [this, field] { return asTyped(m_session->job().adjust.grease.*field); }, [unit] { return unit; });
    };
    number("adjStroke", tr("Grease gun, per stroke"), &adjust::Grease::stroke_g, {0, 50}, tr("g a stroke"));
    number("adjDensity", tr("Density"), &adjust::Grease::density_g_cm3, {0.5, 2}, tr("g/cm³"));
}

void AdjustPage::refresh() {
    if (!m_session) return;
    if (m_bands != m_session->tables().endPlay) buildSheet(); // other uses to choose from
    const auto& plan = m_session->plan().adjust;
    const auto& adjust = m_session->job().adjust;
    m_drawing->show(plan ? &*plan : nullptr, adjust, m_session->display());
    m_bars->setVisible(plan && !plan->onSpacer());
    m_bars->show(plan ? &*plan : nullptr, adjust.school, m_session->display());
    m_sheet->refresh();
    emit slipChanged();
}

words::Sheet AdjustPage::sheet() const {
    return words::adjustSheet(m_session->told());
}

QString AdjustPage::keys() const {
    return tr("Space goes from step to step.");
}

/// The next step of the sequence, then the station.
bool AdjustPage::act() {
    const auto& plan = m_session->plan().adjust;
    if (!plan) return true;
    const auto& adjust = m_session->job().adjust;
    const auto steps = static_cast<int>(words::adjustSteps(*plan, adjust.school, m_session->display()).size());
    for (int step = 0; step < steps; ++step)
        if (!adjust.ticked.contains(step)) {
            edit(tr("Step %1").arg(step + 1), [&](job::Adjust& a) { a.ticked.insert(step); });
            return false;
        }
    if (!plan->inBand()) return false;
    m_session->setDone(job::Station::Adjust, true);
    return true;
}

QWidget* AdjustPage::firstFocus() {
    return m_drawing;
}

} // namespace arbor::ui
