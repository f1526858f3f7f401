#include "core/adjust/pair.h"

#include <cmath>
#include <numbers>

namespace arbor::adjust {

namespace {

constexpr Interval kFingerTight_mm{0, 0.02}, kTakeUp_mm{0.02, 0.06}, kWasherMoves_mm{0, 0.10}, kSnug_mm{-0.02, 0.02};

Result<double> reach(const Row& row, const char* which) {
    if (!(row.meanDia_mm > 0))
        return refuse(ProblemCode::NotPositive, std::string(which) + "/mean_mm", plain(row.meanDia_mm), wanted("> 0"));
    if (!(row.contact_deg >= 1 && row.contact_deg <= 80))
        return refuse(ProblemCode::OutOfRange, std::string(which) + "/contact_deg", plain(row.contact_deg),
                      wanted("1 to 80"));
    return row.meanDia_mm / 2 / std::tan(row.contact_deg * std::numbers::pi / 180);
}

} // namespace

Result<double> playLost_mm(const Pair& pair, double shaft_K, double housing_K) {
    const auto one = reach(pair.first, "first"), two = reach(pair.second, "second");
    if (!one) return tl::unexpected(one.error());
    if (!two) return tl::unexpected(two.error());
    const double growth = pair.alphaShaft_perK * shaft_K - pair.alphaHousing_perK * housing_K;
    return growth * (*one + *two + (pair.pointsInside ? pair.apart_mm : -pair.apart_mm));
}

Interval playOf(SettingMethod school, const SchoolInput& in) {
    switch (school) {
    case SettingMethod::Indicator:
        return {in.target_mm.lower - in.reading_mm, in.target_mm.upper + in.reading_mm};
    case SettingMethod::NextSlotLoose:
        // Finger tight may stand right before a slot or right behind one.
        return {kFingerTight_mm.lower, kFingerTight_mm.upper + in.step_mm};
    case SettingMethod::PartOfATurn: {
        const double back = in.pitch_mm * in.partOfATurn;
        return {back - kTakeUp_mm.upper, back - kTakeUp_mm.lower};
    }
    case SettingMethod::WasherMoves:
        return kWasherMoves_mm;
    case SettingMethod::SnugTwice:
        return kSnug_mm;
    }
    return {};
}

double rollingTorque_Nm(double pull_N, double radius_mm) {
    return pull_N * radius_mm / 1000;
}

} // namespace arbor::adjust
