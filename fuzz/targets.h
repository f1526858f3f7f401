#pragma once

#include <string_view>
#include <vector>

namespace arbor::fuzz {

/// Something that reads what comes from outside. It must refuse or take whatever it is given; what it takes and writes
/// it must be able to read again.
struct Target {
    const char* name; ///< of its binary and of its corpus
    void (*read)(std::string_view text);
};
const std::vector<Target>& targets();

} // namespace arbor::fuzz
