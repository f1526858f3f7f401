#include "core/fit/clearance_left.h"

#include "core/fit/rotation.h"

#include <algorithm>
#include <cmath>

namespace arbor::fit {

namespace {

constexpr double kGridCells = 1500;

/// What one seat takes per effective interference, and everything it may take.
struct ClearanceLoss {
    const InterferenceFit* seat = nullptr;
    double per = 0;

    double of(double interference_mm) const { return seat ? per * seat->atWork(interference_mm) : 0; }
    double least() const { return seat ? of(seat->worst_mm.lower) : 0; }
    double most() const { return seat ? of(seat->worst_mm.upper) : 0; }
    double nominal() const { return seat ? of(seat->nominal_mm) : 0; }
    Density takenFrom(const Density& clearance) const {
        if (!seat) return clearance;
        return clearance.minus(seat->interference.mapped([this](double x) { return of(x); }));
    }
};

double heatLoss(const ClearanceInput& in) {
    return in.ring.alpha_perK * (in.innerRingTemp_C - in.outerRingTemp_C) *
           (in.raceways.inner_mm + in.raceways.outer_mm) / 2;
}

double speedLoss(const ClearanceInput& in) {
    return outsideGrowth_mm({in.boreDia_mm,
                             in.raceways.inner_mm,
                             {in.ring.E_MPa, in.ring.nu, in.ring.alpha_perK},
                             in.ring.density_kg_m3,
                             in.innerRing_rpm});
}

Result<void> check(const ClearanceInput& in) {
    const auto& r = in.raceways;
    const double bore = in.shaft ? in.shaft->in.dia_mm : in.boreDia_mm;
    const double outside = in.housing ? in.housing->in.dia_mm : INFINITY;
    if (!(r.inner_mm > bore && r.outer_mm > r.inner_mm && r.outer_mm < outside))
        return refuse(ProblemCode::GeometryOrder, "raceways", plain(r.inner_mm),
                      wanted("bore < inner < outer raceway < outside"));
    if (!(in.asMade_mm.lower <= in.asMade_mm.upper))
        return refuse(ProblemCode::OutOfRange, "asMade_mm", plain(in.asMade_mm.lower), wanted("least first"));
    return {};
}

/// Each size by itself, from the middle of everything to the end of its band.
void rankMoves(ClearanceLeft& out, const ClearanceInput& in, const ClearanceLoss& housing, const ClearanceLoss& shaft) {
    const auto by = [&](const std::string& subject, double change) {
        if (std::abs(change) > 0) out.moves.push_back({subject, std::abs(change)});
    };
    by("as made", in.asMade_mm.width() / 2);
    const auto seat = [&](const ClearanceLoss& t, const char* male, const char* female) {
        if (!t.seat) return;
        const auto half = [](const SizedSurface& s) { return s.deviation.limits.width() / 2; };
        const double slope = t.seat->atWork(t.seat->nominal_mm) > 0 ? t.per : 0;
        by(male, slope * half(t.seat->in.inner.surface));
        by(female, slope * half(t.seat->in.outer.surface));
        by(std::string("finish of ") + female, slope * t.seat->smoothing_mm);
        by(std::string("temperature at ") + female, slope * t.seat->thermal_mm);
    };
    seat(housing, "outside", "hole");
    seat(shaft, "journal", "bore");
    by("ring temperatures", out.lossToHeat_mm);
    std::stable_sort(out.moves.begin(), out.moves.end(),
                     [](const Sensitivity& a, const Sensitivity& b) { return a.by_mm > b.by_mm; });
}

void advise(ClearanceLeft& out) {
    if (!out.moves.empty())
        out.because.push_back(
            {found::MostSensitive{out.moves.front().by_mm, out.moves.front().subject}, Severity::Info, "HB4.5"});
    if (out.shareBelowZero > 0.001)
        out.advisories.push_back({found::ClearanceGone{out.shareBelowZero},
                                  out.shareBelowZero > 0.05 ? Severity::Stop : Severity::Check, "HB4.5"});
}

} // namespace

Raceways racewaysOf(const catalog::Bearing& b) {
    return {b.innerRacewayDia_mm(), b.outerRacewayDia_mm()};
}

double gridStep(double width_mm) {
    return std::max(width_mm, 1e-3) / kGridCells;
}

Result<ClearanceLeft> clearanceLeft(const ClearanceInput& in, double step_mm) {
    if (auto ok = check(in); !ok) return tl::unexpected(ok.error());
    ClearanceLoss housing, shaft;
    ClearanceLeft out;
    if (in.housing) {
        out.perHousing = in.housing->perInterference_MPa_per_mm *
                         racewayShrinkage(in.housing->in.dia_mm, in.raceways.outer_mm, in.ring.E_MPa);
        housing = {in.housing, out.perHousing};
    }
    if (in.shaft) {
        out.perShaft = in.shaft->perInterference_MPa_per_mm *
                       racewayGrowth(in.shaft->in.dia_mm, in.raceways.inner_mm, in.ring.E_MPa);
        shaft = {in.shaft, out.perShaft};
    }
    out.lossToHeat_mm = heatLoss(in);
    out.lossToSpeed_mm = speedLoss(in);
    const double lost = out.lossToHeat_mm + out.lossToSpeed_mm;
    auto left = Density::of(Spread::ofLimits(in.asMade_mm), step_mm);
    out.asMade_mm = left.band();
    left = housing.takenFrom(left);
    out.inHousing_mm = left.band();
    left = shaft.takenFrom(left);
    out.onShaft_mm = left.band();
    out.left_mm = {out.onShaft_mm.least - lost, out.onShaft_mm.likely - lost, out.onShaft_mm.most - lost};
    out.worst_mm = {in.asMade_mm.lower - housing.most() - shaft.most() - lost,
                    in.asMade_mm.upper - housing.least() - shaft.least() - lost};
    out.nominal_mm = in.asMade_mm.mid() - housing.nominal() - shaft.nominal() - lost;
    out.shareBelowZero = left.probabilityBelow(lost);
    out.curveWindow_mm = {std::min(-0.005, out.worst_mm.lower), std::max(0.005, out.worst_mm.upper)};
    out.curve = left.curve({out.curveWindow_mm.lower + lost, out.curveWindow_mm.upper + lost}, kCurvePoints);
    rankMoves(out, in, housing, shaft);
    advise(out);
    return out;
}

} // namespace arbor::fit
