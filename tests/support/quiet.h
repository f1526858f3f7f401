#pragma once

#include "ui/alarm/sounder.h"

#include <vector>

namespace arbor::testing {

/// What would have been heard.
struct Heard {
    std::vector<job::AlarmKind> sounds;
    bool isThere = true;
};

/// A sounder that makes no sound, and notes each.
class QuietSounder : public ui::Sounder {
public:
    explicit QuietSounder(Heard& heard) : m_heard(heard) {}
    bool isThere() const override { return m_heard.isThere; }
    void play(job::AlarmKind kind, double) override { m_heard.sounds.push_back(kind); }
    void quiet() override {}

private:
    Heard& m_heard;
};

} // namespace arbor::testing
