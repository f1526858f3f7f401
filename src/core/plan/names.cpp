#include "core/plan/plan.h"

namespace arbor::plan {

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

std::string_view name(job::Station station) {
    switch (station) {
    case job::Station::Intake:
        return "intake";
    case job::Station::Strip:
        return "strip";
    case job::Station::Measure:
        return "measure";
    case job::Station::Fit:
        return "fit";
    case job::Station::Tooling:
        return "tooling";
    case job::Station::Warm:
        return "warm";
    case job::Station::Press:
        return "press";
    case job::Station::Seat:
        return "seat";
    case job::Station::Adjust:
        return "adjust";
    case job::Station::Close:
        return "close";
    }
    return "fit";
}

std::optional<job::Station> stationNamed(std::string_view text) {
    for (const auto station : job::kStations)
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

} // namespace arbor::plan
