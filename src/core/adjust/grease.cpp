#include "core/adjust/grease.h"

#include <numbers>

namespace arbor::adjust {

Result<Fill> fill(const FillInput& in) {
    constexpr double kMm3PerCm3 = 1000;
    if (!(in.bore_mm >= 0 && in.outside_mm > in.bore_mm))
        return refuse(ProblemCode::GeometryOrder, "outside_mm", plain(in.outside_mm),
                      "over the bore's " + plain(in.bore_mm));
    if (!(in.width_mm > 0)) return refuse(ProblemCode::NotPositive, "width_mm", plain(in.width_mm), "> 0");
    if (!(in.grease_g_cm3 > 0)) return refuse(ProblemCode::NotPositive, "grease_g_cm3", plain(in.grease_g_cm3), "> 0");
    if (!(in.cavity_cm3 >= 0)) return refuse(ProblemCode::OutOfRange, "cavity_cm3", plain(in.cavity_cm3), "0 or more");
    if (!(in.stroke_g >= 0)) return refuse(ProblemCode::OutOfRange, "stroke_g", plain(in.stroke_g), "0 or more");
    const double ring_cm3 =
        std::numbers::pi / 4 * (in.outside_mm * in.outside_mm - in.bore_mm * in.bore_mm) * in.width_mm / kMm3PerCm3;
    const double steel_cm3 = in.mass_kg / in.steel_kg_m3 * 1e6;
    if (!(in.mass_kg >= 0 && steel_cm3 <= ring_cm3))
        return refuse(ProblemCode::OutOfRange, "mass_kg", plain(in.mass_kg),
                      "at most " + plain(ring_cm3 * in.steel_kg_m3 / 1e6));
    Fill out;
    out.bearing_cm3 = ring_cm3 - steel_cm3;
    out.cavity_cm3 = in.cavity_cm3;
    out.least_g = (out.bearing_cm3 + in.cavity_cm3 / 3) * in.grease_g_cm3;
    out.most_g = (out.bearing_cm3 + in.cavity_cm3 / 2) * in.grease_g_cm3;
    if (in.stroke_g > 0) {
        out.leastStrokes = out.least_g / in.stroke_g;
        out.mostStrokes = out.most_g / in.stroke_g;
    }
    return out;
}

} // namespace arbor::adjust
