// Several jobs on one press, one oven, one freezer. What a plan must keep is judged here once more, by itself.
#include "core/day/bound.h"
#include "core/day/clock.h"
#include "core/day/moved.h"
#include "solver/clash.h"
#include "solver/solve.h"

#include <algorithm>
#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <random>

using namespace arbor;
using namespace arbor::day;

namespace {

constexpr Minute kSeven = 7 * 60;

/// A shop with an oven, a freezer, two presses and so many people.
Day shopOf(std::size_t people) {
    Day day;
    day.now = kSeven;
    day.presses = {"P30", "P2"};
    day.sources = {{"oven", "Oven", true, 2, 20, 5}, {"freezer", "Freezer", false, 4, 0, 5}};
    for (std::size_t k = 0; k < people; ++k)
        day.people.push_back({"P" + std::to_string(k)});
    return day;
}

std::size_t add(Day& day, const std::string& job, Work work, Minute lasts, std::optional<std::size_t> after,
                const std::string& step = {}) {
    Piece piece;
    piece.key = {job, work, step};
    piece.lasts = lasts;
    if (after) piece.after.push_back({*after, 0});
    day.pieces.push_back(piece);
    return day.pieces.size() - 1;
}

std::size_t addSoak(Day& day, std::size_t into, const std::string& source, Minute lasts, Interval setting_C,
                    std::optional<std::size_t> after, double litres = 1) {
    const auto key = day.pieces[into].key;
    const auto soak = add(day, key.job, source == "oven" ? Work::SoakOuter : Work::SoakInner, lasts, after, key.step);
    auto& piece = day.pieces[soak];
    piece.byHand = false;
    piece.source = source;
    piece.into = into;
    piece.litres = litres;
    piece.setting_C = setting_C;
    return soak;
}

/// Strip, measure, so many presses in, some of them warm; what is warm cools before it is proven.
void addJob(Day& day, std::mt19937& chance, int steps) {
    const auto from = [&](int least, int most) { return std::uniform_int_distribution(least, most)(chance); };
    const auto job = "J-" + std::to_string(day.jobs.size());
    day.jobs.push_back({job, from(0, 1) ? std::optional<Minute>(kSeven + from(60, 700)) : std::nullopt, from(1, 3)});
    auto last = add(day, job, Work::Strip, from(5, 30), {});
    for (int k = 0; k < steps; ++k) {
        const auto step = "in:" + std::to_string(k);
        const auto in = add(day, job, Work::In, from(3, 15), last, step);
        day.pieces[in].press = day.presses[static_cast<std::size_t>(from(0, 1))];
        const bool warm = from(0, 2) > 0;
        if (warm) {
            const double least = from(80, 120);
            addSoak(day, in, "oven", from(15, 90), {least, least + from(0, 40)}, last, from(1, 12));
            if (from(0, 1)) addSoak(day, in, "freezer", from(20, 60), {-18, -18}, last);
        }
        last = add(day, job, Work::Prove, from(2, 6), {}, step);
        day.pieces[last].after.push_back({in, warm ? from(10, 40) : 0});
    }
}

bool overlap(const Placed& a, const Placed& b) {
    return a.start < b.end && b.start < a.end;
}

/// How many of them there are at the fullest moment, each counted as much.
double fullest(const std::vector<Placed>& all, const std::vector<double>& each) {
    double most = 0;
    for (const auto& moment : all) {
        double sum = 0;
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].start <= moment.start && moment.start < all[i].end) sum += each[i];
        most = std::max(most, sum);
    }
    return most;
}

void expectOrderKept(const Day& day, const std::vector<Placed>& at) {
    for (std::size_t i = 0; i < at.size(); ++i) {
        const auto& piece = day.pieces[i];
        if (piece.began) {
            EXPECT_EQ(at[i].start, *piece.began) << "what runs is kept";
            continue;
        }
        EXPECT_GE(at[i].start, day.now);
        EXPECT_GE(at[i].end - at[i].start, piece.lasts);
        EXPECT_EQ(at[i].start, piece.fixed.value_or(at[i].start));
        for (const auto& after : piece.after)
            EXPECT_GE(at[i].start, at[after.piece].end + after.wait);
        const auto end = piece.isSoak() ? at[piece.into].start : at[i].start + piece.lasts;
        EXPECT_EQ(at[i].end, end) << "no window missed: it is pressed when it leaves";
    }
}

void expectOneThingAtATime(const Day& day, const std::vector<Placed>& at) {
    for (std::size_t i = 0; i < at.size(); ++i)
        for (std::size_t k = 0; k < i; ++k) {
            if (!overlap(at[i], at[k])) continue;
            const auto &a = day.pieces[i], &b = day.pieces[k];
            EXPECT_TRUE(a.press.empty() || a.press != b.press) << a.press;
            EXPECT_TRUE(!a.byHand || !b.byHand || at[i].who != at[k].who) << at[i].who;
        }
    for (std::size_t i = 0; i < at.size(); ++i) {
        if (!day.pieces[i].byHand || day.pieces[i].began) continue;
        const auto hours = hoursOf(day, day.people.at(at[i].who).hours, horizonOf(day));
        EXPECT_TRUE(std::any_of(hours.begin(), hours.end(),
                                [&](const Hours& h) { return h.from <= at[i].start && at[i].end <= h.until; }));
    }
}

void expectRoomInSources(const Day& day, const std::vector<Placed>& at) {
    for (const auto& source : day.sources) {
        std::vector<Placed> in;
        std::vector<double> one, litres;
        for (std::size_t i = 0; i < at.size(); ++i) {
            const auto& piece = day.pieces[i];
            if (piece.source != source.id) continue;
            in.push_back(at[i]);
            one.push_back(1);
            litres.push_back(piece.litres);
            EXPECT_GE(at[i].setting_C, piece.setting_C.lower);
            EXPECT_LE(at[i].setting_C, piece.setting_C.upper) << "under its ceiling";
            EXPECT_TRUE(!source.warms || at[i].start / kDay == at[i].end / kDay) << "no oven is on at night";
        }
        EXPECT_LE(fullest(in, one), source.places);
        EXPECT_TRUE(source.litres == 0 || fullest(in, litres) <= source.litres);
        for (const auto& a : in)
            for (const auto& b : in)
                EXPECT_TRUE(a.setting_C == b.setting_C || a.start > b.start ||
                            b.start - a.end >= changeOf(source, a.setting_C, b.setting_C))
                    << "one temperature at a time";
    }
}

void expectSound(const Day& day, const DayPlan& plan) {
    ASSERT_EQ(plan.at.size(), day.pieces.size());
    expectOrderKept(day, plan.at);
    expectOneThingAtATime(day, plan.at);
    expectRoomInSources(day, plan.at);
    EXPECT_EQ(plan.cost, costOf(day, plan.at));
    EXPECT_LE(plan.bound, plan.cost);
    EXPECT_LE(lowerBound(day), plan.cost) << "worked out without the solver";
}

/// The best of all plans on one person, one press and one place in the oven, minute by minute: tried, every one.
/// What is soaked goes in as late as it may, which is never in anybody's way.
class Everything {
public:
    explicit Everything(const Day& day, Minute until) : m_day(day), m_until(until), m_at(day.pieces.size()) {}
    std::int64_t least() {
        place(0);
        return m_least;
    }

private:
    void place(std::size_t i) {
        if (i == m_day.pieces.size()) {
            if (isSound()) m_least = std::min(m_least, costOf(m_day, m_at));
            return;
        }
        const auto& piece = m_day.pieces[i];
        if (piece.isSoak()) {
            m_at[i] = {m_at[piece.into].start - piece.lasts, m_at[piece.into].start};
            return place(i + 1);
        }
        Minute from = m_day.now;
        for (const auto& after : piece.after)
            from = std::max(from, m_at[after.piece].end + after.wait);
        for (Minute start = from; start + piece.lasts <= m_until; ++start) {
            m_at[i] = {start, start + piece.lasts};
            bool free = true;
            for (std::size_t k = 0; k < i && free; ++k)
                free = m_day.pieces[k].isSoak() || !overlap(m_at[i], m_at[k]);
            if (free) place(i + 1);
        }
    }
    bool isSound() const {
        for (std::size_t i = 0; i < m_at.size(); ++i) {
            const auto& piece = m_day.pieces[i];
            if (!piece.isSoak()) continue;
            for (const auto& after : piece.after)
                if (m_at[i].start < m_at[after.piece].end + after.wait) return false;
            for (std::size_t k = 0; k < i; ++k)
                if (m_day.pieces[k].isSoak() && overlap(m_at[i], m_at[k])) return false;
            if (m_at[i].start < m_day.now) return false;
        }
        return true;
    }

    const Day& m_day;
    const Minute m_until;
    std::vector<Placed> m_at;
    std::int64_t m_least = 1'000'000;
};

} // namespace

TEST(DayBoard, EachTemperatureSuitsAllThatShareIt) {
    Day day = shopOf(1);
    const auto in = add(day, "J", Work::In, 5, {});
    const auto a = addSoak(day, in, "oven", 10, {83, 120}, {}), b = addSoak(day, in, "oven", 10, {118, 200}, {}),
               c = addSoak(day, in, "oven", 10, {125, 200}, {});
    const auto settings = settingsOf(day);
    EXPECT_EQ(settings[a], 118) << "the first two go together";
    EXPECT_EQ(settings[b], 118);
    EXPECT_EQ(settings[c], 125);
    EXPECT_EQ(changeOf(day.sources[0], 118, 125), 2);
}

TEST(DayBoard, ALongerDayIsWorkedInHoursOnly) {
    Day day = shopOf(1);
    day.weekday = 5; // Friday: goes on on Monday
    const auto hours = hoursOf(day, {}, 4 * kDay);
    ASSERT_EQ(hours.size(), 2U);
    EXPECT_EQ(hours[1].from, 3 * kDay + kSeven);
    day.weekday = 6;
    EXPECT_EQ(hoursOf(day, {}, kDay).size(), 1U) << "who plans a Saturday works on it";
}

TEST(DayBoard, AloneAJobTakesItsOwnTime) {
    Day day = shopOf(1);
    day.jobs = {{"J", kSeven + 30, 2}};
    const auto strip = add(day, "J", Work::Strip, 10, {}), in = add(day, "J", Work::In, 5, strip);
    addSoak(day, in, "oven", 60, {100, 120}, strip);
    day.pieces[add(day, "J", Work::Prove, 4, {})].after = {{in, 30}};
    EXPECT_EQ(endOf(day, earliest(day), "J"), kSeven + 10 + 60 + 5 + 30 + 4);
    EXPECT_EQ(lowerBound(day), 2 * (109 + kLateness * (109 - 30)));
}

#define NEEDS_SOLVER()                                                                                                 \
    if (!canSolve()) GTEST_SKIP() << "built without Gecode"

TEST(DaySolver, ABuildWithoutItSaysSo) {
    Day day = shopOf(1);
    day.jobs = {{"J", {}, 2}};
    add(day, "J", Work::Strip, 10, {});
    const auto plan = solve(day);
    EXPECT_EQ(plan.has_value(), canSolve());
    EXPECT_TRUE(plan || plan.error() == NoPlan::NoSolver);
}

TEST(DaySolver, FiveHundredRandomShopsKeepWhatMustBeKept) {
    NEEDS_SOLVER();
    for (unsigned seed = 0; seed < 500; ++seed) {
        SCOPED_TRACE(seed);
        std::mt19937 chance(seed);
        Day day = shopOf(1 + seed % 3);
        day.weekday = static_cast<int>(seed % 7);
        if (seed % 5 == 0) day.people.front().hours = {6 * 60, 14 * 60};
        if (seed % 7 == 0) day.people.back().hours = {8 * 60, 16 * 60 + 30};
        if (seed % 11 == 0) day.now = 14 * 60 + 17; // much of it is for tomorrow
        const auto jobs = 1 + seed % 5;
        for (unsigned j = 0; j < jobs; ++j)
            addJob(day, chance, 1 + static_cast<int>(seed % 3));
        if (seed % 4 == 0) { // one is in hand since before
            day.pieces[0].began = day.now - 10;
            day.pieces[0].lasts += 10;
        }
        const auto plan = solve(day, {.seconds = 0.01, .seed = seed});
        ASSERT_TRUE(plan) << static_cast<int>(plan.error());
        expectSound(day, *plan);
        if (HasFailure()) return;
    }
}

TEST(DaySolver, OnSmallOnesNoPlanIsBetterAndTheBoundIsUnderAll) {
    NEEDS_SOLVER();
    for (unsigned seed = 0; seed < 40; ++seed) {
        SCOPED_TRACE(seed);
        std::mt19937 chance(seed);
        const auto from = [&](int least, int most) { return std::uniform_int_distribution(least, most)(chance); };
        Day day = shopOf(1);
        day.presses = {"P30"};
        day.sources = {{"oven", "Oven", true, 1, 0, 5}};
        for (int j = 0; j < 2; ++j) {
            const auto job = "J" + std::to_string(j);
            day.jobs.push_back({job, kSeven + from(3, 16), from(1, 3)});
            const auto strip = add(day, job, Work::Strip, from(1, 4), {});
            const auto in = add(day, job, Work::In, from(1, 4), strip, "in:a");
            day.pieces[in].press = "P30";
            addSoak(day, in, "oven", from(1, 6), {100, 120}, strip);
        }
        const auto best = Everything(day, kSeven + 26).least();
        const auto plan = solve(day, {.seconds = 0.2, .seed = seed});
        ASSERT_TRUE(plan);
        expectSound(day, *plan);
        EXPECT_GE(plan->cost, best);
        EXPECT_LE(plan->cost, best + best / 400);
        EXPECT_LE(plan->bound, best);
        EXPECT_GE(plan->bound, best - best / 400 - 1) << "proven, but for a gain that is not looked for";
        EXPECT_LE(lowerBound(day), best);
    }
}

TEST(DaySolver, WhoIsWantedFirstGoesFirst) {
    NEEDS_SOLVER();
    Day day = shopOf(1);
    day.jobs = {{"late", {}, 2}, {"soon", kSeven + 30, 2}};
    for (const auto& job : day.jobs)
        add(day, job.job, Work::Strip, 30, {});
    const auto plan = solve(day);
    ASSERT_TRUE(plan);
    EXPECT_EQ(endOf(day, plan->at, "soon"), kSeven + 30);
    day.jobs = {{"late", {}, 1}, {"soon", {}, 3}};
    const auto ranked = solve(day);
    ASSERT_TRUE(ranked);
    EXPECT_EQ(endOf(day, ranked->at, "late"), kSeven + 30);
}

TEST(DaySolver, FixedStartsThatClashAreNoPlan) {
    NEEDS_SOLVER();
    Day day = shopOf(2);
    day.jobs = {{"A", {}, 2}, {"B", {}, 2}};
    for (const auto& job : day.jobs) {
        const auto in = add(day, job.job, Work::In, 20, {});
        day.pieces[in].press = "P30";
        day.pieces[in].fixed = kSeven + 60;
    }
    const auto plan = solve(day);
    ASSERT_FALSE(plan);
    EXPECT_EQ(plan.error(), NoPlan::Clashes);
    EXPECT_EQ(canBe(day, {}, {0.5}), std::optional(false));
    day.pieces[1].fixed = kSeven + 80;
    const auto apart = solve(day);
    ASSERT_TRUE(apart);
    expectSound(day, *apart);
}

TEST(DaySolver, TheJobsInTimeCanBeAskedFor) {
    NEEDS_SOLVER();
    Day day = shopOf(1);
    day.jobs = {{"A", kSeven + 30, 2}, {"B", kSeven + 40, 2}};
    for (const auto& job : day.jobs)
        add(day, job.job, Work::Strip, 30, {});
    EXPECT_EQ(canBe(day, {"A"}, {0.5}), std::optional(true));
    EXPECT_EQ(canBe(day, {"B"}, {0.5}), std::optional(true));
    EXPECT_EQ(canBe(day, {"A", "B"}, {0.5}), std::optional(false));
}

TEST(DayBoard, MinutesAreCountedFromTheDayThatIsPlanned) {
    EXPECT_EQ(minuteOf("2026-11-30T09:33:10", "2026-11-30"), 9 * 60 + 33);
    EXPECT_EQ(minuteOf("2026-12-01T00:05:00", "2026-11-30"), kDay + 5);
    EXPECT_EQ(minuteOf("2026-11-29T23:00:00", "2026-11-30"), -60);
    EXPECT_EQ(instantOf(-60, "2026-03-01"), "2026-02-28T23:00:00");
    EXPECT_EQ(instantOf(kDay + 5, "2026-12-31"), "2027-01-01T00:05:00");
    EXPECT_EQ(weekdayOf("2026-11-30"), 1) << "a Monday";
    for (const char* none : {"", "noon", "2026-13-01T10:00:00", "2026-02-30T10:00:00", "2026-11-30"})
        EXPECT_FALSE(minuteOf(none, "2026-11-30")) << none;
}

TEST(DayBoard, TellsCausesFirstAndOneMoveAJob) {
    Day day = shopOf(1);
    day.jobs = {{"A", {}, 2}, {"B", {}, 2}};
    const auto a = add(day, "A", Work::Strip, 30, {}), b = add(day, "B", Work::Strip, 30, {}),
               c = add(day, "B", Work::Measure, 10, b);
    day.pieces[a].began = kSeven;
    const KeptPlan before{{day.pieces[a].key, {kSeven, kSeven + 10}},
                          {day.pieces[b].key, {kSeven + 10, kSeven + 40}},
                          {day.pieces[c].key, {kSeven + 40, kSeven + 50}}};
    const DayPlan plan{{{kSeven, kSeven + 30}, {kSeven + 30, kSeven + 60}, {kSeven + 60, kSeven + 70}}, 0, 0};
    const auto all = moves(day, plan, before);
    ASSERT_EQ(all.size(), 2U);
    EXPECT_EQ(all[0].kind, Move::Kind::TookLonger);
    EXPECT_EQ(all[0].is - all[0].was, 20);
    EXPECT_EQ(all[1].piece, b) << "what follows in B goes with it";
    EXPECT_TRUE(moves(day, plan, kept(day, plan)).empty());
}

TEST(DaySolver, NamesTheJobWithWhichAnotherCannotBeInTime) {
    NEEDS_SOLVER();
    Day day = shopOf(1);
    day.jobs = {{"A", kSeven + 30, 2}, {"B", kSeven + 40, 2}, {"C", kSeven + 5, 2}};
    for (const auto& job : day.jobs)
        add(day, job.job, Work::Strip, 30, {});
    const auto plan = solve(day);
    ASSERT_TRUE(plan);
    const auto clashes = clashesOfTimes(day, *plan);
    const auto about = [&](const std::string& job) {
        return std::find_if(clashes.begin(), clashes.end(), [&](const Clash& c) { return c.one.job == job; });
    };
    ASSERT_NE(about("C"), clashes.end());
    EXPECT_FALSE(about("C")->other) << "thirty minutes of work do not go into five";
    EXPECT_TRUE(about("A") != clashes.end() || about("B") != clashes.end()) << "one person, an hour of work";
}

TEST(DaySolver, WhatIsSoAlreadyIsNoClash) {
    NEEDS_SOLVER();
    Day day = shopOf(1);
    day.people.push_back({"late", {8 * 60, 16 * 60 + 30}});
    day.now = 5 * 60 + 44; // before anybody's hours
    day.jobs = {{"A", {}, 2}, {"B", {}, 2}, {"C", {}, 2}};
    for (const auto& job : day.jobs) { // three at once on one press, by two people
        const auto in = add(day, job.job, Work::In, 20, {});
        day.pieces[in].press = "P30";
        day.pieces[in].began = day.now - 5;
        const auto next = add(day, job.job, Work::In, 20, in, "in:b");
        day.pieces[next].press = "P30";
        const auto first = addSoak(day, next, "oven", 10, {80, 90}, {}, 30); // larger than the oven
        day.pieces[first].began = day.now - 30;
        day.pieces[first].setting_C = {job.job == "A" ? 80.0 : 120.0, 120.0};
        addSoak(day, next, "freezer", 12 * 60, {-18, -18}, {});
    }
    const auto plan = solve(day, {0.3});
    ASSERT_TRUE(plan) << static_cast<int>(plan.error());
    expectOrderKept(day, plan->at);
    EXPECT_LE(lowerBound(day), plan->cost);
}
