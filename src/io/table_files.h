#pragma once

#include "core/plan/plan.h"

#include <string>

namespace arbor::io {

/// Loads the tables that ship with the program (compiled in), without tools or presses.
Result<tables::Tables> loadShippedTables();

/// Reads `rack.csv` and `presses.json` of a shop's folder; a shop that has none has nothing yet. @errors those of the
/// files, with file, line and column
Result<catalog::Rack> loadRack(const std::string& folder);

/// Writes the tools back to `rack.csv`. @errors Unwritable
Result<void> saveTools(const std::string& folder, const std::vector<catalog::Tool>& tools);

/// Reads and writes `end_play.json` of a shop's folder: its own bands of end play. None are there: none are read.
/// @errors those of the file; Unwritable
Result<std::vector<adjust::PlayBand>> loadOwnBands(const std::string& folder);
Result<void> saveOwnBands(const std::string& folder, const std::vector<adjust::PlayBand>& bands);

/// Writes `materials.json` of a shop's folder: the materials of its own among these. @errors Unwritable
/// The presses of a shop, beside its jobs. @errors Unwritable
Result<void> savePresses(const std::string& folder, const std::vector<catalog::Press>& presses);
Result<void> saveOwnMaterials(const std::string& folder, const catalog::Materials& all);

/// Where the user's own bearings lie, one or more CSV files in the format of the catalogue: brisk-arbor/bearings in
/// the XDG data folder.
std::string ownBearingsFolder();

/// Shipped tables and the user's own bearings. @errors those of the own files; Duplicate for a known designation
Result<tables::Tables> loadTables();

/// Those, the rack of the shop that keeps its jobs in `folder`, and the records of the jobs it has closed.
Result<tables::Tables> loadToolsAndRecords(const std::string& folder);

/// All of it, with the shop's own bands of end play.
Result<tables::Tables> loadShopTables(const std::string& folder);

/// @param press  whose gauge it was read off, where it was; null: not known
Result<trace::Trace> loadTrace(const std::string& path, const catalog::Press* press = nullptr);

/// The traces that a job keeps beside its file, by their steps, and why one of them could not be read.
struct KeptTraces {
    std::map<job::StepKey, trace::Trace> traces;
    std::optional<Problem> problem;
};
KeptTraces loadTraces(const job::Job& job, const std::string& folder, const catalog::Rack& rack);

} // namespace arbor::io
