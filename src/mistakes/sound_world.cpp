#include "mistakes/sound_world.h"

#include "mistakes/made_up_job.h"
#include "words/strip_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::mistakes {

namespace {

constexpr double kKeepOff = 0.25; // of a tolerance, kept from either end: nobody can call that in doubt

RealSurface soundSurface(const plan::SurfacePlan& s, const plan::SeatPlan& seat, bool hole, Chance& chance) {
    RealSurface out;
    const double width_mm = s.size_mm->width();
    const double deviation = s.size_mm->lower + width_mm * chance.between(kKeepOff, 1 - kKeepOff);
    out.form.dia_mm = seat.dia_mm + deviation;
    out.form.length_mm = seat.length_mm;
    const double form_um = 1000 * s.formLimit_mm;
    out.form.oval_um = form_um * chance.between(0, 0.3);
    out.form.ovalAt_deg = chance.between(0, 180);
    out.form.taper_um = form_um * chance.between(-0.2, 0.2);
    out.looks.rz_mm = measure::roughnessLimit(hole) * chance.between(0.2, 0.8);
    out.looks.pits = measure::Pits::None;
    out.looks.groove = measure::GrooveState::Fine;
    out.looks.notches = measure::GrooveState::Fine;
    out.looks.shoulderRunOut_mm = s.runOutLimit_mm * chance.between(0, 0.5);
    return out;
}

void makeSurfaces(World& world, const plan::FitPlan& fits, Chance& chance) {
    for (const auto& seat : fits.seats)
        for (const bool hole : {true, false}) {
            const auto& s = hole ? seat.hole : seat.shaft;
            if (s.ring || !s.size_mm) continue;
            const SurfaceKey key{seat.key, hole};
            world.surfaces[key] = soundSurface(s, seat, hole, chance);
            measureSurface(world, key, chance);
        }
}

void makeSpacers(World& world, const plan::FitPlan& fits, Chance& chance) {
    for (const auto& spacer : fits.spacers) {
        RealSpacer real{spacer.outsideDia_mm, spacer.drawn_mm, spacer.drawn_mm + chance.between(-0.01, 0.01)};
        real.unparallel_mm = spacer.state.limit_mm * chance.between(0, 0.4);
        real.unsquare_mm = spacer.state.limit_mm * chance.between(0, 0.4);
        world.spacers[spacer.part] = real;
        measureSpacer(world, spacer.part, chance);
    }
}

/// Other metals, another dressing of the seats, other clearance: what the drawing of a shape leaves open.
void dress(job::Job& job, const tables::Tables& tables, Chance& chance) {
    static const std::vector<std::string> kMetals = {"grey_cast_iron", "ductile_iron", "carbon_steel", "aluminium"};
    for (auto& part : job.arrangement.assembly.parts) {
        const bool holds = part.kind == arrangement::PartKind::Housing || part.kind == arrangement::PartKind::Hub;
        const auto& metal = chance.of(kMetals);
        if (holds && tables.materials.contains(metal)) part.material = metal;
        if (part.catalogue)
            part.catalogue->facts.clearanceGroup = chance.of(std::vector<std::string>{"CN", "C3", "C3", "C4"});
    }
    job.lubricant =
        chance.of(std::vector{catalog::Lubricant::Dry, catalog::Lubricant::LightOil, catalog::Lubricant::Grease});
}

/// Some of the shop's tools are lent out, and its presses are larger or smaller; now and then a shop has nothing yet.
std::shared_ptr<const catalog::Rack> someRack(const catalog::Rack& shop, Chance& chance) {
    constexpr double kBareShops = 0.05;
    if (chance.happens(kBareShops)) return std::make_shared<catalog::Rack>();
    auto out = std::make_shared<catalog::Rack>(shop);
    const double lent = chance.between(0, 0.6);
    std::erase_if(out->tools, [&](const catalog::Tool&) { return chance.happens(lent); });
    for (auto& press : out->presses) {
        press.capacity_N *= chance.between(0.5, 3);
        press.stroke_mm = std::round(press.stroke_mm * chance.between(0.8, 2));
    }
    return out;
}

void lookAtTheMachine(job::Job& job) {
    for (const auto check : job::kChecks)
        job.intake.checks[check] = job::Found::Fine;
    job.intake.complaint = "noise";
    job.intake.bothSides = true;
    job.intake.sideReason = "same hours";
    job.closing.cause = "water";
    job.closing.remedy = "new seal";
}

void completeKit(World& world, const plan::Plan& plan) {
    for (const auto& line : plan.strip.kit)
        world.job.strip.onTheBench.insert(line.id);
}

constexpr double kClear_mm = 0.5; // on the radius, of what passes a tool
constexpr double kHead_mm = 20, kWideOpen_mm = 60;
constexpr double kSpare_mm = 15; // that a tool is longer than it must be

catalog::Tool sleeveFor(const tooling::Task& task, Chance& chance) {
    catalog::Tool out;
    const auto& face = task.face;
    out.kind = catalog::ToolKind::Sleeve;
    out.name = "sleeve";
    const double off = std::min(kClear_mm, face.width_mm() / 4); // of either edge of the face, on the radius
    out.boreDia_mm = face.innerDia_mm + 2 * off;
    out.outsideDia_mm = face.outerDia_mm - 2 * off;
    if (task.inBore) out.outsideDia_mm = std::min(out.outsideDia_mm, task.seatDia_mm - kClear_mm);
    if (out.boreDia_mm > kWideOpen_mm) { // closed at its upper end, or the ram goes down inside
        out.headDia_mm = out.outsideDia_mm;
        out.headThick_mm = kHead_mm;
    }
    double rim = task.moving[task.pushed].top(); // what stands round it is passed as well
    for (const auto& body : task.still)
        rim = std::max(rim, body.top());
    out.length_mm =
        std::ceil(task.travel_mm + rim - task.moving[task.pushed].top() + chance.between(1, 3) + out.headThick_mm);
    return out;
}

/// A ring under what stays, close round what comes through, or so wide that it carries the whole.
catalog::Tool supportFor(const tooling::Task& task, bool wide) {
    const double carried = task.still[task.holder].bottom();
    double passes = task.passDia_mm(), outside = 0, lowest = carried, ground = lowest;
    for (const auto& body : task.still) {
        outside = std::max(outside, body.outsideDia());
        ground = std::min(ground, body.bottom());
        if (wide || body.bottom() > carried - 0.01) continue;
        passes = std::max(passes, body.outsideDia()); // it hangs in the ring
        lowest = std::min(lowest, body.bottom());
    }
    for (const auto& body : task.moving) {
        lowest = std::min(lowest, body.bottom() - task.travel_mm);
        if (wide && body.bottom() - task.travel_mm < ground) passes = std::max(passes, body.outsideDia());
    }
    catalog::Tool out;
    out.kind = catalog::ToolKind::Support;
    out.name = "support ring";
    out.boreDia_mm = passes + 2 * kClear_mm;
    out.outsideDia_mm = std::max(out.boreDia_mm + 30, wide ? outside : 0);
    out.length_mm = std::ceil(std::max(0.0, (wide ? ground : carried) - lowest) + kSpare_mm);
    return out;
}

/// The sleeve and the supports that a step wants, as a shop would turn them for it.
void addTools(catalog::Rack& rack, const plan::StepPlan& step, Chance& chance) {
    for (const auto& task : step.step.tasks)
        for (auto tool : {sleeveFor(task, chance), supportFor(task, false), supportFor(task, true)}) {
            tool.id = "W" + std::to_string(rack.tools.size());
            if (catalog::checkTool(tool)) rack.tools.push_back(tool);
        }
}

} // namespace

World soundWorld(const std::vector<arrangement::Arrangement>& shapes, Program& program, Chance& chance) {
    World world;
    world.rack = someRack(program.shopRack(), chance);
    const auto& shape = chance.of(shapes);
    world.shape = shape.shape;
    world.job = madeUpJob(shape, program.tables(), chance);
    dress(world.job, program.tables(), chance);
    if (!world.rack->presses.empty()) world.job.press = world.rack->presses.front().id;
    lookAtTheMachine(world.job);
    const auto plan = program.plan(world);
    completeKit(world, plan);
    if (!plan.fits) return world;
    makeSurfaces(world, *plan.fits, chance);
    makeSpacers(world, *plan.fits, chance);
    auto rack = std::make_shared<catalog::Rack>(*world.rack);
    for (const auto& step : plan.steps)
        addTools(*rack, step, chance);
    world.rack = std::move(rack);
    return world;
}

std::optional<RealRing> soundRing(const World& world, const plan::Plan& plan, const plan::StepPlan& step,
                                  Chance& chance) {
    if (!step.step.seat || !step.press) return std::nullopt;
    const auto& seat = plan.fits->seats[*step.step.seat];
    if (!seat.fit) return std::nullopt;
    const auto& in = *seat.input;
    const auto size = [&](bool hole) {
        const auto real = world.surfaces.find({seat.key, hole});
        if (real != world.surfaces.end()) return real->second.form.dia_mm - seat.dia_mm;
        const auto& limits = *(hole ? seat.hole : seat.shaft).size_mm;
        return limits.lower + limits.width() * chance.between(kKeepOff, 1 - kKeepOff);
    };
    const double interference = size(false) - size(true);
    RealRing out;
    out.seat = realSeatOf(in);
    auto& s = out.seat;
    s.interference_mm = std::max(0.0, interference - 0.8 * (in.outer.surface.rz_mm + in.inner.surface.rz_mm));
    s.friction = in.friction.lower + in.friction.width() * chance.between(0.2, 0.8);
    double before_N = 0;
    for (const auto& point : step.press->expected.points) {
        if (point.force_N.likely < before_N) return std::nullopt; // two seats, one after the other: not simulated
        before_N = point.force_N.likely;
        if (!(point.force_N.most > 0)) out.free_mm = point.travel_mm;
    }
    s.travel_mm = step.press->expected.homeTravel_mm - out.free_mm;
    s.chamfer_mm = 1;
    return out;
}

void workToTheEnd(World& world, Program& program, Chance& chance) {
    auto& strip = world.job.strip;
    const auto first = program.plan(world, {{}, {}, true, {}});
    for (const bool together : {false, true})
        for (const auto& line : words::workLines(first.strip, together))
            (together ? strip.fitted : strip.out).insert(line.key);
    for (const auto& part : first.strip.assembly.parts)
        strip.wayRoundSeen.insert(part.id);
    for (const auto& step : first.steps) {
        if (step.step.out) continue;
        const auto ring = soundRing(world, first, step, chance);
        world.rings[step.step.id] = ring.value_or(RealRing{});
        const bool told = world.job.means == job::Means::Press; // a wrench leaves no trace
        if (ring && told && step.press->force_N.likely > 0) pressIn(world, step, chance);
        if (step.ring) readRing(world, step, chance);
    }
    if (!first.adjust) return;
    const auto& band = first.adjust->target_mm;
    world.play_mm = band.lower + band.width() * chance.between(0.35, 0.65);
    if (first.adjust->onSpacer()) world.job.adjust.foundWith_mm = first.adjust->pair.spacerLength_mm;
    readPlay(world, chance);
}

} // namespace arbor::mistakes
