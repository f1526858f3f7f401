#include "mistakes/planted.h"
#include "words/language.h"
#include "words/order_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

using arrangement::PartKind;
using job::Station;
using words::tr;

struct Surface {
    SurfaceKey key;
    const plan::SurfacePlan* plan = nullptr;
    const plan::SeatPlan* seat = nullptr;
    std::string name() const { return plan->label; }
};

std::optional<Surface> someSurface(Plot& plot, bool (*wanted)(const Surface&)) {
    std::vector<Surface> all;
    for (const auto& seat : plot.plan.fits->seats)
        for (const bool hole : {true, false}) {
            const Surface s{{seat.key, hole}, hole ? &seat.hole : &seat.shaft, &seat};
            if (plot.world.surfaces.contains(s.key) && wanted(s)) all.push_back(s);
        }
    if (all.empty()) return std::nullopt;
    return plot.chance.of(all);
}
bool isHole(const Surface& s) {
    return s.key.second;
}
bool isJournal(const Surface& s) {
    return !s.key.second;
}
bool isAny(const Surface&) {
    return true;
}

/// It is so, it is measured, and told.
Planted found(Plot& plot, const Surface& s, std::set<std::string> keys, std::string happened) {
    measureSurface(plot.world, s.key, plot.chance);
    return {std::move(happened), std::move(keys), {s.name()}, {Station::Measure}};
}

RealSurface& real(Plot& plot, const Surface& s) {
    return plot.world.surfaces.at(s.key);
}

std::optional<std::string> someSpacer(Plot& plot) {
    if (plot.world.spacers.empty()) return std::nullopt;
    return plot.world.spacers.begin()->first;
}

Planted spacerFound(Plot& plot, const std::string& part, std::set<std::string> keys, std::string happened) {
    measureSpacer(plot.world, part, plot.chance);
    const auto& a = plot.plan.strip.assembly;
    return {std::move(happened), std::move(keys), {a.parts[*indexOf(a, part)].name()}, {Station::Measure}};
}

} // namespace

std::optional<Planted> spacerShort(Plot& plot) {
    const auto part = someSpacer(plot);
    if (!part) return std::nullopt;
    auto& s = plot.world.spacers.at(*part);
    s.length_mm = s.drawn_mm - plot.chance.past(0.1, 0.002, 1.5);
    return spacerFound(plot, *part, {"spacer_short"}, tr("The spacer is too short"));
}
std::optional<Planted> spacerFlared(Plot& plot) {
    const auto part = someSpacer(plot);
    if (!part) return std::nullopt;
    plot.world.spacers.at(*part).flare_mm = plot.chance.past(0.05, 0.01, 0.6);
    return spacerFound(plot, *part, {"spacer_flared"}, tr("An end of the spacer is flared"));
}
std::optional<Planted> spacerOutOfSquare(Plot& plot) {
    const auto part = someSpacer(plot);
    if (!part) return std::nullopt;
    const auto& plans = plot.plan.fits->spacers;
    const auto plan = std::find_if(plans.begin(), plans.end(), [&](const auto& s) { return s.part == *part; });
    const double by = plot.chance.past(plan->state.limit_mm, 0.002, 0.2);
    const bool lower = plot.chance.happens(0.5);
    (lower ? plot.world.spacers.at(*part).unsquare_mm : plot.world.spacers.at(*part).unparallel_mm) = by;
    return spacerFound(plot, *part, {lower ? "spacer_out_of_square" : "spacer_out_of_parallel"},
                       tr("An end of the spacer is out of square"));
}

std::optional<Planted> looseCup(Plot& plot) {
    const auto s = someSurface(plot, isHole);
    if (!s) return std::nullopt;
    real(plot, *s).looks.movesByHand = true;
    return found(plot, *s, {"seat_moves_by_hand"}, tr("The ring can be turned in its bore by hand"));
}

std::optional<Planted> wornBore(Plot& plot) {
    const auto s = someSurface(plot, isHole);
    if (!s) return std::nullopt;
    real(plot, *s).form.dia_mm = s->seat->dia_mm + s->plan->size_mm->upper + plot.chance.past(0, 0.002, 0.12);
    return found(plot, *s, {"seat_metal_gone"}, tr("The bore is worn over its limit"));
}
std::optional<Planted> wornJournal(Plot& plot) {
    const auto s = someSurface(plot, isJournal);
    if (!s) return std::nullopt;
    real(plot, *s).form.dia_mm = s->seat->dia_mm + s->plan->size_mm->lower - plot.chance.past(0, 0.002, 0.12);
    return found(plot, *s, {"seat_metal_gone"}, tr("The journal is worn under its limit"));
}

std::optional<Planted> ovalBore(Plot& plot) {
    const auto s = someSurface(plot, isAny);
    if (!s) return std::nullopt;
    auto& form = real(plot, *s).form;
    form.oval_um = 1000 * plot.chance.past(s->plan->formLimit_mm, 0.002, 0.08);
    form.ovalAt_deg = 45 * std::floor(plot.chance.between(0, 4)); // the gauge goes round by eighths
    return found(plot, *s, {"seat_out_of_round"}, tr("The seat is out of round"));
}

std::optional<Planted> rustPits(Plot& plot) {
    const auto s = someSurface(plot, isAny);
    if (!s) return std::nullopt;
    const bool deep = plot.chance.happens(0.5);
    real(plot, *s).looks.pits = deep ? measure::Pits::Deep : measure::Pits::Light;
    return found(plot, *s, {deep ? "seat_pits_deep" : "seat_pits_light"}, tr("Rust has pitted the seat"));
}

std::optional<Planted> blueRing(Plot& plot) {
    plot.world.job.measured.oldBearing.insert(measure::Sign::HeatColour);
    return Planted{tr("A ring has been blue with heat, and feels good"), {"ring_was_hot"}, {}, {Station::Measure}};
}

std::optional<Planted> typingError(Plot& plot) {
    const auto s = someSurface(plot, isAny);
    if (!s) return std::nullopt;
    measureSurface(plot.world, s->key, plot.chance);
    auto& seat = plot.world.job.measured.seats[s->key.first];
    auto& readings = (s->key.second ? seat.hole : seat.shaft).readings;
    auto& wrong = readings[plot.chance.below(readings.size())].dia_mm;
    // A figure hit twice, left out, or in the wrong place: off by tenths, by a millimetre, by ten.
    const double off = plot.chance.of(std::vector<double>{0.1, 0.2, 0.5, 1, 9, 10});
    wrong += plot.chance.happens(0.5) ? off : -off;
    return Planted{tr("One reading of the seat is mistyped"),
                   {"seat_out_of_round", "readings_of_other_size", "problem"},
                   {s->name(), s->key.first.first, s->key.first.second},
                   {Station::Measure}};
}

std::optional<Planted> wrongUnit(Plot& plot) {
    const auto s = someSurface(plot, isAny);
    if (!s) return std::nullopt;
    constexpr double kInch_mm = 25.4;
    measureSurface(plot.world, s->key, plot.chance);
    auto& seat = plot.world.job.measured.seats[s->key.first];
    for (auto& reading : (s->key.second ? seat.hole : seat.shaft).readings)
        reading.dia_mm = std::round(reading.dia_mm / kInch_mm * 1e4) / 1e4;
    return Planted{tr("The seat was measured in inches, and typed as millimetres"),
                   {"readings_of_other_size", "problem"},
                   {s->name(), s->key.first.first, s->key.first.second},
                   {Station::Measure}};
}

} // namespace arbor::mistakes
