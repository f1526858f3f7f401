#include "core/adjust/grease.h"

#include <numbers>

namespace arbor::adjust {

Fill fillOf(double free_cm3, double cavity_cm3, const Grease& grease) {
    Fill out;
    out.bearing_cm3 = free_cm3;
    out.cavity_cm3 = cavity_cm3;
    out.bearing_g = free_cm3 * grease.density_g_cm3;
    const double least = grease.cavity == CavityFill::Half ? 2 : 3, most = grease.cavity == CavityFill::Third ? 3 : 2;
    out.least_g = (free_cm3 + cavity_cm3 / least) * grease.density_g_cm3;
    out.most_g = (free_cm3 + cavity_cm3 / most) * grease.density_g_cm3;
    if (grease.stroke_g > 0) {
        out.leastStrokes = out.least_g / grease.stroke_g;
        out.mostStrokes = out.most_g / grease.stroke_g;
    }
    return out;
}

Fill sum(const std::vector<Fill>& fills) {
    Fill out;
    for (const auto& fill : fills)
        for (const auto field : {&Fill::bearing_cm3, &Fill::cavity_cm3, &Fill::bearing_g, &Fill::least_g, &Fill::most_g,
                                 &Fill::leastStrokes, &Fill::mostStrokes})
            out.*field += fill.*field;
    return out;
}

Result<Fill> fill(const FillInput& in) {
    constexpr double kMm3PerCm3 = 1000;
    if (!(in.bore_mm >= 0 && in.outside_mm > in.bore_mm))
        return refuse(ProblemCode::GeometryOrder, "outside_mm", plain(in.outside_mm),
                      wanted("over the bore's {1}", plain(in.bore_mm)));
    if (!(in.width_mm > 0)) return refuse(ProblemCode::NotPositive, "width_mm", plain(in.width_mm), wanted("> 0"));
    if (!(in.grease_g_cm3 > 0))
        return refuse(ProblemCode::NotPositive, "grease_g_cm3", plain(in.grease_g_cm3), wanted("> 0"));
    if (!(in.cavity_cm3 >= 0))
        return refuse(ProblemCode::OutOfRange, "cavity_cm3", plain(in.cavity_cm3), wanted("0 or more"));
    if (!(in.stroke_g >= 0))
        return refuse(ProblemCode::OutOfRange, "stroke_g", plain(in.stroke_g), wanted("0 or more"));
    const double ring_cm3 =
        std::numbers::pi / 4 * (in.outside_mm * in.outside_mm - in.bore_mm * in.bore_mm) * in.width_mm / kMm3PerCm3;
    const double steel_cm3 = in.mass_kg / in.steel_kg_m3 * 1e6;
    if (!(in.mass_kg >= 0 && steel_cm3 <= ring_cm3))
        return refuse(ProblemCode::OutOfRange, "mass_kg", plain(in.mass_kg),
                      wanted("at most {1}", plain(ring_cm3 * in.steel_kg_m3 / 1e6)));
    return fillOf(ring_cm3 - steel_cm3, in.cavity_cm3, {{}, CavityFill::ThirdToHalf, in.grease_g_cm3, in.stroke_g});
}

} // namespace arbor::adjust
