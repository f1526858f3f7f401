#pragma once

#include "core/catalog/rack.h"
#include "core/job/manual_press.h"
#include "core/trace/analysis.h"

namespace arbor::plan {

/// What can be said of a press without a transducer.
struct ManualReading {
    trace::Trace trace;       ///< force at the ring, one sample a reading; empty: a hammer tells none
    trace::Expected expected; ///< the prediction as these means would show it
    trace::Analysis analysis;
};

/// Turns the readings of a needle or a wrench into force against travel and reads them as a trace. A wrench's torque
/// stands for a force only as far as the friction of thread and washer is known: the band is widened by that, and no
/// friction of the seat is worked out. Of a hammer nothing but its signs is judged.
/// @param press  whose gauge it was; null: none  @param in  likely friction of the seat
/// @errors Missing (points, hand/means without a gauge, hand/bolt), UnknownName (hand/bolt), those of its thread
/// @source [HB4.8], [HB4.9], [HB4.14]; readable to half a graduation [PRACTICE]
Result<ManualReading> readByHand(const job::ManualPress& hand, const trace::Expected& expected,
                                 const catalog::Press* press, const catalog::Rack& rack, trace::AnalysisInput in);

/// There is something to read: points, or signs of a hammer.
bool saysAnything(const job::ManualPress& hand);

/// The draw-bolt set that is turned: the one named, or the rack's first. Null: there is none.
const catalog::Tool* boltOf(const job::ManualPress& hand, const catalog::Rack& rack);

/// What the wrench shows for a force at the ring [N m], and how often its nut is turned for a millimetre. Nothing: no
/// draw-bolt set. @source [HB4.9]
struct WrenchScale {
    Range torque_Nm;
    double turnsPer_mm = 0;
};
std::optional<WrenchScale> onTheWrench(const job::ManualPress& hand, const catalog::Rack& rack, const Range& force_N);

/// The coarsest graduation of which all these are whole multiples, from 10 down to 0.1.
double graduationOf(const std::vector<job::HandPoint>& points);

} // namespace arbor::plan
