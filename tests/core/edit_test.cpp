// Editing an arrangement: sizes move what belongs to them, bearings make room, nothing that was sound is torn apart.
#include "core/arrangement/edit.h"

#include "core/arrangement/contradiction.h"
#include "io/arrangement_text.h"
#include "io/text_file.h"
#include "support/drawing.h"
#include "support/shop.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <map>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::arrangement;
using arbor::testing::demoTables;

namespace {

Assembly shape(char letter) {
    const auto file = std::string(ARBOR_SOURCE_DIR) + "/data/templates/shape-" + letter + ".json";
    auto assembly = io::parseArrangement(io::readText(file).value()).value().assembly;
    EXPECT_TRUE(resolve(assembly, demoTables().bearings));
    return assembly;
}

const Part& part(const Assembly& a, const std::string& id) {
    return a.parts.at(*indexOf(a, id));
}

SizeLine lineOf(const Assembly& a, const std::string& id, SizeLine::What what, std::size_t slice) {
    for (const auto& line : sizeLines(a))
        if (a.parts[line.part].id == id && line.what == what && line.slice == slice) return line;
    ADD_FAILURE() << id << " has no such size";
    return {};
}

std::string faultsOf(const Assembly& a) {
    std::string out;
    for (const auto& fault : faults(a))
        out += fault.field + " " + fault.value + " " + fault.limit.english() + "; ";
    return out;
}

} // namespace

TEST(SizeLines, LeaveOutWhatTheCatalogueGives) {
    const auto a = shape('a');
    for (const auto& line : sizeLines(a)) {
        EXPECT_FALSE(a.parts[line.part].catalogue);
        if (line.what != SizeLine::What::Length) {
            EXPECT_NE(line.value_mm, 30) << "the bearing's bore is not typed again";
        }
    }
    // The bore above the groove is 62 as the seat is, but a size of its own: the groove parts them.
    EXPECT_EQ(lineOf(a, "housing", SizeLine::What::Outside, 0).value_mm, 100);
    EXPECT_EQ(lineOf(a, "housing", SizeLine::What::Bore, 0).value_mm, 54);
}

TEST(SizeLines, ListADiameterThatTouchesOnce) {
    const auto a = shape('j'); // seal on its sleeve, 48; seal in the housing, 72
    int of72 = 0;
    for (const auto& line : sizeLines(a))
        of72 += line.what != SizeLine::What::Length && line.value_mm == 72;
    EXPECT_EQ(of72, 1);
}

TEST(WithSize, DiameterTakesWhatItTouchesAlong) {
    const auto a = shape('j');
    const auto out = withSize(a, lineOf(a, "housing", SizeLine::What::Bore, 1), 75).value();
    EXPECT_EQ(part(out, "seal").bodies.front().outsideDia(), 75);
    EXPECT_EQ(touchOf(part(out, "housing"), part(out, "seal"))->dia_mm, 75);
    EXPECT_EQ(part(out, "seal").bodies.front().boreDia(), 48);
    EXPECT_EQ(faultsOf(out), "");
}

TEST(WithSize, LengthStretchesAndCarriesWhatLiesAbove) {
    const auto a = shape('a');
    const auto out = withSize(a, lineOf(a, "housing", SizeLine::What::Length, 0), 26).value(); // 20 before
    EXPECT_EQ(part(out, "bearing").catalogue->at_mm, 26);
    EXPECT_EQ(part(out, "ring").bodies.front().bottom(), part(a, "ring").bodies.front().bottom() + 6);
    EXPECT_EQ(part(out, "ring").travelling.front().bottom(), part(out, "ring").bodies.front().bottom());
    EXPECT_EQ(part(out, "shield").bodies.front().top(), 0) << "below the stretch nothing moves";
    EXPECT_EQ(faultsOf(out), "");
}

TEST(WithSize, RefusesWhatIsNoSize) {
    const auto a = shape('a');
    const auto outside = lineOf(a, "housing", SizeLine::What::Outside, 0);
    const auto length = lineOf(a, "housing", SizeLine::What::Length, 0);
    EXPECT_EQ(withSize(a, outside, 50).error().code, ProblemCode::GeometryOrder);
    EXPECT_EQ(withSize(a, outside, 0).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(withSize(a, outside, NAN).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(withSize(a, outside, 4000).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(withSize(a, length, 0.05).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(withSize(a, length, -3).error().code, ProblemCode::NotPositive);
}

TEST(WithBearing, MakesRoomInEveryShape) {
    const std::pair<char, std::pair<const char*, const char*>> changes[] = {
        {'a', {"3206", "3210"}},   {'b', {"3207", "6308"}},   {'c', {"32208", "32210"}},
        {'d', {"32006", "33008"}}, {'e', {"6204", "6305"}},   {'f', {"6206", "NU210"}},
        {'g', {"6206", "6004"}},   {'h', {"30206", "30208"}}, {'i', {"6206", "6310"}}};
    for (const auto& [letter, names] : changes) {
        const auto a = shape(letter);
        auto out = a;
        // Each of them by itself: two of one number on one shaft are two.
        for (std::size_t i = 0; i < a.parts.size(); ++i)
            if (out.parts[i].catalogue && out.parts[i].catalogue->designation == names.first)
                out = withBearing(out, i, names.second, demoTables().bearings).value();
        EXPECT_EQ(faultsOf(out), "") << letter;
        for (const auto& part : out.parts)
            EXPECT_FALSE(part.catalogue && part.catalogue->designation == names.first) << letter;
        EXPECT_EQ(out.pressed.size(), a.pressed.size());
    }
}

TEST(WithBearing, ThereAndBackKeepsTheSeatsAndHeights) {
    auto a = shape('a');
    const auto bearing = *indexOf(a, "bearing");
    a.parts[bearing].label = "Bearing 3206";
    const auto there = withBearing(a, bearing, "3208", demoTables().bearings).value();
    const auto back = withBearing(there, bearing, "3206", demoTables().bearings).value();
    EXPECT_NE(part(there, "bearing").label.find("3208"), std::string::npos) << "it is called by its number";
    EXPECT_NEAR(part(back, "ring").bodies.front().bottom(), part(a, "ring").bodies.front().bottom(), 1e-9);
    EXPECT_EQ(touchOf(part(back, "housing"), part(back, "bearing"))->dia_mm, 62);
    EXPECT_EQ(withBearing(a, bearing, "9999", demoTables().bearings).error().value, "9999");
}

TEST(PartSet, AreAddedOnTopAndTakenOutWithTheirJoints) {
    const auto a = shape('c');
    const auto more = withPartOn(a, *indexOf(a, "pin"), PartKind::Cap);
    ASSERT_EQ(more.parts.size(), a.parts.size() + 1);
    EXPECT_EQ(more.parts.back().bodies.front().bottom(), part(a, "pin").bodies.front().top());
    const auto less = withoutPart(a, *indexOf(a, "pin")).value();
    EXPECT_FALSE(indexOf(less, "pin"));
    EXPECT_TRUE(part(less, "nut").lockedBy.empty());
    const auto noShaft = withoutPart(a, *indexOf(a, "spindle")).value();
    EXPECT_TRUE(noShaft.threaded.empty());
    EXPECT_EQ(noShaft.parts[noShaft.base].id, "hub");
    EXPECT_EQ(withoutPart(a, a.base).error().code, ProblemCode::OutOfRange);
}

TEST(RetainingRings, AreSqueezedPastTheirLand) {
    auto a = shape('a');
    part(a, "ring");
    a.parts[*indexOf(a, "ring")].travelling.clear();
    reshapeRings(a);
    ASSERT_EQ(part(a, "ring").travelling.size(), 1u);
    EXPECT_LT(part(a, "ring").travelling.front().outsideDia(), 62);
    auto g = shape('g'); // external: spread over the shaft
    g.parts[*indexOf(g, "ring")].travelling.clear();
    reshapeRings(g);
    EXPECT_GT(part(g, "ring").travelling.front().boreDia(), 30);
}

// A stretched arrangement keeps every seat and its order of parts: lengths that were only proposed never tear it.
// (Those that somebody typed stay, and may contradict another: then a fault names the two.)
TEST(WithSize, AnyRowOfLengthsKeepsAnArrangementSound) {
    EXPECT_TRUE(rc::check([] {
        auto a = shape(*rc::gen::inRange('a', static_cast<char>('j' + 1)));
        const int edits = *rc::gen::inRange(1, 6);
        for (int i = 0; i < edits; ++i) {
            std::vector<SizeLine> lengths;
            for (const auto& line : sizeLines(a))
                if (line.what == SizeLine::What::Length) lengths.push_back(line);
            const auto line = *rc::gen::elementOf(lengths);
            // Longer only: a shoulder made shorter than a ring's chamfer would be another arrangement.
            const auto next = withSize(a, line, line.value_mm + *rc::gen::inRange(0, 200) / 10.0);
            RC_ASSERT(next.has_value());
            for (const auto& fault : faults(*next))
                RC_ASSERT(fault.code != ProblemCode::GeometryOrder);
            a = *next;
            for (auto& part : a.parts)
                part.typed.clear();
        }
    }));
}

TEST(WithSize, EveryLengthThatWasTypedStaysAsItIs) {
    EXPECT_TRUE(rc::check([] {
        auto a = shape(*rc::gen::inRange('a', static_cast<char>('j' + 1)));
        std::map<std::tuple<std::size_t, std::size_t, std::size_t>, double> typed;
        for (int i = 0; i < 6; ++i) {
            std::vector<SizeLine> lengths;
            for (const auto& line : sizeLines(a))
                if (line.what == SizeLine::What::Length) lengths.push_back(line);
            const auto line = *rc::gen::elementOf(lengths);
            const double wanted = line.value_mm + *rc::gen::inRange(0, 200) / 10.0;
            const auto next = withSize(a, line, wanted);
            RC_ASSERT(next.has_value());
            a = *next;
            typed[{line.part, line.body, line.slice}] = wanted;
            for (const auto& [at, length] : typed) {
                const auto& s = a.parts[std::get<0>(at)].bodies[std::get<1>(at)].slices[std::get<2>(at)];
                RC_ASSERT(std::abs(s.zTop - s.zBottom - length) < 1e-6);
            }
        }
    }));
}

// Two parts that somebody measured may come to lie side by side: one of them grows, not both.
TEST(WithSize, ALengthTypedOnAnotherPartDoesNotFollow) {
    auto a = shape('a');
    const auto ring = *indexOf(a, "ring");
    const auto at = std::pair(a.parts[ring].bodies.front().bottom(), a.parts[ring].bodies.front().top());
    auto beside = a.parts[ring];
    beside.id = "beside";
    beside.typed = {{TypedSize::What::Length, 0, 0}};
    a.parts.push_back(beside);
    const double was = at.second - at.first;
    const auto next = withSize(a, {SizeLine::What::Length, ring, 0, 0, was}, was + 5).value();
    EXPECT_NEAR(part(next, "ring").bodies.front().top() - part(next, "ring").bodies.front().bottom(), was + 5, 1e-9);
    EXPECT_NEAR(part(next, "beside").bodies.front().top() - part(next, "beside").bodies.front().bottom(), was, 1e-9);
}

TEST(Faults, AreNamedPrecisely) {
    const auto named = [](char letter, const std::function<void(Assembly&)>& change) {
        auto a = shape(letter);
        change(a);
        return faultsOf(a);
    };
    EXPECT_EQ(named('a', [](auto&) {}), "");
    // A bearing in a bore that is 2 mm larger sits on its spindle still; without that it has no seat.
    const auto loose = named('i', [](Assembly& a) {
        a.pressed.clear();
        for (auto& s : a.parts[*indexOf(a, "shaft")].bodies.front().slices)
            s.outerBottom = s.outerTop = std::min(s.outerTop, 10.0);
        for (auto& s : a.parts[*indexOf(a, "tube")].bodies.front().slices)
            if (s.innerTop == 31) s.innerBottom = s.innerTop = 32;
    });
    EXPECT_NE(loose.find("parts/bearing bearing a bore or journal"), std::string::npos) << loose;
    const auto ring = named('a', [](Assembly& a) {
        for (auto& s : a.parts[*indexOf(a, "ring")].bodies.front().slices)
            s.outerBottom = s.outerTop = 30.8;
    });
    EXPECT_NE(ring.find("parts/ring ring a groove"), std::string::npos) << ring;
    const auto overlap = named('a', [](Assembly& a) {
        for (auto& s : a.parts[*indexOf(a, "spindle")].bodies.front().slices)
            if (s.outerTop == 15) s.outerBottom = s.outerTop = 15.5;
    });
    EXPECT_NE(overlap.find("overlap by 0.5 mm"), std::string::npos) << overlap;
    const auto joint = named('a', [](Assembly& a) { a.pressed.push_back({"housing", "shield"}); });
    EXPECT_NE(joint.find("joint housing/shield"), std::string::npos) << joint;
    auto unknown = shape('a');
    unknown.parts[1].catalogue->designation = "9999";
    EXPECT_EQ(resolve(unknown, demoTables().bearings).error().field, "parts/bearing/designation");
}

// A seat's own size follows its diameter; what was known of the bearing that is gone goes with it.
TEST(WithBearing, SizesAndFactsBelongToTheBearing) {
    auto a = shape('a');
    const auto bearing = *indexOf(a, "bearing");
    auto& joint = a.pressed.front();
    joint.hole.size = standards::SizeSpec{"62 -9/-39 um", 62, std::nullopt, {-0.039, -0.009}};
    joint.shaft.size = standards::SizeSpec{"62 0/-8 um", 62, std::nullopt, {-0.008, 0}};
    a.parts[bearing].catalogue->facts.staticRating_N = 20000;
    a.parts[bearing].catalogue->facts.clearanceGroup = "C3";
    const auto out = withBearing(a, bearing, "3208", demoTables().bearings).value();
    EXPECT_EQ(out.pressed.front().hole.size->typed, "80 -9/-39 um") << "the housing's limits stay";
    EXPECT_FALSE(out.pressed.front().shaft.size) << "the ring's own were those of the other one";
    EXPECT_FALSE(out.parts[bearing].catalogue->facts.staticRating_N);
    EXPECT_EQ(out.parts[bearing].catalogue->facts.clearanceGroup, "C3");
}

TEST(WithSize, ALeadInStaysAtTheMouthOfItsBore) {
    auto seat = arbor::testing::demoSeat();
    seat.groove.reset();
    auto a = blindSeat(seat).value();
    a.parts.pop_back(); // the housing alone
    a.pressed.clear();
    const auto wider = withSize(a, lineOf(a, "housing", SizeLine::What::Bore, 2), 70).value();
    const auto& mouth = wider.parts.front().bodies.front().slices.back();
    EXPECT_NEAR(2 * mouth.innerBottom, 70, 1e-9);
    EXPECT_NEAR(2 * mouth.innerTop, 71, 1e-9);
}

// What somebody typed is changed by nothing else; what was only proposed follows.
TEST(TypedSizes, ADiameterStaysWhenAnotherBearingMovesIn) {
    auto a = shape('a');
    const auto line = lineOf(a, "housing", SizeLine::What::Outside, 0);
    a = withSize(a, line, 110).value();
    EXPECT_TRUE(lineOf(a, "housing", SizeLine::What::Outside, 0).typed);
    const double flange = lineOf(a, "spindle", SizeLine::What::Outside, 0).value_mm;
    const auto next = withBearing(a, *indexOf(a, "bearing"), "3207", demoTables().bearings);
    ASSERT_TRUE(next) << next.error().field;
    EXPECT_EQ(lineOf(*next, "housing", SizeLine::What::Outside, 0).value_mm, 110);
    EXPECT_NE(lineOf(*next, "spindle", SizeLine::What::Outside, 0).value_mm, flange) << "it was only proposed";
    EXPECT_EQ(faultsOf(*next), "");
}

TEST(TypedSizes, ADiameterThatCannotStayIsNamed) {
    auto a = shape('a');
    a = withSize(a, lineOf(a, "housing", SizeLine::What::Outside, 0), 70).value();
    const auto next = withBearing(a, *indexOf(a, "bearing"), "3208", demoTables().bearings); // 80 outside
    ASSERT_FALSE(next) << "a bearing of 80 in a housing of 70";
    EXPECT_EQ(next.error().field, "parts/housing");
}

TEST(TypedSizes, LengthsStayWhateverElseIsTyped) {
    for (const char letter : {'a', 'c', 'd', 'e', 'f', 'g', 'h'}) {
        auto a = shape(letter);
        std::vector<SizeLine> lengths;
        for (const auto& line : sizeLines(a))
            if (line.what == SizeLine::What::Length) lengths.push_back(line);
        int kept = 0, all = 0;
        // Each grows by a tenth, one after the other; those before stay as they were typed.
        std::vector<std::pair<SizeLine, double>> typed;
        for (const auto& line : lengths) {
            const double wanted = std::ceil(11 * line.value_mm) / 10;
            const auto next = withSize(a, line, wanted);
            if (!next) continue;
            a = *next;
            typed.emplace_back(line, wanted);
        }
        for (const auto& [line, wanted] : typed) {
            const auto& s = a.parts[line.part].bodies[line.body].slices[line.slice];
            ++all;
            kept += std::abs(s.zTop - s.zBottom - wanted) < 1e-6;
        }
        EXPECT_GT(all, 2) << letter;
        EXPECT_EQ(kept, all) << letter;
    }
}

TEST(TypedSizes, ASizeThatWasTypedIsKeptInTheFile) {
    auto a = shape('c');
    a = withSize(a, lineOf(a, "hub", SizeLine::What::Outside, 0), 120).value();
    const auto again = io::parseArrangement(io::arrangementText({"C", "two cups", a, "C"}));
    ASSERT_TRUE(again) << again.error().field;
    EXPECT_EQ(again->assembly.parts[*indexOf(a, "hub")].typed, part(a, "hub").typed);
    EXPECT_FALSE(part(a, "hub").typed.empty());
}

TEST(Parts, StandOnTheirHeadWhereTheyAre) {
    const auto a = shape('c');
    const auto cup = *indexOf(a, "inner_cup");
    const auto next = withPartTurned(a, cup, demoTables().bearings);
    ASSERT_TRUE(next);
    EXPECT_NE(next->parts[cup].catalogue->turned, a.parts[cup].catalogue->turned);
    EXPECT_NE(next->parts[cup].wayRound->up, a.parts[cup].wayRound->up) << "what was said of it goes along";
    const auto back = withPartTurned(*next, cup, demoTables().bearings);
    EXPECT_EQ(io::arrangementText({"C", "", *back, "C"}), io::arrangementText({"C", "", a, "C"}))
        << "twice is once more";
    EXPECT_FALSE(withPartTurned(a, a.base, demoTables().bearings)) << "the base stays";
    const auto& hub = part(a, "washer");
    const auto turned = withPartTurned(a, *indexOf(a, "washer"), demoTables().bearings).value();
    EXPECT_EQ(part(turned, "washer").bodies.front().bottom(), hub.bodies.front().bottom());
    EXPECT_EQ(part(turned, "washer").bodies.front().top(), hub.bodies.front().top());
}

TEST(Parts, AStepSplitsInTwoAndNothingElseChanges) {
    const auto a = shape('a');
    const auto housing = *indexOf(a, "housing");
    const auto next = withStepSplit(a, housing, 0, 0);
    ASSERT_TRUE(next);
    const auto &was = a.parts[housing].bodies[0], &is = next->parts[housing].bodies[0];
    ASSERT_EQ(is.slices.size(), was.slices.size() + 1);
    EXPECT_NEAR(section::volume_mm3(is), section::volume_mm3(was), 1e-6);
    EXPECT_EQ(faultsOf(*next), "");
    EXPECT_FALSE(withStepSplit(a, *indexOf(a, "bearing"), 0, 0)) << "the catalogue gives its section";
}

TEST(Parts, AreAddedAboveAndBelow) {
    const auto a = shape('j');
    const auto at = *indexOf(a, "shaft");
    const auto above = withPartOn(a, at, PartKind::Washer), below = withPartOn(a, at, PartKind::Washer, true);
    EXPECT_EQ(above.parts.back().bodies.front().bottom(), a.parts[at].bodies.front().top());
    EXPECT_EQ(below.parts.back().bodies.front().top(), a.parts[at].bodies.front().bottom());
}

TEST(PartMoved, GoesAloneWithBothItsRingsAndTheBaseStays) {
    const auto a = shape('a');
    const auto bearing = *indexOf(a, "bearing"), spindle = *indexOf(a, "spindle");
    const auto moved = withPartMoved(a, bearing, 0.5, demoTables().bearings).value();
    EXPECT_NEAR(moved.parts[bearing].catalogue->at_mm - a.parts[bearing].catalogue->at_mm, 0.5, 1e-12);
    for (std::size_t b = 0; b < a.parts[bearing].bodies.size(); ++b)
        EXPECT_NEAR(moved.parts[bearing].bodies[b].bottom() - a.parts[bearing].bodies[b].bottom(), 0.5, 1e-9);
    EXPECT_EQ(moved.parts[spindle].bodies, a.parts[spindle].bodies);
    const auto back = withPartMoved(moved, bearing, -0.5, demoTables().bearings).value();
    EXPECT_EQ(faultsOf(back), faultsOf(a));
    EXPECT_EQ(withPartMoved(a, a.base, 1, demoTables().bearings).error().code, ProblemCode::OutOfRange);
    const auto tapers = shape('c');
    const auto cup = *indexOf(tapers, "outer_cup"), cone = *indexOf(tapers, "outer_cone");
    const auto both = withPartMoved(tapers, cup, 2, demoTables().bearings).value();
    EXPECT_NEAR(both.parts[cone].catalogue->at_mm - tapers.parts[cone].catalogue->at_mm, 2, 1e-12);
}

TEST(Contradiction, NamesTheOutsideAndTheBoreThatCannotBothBe) {
    auto a = shape('a');
    EXPECT_TRUE(contradictions(a).empty());
    auto& spindle = a.parts.at(*indexOf(a, "spindle"));
    for (auto& slice : spindle.bodies.front().slices)
        if (std::abs(slice.outerTop - 15) < 1e-9) slice.outerBottom = slice.outerTop = 15.5; // 31 in a bore of 30
    const auto found = contradictions(a);
    ASSERT_FALSE(found.empty()) << faultsOf(a);
    const auto& c = found.front();
    EXPECT_TRUE(c.onDiameter());
    EXPECT_EQ(a.parts[c.inner.part].id, "spindle");
    EXPECT_EQ(c.inner.what, SizeLine::What::Outside);
    EXPECT_NEAR(c.inner.value_mm, 31, 1e-9);
    EXPECT_EQ(c.outer.what, SizeLine::What::Bore);
    EXPECT_NEAR(c.outer.value_mm, 30, 1e-9);
    EXPECT_NEAR(c.by_mm, 1, 1e-9) << "on the diameter";
    EXPECT_EQ(found.size(), clashes(a).size()) << "one for each pair";
}

TEST(Contradiction, WherePartsStandInEachOtherAlongTheAxisItIsTheirLengths) {
    auto a = shape('j');
    auto& cap = a.parts.at(*indexOf(a, "cap"));
    const auto before = clashes(a).size();
    ASSERT_EQ(before, 0u);
    cap.bodies.front().z_mm -= 0.4; // into what it stands on, by less than its wall is thick
    const auto found = contradictions(a);
    ASSERT_FALSE(found.empty());
    EXPECT_TRUE(std::any_of(found.begin(), found.end(), [](const Contradiction& c) {
        return !c.onDiameter() && std::abs(c.by_mm - 0.4) < 1e-9;
    })) << found.front().by_mm;
}
