// The sheet's lines on the bearing itself, and on a sleeve between it and its seat.
#include "core/arrangement/edit.h"
#include "io/entry/size_entry.h"
#include "ui/fit/fit_sheet.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/display.h"

#include <QComboBox>
#include <QLineEdit>

namespace arbor::ui {

void FitSheet::buildBearingLines() {
    QStringList names, values;
    for (const auto& b : m_session->library().bearings) {
        values << q(b.designation);
        names << tr("%1   %2 × %3 × %4").arg(q(b.designation)).arg(b.boreDia_mm).arg(b.outsideDia_mm).arg(b.width_mm);
    }
    addHeading(tr("Bearing"));
    addChoice(
        "bearing", tr("Designation"), names, values,
        [this](const QString& value) {
            const auto* bearing = catalog::findBearing(m_session->library().bearings, value.toStdString());
            m_session->edit(tr("Choose bearing"), [&](job::Job& j) {
                j.bearing.designation = value.toStdString();
                // Raceways and limits were those of the other bearing.
                j.bearing.bore.reset();
                j.bearing.outside.reset();
                j.bearing.innerRacewayDia_mm.reset();
                j.bearing.outerRacewayDia_mm.reset();
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
    addChoice(
        "clearanceGroup", tr("Clearance"), {"C2", tr("CN (normal)"), "C3", "C4"}, {"C2", "CN", "C3", "C4"},
        [this](const QString& v) {
            m_session->edit(tr("Choose clearance group"),
                            [&](job::Job& j) { j.bearing.clearanceGroup = v.toStdString(); });
        },
        [this] { return q(m_session->job().bearing.clearanceGroup); });
    addChoice(
        "bearingClass", tr("Accuracy"),
        {tr("Normal"), tr("class 6"), tr("class 5"), tr("inch class 4"), tr("inch class 2"), tr("inch class 3"),
         tr("inch class 0"), tr("inch class 00")},
        {"N", "6", "5", "4", "2", "3", "0", "00"},
        [this](const QString& v) {
            m_session->edit(tr("Choose bearing accuracy"),
                            [&](job::Job& j) { j.bearing.toleranceClass = v.toStdString(); });
        },
        [this] { return q(m_session->job().bearing.toleranceClass); });
    addStaticRating();
    addRaceway("innerRaceway", tr("Inner raceway Ø"), &job::BearingChoice::innerRacewayDia_mm);
    addRaceway("outerRaceway", tr("Outer raceway Ø"), &job::BearingChoice::outerRacewayDia_mm);
}

void FitSheet::addStaticRating() {
    addField(
        "staticRating", tr("Static load C₀"),
        [this](const QString& typed) -> Understood {
            if (typed.trimmed().isEmpty()) {
                m_session->edit(tr("Estimate the static load"),
                                [](job::Job& j) { j.bearing.typedStaticRating_N.reset(); });
                return {};
            }
            const auto shown = numberIn(typed);
            const double rating_N = shown.value_or(0) / m_session->display().forceValue(1.0);
            if (!(rating_N > 0 && rating_N < 1e8)) return {false, tr("a force over 0, as in the catalogue")};
            m_session->edit(tr("Enter static load"), [&](job::Job& j) { j.bearing.typedStaticRating_N = rating_N; });
            return {};
        },
        [this] {
            const auto& rating = m_session->job().bearing.typedStaticRating_N;
            return rating ? q(m_session->display().force(*rating).number) : QString();
        },
        [this] {
            const auto d = m_session->display();
            const auto& arranged = m_session->plan().arrangement;
            if (!arranged) return q(d.force(0).unit);
            const auto rating = catalog::staticRating(m_session->library().bearingTables, arranged->bearing,
                                                      m_session->job().bearing.typedStaticRating_N)
                                    .value_or(catalog::StaticRating{});
            return rating.estimate ? tr("≈ %1").arg(q(d.force(rating.radial_N).text())) : q(d.force(0).unit);
        });
}

void FitSheet::addRaceway(const QString& name, const QString& label,
                          std::optional<double> job::BearingChoice::*member) {
    const bool inner = member == &job::BearingChoice::innerRacewayDia_mm;
    addField(
        name, label,
        [this, member](const QString& typed) -> Understood {
            std::optional<double> size;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
                if (!read) return refused(read.error());
                const auto* b =
                    catalog::findBearing(m_session->library().bearings, m_session->job().bearing.designation);
                if (!b || !(*read > b->boreDia_mm && *read < b->outsideDia_mm))
                    return {false, tr("between bore and outside")};
                size = *read;
            }
            m_session->edit(tr("Change raceway"), [&](job::Job& j) { j.bearing.*member = size; });
            return {};
        },
        [this, member] {
            const auto& size = m_session->job().bearing.*member;
            return size ? q(m_session->display().size(*size).number) : QString();
        },
        [this, inner, member]() -> QString {
            const auto d = m_session->display();
            if (m_session->job().bearing.*member) return q(d.size(0).unit);
            const auto* b = catalog::findBearing(m_session->library().bearings, m_session->job().bearing.designation);
            if (!b) return {};
            return tr("≈ %1 as a tube")
                .arg(q(d.size(inner ? b->innerRacewayDia_mm() : b->outerRacewayDia_mm()).number));
        });
}

std::optional<job::SleeveChoice> FitSheet::sleeve() const {
    if (!seat()) return std::nullopt;
    const auto card = m_session->job().measured.seats.find(seat()->key);
    return card == m_session->job().measured.seats.end() ? std::nullopt : card->second.sleeve;
}

void FitSheet::buildSleeveLines() {
    addHeading(tr("Repair sleeve between"));
    addField(
        "sleeveOutside", tr("Sleeve outside Ø"),
        [this](const QString& typed) -> Understood {
            if (!seat()) return {false, tr("put the sizes right first")};
            std::optional<double> size;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
                if (!read) return refused(read.error());
                const double outside = seat()->input ? seat()->input->outer.otherDia_mm : 0;
                if (!(*read > seat()->dia_mm && (outside == 0 || *read < outside)))
                    return {false, tr("between seat and outside")};
                size = *read;
            }
            m_session->edit(size ? tr("Put a sleeve between") : tr("No sleeve"), [&, key = seat()->key](job::Job& j) {
                auto& card = j.measured.seats[key];
                if (!size) return card.sleeve.reset();
                if (!card.sleeve) card.sleeve = job::SleeveChoice{"carbon_steel", 0, {0.03, 0.06}, true};
                card.sleeve->outsideDia_mm = *size;
            });
            return {};
        },
        [this] { return sleeve() ? q(m_session->display().size(sleeve()->outsideDia_mm).number) : QString(); },
        [this] { return sleeve() ? q(m_session->display().size(0).unit) : tr("none"); });
    addField(
        "sleeveInterference", tr("tight in the outer"),
        [this](const QString& typed) -> Understood {
            if (!sleeve()) return {false, tr("give its outside first")};
            const auto ends = QString(typed).replace(QStringLiteral("…"), "..").split(QStringLiteral(".."));
            const auto lower = io::parseLength(ends.front().toStdString(), typedFineUnit_mm(*m_session)),
                       upper = io::parseLength(ends.back().toStdString(), typedFineUnit_mm(*m_session));
            if (ends.size() > 2 || !lower || !upper || !(*lower >= 0 && *upper >= *lower && *upper <= 1))
                return {false, tr("two sizes: 30..60")};
            m_session->edit(tr("Sleeve's interference"), [&, key = seat()->key](job::Job& j) {
                j.measured.seats[key].sleeve->interference_mm = {*lower, *upper};
            });
            return {};
        },
        [this] {
            const auto d = m_session->display();
            return sleeve() ? q(words::figures(d.fineValue(sleeve()->interference_mm.lower)) + ".." +
                                words::figures(d.fineValue(sleeve()->interference_mm.upper)))
                            : QString();
        },
        [this] { return q(m_session->display().fine(0).unit); });
    addChoice(
        "sleeveBored", tr("Sleeve is"), {tr("bored to size in place"), tr("made to size before")}, {"yes", "no"},
        [this](const QString& v) {
            if (!sleeve()) return;
            m_session->edit(tr("How the sleeve is bored"), [&, key = seat()->key](job::Job& j) {
                j.measured.seats[key].sleeve->boredInPlace = v == "yes";
            });
        },
        [this] { return !sleeve() || sleeve()->boredInPlace ? QStringLiteral("yes") : QStringLiteral("no"); });
}

} // namespace arbor::ui
