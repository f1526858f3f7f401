#pragma once

#include "io/job_file.h"

#include <nlohmann/json.hpp>

namespace arbor::io {

/// A value that two people changed to different things; what is here stands.
struct BothChanged {
    std::string place; ///< keys from the top, "/" between
    std::string here;
    std::string there;
};

/// Three-way merge: what only one side changed is taken from there. Lists of objects are merged by what names their
/// entries (id, name, place); a list whose order is what it means, as the numbers of a section, is one value.
nlohmann::json merged(const nlohmann::json& base, const nlohmann::json& here, const nlohmann::json& there,
                      std::vector<BothChanged>& both, const std::string& place = {});

/// Carries an edit, from one job to another, over to a third that somebody else has changed besides.
job::Job rebased(const job::Job& before, const job::Job& after, const job::Job& onto);

struct SavedJob {
    JobDocument document; ///< as it lies on the disk now
    bool others = false;  ///< somebody else had changed the file: theirs is in it too
    std::vector<BothChanged> both;
    std::string keptTheirs; ///< file that holds theirs whole; empty: nothing of it was set aside
};

/// Saves a job over its file. A file that is no longer as it was read was saved by another window or bench: both are
/// merged, and where both changed one value, theirs is kept whole in a file beside.
/// @errors those of writing; OutOfRange and the like when the file there can no longer be read: then nothing is written
Result<SavedJob> saveJobOver(const std::string& path, const JobDocument& document);

} // namespace arbor::io
