#pragma once

#include <QLoggingCategory>

// What the program's log is told, by kind. Nothing of a job's contents: what was done, and what failed.
Q_DECLARE_LOGGING_CATEGORY(actionLog)  ///< what the user asked for
Q_DECLARE_LOGGING_CATEGORY(fileLog)    ///< what was read and written
Q_DECLARE_LOGGING_CATEGORY(logbookLog) ///< the logbook and what waits for it
