#include "core/force/path.h"

#include <algorithm>
#include <deque>
#include <iterator>
#include <optional>

namespace arbor::force {

namespace {

using section::Contact;
using section::ContactKind;

struct Step {
    std::size_t body;
    Contact contact;
};

std::optional<std::size_t> otherEnd(const Contact& c, std::size_t body) {
    if (c.upper == body) return c.lower;
    if (c.lower == body && c.kind != ContactKind::Face) return c.upper;
    return std::nullopt;
}

/// Breadth first, so the way with the fewest bodies wins.
std::vector<std::optional<Step>> cameFrom(const std::vector<Contact>& graph, std::size_t bodies, std::size_t from,
                                          const std::vector<bool>& open) {
    std::vector<std::optional<Step>> parent(bodies);
    std::vector<bool> seen(bodies, false);
    std::deque<std::size_t> queue{from};
    seen[from] = true;
    while (!queue.empty()) {
        const auto here = queue.front();
        queue.pop_front();
        for (const auto& contact : graph) {
            const auto next = otherEnd(contact, here);
            if (!next || seen[*next] || !open[*next]) continue;
            seen[*next] = true;
            parent[*next] = Step{here, contact};
            queue.push_back(*next);
        }
    }
    return parent;
}

Path traceBack(const std::vector<std::optional<Step>>& parent, std::size_t from, std::size_t to) {
    Path path;
    path.connected = parent[to].has_value();
    if (!path.connected) return path;
    for (auto at = to; at != from; at = parent[at]->body) {
        path.bodies.push_back(at);
        path.contacts.push_back(parent[at]->contact);
    }
    path.bodies.push_back(from);
    std::reverse(path.bodies.begin(), path.bodies.end());
    std::reverse(path.contacts.begin(), path.contacts.end());
    return path;
}

bool slides(const Contact& c, const std::vector<bool>& moves) {
    return c.kind == ContactKind::Wall && moves[c.upper] != moves[c.lower];
}

Path walk(const std::vector<Contact>& graph, const std::vector<section::Body>& bodies, const std::vector<bool>& moves,
          std::size_t from, std::size_t to) {
    std::vector<bool> open(bodies.size());
    std::transform(bodies.begin(), bodies.end(), open.begin(), [](const auto& b) { return section::mayCarry(b.kind); });
    auto path = traceBack(cameFrom(graph, bodies.size(), from, open), from, to);
    if (!path.connected)
        path = traceBack(cameFrom(graph, bodies.size(), from, std::vector<bool>(bodies.size(), true)), from, to);
    for (const auto body : path.bodies)
        if (!section::mayCarry(bodies[body].kind)) path.mustNotCarry.push_back(body);
    std::copy_if(path.contacts.begin(), path.contacts.end(), std::back_inserter(path.slipping),
                 [&](const Contact& c) { return slides(c, moves); });
    return path;
}

} // namespace

Path findPath(const std::vector<section::Body>& bodies, const std::vector<bool>& moves, std::size_t from,
              std::size_t to) {
    return walk(section::contacts(bodies), bodies, moves, from, to);
}

Path findStop(const std::vector<section::Body>& bodies, const std::vector<bool>& moves, std::size_t from,
              std::size_t to) {
    auto graph = section::contacts(bodies);
    std::erase_if(graph, [&](const Contact& c) { return slides(c, moves); });
    return walk(graph, bodies, moves, from, to);
}

} // namespace arbor::force
