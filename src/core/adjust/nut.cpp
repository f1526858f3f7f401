#include "core/adjust/nut.h"

#include <algorithm>
#include <cmath>

namespace arbor::adjust {

namespace {

constexpr double kSame_deg = 1e-6;
constexpr int kMostSlots = 72;

/// 0 <= the result < by, with what is as good as `by` taken for 0.
double wrapped(double angle, double by) {
    const double rest = std::fmod(std::fmod(angle, by) + by, by);
    return by - rest < kSame_deg ? 0 : rest;
}

/// Distance from an angle to the next lock angle, at least `least`.
double nextFrom(const std::vector<double>& angles, double slot, double from) {
    double best = slot;
    for (const double a : angles) {
        const double ahead = wrapped(a - from, slot);
        if (ahead > kSame_deg) best = std::min(best, ahead);
    }
    return best;
}

double largestStep(const std::vector<double>& angles, double slot) {
    double step = 0;
    for (const double a : angles)
        step = std::max(step, nextFrom(angles, slot, a));
    return step;
}

} // namespace

double axial_mm(const Nut& nut, double turn_deg) {
    return nut.pitch_mm * turn_deg / 360;
}

Result<std::vector<double>> lockAngles(const Nut& nut) {
    if (!(nut.pitch_mm > 0) || !std::isfinite(nut.pitch_mm))
        return refuse(ProblemCode::NotPositive, "pitch_mm", plain(nut.pitch_mm), wanted("> 0"));
    if (nut.slotCount < 1 || nut.slotCount > kMostSlots)
        return refuse(ProblemCode::OutOfRange, "slots", std::to_string(nut.slotCount),
                      wanted("1 to {1}", std::to_string(kMostSlots)));
    const double slot = 360.0 / nut.slotCount;
    std::vector<double> out;
    for (const double hole : nut.holes())
        for (const double end : {hole, hole + 180})
            out.push_back(wrapped(end, slot));
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end(), [](double a, double b) { return b - a < kSame_deg; }), out.end());
    return out;
}

std::vector<WasherMend> SlotChoice::washerMends() const {
    std::vector<WasherMend> out;
    for (const auto& at : {looser, tighter})
        if (at) {
            const double thicker = places[*at].play_mm - target_mm.mid();
            out.push_back({*at, thicker, playWithWasher_mm(places[*at].play_mm, thicker)});
        }
    std::sort(out.begin(), out.end(),
              [](const WasherMend& a, const WasherMend& b) { return std::abs(a.thicker_mm) < std::abs(b.thicker_mm); });
    return out;
}

Result<SlotChoice> chooseSlot(const Nut& nut, double play_mm, double toNext_deg, const Interval& target_mm) {
    const auto angles = lockAngles(nut);
    if (!angles) return tl::unexpected(angles.error());
    if (!(target_mm.lower <= target_mm.upper))
        return refuse(ProblemCode::GeometryOrder, "target_mm", plain(target_mm.lower),
                      wanted("up to {1}", plain(target_mm.upper)));
    const double slot = 360.0 / nut.slotCount;
    SlotChoice out;
    out.target_mm = target_mm;
    out.step_mm = axial_mm(nut, largestStep(*angles, slot));
    // Which of the holes it stands before is not asked: it is the first, and the others follow from it.
    for (int k = -nut.slotCount; k <= nut.slotCount; ++k)
        for (const double a : *angles) {
            const double turn = toNext_deg + (a - angles->front()) + k * slot;
            if (std::abs(turn) <= 360) out.places.push_back({turn, play_mm + axial_mm(nut, turn)});
        }
    std::sort(out.places.begin(), out.places.end(),
              [](const Place& a, const Place& b) { return a.turn_deg < b.turn_deg; });
    const double middle = target_mm.mid();
    for (std::size_t i = 0; i < out.places.size(); ++i) {
        const double play = out.places[i].play_mm;
        const bool inside = play >= target_mm.lower - 1e-9 && play <= target_mm.upper + 1e-9;
        if (inside && (!out.best || std::abs(play - middle) < std::abs(out.places[*out.best].play_mm - middle)))
            out.best = i;
        if (!inside && play < middle) out.tighter = i; // the last of them is the nearest
        if (!inside && play > middle && !out.looser) out.looser = i;
    }
    return out;
}

Result<double> onToNext_deg(const Nut& nut, double toNext_deg) {
    const auto angles = lockAngles(nut);
    if (!angles) return tl::unexpected(angles.error());
    const double slot = 360.0 / nut.slotCount, at = wrapped(angles->front() - toNext_deg, slot);
    double best = slot;
    for (const double a : *angles)
        best = std::min(best, wrapped(at - a, slot));
    return best;
}

Result<std::vector<Place>> placesInBand(const Nut& nut, double zeroPlay_deg, const Interval& band_mm) {
    const auto angles = lockAngles(nut);
    if (!angles) return tl::unexpected(angles.error());
    const double slot = 360.0 / nut.slotCount, from = 360 * band_mm.lower / nut.pitch_mm,
                 to = 360 * band_mm.upper / nut.pitch_mm;
    std::vector<Place> out;
    for (double base = slot * std::floor((zeroPlay_deg + from) / slot) - slot; base <= zeroPlay_deg + to; base += slot)
        for (const double a : *angles) {
            const double back = base + a - zeroPlay_deg;
            if (back >= from - kSame_deg && back <= to + kSame_deg) out.push_back({back, axial_mm(nut, back)});
        }
    return out;
}

} // namespace arbor::adjust
