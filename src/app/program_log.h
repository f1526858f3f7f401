#pragma once

#include <QString>

namespace arbor::app {

/// Where the program keeps its log and the reports of its crashes: brisk-arbor in the XDG state folder.
QString stateFolder();

/// From now on every message of the program goes to "brisk-arbor.log" in a folder, the one before to "….1" when it has
/// grown too long; warnings go to the standard error too, with `verbose` everything.
void keepLogIn(const QString& folder, bool verbose);

} // namespace arbor::app
