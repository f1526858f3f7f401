#pragma once

#include "core/base/result.h"

#include <QString>
#include <functional>
#include <string>

namespace arbor::backup {

/// Files done of all there are; false: whoever waits does not want it any more.
using Progress = std::function<bool(std::size_t done, std::size_t all)>;

/// What is in an archive.
struct Contents {
    std::string shop; ///< the folder's name
    std::string made; ///< ISO 8601
    std::size_t files = 0;
    unsigned long long bytes = 0;
};

/// Puts a whole shop into one dated archive, shop-2026-11-29.tar.gz (never over an earlier one): jobs, lists, traces,
/// photos, and the logbook as it is at that moment, with what waits for it. What stands in it is listed with its
/// SHA-256.
/// @param connection  of the logbook, as log::Logbook::open; a server's goes along as its export
/// @return the archive @errors Unreadable, Unwritable (nothing is left behind); NotDefined when it was not wanted any
/// more
Result<std::string> backUp(const std::string& shop, const std::string& into, const QString& connection,
                           const Progress& progress = {});

/// Reads an archive to its end and compares every file with its list.
/// @errors Unreadable (cut short, torn), Malformed (no backup), Missing, UnknownName (a file the list has or has not)
Result<Contents> check(const std::string& archive, const Progress& progress = {});

/// Checks an archive, then lays it out in a folder that is new or empty.
/// @errors as check: then nothing was written; Duplicate (the folder is not empty), Unwritable (it is empty again)
Result<Contents> restore(const std::string& archive, const std::string& folder, const Progress& progress = {});

} // namespace arbor::backup
