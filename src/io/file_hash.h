#pragma once

#include "core/base/result.h"

#include <string>

namespace arbor::io {

/// SHA-256 of a file's bytes in hexadecimal, as `sha256sum` gives it: by it paper and file are held together.
/// @errors Unreadable
Result<std::string> sha256Of(const std::string& path);

} // namespace arbor::io
