#pragma once

#include "core/arrangement/assembly.h"

namespace arbor::arrangement {

/// One of two sizes that cannot both be.
struct Claim {
    TypedSize::What what = TypedSize::What::Outside;
    std::size_t part = 0;
    std::size_t body = 0;
    std::size_t slice = 0;
    double value_mm = 0; ///< a diameter; of a length, the stretch it takes along the axis
};

/// Two parts that claim the same space, by the sizes they claim it with: the outside of the one that lies inside and
/// the bore of the one around it; or, where less than that would part them, how long the two are.
struct Contradiction {
    Claim inner;      ///< or the lower one
    Claim outer;      ///< or the upper one
    double by_mm = 0; ///< on the diameter, or along the axis
    bool onDiameter() const { return inner.what != TypedSize::What::Length; }
};

/// Of every pair of parts that clash, the one that takes least to put right.
std::vector<Contradiction> contradictions(const Assembly& assembly);

} // namespace arbor::arrangement
