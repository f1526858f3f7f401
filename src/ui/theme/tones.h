#pragma once

#include "words/sheet.h"

#include <QColor>

namespace arbor::ui {

using words::Tone;

QColor toneColour(Tone tone);

} // namespace arbor::ui
