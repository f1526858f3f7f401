#pragma once

#include "practice/drill.h"
#include "ui/slip/slip_model.h"
#include "words/display.h"

namespace arbor::ui {

/// What is said while somebody practises: figures while the ram is worked, and afterwards what it truly was.
SlipModel practiceSlip(const practice::Drill& drill, const practice::Score& score, const words::Display& display);

/// How a sign is named on its button.
QString callName(trace::Verdict call);

} // namespace arbor::ui
