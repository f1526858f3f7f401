// The ten shapes of arrangement: each template is valid and comes apart in the order a machinist would take.
#include "core/route/order.h"
#include "io/arrangement_text.h"
#include "io/text_file.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>

using namespace arbor;
using namespace arbor::route;
using arbor::testing::demoTables;
using arbor::testing::replaced;

namespace {

std::string text(const std::string& shape) {
    return io::readText(std::string(ARBOR_SOURCE_DIR) + "/data/templates/shape-" + shape + ".json").value();
}

arrangement::Assembly shape(const std::string& letter) {
    auto assembly = io::parseArrangement(text(letter)).value().assembly;
    EXPECT_TRUE(arrangement::resolve(assembly, demoTables().bearings)) << letter;
    for (const auto& fault : arrangement::faults(assembly))
        ADD_FAILURE() << letter << ": " << fault.field << " " << fault.value << " " << fault.limit.english();
    return assembly;
}

std::vector<std::string> words(const arrangement::Assembly& a, const std::vector<Step>& steps) {
    std::vector<std::string> out;
    for (const auto& step : steps) {
        std::string line = step.turnedOver ? "turn over, " : "";
        for (const auto p : step.parts)
            line += a.parts[p].id + " ";
        out.push_back(line + (step.way == Way::Up ? "up" : "down"));
        for (const auto& inner : words(a, step.onTheBench))
            out.push_back("  " + inner);
    }
    return out;
}

using Lines = std::vector<std::string>;
Lines apart(const std::string& letter) {
    const auto a = shape(letter);
    const auto order = takeApart(a);
    EXPECT_EQ(order.stuck, 0u) << letter;
    return words(a, order.steps);
}

std::vector<std::string> shutOutBy(const std::string& letter, std::initializer_list<const char*> fitted) {
    const auto a = shape(letter);
    PartSet present = 0;
    for (const auto* id : fitted)
        for (std::size_t i = 0; i < a.parts.size(); ++i)
            if (a.parts[i].id == id) present |= only(i);
    std::vector<std::string> out;
    for (const auto& s : shutOut(BlockingGraph(a), present))
        out.push_back(a.parts[s.part].id);
    return out;
}

} // namespace

TEST(Shapes, A_SpindleThenShieldThenRingThenBearing) {
    EXPECT_EQ(apart("a"), (Lines{"spindle down", "shield down", "turn over, ring up", "bearing up"}));
    EXPECT_EQ(shutOutBy("a", {"housing", "bearing", "spindle"}), Lines{"shield"});
    EXPECT_EQ(shutOutBy("a", {"housing", "ring"}), Lines{"bearing"});
}

TEST(Shapes, B_HubThenRingThenBearing) {
    EXPECT_EQ(apart("b"), (Lines{"hub down", "turn over, ring up", "bearing up"}));
}

TEST(Shapes, C_PinNutWasherThenTheSpindleAndTheSealFreesTheInnerCone) {
    const auto lines = apart("c");
    const auto at = [&](const std::string& id) {
        return std::find_if(lines.begin(), lines.end(),
                            [&](const auto& l) { return l.find(id + " ") != std::string::npos; }) -
               lines.begin();
    };
    EXPECT_LT(at("pin"), at("nut"));
    EXPECT_LT(at("nut"), at("washer"));
    EXPECT_LT(at("washer"), at("outer_cone"));
    EXPECT_LT(at("seal"), at("inner_cone"));
    EXPECT_LT(at("inner_cone"), at("inner_cup"));
    // The seal goes in last on its side: with it in place the inner cone cannot come in.
    EXPECT_EQ(shutOutBy("c", {"hub", "inner_cup", "seal"}), Lines{"inner_cone"});
    EXPECT_EQ(shutOutBy("c", {"spindle", "pin"}), (Lines{"outer_cone", "washer", "nut"}));
}

TEST(Shapes, D_SpacerIsInBeforeTheSecondCone) {
    const auto a = shape("d");
    EXPECT_EQ(shutOutBy("d", {"pulley", "lower_cup", "upper_cup", "shaft", "lower_cone", "upper_cone"}),
              Lines{"spacer"});
    EXPECT_EQ(takeApart(a).stuck, 0u);
}

TEST(Shapes, E_SpacerComesOutBehindEitherBearing) {
    EXPECT_EQ(apart("e"), (Lines{"upper_bearing up", "spacer up", "turn over, lower_bearing down"}));
    EXPECT_EQ(shutOutBy("e", {"roller", "lower_bearing", "upper_bearing"}), Lines{"spacer"});
}

TEST(Shapes, F_SealAndPlateAreCaptive) {
    EXPECT_EQ(apart("f"), (Lines{"collar up", "bearing up", "plate up", "seal up"}));
    EXPECT_EQ(shutOutBy("f", {"shaft", "bearing"}), (Lines{"seal", "plate"}));
}

TEST(Shapes, G_RingOffThenTheShaftLeavesTheCarrierWithBearingAndCollar) {
    // The bearing is loose in the carrier and tight on the shaft: it goes with the shaft and is pressed off on the
    // bench.
    EXPECT_EQ(apart("g"), (Lines{"ring up", "bearing shaft collar up", "  collar up", "  bearing up"}));
    EXPECT_EQ(shutOutBy("g", {"carrier", "shaft", "ring"}), (Lines{"bearing", "collar"}));
}

TEST(Shapes, H_CapNutWasherConeThenTheHubWithWhatIsPressedInIt) {
    const auto lines = apart("h");
    ASSERT_GE(lines.size(), 6u);
    EXPECT_EQ(Lines(lines.begin(), lines.begin() + 5),
              (Lines{"cap up", "nut up", "washer up", "outer_cone up", "seal hub inner_cone inner_cup outer_cup up"}));
    EXPECT_EQ(lines.back(), "wear_sleeve up");
    EXPECT_EQ(shutOutBy("h", {"hub", "inner_cup", "seal"}), Lines{"inner_cone"});
}

TEST(Shapes, I_OnlyTheRingHoldsTheShaft) {
    EXPECT_EQ(apart("i"), (Lines{"shaft bearing ring up", "  bearing down", "  ring down"}));
    const auto a = shape("i");
    const BlockingGraph ways(a);
    // Without the ring the shaft and its bearing are held by nothing.
    EXPECT_NE(ways.keeps(2, Way::Up, ways.all()) & only(3), 0u);
}

TEST(Shapes, J_CapBeforeSeal) {
    EXPECT_EQ(shutOutBy("j", {"housing", "cap"}), Lines{"seal"});
    const auto lines = apart("j");
    EXPECT_LT(std::find(lines.begin(), lines.end(), "cap up"), std::find(lines.begin(), lines.end(), "seal up"));
}

TEST(ArrangementText, NamesThePlaceOfWhatIsWrong) {
    const auto good = text("i");
    const auto problem = [&](const std::string& what, const std::string& with) {
        const auto read = io::parseArrangement(replaced(good, what, with));
        EXPECT_FALSE(read) << with;
        return read ? Problem{} : read.error();
    };
    EXPECT_EQ(problem("[6, 28, 0, 30]", "[28, 6, 0, 30]").field, "parts/1/bodies");
    EXPECT_EQ(problem("[6, 28, 0, 30]", "[6, 28, 40, 30]").code, ProblemCode::GeometryOrder);
    EXPECT_EQ(problem("[6, 28, 0, 30]", "[6, 28, -1, 30]").code, ProblemCode::NotPositive);
    EXPECT_EQ(problem("[6, 28, 0, 30]", "[6, 27, 0, 30]").code, ProblemCode::GeometryOrder);
    EXPECT_EQ(problem("[6, 28, 0, 30]", "[6, 28, 30]").code, ProblemCode::Malformed);
    EXPECT_EQ(problem("\"kind\": \"shaft\"", "\"kind\": \"stick\"").field, "parts/1/kind");
    EXPECT_EQ(problem("\"kind\": \"shaft\"", "\"sort\": \"shaft\"").code, ProblemCode::UnknownKey);
    EXPECT_EQ(problem("\"base\": \"tube\"", "\"base\": \"pipe\"").field, "base");
    EXPECT_EQ(problem("arbor-arrangement", "recipe").field, "format");
    EXPECT_EQ(problem("\"parts\": [", "\"pieces\": [").code, ProblemCode::UnknownKey);
    EXPECT_EQ(problem("\"inner\": \"shaft\", ", "").code, ProblemCode::Missing);
}
