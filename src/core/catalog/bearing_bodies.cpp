#include "core/catalog/bearing.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::catalog {

namespace {

using section::Body;
using section::BodyKind;
using section::Slice;

constexpr int kArcSteps = 12;
constexpr double kFlange = 0.35;       // height of a roller's flange, of its diameter
constexpr double kConeSlope = 0.8;     // slope of the cone's raceway against the cup's: the rollers taper
constexpr double kWasherShare = 0.3;   // of a thrust bearing's height, each washer
constexpr double kWasherPlay_mm = 0.3; // of each washer's loose side, on the radius

/// Rows stand close together in the middle of the width.
double rowCentre(const Bearing& b, int row) {
    const double along = b.elementLength_mm > 0 ? b.elementLength_mm : b.elementDia_mm;
    const double pitch = std::min(along * 1.08, (b.width_mm - along) / std::max(1, b.rows - 1));
    return b.width_mm / 2 + pitch * (row - (b.rows - 1) / 2.0);
}

/// A row of balls as a body of revolution: the circle cut into straight slices.
std::vector<Slice> ballSlices(const Bearing& b, int row) {
    const double rad = b.elementDia_mm / 2, pitch = b.pitchDia_mm() / 2, z0 = rowCentre(b, row);
    const auto at = [&](int k) {
        const double angle = std::numbers::pi * k / kArcSteps;
        return std::pair(z0 - rad * std::cos(angle), rad * std::sin(angle));
    };
    std::vector<Slice> slices;
    for (int k = 0; k < kArcSteps; ++k) {
        const auto [z, half] = at(k);
        const auto [zNext, halfNext] = at(k + 1);
        slices.push_back({z, zNext, pitch - half, pitch - halfNext, pitch + half, pitch + halfNext});
    }
    return slices;
}

Body element(int row, std::vector<Slice> slices) {
    return {"row " + std::to_string(row + 1), BodyKind::RollingElements, section::Hatch::None, std::move(slices)};
}

/// Which ring, and how its slices are written: from the race side to the seat side.
struct RingSide {
    bool outer;
    Slice slice(double z0, double z1, double race0, double race1, double seat0, double seat1) const {
        return outer ? Slice{z0, z1, race0, race1, seat0, seat1} : Slice{z0, z1, seat0, seat1, race0, race1};
    }
    Body body(std::vector<Slice> slices) const {
        return {outer ? "outer ring" : "inner ring", outer ? BodyKind::OuterRing : BodyKind::InnerRing,
                section::Hatch::HardenedSteel, std::move(slices)};
    }
    double seat(const Bearing& b) const { return (outer ? b.outsideDia_mm : b.boreDia_mm) / 2; }
    double corner(const Bearing& b) const { return outer ? seat(b) - b.chamfer_mm : seat(b) + b.chamfer_mm; }
};

/// A plain ring between two radii with the same chamfer on one wall; where balls reach into it the raceway follows
/// them.
Body ballRing(const Bearing& b, RingSide side) {
    const double land = (side.outer ? b.outerFaceInnerDia_mm() : b.innerFaceOuterDia_mm()) / 2;
    const double seat = side.seat(b), corner = side.corner(b);
    std::vector<Slice> slices{side.slice(0, b.chamfer_mm, land, land, corner, seat)};
    double z = b.chamfer_mm;
    const double end = b.width_mm - b.chamfer_mm;
    for (int row = 0; row < b.rows; ++row) {
        for (const auto& ball : ballSlices(b, row)) {
            const auto reach = [&](double in, double out) {
                return side.outer ? std::max(land, out) : std::min(land, in);
            };
            const double from = reach(ball.innerBottom, ball.outerBottom), to = reach(ball.innerTop, ball.outerTop);
            const bool groove = from != land || to != land;
            if (!groove || ball.zBottom < z || ball.zTop > end) continue;
            if (ball.zBottom > z) slices.push_back(side.slice(z, ball.zBottom, land, land, seat, seat));
            slices.push_back(side.slice(ball.zBottom, ball.zTop, from, to, seat, seat));
            z = ball.zTop;
        }
    }
    slices.push_back(side.slice(z, end, land, land, seat, seat));
    slices.push_back(side.slice(end, b.width_mm, land, land, seat, corner));
    return side.body(std::move(slices));
}

/// Mean radius of the roller circle: rollers leave the same wall to both rings, as far as the contact angle allows.
double rollerPitch(const Bearing& b) {
    return b.pitchDia_mm() / 2;
}

struct Flanges {
    bool low = false;
    bool high = false;
};
Flanges flangesOf(const Bearing& b, bool outer) {
    switch (b.type) {
    case BearingType::CylindricalNU:
    case BearingType::NeedleRoller:
        return outer ? Flanges{true, true} : Flanges{};
    case BearingType::CylindricalNJ:
        return outer ? Flanges{true, true} : Flanges{true, false};
    case BearingType::CylindricalN:
        return outer ? Flanges{} : Flanges{true, true};
    case BearingType::SphericalRoller:
        return outer ? Flanges{} : Flanges{true, true};
    default:
        return {};
    }
}

/// A ring with a straight raceway and flanges where its type has them.
Body rollerRing(const Bearing& b, RingSide side) {
    const double seat = side.seat(b), corner = side.corner(b), sign = side.outer ? 1 : -1;
    const double race = rollerPitch(b) + sign * b.elementDia_mm / 2, flange = race - sign * kFlange * b.elementDia_mm;
    const double lo = rowCentre(b, 0) - b.elementLength_mm / 2, hi = rowCentre(b, b.rows - 1) + b.elementLength_mm / 2;
    const auto has = flangesOf(b, side.outer);
    const double measured = (side.outer ? b.outerLandDia_mm : b.innerLandDia_mm) / 2;
    const double beside = measured > 0 ? measured : flange;
    const double low = has.low ? beside : race, high = has.high ? beside : race;
    return side.body({side.slice(0, b.chamfer_mm, low, low, corner, seat),
                      side.slice(b.chamfer_mm, lo, low, low, seat, seat), side.slice(lo, hi, race, race, seat, seat),
                      side.slice(hi, b.width_mm - b.chamfer_mm, high, high, seat, seat),
                      side.slice(b.width_mm - b.chamfer_mm, b.width_mm, high, high, seat, corner)});
}

std::vector<Body> straightRollers(const Bearing& b) {
    std::vector<Body> out;
    for (int row = 0; row < b.rows; ++row) {
        const double z = rowCentre(b, row), half = b.elementLength_mm / 2;
        out.push_back(element(row, {Slice::tube(z - half, z + half, rollerPitch(b) - b.elementDia_mm / 2,
                                                rollerPitch(b) + b.elementDia_mm / 2)}));
    }
    return out;
}

/// The raceways of a taper roller bearing as straight lines over the height.
struct Taper {
    explicit Taper(const Bearing& b)
        : middle(b.width_mm / 2), slope(std::tan(b.contactAngle_deg * std::numbers::pi / 180)),
          cupMiddle(b.pitchDia_mm() / 2 + b.elementDia_mm / 2), coneMiddle(b.pitchDia_mm() / 2 - b.elementDia_mm / 2),
          cupMost(b.outsideDia_mm / 2 - kTaperLeastWall_mm), coneLeast(b.boreDia_mm / 2 + kTaperLeastWall_mm) {}
    double cup(double z) const { return std::min(cupMiddle + slope * (z - middle), cupMost); }
    double cone(double z) const { return std::max(coneMiddle + kConeSlope * slope * (z - middle), coneLeast); }

    double middle, slope, cupMiddle, coneMiddle, cupMost, coneLeast;
};

std::vector<Body> taperBodies(const Bearing& b) {
    const Taper line(b);
    const double C = b.outerWidth_mm, coneFrom = b.width_mm - b.innerWidth_mm, T = b.width_mm, r = b.chamfer_mm;
    const double axial = b.elementLength_mm * std::cos(b.contactAngle_deg * std::numbers::pi / 180);
    const double from = std::max(line.middle - axial / 2, coneFrom + 0.05 * T), to = from + axial;
    const double rib = line.cone(to) + kFlange * b.elementDia_mm;
    const RingSide outer{true}, inner{false};
    const double seat = b.outsideDia_mm / 2, bore = b.boreDia_mm / 2, chamfer = std::min(r, bore / 4);
    auto cup = outer.body({outer.slice(0, r, line.cup(0), line.cup(r), seat - r, seat),
                           outer.slice(r, C - r, line.cup(r), line.cup(C - r), seat, seat),
                           outer.slice(C - r, C, line.cup(C - r), line.cup(C), seat, seat - r / 2)});
    auto cone = inner.body({inner.slice(coneFrom, from, line.cone(from), line.cone(from), bore, bore),
                            inner.slice(from, to, line.cone(from), line.cone(to), bore, bore),
                            inner.slice(to, T, rib, rib, bore, bore + std::min(chamfer, (rib - bore) / 2))});
    return {std::move(cup), std::move(cone),
            element(0, {{from, to, line.cone(from), line.cone(to), line.cup(from), line.cup(to)}})};
}

std::vector<Body> thrustBodies(const Bearing& b) {
    const double h = kWasherShare * b.width_mm, T = b.width_mm, in = b.boreDia_mm / 2, out = b.outsideDia_mm / 2;
    const RingSide outer{true}, inner{false};
    auto balls = ballSlices(b, 0);
    for (auto& s : balls) // flattened between the washers: what sinks into their grooves is not drawn twice
        s.zBottom = std::clamp(s.zBottom, h, T - h), s.zTop = std::clamp(s.zTop, h, T - h);
    std::erase_if(balls, [](const Slice& s) { return !(s.zTop > s.zBottom); });
    return {outer.body({Slice::tube(0, h, in + kWasherPlay_mm, out)}),
            inner.body({Slice::tube(T - h, T, in, out - kWasherPlay_mm)}), element(0, std::move(balls))};
}

std::vector<Body> ballBodies(const Bearing& b) {
    std::vector<Body> out{ballRing(b, {true}), ballRing(b, {false})};
    for (int row = 0; row < b.rows; ++row)
        out.push_back(element(row, ballSlices(b, row)));
    return out;
}

std::vector<Body> undressed(const Bearing& b) {
    if (b.isTaper()) return taperBodies(b);
    if (b.type == BearingType::ThrustBall) return thrustBodies(b);
    if (knowledge(b.type).balls) return ballBodies(b);
    std::vector<Body> out{rollerRing(b, {true}), rollerRing(b, {false})};
    for (auto& rollers : straightRollers(b))
        out.push_back(std::move(rollers));
    return out;
}

bool has(Side side, Side which) {
    return side == which || side == Side::Both;
}

Body closure(const Bearing& b, bool up, bool encoder) {
    const double besideElements = rowCentre(b, 0) - b.elementDia_mm / 2;
    const double thick = std::min({1.8, b.width_mm / 8, 0.9 * besideElements}), gap = 0.3;
    const double z0 = up ? b.width_mm - thick : 0;
    return {encoder ? "encoder" : "seal",
            encoder ? BodyKind::Encoder : BodyKind::Seal,
            encoder ? section::Hatch::Brass : section::Hatch::Polymer,
            {Slice::tube(z0, z0 + thick, b.innerFaceOuterDia_mm() / 2 + gap, b.outerFaceInnerDia_mm() / 2)}};
}

} // namespace

std::vector<Body> bearingBodies(const Bearing& b, const BearingDress& dress) {
    auto bodies = undressed(b);
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
