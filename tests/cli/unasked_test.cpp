// Six jobs as a shop might bring them, and what must be said of each, unasked, at the step where it counts [HB8].
#include "cli/run.h"
#include "support/shop.h"

#include <filesystem>
#include <gmock/gmock.h>

using arbor::testing::run;
using arbor::testing::TemporaryShop;
using ::testing::AllOf;
using ::testing::AnyOf;
using ::testing::ContainsRegex;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

/// One of the jobs in a shop of its own, with its own rack where it has one.
class Brought {
public:
    explicit Brought(const std::string& name) : m_job(m_shop.file(name + ".arbor.json")) {
        const auto from = std::string(ARBOR_SOURCE_DIR) + "/tests/data/jobs/" + name;
        const auto take = [&](const std::string& what, const std::string& as) {
            if (std::filesystem::exists(what))
                std::filesystem::copy_file(what, as, std::filesystem::copy_options::overwrite_existing);
        };
        take(from + ".arbor.json", m_job);
        take(from + ".rack.csv", m_shop.file("rack.csv"));
        take(from + ".presses.json", m_shop.file("presses.json"));
    }
    std::string says(const std::string& station) const { return run({station, m_job}).out; }
    /// What is said of one step, or of one line of the order of work.
    std::string says(const std::string& station, const std::string& step) const {
        return run({station, m_job, "--step", step}).out;
    }
    void write(const std::string& what, const std::string& with) {
        const auto name = std::filesystem::path(m_job).filename().string();
        m_shop.write(name, arbor::testing::replaced(m_shop.read(name), what, with));
    }

private:
    TemporaryShop m_shop;
    std::string m_job;
};

} // namespace

TEST(Unasked, SlitterPairsSpacerIsScrapAndWouldPreload) {
    Brought job("slitter-pair");
    EXPECT_THAT(job.says("measure"), HasSubstr("Spacer is too short: 61.78 mm of 62 mm"));
    const auto adjust = job.says("adjust");
    // 60 found at 5 N m with the drawn 62.00, less the 220 it is short, less 31 of the 33 that the clamp takes by 90.
    EXPECT_THAT(adjust, HasSubstr("With which spacer was the end play found? 62 mm is taken, as drawn"));
    EXPECT_THAT(adjust, HasSubstr("Preloaded: −19"));
    EXPECT_THAT(adjust, HasSubstr("25.0 kN"));
    EXPECT_THAT(adjust, HasSubstr("32.8 µm"));
    EXPECT_THAT(adjust, HasSubstr("Spacer to 61.996 mm"));
    EXPECT_THAT(adjust, HasSubstr("61.981"));
    EXPECT_THAT(adjust, HasSubstr("62.011"));
    EXPECT_THAT(adjust, HasSubstr("The clamp closes 120.0 µm"));
    EXPECT_THAT(adjust, HasSubstr("tilts the cone on it"));
    EXPECT_THAT(adjust, Not(HasSubstr("In the band")));
    // Read with the short one in place: then 60 is what is there, less the clamp.
    job.write("\"hand_torque_Nm\": 5", "\"hand_torque_Nm\": 5, \"found_with_mm\": 61.78");
    const auto again = job.says("adjust");
    EXPECT_THAT(again, HasSubstr("Spacer to 61.77"));
    EXPECT_THAT(again, Not(HasSubstr("In the band"))); // its spacer is scrap all the same
}

TEST(Unasked, SorterRollerIsPulledHeatedAndFittedWithItsTube) {
    const Brought job("sorter-roller");
    const auto strip = job.says("strip");
    EXPECT_THAT(strip, HasSubstr("grips in its 10 mm bore"));
    EXPECT_THAT(strip, HasSubstr("what it gripped is scrap"));
    EXPECT_THAT(strip, HasSubstr("to 100 °C at most: what comes out is scrap"));
    EXPECT_THAT(strip, HasSubstr("Count what came out: 3 parts"));
    const auto out = job.says("tools", "out:lower");
    EXPECT_THAT(out, HasSubstr("Not on the rack: internal collet, slide hammer"));
    EXPECT_THAT(out, HasSubstr("from 8 mm to 10 mm"));
    const auto heat = job.says("heat");
    EXPECT_THAT(heat, HasSubstr("limit 80"));
    EXPECT_THAT(heat, HasSubstr("Try the whole stack cold first"));
    const auto together = job.says("route");
    EXPECT_THAT(together, HasSubstr("pilot side up"));
    EXPECT_THAT(together, HasSubstr("Centre the tube with grease"));
    EXPECT_THAT(together, HasSubstr("Upper bearing stops on the tube, not past it"));
    EXPECT_THAT(together, HasSubstr("No way round of its own: upper bearing"));
    EXPECT_THAT(job.says("tools", "in:upper"), ContainsRegex("Stops on the (tube|roller)"));
    EXPECT_THAT(job.says("turn", "in:lower"), HasSubstr("Ø28.8"));
}

TEST(Unasked, SorterRollerKeepsCoolForTheBearingThatStays) {
    Brought job("sorter-roller");
    job.write("\"strip\": {", "\"strip\": {\"stays\": [\"lower_bearing\"],");
    EXPECT_THAT(job.says("strip"), HasSubstr("to 80 °C at most: a sealed bearing stays in"));
}

TEST(Unasked, PumpFramesBearingLiesDeepAndItsRingIsBroken) {
    Brought job("pump-frame");
    EXPECT_THAT(job.says("tools", "in:bearing"), ContainsRegex("Two strokes|notch|draw-bolt"));
    EXPECT_THAT(job.says("strip"), HasSubstr("Pick the stump out of its groove"));
    job.write("\"strip\": {", "\"strip\": {\"as_found\": [\"inner_ring_missing\", \"lug_broken\"],");
    const auto strip = job.says("strip");
    EXPECT_THAT(strip, HasSubstr("Put the inner ring back in"));
    EXPECT_THAT(strip, Not(HasSubstr("grips in its 40 mm bore"))); // no ring is there to grip
    EXPECT_THAT(strip, HasSubstr("A lug is broken: hook the stump out"));
    EXPECT_THAT(strip, HasSubstr("eye protection"));
}

TEST(Unasked, LogDeckAxleGoesOnInItsOrderAndComesOffByTheGrinder) {
    const Brought job("log-deck-axle");
    const auto order = job.says("route");
    EXPECT_LT(order.find("Retainer plate"), order.find("Lip seal"));
    EXPECT_LT(order.find("Lip seal"), order.find("Bearing 6307"));
    EXPECT_LT(order.find("Bearing 6307"), order.find("Lock collar"));
    EXPECT_THAT(order, HasSubstr("no access for it"));
    EXPECT_THAT(order, HasSubstr("Large-radius side of the ring"));
    EXPECT_THAT(job.says("strip"), HasSubstr("0.5 mm short of the axle"));
    EXPECT_THAT(job.says("tools", "in:bearing"),
                AnyOf(HasSubstr("Push on the inner ring"), HasSubstr("the inner ring is carried")));
    EXPECT_THAT(job.says("press", "in:collar"), AllOf(HasSubstr("13.3 kN"), Not(HasSubstr(" 0.00 kN"))));
    EXPECT_THAT(job.says("fit"), Not(HasSubstr("housing")));
}

TEST(Unasked, RopewaySheaveIsFourSetUps) {
    const Brought job("ropeway-sheave");
    const auto tools = job.says("tools");
    for (const char* step : {"Get the flanged hub out", "Get the bearing 3207 out", "Press the bearing 3207 into",
                             "Press the flanged hub into"})
        EXPECT_THAT(tools, HasSubstr(step));
    EXPECT_THAT(tools, HasSubstr("It drops when it lets go: flanged hub"));
    // On the machine, with the draw-bolt kit of its rack: no press is spoken of.
    Brought onTheMachine("ropeway-sheave");
    onTheMachine.write("\"units\"", "\"means\": \"draw_bolt\", \"units\"");
    const auto bolted = onTheMachine.says("tools");
    EXPECT_THAT(bolted, Not(HasSubstr("shop press")));
    EXPECT_THAT(bolted, HasSubstr("Stack on the bolt"));
    EXPECT_THAT(onTheMachine.says("tools", "in:hub"), HasSubstr("Torque up to"));
    EXPECT_THAT(job.says("strip"), HasSubstr("If half the inner ring stays on the flanged hub"));
}

TEST(Unasked, TrolleyAxlesRingIsFirstAndHoldsAlone) {
    const Brought job("trolley-axle");
    const auto strip = job.says("strip");
    EXPECT_THAT(strip, HasSubstr("lock collar"));
    EXPECT_THAT(strip,
                HasSubstr("First squeeze the retaining ring: out of its groove, at the 10 mm hole in the flange"));
    EXPECT_THAT(strip, HasSubstr("The retaining ring alone holds the flanged axle"));
    const auto order = job.says("route");
    EXPECT_LT(order.find("Retaining ring"), order.find("Bearing 6205"));
    EXPECT_THAT(order, HasSubstr("Gap of the ring lowest"));
    EXPECT_THAT(order, HasSubstr("It goes in by its shaft alone, through the rolling elements of the bearing 6205"));
    EXPECT_THAT(order, HasSubstr("a tenth of its axial rating"));
    EXPECT_THAT(job.says("press", "in:collar"), HasSubstr("Missing: lock collar"));
}

TEST(Unasked, AShopWithNothingYetIsToldWhatToBorrow) {
    const TemporaryShop shop;
    for (const char* file : {"rack.csv", "presses.json"})
        std::filesystem::remove(shop.file(file));
    const auto r = run({"tools", shop.jobFile()});
    EXPECT_NE(r.exit, 2) << r.err;
    EXPECT_THAT(r.out, HasSubstr("No press and no tools for this yet"));
    EXPECT_THAT(r.out, HasSubstr("A press, a hand press or a draw bolt"));
    EXPECT_THAT(r.out, HasSubstr("Borrow or turn a sleeve"));
    EXPECT_THAT(r.out, HasSubstr("Borrow or turn a support"));
}
