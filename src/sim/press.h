#pragma once

#include <random>
#include <vector>

namespace arbor::sim {

/// A ring and its seat as they really are. Written without a look at the core: sizes in mm, forces in N.
struct RealSeat {
    double dia_mm = 62;
    double ringBore_mm = 54;     ///< of the ring as a tube
    double bodyOutside_mm = 100; ///< of what it goes into
    double ringE_MPa = 208000, bodyE_MPa = 110000;
    double ringNu = 0.3, bodyNu = 0.26;
    double interference_mm = 0.015; ///< what is left after the peaks have been flattened
    double friction = 0.1;
    double chamfer_mm = 1;         ///< over which it begins to bite
    double length_mm = 16;         ///< of the seat
    double travel_mm = 18;         ///< from where the chamfer meets the bore to the shoulder
    double stack_N_per_mm = 60000; ///< of sleeve, ring and shoulder once it stands on it
};

/// What may be wrong with it, hidden from who works the press.
enum class Fault {
    None,
    CockedStart,  ///< it goes in crooked, bites, and jumps straight
    DrySeat,      ///< far more friction
    TightBore,    ///< interference far over the drawing
    LooseBore,    ///< hardly any
    Galling,      ///< the surfaces pick up: force grows out of proportion, in teeth
    Chip,         ///< something under the shoulder: it stands before it is home
    WrongRing,    ///< the sleeve stands on the other ring: the end is soft
    SupportSlips, ///< the work jumps on its support
    StoppedShort, ///< whoever pressed it stopped before it was home
    GripsEarly,   ///< warmed, and it grips on the way
    NoShoulder,   ///< it goes on past where the shoulder should be
};
inline constexpr Fault kFaults[] = {Fault::None,         Fault::CockedStart,  Fault::DrySeat,    Fault::TightBore,
                                    Fault::LooseBore,    Fault::Galling,      Fault::Chip,       Fault::WrongRing,
                                    Fault::SupportSlips, Fault::StoppedShort, Fault::GripsEarly, Fault::NoShoulder};

/// Pressure between ring and body of these sizes with that much interference [MPa].
double seatPressure(const RealSeat& seat, double interference_mm);

/// Force against the ram when the ring has travelled so far.
class RealPress {
public:
    /// @param hand  of the random stream: everything that scatters comes from it
    RealPress(const RealSeat& seat, Fault fault, std::mt19937& hand);

    /// Force at a travel of the ram, pressed [N].
    double force(double travel_mm) const;
    /// Where the ring stands when it cannot go further [mm].
    double stopsAt() const { return m_stop; }
    Fault fault() const { return m_fault; }

private:
    double engaged(double travel_mm) const;
    double slide(double travel_mm) const;

    RealSeat m_seat;
    Fault m_fault;
    double m_stop;
    double m_at = 0;    ///< where the fault shows [mm]
    double m_much = 0;  ///< how strong it is
    double m_phase = 0; ///< of the teeth
};

/// One reading of the transducer.
struct Reading {
    double t_s = 0, travel_mm = 0, force_N = 0;
};

/// How the ram is worked.
struct Stroke {
    double speed_mm_s = 5;
    double hold_N = 12000; ///< at the end
    double hold_s = 1;
    double every_s = 0.001;
    double noise_N = 40;
    double noise_mm = 0.003;
    double zero_N = 0;      ///< the transducer's own offset
    double pause_s = 0;     ///< somewhere on the way
    double stopAt_mm = 1e9; ///< the ram is stopped there
    double approach_mm = 2; ///< free way before it touches
};

/// A ram that is worked from its approach to the hold, one reading after the other.
class Ram {
public:
    Ram(const RealPress& press, const Stroke& stroke, std::mt19937& hand);

    Reading next();
    bool finished() const { return m_held >= m_stroke.hold_s; }
    void push(bool on) { m_pushed = on; } ///< pushed from the start; let go it stands

private:
    RealPress m_press;
    Stroke m_stroke;
    std::mt19937& m_hand;
    std::normal_distribution<double> m_noise{0, 1};
    double m_pauseAt;
    double m_t = 0, m_travel, m_held = 0, m_paused = 0;
    bool m_pushed = true;
};

/// Presses it once, from the ram's approach to the hold.
std::vector<Reading> pressOnce(const RealPress& press, const Stroke& stroke, std::mt19937& hand);

} // namespace arbor::sim
