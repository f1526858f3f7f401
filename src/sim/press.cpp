#include "sim/press.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::sim {

namespace {

/// How much a thick ring gives on its diameter per pressure on one of its walls, from the stresses of a thick tube.
double outwards(double inside, double outside, double E, double nu) {
    const double a2 = inside * inside, b2 = outside * outside;
    return inside / E * ((b2 + a2) / (b2 - a2) + nu);
}
double inwards(double inside, double outside, double E, double nu) {
    const double a2 = inside * inside, b2 = outside * outside;
    return outside / E * ((b2 + a2) / (b2 - a2) - nu);
}

double between(double from, double to, std::mt19937& hand) {
    return std::uniform_real_distribution<double>(from, to)(hand);
}

} // namespace

double seatPressure(const RealSeat& s, double interference_mm) {
    return interference_mm / (outwards(s.dia_mm, s.bodyOutside_mm, s.bodyE_MPa, s.bodyNu) +
                              inwards(s.ringBore_mm, s.dia_mm, s.ringE_MPa, s.ringNu));
}

RealPress::RealPress(const RealSeat& seat, Fault fault, std::mt19937& hand)
    : m_seat(seat), m_fault(fault), m_stop(seat.travel_mm), m_phase(between(0, 1, hand)) {
    const double way = seat.travel_mm;
    switch (fault) {
    case Fault::CockedStart:
        m_at = std::min(way, seat.length_mm + seat.chamfer_mm) * between(0.08, 0.16, hand); // the start, not the slide
        m_much = between(0.9, 1.6, hand);
        break;
    case Fault::DrySeat:
        m_seat.friction *= between(2.2, 3, hand);
        break;
    case Fault::TightBore:
        m_seat.interference_mm *= between(2.6, 3.5, hand);
        break;
    case Fault::LooseBore:
        m_seat.interference_mm *= between(0.02, 0.12, hand);
        break;
    case Fault::Galling:
        m_at = way * between(0.25, 0.4, hand);
        m_much = between(1.6, 3, hand);
        break;
    case Fault::Chip:
        m_stop = way - between(0.6, 2, hand);
        break;
    case Fault::WrongRing:
        m_seat.stack_N_per_mm = between(2500, 5000, hand);
        break;
    case Fault::SupportSlips:
        m_at = way * between(0.4, 0.75, hand);
        m_much = between(0.5, 0.9, hand);
        break;
    case Fault::GripsEarly:
        m_at = way * between(0.35, 0.65, hand);
        m_much = between(1.5, 2.2, hand);
        break;
    case Fault::NoShoulder:
        m_stop = way + between(3, 6, hand);
        break;
    case Fault::None:
    case Fault::StoppedShort:
        break;
    }
}

double RealPress::engaged(double travel) const {
    return std::clamp(travel, 0.0, m_seat.length_mm);
}

/// Sliding along: friction times the squeezed band, a little less while the chamfer still leads in.
double RealPress::slide(double x) const {
    const double lead = std::clamp(x / m_seat.chamfer_mm, 0.0, 1.0);
    const double p = seatPressure(m_seat, m_seat.interference_mm);
    return m_seat.friction * p * std::numbers::pi * m_seat.dia_mm * engaged(x) * (0.6 + 0.4 * lead);
}

double RealPress::force(double x) const {
    if (x <= 0) return 0;
    const double end = slide(m_seat.travel_mm), way = m_seat.travel_mm;
    double f = slide(std::min(x, m_stop));
    if (m_fault == Fault::CockedStart) {
        // Climbs to a peak on two edges, then jumps straight; a scored start stays a little harder.
        const double peak = m_much * end;
        const double width = 0.5 * m_at;
        f = x < m_at ? std::max(f, peak * x / m_at)
                     : f * 1.15 + std::max(0.0, peak - f) * std::exp(-(x - m_at) / (0.35 * width));
    }
    if (m_fault == Fault::Galling && x > m_at) {
        const double share = (x - m_at) / (way - m_at), tooth = std::fmod((x - m_at) / (0.05 * way) + m_phase, 1);
        f *= (1 + m_much * share * share) * (1 - 0.3 * share * (tooth > 0.8 ? 1 : 0) - 0.1 * (1 - tooth));
    }
    if (m_fault == Fault::SupportSlips && x > m_at) f *= 1 - m_much * std::exp(-(x - m_at) / (0.08 * way));
    if (m_fault == Fault::GripsEarly) f = x < m_at ? 0.06 * f : f * std::min(m_much, 0.06 + (x - m_at) / (0.04 * way));
    if (x > m_stop) f += (x - m_stop) * m_seat.stack_N_per_mm;
    return f;
}

Ram::Ram(const RealPress& press, const Stroke& stroke, std::mt19937& hand)
    : m_press(press), m_stroke(stroke), m_hand(hand), m_pauseAt(m_press.stopsAt() * between(0.3, 0.7, hand)),
      m_travel(-stroke.approach_mm) {}

Reading Ram::next() {
    const auto& s = m_stroke;
    double f = m_press.force(m_travel);
    const bool past = m_press.fault() == Fault::NoShoulder && m_travel > m_press.stopsAt() - 0.5;
    if (m_travel >= s.stopAt_mm || f >= s.hold_N || past)
        m_held += s.every_s;
    else if (m_travel > m_pauseAt && m_paused < s.pause_s) {
        m_paused += s.every_s;
        f *= 0.93; // it relaxes while nobody pushes
    } else if (m_pushed)
        // Near the end the pump meets resistance and slows down.
        m_travel += s.every_s * s.speed_mm_s * std::max(0.02, 1 - f / s.hold_N);
    const Reading out{m_t, m_travel + s.noise_mm * m_noise(m_hand), f + s.zero_N + s.noise_N * m_noise(m_hand)};
    m_t += s.every_s;
    return out;
}

std::vector<Reading> pressOnce(const RealPress& press, const Stroke& stroke, std::mt19937& hand) {
    constexpr double kLongest_s = 120; // nothing ever stops it
    std::vector<Reading> out;
    Ram ram(press, stroke, hand);
    while (!ram.finished() && (out.empty() || out.back().t_s < kLongest_s))
        out.push_back(ram.next());
    return out;
}

} // namespace arbor::sim
