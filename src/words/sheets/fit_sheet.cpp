#include "core/base/units.h"
#include "words/heat_words.h"
#include "words/measure_words.h"
#include "words/sheets/sheet_parts.h"
#include "words/shipped_names.h"

#include <algorithm>
#include <cmath>

namespace arbor::words {

namespace {

Figure interferenceFigure(const fit::SeatFit& f, const Display& d) {
    const auto& worst = f.interferenceWorst_mm;
    auto figure =
        figureOf("interference_um", tr("Interference"), d.fine(f.interference_mm.likely),
                 d.fineRange(f.interference_mm.least, f.interference_mm.most), scaled(f.interference_mm, kUm));
    figure.lineFrom = std::min(worst.lower, -0.2 * std::abs(worst.upper)) / kUm;
    figure.lineTo = std::max(worst.upper, 0.001) / kUm * 1.1;
    figure.limits = {{0, "0"},
                     {worst.lower / kUm, tr("loosest {size}").with("size", d.fine(worst.lower).number)},
                     {worst.upper / kUm, tr("tightest {size}").with("size", d.fine(worst.upper).number)}};
    std::sort(figure.limits.begin(), figure.limits.end(),
              [](const auto& a, const auto& b) { return a.value < b.value; });
    figure.tone = f.interference_mm.likely <= 0 ? Tone::Stop : Tone::Plain;
    return figure;
}

Figure clearanceFigure(const fit::ClearanceLeft& c, const Display& d) {
    auto figure = figureOf("clearance_left_um", tr("Clearance left in service"), d.fine(c.left_mm.likely),
                           d.fineRange(c.left_mm.least, c.left_mm.most), scaled(c.left_mm, kUm));
    figure.lineFrom = std::min(-0.002, c.worst_mm.lower) / kUm;
    figure.lineTo = std::max(c.worst_mm.upper, 0.005) / kUm * 1.05;
    figure.limits = {{0, tr("none left")}};
    figure.tone = c.shareBelowZero > 0.05 ? Tone::Stop : Tone::Plain;
    if (c.shareBelowZero > 5e-5)
        figure.range =
            tr("{range} · {share} below zero").with("range", figure.range).with("share", percent(c.shareBelowZero));
    return figure;
}

Figure heatFigure(const plan::HeatPlan& h, const Display& d) {
    const bool chilled = h.inner.temp_C < h.room_C;
    auto heat =
        figureOf("outer_degC", tr("Heat outer part to"), d.temperature(h.outer.temp_C),
                 chilled ? tr("with the inner part at {temp}").with("temp", d.temperature(h.inner.temp_C).text())
                         : tr("limit {temp}").with("temp", d.temperature(h.outerMost_C).number),
                 exactly(h.outer.temp_C));
    heat.hasLine = false;
    heat.tone = h.ways[h.chosen].within ? Tone::Plain : Tone::Check;
    return heat;
}

std::string rangeOf(const Range& r, Quantity (Display::*quantity)(double) const, const Display& d) {
    return between((d.*quantity)(r.least), (d.*quantity)(r.most));
}

/// What the slip shows under the figures.
void addSizes(Sheet& sheet, const plan::SeatPlan& seat, const plan::HeatPlan* heat, const Display& d) {
    const auto& f = *seat.fit;
    auto& rows = sheet.list("seat").rows;
    rows.push_back({"pressure_MPa", tr("Pressure on the seat"), rangeOf(f.pressure_MPa, &Display::pressure, d),
                    f.pressure_MPa, true});
    if (f.thermal_mm != 0 || f.rotation_mm > 0)
        rows.push_back({"pressure_in_service_MPa", tr("Pressure in service"),
                        rangeOf(f.pressureAtWork_MPa, &Display::pressure, d), f.pressureAtWork_MPa});
    rows.push_back({"outer_yields_at_MPa", tr("Outer part yields at"), d.pressure(f.outerLimit_MPa).text(),
                    exactly(f.outerLimit_MPa), false,
                    f.pressureWorst_MPa > f.outerLimit_MPa ? Tone::Stop : Tone::Plain});
    rows.push_back({"outer_hoop_MPa", tr("Hoop stress, outer / inner"),
                    d.pressure(f.outerHoop_MPa).number + " / " + d.pressure(f.innerHoop_MPa).text(),
                    exactly(f.outerHoop_MPa)});
    rows.push_back({"removal_force_N", tr("Removal force"),
                    d.forceRange(seat.off->force_N.least, seat.off->force_N.most) + " " + d.force(0).unit,
                    seat.off->force_N});
    if (heat && (heat->needed() || heat->byUser))
        rows.push_back({"clearance_for_fitting_um", tr("Clearance for fitting, at least"),
                        d.fine(heat->clearanceWorst_mm).text(), exactly(heat->clearanceWorst_mm / kUm)});
    else if (heat)
        rows.push_back({"no_heat", tr("Heating"), tr("no heating needed")});
    rows.push_back({"slip_torque_in_service_Nm", tr("Torque it holds in service"),
                    rangeOf(f.slipTorqueAtWork_Nm, &Display::torque, d), f.slipTorqueAtWork_Nm});
}

/// The rest of what was worked out.
void addAside(Sheet& sheet, const plan::SeatPlan& seat, const plan::BearingPlan* bearing, const Display& d) {
    const auto& f = *seat.fit;
    auto& rows = sheet.list("more", tr("Worked out besides"), true).rows;
    const auto fine = [&](const char* key, const Text& label, double mm) {
        rows.push_back({key, label, d.fine(mm).text(), exactly(mm / kUm)});
    };
    fine("interference_least_by_limits_um", tr("Interference by the limits, least"), f.interferenceWorst_mm.lower);
    fine("interference_most_by_limits_um", tr("Interference by the limits, most"), f.interferenceWorst_mm.upper);
    fine("interference_nominal_um", tr("Interference, middle of both tolerances"), f.interferenceNominal_mm);
    fine("asperity_flattening_um", tr("Asperity flattening (embedding)"), f.smoothing_mm);
    fine("gained_by_temperature_um", tr("Gained by the temperatures in service"), f.thermal_mm);
    fine("lost_to_speed_um", tr("Lost to speed"), f.rotation_mm);
    rows.push_back({"effective_in_service_um", tr("Interference left in service"),
                    d.fineRange(f.effectiveAtWork_mm.least, f.effectiveAtWork_mm.most) + " " + d.fine(0).unit,
                    scaled(f.effectiveAtWork_mm, kUm)});
    const auto pressure = [&](const char* key, const Text& label, double MPa) {
        rows.push_back({key, label, d.pressure(MPa).text(), exactly(MPa)});
    };
    pressure("pressure_worst_MPa", tr("Pressure by the limits, most"), f.pressureWorst_MPa);
    pressure("inner_hoop_MPa", tr("Hoop stress, inner part"), f.innerHoop_MPa);
    pressure("inner_yields_at_MPa", tr("Inner part yields at"), f.innerLimit_MPa);
    if (f.sleeveHoop_MPa) pressure("sleeve_hoop_MPa", tr("Hoop stress, sleeve"), *f.sleeveHoop_MPa);
    rows.push_back({"press_force_worst_N", tr("Press force by the limits, most"), d.force(f.pressForceWorst_N).text(),
                    exactly(f.pressForceWorst_N)});
    rows.push_back({"slip_torque_Nm", tr("Torque it holds, cold"), rangeOf(f.slipTorque_Nm, &Display::torque, d),
                    f.slipTorque_Nm});
    if (f.looseAt_rpm)
        rows.push_back({"loose_at_rpm", tr("Nothing holds it any more at"),
                        tr("{speed} rpm").with("speed", decimals(*f.looseAt_rpm, 0)), exactly(*f.looseAt_rpm)});
    if (!bearing || !bearing->clearance) return;
    const auto& c = *bearing->clearance;
    fine("clearance_least_by_limits_um", tr("Clearance left by the limits, least"), c.worst_mm.lower);
    fine("clearance_most_by_limits_um", tr("Clearance left by the limits, most"), c.worst_mm.upper);
    fine("clearance_nominal_um", tr("Clearance left, middle of all tolerances"), c.nominal_mm);
    rows.push_back({"share_below_zero_percent", tr("Would run without clearance"), percent(c.shareBelowZero),
                    exactly(100 * c.shareBelowZero)});
    for (const auto& m : c.moves)
        rows.push_back({"half_tolerance_um/" + m.subject,
                        tr("Clearance shift by half the tolerance: {what}").with("what", subjectWord(m.subject)),
                        d.fine(m.by_mm).text(), exactly(m.by_mm / kUm)});
}

void addFigures(Sheet& sheet, const SheetInput& told, std::size_t index) {
    const auto& plan = told.plan;
    const auto& d = told.d;
    const auto& seat = plan.fits->seats[index];
    const auto* bearing = plan.fits->bearingOf(index);
    const auto& f = *seat.fit;
    sheet.figures.push_back(interferenceFigure(f, d));
    auto force = figureOf("press_force_N", tr("Press force, just before home"), d.force(f.pressForce_N.likely),
                          d.forceRange(f.pressForce_N.least, f.pressForce_N.most), f.pressForce_N);
    const auto* step = plan.step({seat.key, false});
    if (step && step->press && step->press->gauge)
        force.range = tr("{range} · gauge {gauge}")
                          .with("range", force.range)
                          .with("gauge", d.gauge(step->press->gauge->likely, step->press->press->gaugeUnit).text());
    sheet.figures.push_back(force);
    if (bearing && bearing->clearance) sheet.figures.push_back(clearanceFigure(*bearing->clearance, d));
    const auto* heat = plan.heats[index] ? &*plan.heats[index] : nullptr;
    if (heat && (heat->needed() || heat->byUser)) sheet.figures.push_back(heatFigure(*heat, d));
    addSizes(sheet, seat, heat, d);
    addAside(sheet, seat, bearing, d);
}

void addSides(Sheet& sheet, const plan::SeatPlan& seat, const Display& d) {
    auto& rows = sheet.list("sizes", tr("Sizes"), true).rows;
    rows.push_back({"diameter_mm", tr("Seat diameter"), d.size(seat.dia_mm).text(), exactly(seat.dia_mm)});
    rows.push_back({"length_mm", tr("Contact length"), d.size(seat.length_mm).text(), exactly(seat.length_mm)});
    for (const bool hole : {true, false}) {
        const auto& side = hole ? seat.hole : seat.shaft;
        const std::string key = hole ? "bore" : "shaft";
        rows.push_back(
            {key + "_class", shippedName(side.label), side.spec.empty() ? tr("no class").text() : side.spec});
        if (side.measuredDia_mm)
            rows.push_back({key + "_measured_mm", tr("{part}, measured").with("part", shippedName(side.label)),
                            d.reading(*side.measuredDia_mm).text() + " ± " + d.fine(side.uncertainty_mm).text(),
                            exactly(*side.measuredDia_mm)});
        if (side.size_mm)
            rows.push_back({key + "_limits_um", tr("{part}, limits").with("part", shippedName(side.label)),
                            d.fineRange(side.size_mm->lower, side.size_mm->upper) + " " + d.fine(0).unit,
                            Range{side.size_mm->lower / kUm, side.size_mm->mid() / kUm, side.size_mm->upper / kUm}});
    }
}

void addProposal(Sheet& sheet, const plan::BearingPlan* bearing, const Display& d) {
    if (!bearing || !bearing->proposal.hole || !bearing->proposal.shaft) return;
    std::string why;
    for (const auto& reason : bearing->proposal.because)
        why += (why.empty() ? "" : "; ") + say(reason, d).head;
    sheet.notes.push_back({"usual_classes", Tone::Plan,
                           tr("Usual here: {bore} and {shaft}")
                               .with("bore", bearing->proposal.hole->text())
                               .with("shaft", bearing->proposal.shaft->text()),
                           why, sourceName("DIN5425")});
}

/// The seat's own findings and its bearing's; then what was proposed, and why it is as it is.
void addAllNotes(Sheet& sheet, const plan::SeatPlan& seat, const plan::BearingPlan* bearing, const Display& d) {
    addNotes(sheet, seat.fit->advisories, d);
    if (bearing && bearing->clearance) addNotes(sheet, bearing->clearance->advisories, d);
    if (bearing && bearing->question) addNotes(sheet, {*bearing->question}, d);
    addProposal(sheet, bearing, d);
    if (bearing && bearing->clearance) addNotes(sheet, bearing->clearance->because, d);
    if (bearing && !bearing->clearance)
        sheet.notes.push_back(noteOf("set_at_adjust", Tone::Plan, tr("Clearance is set when it is adjusted")));
    addNotes(sheet, seat.fit->because, d);
}

} // namespace

Sheet fitSheet(const SheetInput& told, std::size_t index) {
    const auto& plan = told.plan;
    if (!plan.fits || index >= plan.fits->seats.size()) {
        auto sheet = brokenSheet(told);
        sheet.station = job::name(job::Station::Fit);
        return sheet;
    }
    const auto& d = told.d;
    const auto& seat = plan.fits->seats[index];
    const auto own = plan.fits->advisoriesOf(index);
    const bool stop = worst(own) == Severity::Stop;
    auto sheet = sheetOf(job::Station::Fit, told);
    sheet.about = seat.key.first + "+" + seat.key.second;
    sheet.heading = tr("{seat}, {size}").with("seat", seatTitle(seat)).with("size", d.size(seat.dia_mm).text());
    sheet.title = stop ? tr("Stop") : tr("Fit");
    sheet.tone = stop ? Tone::Stop : Tone::Plan;
    sheet.verdict = stop ? say(own.front(), d).head + "." : tr("Tight enough to stay, loose enough to run.").text();
    sheet.notesTitle = tr("Because");
    addSides(sheet, seat, d);
    if (seat.fit) {
        addFigures(sheet, told, index);
        addAllNotes(sheet, seat, plan.fits->bearingOf(index), d);
    } else {
        sheet.verdict = tr("A size of this seat is missing.");
        sheet.notes.push_back(noteOf("size_missing", Tone::Check, tr("Give both sides a class or a size"),
                                     tr("Here, at Measure, or in the arrangement.")));
    }
    sheet.action = tr("Use these fits");
    if (stop)
        sheet.waitsFor = tr("Change the fit before going on.");
    else if (worst(plan.fits->advisories()) == Severity::Stop)
        sheet.waitsFor = tr("Another seat has a stop: settle it first.");
    return worstFirst(std::move(sheet));
}

} // namespace arbor::words
