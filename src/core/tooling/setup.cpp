#include "core/tooling/setup.h"

#include "core/section/motion.h"

#include <algorithm>
#include <cmath>

namespace arbor::tooling {

namespace {

using section::Body;
using section::BodyKind;
using section::Slice;

constexpr double kAbove_mm = 5000; // above any stack, to lower things from
constexpr double kBedWide_mm = 60; // shown beside the gap
constexpr double kBedRim_mm = 5;
constexpr double kBedThick_mm = 14;
constexpr double kRamShown_mm = 22;
constexpr double kBoltSlack_mm = 0.5; // on the radius, in washers and nuts as drawn

/// @param widest_mm  of all that lies on it: a bed is not narrower than what a shop puts there
Body bedBody(const SetupChoice& choice, double widest_mm) {
    if (!choice.press) {
        const auto& bolt = *choice.bolt;
        return {"lower nut",
                BodyKind::Bed,
                section::Hatch::Steel,
                {Slice::tube(-bolt.edge_mm, 0, bolt.threadDia_mm() / 2 + kBoltSlack_mm, bolt.outsideDia_mm / 2)}};
    }
    const double gap = choice.press->bedOpening_mm / 2;
    const double wide = std::max(kBedWide_mm + gap, widest_mm / 2 + kBedRim_mm);
    return {"bed", BodyKind::Bed, section::Hatch::Steel, {Slice::tube(-kBedThick_mm, 0, gap, wide)}};
}

Body ramBody(const SetupChoice& choice) {
    if (choice.press)
        return {"ram",
                BodyKind::Ram,
                section::Hatch::Steel,
                {Slice::tube(0, kRamShown_mm, 0, choice.press->ramFootDia_mm / 2)}};
    const double shank = choice.bolt->threadDia_mm() / 2 + kBoltSlack_mm;
    if (choice.ram)
        return {"hollow ram",
                BodyKind::Ram,
                section::Hatch::Steel,
                {Slice::tube(0, choice.ram->length_mm, std::max(shank, choice.ram->boreDia_mm / 2),
                             choice.ram->outsideDia_mm / 2)}};
    return {"upper nut",
            BodyKind::Ram,
            section::Hatch::Steel,
            {Slice::tube(0, choice.bolt->edge_mm, shank, choice.bolt->outsideDia_mm / 2)}};
}

/// Lowers a group that keeps together until one of it rests on `below`.
/// @return how far up it was shifted in the end
double restGroupOn(std::vector<Body>& group, const std::vector<Body>& below) {
    section::moveBy(group, kAbove_mm);
    double travel = kAbove_mm;
    for (const auto& body : group)
        for (const auto& other : below)
            if (const auto meeting = section::firstMeeting(body, other)) travel = std::min(travel, meeting->travel_mm);
    section::moveBy(group, -travel);
    return kAbove_mm - travel;
}

void lowerOnto(Setup& setup, Body body, bool moves) {
    body.z_mm = kAbove_mm;
    section::restOn(body, setup.bodies);
    setup.bodies.push_back(std::move(body));
    setup.moves.push_back(moves);
}

void append(Setup& setup, std::vector<Body> bodies, bool moves) {
    for (auto& body : bodies) {
        setup.bodies.push_back(std::move(body));
        setup.moves.push_back(moves);
    }
}

/// A support as it stands: sleeves with their open end up.
Body supportBody(const catalog::Tool& tool, double opening_mm) {
    auto body = catalog::toolBody(tool, opening_mm);
    body.kind = BodyKind::Support;
    body.runningClearance_mm = 0;
    if (!catalog::isDriver(tool.kind)) return body;
    body = section::onItsHead(body);
    body.z_mm -= body.bottom();
    return body;
}

void appendDrive(Setup& setup, const SetupChoice& choice) {
    lowerOnto(setup, ramBody(choice), true);
    setup.ram = setup.bodies.size() - 1;
    if (choice.press) return;
    const double top = setup.bodies.back().top(), rad = choice.bolt->threadDia_mm() / 2;
    append(setup,
           {{"draw bolt",
             BodyKind::Ram,
             section::Hatch::Steel,
             {Slice::tube(-choice.bolt->edge_mm - rad, top + rad, 0, rad)}}},
           true);
}

} // namespace

std::size_t SetupChoice::pieces() const {
    return spacers.size() + (driver != nullptr) + (support != nullptr) + (plate != nullptr) + (separator != nullptr);
}

std::optional<std::size_t> Setup::find(BodyKind kind) const {
    for (std::size_t i = 0; i < bodies.size(); ++i)
        if (bodies[i].kind == kind) return i;
    return std::nullopt;
}

Setup standWork(const Task& plainTask, const SetupChoice& choice, double travel_mm) {
    auto parted =
        choice.separator ? withSeparator(plainTask, supportBody(*choice.separator, choice.opening_mm)) : std::nullopt;
    const Task& task = parted ? *parted : plainTask;
    Setup setup;
    setup.travel_mm = travel_mm;
    double widest = 0;
    for (const auto* piece : {choice.support, choice.plate})
        if (piece) widest = std::max({widest, piece->outsideDia_mm, piece->headDia_mm});
    for (const auto& body : task.still)
        widest = std::max(widest, body.outsideDia());
    append(setup, {bedBody(choice, widest)}, false);
    setup.bed = 0;
    if (choice.plate) append(setup, {catalog::toolBody(*choice.plate)}, false);
    if (choice.support) {
        auto body = supportBody(*choice.support, choice.opening_mm);
        body.z_mm += choice.plate ? choice.plate->length_mm : 0;
        append(setup, {std::move(body)}, false);
    }
    auto still = task.still;
    setup.lift_mm = restGroupOn(still, setup.bodies);
    setup.holder = setup.bodies.size() + task.holder;
    append(setup, std::move(still), false);
    auto moving = task.atTravel(travel_mm - setup.lift_mm);
    setup.pushed = setup.bodies.size() + task.pushed;
    append(setup, std::move(moving), true);
    return setup;
}

Setup buildSetup(const Task& task, const SetupChoice& choice, double travel_mm) {
    auto setup = standWork(task, choice, travel_mm);
    if (choice.driver) {
        lowerOnto(setup, catalog::toolBody(*choice.driver), true);
        setup.bodies.back().kind = BodyKind::Driver;
        setup.driverZ_mm = setup.bodies.back().bottom();
    }
    for (const auto* spacer : choice.spacers)
        lowerOnto(setup, catalog::toolBody(*spacer), true);
    appendDrive(setup, choice);
    return setup;
}

} // namespace arbor::tooling
