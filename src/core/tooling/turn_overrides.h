#pragma once

#include <optional>

namespace arbor::tooling {

/// Sizes of a tool to be turned that the user fixed [mm].
struct TurnOverrides {
    std::optional<double> outsideDia_mm = {};
    std::optional<double> boreDia_mm = {};
    std::optional<double> length_mm = {};
    std::optional<double> relief_mm = {}; ///< depth of the bore from the pushing face; the rest stays solid
    std::optional<double> pilotDia_mm = {};
    std::optional<double> pilotLength_mm = {};

    friend bool operator==(const TurnOverrides&, const TurnOverrides&) = default;
};

} // namespace arbor::tooling
