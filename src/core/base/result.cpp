#include "core/base/result.h"

#include <charconv>

namespace arbor {

std::string plain(double value) {
    char text[32];
    const auto end = std::to_chars(text, text + sizeof text, value).ptr;
    return std::string(text, end);
}

} // namespace arbor
