// Before the ram moves, while it moves, and before a warm part is carried to it.
#include "core/foreman/foreman.h"

#include "core/section/contact.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace arbor::foreman {

namespace {

using arrangement::PartKind;
using section::Body;
using section::BodyKind;
using tooling::Task;

constexpr double kOldRingOff_mm = 0.2;   // an old outer ring is ground so far under its bore, to come out again. [HB8]
constexpr double kDiscWorthwhile_mm = 2; // less travel is not worth a second tool. [PRACTICE]
constexpr double kBeyondRing_mm = 10;    // that a tube stands out of the bore when the ring is home. [PRACTICE]
constexpr double kHeavy_kg = 0.5;        // what falls on a foot and is felt. [PRACTICE]
constexpr double kToolOffBore_mm = 0.2;  // on the diameter, of a tool in a bore. [HB8]

/// By how a part is drawn, for what a hand has to hold: a part may have no material. Usual values, [HB7].
double density_kg_mm3(section::Hatch hatch) {
    switch (hatch) {
    case section::Hatch::Aluminium:
        return 2.7e-6;
    case section::Hatch::Polymer:
        return 1.2e-6;
    case section::Hatch::CastIron:
        return 7.2e-6;
    case section::Hatch::Brass:
        return 8.5e-6;
    case section::Hatch::Steel:
    case section::Hatch::HardenedSteel:
    case section::Hatch::None:
        break;
    }
    return 7.85e-6;
}

bool isCast(const std::string& material) {
    return material.find("cast") != std::string::npos || material.find("iron") != std::string::npos;
}

/// How far what comes through reaches below what is carried.
double below_mm(const Task& task) {
    const auto& holder = task.still[task.holder];
    double lowest = holder.bottom();
    for (const auto& body : task.moving)
        lowest = std::min(lowest, body.bottom() - task.travel_mm);
    return std::max(0.0, holder.bottom() - lowest);
}

class SettingUp {
public:
    SettingUp(const plan::Plan& plan, const plan::StepPlan& step, const Task& task)
        : m_plan(plan), m_step(step), m_task(task) {}

    AdviceList all() {
        push();
        carry();
        m_step.step.out ? leaving() : coming();
        sensors();
        return std::move(m_out);
    }

private:
    template <class Kind>
    void say(Kind kind, Severity severity = Severity::Info) {
        m_out.push_back({std::move(kind), severity, "HB8"});
    }
    const Body& pushed() const { return m_task.moving[m_task.pushed]; }
    const Body& holder() const { return m_task.still[m_task.holder]; }

    void push() {
        const auto& face = m_task.face;
        say(found::PushOn{face.innerDia_mm, face.outerDia_mm, face.width_mm(), m_task.faceName});
        if (const auto& lip = m_task.pushedLip)
            say(found::SealByItsRim{face.innerDia_mm, face.outerDia_mm,
                                    m_task.inBore ? lip->outerDia_mm : lip->innerDia_mm, m_task.inBore,
                                    m_task.faceName});
    }

    void carry() {
        say(found::CarryOn{m_task.passDia_mm(), below_mm(m_task), holder().id});
        const auto& held = m_plan.strip.assembly.parts[m_task.partnerMoves ? m_step.step.part : m_step.step.partner];
        const bool casting = held.kind == PartKind::Housing || (held.kind == PartKind::Hub && isCast(held.material));
        if (casting) say(found::PackLevel{held.name()});
        say(found::WipeFaces{});
    }

    void coming() {
        if (!m_task.toDepth) stopsAgainst();
        if (m_step.ring && m_step.ring->seal) say(found::SealDepth{m_step.ring->input.homeDepth_mm});
        const double below = holder().top() - (pushed().top() - m_task.travel_mm);
        const bool ring = m_task.inBore && pushed().kind == BodyKind::OuterRing;
        if (ring && m_task.travel_mm - below > kDiscWorthwhile_mm && below > 0.5)
            say(found::DiscFirst{m_task.travel_mm - below, below});
        if (ring) say(found::OldRingAsDriver{m_task.seatDia_mm - kOldRingOff_mm, kOldRingOff_mm});
    }

    void stopsAgainst() {
        const auto home = m_task.atTravel(m_task.travel_mm);
        const Body* stop = nullptr;
        for (std::size_t i = 0; i < home.size() && !stop; ++i)
            for (const auto& body : m_task.still)
                if (body.kind != BodyKind::KeepClear && !section::restingContacts(home[i], body).empty()) stop = &body;
        if (stop) say(found::StopsAgainst{m_task.travel_mm, stop->id});
    }

    void leaving() {
        double mass = 0;
        for (const auto& body : m_task.moving)
            if (body.kind != BodyKind::KeepClear) mass += section::volume_mm3(body) * density_kg_mm3(body.hatch);
        const auto& goes = m_plan.strip.assembly.parts[m_task.partnerMoves ? m_step.step.partner : m_step.step.part];
        say(found::FallsFree{mass, goes.name()}, mass >= kHeavy_kg ? Severity::Check : Severity::Info);
        if (m_step.step.load.known) say(found::LookAfterBreakaway{});
    }

    /// What hangs in the bore that tools pass.
    void sensors() {
        for (const auto& part : m_plan.strip.assembly.parts)
            for (const auto& body : part.keepClear) {
                const double tip = body.boreDia();
                if (tip > 0 && tip < m_task.seatDia_mm) say(found::SensorOnTheWay{tip, part.name()}, Severity::Check);
            }
    }

    const plan::Plan& m_plan;
    const plan::StepPlan& m_step;
    const Task& m_task;
    AdviceList m_out;
};

/// What to borrow or turn, where the rack has none that is usable.
class Wanted {
public:
    Wanted(const plan::StepPlan& step, const Task& task) : m_step(step), m_task(task) {}

    /// Nothing is there: no press, no bolt, and so no stack was looked for.
    AdviceList everything() {
        const auto& load = m_step.step.load;
        say(found::PressWanted{load.known ? load.greatest_N() : 0, m_task.travel_mm, load.known});
        if (m_task.toDepth) say(found::ViceWillDo{});
        driver();
        support();
        return std::move(m_out);
    }
    AdviceList besides(const tooling::ToolPlan& tools) {
        if (!anyUsable(tools.drivers)) driver();
        if (!anyUsable(tools.supports)) support();
        return std::move(m_out);
    }

private:
    template <class Kind>
    void say(Kind kind) {
        m_out.push_back({std::move(kind), Severity::Check, "HB8"});
    }
    template <class List>
    static bool anyUsable(const List& list) {
        return std::any_of(list.begin(), list.end(), [](const auto& c) { return c.usable(); });
    }
    void driver() {
        const auto& face = m_task.face;
        const double most =
            m_task.inBore ? std::min(face.outerDia_mm, m_task.seatDia_mm - kToolOffBore_mm) : face.outerDia_mm;
        say(found::DriverWanted{face.innerDia_mm, most, m_task.travel_mm + kBeyondRing_mm});
    }
    void support() { say(found::SupportWanted{m_task.passDia_mm(), below_mm(m_task), m_task.still[m_task.holder].id}); }

    const plan::StepPlan& m_step;
    const Task& m_task;
    AdviceList m_out;
};

void append(AdviceList& to, AdviceList more) {
    to.insert(to.end(), std::make_move_iterator(more.begin()), std::make_move_iterator(more.end()));
}

} // namespace

AdviceList atSetUp(const plan::Plan& plan, const plan::StepPlan& step, const plan::StepSetup* way) {
    if (step.step.tasks.empty() || (way && !way->pressed && step.step.out)) return {};
    const auto& task = step.step.tasks[way ? way->task : 0];
    auto out = SettingUp(plan, step, task).all();
    const auto* press = way && way->pressed && way->pressed->choice ? way->pressed->choice->press : nullptr;
    if (press && press->kind == catalog::PressKind::Vice)
        out.push_back({found::InTheVice{press->id}, Severity::Check, "HB8"});
    if (way && way->pressed && way->pressed->choice && way->pressed->choice->bolt && !way->pressed->choice->press)
        out.push_back({found::OilTheThread{way->pressed->choice->bolt->id}, Severity::Info, "HB8"});
    if (!way)
        append(out, Wanted(step, task).everything());
    else if (way->pressed && !way->proven())
        append(out, Wanted(step, task).besides(*way->pressed));
    return out;
}

AdviceList atPress(const plan::StepPlan& step) {
    AdviceList out;
    if (!step.step.out) out.push_back({found::NeverStraighten{}, Severity::Info, "HB8"});
    return out;
}

AdviceList atWarm(bool triedCold) {
    AdviceList out{{found::TemperatureDecides{}, Severity::Info, "HB8"}};
    if (!triedCold) out.insert(out.begin(), {found::TryItCold{}, Severity::Check, "HB8"});
    return out;
}

} // namespace arbor::foreman
