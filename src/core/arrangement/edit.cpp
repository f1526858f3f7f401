#include "core/arrangement/edit.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>
#include <set>
#include <tuple>

namespace arbor::arrangement {

namespace {

using section::Body;
using section::Slice;

constexpr double kSame_mm = 1e-6;
constexpr double kMost_mm = 3000;
constexpr double kRingPlay_mm = 0.3; // a squeezed retaining ring clears its bore by this on the radius

bool same(double a, double b) {
    return std::abs(a - b) < kSame_mm;
}

/// One cylindrical wall of one slice.
struct WallAt {
    std::size_t part, body, slice;
    bool outer;
    friend bool operator<(const WallAt& a, const WallAt& b) {
        return std::tie(a.part, a.body, a.slice, a.outer) < std::tie(b.part, b.body, b.slice, b.outer);
    }
};

const Slice& sliceOf(const Assembly& a, const WallAt& w) {
    return a.parts[w.part].bodies[w.body].slices[w.slice];
}

double radius(const Slice& s, bool outer) {
    return outer ? s.outerBottom : s.innerBottom;
}

bool straight(const Slice& s, bool outer) {
    return outer ? same(s.outerBottom, s.outerTop) : same(s.innerBottom, s.innerTop);
}

Interval heights(const Assembly& a, const WallAt& w) {
    const auto& body = a.parts[w.part].bodies[w.body];
    const auto& s = sliceOf(a, w);
    return {body.z_mm + s.zBottom, body.z_mm + s.zTop};
}

template <class Visit>
void eachWall(const Assembly& a, Visit visit) {
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        for (std::size_t b = 0; b < a.parts[p].bodies.size(); ++b)
            for (std::size_t s = 0; s < a.parts[p].bodies[b].slices.size(); ++s)
                for (const bool outer : {false, true})
                    visit(WallAt{p, b, s, outer});
}

bool neighbours(const Assembly& a, const WallAt& x, const WallAt& y) {
    const double rx = radius(sliceOf(a, x), x.outer), ry = radius(sliceOf(a, y), y.outer);
    if (rx <= 0 || std::abs(rx - ry) > kTouch_mm) return false;
    const auto hx = heights(a, x), hy = heights(a, y);
    const bool continues = x.part == y.part && x.body == y.body && x.outer == y.outer &&
                           (same(hx.upper, hy.lower) || same(hy.upper, hx.lower));
    const bool touches = x.part != y.part && x.outer != y.outer &&
                         std::min(hx.upper, hy.upper) - std::max(hx.lower, hy.lower) > kSame_mm;
    return continues || touches;
}

/// All walls that are one diameter with this one.
std::set<WallAt> oneDiameter(const Assembly& a, const WallAt& first) {
    std::set<WallAt> found{first};
    std::vector<WallAt> open{first};
    while (!open.empty()) {
        const auto at = open.back();
        open.pop_back();
        eachWall(a, [&](const WallAt& w) {
            if (straight(sliceOf(a, w), w.outer) && neighbours(a, at, w) && found.insert(w).second) open.push_back(w);
        });
    }
    return found;
}

/// With the chamfers that begin at their ends: these go along as they are.
std::set<WallAt> withTheirEdges(const Assembly& a, std::set<WallAt> walls) {
    const auto straightOnes = walls;
    for (const auto& w : straightOnes) {
        const auto count = a.parts[w.part].bodies[w.body].slices.size();
        for (const auto beside : {w.slice - 1, w.slice + 1}) {
            if (beside >= count) continue;
            const WallAt edge{w.part, w.body, beside, w.outer};
            const auto &s = sliceOf(a, edge), &wall = sliceOf(a, w);
            const double meets = beside < w.slice ? (w.outer ? s.outerTop : s.innerTop) : radius(s, w.outer);
            if (!straight(s, w.outer) && same(meets, radius(wall, w.outer))) walls.insert(edge);
        }
    }
    return walls;
}

bool fromCatalogue(const Assembly& a, const std::set<WallAt>& walls) {
    return std::any_of(walls.begin(), walls.end(), [&](const WallAt& w) { return a.parts[w.part].catalogue; });
}

void addDiameters(const Assembly& a, std::vector<SizeLine>& out) {
    std::set<WallAt> listed;
    eachWall(a, [&](const WallAt& w) {
        const auto& s = sliceOf(a, w);
        if (a.parts[w.part].catalogue || listed.contains(w) || !straight(s, w.outer) || radius(s, w.outer) <= 0) return;
        const auto walls = oneDiameter(a, w);
        listed.insert(walls.begin(), walls.end());
        if (fromCatalogue(a, walls)) return;
        out.push_back({w.outer ? SizeLine::What::Outside : SizeLine::What::Bore, w.part, w.body, w.slice,
                       2 * radius(s, w.outer)});
    });
}

void addLengths(const Assembly& a, std::vector<SizeLine>& out) {
    std::vector<Interval> listed;
    const auto known = [&](const Interval& h) {
        return std::any_of(listed.begin(), listed.end(),
                           [&](const Interval& l) { return same(l.lower, h.lower) && same(l.upper, h.upper); });
    };
    for (const auto& part : a.parts)
        if (part.catalogue)
            for (const auto& body : part.bodies)
                listed.push_back({body.bottom(), body.top()});
    eachWall(a, [&](const WallAt& w) {
        const auto h = heights(a, w);
        if (w.outer || a.parts[w.part].catalogue || known(h)) return;
        listed.push_back(h);
        out.push_back({SizeLine::What::Length, w.part, w.body, w.slice, h.width()});
    });
}

using Map = std::function<double(double)>;

/// Runs every height through a rising map. Bearings of the catalogue keep their own shape and go along by their foot.
void mapHeights(Assembly& a, const Map& map) {
    for (auto& part : a.parts) {
        if (part.catalogue) {
            const double by = map(part.catalogue->at_mm) - part.catalogue->at_mm;
            part.catalogue->at_mm += by;
            for (auto& body : part.bodies)
                body.z_mm += by;
            continue;
        }
        for (auto* bodies : {&part.bodies, &part.travelling, &part.keepClear})
            for (auto& body : *bodies) {
                for (auto& s : body.slices) {
                    s.zBottom = map(body.z_mm + s.zBottom);
                    s.zTop = map(body.z_mm + s.zTop);
                }
                body.z_mm = 0;
            }
    }
}

/// Stretches the axis: what lies between two heights is scaled, what lies above goes along.
Map stretch(double from, double to, double length) {
    return [=](double z) {
        if (z <= from + kSame_mm) return z;
        if (z >= to - kSame_mm) return z + (length - (to - from));
        return from + (z - from) * length / (to - from);
    };
}

/// The stretches of one part that somebody gave a length, but for the one that is given another now.
std::vector<Interval> typedLengths(const Part& part, const std::optional<TypedSize>& but) {
    std::vector<Interval> out;
    for (const auto& typed : part.typed) {
        if (typed.what != TypedSize::What::Length || typed == but) continue;
        const auto& body = part.bodies[typed.body];
        const auto& s = body.slices[typed.slice];
        out.push_back({body.z_mm + s.zBottom, body.z_mm + s.zTop});
    }
    return out;
}

/// What is given another length: a line of a part, or a bearing, whose width nobody types.
struct Lengthened {
    Interval at;
    std::size_t part = 0;
    std::optional<TypedSize> line;

    std::vector<Interval> typed(const Assembly& a, std::size_t p) const {
        return typedLengths(a.parts[p], p == part ? line : std::nullopt);
    }
};

/// Every height there is, from the lowest.
std::vector<double> heightsOf(const Assembly& a) {
    std::vector<double> out;
    for (const auto& part : a.parts)
        for (const auto& body : part.bodies)
            for (const auto& s : body.slices)
                out.insert(out.end(), {body.z_mm + s.zBottom, body.z_mm + s.zTop});
    std::sort(out.begin(), out.end());
    return out;
}

/// A map that gives a stretch its new length and changes no length that was typed: all in proportion where that does
/// none harm, else the axis is cut at a height that none of them spans, and what lies above goes along.
std::optional<Map> stretchBeside(const std::vector<Interval>& typed, const std::vector<double>& all, const Interval& h,
                                 double length) {
    const auto smooth = stretch(h.lower, h.upper, length);
    const bool harmless = std::all_of(typed.begin(), typed.end(), [&](const Interval& t) {
        return same(smooth(t.upper) - smooth(t.lower), t.width());
    });
    if (harmless) return smooth;
    const double by = length - h.width();
    for (auto cut = all.rbegin(); cut != all.rend(); ++cut) {
        if (*cut > h.upper + kSame_mm || *cut <= h.lower + kSame_mm) continue;
        const bool cutsTyped = std::any_of(typed.begin(), typed.end(), [&](const Interval& t) {
            return t.lower < *cut - kSame_mm && t.upper >= *cut - kSame_mm;
        });
        double below = -INFINITY;
        for (const double z : all)
            if (z < *cut - kSame_mm) below = z;
        if (!cutsTyped && *cut + by > below + kSame_mm)
            return [at = *cut, by](double z) { return z < at - kSame_mm ? z : z + by; };
    }
    return std::nullopt;
}

bool sameStretch(const Interval& a, const Interval& b) {
    return same(a.lower, b.lower) && same(a.upper, b.upper);
}

bool hasStretch(const Part& part, const Interval& h) {
    for (const auto& body : part.bodies)
        for (const auto& s : body.slices)
            if (sameStretch({body.z_mm + s.zBottom, body.z_mm + s.zTop}, h)) return true;
    return false;
}

/// Where lengths that were typed lie side by side and overlap, no cut leaves them all: the parts that have this very
/// stretch, and nobody typed it there, grow by themselves, those that begin above it go along whole, the others stay.
/// What then does not fit is named by the faults.
void growAlone(Assembly& a, const Lengthened& what, double by) {
    const auto& h = what.at;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        auto& part = a.parts[p];
        double low = INFINITY;
        for (const auto& body : part.bodies)
            low = std::min(low, body.bottom());
        const auto typed = what.typed(a, p);
        const bool stays = std::any_of(typed.begin(), typed.end(), [&](const auto& t) { return sameStretch(t, h); });
        const bool above = low >= h.upper - kSame_mm, grows = !part.catalogue && !stays && hasStretch(part, h);
        if (above && part.catalogue) part.catalogue->at_mm += by;
        for (auto* bodies : {&part.bodies, &part.travelling, &part.keepClear})
            for (auto& body : *bodies) {
                if (above) body.z_mm += by;
                if (above || !grows) continue;
                for (auto& s : body.slices)
                    for (auto* z : {&s.zBottom, &s.zTop})
                        if (body.z_mm + *z >= h.upper - kSame_mm) *z += by;
            }
    }
}

/// A stretch of the axis gets another length.
void setLength(Assembly& out, const Lengthened& what, double length) {
    std::vector<Interval> typed;
    for (std::size_t p = 0; p < out.parts.size(); ++p)
        for (const auto& h : what.typed(out, p))
            typed.push_back(h);
    if (const auto map = stretchBeside(typed, heightsOf(out), what.at, length))
        mapHeights(out, *map);
    else
        growAlone(out, what, length - what.at.width());
}

/// Diameters that were typed are again what they were, with all that is one diameter with them.
void restoreTyped(Assembly& out, const Assembly& before) {
    for (std::size_t p = 0; p < before.parts.size(); ++p)
        for (const auto& typed : before.parts[p].typed) {
            if (typed.what == TypedSize::What::Length) continue;
            const WallAt at{p, typed.body, typed.slice, typed.what == TypedSize::What::Outside};
            const double by = radius(sliceOf(before, at), at.outer) - radius(sliceOf(out, at), at.outer);
            for (const auto& w : withTheirEdges(before, oneDiameter(before, at))) {
                auto& s = out.parts[w.part].bodies[w.body].slices[w.slice];
                for (auto* r : {w.outer ? &s.outerBottom : &s.innerBottom, w.outer ? &s.outerTop : &s.innerTop})
                    *r += by;
            }
        }
}

bool isTyped(const Part& part, const TypedSize& size) {
    return std::find(part.typed.begin(), part.typed.end(), size) != part.typed.end();
}

/// Sections of the catalogue are not typed and have pointed ends: balls.
Result<void> soundSlices(const Assembly& a) {
    for (const auto& part : a.parts)
        for (const auto& body : part.bodies)
            for (const auto& s : body.slices)
                if (!part.catalogue && !(s.outerBottom > s.innerBottom && s.outerTop > s.innerTop))
                    return refuse(ProblemCode::GeometryOrder, "parts/" + part.id, plain(2 * s.outerBottom),
                                  wanted("an outside over the bore {1}", plain(2 * s.innerBottom)));
    return {};
}

double rounded(double value_mm) {
    return std::round(value_mm * 10) / 10;
}

/// Radii within the reach of a bearing follow it: under its bore they scale, between bore and outside they keep their
/// share of the way, outside they go along.
Map follow(const catalog::Bearing& was, const catalog::Bearing& is) {
    const double d = was.boreDia_mm / 2, D = was.outsideDia_mm / 2, d1 = is.boreDia_mm / 2, D1 = is.outsideDia_mm / 2;
    return [=](double r) {
        if (same(r, d)) return d1;
        if (same(r, D)) return D1;
        if (r < d) return rounded(2 * r * d1 / d) / 2;
        if (r > D) return rounded(2 * (r + D1 - D)) / 2;
        return rounded(2 * (d1 + (r - d) * (D1 - d1) / (D - d))) / 2;
    };
}

/// The part from the catalogue that stands nearest to a height.
std::size_t nearestBearing(const Assembly& a, double z) {
    std::size_t nearest = a.parts.size();
    double least = INFINITY;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (!a.parts[p].catalogue) continue;
        double lo = INFINITY, hi = -INFINITY;
        for (const auto& body : a.parts[p].bodies) {
            lo = std::min(lo, body.bottom());
            hi = std::max(hi, body.top());
        }
        const double away = z < lo ? lo - z : z > hi ? z - hi : 0;
        if (away < least) {
            least = away;
            nearest = p;
        }
    }
    return nearest;
}

void mapRadii(Assembly& a, const std::vector<std::size_t>& pieces, const Map& map) {
    const auto before = a;
    for (auto& part : a.parts) {
        if (part.catalogue) continue;
        for (auto* bodies : {&part.bodies, &part.travelling, &part.keepClear})
            for (auto& body : *bodies)
                for (auto& s : body.slices) {
                    const auto near = nearestBearing(before, body.z_mm + (s.zBottom + s.zTop) / 2);
                    if (std::find(pieces.begin(), pieces.end(), near) == pieces.end()) continue;
                    for (auto* r : {&s.innerBottom, &s.innerTop, &s.outerBottom, &s.outerTop})
                        *r = map(*r);
                }
    }
}

/// The land beside a groove, on the side where the ring has to pass.
std::optional<double> landBeside(const Assembly& a, std::size_t ring, bool internal) {
    const auto& body = a.parts[ring].bodies.front();
    const double z = (body.bottom() + body.top()) / 2;
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        if (p == ring || a.parts[p].catalogue) continue;
        for (const auto& other : a.parts[p].bodies)
            for (std::size_t i = 1; i + 1 < other.slices.size(); ++i) {
                const auto& s = other.slices[i];
                if (z < other.z_mm + s.zBottom || z > other.z_mm + s.zTop) continue;
                const auto &below = other.slices[i - 1], &above = other.slices[i + 1];
                // The ring leaves over the wider land of a bore, the thinner one of a shaft.
                if (internal && same(2 * s.innerBottom, body.outsideDia()))
                    return std::max(below.innerTop, above.innerBottom);
                if (!internal && same(2 * s.outerBottom, body.boreDia()))
                    return std::min(below.outerTop, above.outerBottom);
            }
    }
    return std::nullopt;
}

/// A label that names the bearing's number names the new one.
void sayNewNumber(Part& part, const std::string& today, const std::string& wanted) {
    if (const auto at = part.label.find(today); at != std::string::npos) part.label.replace(at, today.size(), wanted);
}

/// Limits and measured sizes of rings that are gone.
void forgetRings(Assembly& a, const std::vector<std::size_t>& pieces) {
    for (const auto piece : pieces)
        for (auto& joint : a.pressed) {
            if (joint.outer == a.parts[piece].id) joint.hole = {};
            if (joint.inner == a.parts[piece].id) joint.shaft = {};
        }
}

/// Sizes that were written in full say the diameter that their seat has now.
void followSeats(Assembly& a) {
    for (auto& joint : a.pressed) {
        const auto outer = indexOf(a, joint.outer), inner = indexOf(a, joint.inner);
        const auto touch = outer && inner ? touchOf(a.parts[*outer], a.parts[*inner]) : std::nullopt;
        if (!touch) continue;
        for (auto* side : {&joint.hole, &joint.shaft})
            if (side->size && side->size->nominal_mm > 0 && !same(side->size->nominal_mm, touch->dia_mm))
                side->size = standards::onNominal(*side->size, touch->dia_mm);
    }
}

} // namespace

std::vector<SizeLine> sizeLines(const Assembly& a) {
    std::vector<SizeLine> out;
    addDiameters(a, out);
    addLengths(a, out);
    const auto place = [](const SizeLine& l) { return std::tuple(l.part, l.body, l.slice, l.what); };
    std::stable_sort(out.begin(), out.end(), [&](const SizeLine& x, const SizeLine& y) { return place(x) < place(y); });
    for (auto& line : out)
        line.typed = isTyped(a.parts[line.part], {line.what, line.body, line.slice});
    return out;
}

Result<Assembly> withSize(const Assembly& assembly, const SizeLine& line, double value_mm) {
    const bool mayBeNone = line.what == SizeLine::What::Bore;
    if (!(value_mm > 0) && !(mayBeNone && value_mm == 0))
        return refuse(ProblemCode::NotPositive, "size", plain(value_mm), wanted("> 0"));
    if (!(value_mm <= kMost_mm))
        return refuse(ProblemCode::OutOfRange, "size", plain(value_mm), wanted("up to 3000 mm"));
    auto out = assembly;
    const WallAt at{line.part, line.body, line.slice, line.what == SizeLine::What::Outside};
    if (line.what == SizeLine::What::Length) {
        if (value_mm < kLeastLength_mm)
            return refuse(ProblemCode::OutOfRange, "size", plain(value_mm), wanted("0.1 mm or more"));
        setLength(out, {heights(assembly, at), line.part, TypedSize{line.what, line.body, line.slice}}, value_mm);
    } else {
        const double by = value_mm / 2 - radius(sliceOf(assembly, at), at.outer);
        for (const auto& w : withTheirEdges(assembly, oneDiameter(assembly, at))) {
            auto& s = out.parts[w.part].bodies[w.body].slices[w.slice];
            const bool wall = straight(s, w.outer); // else a chamfer, which keeps its shape
            for (auto* r : {w.outer ? &s.outerBottom : &s.innerBottom, w.outer ? &s.outerTop : &s.innerTop})
                *r = wall ? value_mm / 2 : *r + by;
        }
    }
    if (auto ok = soundSlices(out); !ok) return tl::unexpected(ok.error());
    auto& typed = out.parts[line.part].typed;
    if (const TypedSize mine{line.what, line.body, line.slice}; !isTyped(out.parts[line.part], mine))
        typed.push_back(mine);
    reshapeRings(out);
    followSeats(out);
    return out;
}

namespace {

/// A number as printed, or where no catalogue has it, the sizes off the calipers.
Result<catalog::Bearing> takeNumber(FromCatalogue& from, const std::string& typed,
                                    const std::vector<catalog::Bearing>& catalogue) {
    from.sizes.reset();
    from.own.reset();
    if (const auto* known = catalog::bearingPrinted(catalogue, typed)) {
        from.designation = typed;
        static_cast<void>(takePrinted(from, catalogue));
        return *known;
    }
    const auto measured = catalog::readCalipers(typed);
    if (!measured)
        return refuse(ProblemCode::UnknownName, "designation", typed,
                      wanted("a bearing of the catalogue, or its sizes off the calipers: ball 25x52x15"));
    from.designation = measured->first;
    from.sizes = measured->second;
    from.facts = {};
    return catalog::bearingOfSizes(from.designation, *from.sizes);
}

} // namespace

Result<Assembly> withBearing(const Assembly& assembly, std::size_t part, const std::string& next,
                             const std::vector<catalog::Bearing>& catalogue) {
    const auto pieces = piecesOf(assembly, part);
    if (pieces.empty())
        return refuse(ProblemCode::UnknownName, "designation", next, wanted("a part that is a bearing"));
    auto asked = *assembly.parts[part].catalogue;
    const auto today = asked.designation;
    const auto* was = bearingOf(asked, catalogue);
    const auto is = takeNumber(asked, next, catalogue);
    if (!was) return refuse(ProblemCode::UnknownName, "designation", today, wanted("a bearing of the catalogue"));
    if (!is) return tl::unexpected(is.error());
    auto out = assembly;
    mapRadii(out, pieces, follow(*was, *is));
    restoreTyped(out, assembly);
    const double foot = assembly.parts[part].catalogue->at_mm;
    setLength(out, {{foot, foot + was->width_mm}, part, std::nullopt}, is->width_mm);
    for (const auto piece : pieces) {
        auto& from = *out.parts[piece].catalogue;
        static_cast<void>(takeNumber(from, next, catalogue)); // it has been found
        // Raceways and load were those of the other bearing.
        from.facts.staticRating_N = from.facts.innerRacewayDia_mm = from.facts.outerRacewayDia_mm = std::nullopt;
        sayNewNumber(out.parts[piece], today, from.designation);
    }
    forgetRings(out, pieces);
    if (auto ok = resolve(out, catalogue); !ok) return tl::unexpected(ok.error());
    if (auto ok = soundSlices(out); !ok) return tl::unexpected(ok.error());
    reshapeRings(out);
    followSeats(out);
    return out;
}

void reshapeRings(Assembly& a) {
    for (std::size_t p = 0; p < a.parts.size(); ++p) {
        auto& ring = a.parts[p];
        if (ring.kind != PartKind::RetainingRing || ring.bodies.size() != 1) continue;
        const auto& body = ring.bodies.front();
        const double lo = body.bottom(), hi = body.top(), in = body.boreDia() / 2, outRad = body.outsideDia() / 2;
        if (const auto land = landBeside(a, p, true)) {
            const double by = outRad - *land + kRingPlay_mm;
            ring.travelling = {
                {ring.id, body.kind, body.hatch, {Slice::tube(lo, hi, std::max(0.5, in - by), outRad - by)}}};
        } else if (const auto over = landBeside(a, p, false)) {
            const double by = *over - in + kRingPlay_mm;
            ring.travelling = {{ring.id, body.kind, body.hatch, {Slice::tube(lo, hi, in + by, outRad + by)}}};
        }
    }
}

} // namespace arbor::arrangement
