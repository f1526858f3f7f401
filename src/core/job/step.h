#pragma once

#include "core/catalog/material.h"
#include "core/job/alarm.h"
#include "core/job/gauge_used.h"
#include "core/job/heat.h"
#include "core/job/manual_press.h"
#include "core/job/proof.h"
#include "core/job/record.h"
#include "core/job/station.h"
#include "core/seating/seating.h"
#include "core/tooling/turn_overrides.h"

#include <optional>
#include <set>
#include <string>
#include <tuple>
#include <utility>
#include <vector>

namespace arbor::job {

/// A seat of the arrangement by the names of its parts, outer one first.
using SeatKey = std::pair<std::string, std::string>;

/// One of the two things that are done to a seat: it is made, or parted. By its parts and not by the one that moves, so
/// that what was done stays with it when the work is turned round.
struct StepKey {
    SeatKey seat;
    bool out = false;
    friend bool operator==(const StepKey&, const StepKey&) = default;
    friend bool operator<(const StepKey& a, const StepKey& b) {
        return std::tie(a.seat, a.out) < std::tie(b.seat, b.out);
    }
};

/// What the user fixed of its tools; nothing: the program chooses.
struct StepOverrides {
    std::optional<std::string> driver;
    std::optional<std::string> support;
    tooling::TurnOverrides turn; ///< sizes of a tool to be turned for it
    friend bool operator==(const StepOverrides&, const StepOverrides&) = default;
};

struct SeatReadings {
    std::optional<seating::ReadingKind> kind; ///< nothing: as that ring is best read
    double uncertainty_mm = 0.01;
    std::vector<seating::Reading> readings;
    std::optional<double> home_mm; ///< its depth by the drawing; nothing: by the arrangement
    GaugeUsed gauge = {};
    friend bool operator==(const SeatReadings&, const SeatReadings&) = default;
};

/// Where somebody marked a press while it moved.
struct PressMark {
    double travel_mm = 0;
    double force_N = 0;
    friend bool operator==(const PressMark&, const PressMark&) = default;
};

/// What was chosen, warmed, pressed, read and looked at in one pressed step.
struct StepRecord {
    StepOverrides overrides;
    std::optional<catalog::Lubricant> lubricant = {}; ///< nothing: as the job says
    StepHeat heat;
    std::string traceFile; ///< beside the job file; empty: none
    ManualPress hand;      ///< looked at when there is no trace file
    std::vector<PressMark> marks = {};
    SeatReadings readings;
    SeatChecks proof;
    std::vector<HeardAlarm> heard = {};
    std::set<Station> done;               ///< of those that belong to a step
    std::set<Station> reopened = {};      ///< they were done and are not now: nothing that follows goes on
    std::vector<std::string> photos = {}; ///< as proven, beside the job file
    std::optional<Record> record;
    friend bool operator==(const StepRecord&, const StepRecord&) = default;
};

} // namespace arbor::job
