#include "ui/tooling/setup_scene.h"

#include "ui/text.h"
#include "words/order_words.h"
#include "words/sentences.h"
#include "words/shipped_names.h"
#include "words/tooling_words.h"

#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using section::Body;
using section::BodyKind;

/// A point inside the wall of a body, on the wanted half.
QPointF inside(const Body& b, int side, double heightShare) {
    const auto& s = b.slices.front(); // a head closes the upper end; the wall is below
    return {side * (s.innerBottom + s.outerBottom) / 2, b.bottom() + b.height() * heightShare};
}

void callTool(BenchScene& scene, const Body& b, const catalog::Rack& rack, const words::Display& d, Tone tone) {
    const auto* tool = rack.tool(b.id);
    if (tool) scene.callouts.push_back({inside(b, 1, 0.6), q(tool->id), q(words::sizesOf(*tool, d)), tone});
}

/// What the rolling elements get of it.
void callElements(BenchScene& scene, const tooling::Setup& setup, const tooling::LoadCase& load,
                  const words::Display& d) {
    const auto elements = setup.find(BodyKind::RollingElements);
    if (!elements || !scene.path) return;
    const auto& body = setup.bodies[*elements];
    const bool hit = std::any_of(scene.path->mustNotCarry.begin(), scene.path->mustNotCarry.end(),
                                 [&](std::size_t b) { return setup.bodies[b].kind == BodyKind::RollingElements; });
    const auto& s = body.slices[body.slices.size() / 2];
    const QPointF at((s.innerBottom + s.outerBottom) / 2, (body.bottom() + body.top()) / 2);
    if (hit)
        scene.callouts.push_back({at, QObject::tr("Rolling elements"),
                                  QObject::tr("%1, rated %2")
                                      .arg(q(d.force(load.greatest_N()).text()), q(d.force(load.staticAxial_N).text())),
                                  Tone::Stop});
    else if (scene.path->proven())
        scene.callouts.push_back(
            {at, QObject::tr("Rolling elements"), QObject::tr("no load, path stays clear"), Tone::Proven});
}

/// What is pushed; what is carried stands on the slip.
void callPushed(BenchScene& scene, const tooling::Setup& setup, const tooling::Task& task, const words::Display& d) {
    const auto& pushed = setup.bodies[setup.pushed];
    scene.callouts.push_back({inside(pushed, -1, 0.7), q(words::capital(words::subjectWord(task.faceName))),
                              QObject::tr("%1 to go").arg(q(d.size(task.travel_mm - setup.travel_mm).text()))});
}

/// What no tool may touch, and the side that must face a certain way.
void callWhatHangs(BenchScene& scene, const tooling::Setup& setup) {
    if (const auto cap = setup.find(BodyKind::KeepClear)) {
        const auto& body = setup.bodies[*cap];
        scene.callouts.push_back({{-body.outsideDia() / 3, body.bottom() + body.height() / 2},
                                  q(words::capital(words::subjectWord(body.id))),
                                  QObject::tr("must stay clear")});
    }
    if (const auto encoder = setup.find(BodyKind::Encoder))
        scene.callouts.push_back(
            {inside(setup.bodies[*encoder], -1, 0.5), QObject::tr("Encoder side"), QObject::tr("is not pushed")});
}

/// The groove that must show whole when the ring is home.
void callGroove(BenchScene& scene, const tooling::Setup& setup, const tooling::Task& task, const plan::StepPlan& step,
                const words::Display& d) {
    const auto depth = step.ring && !task.partnerMoves ? step.ring->input.grooveLowerEdgeDepth_mm : std::nullopt;
    if (!depth) return;
    scene.callouts.push_back({{-task.seatDia_mm / 2, setup.bodies[setup.holder].top() - *depth},
                              QObject::tr("Ring groove"),
                              QObject::tr("lower edge %1 down").arg(q(d.size(*depth).number))});
}

BenchScene sceneOf(const JobSession& session, const tooling::Task& task, const tooling::ToolPlan& tools,
                   const plan::StepPlan& step, const catalog::Rack& rack, double share) {
    BenchScene scene;
    const auto d = session.display();
    const auto setup = tooling::buildSetup(task, *tools.choice, share * task.travel_mm);
    scene.bodies = setup.bodies;
    scene.path = force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
    const bool stop = !tools.proof.holds();
    for (const auto& body : setup.bodies) {
        if (body.kind == BodyKind::Driver)
            callTool(scene, body, rack, d, stop ? Tone::Stop : Tone::Plain);
        else if (body.kind == BodyKind::Support || body.kind == BodyKind::Spacer)
            callTool(scene, body, rack, d, Tone::Plain);
    }
    callElements(scene, setup, step.step.load, d);
    callPushed(scene, setup, task, d);
    callWhatHangs(scene, setup);
    callGroove(scene, setup, task, step, d);
    return scene;
}

} // namespace

BenchScene setupScene(const JobSession& session, double share) {
    BenchScene scene;
    const auto& plan = session.plan();
    if (plan.problem()) scene.emptyText = q(words::say(*plan.problem()));
    const auto* step = session.step();
    if (step && step->way() && !step->way()->turned && (step->way()->byHand() || step->setup()->choice))
        return wayScene(session, *step, *step->way(), share);
    if (scene.emptyText.isEmpty()) scene.emptyText = QObject::tr("Nothing on the rack makes a setup for this step.");
    return scene;
}

BenchScene wayScene(const JobSession& session, const plan::StepPlan& plan, const plan::StepSetup& way, double share) {
    const auto& step = plan.step;
    const auto& rack = way.with ? *way.with : session.tables().rack;
    if (way.pressed && way.pressed->choice)
        return sceneOf(session, step.tasks[way.task], *way.pressed, plan, rack, share);
    BenchScene scene;
    if (step.tasks.empty()) {
        scene.emptyText = way.byHand() ? q(words::capital(words::wayName(way))) + "."
                                       : QObject::tr("Nothing on the rack makes a setup for this step.");
        return scene;
    }
    const auto& task = step.tasks.front();
    scene.bodies = task.still;
    scene.bodies.insert(scene.bodies.end(), task.moving.begin(), task.moving.end());
    const auto& ring = task.partnerMoves ? task.still[task.holder] : task.moving[task.pushed];
    const auto& partner = task.partnerMoves ? task.moving[task.pushed] : task.still[task.holder];
    scene.callouts.push_back({inside(ring, 1, 0.5), q(words::shippedName(step.label)),
                              step.out ? QObject::tr("comes out") : QObject::tr("goes in"), Tone::Plan});
    scene.callouts.push_back(
        {inside(partner, -1, 0.5), q(words::shippedName(step.partnerLabel)), QObject::tr("stays")});
    return scene;
}

} // namespace arbor::ui
