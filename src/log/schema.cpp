#include "log/schema.h"

namespace arbor::log {

namespace {

constexpr const char* kPress = R"(CREATE TABLE press (
    id TEXT PRIMARY KEY, job_id TEXT NOT NULL, title TEXT NOT NULL, customer TEXT NOT NULL,
    bearing TEXT NOT NULL, family TEXT NOT NULL, bore TEXT NOT NULL, who TEXT NOT NULL, done_at TEXT NOT NULL,
    notes TEXT NOT NULL, tools TEXT NOT NULL, verdict TEXT NOT NULL, press_verdict TEXT NOT NULL,
    seat_material TEXT NOT NULL, lubricant TEXT NOT NULL,
    interference_um DOUBLE PRECISION, expected_n DOUBLE PRECISION, peak_n DOUBLE PRECISION,
    friction DOUBLE PRECISION, rise_um DOUBLE PRECISION, minutes DOUBLE PRECISION))";
/// Apart, so that counting over all presses does not read their whole jobs.
constexpr const char* kDocument =
    "CREATE TABLE press_document (id TEXT PRIMARY KEY REFERENCES press (id), document TEXT NOT NULL)";
constexpr const char* kByTime = "CREATE INDEX press_done_at ON press (done_at)";
constexpr const char* kByBearing = "CREATE INDEX press_bearing ON press (bearing)";

/// Everything a chart asks for lies in the index itself.
constexpr const char* kForce = "CREATE INDEX press_force ON press (family, expected_n, peak_n)";
constexpr const char* kMinutes = "CREATE INDEX press_minutes ON press (family, minutes)";
constexpr const char* kRepeats = "CREATE INDEX press_title ON press (title, verdict)";

// Version 2: where on the machine, which shape of work, how warm. What was there keeps its place and is found as
// before.
constexpr const char* kPosition = "ALTER TABLE press ADD COLUMN position TEXT NOT NULL DEFAULT ''";
constexpr const char* kShape = "ALTER TABLE press ADD COLUMN shape TEXT NOT NULL DEFAULT ''";
constexpr const char* kOuter = "ALTER TABLE press ADD COLUMN outer_degc DOUBLE PRECISION";
constexpr const char* kInner = "ALTER TABLE press ADD COLUMN inner_degc DOUBLE PRECISION";
constexpr const char* kDropForce = "DROP INDEX press_force";
constexpr const char* kDropMinutes = "DROP INDEX press_minutes";
constexpr const char* kForceByShape = "CREATE INDEX press_force ON press (shape, expected_n, peak_n)";
constexpr const char* kDropRepeats = "DROP INDEX press_title";
constexpr const char* kRepeatsByPlace = "CREATE INDEX press_title ON press (title, position, verdict)";
constexpr const char* kBad = "CREATE INDEX press_bad ON press (title, position) WHERE verdict <> 'home_and_square'";
constexpr const char* kMinutesByShape = "CREATE INDEX press_minutes ON press (shape, minutes)";

// Version 3: a row a step. What comes out is no bad seat.
constexpr const char* kStep = "ALTER TABLE press ADD COLUMN step TEXT NOT NULL DEFAULT ''";
constexpr const char* kDropBad = "DROP INDEX press_bad";
constexpr const char* kBadSeat =
    "CREATE INDEX press_bad ON press (title, position) WHERE verdict <> 'home_and_square' AND verdict <> 'out'";

// Version 4: the force against what was expected is worked out once, when it is written, not for every chart.
constexpr const char* kRatio = "ALTER TABLE press ADD COLUMN force_ratio DOUBLE PRECISION";
constexpr const char* kRatioOfThose =
    "UPDATE press SET force_ratio = peak_n / expected_n WHERE peak_n > 0 AND expected_n > 0";
constexpr const char* kRatioByShape = "CREATE INDEX press_force ON press (shape, force_ratio)";

} // namespace

const std::vector<Migration>& migrations() {
    // The same in both dialects.
    static const std::vector<const char*> second{kPosition,       kShape,          kOuter,       kInner,
                                                 kDropForce,      kDropMinutes,    kDropRepeats, kForceByShape,
                                                 kMinutesByShape, kRepeatsByPlace, kBad};
    static const std::vector<const char*> third{kStep, kDropBad, kBadSeat};
    static const std::vector<const char*> fourth{kRatio, kRatioOfThose, kDropForce, kRatioByShape};
    static const std::vector<Migration> all{
        {{kPress, kDocument, kByTime, kByBearing, kForce, kMinutes, kRepeats,
          "CREATE VIRTUAL TABLE press_text USING fts5(words)"},
         {kPress, kDocument, kByTime, kByBearing, kForce, kMinutes, kRepeats,
          "CREATE TABLE press_text (id TEXT PRIMARY KEY REFERENCES press (id), words TSVECTOR NOT NULL)",
          "CREATE INDEX press_text_words ON press_text USING GIN (words)"}},
        {second, second},
        {third, third},
        {fourth, fourth}};
    return all;
}

} // namespace arbor::log
