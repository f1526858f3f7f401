#include "core/measure/form.h"

#include "core/base/harmonic.h"
#include "core/base/units.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace arbor::measure {

namespace {

constexpr double kSame = 1e-9;

Result<void> checkReading(const DiameterReading& r, const std::string& place) {
    if (!std::isfinite(r.dia_mm) || !std::isfinite(r.depth_mm) || !std::isfinite(r.direction_deg))
        return refuse(ProblemCode::NotFinite, place, plain(r.dia_mm), wanted("a finite size"));
    if (!(r.dia_mm > 0)) return refuse(ProblemCode::NotPositive, place, plain(r.dia_mm), wanted("a diameter over 0"));
    if (!(r.depth_mm >= 0))
        return refuse(ProblemCode::OutOfRange, place, plain(r.depth_mm), wanted("a depth of 0 or more"));
    if (!(r.direction_deg >= 0 && r.direction_deg < 180))
        return refuse(ProblemCode::OutOfRange, place, plain(r.direction_deg),
                      wanted("a direction of 0 up to 180 degrees"));
    return {};
}

Result<void> check(const std::vector<DiameterReading>& readings, const GaugeState& gauge) {
    if (readings.empty()) return refuse(ProblemCode::Missing, "readings", {}, wanted("one reading or more"));
    for (std::size_t i = 0; i < readings.size(); ++i) {
        const auto place = "readings/" + std::to_string(i);
        if (auto ok = checkReading(readings[i], place); !ok) return ok;
        for (std::size_t j = 0; j < i; ++j)
            if (std::abs(readings[i].depth_mm - readings[j].depth_mm) < kSame &&
                std::abs(readings[i].direction_deg - readings[j].direction_deg) < kSame)
                return refuse(ProblemCode::Duplicate, place, plain(readings[i].direction_deg),
                              wanted("each place once"));
    }
    for (const auto& [place, value] : {std::pair{"part_degC", gauge.partTemp_C}, {"gauge_degC", gauge.gaugeTemp_C}})
        if (!(value >= -40 && value <= 120))
            return refuse(ProblemCode::OutOfRange, place, plain(value), wanted("-40 to 120"));
    if (!(gauge.uncertainty_mm >= 0 && gauge.uncertainty_mm <= 0.1))
        return refuse(ProblemCode::OutOfRange, "uncertainty_um", plain(gauge.uncertainty_mm * 1000),
                      wanted("0 to 100 um"));
    return {};
}

double spread(const std::vector<double>& values) {
    const auto [low, high] = std::minmax_element(values.begin(), values.end());
    return *high - *low;
}

/// The second harmonic of diameters seen every half turn is the oval; what it leaves is lobing.
void fitOval(PlaneForm& plane, const std::vector<double>& dia) {
    std::vector<double> twice;
    for (const auto& r : plane.readings)
        twice.push_back(2 * r.direction_deg * kRadPerDeg);
    const auto oval = fitHarmonic(twice, dia);
    if (!oval) return;
    plane.oval_mm = 2 * std::hypot(oval->cosine, oval->sine);
    const double direction = std::atan2(oval->sine, oval->cosine) / 2 / kRadPerDeg;
    plane.ovalDirection_deg = direction < 0 ? direction + 180 : direction;
    if (dia.size() >= 4) plane.lobing_mm = spread(oval->residuals);
}

PlaneForm planeOf(double depth_mm, std::vector<DiameterReading> readings) {
    PlaneForm plane;
    plane.depth_mm = depth_mm;
    plane.readings = std::move(readings);
    std::vector<double> dia;
    for (const auto& r : plane.readings)
        dia.push_back(r.dia_mm);
    plane.mean_mm = std::accumulate(dia.begin(), dia.end(), 0.0) / static_cast<double>(dia.size());
    plane.outOfRound_mm = spread(dia);
    fitOval(plane, dia);
    return plane;
}

/// Straight line through the means of planes [first, end).
struct Line {
    double at0 = 0, slope = 0;
};
Line lineThrough(const std::vector<PlaneForm>& planes, std::size_t first) {
    double n = 0, z = 0, d = 0, zz = 0, zd = 0;
    for (std::size_t i = first; i < planes.size(); ++i) {
        n += 1;
        z += planes[i].depth_mm;
        d += planes[i].mean_mm;
    }
    z /= n;
    d /= n;
    for (std::size_t i = first; i < planes.size(); ++i) {
        zz += (planes[i].depth_mm - z) * (planes[i].depth_mm - z);
        zd += (planes[i].depth_mm - z) * (planes[i].mean_mm - d);
    }
    const double slope = zd / zz;
    return {d - slope * z, slope};
}

void alongDepth(Form& form) {
    const auto& planes = form.planes;
    if (planes.size() < 2) return;
    std::size_t first = 0;
    if (planes.size() >= 3) {
        const auto line = lineThrough(planes, 1);
        form.mouth_mm = planes[0].mean_mm - (line.at0 + line.slope * planes[0].depth_mm);
        if (std::abs(*form.mouth_mm) > form.uncertainty_mm) first = 1;
    }
    const double length = planes.back().depth_mm - planes[first].depth_mm;
    form.taper_mm = -lineThrough(planes, first).slope * length;
}

} // namespace

Result<Form> formOf(const std::vector<DiameterReading>& readings, const GaugeState& gauge, double alpha_perK,
                    double gaugeAlpha_perK) {
    if (auto ok = check(readings, gauge); !ok) return tl::unexpected(ok.error());
    Form form;
    form.uncertainty_mm = gauge.uncertainty_mm;
    const double perMm = gaugeAlpha_perK * (gauge.gaugeTemp_C - 20) - alpha_perK * (gauge.partTemp_C - 20);
    std::map<double, std::vector<DiameterReading>> byDepth;
    for (auto r : readings) {
        r.dia_mm *= 1 + perMm;
        byDepth[r.depth_mm].push_back(r);
    }
    form.least_mm = form.greatest_mm = byDepth.begin()->second.front().dia_mm;
    for (auto& [depth, across] : byDepth) {
        for (const auto& r : across) {
            form.least_mm = std::min(form.least_mm, r.dia_mm);
            form.greatest_mm = std::max(form.greatest_mm, r.dia_mm);
        }
        form.planes.push_back(planeOf(depth, std::move(across)));
        const auto& plane = form.planes.back();
        form.mean_mm += plane.mean_mm / static_cast<double>(byDepth.size());
        form.outOfRound_mm = std::max(form.outOfRound_mm, plane.outOfRound_mm);
        if (plane.lobing_mm) form.lobing_mm = std::max(form.lobing_mm.value_or(0), *plane.lobing_mm);
    }
    form.broughtTo20_mm = form.mean_mm * perMm / (1 + perMm);
    alongDepth(form);
    return form;
}

} // namespace arbor::measure
