#pragma once

#include "core/arrangement/assembly.h"

namespace arbor::arrangement {

/// Whether the section shows a part's marked side on the other side than is said: an encoder, or the large end of a
/// taper. Where the section does not show it, nothing is contradicted. @param part  resolved
bool wayRoundContradicts(const Part& part);

} // namespace arbor::arrangement
