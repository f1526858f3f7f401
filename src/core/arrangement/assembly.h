#pragma once

#include "core/base/result.h"
#include "core/section/body.h"

#include <string>
#include <vector>

namespace arbor::arrangement {

enum class PartKind {
    Housing,
    Shaft,
    Hub,
    Bearing,
    Cup,
    Cone,
    SpacerTube,
    LockCollar,
    RetainerPlate,
    Shield,
    Seal,
    WearSleeve,
    RetainingRing,
    Washer,
    Nut,
    Pin,
    Cap,
};

/// One part of an axial stack: bodies that keep together, each at its height in the finished assembly.
struct Part {
    std::string id;
    std::vector<section::Body> bodies;
    PartKind kind = PartKind::Housing;
    std::string label = {};    ///< as the shop calls it
    std::string material = {}; ///< key into the materials, where it is one of them
    /// How it is shaped while it travels, when that differs: a retaining ring squeezed out of its groove. Empty: as
    /// fitted.
    std::vector<section::Body> travelling = {};
    /// Parts that hold it without standing in its way: the split pin of a nut, the bolts of a plate.
    std::vector<std::string> lockedBy = {};

    const std::vector<section::Body>& onTheWay() const { return travelling.empty() ? bodies : travelling; }
};

/// Two parts joined where they touch.
struct Joint {
    std::string outer;
    std::string inner;
};

/// Coaxial parts around a base that stays where it is: the housing, or the shaft when the work is done on the shaft.
struct Assembly {
    std::vector<Part> parts;
    std::size_t base = 0;
    std::vector<Joint> pressed = {};  ///< seats with interference: parted only by pressing or drawing
    std::vector<Joint> threaded = {}; ///< screwed: parted by turning, never by sliding along
};

/// Two parts that claim the same space.
struct Clash {
    std::size_t upper = 0;
    std::size_t lower = 0;
    double overlapRad_mm = 0;
    double z_mm = 0;
};

/// Every pair of parts whose bodies overlap as assembled; seats at nominal size and faces in touch do not.
std::vector<Clash> clashes(const Assembly& assembly);

/// @errors Missing (no parts, or a part without bodies), Duplicate (id), UnknownName (lockedBy), OutOfRange (base; more
/// than 64 parts), GeometryOrder (two parts that overlap, with both names)
Result<void> validate(const Assembly& assembly);

} // namespace arbor::arrangement
