#include "core/plan/seat_sides.h"

#include "core/fit/clearance_left.h"
#include "core/tables/tables.h"

#include <cmath>

namespace arbor::plan {

namespace {

const char* const kPlainSteel = "carbon_steel"; // where a part's material is not in the table

/// Radii of a part's wall where it is touched at a height; a side without metal is 0.
struct WallAt {
    double bore = 0, outside = 0;
};
WallAt wallAt(const arrangement::Part& part, double z, double seatRad, bool seatIsBore) {
    for (const auto& body : part.bodies)
        for (const auto& s : body.slices) {
            if (z < body.z_mm + s.zBottom || z > body.z_mm + s.zTop) continue;
            const WallAt wall{(s.innerBottom + s.innerTop) / 2, (s.outerBottom + s.outerTop) / 2};
            if (std::abs((seatIsBore ? wall.bore : wall.outside) - seatRad) < 0.01) return wall;
        }
    return {seatIsBore ? seatRad : 0, seatIsBore ? 0 : seatRad};
}

/// The row of the ISO 492 tables in which a type of bearing is looked up: "N", "taper N". Inch tapers have ISO 578.
std::string limitsRow(catalog::BearingType type, const std::string& toleranceClass) {
    using enum catalog::BearingType;
    switch (type) {
    case TaperRoller:
        return "taper " + toleranceClass;
    case ThrustBall:
        return "thrust " + toleranceClass;
    case DeepGrooveBall:
    case AngularContactBall:
    case DoubleRowAngularBall:
    case CylindricalNU:
    case CylindricalNJ:
    case CylindricalN:
    case NeedleRoller:
    case SphericalRoller:
    case HubRing:
    case InchTaperRoller:
        return toleranceClass;
    }
    return toleranceClass;
}

} // namespace

double otherSide_mm(const arrangement::Part& part, double z_mm, double seatDia_mm, bool outer,
                    const tables::Tables& lib) {
    if (part.catalogue) {
        const auto raceways = fit::racewaysOf(*arrangement::bearingOf(*part.catalogue, lib.bearings));
        return outer ? raceways.inner_mm : raceways.outer_mm;
    }
    const auto wall = wallAt(part, z_mm, seatDia_mm / 2, outer);
    return 2 * (outer ? wall.outside : wall.bore);
}

std::string materialKeyOf(const arrangement::Part& part, const catalog::Materials& all) {
    if (part.catalogue) return "bearing_steel";
    if (all.contains(part.material)) return part.material;
    const auto key = catalog::materialKey(all, part.material); // by its name; unknownMaterials tells of what is none
    return key && all.contains(*key) ? *key : kPlainSteel;
}

const catalog::Material& materialOf(const arrangement::Part& part, const catalog::Materials& all) {
    return all.at(materialKeyOf(part, all));
}

Problems unknownMaterials(const arrangement::Assembly& assembly, const catalog::Materials& all) {
    Problems out;
    for (const auto& part : assembly.parts) {
        if (part.material.empty()) continue;
        if (const auto key = catalog::materialKey(all, part.material); !key)
            out.push_back(at(key.error(), "arrangement/parts/" + part.id + "/material"));
    }
    return out;
}

bool isMetalRing(const arrangement::Part& part) {
    return part.kind != arrangement::PartKind::Seal;
}

Result<Interval> ringLimits(const tables::Tables& lib, const catalog::Bearing& bearing,
                            const std::string& toleranceClass, bool bore) {
    const double dia = bore ? bearing.boreDia_mm : bearing.outsideDia_mm;
    if (bearing.type == catalog::BearingType::InchTaperRoller)
        // "N" is what a metric job starts with; the everyday class of inch tapers is 4.
        return standards::inchTaperDeviation(lib.bearingTables, dia, toleranceClass == "N" ? "4" : toleranceClass,
                                             bore);
    const auto row = limitsRow(bearing.type, toleranceClass);
    return bore ? standards::boreDeviation(lib.bearingTables, dia, row)
                : standards::outsideDeviation(lib.bearingTables, dia, row);
}

} // namespace arbor::plan
