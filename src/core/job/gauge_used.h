#pragma once

#include <string>

namespace arbor::job {

/// The gauge that a reading was taken with.
struct GaugeUsed {
    std::string number; ///< on it; empty: nobody has said
    std::string on;     ///< "2027-03-31", the day it was named; empty: not said
    friend bool operator==(const GaugeUsed&, const GaugeUsed&) = default;
};

} // namespace arbor::job
