#pragma once

#include "core/job/alarm.h"

#include <memory>

namespace arbor::ui {

/// What makes the sounds of the alarms; replaced in tests.
class Sounder {
public:
    virtual ~Sounder() = default;
    virtual bool isThere() const = 0; ///< something that can be heard
    /// Once. @param volume  0 to 1
    virtual void play(job::AlarmKind kind, double volume) = 0;
    virtual void quiet() = 0; ///< whatever plays, stops
};

/// By the machine's own sound.
std::unique_ptr<Sounder> makeSounder();

} // namespace arbor::ui
