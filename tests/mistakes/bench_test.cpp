// Mistakes planted in made-up jobs: a short run, and the parts of the bench by themselves.
#include "mistakes/bench.h"

#include "io/arrangement_file.h"
#include "mistakes/lesson.h"
#include "mistakes/shadow.h"
#include "mistakes/sound_world.h"
#include "support/shop.h"

#include <gtest/gtest.h>
#include <set>

using namespace arbor;
using namespace arbor::mistakes;
using arbor::testing::demoTables;

namespace {

// With the sanitizers everything takes ten times as long: they are shown all the code, not all the jobs.
#if defined(__has_feature)
#if __has_feature(address_sanitizer)
#define ARBOR_SLOW
#endif
#endif
#ifdef ARBOR_SLOW
constexpr bool kSlow = true;
#else
constexpr bool kSlow = false;
#endif

const std::vector<arrangement::Arrangement>& shapes() {
    static const auto all = [] {
        std::vector<arrangement::Arrangement> out;
        for (const auto& shape : io::shippedTemplates())
            out.push_back(shape.arrangement.value());
        return out;
    }();
    return all;
}

section::Body tube(double inner_mm, double outer_mm, double bottom_mm, double top_mm) {
    section::Body out;
    out.slices = {section::Slice::tube(0, top_mm - bottom_mm, inner_mm, outer_mm)};
    out.z_mm = bottom_mm;
    return out;
}

std::string told(const std::vector<Miss>& list) {
    std::string out;
    for (const auto& miss : list)
        out += "\n" + std::to_string(miss.job) + " " + miss.shape + " " + miss.what + ": " + miss.text;
    return out;
}

} // namespace

// The long run is `make mistakes`; docs/mistakes.md has what came of it.
TEST(Mistakes, OfAHundredJobsAreNamedAndNoneIsMadeUp) {
    if (kSlow) GTEST_SKIP() << "the next one goes through the same code";
    const auto score = run({17, 100}, shapes(), demoTables(), 1);
    const auto all = score.all();
    EXPECT_EQ(score.jobs, 100);
    EXPECT_GT(all.planted, 150);
    EXPECT_GE(all.caught, 0.995 * all.planted) << told(score.misses);
    EXPECT_GT(score.clean, 30);
    std::size_t met = 0;
    for (const auto& [key, tally] : score.families)
        met += tally.planted + tally.beyond > 0;
    EXPECT_GE(met + 3, families().size()) << "few jobs have a place for a sensor or a pilot";
    EXPECT_EQ(score.falseStops, 0) << told(score.falseAlarms);
    EXPECT_LE(score.falseChecks, 1) << told(score.falseAlarms);
}

TEST(Mistakes, TheSameSeedGivesTheSameRunHoweverManyWork) {
    const int jobs = kSlow ? 8 : 24;
    const auto one = run({5, jobs}, shapes(), demoTables(), 1), two = run({5, jobs}, shapes(), demoTables(), 2);
    EXPECT_EQ(one.all().planted, two.all().planted);
    for (const auto& [key, tally] : one.families)
        EXPECT_EQ(tally.planted, two.families.at(key).planted) << key;
    const auto other = run({6, jobs}, shapes(), demoTables(), 1);
    bool differs = false;
    for (const auto& [key, tally] : one.families)
        differs = differs || tally.planted != other.families.at(key).planted;
    EXPECT_TRUE(differs);
}

TEST(Mistakes, AProgramThatSaysSomethingElseIsNoHelp) {
    const Planted planted{"", {"seat_metal_gone"}, {"housing"}, {job::Station::Measure}};
    const Said right{job::Station::Measure, "", "seat_metal_gone", words::Tone::Stop, "Bore of Housing: worn"};
    auto otherReason = right, otherPart = right;
    otherReason.key = "seat_rough";
    otherPart.text = "Journal of shaft: worn";
    EXPECT_TRUE(isCaught(planted, {otherReason, right}));
    EXPECT_FALSE(isCaught(planted, {otherReason}));
    EXPECT_FALSE(isCaught(planted, {otherPart}));
    EXPECT_FALSE(isCaught(planted, {}));
}

// Clopper and Pearson: with nothing missed the bound is (1/40)^(1/n); five of ten is in every table.
TEST(Mistakes, BoundsAreThoseOfTheTables) {
    EXPECT_NEAR(boundsOf(100, 100).lower, std::pow(0.025, 0.01), 1e-9);
    EXPECT_NEAR(boundsOf(0, 100).upper, 1 - std::pow(0.025, 0.01), 1e-9);
    EXPECT_NEAR(boundsOf(5, 10).lower, 0.1871, 5e-5);
    EXPECT_NEAR(boundsOf(5, 10).upper, 0.8129, 5e-5);
}

TEST(Shadow, SeesTheWidestStretchThatNothingCovers) {
    const std::vector<section::Body> bodies = {tube(10, 30, 0, 10), tube(0, 15, 10, 20), tube(28, 40, 12, 14)};
    const auto band = seenOf(bodies, 0, true);
    ASSERT_TRUE(band);
    EXPECT_NEAR(band->from_mm, 15, 0.11);
    EXPECT_NEAR(band->to_mm, 28, 0.11);
    EXPECT_NEAR(seenOf(bodies, 0, false)->from_mm, 10, 0.11) << "nothing lies below it";
    EXPECT_FALSE(seenOf({tube(10, 20, 0, 5), tube(0, 30, 5, 6)}, 0, true));
}

TEST(Shadow, WhatStandsOverAPartStopsItUpAndNotDown) {
    const auto plug = tube(0, 10, 0, 5), lid = tube(8, 20, 5, 6), aside = tube(11, 20, 5, 6);
    EXPECT_TRUE(runsInto(plug, lid, true));
    EXPECT_FALSE(runsInto(plug, lid, false));
    EXPECT_FALSE(runsInto(plug, aside, true));
    EXPECT_TRUE(isWithin(lid, {7, 9}, 5.5, 9));
    EXPECT_FALSE(isWithin(lid, {1, 7}, 0, 9));
}

// A hand with a gauge reads what is there: within what the gauge is sure to, and not all the same.
TEST(MistakesHand, ReadsTheBoreThatIsThere) {
    Chance chance(1);
    World world;
    const SurfaceKey key{{"housing", "bearing"}, true};
    world.surfaces[key].form.dia_mm = 62.013;
    measureSurface(world, key, chance);
    const auto& readings = world.job.measured.seats.at(key.first).hole.readings;
    ASSERT_EQ(readings.size(), 12u);
    for (const auto& reading : readings)
        EXPECT_NEAR(reading.dia_mm, 62.013, 0.0025);
}

// Whatever is hidden in a job can be named where it shows, and is shown after what came before it.
TEST(Lessons, CanBeNamedWhereTheyShow) {
    Program program(demoTables());
    int hidden = 0;
    for (std::uint32_t seed = 1; seed <= (kSlow ? 2 : 24); ++seed) {
        Chance chance(seed);
        const auto lesson = someLesson(shapes(), program, chance);
        ASSERT_GT(lesson.scenes.size(), 4u) << seed;
        for (const auto& scene : lesson.scenes)
            EXPECT_FALSE(scene.heading.empty());
        if (!lesson.hidden) continue;
        ++hidden;
        EXPECT_FALSE(lesson.happened.empty());
        const auto reasons = reasonsAt(lesson.scenes[lesson.showsAt].station);
        EXPECT_TRUE(std::find(reasons.begin(), reasons.end(), lesson.hidden) != reasons.end())
            << seed << " " << lesson.hidden->key << " at " << lesson.scenes[lesson.showsAt].heading;
        EXPECT_FALSE(costOf(*lesson.hidden).empty());
    }
    EXPECT_GT(hidden, kSlow ? 0 : 6);
}

// What somebody chooses himself: one is right, and each other has a reason why it is not.
TEST(Lessons, HaveThingsToChooseWithOneThatIsRight) {
    Program program(demoTables());
    std::set<job::Station> stations;
    for (std::uint32_t seed = 40; seed < (kSlow ? 42 : 60); ++seed) {
        Chance chance(seed);
        const auto lesson = someLesson(shapes(), program, chance);
        for (const auto& scene : lesson.scenes) {
            if (scene.choices.empty()) continue;
            stations.insert(scene.station);
            EXPECT_LE(scene.choices.size(), 4u);
            EXPECT_EQ(std::count_if(scene.choices.begin(), scene.choices.end(), [](const auto& c) { return c.right; }),
                      1);
            for (const auto& choice : scene.choices)
                EXPECT_EQ(choice.why.empty(), choice.right) << scene.heading << ": " << choice.text;
        }
    }
    EXPECT_EQ(stations.size(), kSlow ? stations.size() : 3u) << "parts, tools and warmth";
}

TEST(Lessons, EveryFamilySaysWhatItWouldHaveCost) {
    for (const auto& family : families())
        EXPECT_FALSE(costOf(family).empty()) << family.key;
}

namespace {

/// Three scenes, the second of which shows a worn bore.
Lesson threeScenes(bool wrong) {
    Lesson out;
    out.scenes = {{job::Station::Intake, "a", {}}, {job::Station::Measure, "b", {}}, {job::Station::Measure, "c", {}}};
    if (wrong) out.hidden = findFamily("worn_bore");
    out.showsAt = 1;
    return out;
}

LessonGrade gradeOf(bool wrong, int on, const char* because) {
    LessonWalk walk(threeScenes(wrong));
    for (int i = 0; i < on; ++i)
        walk.goOn();
    if (because) walk.stop(*findFamily(because));
    return walk.grade().value();
}

} // namespace

TEST(Lessons, AreGradedByWhatWasSaidAndWhen) {
    EXPECT_EQ(gradeOf(true, 1, "worn_bore"), LessonGrade::Right);
    EXPECT_EQ(gradeOf(true, 2, "worn_bore"), LessonGrade::Late);
    EXPECT_EQ(gradeOf(true, 1, "rust_pits"), LessonGrade::OtherReason);
    EXPECT_EQ(gradeOf(true, 0, "missing_part"), LessonGrade::FalseAlarm);
    EXPECT_EQ(gradeOf(true, 3, nullptr), LessonGrade::Missed);
    EXPECT_EQ(gradeOf(false, 3, nullptr), LessonGrade::Clean);
    EXPECT_EQ(gradeOf(false, 1, "worn_bore"), LessonGrade::FalseAlarm);
    LessonScore score;
    LessonWalk walk(threeScenes(true));
    walk.goOn();
    walk.stop(*findFamily("worn_bore"));
    walk.goOn(); // nothing more once it is said
    score.add(walk);
    EXPECT_EQ(score.families.at("worn_bore").named, 1);
    EXPECT_EQ(score.jobs(), 1);
}
