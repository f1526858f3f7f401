#pragma once

#include "core/base/result.h"

#include <string>

namespace arbor::io {

/// Makes the files under :/data and :/schema readable. Resources of a static library are linked in only when asked for.
void useShippedData();

/// Lays the demo shop into a folder that is made for it; what is there already stays as it is.
/// @errors Unwritable
Result<void> copyDemoShop(const std::string& folder);

} // namespace arbor::io
