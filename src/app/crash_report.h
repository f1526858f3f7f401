#pragma once

#include <QByteArray>
#include <QString>
#include <QStringList>

namespace arbor::app {

/// Keeps a line for the report of a crash: the last ones are in it.
void noteAction(const QByteArray& line);

/// From now on a crash leaves a report in a folder: the version, the last actions and where it was. Nothing of a job is
/// in it, and nothing is sent anywhere.
void reportCrashesTo(const QString& folder, const char* version);

/// The reports in a folder, oldest first, by name.
QStringList crashReports(const QString& folder);

} // namespace arbor::app
