#include "ui/fit/fit_sheet.h"

#include "core/arrangement/edit.h"
#include "core/plan/seat_edit.h"
#include "io/entry/size_entry.h"
#include "ui/fit/fit_slip.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/measure_words.h"

#include <QComboBox>
#include <QLineEdit>
#include <algorithm>

namespace arbor::ui {

namespace {

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

arrangement::Part* partNamed(job::Job& job, const std::string& id) {
    if (!job.arrangement) return nullptr;
    for (auto& part : job.arrangement->assembly.parts)
        if (part.id == id) return &part;
    return nullptr;
}

} // namespace

void FitSheet::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    if (!first) return;
    buildSeatLines();
    buildHousingLines();
    buildShaftLine();
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

bool FitSheet::focused() const {
    return !seat() || m_seat == m_session->plan().fits->focus;
}

EntrySheet::Understood FitSheet::takeSize(const QString& typed, std::size_t index, bool hole) {
    const auto& plan = m_session->plan();
    const auto& s = plan.fits->seats[index];
    const auto& surface = hole ? s.hole : s.shaft;
    std::optional<job::SizeSpec> size;
    if (!typed.trimmed().isEmpty()) {
        const auto read = io::parseSize(typed.toStdString(), s.dia_mm, typedUnit_mm(*m_session));
        if (!read) return refused(read.error());
        if (read->toleranceClass)
            if (const auto limits =
                    standards::limitDeviations(m_session->library().iso286, read->nominal_mm, *read->toleranceClass);
                !limits)
                return refused(limits.error());
        size = *read;
    }
    if (surface.ring) {
        const auto* bearing = bearingAt(*plan.fits, index);
        if (!bearing || bearing->designation != m_session->job().bearing.designation)
            return {false, tr("only the job's own bearing takes typed limits")};
        m_session->edit(tr("Limits of the ring"),
                        [&](job::Job& j) { (hole ? j.bearing.bore : j.bearing.outside) = size; });
        return {};
    }
    if (!size && hole && index == plan.fits->focus) return {false, tr("this job needs a size here")};
    auto trial = m_session->job();
    if (const auto ok = plan::writeSize(trial, plan, index, hole, size); !ok) return refused(ok.error());
    m_session->edit(hole ? tr("Change hole") : tr("Change shaft seat"),
                    [&](job::Job& j) { (void)plan::writeSize(j, plan, index, hole, size); });
    return {};
}

void FitSheet::addSize(const QString& name, const QString& label, bool hole) {
    addField(
        name, label,
        [this, hole](const QString& typed) -> Understood {
            // While a size is wrong there are no seats; the one that can still be put right is the job's own hole.
            if (seat()) return takeSize(typed, m_seat, hole);
            const auto size =
                io::parseSize(typed.toStdString(), m_session->job().housing.seat.nominal_mm, typedUnit_mm(*m_session));
            if (!size) return refused(size.error());
            if (!hole) return {false, tr("put the other size right first")};
            m_session->edit(tr("Change hole"), [&](job::Job& j) { j.housing.seat = *size; });
            return {};
        },
        [this, hole] {
            const auto* s = side(hole);
            if (!s) return hole ? q(m_session->job().housing.seat.typed) : QString();
            return q(s->spec);
        },
        [this, hole] {
            const auto* s = side(hole);
            if (!s) return QString();
            return s->size_mm ? limitsText(*s->size_mm, m_session->display()) : tr("not known");
        });
}

void FitSheet::addMeasured(const QString& name, const QString& label, bool hole) {
    addField(
        name, label,
        [this, hole](const QString& typed) -> Understood {
            if (side(hole) && side(hole)->ring) return {false, tr("a new ring: its limits count")};
            std::optional<job::MeasuredSize> size;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseMeasured(typed.toStdString(), typedUnit_mm(*m_session));
                if (!read) return refused(read.error());
                size = *read;
            }
            m_session->edit(size ? tr("Enter measured size") : tr("Clear measured size"),
                            [&](job::Job& j) { plan::writeMeasured(j, m_session->plan(), m_seat, hole, size); });
            return {};
        },
        [this, hole] {
            const auto& own = m_session->job().housing.measured;
            if (!seat()) return hole && own ? q(own->typed) : QString();
            return !side(hole)->ring ? q(plan::measuredText(m_session->job(), m_session->plan(), m_seat, hole))
                                     : QString();
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
    for (const auto& [id, material] : m_session->library().materials) {
        names << q(material.name);
        values << q(id);
    }
    addChoice(
        "housingMaterial", tr("Outer material"), names, values,
        [this](const QString& v) {
            const auto* s = side(true);
            if (s && s->ring) return;
            m_session->edit(tr("Choose material"), [&](job::Job& j) {
                if (focused()) j.housing.material = v.toStdString();
                if (auto* part = s ? partNamed(j, s->part) : nullptr) part->material = v.toStdString();
            });
        },
        [this] {
            const auto* s = seat();
            if (focused() || !s || !s->input) return q(m_session->job().housing.material);
            for (const auto& [id, material] : m_session->library().materials)
                if (material.name == s->input->outer.material.name) return q(id);
            return QString();
        });
    addField(
        "housingOutside", tr("Outside Ø"),
        [this](const QString& typed) -> Understood {
            if (!focused()) return {false, tr("in the arrangement: Ctrl+E")};
            const auto size = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
            if (!size || !(*size > m_session->job().housing.seat.nominal_mm))
                return size ? Understood{false, tr("must be over the bore")} : refused(size.error());
            m_session->edit(tr("Change housing outside"), [&](job::Job& j) {
                j.housing.outsideDia_mm = *size;
                changeOutside(j, m_session->plan(), *size);
            });
            return {};
        },
        [this] {
            const auto& plan = m_session->plan();
            const auto* s = seat();
            const double shown = !focused() && s->input ? s->input->outer.otherDia_mm
                                 : plan.arrangement     ? plan.arrangement->housing.outsideDia_mm
                                                        : m_session->job().housing.outsideDia_mm;
            return q(m_session->display().size(shown).number);
        },
        [this] {
            const auto* s = side(true);
            return s && s->ring ? tr("ring to its raceway") : q(m_session->display().size(0).unit);
        });
    addField(
        "housingRz", tr("Bore finish Rz"),
        [this](const QString& typed) -> Understood {
            const auto rz = io::parseLength(typed.toStdString(), 1e-3);
            if (!rz || !(*rz >= 0 && *rz <= 0.1)) return {false, tr("Rz in µm, 0 to 100")};
            const auto* s = seat();
            m_session->edit(tr("Change bore finish"), [&](job::Job& j) {
                if (side(true) && side(true)->ring)
                    j.bearing.rz_mm = *rz;
                else if (!s || focused())
                    j.housing.rz_mm = *rz;
                else
                    plan::surfaceCard(j, s->key, true).condition.rz_mm = *rz;
                // What was looked at on this seat comes before the drawing: it is the same line here.
                if (s && focused() && plan::surfaceCard(std::as_const(j), s->key, true))
                    plan::surfaceCard(j, s->key, true).condition.rz_mm = *rz;
            });
            return {};
        },
        [this] {
            const auto* s = side(true);
            return q(words::figures((s ? s->rz_mm : m_session->job().housing.rz_mm) * 1000));
        },
        [] { return QStringLiteral("µm"); });
}

void FitSheet::buildShaftLine() {
    addField(
        "shaftSize", tr("Bearing's shaft"),
        [this](const QString& typed) -> Understood {
            const auto& plan = m_session->plan();
            const auto shaft = plan.fits ? plan.fits->bearings[plan.fits->focusBearing].shaft : std::nullopt;
            if (shaft) return takeSize(typed, *shaft, false);
            if (typed.trimmed().isEmpty()) {
                m_session->edit(tr("Leave shaft open"), [](job::Job& j) { j.shaft.reset(); });
                return {};
            }
            const double bore = plan.arrangement ? plan.arrangement->bearing.boreDia_mm : 0;
            const auto size = io::parseSize(typed.toStdString(), bore, typedUnit_mm(*m_session));
            if (!size) return refused(size.error());
            m_session->edit(tr("Change shaft seat"), [&](job::Job& j) {
                j.shaft = j.shaft.value_or(job::ShaftPart{"carbon_steel", {}});
                j.shaft->seat = *size;
            });
            return {};
        },
        [this] { return m_session->job().shaft ? q(m_session->job().shaft->seat.typed) : QString(); },
        [this] {
            const auto& fits = m_session->plan().fits;
            const auto shaft = fits ? fits->bearings[fits->focusBearing].shaft : std::nullopt;
            if (!shaft || !fits->seats[*shaft].shaft.size_mm) return tr("not fitted yet");
            return limitsText(*fits->seats[*shaft].shaft.size_mm, m_session->display());
        });
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
            m_session->edit(tr("Say how the load goes round"),
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
        [this] { return q(words::decimals(m_session->job().work.speed_rpm, 0)); },
        [] { return QStringLiteral("rpm"); });
    addChoice(
        "mustSlide", tr("Still ring slides"), {tr("no"), tr("yes, it must move along")}, {"no", "yes"},
        [this](const QString& v) {
            m_session->edit(tr("Say whether it slides"), [&](job::Job& j) { j.work.mustSlide = v == "yes"; });
        },
        [this] { return m_session->job().work.mustSlide ? QStringLiteral("yes") : QStringLiteral("no"); });
    addChoice(
        "lubricant", tr("Seat goes in"), {tr("dry and clean"), tr("with light oil"), tr("with grease")},
        {"0", "1", "2"},
        [this](const QString& v) {
            m_session->edit(tr("Choose lubricant"),
                            [&](job::Job& j) { j.lubricant = static_cast<catalog::Lubricant>(v.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(m_session->job().lubricant)); });
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
                constexpr Limits kRange_C{-100, 250};
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
            [this] { return q(m_session->display().temperature(0).unit) + tr(" at work"); });
    }
}

} // namespace arbor::ui
