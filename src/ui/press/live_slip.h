#pragma once

#include "words/sheet.h"

#include <QString>

namespace arbor::ui {

class JobSession;
class LivePress;

/// What is said of a recording that was never kept.
words::Sheet unkeptSheet(const JobSession& session, const QString& file);

/// What the slip says while a transducer is connected.
words::Sheet liveSheet(const JobSession& session, const LivePress& live);

} // namespace arbor::ui
