#include "ui/measure/surface_sheet.h"

#include "core/plan/seat_edit.h"
#include "io/entry/size_entry.h"
#include "ui/kit/offered.h"
#include "ui/stations/gauge_line.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/measure_words.h"

#include <QComboBox>
#include <QLineEdit>

namespace arbor::ui {

void SurfaceSheet::open(JobSession* session) {
    const bool first = !m_session && session;
    m_session = session;
    if (!first) return;
    buildGaugeLines();
    buildConditionLines();
    buildVerdictLines();
    for (auto* line : findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        line->show();
}

void SurfaceSheet::choose(std::size_t seat, bool hole) {
    m_seat = seat;
    m_hole = hole;
    refresh();
}

const plan::SeatPlan* SurfaceSheet::seat() const {
    const auto& fits = m_session->plan().fits;
    return fits && m_seat < fits->seats.size() ? &fits->seats[m_seat] : nullptr;
}

const plan::SurfacePlan* SurfaceSheet::surface() const {
    return !seat() ? nullptr : m_hole ? &seat()->hole : &seat()->shaft;
}

const job::SurfaceCard& SurfaceSheet::card() const {
    static const job::SurfaceCard none;
    const auto* found = seat() ? plan::surfaceCard(m_session->job(), seat()->key, m_hole) : nullptr;
    return found ? *found : none;
}

void SurfaceSheet::editCard(const QString& text, const std::function<void(job::SurfaceCard&)>& change) {
    if (!seat()) return;
    m_session->edit(text, [&, key = seat()->key](job::Job& j) {
        change(plan::surfaceCard(j, key, m_hole));
        j.done.erase(job::Station::Measure);
    });
}

void SurfaceSheet::addTemperature(const QString& name, const QString& label, double measure::GaugeState::*member) {
    addField(
        name, label,
        [this, member](const QString& typed) -> EntrySheet::Understood {
            constexpr Interval kRange_C{-40, 120};
            const auto value = temperatureIn(typed, *m_session, kRange_C);
            if (!value) return {false, temperatureRange(kRange_C, *m_session)};
            editCard(tr("Temperature at measuring"), [&](job::SurfaceCard& c) { c.gauge.*member = *value; });
            return {};
        },
        [this, member] { return temperatureTyped(card().gauge.*member, *m_session); },
        [this] { return q(m_session->display().temperature(0).unit); });
}

void SurfaceSheet::buildGaugeLines() {
    addHeading(tr("Gauge"));
    addField(
        "gaugeUncertainty", tr("Gauge uncertainty ±"),
        [this](const QString& typed) -> EntrySheet::Understood {
            const auto value = io::parseLength(typed.toStdString(), typedFineUnit_mm(*m_session));
            if (!value) return refused(value.error());
            if (!(*value >= 0 && *value <= 0.1)) return {false, tr("0 to 0.1 mm")};
            editCard(tr("Gauge's uncertainty"), [&](job::SurfaceCard& c) { c.gauge.uncertainty_mm = *value; });
            return {};
        },
        [this] { return q(words::figures(m_session->display().fineValue(card().gauge.uncertainty_mm))); },
        [this] { return q(m_session->display().fine(0).unit); });
    offer(addField(
              "gaugeNumber", tr("Gauge no."),
              [this](const QString& typed) -> EntrySheet::Understood {
                  const auto used = gaugeTyped(typed, *m_session);
                  const auto* known = gaugeKnown(used, *m_session);
                  editCard(tr("Gauge no."), [&](job::SurfaceCard& c) {
                      c.gaugeUsed = used;
                      if (known && known->uncertainty_mm > 0) c.gauge.uncertainty_mm = known->uncertainty_mm;
                  });
                  return {};
              },
              [this] { return q(card().gaugeUsed.number); },
              [this] { return gaugeSaid(card().gaugeUsed, *m_session); }),
          [this] {
              return gaugesFor({catalog::GaugeKind::Bore, catalog::GaugeKind::Outside}, *m_session);
          });
    addTemperature("partTemp", tr("Part is at"), &measure::GaugeState::partTemp_C);
    addTemperature("gaugeTemp", tr("Setting master"), &measure::GaugeState::gaugeTemp_C);
}

void SurfaceSheet::addYesNo(const QString& name, const QString& label, bool measure::Condition::*mark) {
    addChoice(
        name, label, {tr("no"), tr("yes")}, {"no", "yes"},
        [this, mark, label](const QString& value) {
            editCard(label, [&](job::SurfaceCard& c) { c.condition.*mark = value == "yes"; });
        },
        [this, mark] { return card().condition.*mark ? QStringLiteral("yes") : QStringLiteral("no"); });
}

void SurfaceSheet::addGroove(const QString& name, const QString& label,
                             measure::GrooveState measure::Condition::*state) {
    using enum measure::GrooveState;
    QStringList names, values;
    for (const auto one : {NotLooked, Fine, Dirty, Worn}) {
        names << q(words::grooveName(one));
        values << QString::number(static_cast<int>(one));
    }
    addChoice(
        name, label, names, values,
        [this, state, label](const QString& value) {
            editCard(label, [&](job::SurfaceCard& c) {
                c.condition.*state = static_cast<measure::GrooveState>(value.toInt());
            });
        },
        [this, state] { return QString::number(static_cast<int>(card().condition.*state)); });
}

void SurfaceSheet::buildConditionLines() {
    addHeading(tr("Condition"));
    QStringList names, values;
    using enum measure::Process;
    for (const auto process : {Unknown, Ground, Honed, Polished, Reamed, FineTurned, Turned}) {
        names << q(words::processName(process));
        values << QString::number(static_cast<int>(process));
    }
    addChoice(
        "process", tr("Finishing process"), names, values,
        [this](const QString& value) {
            editCard(tr("Finishing process"),
                     [&](job::SurfaceCard& c) { c.condition.process = static_cast<measure::Process>(value.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(card().condition.process)); });
    buildFinishLines();
    buildShoulderLines();
}

void SurfaceSheet::buildFinishLines() {
    addField(
        "finish", tr("Finish, Ra or Rz"),
        [this](const QString& typed) -> EntrySheet::Understood {
            auto text = typed.trimmed();
            if (text.isEmpty()) {
                editCard(tr("Finish"), [](job::SurfaceCard& c) { c.condition.rz_mm.reset(); });
                return {};
            }
            const bool ra = text.startsWith("ra", Qt::CaseInsensitive);
            if (!ra && !text.startsWith("rz", Qt::CaseInsensitive)) return {false, tr("write Ra 0.8 or Rz 4")};
            const auto value = io::parseLength(text.mid(2).toStdString(), 1e-3);
            if (!value || !(*value > 0 && *value <= 0.1)) return {false, tr("0 to 100 µm")};
            editCard(tr("Finish"),
                     [&](job::SurfaceCard& c) { c.condition.rz_mm = ra ? measure::rzFromRa(*value) : *value; });
            return {};
        },
        [this] {
            const auto& rz = card().condition.rz_mm;
            return rz ? QStringLiteral("Rz ") + q(words::figures(*rz * 1000)) : QString();
        },
        [this] {
            const auto* s = surface();
            return s ? tr("Rz %1 µm used").arg(q(words::figures(s->rz_mm * 1000))) : QString();
        });
    QStringList names, values;
    using enum measure::Pits;
    for (const auto pits : {NotLooked, None, Light, Deep}) {
        names << q(words::pitsName(pits));
        values << QString::number(static_cast<int>(pits));
    }
    addChoice(
        "pits", tr("Rust pits"), names, values,
        [this](const QString& value) {
            editCard(tr("Rust pits"),
                     [&](job::SurfaceCard& c) { c.condition.pits = static_cast<measure::Pits>(value.toInt()); });
        },
        [this] { return QString::number(static_cast<int>(card().condition.pits)); });
    addYesNo("creepPolish", tr("Creep polish"), &measure::Condition::creepPolish);
    addYesNo("scored", tr("Scored"), &measure::Condition::scored);
    addYesNo("movesByHand", tr("Ring is loose by hand"), &measure::Condition::movesByHand);
}

void SurfaceSheet::buildShoulderLines() {
    addField(
        "runOut", tr("Shoulder run-out"),
        [this](const QString& typed) -> EntrySheet::Understood {
            std::optional<double> runOut;
            if (!typed.trimmed().isEmpty()) {
                const auto value = io::parseLength(typed.toStdString(), typedFineUnit_mm(*m_session));
                if (!value) return refused(value.error());
                if (!(*value >= 0 && *value <= 10)) return {false, tr("0 to 10 mm")};
                runOut = *value;
            }
            editCard(tr("Shoulder run-out"), [&](job::SurfaceCard& c) { c.condition.shoulderRunOut_mm = runOut; });
            return {};
        },
        [this] {
            const auto& r = card().condition.shoulderRunOut_mm;
            return r ? q(words::figures(m_session->display().fineValue(*r))) : QString();
        },
        [this] {
            const auto* s = surface();
            return s ? tr("%1, up to %2")
                           .arg(q(m_session->display().fine(0).unit),
                                q(m_session->display().fine(s->runOutLimit_mm).number))
                     : QString();
        });
    addGroove("grooveState", tr("Ring groove"), &measure::Condition::groove);
    addGroove("notches", tr("Notches"), &measure::Condition::notches);
    addCupStand();
}

/// How far the cup stood proud of its face before it came out: what the spacer and the play go by.
void SurfaceSheet::addCupStand() {
    addField(
        "cupStand", tr("Cup stands proud"),
        [this](const QString& typed) -> Understood {
            if (!seat() || !m_hole || !seat()->shaft.ring) return {false, tr("of a ring in its bore")};
            const auto part = seat()->key.second;
            auto text = typed.trimmed();
            const bool below = text.startsWith('-') || text.startsWith(QStringLiteral("−"));
            if (below) text.remove(0, 1);
            if (text.isEmpty()) {
                m_session->edit(tr("How the cup stood"), [&](job::Job& j) { j.measured.cupStand_mm.erase(part); });
                return {};
            }
            const auto value = io::parseLength(text.toStdString(), typedUnit_mm(*m_session));
            if (!value) return refused(value.error());
            if (!(*value <= 1000)) return {false, tr("up to 1000 mm")};
            m_session->edit(tr("How the cup stood"),
                            [&](job::Job& j) { j.measured.cupStand_mm[part] = below ? -*value : *value; });
            return {};
        },
        [this]() -> QString {
            if (!seat()) return {};
            const auto& stands = m_session->job().measured.cupStand_mm;
            const auto found = stands.find(seat()->key.second);
            if (found == stands.end() || !m_hole) return {};
            return q(m_session->display().size(found->second).number).replace(QStringLiteral("−"), "-");
        },
        [this] { return tr("%1, − is below").arg(q(m_session->display().size(0).unit)); });
}

void SurfaceSheet::buildVerdictLines() {
    addHeading(tr("Verdict"));
    addField(
        "formLimit", tr("Form tolerance"),
        [this](const QString& typed) -> EntrySheet::Understood {
            std::optional<double> limit;
            if (!typed.trimmed().isEmpty()) {
                const auto value = io::parseLength(typed.toStdString(), typedFineUnit_mm(*m_session));
                if (!value) return refused(value.error());
                if (!(*value > 0 && *value <= 1)) return {false, tr("over 0, up to 1 mm")};
                limit = *value;
            }
            editCard(tr("Form tolerance"), [&](job::SurfaceCard& c) { c.formLimit_mm = limit; });
            return {};
        },
        [this] {
            const auto& limit = card().formLimit_mm;
            return limit ? q(words::figures(m_session->display().fineValue(*limit))) : QString();
        },
        [this] {
            const auto* s = surface();
            if (!s || !(s->formLimit_mm > 0)) return QString();
            return tr("%1 used").arg(q(m_session->display().fine(s->formLimit_mm).text()));
        });
    using enum measure::Verdict;
    QStringList names{tr("the program's")}, values{QString()};
    for (const auto verdict : {Use, CleanUp, Sleeve, Replace}) {
        names << q(words::verdictName(verdict));
        values << QString::number(static_cast<int>(verdict));
    }
    addChoice(
        "overrule", tr("Verdict is"), names, values,
        [this](const QString& value) {
            editCard(tr("Overrule the verdict"), [&](job::SurfaceCard& c) {
                if (value.isEmpty()) return c.overrule.reset();
                const auto note = c.overrule ? c.overrule->note : std::string();
                c.overrule = job::Overrule{static_cast<measure::Verdict>(value.toInt()), note};
            });
        },
        [this] { return card().overrule ? QString::number(static_cast<int>(card().overrule->verdict)) : QString(); });
    auto* why = addField(
        "overruleWhy", tr("because"),
        [this](const QString& typed) -> EntrySheet::Understood {
            if (!card().overrule) return {false, tr("choose a verdict first")};
            editCard(tr("Why the verdict was overruled"),
                     [&](job::SurfaceCard& c) { c.overrule->note = typed.trimmed().toStdString(); });
            return {};
        },
        [this] { return card().overrule ? q(card().overrule->note) : QString(); }, [] { return QString(); });
    widen(why);
}

} // namespace arbor::ui
