#include "core/base/units.h"
#include "core/calc/library_of_calculations.h"
#include "core/force/draw_bolt.h"
#include "core/force/gauge.h"
#include "core/route/kit.h"
#include "core/route/removal.h"
#include "core/seat/seating.h"
#include "core/tables/library.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::calc {

namespace {

constexpr double kArcmin = std::numbers::pi / 180 / 60; // in rad

const std::vector<std::string> kGauges{"bar", "MPa", "psi", "tonne_force", "short_ton"}; // in the order of GaugeUnit

Result<Values> hydraulicRam(const Values& in, const tables::Library&) {
    const double bore = number(in, "ram_bore_mm"), rod = number(in, "ram_rod_mm");
    if (!(rod < bore))
        return refuse(ProblemCode::GeometryOrder, "ram_rod_mm", plain(rod), "under the bore " + plain(bore));
    catalog::Press press;
    press.pistonDia_mm = std::sqrt(number(in, "rams") * (bore * bore - rod * rod)); // one ram of the same area
    const auto unit = std::find(kGauges.begin(), kGauges.end(), text(in, "gauge_unit")) - kGauges.begin();
    press.gaugeUnit = static_cast<catalog::GaugeUnit>(unit);
    const auto gauge = maybe(in, "gauge"), force = maybe(in, "force_N");
    if (gauge.has_value() == force.has_value())
        return refuse(ProblemCode::Missing, "gauge", {}, "either gauge or force_N");
    if (gauge) return Values{{"force_N", force::gaugeForce(press, *gauge).value()}};
    return Values{{"gauge", force::gaugeReading(press, *force).value()}};
}

Result<Values> breakawayOf(const Values& in, const tables::Library&) {
    const auto& rust = text(in, "rust");
    const double clean = number(in, "clean_force_N");
    const auto b = route::breakaway({clean, clean, clean},
                                    rust == "none"    ? route::Rust::None
                                    : rust == "light" ? route::Rust::Light
                                                      : route::Rust::Heavy,
                                    number(in, "stiffness_N_per_mm"));
    return Values{{"force_least_N", b.force_N.least},
                  {"force_likely_N", b.force_N.likely},
                  {"force_most_N", b.force_N.most},
                  {"energy_most_J", b.energy_J.most}};
}

Result<Values> seatPlane(const Values& in, const tables::Library&) {
    const auto &angles = numbers(in, "angles_deg"), &heights = numbers(in, "heights_um");
    if (angles.size() != heights.size())
        return refuse(ProblemCode::OutOfRange, "heights_um", std::to_string(heights.size()),
                      "as many as angles: " + std::to_string(angles.size()));
    std::vector<seat::Reading> readings;
    for (std::size_t i = 0; i < angles.size(); ++i)
        readings.push_back({angles[i], heights[i] * kUm});
    const auto fit = seat::fitPlane(readings, number(in, "radius_mm"));
    if (!fit) return tl::unexpected(fit.error());
    Values out{{"tilt_arcmin", fit->tilt_arcmin()},
               {"high_azimuth_deg", fit->highAngle_deg},
               {"rise_um", fit->rise_mm / kUm},
               {"rms_um", fit->rms_mm / kUm},
               {"residual_range_um", fit->residualRange_mm / kUm}};
    if (fit->scatter_mm) out["scatter_um"] = *fit->scatter_mm / kUm;
    return out;
}

/// A ring entered by x can wedge while x < mu d. With clearance c a ring tilted by t touches at two points when it is
/// in by L with L sin t + d cos t = d + c. @source [HB4.12] peg in a hole
Result<Values> wedging(const Values& in, const tables::Library&) {
    const double d = number(in, "diameter_mm"), depth = number(in, "mu") * d;
    Values out{{"wedge_depth_mm", depth}};
    if (const auto at = maybe(in, "depth_mm")) out["can_wedge"] = *at < depth;
    const auto clearance = maybe(in, "clearance_um"), tilt = maybe(in, "tilt_arcmin");
    if (clearance) out["max_start_tilt_arcmin"] = *clearance * kUm / depth / kArcmin;
    if (clearance && tilt && *tilt > 0)
        out["two_point_depth_mm"] = (d + *clearance * kUm - d * std::cos(*tilt * kArcmin)) / std::sin(*tilt * kArcmin);
    return out;
}

/// @source [HB4.9]
Result<Values> pullerScrew(const Values& in, const tables::Library&) {
    const standards::Thread thread{number(in, "thread_mm"), number(in, "pitch_mm")};
    const double pitch = thread.pitch_mm;
    if (!(thread.pitchDia_mm() > 0))
        return refuse(ProblemCode::GeometryOrder, "pitch_mm", plain(pitch), "a pitch that leaves a thread");
    const double arm_mm =
        force::screwArm_mm(thread, number(in, "mu_thread"), number(in, "mu_collar"), number(in, "collar_mean_dia_mm"));
    const auto pull = maybe(in, "force_N"), torque = maybe(in, "torque_Nm");
    if (pull.has_value() == torque.has_value())
        return refuse(ProblemCode::Missing, "force_N", {}, "either force_N or torque_Nm");
    const double efficiency = pitch / (2 * std::numbers::pi * arm_mm);
    if (pull) return Values{{"torque_Nm", *pull * arm_mm / 1000}, {"efficiency", efficiency}};
    return Values{{"force_N", *torque * 1000 / arm_mm}, {"efficiency", efficiency}};
}

Result<const catalog::Bearing*> bearingOf(const Values& in, const tables::Library& lib) {
    const auto* bearing = catalog::findBearing(lib.bearings, text(in, "designation"));
    if (!bearing)
        return refuse(ProblemCode::UnknownName, "designation", text(in, "designation"), "a bearing of the catalogue");
    return bearing;
}

Result<Values> staticRatingOf(const Values& in, const tables::Library& lib) {
    const auto bearing = bearingOf(in, lib);
    if (!bearing) return tl::unexpected(bearing.error());
    const auto rating = catalog::staticRating(lib.bearingTables, **bearing, std::nullopt);
    if (!rating) return tl::unexpected(rating.error());
    return Values{{"radial_N", rating->radial_N}, {"axial_N", rating->axial_N}, {"estimate", rating->estimate}};
}

Result<Values> grease(const Values& in, const tables::Library& lib) {
    const auto bearing = bearingOf(in, lib);
    if (!bearing) return tl::unexpected(bearing.error());
    const double free_cm3 = route::freeVolume_mm3(**bearing) / 1000, density = number(in, "density_g_per_cm3");
    return Values{{"free_volume_cm3", free_cm3},
                  {"third_g", free_cm3 * density / 3},
                  {"half_g", free_cm3 * density / 2},
                  {"full_g", free_cm3 * density}};
}

} // namespace

std::vector<Calculation> benchCalculations() {
    return {
        {"hydraulic_ram",
         "Force of a ram, reading of its gauge",
         {"gauge", "press", "bar", "psi", "tonne", "pressure"},
         {{"gauge_unit", Kind::Choice, "what the gauge shows", {}, Value("bar"), false, kGauges},
          {"ram_bore_mm", Kind::Number, "diameter of the ram", kSize},
          {"ram_rod_mm", Kind::Number, "of the rod or hole, where the pressure does not act", kBore, Value(0.0)},
          {"rams", Kind::Number, "how many push together", {1, 16}, Value(1.0)},
          {"gauge", Kind::Number, "reading, when the force is asked", {0, 1e6}, std::nullopt, true},
          {"force_N", Kind::Number, "force, when the reading is asked", {0, 1e9}, std::nullopt, true}},
         {{"force_N", "at the ram"}, {"gauge", "in the gauge's unit"}},
         "HB4.8",
         hydraulicRam},
        {"breakaway",
         "Force and energy when a stuck ring lets go",
         {"stuck", "rust", "removal", "bang", "pull off"},
         {{"clean_force_N", Kind::Number, "sliding force of the clean joint", {0, 1e9}},
          {"rust", Kind::Choice, "how the joint looks", {}, Value("none"), false, {"none", "light", "heavy"}},
          {"stiffness_N_per_mm", Kind::Number, "of frame and stack", {1, 1e7}, Value(20000.0)}},
         {{"force_least_N", "least"},
          {"force_likely_N", "likely"},
          {"force_most_N", "most"},
          {"energy_most_J", "comes free, at most"}},
         "HB4.6",
         breakawayOf},
        {"seat_plane",
         "Tilt of a ring from readings round its face",
         {"square", "runout", "lean", "depth", "feeler"},
         {{"radius_mm", Kind::Number, "where the readings are taken", kSize},
          {"angles_deg", Kind::Numbers, "places round the ring", {-720, 720}},
          {"heights_um", Kind::Numbers, "readings, high is positive", {-1e6, 1e6}}},
         {{"tilt_arcmin", "of the plane"},
          {"high_azimuth_deg", "where it is highest"},
          {"rise_um", "across the circle of the readings"},
          {"rms_um", "of the residuals, divided by n"},
          {"residual_range_um", "greatest less least residual"},
          {"scatter_um", "of one reading, from n - 3; nothing with three"}},
         "HB4.13",
         seatPlane},
        {"wedging",
         "Depth to which a ring can wedge",
         {"jam", "cocked", "crooked", "start", "square"},
         {{"diameter_mm", Kind::Number, "of the ring", kSize},
          {"mu", Kind::Number, "friction", {1e-3, 2}},
          {"depth_mm", Kind::Number, "how far it is in", kBore, std::nullopt, true},
          {"clearance_um", Kind::Number, "between ring and bore", {0, 5000}, std::nullopt, true},
          {"tilt_arcmin", Kind::Number, "how far it leans", {0, 600}, std::nullopt, true}},
         {{"wedge_depth_mm", "keep it square to here"},
          {"can_wedge", "at the depth given"},
          {"max_start_tilt_arcmin", "a larger lean touches before it is past wedging"},
          {"two_point_depth_mm", "where a ring that leans so touches on both sides"}},
         "HB4.12",
         wedging},
        {"puller_screw",
         "Torque of a puller screw or draw bolt",
         {"draw bolt", "thread", "nut", "wrench", "torque"},
         {{"thread_mm", Kind::Number, "nominal diameter of the thread", {1, 200}},
          {"pitch_mm", Kind::Number, "its pitch", {0.1, 20}},
          {"mu_thread", Kind::Number, "friction in the thread", {0, 1}},
          {"mu_collar", Kind::Number, "friction under head or nut", {0, 1}, Value(0.0)},
          {"collar_mean_dia_mm", Kind::Number, "mean diameter of that face", kBore, Value(0.0)},
          {"force_N", Kind::Number, "pull, when the torque is asked", {0, 1e9}, std::nullopt, true},
          {"torque_Nm", Kind::Number, "torque, when the pull is asked", {0, 1e6}, std::nullopt, true}},
         {{"torque_Nm", "at the wrench"}, {"force_N", "pull"}, {"efficiency", "share of the work that pulls"}},
         "HB4.9",
         pullerScrew},
        {"static_rating",
         "What a bearing's elements carry at rest",
         {"C0", "load", "brinelling", "ISO 76", "dent"},
         {{"designation", Kind::Text, "of the catalogue"}},
         {{"radial_N", "C_0r"},
          {"axial_N", "along the axis; 0 where it carries none"},
          {"estimate", "from stated geometry"}},
         "ISO76",
         staticRatingOf},
        {"grease",
         "Grease for a bearing",
         {"grams", "fill", "pack", "free volume"},
         {{"designation", Kind::Text, "of the catalogue"},
          {"density_g_per_cm3", Kind::Number, "of the grease", {0.5, 2}, Value(0.9)}},
         {{"free_volume_cm3", "between rings and elements"},
          {"third_g", "a third"},
          {"half_g", "a half"},
          {"full_g", "packed full"}},
         "HB4.16",
         grease},
    };
}

} // namespace arbor::calc
