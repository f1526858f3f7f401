#pragma once

#include "core/base/range.h"
#include "core/base/result.h"

#include <optional>
#include <vector>

namespace arbor::adjust {

/// A nut that sets end play and is locked by a pin or tab through one of its slots. Angles in degrees, seen from the
/// nut's side.
struct Nut {
    double pitch_mm = 1.5;
    int slotCount = 6; ///< 0: it can be locked anywhere
    std::vector<double>
        holes_deg; ///< directions of the holes through the shaft, each open at both ends; empty: one at 0
    std::vector<double> holes() const { return holes_deg.empty() ? std::vector<double>(1) : holes_deg; }
    friend bool operator==(const Nut&, const Nut&) = default;
};

/// Axial way of a nut that is turned. @source [HB4.15] P theta / 360
double axial_mm(const Nut& nut, double turn_deg);

/// Where within one slot a slot stands over a hole: each angle once, rising from 0.
/// @errors NotPositive (pitch_mm), OutOfRange (slots)
Result<std::vector<double>> lockAngles(const Nut& nut);

/// A place at which the nut can be locked.
struct Place {
    double turn_deg = 0; ///< from where it stands now, + loosens
    double play_mm = 0;  ///< end play there; negative: preload
};

/// Another washer under the nut, so that a place comes into the band.
struct WasherMend {
    std::size_t place = 0;
    double thicker_mm = 0; ///< to be added; negative: to be faced off
    double play_mm = 0;    ///< end play there with it
};

/// End play at a place with a washer of another thickness: it lies between nut and cone, so what is added goes off the
/// play. @source [HB4.15]
inline double playWithWasher_mm(double play_mm, double thicker_mm) {
    return play_mm - thicker_mm;
}

struct SlotChoice {
    std::vector<Place> places; ///< within a turn, tightest first
    double step_mm = 0;        ///< the largest from one place to the next
    Interval target_mm;
    std::optional<std::size_t> best;    ///< in the band, nearest to its middle
    std::optional<std::size_t> tighter; ///< the nearest on either side of the band's middle that is not in it
    std::optional<std::size_t> looser;

    /// What brings the neighbouring places to the middle of the band, the smaller change first.
    std::vector<WasherMend> washerMends() const;
};

/// The places that can be reached from where the nut stands.
/// @param play_mm  by the indicator, as it stands now  @param toNext_deg  how far it must be loosened until a slot
/// stands over a hole, 0: it does now  @param target_mm  lower <= upper
/// @errors those of lockAngles, GeometryOrder (target_mm)
/// @source [HB4.15]
Result<SlotChoice> chooseSlot(const Nut& nut, double play_mm, double toNext_deg, const Interval& target_mm);

/// A castle nut under clamp load is only ever turned on: how far to the next place. @param toNext_deg  as above
Result<double> onToNext_deg(const Nut& nut, double toNext_deg);

/// Places from the nut angle at which play begins, within a band: for the bench calculator.
/// @param zeroPlay_deg  nut angle, loosening; places count from 0
Result<std::vector<Place>> placesInBand(const Nut& nut, double zeroPlay_deg, const Interval& band_mm);

} // namespace arbor::adjust
