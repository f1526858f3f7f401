#pragma once

#include "practice/drill.h"
#include "words/sheet.h"

#include <QString>
#include <string>

namespace arbor::ui {

/// What is said while somebody practises: figures while the ram is worked, and afterwards what it truly was.
words::Sheet practiceSheet(const practice::Drill& drill, const practice::Score& score, const words::Display& display);

/// Which keys do what.
QString practiceKeys(const practice::Drill& drill);

/// How a sign is named on its button.
std::string callName(trace::Verdict call);

} // namespace arbor::ui
