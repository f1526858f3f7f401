#include "core/tooling/turned.h"

#include <algorithm>
#include <cmath>

namespace arbor::tooling {

namespace {

constexpr double kOffSeal_mm = 0.6;   // on the diameter: 0.3 mm clear of seal or cage all round
constexpr double kOffBore_mm = 0.4;   // on the diameter: clear of the bore it follows the ring into
constexpr double kLeastFace_mm = 0.5; // narrower than the front face of any cup; less marks the ring
constexpr double kOutOfBore_mm = 10;  // of the tube left above the housing when the ring is home
constexpr double kLeastLength_mm = 25;

// Round bar as it is sold [mm].
constexpr double kBars[] = {20,  22,  25,  28,  30,  32,  35,  38,  40,  42,  45,  48,  50,  55,  60,  65,  70,
                            75,  80,  85,  90,  95,  100, 105, 110, 115, 120, 125, 130, 140, 150, 160, 170, 180,
                            190, 200, 210, 220, 230, 240, 250, 260, 280, 300, 320, 350, 380, 400, 450, 500};

double downToTenth(double mm) {
    return std::floor(mm * 10 + 1e-9) / 10;
}
double upToTenth(double mm) {
    return std::ceil(mm * 10 - 1e-9) / 10;
}

Result<void> check(const TurnWishes& w) {
    for (const auto& [field, value] :
         {std::pair{"outside_mm", w.outsideDia_mm}, {"bore_mm", w.boreDia_mm}, {"length_mm", w.length_mm}})
        if (value && !(*value > 0 && *value <= 3000))
            return refuse(ProblemCode::NotPositive, field, plain(*value), "over 0, up to 3000 mm");
    return {};
}

/// A cup goes in by itself; every other ring has a seal or a cage inside its face.
double boreFor(const catalog::Bearing& bearing) {
    const double edge = bearing.outerFaceInnerDia_mm();
    return bearing.isTaper() ? downToTenth(edge) : upToTenth(edge + kOffSeal_mm);
}

double barFor(double dia_mm) {
    const auto* bar = std::lower_bound(std::begin(kBars), std::end(kBars), dia_mm);
    return bar == std::end(kBars) ? std::ceil(dia_mm / 50) * 50 : *bar;
}

} // namespace

Result<TurnedSleeve> designSleeve(const arrangement::HousedBearing& a, const LoadCase& load, double ramFootDia_mm,
                                  const TurnWishes& wishes) {
    if (auto ok = check(wishes); !ok) return tl::unexpected(ok.error());
    const auto& bearing = a.bearing;
    TurnedSleeve out;
    auto& tool = out.tool;
    tool.id = "T-" + bearing.designation;
    tool.kind = catalog::ToolKind::Sleeve;
    tool.name = "turned for " + bearing.designation;
    tool.outsideDia_mm = wishes.outsideDia_mm.value_or(
        downToTenth(std::min(bearing.outerFaceOuterDia_mm(), a.housing.seatDia_mm - kOffBore_mm)));
    tool.boreDia_mm = wishes.boreDia_mm.value_or(boreFor(bearing));
    const double face = (tool.outsideDia_mm - std::max(tool.boreDia_mm, bearing.outerFaceInnerDia_mm())) / 2;
    // The housing washer of a thrust bearing lies under the other one: nothing reaches its face from above.
    const bool covered = bearing.type == catalog::BearingType::ThrustBall;
    if ((covered || face < kLeastFace_mm) && !wishes.boreDia_mm && !wishes.outsideDia_mm)
        return refuse(ProblemCode::NotDefined, "face", plain(std::max(0.0, face)),
                      "a free face at least " + plain(kLeastFace_mm) + " mm wide");
    if (!(tool.boreDia_mm < tool.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "bore_mm", plain(tool.boreDia_mm),
                      "under the outside " + plain(tool.outsideDia_mm) + " mm");
    tool.headThick_mm = std::ceil(std::clamp(0.15 * tool.outsideDia_mm, 8.0, 25.0));
    tool.headDia_mm = std::ceil(tool.outsideDia_mm + 2);
    const double inBore = std::max(0.0, a.homeFaceDepth_mm());
    tool.length_mm =
        wishes.length_mm.value_or(std::ceil(std::max(kLeastLength_mm, inBore + kOutOfBore_mm) + tool.headThick_mm));
    tool.place = "to be turned";
    out.outside_mm = {-0.05, 0};
    out.bore_mm = {0, 0.1};
    out.length_mm = {-0.1, 0.1};
    out.square_mm = 0.02;
    out.chamfer_mm = std::clamp(face / 4, 0.1, 0.3);
    out.barDia_mm = barFor(std::max(tool.headDia_mm, tool.outsideDia_mm) + 2);
    out.barLength_mm = std::ceil(tool.length_mm) + 5;
    out.check = DriverBench(a, load, ramFootDia_mm).check(tool);
    return out;
}

} // namespace arbor::tooling
