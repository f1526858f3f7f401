// The sheet's lines on the bearing itself, and on a sleeve between it and its seat.
#include "core/arrangement/edit.h"
#include "core/plan/seat_edit.h"
#include "io/entry/size_entry.h"
#include "ui/fit/fit_sheet.h"
#include "ui/stations/typed.h"
#include "ui/text.h"
#include "words/display.h"

#include <QComboBox>
#include <QLineEdit>

namespace arbor::ui {

const plan::BearingPlan* FitSheet::bearing() const {
    return seat() ? m_session->plan().fits->bearingOf(m_seat) : nullptr;
}

const catalog::Bearing* FitSheet::fromCatalogue() const {
    if (!bearing()) return nullptr;
    const auto& a = m_session->plan().strip.assembly;
    return arrangement::bearingOf(*a.parts[*arrangement::indexOf(a, bearing()->part)].catalogue,
                                  m_session->tables().bearings);
}

arrangement::BearingFacts FitSheet::facts() const {
    if (!bearing()) return {};
    const auto& a = m_session->plan().strip.assembly;
    return a.parts[*arrangement::indexOf(a, bearing()->part)].catalogue->facts;
}

void FitSheet::changeFacts(const QString& text, const std::function<void(arrangement::BearingFacts&)>& change) {
    if (!bearing()) return;
    m_session->edit(text, [&, part = bearing()->part](job::Job& j) {
        plan::changeFacts(j, part, [&](arrangement::FromCatalogue& from) { change(from.facts); });
    });
}

EntrySheet::Understood FitSheet::takeBearing(const QString& typed) {
    if (!bearing()) return {false, tr("no bearing at this seat")};
    const auto& all = m_session->tables().bearings;
    if (!catalog::bearingPrinted(all, typed.toStdString()) && !catalog::readCalipers(typed.toStdString())) {
        QStringList near;
        for (const auto& b : all)
            if (near.size() < 3 && q(b.designation).startsWith(typed.left(2))) near << q(b.designation);
        return {false, near.isEmpty() ? tr("not in the catalogue; its sizes will do: ball 25x52x15")
                                      : tr("not there; %1 are").arg(near.join(", "))};
    }
    const auto& assembly = m_session->plan().strip.assembly;
    const auto next =
        arrangement::withBearing(assembly, *arrangement::indexOf(assembly, bearing()->part), typed.toStdString(), all);
    if (!next) return refused(next.error());
    m_session->edit(tr("Choose bearing"), [&](job::Job& j) { j.arrangement.assembly = *next; });
    return {};
}

void FitSheet::buildBearingLines() {
    addHeading(tr("Bearing"));
    addField(
        "bearing", tr("Designation"), [this](const QString& typed) { return takeBearing(typed.trimmed()); },
        [this] { return bearing() ? q(bearing()->designation) : QString(); },
        [this] {
            const auto* b = fromCatalogue();
            return b ? tr("%1 × %2 × %3").arg(b->boreDia_mm).arg(b->outsideDia_mm).arg(b->width_mm) : QString();
        });
    addChoice(
        "clearanceGroup", tr("Clearance"), {"C2", tr("CN (normal)"), "C3", "C4"}, {"C2", "CN", "C3", "C4"},
        [this](const QString& v) {
            changeFacts(tr("Choose clearance group"), [&](auto& known) { known.clearanceGroup = v.toStdString(); });
        },
        [this] { return q(facts().clearanceGroup); });
    addChoice(
        "bearingClass", tr("Accuracy"),
        {tr("Normal"), tr("class 6"), tr("class 5"), tr("inch class 4"), tr("inch class 2"), tr("inch class 3"),
         tr("inch class 0"), tr("inch class 00")},
        {"N", "6", "5", "4", "2", "3", "0", "00"},
        [this](const QString& v) {
            changeFacts(tr("Choose bearing accuracy"), [&](auto& known) { known.accuracy = v.toStdString(); });
        },
        [this] { return q(facts().accuracy); });
    addStaticRating();
    addRaceway("innerRaceway", tr("Inner raceway Ø"), &arrangement::BearingFacts::innerRacewayDia_mm);
    addRaceway("outerRaceway", tr("Outer raceway Ø"), &arrangement::BearingFacts::outerRacewayDia_mm);
}

void FitSheet::addStaticRating() {
    addField(
        "staticRating", tr("Axial rating C0a"),
        [this](const QString& typed) -> Understood {
            if (!bearing()) return {false, tr("no bearing at this seat")};
            std::optional<double> rating_N;
            if (!typed.trimmed().isEmpty()) {
                rating_N = numberIn(typed).value_or(0) / m_session->display().forceValue(1.0);
                if (!(*rating_N > 0 && *rating_N < 1e8)) return {false, tr("a force over 0, as in the catalogue")};
            }
            changeFacts(rating_N ? tr("Enter static load rating") : tr("Estimate the static load rating"),
                        [&](auto& known) { known.staticRating_N = rating_N; });
            return {};
        },
        [this] {
            const auto rating = facts().staticRating_N;
            return rating ? q(m_session->display().force(*rating).number) : QString();
        },
        [this] {
            const auto d = m_session->display();
            const auto* b = fromCatalogue();
            if (!b) return q(d.force(0).unit);
            const auto rating = catalog::staticRating(m_session->tables().bearingTables, *b, facts().staticRating_N)
                                    .value_or(catalog::StaticRating{});
            return rating.estimate ? tr("≈ %1").arg(q(d.force(rating.radial_N).text())) : q(d.force(0).unit);
        });
}

void FitSheet::addRaceway(const QString& name, const QString& label,
                          std::optional<double> arrangement::BearingFacts::*member) {
    const bool inner = member == &arrangement::BearingFacts::innerRacewayDia_mm;
    addField(
        name, label,
        [this, member](const QString& typed) -> Understood {
            const auto* b = fromCatalogue();
            if (!b) return {false, tr("no bearing at this seat")};
            std::optional<double> size;
            if (!typed.trimmed().isEmpty()) {
                const auto read = io::parseLength(typed.toStdString(), typedUnit_mm(*m_session));
                if (!read) return refused(read.error());
                if (!(*read > b->boreDia_mm && *read < b->outsideDia_mm))
                    return {false, tr("between bore and outside")};
                size = *read;
            }
            changeFacts(tr("Change raceway"), [&](auto& known) { known.*member = size; });
            return {};
        },
        [this, member] {
            const auto size = facts().*member;
            return size ? q(m_session->display().size(*size).number) : QString();
        },
        [this, inner, member]() -> QString {
            const auto d = m_session->display();
            const auto* b = fromCatalogue();
            if (facts().*member || !b) return q(d.size(0).unit);
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
