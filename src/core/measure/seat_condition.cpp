#include "core/measure/seat_condition.h"

#include <algorithm>
#include <cmath>

namespace arbor::measure {

namespace {

using Reasons = std::vector<Reason>;

/// What is left to do where cleaning does not bring it back.
Verdict beyondCleaning(const SurfaceState& s) {
    return canTakeSleeve(s.nominal_mm, s.wallRad_mm) ? Verdict::Sleeve : Verdict::Replace;
}

/// How far a diameter stands beyond its limit on the side where metal is missing; negative: inside.
double metalGone(const SurfaceState& s, double dia_mm) {
    const double deviation = dia_mm - s.nominal_mm;
    return s.hole ? deviation - s.size_mm.upper : s.size_mm.lower - deviation;
}

double limitDia(const SurfaceState& s, bool metalSide) {
    return s.nominal_mm + (s.hole == metalSide ? s.size_mm.upper : s.size_mm.lower);
}

/// A wrong form can be worked away while the widest place of a hole, or the thinnest of a shaft, is inside its limit.
bool leavesMetal(const SurfaceState& s) {
    return metalGone(s, s.hole ? s.form->greatest_mm : s.form->least_mm) <= 0;
}

void judgeSize(Reasons& out, const SurfaceState& s) {
    if (!s.form && !s.measuredDia_mm) return;
    const double dia = s.measuredDia_mm ? *s.measuredDia_mm : s.form->mean_mm;
    const double doubt = s.measuredDia_mm ? s.measuredUncertainty_mm : s.form->uncertainty_mm;
    const double gone = metalGone(s, dia), left = -gone - s.size_mm.width();
    if (gone > doubt)
        out.push_back(
            {beyondCleaning(s),
             {found::SeatMetalGone{dia, limitDia(s, true), s.hole ? "hole" : "shaft"}, Severity::Stop, "HB3.3"}});
    else if (left > doubt)
        out.push_back(
            {Verdict::CleanUp,
             {found::SeatMetalLeft{dia, limitDia(s, false), s.hole ? "hole" : "shaft"}, Severity::Check, "HB3.3"}});
    else if (std::max(gone, left) > -doubt)
        out.push_back(
            {Verdict::Use, {found::SeatSizeInDoubt{dia, limitDia(s, gone > left)}, Severity::Check, "HB3.3"}});
    else
        out.push_back({Verdict::Use, {found::SeatSizeGood{dia, limitDia(s, true)}, Severity::Info, "HB3.3"}});
}

void judgeForm(Reasons& out, const SurfaceState& s) {
    if (!s.form) return;
    const auto over = [&](auto kind) {
        if (!(kind.by_mm > s.formLimit_mm)) return;
        out.push_back({leavesMetal(s) ? Verdict::CleanUp : beyondCleaning(s),
                       {kind, leavesMetal(s) ? Severity::Check : Severity::Stop, "HB3.3"}});
    };
    over(found::SeatOutOfRound{s.form->outOfRound_mm, s.formLimit_mm});
    over(found::SeatTapers{std::abs(s.form->taper_mm.value_or(0)), s.formLimit_mm});
    // A mouth that opens out carries nothing but does no harm until it takes the whole tolerance.
    const double mouth = s.form->mouth_mm.value_or(0) * (s.hole ? 1 : -1);
    if (mouth > s.size_mm.width())
        out.push_back({beyondCleaning(s), {found::SeatMouthWorn{mouth, s.size_mm.width()}, Severity::Stop, "HB3.3"}});
    else if (mouth > s.formLimit_mm)
        out.push_back({Verdict::Use, {found::SeatMouthWorn{mouth, s.formLimit_mm}, Severity::Check, "HB3.3"}});
}

void judgeSurface(Reasons& out, const SurfaceState& s) {
    const auto& c = s.condition;
    if (c.movesByHand && s.maySlide)
        out.push_back({Verdict::Use, {found::SeatMovesByHand{"slides"}, Severity::Info, "HB3.3"}});
    else if (c.movesByHand)
        out.push_back({s.hub ? Verdict::Replace : beyondCleaning(s),
                       {found::SeatMovesByHand{s.hub ? "hub" : ""}, Severity::Stop, "HB3.3"}});
    if (c.pits == Pits::Deep) out.push_back({beyondCleaning(s), {found::SeatPitsDeep{}, Severity::Stop, "HB3.3"}});
    if (c.pits == Pits::Light) out.push_back({Verdict::CleanUp, {found::SeatPitsLight{}, Severity::Check, "HB3.3"}});
    if (c.scored) out.push_back({Verdict::CleanUp, {found::SeatScored{}, Severity::Check, "HB3.3"}});
    if (c.creepPolish) out.push_back({Verdict::Use, {found::SeatCrept{}, Severity::Check, "HB3.3"}});
    if (const auto rz = c.roughness_mm(); rz && *rz > roughnessLimit(s.hole))
        out.push_back({Verdict::CleanUp, {found::SeatRough{*rz, roughnessLimit(s.hole)}, Severity::Check, "HB3.3"}});
}

void judgeSurroundings(Reasons& out, const SurfaceState& s) {
    const auto& c = s.condition;
    if (c.shoulderRunOut_mm && *c.shoulderRunOut_mm > s.runOutLimit_mm)
        out.push_back({Verdict::CleanUp,
                       {found::ShoulderRunsOut{*c.shoulderRunOut_mm, s.runOutLimit_mm}, Severity::Check, "HB3.3"}});
    if (c.groove == GrooveState::Dirty)
        out.push_back({Verdict::CleanUp, {found::GrooveDirty{}, Severity::Check, "HB3.3"}});
    if (c.groove == GrooveState::Worn)
        out.push_back({Verdict::Replace, {found::GrooveWorn{}, Severity::Stop, "HB3.3"}});
    if (c.notches == GrooveState::Dirty || c.notches == GrooveState::Worn)
        out.push_back({Verdict::CleanUp, {found::NotchesBurred{}, Severity::Check, "HB3.3"}});
}

bool lookedAt(const SurfaceState& s) {
    return s.form || s.measuredDia_mm || s.condition != Condition{};
}

} // namespace

std::optional<double> usualRz(Process process) {
    switch (process) {
    case Process::Unknown:
        return std::nullopt;
    case Process::Ground:
        return 0.004;
    case Process::Honed:
        return 0.0025;
    case Process::Polished:
        return 0.001;
    case Process::Reamed:
        return 0.008;
    case Process::FineTurned:
        return 0.0063;
    case Process::Turned:
        return 0.016;
    }
    return std::nullopt;
}

double rzFromRa(double ra_mm) {
    return 5 * ra_mm;
}

double formLimit(const Interval& size_mm) {
    return size_mm.width() / 2;
}

double roughnessLimit(bool hole) {
    return hole ? 0.010 : 0.0063;
}

bool canTakeSleeve(double nominal_mm, double wallRad_mm) {
    return wallRad_mm >= 3 * std::max(2.0, 0.03 * nominal_mm);
}

AdviceList Judgement::advice() const {
    AdviceList out;
    for (const auto& reason : reasons)
        out.push_back(reason.advice);
    return out;
}

Judgement judge(const SurfaceState& surface) {
    Judgement out;
    if (!lookedAt(surface)) return out;
    judgeSize(out.reasons, surface);
    judgeForm(out.reasons, surface);
    judgeSurface(out.reasons, surface);
    judgeSurroundings(out.reasons, surface);
    std::stable_sort(out.reasons.begin(), out.reasons.end(),
                     [](const Reason& a, const Reason& b) { return a.calls > b.calls; });
    out.verdict = out.reasons.empty() ? Verdict::Use : out.reasons.front().calls;
    return out;
}

} // namespace arbor::measure
