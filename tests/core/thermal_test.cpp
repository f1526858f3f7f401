// Cooling in air, and a ring dropped into its seat: against worked values, closed forms and the balance of heat.
#include "core/base/number.h"
#include "core/thermal/cooling.h"
#include "core/thermal/shrink_fit.h"
#include "core/thermal/stiff_solver.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <rapidcheck.h>

using namespace arbor;
using namespace arbor::thermal;

namespace {

constexpr Conductor kSteel{42, 7810, 460, 1.19e-5};
constexpr Conductor kIron{50, 7200, 500, 1.05e-5};

/// A cold ring and a warm housing that lose nothing to the air.
ShrinkFit insulated() {
    ShrinkFit fit;
    fit.seatDia_mm = 62;
    fit.interference_mm = 0.02;
    fit.inner = {54, 62, 20, kSteel, -30, {}, {}, 0};
    fit.outer = {62, 90, 20, kIron, 90, {}, {}, 0};
    return fit;
}

Lump plainLump() {
    return {2, 500, 0.05, {10, 0, 20}};
}

} // namespace

TEST(StiffSolver, FollowsADecayFarStifferThanItsStep) {
    Ode ode;
    ode.slope = [](double, std::span<const double> y, std::span<double> slope) {
        slope[0] = -1e6 * (y[0] - std::cos(0.0));
        slope[1] = -0.5 * y[1];
    };
    const auto run = solveStiff(ode, {0, 8}, 0, {1, 4});
    ASSERT_TRUE(run);
    EXPECT_NEAR(run->states[1][0], 1, 1e-6);
    EXPECT_NEAR(run->states[0][1], 8 * std::exp(-0.5), 1e-5);
    EXPECT_NEAR(run->states[1][1], 8 * std::exp(-2.0), 1e-5);
}

TEST(StiffSolver, FindsTheTimeSomethingFallsThroughZero) {
    Ode ode;
    ode.slope = [](double, std::span<const double>, std::span<double> slope) { slope[0] = -2; };
    ode.event = [](double, std::span<const double> y) { return y[0]; };
    const auto run = solveStiff(ode, {3}, 0, {1, 2, 5});
    ASSERT_TRUE(run && run->event_s);
    EXPECT_NEAR(*run->event_s, 1.5, 1e-6);
    EXPECT_NEAR(run->states[2][0], -7, 1e-5); // and goes on to the end
}

TEST(StiffSolver, SaysWhereItGaveUp) {
    Ode ode;
    ode.slope = [](double, std::span<const double> y, std::span<double> slope) { slope[0] = y[0] * y[0]; };
    const auto run = solveStiff(ode, {1}, 0, {2}); // endless at 1
    ASSERT_FALSE(run);
    EXPECT_EQ(run.error().code, ProblemCode::NotDefined);
    EXPECT_NEAR(readNumber(run.error().value).value(), 1, 0.01);
}

TEST(Cooling, WithoutRadiationIsNewtonsLaw) {
    const auto lump = plainLump();
    const double tau = 2 * 500 / (10 * 0.05);
    EXPECT_NEAR(temperatureAfter(lump, 120, 700).value(), 20 + 100 * std::exp(-700 / tau), 1e-3);
    EXPECT_NEAR(**timeTo(lump, 120, 60), tau * std::log(100.0 / 40), 1e-3);
}

TEST(Cooling, StillAirFollowsThePowerOfItsDifference) {
    // d(theta)/dt = -k theta^1.25 has theta^-0.25 = theta0^-0.25 + k t / 4.
    auto lump = plainLump();
    lump.film.exponent = 0.25;
    const double k = 10 * 0.05 / (2 * 500) / std::pow(50, 0.25);
    const double theta = std::pow(std::pow(100, -0.25) + k * 900 / 4, -4);
    EXPECT_NEAR(temperatureAfter(lump, 120, 900).value(), 20 + theta, 1e-3);
}

TEST(Cooling, RadiationAloneIsTheFourthPower) {
    // 1/T^3 - 1/T0^3 = 3 eps sigma A t / (m c) towards walls at absolute zero.
    auto lump = plainLump();
    lump.film = {0, 0.9, -kZeroC_K};
    const double T0 = 500, rate = 3 * 0.9 * 5.670374419e-8 * 0.05 / 1000;
    const double T = std::cbrt(1 / (1 / (T0 * T0 * T0) + rate * 600));
    EXPECT_NEAR(temperatureAfter(lump, T0 - kZeroC_K, 600).value(), T - kZeroC_K, 1e-3);
}

TEST(Cooling, TimeAndTemperatureAreEachOthersInverse) {
    EXPECT_TRUE(rc::check([] {
        Lump lump{*rc::gen::inRange(1, 50) * 0.2, 460, *rc::gen::inRange(1, 40) * 0.01, {}};
        lump.film = {*rc::gen::inRange(0, 30) + 1.0, *rc::gen::inRange(0, 10) * 0.1, 20, *rc::gen::element(0.0, 0.25)};
        const double start = *rc::gen::element(-60.0, 80.0, 180.0);
        const double target = start + (20 - start) * *rc::gen::inRange(5, 95) / 100;
        const auto time = timeTo(lump, start, target);
        RC_ASSERT(time && *time);
        RC_ASSERT(std::abs(temperatureAfter(lump, start, **time).value() - target) < 0.01);
    }));
}

TEST(Cooling, WhatIsNeverReachedHasNoTime) {
    EXPECT_FALSE(*timeTo(plainLump(), 120, 20));  // the air's own, only in the end
    EXPECT_FALSE(*timeTo(plainLump(), 120, 10));  // colder than the air
    EXPECT_FALSE(*timeTo(plainLump(), 120, 130)); // warmer than it was
    EXPECT_EQ(**timeTo(plainLump(), 120, 120), 0);
    auto plate = plainLump(); // a plate below at 120, air above
    plate.film = {60, 0, 120};
    plate.otherArea_m2 = 0.1;
    plate.otherFilm = {10, 0, 20};
    EXPECT_NEAR(endTemperature(plate).value(), (60 * 0.05 * 120 + 10 * 0.1 * 20) / (60 * 0.05 + 10 * 0.1), 1e-6);
    EXPECT_TRUE(*timeTo(plate, 20, 94));
    EXPECT_FALSE(*timeTo(plate, 20, 96));
}

TEST(Cooling, PowerAloneWarmsEvenly) {
    auto lump = plainLump();
    lump.film = {};
    lump.power_W = 400;
    EXPECT_NEAR(**timeTo(lump, 20, 100), 80 * 2 * 500 / 400.0, 1e-6);
    EXPECT_FALSE(endTemperature(lump));
}

TEST(Cooling, RefusesWhatHasNoMass) {
    EXPECT_EQ(temperatureAfter({0, 500, 1, {}}, 100, 1).error().field, "mass_kg");
    EXPECT_EQ(timeTo({1, NAN, 1, {}}, 100, 50).error().field, "heat_J_kgK");
    EXPECT_EQ(temperatureAfter(plainLump(), 100, -1).error().field, "time_s");
}

TEST(ShrinkFit, InsulatedTubesMeetAtTheMixingTemperature) {
    const auto fit = insulated();
    const auto run = follow(fit, {0, 3600});
    ASSERT_TRUE(run);
    const auto& end = run->states.back();
    const double mixed = (heat_J(fit.inner, fit.inner.start_C) + heat_J(fit.outer, fit.outer.start_C)) /
                         (heat_J(fit.inner, 1) + heat_J(fit.outer, 1));
    EXPECT_NEAR(end.inner_C, mixed, 0.02);
    EXPECT_NEAR(end.outer_C, mixed, 0.02);
    EXPECT_EQ(end.lost_J, 0);
    EXPECT_NEAR(run->clearance_mm, clearanceAt(fit, -30, 90), 1e-12);
}

TEST(ShrinkFit, KeepsItsHeatWithinATenthOfAPercent) {
    EXPECT_TRUE(rc::check([] {
        ShrinkFit fit = insulated();
        fit.inner.start_C = *rc::gen::inRange(-80, 20);
        fit.outer.start_C = *rc::gen::inRange(60, 200);
        fit.outer.outsideDia_mm = *rc::gen::inRange(70, 200);
        fit.inner.boreDia_mm = *rc::gen::element(0.0, 40.0, 58.0);
        fit.outer.width_mm = *rc::gen::inRange(10, 80);
        fit.apart_s = *rc::gen::inRange(0, 120);
        for (auto* tube : {&fit.inner, &fit.outer}) {
            tube->free = tube->seat = {10, 0.6, 20};
            tube->face_mm2 = *rc::gen::inRange(0, 20000);
        }
        const auto run = follow(fit, {30, 300, 1200});
        RC_ASSERT(run.has_value());
        const double before = heat_J(fit.inner, fit.inner.start_C) + heat_J(fit.outer, fit.outer.start_C);
        const double moved = heat_J(fit.outer, fit.outer.start_C - fit.inner.start_C);
        for (const auto& s : run->states) {
            const double now = heat_J(fit.inner, s.inner_C) + heat_J(fit.outer, s.outer_C);
            RC_ASSERT(std::abs(before - now - s.lost_J) < 1e-3 * moved);
        }
    }));
}

TEST(ShrinkFit, ApartAThinTubeCoolsAsOneLump) {
    auto fit = insulated();
    fit.outer.outsideDia_mm = 66;
    fit.apart_s = 600;
    fit.outer.free = fit.outer.seat = {12, 0, 20};
    const auto run = follow(fit, {300});
    const double area = std::numbers::pi * (66 + 62) * 20 * 1e-6;
    const Lump lump{heat_J(fit.outer, 1) / 500, 500, area, {12, 0, 20}};
    EXPECT_NEAR(run->states[0].outer_C, temperatureAfter(lump, 90, 300).value(), 0.05);
}

TEST(ShrinkFit, WindowClosesWhenTheClearanceFallsUnderTheLeast) {
    auto fit = insulated();
    fit.outer.free = fit.outer.seat = fit.inner.free = fit.inner.seat = {12, 0.5, 20};
    fit.apart_s = 3600;
    fit.least_mm = 0.03;
    const auto run = follow(fit, {3600});
    ASSERT_TRUE(run && run->tooSmall_s);
    const auto there = follow(fit, {*run->tooSmall_s});
    EXPECT_NEAR(there->states[0].clearance_mm, 0.03, 1e-6);
    // Wanting more closes it sooner.
    fit.least_mm = 0.05;
    EXPECT_LT(*follow(fit, {3600})->tooSmall_s, *run->tooSmall_s);
}

TEST(ShrinkFit, AWalkBeforehandMakesItGripSooner) {
    auto fit = insulated();
    fit.outer.free = fit.outer.seat = fit.inner.free = fit.inner.seat = {12, 0.5, 20};
    const auto at = [&](double walk) {
        fit.apart_s = walk;
        return *follow(fit, {1200})->grip_s - walk;
    };
    EXPECT_GT(at(0), at(60));
    EXPECT_GT(at(60), at(240));
}

TEST(ShrinkFit, AHotThickBossDoesNotGripBecauseTheRingWarms) {
    auto fit = insulated();
    fit.outer.material = {150, 2700, 900, 2.35e-5};
    fit.outer.outsideDia_mm = 130;
    fit.outer.start_C = 120;
    const auto run = follow(fit, {600});
    EXPECT_FALSE(run->grip_s);
    EXPECT_GT(run->states[0].clearance_mm, 0);
}

TEST(ShrinkFit, WhatIsTightAlreadyGripsAtOnce) {
    auto fit = insulated();
    fit.inner.start_C = fit.outer.start_C = 20;
    const auto run = follow(fit, {0, 10});
    EXPECT_EQ(run->grip_s, 0);
    EXPECT_NEAR(run->states[1].clearance_mm, -0.02, 1e-9);
}

TEST(ShrinkFit, NamesTheSizeItCannotUse) {
    const auto field = [](auto change) {
        auto fit = insulated();
        change(fit);
        return follow(fit, {1}).error().field;
    };
    EXPECT_EQ(field([](ShrinkFit& f) { f.inner.boreDia_mm = 62; }), "inner/boreDia_mm");
    EXPECT_EQ(field([](ShrinkFit& f) { f.outer.boreDia_mm = 70; }), "outer/boreDia_mm");
    EXPECT_EQ(field([](ShrinkFit& f) { f.outer.material.k_W_mK = 0; }), "outer/k_W_mK");
    EXPECT_EQ(field([](ShrinkFit& f) { f.outer.start_C = NAN; }), "outer/start_C");
    EXPECT_EQ(field([](ShrinkFit& f) { f.gapOffset_mm = 0; }), "gapOffset_mm");
    EXPECT_EQ(field([](ShrinkFit& f) { f.apart_s = -1; }), "apart_s");
}
