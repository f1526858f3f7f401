// Parts added, turned over, split and taken out.
#include "core/arrangement/edit.h"

#include <algorithm>
#include <cmath>

namespace arbor::arrangement {

namespace {

using section::Body;
using section::Slice;

constexpr double kNewLength_mm = 5;

} // namespace

Assembly withPartOn(const Assembly& assembly, std::size_t beside, PartKind kind, bool under) {
    auto out = assembly;
    const auto& body = assembly.parts.at(beside).bodies.front();
    const auto& end = under ? body.slices.front() : body.slices.back();
    const double z = under ? body.bottom() - kNewLength_mm : body.top();
    const double bore = under ? end.innerBottom : end.innerTop, outside = under ? end.outerBottom : end.outerTop;
    Part part;
    part.kind = kind;
    int number = 1;
    do
        part.id = "part_" + std::to_string(number++);
    while (indexOf(out, part.id));
    part.bodies = {{part.id,
                    section::BodyKind::Housing,
                    section::Hatch::Steel,
                    {Slice::tube(z, z + kNewLength_mm, bore, outside)}}};
    out.parts.push_back(std::move(part));
    return out;
}

namespace {

/// A body upside down between the heights it lies between now.
void turnOver(std::vector<Body>& bodies, double low, double high) {
    for (auto& body : bodies) {
        body = section::onItsHead(body);
        body.z_mm += low + high;
    }
}

} // namespace

namespace {

Result<void> notTheBase(const Assembly& assembly, std::size_t part) {
    if (part != assembly.base) return {};
    return refuse(ProblemCode::OutOfRange, "parts/" + assembly.parts.at(part).id, {},
                  wanted("any part but the base: it is what the others sit in or on"));
}

/// A bearing's rings go together; any other part alone.
std::vector<std::size_t> allOf(const Assembly& assembly, std::size_t part) {
    auto pieces = piecesOf(assembly, part);
    return pieces.empty() ? std::vector<std::size_t>{part} : pieces;
}

} // namespace

Result<Assembly> withPartTurned(const Assembly& assembly, std::size_t part,
                                const std::vector<catalog::Bearing>& catalogue) {
    if (auto ok = notTheBase(assembly, part); !ok) return tl::unexpected(ok.error());
    auto out = assembly;
    for (const auto piece : allOf(assembly, part)) {
        auto& p = out.parts[piece];
        if (p.wayRound) p.wayRound->up = !p.wayRound->up;
        if (p.catalogue) {
            p.catalogue->turned = !p.catalogue->turned;
            continue;
        }
        double low = INFINITY, high = -INFINITY;
        for (const auto& body : p.bodies) {
            low = std::min(low, body.bottom());
            high = std::max(high, body.top());
        }
        for (auto& typed : p.typed)
            typed.slice = p.bodies[typed.body].slices.size() - 1 - typed.slice;
        for (auto* bodies : {&p.bodies, &p.travelling, &p.keepClear})
            turnOver(*bodies, low, high);
    }
    if (auto ok = resolve(out, catalogue); !ok) return tl::unexpected(ok.error());
    return out;
}

Result<Assembly> withPartMoved(const Assembly& assembly, std::size_t part, double by_mm,
                               const std::vector<catalog::Bearing>& catalogue) {
    if (auto ok = notTheBase(assembly, part); !ok) return tl::unexpected(ok.error());
    auto out = assembly;
    for (const auto piece : allOf(assembly, part)) {
        auto& p = out.parts[piece];
        if (p.catalogue) p.catalogue->at_mm += by_mm;
        for (auto* bodies : {&p.bodies, &p.travelling, &p.keepClear})
            for (auto& body : *bodies)
                body.z_mm += by_mm;
    }
    if (auto ok = resolve(out, catalogue); !ok) return tl::unexpected(ok.error());
    return out;
}

Result<Assembly> withStepSplit(const Assembly& assembly, std::size_t part, std::size_t body, std::size_t slice) {
    auto out = assembly;
    auto& p = out.parts.at(part);
    if (p.catalogue)
        return refuse(ProblemCode::OutOfRange, "parts/" + p.id, {}, wanted("a part that is not from the catalogue"));
    auto& slices = p.bodies.at(body).slices;
    const auto whole = slices.at(slice);
    if (!(whole.zTop - whole.zBottom >= 2 * kLeastLength_mm))
        return refuse(ProblemCode::OutOfRange, "parts/" + p.id, plain(whole.zTop - whole.zBottom),
                      wanted("a step of 0.2 mm or more"));
    const double z = (whole.zBottom + whole.zTop) / 2;
    const double in = (whole.innerBottom + whole.innerTop) / 2, outRad = (whole.outerBottom + whole.outerTop) / 2;
    slices[slice] = {whole.zBottom, z, whole.innerBottom, in, whole.outerBottom, outRad};
    slices.insert(slices.begin() + static_cast<std::ptrdiff_t>(slice) + 1,
                  {z, whole.zTop, in, whole.innerTop, outRad, whole.outerTop});
    std::erase(p.typed, TypedSize{TypedSize::What::Length, body, slice}); // it is two lengths now
    for (auto& typed : p.typed)
        if (typed.body == body && typed.slice > slice) ++typed.slice;
    return out;
}

Result<Assembly> withoutPart(const Assembly& assembly, std::size_t part) {
    if (part == assembly.base)
        return refuse(ProblemCode::OutOfRange, "parts/" + assembly.parts.at(part).id, {},
                      wanted("any part but the base: it is what the others sit in or on"));
    auto out = assembly;
    const auto id = out.parts.at(part).id;
    out.parts.erase(out.parts.begin() + static_cast<std::ptrdiff_t>(part));
    if (out.base > part) --out.base;
    for (auto* joints : {&out.pressed, &out.threaded})
        std::erase_if(*joints, [&](const Joint& j) { return j.outer == id || j.inner == id; });
    std::erase_if(out.bolted, [&](const Bolting& b) { return b.outer == id || b.inner == id; });
    for (auto& other : out.parts)
        std::erase(other.lockedBy, id);
    return out;
}

} // namespace arbor::arrangement
