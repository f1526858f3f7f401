#pragma once

#include <optional>
#include <string>

namespace arbor::io {

/// What the QR code of a job's label holds: "%ARBOR J-0142 TIDEWRACK". It begins with a sign that nobody types first,
/// and has nothing but capitals, digits and dashes, which a scanner types right on most keyboards.
std::string jobCode(const std::string& shop, const std::string& id);

struct ScannedJob {
    std::string id;
    std::string shop;
};
/// @return nothing: the text is no code of a job
std::optional<ScannedJob> readJobCode(const std::string& typed);

/// Whether a scanned name is that one: a scanner that is set to another keyboard than the desktop types a dash as ß and
/// Z as Y, and a code has no spaces and no small letters.
bool isSameScanned(const std::string& scanned, const std::string& name);

inline constexpr char kCodeBegins = '%';

} // namespace arbor::io
