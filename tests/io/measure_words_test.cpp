// Words of Measure and Fit: every name there is, titles of seats, the line and the stop on the route rule, both units.
#include "core/base/number.h"
#include "core/job/names.h"
#include "core/plan/plan_job.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "words/measure_words.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <set>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::hole;
using job::Station;
using words::Display;

namespace {

plan::Plan planOf(const char* name) {
    return plan::planJob(demoJob(name), demoTables());
}

/// Every name is there, and no two are the same.
template <class E>
void expectNames(std::initializer_list<E> all, std::string (*name)(E)) {
    std::set<std::string> seen;
    for (const auto one : all) {
        EXPECT_FALSE(name(one).empty()) << static_cast<int>(one);
        EXPECT_TRUE(seen.insert(name(one)).second) << name(one);
    }
}

} // namespace

TEST(MeasureWords, EveryNameIsThereAndItsOwn) {
    using enum measure::Verdict;
    expectNames({NotMeasured, Use, CleanUp, Sleeve, Replace}, words::verdictName);
    expectNames({NotMeasured, Use, CleanUp, Sleeve, Replace}, words::whatToDo);
    using enum measure::Process;
    expectNames({Unknown, Ground, Honed, Polished, Reamed, FineTurned, Turned}, words::processName);
    expectNames({measure::Pits::NotLooked, measure::Pits::None, measure::Pits::Light, measure::Pits::Deep},
                words::pitsName);
    using enum measure::GrooveState;
    expectNames({NotLooked, Fine, Dirty, Worn}, words::grooveName);
    using enum fit::LoadCase;
    expectNames({NotSaid, InnerTurns, OuterTurns, Indeterminate}, words::loadCaseName);
}

TEST(MeasureWords, SignsCausesAndWhatToLookAtHaveWords) {
    std::set<std::string> heads;
    std::set<measure::Sign> all;
    for (const auto sign : measure::kSigns) {
        const auto said = words::signWords(sign);
        EXPECT_TRUE(heads.insert(said.head).second) << said.head;
        EXPECT_FALSE(said.detail.empty());
        EXPECT_FALSE(job::name(sign).empty());
        all.insert(sign);
    }
    for (const auto& cause : measure::likelyCauses(all))
        EXPECT_FALSE(words::causeName(cause.cause).empty());
    EXPECT_EQ(measure::lookAt(all).size(), 9u) << "each is asked for by some sign";
    for (const auto look : measure::lookAt(all)) {
        EXPECT_FALSE(words::lookAtWords(look).head.empty());
        EXPECT_FALSE(words::lookAtWords(look).detail.empty());
    }
}

TEST(MeasureWords, SeatsAreNamedAsTheShopCallsThem) {
    const auto p = planOf("seamer-turret-upper");
    EXPECT_EQ(words::seatTitle(p.fits->seats[0]), "Bearing 3206 in turret housing");
    EXPECT_EQ(words::surfaceTitle(p.fits->seats[0], true), "Bore of turret housing");
    EXPECT_EQ(words::surfaceTitle(p.fits->seats[1], false), "Journal of flanged spindle");
}

TEST(MeasureWords, RouteRuleSaysHowFarAndWhatStops) {
    EXPECT_EQ(words::measureLine(*planOf("seamer-turret-upper").fits), "2 of 2 seats: use");
    EXPECT_EQ(words::measureStop(*planOf("seamer-turret-upper").fits), "");
    EXPECT_EQ(words::measureStop(*planOf("brine-agitator").fits), "Bore of hub: replace");
    EXPECT_EQ(words::measureStop(*planOf("retort-trolley-roller").fits), "Bore of roller: sleeve");
    auto job = demoJob("labeller-pulley");
    job.measured = {};
    hole(job).measured.reset();
    EXPECT_EQ(words::measureLine(*plan::planJob(job, demoTables()).fits), "nothing measured yet");
}

TEST(MeasureWords, FindingsCarryTheirNumbersInBothUnits) {
    const Advice round{found::SeatOutOfRound{0.0254, 0.0127}, Severity::Check, "HB3.3"};
    EXPECT_EQ(words::say(round, Display(job::Units::Metric)).line(), "Out of round: 25.4 µm, limit 12.7 µm");
    EXPECT_EQ(words::say(round, Display(job::Units::Inch)).line(), "Out of round: 1.000 thou, limit 0.500 thou");
    const Advice gone{found::SeatMetalGone{50.8, 50.7746, ""}, Severity::Stop, "HB3.3"};
    EXPECT_EQ(words::say(gone, Display(job::Units::Inch)).detail.substr(0, 27), "2.00000 in against 1.99900 ");
    EXPECT_EQ(Display(job::Units::Inch).reading(50.8).text(), "2.00000 in");
    EXPECT_EQ(Display(job::Units::Metric).reading(62.01).text(), "62.010 mm");
}

TEST(MeasureWords, AnInchJobShowsItsSizesToHalfATenThousandth) {
    auto job = demoJob("exhaust-fan-carrier");
    job.units = job::Units::Inch;
    const auto p = plan::planJob(job, demoTables());
    const auto& hole = p.fits->seats[0].hole;
    const auto text = Display(job.units).reading(*hole.measuredDia_mm).number;
    EXPECT_EQ(text.size() - text.find('.') - 1, 5u) << text; // half a ten-thousandth
    EXPECT_NEAR(readNumber(text).value() * 25.4, *hole.measuredDia_mm, 0.5e-4 * 25.4);
}
