#include "core/arrangement/assembly.h"

#include "core/catalog/printed_number.h"
#include "core/section/motion.h"
#include "core/standards/thread.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>
#include <tuple>
#include <utility>

namespace arbor::arrangement {

namespace {

using section::Body;
using section::BodyKind;

constexpr std::size_t kMostParts = 64;

std::optional<Clash> clashOf(const Assembly& a, std::size_t i, std::size_t j) {
    for (const auto& one : a.parts[i].bodies)
        for (const auto& other : a.parts[j].bodies)
            if (const auto meeting = section::firstMeeting(one, other); meeting && meeting->overlapsAtStart)
                return Clash{i, j, meeting->overlapRad_mm, meeting->z_mm};
    return std::nullopt;
}

bool belongs(FromCatalogue::Piece piece, const Body& body, const catalog::TypeKnowledge& type) {
    if (piece == FromCatalogue::Piece::Whole) return true;
    if (body.kind == BodyKind::OuterRing) return piece == FromCatalogue::Piece::Outer;
    if (body.kind == BodyKind::InnerRing) return piece == FromCatalogue::Piece::Inner;
    // Rollers stay with the ring whose flanges hold them; of a taper that is the cone.
    const bool withInner = type.outerSeparable;
    return (piece == FromCatalogue::Piece::Inner) == withInner;
}

std::vector<Body> sectionOf(const FromCatalogue& from, const catalog::Bearing& bearing, const std::string& id) {
    std::vector<Body> out;
    for (auto body : catalog::bearingBodies(bearing, from.dress)) {
        if (!belongs(from.piece, body, catalog::knowledge(bearing.type))) continue;
        if (from.turned) {
            body = section::onItsHead(body);
            body.z_mm += bearing.width_mm;
        }
        body.z_mm += from.at_mm;
        body.id = id;
        out.push_back(std::move(body));
    }
    return out;
}

void checkBolts(const Bolting& bolts, const std::set<std::string>& ids, std::vector<Problem>& out) {
    const auto place = "bolted " + bolts.outer + "/" + bolts.inner;
    for (const auto& id : {bolts.outer, bolts.inner})
        if (!ids.contains(id) || bolts.outer == bolts.inner)
            out.push_back({ProblemCode::UnknownName, place, id, wanted("two of the parts")});
    if (!(bolts.count >= 2 && bolts.count <= 64))
        out.push_back({ProblemCode::OutOfRange, place + "/count", std::to_string(bolts.count), wanted("2 to 64")});
    if (!(bolts.reach_mm >= 0 && bolts.reach_mm <= 1000))
        out.push_back({ProblemCode::OutOfRange, place + "/reach_mm", plain(bolts.reach_mm), wanted("0 to 1000 mm")});
    if (auto thread = standards::parseThread(bolts.thread); !thread)
        out.push_back(at(thread.error(), place + "/thread"));
    if (auto strength = standards::parseStrengthClass(bolts.strengthClass); !strength)
        out.push_back(at(strength.error(), place + "/class"));
}

void checkNames(const Assembly& a, std::vector<Problem>& out) {
    std::set<std::string> ids;
    for (const auto& part : a.parts) {
        if (part.bodies.empty()) out.push_back({ProblemCode::Missing, "parts/" + part.id, {}, wanted("a section")});
        if (!ids.insert(part.id).second)
            out.push_back({ProblemCode::Duplicate, "parts/" + part.id, part.id, wanted("a name of its own")});
    }
    for (const auto& part : a.parts)
        for (const auto& lock : part.lockedBy)
            if (!ids.contains(lock) || lock == part.id)
                out.push_back(
                    {ProblemCode::UnknownName, "parts/" + part.id + "/locked_by", lock, wanted("another part")});
    for (const auto& bolts : a.bolted)
        checkBolts(bolts, ids, out);
    for (const auto& [name, joints] : {std::pair{"pressed", &a.pressed}, {"threaded", &a.threaded}})
        for (const auto& joint : *joints)
            for (const auto& id : {joint.outer, joint.inner})
                if (!ids.contains(id) || joint.outer == joint.inner)
                    out.push_back({ProblemCode::UnknownName, name, id, wanted("two of the parts")});
}

void checkRoom(const Assembly& a, std::vector<Problem>& out) {
    for (const auto& clash : clashes(a))
        out.push_back({ProblemCode::GeometryOrder, "parts/" + a.parts[clash.upper].id, a.parts[clash.lower].id,
                       wanted("space of its own: the two overlap by {1} mm on the radius at {2} mm",
                              plain(clash.overlapRad_mm), plain(clash.z_mm))});
}

bool needsSeat(PartKind kind) {
    return kind == PartKind::Bearing || kind == PartKind::Cup || kind == PartKind::Cone ||
           kind == PartKind::LockCollar || kind == PartKind::Seal || kind == PartKind::WearSleeve;
}

bool touchesAround(const Assembly& a, std::size_t part) {
    for (std::size_t other = 0; other < a.parts.size(); ++other)
        if (other != part && (touchOf(a.parts[part], a.parts[other]) || touchOf(a.parts[other], a.parts[part])))
            return true;
    return false;
}

/// A ring stands in a groove when one part keeps it from leaving on both ways.
bool standsInGroove(const Assembly& a, std::size_t ring) {
    const auto meets = [](const Body& moving, const Body& still) {
        return section::firstMeeting(moving, still).has_value();
    };
    for (std::size_t other = 0; other < a.parts.size(); ++other) {
        if (other == ring) continue;
        bool down = false, up = false;
        for (const auto& mine : a.parts[ring].bodies)
            for (const auto& theirs : a.parts[other].bodies) {
                down = down || meets(mine, theirs);
                up = up || meets(section::onItsHead(mine), section::onItsHead(theirs));
            }
        if (down && up) return true;
    }
    return false;
}

void checkSeats(const Assembly& a, std::vector<Problem>& out) {
    for (std::size_t i = 0; i < a.parts.size(); ++i) {
        const auto& part = a.parts[i];
        if (needsSeat(part.kind) && !touchesAround(a, i))
            out.push_back(
                {ProblemCode::NoSeat, "parts/" + part.id, part.id, wanted("a bore or journal of its own size")});
        if (part.kind == PartKind::RetainingRing && !standsInGroove(a, i))
            out.push_back(
                {ProblemCode::NoSeat, "parts/" + part.id, part.id, wanted("a groove that holds it on both sides")});
    }
    for (const auto* joints : {&a.pressed, &a.threaded})
        for (const auto& joint : *joints)
            if (!touchOf(a.parts[*indexOf(a, joint.outer)], a.parts[*indexOf(a, joint.inner)]))
                out.push_back({ProblemCode::NoSeat, "joint " + joint.outer + "/" + joint.inner, joint.inner,
                               wanted("a bore of its size in {1}", joint.outer)});
}

} // namespace

const catalog::Bearing* bearingOf(const FromCatalogue& from, const std::vector<catalog::Bearing>& catalogue) {
    return from.own ? from.own.get() : catalog::findBearing(catalogue, from.designation);
}

Result<void> takePrinted(FromCatalogue& from, const std::vector<catalog::Bearing>& catalogue) {
    if (catalog::findBearing(catalogue, from.designation)) return {};
    const auto read = catalog::readPrinted(catalogue, from.designation);
    if (!read) return tl::unexpected(read.error());
    from.designation = read->designation;
    if (read->seals) from.dress.seals = *read->seals;
    if (read->clearanceGroup) from.facts.clearanceGroup = *read->clearanceGroup;
    if (read->accuracy) from.facts.accuracy = *read->accuracy;
    from.facts.plasticCage = from.facts.plasticCage || read->plasticCage;
    return {};
}

Result<void> resolve(Assembly& a, const std::vector<catalog::Bearing>& catalogue) {
    for (auto& part : a.parts) {
        if (!part.catalogue) continue;
        auto& from = *part.catalogue;
        from.own.reset();
        if (from.sizes) {
            auto made = catalog::bearingOfSizes(from.designation, *from.sizes);
            if (!made) return tl::unexpected(at(made.error(), "parts/" + part.id + "/sizes"));
            from.own = std::make_shared<const catalog::Bearing>(std::move(*made));
        } else if (auto ok = takePrinted(from, catalogue); !ok) {
            return tl::unexpected(at(ok.error(), "parts/" + part.id + "/designation"));
        }
        part.bodies = sectionOf(from, *bearingOf(from, catalogue), part.id);
    }
    return {};
}

std::vector<Clash> clashes(const Assembly& a) {
    std::vector<Clash> out;
    for (std::size_t i = 0; i < a.parts.size(); ++i)
        for (std::size_t j = i + 1; j < a.parts.size(); ++j)
            if (const auto clash = clashOf(a, i, j)) out.push_back(*clash);
    return out;
}

std::vector<Problem> faults(const Assembly& a) {
    std::vector<Problem> out;
    if (a.parts.empty())
        out.push_back({ProblemCode::Missing, "parts", {}, wanted("one part or more")});
    else if (a.parts.size() > kMostParts)
        out.push_back({ProblemCode::OutOfRange, "parts", std::to_string(a.parts.size()), wanted("up to 64 parts")});
    else if (a.base >= a.parts.size())
        out.push_back({ProblemCode::OutOfRange, "base", std::to_string(a.base), wanted("one of the parts")});
    if (out.empty()) checkNames(a, out);
    if (!out.empty()) return out; // the geometry of a broken list says nothing
    checkRoom(a, out);
    checkSeats(a, out);
    return out;
}

Result<void> validate(const Assembly& a) {
    auto found = faults(a);
    return found.empty() ? Result<void>{} : tl::unexpected(std::move(found.front()));
}

std::optional<Touch> touchOf(const Part& outer, const Part& inner) {
    std::optional<Touch> out;
    for (const auto& hole : outer.bodies)
        for (const auto& pin : inner.bodies)
            for (const auto& bore : section::innerWalls(hole))
                for (const auto& journal : section::outerWalls(pin)) {
                    const double from = std::max(bore.zBottom_mm, journal.zBottom_mm),
                                 to = std::min(bore.zTop_mm, journal.zTop_mm);
                    if (std::abs(bore.rad_mm - journal.rad_mm) > kTouch_mm || !(to - from > 1e-6)) continue;
                    if (!out) out = Touch{2 * journal.rad_mm, 0, from};
                    out->length_mm += to - from;
                    out->from_mm = std::min(out->from_mm, from);
                }
    return out;
}

bool sameBearing(const Part& one, const Part& other) {
    if (!one.catalogue || !other.catalogue) return false;
    const auto &a = *one.catalogue, &b = *other.catalogue;
    return std::tie(a.designation, a.at_mm, a.turned) == std::tie(b.designation, b.at_mm, b.turned) &&
           a.piece != b.piece;
}

std::vector<std::size_t> piecesOf(const Assembly& a, std::size_t part) {
    std::vector<std::size_t> out;
    for (std::size_t p = 0; p < a.parts.size(); ++p)
        if (a.parts[p].catalogue && (p == part || sameBearing(a.parts[p], a.parts[part]))) out.push_back(p);
    return out;
}

std::vector<Body> bodiesOf(const Assembly& a) {
    std::vector<Body> out;
    for (const auto& part : a.parts)
        for (const auto* bodies : {&part.bodies, &part.keepClear})
            out.insert(out.end(), bodies->begin(), bodies->end());
    return out;
}

std::optional<std::size_t> indexOf(const Assembly& a, const std::string& id) {
    for (std::size_t i = 0; i < a.parts.size(); ++i)
        if (a.parts[i].id == id) return i;
    return std::nullopt;
}

const Joint* jointOf(const std::vector<Joint>& joints, const std::string& one, const std::string& other) {
    const auto found = std::find_if(joints.begin(), joints.end(), [&](const Joint& j) {
        return (j.outer == one && j.inner == other) || (j.outer == other && j.inner == one);
    });
    return found == joints.end() ? nullptr : &*found;
}

} // namespace arbor::arrangement
