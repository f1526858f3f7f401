#pragma once

#include "words/findings/telling.h"

// What is said of measured surfaces and spacers.
namespace arbor::words {

inline std::string against(double value_mm, double limit_mm, const SayContext& t) {
    return t.fines(tr("{value}, limit {limit}"), value_mm, limit_mm);
}

/// "{size} against {limit}" of two sizes, put into a longer sentence.
inline std::string sizes(const Text& sentence, double size_mm, double limit_mm, const SayContext& t) {
    return sentence.with("size", t.d.size(size_mm).text()).with("limit", t.d.size(limit_mm).text());
}

inline Sentence say(const found::SpacerLength& f, const SayContext& t) {
    return {tr("Spacer is {size} long").with("size", t.d.size(f.measured_mm).text()),
            tr("drawn {size}").with("size", t.d.size(f.drawn_mm).text())};
}

inline Sentence say(const found::SpacerShort& f, const SayContext& t) {
    return {tr("Spacer is too short"),
            sizes(tr("{size} of {limit}: the new bearings would be clamped without end play"), f.measured_mm,
                  f.drawn_mm, t)};
}

inline Sentence say(const found::SpacerOutOfParallel& f, const SayContext& t) {
    return {t.severity == Severity::Info ? tr("Ends are parallel") : tr("Ends are not parallel"),
            against(f.by_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SpacerOutOfSquare& f, const SayContext& t) {
    return {t.severity == Severity::Info ? tr("Lower end is square") : tr("Lower end is out of square"),
            against(f.by_mm, f.limit_mm, t)};
}

inline Sentence say(const found::GaugeOverdue& f, const SayContext&) {
    return {tr("Gauge {number} is out of calibration").with("number", f.gauge),
            tr("it was due {day}: read again with another one, or have it calibrated").with("day", f.due)};
}

inline Sentence say(const found::GaugeNotOurs& f, const SayContext&) {
    return {tr("Gauge {number} is none of this shop’s").with("number", f.gauge),
            tr("enter it among the gauges, with its calibration, or correct the number")};
}

inline Sentence say(const found::GaugeNotNamed&, const SayContext&) {
    return {tr("Which gauge was it?"), tr("name its number beside the reading")};
}

inline Sentence say(const found::SpacerFlared& f, const SayContext& t) {
    return {tr("Ends are flared by {size}").with("size", t.d.fine(f.by_mm).text()),
            tr("pinched or hammered: it bends the rings when clamped")};
}

inline Sentence say(const found::ReadingsOfOtherSize& f, const SayContext& t) {
    return {tr("Readings of another size"),
            sizes(tr("their mean is {size}, the seat is {limit} now: measure again"), f.mean_mm, f.seat_mm, t)};
}

inline Sentence say(const found::SeatSizeGood& f, const SayContext& t) {
    return {tr("Size is within its class"), sizes(tr("{size}, limit {limit}"), f.measured_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatSizeInDoubt& f, const SayContext& t) {
    return {tr("Size is at its limit"),
            sizes(tr("{size} against {limit}: within measurement uncertainty"), f.measured_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatMetalGone& f, const SayContext& t) {
    return {f.side == "shaft" ? tr("Journal undersize (worn)") : tr("Bore oversize (worn)"),
            sizes(tr("{size} against {limit}: cleaning does not bring it back"), f.measured_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatMetalLeft& f, const SayContext& t) {
    return {f.side == "shaft" ? tr("Journal oversize") : tr("Bore undersize"),
            sizes(tr("{size} against {limit}: work it to size, or check for dirt and burrs"), f.measured_mm, f.limit_mm,
                  t)};
}

inline Sentence say(const found::SeatOutOfRound& f, const SayContext& t) {
    return {tr("Out of round"), against(f.by_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatTapers& f, const SayContext& t) {
    return {tr("Tapers"), against(f.by_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatMouthWorn& f, const SayContext& t) {
    return {tr("Bell-mouthed"), against(f.by_mm, f.limit_mm, t)};
}

inline Sentence say(const found::SeatMovesByHand& f, const SayContext&) {
    const auto head = tr("Ring is loose by hand");
    if (f.where == "slides") return {head, tr("its load stands still: it may slide")};
    return {head, f.where.empty() ? tr("it must be tight: the seat is worn")
                                  : tr("a cup that is loose by hand scraps the hub")};
}

inline Sentence say(const found::SeatPitsDeep&, const SayContext&) {
    return {tr("Deep rust pits"), tr("the ring would stand on islands")};
}

inline Sentence say(const found::SeatPitsLight&, const SayContext&) {
    return {tr("Rust, not deep"), tr("polish the high spots off, oil it, measure again")};
}

inline Sentence say(const found::SeatScored&, const SayContext&) {
    return {tr("Scored"), tr("take the raised edges off with a stone; nothing below the surface matters")};
}

inline Sentence say(const found::SeatCrept&, const SayContext&) {
    return {tr("Polished by creep"), tr("a ring turned here: check size and class before it turns again")};
}

inline Sentence say(const found::SeatRough& f, const SayContext&) {
    return {tr("Rough"), tr("Rz {value} µm, up to {limit} µm: the peaks flatten and the grip is lost")
                             .with("value", figures(f.rz_mm * 1000))
                             .with("limit", figures(f.limit_mm * 1000))};
}

inline Sentence say(const found::ShoulderRunsOut& f, const SayContext& t) {
    return {tr("Shoulder runs out"),
            tr("{value}: the ring would stand cocked").with("value", against(f.by_mm, f.limit_mm, t))};
}

inline Sentence say(const found::GrooveDirty&, const SayContext&) {
    return {tr("Ring groove is dirty"), tr("rust or chips keep the ring out of it")};
}

inline Sentence say(const found::GrooveWorn&, const SayContext&) {
    return {tr("Ring groove is worn"), tr("its edge carries the thrust: a rounded one lets the ring jump out")};
}

inline Sentence say(const found::NotchesBurred&, const SayContext&) {
    return {tr("Notches are burred"), tr("a drift struck here: stone the burrs off the shoulder")};
}

inline Sentence say(const found::BackUpTheRing&, const SayContext&) {
    return {tr("Back up the ring"),
            tr("the old bearing was dented at element pitch: force went through the rolling elements last time")};
}

} // namespace arbor::words
