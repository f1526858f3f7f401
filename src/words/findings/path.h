#pragma once

#include "words/findings/telling.h"

// What is said of the way the force takes.
namespace arbor::words {

inline std::string elements(const found::PathThroughElements& f, const SayContext& t) {
    if (!(f.rating_N > 0)) return tr("this bearing carries no axial load at all: brinelling");
    const double share = f.force_N / f.rating_N;
    const auto text = share >= 1
                          ? tr("axial static load rating C0a {rating}: brinelling, a dent at every rolling element")
                          : tr("axial static load rating C0a {rating}: {share} of it when square; cocked, a few "
                               "rolling elements take it all: brinelling");
    return text.with("rating", t.d.force(f.rating_N).text()).with("share", percent(share));
}

inline Sentence say(const found::PathProven& f, const SayContext&) {
    return {tr("Force stays in the {part}").with("part", inSentence(subjectWord(f.part))),
            tr("ram to bed without passing through a rolling element")};
}

inline Sentence say(const found::PathThroughElements& f, const SayContext& t) {
    if (t.severity == Severity::Check)
        return {tr("Scraps the bearing: up to {force} through its rolling elements")
                    .with("force", t.d.force(f.force_N).text()),
                tr("nothing else can be reached; the bearing is not used again")};
    return {tr("Up to {force} through the rolling elements").with("force", t.d.force(f.force_N).text()),
            elements(f, t)};
}

inline Sentence say(const found::PathThroughPart& f, const SayContext& t) {
    return {tr("The press force would go through the {part}").with("part", inSentence(subjectWord(f.part))),
            tr("up to {force}; it must not be loaded").with("force", t.d.force(f.force_N).text())};
}

inline Sentence say(const found::NoPath& f, const SayContext&) {
    return {tr("The press force does not reach the {part}").with("part", inSentence(subjectWord(f.part))),
            tr("nothing carries it from ram to bed")};
}

inline Sentence say(const found::RatingIsEstimate& f, const SayContext& t) {
    return {tr("Axial static load rating C0a is an estimate"),
            f.rating_N > 0 ? tr("{force}, by ISO 76 from stated geometry").with("force", t.d.force(f.rating_N).text())
                           : tr("this bearing carries no axial load at all")};
}

inline Sentence say(const found::RatingTyped& f, const SayContext& t) {
    return {tr("Axial static load rating C0a as entered"), t.d.force(f.rating_N).text()};
}

} // namespace arbor::words
