#pragma once

#include "core/base/result.h"

#include <QString>

namespace arbor::log {

/// Copies a database of SQLite as it is at this moment, whoever is writing it. @errors Unreadable with its reason
Result<void> copyDatabase(const QString& from, const QString& to);

} // namespace arbor::log
