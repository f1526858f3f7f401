// What the command line prints as JSON: by its published schema, and with the numbers of the plan.
#include "core/base/units.h"
#include "core/job/names.h"
#include "core/plan/plan_job.h"
#include "io/results/sheet_json.h"
#include "io/text_file.h"
#include "support/printed_sheets.h"
#include "support/schema.h"
#include "support/shop.h"
#include "words/sheets/sheets.h"

#include <gtest/gtest.h>

using namespace arbor;
using arbor::testing::demoJob;
using arbor::testing::demoTables;
using arbor::testing::likely;
using arbor::testing::PrintedSheets;
using arbor::testing::rowOf;
using arbor::testing::schemaFaults;
using nlohmann::json;

namespace {

constexpr const char* kJobs[] = {
    "seamer-turret-upper", "exhaust-fan-carrier", "retort-trolley-roller", "conveyor-tail-drum", "filler-pump-shaft",
    "labeller-pulley",     "brine-agitator",      "trolley-line-sheave",   "tray-washer-axle",   "steam-kettle-seal"};
constexpr const char* kCommands[] = {"plan",  "intake", "strip", "route",   "measure",  "fit",
                                     "tools", "heat",   "press", "seat",    "adjust",   "close",
                                     "turn",  "day",    "quote", "invoice", "customer", "inspections"};

struct Whole {
    job::Job job;
    plan::Plan plan;
    PrintedSheets printed;
};

Whole printedWhole(const std::string& name) {
    auto job = demoJob(name);
    auto plan = plan::planJob(job, demoTables(), {{}, {}, true});
    const words::SheetInput told(job, plan);
    const auto heats = words::followHeats(told);
    std::vector<words::Sheet> sheets;
    for (const auto station : job::kStations)
        for (auto& sheet : words::sheetsOf(station, told, heats))
            sheets.push_back(std::move(sheet));
    PrintedSheets printed(io::sheetsJson("plan", job, sheets).dump());
    return {std::move(job), std::move(plan), std::move(printed)};
}

std::string publishedName(const std::string& command) {
    return std::string(ARBOR_SOURCE_DIR) + "/docs/schema/arbor-" + command + ".schema.json";
}

} // namespace

TEST(SheetJson, ASchemaIsPublishedForEveryCommand) {
    std::string stale;
    for (const auto* command : kCommands) {
        const auto text = io::sheetsSchema(command).dump(2) + "\n";
        if (text == io::readText(publishedName(command)).value_or("")) continue;
        const auto now = ::testing::TempDir() + "arbor-" + command + ".schema.json";
        ASSERT_TRUE(io::writeText(now, text));
        stale += " " + now;
    }
    EXPECT_EQ(stale, "") << "publish what the sheets say now: cp" << stale << " docs/schema/";
}

TEST(SheetJson, EveryDemoJobFollowsThePublishedSchema) {
    for (const auto* name : kJobs) {
        const auto whole = printedWhole(name).printed.whole;
        EXPECT_EQ(schemaFaults("plan", whole), "") << name;
        auto wrong = whole;
        wrong["sheets"][0]["mood"] = "good";
        EXPECT_NE(schemaFaults("plan", wrong), "");
    }
}

TEST(SheetJson, SaysTheNumbersOfThePlanWithUnitsInTheKeys) {
    for (const auto* name : kJobs) {
        const auto [job, plan, printed] = printedWhole(name);
        EXPECT_EQ(printed.whole["job"], job.id);
        for (std::size_t i = 0; i < plan.fits->seats.size(); ++i) {
            const auto& seat = plan.fits->seats[i];
            if (!seat.fit) continue;
            const auto& said = printed.sheet("fit", seat.key.first + "+" + seat.key.second);
            const auto& f = *seat.fit;
            EXPECT_NEAR(likely(said["figures"]["interference_um"]), f.interference_mm.likely / kUm, 1e-9);
            EXPECT_NEAR(likely(rowOf(said, "more", "interference_most_by_limits_um")),
                        f.interferenceWorst_mm.upper / kUm, 1e-9);
            EXPECT_NEAR(likely(said["figures"]["press_force_N"]), f.pressForce_N.likely, 1e-9);
            EXPECT_NEAR(likely(rowOf(said, "seat", "pressure_MPa")), f.pressure_MPa.likely, 1e-9);
            EXPECT_NEAR(likely(rowOf(said, "seat", "slip_torque_in_service_Nm")), f.slipTorqueAtWork_Nm.likely, 1e-9);
            EXPECT_NEAR(likely(rowOf(said, "sizes", "diameter_mm")), seat.dia_mm, 1e-9);
        }
        for (const auto& step : plan.steps) {
            const auto& key = step.step.key;
            if (step.press) {
                const auto& said = printed.sheet("press", key);
                const char* force = step.step.out ? "removal_force_N" : "press_force_N";
                EXPECT_NEAR(likely(said["figures"][force]), step.press->force_N.likely, 1e-9) << key;
                EXPECT_NEAR(likely(rowOf(said, "travel", "travel_mm")), step.press->expected.homeTravel_mm, 1e-9);
                EXPECT_EQ(said["figures"].contains("hold_force_N"), step.press->expected.holds) << key;
            }
            if (step.setup() && step.setup()->choice) {
                const auto& said = printed.sheet("tooling", key);
                const auto* driver = step.setup()->choice->driver;
                EXPECT_EQ(rowOf(said, "choice", "driver")["shown"], driver ? driver->id : "ram") << key;
                EXPECT_NEAR(likely(rowOf(said, "stack_fit", "stack_mm")), step.setup()->proof.stack.stack_mm, 1e-9);
            }
            if (step.ring) {
                EXPECT_FALSE(rowOf(printed.sheet("seat", key), "plane",
                                   "verdict/" + std::string(job::name(step.ring->seating.verdict)))
                                 .is_null())
                    << key;
            }
        }
    }
}

TEST(SheetJson, NotesStandSortedByWhatTheyAskFor) {
    const std::map<std::string, int> rank{{"stop", 0}, {"check", 1}, {"info", 2}};
    for (const auto* name : kJobs) {
        const auto whole = printedWhole(name).printed.whole;
        for (const auto& sheet : whole["sheets"])
            for (std::size_t i = 0; i < sheet["notes"].size(); ++i)
                EXPECT_NE(sheet["notes"][i]["key"], "") << sheet["notes"][i];
        for (const auto& sheet : whole["sheets"])
            for (std::size_t i = 1; i < sheet["notes"].size(); ++i)
                EXPECT_LE(rank.at(sheet["notes"][i - 1]["severity"]), rank.at(sheet["notes"][i]["severity"]))
                    << name << " " << sheet["station"] << " " << sheet.value("about", "");
    }
}
