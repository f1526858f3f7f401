// Words of Measure and Fit: every name there is, titles of seats, the line and the stop on the route rule, both units.
#include "core/base/number.h"
#include "core/job/names.h"
#include "core/plan/plan_job.h"
#include "io/results/plan_json.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "words/measure_words.h"

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <set>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoLibrary;
using arbor::testing::hole;
using job::Station;
using words::Display;

namespace {

plan::Plan planOf(const char* name) {
    return plan::planJob(demoJob(name), demoLibrary());
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
    EXPECT_EQ(words::measureLine(*plan::planJob(job, demoLibrary()).fits), "nothing measured yet");
}

TEST(MeasureWords, FindingsCarryTheirNumbersInBothUnits) {
    const Advice round{Finding::SeatOutOfRound, Severity::Look, 0.0254, 0.0127, {}, "HB3.3"};
    EXPECT_EQ(words::say(round, Display(job::Units::Metric)).line(), "Out of round: 25 µm, 13 µm is allowed");
    EXPECT_EQ(words::say(round, Display(job::Units::Inch)).line(), "Out of round: 1.00 thou, 0.50 thou is allowed");
    const Advice gone{Finding::SeatMetalGone, Severity::Stop, 50.8, 50.7746, {}, "HB3.3"};
    EXPECT_EQ(words::say(gone, Display(job::Units::Inch)).detail.substr(0, 27), "2.0000 in against 1.9990 in");
    EXPECT_EQ(Display(job::Units::Inch).reading(50.8).text(), "2.0000 in");
    EXPECT_EQ(Display(job::Units::Metric).reading(62.01).text(), "62.010 mm");
}

TEST(MeasureWords, AnInchJobShowsItsSizesToATenThousandth) {
    auto job = demoJob("exhaust-fan-carrier");
    job.units = job::Units::Inch;
    const auto p = plan::planJob(job, demoLibrary());
    const auto& hole = p.fits->seats[0].hole;
    const auto text = Display(job.units).reading(*hole.measuredDia_mm).number;
    EXPECT_EQ(text.size() - text.find('.') - 1, 4u) << text;
    EXPECT_NEAR(readNumber(text).value() * 25.4, *hole.measuredDia_mm, 0.5e-4 * 25.4);
}

TEST(MeasureJson, KeysNameTheirUnitsAndNothingIsLost) {
    const auto job = demoJob("conveyor-tail-drum");
    const auto p = plan::planJob(job, demoLibrary());
    const auto d = nlohmann::json::parse(io::planJson(job, p, {Station::Measure, Station::Fit}));
    const auto& surfaces = d["measure"]["surfaces"];
    ASSERT_EQ(surfaces.size(), 2u) << "cups are new: only the drum's bores are judged";
    const auto& outer = surfaces[1];
    const auto& hole = p.fits->seats[1].hole;
    EXPECT_EQ(outer["verdict"], "clean_up");
    EXPECT_NEAR(outer["form"]["out_of_round_um"].get<double>(), hole.form->outOfRound_mm * 1000, 1e-9);
    EXPECT_NEAR(outer["form"]["taper_um"].get<double>(), *hole.form->taper_mm * 1000, 1e-9);
    EXPECT_NEAR(outer["form_limit_um"].get<double>(), 15, 1e-9);
    EXPECT_NEAR(outer["limits_um"]["upper"].get<double>(), -21, 1e-9);
    EXPECT_GE(outer["reasons"].size(), 3u);
    EXPECT_EQ(outer["reasons"][0]["calls_for"], "clean_up");
    const auto& fit = d["fit"]["seats"][1]["fit"];
    EXPECT_NEAR(fit["pressure_MPa"]["likely"].get<double>(), p.fits->seats[1].fit->pressure_MPa.likely, 1e-9);
    EXPECT_NEAR(fit["effective_at_work_um"]["most"].get<double>(), p.fits->seats[1].fit->effectiveAtWork_mm.most * 1000,
                1e-9);
    EXPECT_TRUE(d["fit"]["bearings"][0]["clearance_left_um"].is_null()) << "tapers are set when they are adjusted";
    EXPECT_EQ(d["fit"]["bearings"][0]["proposed_hole"], "N7");
}
