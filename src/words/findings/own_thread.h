#pragma once

#include "words/findings/telling.h"

// What presses without a ram: the job's own nut or screws, and a vice.
namespace arbor::words {

inline Sentence say(const found::OwnThreadDraws& f, const SayContext& t) {
    const auto head = f.count > 1 ? tr("{count} screws {thread} draw the {part} home").with("count", f.count)
                                  : tr("Its own nut {thread} draws the {part} home");
    const auto torque = f.count > 1 ? tr("{least} to {most} on each at the end, the thread oiled; hand wrench only")
                                    : tr("{least} to {most} at the end, the thread oiled; hand wrench only");
    return {head.with("thread", f.thread).with("part", inSentence(f.part)),
            f.most_Nm > 0
                ? std::string(
                      torque.with("least", t.d.torque(f.least_Nm).text()).with("most", t.d.torque(f.most_Nm).text()))
                : tr("the force is not known; hand wrench only").text()};
}

inline Sentence say(const found::OwnThreadReach& f, const SayContext& t) {
    return {tr("The thread does not take hold for the first {size}").with("size", t.d.size(f.lacking_mm).text()),
            tr("of {travel} that the {part} has to go: start it with a sleeve, or draw it with a longer nut or bolt")
                .with("travel", t.d.size(f.travel_mm).text())
                .with("part", inSentence(f.part))};
}

inline Sentence say(const found::ScrewsLongEnough& f, const SayContext& t) {
    return {tr("Screws or studs {thread} at least {size} longer than what they clamp")
                .with("thread", f.thread)
                .with("size", t.d.size(f.more_mm).text()),
            tr("the travel and the thread they must have hold of; the right ones go in one by one when it is home")};
}

inline Sentence say(const found::CrosswiseInSteps& f, const SayContext&) {
    return {f.count == 3 ? tr("One screw after the other, half a turn at a time")
                         : tr("Crosswise, half a turn at a time"),
            tr("the gap read at four places after each round: where it is wide, there next; even before it goes on")};
}

inline Sentence say(const found::InTheVice& f, const SayContext&) {
    return {tr("In the jaws of {vice}: nobody knows the force").with("vice", f.vice),
            tr("soft jaws or flat blocks, the work held square; stop when it touches, then look all round")};
}

} // namespace arbor::words
