#pragma once

#include "core/arrangement/arrangement.h"
#include "core/base/range.h"
#include "core/catalog/bearing.h"
#include "core/catalog/material.h"
#include "core/fit/proposal.h"
#include "core/job/adjust.h"
#include "core/job/closing.h"
#include "core/job/heat.h"
#include "core/job/revision.h"
#include "core/job/step.h"
#include "core/job/worked.h"
#include "core/measure/form.h"
#include "core/measure/old_bearing.h"
#include "core/measure/seat_condition.h"
#include "core/measure/spacer.h"
#include "core/route/removal.h"
#include "core/standards/limits.h"

#include <functional>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace arbor::job {

enum class Units { Metric, Inch };

/// The guided checks on the machine before anything is taken apart, and what was found.
enum class Check { Rock, Turn, Listen, Heat, Leak };
inline constexpr Check kChecks[] = {Check::Rock, Check::Turn, Check::Listen, Check::Heat, Check::Leak};
enum class Found { NotLooked, Fine, Bad };

/// What the work is done with.
enum class Means {
    Press,    ///< the one at hand, or another of the rack where that one does not do
    DrawBolt, ///< on the machine: a draw bolt, by its nut or a hollow ram
    Hand,     ///< no press and no bolt: pullers, drift, hammer and sleeve
    Vice,     ///< a bench vice, for what needs little force
    Own,      ///< the job's own nut, or the screws of its flange
};
inline constexpr Means kMeans[] = {Means::Press, Means::DrawBolt, Means::Hand, Means::Vice, Means::Own};

/// What is known before stripping.
struct Intake {
    std::string complaint;
    std::string position; ///< shaft position and side
    std::map<Check, Found> checks;
    std::optional<bool> bothSides; ///< nothing: not decided yet
    std::string sideReason;
    std::vector<std::string> photos; ///< beside the job file
    friend bool operator==(const Intake&, const Intake&) = default;
};

/// How the work came in, where that changes how it comes apart.
enum class AsFound {
    InnerRingMissing, ///< it fell out, or broke up
    LugBroken,        ///< of a retaining ring
    OilInside,        ///< the bearing lives in the machine's oil
};
inline constexpr AsFound kAsFound[] = {AsFound::InnerRingMissing, AsFound::LugBroken, AsFound::OilInside};

/// How one part sat before it left, which the last hand may have got wrong.
struct PartAsFound {
    std::optional<bool> otherWay;   ///< against the drawing; nothing: nobody has looked
    std::optional<double> depth_mm; ///< below the face beside it
    std::string place;              ///< angle and place: "gap at six o'clock"
    std::string photo;              ///< beside the job file
    std::set<AsFound> condition;    ///< what of kAsFound is true of this part
    friend bool operator==(const PartAsFound&, const PartAsFound&) = default;
};

/// How far the arrangement is taken apart and put together again; parts by id.
struct StripState {
    route::Rust rust = route::Rust::None;
    std::set<AsFound> asFound = {};
    std::set<std::string> onTheBench; ///< kit lines that are there
    std::set<std::string> out;
    std::set<std::string> fitted;
    std::set<std::string> wayRoundSeen;            ///< the right way round, looked at
    std::map<std::string, route::Method> methods;  ///< chosen for a tight ring, in place of the best
    std::set<std::string> stays = {};              ///< parts that are left where they are: not out, and not in again
    std::map<std::string, PartAsFound> parts = {}; ///< what was noted of each before it left
    friend bool operator==(const StripState&, const StripState&) = default;
};

/// The user's own verdict in place of the program's.
struct Overrule {
    measure::Verdict verdict = measure::Verdict::Use;
    std::string note;
    friend bool operator==(const Overrule&, const Overrule&) = default;
};

/// One surface of a seat as it was measured and looked at.
struct SurfaceCard {
    std::vector<measure::DiameterReading> readings;
    measure::GaugeState gauge;
    measure::Condition condition;
    std::optional<double> formLimit_mm; ///< stated on the drawing; nothing: half the class
    std::optional<Overrule> overrule;
    GaugeUsed gaugeUsed = {};
    friend bool operator==(const SurfaceCard&, const SurfaceCard&) = default;
};

/// A repair sleeve that goes into, or onto, a seat.
struct SleeveChoice {
    std::string material = "carbon_steel";
    double outsideDia_mm = 0;
    Interval interference_mm; ///< in the outer part
    bool boredInPlace = true;
    friend bool operator==(const SleeveChoice&, const SleeveChoice&) = default;
};

struct SeatCard {
    SurfaceCard hole;
    SurfaceCard shaft;
    std::optional<SleeveChoice> sleeve;
    friend bool operator==(const SeatCard&, const SeatCard&) = default;
};

/// What was found when the parts were clean.
struct Measured {
    std::map<SeatKey, SeatCard> seats;
    std::map<std::string, measure::SpacerReadings> spacers; ///< by part
    std::map<std::string, double> cupStand_mm;              ///< by part: how far it stands proud of its face
    std::set<measure::Sign> oldBearing;
    friend bool operator==(const Measured&, const Measured&) = default;
};

/// How the bearing works; decides which ring must be tight.
struct Work {
    fit::LoadCase load = fit::LoadCase::NotSaid;
    double loadShare = 0.1; ///< P/C
    double speed_rpm = 0;
    bool mustSlide = false; ///< the ring that stands still has to move along its seat
    friend bool operator==(const Work&, const Work&) = default;
};

struct WorkTemperatures {
    double innerRing_C = 20;
    double outerRing_C = 20;
    double housing_C = 20;
    double shaft_C = 20;
    friend bool operator==(const WorkTemperatures&, const WorkTemperatures&) = default;
};

/// What is typed at Close before the record is written, so that it survives a closed window.
struct RecordDraft {
    std::string who;
    std::string notes;
    friend bool operator==(const RecordDraft&, const RecordDraft&) = default;
};

/// What the user said, chose and measured: the document of one job.
struct Job {
    std::string id;
    std::string title;
    std::string machine = {}; ///< it belongs to; empty: not said
    std::string customer;
    std::string wantedBy = {}; ///< ISO 8601; empty: not said
    int rank = 2;              ///< among the jobs of the day: 1 first, 2 usual, 3 when there is time
    Units units = Units::Metric;
    WorkTemperatures temperatures;
    Work work;
    Measured measured;
    catalog::Lubricant lubricant = catalog::Lubricant::LightOil; ///< of the steps that say nothing else
    std::string press;                                           ///< of the rack: the one at hand
    Means means = Means::Press;
    arrangement::Arrangement arrangement;
    Intake intake;
    StripState strip;
    Heat heat;
    std::map<StepKey, StepRecord> steps; ///< those that something is known of
    Adjust adjust;
    Closing closing;
    std::set<Station> done;     ///< of those that belong to the whole job
    std::set<Station> reopened; ///< they were done and are not now
    RecordDraft draft;
    std::optional<Record> record;
    std::vector<Revision> revisions; ///< that were released before this one
    std::vector<Worked> worked;      ///< what of it took how long
};

/// Whether a part was found so: it was said of the part, or of the job while no part is named with it.
bool wasFound(const Job& job, AsFound what, const std::string& part);

/// What is kept of a step; of one that nobody has worked on, what a new one has.
const StepRecord& stepOf(const Job& job, const StepKey& key);
/// Changes what is kept of a step; one that says nothing any more is not kept.
void changeStep(Job& job, const StepKey& key, const std::function<void(StepRecord&)>& change);

/// What the seat of a step goes in with: the step's own, else the job's.
catalog::Lubricant lubricantOf(const Job& job, const SeatKey& seat);

/// A station is finished, or reopened, which is remembered until it is finished again.
/// @param step  that it belongs to; null for those of the whole job
void setDone(Job& job, Station station, const StepKey* step, bool done);
/// What of it was begun and ends with that station is ended. @param step  as it is typed; empty: of the whole job
void endWork(Job& job, Station station, const std::string& step, const std::string& when);
/// The machine is released by somebody; nobody: a release is taken back.
/// @param when  ISO 8601
void release(Closing& closing, const std::string& by, const std::string& when);
/// Written and released: what stands in it is changed by a new revision only.
bool isLocked(const Job& job);
/// Which state of the job this is, from 1: one more than were released before.
int revisionOf(const Job& job);

/// The stations that are done, those of one step among them. @param step  null: of none
std::set<Station> doneOf(const Job& job, const StepKey* step);

} // namespace arbor::job
