#pragma once

namespace arbor::io {

/// Makes the files under :/data and :/schema readable. Resources of a static library are linked in only when asked for.
void useShippedData();

} // namespace arbor::io
