#pragma once

#include "core/job/names.h"
#include "words/adjust_words.h"
#include "words/findings/telling.h"

// What is said of a ring in its seat: readings, checks, what else was pressed.
namespace arbor::words {

inline std::string checkTitle(const std::string& name) {
    const auto check = job::named<job::SeatCheck>(name);
    return check ? seatCheck(*check).head : name;
}

inline Sentence say(const found::TooFewReadings& f, const SayContext&) {
    return {tr("{count} of at least {least} readings")
                .with("count", decimals(f.there, 0))
                .with("least", decimals(f.needed, 0)),
            tr("three fix a plane, four or more prove it")};
}

inline Sentence say(const found::NoResidual&, const SayContext&) {
    return {tr("Three readings prove no agreement"), tr("a plane always fits three; take a fourth")};
}

inline Sentence say(const found::ReadingsAgree& f, const SayContext& t) {
    return {tr("Plane fits the readings"),
            t.fines(tr("largest residual {value} at {hour} o’clock: no chip, no burr").with("hour", f.hour),
                    f.residual_mm, f.limit_mm)};
}

inline Sentence say(const found::ReadingsDisagree& f, const SayContext& t) {
    return {
        t.fines(tr("Reading at {hour} o’clock stands out by {value}").with("hour", f.hour), f.residual_mm, f.limit_mm),
        t.fines(tr("a chip, a burr or a misreading: {limit} is allowed").with("hour", f.hour), f.residual_mm,
                f.limit_mm)};
}

inline Sentence say(const found::NotHome& f, const SayContext& t) {
    return {t.fines(tr("Short of the shoulder by {value}"), f.gap_mm, f.limit_mm),
            t.fines(tr("{limit} is allowed"), f.gap_mm, f.limit_mm)};
}

inline Sentence say(const found::PastHome& f, const SayContext& t) {
    return {t.fines(tr("Deeper than it can go by {value}"), f.deeper_mm, f.limit_mm),
            tr("check the sizes of ring and seat, or the gauge's zero")};
}

inline Sentence say(const found::Tilted& f, const SayContext& t) {
    return {t.fines(tr("High at {hour} o’clock").with("hour", f.hour), f.rise_mm, f.limit_mm),
            t.fines(tr("{value} across the seat, {limit} is allowed").with("hour", f.hour), f.rise_mm, f.limit_mm)};
}

inline Sentence say(const found::HomeByTrace&, const SayContext&) {
    return {tr("Home by the trace"), tr("the force rose sharply where the shoulder is")};
}

inline Sentence say(const found::HomeNotMeasured&, const SayContext&) {
    return {tr("Home is not measured"), tr("an indicator tells square only: measure one depth, or keep a trace")};
}

inline Sentence say(const found::HomeAndSquare& f, const SayContext& t) {
    return {tr("Square"), t.fines(tr("{value} across the seat, {limit} is allowed"), f.rise_mm, f.limit_mm)};
}

inline Sentence say(const found::SquareUncertain& f, const SayContext& t) {
    return {
        tr("Square within measurement uncertainty"),
        t.fines(tr("could be {value} against {limit}: more readings or a finer gauge decide"), f.rise_mm, f.limit_mm)};
}

inline Sentence say(const found::GrooveOpen& f, const SayContext& t) {
    return {tr("Groove open all round"), t.fines(tr("{value} clear where it is least"), f.least_mm)};
}

inline Sentence say(const found::GrooveCovered& f, const SayContext& t) {
    return {t.fines(tr("Groove covered at {hour} o’clock").with("hour", f.hour), f.by_mm),
            t.fines(tr("the ring stands {value} in it").with("hour", f.hour), f.by_mm)};
}

inline Sentence say(const found::RingNotProbed& f, const SayContext&) {
    return {tr("Retaining ring probed at {count} of {all} places")
                .with("count", decimals(f.probed, 0))
                .with("all", decimals(f.places, 0)),
            tr("probe all round: it must sit in its groove everywhere")};
}

inline Sentence say(const found::RingAloneHolds& f, const SayContext&) {
    return {tr("The retaining ring alone holds the {part}").with("part", inSentence(f.part)),
            tr("probed in its groove all round before anything is lifted or loaded")};
}

inline Sentence say(const found::CheckMissing& f, const SayContext&) {
    return {tr("{check}?").with("check", checkTitle(f.check)), tr("not checked yet")};
}

inline Sentence say(const found::CheckBad& f, const SayContext&) {
    return {tr("{check}: no").with("check", checkTitle(f.check)),
            tr("correct it, or sign it off as an exception with the reason")};
}

inline Sentence say(const found::DragHigh& f, const SayContext& t) {
    return {tr("High drag torque"), tr("{value}; a bearing of its size takes up to {limit}")
                                        .with("value", t.d.torque(f.torque_Nm).text())
                                        .with("limit", t.d.torque(f.limit_Nm).text())};
}

inline Sentence say(const found::OtherRingOff& f, const SayContext& t) {
    return {(t.severity == Severity::Stop ? tr("{ring}: not home and square") : tr("{ring}: not proven home"))
                .with("ring", shippedName(f.ring)),
            tr("its own readings say why: select it among the other pressed parts")};
}

inline Sentence say(const found::OtherRingNotRead& f, const SayContext&) {
    return {tr("{ring}: {count} of {all} readings")
                .with("ring", shippedName(f.ring))
                .with("count", decimals(f.readings, 0))
                .with("all", decimals(f.wanted, 0)),
            tr("it was pressed as well: select it among the other pressed parts")};
}

inline Sentence say(const found::SignedFor& f, const SayContext&) {
    return {tr("Signed off as exception"), f.by};
}

} // namespace arbor::words
