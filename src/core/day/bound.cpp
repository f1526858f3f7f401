#include "core/day/bound.h"

#include <algorithm>
#include <boost/graph/adjacency_list.hpp>
#include <boost/graph/successive_shortest_path_nonnegative_weights.hpp>

#include <boost/graph/find_flow_cost.hpp> // needs what is before it

#include <functional>
#include <map>
#include <utility>

namespace arbor::day {

namespace {

/// The first minute from `from` at which something so long fits into the hours.
Minute fitted(const std::vector<Hours>& hours, Minute from, Minute lasts) {
    for (const auto& day : hours) {
        const auto start = std::max(from, day.from);
        if (start + lasts <= day.until) return start;
    }
    return from;
}

bool isWarm(const Day& day, const Piece& soak) {
    return std::any_of(day.sources.begin(), day.sources.end(),
                       [&](const Source& s) { return s.id == soak.source && s.warms; });
}

/// How long a job needs at least from the end of each piece to its own end.
std::vector<Minute> restAfter(const Day& day) {
    std::vector<Minute> rest(day.pieces.size());
    for (std::size_t round = 0; round < day.pieces.size(); ++round) {
        const auto before = rest;
        for (std::size_t i = 0; i < day.pieces.size(); ++i) {
            const auto& piece = day.pieces[i];
            if (piece.isSoak()) rest[i] = std::max(rest[i], rest[piece.into] + day.pieces[piece.into].lasts);
            for (const auto& after : piece.after)
                rest[after.piece] = std::max(rest[after.piece], after.wait + piece.lasts + rest[i]);
        }
        if (rest == before) break;
    }
    return rest;
}

/// What does so many things at a time, in these hours.
struct Resource {
    std::function<bool(const Piece&)> isUsedBy;
    std::vector<Hours> open; ///< one for each that it can do at a time; of each the daily hours
};

/// Some minutes, and how much can be done in them.
struct Slot {
    Minute from = 0;
    Minute until = 0;
    std::int64_t room = 0;
};

std::vector<Slot> slotsOf(const Day& day, const Resource& resource, Minute work) {
    constexpr Minute kSlot = 15;
    const auto horizon = horizonOf(day);
    std::vector<std::vector<Hours>> open;
    for (const auto& daily : resource.open)
        open.push_back(hoursOf(day, daily, horizon));
    std::vector<Slot> out;
    std::int64_t sum = 0;
    for (Minute from = day.now; from < horizon && sum < 2 * work + kDay; from += kSlot) {
        Slot slot{from, from + kSlot};
        for (const auto& hours : open)
            for (const auto& h : hours)
                slot.room += std::max(0, std::min(h.until, slot.until) - std::max(h.from, slot.from));
        if (slot.room > 0) out.push_back(slot);
        sum += slot.room;
    }
    return out;
}

using Traits = boost::adjacency_list_traits<boost::vecS, boost::vecS, boost::directedS>;
using Graph = boost::adjacency_list<
    boost::vecS, boost::vecS, boost::directedS, boost::no_property,
    boost::property<boost::edge_capacity_t, std::int64_t,
                    boost::property<boost::edge_residual_capacity_t, std::int64_t,
                                    boost::property<boost::edge_reverse_t, Traits::edge_descriptor,
                                                    boost::property<boost::edge_weight_t, double>>>>>;

/// @param cost  whole: the library adds up what is out of reach, which a double bears and an integer does not
void connect(Graph& graph, std::size_t from, std::size_t to, std::int64_t capacity, double cost) {
    const auto there = add_edge(from, to, graph).first, back = add_edge(to, from, graph).first;
    put(boost::edge_capacity, graph, there, capacity);
    put(boost::edge_capacity, graph, back, 0);
    put(boost::edge_weight, graph, there, cost);
    put(boost::edge_weight, graph, back, -cost);
    put(boost::edge_reverse, graph, there, back);
    put(boost::edge_reverse, graph, back, there);
}

/// Every minute of work goes to minutes in which there is room for it, and bears its share of what its job would cost
/// if nothing but the rest of the job's own way came after it. A plan's own minutes are such a share-out and cost no
/// more than it does.
std::int64_t boundOn(const Day& day, const std::vector<Placed>& alone, const std::vector<Minute>& rest,
                     const Resource& resource) {
    const auto counts = [&](const Piece& p) { return !p.began && resource.isUsedBy(p); };
    std::map<std::string, Minute> work;
    Minute all = 0;
    for (const auto& piece : day.pieces)
        if (counts(piece)) {
            work[piece.key.job] += piece.lasts;
            all += piece.lasts;
        }
    const auto slots = slotsOf(day, resource, all);
    constexpr std::int64_t kParts = 1000; // of a minute's cost
    const std::size_t source = day.pieces.size() + slots.size(), sink = source + 1;
    Graph graph(sink + 1);
    for (std::size_t s = 0; s < slots.size(); ++s)
        connect(graph, day.pieces.size() + s, sink, slots[s].room, 0);
    std::int64_t otherwise = 0;
    for (const auto& job : day.jobs) {
        const auto path = endOf(day, alone, job.job);
        if (!work.contains(job.job)) otherwise += costAt(day, job, path);
        for (std::size_t i = 0; i < day.pieces.size(); ++i) {
            const auto& piece = day.pieces[i];
            if (piece.key.job != job.job || !counts(piece)) continue;
            connect(graph, source, i, piece.lasts, 0);
            for (std::size_t s = 0; s < slots.size(); ++s) {
                if (slots[s].until <= alone[i].start) continue;
                const auto whole = costAt(day, job, std::max(path, slots[s].from + rest[i])) * kParts;
                const auto share = whole / work[job.job]; // rounded down: a bound may be less
                connect(graph, i, day.pieces.size() + s, piece.lasts, static_cast<double>(share));
            }
        }
    }
    successive_shortest_path_nonnegative_weights(graph, source, sink);
    return otherwise + static_cast<std::int64_t>(find_flow_cost(graph)) / kParts;
}

/// Hands, each press, what warms by its places; a freezer has room at night too, and more than is asked for.
std::vector<Resource> resourcesOf(const Day& day) {
    std::vector<Resource> out;
    if (day.people.empty()) return out;
    std::vector<Hours> people;
    for (const auto& person : day.people)
        people.push_back(person.hours);
    out.push_back({[](const Piece& p) { return p.byHand; }, people});
    for (const auto& press : day.presses)
        out.push_back({[press](const Piece& p) { return p.press == press; }, {day.open()}});
    for (const auto& source : day.sources)
        if (source.warms)
            out.push_back({[id = source.id](const Piece& p) { return p.source == id; },
                           std::vector(static_cast<std::size_t>(std::max(1, source.places)), day.open())});
    return out;
}

} // namespace

std::vector<Placed> earliest(const Day& day) {
    const auto hours = hoursOf(day, day.open(), horizonOf(day));
    std::vector<Placed> at(day.pieces.size());
    const auto settle = [&](std::size_t i) {
        const auto& piece = day.pieces[i];
        Minute from = piece.began.value_or(day.now);
        if (!piece.began)
            for (const auto& after : piece.after)
                from = std::max(from, at[after.piece].end + after.wait);
        Minute warmed = 0; // on the same day, before it
        for (std::size_t k = 0; k < day.pieces.size(); ++k) {
            if (!day.pieces[k].isSoak() || day.pieces[k].into != i) continue;
            from = std::max(from, at[k].end);
            if (isWarm(day, day.pieces[k]) && !day.pieces[k].began) warmed = std::max(warmed, day.pieces[k].lasts);
        }
        if (piece.notBefore && !piece.began) from = std::max(from, *piece.notBefore);
        if (piece.byHand && !piece.began) from = fitted(hours, from - warmed, warmed + piece.lasts) + warmed;
        if (piece.fixed && !piece.began) from = std::max(from, *piece.fixed);
        const auto start = piece.began.value_or(from);
        const Placed now{start, std::max(start + piece.lasts, piece.began ? day.now : 0), 0, 0};
        return std::exchange(at[i], now) != now;
    };
    bool changed = true;
    for (std::size_t round = 0; changed && round <= day.pieces.size(); ++round) { // a way through all of them at most
        changed = false;
        for (std::size_t i = 0; i < day.pieces.size(); ++i)
            changed = settle(i) || changed;
    }
    return at;
}

std::int64_t lowerBound(const Day& day) {
    const auto alone = earliest(day);
    const auto rest = restAfter(day);
    auto bound = costOf(day, alone);
    for (const auto& resource : resourcesOf(day))
        bound = std::max(bound, boundOn(day, alone, rest, resource));
    return bound;
}

} // namespace arbor::day
