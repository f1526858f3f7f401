#include "core/base/wanted.h"

namespace arbor {

std::string Wanted::filled(std::string text) const {
    for (std::size_t i = 0; i < m_with.size(); ++i) {
        const auto place = "{" + std::to_string(i + 1) + "}";
        for (auto at = text.find(place); at != std::string::npos; at = text.find(place, at + m_with[i].size()))
            text.replace(at, place.size(), m_with[i]);
    }
    return text;
}

} // namespace arbor
