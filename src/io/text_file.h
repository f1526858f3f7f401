#pragma once

#include "core/base/result.h"

#include <string>

namespace arbor::io {

/// Largest file that is read whole: a trace of an hour at 1,000 samples a second fits.
inline constexpr long long kLargestFile_bytes = 256LL << 20;

/// @errors Unreadable with the file and the system's reason; OutOfRange when larger than kLargestFile_bytes
Result<std::string> readText(const std::string& path);

/// Writes through a temporary file, fsync and rename, so that the old file stays whole until the new one is.
/// @errors Unwritable with the file and the system's reason
Result<void> writeText(const std::string& path, const std::string& text);

/// Puts the file's name into a problem found inside it.
inline tl::unexpected<Problem> inFile(Problem problem, const std::string& path) {
    problem.file = path;
    return tl::unexpected<Problem>(std::move(problem));
}

} // namespace arbor::io
