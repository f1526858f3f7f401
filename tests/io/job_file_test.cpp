#include "core/plan/plan_job.h"
#include "io/job_file.h"

#include "io/job_difference.h"
#include "io/job_json.h"
#include "io/job_migration.h"
#include "io/text_file.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <filesystem>
#include <functional>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <rapidcheck.h>
#include <sys/stat.h>
#include <unistd.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::hole;
using arbor::testing::journal;
using arbor::testing::kHousingSeat;
using arbor::testing::partOf;
using arbor::testing::replaced;
using arbor::testing::TemporaryShop;
using nlohmann::json;

namespace {

const job::SeatKey kJournal{"bearing", "shaft"};

const std::string kWithArrangement = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v1-arrangement.arbor.json";
const std::string kMeasured = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v1-measured.arbor.json";
const std::string kClosing = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v1-closing.arbor.json";
const std::string kFixture = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v1-every-field.arbor.json";

const std::string kDrawn = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v2-drawn.arbor.json";
const std::string kSteps = std::string(ARBOR_SOURCE_DIR) + "/tests/data/job-v2-steps.arbor.json";

/// Of the seat that the fixtures say of their housing.
job::StepRecord& own(job::Job& job) {
    return job.steps[{kHousingSeat, false}];
}
const job::StepRecord& own(const job::Job& job) {
    return job.steps.at({kHousingSeat, false});
}

Problem refusal(const std::string& what, const std::string& with) {
    const auto text = io::readText(kFixture).value();
    const auto parsed = io::parseJob(replaced(text, what, with));
    EXPECT_FALSE(parsed) << with;
    return parsed ? Problem{} : parsed.error();
}

/// A document says the same without it.
bool isUsual(json document, const json::json_pointer& place) {
    const auto with = io::parseJob(document.dump());
    document.at(place.parent_pointer()).erase(place.back());
    const auto without = io::parseJob(document.dump());
    return with && without && io::jobToJson(with->job) == io::jobToJson(without->job);
}

} // namespace

// The fixture gives every field of version 1 a value of its own, so two swapped fields would be seen.
TEST(JobFile, RoundTripKeepsEveryField) {
    for (const auto& fixture : {kFixture, kWithArrangement, kMeasured, kClosing, kSteps, kDrawn}) {
        const auto text = io::readText(fixture).value();
        const auto document = io::parseJob(text).value();
        const auto again = json::parse(io::jobText({document.job, "{}"})).flatten();
        const auto today = io::asToday(json::parse(text)).value();
        const auto before = today.flatten();
        for (const auto& [place, value] : again.items())
            EXPECT_EQ(before.value(place, json()), value) << place;
        for (const auto& [place, value] : before.items())
            EXPECT_TRUE(again.contains(place) || isUsual(today, json::json_pointer(place))) << place << value;
    }
}

/// What a newer program keeps in a file is written back, and however it is nested the file can be read again.
TEST(JobFile, WhatIsNotKnownIsKeptAndCannotGrowTheFile) {
    auto newer = json::parse(io::readText(kDrawn).value());
    json deep = std::vector<int>(100'000, 1);
    for (int i = 0; i < 50; ++i)
        deep = json::array({deep});
    newer["later"] = {{"deep", deep}, {"word", "kept"}};
    newer["intake"]["later"] = std::string(1000, 'x');
    newer["done"].push_back("polish");
    auto text = newer.dump();
    std::size_t once = 0;
    for (int saved = 0; saved < 3; ++saved) {
        const auto document = io::parseJob(text);
        ASSERT_TRUE(document) << document.error().field;
        text = io::jobText(*document);
        if (saved == 0) once = text.size();
        EXPECT_EQ(text.size(), once);
    }
    EXPECT_LT(once, newer.dump().size() + 60'000) << "the known fields of the file alone may be said at more length";
    const auto again = json::parse(text);
    EXPECT_EQ(again["later"], newer["later"]);
    EXPECT_EQ(again["intake"]["later"], newer["intake"]["later"]);
    EXPECT_EQ(std::count(again["done"].begin(), again["done"].end(), "polish"), 1);
}

/// Version 1 knew one press; of each job of the demo shop as it was written then, everything comes out as it does
/// today.
TEST(JobFile, TheDemoShopAsVersionOneWroteItSaysTheSame) {
    int compared = 0;
    for (const auto& file : std::filesystem::directory_iterator(std::string(ARBOR_SOURCE_DIR) + "/tests/data/v1")) {
        const auto then = io::loadJob(file.path().string());
        auto now = io::loadJob(std::string(ARBOR_SOURCE_DIR) + "/demo/" + file.path().filename().string());
        ASSERT_TRUE(then && now) << file.path();
        for (auto& [key, step] : now->job.steps)
            step.readings.gauge = {}; // nobody asked for it then
        EXPECT_EQ(then->job.steps, now->job.steps) << file.path();
        const auto& tables = arbor::testing::demoTables();
        const auto before = plan::planJob(then->job, tables), after = plan::planJob(now->job, tables);
        ASSERT_TRUE(before.fits && after.fits) << file.path();
        ASSERT_EQ(before.fits->seats.size(), after.fits->seats.size());
        for (std::size_t i = 0; i < after.fits->seats.size(); ++i) {
            const auto &was = before.fits->seats[i], &is = after.fits->seats[i];
            EXPECT_EQ(was.key, is.key);
            ASSERT_EQ(was.fit.has_value(), is.fit.has_value());
            if (!is.fit) continue;
            EXPECT_EQ(was.fit->interference_mm, is.fit->interference_mm) << file.path();
            EXPECT_EQ(was.fit->pressForce_N, is.fit->pressForce_N) << file.path();
            EXPECT_EQ(was.off->force_N, is.off->force_N) << file.path();
        }
        ++compared;
    }
    EXPECT_EQ(compared, 7);
}

TEST(JobFile, ReadsArrangementIntakeAndStrip) {
    const auto job = io::loadJob(kWithArrangement)->job;
    const auto& a = job.arrangement.assembly;
    ASSERT_EQ(a.parts.size(), 4u);
    EXPECT_EQ(a.parts[a.base].id, "hub");
    EXPECT_TRUE(a.parts[1].catalogue->turned);
    EXPECT_EQ(a.parts[1].catalogue->dress.seals, catalog::Side::Up);
    EXPECT_EQ(a.parts[1].wayRound, (arrangement::WayRound{arrangement::Feature::Encoder, false}));
    EXPECT_EQ(a.parts[1].linesUpWith, "the plug");
    EXPECT_EQ(a.parts[2].bodies[0].slices[0].innerTop, 15.5);
    EXPECT_EQ(a.parts[2].bodies[0].slices[0].outerTop, 22);
    EXPECT_EQ(a.parts[2].lockedBy, std::vector<std::string>{"pin"});
    EXPECT_EQ(a.pressed[0].hole.size->typed, "P7");
    EXPECT_EQ(a.pressed[0].shaft.measured->value_mm, 61.99);
    EXPECT_TRUE(a.pressed[0].notched);
    EXPECT_EQ(a.threaded[0].inner, "cone");
    EXPECT_EQ(job.intake.checks.at(job::Check::Turn), job::Found::Fine);
    EXPECT_EQ(job.intake.photos.size(), 2u);
    EXPECT_EQ(job.strip.rust, route::Rust::Heavy);
    EXPECT_EQ(job.strip.fitted, std::set<std::string>{"hub+brg"});
    EXPECT_EQ(job.strip.methods.at("brg"), route::Method::Collet);
}

TEST(JobFile, ReadsOtherRingsGreaseAndShape) {
    const auto job = io::loadJob(kClosing)->job;
    const auto& card = job.steps.at({{"housing", "seal"}, false}).readings;
    EXPECT_EQ(card.kind, seating::ReadingKind::Feeler);
    EXPECT_NEAR(card.uncertainty_mm, 0.015, 1e-12);
    EXPECT_EQ(card.home_mm, 2.5);
    EXPECT_EQ(card.readings.at(1), (seating::Reading{120, 2.75}));
    EXPECT_EQ(job.adjust.grease, (adjust::Grease{"lithium, soft", adjust::CavityFill::Half, 0.92, 1.4}));
    EXPECT_EQ(io::loadJob(kWithArrangement)->job.arrangement.shape, "C");
    const auto record = io::loadJob(kFixture)->job.record.value();
    EXPECT_EQ(record.outer_C, 92.5);
    EXPECT_EQ(record.inner_C, -18);
    auto text = io::readText(kWithArrangement).value();
    const auto refused = io::parseJob(replaced(text, "\"shape\": \"C\"", "\"shape\": \"K\""));
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.error().field.find("shape"), std::string::npos);
}

TEST(JobFile, ReadsWhatWasMeasured) {
    const auto job = io::loadJob(kMeasured)->job;
    EXPECT_EQ(plan::sideOf(job, {"housing", "bearing"}, false).size->typed, "62 0/-11 um");
    EXPECT_EQ(*bearingOf(job).facts.outerRacewayDia_mm, 54.5);
    EXPECT_EQ(job.work.load, fit::LoadCase::Indeterminate);
    EXPECT_TRUE(job.work.mustSlide);
    const auto& shaft = job.measured.seats.at({"bearing", "shaft"}).shaft;
    EXPECT_EQ(shaft.readings[1].depth_mm, 9.5);
    EXPECT_NEAR(shaft.gauge.uncertainty_mm, 0.00225, 1e-12);
    EXPECT_EQ(shaft.gauge.gaugeTemp_C, 21);
    EXPECT_EQ(shaft.condition.process, measure::Process::Honed);
    EXPECT_TRUE(shaft.condition.creepPolish && shaft.condition.movesByHand && !shaft.condition.scored);
    EXPECT_EQ(shaft.condition.groove, measure::GrooveState::Dirty);
    EXPECT_NEAR(*shaft.formLimit_mm, 0.0085, 1e-12);
    EXPECT_EQ(shaft.overrule, (job::Overrule{measure::Verdict::CleanUp, "stone it"}));
    const auto& housing = job.measured.seats.at({"housing", "bearing"});
    EXPECT_EQ(housing.hole.condition.pits, measure::Pits::Deep);
    EXPECT_EQ(housing.shaft, job::SurfaceCard{});
    EXPECT_NEAR(housing.sleeve->interference_mm.upper, 0.04525, 1e-12);
    EXPECT_FALSE(housing.sleeve->boredInPlace);
    EXPECT_EQ(*job.measured.spacers.at("spacer").upperOutside_mm, 25.75);
    EXPECT_EQ(job.measured.cupStand_mm.at("cup"), -3.125);
    EXPECT_EQ(job.measured.oldBearing, (std::set{measure::Sign::DentsAtPitch, measure::Sign::SealTrackWorn}));
}

TEST(JobFile, ReadsWhatWasReadByHandAndLookedAt) {
    const auto job = io::loadJob(kClosing)->job;
    EXPECT_EQ(own(job).hand.means, job::ManualMeans::Wrench);
    EXPECT_EQ(own(job).hand.bolt, "B02");
    EXPECT_EQ(own(job).hand.points[1], (job::HandPoint{2.5, 11.5}));
    EXPECT_TRUE(own(job).hand.signs.at(job::ManualSign::EvenGap));
    EXPECT_FALSE(own(job).hand.signs.at(job::ManualSign::Ringing));
    EXPECT_FALSE(own(job).hand.signs.contains(job::ManualSign::Stopped));
    EXPECT_FALSE(own(job).proof.checks.at(job::SeatCheck::RingSide));
    EXPECT_EQ(own(job).proof.probed, (std::set<int>{1, 5, 12}));
    EXPECT_EQ(*own(job).proof.pull_N, 3.5);
    EXPECT_EQ(own(job).proof.signedBy, "A");
    EXPECT_EQ(own(job).proof.reason, "B");
}

TEST(JobFile, ReadsEndPlayAndWhatIsDoneAtClose) {
    const auto job = io::loadJob(kClosing)->job;
    const auto& a = job.adjust;
    EXPECT_EQ(a.nut, (adjust::Nut{1.75, 8, {10, 100}}));
    EXPECT_TRUE(a.underClamp);
    EXPECT_EQ(a.school, adjust::SettingMethod::SnugTwice);
    EXPECT_EQ(a.ticked, (std::set<int>{0, 2}));
    EXPECT_NEAR(a.target_mm->upper, 0.022, 1e-12);
    EXPECT_NEAR(*a.play_mm, 0.033, 1e-12);
    EXPECT_NEAR(a.uncertainty_mm, 0.004, 1e-12);
    EXPECT_EQ(a.torque_Nm, 101);
    EXPECT_EQ(a.handTorque_Nm, 6);
    EXPECT_EQ(a.shaft_K, 14);
    EXPECT_EQ(a.housing_K, 9);
    EXPECT_EQ(*a.torque_Nm_wanted, (Interval{0.25, 0.75}));
    EXPECT_EQ(a.cavity_cm3, 17);
    const auto& f = job.closing.fasteners.at(0);
    EXPECT_EQ(f.pattern, job::Pattern::Star);
    EXPECT_EQ(f.locking, job::Locking::Tab);
    EXPECT_EQ(*f.read_Nm, 24.5);
    EXPECT_TRUE(f.oneTime && f.renewed && f.locked);
    EXPECT_EQ(job.closing.runIn.readings.at(1), (job::RunInReading{30, 41}));
    EXPECT_EQ(job.closing.releasedBy, "C");
}

TEST(JobFile, NamesThePlaceInEndPlayAndClose) {
    const auto wrong = [](const std::string& what, const std::string& with) {
        const auto parsed = io::parseJob(replaced(io::readText(kClosing).value(), what, with));
        EXPECT_FALSE(parsed) << with;
        return parsed ? std::string() : parsed.error().field;
    };
    EXPECT_NE(wrong("\"slots\": 8", "\"slots\": 0").find("adjust/nut/slots"), std::string::npos);
    EXPECT_NE(wrong("\"snug_twice\"", "\"by feel\"").find("adjust/school"), std::string::npos);
    EXPECT_NE(wrong("\"count\": 4", "\"count\": 400").find("closing/fasteners/0/count"), std::string::npos);
    EXPECT_NE(wrong("\"star\"", "\"moon\"").find("closing/fasteners/0/pattern"), std::string::npos);
    EXPECT_NE(wrong("\"ringing\"", "\"singing\"").find("hand"), std::string::npos);
    EXPECT_NE(wrong("[1, 5, 12]", "[1, 5, 13]").find("seat_proof/probed/2"), std::string::npos);
}

TEST(JobFile, NamesThePlaceInWhatWasMeasured) {
    const auto text = io::readText(kMeasured).value();
    const auto field = [&](const std::string& what, const std::string& with) {
        const auto parsed = io::parseJob(replaced(text, what, with));
        return parsed ? std::string("accepted") : parsed.error().field;
    };
    EXPECT_EQ(field("\"honed\"", "\"licked\""), "measured/seats/0/shaft/process");
    EXPECT_EQ(field("\"direction_deg\": 45.0", "\"direction_deg\": 200"),
              "measured/seats/0/shaft/readings/0/direction_deg");
    EXPECT_EQ(field("\"clean_up\"", "\"pray\""), "measured/seats/0/shaft/overrule/verdict");
    EXPECT_EQ(field("\"outside_mm\": 70.5", "\"outside_mm\": -1"), "measured/seats/1/sleeve/outside_mm");
    EXPECT_EQ(field("\"dents_at_pitch\"", "\"tired\""), "measured/old_bearing/0");
    EXPECT_EQ(field("\"load_share\": 0.07", "\"load_share\": 7"), "work/load_share");
    EXPECT_EQ(field("30 +4/-3 um", "thin"), "bearing/bore/size");
}

TEST(JobFile, ChecksAndMethodsTakenBackAreGoneFromTheFile) {
    auto document = io::loadJob(kWithArrangement).value();
    document.job.intake.checks.erase(job::Check::Rock);
    document.job.strip.methods.clear();
    document.job.strip.out.clear();
    const auto again = io::parseJob(io::jobText(document))->job;
    EXPECT_FALSE(again.intake.checks.contains(job::Check::Rock));
    EXPECT_TRUE(again.intake.checks.contains(job::Check::Leak));
    EXPECT_TRUE(again.strip.methods.empty());
    EXPECT_TRUE(again.strip.out.empty());
}

TEST(JobFile, NamesThePlaceInTheArrangement) {
    const auto text = io::readText(kWithArrangement).value();
    const auto field = [&](const std::string& what, const std::string& with) {
        const auto parsed = io::parseJob(replaced(text, what, with));
        return parsed ? std::string("accepted") : parsed.error().field;
    };
    EXPECT_EQ(field("\"P7\"", "\"p7\""), "arrangement/pressed/0/hole");
    EXPECT_EQ(field("\"P7\"", "\"7P\""), "arrangement/pressed/0/hole");
    EXPECT_EQ(field("\"curved_side\"", "\"bent_side\""), "arrangement/parts/3/way_round/feature");
    EXPECT_EQ(field("\"whole\"", "\"half\""), "arrangement/parts/1/bearing/piece");
    EXPECT_EQ(field("\"base\": \"hub\"", "\"base\": \"tub\""), "arrangement/base");
    EXPECT_EQ(field("\"rust\": \"heavy\"", "\"rust\": \"red\""), "strip/rust");
    EXPECT_EQ(field("\"leak\": \"bad\"", "\"leak\": \"wet\""), "intake/checks/leak");
}

TEST(JobFile, ReadsWhatTheFixtureSays) {
    const auto job = io::loadJob(kFixture)->job;
    EXPECT_EQ(job.id, "J-0001");
    EXPECT_EQ(job.units, job::Units::Inch);
    EXPECT_EQ(bearingOf(job).dress.seals, catalog::Side::Up);
    EXPECT_EQ(bearingOf(job).dress.encoder, catalog::Side::Down);
    EXPECT_EQ(*bearingOf(job).facts.staticRating_N, 20100);
    EXPECT_NEAR(*plan::sideOf(job, {"housing", "bearing"}, false).rz_mm, 0.0011, 1e-12);
    EXPECT_EQ(hole(job).size->typed, "N7");
    EXPECT_NEAR(*hole(job).rz_mm, 0.0032, 1e-12);
    EXPECT_NEAR(hole(job).measured->uncertainty_mm, 0.003, 1e-12);
    // The housing by its sizes is drawn now: 80 high, the groove's ring 21.5 under its face, the plug below.
    EXPECT_NEAR(partOf(job, "ring").bodies.front().bottom(), 80 - 21.5, 1e-9);
    EXPECT_EQ(partOf(job, "housing").keepClear.front().id, "plug");
    EXPECT_NEAR(partOf(job, "housing").keepClear.front().bottom(), -13, 1e-9);
    EXPECT_EQ(partOf(job, "shaft").bodies.front().boreDia(), 9);
    EXPECT_EQ(journal(job).size->typed, "j5");
    EXPECT_EQ(job.temperatures.shaft_C, 44);
    EXPECT_EQ(job.lubricant, catalog::Lubricant::Grease);
    EXPECT_EQ(*own(job).overrides.support, "R06");
    const auto overrides = own(job).heat.overrides;
    EXPECT_EQ(*overrides.inner_C, -21);
    EXPECT_EQ(*overrides.innerSource, "chest_freezer");
    EXPECT_NEAR(*overrides.margin_mm, 0.071, 1e-12);
    const auto& warmed = job.steps.at({kJournal, false}).heat; // the seat that was opened then
    EXPECT_EQ(warmed.clocks.at(1).what, job::Clock::What::Inner);
    EXPECT_EQ(warmed.clocks.at(1).lasts_s, 2400);
    EXPECT_EQ(warmed.readings.at(0).temp_C, 74.5);
    EXPECT_EQ(own(job).readings.kind, seating::ReadingKind::Feeler);
    EXPECT_EQ(job.done, std::set{job::Station::Fit});
    EXPECT_EQ(own(job).done, std::set{job::Station::Press});
    EXPECT_EQ(job.record->readings.size(), 1u);
    EXPECT_NEAR(*job.record->riseAcross_mm, 0.0073, 1e-12);
}

TEST(JobFile, ReadsWhatTheDrawingSays) {
    const auto job = io::loadJob(kDrawn)->job;
    const auto& facts = bearingOf(job).facts;
    EXPECT_EQ(facts, (arrangement::BearingFacts{"6", "C3", 20100, 38.5, 54.5, true}));
    EXPECT_TRUE(bearingOf(job).turned);
    EXPECT_NEAR(hole(job).size->deviation_mm.lower, -0.039, 1e-12);
    EXPECT_NEAR(hole(job).size->deviation_mm.upper, -0.009, 1e-12);
    EXPECT_NEAR(hole(job).measured->uncertainty_mm, 0.003, 1e-12);
    EXPECT_NEAR(*plan::sideOf(job, {"bearing", "spindle"}, true).rz_mm, 0.0012, 1e-12);
    EXPECT_EQ(journal(job).measured->value_mm, 30.004);
    EXPECT_EQ(job::lubricantOf(job, {"housing", "bearing"}), catalog::Lubricant::Grease);
    EXPECT_EQ(job::lubricantOf(job, {"bearing", "spindle"}), catalog::Lubricant::Dry) << "as the job says";
    EXPECT_EQ(job.strip.stays, std::set<std::string>{"ring"});
    EXPECT_NEAR(partOf(job, "housing").keepClear.front().boreDia(), 62, 1e-9);
}

TEST(JobFile, KeysOfANewerVersionSurvive) {
    auto text = replaced(io::readText(kFixture).value(), "\"units\"", "\"spindle\": {\"speed_rpm\": 900}, \"units\"");
    text = replaced(text, "\"clock_deg\": 45.0", "\"clock_deg\": 45.0, \"gauge\": \"D2\"");
    text = replaced(text, "\"shaft_degC\": 44.0", "\"shaft_degC\": 44.0, \"cage_degC\": 45");
    text = replaced(text, "\"done\": [\"fit\", \"press\"]", "\"done\": [\"polish\", \"fit\", \"press\"]");
    auto document = io::parseJob(text).value();
    document.job.title = "another title";
    const auto saved = json::parse(io::jobText(document));
    EXPECT_EQ(saved["spindle"]["speed_rpm"], 900);
    EXPECT_EQ(saved["steps"]["in:housing+bearing"]["readings"]["readings"][1]["gauge"], "D2");
    EXPECT_EQ(saved["temperatures"]["cage_degC"], 45);
    EXPECT_EQ(saved["title"], "another title");
    EXPECT_EQ(saved["version"], 2);
    EXPECT_EQ(saved["done"], json({"fit", "polish"}));
}

TEST(JobFile, WhatIsTakenAwayIsGoneFromTheFile) {
    auto document = io::loadJob(kFixture).value();
    hole(document.job).measured.reset();
    own(document.job).overrides.driver.reset();
    own(document.job).proof = {};
    document.job.steps[{kHousingSeat, true}].overrides.turn.relief_mm.reset();
    document.job.record.reset();
    journal(document.job).size.reset();
    own(document.job).traceFile.clear();
    const auto saved = json::parse(io::jobText(document));
    const auto& pressed = saved["arrangement"]["pressed"];
    EXPECT_FALSE(pressed[0].contains("hole_mm"));
    EXPECT_FALSE(pressed[1].contains("shaft"));
    const auto& in = saved["steps"]["in:housing+bearing"];
    EXPECT_TRUE(in.contains("support"));
    EXPECT_FALSE(in.contains("driver"));
    EXPECT_FALSE(saved["steps"]["out:housing+bearing"]["turn"].contains("relief_mm"));
    EXPECT_FALSE(saved.contains("record"));
    EXPECT_FALSE(in.contains("trace"));
    EXPECT_FALSE(in.contains("proof"));
}

namespace {

/// Every value of a document that stands alone, by its place: what a user could have cleared.
void eachLeaf(const json& document, const json::json_pointer& place,
              const std::function<void(json::json_pointer)>& look) {
    if (document.is_array())
        for (std::size_t i = 0; i < document.size(); ++i)
            eachLeaf(document[i], place / i, look);
    if (!document.is_object()) return;
    for (const auto& [key, value] : document.items()) {
        look(place / key);
        eachLeaf(value, place / key, look);
    }
}

} // namespace

/// Set, saved, cleared, saved, read: gone, whatever it is of the drawing; of all else the list of fields is walked.
TEST(JobFile, WhatIsErasedOfTheDrawingStaysErased) {
    int cleared = 0;
    for (const auto& fixture : {kWithArrangement, kDrawn}) {
        const auto text = io::jobText(io::parseJob(io::readText(fixture).value()).value());
        const auto whole = json::parse(text);
        const json::json_pointer drawing("/arrangement");
        eachLeaf(whole.at(drawing), drawing, [&](const json::json_pointer& place) {
            auto without = whole;
            without.at(place.parent_pointer()).erase(place.back());
            const auto job = io::parseJob(without.dump());
            if (!job) return; // it must be there
            ++cleared;
            const auto saved = io::parseJob(io::jobText({job->job, text}));
            ASSERT_TRUE(saved) << place.to_string();
            EXPECT_EQ(io::jobToJson(saved->job), io::jobToJson(job->job)) << place.to_string() << " came back";
        });
    }
    EXPECT_GT(cleared, 50);
}

TEST(JobFile, NamesThePlaceOfWhatIsWrong) {
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": \"wide\"").field, "housing/outside_mm");
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": -92").field, "housing/outside_mm");
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": 1e9").field, "housing/outside_mm");
    EXPECT_EQ(refusal("\"outside_mm\": 92.0,", "").field, "housing/outside_mm");
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": -92").limit.english(), "> 0") << "whatever the locale";
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": \"wide\"").limit.english(), "a number");
    EXPECT_EQ(refusal("\"arbor-job\"", "\"recipe\"").field, "format");
    EXPECT_EQ(refusal("62 N7", "62 wide").field, "housing/seat/size");
    EXPECT_EQ(refusal("30 j5", "thick").field, "shaft/seat/size");
    EXPECT_EQ(refusal("61.978 ±3um", "about 62").field, "housing/measured/size");
    EXPECT_EQ(refusal("\"clock_deg\": 45.0", "\"clock_deg\": 400").field, "seat_readings/readings/1/clock_deg");
}

TEST(JobFile, NamesLineAndColumnOfBrokenJson) {
    const auto broken = refusal("\"units\"", "\"units");
    EXPECT_EQ(broken.code, ProblemCode::Malformed);
    EXPECT_TRUE(broken.field.starts_with("line ")) << broken.field;
    EXPECT_EQ(io::parseJob("").error().code, ProblemCode::Malformed);
    EXPECT_EQ(io::parseJob("[]").error().limit.english(), "names and values in braces");
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": NaN").code, ProblemCode::Malformed);
    EXPECT_EQ(refusal("\"outside_mm\": 92.0", "\"outside_mm\": 1e999").code, ProblemCode::OutOfRange);
    EXPECT_EQ(refusal("\"units\"", "\"title\": \"twice\", \"units\"").code, ProblemCode::Duplicate);
    EXPECT_FALSE(io::parseJob(std::string(100'000, '[')));
}

TEST(JobFile, SavingReplacesTheFileWhole) {
    const TemporaryShop shop;
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    auto document = io::loadJob(shop.jobFile()).value();
    document.job.title = "renamed";
    ASSERT_TRUE(io::saveJob(shop.jobFile(), document));
    EXPECT_EQ(io::loadJob(shop.jobFile())->job.title, "renamed");
    std::size_t files = 0;
    for (const auto& entry : std::filesystem::directory_iterator(shop.folder()))
        files += entry.path().string().find("seamer-turret-upper") != std::string::npos;
    EXPECT_EQ(files, 2u) << "it and the version before, and no temporary file";
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json~"), before) << "which is as it was, to the letter";
}

TEST(JobFile, SavingWhereNothingCanBeWrittenLeavesTheFile) {
    const TemporaryShop shop;
    const auto before = shop.read("seamer-turret-upper.arbor.json");
    const auto document = io::loadJob(shop.jobFile()).value();
    const auto nowhere = io::saveJob(shop.folder() + "/missing/folder/x.arbor.json", document);
    ASSERT_FALSE(nowhere);
    EXPECT_EQ(nowhere.error().code, ProblemCode::Unwritable);
    EXPECT_TRUE(nowhere.error().file.ends_with("x.arbor.json"));
    std::filesystem::create_directory(shop.file("taken.arbor.json"));
    EXPECT_FALSE(io::saveJob(shop.file("taken.arbor.json"), document));
    EXPECT_EQ(shop.read("seamer-turret-upper.arbor.json"), before);
}

TEST(JobFile, CannotBeOpenedSaysWhy) {
    const TemporaryShop shop;
    EXPECT_EQ(io::loadJob(shop.file("none.arbor.json")).error().code, ProblemCode::Unreadable);
    EXPECT_EQ(io::loadJob(shop.folder()).error().code, ProblemCode::Unreadable);
    EXPECT_EQ(io::loadJob(shop.file("none.arbor.json")).error().file, shop.file("none.arbor.json"));
}

TEST(Shelf, ListsGoodAndBadJobsByName) {
    const TemporaryShop shop;
    shop.write("aaa.arbor.json", "{");
    shop.write("notes.txt", "not a job");
    const auto jobs = io::listJobs(shop.folder());
    ASSERT_GE(jobs.size(), 4u);
    EXPECT_FALSE(jobs.front().document);
    EXPECT_EQ(jobs.front().document.error().file, jobs.front().path);
    EXPECT_TRUE(jobs.back().document);
    EXPECT_TRUE(io::listJobs(shop.file("nowhere")).empty());
}

TEST(Schema, RefusesNothingThatTheDemoShopHolds) {
    const TemporaryShop shop;
    for (const auto& entry : io::listJobs(shop.folder()))
        EXPECT_TRUE(entry.document) << entry.path;
}

// A file that was cut, or had some of its bytes changed: read or refused with a place, and no harm done.
TEST(JobFile, DamagedFilesAreReadOrRefused) {
    for (const auto& fixture : {kMeasured, kWithArrangement, kFixture, kSteps}) {
        const auto text = io::readText(fixture).value();
        ASSERT_TRUE(rc::check("damage", [&] {
            auto damaged = text;
            const auto spots = *rc::gen::inRange(1, 6);
            for (int i = 0; i < spots; ++i)
                damaged[*rc::gen::inRange<std::size_t>(0, damaged.size())] =
                    *rc::gen::element('0', '9', '-', '"', 'x', ',', '}', ']', ' ');
            if (*rc::gen::arbitrary<bool>()) damaged.resize(*rc::gen::inRange<std::size_t>(0, damaged.size()));
            const auto read = io::parseJob(damaged);
            if (!read) {
                RC_ASSERT(!read.error().field.empty());
                return;
            }
            // What was read can be planned, or its problem is named.
            const auto p = plan::planJob(read->job, arbor::testing::demoTables());
            RC_ASSERT(p.fits.has_value() || p.problem());
        }));
    }
}
