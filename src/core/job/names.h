#pragma once

#include "core/job/job.h"
#include "core/route/kit.h"
#include "core/trace/analysis.h"

#include <array>
#include <iterator>
#include <optional>
#include <string_view>

namespace arbor::job {

/// Stands for a type where a table of that type is asked for.
template <class T>
struct Tag {};

/// A value and what it is called in a file.
template <class E>
struct Name {
    E value;
    const char* text;
};
template <class E>
Name(E, const char*) -> Name<E>;

// One table for each kind, which every file goes by. A value without a name is not said.

constexpr auto namesOf(Tag<Station>) {
    return std::array{Name{Station::Intake, "intake"},   Name{Station::Strip, "strip"},
                      Name{Station::Measure, "measure"}, Name{Station::Fit, "fit"},
                      Name{Station::Tooling, "tooling"}, Name{Station::Warm, "warm"},
                      Name{Station::Press, "press"},     Name{Station::Seat, "seat"},
                      Name{Station::Adjust, "adjust"},   Name{Station::Close, "close"}};
}
constexpr auto namesOf(Tag<Doing>) {
    return std::array{
        Name{Doing::Intake, "intake"},   Name{Doing::Strip, "strip"},          Name{Doing::Out, "out"},
        Name{Doing::Measure, "measure"}, Name{Doing::SoakOuter, "soak_outer"}, Name{Doing::SoakInner, "soak_inner"},
        Name{Doing::In, "in"},           Name{Doing::Prove, "prove"},          Name{Doing::Adjust, "adjust"},
        Name{Doing::Close, "close"}};
}
constexpr auto namesOf(Tag<Units>) {
    return std::array{Name{Units::Metric, "metric"}, Name{Units::Inch, "inch"}};
}
constexpr auto namesOf(Tag<Check>) {
    return std::array{Name{Check::Rock, "rock"}, Name{Check::Turn, "turn"}, Name{Check::Listen, "listen"},
                      Name{Check::Heat, "heat"}, Name{Check::Leak, "leak"}};
}
constexpr auto namesOf(Tag<Found>) {
    return std::array{Name{Found::Fine, "fine"}, Name{Found::Bad, "bad"}};
}
constexpr auto namesOf(Tag<Means>) {
    return std::array{Name{Means::Press, "press"}, Name{Means::DrawBolt, "draw_bolt"}, Name{Means::Hand, "hand"},
                      Name{Means::Vice, "vice"}, Name{Means::Own, "own_thread"}};
}
constexpr auto namesOf(Tag<AsFound>) {
    return std::array{Name{AsFound::InnerRingMissing, "inner_ring_missing"}, Name{AsFound::LugBroken, "lug_broken"},
                      Name{AsFound::OilInside, "oil_inside"}};
}
constexpr auto namesOf(Tag<Clock::What>) {
    return std::array{Name{Clock::What::Outer, "outer"}, Name{Clock::What::Inner, "inner"},
                      Name{Clock::What::Carry, "carry"}, Name{Clock::What::Together, "together"},
                      Name{Clock::What::Cool, "cool"}};
}
constexpr auto namesOf(Tag<AlarmKind>) {
    return std::array{Name{AlarmKind::Soon, "soon"}, Name{AlarmKind::Ready, "ready"}, Name{AlarmKind::Hurry, "hurry"},
                      Name{AlarmKind::TooLate, "too_late"}, Name{AlarmKind::Stop, "stop"}};
}
constexpr auto namesOf(Tag<ManualMeans>) {
    return std::array{Name{ManualMeans::Gauge, "gauge"}, Name{ManualMeans::Wrench, "wrench"},
                      Name{ManualMeans::Hammer, "hammer"}};
}
constexpr auto namesOf(Tag<ManualSign>) {
    return std::array{Name{ManualSign::EvenGap, "even_gap"}, Name{ManualSign::Ringing, "ringing"},
                      Name{ManualSign::Stopped, "stopped"}};
}
constexpr auto namesOf(Tag<SeatCheck>) {
    return std::array{Name{SeatCheck::GrooveAllRound, "groove_all_round"},
                      Name{SeatCheck::RingSide, "ring_side"},
                      Name{SeatCheck::RingGap, "ring_gap"},
                      Name{SeatCheck::InnerStays, "inner_stays"},
                      Name{SeatCheck::Turns, "turns"},
                      Name{SeatCheck::SealFlush, "seal_flush"}};
}
constexpr auto namesOf(Tag<Pattern>) {
    return std::array{Name{Pattern::Single, "single"}, Name{Pattern::Star, "star"}, Name{Pattern::Round, "round"}};
}
constexpr auto namesOf(Tag<Locking>) {
    return std::array{Name{Locking::None, "none"}, Name{Locking::Pin, "pin"}, Name{Locking::Stake, "stake"},
                      Name{Locking::Tab, "tab"}, Name{Locking::Paste, "paste"}};
}
constexpr auto namesOf(Tag<catalog::Lubricant>) {
    using enum catalog::Lubricant;
    return std::array{Name{Dry, "dry"}, Name{LightOil, "light_oil"}, Name{Grease, "grease"}};
}
constexpr auto namesOf(Tag<route::Rust>) {
    using enum route::Rust;
    return std::array{Name{None, "none"}, Name{Light, "light"}, Name{Heavy, "heavy"}};
}
inline auto namesOf(Tag<route::Method>) {
    std::array<Name<route::Method>, std::size(route::kMethods)> out{};
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = {route::kMethods[i], route::name(route::kMethods[i]).data()};
    return out;
}
constexpr auto namesOf(Tag<measure::Process>) {
    using enum measure::Process;
    return std::array{Name{Unknown, "unknown"},   Name{Ground, "ground"}, Name{Honed, "honed"},
                      Name{Polished, "polished"}, Name{Reamed, "reamed"}, Name{FineTurned, "fine_turned"},
                      Name{Turned, "turned"}};
}
constexpr auto namesOf(Tag<measure::Pits>) {
    using enum measure::Pits;
    return std::array{Name{NotLooked, "not_looked"}, Name{None, "none"}, Name{Light, "light"}, Name{Deep, "deep"}};
}
constexpr auto namesOf(Tag<measure::GrooveState>) {
    using enum measure::GrooveState;
    return std::array{Name{NotLooked, "not_looked"}, Name{Fine, "fine"}, Name{Dirty, "dirty"}, Name{Worn, "worn"}};
}
constexpr auto namesOf(Tag<measure::Verdict>) {
    using enum measure::Verdict;
    return std::array{Name{NotMeasured, "not_measured"}, Name{Use, "use"}, Name{CleanUp, "clean_up"},
                      Name{Sleeve, "sleeve"}, Name{Replace, "replace"}};
}
constexpr auto namesOf(Tag<measure::Sign>) {
    using enum measure::Sign;
    return std::array{Name{RustPits, "rust_pits"},
                      Name{DentsAtPitch, "dents_at_pitch"},
                      Name{HeatColour, "heat_colour"},
                      Name{OneSidedTrack, "one_sided_track"},
                      Name{PolishedOutside, "polished_outside"},
                      Name{PolishedBore, "polished_bore"},
                      Name{Flaking, "flaking"},
                      Name{SealTrackWorn, "seal_track_worn"},
                      Name{DullTracks, "dull_tracks"}};
}
constexpr auto namesOf(Tag<fit::LoadCase>) {
    using enum fit::LoadCase;
    return std::array{Name{NotSaid, "not_said"}, Name{InnerTurns, "inner_turns"}, Name{OuterTurns, "outer_turns"},
                      Name{Indeterminate, "indeterminate"}};
}
constexpr auto namesOf(Tag<seating::ReadingKind>) {
    using enum seating::ReadingKind;
    return std::array{Name{Depth, "depth"}, Name{Feeler, "feeler"}, Name{Indicator, "indicator"}};
}
constexpr auto namesOf(Tag<seating::SeatVerdict>) {
    using enum seating::SeatVerdict;
    return std::array{Name{NotJudged, "not_judged"},   Name{HomeAndSquare, "home_and_square"},
                      Name{SquareOnly, "square_only"}, Name{NotHome, "not_home"},
                      Name{Tilted, "tilted"},          Name{ReadingsDisagree, "readings_disagree"}};
}
constexpr auto namesOf(Tag<trace::Verdict>) {
    using enum trace::Verdict;
    return std::array{Name{NotEnough, "not_enough"},
                      Name{Sliding, "sliding"},
                      Name{Home, "home"},
                      Name{NotProven, "not_proven"},
                      Name{Short, "short"},
                      Name{OverTravel, "over_travel"},
                      Name{SoftEnd, "soft_end"},
                      Name{CockedStart, "cocked_start"},
                      Name{Galling, "galling"},
                      Name{Loose, "loose"},
                      Name{AboveBand, "above_band"},
                      Name{SupportMoved, "support_moved"},
                      Name{GrippedEarly, "gripped_early"},
                      Name{Stands, "stands"},
                      Name{Released, "released"}};
}
constexpr auto namesOf(Tag<adjust::SettingMethod>) {
    using enum adjust::SettingMethod;
    return std::array{Name{Indicator, "indicator"}, Name{NextSlotLoose, "next_slot_loose"},
                      Name{PartOfATurn, "part_of_a_turn"}, Name{WasherMoves, "washer_moves"},
                      Name{SnugTwice, "snug_twice"}};
}
constexpr auto namesOf(Tag<adjust::CavityFill>) {
    using enum adjust::CavityFill;
    return std::array{Name{ThirdToHalf, "third_to_half"}, Name{Third, "third"}, Name{Half, "half"}};
}

/// What it is called in a file; empty: it is not said there.
template <class E>
constexpr std::string_view name(E value) {
    for (const auto& one : namesOf(Tag<E>{}))
        if (one.value == value) return one.text;
    return {};
}

/// Nothing: none is called so.
template <class E>
constexpr std::optional<E> named(std::string_view text) {
    for (const auto& one : namesOf(Tag<E>{}))
        if (text == one.text) return one.value;
    return std::nullopt;
}

} // namespace arbor::job
