#pragma once

#include "core/catalog/rack.h"

#include <utility>

namespace arbor::catalog {

struct MergedTools {
    std::vector<Tool> tools;
    /// Ours that went under another number, since somebody else had given theirs meanwhile: from, to.
    std::vector<std::pair<std::string, std::string>> renumbered;
};

/// Puts two versions of a rack together that began with the same one. What only one side added, changed or removed is
/// done; where both want one number for different tools, theirs has it and ours takes the next free one. Nothing that
/// was typed on either side is lost.
MergedTools mergeTools(const std::vector<Tool>& base, const std::vector<Tool>& ours, const std::vector<Tool>& theirs);

} // namespace arbor::catalog
