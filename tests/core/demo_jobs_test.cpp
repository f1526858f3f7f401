// What each job of the demo shop must give; the same is written for people in docs/demo-shop.md.
#include "core/job/names.h"
#include "core/plan/job_route.h"
#include "core/plan/plan_job.h"
#include "support/drawing.h"
#include "support/shop.h"
#include "words/strip_words.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using Lines = std::vector<std::string>;

namespace {

const char* const kJobs[] = {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
                             "labeller-pulley",     "exhaust-fan-carrier",   "brine-agitator"};

plan::StripPlan stripOf(const std::string& name) {
    auto strip = plan::planStrip(demoJob(name), demoTables());
    EXPECT_TRUE(strip.faults.empty()) << name;
    EXPECT_EQ(strip.order.stuck, 0u) << name;
    return strip;
}

/// Keys of what leaves, "/" where the work is turned over.
Lines apart(const std::string& name) {
    const auto strip = stripOf(name);
    Lines out;
    for (const auto& line : words::stripLines(strip.assembly, strip.order))
        out.push_back(line.key.empty() ? "/" : line.key);
    return out;
}

route::PartSet parts(const arrangement::Assembly& a, std::initializer_list<const char*> ids) {
    route::PartSet out = 0;
    for (const auto* id : ids)
        out |= route::only(*arrangement::indexOf(a, id));
    return out;
}

/// What fitting a part too early is answered with.
std::string trap(const std::string& name, std::initializer_list<const char*> fitted, const char* next) {
    const auto strip = stripOf(name);
    const route::BlockingGraph ways(strip.assembly);
    return words::whyNotFitted(strip.assembly, ways, parts(strip.assembly, fitted), ways.all(),
                               *arrangement::indexOf(strip.assembly, next));
}

std::string bestWay(const std::string& name, const std::string& part) {
    const auto strip = stripOf(name);
    const auto* ring = strip.ring(*arrangement::indexOf(strip.assembly, part));
    return ring && ring->ways.front().applies ? words::methodName(ring->ways.front().method) : "none";
}

} // namespace

TEST(DemoJobs, EveryOneOpensPlansAndGivesAnOrder) {
    for (const auto* name : kJobs) {
        const auto plan = plan::planJob(demoJob(name), demoTables());
        EXPECT_FALSE(plan.problem()) << name << ": " << (plan.problem() ? words::say(*plan.problem()) : "");
        ASSERT_TRUE(plan.strip.sound()) << name;
        for (const auto& ring : plan.strip.rings)
            EXPECT_TRUE(ring.ways.front().applies) << name << " " << plan.strip.assembly.parts[ring.site.ring].id;
    }
}

// The derived order never runs into its own traps, either way.
TEST(DemoJobs, TheOrderItselfIsNeverRefused) {
    for (const auto* name : kJobs) {
        const auto strip = stripOf(name);
        const route::BlockingGraph ways(strip.assembly);
        for (const auto& line : words::fitLines(strip.assembly, strip.order))
            for (std::size_t p = 0; p < strip.assembly.parts.size(); ++p)
                if (line.moving & route::only(p)) {
                    EXPECT_EQ(words::whyNotFitted(strip.assembly, ways, line.here & ~line.moving,
                                                  line.frame & ~line.moving, p),
                              "")
                        << name << ": " << line.text;
                }
        for (const auto& line : words::stripLines(strip.assembly, strip.order))
            for (std::size_t p = 0; p < strip.assembly.parts.size(); ++p)
                if (line.moving & route::only(p)) {
                    EXPECT_EQ(words::whyNotOut(strip.assembly, ways, line.here & ~line.moving, p), "")
                        << name << ": " << line.text;
                }
    }
}

TEST(DemoJobs, SeamerTurret) {
    EXPECT_EQ(apart("seamer-turret-upper"), (Lines{"sensor_cap", "/", "spindle", "shield", "ring", "bearing"}));
    EXPECT_EQ(trap("seamer-turret-upper", {"housing", "bearing", "ring"}, "spindle"),
              "The flanged spindle would block access for the splash shield: fit that first");
    EXPECT_EQ(trap("seamer-turret-upper", {"housing"}, "ring"),
              "The retaining ring would block access for the bearing 3206: fit that first");
    EXPECT_EQ(bestWay("seamer-turret-upper", "spindle"), "Press");
    const auto strip = stripOf("seamer-turret-upper");
    EXPECT_EQ(words::wayRound(strip.assembly.parts[*arrangement::indexOf(strip.assembly, "bearing")]).head,
              "Encoder down, in line with the sensor hole");
}

TEST(DemoJobs, RetortTrolleyRoller) {
    EXPECT_EQ(apart("retort-trolley-roller"), (Lines{"upper_bearing", "spacer", "/", "lower_bearing"}));
    EXPECT_EQ(trap("retort-trolley-roller", {"roller", "lower_bearing"}, "upper_bearing"),
              "The upper bearing 6204 would block access for the spacer tube: fit that first");
    EXPECT_EQ(bestWay("retort-trolley-roller", "upper_bearing"), "Drift") << "past the spacer pushed aside";
    const auto plan = plan::planJob(demoJob("retort-trolley-roller"), demoTables());
    EXPECT_EQ(plan.marks.at(job::Station::Fit), plan::Mark::Stop) << "the worn bore";
}

TEST(DemoJobs, ConveyorTailDrum) {
    EXPECT_EQ(apart("conveyor-tail-drum"), (Lines{"pin", "nut", "washer", "outer_cone", "/", "spindle", "seal",
                                                  "inner_cone", "inner_cup", "/", "outer_cup"}));
    EXPECT_EQ(trap("conveyor-tail-drum", {"hub", "inner_cup"}, "seal"),
              "The lip seal would block access for the inner cone: fit that first");
    EXPECT_EQ(bestWay("conveyor-tail-drum", "inner_cup"), "Drift") << "through the notches";
    const auto plan = plan::planJob(demoJob("conveyor-tail-drum"), demoTables());
    EXPECT_EQ(plan.marks.at(job::Station::Strip), plan::Mark::Stop);
    EXPECT_EQ(words::kitStop(plan.strip), "1 of the kit missing: split pin");
}

TEST(DemoJobs, FillerPumpShaft) {
    EXPECT_EQ(apart("filler-pump-shaft"), (Lines{"collar", "bearing", "plate", "seal"}));
    EXPECT_EQ(trap("filler-pump-shaft", {"shaft"}, "bearing"),
              "The bearing would block access for the lip seal and the retainer plate: fit that first");
    EXPECT_EQ(trap("filler-pump-shaft", {"shaft", "seal"}, "bearing"),
              "The bearing would block access for the retainer plate: fit that first");
    EXPECT_EQ(bestWay("filler-pump-shaft", "collar"), "Grind and split") << "the shaft kept whole";
}

TEST(DemoJobs, LabellerPulley) {
    EXPECT_EQ(apart("labeller-pulley"), (Lines{"nut", "washer", "upper_cone", "spacer", "/", "shaft", "lower_cone",
                                               "lower_cup", "/", "upper_cup"}));
    EXPECT_EQ(trap("labeller-pulley", {"pulley", "lower_cup", "upper_cup", "shaft", "lower_cone"}, "upper_cone"),
              "The upper cone would block access for the ground spacer: fit that first");
    EXPECT_EQ(bestWay("labeller-pulley", "lower_cup"), "Drift") << "through the notches: the other cup covers its face";
}

TEST(DemoJobs, ExhaustFanCarrier) {
    EXPECT_EQ(apart("exhaust-fan-carrier"), (Lines{"ring", "collar", "/", "shaft", "/", "bearing"}));
    EXPECT_EQ(trap("exhaust-fan-carrier", {"carrier", "bearing", "shaft"}, "ring"),
              "The retaining ring would block access for the retaining collar: fit that first");
    EXPECT_EQ(bestWay("exhaust-fan-carrier", "shaft"), "Press");
}

TEST(DemoJobs, BrineAgitator) {
    const auto lines = apart("brine-agitator");
    EXPECT_EQ(Lines(lines.begin(), lines.begin() + 4), (Lines{"cap", "nut", "washer", "outer_cone"}));
    EXPECT_EQ(lines[4], "seal+hub+inner_cone+inner_cup+outer_cup") << "the hub comes off with what is pressed in it";
    EXPECT_EQ(lines.back(), "wear_sleeve");
    EXPECT_EQ(trap("brine-agitator", {"hub", "inner_cup"}, "seal"),
              "The preassembled seal would block access for the inner cone: fit that first");
    EXPECT_EQ(words::kitStop(stripOf("brine-agitator")).substr(0, 18), "13 of the kit miss");
}

TEST(JobRoute, IsTheJobsOwnOrderOfWork) {
    const auto job = demoJob("conveyor-tail-drum");
    const auto plan = plan::planJob(job, demoTables());
    std::string order;
    for (const auto& place : plan::routeOf(plan))
        order += (place.step ? plan.steps[*place.step].step.key : std::string(job::name(place.station))) + " ";
    EXPECT_EQ(order, "intake strip out:seal out:inner_cup out:outer_cup measure fit in:outer_cup in:inner_cup in:seal "
                     "adjust close ");
}

TEST(JobRoute, LeadsFromStepToStepAndPassesOverWhatIsSettled) {
    auto job = demoJob("conveyor-tail-drum");
    job.strip.out = {"inner_cup"};
    const auto plan = plan::planJob(job, demoTables());
    const auto after = [&](plan::Place here) { return plan::placeAfter(job, plan, here); };
    const auto keyOf = [&](const plan::Place& place) { return plan.steps.at(place.step.value()).step.key; };
    EXPECT_EQ(keyOf(after({job::Station::Strip})), "out:seal");
    EXPECT_EQ(after({job::Station::Tooling, 0}).station, job::Station::Press) << "nothing is warmed to come out";
    EXPECT_EQ(keyOf(after({job::Station::Press, 0})), "out:outer_cup") << "the inner cup is out already";
    EXPECT_EQ(after({job::Station::Press, 2}), plan::Place{job::Station::Measure});
    EXPECT_EQ(keyOf(after({job::Station::Fit})), "in:outer_cup");
}

// A cup that is left where it is: nothing of it is asked for, and its own stop stops nothing.
TEST(JobRoute, APartThatStaysAsksForNothing) {
    auto job = demoJob("conveyor-tail-drum");
    job.steps[{{"hub", "outer_cup"}, false}].overrides.driver = "S11"; // lands where it must not
    const job::StepKey in{{"hub", "outer_cup"}, false};
    const auto marksWith = [&] {
        const auto plan = plan::planJob(job, demoTables(), {{}, in, false});
        return plan.step(in)->marks;
    };
    EXPECT_EQ(marksWith().at(job::Station::Tooling), plan::Mark::Stop);
    job.strip.stays = {"outer_cup"};
    for (const auto& [station, mark] : marksWith())
        EXPECT_EQ(mark, plan::Mark::NotNeeded) << job::name(station);
    const auto plan = plan::planJob(job, demoTables(), {{}, in, false});
    EXPECT_EQ(plan.marks.at(job::Station::Tooling), plan::Mark::NotNeeded) << "nor does the shelf say it";
    const auto after = plan::placeAfter(job, plan, {job::Station::Fit});
    EXPECT_EQ(plan.steps.at(after.step.value()).step.key, "in:inner_cup");
}

TEST(JobRoute, AClosedJobOpensWhereItWasClosed) {
    const auto job = demoJob("exhaust-fan-carrier");
    EXPECT_EQ(plan::firstOpen(job, plan::planJob(job, demoTables())), plan::Place{job::Station::Close});
}
