#include "core/adjust/grease.h"
#include "core/adjust/nut.h"
#include "core/adjust/pair.h"
#include "core/adjust/spacer_pair.h"
#include "core/base/units.h"
#include "core/calc/calculations.h"

#include <cmath>

namespace arbor::calc {

namespace {

adjust::Nut nutOf(const Values& in) {
    return {number(in, "pitch_mm"), static_cast<int>(std::lround(maybe(in, "slots").value_or(0))),
            numbers(in, "pin_hole_angles_deg")};
}

Result<Values> lockPlaces(const Values& in) {
    const auto nut = nutOf(in);
    const auto least = maybe(in, "play_min_um"), most = maybe(in, "play_max_um");
    if (!least || !most) return refuse(ProblemCode::Missing, "play_min_um", {}, wanted("play_min_um and play_max_um"));
    const auto at = adjust::placesInBand(nut, number(in, "zero_play_angle_deg"), {*least * kUm, *most * kUm});
    const auto choice = adjust::chooseSlot(nut, 0, 0, {0, 0});
    if (!at) return tl::unexpected(at.error());
    if (!choice) return tl::unexpected(choice.error());
    std::vector<double> turns, plays;
    for (const auto& place : *at) {
        turns.push_back(place.turn_deg);
        plays.push_back(place.play_mm / kUm);
    }
    return Values{{"endplay_step_um", choice->step_mm / kUm},
                  {"lock_count", static_cast<double>(at->size())},
                  {"backoff_deg", turns},
                  {"endplay_um", plays}};
}

Result<Values> endPlay(const Values& in, const tables::Tables&) {
    const auto turn = maybe(in, "backoff_deg"), slots = maybe(in, "slots");
    if (turn.has_value() == slots.has_value())
        return refuse(ProblemCode::Missing, "backoff_deg", {}, wanted("either backoff_deg or slots"));
    if (slots) return lockPlaces(in);
    return Values{{"endplay_um", adjust::axial_mm(nutOf(in), *turn) / kUm}};
}

Result<Values> playAtWork(const Values& in, const tables::Tables&) {
    const adjust::Pair pair{{number(in, "mean_dia_1_mm"), number(in, "contact_1_deg")},
                            {number(in, "mean_dia_2_mm"), number(in, "contact_2_deg")},
                            number(in, "apart_mm"),
                            text(in, "pressure_points") == "inside",
                            number(in, "alpha_shaft_um_per_mK") * 1e-6,
                            number(in, "alpha_housing_um_per_mK") * 1e-6};
    const auto lost = adjust::playLost_mm(pair, number(in, "shaft_K"), number(in, "housing_K"));
    if (!lost) return tl::unexpected(lost.error());
    return Values{{"lost_um", *lost / kUm}, {"endplay_um", number(in, "bench_um") - *lost / kUm}};
}

Result<Values> clampedSpacer(const Values& in, const tables::Tables&) {
    adjust::ClampedPair pair;
    pair.nutDia_mm = number(in, "nut_mm");
    pair.nutFactor = number(in, "nut_factor");
    pair.spacerLength_mm = number(in, "spacer_mm");
    pair.spacerArea_mm2 = number(in, "spacer_mm2");
    pair.spacerE_MPa = number(in, "spacer_E_MPa");
    pair.ringWidth_mm = number(in, "rings_mm");
    pair.ringArea_mm2 = number(in, "ring_mm2");
    const double torque = number(in, "torque_Nm"), hand = number(in, "hand_torque_Nm");
    const auto full = adjust::clamp(pair, torque);
    if (!full) return tl::unexpected(full.error());
    Values out{{"clamp_N", full->force_N},
               {"spacer_shorter_um", full->spacerShorter_mm / kUm},
               {"rings_shorter_um", full->ringsShorter_mm / kUm}};
    const auto found = maybe(in, "play_at_hand_um"), wanted = maybe(in, "wanted_um");
    if (!found) return out;
    const auto play = adjust::playAt_mm(pair, *found * kUm, hand, torque);
    if (!play) return tl::unexpected(play.error());
    out["play_at_torque_um"] = *play / kUm;
    if (wanted) out["needed_mm"] = adjust::neededLength_mm(pair.spacerLength_mm, *play, *wanted * kUm);
    return out;
}

Result<Values> shims(const Values& in, const tables::Tables&) {
    const auto pack = adjust::packShims(number(in, "wanted_mm"), numbers(in, "stock_mm"),
                                        static_cast<std::size_t>(number(in, "most")));
    if (!pack) return tl::unexpected(pack.error());
    return Values{{"shims_mm", pack->shims_mm},
                  {"total_mm", pack->total_mm},
                  {"off_um", (pack->total_mm - number(in, "wanted_mm")) / kUm}};
}

Result<Values> rollingTorque(const Values& in, const tables::Tables&) {
    return Values{{"torque_Nm", adjust::rollingTorque_Nm(number(in, "pull_N"), number(in, "radius_mm"))}};
}

Result<Values> greaseFill(const Values& in, const tables::Tables&) {
    adjust::FillInput f;
    f.bore_mm = number(in, "bore_mm");
    f.outside_mm = number(in, "outside_mm");
    f.width_mm = number(in, "width_mm");
    f.mass_kg = number(in, "mass_kg");
    f.cavity_cm3 = number(in, "cavity_cm3");
    f.grease_g_cm3 = number(in, "density_g_per_cm3");
    f.stroke_g = number(in, "stroke_g");
    const auto fill = adjust::fill(f);
    if (!fill) return tl::unexpected(fill.error());
    Values out{{"free_volume_cm3", fill->bearing_cm3}, {"least_g", fill->least_g}, {"most_g", fill->most_g}};
    if (f.stroke_g > 0) {
        out["least_strokes"] = fill->leastStrokes;
        out["most_strokes"] = fill->mostStrokes;
    }
    return out;
}

} // namespace

std::vector<Calculation> adjustCalculations() {
    const Interval angle{-3600, 3600}, contact{1, 80}, area{1e-3, 1e6}, torque{0, 1e5};
    return {
        {"end_play",
         forReader("End play of a nut, and where it can be locked"),
         {"nut", "slot", "castle", "pin", "cotter", "back off", "adjust", "taper", "preload"},
         {{"pitch_mm", Kind::Number, forReader("of the thread"), {0.1, 50}},
          {"backoff_deg", Kind::Number, forReader("backed off from where play begins"), angle, std::nullopt, true},
          {"slots", Kind::Number, forReader("of the nut, when the places are asked"), {1, 72}, std::nullopt, true},
          {"pin_hole_angles_deg", Kind::Numbers, forReader("directions of the through holes"), angle,
           Value(std::vector<double>{0})},
          {"zero_play_angle_deg", Kind::Number, forReader("nut angle at which play begins"), angle, Value(0.0)},
          {"play_min_um", Kind::Number, forReader("least wanted"), kMicro, std::nullopt, true},
          {"play_max_um", Kind::Number, forReader("most wanted"), kMicro, std::nullopt, true}},
         {{"endplay_step_um", forReader("from one place to the next")},
          {"lock_count", forReader("places in the band")},
          {"backoff_deg", forReader("to each of them")},
          {"endplay_um", forReader("there")}},
         "HB4.15",
         endPlay},
        {"play_at_work",
         forReader("End play between bench and work"),
         {"temperature", "warm", "end play", "preload", "contact angle", "expansion"},
         {{"bench_um", Kind::Number, forReader("end play as it was set"), kMicro, Value(0.0)},
          {"mean_dia_1_mm", Kind::Number, forReader("circle of the elements, first bearing"), kSize},
          {"contact_1_deg", Kind::Number, forReader("its contact angle"), contact},
          {"mean_dia_2_mm", Kind::Number, forReader("of the second bearing"), kSize},
          {"contact_2_deg", Kind::Number, forReader("its contact angle"), contact},
          {"apart_mm", Kind::Number, forReader("between the rows"), kBore},
          {"pressure_points",
           Kind::Choice,
           forReader("inside the pair, or outside"),
           {},
           Value("outside"),
           false,
           {"inside", "outside"}},
          {"shaft_K", Kind::Number, forReader("shaft warmer by"), {-200, 400}},
          {"housing_K", Kind::Number, forReader("housing warmer by"), {-200, 400}, Value(0.0)},
          {"alpha_shaft_um_per_mK", Kind::Number, forReader("expansion of the shaft"), {1, 40}, Value(11.5)},
          {"alpha_housing_um_per_mK", Kind::Number, forReader("of the housing"), {1, 40}, Value(11.5)}},
         {{"lost_um", forReader("taken away, negative: added")}, {"endplay_um", forReader("at operating temperature")}},
         "HB4.15",
         playAtWork},
        {"clamped_spacer",
         forReader("Bearings clamped through a spacer"),
         {"spacer", "trial", "length", "axle nut", "clamp", "end play", "torque"},
         {{"torque_Nm", Kind::Number, forReader("of the nut"), torque},
          {"hand_torque_Nm", Kind::Number, forReader("at which play was found"), torque, Value(0.0)},
          {"nut_mm", Kind::Number, forReader("diameter of its thread"), kSize},
          {"nut_factor", Kind::Number, forReader("torque over force and diameter"), {0.05, 0.5}, Value(0.2)},
          {"spacer_mm", Kind::Number, forReader("length of the spacer"), kSize},
          {"spacer_mm2", Kind::Number, forReader("its section"), area},
          {"spacer_E_MPa", Kind::Number, forReader("its stiffness"), {1000, 500000}, Value(208000.0)},
          {"rings_mm", Kind::Number, forReader("width of both inner rings, 0: rigid"), kBore, Value(0.0)},
          {"ring_mm2", Kind::Number, forReader("their section"), {0, 1e6}, Value(0.0)},
          {"play_at_hand_um", Kind::Number, forReader("found"), kMicro, std::nullopt, true},
          {"wanted_um", Kind::Number, forReader("at full torque"), kMicro, std::nullopt, true}},
         {{"clamp_N", forReader("force in the stack")},
          {"spacer_shorter_um", forReader("by the clamp")},
          {"rings_shorter_um", forReader("by the clamp")},
          {"play_at_torque_um", forReader("at full torque")},
          {"needed_mm", forReader("length of the spacer")}},
         "HB4.15",
         clampedSpacer},
        {"shims",
         forReader("Shims from stock"),
         {"washer", "pack", "stock", "thickness", "spacer"},
         {{"wanted_mm", Kind::Number, forReader("thickness"), {0, 100}},
          {"stock_mm", Kind::Numbers, forReader("thicknesses in stock, each as often as there is one"), {1e-3, 100}},
          {"most", Kind::Number, forReader("pieces at most"), {1, 6}, Value(4.0)}},
         {{"shims_mm", forReader("to take")},
          {"total_mm", forReader("together")},
          {"off_um", forReader("from what is wanted")}},
         "HB4.15",
         shims},
        {"rolling_torque",
         forReader("Rolling torque by a spring scale"),
         {"preload", "drag", "pull", "string", "scale"},
         {{"pull_N", Kind::Number, forReader("while it turns evenly"), {0, 1e5}},
          {"radius_mm", Kind::Number, forReader("of the string"), kSize}},
         {{"torque_Nm", forReader("of rolling")}},
         "HB4.15",
         rollingTorque},
        {"grease_fill",
         forReader("Grease for a bearing and its cavity"),
         {"grams", "pump", "strokes", "cavity", "pack"},
         {{"bore_mm", Kind::Number, forReader("of the bearing"), kBore},
          {"outside_mm", Kind::Number, forReader("of the bearing"), kSize},
          {"width_mm", Kind::Number, forReader("of the bearing"), kSize},
          {"mass_kg", Kind::Number, forReader("of the bearing"), {0, 1000}},
          {"cavity_cm3", Kind::Number, forReader("beside it"), {0, 1e6}, Value(0.0)},
          {"density_g_per_cm3", Kind::Number, forReader("of the grease"), {0.5, 2}, Value(0.9)},
          {"stroke_g", Kind::Number, forReader("of the pump, 0: not known"), {0, 100}, Value(1.2)}},
         {{"free_volume_cm3", forReader("of the bearing")},
          {"least_g", forReader("bearing full, cavity to a third")},
          {"most_g", forReader("cavity to a half")},
          {"least_strokes", forReader("of the pump")},
          {"most_strokes", forReader("of the pump")}},
         "HB4.16",
         greaseFill},
    };
}

} // namespace arbor::calc
