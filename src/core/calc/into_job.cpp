#include "core/calc/into_job.h"

#include "core/calc/library_of_calculations.h"
#include "core/plan/plan.h"

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
const catalog::Bearing* bearingOf(double dia, bool byBore, const plan::Library& lib) {
    const catalog::Bearing* found = nullptr;
    for (const auto& b : lib.bearings) {
        if (std::abs((byBore ? b.boreDia_mm : b.outsideDia_mm) - dia) > 1e-6) continue;
        if (!catalog::knowledge(b.type).clearanceMade) continue;
        const bool everyday = b.type == catalog::BearingType::DeepGrooveBall;
        if (!found || (everyday && found->type != catalog::BearingType::DeepGrooveBall)) found = &b;
    }
    return found;
}

job::SizeSpec specOf(double dia, const standards::ToleranceClass& toleranceClass) {
    return {plain(dia) + " " + toleranceClass.text(), dia, toleranceClass, {}};
}

/// A housing that takes the bearing flush, with a shoulder and a wall half as thick as the bore is wide.
job::HousingPart housingFor(const catalog::Bearing& b, const standards::ToleranceClass& toleranceClass) {
    job::HousingPart h;
    h.material = "grey_cast_iron";
    h.seat = specOf(b.outsideDia_mm, toleranceClass);
    h.outsideDia_mm = std::ceil(1.5 * b.outsideDia_mm);
    h.seatDepth_mm = b.outerWidth_mm;
    h.height_mm = std::ceil(b.outerWidth_mm + 0.2 * b.outsideDia_mm);
    h.shoulderBoreDia_mm = b.outerRacewayDia_mm();
    h.entryChamfer_mm = std::min(1.0, b.outerWidth_mm / 10);
    return h;
}

} // namespace

bool canBecomeJob(const Calculation& c) {
    return sizeField(c) != nullptr && c.name != "wedging";
}

Result<job::Job> jobFrom(const Calculation& c, const Values& in, const plan::Library& lib, const std::string& press) {
    if (!canBecomeJob(c)) return refuse(ProblemCode::NotDefined, c.name, {}, "a calculation about a seat");
    const auto* field = sizeField(c);
    const double dia = number(in, field);
    const auto toleranceClass = classOf(in);
    const bool onShaft = toleranceClass && !toleranceClass->isHole();
    const auto* bearing = bearingOf(dia, onShaft, lib);
    if (!bearing && !toleranceClass) bearing = bearingOf(dia, true, lib);
    if (!bearing)
        return refuse(ProblemCode::UnknownName, field, plain(dia),
                      onShaft ? "the bore of a bearing of the catalogue" : "the outside of a bearing of the catalogue");
    job::Job job;
    job.title = c.title + ", " + plain(dia) + " mm";
    job.bearing.designation = bearing->designation;
    const auto hole =
        toleranceClass && !onShaft ? *toleranceClass : standards::parseToleranceClass(kHousingClass).value();
    job.housing = housingFor(*bearing, hole);
    if (onShaft || bearing->boreDia_mm == dia)
        job.shaft = job::ShaftPart{
            "carbon_steel", specOf(bearing->boreDia_mm,
                                   onShaft ? *toleranceClass : standards::parseToleranceClass(kShaftClass).value())};
    job.press = press;
    return job;
}

} // namespace arbor::calc
