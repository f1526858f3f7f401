#include "mistakes/planted.h"
#include "mistakes/shadow.h"
#include "words/display.h"
#include "words/language.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

using job::Station;
using section::Body;
using section::BodyKind;
using words::tr;

/// A step that is proven with a stack under a press, and how.
struct Stack {
    plan::Plan plan;
    std::size_t step = 0;
    tooling::Task task;
    const plan::StepPlan& now() const { return plan.steps[step]; }
    /// All that is there, what moves first.
    std::vector<Body> all() const {
        auto out = task.moving;
        out.insert(out.end(), task.still.begin(), task.still.end());
        return out;
    }
    double pushedTop() const { return task.moving[task.pushed].top(); }
    double homeTop() const { return pushedTop() - task.travel_mm; }
    double holderTop() const { return task.still[task.holder].top(); }
};

std::optional<Stack> someStack(Plot& plot, bool (*wanted)(const plan::WorkStep&)) {
    std::vector<std::size_t> steps;
    for (std::size_t i = 0; i < plot.plan.steps.size(); ++i)
        if (!plot.plan.steps[i].step.tasks.empty() && wanted(plot.plan.steps[i].step)) steps.push_back(i);
    if (steps.empty()) return std::nullopt;
    const auto at = plot.chance.of(steps);
    Stack out{plot.program.plan(plot.world, {{}, plot.plan.steps[at].step.id, false, {}}), at, {}};
    const auto& step = out.now();
    if (!step.way() || !step.setup() || !step.setup()->proven() || !step.setup()->choice->press) return std::nullopt;
    out.task = *step.task();
    return out;
}
bool goesIn(const plan::WorkStep& step) {
    return !step.out;
}
bool anyStep(const plan::WorkStep&) {
    return true;
}

std::string size(double mm) {
    return words::decimals(mm, 1) + " mm";
}

/// The hand keeps the support it has under the work, and takes this driver.
void choose(World& world, const Stack& stack, const std::string& driver) {
    const auto* support = stack.now().setup()->choice->support;
    job::changeStep(world.job, stack.now().step.id, [&](job::StepRecord& r) {
        r.overrides.driver = driver;
        if (support) r.overrides.support = support->id;
    });
}

/// The hand takes a tool that the shop has, and means it for this step.
Planted take(Plot& plot, const Stack& stack, catalog::Tool tool, std::set<std::string> keys,
             std::vector<std::string> names, std::string happened) {
    auto rack = std::make_shared<catalog::Rack>(*plot.world.rack);
    tool.id = "X1";
    if (tool.name.empty()) tool.name = "sleeve";
    rack->tools.push_back(tool);
    plot.world.rack = std::move(rack);
    choose(plot.world, stack, tool.id);
    return {std::move(happened), std::move(keys),     std::move(names),
            {Station::Tooling},  stack.now().step.id, stack.task.partnerMoves};
}

catalog::Tool tube(double bore_mm, double outside_mm, double length_mm) {
    catalog::Tool out;
    out.boreDia_mm = std::max(0.0, bore_mm);
    out.outsideDia_mm = outside_mm;
    out.length_mm = std::ceil(length_mm);
    return out;
}

double lengthFor(const Stack& stack, Chance& chance) {
    return std::max(10.0, stack.task.travel_mm + chance.between(10, 25));
}

/// As the catalogue's sections are named.
std::string ringName(BodyKind kind) {
    return kind == BodyKind::InnerRing ? "inner ring" : "outer ring";
}

} // namespace

std::optional<Planted> sleeveOnWrongRing(Plot& plot) {
    const auto stack = someStack(plot, goesIn);
    if (!stack) return std::nullopt;
    const auto& moving = stack->task.moving;
    const auto right = moving[stack->task.pushed].kind;
    const auto wrong = right == BodyKind::OuterRing ? BodyKind::InnerRing : BodyKind::OuterRing;
    if (right != BodyKind::OuterRing && right != BodyKind::InnerRing) return std::nullopt;
    for (std::size_t i = 0; i < moving.size(); ++i) {
        if (moving[i].kind != wrong) continue;
        const auto band = seenOf(stack->all(), i, true);
        if (!band || band->width_mm() < 1.5) continue;
        const auto tool = tube(2 * band->from_mm + 0.4, 2 * band->to_mm - 0.4, lengthFor(*stack, plot.chance));
        return take(plot, *stack, tool, {"lands_on_inner_ring", "path_through_elements", "misses_face"},
                    {ringName(wrong), ringName(right)},
                    wrong == BodyKind::InnerRing ? tr("The sleeve stands on the inner ring")
                                                 : tr("The sleeve stands on the outer ring"));
    }
    return std::nullopt;
}

std::optional<Planted> sleeveTooSmall(Plot& plot) {
    const auto stack = someStack(plot, goesIn);
    if (!stack || stack->task.pushedLip) return std::nullopt;
    const auto band = seenOf(stack->all(), stack->task.pushed, true);
    if (!band || band->from_mm < 5) return std::nullopt;
    const double least = std::min(1.0, band->width_mm() / 2); // what holds it
    const double outside = 2 * (band->from_mm + plot.chance.between(-0.3 * band->from_mm, 0.7 * least));
    const auto tool = tube(outside - plot.chance.between(4, 8), outside, lengthFor(*stack, plot.chance));
    if (const auto other =
            seenOf(stack->all(), stack->task.pushed, true, {tool.boreDia_mm / 2, tool.outsideDia_mm / 2});
        other && other->width_mm() > 0.75 * least)
        return std::nullopt; // it has another face there
    return take(plot, *stack, tool,
                {"covers_face", "misses_face", "touches_part", "lands_on_inner_ring", "path_through_elements",
                 "stands_on_what_stays"},
                {},
                tr("The sleeve is Ø{size}, its ring begins at Ø{limit}")
                    .with("size", size(outside))
                    .with("limit", size(2 * band->from_mm)));
}

std::optional<Planted> sleeveTooLarge(Plot& plot) {
    const auto stack = someStack(plot, goesIn);
    if (!stack || !stack->task.inBore || stack->homeTop() > stack->holderTop() - 2) return std::nullopt;
    const double outside = stack->task.seatDia_mm + plot.chance.between(0.1, 5);
    const auto& holder = stack->task.still[stack->task.holder];
    if (!isWithin(holder, {stack->task.seatDia_mm / 2 + 0.01, outside / 2}, stack->homeTop() + 0.01,
                  stack->pushedTop()))
        return std::nullopt; // the bore is wider there
    const auto tool = tube(stack->task.face.innerDia_mm + 0.5, outside, lengthFor(*stack, plot.chance));
    return take(plot, *stack, tool, {"catches_in_bore", "stands_on_what_stays", "ends_inside_bore", "misses_face"}, {},
                tr("The sleeve is Ø{size}, the bore Ø{limit}")
                    .with("size", size(outside))
                    .with("limit", size(stack->task.seatDia_mm)));
}

std::optional<Planted> sleeveOnLip(Plot& plot) {
    const auto stack = someStack(plot, goesIn);
    if (!stack || !stack->task.pushedLip) return std::nullopt;
    const auto& lip = *stack->task.pushedLip;
    const double outside = lip.outerDia_mm - plot.chance.between(0, 0.6) * (lip.outerDia_mm - lip.innerDia_mm);
    const auto tool = tube(lip.innerDia_mm - 2, outside, lengthFor(*stack, plot.chance));
    return take(plot, *stack, tool, {"touches_part", "misses_face", "stands_on_part", "covers_face"}, {},
                tr("The driver is Ø{size}: inside the rim of the seal, on its lip").with("size", size(outside)));
}

std::optional<Planted> hitsSensor(Plot& plot) {
    auto stack = someStack(plot, goesIn);
    if (!stack || !stack->task.inBore || stack->homeTop() > stack->holderTop() - 7) return std::nullopt;
    if (stack->task.partnerMoves || stack->task.turnedOver || !stack->now().step.up) return std::nullopt;
    auto& part = plot.world.job.arrangement.assembly.parts[stack->now().step.partner];
    const double seatRad = stack->task.seatDia_mm / 2, tip = seatRad - plot.chance.between(1.5, 4);
    const auto* driver = stack->now().setup()->choice->driver;
    if (!driver || driver->headThick_mm > 0 || driver->pilotLength_mm > 0 || driver->outsideDia_mm / 2 < tip + 0.1)
        return std::nullopt;
    const double top = part.bodies.front().top();
    if (!isWithin(part.bodies.front(), {seatRad + 0.01, seatRad + 0.2}, top - 4, top - 1)) return std::nullopt; // wider
    part.keepClear.push_back(
        {"sensor", BodyKind::KeepClear, section::Hatch::None, {section::Slice::tube(0, 3, tip, seatRad)}, top - 4});
    choose(plot.world, *stack, driver->id);
    return Planted{tr("A sensor stands in the bore, Ø{limit} at its tip; the sleeve is Ø{size}")
                       .with("limit", size(2 * tip))
                       .with("size", size(driver->outsideDia_mm)),
                   {"touches_part", "catches_in_bore", "stands_on_what_stays", "ends_inside_bore", "misses_face"},
                   {"sensor"},
                   {Station::Tooling},
                   stack->now().step.id,
                   stack->task.partnerMoves};
}

std::optional<Planted> hitsStud(Plot& plot) {
    auto stack = someStack(plot, goesIn);
    if (!stack || !stack->task.inBore || stack->task.partnerMoves || stack->task.turnedOver || !stack->now().step.up)
        return std::nullopt;
    auto& part = plot.world.job.arrangement.assembly.parts[stack->now().step.partner];
    const double circle = stack->task.seatDia_mm / 2 + plot.chance.between(3, 10), high = plot.chance.between(12, 30);
    part.keepClear.push_back({"stud",
                              BodyKind::KeepClear,
                              section::Hatch::None,
                              {section::Slice::tube(0, high, circle, circle + 6)},
                              part.bodies.front().top()});
    // A headed sleeve whose head comes down on the studs before the ring is home.
    auto tool = tube(stack->task.face.innerDia_mm + 0.5,
                     std::min(stack->task.face.outerDia_mm, stack->task.seatDia_mm - 0.5), 0);
    tool.headDia_mm = 2 * (circle + 4);
    tool.headThick_mm = 8;
    const double toStuds = stack->holderTop() + high - stack->homeTop();
    tool.length_mm = tool.headThick_mm + toStuds - plot.chance.between(1, 8);
    if (tool.length_mm < tool.headThick_mm + 3) return std::nullopt;
    const double under = stack->homeTop() + tool.length_mm - tool.headThick_mm; // of the head, at home
    for (const auto& body : stack->task.still)
        if (isWithin(body, {0, tool.headDia_mm / 2}, under, under + 1e4)) return std::nullopt;
    return take(plot, *stack, tool, {"ends_inside_bore", "touches_part", "stands_on_what_stays", "catches_in_bore"},
                {"stud"}, tr("The head of the sleeve comes down on the studs round the bore"));
}

std::optional<Planted> pilotTooLong(Plot& plot) {
    auto stack = someStack(plot, goesIn);
    if (!stack || !stack->task.heldByRing() || !stack->task.inBore) return std::nullopt;
    const auto& ring = stack->task.still[stack->task.holder];
    double lowest = INFINITY;
    for (const auto& body : stack->task.moving) // what comes through the ring
        if (body.boreDia() < ring.boreDia() - 1) lowest = std::min(lowest, body.bottom() - stack->task.travel_mm);
    const auto band = seenOf(stack->all(), stack->task.moving.size() + stack->task.holder, false);
    if (!std::isfinite(lowest)) return std::nullopt;
    if (!band || band->width_mm() < 2 || ring.boreDia() < 12) return std::nullopt;
    // An adapter under the ring, its pilot up in the bore: what comes through the ring meets it.
    catalog::Tool tool = tube(0, 2 * band->to_mm - 0.5, 0);
    tool.kind = catalog::ToolKind::Adapter;
    tool.headDia_mm = std::max(tool.outsideDia_mm, 90.0); // it stands on the bed by itself
    tool.headThick_mm = 12;
    tool.pilotDia_mm = ring.boreDia() - 0.5;
    if (tool.outsideDia_mm < tool.pilotDia_mm + 3) return std::nullopt; // nothing left to carry on
    const double by = plot.chance.between(1, 6);
    tool.pilotLength_mm = std::max(1.0, lowest - ring.bottom() + by);
    tool.length_mm = std::ceil(tool.pilotLength_mm + std::max(0.0, ring.bottom() - lowest) + 20);
    auto made = take(plot, *stack, tool, {"no_room_below", "stands_on_part", "stops_short"}, {},
                     tr("The pilot of the adapter under the ring stops what comes through it"));
    const auto* driver = stack->now().setup()->choice->driver;
    job::changeStep(plot.world.job, stack->now().step.id, [&](job::StepRecord& r) {
        r.overrides.support = tool.id.empty() ? "X1" : tool.id;
        r.overrides.driver = driver ? std::optional(driver->id) : std::nullopt;
    });
    return made;
}

std::optional<Planted> hardOnHard(Plot& plot) {
    auto stack = someStack(plot, goesIn);
    if (!stack) return std::nullopt;
    const auto& moves = stack->task.moving[stack->task.pushed];
    if (moves.kind != BodyKind::OuterRing && moves.kind != BodyKind::InnerRing) return std::nullopt;
    auto tool = tube(stack->task.face.innerDia_mm + 0.5,
                     stack->task.inBore ? std::min(stack->task.face.outerDia_mm, stack->task.seatDia_mm - 0.5)
                                        : stack->task.face.outerDia_mm,
                     lengthFor(*stack, plot.chance));
    tool.hardened = true;
    const bool struck = plot.chance.happens(0.5);
    if (struck) plot.world.job.means = job::Means::Hand;
    return take(plot, *stack, tool, {"hard_tool"}, {"X1"},
                struck ? tr("A hardened socket is struck with a hammer on a hardened ring")
                       : tr("A hardened socket is used on a hardened ring"));
}

std::optional<Planted> stackTooTall(Plot& plot) {
    auto stack = someStack(plot, goesIn);
    if (!stack) return std::nullopt;
    const auto* driver = stack->now().setup()->choice->driver;
    if (!driver) return std::nullopt;
    auto tool = *driver;
    tool.headDia_mm = tool.headThick_mm = 0;
    const auto* press = stack->now().setup()->choice->press;
    const double room = *std::max_element(press->notchDaylight_mm.begin(), press->notchDaylight_mm.end());
    tool.length_mm = std::ceil(std::max(2.5 * tool.outsideDia_mm, 60.0) * plot.chance.between(1.15, 2));
    if (tool.length_mm > 0.7 * room) tool.length_mm = std::ceil(room * plot.chance.between(1.05, 1.5));
    auto rack = std::make_shared<catalog::Rack>(*plot.world.rack);
    std::erase_if(rack->tools, [](const auto& t) { return t.kind == catalog::ToolKind::DrawBolt; }); // would guide it
    plot.world.rack = std::move(rack);
    return take(plot, *stack, tool, {"stack_tall", "no_notch_fits", "stroke_short", "sleeve_buckles"}, {},
                tr("The sleeve is {height} tall on Ø{size}")
                    .with("height", size(tool.length_mm))
                    .with("size", size(tool.outsideDia_mm)));
}

std::optional<Planted> strokeRunsOut(Plot& plot) {
    auto stack = someStack(plot, anyStep);
    if (!stack || stack->task.travel_mm < 4) return std::nullopt;
    auto rack = std::make_shared<catalog::Rack>(*plot.world.rack);
    const auto press = *stack->now().setup()->choice->press;
    const auto* driver = stack->now().setup()->choice->driver;
    rack->presses = {press};
    auto& only = rack->presses.front();
    only.stroke_mm = std::floor(stack->task.travel_mm * plot.chance.between(0.3, 0.95));
    std::erase_if(rack->tools, [](const auto& t) { return t.kind == catalog::ToolKind::DrawBolt; });
    plot.world.rack = std::move(rack);
    plot.world.job.press = press.id;
    if (driver) choose(plot.world, *stack, driver->id);
    return Planted{tr("The ram has {size} of stroke, the ring travels {limit}")
                       .with("size", size(plot.world.rack->presses.front().stroke_mm))
                       .with("limit", size(stack->task.travel_mm)),
                   {"stroke_short", "two_strokes", "no_notch_fits"},
                   {},
                   {Station::Tooling},
                   stack->now().step.id,
                   stack->task.partnerMoves};
}

std::optional<Planted> bedGap(Plot& plot) {
    auto stack = someStack(plot, anyStep);
    if (!stack || stack->task.heldByRing() || !stack->now().setup()->choice->driver) return std::nullopt;
    double widest = 0;
    for (const auto& body : stack->all())
        widest = std::max(widest, body.outsideDia());
    auto rack = std::make_shared<catalog::Rack>(*plot.world.rack);
    for (auto& press : rack->presses)
        press.bedOpening_mm = widest + plot.chance.between(1, 60);
    std::erase_if(rack->tools, [](const auto& t) { return !catalog::isDriver(t.kind); });
    job::changeStep(plot.world.job, stack->now().step.id,
                    [&](job::StepRecord& r) { r.overrides.driver = stack->now().setup()->choice->driver->id; });
    plot.world.rack = std::move(rack);
    return Planted{tr("The gap in the bed is wider than all that lies on it"),
                   {"falls_through", "lies_on_beams", "carries_edge_only", "no_path"},
                   {},
                   {Station::Tooling},
                   stack->now().step.id,
                   stack->task.partnerMoves};
}

} // namespace arbor::mistakes
