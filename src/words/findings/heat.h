#pragma once

#include "words/findings/telling.h"
#include "words/heat_words.h"

// What is said of warming and chilling.
namespace arbor::words {

/// What must not get too hot, or too cold.
inline std::string protectedOf(found::Protects what, const std::string& whose) {
    auto part = inSentence(whose);
    switch (what) {
    case found::Protects::Grease:
        return tr("the grease of {part}").with("part", part);
    case found::Protects::Encoder:
        return tr("the encoder of {part}").with("part", part);
    case found::Protects::Cage:
        return tr("the cage of {part}").with("part", part);
    case found::Protects::Sleeve:
        return tr("the hold of its repair sleeve");
    case found::Protects::Metal:
    case found::Protects::Seal:
        break;
    }
    return part;
}

inline std::string temps(const Text& sentence, const std::string& what, double temp_C, double limit_C,
                         const SayContext& t) {
    return sentence.with("what", what)
        .with("temp", t.d.temperature(temp_C).text())
        .with("limit", t.d.temperature(limit_C).text());
}

inline std::string gaps(const Text& sentence, double size_mm, double wanted_mm, const SayContext& t) {
    return sentence.with("size", t.d.fine(size_mm).text()).with("wanted", t.d.fine(wanted_mm).text());
}

inline Sentence say(const found::TooHotFor& f, const SayContext& t) {
    return {temps(tr("{temp} is too hot for {what}"), protectedOf(f.what, f.whose), f.temp_C, f.ceiling_C, t),
            temps(tr("no more than {limit}"), protectedOf(f.what, f.whose), f.temp_C, f.ceiling_C, t)};
}

inline Sentence say(const found::TooColdFor& f, const SayContext& t) {
    return {temps(tr("{temp} is too cold for {what}"), protectedOf(f.what, f.whose), f.temp_C, f.floor_C, t),
            temps(tr("no less than {limit}"), protectedOf(f.what, f.whose), f.temp_C, f.floor_C, t)};
}

inline Sentence say(const found::TooHotOnceIn& f, const SayContext& t) {
    return {temps(tr("Heat soak after fitting: {what} would get too hot"), protectedOf(f.what, f.whose), f.temp_C,
                  f.limit_C, t),
            temps(tr("the hot part shares its heat: no more than {limit}"), protectedOf(f.what, f.whose), f.temp_C,
                  f.limit_C, t)};
}

inline Sentence say(const found::PressLightly& f, const SayContext& t) {
    return {tr("Goes in cold"),
            gaps(tr("most pairs slide in; the tightest has {size} interference: press it"), f.interference_mm, 0, t)};
}

inline Sentence say(const found::SourceNotForPart& f, const SayContext&) {
    return {tr("Method not allowed: {source}, {part}")
                .with("source", shippedName(f.source))
                .with("part", inSentence(f.part)),
            tr("it would harm the part or cannot hold its temperature; choose another")};
}

inline Sentence say(const found::SourceAboveCeiling& f, const SayContext& t) {
    return {temps(tr("The {what} would be set to {temp}"), inSentence(f.source), f.setting_C, f.ceiling_C, t),
            temps(tr("where it touches, the part gets as hot: {limit} at most; oven, or a lower temperature"),
                  inSentence(f.source), f.setting_C, f.ceiling_C, t)};
}

inline Sentence say(const found::SourceTooWeak& f, const SayContext& t) {
    return {temps(tr("The {what} does not bring it to {temp}"), inSentence(f.source), f.wanted_C, f.reached_C, t),
            temps(tr("it may go to {limit}"), inSentence(f.source), f.wanted_C, f.reached_C, t)};
}

inline Sentence say(const found::OpenedBy& f, const SayContext& t) {
    return {gaps(tr("{size} clearance for fitting with the tightest parts"), f.clearance_mm, f.wanted_mm, t),
            gaps(tr("{wanted} wanted; what the transfer takes is in it"), f.clearance_mm, f.wanted_mm, t)};
}

inline Sentence say(const found::OpenedTooLittle& f, const SayContext& t) {
    return {gaps(tr("Only {size} clearance for fitting with the tightest parts"), f.clearance_mm, f.wanted_mm, t),
            gaps(tr("{wanted} wanted: start square, and be ready to press"), f.clearance_mm, f.wanted_mm, t)};
}

inline Sentence say(const found::NotOpened& f, const SayContext& t) {
    return {gaps(tr("No clearance: still {size} interference with the tightest parts"), f.left_mm, f.wanted_mm, t),
            tr("these temperatures do not expand the seat enough: press it, hot as it is")};
}

inline Sentence say(const found::WindowShort& f, const SayContext&) {
    return {
        tr("Time available: only {time}").with("time", duration(f.there_s)),
        tr("the transfer takes {time}: bring the press nearer, or heat it more").with("time", duration(f.needed_s))};
}

} // namespace arbor::words
