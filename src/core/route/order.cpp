#include "core/route/order.h"

#include "core/section/motion.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <optional>

namespace arbor::route {

namespace {

using arrangement::Assembly;
using section::Body;

constexpr int kMostSeats = 64;

std::vector<Body> turned(const std::vector<Body>& bodies) {
    std::vector<Body> out;
    out.reserve(bodies.size());
    for (const auto& body : bodies)
        out.push_back(section::onItsHead(body));
    return out;
}

bool meets(const std::vector<Body>& moving, const std::vector<Body>& still) {
    return std::any_of(moving.begin(), moving.end(), [&](const Body& m) {
        return std::any_of(still.begin(), still.end(),
                           [&](const Body& s) { return section::firstMeeting(m, s).has_value(); });
    });
}

template <class Visit>
void forEach(PartSet parts, Visit visit) {
    for (; parts != 0; parts &= parts - 1)
        visit(static_cast<std::size_t>(std::countr_zero(parts)));
}

/// Everything that must come along when `part` leaves on a way; nothing when the base would have to.
/// @param glued  pressed seats hold as well
std::optional<PartSet> comesAlong(const BlockingGraph& ways, std::size_t part, Way way, PartSet present,
                                  std::size_t base, bool glued) {
    PartSet group = only(part);
    for (;;) {
        PartSet more = 0;
        forEach(group, [&](std::size_t p) {
            const PartSet joined = ways.threadedTo(p) | (glued ? ways.pressedTo(p) : 0);
            more |= ways.keeps(p, way, present) | (joined & present);
        });
        more &= ~group;
        if (more & only(base)) return std::nullopt;
        if (more == 0) return group;
        group |= more;
    }
}

bool holdsAPressedSeat(const BlockingGraph& ways, PartSet group) {
    bool holds = false;
    forEach(group, [&](std::size_t p) { holds = holds || (ways.pressedTo(p) & group) != 0; });
    return holds;
}

double volume(const arrangement::Part& part) {
    double sum = 0;
    for (const auto& body : part.bodies)
        for (const auto& s : body.slices)
            sum += (s.zTop - s.zBottom) * (s.outerBottom * s.outerTop - s.innerBottom * s.innerTop);
    return sum;
}

std::vector<std::size_t> indices(PartSet parts) {
    std::vector<std::size_t> out;
    forEach(parts, [&](std::size_t p) { out.push_back(p); });
    return out;
}

/// Takes apart whatever is present around a base, starting on one way.
class Dismantling {
public:
    Dismantling(const Assembly& assembly, const BlockingGraph& ways) : m_assembly(assembly), m_ways(ways) {}

    Order around(std::size_t base, PartSet present, Way first) const {
        Order order;
        Way way = first;
        while ((present & ~only(base)) != 0) {
            auto step = nextStep(base, present, way);
            if (!step) {
                order.stuck |= present & ~only(base);
                break;
            }
            step->turnedOver = step->way != way && !order.steps.empty();
            order.turnOvers += step->turnedOver;
            way = step->way;
            order.stuck |= step->stuckOnTheBench;
            for (const auto part : step->parts)
                present &= ~only(part);
            order.steps.push_back(std::move(*step));
        }
        return order;
    }

    Order around(std::size_t base, PartSet present) const {
        auto up = around(base, present, Way::Up), down = around(base, present, Way::Down);
        return down.turnOvers < up.turnOvers ? down : up;
    }

private:
    std::optional<Step> nextStep(std::size_t base, PartSet present, Way way) const {
        const std::array ways{way, way == Way::Up ? Way::Down : Way::Up};
        if (const auto part = sensor(present)) return Step{{*part}, way};
        for (const auto w : ways) {
            if (const auto part = outermost(base, present, w, 0)) return Step{{*part}, w};
            if (const auto group = smallestGroup(base, present, w, true)) return groupStep(*group, w);
            if (const auto part = outermost(base, present, w, 1, true)) return Step{{*part}, w};
        }
        for (const auto w : ways)
            if (const auto part = outermost(base, present, w, 1)) return Step{{*part}, w};
        for (const auto w : ways)
            if (const auto part = outermost(base, present, w, kMostSeats)) return Step{{*part}, w};
        for (const auto w : ways)
            if (const auto group = smallestGroup(base, present, w, false)) return groupStep(*group, w);
        return std::nullopt;
    }

    /// What reaches into the bore from the side is out of everybody's way before anything moves.
    std::optional<std::size_t> sensor(PartSet present) const {
        std::optional<std::size_t> found;
        forEach(present, [&](std::size_t part) {
            if (!found && m_assembly.parts[part].kind == arrangement::PartKind::Sensor) found = part;
        });
        return found;
    }

    /// The part that is free to leave, parts no more than so many pressed seats, and stands furthest out on that way.
    /// @param backClear  only parts that can be got at from behind: nothing loose stands there any more
    std::optional<std::size_t> outermost(std::size_t base, PartSet present, Way way, int mostSeats,
                                         bool backClear = false) const {
        std::optional<std::size_t> best;
        forEach(present & ~only(base), [&](std::size_t part) {
            const bool held = std::popcount(m_ways.pressedTo(part) & present) > mostSeats;
            if (held || m_ways.keeps(part, way, present) != 0) return;
            if (backClear && looseBehind(base, present, part, way)) return;
            if (!best || reach(part, way) > reach(*best, way)) best = part;
        });
        return best;
    }

    /// A tight part is pushed from behind, so what can be cleared away there without force goes first.
    bool looseBehind(std::size_t base, PartSet present, std::size_t part, Way way) const {
        const Way back = way == Way::Up ? Way::Down : Way::Up;
        PartSet rest = present;
        for (bool more = true; more;) {
            more = false;
            forEach(rest & ~only(base) & ~only(part), [&](std::size_t p) {
                const bool tight = (m_ways.pressedTo(p) & rest) != 0;
                if (tight || m_ways.keeps(p, back, rest) != 0) return;
                rest &= ~only(p);
                more = true;
            });
        }
        return (m_ways.behind(part, way) & present & ~rest) != 0;
    }

    /// @param pressed  only groups that keep a pressed seat together and part none
    std::optional<PartSet> smallestGroup(std::size_t base, PartSet present, Way way, bool pressed) const {
        std::optional<PartSet> smallest;
        forEach(present & ~only(base), [&](std::size_t part) {
            const auto group = comesAlong(m_ways, part, way, present, base, pressed);
            if (!group || (pressed && !holdsAPressedSeat(m_ways, *group))) return;
            if (!smallest || std::popcount(*group) < std::popcount(*smallest)) smallest = *group;
        });
        return smallest;
    }

    double reach(std::size_t part, Way way) const {
        double furthest = -INFINITY;
        for (const auto& body : m_assembly.parts[part].bodies)
            furthest = std::max(furthest, way == Way::Up ? body.top() : -body.bottom());
        return furthest;
    }

    /// On the bench the bulkiest part of a group is the one the others are taken off.
    Step groupStep(PartSet group, Way way) const {
        Step step{indices(group), way};
        step.benchBase = *std::max_element(step.parts.begin(), step.parts.end(), [&](std::size_t a, std::size_t b) {
            return volume(m_assembly.parts[a]) < volume(m_assembly.parts[b]);
        });
        auto inner = around(step.benchBase, group);
        step.onTheBench = std::move(inner.steps);
        step.stuckOnTheBench = inner.stuck;
        return step;
    }

    const Assembly& m_assembly;
    const BlockingGraph& m_ways;
};

} // namespace

namespace {

/// For each part, the parts it is joined to.
std::vector<PartSet> joined(const Assembly& a, const std::vector<arrangement::Joint>& joints) {
    const auto index = [&](const std::string& id) {
        return static_cast<std::size_t>(
            std::find_if(a.parts.begin(), a.parts.end(), [&](const auto& p) { return p.id == id; }) - a.parts.begin());
    };
    std::vector<PartSet> out(a.parts.size());
    for (const auto& joint : joints) {
        const auto outer = index(joint.outer), inner = index(joint.inner);
        out[outer] |= only(inner);
        out[inner] |= only(outer);
    }
    return out;
}

constexpr double kOneFace_mm = 1; // faces of one part this close in height are pushed together

/// Whether anything of `other` stands over the uppermost faces of a part, within their width.
bool standsBehind(const std::vector<Body>& part, const std::vector<Body>& other) {
    double top = -INFINITY;
    for (const auto& body : part)
        top = std::max(top, body.top());
    for (const auto& body : part) {
        if (body.top() < top - kOneFace_mm) continue;
        const double in = body.slices.back().innerTop, out = body.slices.back().outerTop;
        for (const auto& o : other)
            for (const auto& s : o.slices)
                if (o.z_mm + s.zTop > body.top() + 1e-6 && std::min(s.innerBottom, s.innerTop) < out - 1e-6 &&
                    std::max(s.outerBottom, s.outerTop) > in + 1e-6)
                    return true;
    }
    return false;
}

} // namespace

namespace {

/// A screwed joint is parted by turning the smaller part off the bulkier one, which cannot slide out of it.
std::vector<PartSet> unscrewedFirst(const Assembly& a, const std::vector<PartSet>& threadedTo) {
    std::vector<PartSet> out(a.parts.size());
    for (std::size_t part = 0; part < a.parts.size(); ++part)
        forEach(threadedTo[part], [&](std::size_t partner) {
            if (volume(a.parts[part]) > volume(a.parts[partner])) out[part] |= only(partner);
        });
    return out;
}

} // namespace

BlockingGraph::BlockingGraph(const Assembly& a)
    : m_inTheWay(a.parts.size()), m_behind(a.parts.size()), m_lockedBy(a.parts.size()),
      m_pressedTo(joined(a, a.pressed)), m_threadedTo(joined(a, a.threaded)),
      m_unscrewedFirst(unscrewedFirst(a, m_threadedTo)) {
    std::vector<std::vector<Body>> overhead;
    overhead.reserve(a.parts.size());
    for (const auto& part : a.parts)
        overhead.push_back(turned(part.bodies));
    for (std::size_t i = 0; i < a.parts.size(); ++i) {
        const auto& part = a.parts[i];
        if (part.kind == arrangement::PartKind::Sensor) continue; // it leaves sideways: nothing is in its way
        const auto upward = turned(part.onTheWay());
        for (std::size_t j = 0; j < a.parts.size(); ++j) {
            if (i == j) continue;
            // What leaves upwards is pushed from below, seen from there standing on its head.
            if (standsBehind(overhead[i], overhead[j])) m_behind[i][static_cast<std::size_t>(Way::Up)] |= only(j);
            if (standsBehind(part.bodies, a.parts[j].bodies))
                m_behind[i][static_cast<std::size_t>(Way::Down)] |= only(j);
            if (meets(upward, overhead[j])) m_inTheWay[i][static_cast<std::size_t>(Way::Up)] |= only(j);
            if (meets(part.onTheWay(), a.parts[j].bodies))
                m_inTheWay[i][static_cast<std::size_t>(Way::Down)] |= only(j);
            if (std::find(part.lockedBy.begin(), part.lockedBy.end(), a.parts[j].id) != part.lockedBy.end())
                m_lockedBy[i] |= only(j);
        }
    }
}

Order takeApart(const Assembly& assembly) {
    const BlockingGraph ways(assembly);
    return Dismantling(assembly, ways).around(assembly.base, ways.all());
}

namespace {

void addRemovals(const std::vector<Step>& steps, PartSet present, std::vector<PartRemoval>& out) {
    for (const auto& step : steps) {
        PartSet moving = 0;
        for (const auto p : step.parts)
            moving |= only(p);
        if (step.parts.size() == 1) out.push_back({step.parts[0], step.way, present});
        addRemovals(step.onTheBench, moving, out);
        present &= ~moving;
    }
}

} // namespace

std::vector<PartRemoval> partRemovals(const Order& order, PartSet all) {
    std::vector<PartRemoval> out;
    addRemovals(order.steps, all, out);
    return out;
}

PartSet pressedTogether(const BlockingGraph& ways, std::size_t part, PartSet present) {
    PartSet group = only(part), before = 0;
    while (group != before) {
        before = group;
        for (std::size_t p = 0; p < ways.size(); ++p)
            if ((ways.pressedTo(p) & group) != 0) group |= only(p) & present;
    }
    return group;
}

namespace {

bool isKept(const BlockingGraph& ways, PartSet group, Way way, PartSet present) {
    for (std::size_t p = 0; p < ways.size(); ++p)
        if ((group & only(p)) != 0 && (ways.keeps(p, way, present) & ~group) != 0) return true;
    return false;
}

} // namespace

PartSet heldAlone(const BlockingGraph& ways, std::size_t ring, std::size_t base) {
    PartSet out = 0;
    for (std::size_t p = 0; p < ways.size(); ++p) {
        const auto group = pressedTogether(ways, p, ways.all());
        if ((group & (only(ring) | only(base))) != 0 || (out & only(p)) != 0) continue;
        const auto all = ways.all(), without = all & ~only(ring);
        const bool kept = isKept(ways, group, Way::Up, all) && isKept(ways, group, Way::Down, all);
        if (kept && !(isKept(ways, group, Way::Up, without) && isKept(ways, group, Way::Down, without))) out |= group;
    }
    return out;
}

std::vector<ShutOut> shutOut(const BlockingGraph& ways, PartSet fitted) {
    std::vector<ShutOut> out;
    forEach(ways.all() & ~fitted, [&](std::size_t part) {
        const ShutOut s{part, ways.keeps(part, Way::Up, fitted), ways.keeps(part, Way::Down, fitted)};
        if (s.up != 0 && s.down != 0) out.push_back(s);
    });
    return out;
}

} // namespace arbor::route
