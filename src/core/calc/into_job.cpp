#include "core/calc/into_job.h"

#include "core/arrangement/blind_seat.h"
#include "core/calc/calculations.h"
#include "core/tables/tables.h"

#include <algorithm>
#include <cmath>

namespace arbor::calc {

namespace {

const std::string kHousingClass = "N7", kShaftClass = "k5";

/// The field that holds the diameter of the seat.
const char* sizeField(const Calculation& c) {
    for (const char* name : {"nominal_mm", "interface_mm", "od_mm", "diameter_mm"})
        if (std::any_of(c.inputs.begin(), c.inputs.end(), [&](const Field& f) { return f.name == name; })) return name;
    return nullptr;
}

std::optional<standards::ToleranceClass> classOf(const Values& in) {
    const auto at = in.find("tolerance_class");
    if (at == in.end()) return std::nullopt;
    const auto read = standards::parseToleranceClass(std::get<std::string>(at->second));
    return read ? std::optional(*read) : std::nullopt;
}

/// Deep groove ball bearings come first: the everyday choice for a size.
const catalog::Bearing* bearingOf(double dia, bool byBore, const tables::Tables& lib) {
    const catalog::Bearing* found = nullptr;
    for (const auto& b : lib.bearings) {
        if (std::abs((byBore ? b.boreDia_mm : b.outsideDia_mm) - dia) > 1e-6) continue;
        if (!catalog::knowledge(b.type).clearanceMade) continue;
        const bool everyday = b.type == catalog::BearingType::DeepGrooveBall;
        if (!found || (everyday && found->type != catalog::BearingType::DeepGrooveBall)) found = &b;
    }
    return found;
}

/// A housing that takes the bearing flush, with a shoulder and a wall half as thick as the bore is wide.
arrangement::BlindSeat housingFor(const catalog::Bearing& b) {
    arrangement::BlindSeat h;
    h.bearing.designation = b.designation;
    h.seatDia_mm = b.outsideDia_mm;
    h.outsideDia_mm = std::ceil(1.5 * b.outsideDia_mm);
    h.seatDepth_mm = b.outerWidth_mm;
    h.height_mm = std::ceil(b.outerWidth_mm + 0.2 * b.outsideDia_mm);
    h.shoulderBoreDia_mm = b.outerRacewayDia_mm();
    h.leadIn_mm = std::min(1.0, b.outerWidth_mm / 10);
    return h;
}

standards::SizeSpec specOf(const std::string& toleranceClass) {
    return standards::SizeSpec::ofClass(standards::parseToleranceClass(toleranceClass).value());
}

} // namespace

bool canBecomeJob(const Calculation& c) {
    return sizeField(c) != nullptr && c.name != "wedging";
}

Result<job::Job> jobFrom(const Calculation& c, const Values& in, const tables::Tables& lib, const std::string& press) {
    if (!canBecomeJob(c)) return refuse(ProblemCode::NotDefined, c.name, {}, wanted("a calculation about a seat"));
    const auto* field = sizeField(c);
    const double dia = number(in, field);
    const auto toleranceClass = classOf(in);
    const bool onShaft = toleranceClass && !toleranceClass->isHole();
    const auto* bearing = bearingOf(dia, onShaft, lib);
    if (!bearing && !toleranceClass) bearing = bearingOf(dia, true, lib);
    if (!bearing)
        return refuse(ProblemCode::UnknownName, field, plain(dia),
                      onShaft ? wanted("the bore of a bearing of the catalogue")
                              : wanted("the outside of a bearing of the catalogue"));
    auto sizes = housingFor(*bearing);
    const auto given = toleranceClass ? std::optional(standards::SizeSpec::ofClass(*toleranceClass)) : std::nullopt;
    sizes.hole.size = given && !onShaft ? *given : specOf(kHousingClass);
    if (onShaft || bearing->boreDia_mm == dia) {
        sizes.shaft = arrangement::Journal{"carbon_steel", bearing->boreDia_mm, 0, {}};
        sizes.shaft->side.size = onShaft ? *given : specOf(kShaftClass);
    }
    auto drawn = arrangement::blindSeat(sizes);
    if (!drawn) return tl::unexpected(drawn.error());
    job::Job job;
    job.title = c.title + ", " + plain(dia) + " mm";
    job.arrangement = {{}, job.title, std::move(*drawn)};
    job.press = press;
    return job;
}

} // namespace arbor::calc
