#include "core/trace/trace.h"

#include "core/base/csv.h"

#include <algorithm>
#include <cmath>

namespace arbor::trace {

namespace {

constexpr int kPoints = 120;
constexpr double kHomeTolerance_mm = 0.3;
constexpr double kNoticeable_N = 300; // a shop gauge does not show less

} // namespace

Result<Trace> parseTrace(std::string_view csv) {
    const auto table = CsvTable::parse(csv, {"t_s", "travel_mm", "force_N"});
    if (!table) return tl::unexpected(table.error());
    Trace out;
    out.reserve(table->size());
    for (std::size_t row = 0; row < table->size(); ++row) {
        const auto t = table->number(row, "t_s"), travel = table->number(row, "travel_mm"),
                   force = table->number(row, "force_N");
        for (const auto* value : {&t, &travel, &force})
            if (!*value) return tl::unexpected(value->error());
        if (!out.empty() && *t < out.back().t_s)
            return refuse(ProblemCode::GeometryOrder, table->place(row, "t_s"), plain(*t),
                          "not before " + plain(out.back().t_s));
        out.push_back({*t, *travel, *force});
    }
    if (out.empty()) return refuse(ProblemCode::Missing, "line 2", {}, "at least one sample");
    return out;
}

Expected expectTrace(const ExpectInput& in) {
    Expected out;
    out.homeTravel_mm = in.homeTravel_mm;
    out.end_N = in.endForce_N;
    // A hold below the greatest end force could stop a tight pair short of the shoulder.
    out.hold_N = {1.1 * in.endForce_N.likely, std::max(1.3 * in.endForce_N.likely, 1.1 * in.endForce_N.most),
                  1.5 * in.endForce_N.most};
    for (int i = 0; i <= kPoints; ++i) {
        const double travel = in.homeTravel_mm * i / kPoints;
        const double share = in.fullEngagement_mm > 0 ? in.engaged_mm(travel) / in.fullEngagement_mm : 0;
        out.points.push_back({travel, in.endForce_N * share});
    }
    return out;
}

Range forceAt(const Expected& expected, double travel_mm) {
    const auto& p = expected.points;
    if (travel_mm >= p.back().travel_mm)
        return {expected.end_N.least, expected.hold_N.likely, std::max(expected.hold_N.most, expected.end_N.most)};
    if (travel_mm <= p.front().travel_mm) return p.front().force_N;
    const auto right = std::upper_bound(p.begin(), p.end(), travel_mm,
                                        [](double x, const ExpectedPoint& point) { return x < point.travel_mm; });
    const auto& a = *(right - 1);
    const auto& b = *right;
    const double share = (travel_mm - a.travel_mm) / (b.travel_mm - a.travel_mm);
    return {std::lerp(a.force_N.least, b.force_N.least, share), std::lerp(a.force_N.likely, b.force_N.likely, share),
            std::lerp(a.force_N.most, b.force_N.most, share)};
}

Overlay overlay(const Trace& trace, const Expected& expected) {
    Overlay out;
    std::size_t sliding = 0, inside = 0;
    const Sample* above = nullptr;
    const Sample* below = nullptr;
    for (const auto& s : trace) {
        out.endTravel_mm = std::max(out.endTravel_mm, s.travel_mm);
        out.peak_N = std::max(out.peak_N, s.force_N);
        if (s.travel_mm <= 0 || s.travel_mm > expected.homeTravel_mm - kHomeTolerance_mm) continue;
        ++sliding;
        const auto band = forceAt(expected, s.travel_mm);
        if (s.force_N > band.most + kNoticeable_N && !above)
            above = &s;
        else if (s.force_N < band.least - kNoticeable_N && !below)
            below = &s;
        inside += s.force_N <= band.most + kNoticeable_N && s.force_N >= band.least - kNoticeable_N;
    }
    out.shareInBand = sliding > 0 ? static_cast<double>(inside) / static_cast<double>(sliding) : 0;
    const bool mostlyIn = out.shareInBand > 0.9;
    out.findings.push_back(
        {Finding::TraceInBand, mostlyIn ? Severity::Info : Severity::Look, out.shareInBand, 0, {}, "HB4.14"});
    if (above)
        out.findings.push_back(
            {Finding::TraceAboveBand, Severity::Look, above->travel_mm, above->force_N, {}, "HB4.14"});
    if (below)
        out.findings.push_back(
            {Finding::TraceBelowBand, Severity::Look, below->travel_mm, below->force_N, {}, "HB4.14"});
    if (out.endTravel_mm < expected.homeTravel_mm - kHomeTolerance_mm)
        out.findings.push_back(
            {Finding::TraceShort, Severity::Stop, out.endTravel_mm, expected.homeTravel_mm, {}, "HB4.14"});
    return out;
}

} // namespace arbor::trace
