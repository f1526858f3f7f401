#include "core/arrangement/assembly.h"

#include "core/section/motion.h"

#include <algorithm>
#include <optional>
#include <set>
#include <utility>

namespace arbor::arrangement {

namespace {

constexpr std::size_t kMostParts = 64;

std::optional<Clash> clashOf(const Assembly& a, std::size_t i, std::size_t j) {
    for (const auto& one : a.parts[i].bodies)
        for (const auto& other : a.parts[j].bodies)
            if (const auto meeting = section::firstMeeting(one, other); meeting && meeting->overlapsAtStart)
                return Clash{i, j, meeting->overlapRad_mm, meeting->z_mm};
    return std::nullopt;
}

Result<void> validNames(const Assembly& a) {
    std::set<std::string> ids;
    for (const auto& part : a.parts) {
        if (part.bodies.empty()) return refuse(ProblemCode::Missing, "parts/" + part.id, {}, "a section");
        if (!ids.insert(part.id).second)
            return refuse(ProblemCode::Duplicate, "parts/" + part.id, part.id, "a name of its own");
    }
    for (const auto& part : a.parts)
        for (const auto& lock : part.lockedBy)
            if (!ids.contains(lock) || lock == part.id)
                return refuse(ProblemCode::UnknownName, "parts/" + part.id + "/locked_by", lock, "another part");
    for (const auto& [name, joints] : {std::pair{"pressed", &a.pressed}, {"threaded", &a.threaded}})
        for (const auto& joint : *joints)
            for (const auto& id : {joint.outer, joint.inner})
                if (!ids.contains(id) || joint.outer == joint.inner)
                    return refuse(ProblemCode::UnknownName, name, id, "two of the parts");
    return {};
}

} // namespace

std::vector<Clash> clashes(const Assembly& a) {
    std::vector<Clash> out;
    for (std::size_t i = 0; i < a.parts.size(); ++i)
        for (std::size_t j = i + 1; j < a.parts.size(); ++j)
            if (const auto clash = clashOf(a, i, j)) out.push_back(*clash);
    return out;
}

Result<void> validate(const Assembly& a) {
    if (a.parts.empty()) return refuse(ProblemCode::Missing, "parts", {}, "one part or more");
    if (a.parts.size() > kMostParts)
        return refuse(ProblemCode::OutOfRange, "parts", std::to_string(a.parts.size()), "up to 64 parts");
    if (a.base >= a.parts.size())
        return refuse(ProblemCode::OutOfRange, "base", std::to_string(a.base), "one of the parts");
    if (auto ok = validNames(a); !ok) return ok;
    if (const auto found = clashes(a); !found.empty())
        return refuse(
            ProblemCode::GeometryOrder, "parts/" + a.parts[found.front().upper].id, a.parts[found.front().lower].id,
            "room of its own: the two overlap by " + plain(found.front().overlapRad_mm) + " mm on the radius");
    return {};
}

} // namespace arbor::arrangement
