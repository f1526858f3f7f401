#include "io/logging.h"

// Told from warnings up, until somebody keeps a log (app/program_log.h).
Q_LOGGING_CATEGORY(actionLog, "arbor.action", QtWarningMsg)
Q_LOGGING_CATEGORY(fileLog, "arbor.file", QtWarningMsg)
Q_LOGGING_CATEGORY(logbookLog, "arbor.logbook", QtWarningMsg)
