#include "core/route/kit.h"

#include <algorithm>
#include <numbers>

namespace arbor::route {

namespace {

using arrangement::FromCatalogue;
using arrangement::PartKind;
using std::numbers::pi;

constexpr double kGreaseDensity_g_per_mm3 = 0.9e-3; // mineral grease, practice value

std::optional<KitUse> useOf(PartKind kind) {
    switch (kind) {
    case PartKind::Bearing:
    case PartKind::Cup:
    case PartKind::Cone:
    case PartKind::RetainingRing:
    case PartKind::LockCollar:
    case PartKind::Seal:
    case PartKind::WearSleeve:
    case PartKind::Pin:
    case PartKind::Nut:
        return KitUse::New;
    case PartKind::Cap:
    case PartKind::Washer:
    case PartKind::Shield:
    case PartKind::Sensor:
        return KitUse::ReuseIfSound;
    default:
        return std::nullopt; // the work itself
    }
}

/// A frustum between two circles, as a solid of revolution about the axis.
double frustum(double height, double r0, double r1) {
    return pi * height / 3 * (r0 * r0 + r0 * r1 + r1 * r1);
}

double elementVolume(const catalog::Bearing& b) {
    const double d = b.elementDia_mm;
    return b.elementLength_mm > 0 ? pi / 4 * d * d * b.elementLength_mm : pi / 6 * d * d * d;
}

/// Which catalogue part brings the bearing's grease: the whole one, or the ring that carries the elements.
bool bringsGrease(const arrangement::Part& part) {
    if (!part.catalogue || part.catalogue->dress.seals == catalog::Side::Both) return false;
    for (const auto& body : part.bodies)
        if (body.kind == section::BodyKind::RollingElements) return true;
    return false;
}

} // namespace

double freeVolume_mm3(const catalog::Bearing& b) {
    double volume = pi / 4 * (b.outsideDia_mm * b.outsideDia_mm - b.boreDia_mm * b.boreDia_mm) * b.width_mm;
    for (const auto& body : catalog::bearingBodies(b, {})) {
        if (body.kind == section::BodyKind::RollingElements) continue;
        for (const auto& s : body.slices) {
            const double h = s.zTop - s.zBottom;
            volume -= frustum(h, s.outerBottom, s.outerTop) - frustum(h, s.innerBottom, s.innerTop);
        }
    }
    return volume - b.rows * b.elementCount * elementVolume(b);
}

std::vector<KitLine> toolsFor(const std::vector<Method>& methods) {
    std::vector<KitLine> out;
    for (const auto method : kMethods)
        if (method != Method::Press && std::find(methods.begin(), methods.end(), method) != methods.end())
            out.push_back({"method:" + std::string(name(method)), PartKind::Bearing, KitUse::Tool, method});
    return out;
}

std::string_view name(Method method) {
    switch (method) {
    case Method::Press:
        return "press";
    case Method::DrawBolt:
        return "draw_bolt";
    case Method::Separator:
        return "separator";
    case Method::Drift:
        return "drift";
    case Method::Collet:
        return "collet";
    case Method::HeatOff:
        return "heat";
    case Method::Split:
        return "split";
    }
    return "press";
}

std::vector<KitLine> kitOf(const arrangement::Assembly& assembly, const std::vector<catalog::Bearing>& catalogue) {
    std::vector<KitLine> out;
    double free_mm3 = 0;
    for (const auto& part : assembly.parts) {
        if (const auto use = useOf(part.kind)) out.push_back({part.id, part.kind, *use});
        if (!bringsGrease(part)) continue;
        if (const auto* bearing = arrangement::bearingOf(*part.catalogue, catalogue))
            free_mm3 += freeVolume_mm3(*bearing);
    }
    const double full_g = free_mm3 * kGreaseDensity_g_per_mm3;
    if (full_g > 0)
        out.push_back({"grease", PartKind::Bearing, KitUse::Grease, Method::Press, {full_g / 3, full_g / 2, full_g}});
    return out;
}

} // namespace arbor::route
