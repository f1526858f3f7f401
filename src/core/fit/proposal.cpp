#include "core/fit/proposal.h"

#include <algorithm>

namespace arbor::fit {

namespace {

using standards::ToleranceClass;

// From loose to tight: the classes bearing seats are made to.
const ToleranceClass kShafts[] = {{"f", 6}, {"g", 6}, {"h", 6}, {"h", 5}, {"js", 6}, {"js", 5}, {"j", 6}, {"j", 5},
                                  {"k", 6}, {"k", 5}, {"m", 6}, {"m", 5}, {"n", 6},  {"n", 5},  {"p", 6}, {"r", 6}};
const ToleranceClass kHoles[] = {{"F", 7}, {"G", 7}, {"H", 8}, {"H", 7}, {"H", 6}, {"J", 7}, {"JS", 7}, {"J", 6},
                                 {"K", 7}, {"K", 6}, {"M", 7}, {"M", 6}, {"N", 7}, {"N", 6}, {"P", 7},  {"R", 7}};

template <std::size_t n>
ToleranceClass tighter(const ToleranceClass (&row)[n], const ToleranceClass& of) {
    const auto* at = std::find(std::begin(row), std::end(row), of);
    for (const auto* next = at; next != std::end(row); ++next)
        if (next->letter != of.letter && next->grade == of.grade) return *next;
    return of;
}

/// By size and load, for balls and for rollers; a heavier load beats the ring loose sooner.
ToleranceClass turningShaft(const catalog::Bearing& b, LoadShare load) {
    const double d = b.boreDia_mm;
    const bool balls = catalog::knowledge(b.type).balls;
    if (balls) {
        if (load == LoadShare::Light)
            return d <= 18 ? ToleranceClass{"h", 5} : d <= 100 ? ToleranceClass{"j", 6} : ToleranceClass{"k", 6};
        if (load == LoadShare::Normal)
            return d <= 18    ? ToleranceClass{"j", 5}
                   : d <= 100 ? ToleranceClass{"k", 5}
                   : d <= 140 ? ToleranceClass{"m", 5}
                              : ToleranceClass{"m", 6};
        return d <= 100 ? ToleranceClass{"m", 5} : d <= 140 ? ToleranceClass{"m", 6} : ToleranceClass{"n", 6};
    }
    if (load == LoadShare::Light)
        return d <= 40 ? ToleranceClass{"j", 6} : d <= 140 ? ToleranceClass{"k", 6} : ToleranceClass{"m", 6};
    if (load == LoadShare::Normal)
        return d <= 40    ? ToleranceClass{"k", 5}
               : d <= 100 ? ToleranceClass{"m", 5}
               : d <= 140 ? ToleranceClass{"m", 6}
                          : ToleranceClass{"n", 6};
    return d <= 100 ? ToleranceClass{"m", 6} : d <= 140 ? ToleranceClass{"n", 6} : ToleranceClass{"p", 6};
}

ToleranceClass turningHole(LoadShare load) {
    return load == LoadShare::Light    ? ToleranceClass{"M", 7}
           : load == LoadShare::Normal ? ToleranceClass{"N", 7}
                                       : ToleranceClass{"P", 7};
}

template <class Kind>
void reason(Proposal& out, Kind kind) {
    out.because.push_back({std::move(kind), Severity::Info, "DIN5425"});
}

bool weakHousing(const ProposalInput& in) {
    return in.housing == catalog::FrictionFamily::Aluminium || in.housingWallShare < 1;
}

} // namespace

LoadShare loadShare(double share) {
    return share <= 0.06 ? LoadShare::Light : share <= 0.12 ? LoadShare::Normal : LoadShare::Heavy;
}

Proposal proposeFit(const ProposalInput& in) {
    Proposal out;
    if (in.load == LoadCase::NotSaid) return out;
    const auto load = loadShare(in.loadShare);
    const bool innerTurns = in.load != LoadCase::OuterTurns, outerTurns = in.load != LoadCase::InnerTurns;
    out.shaft = innerTurns     ? turningShaft(in.bearing, load)
                : in.mustSlide ? ToleranceClass{"g", 6}
                               : ToleranceClass{"h", 6};
    out.hole = in.load == LoadCase::Indeterminate ? ToleranceClass{"K", 7}
               : outerTurns                       ? turningHole(load)
               : in.mustSlide                     ? ToleranceClass{"H", 7}
                                                  : ToleranceClass{"J", 7};
    const char* turning = in.load == LoadCase::Indeterminate ? "both rings" : innerTurns ? "inner ring" : "outer ring";
    reason(out, found::RingTurnsUnderLoad{in.loadShare, turning});
    const char* other = innerTurns ? "outer ring" : "inner ring";
    if (innerTurns != outerTurns && in.mustSlide) reason(out, found::OtherRingSlides{other});
    if (innerTurns != outerTurns && !in.mustSlide) reason(out, found::OtherRingGuided{other});
    if (outerTurns && weakHousing(in)) {
        out.hole = tighter(kHoles, *out.hole);
        reason(out, found::OneStepTighter{in.housing == catalog::FrictionFamily::Aluminium
                                              ? forReader("light metal gives way and grows with heat")
                                              : forReader("a thin wall gives way")});
    }
    if (innerTurns && in.speedLoosens) {
        out.shaft = tighter(kShafts, *out.shaft);
        reason(out, found::OneStepTighter{forReader("the ring grows with the speed")});
    }
    if (innerTurns && in.shaftHollow) {
        out.shaft = tighter(kShafts, *out.shaft);
        reason(out, found::OneStepTighter{forReader("a hollow shaft gives way")});
    }
    return out;
}

std::vector<ToleranceClass> neighbours(const ToleranceClass& of) {
    std::vector<ToleranceClass> row;
    if (of.isHole())
        row.assign(std::begin(kHoles), std::end(kHoles));
    else
        row.assign(std::begin(kShafts), std::end(kShafts));
    // The same grade tells the letters apart; one grade finer tells what accuracy would bring.
    std::erase_if(row, [&](const ToleranceClass& c) { return c.grade != of.grade; });
    if (std::find(row.begin(), row.end(), of) == row.end()) row.push_back(of);
    return row;
}

std::optional<Advice> questionTightRing(LoadCase load, bool innerTight, bool outerTight) {
    const bool needsInner = load == LoadCase::InnerTurns || load == LoadCase::Indeterminate;
    const bool needsOuter = load == LoadCase::OuterTurns || load == LoadCase::Indeterminate;
    if (needsInner && !innerTight) return Advice{found::WrongRingTight{"inner ring"}, Severity::Check, "DIN5425"};
    if (needsOuter && !outerTight) return Advice{found::WrongRingTight{"outer ring"}, Severity::Check, "DIN5425"};
    return std::nullopt;
}

} // namespace arbor::fit
