#pragma once

#include "core/job/gauge_used.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace arbor::job {

enum class Pattern { Single, Star, Round };
enum class Locking { None, Pin, Stake, Tab, Paste };

/// One line of the tightening list.
struct Fastener {
    std::string name;
    int count = 1;
    double torque_Nm = 0; ///< the machine maker's figure; 0: not known
    Pattern pattern = Pattern::Single;
    int stages = 1;
    double angle_deg = 0; ///< on from the torque; 0: torque alone
    bool oneTime = false; ///< new ones only
    Locking locking = Locking::None;
    std::optional<double> read_Nm; ///< on the wrench
    bool renewed = false;
    bool locked = false;
    friend bool operator==(const Fastener&, const Fastener&) = default;
};

struct RunInReading {
    double minute = 0;
    double temp_C = 0;
    friend bool operator==(const RunInReading&, const RunInReading&) = default;
};

struct RunIn {
    double room_C = 20;
    double allowed_K = 40; ///< over the room
    std::vector<RunInReading> readings;
    friend bool operator==(const RunIn&, const RunIn&) = default;
};

/// What is done before the machine goes back.
struct Closing {
    std::vector<Fastener> fasteners;
    RunIn runIn;
    std::string cause = {};          ///< what killed the old bearing; empty: not known
    std::string remedy = {};         ///< what was done about it
    std::string nextInspection = {}; ///< the day it is to be looked at again, "2027-03-31"; empty: not said
    std::string releasedBy;          ///< the person authorised for it
    std::string releasedOn = {};     ///< ISO 8601; empty: not said
    bool takenBack = false;          ///< it was released and is not now
    GaugeUsed wrench = {};           ///< torque wrench the list was tightened with
    std::map<std::string, std::string> lots = {}; ///< lot or serial number of what was fitted, by part
    friend bool operator==(const Closing&, const Closing&) = default;
};

} // namespace arbor::job
