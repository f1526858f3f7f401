#pragma once

#include "core/arrangement/arrangement_text.h"

#include <string>

namespace arbor::io {

/// The arrangement of a job file, or of a file that holds an arrangement by itself.
/// @errors those of parseArrangement with the file; Missing ("arrangement") for a job that has none
Result<arrangement::Arrangement> loadArrangement(const std::string& path);

} // namespace arbor::io
