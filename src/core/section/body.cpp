#include "core/section/body.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace arbor::section {

namespace {

constexpr double kThin_mm = 1e-6;

/// What is left of the annulus a when b covers part of it.
void appendUncovered(std::vector<Face>& out, const Face& a, double coverInner, double coverOuter) {
    const double innerPieceEnd = std::min(a.outerRad_mm, coverInner);
    const double outerPieceStart = std::max(a.innerRad_mm, coverOuter);
    if (coverOuter <= a.innerRad_mm || coverInner >= a.outerRad_mm) {
        out.push_back(a);
        return;
    }
    if (innerPieceEnd - a.innerRad_mm > kThin_mm) out.push_back({a.z_mm, a.innerRad_mm, innerPieceEnd, a.facesUp});
    if (a.outerRad_mm - outerPieceStart > kThin_mm) out.push_back({a.z_mm, outerPieceStart, a.outerRad_mm, a.facesUp});
}

std::vector<Wall> straightStretches(const Body& body, double Slice::*bottom, double Slice::*top) {
    std::vector<Wall> walls;
    for (const auto& s : body.slices) {
        if (s.*bottom != s.*top) continue;
        const Wall wall{body.z_mm + s.zBottom, body.z_mm + s.zTop, s.*bottom};
        if (!walls.empty() && walls.back().rad_mm == wall.rad_mm && walls.back().zTop_mm == wall.zBottom_mm)
            walls.back().zTop_mm = wall.zTop_mm;
        else
            walls.push_back(wall);
    }
    return walls;
}

} // namespace

bool mayCarry(BodyKind kind) {
    return kind != BodyKind::RollingElements && kind != BodyKind::Seal && kind != BodyKind::Encoder &&
           kind != BodyKind::KeepClear;
}

bool isTool(BodyKind kind) {
    return kind == BodyKind::Ram || kind == BodyKind::Spacer || kind == BodyKind::Driver || kind == BodyKind::Support ||
           kind == BodyKind::Bed;
}

double Body::outsideDia() const {
    double rad = 0;
    for (const auto& s : slices)
        rad = std::max({rad, s.outerBottom, s.outerTop});
    return 2 * rad;
}

double Body::boreDia() const {
    double rad = outsideDia() / 2;
    for (const auto& s : slices)
        rad = std::min({rad, s.innerBottom, s.innerTop});
    return 2 * rad;
}

Body onItsHead(const Body& body) {
    Body out = body;
    out.z_mm = -body.z_mm;
    out.slices.clear();
    for (auto s = body.slices.rbegin(); s != body.slices.rend(); ++s)
        out.slices.push_back({-s->zTop, -s->zBottom, s->innerTop, s->innerBottom, s->outerTop, s->outerBottom});
    return out;
}

std::vector<Face> faces(const Body& body) {
    std::vector<Face> out;
    for (std::size_t i = 0; i < body.slices.size(); ++i) {
        const auto& s = body.slices[i];
        const Face bottom{body.z_mm + s.zBottom, s.innerBottom, s.outerBottom, false};
        const Face top{body.z_mm + s.zTop, s.innerTop, s.outerTop, true};
        if (i == 0)
            out.push_back(bottom);
        else
            appendUncovered(out, bottom, body.slices[i - 1].innerTop, body.slices[i - 1].outerTop);
        if (i + 1 == body.slices.size())
            out.push_back(top);
        else
            appendUncovered(out, top, body.slices[i + 1].innerBottom, body.slices[i + 1].outerBottom);
    }
    std::erase_if(out, [](const Face& f) { return f.outerRad_mm - f.innerRad_mm <= kThin_mm; });
    return out;
}

std::vector<Wall> outerWalls(const Body& body) {
    return straightStretches(body, &Slice::outerBottom, &Slice::outerTop);
}

std::vector<Wall> innerWalls(const Body& body) {
    return straightStretches(body, &Slice::innerBottom, &Slice::innerTop);
}

double volume_mm3(const Body& body) {
    // A frustum's radii enter as r1^2 + r1 r2 + r2^2.
    const auto disc = [](double a, double b) { return a * a + a * b + b * b; };
    double sum = 0;
    for (const auto& s : body.slices)
        sum += std::numbers::pi / 3 * (s.zTop - s.zBottom) *
               (disc(s.outerBottom, s.outerTop) - disc(s.innerBottom, s.innerTop));
    return sum;
}

double skin_mm2(const Body& body) {
    const auto cone = [](double a, double b, double height) {
        return std::numbers::pi * (a + b) * std::hypot(a - b, height);
    };
    double sum = 0;
    for (const auto& s : body.slices)
        sum +=
            cone(s.outerBottom, s.outerTop, s.zTop - s.zBottom) + cone(s.innerBottom, s.innerTop, s.zTop - s.zBottom);
    for (const auto& f : faces(body))
        sum += std::numbers::pi * (f.outerRad_mm * f.outerRad_mm - f.innerRad_mm * f.innerRad_mm);
    return sum;
}

} // namespace arbor::section
