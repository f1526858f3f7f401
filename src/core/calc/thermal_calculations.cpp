#include "core/base/units.h"
#include "core/calc/calculations.h"
#include "core/tables/tables.h"
#include "core/thermal/cooling.h"
#include "core/thermal/shrink_fit.h"

#include <algorithm>
#include <set>

namespace arbor::calc {

namespace {

thermal::Film filmOf(const Values& in, const char* h, double ambient_C) {
    thermal::Film film;
    film.h_W_m2K = number(in, h);
    film.ambient_C = ambient_C;
    return film;
}

Result<Values> lumpedCooling(const Values& in, const tables::Tables&) {
    thermal::Lump lump{number(in, "mass_kg"), number(in, "c_J_per_kgK"), number(in, "area_m2"),
                       filmOf(in, "h_W_per_m2K", number(in, "T_amb_C"))};
    lump.film.emissivity = number(in, "emissivity");
    lump.film.exponent = number(in, "h_exponent");
    lump.film.ref_K = number(in, "h_ref_dT_K");
    const double start = number(in, "T_start_C");
    const auto target = maybe(in, "T_target_C"), time = maybe(in, "time_s");
    if (target.has_value() == time.has_value())
        return refuse(ProblemCode::Missing, "T_target_C", {}, wanted("either T_target_C or time_s"));
    if (time) {
        const auto after = thermal::temperatureAfter(lump, start, *time);
        if (!after) return tl::unexpected(after.error());
        return Values{{"temperature_C", *after}};
    }
    const auto reached = thermal::timeTo(lump, start, *target);
    if (!reached) return tl::unexpected(reached.error());
    if (!*reached)
        return refuse(ProblemCode::OutOfRange, "T_target_C", plain(*target),
                      wanted("between T_start_C and T_amb_C, where it comes by"));
    return Values{{"time_s", **reached}};
}

thermal::ShrinkFit shrinkFitOf(const Values& in) {
    const double ambient = number(in, "T_amb_C");
    thermal::ShrinkFit fit;
    fit.seatDia_mm = number(in, "interface_mm");
    fit.interference_mm = number(in, "interference_20C_um") * kUm;
    fit.inner = {number(in, "inner_bore_mm"),
                 fit.seatDia_mm,
                 1,
                 conductor(in, "inner_body"),
                 number(in, "T_inner_start_C"),
                 filmOf(in, "h_bore_W_per_m2K", ambient),
                 {},
                 0};
    fit.outer = {fit.seatDia_mm,
                 number(in, "outer_od_mm"),
                 1,
                 conductor(in, "outer_body"),
                 number(in, "T_outer_start_C"),
                 filmOf(in, "h_outer_W_per_m2K", ambient),
                 {},
                 0};
    fit.air_W_mK = number(in, "k_air_W_per_mK");
    fit.gapOffset_mm = number(in, "gap_offset_um") * kUm;
    fit.contact_W_m2K = number(in, "h_contact_W_per_m2K");
    return fit;
}

/// The field's name in place of the core's.
Problem renamed(Problem problem) {
    if (problem.field == "outer/outsideDia_mm" || problem.field == "outer/boreDia_mm") problem.field = "outer_od_mm";
    if (problem.field == "inner/boreDia_mm") problem.field = "inner_bore_mm";
    return problem;
}

Result<Values> chillInsert(const Values& in, const tables::Tables&) {
    const double end = number(in, "t_end_s");
    std::set<double> times{end};
    for (const double t : numbers(in, "times_s")) {
        if (!(t >= 0 && t <= end))
            return refuse(ProblemCode::OutOfRange, "times_s", plain(t), wanted("0 to t_end_s, {1}", plain(end)));
        times.insert(t);
    }
    const auto run = thermal::follow(shrinkFitOf(in), {times.begin(), times.end()});
    if (!run) return tl::unexpected(renamed(run.error()));
    Values out{{"initial_clearance_um", run->clearance_mm / kUm}, {"grips", run->grip_s.has_value()}};
    if (run->grip_s) out["grip_time_s"] = *run->grip_s;
    const auto& asked = numbers(in, "times_s");
    for (const auto& state : run->states) {
        if (std::find(asked.begin(), asked.end(), state.t_s) == asked.end()) continue;
        const auto at = "_at_" + plain(state.t_s) + "s_";
        out["clearance" + at + "um"] = state.clearance_mm / kUm;
        out["T_inner_mean" + at + "C"] = state.inner_C;
        out["T_outer_mean" + at + "C"] = state.outer_C;
    }
    return out;
}

Field film(const char* name, const char* what) {
    return {name, Kind::Number, what, {0, 1e4}, Value(0.0)};
}

} // namespace

std::vector<Calculation> thermalCalculations() {
    return {
        {"lumped_cooling",
         forReader("How long a part keeps its heat"),
         {"cool", "cooling", "carry", "walk", "time", "soak", "air", "radiation"},
         {{"T_start_C", Kind::Number, forReader("at the start"), kTemp},
          {"T_amb_C", Kind::Number, forReader("ambient"), kTemp, Value(20.0)},
          {"mass_kg", Kind::Number, forReader("of the part"), {1e-6, 1e5}},
          {"c_J_per_kgK", Kind::Number, forReader("its specific heat"), {1, 1e4}},
          {"area_m2", Kind::Number, forReader("surface area"), {1e-6, 1e3}},
          {"h_W_per_m2K", Kind::Number, forReader("to the air: still 5 to 15"), {0, 1e5}},
          {"emissivity", Kind::Number, forReader("bright 0.1, oxidised 0.25, rusty 0.8"), {0, 1}, Value(0.0)},
          {"h_exponent", Kind::Number, forReader("0.25 where only its own warmth moves the air"), {0, 1}, Value(0.0)},
          {"h_ref_dT_K", Kind::Number, forReader("difference for which h is stated"), {1, 1000}, Value(50.0)},
          {"T_target_C", Kind::Number, forReader("wanted, when the time is asked"), kTemp, std::nullopt, true},
          {"time_s", Kind::Number, forReader("gone by, when the temperature is asked"), {0, 1e7}, std::nullopt, true}},
         {{"time_s", forReader("until then")}, {"temperature_C", forReader("then")}},
         "HB4.11",
         lumpedCooling},
        {"chill_insert",
         forReader("How soon a chilled ring is gripped"),
         {"grip", "shrink fit", "gap", "hold", "chilled", "time", "freezer"},
         {{"inner_bore_mm", Kind::Number, forReader("of the inner part, 0 when solid"), kBore, Value(0.0)},
          {"interface_mm", Kind::Number, forReader("diameter of the joint"), kSize},
          {"outer_od_mm", Kind::Number, forReader("outside of the outer part"), kSize},
          {"inner_body", Kind::Conductor, forReader("material of the inner part")},
          {"outer_body", Kind::Conductor, forReader("material of the outer part")},
          {"interference_20C_um", Kind::Number, forReader("on the diameter at 20 degC, tight is positive"), kMicro},
          {"T_inner_start_C", Kind::Number, forReader("of the inner part"), kTemp, Value(20.0)},
          {"T_outer_start_C", Kind::Number, forReader("of the outer part"), kTemp, Value(20.0)},
          {"t_end_s", Kind::Number, forReader("how long it is followed"), {1e-3, 1e6}, Value(600.0)},
          {"T_amb_C", Kind::Number, forReader("ambient"), kTemp, Value(20.0)},
          film("h_outer_W_per_m2K", "from the outside to the air"),
          film("h_bore_W_per_m2K", "from the bore to the air"),
          {"k_air_W_per_mK", Kind::Number, forReader("conductivity of what is in the gap"), {1e-4, 10}, Value(0.026)},
          {"gap_offset_um", Kind::Number, forReader("added to the gap: roughness"), {0.01, 1000}, Value(5.0)},
          {"h_contact_W_per_m2K", Kind::Number, forReader("when the gap has closed"), {1, 1e6}, Value(5000.0)},
          {"times_s",
           Kind::Numbers,
           forReader("at which it is looked at"),
           {0, 1e6},
           Value(std::vector<double>{10, 60})}},
         {{"initial_clearance_um", forReader("when it goes in")},
          {"grips", forReader("whether the gap closes in that time")},
          {"grip_time_s", forReader("until the gap has closed")},
          {"clearance_at_*s_um", forReader("at each of the times, negative: tight")},
          {"T_inner_mean_at_*s_C", forReader("of the inner part")},
          {"T_outer_mean_at_*s_C", forReader("of the outer part")}},
         "HB4.11",
         chillInsert},
    };
}

} // namespace arbor::calc
