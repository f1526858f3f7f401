#include "core/base/units.h"
#include "core/calc/calculations.h"
#include "core/force/draw_bolt.h"
#include "core/force/gauge.h"
#include "core/route/kit.h"
#include "core/route/removal.h"
#include "core/seating/seating.h"
#include "core/tables/tables.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::calc {

namespace {

constexpr double kArcmin = std::numbers::pi / 180 / 60; // in rad

const std::vector<std::string> kGauges{"bar", "MPa", "psi", "tonne_force", "short_ton"}; // in the order of GaugeUnit

Result<Values> hydraulicRam(const Values& in, const tables::Tables&) {
    const double bore = number(in, "ram_bore_mm"), rod = number(in, "ram_rod_mm");
    if (!(rod < bore))
        return refuse(ProblemCode::GeometryOrder, "ram_rod_mm", plain(rod), wanted("under the bore {1}", plain(bore)));
    catalog::Press press;
    press.pistonDia_mm = std::sqrt(number(in, "rams") * (bore * bore - rod * rod)); // one ram of the same area
    const auto unit = std::find(kGauges.begin(), kGauges.end(), text(in, "gauge_unit")) - kGauges.begin();
    press.gaugeUnit = static_cast<catalog::GaugeUnit>(unit);
    const auto gauge = maybe(in, "gauge"), force = maybe(in, "force_N");
    if (gauge.has_value() == force.has_value())
        return refuse(ProblemCode::Missing, "gauge", {}, wanted("either gauge or force_N"));
    if (gauge) return Values{{"force_N", force::gaugeForce(press, *gauge).value()}};
    return Values{{"gauge", force::gaugeReading(press, *force).value()}};
}

Result<Values> breakawayOf(const Values& in, const tables::Tables&) {
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

Result<Values> seatPlane(const Values& in, const tables::Tables&) {
    const auto &angles = numbers(in, "angles_deg"), &heights = numbers(in, "heights_um");
    if (angles.size() != heights.size())
        return refuse(ProblemCode::OutOfRange, "heights_um", std::to_string(heights.size()),
                      wanted("as many as angles: {1}", std::to_string(angles.size())));
    std::vector<seating::Reading> readings;
    for (std::size_t i = 0; i < angles.size(); ++i)
        readings.push_back({angles[i], heights[i] * kUm});
    const auto fit = seating::fitPlane(readings, number(in, "radius_mm"));
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
Result<Values> wedging(const Values& in, const tables::Tables&) {
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
Result<Values> pullerScrew(const Values& in, const tables::Tables&) {
    const standards::Thread thread{number(in, "thread_mm"), number(in, "pitch_mm")};
    const double pitch = thread.pitch_mm;
    if (!(thread.pitchDia_mm() > 0))
        return refuse(ProblemCode::GeometryOrder, "pitch_mm", plain(pitch), wanted("a pitch that leaves a thread"));
    const double arm_mm =
        force::screwArm_mm(thread, number(in, "mu_thread"), number(in, "mu_collar"), number(in, "collar_mean_dia_mm"));
    const auto pull = maybe(in, "force_N"), torque = maybe(in, "torque_Nm");
    if (pull.has_value() == torque.has_value())
        return refuse(ProblemCode::Missing, "force_N", {}, wanted("either force_N or torque_Nm"));
    const double efficiency = pitch / (2 * std::numbers::pi * arm_mm);
    if (pull) return Values{{"torque_Nm", *pull * arm_mm / 1000}, {"efficiency", efficiency}};
    return Values{{"force_N", *torque * 1000 / arm_mm}, {"efficiency", efficiency}};
}

Result<const catalog::Bearing*> bearingOf(const Values& in, const tables::Tables& lib) {
    const auto* bearing = catalog::bearingPrinted(lib.bearings, text(in, "designation"));
    if (!bearing)
        return refuse(ProblemCode::UnknownName, "designation", text(in, "designation"),
                      wanted("a bearing of the catalogue"));
    return bearing;
}

Result<Values> staticRatingOf(const Values& in, const tables::Tables& lib) {
    const auto bearing = bearingOf(in, lib);
    if (!bearing) return tl::unexpected(bearing.error());
    const auto rating = catalog::staticRating(lib.bearingTables, **bearing, std::nullopt);
    if (!rating) return tl::unexpected(rating.error());
    return Values{{"radial_N", rating->radial_N}, {"axial_N", rating->axial_N}, {"estimate", rating->estimate}};
}

Result<Values> grease(const Values& in, const tables::Tables& lib) {
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
         forReader("Force of a ram, reading of its gauge"),
         {"gauge", "press", "bar", "psi", "tonne", "pressure"},
         {{"gauge_unit", Kind::Choice, forReader("what the gauge shows"), {}, Value("bar"), false, kGauges},
          {"ram_bore_mm", Kind::Number, forReader("diameter of the ram"), kSize},
          {"ram_rod_mm", Kind::Number, forReader("of the rod or hole, where the pressure does not act"), kBore,
           Value(0.0)},
          {"rams", Kind::Number, forReader("how many push together"), {1, 16}, Value(1.0)},
          {"gauge", Kind::Number, forReader("reading, when the force is asked"), {0, 1e6}, std::nullopt, true},
          {"force_N", Kind::Number, forReader("force, when the reading is asked"), {0, 1e9}, std::nullopt, true}},
         {{"force_N", forReader("at the ram")}, {"gauge", forReader("in the gauge's unit")}},
         "HB4.8",
         hydraulicRam},
        {"breakaway",
         forReader("Force and energy at breakaway of a stuck ring"),
         {"stuck", "rust", "removal", "bang", "pull off"},
         {{"clean_force_N", Kind::Number, forReader("sliding force of the clean joint"), {0, 1e9}},
          {"rust",
           Kind::Choice,
           forReader("how the joint looks"),
           {},
           Value("none"),
           false,
           {"none", "light", "heavy"}},
          {"stiffness_N_per_mm", Kind::Number, forReader("of frame and stack"), {1, 1e7}, Value(20000.0)}},
         {{"force_least_N", forReader("least")},
          {"force_likely_N", forReader("likely")},
          {"force_most_N", forReader("most")},
          {"energy_most_J", forReader("energy released, at most")}},
         "HB4.6",
         breakawayOf},
        {"seat_plane",
         forReader("Tilt of a ring from readings round its face"),
         {"square", "runout", "lean", "depth", "feeler"},
         {{"radius_mm", Kind::Number, forReader("where the readings are taken"), kSize},
          {"angles_deg", Kind::Numbers, forReader("places round the ring"), {-720, 720}},
          {"heights_um", Kind::Numbers, forReader("readings, high is positive"), {-1e6, 1e6}}},
         {{"tilt_arcmin", forReader("of the plane")},
          {"high_azimuth_deg", forReader("where it is highest")},
          {"rise_um", forReader("across the circle of the readings")},
          {"rms_um", forReader("of the residuals, divided by n")},
          {"residual_range_um", forReader("greatest less least residual")},
          {"scatter_um", forReader("of one reading, from n - 3; nothing with three")}},
         "HB4.13",
         seatPlane},
        {"wedging",
         forReader("Depth to which a ring can wedge"),
         {"jam", "cocked", "crooked", "start", "square"},
         {{"diameter_mm", Kind::Number, forReader("of the ring"), kSize},
          {"mu", Kind::Number, forReader("friction"), {1e-3, 2}},
          {"depth_mm", Kind::Number, forReader("how far it is in"), kBore, std::nullopt, true},
          {"clearance_um", Kind::Number, forReader("between ring and bore"), {0, 5000}, std::nullopt, true},
          {"tilt_arcmin", Kind::Number, forReader("tilt"), {0, 600}, std::nullopt, true}},
         {{"wedge_depth_mm", forReader("keep it square to here")},
          {"can_wedge", forReader("at the depth given")},
          {"max_start_tilt_arcmin", forReader("a larger tilt touches before it is past wedging")},
          {"two_point_depth_mm", forReader("depth at which a ring tilted so touches on both sides")}},
         "HB4.12",
         wedging},
        {"puller_screw",
         forReader("Torque of a puller screw or draw bolt"),
         {"draw bolt", "thread", "nut", "wrench", "torque"},
         {{"thread_mm", Kind::Number, forReader("nominal diameter of the thread"), {1, 200}},
          {"pitch_mm", Kind::Number, forReader("its pitch"), {0.1, 20}},
          {"mu_thread", Kind::Number, forReader("friction in the thread"), {0, 1}},
          {"mu_collar", Kind::Number, forReader("friction under head or nut"), {0, 1}, Value(0.0)},
          {"collar_mean_dia_mm", Kind::Number, forReader("mean diameter of that face"), kBore, Value(0.0)},
          {"force_N", Kind::Number, forReader("pull, when the torque is asked"), {0, 1e9}, std::nullopt, true},
          {"torque_Nm", Kind::Number, forReader("torque, when the pull is asked"), {0, 1e6}, std::nullopt, true}},
         {{"torque_Nm", forReader("at the wrench")},
          {"force_N", forReader("pull")},
          {"efficiency", forReader("share of the work that pulls")}},
         "HB4.9",
         pullerScrew},
        {"static_rating",
         forReader("What a bearing's elements carry at rest"),
         {"C0", "load", "brinelling", "ISO 76", "dent"},
         {{"designation", Kind::Text, forReader("of the catalogue")}},
         {{"radial_N", forReader("C_0r")},
          {"axial_N", forReader("along the axis; 0 where it carries none")},
          {"estimate", forReader("from stated geometry")}},
         "ISO76",
         staticRatingOf},
        {"grease",
         forReader("Grease for a bearing"),
         {"grams", "fill", "pack", "free volume"},
         {{"designation", Kind::Text, forReader("of the catalogue")},
          {"density_g_per_cm3", Kind::Number, forReader("of the grease"), {0.5, 2}, Value(0.9)}},
         {{"free_volume_cm3", forReader("between rings and elements")},
          {"third_g", forReader("a third")},
          {"half_g", forReader("a half")},
          {"full_g", forReader("packed full")}},
         "HB4.16",
         grease},
    };
}

} // namespace arbor::calc
