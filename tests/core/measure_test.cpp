// Measure: size and form from readings, verdicts, spacers and the old bearing, each against values worked by hand.
#include "core/measure/form.h"
#include "core/measure/old_bearing.h"
#include "core/measure/seat_condition.h"
#include "core/measure/spacer.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::measure;

namespace {

constexpr double kSteel = 1.15e-5, kAluminium = 2.35e-5;

/// A bore d(z, phi) = base + taper z + oval/2 cos 2(phi - at) + lobes/2 cos 4 phi at the usual places.
std::vector<DiameterReading> bore(double base, double taperPerMm, double oval, double at_deg, double lobes,
                                  const std::vector<double>& depths = {2, 10, 18}) {
    std::vector<DiameterReading> out;
    for (const double z : depths)
        for (int i = 0; i < 8; ++i) {
            const double phi = 22.5 * i, rad = std::numbers::pi / 180;
            out.push_back({z, phi,
                           base + taperPerMm * z + oval / 2 * std::cos(2 * (phi - at_deg) * rad) +
                               lobes / 2 * std::cos(4 * phi * rad)});
        }
    return out;
}

Result<Form> form(const std::vector<DiameterReading>& readings, const GaugeState& gauge = {}) {
    return formOf(readings, gauge, kSteel, kSteel);
}

/// 62 N7: -39 / -9 um, the limits on form half of that.
SurfaceState hole62(double dia_mm) {
    SurfaceState s;
    s.nominal_mm = 62;
    s.size_mm = {-0.039, -0.009};
    s.formLimit_mm = formLimit(s.size_mm);
    s.runOutLimit_mm = 0.013;
    s.wallRad_mm = 15;
    s.measuredDia_mm = dia_mm;
    s.measuredUncertainty_mm = 0.002;
    return s;
}

bool says(const Judgement& j, std::string_view key) {
    return std::any_of(j.reasons.begin(), j.reasons.end(), [&](const Reason& r) { return r.advice.key() == key; });
}
template <class Kind>
bool says(const Judgement& j) {
    return says(j, Kind::key);
}

} // namespace

TEST(Form, OfATrueCylinderIsItsDiameterAndNothingElse) {
    const auto f = form(bore(61.978, 0, 0, 0, 0)).value();
    EXPECT_NEAR(f.mean_mm, 61.978, 1e-12);
    EXPECT_NEAR(f.outOfRound_mm, 0, 1e-12);
    EXPECT_NEAR(*f.taper_mm, 0, 1e-12);
    EXPECT_NEAR(*f.mouth_mm, 0, 1e-12);
    EXPECT_NEAR(*f.lobing_mm, 0, 1e-12);
    EXPECT_EQ(f.broughtTo20_mm, 0);
}

TEST(Form, FindsOvalTaperAndLobesThatWerePutIn) {
    // Larger inside by 0.5 um a mm over 16 mm: the open end is smaller by 8 um.
    const auto f = form(bore(61.970, 0.0005, 0.012, 30, 0.004)).value();
    EXPECT_NEAR(*f.taper_mm, -0.008, 1e-9);
    EXPECT_NEAR(f.mean_mm, 61.970 + 0.0005 * 10, 1e-9);
    for (const auto& plane : f.planes) {
        EXPECT_NEAR(*plane.oval_mm, 0.012, 1e-9);
        EXPECT_NEAR(plane.ovalDirection_deg, 30, 1e-6);
        EXPECT_NEAR(*plane.lobing_mm, 0.004, 1e-9);
    }
    EXPECT_EQ(f.planes.size(), 3u);
}

TEST(Form, OvalIsFoundWhereverItLies) {
    ASSERT_TRUE(rc::check("oval direction and size", [] {
        const double at = *rc::gen::inRange(0, 180), size = *rc::gen::inRange(1, 60) * 1e-3;
        const auto f = form(bore(50, 0, size, at, 0)).value();
        RC_ASSERT(std::abs(*f.planes[0].oval_mm - size) < 1e-9);
        const double off = std::fmod(std::abs(f.planes[0].ovalDirection_deg - at), 180.0);
        RC_ASSERT(std::min(off, 180 - off) < 1e-5);
        // Eight directions see the true extremes to within 22.5/2 degrees: between cos(22.5 deg) and all of the oval.
        RC_ASSERT(f.outOfRound_mm <= size + 1e-12);
        RC_ASSERT(f.outOfRound_mm >= size * std::cos(22.5 * std::numbers::pi / 180) - 1e-12);
    }));
}

TEST(Form, TurningThePartTurnsTheOvalAndNothingElse) {
    const auto straight = bore(50, 0.0002, 0.010, 20, 0);
    auto turned = straight;
    for (auto& r : turned)
        r.direction_deg = std::fmod(r.direction_deg + 45, 180);
    const auto a = form(straight).value(), b = form(turned).value();
    EXPECT_NEAR(b.planes[0].ovalDirection_deg - a.planes[0].ovalDirection_deg, 45, 1e-6);
    EXPECT_NEAR(a.outOfRound_mm, b.outOfRound_mm, 1e-12);
    EXPECT_NEAR(a.mean_mm, b.mean_mm, 1e-12);
}

TEST(Form, BellMouthIsToldApartFromTaper) {
    // 50.010 at the mouth, 50.000, 49.998 inwards at 2, 10, 18: the line through the two gives 50.002 at 2, so the
    // mouth stands 8 um beyond; taper of the rest is 2 um over 8 mm, larger outside.
    const auto f =
        form({{2, 0, 50.010}, {2, 90, 50.010}, {10, 0, 50.000}, {10, 90, 50.000}, {18, 0, 49.998}, {18, 90, 49.998}})
            .value();
    EXPECT_NEAR(*f.mouth_mm, 0.008, 1e-9);
    EXPECT_NEAR(*f.taper_mm, 0.002, 1e-9);
    EXPECT_FALSE(f.lobing_mm);
    EXPECT_FALSE(f.planes[0].oval_mm) << "two directions tell no oval";
}

TEST(Form, IsBroughtTo20ByHand) {
    // Aluminium at 30, gauge and master at 22, of steel: 100 (2.35e-5 * 10 - 1.15e-5 * 2) = 21.2 um smaller at 20.
    const auto f = formOf({{5, 0, 100.0}}, {0.002, 30, 22}, kAluminium, kSteel).value();
    EXPECT_NEAR(f.broughtTo20_mm, -0.0212, 1e-9);
    EXPECT_NEAR(f.mean_mm, 99.9788, 1e-9);
    // Part and gauge of one material at one temperature: nothing to correct.
    EXPECT_EQ(form({{5, 0, 100.0}}, {0.002, 35, 35})->broughtTo20_mm, 0);
}

TEST(Form, RefusesWhatItCannotUse) {
    EXPECT_EQ(form({}).error().code, ProblemCode::Missing);
    EXPECT_EQ(form({{1, 0, 0}}).error().code, ProblemCode::NotPositive);
    EXPECT_EQ(form({{1, 0, NAN}}).error().code, ProblemCode::NotFinite);
    EXPECT_EQ(form({{1, 180, 50}}).error().field, "readings/0");
    EXPECT_EQ(form({{-1, 0, 50}}).error().code, ProblemCode::OutOfRange);
    EXPECT_EQ(form({{1, 0, 50}, {1, 0, 50.1}}).error().code, ProblemCode::Duplicate);
    EXPECT_EQ(form({{1, 0, 50}}, {0.002, 300, 20}).error().field, "part_degC");
    EXPECT_EQ(form({{1, 0, 50}}, {0.002, 20, NAN}).error().field, "gauge_degC");
    EXPECT_EQ(form({{1, 0, 50}}, {0.2, 20, 20}).error().field, "uncertainty_um");
}

TEST(Verdict, FollowsTheSizeAcrossItsLimits) {
    EXPECT_EQ(judge(hole62(61.975)).verdict, Verdict::Use);
    EXPECT_TRUE(says<found::SeatSizeGood>(judge(hole62(61.975))));
    EXPECT_EQ(judge(hole62(61.992)).verdict, Verdict::Use) << "1 um over, the gauge is good to 2";
    EXPECT_TRUE(says<found::SeatSizeInDoubt>(judge(hole62(61.992))));
    EXPECT_EQ(judge(hole62(61.995)).verdict, Verdict::Sleeve) << "metal is gone";
    EXPECT_EQ(judge(hole62(61.955)).verdict, Verdict::CleanUp) << "metal is left";
    auto thin = hole62(61.995);
    thin.wallRad_mm = 5.9; // 3 times the 2 mm that a sleeve of this size needs is 6
    EXPECT_EQ(judge(thin).verdict, Verdict::Replace);
}

TEST(Verdict, OfAJournalIsTheMirrorImage) {
    auto s = hole62(61.975);
    s.hole = false;
    s.nominal_mm = 30;
    s.size_mm = {-0.004, 0.005};
    for (const auto& [dia, verdict] :
         {std::pair{30.0, Verdict::Use}, {29.990, Verdict::Sleeve}, {30.010, Verdict::CleanUp}}) {
        s.measuredDia_mm = dia;
        EXPECT_EQ(judge(s).verdict, verdict) << dia;
    }
}

TEST(Verdict, WrongFormIsCleanedUpWhileMetalIsLeft) {
    auto s = hole62(61.960);
    s.measuredDia_mm.reset();
    s.form = form(bore(61.970, 0, 0.018, 0, 0)).value(); // 18 um oval, 15 allowed; widest 61.979, limit 61.991
    EXPECT_EQ(judge(s).verdict, Verdict::CleanUp);
    EXPECT_TRUE(says<found::SeatOutOfRound>(judge(s)));
    s.form = form(bore(61.985, 0, 0.018, 0, 0)).value(); // widest 61.994: beyond
    EXPECT_EQ(judge(s).verdict, Verdict::Sleeve);
    s.formLimit_mm = 0.020; // by the drawing
    EXPECT_EQ(judge(s).verdict, Verdict::Use);
}

TEST(Verdict, AWornMouthIsLeftAloneUntilItTakesTheWholeTolerance) {
    const auto worn = [](double by) {
        auto s = hole62(61.972);
        s.measuredDia_mm.reset();
        std::vector<DiameterReading> readings;
        for (const double z : {2.0, 10.0, 18.0})
            for (const double phi : {0.0, 90.0})
                readings.push_back({z, phi, 61.968 + (z == 2 ? by : 0)});
        s.form = form(readings).value();
        return judge(s);
    };
    EXPECT_EQ(worn(0.010).verdict, Verdict::Use);
    EXPECT_FALSE(says<found::SeatMouthWorn>(worn(0.010)));
    EXPECT_TRUE(says<found::SeatMouthWorn>(worn(0.020)));
    EXPECT_EQ(worn(0.020).verdict, Verdict::Use);
    EXPECT_EQ(worn(0.035).verdict, Verdict::Sleeve);
}

TEST(Verdict, EachThingSeenCallsForItsOwn) {
    struct Case {
        void (*see)(Condition&);
        Verdict verdict;
        std::string_view finding;
    };
    const Case cases[] = {
        {[](Condition& c) { c.pits = Pits::Light; }, Verdict::CleanUp, found::SeatPitsLight::key},
        {[](Condition& c) { c.pits = Pits::Deep; }, Verdict::Sleeve, found::SeatPitsDeep::key},
        {[](Condition& c) { c.scored = true; }, Verdict::CleanUp, found::SeatScored::key},
        {[](Condition& c) { c.creepPolish = true; }, Verdict::Use, found::SeatCrept::key},
        {[](Condition& c) { c.movesByHand = true; }, Verdict::Sleeve, found::SeatMovesByHand::key},
        {[](Condition& c) { c.rz_mm = 0.012; }, Verdict::CleanUp, found::SeatRough::key},
        {[](Condition& c) { c.process = Process::Turned; }, Verdict::CleanUp, found::SeatRough::key},
        {[](Condition& c) { c.shoulderRunOut_mm = 0.020; }, Verdict::CleanUp, found::ShoulderRunsOut::key},
        {[](Condition& c) { c.groove = GrooveState::Dirty; }, Verdict::CleanUp, found::GrooveDirty::key},
        {[](Condition& c) { c.groove = GrooveState::Worn; }, Verdict::Replace, found::GrooveWorn::key},
        {[](Condition& c) { c.notches = GrooveState::Dirty; }, Verdict::CleanUp, found::NotchesBurred::key},
    };
    for (const auto& c : cases) {
        auto s = hole62(61.975);
        c.see(s.condition);
        EXPECT_EQ(judge(s).verdict, c.verdict) << c.finding;
        EXPECT_TRUE(says(judge(s), c.finding)) << c.finding;
    }
    auto hub = hole62(61.975);
    hub.hub = true;
    hub.condition.movesByHand = true;
    EXPECT_EQ(judge(hub).verdict, Verdict::Replace) << "a cup that moves by hand scraps the hub";
}

TEST(Verdict, TheWorstReasonLeadsAndWhatWasNotLookedAtSaysNothing) {
    EXPECT_EQ(judge(SurfaceState{}).verdict, Verdict::NotMeasured);
    EXPECT_TRUE(judge(SurfaceState{}).reasons.empty());
    auto s = hole62(61.975);
    s.condition.pits = Pits::Light;
    s.condition.groove = GrooveState::Worn;
    const auto j = judge(s);
    EXPECT_TRUE(j.reasons.front().advice.is<found::GrooveWorn>());
    EXPECT_GE(j.reasons.size(), 3u);
    for (std::size_t i = 1; i < j.reasons.size(); ++i)
        EXPECT_GE(j.reasons[i - 1].calls, j.reasons[i].calls);
    EXPECT_EQ(j.advice().size(), j.reasons.size());
}

TEST(Spacer, LengthParallelAndFlareByHand) {
    SpacerReadings r;
    r.lengths = {{0, 22.010}, {90, 22.000}, {180, 21.990}, {270, 22.000}};
    const auto s = spacerState(r, 25, 22, 0.009).value();
    EXPECT_NEAR(s.length_mm, 22, 1e-9);
    EXPECT_NEAR(*s.outOfParallel_mm, 0.020, 1e-7); // across the end
    EXPECT_NEAR(std::remainder(s.highAngle_deg, 360), 0, 1e-6);
    EXPECT_EQ(s.judgement.verdict, Verdict::CleanUp);
    r.lengths = {{0, 22.002}, {90, 22.000}, {180, 21.998}, {270, 22.000}};
    EXPECT_EQ(spacerState(r, 25, 22, 0.009)->judgement.verdict, Verdict::Use);
    r.lowerEnd = {{0, 0}, {120, 0.03}, {240, 0}};
    EXPECT_EQ(spacerState(r, 25, 22, 0.009)->judgement.verdict, Verdict::CleanUp);
    r.lowerEnd.clear();
    r.middleOutside_mm = 25.0;
    r.upperOutside_mm = 25.08;
    const auto flared = spacerState(r, 25, 22, 0.009).value();
    EXPECT_NEAR(flared.flare_mm, 0.08, 1e-12);
    EXPECT_EQ(flared.judgement.verdict, Verdict::Replace);
}

TEST(Spacer, ShortIsReplacedAndTooFewReadingsJudgeNoEnd) {
    SpacerReadings r;
    r.lengths = {{0, 21.85}, {180, 21.85}};
    const auto s = spacerState(r, 25, 22, 0.009).value();
    EXPECT_EQ(s.judgement.verdict, Verdict::Replace);
    EXPECT_FALSE(s.outOfParallel_mm);
    EXPECT_EQ(spacerState({}, 25, 22, 0.009)->judgement.verdict, Verdict::NotMeasured);
    r.lengths = {{0, 22}, {0, 22}, {0, 22}};
    EXPECT_EQ(spacerState(r, 25, 22, 0.009).error().field, "spacer/lengths");
    EXPECT_EQ(spacerState({{{0, 22}, {90, NAN}, {180, 22}}, {}, {}, {}, {}, {}}, 25, 22, 0.009).error().code,
              ProblemCode::NotFinite);
}

TEST(OldBearing, SharesAddUpAndEverySignLeadsSomewhere) {
    EXPECT_TRUE(likelyCauses({}).empty());
    EXPECT_TRUE(lookAt({}).empty());
    std::set<Sign> all;
    for (const auto sign : kSigns) {
        all.insert(sign);
        EXPECT_FALSE(likelyCauses({sign}).empty());
        EXPECT_FALSE(lookAt({sign}).empty());
        for (const auto& set : {std::set<Sign>{sign}, all}) {
            double sum = 0, before = 1;
            for (const auto& c : likelyCauses(set)) {
                sum += c.share;
                EXPECT_LE(c.share, before);
                EXPECT_FALSE(c.because.empty());
                before = c.share;
            }
            EXPECT_NEAR(sum, 1, 1e-9);
        }
    }
}

TEST(OldBearing, DentsAtPitchPointToForceThroughTheElements) {
    const auto causes = likelyCauses({Sign::DentsAtPitch});
    EXPECT_EQ(causes.front().cause, Cause::ForceThroughElements);
    const auto look = lookAt({Sign::DentsAtPitch});
    EXPECT_EQ(look.front(), LookAt::BackUpTheRing);
    // A second sign for the same cause makes it likelier than each alone would.
    EXPECT_EQ(likelyCauses({Sign::RustPits, Sign::SealTrackWorn}).front().cause, Cause::SealLeaked);
}
