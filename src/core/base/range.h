#pragma once

namespace arbor {

/// A result with its band. `least` and `most` bound what is probable (95 %), `likely` is the middle of it.
struct Range {
    double least = 0;
    double likely = 0;
    double most = 0;

    friend Range operator*(const Range& r, double factor) {
        return {r.least * factor, r.likely * factor, r.most * factor};
    }
    friend bool operator==(const Range&, const Range&) = default;
};

/// Closed interval, used for limits and worst cases.
struct Interval {
    double lower = 0;
    double upper = 0;

    double mid() const { return (lower + upper) / 2; }
    double width() const { return upper - lower; }
    friend bool operator==(const Interval&, const Interval&) = default;
};

} // namespace arbor
