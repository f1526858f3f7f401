#pragma once

#include "core/section/body.h"

#include <optional>
#include <vector>

namespace arbor::section {

/// Where two bodies first meet when one moves down along the axis.
struct Meeting {
    double travel_mm = 0; ///< 0 when they overlap already
    double z_mm = 0;      ///< height of the meeting on the body that stands still
    double rad_mm = 0;
    std::size_t movingSlice = 0;
    double overlapRad_mm = 0; ///< how wide the two overlap on the radius
    bool overlapsAtStart = false;
};

/// First meeting of `moving`, going straight down, with `still`; nothing when it passes or lies below.
/// Tools keep their running clearance: a tool is taken as wider (outside) and narrower (bore) by it while it moves.
/// Touching along a wall is no meeting. Overlaps up to 1 µm on the radius are touching.
std::optional<Meeting> firstMeeting(const Body& moving, const Body& still);

/// Lowers `moving` until it rests on one of `others` (not keeping running clearance sideways).
/// @return the travel made, or nothing when it meets none of them
std::optional<double> restOn(Body& moving, const std::vector<Body>& others);

void moveBy(std::vector<Body>& bodies, double dz_mm);

} // namespace arbor::section
