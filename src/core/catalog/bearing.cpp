#include "core/catalog/bearing.h"

#include "core/base/csv.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

namespace arbor::catalog {

namespace {

constexpr double kDeepGrooveAxialShare = 0.5; // of C_0, practice value, [HB4.7]

Result<BearingType> parseType(const std::string& text, const std::string& place) {
    if (text == "deep_groove_ball") return BearingType::DeepGrooveBall;
    if (text == "double_row_angular_ball") return BearingType::DoubleRowAngularBall;
    return refuse(ProblemCode::UnknownName, place, text, "deep_groove_ball or double_row_angular_ball");
}

Result<void> checkSizes(const Bearing& b, const CsvTable& table, std::size_t row) {
    const std::pair<const char*, double> sizes[] = {{"bore_mm", b.boreDia_mm},    {"width_mm", b.width_mm},
                                                    {"chamfer_mm", b.chamfer_mm}, {"ball_dia_mm", b.ballDia_mm},
                                                    {"ball_count", b.ballCount},  {"rows", b.rows}};
    for (const auto& [column, value] : sizes)
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, table.place(row, column), plain(value), "> 0");
    if (!(b.outsideDia_mm > b.boreDia_mm))
        return refuse(ProblemCode::GeometryOrder, table.place(row, "outside_mm"), plain(b.outsideDia_mm),
                      "> bore " + plain(b.boreDia_mm));
    return {};
}

Result<Bearing> readRow(const CsvTable& table, std::size_t row) {
    Bearing b;
    b.designation = table.text(row, "designation");
    auto type = parseType(table.text(row, "type"), table.place(row, "type"));
    if (!type) return tl::unexpected(type.error());
    b.type = *type;
    double rows = 0, balls = 0;
    const std::pair<const char*, double*> fields[] = {{"bore_mm", &b.boreDia_mm},
                                                      {"outside_mm", &b.outsideDia_mm},
                                                      {"width_mm", &b.width_mm},
                                                      {"chamfer_mm", &b.chamfer_mm},
                                                      {"rows", &rows},
                                                      {"contact_angle_deg", &b.contactAngle_deg},
                                                      {"ball_dia_mm", &b.ballDia_mm},
                                                      {"ball_count", &balls}};
    for (const auto& [column, target] : fields) {
        const auto value = table.number(row, column);
        if (!value) return tl::unexpected(value.error());
        *target = *value;
    }
    b.rows = static_cast<int>(rows);
    b.ballCount = static_cast<int>(balls);
    if (auto ok = checkSizes(b, table, row); !ok) return tl::unexpected(ok.error());
    return b;
}

/// Rows stand close together in the middle of the width.
double rowCentre(const Bearing& b, int row) {
    const double pitch = std::min(b.ballDia_mm * 1.08, (b.width_mm - b.ballDia_mm) / std::max(1, b.rows - 1));
    return b.width_mm / 2 + pitch * (row - (b.rows - 1) / 2.0);
}

constexpr int kArcSteps = 12;

/// A row of balls as a body of revolution: the circle cut into straight slices.
std::vector<section::Slice> ballSlices(const Bearing& b, int row) {
    const double rad = b.ballDia_mm / 2, pitch = b.pitchDia_mm() / 2, z0 = rowCentre(b, row);
    const auto at = [&](int k) {
        const double angle = std::numbers::pi * k / kArcSteps;
        return std::pair(z0 - rad * std::cos(angle), rad * std::sin(angle));
    };
    std::vector<section::Slice> slices;
    for (int k = 0; k < kArcSteps; ++k) {
        const auto [z, half] = at(k);
        const auto [zNext, halfNext] = at(k + 1);
        slices.push_back({z, zNext, pitch - half, pitch - halfNext, pitch + half, pitch + halfNext});
    }
    return slices;
}

/// A plain ring between two radii with the same chamfer on one wall; where balls reach into it the raceway follows
/// them.
section::Body ringBody(const Bearing& b, bool outer) {
    const double land = (outer ? b.outerRacewayDia_mm() : b.innerRacewayDia_mm()) / 2;
    const double seat = (outer ? b.outsideDia_mm : b.boreDia_mm) / 2;
    const double corner = outer ? seat - b.chamfer_mm : seat + b.chamfer_mm;
    const auto slice = [&](double z0, double z1, double land0, double land1, double seat0, double seat1) {
        return outer ? section::Slice{z0, z1, land0, land1, seat0, seat1}
                     : section::Slice{z0, z1, seat0, seat1, land0, land1};
    };
    std::vector<section::Slice> slices{slice(0, b.chamfer_mm, land, land, corner, seat)};
    double z = b.chamfer_mm;
    const double end = b.width_mm - b.chamfer_mm;
    for (int row = 0; row < b.rows; ++row) {
        for (const auto& ball : ballSlices(b, row)) {
            const auto reach = [&](double in, double out) { return outer ? std::max(land, out) : std::min(land, in); };
            const double from = reach(ball.innerBottom, ball.outerBottom), to = reach(ball.innerTop, ball.outerTop);
            const bool groove = from != land || to != land;
            if (!groove || ball.zBottom < z || ball.zTop > end) continue;
            if (ball.zBottom > z) slices.push_back(slice(z, ball.zBottom, land, land, seat, seat));
            slices.push_back(slice(ball.zBottom, ball.zTop, from, to, seat, seat));
            z = ball.zTop;
        }
    }
    slices.push_back(slice(z, end, land, land, seat, seat));
    slices.push_back(slice(end, b.width_mm, land, land, seat, corner));
    return {outer ? "outer ring" : "inner ring", outer ? section::BodyKind::OuterRing : section::BodyKind::InnerRing,
            section::Hatch::HardenedSteel, std::move(slices)};
}

bool has(Side side, Side which) {
    return side == which || side == Side::Both;
}

section::Body closure(const Bearing& b, bool up, bool encoder) {
    const double besideBalls = rowCentre(b, 0) - b.ballDia_mm / 2;
    const double thick = std::min({1.8, b.width_mm / 8, 0.9 * besideBalls}), gap = 0.3;
    const double z0 = up ? b.width_mm - thick : 0;
    return {encoder ? "encoder" : "seal",
            encoder ? section::BodyKind::Encoder : section::BodyKind::Seal,
            encoder ? section::Hatch::Brass : section::Hatch::Polymer,
            {section::Slice::tube(z0, z0 + thick, b.innerRacewayDia_mm() / 2 + gap, b.outerRacewayDia_mm() / 2)}};
}

} // namespace

Result<std::vector<Bearing>> parseBearings(std::string_view csv) {
    const auto table = CsvTable::parse(csv, {"designation", "type", "bore_mm", "outside_mm", "width_mm", "chamfer_mm",
                                             "rows", "contact_angle_deg", "ball_dia_mm", "ball_count"});
    if (!table) return tl::unexpected(table.error());
    std::vector<Bearing> out;
    std::set<std::string> seen;
    for (std::size_t row = 0; row < table->size(); ++row) {
        auto bearing = readRow(*table, row);
        if (!bearing) return tl::unexpected(bearing.error());
        if (!seen.insert(bearing->designation).second)
            return refuse(ProblemCode::Duplicate, table->place(row, "designation"), bearing->designation, "each once");
        out.push_back(std::move(*bearing));
    }
    return out;
}

const Bearing* findBearing(const std::vector<Bearing>& catalogue, const std::string& designation) {
    const auto found = std::find_if(catalogue.begin(), catalogue.end(),
                                    [&](const Bearing& b) { return b.designation == designation; });
    return found == catalogue.end() ? nullptr : &*found;
}

Result<StaticRating> staticRating(const standards::BearingTables& tables, const Bearing& b,
                                  std::optional<double> typedRadial_N) {
    StaticRating rating;
    if (typedRadial_N) {
        rating = {*typedRadial_N, 0, false};
    } else {
        const double cosAlpha = std::cos(b.contactAngle_deg * std::numbers::pi / 180);
        const auto f0 = tables.staticFactor.at(b.ballDia_mm * cosAlpha / b.pitchDia_mm());
        if (!f0) return tl::unexpected(f0.error());
        rating.radial_N = *f0 * b.rows * b.ballCount * b.ballDia_mm * b.ballDia_mm * cosAlpha;
    }
    if (b.type == BearingType::DeepGrooveBall) {
        rating.axial_N = kDeepGrooveAxialShare * rating.radial_N;
        return rating;
    }
    const auto y0 = tables.axialFactor.at(b.contactAngle_deg);
    if (!y0) return tl::unexpected(y0.error());
    rating.axial_N = rating.radial_N / *y0;
    return rating;
}

std::vector<section::Body> bearingBodies(const Bearing& b, const BearingDress& dress) {
    std::vector<section::Body> bodies{ringBody(b, true), ringBody(b, false)};
    for (int row = 0; row < b.rows; ++row)
        bodies.push_back({"balls " + std::to_string(row + 1), section::BodyKind::RollingElements, section::Hatch::None,
                          ballSlices(b, row)});
    for (const bool up : {false, true}) {
        const auto side = up ? Side::Up : Side::Down;
        if (has(dress.encoder, side))
            bodies.push_back(closure(b, up, true));
        else if (has(dress.seals, side))
            bodies.push_back(closure(b, up, false));
    }
    return bodies;
}

} // namespace arbor::catalog
