#include "core/measure/old_bearing.h"

#include <algorithm>
#include <map>

namespace arbor::measure {

namespace {

struct Pointer {
    Sign sign;
    Cause cause;
    double weight; // of one sign: they add up to 1
};

// Practice weights: how often a sign turns out to come from a cause.
constexpr Pointer kPointers[] = {
    {Sign::RustPits, Cause::Water, 0.7},
    {Sign::RustPits, Cause::SealLeaked, 0.3},
    {Sign::DentsAtPitch, Cause::ForceThroughElements, 0.75},
    {Sign::DentsAtPitch, Cause::ShookStandingStill, 0.15},
    {Sign::DentsAtPitch, Cause::Overloaded, 0.1},
    {Sign::HeatColour, Cause::Overheated, 0.4},
    {Sign::HeatColour, Cause::LubricantFailed, 0.35},
    {Sign::HeatColour, Cause::TooTight, 0.25},
    {Sign::OneSidedTrack, Cause::Tilted, 0.8},
    {Sign::OneSidedTrack, Cause::Overloaded, 0.2},
    {Sign::PolishedOutside, Cause::OuterRingTurned, 1.0},
    {Sign::PolishedBore, Cause::InnerRingTurned, 1.0},
    {Sign::Flaking, Cause::Overloaded, 0.35},
    {Sign::Flaking, Cause::TooTight, 0.25},
    {Sign::Flaking, Cause::Tilted, 0.2},
    {Sign::Flaking, Cause::LubricantFailed, 0.2},
    {Sign::SealTrackWorn, Cause::SealLeaked, 0.6},
    {Sign::SealTrackWorn, Cause::DirtGotIn, 0.4},
    {Sign::DullTracks, Cause::DirtGotIn, 0.6},
    {Sign::DullTracks, Cause::LubricantFailed, 0.4},
};

struct Consequence {
    Sign sign;
    LookAt look;
};
constexpr Consequence kConsequences[] = {
    {Sign::DentsAtPitch, LookAt::BackUpTheRing},
    {Sign::RustPits, LookAt::SealsAndDrain},
    {Sign::SealTrackWorn, LookAt::SealsAndDrain},
    {Sign::DullTracks, LookAt::SealsAndDrain},
    {Sign::PolishedOutside, LookAt::SeatSize},
    {Sign::PolishedBore, LookAt::SeatSize},
    {Sign::PolishedOutside, LookAt::LoadAndFit},
    {Sign::PolishedBore, LookAt::LoadAndFit},
    {Sign::OneSidedTrack, LookAt::ShoulderSquare},
    {Sign::OneSidedTrack, LookAt::ShaftStraight},
    {Sign::HeatColour, LookAt::ClearanceLeft},
    {Sign::Flaking, LookAt::ClearanceLeft},
    {Sign::HeatColour, LookAt::Grease},
    {Sign::DullTracks, LookAt::Grease},
    {Sign::Flaking, LookAt::LoadAndFit},
    {Sign::SealTrackWorn, LookAt::WearSleeve},
};

} // namespace

std::vector<LikelyCause> likelyCauses(const std::set<Sign>& signs) {
    std::map<Cause, LikelyCause> byCause;
    for (const auto& p : kPointers) {
        if (!signs.contains(p.sign)) continue;
        auto& entry = byCause[p.cause];
        entry.cause = p.cause;
        entry.share += p.weight / static_cast<double>(signs.size());
        entry.because.push_back(p.sign);
    }
    std::vector<LikelyCause> out;
    out.reserve(byCause.size());
    for (auto& [cause, entry] : byCause)
        out.push_back(std::move(entry));
    std::stable_sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.share > b.share; });
    return out;
}

std::vector<LookAt> lookAt(const std::set<Sign>& signs) {
    std::set<LookAt> out;
    for (const auto& c : kConsequences)
        if (signs.contains(c.sign)) out.insert(c.look);
    return {out.begin(), out.end()};
}

} // namespace arbor::measure
