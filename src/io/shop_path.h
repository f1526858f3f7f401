#pragma once

#include "core/base/result.h"

#include <string>

namespace arbor::io {

/// A file that a job or a rack of a shop names, wherever it comes from: it lies in the shop's folder or in none.
/// @param named  from the folder: "traces/one.csv"
/// @return its path @errors OutOfRange: it is absolute, or leads out of the folder by ".." or by a link
Result<std::string> pathInShop(const std::string& folder, const std::string& named);

} // namespace arbor::io
