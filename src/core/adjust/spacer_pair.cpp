#include "core/adjust/spacer_pair.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace arbor::adjust {

namespace {

constexpr double kAsGood_mm = 1e-6;
constexpr std::size_t kMostPieces = 6;

Result<void> check(const ClampedPair& p, double torque_Nm) {
    for (const auto& [name, value] :
         {std::pair{"nut_mm", p.nutDia_mm}, {"nut_factor", p.nutFactor}, {"spacer_mm2", p.spacerArea_mm2}})
        if (!(value > 0)) return refuse(ProblemCode::NotPositive, name, plain(value), wanted("> 0"));
    if (p.ringWidth_mm > 0 && !(p.ringArea_mm2 > 0))
        return refuse(ProblemCode::NotPositive, "ring_mm2", plain(p.ringArea_mm2), wanted("> 0"));
    if (!(torque_Nm >= 0) || !std::isfinite(torque_Nm))
        return refuse(ProblemCode::OutOfRange, "torque_Nm", plain(torque_Nm), wanted("0 or more"));
    return {};
}

} // namespace

Result<Clamped> clamp(const ClampedPair& p, double torque_Nm) {
    if (auto ok = check(p, torque_Nm); !ok) return tl::unexpected(ok.error());
    Clamped out;
    out.force_N = 1000 * torque_Nm / (p.nutFactor * p.nutDia_mm);
    out.spacerShorter_mm = out.force_N * p.spacerLength_mm / (p.spacerE_MPa * p.spacerArea_mm2);
    if (p.ringWidth_mm > 0) out.ringsShorter_mm = out.force_N * p.ringWidth_mm / (p.ringE_MPa * p.ringArea_mm2);
    return out;
}

Result<double> playAt_mm(const ClampedPair& pair, double play_mm, double measuredAt_Nm, double torque_Nm) {
    const auto then = clamp(pair, measuredAt_Nm), now = clamp(pair, torque_Nm);
    if (!then) return tl::unexpected(then.error());
    if (!now) return tl::unexpected(now.error());
    return play_mm - (now->both_mm() - then->both_mm());
}

double neededLength_mm(double trial_mm, double found_mm, double wanted_mm) {
    return trial_mm - (found_mm - wanted_mm);
}

Result<ShimPack> packShims(double wanted_mm, std::vector<double> stock_mm, std::size_t most) {
    if (!(wanted_mm >= 0)) return refuse(ProblemCode::OutOfRange, "wanted_mm", plain(wanted_mm), wanted("0 or more"));
    if (most < 1 || most > kMostPieces)
        return refuse(ProblemCode::OutOfRange, "most", std::to_string(most),
                      wanted("1 to {1}", std::to_string(kMostPieces)));
    for (const double t : stock_mm)
        if (!(t > 0)) return refuse(ProblemCode::NotPositive, "stock_mm", plain(t), wanted("> 0"));
    std::sort(stock_mm.rbegin(), stock_mm.rend());
    ShimPack best, tried;
    const auto better = [&] {
        const double a = std::abs(tried.total_mm - wanted_mm), b = std::abs(best.total_mm - wanted_mm);
        return a < b - kAsGood_mm || (a < b + kAsGood_mm && tried.shims_mm.size() < best.shims_mm.size());
    };
    const std::function<void(std::size_t)> go = [&](std::size_t from) {
        if (better()) best = tried;
        if (tried.shims_mm.size() == most) return;
        for (std::size_t i = from; i < stock_mm.size(); ++i) {
            // The same thickness tried once at each place is enough; one too many only leads away.
            if ((i > from && stock_mm[i] == stock_mm[i - 1]) ||
                tried.total_mm + stock_mm[i] - wanted_mm > std::abs(best.total_mm - wanted_mm) + kAsGood_mm)
                continue;
            tried.shims_mm.push_back(stock_mm[i]);
            tried.total_mm += stock_mm[i];
            go(i + 1);
            tried.total_mm -= stock_mm[i];
            tried.shims_mm.pop_back();
        }
    };
    go(0);
    return best;
}

} // namespace arbor::adjust
