#include "core/tooling/setup.h"

#include "core/section/motion.h"

#include <algorithm>
#include <cmath>

namespace arbor::tooling {

namespace {

using section::Body;
using section::BodyKind;

constexpr double kHigh_mm = 5000;  // above any stack, to lower things from
constexpr double kBedWide_mm = 60; // shown beside the gap
constexpr double kBedThick_mm = 14;
constexpr double kRamShown_mm = 22;

Body bedBody(const catalog::Press& press) {
    return {"bed",
            BodyKind::Bed,
            section::Hatch::Steel,
            {section::Slice::tube(-kBedThick_mm, 0, press.bedOpening_mm / 2, kBedWide_mm + press.bedOpening_mm / 2)}};
}

Body ramBody(double footDia_mm) {
    return {"ram", BodyKind::Ram, section::Hatch::Steel, {section::Slice::tube(0, kRamShown_mm, 0, footDia_mm / 2)}};
}

/// Lowers a group that keeps together until one of it rests on `below`.
void restGroupOn(std::vector<Body>& group, const std::vector<Body>& below) {
    section::moveBy(group, kHigh_mm);
    double travel = kHigh_mm;
    for (const auto& body : group)
        for (const auto& other : below)
            if (const auto meeting = section::firstMeeting(body, other)) travel = std::min(travel, meeting->travel_mm);
    section::moveBy(group, -travel);
}

void lowerOnto(Setup& setup, Body body, bool moves) {
    body.z_mm = kHigh_mm;
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

} // namespace

std::optional<std::size_t> Setup::find(BodyKind kind) const {
    for (std::size_t i = 0; i < bodies.size(); ++i)
        if (bodies[i].kind == kind) return i;
    return std::nullopt;
}

Setup buildSetup(const arrangement::HousedBearing& a, const SetupChoice& choice, double travel_mm) {
    Setup setup;
    setup.travel_mm = travel_mm;
    append(setup, {bedBody(*choice.press)}, false);
    setup.bed = 0;
    if (choice.support) append(setup, {catalog::toolBody(*choice.support)}, false);
    auto housing = arrangement::housingBodies(a.housing);
    restGroupOn(housing, setup.bodies);
    setup.housingFaceZ_mm = housing.front().top();
    append(setup, std::move(housing), false);
    append(setup, arrangement::bearingInHousing(a, setup.housingFaceZ_mm, travel_mm), true);
    if (choice.driver) {
        lowerOnto(setup, catalog::toolBody(*choice.driver), true);
        setup.bodies.back().kind = BodyKind::Driver;
        setup.driverZ_mm = setup.bodies.back().bottom();
    }
    for (const auto* spacer : choice.spacers)
        lowerOnto(setup, catalog::toolBody(*spacer), true);
    lowerOnto(setup, ramBody(choice.press->ramFootDia_mm), true);
    setup.ram = setup.bodies.size() - 1;
    return setup;
}

} // namespace arbor::tooling
