#include "core/plan/manual_reading.h"

#include "core/force/gauge.h"
#include "core/tooling/setup.h"

#include <algorithm>
#include <cmath>

namespace arbor::plan {

namespace {

using job::ManualMeans;
using job::ManualSign;

constexpr double kReadTo = 0.5; // of a graduation

/// Force for one unit of what is shown, and travel for one unit of where.
struct Scale {
    double force_N = 0;
    double travel_mm = 1;
    Interval doubt{1, 1}; ///< what is shown for a force, over what is likely
};

Result<Scale> scaleOf(const job::ManualPress& hand, const catalog::Press* press, const catalog::Rack& rack) {
    if (hand.means == ManualMeans::Gauge) {
        const auto force = press ? force::gaugeForce(*press, 1) : std::nullopt;
        if (!force)
            return refuse(ProblemCode::Missing, "hand/means", "gauge", wanted("a press with a gauge in the rack"));
        return Scale{*force, 1, {1, 1}};
    }
    const auto* set = boltOf(hand, rack);
    if (!set && hand.bolt.empty())
        return refuse(ProblemCode::Missing, "hand/bolt", {}, wanted("a draw-bolt set in the rack"));
    if (!set) return refuse(ProblemCode::UnknownName, "hand/bolt", hand.bolt, wanted("a draw-bolt set of the rack"));
    const auto bolt = tooling::drawBoltOf(*set, false);
    if (!bolt) return tl::unexpected(at(bolt.error(), "hand/bolt"));
    const auto arm = [&](double thread, double head) {
        return force::screwArm_mm(bolt->thread, thread, head, bolt->headMeanDia_mm) / 1000;
    };
    const double likely = arm(bolt->muThread.mid(), bolt->muHead.mid());
    return Scale{1 / likely,
                 bolt->thread.pitch_mm,
                 {arm(bolt->muThread.lower, bolt->muHead.lower) / likely,
                  arm(bolt->muThread.upper, bolt->muHead.upper) / likely}};
}

Range widened(const Range& force, const Interval& doubt) {
    return {force.least * doubt.lower, force.likely, force.most * doubt.upper};
}

trace::Expected widened(trace::Expected e, const Interval& doubt) {
    for (auto& p : e.points)
        p.force_N = widened(p.force_N, doubt);
    e.end_N = widened(e.end_N, doubt);
    e.hold_N = widened(e.hold_N, doubt);
    return e;
}

/// Nothing was measured, so nothing is proven; but what was seen may forbid to go on.
trace::Analysis judgeSigns(const std::map<ManualSign, bool>& signs) {
    trace::Analysis out;
    const auto is = [&](ManualSign sign, bool seen) { return signs.contains(sign) && signs.at(sign) == seen; };
    const auto say = [&](auto kind, Severity severity) { out.findings.push_back({kind, severity, "HB4.14"}); };
    if (is(ManualSign::EvenGap, false)) {
        out.verdict = trace::Verdict::CockedStart;
        say(found::HandUneven{}, Severity::Stop);
    }
    if (is(ManualSign::Stopped, false)) {
        if (worst(out.findings) < Severity::Stop) out.verdict = trace::Verdict::Short;
        say(found::HandStillMoved{}, Severity::Stop);
    }
    if (is(ManualSign::Ringing, false)) {
        if (worst(out.findings) < Severity::Stop) out.verdict = trace::Verdict::NotProven;
        say(found::HandDull{}, Severity::Check);
    }
    const bool all = std::all_of(std::begin(job::kManualSigns), std::end(job::kManualSigns),
                                 [&](ManualSign sign) { return is(sign, true); });
    if (all) {
        out.verdict = trace::Verdict::Stands;
        say(found::HandStands{}, Severity::Info);
    }
    say(found::HandNoForce{}, Severity::Info);
    return out;
}

} // namespace

bool saysAnything(const job::ManualPress& hand) {
    return hand.means == ManualMeans::Hammer ? !hand.signs.empty() : !hand.points.empty();
}

const catalog::Tool* boltOf(const job::ManualPress& hand, const catalog::Rack& rack) {
    for (const auto& tool : rack.tools)
        if (tool.kind == catalog::ToolKind::DrawBolt && (hand.bolt.empty() || tool.id == hand.bolt)) return &tool;
    return nullptr;
}

std::optional<WrenchScale> onTheWrench(const job::ManualPress& hand, const catalog::Rack& rack, const Range& force_N) {
    const auto scale = scaleOf(hand, nullptr, rack);
    if (hand.means != ManualMeans::Wrench || !scale) return std::nullopt;
    const auto wide = widened(force_N, scale->doubt);
    return WrenchScale{{wide.least / scale->force_N, wide.likely / scale->force_N, wide.most / scale->force_N},
                       1 / scale->travel_mm};
}

double graduationOf(const std::vector<job::HandPoint>& points) {
    constexpr double kFine = 0.1;
    for (const double step : {10.0, 5.0, 2.0, 1.0, 0.5, 0.2})
        if (std::all_of(points.begin(), points.end(),
                        [&](const job::HandPoint& p) { return std::abs(std::remainder(p.shown, step)) < 1e-6 * step; }))
            return step;
    return kFine;
}

Result<ManualReading> readByHand(const job::ManualPress& hand, const trace::Expected& expected,
                                 const catalog::Press* press, const catalog::Rack& rack, trace::AnalysisInput in) {
    if (!saysAnything(hand)) return refuse(ProblemCode::Missing, "hand/points");
    if (hand.means == ManualMeans::Hammer) return ManualReading{{}, expected, judgeSigns(hand.signs)};
    const auto scale = scaleOf(hand, press, rack);
    if (!scale) return tl::unexpected(scale.error());
    ManualReading out;
    for (const auto& p : hand.points)
        out.trace.push_back({static_cast<double>(out.trace.size()), p.at * scale->travel_mm, p.shown * scale->force_N});
    out.expected = widened(expected, scale->doubt);
    in.gaugeStep_N = kReadTo * graduationOf(hand.points) * scale->force_N;
    if (hand.means == ManualMeans::Wrench) in.friction.reset();
    out.analysis = trace::analyse(out.trace, out.expected, in);
    if (hand.means == ManualMeans::Wrench)
        out.analysis.findings.push_back(
            {found::HandBandWide{(scale->doubt.upper - scale->doubt.lower) / 2}, Severity::Info, "HB4.9"});
    return out;
}

} // namespace arbor::plan
