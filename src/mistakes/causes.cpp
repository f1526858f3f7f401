#include "mistakes/causes.h"

#include "mistakes/shadow.h"
#include "sim/press.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>
#include <set>

namespace arbor::mistakes {

namespace {

/// What is to be done, and no word of anything being wrong; a stop is never one.
const std::set<std::string> kInstructions = {
    "try_it_cold",          "home_within",         "grip",           "caution",
    "if_it_goes_wrong",     "falls_free",          "square",         "squeeze_first",
    "watch_saw_teeth",      "watch_crooked_start", "fitted_once",    "stops_on_the_tube",
    "through_its_elements", "collet_wanted",       "support_wanted", "driver_wanted",
    "touches_part"};

/// What says once more what stands elsewhere, and what is asked for next.
const std::set<std::string> kRepeated = {"title", "waits_for", "asks", "next", "other_ring_off"};

/// One thing that was said, held against the world.
class Cause {
public:
    Cause(const Said& said, const World& world, const plan::Plan& plan) : m_said(said), m_world(world), m_plan(plan) {
        for (const auto& step : plan.steps)
            if (step.step.key == said.about) m_step = &step;
        for (std::size_t i = 0; plan.fits && i < plan.fits->seats.size(); ++i) {
            const auto& key = plan.fits->seats[i].key;
            if (said.about == key.first + "+" + key.second || (m_step && m_step->step.id.seat == key)) m_seat = i;
        }
    }

    bool isTrue() const {
        using Test = bool (Cause::*)() const;
        static const std::map<std::string, Test> kTests = {
            {"gauge_too_coarse", &Cause::gaugeHardlyMoves},
            {"opened_too_little", &Cause::opensTooLittle},
            {"not_opened", &Cause::opensTooLittle},
            {"window_short", &Cause::closesWhileCarried},
            {"clearance_gone", &Cause::clearanceMayGo},
            {"may_be_loose", &Cause::mayBeLoose},
            {"ring_stress_high", &Cause::ringStressHigh},
            {"size_missing", &Cause::sizeIsMissing},
            {"nothing_stops_it", &Cause::nothingIsBelow},
            {"hold_through_part", &Cause::standsOnAnother},
            {"hold_through_elements", &Cause::standsOnAnother},
            {"trace_no_rise", &Cause::mustNotBeHeld},
            {"never_comes_out", &Cause::offersNothing},
            {"groove_covered", &Cause::grooveIsBeside},
            {"not_on_the_rack", &Cause::toolIsNotThere},
            {"press_wanted", &Cause::noPress},
            {"vice_will_do", &Cause::noPress},
            {"verdict", &Cause::noPress},
            {"stack_tall", &Cause::anyStackIsTall},
            {"make_first", &Cause::anyStackIsTall},
        };
        if (const auto test = kTests.find(m_said.key); test != kTests.end()) return (this->*test->second)();
        return m_said.station == job::Station::Tooling && cannotBePressed();
    }

private:
    const plan::SeatPlan* seat() const { return m_seat ? &m_plan.fits->seats[*m_seat] : nullptr; }
    const fit::SeatInput* input() const { return seat() && seat()->input ? &*seat()->input : nullptr; }

    /// Loosest and tightest that the parts can be, as they were measured or as their limits have them [mm].
    Interval interference_mm() const {
        const auto& seat = m_plan.fits->seats[m_seat.value()];
        const auto limits = [&](bool hole) {
            const auto& s = hole ? seat.hole : seat.shaft;
            const auto real = m_world.surfaces.find({seat.key, hole});
            if (real == m_world.surfaces.end() || !s.form) return s.size_mm.value_or(Interval{});
            const double size = real->second.form.dia_mm - seat.dia_mm, sure = 2 * s.uncertainty_mm;
            return Interval{size - sure, size + sure};
        };
        const auto hole = limits(true), shaft = limits(false);
        return {shaft.lower - hole.upper, shaft.upper - hole.lower};
    }
    double smoothing_mm() const { return 0.8 * (input()->outer.surface.rz_mm + input()->inner.surface.rz_mm); }

    /// Under a twentieth of what the press can do.
    bool gaugeHardlyMoves() const {
        constexpr double kLittle = 0.05;
        if (!m_step || !m_step->press || !m_step->press->press || !input()) return false;
        const auto s = realSeatOf(*input());
        const double end = input()->friction.mid() * std::numbers::pi * s.dia_mm * input()->engagedLength_mm *
                           sim::seatPressure(s, std::max(0.0, interference_mm().mid() - smoothing_mm()));
        return end < kLittle * m_step->press->press->capacity_N;
    }

    const plan::HeatPlan* heat() const {
        return m_seat && *m_seat < m_plan.heats.size() && m_plan.heats[*m_seat] ? &*m_plan.heats[*m_seat] : nullptr;
    }
    /// Clearance of the tightest parts at two temperatures: expansion, less what they are too large.
    double opening_mm(double outer_C, double inner_C) const {
        constexpr double kRoom_C = 20;
        return input()->dia_mm * (input()->outer.material.alpha_perK * (outer_C - kRoom_C) -
                                  input()->inner.material.alpha_perK * (inner_C - kRoom_C)) -
               interference_mm().upper;
    }
    bool opensTooLittle() const {
        if (!heat() || !input()) return false;
        const double margin = std::max(0.020, input()->dia_mm / 1000);
        return opening_mm(heat()->outer.temp_C, heat()->inner.temp_C) < 1.05 * margin;
    }
    /// Both parts as lumps in moving air, in three times the time: they lose more into what they stand on, and first at
    /// the seat.
    bool closesWhileCarried() const {
        if (!heat() || !input()) return false;
        constexpr double kAir_W_m2K = 35, kRoom_C = 20;
        const auto later_C = [&](const plan::HeatSide& side) {
            const auto& part = side.soakPart;
            const double tau = part.mass_kg * part.heat_J_kgK / (kAir_W_m2K * part.area_m2);
            return kRoom_C + (side.temp_C - kRoom_C) * std::exp(-3 * m_world.job.heat.walk_s / tau);
        };
        return opening_mm(later_C(heat()->outer), later_C(heat()->inner)) < std::max(0.010, heat()->least_mm);
    }

    /// By drawing many bearings: more than one in two thousand would have no clearance. @source [HB4.5]
    bool clearanceMayGo() const {
        const auto* bearing = m_seat ? m_plan.fits->bearingOf(*m_seat) : nullptr;
        if (!bearing) return false;
        constexpr int kDraws = 20000, kFew = 10;
        Chance chance(1);
        const auto clipped = [&](const Interval& band) {
            for (;;)
                if (const double x =
                        std::normal_distribution<double>(band.mid(), band.width() / 6 + 1e-12)(chance.hand());
                    x >= band.lower - 1e-9 && x <= band.upper + 1e-9)
                    return x;
        };
        int gone = 0;
        for (int i = 0; i < kDraws; ++i) {
            double left = clipped(bearing->clearanceMade_mm);
            for (const auto& at : {bearing->housing, bearing->shaft})
                if (at)
                    left -= taken_mm(*at, at == bearing->housing,
                                     clipped(Cause(m_said, m_world, m_plan, *at).interference_mm()));
            gone += left < 0;
        }
        return gone > kFew;
    }
    Cause(const Said& said, const World& world, const plan::Plan& plan, std::size_t seat)
        : m_said(said), m_world(world), m_plan(plan), m_seat(seat) {}
    /// What a seat takes of the clearance through the ring.
    double taken_mm(std::size_t at, bool housing, double interference_mm) const {
        const auto& in = m_plan.fits->seats[at].input;
        if (!in) return 0;
        const double p = sim::seatPressure(
            realSeatOf(*in),
            std::max(0.0, interference_mm - 0.8 * (in->outer.surface.rz_mm + in->inner.surface.rz_mm)));
        const double d = in->dia_mm, other = housing ? in->inner.otherDia_mm : in->outer.otherDia_mm;
        const double E = housing ? in->inner.material.E_MPa : in->outer.material.E_MPa;
        return std::abs(2 * p * d * d * other / (E * (other * other - d * d)));
    }

    bool mayBeLoose() const { return input() && interference_mm().lower - smoothing_mm() < 0.001; }
    bool ringStressHigh() const {
        if (!input()) return false;
        const double p = sim::seatPressure(realSeatOf(*input()), std::max(0.0, interference_mm().upper));
        const double q = input()->dia_mm / realSeatOf(*input()).bodyOutside_mm;
        return p * (1 + q * q) / (1 - q * q) > 130;
    }
    bool sizeIsMissing() const {
        return seat() &&
               !((seat()->hole.size_mm || seat()->hole.form) && (seat()->shaft.size_mm || seat()->shaft.form));
    }

    /// At home no metal of what moves lies on metal of what stays.
    bool nothingIsBelow() const {
        for (const auto& task : m_step ? m_step->step.tasks : std::vector<tooling::Task>{})
            for (const auto& body : task.atTravel(task.travel_mm))
                for (const auto& other : task.still)
                    if (liesOn(body, other)) return false;
        return m_step != nullptr;
    }
    static bool liesOn(const section::Body& body, const section::Body& other) {
        constexpr double kNear_mm = 0.02;
        if (other.kind == section::BodyKind::KeepClear) return false;
        auto lifted = body, lowered = body;
        lifted.z_mm += kNear_mm;
        lowered.z_mm -= kNear_mm;
        return runsInto(lowered, other, false) && !runsInto(lifted, other, false);
    }
    /// What moves comes to stand on something, and that is not the part it is pressed into, or on.
    bool standsOnAnother() const {
        if (!m_step || !m_step->task()) return false;
        const auto& task = *m_step->task();
        for (const auto& body : task.atTravel(task.travel_mm))
            if (liesOn(body, task.still[task.holder])) return false;
        return true;
    }
    /// It is not to be held, or so lightly that the instrument of a press does not tell the rise from its trembling.
    bool mustNotBeHeld() const {
        constexpr double kFelt_N = 800;
        if (!m_step || !m_step->press) return false;
        const auto& expected = m_step->press->expected;
        return !expected.holds || expected.hold_N.likely < kFelt_N;
    }

    /// A ring without a land, a bore or a notch; a cap is one.
    bool offersNothing() const {
        const auto& parts = m_plan.strip.assembly.parts;
        const auto part = indexOf(m_plan.strip.assembly, m_said.about);
        return part && parts[*part].kind == arrangement::PartKind::Cap;
    }
    /// The drawing has the retaining ring beside the ring that it should hold, not beyond it.
    bool grooveIsBeside() const {
        const auto& parts = m_plan.strip.assembly.parts;
        return m_step && std::any_of(parts.begin(), parts.end(), [&](const arrangement::Part& part) {
                   const auto& held = parts[m_step->step.part].bodies.front();
                   const auto& ring = part.bodies.front();
                   return part.kind == arrangement::PartKind::RetainingRing && ring.bottom() < held.top() - 0.05 &&
                          ring.top() > held.bottom() + 0.05;
               });
    }
    /// A drift, a grinder, a slide hammer, or a collet of this range is not there.
    bool toolIsNotThere() const {
        using Kind = catalog::ToolKind;
        if (!m_step) return false;
        const auto& tools = m_world.rack->tools;
        double bore = INFINITY;
        for (const auto& body : m_plan.strip.assembly.parts[m_step->step.part].bodies)
            bore = std::min(bore, body.boreDia());
        const auto has = [&](Kind kind) {
            return std::any_of(tools.begin(), tools.end(), [&](const catalog::Tool& t) {
                return t.kind == kind && (kind != Kind::Collet || (t.least_mm <= bore && t.most_mm >= bore));
            });
        };
        return !(has(Kind::Drift) && has(Kind::Splitter) && has(Kind::SlideHammer) && has(Kind::Collet));
    }
    /// The shop has none, so whatever is to be pressed is held up, and what to borrow is said.
    bool noPress() const { return m_said.station == job::Station::Tooling && m_world.rack->presses.empty(); }
    /// Any sleeve that reaches home is taller than it may be on so small a ring.
    bool anyStackIsTall() const {
        constexpr double kSlender = 2.5, kHead_mm = 25;
        const auto* task = m_step ? m_step->task() : nullptr;
        return (task && task->travel_mm + kHead_mm > kSlender * task->face.outerDia_mm) || cannotBePressed();
    }

    /// No way of the step has both a face that a sleeve can get at and one that a support can, of the two parts.
    bool cannotBePressed() const {
        constexpr double kLand_mm = 1.5;
        if (!m_step) return false;
        for (const auto& task : m_step->step.tasks) {
            if (task.heldLip) continue; // a seal is not carried
            auto all = task.moving;
            all.insert(all.end(), task.still.begin(), task.still.end());
            const auto push = seenOf(all, task.pushed, true);
            auto below = task.atTravel(task.travel_mm);
            below.insert(below.end(), task.moving.begin(), task.moving.end()); // on its whole way
            const auto moved = below.size();
            below.insert(below.end(), task.still.begin(), task.still.end());
            const auto carry = seenOf(below, moved + task.holder, false);
            if (push && push->width_mm() > kLand_mm && carry && carry->width_mm() > kLand_mm) return false;
        }
        return true;
    }

    const Said& m_said;
    const World& m_world;
    const plan::Plan& m_plan;
    const plan::StepPlan* m_step = nullptr;
    std::optional<std::size_t> m_seat;
};

} // namespace

bool isTrue(const Said& said, const World& world, const plan::Plan& plan) {
    if (kRepeated.contains(said.key) || said.key.starts_with("where_it_stands/")) return true;
    if (said.tone != words::Tone::Stop && kInstructions.contains(said.key)) return true;
    return Cause(said, world, plan).isTrue();
}

} // namespace arbor::mistakes
