#include "core/plan/proof_plan.h"

#include "core/adjust/pair.h"

#include <algorithm>
#include <cmath>

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

bool isRetaining(const arrangement::Part& part) {
    return part.kind == arrangement::PartKind::RetainingRing;
}

double apart_mm(const arrangement::Part& one, const arrangement::Part& other) {
    double least = INFINITY;
    for (const auto& a : one.bodies)
        for (const auto& b : other.bodies)
            least = std::min(least, std::max({a.bottom() - b.top(), b.bottom() - a.top(), 0.0}));
    return least;
}

/// Of a joint, the one that a retaining ring sits in or on, and the one it holds there.
struct Held {
    std::size_t holder, held;
};
bool isTouched(const arrangement::Part& part, const arrangement::Part& ring) {
    return arrangement::touchOf(part, ring) || arrangement::touchOf(ring, part);
}

/// Whether a retaining ring holds what a step puts in: of all that is tight in its holder, it lies nearest to that.
bool isRetainedBy(const arrangement::Part& ring, const std::vector<arrangement::Part>& parts,
                  const std::vector<StepPlan>& steps, const Held& joint) {
    if (!isTouched(parts[joint.holder], ring)) return false;
    const auto mine = apart_mm(ring, parts[joint.held]);
    return std::none_of(steps.begin(), steps.end(), [&](const StepPlan& s) {
        const auto &one = s.step.part, &two = s.step.partner;
        if (one != joint.holder && two != joint.holder) return false;
        return apart_mm(ring, parts[one == joint.holder ? two : one]) < mine;
    });
}

bool isRetained(const std::vector<arrangement::Part>& parts, const std::vector<StepPlan>& steps, const WorkStep& step) {
    return std::any_of(parts.begin(), parts.end(), [&](const arrangement::Part& ring) {
        return isRetaining(ring) && (isRetainedBy(ring, parts, steps, {step.partner, step.part}) ||
                                     isRetainedBy(ring, parts, steps, {step.part, step.partner}));
    });
}

/// A ring that alone keeps something from falling out is said so, whatever has been probed.
void sayWhatHoldsAlone(AdviceList& out, const arrangement::Assembly& a) {
    const route::BlockingGraph ways(a);
    for (std::size_t ring = 0; ring < a.parts.size(); ++ring) {
        if (!isRetaining(a.parts[ring])) continue;
        const auto held = route::heldAlone(ways, ring, a.base);
        for (std::size_t p = 0; p < a.parts.size(); ++p)
            if ((held & route::only(p)) != 0 && !a.parts[p].catalogue)
                out.push_back({found::RingAloneHolds{a.parts[p].name()}, Severity::Info, "HB8"});
    }
}

/// The rings that other steps have put in: what is bad about them, and which have no reading yet.
void sayOfOtherRings(AdviceList& out, const std::vector<StepPlan>& steps, const StepPlan& step) {
    for (const auto& other : steps) {
        if (&other == &step || !other.ring) continue;
        const auto& ring = *other.ring;
        const bool stop = worst(ring.seating.findings) == Severity::Stop;
        if (ring.read() && (stop || ring.seating.verdict != seating::SeatVerdict::HomeAndSquare))
            out.push_back({found::OtherRingOff{ring.label}, stop ? Severity::Stop : Severity::Check, "HB3.9"});
        if (mustBeRead(ring))
            out.push_back({found::OtherRingNotRead{static_cast<double>(ring.input.readings.size()), 3, ring.label},
                           Severity::Check, "HB3.9"});
    }
}

} // namespace

std::set<SeatCheck> checksOf(const arrangement::Assembly& assembly, const std::vector<StepPlan>& steps,
                             const StepPlan& step) {
    std::set<SeatCheck> out;
    if (step.step.out) return out;
    if (isRetained(assembly.parts, steps, step.step))
        out.insert({SeatCheck::GrooveAllRound, SeatCheck::RingSide, SeatCheck::RingGap});
    const auto* bearing = step.step.bearing;
    if (bearing && !catalog::knowledge(bearing->type).innerSeparable)
        out.insert({SeatCheck::InnerStays, SeatCheck::Turns});
    if (step.ring && step.ring->seal && !step.ring->read()) out.insert(SeatCheck::SealFlush);
    return out;
}

double greatestDrag_Nm(double pitchDia_mm, bool sealed) {
    constexpr double kLubrication = 2, kColdStart = 3, kSeals = 10;
    const double plain = 160e-7 * kLubrication * pitchDia_mm * pitchDia_mm * pitchDia_mm / 1000;
    return plain * (sealed ? kSeals : kColdStart);
}

std::optional<NextLook> nextLook(const job::SeatChecks& proof, const std::vector<StepPlan>& steps,
                                 const StepPlan& step) {
    for (const auto check : step.checks)
        if (!proof.checks.contains(check)) return NextLook{check, 0};
    if (step.checks.contains(SeatCheck::GrooveAllRound))
        for (int hour = 1; hour <= kProbes; ++hour)
            if (!proof.probed.contains(hour)) return NextLook{std::nullopt, hour};
    for (std::size_t i = 0; i < steps.size(); ++i)
        if (&steps[i] != &step && steps[i].ring && mustBeRead(*steps[i].ring)) return NextLook{std::nullopt, 0, i};
    return std::nullopt;
}

bool isSigned(const job::SeatChecks& proof) {
    return !proof.signedBy.empty() && !proof.reason.empty();
}

AdviceList proofOf(const job::SeatChecks& proof, const arrangement::Assembly& assembly,
                   const std::vector<StepPlan>& steps, const StepPlan& step) {
    AdviceList out;
    if (step.step.out) return out;
    const auto say = [&](auto kind, Severity severity) { out.push_back({std::move(kind), severity, "HB3.8"}); };
    for (const auto check : step.checks) {
        const auto looked = proof.checks.find(check);
        if (looked == proof.checks.end())
            say(found::CheckMissing{nameOf(check)}, Severity::Check);
        else if (!looked->second)
            say(found::CheckBad{nameOf(check)}, Severity::Stop);
    }
    const auto probed = static_cast<double>(proof.probed.size());
    if (step.checks.contains(SeatCheck::GrooveAllRound) && probed < kProbes)
        say(found::RingNotProbed{probed, kProbes}, Severity::Check);
    if (const auto* bearing = step.step.bearing; bearing && proof.pull_N && proof.radius_mm > 0) {
        const double torque = adjust::rollingTorque_Nm(*proof.pull_N, proof.radius_mm);
        const double most = greatestDrag_Nm(bearing->pitchDia_mm(), step.step.sealed);
        if (torque > most) say(found::DragHigh{torque, most}, Severity::Check);
    }
    sayWhatHoldsAlone(out, assembly);
    sayOfOtherRings(out, steps, step);
    if (isSigned(proof)) say(found::SignedFor{proof.signedBy + ": " + proof.reason}, Severity::Check);
    return out;
}

} // namespace arbor::plan
