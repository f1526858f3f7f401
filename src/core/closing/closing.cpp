#include "core/closing/closing.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace arbor::closing {

namespace {

using job::Fastener;
using job::Pattern;

constexpr double kOff = 0.05;
constexpr double kSettled_K = 4, kApart_min = 15;
constexpr int kMostBolts = 64, kMostStages = 6;

/// Steps round the circle between two bolts, the shorter way.
int between(int a, int b, int count) {
    const int d = std::abs(a - b);
    return std::min(d, count - d);
}

} // namespace

std::vector<int> order(int count, Pattern pattern) {
    std::vector<int> out(static_cast<std::size_t>(count));
    std::iota(out.begin(), out.end(), 0);
    if (pattern != Pattern::Star) return out;
    std::vector<int> left = out;
    out = {0};
    left.erase(left.begin());
    while (!left.empty()) {
        // As far as can be from the last one, then from the one before it, and so on.
        const auto farther = [&](int a, int b) {
            for (auto done = out.rbegin(); done != out.rend(); ++done)
                if (const int da = between(a, *done, count), db = between(b, *done, count); da != db) return da < db;
            return false;
        };
        const auto next = std::max_element(left.begin(), left.end(), farther);
        out.push_back(*next);
        left.erase(next);
    }
    return out;
}

double stage_Nm(const Fastener& f, int stage) {
    return f.torque_Nm * std::clamp(stage, 1, f.stages) / f.stages;
}

AdviceList judge(const Fastener& f) {
    AdviceList out;
    const auto say = [&](auto kind, Severity severity) { out.push_back({std::move(kind), severity, "HB3.11"}); };
    if (f.oneTime && !f.renewed) say(found::NotRenewed{f.name}, Severity::Stop);
    if (!f.read_Nm)
        say(found::NotTightened{f.torque_Nm, f.name}, Severity::Check);
    else if (f.torque_Nm > 0 && std::abs(*f.read_Nm - f.torque_Nm) > kOff * f.torque_Nm)
        say(found::TorqueOff{*f.read_Nm, f.torque_Nm, f.name}, Severity::Stop);
    if (f.locking != job::Locking::None && !f.locked) say(found::NotLocked{f.name}, Severity::Check);
    return out;
}

RunInState judge(const job::RunIn& runIn) {
    RunInState out;
    if (runIn.readings.empty()) return out;
    const auto& last = runIn.readings.back();
    out.rise_K = last.temp_C - runIn.room_C;
    const bool hot = std::any_of(runIn.readings.begin(), runIn.readings.end(),
                                 [&](const auto& r) { return r.temp_C - runIn.room_C > runIn.allowed_K; });
    out.verdict = hot ? RunInVerdict::TooHot : RunInVerdict::Rising;
    if (runIn.readings.size() < 2) return out;
    const auto& before = runIn.readings[runIn.readings.size() - 2];
    const double apart = last.minute - before.minute;
    if (apart > 0) out.perHour_K = (last.temp_C - before.temp_C) * 60 / apart;
    if (!hot && apart >= kApart_min && out.perHour_K < kSettled_K) out.verdict = RunInVerdict::Settled;
    return out;
}

Result<void> check(const Fastener& f) {
    if (!(f.torque_Nm >= 0) || !std::isfinite(f.torque_Nm))
        return refuse(ProblemCode::OutOfRange, "torque_Nm", plain(f.torque_Nm), wanted("0 or more"));
    if (f.count < 1 || f.count > kMostBolts)
        return refuse(ProblemCode::OutOfRange, "count", std::to_string(f.count),
                      wanted("1 to {1}", std::to_string(kMostBolts)));
    if (f.stages < 1 || f.stages > kMostStages)
        return refuse(ProblemCode::OutOfRange, "stages", std::to_string(f.stages),
                      wanted("1 to {1}", std::to_string(kMostStages)));
    return {};
}

} // namespace arbor::closing
