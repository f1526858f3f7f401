#pragma once

#include "core/plan/plan.h"

#include <string>

namespace arbor::io {

/// Loads the tables that ship with the program (compiled in), without tools or presses.
Result<tables::Tables> loadShippedTables();

/// Where the user's own bearings lie, one or more CSV files in the format of the catalogue: brisk-arbor/bearings in
/// the XDG data folder.
std::string ownBearingsFolder();

/// Shipped tables and the user's own bearings. @errors those of the own files; Duplicate for a known designation
Result<tables::Tables> loadTables();

/// @param press  whose gauge it was read off, where it was; null: not known
Result<trace::Trace> loadTrace(const std::string& path, const catalog::Press* press = nullptr);

/// The traces that a job keeps beside its file, by their steps, and why one of them could not be read.
struct KeptTraces {
    std::map<job::StepKey, trace::Trace> traces;
    std::optional<Problem> problem;
};
KeptTraces loadTraces(const job::Job& job, const std::string& folder, const catalog::Rack& rack);

} // namespace arbor::io
