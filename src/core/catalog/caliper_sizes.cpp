#include "core/base/number.h"
#include "core/catalog/bearing.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <regex>

namespace arbor::catalog {

namespace {

/// How such bearings usually are inside, as shares. Medians of the catalogue's tables.
struct Usual {
    BearingType type;
    double element;   ///< diameter, of the wall outside - bore
    double filled;    ///< of the pitch circle, by the elements of a row
    double length;    ///< of a roller, of the width; 0: balls
    double angle_deg; ///< of contact
};
constexpr std::array kUsual{Usual{BearingType::DeepGrooveBall, 0.3, 0.562, 0, 0},
                            Usual{BearingType::AngularContactBall, 0.3, 0.916, 0, 40},
                            Usual{BearingType::DoubleRowAngularBall, 0.25, 0.692, 0, 30},
                            Usual{BearingType::CylindricalNU, 0.24, 0.803, 0.58, 0},
                            Usual{BearingType::CylindricalNJ, 0.24, 0.803, 0.58, 0},
                            Usual{BearingType::CylindricalN, 0.24, 0.803, 0.58, 0},
                            Usual{BearingType::TaperRoller, 0.24, 0.902, 0.596, 13.75},
                            Usual{BearingType::InchTaperRoller, 0.24, 0.914, 0.626, 14},
                            Usual{BearingType::NeedleRoller, 0.167, 0.772, 0.55, 0},
                            Usual{BearingType::SphericalRoller, 0.25, 0.868, 0.36, 9},
                            Usual{BearingType::ThrustBall, 0.38, 0.876, 0, 90},
                            Usual{BearingType::HubRing, 0.27, 0.89, 0, 35}};

constexpr double kCorner = 0.03; // of the wall outside - bore
constexpr double kLeastCorner_mm = 0.3;
constexpr double kLargest_mm = 5000;                   // no shop presses larger ones
constexpr double kConeWidth = 0.945, kCupWidth = 0.78; // of T

bool hasTwoRows(BearingType type) {
    return type == BearingType::DoubleRowAngularBall || type == BearingType::SphericalRoller ||
           type == BearingType::HubRing;
}

Result<void> checked(const CaliperSizes& s, bool taper) {
    for (const auto& [what, size] : {std::pair{"bore", s.boreDia_mm}, {"width", s.width_mm}})
        if (!(size > 0)) return refuse(ProblemCode::NotPositive, what, plain(size), wanted("> 0"));
    if (!(s.outsideDia_mm <= kLargest_mm && s.width_mm <= kLargest_mm))
        return refuse(ProblemCode::OutOfRange, "outside", plain(std::max(s.outsideDia_mm, s.width_mm)),
                      wanted("up to {1} mm", plain(kLargest_mm)));
    if (!(s.outsideDia_mm > s.boreDia_mm))
        return refuse(ProblemCode::GeometryOrder, "outside", plain(s.outsideDia_mm),
                      wanted("> bore {1}", plain(s.boreDia_mm)));
    const double least = taper ? 0 : s.boreDia_mm, most = taper ? s.width_mm : s.outsideDia_mm;
    for (const auto& [what, size] : {std::pair{"fourth", s.fourth_mm}, {"fifth", s.fifth_mm}})
        if (size != 0 && !(size > least && size <= most))
            return refuse(ProblemCode::GeometryOrder, what, plain(size),
                          wanted("between {1} and {2} mm", plain(least), plain(most)));
    if (!taper && s.fourth_mm > 0 && s.fifth_mm > 0 && !(s.fifth_mm > s.fourth_mm))
        return refuse(ProblemCode::GeometryOrder, "fifth", plain(s.fifth_mm),
                      wanted("> {1} mm, the outside of the inner ring", plain(s.fourth_mm)));
    return {};
}

/// The words a bearing is called by at the bench, before its sizes.
std::optional<BearingType> typeSaid(const std::string& word) {
    if (word.empty() || word == "ball") return BearingType::DeepGrooveBall;
    if (word == "taper") return BearingType::TaperRoller;
    if (word == "roller") return BearingType::CylindricalNU;
    if (word == "needle") return BearingType::NeedleRoller;
    if (word == "thrust") return BearingType::ThrustBall;
    return bearingType(word);
}

} // namespace

Result<Bearing> bearingOfSizes(const std::string& designation, const CaliperSizes& s) {
    Bearing b;
    b.type = s.type;
    if (auto ok = checked(s, b.isTaper()); !ok) return tl::unexpected(ok.error());
    const auto& usual = *std::find_if(kUsual.begin(), kUsual.end(), [&](const Usual& u) { return u.type == s.type; });
    const double wall = s.outsideDia_mm - s.boreDia_mm;
    b.designation = designation;
    b.boreDia_mm = s.boreDia_mm;
    b.outsideDia_mm = s.outsideDia_mm;
    b.width_mm = b.innerWidth_mm = b.outerWidth_mm = s.width_mm;
    b.chamfer_mm = std::min({std::max(kLeastCorner_mm, kCorner * wall), wall / 8, s.width_mm / 8});
    b.rows = hasTwoRows(s.type) ? 2 : 1;
    b.contactAngle_deg = usual.angle_deg;
    // Balls have no more room than the width leaves them.
    const double along = usual.length > 0 ? s.width_mm : 0.9 * s.width_mm / b.rows;
    b.elementDia_mm = usual.length > 0 ? usual.element * wall : std::min(usual.element * wall, along);
    b.elementLength_mm = usual.length * s.width_mm;
    b.elementCount = std::max(3, static_cast<int>(std::min(kMostElements, usual.filled * std::numbers::pi *
                                                                              b.pitchDia_mm() / b.elementDia_mm)));
    if (b.isTaper()) {
        b.innerWidth_mm = s.fourth_mm > 0 ? s.fourth_mm : kConeWidth * s.width_mm;
        b.outerWidth_mm = s.fifth_mm > 0 ? s.fifth_mm : kCupWidth * s.width_mm;
    } else {
        b.innerLandDia_mm = s.fourth_mm;
        b.outerLandDia_mm = s.fifth_mm;
    }
    return b;
}

std::optional<std::pair<std::string, CaliperSizes>> readCalipers(const std::string& typed) {
    static const std::regex form(
        R"(^\s*(.*?)\s*\b((?:[0-9]+(?:[.,][0-9]+)?\s*[xX×]\s*){2,4}[0-9]+(?:[.,][0-9]+)?)\s*(in|inch|")?\s*$)");
    std::string text = typed;
    for (std::size_t at; (at = text.find("×")) != std::string::npos;)
        text.replace(at, std::string("×").size(), "x");
    std::smatch parts;
    if (!std::regex_match(text, parts, form)) return std::nullopt;
    std::string row = parts[2], front = parts[1];
    std::replace(row.begin(), row.end(), ',', '.');
    std::array<double, 5> sizes{};
    std::size_t count = 0;
    static const std::regex number("[0-9]+(?:\\.[0-9]+)?");
    constexpr double kInch_mm = 25.4;
    for (std::sregex_iterator n(row.begin(), row.end(), number), end; n != end; ++n) {
        const auto size = readNumber(n->str());
        if (!size) return std::nullopt;
        sizes[count++] = *size * (parts[3].matched ? kInch_mm : 1);
    }
    const auto blank = front.rfind(' ');
    const auto last = blank == std::string::npos ? front : front.substr(blank + 1);
    const auto type = typeSaid(last);
    const auto name = !type ? front : blank == std::string::npos ? std::string() : front.substr(0, blank);
    CaliperSizes out{type.value_or(BearingType::DeepGrooveBall), sizes[0], sizes[1], sizes[2], sizes[3], sizes[4]};
    return std::pair(name.empty() ? std::string(parts[2]) : name, out);
}

std::vector<std::string> numbersOfSize(const std::vector<Bearing>& catalogue, const CaliperSizes& sizes) {
    constexpr double kCalipers_mm = 0.1; // what they are sure to
    const auto is = [](double one, double other) { return std::abs(one - other) <= kCalipers_mm; };
    std::vector<std::string> out;
    for (const auto& b : catalogue)
        if (is(b.boreDia_mm, sizes.boreDia_mm) && is(b.outsideDia_mm, sizes.outsideDia_mm) &&
            is(b.width_mm, sizes.width_mm))
            out.push_back(b.designation);
    return out;
}

} // namespace arbor::catalog
