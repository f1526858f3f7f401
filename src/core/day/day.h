#pragma once

#include "core/base/range.h"
#include "core/job/worked.h"

#include <cstdint>
#include <optional>
#include <string>
#include <tuple>
#include <vector>

/// Several jobs on one press, one oven, one freezer: what is to be done, what it needs, and when it goes where.
namespace arbor::day {

/// Whole minutes since midnight of the day that is planned; more than 1440: on a later one.
using Minute = int;
inline constexpr Minute kDay = 24 * 60;

using Work = job::Doing;

/// A piece of work by what it is, so that it is known again in the next plan.
struct Key {
    std::string job; ///< its number
    Work work = Work::Strip;
    std::string step = {}; ///< as it is typed, "in:bearing"; empty: of the whole job
    friend bool operator==(const Key&, const Key&) = default;
    friend bool operator<(const Key& a, const Key& b) {
        return std::tie(a.job, a.work, a.step) < std::tie(b.job, b.work, b.step);
    }
};

/// Not before another piece has ended, and so long after it.
struct After {
    std::size_t piece = 0;
    Minute wait = 0; ///< as until it is cold
};

/// One thing that is done without a break.
struct Piece {
    Key key;
    std::string part;     ///< what is worked on, as it is labelled; empty: the whole job
    Minute lasts = 1;     ///< at least; of a soak the time it needs
    double usual_min = 0; ///< of work by hand: before the shop's own times were known
    bool byHand = true;   ///< somebody is at it
    std::string press;    ///< id; empty: none
    std::vector<After> after;

    // Of a soak alone: it leaves its source when what it is warmed or chilled for begins, and not before.
    std::string source; ///< id; empty: it is no soak
    std::size_t into = 0;
    double litres = 0;
    Interval
        setting_C; ///< of the source, that warms it enough and is under its ceilings (or chills it, over its floors)

    double window_s = 0; ///< of a warm step: it must sit by then; 0: it is cold, or stays open
    double walk_s = 0;   ///< of it, from the source to the press

    std::optional<Minute> notBefore; ///< as until what was pressed is cold
    std::optional<Minute> began;     ///< it runs
    std::optional<Minute> fixed;     ///< its start is fixed by somebody

    bool isSoak() const { return !source.empty(); }
};

/// An oven, a plate, a freezer with its room.
struct Source {
    std::string id;
    std::string name;
    bool warms = true;
    int places = 1;
    double litres = 0;       ///< 0: not said
    double change_K_min = 5; ///< how fast it comes to another temperature
};

struct Hours {
    Minute from = 7 * 60;
    Minute until = 16 * 60;
    friend bool operator==(const Hours&, const Hours&) = default;
};

struct Person {
    std::string name;
    Hours hours = {};
};

/// When a job is wanted, and how it goes before others.
struct Wanted {
    std::string job;
    std::optional<Minute> by;
    int rank = 2; ///< 1 first, 2 usual, 3 when there is time
};
inline constexpr int kRanks = 3;

/// All that a plan is made of.
struct Day {
    int weekday = 1; ///< of the day, from 0: Sunday
    Minute now = 0;
    std::vector<std::string> presses;
    std::vector<Source> sources;
    std::vector<Person> people;
    std::vector<Wanted> jobs;
    std::vector<Piece> pieces;

    Hours open() const; ///< from the first who comes to the last who goes
};

/// Where a piece stands in a plan.
struct Placed {
    Minute start = 0;
    Minute end = 0;
    std::size_t who = 0;  ///< into the people; of what is done by hand
    double setting_C = 0; ///< of a soak: the source's
    friend bool operator==(const Placed&, const Placed&) = default;
};

struct DayPlan {
    std::vector<Placed> at; ///< by piece
    std::int64_t cost = 0;  ///< as costOf has it
    std::int64_t bound = 0; ///< no plan of these pieces costs less
    double gap() const;     ///< how far it may be from the best there is, as a share of the bound
};

/// When the last piece of a job ends. @param job  its number
Minute endOf(const Day& day, const std::vector<Placed>& at, const std::string& job);

/// What a plan is judged by: each job's minutes until it is done, and ten times those beyond its time, by its rank.
std::int64_t costOf(const Day& day, const std::vector<Placed>& at);
int weightOf(int rank);              ///< 4, 2, 1
inline constexpr int kLateness = 10; ///< what a minute beyond its time costs more than one before

/// What a job costs that ends then.
std::int64_t costAt(const Day& day, const Wanted& job, Minute end);

/// The hours of the day planned and of those after it, Saturday and Sunday left out.
std::vector<Hours> hoursOf(const Day& day, const Hours& daily, Minute horizon);
/// As far as a plan looks.
Minute horizonOf(const Day& day);

/// The temperature each soak's source is set to, as few of them as do, so that parts share it: each suits all its
/// soaks. By piece; of those that are no soak 0.
std::vector<double> settingsOf(const Day& day);
/// No source hotter (or warmer, that chills) than what lies in it at a time asks for, where there is time to change it.
void settle(const Day& day, std::vector<Placed>& at);
/// How long a source takes from one temperature to another.
Minute changeOf(const Source& source, double from_C, double to_C);

} // namespace arbor::day
