#pragma once

#include "core/base/result.h"

#include <cstdio>
#include <string>
#include <string_view>
#include <unistd.h>

namespace arbor::io {

/// Largest file that is read whole: a trace of an hour at 1,000 samples a second fits.
inline constexpr long long kLargestFile_bytes = 256LL << 20;

/// Largest job file: a hundred jobs of every shape fit.
inline constexpr long long kLargestJob_bytes = 16LL << 20;

/// Reads ordinary files only: a pipe would never end, a device never run dry. What is not UTF-8 (with or without a byte
/// order mark), nor UTF-16 with one, is taken for Latin-1; the text is UTF-8 in any case.
/// @errors Unreadable with the file and the system's reason; OutOfRange when larger than `largest_bytes`
Result<std::string> readText(const std::string& path, long long largest_bytes = kLargestFile_bytes);

/// Whether a file is neither UTF-8 nor empty, so that its letters were taken for Latin-1 and may be others.
bool isLatin1(const std::string& path);

/// What writing asks of the system; replaced in tests by disks that fail.
struct WriteCalls {
    ssize_t (*write)(int, const void*, std::size_t) = ::write;
    int (*sync)(int) = ::fsync;
    int (*rename)(const char*, const char*) = ::rename;
};

/// Writes a file beside it, syncs it, and renames it over the old one: the old one stays whole until all of the new one
/// is on the disk, whatever fails. The folder is synced too, so that the rename outlives a power cut.
/// @errors Unwritable with the file and the system's reason
Result<void> writeText(const std::string& path, std::string_view text, const WriteCalls& calls = {});

/// Added to a file's name: the version before the present one.
inline constexpr const char* kBefore = "~";

/// The same, and what was there until now stays beside it, under kBefore.
Result<void> writeTextKeeping(const std::string& path, std::string_view text, const WriteCalls& calls = {});

bool hasVersionBefore(const std::string& path);

/// Whether a file or a folder lies there, or the version before of a file that is gone.
/// @errors Unreadable with the system's reason
Result<void> lookFor(const std::string& path);
/// Puts the version before in the place of one that cannot be read, which stays beside it as "….unreadable".
/// @errors Unreadable (there is none), Unwritable
Result<void> bringBack(const std::string& path);

/// Puts the file's name into a problem found inside it.
inline tl::unexpected<Problem> inFile(Problem problem, const std::string& path) {
    problem.file = path;
    return tl::unexpected<Problem>(std::move(problem));
}

} // namespace arbor::io
