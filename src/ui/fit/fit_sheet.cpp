#include "ui/fit/fit_sheet.h"

#include "core/arrangement/edit.h"
#include "core/plan/seat_edit.h"
#include "io/entry/size_entry.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/measure_words.h"
#include "words/shipped_names.h"

#include <QComboBox>
#include <QLineEdit>
#include <algorithm>

namespace arbor::ui {

namespace {

QString limitsText(const Interval& limits, const words::Display& d) {
    return q(d.fine(limits.upper).number + " / " + d.fine(limits.lower).text());
}

arrangement::Part* partNamed(job::Job& job, const std::string& id) {
    auto& a = job.arrangement.assembly;
    const auto at = arrangement::indexOf(a, id);
    return at ? &a.parts[*at] : nullptr;
}

EntrySheet::Understood nothingDrawn() {
    return {false, QObject::tr("put the drawing right first: Ctrl+G")};
}

} // namespace

void FitSheet::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    if (!first) return;
    buildSeatLines();
    buildHousingLines();
    buildWorkLines();
    buildTemperatureLines();
    buildBearingLines();
    buildSleeveLines();
    // Lines added to a window in sight appear one turn of the event loop later; the keyboard wants to go there now.
    for (auto* line : findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void FitSheet::choose(std::size_t seat) {
    m_seat = seat;
    refresh();
}

const plan::SeatPlan* FitSheet::seat() const {
    const auto& fits = m_session->plan().fits;
    return fits && m_seat < fits->seats.size() ? &fits->seats[m_seat] : nullptr;
}

const plan::SurfacePlan* FitSheet::side(bool hole) const {
    return !seat() ? nullptr : hole ? &seat()->hole : &seat()->shaft;
}

EntrySheet::Understood FitSheet::takeSize(const QString& typed, bool hole) {
    if (!seat()) return nothingDrawn();
    std::optional<standards::SizeSpec> size;
    if (!typed.trimmed().isEmpty()) {
        const auto read = io::parseSize(typed.toStdString(), seat()->dia_mm, typedUnit_mm(*m_session));
        if (!read) return refused(read.error());
        if (read->toleranceClass && read->toleranceClass->isHole() != hole)
            return {false, hole ? tr("a hole class, in capitals") : tr("a shaft class, in small letters")};
        if (read->toleranceClass)
            if (const auto limits =
                    standards::limitDeviations(m_session->tables().iso286, read->nominal_mm, *read->toleranceClass);
                !limits)
                return refused(limits.error());
        size = *read;
    }
    auto trial = m_session->job();
    if (const auto ok = plan::writeSize(trial, *seat(), hole, size); !ok) return refused(ok.error());
    m_session->edit(side(hole)->ring ? tr("Limits of the ring")
                    : hole           ? tr("Change hole")
                                     : tr("Change shaft seat"),
                    [&, at = *seat()](job::Job& j) { (void)plan::writeSize(j, at, hole, size); });
    return {};
}

void FitSheet::addSize(const QString& name, const QString& label, bool hole) {
    addField(
        name, label, [this, hole](const QString& typed) { return takeSize(typed, hole); },
        [this, hole] { return side(hole) ? q(side(hole)->spec) : QString(); },
        [this, hole] {
            const auto* s = side(hole);
            if (!s) return QString();
            return s->size_mm ? limitsText(*s->size_mm, m_session->display()) : tr("not known");
        });
}

EntrySheet::Understood FitSheet::takeMeasured(const QString& typed, bool hole) {
    if (!seat()) return nothingDrawn();
    if (side(hole)->ring) return {false, tr("a new ring: its limits count")};
    std::optional<standards::MeasuredSize> size;
    if (!typed.trimmed().isEmpty()) {
        const auto read = io::parseMeasured(typed.toStdString(), typedUnit_mm(*m_session));
        if (!read) return refused(read.error());
        if (const auto ok = plan::checkMeasured(read->value_mm, seat()->dia_mm, read->uncertainty_mm, "size"); !ok)
            return refused(ok.error());
        size = *read;
    }
    m_session->edit(size ? tr("Enter measured size") : tr("Clear measured size"),
                    [&, key = seat()->key](job::Job& j) { plan::sideOf(j, key, hole).measured = size; });
    return {};
}

void FitSheet::addMeasured(const QString& name, const QString& label, bool hole) {
    addField(
        name, label, [this, hole](const QString& typed) { return takeMeasured(typed, hole); },
        [this, hole] {
            if (!seat()) return QString();
            const auto& measured = plan::sideOf(m_session->job(), seat()->key, hole).measured;
            return measured ? q(measured->typed) : QString();
        },
        [this, hole]() -> QString {
            const auto* s = side(hole);
            const auto d = m_session->display();
            if (!s || !s->measuredDia_mm) return s && s->ring ? tr("new ring") : tr("by class");
            return q(d.size(*s->measuredDia_mm).number + " ±" + d.fine(s->uncertainty_mm).number) +
                   (s->form && *s->measuredDia_mm == s->form->mean_mm ? tr(" read") : QString());
        });
}

void FitSheet::buildSeatLines() {
    addHeading(tr("Seat"));
    addSize("holeSize", tr("Hole"), true);
    addMeasured("measuredBore", tr("Measured bore"), true);
    addSize("journalSize", tr("Inner part"), false);
    addMeasured("measuredJournal", tr("Measured"), false);
}

void FitSheet::buildHousingLines() {
    QStringList names, values;
    for (const auto& [id, material] : m_session->tables().materials) {
        names << q(words::shippedName(material.name));
        values << q(id);
    }
    addChoice(
        "housingMaterial", tr("Outer material"), names, values,
        [this](const QString& v) {
            if (!seat() || side(true)->ring) return;
            m_session->edit(tr("Choose material"),
                            [&, id = side(true)->part](job::Job& j) { partNamed(j, id)->material = v.toStdString(); });
        },
        [this] { return seat() ? q(seat()->holeMaterial) : QString(); });
    addField(
        "housingOutside", tr("Outside Ø"), [this](const QString& typed) { return takeOutside(typed); },
        [this] {
            const double shown = seat() && seat()->input ? seat()->input->outer.otherDia_mm : 0;
            return shown > 0 ? q(m_session->display().size(shown).number) : QString();
        },
        [this] {
            const auto* s = side(true);
            return s && s->ring ? tr("ring to its raceway") : q(m_session->display().size(0).unit);
        });
    addField(
        "housingRz", tr("Bore finish Rz"),
        [this](const QString& typed) -> Understood {
            if (!seat()) return nothingDrawn();
            const auto rz = io::parseLength(typed.toStdString(), 1e-3);
            if (!rz || !(*rz >= 0 && *rz <= 0.1)) return {false, tr("Rz in µm, 0 to 100")};
            m_session->edit(tr("Change bore finish"),
                            [&, key = seat()->key](job::Job& j) { plan::writeFinish(j, key, true, *rz); });
            return {};
        },
        [this] { return side(true) ? q(words::figures(side(true)->rz_mm * 1000)) : QString(); },
        [] { return QStringLiteral("µm"); });
}

/// A size of the drawing: what touches it follows.
EntrySheet::Understood FitSheet::takeOutside(const QString& typed) {
    if (!seat() || !seat()->input || side(true)->ring) return nothingDrawn();
    const auto size = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
    if (!size) return refused(size.error());
    if (!(*size > seat()->dia_mm)) return {false, tr("must be over the bore")};
    const auto& assembly = m_session->plan().strip.assembly;
    const auto part = *arrangement::indexOf(assembly, side(true)->part);
    const double today = seat()->input->outer.otherDia_mm;
    for (const auto& line : arrangement::sizeLines(assembly)) {
        if (line.part != part || line.what != arrangement::SizeLine::What::Outside || line.value_mm != today) continue;
        const auto next = arrangement::withSize(assembly, line, *size);
        if (!next) return refused(next.error());
        m_session->edit(tr("Change housing outside"), [&](job::Job& j) { j.arrangement.assembly = *next; });
        return {};
    }
    return {false, tr("in the arrangement: Ctrl+G")};
}

void FitSheet::buildWorkLines() {
    addHeading(tr("Work"));
    using enum fit::LoadCase;
    QStringList names, values;
    for (const auto load : {NotSaid, InnerTurns, OuterTurns, Indeterminate}) {
        names << q(words::loadCaseName(load));
        values << QString::number(static_cast<int>(load));
    }
    addChoice(
        "loadCase", tr("Load and rings"), names, values,
        [this](const QString& v) {
            m_session->edit(tr("Say which ring has the rotating load"),
                            [&](job::Job& j) { j.work.load = static_cast<fit::LoadCase>(v.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(m_session->job().work.load)); });
    addField(
        "loadShare", tr("Load P/C"),
        [this](const QString& typed) -> Understood {
            const auto value = numberIn(typed);
            if (!value || !(*value >= 0 && *value <= 1)) return {false, tr("0 to 1")};
            m_session->edit(tr("Change load share"), [&](job::Job& j) { j.work.loadShare = *value; });
            return {};
        },
        [this] { return q(words::figures(m_session->job().work.loadShare)); },
        [this] {
            const auto share = fit::loadShare(m_session->job().work.loadShare);
            return share == fit::LoadShare::Light    ? tr("light")
                   : share == fit::LoadShare::Normal ? tr("normal")
                                                     : tr("heavy");
        });
    addField(
        "speed", tr("Speed"),
        [this](const QString& typed) -> Understood {
            const auto value = numberIn(typed);
            if (!value || !(*value >= 0 && *value <= 100'000)) return {false, tr("0 to 100000 rpm")};
            m_session->edit(tr("Change speed"), [&](job::Job& j) { j.work.speed_rpm = *value; });
            return {};
        },
        [this] { return q(words::decimals(m_session->job().work.speed_rpm, 0)); }, [] { return tr("rpm"); });
    addChoice(
        "mustSlide", tr("Stationary ring must float"), {tr("no"), tr("yes, it must float")}, {"no", "yes"},
        [this](const QString& v) {
            m_session->edit(tr("Say whether it floats"), [&](job::Job& j) { j.work.mustSlide = v == "yes"; });
        },
        [this] { return m_session->job().work.mustSlide ? QStringLiteral("yes") : QStringLiteral("no"); });
    addChoice(
        "lubricant", tr("Seat goes in"), {tr("dry and clean"), tr("with light oil"), tr("with grease")},
        {"0", "1", "2"},
        [this](const QString& v) {
            if (!seat()) return;
            m_session->edit(tr("Choose lubricant"), [&, key = seat()->key](job::Job& j) {
                job::changeStep(j, {key, false},
                                [&](job::StepRecord& r) { r.lubricant = static_cast<catalog::Lubricant>(v.toInt()); });
            });
        },
        [this] {
            const auto& job = m_session->job();
            return QString::number(static_cast<int>(seat() ? job::lubricantOf(job, seat()->key) : job.lubricant));
        });
}

void FitSheet::buildTemperatureLines() {
    struct Warm {
        const char* name;
        QString label;
        double job::WorkTemperatures::*member;
    };
    for (const auto& w : {Warm{"innerTemp", tr("Inner ring at"), &job::WorkTemperatures::innerRing_C},
                          Warm{"outerTemp", tr("Outer ring at"), &job::WorkTemperatures::outerRing_C},
                          Warm{"housingTemp", tr("Housing at"), &job::WorkTemperatures::housing_C},
                          Warm{"shaftTemp", tr("Shaft at"), &job::WorkTemperatures::shaft_C}}) {
        addField(
            w.name, w.label,
            [this, w](const QString& typed) -> Understood {
                constexpr Interval kRange_C{-100, 250};
                const auto value = temperatureIn(typed, *m_session, kRange_C);
                if (!value) return {false, temperatureRange(kRange_C, *m_session)};
                m_session->edit(tr("Change working temperature"),
                                [&](job::Job& j) { j.temperatures.*w.member = *value; });
                return {};
            },
            [this, w] {
                return q(m_session->display().temperature(m_session->job().temperatures.*w.member).number)
                    .replace(QStringLiteral("−"), "-");
            },
            [this] { return q(m_session->display().temperature(0).unit) + tr(" in service"); });
    }
}

} // namespace arbor::ui
