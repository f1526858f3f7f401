#pragma once

#include "core/fit/press_joint.h"

namespace arbor::fit {

/// A repair sleeve between a housing and a ring: three bodies in one another.
struct SleeveInput {
    JointInput joint; ///< the ring in the sleeve's bore; `outer` is the body around the sleeve
    Elastic sleeve;   ///< its temperature is that of the outer body
    double sleeveOutsideDia_mm = 0;
    double sleeveInterference_mm = 0; ///< in the outer body, after smoothing, at 20 degC; 0 or more
};

/// How three bodies in one another yield: everything is linear while both joints stay closed.
struct SleeveJoint {
    double perInterference_MPa_per_mm = 0; ///< pressure on the ring's seat per interference of the ring
    double closesIn = 0;                   ///< how much of the sleeve's interference its bore closes in by; mm per mm
    double sleevePressure_MPa = 0;         ///< between sleeve and outer body before the ring goes in
    double carriedOn = 0;                  ///< of the ring's pressure onto the outer body
    double outerBoreHoopPerPressure = 0;   ///< hoop stress at the outer body's bore per pressure there
    double sleeveBoreHoopPerRing = 0;  ///< hoop stress at the sleeve's bore per pressure of the ring, tension positive
    double sleeveBoreHoopPerOuter = 0; ///< the same per pressure of the outer body on the sleeve (negative)
};

/// Three-member compound cylinder. With bores and outsides changing by Lame, and both joints closed:
///   delta_1 = p_1 (ring + sleeve bore) - p_2 (sleeve bore under outside pressure)
///   delta_2 = p_2 (outer bore + sleeve outside) - p_1 (sleeve outside under bore pressure).
/// A sleeve that is bored to size after it was pressed in has its closing-in already cut away: only changes count then.
/// @param in  sizes ring < interface < sleeve outside < outer outside (0: endless)
/// @errors those of pressJoint, GeometryOrder (sleeveOutsideDia_mm), OutOfRange (sleeveInterference_mm)
/// @source Lame; [DIN7190-1] elastic joints. Checked against radial finite elements.
Result<SleeveJoint> sleeveJoint(const SleeveInput& in);

} // namespace arbor::fit
