#include "core/seating/seating.h"

#include "core/base/harmonic.h"
#include "core/base/units.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::seating {

namespace {

constexpr double kArcminPerRad = 60 / kRadPerDeg;

Result<void> check(const std::vector<Reading>& heights, double radius_mm) {
    if (!(radius_mm > 0) || !std::isfinite(radius_mm))
        return refuse(ProblemCode::NotPositive, "radius_mm", plain(radius_mm), wanted("> 0"));
    if (heights.size() < 3)
        return refuse(ProblemCode::Missing, "readings", std::to_string(heights.size()), wanted("three or more"));
    for (const auto& r : heights)
        if (!std::isfinite(r.angle_deg) || !std::isfinite(r.value_mm))
            return refuse(ProblemCode::NotFinite, "readings", plain(r.value_mm), wanted("a finite reading"));
    return {};
}

} // namespace

double PlaneFit::tilt_arcmin() const {
    return tilt_rad * kArcminPerRad;
}
double PlaneFit::riseAcross(double dia_mm) const {
    return dia_mm * std::tan(tilt_rad);
}

Result<PlaneFit> fitPlane(const std::vector<Reading>& heights, double radius_mm) {
    if (auto ok = check(heights, radius_mm); !ok) return tl::unexpected(ok.error());
    const auto n = static_cast<double>(heights.size());
    std::vector<double> angles, values;
    for (const auto& r : heights) {
        angles.push_back(r.angle_deg * kRadPerDeg);
        values.push_back(r.value_mm);
    }
    const auto plane = fitHarmonic(angles, values);
    if (!plane)
        return refuse(ProblemCode::NotDefined, "readings", std::to_string(heights.size()),
                      wanted("three different positions"));
    double squares = 0;
    for (const double r : plane->residuals)
        squares += r * r;
    const auto [low, high] = std::minmax_element(plane->residuals.begin(), plane->residuals.end());
    PlaneFit fit;
    fit.mean_mm = plane->mean;
    fit.slopeCos = plane->cosine / radius_mm;
    fit.slopeSin = plane->sine / radius_mm;
    fit.tilt_rad = std::atan(std::hypot(fit.slopeCos, fit.slopeSin));
    fit.highAngle_deg = std::fmod(std::atan2(fit.slopeSin, fit.slopeCos) / kRadPerDeg + 360, 360);
    fit.rise_mm = fit.riseAcross(2 * radius_mm);
    fit.rms_mm = std::sqrt(squares / n);
    fit.residualRange_mm = *high - *low;
    fit.slopeErrorPerReading = plane->errorPerValue / radius_mm;
    if (n > 3) fit.scatter_mm = std::sqrt(squares / (n - 3));
    fit.residuals_mm = plane->residuals;
    return fit;
}

std::string clockPosition(double angle_deg) {
    const int halves = static_cast<int>(std::lround(angle_deg / 15)) % 24;
    const int hour = halves / 2 == 0 ? 12 : halves / 2;
    return std::to_string(hour) + (halves % 2 ? ":30" : "");
}

namespace {

/// Readings turned into heights of the ring's face above its home position.
std::vector<Reading> heightsAboveHome(const SeatingInput& in) {
    auto heights = in.readings;
    for (auto& r : heights)
        r.value_mm = in.kind == ReadingKind::Depth ? in.homeDepth_mm - r.value_mm : r.value_mm;
    return heights;
}

/// A chip or burr under one reading lifts it alone; a tilt lifts half the circle.
void judgeAgreement(Seating& out, const SeatingInput& in) {
    const auto& residuals = out.plane->residuals_mm;
    if (residuals.size() == 3) {
        out.findings.push_back({found::NoResidual{}, Severity::Check, "HB4.13"});
        return;
    }
    const double limit = 2 * std::max(in.uncertainty_mm, 0.005);
    const auto far = std::max_element(residuals.begin(), residuals.end(),
                                      [](double a, double b) { return std::abs(a) < std::abs(b); });
    const auto where = clockPosition(in.readings[static_cast<std::size_t>(far - residuals.begin())].angle_deg);
    const bool agree = std::abs(*far) <= limit;
    out.findings.push_back(agree ? Advice{found::ReadingsAgree{*far, limit, where}, Severity::Info, "HB4.13"}
                                 : Advice{found::ReadingsDisagree{*far, limit, where}, Severity::Stop, "HB4.13"});
    if (!agree) out.verdict = SeatVerdict::ReadingsDisagree;
}

void judgeSquareness(Seating& out, const SeatingInput& in) {
    const double rise = out.plane->riseAcross(in.seatDia_mm);
    const double spread = in.uncertainty_mm * out.plane->slopeErrorPerReading * in.seatDia_mm;
    out.riseAcross_mm = {std::max(0.0, rise - spread), rise, rise + spread};
    out.tilt_arcmin = out.riseAcross_mm * (kArcminPerRad / in.seatDia_mm);
    if (rise <= in.squareLimit_mm) {
        if (out.riseAcross_mm.most > in.squareLimit_mm)
            out.findings.push_back(
                {found::SquareUncertain{out.riseAcross_mm.most, in.squareLimit_mm}, Severity::Check, "HB4.13"});
        return;
    }
    out.findings.push_back(
        {found::Tilted{rise, in.squareLimit_mm, clockPosition(out.plane->highAngle_deg)}, Severity::Stop, "HB4.13"});
    if (out.verdict == SeatVerdict::NotJudged) out.verdict = SeatVerdict::Tilted;
}

void judgeHome(Seating& out, const SeatingInput& in) {
    const double gap = out.plane->mean_mm;
    const double spread = in.uncertainty_mm / std::sqrt(static_cast<double>(in.readings.size()));
    out.gap_mm = {gap - spread, gap, gap + spread};
    if (gap > in.depthTolerance_mm) {
        out.findings.push_back({found::NotHome{gap, in.depthTolerance_mm}, Severity::Stop});
        // A ring that is both short and crooked is called tilted only when its low side has reached the shoulder.
        const double lowSide = gap - out.plane->rise_mm / 2;
        if (out.verdict == SeatVerdict::NotJudged ||
            (out.verdict == SeatVerdict::Tilted && lowSide > in.depthTolerance_mm))
            out.verdict = SeatVerdict::NotHome;
    } else if (gap < -in.depthTolerance_mm) {
        out.findings.push_back({found::PastHome{-gap, in.depthTolerance_mm}, Severity::Stop});
        if (out.verdict == SeatVerdict::NotJudged) out.verdict = SeatVerdict::ReadingsDisagree;
    }
}

/// The ring's upper face must stay below the groove's lower edge wherever it was measured. Where it is drawn level with
/// it, a reading cannot tell the two apart nearer than it is sure.
void judgeGroove(Seating& out, const SeatingInput& in) {
    if (!in.grooveLowerEdgeDepth_mm) return;
    const auto heights = heightsAboveHome(in);
    const auto highest = std::max_element(heights.begin(), heights.end(),
                                          [](const Reading& a, const Reading& b) { return a.value_mm < b.value_mm; });
    const double opening = in.homeDepth_mm - highest->value_mm - *in.grooveLowerEdgeDepth_mm;
    out.grooveOpening_mm = opening;
    const bool covered = opening < -in.uncertainty_mm - 1e-9;
    if (covered)
        out.findings.push_back({found::GrooveCovered{-opening, clockPosition(highest->angle_deg)}, Severity::Stop});
    else
        out.findings.push_back({found::GrooveOpen{std::max(0.0, opening)}, Severity::Info});
    if (covered && out.verdict == SeatVerdict::NotJudged) out.verdict = SeatVerdict::NotHome;
}

/// An indicator knows no depth: home is proven by the trace of the press, or not at all.
void judgeWithoutHome(Seating& out, const SeatingInput& in) {
    out.findings.push_back(in.pressedHome ? Advice{found::HomeByTrace{}, Severity::Info, "HB4.14"}
                                          : Advice{found::HomeNotMeasured{}, Severity::Check, "HB4.14"});
    if (!in.pressedHome && out.verdict == SeatVerdict::NotJudged) out.verdict = SeatVerdict::SquareOnly;
}

} // namespace

Result<Seating> judgeSeating(const SeatingInput& in) {
    Seating out;
    if (in.readings.size() < 3) {
        out.findings.push_back(
            {found::TooFewReadings{static_cast<double>(in.readings.size()), 3}, Severity::Check, "HB4.13"});
        return out;
    }
    auto plane = fitPlane(heightsAboveHome(in), in.readingRad_mm);
    if (!plane) return tl::unexpected(plane.error());
    out.plane = std::move(*plane);
    judgeAgreement(out, in);
    judgeSquareness(out, in);
    if (in.kind == ReadingKind::Indicator) {
        judgeWithoutHome(out, in);
    } else {
        judgeHome(out, in);
        judgeGroove(out, in);
    }
    if (out.verdict == SeatVerdict::NotJudged) {
        out.verdict = SeatVerdict::HomeAndSquare;
        out.findings.insert(out.findings.begin(), {found::HomeAndSquare{out.riseAcross_mm.likely, in.squareLimit_mm},
                                                   Severity::Info, "HB4.13"});
    }
    return out;
}

} // namespace arbor::seating
