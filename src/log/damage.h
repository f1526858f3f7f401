#pragma once

#include "core/base/result.h"

#include <QString>

namespace arbor::log {

/// Whether a file of SQLite is cut short or torn: empty, no database where its name says it is one, or one whose pages
/// do not hold together. A file that is not there, locked or not to be read is not damaged.
bool isDamaged(const QString& file);

/// Gives it another name beside it, with what belongs to it. @return that name @errors Unwritable
Result<QString> setAside(const QString& file);

} // namespace arbor::log
