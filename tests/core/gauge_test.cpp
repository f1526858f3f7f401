#include "core/force/gauge.h"

#include <gtest/gtest.h>

using namespace arbor;
using catalog::GaugeUnit;

TEST(Gauge, ReadsWhatThePistonSays) {
    catalog::Press press;
    press.pistonDia_mm = 75;                                      // 4417.86 mm2
    EXPECT_NEAR(*force::gaugeReading(press, 44178.6), 100, 1e-3); // 10 MPa = 100 bar
    press.gaugeUnit = GaugeUnit::MegaPascal;
    EXPECT_NEAR(*force::gaugeReading(press, 44178.6), 10, 1e-4);
    press.gaugeUnit = GaugeUnit::Psi;
    EXPECT_NEAR(*force::gaugeReading(press, 44178.6), 1450.38, 0.01);
    press.gaugeUnit = GaugeUnit::TonneForce;
    EXPECT_NEAR(*force::gaugeReading(press, 98066.5), 10, 1e-9);
    press.gaugeUnit = GaugeUnit::ShortTon;
    EXPECT_NEAR(*force::gaugeReading(press, 88964.43), 10, 1e-5);
}

TEST(Gauge, ReadingAndForceAreInverse) {
    catalog::Press press;
    press.pistonDia_mm = 60;
    for (const auto unit :
         {GaugeUnit::Bar, GaugeUnit::MegaPascal, GaugeUnit::Psi, GaugeUnit::TonneForce, GaugeUnit::ShortTon}) {
        press.gaugeUnit = unit;
        EXPECT_NEAR(*force::gaugeForce(press, *force::gaugeReading(press, 12345)), 12345, 1e-6);
    }
}

TEST(Gauge, WithoutAPistonThereIsNoReading) {
    EXPECT_FALSE(force::gaugeReading(catalog::Press{}, 1000));
}

TEST(StoredEnergy, IsHalfForceTimesDeflection) {
    EXPECT_NEAR(force::storedEnergy_J(40'000, 20'000), 40.0, 1e-9); // 2 mm at 40 kN: 0.5 * 40 kN * 2 mm = 40 J
    EXPECT_EQ(force::storedEnergy_J(0, 20'000), 0);
}
