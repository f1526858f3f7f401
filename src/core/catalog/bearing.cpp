#include "core/catalog/bearing.h"

#include "core/catalog/printed_number.h"

#include "core/base/csv.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <set>

namespace arbor::catalog {

namespace {

constexpr double kDeepGrooveAxialShare = 0.5; // of C_0, practice value, [HB4.7]
constexpr double kRollerFactor = 44;          // [ISO76] clause 7

// In the order of BearingType.
constexpr std::array<TypeKnowledge, 12> kTypes{{
    {.name = "deep_groove_ball", .sealable = true, .misalignment_arcmin = 8},
    {.name = "angular_contact_ball", .clearanceMade = false, .misalignment_arcmin = 2},
    {.name = "double_row_angular_ball", .sealable = true, .misalignment_arcmin = 2},
    {.name = "cylindrical_nu", .balls = false, .innerSeparable = true, .misalignment_arcmin = 4},
    {.name = "cylindrical_nj", .balls = false, .innerSeparable = true, .misalignment_arcmin = 4},
    {.name = "cylindrical_n", .balls = false, .outerSeparable = true, .misalignment_arcmin = 4},
    {.name = "taper_roller",
     .balls = false,
     .innerSeparable = true,
     .outerSeparable = true,
     .clearanceMade = false,
     .misalignment_arcmin = 2},
    {.name = "inch_taper_roller",
     .balls = false,
     .innerSeparable = true,
     .outerSeparable = true,
     .clearanceMade = false,
     .misalignment_arcmin = 2},
    {.name = "needle_roller", .balls = false, .innerSeparable = true, .misalignment_arcmin = 1},
    {.name = "spherical_roller", .balls = false, .misalignment_arcmin = 90},
    {.name = "thrust_ball", .innerSeparable = true, .outerSeparable = true, .clearanceMade = false},
    {.name = "hub_ring", .splitInner = true, .sealable = true, .clearanceMade = false, .misalignment_arcmin = 2},
}};

Result<BearingType> parseType(const std::string& text, const std::string& place) {
    if (const auto type = bearingType(text)) return *type;
    std::string names;
    for (const auto& type : kTypes)
        names += (names.empty() ? "" : ", ") + std::string(type.name);
    return refuse(ProblemCode::UnknownName, place, text, wanted("one of {1}", names));
}

Result<void> checkSizes(const Bearing& b, const CsvTable& table, std::size_t row) {
    const std::pair<const char*, double> sizes[] = {
        {"bore_mm", b.boreDia_mm},           {"width_mm", b.width_mm},
        {"inner_width_mm", b.innerWidth_mm}, {"outer_width_mm", b.outerWidth_mm},
        {"chamfer_mm", b.chamfer_mm},        {"element_dia_mm", b.elementDia_mm},
        {"element_count", b.elementCount},   {"rows", static_cast<double>(b.rows)}};
    for (const auto& [column, value] : sizes)
        if (!(value > 0))
            return refuse(ProblemCode::NotPositive, table.place(row, column), plain(value), wanted("> 0"));
    if (!(b.outsideDia_mm > b.boreDia_mm))
        return refuse(ProblemCode::GeometryOrder, table.place(row, "outside_mm"), plain(b.outsideDia_mm),
                      wanted("> bore {1}", plain(b.boreDia_mm)));
    for (const auto& [column, value] :
         {std::pair{"inner_width_mm", b.innerWidth_mm}, {"outer_width_mm", b.outerWidth_mm}})
        if (!(value <= b.width_mm))
            return refuse(ProblemCode::GeometryOrder, table.place(row, column), plain(value),
                          wanted("at most the width {1}", plain(b.width_mm)));
    if (knowledge(b.type).balls == (b.elementLength_mm > 0))
        return refuse(ProblemCode::OutOfRange, table.place(row, "element_length_mm"), plain(b.elementLength_mm),
                      knowledge(b.type).balls ? wanted("0 for balls") : wanted("the length of the rollers"));
    return {};
}

Result<Bearing> readRow(const CsvTable& table, std::size_t row) {
    Bearing b;
    b.designation = table.text(row, "designation");
    auto type = parseType(table.text(row, "type"), table.place(row, "type"));
    if (!type) return tl::unexpected(type.error());
    b.type = *type;
    double rows = 0, elements = 0;
    const std::pair<const char*, double*> fields[] = {{"bore_mm", &b.boreDia_mm},
                                                      {"outside_mm", &b.outsideDia_mm},
                                                      {"width_mm", &b.width_mm},
                                                      {"inner_width_mm", &b.innerWidth_mm},
                                                      {"outer_width_mm", &b.outerWidth_mm},
                                                      {"chamfer_mm", &b.chamfer_mm},
                                                      {"rows", &rows},
                                                      {"contact_angle_deg", &b.contactAngle_deg},
                                                      {"element_dia_mm", &b.elementDia_mm},
                                                      {"element_count", &elements},
                                                      {"element_length_mm", &b.elementLength_mm}};
    for (const auto& [column, target] : fields) {
        const auto value = table.number(row, column);
        if (!value) return tl::unexpected(value.error());
        *target = *value;
    }
    for (const auto& [column, count] : {std::pair{"rows", rows}, {"element_count", elements}})
        if (!(count >= 0 && count <= kMostElements))
            return refuse(ProblemCode::OutOfRange, table.place(row, column), plain(count),
                          wanted("up to {1}", plain(kMostElements)));
    b.rows = static_cast<int>(rows);
    b.elementCount = static_cast<int>(elements);
    if (auto ok = checkSizes(b, table, row); !ok) return tl::unexpected(ok.error());
    return b;
}

double radians(double degrees) {
    return degrees * std::numbers::pi / 180;
}

Result<double> radialRating(const standards::BearingTables& tables, const Bearing& b) {
    const double cosAlpha = std::cos(radians(b.contactAngle_deg)), ratio = b.elementDia_mm * cosAlpha / b.pitchDia_mm();
    if (!knowledge(b.type).balls)
        return kRollerFactor * (1 - ratio) * b.rows * b.elementCount * b.elementLength_mm * b.elementDia_mm * cosAlpha;
    auto f0 = tables.staticFactor.at(ratio);
    if (!f0) return f0;
    return *f0 * b.rows * b.elementCount * b.elementDia_mm * b.elementDia_mm * cosAlpha;
}

/// Y_0 of [ISO76] table 3: for balls as tabulated (one row half of two), for rollers 0.22 or 0.44 cot(alpha).
Result<double> axialFactor(const standards::BearingTables& tables, const Bearing& b) {
    if (!knowledge(b.type).balls) return (b.rows == 1 ? 0.22 : 0.44) / std::tan(radians(b.contactAngle_deg));
    auto two = tables.axialFactor.at(b.contactAngle_deg);
    if (!two) return two;
    return b.rows == 1 ? *two / 2 : *two;
}

/// Balls at 90 degrees: D_w cos(alpha) / D_pw is 0, where the thrust column of [ISO76] table 1 gives 61.6.
double thrustRating(const Bearing& b) {
    constexpr double kThrustFactor = 61.6;
    return kThrustFactor * b.elementCount * b.elementDia_mm * b.elementDia_mm;
}

} // namespace

const TypeKnowledge& knowledge(BearingType type) {
    return kTypes.at(static_cast<std::size_t>(type));
}

std::optional<BearingType> bearingType(std::string_view name) {
    for (std::size_t i = 0; i < kTypes.size(); ++i)
        if (name == kTypes[i].name) return static_cast<BearingType>(i);
    return std::nullopt;
}

double Bearing::outerFaceInnerDia_mm() const {
    if (outerLandDia_mm > 0) return outerLandDia_mm;
    if (!isTaper()) return outerRacewayDia_mm();
    // The cup opens towards its front face, by the contact angle from the middle of the assembled width.
    const double opening =
        pitchDia_mm() + elementDia_mm + 2 * std::tan(radians(contactAngle_deg)) * (outerWidth_mm - width_mm / 2);
    return std::min(opening, outsideDia_mm - 2 * kTaperLeastWall_mm);
}

Result<std::vector<Bearing>> parseBearings(std::string_view csv) {
    const auto table = CsvTable::parse(
        csv, {"designation", "type", "bore_mm", "outside_mm", "width_mm", "inner_width_mm", "outer_width_mm",
              "chamfer_mm", "rows", "contact_angle_deg", "element_dia_mm", "element_count", "element_length_mm"});
    if (!table) return tl::unexpected(table.error());
    std::vector<Bearing> out;
    std::set<std::string> seen;
    for (std::size_t row = 0; row < table->size(); ++row) {
        auto bearing = readRow(*table, row);
        if (!bearing) return tl::unexpected(bearing.error());
        if (!seen.insert(bearing->designation).second)
            return refuse(ProblemCode::Duplicate, table->place(row, "designation"), bearing->designation,
                          wanted("each once"));
        out.push_back(std::move(*bearing));
    }
    return out;
}

const Bearing* findBearing(const std::vector<Bearing>& catalogue, const std::string& designation) {
    const auto found = std::find_if(catalogue.begin(), catalogue.end(),
                                    [&](const Bearing& b) { return b.designation == designation; });
    return found == catalogue.end() ? nullptr : &*found;
}

const Bearing* bearingPrinted(const std::vector<Bearing>& catalogue, const std::string& printed) {
    if (const auto* bearing = findBearing(catalogue, printed)) return bearing;
    const auto read = readPrinted(catalogue, printed);
    return read ? findBearing(catalogue, read->designation) : nullptr;
}

Result<StaticRating> staticRating(const standards::BearingTables& tables, const Bearing& b,
                                  std::optional<double> typed_N) {
    if (b.type == BearingType::ThrustBall) return StaticRating{0, typed_N.value_or(thrustRating(b)), !typed_N};
    StaticRating rating{0, 0, !typed_N};
    const auto radial = typed_N ? Result<double>(*typed_N) : radialRating(tables, b);
    if (!radial) return tl::unexpected(radial.error());
    rating.radial_N = *radial;
    if (b.type == BearingType::DeepGrooveBall) {
        rating.axial_N = kDeepGrooveAxialShare * rating.radial_N;
    } else if (b.contactAngle_deg > 0) {
        const auto y0 = axialFactor(tables, b);
        if (!y0) return tl::unexpected(y0.error());
        rating.axial_N = rating.radial_N / *y0;
    }
    return rating;
}

} // namespace arbor::catalog
