#pragma once

#include "core/arrangement/assembly.h"

namespace arbor::arrangement {

/// Whether the section shows a part's marked side on the other side than is said: an encoder, the large end of a taper,
/// a flange; or whether the spring side of a seal looks away from what its lip is there for. Where the section does not
/// show it, nothing is contradicted. @param assembly  resolved
bool wayRoundContradicts(const Assembly& assembly, std::size_t part);

/// Whether a seal's spring side looks towards the bearing nearest to it: then its lip keeps in what the bearing runs
/// in. Nothing: its way round is not said, or there is no bearing to one side of it alone.
std::optional<bool> lipLooksIn(const Assembly& assembly, std::size_t seal);

} // namespace arbor::arrangement
