#pragma once

#include <string>
#include <vector>

namespace arbor::section {

/// What a body is to the checks. Rolling elements, seals and the like must not carry press force.
enum class BodyKind {
    Ram,
    Spacer,
    Driver,
    OuterRing,
    InnerRing,
    RollingElements,
    Seal,
    Encoder,
    Housing,
    KeepClear, ///< something that hangs on a part and must touch nothing: a plug, a sensor, a stud circle
    Support,
    Bed,
};

bool mayCarry(BodyKind kind);
bool isTool(BodyKind kind); ///< ram, spacer, driver, support, bed: parts of the press or the rack

/// Hatching by material, after drafting convention.
enum class Hatch { Steel, HardenedSteel, CastIron, Aluminium, Brass, Polymer, None };

/// One axial slice of a body of revolution: an annulus whose inner and outer radius change linearly with height.
/// Heights are measured upwards along the press axis from the body's own datum. All in mm.
struct Slice {
    double zBottom = 0;
    double zTop = 0;
    double innerBottom = 0;
    double innerTop = 0;
    double outerBottom = 0;
    double outerTop = 0;

    static Slice tube(double zBottom, double zTop, double innerRad_mm, double outerRad_mm) {
        return {zBottom, zTop, innerRad_mm, innerRad_mm, outerRad_mm, outerRad_mm};
    }
    friend bool operator==(const Slice&, const Slice&) = default;
};

/// An axisymmetric body: slices from bottom to top without gaps, placed at `z_mm`.
/// The same body is drawn, swept for collision, walked by the force and searched for tools.
struct Body {
    std::string id = {};
    BodyKind kind = BodyKind::Housing;
    Hatch hatch = Hatch::Steel;
    std::vector<Slice> slices = {}; ///< relative to z_mm
    double z_mm = 0;
    double runningClearance_mm = 0; ///< on the radius: how far a tool keeps off the walls it passes

    double bottom() const { return z_mm + slices.front().zBottom; }
    double top() const { return z_mm + slices.back().zTop; }
    double height() const { return top() - bottom(); }
    double outsideDia() const;
    double boreDia() const; ///< narrowest

    friend bool operator==(const Body&, const Body&) = default;
};

double volume_mm3(const Body& body);
double skin_mm2(const Body& body); ///< all of it: walls, faces and steps

/// The body stood on its head about z = 0, so that up becomes down.
Body onItsHead(const Body& body);

/// A flat annular face, normal along the axis.
struct Face {
    double z_mm = 0;
    double innerRad_mm = 0;
    double outerRad_mm = 0;
    bool facesUp = false;
};

/// All flat faces of a body, in absolute height.
std::vector<Face> faces(const Body& body);

/// A straight cylindrical or spherical-band stretch of the inside or outside of a body, for fits.
struct Wall {
    double zBottom_mm = 0;
    double zTop_mm = 0;
    double rad_mm = 0;
};

std::vector<Wall> outerWalls(const Body& body); ///< straight stretches only
std::vector<Wall> innerWalls(const Body& body);

} // namespace arbor::section
