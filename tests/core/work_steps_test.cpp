// Every step of the route: its task from the section by hand, its tools from the demo rack, its traps.
#include "core/plan/plan_job.h"
#include "core/plan/work_steps.h"
#include "support/drawing.h"
#include "support/steps.h"
#include "support/tools.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::bearingOf;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::find;
using arbor::testing::givenOf;
using arbor::testing::hole;
using arbor::testing::inHand;
using arbor::testing::journal;
using arbor::testing::setupOf;
using section::BodyKind;
using tooling::Task;

namespace {

constexpr const char* kDemoJobs[] = {"seamer-turret-upper", "retort-trolley-roller", "conveyor-tail-drum",
                                     "filler-pump-shaft",   "labeller-pulley",       "exhaust-fan-carrier",
                                     "brine-agitator"};

const job::StepKey kSpindleIn{{"bearing", "spindle"}, false};

/// A job with its plan and steps.
struct Route {
    explicit Route(job::Job wanted) : job(std::move(wanted)), plan(plan::planJob(job, demoTables())) {
        if (plan.fits) steps = plan::workSteps(givenOf(job, plan, demoTables()));
    }
    explicit Route(const char* name) : Route(demoJob(name)) {}

    const plan::WorkStep& step(const std::string& key) const {
        const auto found = std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == key; });
        EXPECT_NE(found, steps.end()) << key;
        return found == steps.end() ? steps.front() : *found;
    }
    plan::StepTools tools(const std::string& key) const {
        return plan::toolsFor(step(key), givenOf(job, plan, demoTables()));
    }

    job::Job job;
    plan::Plan plan;
    std::vector<plan::WorkStep> steps;
};

/// The setup of one step with tools named by hand, whatever the search thinks of them.
tooling::StackProof proofWith(const Task& task, const tooling::LoadCase& load, const char* driver, const char* support,
                              const char* plate = nullptr) {
    const auto& rack = demoTables().rack;
    tooling::SetupChoice choice;
    choice.press = rack.press("P30");
    choice.driver = driver ? rack.tool(driver) : nullptr;
    choice.support = support ? rack.tool(support) : nullptr;
    choice.plate = plate ? rack.tool(plate) : nullptr;
    choice.notch = 1;
    return tooling::proveSetup(task, choice, load);
}

} // namespace

TEST(WorkSteps, AreTheTightSeatsOutThenIn) {
    const Route route("seamer-turret-upper");
    std::vector<std::string> keys;
    for (const auto& s : route.steps)
        keys.push_back(s.key);
    EXPECT_EQ(keys, (std::vector<std::string>{"out:spindle", "out:bearing", "in:bearing", "in:spindle"}));
}

// Housing 80 high, seat from 34; ring chamfers 1 mm: its wall goes from 35. The seat's wall ends at its lead-in, 79.
TEST(WorkSteps, TravelByHandInAndOut) {
    auto job = demoJob("seamer-turret-upper");
    const Route route(job);
    const auto& out = route.step("out:bearing").tasks.front();
    // The shoulder hides its rear face, so it is held and the housing pushed off it: free when the mouth at 79 has
    // passed the lower end of its wall at 35.
    EXPECT_NEAR(out.travel_mm, 44, 1e-9);
    EXPECT_TRUE(out.partnerMoves);
    // The spindle's 30 mm nose reaches from 30 to 57.8; the inner ring's bore begins at 35 by its chamfer and ends at
    // 56.8.
    const auto& in = route.step("in:spindle").tasks.front();
    EXPECT_NEAR(in.travel_mm, 56.8 - 30, 1e-9);
    EXPECT_FALSE(in.turnedOver);
}

TEST(WorkSteps, HubGoesThroughTheInnerRingWhichMustBeHeld) {
    const Route route("seamer-turret-upper");
    const auto& task = route.step("in:spindle").tasks.front();
    EXPECT_EQ(task.still[task.holder].kind, BodyKind::InnerRing);
    EXPECT_TRUE(task.heldByRing());
    EXPECT_TRUE(task.bareRam) << "the ram may push a spindle";
    EXPECT_NEAR(task.face.outerDia_mm, 110, 1e-9);
}

TEST(WorkSteps, BearingGoesOnAShaftByItsInnerRing) {
    const Route route("filler-pump-shaft");
    const auto& task = route.step("in:bearing").tasks.front();
    EXPECT_EQ(task.faceName, "inner ring");
    EXPECT_FALSE(task.inBore);
    EXPECT_EQ(task.keepOff, tooling::KeepOff::Outside);
    EXPECT_NEAR(task.seatDia_mm, 30, 1e-9);
    EXPECT_NEAR(task.face.innerDia_mm, 32, 1e-9); // bore 30 and a chamfer of 1
    EXPECT_NEAR(task.face.outerDia_mm, 38, 1e-9); // 30 + (62 - 30) / 4
}

TEST(WorkSteps, SealIsPushedOnItsShellOnly) {
    const Route route("conveyor-tail-drum");
    const auto& task = route.step("in:seal").tasks.front();
    EXPECT_NEAR(task.face.outerDia_mm, 85, 1e-9);
    EXPECT_NEAR(task.face.innerDia_mm, 85 - 0.45 * (85 - 50), 1e-9);
    EXPECT_FALSE(route.step("in:seal").load.known) << "rubber: no force by Lamé";
    EXPECT_FALSE(task.bareRam);
}

TEST(WorkSteps, EveryStepOfTheDemoShopIsProvenOrPulledByHand) {
    for (const char* name : kDemoJobs) {
        const Route route(name);
        EXPECT_FALSE(route.steps.empty()) << name;
        for (const auto& step : route.steps) {
            const auto tools = plan::toolsFor(step, givenOf(route.job, route.plan, demoTables()));
            ASSERT_FALSE(tools.ways.empty()) << name << " " << step.key;
            EXPECT_TRUE(tools.proven()) << name << " " << step.key;
            // What goes in is pressed, never knocked; and its force never through the elements.
            const auto& best = tools.ways.front();
            if (step.out) continue;
            ASSERT_TRUE(best.pressed) << name << " " << step.key;
            EXPECT_TRUE(best.pressed->proof.path.proven()) << name << " " << step.key;
        }
    }
}

TEST(WorkSteps, SupportUnderTheHousingIsStoppedWhenTheHubGoesIn) {
    const Route route("seamer-turret-upper");
    const auto& step = route.step("in:spindle");
    const auto proof = proofWith(step.tasks.front(), step.load, nullptr, "R05");
    EXPECT_FALSE(proof.holds());
    const auto* through = find<found::PathThroughElements>(proof.findings);
    ASSERT_TRUE(through);
    EXPECT_EQ(through->severity, Severity::Stop);
    EXPECT_EQ(through->get<found::PathThroughElements>()->part, "inner ring");
    EXPECT_DOUBLE_EQ(through->get<found::PathThroughElements>()->force_N, step.load.greatest_N());
    const auto* hangs = find<found::HoldsOtherRing>(proof.findings);
    ASSERT_TRUE(hangs);
    EXPECT_EQ(hangs->get<found::HoldsOtherRing>()->part, "inner ring");
    // ISO 76: a dent of one ten thousandth of the ball at the static load, with the square of the load.
    EXPECT_FALSE(find<found::DentsExpected>(proof.findings)) << "too shallow to be seen";
    auto hard = step.load;
    hard.pressForceMost_N = 0.9 * hard.staticAxial_N;
    const auto dented = proofWith(step.tasks.front(), hard, nullptr, "R05");
    const auto* dents = find<found::DentsExpected>(dented.findings);
    ASSERT_TRUE(dents);
    EXPECT_NEAR(dents->get<found::DentsExpected>()->depth_mm, 1e-4 * step.load.elementDia_mm * 0.81, 1e-12);
    EXPECT_TRUE(proofWith(step.tasks.front(), step.load, nullptr, "S11", "L01").path.proven());
}

TEST(WorkSteps, PressingOutThroughTheElementsScrapsTheBearingAndSaysSo) {
    const Route route("seamer-turret-upper");
    const auto tools = route.tools("out:spindle");
    ASSERT_TRUE(tools.ways.front().pressed);
    const auto& findings = tools.ways.front().findings();
    const auto* through = find<found::PathThroughElements>(findings);
    ASSERT_TRUE(through);
    EXPECT_EQ(through->severity, Severity::Check);
    EXPECT_FALSE(find<found::DentsExpected>(findings)) << "nobody looks at the dents of a scrapped bearing";
}

namespace {

/// The roller with its second seat bored right through to the first shoulder: only the tube stops that bearing.
job::Job rollerWithoutSecondShoulder(double tubeTop_mm) {
    using section::Slice;
    auto job = demoJob("retort-trolley-roller");
    for (auto& part : job.arrangement.assembly.parts) {
        if (part.id == "roller")
            part.bodies.front().slices = {Slice::tube(0, 17, 23.5, 31), Slice::tube(17, 20, 20.5, 31),
                                          Slice::tube(20, 56, 23.5, 31)};
        if (part.id == "spacer") part.bodies.front().slices = {Slice::tube(17, tubeTop_mm, 10.25, 12.5)};
    }
    return job;
}

template <class Kind>
const Advice* saidOf(const plan::StepTools& tools) {
    const auto at =
        std::find_if(tools.ways.begin(), tools.ways.end(), [](const auto& w) { return w.pressed && w.task == 0; });
    return at == tools.ways.end() ? nullptr : find<Kind>(at->findings());
}

} // namespace

TEST(WorkSteps, ATubeBetweenInnerRingsIsAStopAtContactNotAHold) {
    const Route route(rollerWithoutSecondShoulder(39));
    const auto tools = route.tools("in:upper_bearing");
    const auto* held = saidOf<found::HoldThroughElements>(tools);
    ASSERT_TRUE(held);
    // The chamfered mouth: seat from 20 to 56, the ring's wall begins a chamfer above its face at 39.
    EXPECT_NEAR(held->get<found::HoldThroughElements>()->travel_mm,
                route.step("in:upper_bearing").tasks.front().travel_mm, 1e-9);
    EXPECT_TRUE(tools.ways.front().pressed->proof.stopAt_mm);
    EXPECT_TRUE(tools.proven()) << "it can be pressed, it must not be held";
    const auto press = plan::pressOf(route.step("in:upper_bearing"), &tools.ways.front(), *route.plan.fits);
    ASSERT_TRUE(press);
    EXPECT_FALSE(press->expected.holds || press->gaugeHold);
    const auto* stopped = find<found::HoldThroughElements>(press->watch);
    ASSERT_TRUE(stopped);
    EXPECT_EQ(stopped->severity, Severity::Stop);
    const auto shouldered = Route("retort-trolley-roller").tools("in:upper_bearing");
    EXPECT_FALSE(saidOf<found::HoldThroughElements>(shouldered)) << "it has a shoulder of its own";
}

TEST(WorkSteps, ATubeTooShortToTouchIsSaid) {
    const Route route(rollerWithoutSecondShoulder(38.4));
    const auto tools = route.tools("in:upper_bearing");
    const auto* nothing = saidOf<found::NothingStopsIt>(tools);
    ASSERT_TRUE(nothing);
    EXPECT_EQ(nothing->severity, Severity::Check);
    EXPECT_NEAR(nothing->get<found::NothingStopsIt>()->ahead_mm, 0.6, 1e-6);
    EXPECT_EQ(nothing->get<found::NothingStopsIt>()->part, "Spacer tube");
}

TEST(WorkSteps, ACollarAgainstARingOnItsShoulderMayBeHeld) {
    const Route route("exhaust-fan-carrier");
    const auto tools = route.tools("in:collar");
    EXPECT_FALSE(saidOf<found::HoldThroughElements>(tools));
    EXPECT_FALSE(saidOf<found::NothingStopsIt>(tools));
}

TEST(WorkSteps, ALipSealIsNeitherPushedNorCarriedOnItsLip) {
    const Route route("conveyor-tail-drum");
    const auto& step = route.step("in:seal");
    const auto pushed = std::find_if(step.tasks.begin(), step.tasks.end(), [](const Task& t) { return t.pushedLip; });
    ASSERT_NE(pushed, step.tasks.end());
    // 85 by 50: the shell is the outer 0.45 of the height, practice value; inside of it is lip.
    EXPECT_NEAR(pushed->pushedLip->outerDia_mm, 85 - 0.45 * 35, 1e-9);
    const auto driverOf = [](double bore) {
        catalog::Tool t;
        t.id = "X";
        t.kind = catalog::ToolKind::Sleeve;
        t.outsideDia_mm = 84;
        t.boreDia_mm = bore;
        t.length_mm = 60;
        return t;
    };
    const tooling::DriverBench bench(*pushed, step.load, {80, 0}); // a foot that lies on both tubes
    const auto onLip = driverOf(60), onShell = driverOf(72);
    const auto judged = bench.check(&onLip).findings;
    const auto* said = find<found::TouchesPart>(judged);
    ASSERT_TRUE(said);
    EXPECT_EQ(said->severity, Severity::Stop);
    EXPECT_LT(worst(bench.check(&onShell).findings), Severity::Stop);
    // Held while its hub is pushed over it: two beams, or a ring under the lip, never; a ring under the rim.
    const auto held = std::find_if(step.tasks.begin(), step.tasks.end(), [](const Task& t) { return t.heldLip; });
    if (held == step.tasks.end()) return;
    tooling::SetupChoice choice;
    choice.press = demoTables().rack.press("P30");
    EXPECT_TRUE(find<found::LiesOnBeams>(tooling::checkSupport(*held, choice, step.load).findings));
}

TEST(WorkSteps, NoWayOfTheDemoShopLoadsALip) {
    for (const char* name : kDemoJobs) {
        const Route route(name);
        for (const auto& step : route.steps)
            for (const auto& way : route.tools(step.key).ways) {
                if (!way.proven() || !way.pressed || !way.pressed->choice) continue;
                const auto& task = step.tasks[way.task];
                const auto setup = tooling::buildSetup(task, *way.pressed->choice, 0);
                for (const auto& [seal, lip] :
                     {std::pair{setup.pushed, task.pushedLip}, {setup.holder, task.heldLip}}) {
                    if (!lip) continue;
                    for (const auto& body : setup.bodies) {
                        if (!section::isTool(body.kind)) continue;
                        for (const auto& touch : section::restingContacts(body, setup.bodies[seal]))
                            EXPECT_LE(lip->under_mm(touch.innerRad_mm, touch.outerRad_mm), 1e-6) << name << step.key;
                        for (const auto& touch : section::restingContacts(setup.bodies[seal], body))
                            EXPECT_LE(lip->under_mm(touch.innerRad_mm, touch.outerRad_mm), 1e-6) << name << step.key;
                    }
                }
            }
    }
}

TEST(WorkSteps, SplitInnerRingIsNamedWhereItWouldPart) {
    const Route route("seamer-turret-upper");
    auto task = route.step("in:spindle").tasks.front();
    const auto& load = route.step("in:spindle").load;
    EXPECT_FALSE(find<found::SplitRingParts>(proofWith(task, load, nullptr, "R05").findings));
    task.splitInner = true;
    EXPECT_TRUE(find<found::SplitRingParts>(proofWith(task, load, nullptr, "R05").findings));
    EXPECT_FALSE(find<found::SplitRingParts>(proofWith(task, load, nullptr, "S11", "L01").findings))
        << "held from below both halves stay together";
}

TEST(WorkSteps, NothingOnTheRackReachesSoOneIsTurned) {
    const Route route("filler-pump-shaft");
    const auto tools = route.tools("in:bearing");
    const auto& best = tools.ways.front();
    ASSERT_TRUE(best.turned);
    EXPECT_EQ(best.turned->tool.id, "T-6206");
    EXPECT_EQ(best.pressed->choice->driver->id, "T-6206");
    // Over the shaft: from its 30 mm journal and the chamfer to the cage, and longer than the 70 mm that stand out.
    EXPECT_GE(best.turned->tool.boreDia_mm, 30.4);
    EXPECT_LT(best.turned->tool.outsideDia_mm, 38);
    EXPECT_GT(best.turned->tool.length_mm - best.turned->tool.headThick_mm, 110 - 40);
    // Put on the rack it is chosen like any other.
    auto tables = demoTables();
    tables.rack.tools.push_back(best.turned->tool);
    const auto plan = plan::planJob(route.job, tables);
    const auto steps = plan::workSteps(givenOf(route.job, plan, tables));
    const auto at = std::find_if(steps.begin(), steps.end(), [](const auto& s) { return s.key == "in:bearing"; });
    const auto again = plan::toolsFor(*at, givenOf(route.job, plan, tables));
    EXPECT_TRUE(again.proven());
    for (const auto& way : again.ways) {
        EXPECT_FALSE(way.turned);
        const auto& choice = way.pressed->choice;
        if (!way.proven() || !choice) continue;
        // It pushes the ring down the shaft, or on its head it carries the ring while the shaft goes in.
        const auto* used = choice->driver ? choice->driver : choice->support;
        ASSERT_TRUE(used);
        EXPECT_EQ(used->id, "T-6206");
    }
}

TEST(WorkSteps, CollarIsPressedWithTheShaftOnThePlateNotTheBearing) {
    const Route route("exhaust-fan-carrier");
    const auto tools = route.tools("in:collar");
    const auto& choice = *tools.ways.front().pressed->choice;
    const auto& task = route.step("in:collar").tasks[tools.ways.front().task];
    EXPECT_EQ(task.still[task.holder].id, "Fan shaft");
    EXPECT_TRUE(choice.plate || choice.support) << "the shaft's end falls through the gap of the bed";
    EXPECT_TRUE(tools.ways.front().pressed->proof.path.mustNotCarry.empty());
}

TEST(WorkSteps, HandToolsComeFromTheRackAndTheStripPlan) {
    const Route route("retort-trolley-roller");
    const auto tools = route.tools("out:lower_bearing");
    const auto collet = std::find_if(tools.ways.begin(), tools.ways.end(),
                                     [](const auto& w) { return w.hand && w.hand->method == route::Method::Collet; });
    ASSERT_NE(collet, tools.ways.end());
    EXPECT_EQ(collet->hand->tool->id, "K02") << "19 to 26 for a bore of 20";
    EXPECT_EQ(collet->hand->second->id, "H01");
    auto tables = demoTables();
    std::erase_if(tables.rack.tools, [](const auto& t) { return t.kind == catalog::ToolKind::SlideHammer; });
    const auto plan = plan::planJob(route.job, tables);
    for (const auto& way : plan::toolsFor(route.step("out:lower_bearing"), givenOf(route.job, plan, tables)).ways)
        EXPECT_FALSE(way.hand && way.hand->method == route::Method::Collet && way.proven())
            << "a collet without its hammer";
}

TEST(WorkSteps, WeakColletIsALook) {
    auto asDrawn = demoJob("retort-trolley-roller");
    asDrawn.measured = {}; // as measured it is loose
    hole(asDrawn).measured.reset();
    const Route route(asDrawn);
    auto tables = demoTables();
    for (auto& tool : tables.rack.tools)
        if (tool.id == "K02") tool.capacity_N = 50;
    const auto plan = plan::planJob(route.job, tables);
    const auto tools = plan::toolsFor(route.step("out:lower_bearing"), givenOf(route.job, plan, tables));
    const auto collet = std::find_if(tools.ways.begin(), tools.ways.end(),
                                     [](const auto& w) { return w.hand && w.hand->method == route::Method::Collet; });
    ASSERT_NE(collet, tools.ways.end());
    const auto* weak = find<found::PullMayNotDo>(collet->findings());
    ASSERT_TRUE(weak);
    EXPECT_EQ(weak->get<found::PullMayNotDo>()->capacity_N, 50);
}

TEST(WorkSteps, DrawBoltDrawsACupInAndOut) {
    const Route in("labeller-pulley");
    const auto drawn = [](const plan::StepTools& tools) {
        return std::find_if(tools.ways.begin(), tools.ways.end(), [](const auto& w) {
            return w.pressed && w.pressed->choice && w.pressed->choice->bolt && w.proven();
        });
    };
    const auto ways = in.tools("in:upper_cup");
    const auto bolt = drawn(ways);
    ASSERT_NE(bolt, ways.ways.end());
    EXPECT_FALSE(bolt->pressed->choice->press);
    EXPECT_GT(bolt->pressed->choice->driver->throughDia_mm(), 20) << "the bolt goes through it";
    const Route out("conveyor-tail-drum");
    const auto outWays = out.tools("out:outer_cup");
    const auto pulled = drawn(outWays);
    ASSERT_NE(pulled, outWays.ways.end());
    EXPECT_TRUE(pulled->pressed->choice->support) << "room for the cup to come out";
}

TEST(WorkSteps, TheUsersOwnToolComesFirstEvenWhenItIsWrong) {
    auto job = demoJob("seamer-turret-upper");
    job.steps[kSpindleIn].overrides.support = "R05";
    const Route route(job);
    const auto tools = route.tools("in:spindle");
    const auto hubGoesIn =
        std::find_if(tools.ways.begin(), tools.ways.end(), [](const auto& w) { return w.pressed && w.task == 0; });
    ASSERT_NE(hubGoesIn, tools.ways.end());
    EXPECT_TRUE(hubGoesIn->pressed->overridden);
    EXPECT_EQ(hubGoesIn->pressed->choice->support->id, "R05");
    EXPECT_FALSE(hubGoesIn->proven()) << "under the housing it leaves the ring to its balls";
}

TEST(WorkSteps, AChosenToolThatIsNotThereIsNamed) {
    auto job = demoJob("seamer-turret-upper");
    job.steps[kSpindleIn].overrides.driver = "S99";
    const auto tools = Route(job).tools("in:spindle");
    ASSERT_TRUE(tools.problem);
    EXPECT_EQ(tools.problem->field, "steps/in:spindle/driver");
    EXPECT_EQ(tools.problem->value, "S99");
    EXPECT_FALSE(tools.proven());
    EXPECT_TRUE(tools.ways.front().proven()) << "what the program would take";
}

// Two bearings of one number: what was typed of one is not of the other.
TEST(WorkSteps, ATypedStaticLoadIsOfItsBearingAlone) {
    auto job = demoJob("retort-trolley-roller");
    const Route byTable(job);
    bearingOf(job).facts.staticRating_N = 20000;
    const Route typed(job);
    int changed = 0;
    for (std::size_t i = 0; i < typed.steps.size(); ++i)
        if (!typed.steps[i].out && typed.steps[i].bearing)
            changed += typed.steps[i].load.staticAxial_N != byTable.steps[i].load.staticAxial_N;
    EXPECT_EQ(changed, 1);
}

TEST(WorkSteps, NothingIsSaidOfASeatThatIsNotDrawn) {
    const Route route("filler-pump-shaft"); // the bearing goes on the shaft; its housing is no part of the job
    for (const auto& step : route.steps)
        for (const auto& part : {step.id.seat.first, step.id.seat.second})
            EXPECT_TRUE(arrangement::indexOf(route.plan.strip.assembly, part)) << step.key;
    auto empty = demoJob("seamer-turret-upper");
    empty.arrangement.assembly = {};
    const Route none(empty);
    EXPECT_TRUE(none.steps.empty());
    EXPECT_TRUE(none.plan.problem());
}

TEST(WorkSteps, ToolsOnRecordForThisBearingComeFirstAmongEquals) {
    auto tables = demoTables();
    const auto job = demoJob("seamer-turret-upper");
    const auto best = setupOf(plan::planJob(job, tables)).drivers;
    ASSERT_GE(best.size(), 2u);
    ASSERT_TRUE(best[1].usable());
    job::Record record;
    record.bearing = bearingOf(job).designation;
    record.tools = {best[1].tool->id};
    tables.records = {record};
    EXPECT_EQ(plan::workedBefore(inHand(plan::planJob(job, tables)).step, tables),
              std::set<std::string>{best[1].tool->id});
    EXPECT_EQ(setupOf(plan::planJob(job, tables)).drivers.front().tool->id, best[1].tool->id);
    tables.records.front().bearing = "6004";
    EXPECT_TRUE(plan::workedBefore(inHand(plan::planJob(job, tables)).step, tables).empty());
}

TEST(Task, FlippingTwiceGivesTheSameWork) {
    const Route route("conveyor-tail-drum");
    for (const auto& step : route.steps)
        for (const auto& task : step.tasks) {
            double foot = 1e9;
            for (const auto& body : task.still)
                foot = std::min(foot, body.bottom());
            EXPECT_NEAR(foot, 0, 1e-9) << step.key;
            EXPECT_GT(task.travel_mm, 0) << step.key;
            EXPECT_GE(task.face.width_mm(), 1) << step.key;
            EXPECT_LT(task.pushed, task.moving.size());
            EXPECT_LT(task.holder, task.still.size());
        }
}

TEST(Task, SeparatorGoesBehindARingOnlyWhereThereIsRoom) {
    using section::Body;
    using section::Slice;
    Task task;
    task.still = {{"inner ring", BodyKind::InnerRing, section::Hatch::HardenedSteel, {Slice::tube(0, 16, 15, 19)}, 30}};
    task.moving = {{"shaft", BodyKind::Housing, section::Hatch::Steel, {Slice::tube(0, 90, 0, 15)}, 0}};
    task.travel_mm = 20;
    const Body plates{"Q", BodyKind::Support, section::Hatch::Steel, {Slice::tube(0, 22, 15.5, 55)}, 0};
    const auto parted = tooling::withSeparator(task, plates);
    ASSERT_TRUE(parted);
    EXPECT_NEAR(parted->still.back().top(), 30, 1e-9) << "its upper face on the ring's lower one";
    task.moving.front().slices.push_back(Slice::tube(90, 95, 0, 15));
    task.still.push_back({"collar", BodyKind::Housing, section::Hatch::Steel, {Slice::tube(0, 10, 15, 25)}, 18});
    EXPECT_FALSE(tooling::withSeparator(task, plates)) << "a collar stands where the knife goes";
    task.still.pop_back();
    task.still.front().kind = BodyKind::Housing;
    EXPECT_FALSE(tooling::withSeparator(task, plates)) << "a housing is no ring";
}
