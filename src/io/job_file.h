#pragma once

#include "core/job/job.h"

#include <string>
#include <vector>

namespace arbor::io {

inline constexpr int kJobVersion = 2; ///< that this program writes

/// A job with the text it was read from, so that keys of newer versions survive a load and save.
struct JobDocument {
    job::Job job;
    std::string preserved = "{}"; ///< the JSON as read
    int version = kJobVersion;    ///< of the file: a newer one is read, and never written

    bool newer() const { return version > kJobVersion; }
};

/// Checks against the published schema, then reads.
/// @errors Malformed ("line, column"), OutOfRange / Missing with a JSON pointer when the schema is broken, those of
/// size entry
Result<JobDocument> parseJob(const std::string& text);
/// The document as JSON, keys known today set from the job, all others as they were.
std::string jobText(const JobDocument& document);

Result<JobDocument> loadJob(const std::string& path);
Result<void> saveJob(const std::string& path, const JobDocument& document);

/// The paths of a folder's `*.arbor.json`, by file name.
std::vector<std::string> jobFiles(const std::string& folder);

/// One line of the shelf: a job file that was read, or why it could not be.
struct ShelfEntry {
    std::string path;
    Result<JobDocument> document;
};
/// Every one of those files, read.
std::vector<ShelfEntry> listJobs(const std::string& folder);

} // namespace arbor::io
