#include "core/measure/spacer.h"

#include <algorithm>
#include <numeric>

namespace arbor::measure {

namespace {

constexpr double kFlare_mm = 0.05; // practice: an end that was pinched or hammered
constexpr double kShort_mm = 0.10; // practice: shorter than drawn by this is worn through, not a trial size

Result<std::optional<seating::PlaneFit>> planeOf(const std::vector<seating::Reading>& heights, double outsideDia_mm,
                                                 const char* place) {
    if (heights.size() < 3) return std::optional<seating::PlaneFit>{};
    auto fit = seating::fitPlane(heights, outsideDia_mm / 2);
    if (!fit) return refuse(fit.error().code, place, fit.error().value, fit.error().limit);
    return std::optional(std::move(*fit));
}

template <class Kind>
void call(Judgement& j, Verdict verdict, Kind kind) {
    const auto severity = verdict == Verdict::Use       ? Severity::Info
                          : verdict == Verdict::CleanUp ? Severity::Check
                                                        : Severity::Stop;
    j.reasons.push_back({verdict, {kind, severity, "HB3.3"}});
}

} // namespace

Result<SpacerState> spacerState(const SpacerReadings& r, double outsideDia_mm, double drawn_mm, double squareLimit_mm) {
    SpacerState out;
    out.limit_mm = squareLimit_mm;
    const auto lengths = planeOf(r.lengths, outsideDia_mm, "spacer/lengths");
    const auto lower = planeOf(r.lowerEnd, outsideDia_mm, "spacer/lower_end");
    if (!lengths || !lower) return tl::unexpected(!lengths ? lengths.error() : lower.error());
    auto& j = out.judgement;
    if (!r.lengths.empty()) {
        const double sum = std::accumulate(r.lengths.begin(), r.lengths.end(), 0.0,
                                           [](double s, const seating::Reading& one) { return s + one.value_mm; });
        out.length_mm = *lengths ? (*lengths)->mean_mm : sum / static_cast<double>(r.lengths.size());
        const bool isShort = out.length_mm < drawn_mm - kShort_mm;
        if (isShort)
            call(j, Verdict::Replace, found::SpacerShort{out.length_mm, drawn_mm});
        else
            call(j, Verdict::Use, found::SpacerLength{out.length_mm, drawn_mm});
    }
    const auto square = [&](const std::optional<seating::PlaneFit>& plane, std::optional<double>& rise, auto kind) {
        if (!plane) return;
        kind.by_mm = plane->rise_mm;
        rise = plane->rise_mm;
        call(j, *rise > squareLimit_mm ? Verdict::CleanUp : Verdict::Use, kind);
    };
    square(*lengths, out.outOfParallel_mm, found::SpacerOutOfParallel{0, squareLimit_mm});
    square(*lower, out.lowerOutOfSquare_mm, found::SpacerOutOfSquare{0, squareLimit_mm});
    if (*lengths) out.highAngle_deg = (*lengths)->highAngle_deg;
    if (r.middleOutside_mm)
        out.flare_mm =
            std::max(r.lowerOutside_mm.value_or(*r.middleOutside_mm), r.upperOutside_mm.value_or(*r.middleOutside_mm)) -
            *r.middleOutside_mm;
    if (out.flare_mm > kFlare_mm) call(j, Verdict::Replace, found::SpacerFlared{out.flare_mm, kFlare_mm});
    std::stable_sort(j.reasons.begin(), j.reasons.end(),
                     [](const Reason& a, const Reason& b) { return a.calls > b.calls; });
    if (!j.reasons.empty()) j.verdict = j.reasons.front().calls;
    return out;
}

} // namespace arbor::measure
