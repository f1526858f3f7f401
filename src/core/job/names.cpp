#include "core/job/names.h"

namespace arbor::job {

std::string_view name(seat::SeatVerdict verdict) {
    switch (verdict) {
    case seat::SeatVerdict::NotJudged:
        return "not_judged";
    case seat::SeatVerdict::HomeAndSquare:
        return "home_and_square";
    case seat::SeatVerdict::SquareOnly:
        return "square_only";
    case seat::SeatVerdict::NotHome:
        return "not_home";
    case seat::SeatVerdict::Tilted:
        return "tilted";
    case seat::SeatVerdict::ReadingsDisagree:
        return "readings_disagree";
    }
    return "not_judged";
}

std::string_view name(trace::Verdict verdict) {
    using trace::Verdict;
    switch (verdict) {
    case Verdict::NotEnough:
        return "not_enough";
    case Verdict::Sliding:
        return "sliding";
    case Verdict::Home:
        return "home";
    case Verdict::NotProven:
        return "not_proven";
    case Verdict::Short:
        return "short";
    case Verdict::OverTravel:
        return "over_travel";
    case Verdict::SoftEnd:
        return "soft_end";
    case Verdict::CockedStart:
        return "cocked_start";
    case Verdict::Galling:
        return "galling";
    case Verdict::Loose:
        return "loose";
    case Verdict::AboveBand:
        return "above_band";
    case Verdict::SupportMoved:
        return "support_moved";
    case Verdict::GrippedEarly:
        return "gripped_early";
    case Verdict::Stands:
        return "stands";
    case Verdict::Released:
        return "released";
    }
    return "not_enough";
}

std::string_view name(Station station) {
    switch (station) {
    case Station::Intake:
        return "intake";
    case Station::Strip:
        return "strip";
    case Station::Measure:
        return "measure";
    case Station::Fit:
        return "fit";
    case Station::Tooling:
        return "tooling";
    case Station::Warm:
        return "warm";
    case Station::Press:
        return "press";
    case Station::Seat:
        return "seat";
    case Station::Adjust:
        return "adjust";
    case Station::Close:
        return "close";
    }
    return "fit";
}

std::optional<Station> stationNamed(std::string_view text) {
    for (const auto station : kStations)
        if (name(station) == text) return station;
    return std::nullopt;
}

std::string_view name(measure::Verdict verdict) {
    switch (verdict) {
    case measure::Verdict::NotMeasured:
        return "not_measured";
    case measure::Verdict::Use:
        return "use";
    case measure::Verdict::CleanUp:
        return "clean_up";
    case measure::Verdict::Sleeve:
        return "sleeve";
    case measure::Verdict::Replace:
        return "replace";
    }
    return "not_measured";
}

std::string_view name(measure::Sign sign) {
    switch (sign) {
    case measure::Sign::RustPits:
        return "rust_pits";
    case measure::Sign::DentsAtPitch:
        return "dents_at_pitch";
    case measure::Sign::HeatColour:
        return "heat_colour";
    case measure::Sign::OneSidedTrack:
        return "one_sided_track";
    case measure::Sign::PolishedOutside:
        return "polished_outside";
    case measure::Sign::PolishedBore:
        return "polished_bore";
    case measure::Sign::Flaking:
        return "flaking";
    case measure::Sign::SealTrackWorn:
        return "seal_track_worn";
    case measure::Sign::DullTracks:
        return "dull_tracks";
    }
    return "rust_pits";
}

std::string_view name(fit::LoadCase load) {
    switch (load) {
    case fit::LoadCase::NotSaid:
        return "not_said";
    case fit::LoadCase::InnerTurns:
        return "inner_turns";
    case fit::LoadCase::OuterTurns:
        return "outer_turns";
    case fit::LoadCase::Indeterminate:
        return "indeterminate";
    }
    return "not_said";
}

} // namespace arbor::job
