#include "core/plan/proof_plan.h"

#include "core/adjust/pair.h"
#include "core/plan/plan.h"

#include <algorithm>

namespace arbor::plan {

namespace {

using job::SeatCheck;

const char* nameOf(SeatCheck check) {
    switch (check) {
    case SeatCheck::GrooveAllRound:
        return "groove_all_round";
    case SeatCheck::RingSide:
        return "ring_side";
    case SeatCheck::RingGap:
        return "ring_gap";
    case SeatCheck::InnerStays:
        return "inner_stays";
    case SeatCheck::Turns:
        return "turns";
    case SeatCheck::SealFlush:
        return "seal_flush";
    }
    return "";
}

/// A seal that was read all round needs no look.
bool hasSealToLookAt(const Plan& plan) {
    if (!plan.strip) return false;
    const auto wasRead = [&](const std::string& seal) {
        return std::any_of(plan.rings.begin(), plan.rings.end(), [&](const auto& ring) {
            return ring.read() && (ring.key.first == seal || ring.key.second == seal);
        });
    };
    const auto& parts = plan.strip->assembly.parts;
    return std::any_of(parts.begin(), parts.end(),
                       [&](const auto& part) { return part.kind == arrangement::PartKind::Seal && !wasRead(part.id); });
}

} // namespace

namespace {

bool isRetaining(const arrangement::Part& part) {
    return part.kind == arrangement::PartKind::RetainingRing;
}

bool hasRetainingRing(const Plan& plan) {
    if (plan.arrangement && plan.arrangement->housing.groove) return true;
    return plan.strip && std::any_of(plan.strip->assembly.parts.begin(), plan.strip->assembly.parts.end(), isRetaining);
}

/// A ring that alone keeps something from falling out is said so, whatever has been probed.
void sayWhatHoldsAlone(AdviceList& out, const Plan& plan) {
    if (!plan.strip || !plan.strip->sound()) return;
    const auto& a = plan.strip->assembly;
    const route::Ways ways(a);
    for (std::size_t ring = 0; ring < a.parts.size(); ++ring) {
        if (!isRetaining(a.parts[ring])) continue;
        const auto held = route::heldAlone(ways, ring, a.base);
        for (std::size_t p = 0; p < a.parts.size(); ++p)
            if ((held & route::only(p)) != 0 && !a.parts[p].catalogue)
                out.push_back({Finding::RingAloneHolds, Severity::Info, 0, 0, a.parts[p].name(), "HB8"});
    }
}

} // namespace

std::set<SeatCheck> checksOf(const Plan& plan) {
    std::set<SeatCheck> out;
    if (!plan.arrangement) return out;
    if (hasRetainingRing(plan)) out.insert({SeatCheck::GrooveAllRound, SeatCheck::RingSide, SeatCheck::RingGap});
    if (!catalog::knowledge(plan.arrangement->bearing.type).innerSeparable)
        out.insert({SeatCheck::InnerStays, SeatCheck::Turns});
    if (hasSealToLookAt(plan)) out.insert(SeatCheck::SealFlush);
    return out;
}

double greatestDrag_Nm(double pitchDia_mm, bool sealed) {
    constexpr double kLubrication = 2, kColdStart = 3, kSeals = 10;
    const double plain = 160e-7 * kLubrication * pitchDia_mm * pitchDia_mm * pitchDia_mm / 1000;
    return plain * (sealed ? kSeals : kColdStart);
}

std::optional<NextLook> nextLook(const job::Job& job, const Plan& plan) {
    const auto wanted = checksOf(plan);
    for (const auto check : wanted)
        if (!job.proof.checks.contains(check)) return NextLook{check, 0};
    if (wanted.contains(SeatCheck::GrooveAllRound))
        for (int hour = 1; hour <= kProbes; ++hour)
            if (!job.proof.probed.contains(hour)) return NextLook{std::nullopt, hour};
    for (const auto& ring : plan.rings)
        if (mustBeRead(ring)) return NextLook{std::nullopt, 0, ring.key};
    return std::nullopt;
}

bool isSigned(const job::SeatProof& proof) {
    return !proof.signedBy.empty() && !proof.reason.empty();
}

AdviceList proofOf(const job::Job& job, const Plan& plan) {
    AdviceList out;
    const auto& proof = job.proof;
    const auto say = [&](Finding id, Severity severity, double value, double limit, std::string subject) {
        out.push_back({id, severity, value, limit, std::move(subject), "HB3.8"});
    };
    const auto wanted = checksOf(plan);
    for (const auto check : wanted) {
        const auto looked = proof.checks.find(check);
        if (looked == proof.checks.end())
            say(Finding::CheckMissing, Severity::Look, 0, 0, nameOf(check));
        else if (!looked->second)
            say(Finding::CheckBad, Severity::Stop, 0, 0, nameOf(check));
    }
    const auto probed = static_cast<double>(proof.probed.size());
    if (wanted.contains(SeatCheck::GrooveAllRound) && probed < kProbes)
        say(Finding::RingNotProbed, Severity::Look, probed, kProbes, {});
    if (proof.pull_N && proof.radius_mm > 0 && plan.arrangement) {
        const double torque = adjust::rollingTorque_Nm(*proof.pull_N, proof.radius_mm);
        const double most = greatestDrag_Nm(plan.arrangement->bearing.pitchDia_mm(),
                                            plan.arrangement->dress.seals != catalog::Side::None);
        if (torque > most) say(Finding::DragHigh, Severity::Look, torque, most, {});
    }
    sayWhatHoldsAlone(out, plan);
    for (const auto& advice : adviceOn(plan.rings))
        out.push_back(advice);
    if (isSigned(proof)) say(Finding::SignedFor, Severity::Look, 0, 0, proof.signedBy + ": " + proof.reason);
    return out;
}

} // namespace arbor::plan
