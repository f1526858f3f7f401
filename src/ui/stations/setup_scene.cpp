#include "ui/stations/setup_scene.h"

#include "ui/stations/slips.h"
#include "words/sentences.h"

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

void callTool(BenchScene& scene, const Body& b, const JobSession& s, Tone tone) {
    const auto* tool = s.library().rack.tool(b.id);
    if (tool) scene.callouts.push_back({inside(b, 1, 0.6), q(tool->id), q(words::toolSizes(*tool, s.display())), tone});
}

void callBalls(BenchScene& scene, const tooling::Setup& setup, const JobSession& s) {
    const auto balls = setup.find(BodyKind::RollingElements);
    if (!balls || !scene.path) return;
    const auto& body = setup.bodies[*balls];
    const bool hit = std::any_of(scene.path->mustNotCarry.begin(), scene.path->mustNotCarry.end(),
                                 [&](std::size_t b) { return setup.bodies[b].kind == BodyKind::RollingElements; });
    const QPointF at(s.plan().arrangement->bearing.pitchDia_mm() / 2, (body.bottom() + body.top()) / 2);
    if (hit)
        scene.callouts.push_back(
            {at, QObject::tr("%1 on the balls").arg(q(s.display().force(s.plan().load->greatest_N()).text())),
             QObject::tr("carry %1").arg(q(s.display().force(s.plan().rating.axial_N).text())), Tone::Stop});
    else if (scene.path->proven())
        scene.callouts.push_back({at, QObject::tr("Balls: no load"), QObject::tr("path stays outside"), Tone::Proven});
}

void callHousing(BenchScene& scene, const tooling::Setup& setup, const JobSession& s) {
    const auto& h = s.plan().arrangement->housing;
    const double face = setup.housingFaceZ_mm;
    const auto d = s.display();
    if (h.groove)
        scene.callouts.push_back(
            {{-h.groove->dia_mm / 2, face - h.groove->lowerEdgeDepth_mm + h.groove->width_mm / 2},
             QObject::tr("Ring groove"),
             QObject::tr("lower edge %1 down").arg(q(d.size(h.groove->lowerEdgeDepth_mm).number))});
    const auto engaged = arrangement::engagedLength(*s.plan().arrangement, setup.travel_mm);
    scene.callouts.push_back({{-h.seatDia_mm / 2, face - h.seatDepth_mm + 3},
                              QObject::tr("Seat Ø%1").arg(q(s.job().housing.seat.typed)),
                              QObject::tr("%1 engaged").arg(q(d.size(std::round(engaged * 10) / 10).text()))});
    if (const auto cap = setup.find(BodyKind::KeepClear))
        scene.callouts.push_back(
            {{-setup.bodies[*cap].outsideDia() / 3, setup.bodies[*cap].bottom() + setup.bodies[*cap].height() / 2},
             q(setup.bodies[*cap].id),
             QObject::tr("must stay clear")});
    if (const auto encoder = setup.find(BodyKind::Encoder))
        scene.callouts.push_back(
            {inside(setup.bodies[*encoder], -1, 0.5), QObject::tr("Encoder side"),
             s.job().bearing.encoder == catalog::Side::Down ? QObject::tr("down") : QObject::tr("up")});
}

} // namespace

BenchScene setupScene(const JobSession& session, double share) {
    BenchScene scene;
    const auto& plan = session.plan();
    if (plan.problem) scene.emptyText = q(words::say(*plan.problem));
    if (!plan.tools || !plan.tools->choice) {
        if (scene.emptyText.isEmpty()) scene.emptyText = QObject::tr("Nothing on the rack makes a setup for this job.");
        return scene;
    }
    const auto& a = *plan.arrangement;
    const auto setup = tooling::buildSetup(a, *plan.tools->choice, share * a.homeTravel_mm());
    scene.bodies = setup.bodies;
    scene.path = force::findPath(setup.bodies, setup.moves, setup.ram, setup.bed);
    const bool stop = worst(plan.tools->proof.findings) == Severity::Stop;
    for (const auto& body : setup.bodies) {
        if (body.kind == BodyKind::Driver)
            callTool(scene, body, session, stop ? Tone::Stop : Tone::Plain);
        else if (body.kind == BodyKind::Support || body.kind == BodyKind::Spacer)
            callTool(scene, body, session, Tone::Plain);
    }
    callBalls(scene, setup, session);
    callHousing(scene, setup, session);
    return scene;
}

} // namespace arbor::ui
