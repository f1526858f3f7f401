#include "core/tooling/turned.h"

#include "core/tooling/rules.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::tooling {

namespace {

constexpr double kTurnedOffSeal_mm = 0.6; // on the diameter: 0.3 mm clear of seal or cage all round
constexpr double kOffBore_mm = 0.4;       // on the diameter: clear of the bore it follows the ring into
constexpr double kLeastFace_mm = 0.5;     // narrower than the front face of any cup; less marks the ring
constexpr double kOutOfBore_mm = 10;      // of the tube left above the housing when the ring is home
constexpr double kLeastLength_mm = 25;
constexpr double kYield_MPa = 355; // plain carbon steel, as turned

// Round bar as it is sold [mm].
constexpr double kBars[] = {20,  22,  25,  28,  30,  32,  35,  38,  40,  42,  45,  48,  50,  55,  60,  65,  70,
                            75,  80,  85,  90,  95,  100, 105, 110, 115, 120, 125, 130, 140, 150, 160, 170, 180,
                            190, 200, 210, 220, 230, 240, 250, 260, 280, 300, 320, 350, 380, 400, 450, 500};

double downToTenth(double mm) {
    return std::floor(mm * 10 + 1e-9) / 10;
}
double upToTenth(double mm) {
    return std::ceil(mm * 10 - 1e-9) / 10;
}

Result<void> check(const TurnOverrides& w) {
    for (const auto& [field, value] : {std::pair{"outside_mm", w.outsideDia_mm},
                                       {"bore_mm", w.boreDia_mm},
                                       {"length_mm", w.length_mm},
                                       {"relief_mm", w.relief_mm},
                                       {"pilot_dia_mm", w.pilotDia_mm},
                                       {"pilot_mm", w.pilotLength_mm}})
        if (value && !(*value > 0 && *value <= 3000))
            return refuse(ProblemCode::NotPositive, field, plain(*value), wanted("over 0, up to 3000 mm"));
    if (w.pilotDia_mm.has_value() != w.pilotLength_mm.has_value())
        return refuse(ProblemCode::Missing, w.pilotDia_mm ? "pilot_mm" : "pilot_dia_mm", {},
                      wanted("both sizes of the pilot, or none"));
    if (w.pilotDia_mm && w.boreDia_mm)
        return refuse(ProblemCode::GeometryOrder, "bore_mm", plain(*w.boreDia_mm),
                      wanted("no bore where there is a pilot"));
    return {};
}

/// The face from a little off the seal, the cage or the shaft inside it, to its edge or a little off what is outside.
double boreFor(const Task& task) {
    const double edge = task.face.innerDia_mm;
    if (!task.inBore) return upToTenth(std::max(edge, task.seatDia_mm + kOffBore_mm));
    return task.keepOff == KeepOff::Inside ? upToTenth(edge + kTurnedOffSeal_mm) : downToTenth(edge);
}

double outsideFor(const Task& task) {
    const double edge = task.face.outerDia_mm;
    if (!task.inBore) return downToTenth(task.keepOff == KeepOff::Outside ? edge - kTurnedOffSeal_mm : edge);
    return downToTenth(std::min(edge, task.seatDia_mm - kOffBore_mm));
}

/// How deep below the highest of what stays the pushed face ends.
double endsBelow(const Task& task) {
    double top = -INFINITY;
    for (const auto& body : task.still)
        top = std::max(top, body.top());
    return std::max(0.0, top - (task.moving[task.pushed].top() - task.travel_mm));
}

/// Length and head; with a relief only so deep is it bored, and the rest stays solid.
Result<void> setLengths(catalog::Tool& tool, const Task& task, const TurnOverrides& w) {
    tool.headThick_mm = std::ceil(std::clamp(0.15 * tool.outsideDia_mm, 8.0, 25.0));
    tool.headDia_mm = std::ceil(tool.outsideDia_mm + 2);
    const double pilot = w.pilotLength_mm.value_or(0);
    tool.length_mm = w.length_mm.value_or(
        std::ceil(std::max(kLeastLength_mm, endsBelow(task) + kOutOfBore_mm) + tool.headThick_mm + pilot));
    if (w.relief_mm) {
        if (!(*w.relief_mm < tool.length_mm))
            return refuse(ProblemCode::GeometryOrder, "relief_mm", plain(*w.relief_mm),
                          wanted("under the length {1} mm", plain(tool.length_mm)));
        tool.headThick_mm = tool.length_mm - *w.relief_mm;
        tool.headDia_mm = tool.outsideDia_mm;
    }
    if (w.pilotDia_mm) {
        tool.kind = catalog::ToolKind::Adapter;
        tool.pilotDia_mm = *w.pilotDia_mm;
        tool.pilotLength_mm = pilot;
    }
    return {};
}

double barFor(double dia_mm) {
    const auto* bar = std::lower_bound(std::begin(kBars), std::end(kBars), dia_mm);
    return bar == std::end(kBars) ? std::ceil(dia_mm / 50) * 50 : *bar;
}

} // namespace

Result<TurnedSleeve> designSleeve(const Task& task, const LoadCase& load, const DriverEnd& end, const std::string& name,
                                  const TurnOverrides& w) {
    if (auto ok = check(w); !ok) return tl::unexpected(ok.error());
    TurnedSleeve out;
    auto& tool = out.tool;
    tool.id = "T-" + name;
    tool.name = "turned for " + name;
    tool.outsideDia_mm = w.outsideDia_mm.value_or(outsideFor(task));
    const bool solid = task.bareRam || w.pilotDia_mm;
    tool.boreDia_mm = w.boreDia_mm.value_or(solid ? 0 : boreFor(task));
    const double face = (tool.outsideDia_mm - std::max(tool.boreDia_mm, task.face.innerDia_mm)) / 2;
    if (face < kLeastFace_mm && !w.boreDia_mm && !w.outsideDia_mm)
        return refuse(ProblemCode::NotDefined, "face", plain(std::max(0.0, face)),
                      wanted("a free face at least {1} mm wide", plain(kLeastFace_mm)));
    if (!(tool.boreDia_mm < tool.outsideDia_mm))
        return refuse(ProblemCode::GeometryOrder, "bore_mm", plain(tool.boreDia_mm),
                      wanted("under the outside {1} mm", plain(tool.outsideDia_mm)));
    if (auto ok = setLengths(tool, task, w); !ok) return tl::unexpected(ok.error());
    tool.place = "to be turned";
    if (auto ok = catalog::checkTool(tool); !ok) return tl::unexpected(ok.error());
    out.outside_mm = {-0.05, 0};
    out.bore_mm = {0, 0.1};
    out.length_mm = {-0.1, 0.1};
    out.square_mm = 0.02;
    out.chamfer_mm = std::clamp(face / 4, 0.1, 0.3);
    out.barDia_mm = barFor(std::max(tool.headDia_mm, tool.outsideDia_mm) + 2);
    out.barLength_mm = std::ceil(tool.length_mm) + 5;
    if (load.known)
        out.wallNeeded_mm = load.greatest_N() / (kYield_MPa / kSafety * std::numbers::pi * (tool.outsideDia_mm - face));
    out.check = DriverBench(task, load, end).check(&tool);
    return out;
}

} // namespace arbor::tooling
