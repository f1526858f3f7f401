#pragma once

#include "ui/slip/slip_model.h"

namespace arbor::ui {

class JobSession;
class LivePress;

/// What is said of a recording that was left lying.
SlipModel unkeptSlip(const JobSession& session, const QString& file);

/// What the slip says while a transducer is connected.
SlipModel liveSlip(const JobSession& session, const LivePress& live);

} // namespace arbor::ui
