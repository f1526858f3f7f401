#pragma once

#include "core/arrangement/assembly.h"

#include <string>
#include <vector>

namespace arbor::arrangement {

/// The shortest length that a size can have.
inline constexpr double kLeastLength_mm = 0.1;

/// One size of an arrangement that can be typed or dragged.
struct SizeLine {
    using What = TypedSize::What;
    What what = What::Length;
    std::size_t part = 0;
    std::size_t body = 0;
    std::size_t slice = 0;
    double value_mm = 0;
    bool typed = false; ///< false: only proposed
};

/// Every size that is not given by a bearing of the catalogue or by a line before it: diameters that touch are one
/// size, lengths over the same stretch of the axis are one size. Part by part, from its lowest step up.
/// @param assembly  resolved
std::vector<SizeLine> sizeLines(const Assembly& assembly);

/// Gives a size its new value, which stays: no other entry changes it. A length stretches the whole arrangement there:
/// all that lies above goes along, so parts stay where they belong. A diameter takes everything it touches with it.
/// @param value_mm  diameters over 0 (a bore may be 0), lengths 0.1 and more
/// @errors NotPositive, OutOfRange (over 3000 mm), GeometryOrder (a wall would cross the other side of its part)
Result<Assembly> withSize(const Assembly& assembly, const SizeLine& line, double value_mm);

/// Puts another bearing in the place of one, cup and cone of it together, and makes room for it: heights stretch at its
/// place, radii within its reach on the axis follow its bore and outside. What was known of the other one goes.
/// @param assembly  resolved  @param part  the bearing, or one of its rings
/// @errors UnknownName when the catalogue does not know it, or the part is no bearing
Result<Assembly> withBearing(const Assembly& assembly, std::size_t part, const std::string& wanted,
                             const std::vector<catalog::Bearing>& catalogue);

/// A plain ring of that kind on top of a part, or under it, around the same bore; the place to start a new part from.
Assembly withPartOn(const Assembly& assembly, std::size_t part, PartKind kind, bool under = false);
/// A part stands on its head where it is, a bearing with both its rings; the way round that was said of it goes along.
/// @errors OutOfRange for the base
Result<Assembly> withPartTurned(const Assembly& assembly, std::size_t part,
                                const std::vector<catalog::Bearing>& catalogue);
/// A part is moved along the axis, a bearing with both its rings; nothing else goes along. @errors OutOfRange for the
/// base
Result<Assembly> withPartMoved(const Assembly& assembly, std::size_t part, double by_mm,
                               const std::vector<catalog::Bearing>& catalogue);
/// A step of a part becomes two, each half as long, to be given sizes of their own.
/// @errors OutOfRange of a part from the catalogue, or of a step too short
Result<Assembly> withStepSplit(const Assembly& assembly, std::size_t part, std::size_t body, std::size_t slice);
/// Takes a part out with its joints and locks. @errors OutOfRange for the base
Result<Assembly> withoutPart(const Assembly& assembly, std::size_t part);

/// Retaining rings squeezed out of, or spread over, their grooves by what the section says now.
void reshapeRings(Assembly& assembly);

} // namespace arbor::arrangement
