#include "core/tooling/task.h"

#include "core/catalog/material.h"
#include "core/section/motion.h"
#include "core/tooling/rules.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>

namespace arbor::tooling {

namespace {

using arrangement::Assembly;
using arrangement::Part;
using arrangement::PartKind;
using section::Body;
using section::BodyKind;
using section::Wall;

constexpr double kSameRadius_mm = 5e-3; // seats are drawn at nominal size
constexpr double kSealShell = 0.45;     // of a lip seal's radial height, its outer part is metal; practice value
constexpr double kOpen_mm = 1e6;
constexpr double kLevel_mm = 1e-3;

bool isRing(BodyKind kind) {
    return kind == BodyKind::OuterRing || kind == BodyKind::InnerRing;
}

/// What a body is called on the bench.
std::string nameOf(const Part& part, const Body& body) {
    switch (body.kind) {
    case BodyKind::OuterRing:
        return part.kind == PartKind::Cup ? part.label : "outer ring";
    case BodyKind::InnerRing:
        return part.kind == PartKind::Cone ? part.label : "inner ring";
    case BodyKind::RollingElements:
        return "rolling elements";
    case BodyKind::Seal:
        return "seal";
    case BodyKind::Encoder:
        return "encoder";
    default:
        return part.name();
    }
}

/// A body of the assembly with its name; a soft part carries nothing for others.
Body taken(const Part& part, Body body, bool pushedOrHeld) {
    body.id = nameOf(part, body);
    const bool soft =
        part.kind == PartKind::Seal || std::any_of(std::begin(catalog::kNonMetals), std::end(catalog::kNonMetals),
                                                   [&](const char* material) { return part.material == material; });
    if (body.kind == BodyKind::Housing && soft && !pushedOrHeld) body.kind = BodyKind::Seal;
    return body;
}

struct Seat {
    std::size_t mine = 0, theirs = 0; ///< bodies
    double dia_mm = 0;
    bool inside = false; ///< mine sits inside theirs
};

std::optional<double> commonRadius(const std::vector<Wall>& bores, const std::vector<Wall>& outsides) {
    for (const auto& bore : bores)
        for (const auto& outside : outsides)
            if (std::abs(bore.rad_mm - outside.rad_mm) <= kSameRadius_mm &&
                std::min(bore.zTop_mm, outside.zTop_mm) > std::max(bore.zBottom_mm, outside.zBottom_mm) + kLevel_mm)
                return outside.rad_mm;
    return std::nullopt;
}

/// The bodies of two parts that sit tight in each other.
std::optional<Seat> seatBetween(const Part& mine, const Part& theirs) {
    for (std::size_t i = 0; i < mine.bodies.size(); ++i)
        for (std::size_t j = 0; j < theirs.bodies.size(); ++j) {
            const auto &a = mine.bodies[i], &b = theirs.bodies[j];
            if (const auto rad = commonRadius(innerWalls(b), outerWalls(a))) return Seat{i, j, 2 * *rad, true};
            if (const auto rad = commonRadius(innerWalls(a), outerWalls(b))) return Seat{i, j, 2 * *rad, false};
        }
    return std::nullopt;
}

/// Lowest and highest point of the walls of a seat.
std::optional<std::pair<double, double>> wallSpan(const Body& body, double rad_mm, bool bore) {
    std::optional<std::pair<double, double>> out;
    for (const auto& wall : bore ? innerWalls(body) : outerWalls(body)) {
        if (std::abs(wall.rad_mm - rad_mm) > kSameRadius_mm) continue;
        if (!out) out = {wall.zBottom_mm, wall.zTop_mm};
        out->first = std::min(out->first, wall.zBottom_mm);
        out->second = std::max(out->second, wall.zTop_mm);
    }
    return out;
}

/// How much the edge at the lower, or upper, end of a seat's wall is broken, on the radius.
double edge_mm(const Body& body, double rad_mm, bool bore, bool atItsTop) {
    const auto span = wallSpan(body, rad_mm, bore);
    const double end = atItsTop ? span->second : span->first;
    for (const auto& s : body.slices) {
        const double from = body.z_mm + (atItsTop ? s.zBottom : s.zTop);
        if (std::abs(from - end) > kLevel_mm) continue;
        const double near = bore ? (atItsTop ? s.innerBottom : s.innerTop) : (atItsTop ? s.outerBottom : s.outerTop);
        const double far = bore ? (atItsTop ? s.innerTop : s.innerBottom) : (atItsTop ? s.outerTop : s.outerBottom);
        if (std::abs(near - rad_mm) <= kSameRadius_mm) return std::max(0.0, bore ? far - rad_mm : rad_mm - far);
    }
    return 0;
}

/// What of a body's upward faces can be reached straight from above past everything else; the largest of them.
FreeFace reachableFace(const Body& body, const std::vector<const Body*>& others) {
    FreeFace best;
    for (const auto& face : section::faces(body)) {
        if (!face.facesUp) continue;
        std::vector<std::pair<double, double>> covers;
        const auto cover = [&](const Body& other) {
            for (const auto& s : other.slices)
                if (other.z_mm + s.zTop > face.z_mm + kLevel_mm)
                    covers.emplace_back(std::min(s.innerBottom, s.innerTop), std::max(s.outerBottom, s.outerTop));
        };
        cover(body); // its own higher flanges
        for (const auto* other : others)
            cover(*other);
        std::sort(covers.begin(), covers.end());
        double free = face.innerRad_mm;
        const auto offer = [&](double to) {
            const FreeFace found{2 * free, 2 * to};
            if (to > free && found.area_mm2() > best.area_mm2()) best = found;
        };
        for (const auto& [from, to] : covers) {
            offer(std::min(from, face.outerRad_mm));
            free = std::max(free, to);
        }
        offer(face.outerRad_mm);
    }
    return best;
}

void turnOver(std::vector<Body>& bodies) {
    for (auto& body : bodies)
        body = section::onItsHead(body);
}

std::optional<LipZone> lipOf(const Part& part, const Body& body, bool sitsByItsOutside) {
    if (part.kind != PartKind::Seal) return std::nullopt;
    const double bore = body.boreDia(), outside = body.outsideDia(), shell = kSealShell * (outside - bore);
    return sitsByItsOutside ? LipZone{bore, outside - shell} : LipZone{bore + shell, outside};
}

KeepOff keepOffOf(const Part& part, const Body& pushed, bool sitsByItsOutside) {
    if (part.kind == PartKind::Seal) return sitsByItsOutside ? KeepOff::Inside : KeepOff::Outside;
    if (!part.catalogue || part.kind != PartKind::Bearing) return KeepOff::Nothing;
    return pushed.kind == BodyKind::OuterRing ? KeepOff::Inside : KeepOff::Outside;
}

/// One of the two ways of a parting, put together.
class Building {
public:
    Building(const Assembly& a, const PressMove& p, const Seat& seat, bool partnerMoves)
        : m_assembly(a), m_move(p), m_seat(seat) {
        m_task.partnerMoves = partnerMoves;
        m_task.out = p.out;
        m_task.seatDia_mm = seat.dia_mm;
        m_task.inBore = seat.inside != partnerMoves;
    }

    std::optional<Task> make() {
        share();
        // What moves goes down: out, the part leaves on its way; in, it comes from there.
        const bool partGoesUp = (m_move.way == route::Way::Up) == m_move.out;
        m_task.turnedOver = partGoesUp != m_task.partnerMoves;
        if (m_task.turnedOver) {
            turnOver(m_task.moving);
            turnOver(m_task.still);
        }
        if (!setTravel() || !setFace()) return std::nullopt;
        standOnZero();
        return std::move(m_task);
    }

private:
    void share() {
        for (std::size_t p = 0; p < m_assembly.parts.size(); ++p) {
            if (!(m_move.present & route::only(p))) continue;
            const auto& part = m_assembly.parts[p];
            const bool mine = p == m_move.part, theirs = p == m_move.partner;
            const bool moves = mine != m_task.partnerMoves;
            auto& list = moves ? m_task.moving : m_task.still;
            for (std::size_t b = 0; b < part.bodies.size(); ++b) {
                const bool tight = (mine && b == m_seat.mine) || (theirs && b == m_seat.theirs);
                if (tight) (moves ? m_task.pushed : m_task.holder) = list.size();
                list.push_back(taken(part, part.bodies[b], tight));
            }
            list.insert(list.end(), part.keepClear.begin(), part.keepClear.end());
        }
        const auto &part = m_assembly.parts[m_move.part], &partner = m_assembly.parts[m_move.partner];
        m_pushedPart = m_task.partnerMoves ? &partner : &part;
        const auto& held = m_task.partnerMoves ? part : partner;
        // A seal sits by its outside, or, pushed over a shaft, by its bore.
        m_task.pushedLip = lipOf(*m_pushedPart, m_task.moving[m_task.pushed], m_task.inBore);
        m_task.heldLip = lipOf(held, m_task.still[m_task.holder], !m_task.inBore);
        m_task.toDepth = part.kind == PartKind::Seal || part.kind == PartKind::Cap || part.kind == PartKind::WearSleeve;
        m_task.scrap = m_move.out && (part.catalogue || partner.catalogue);
    }

    bool setTravel() {
        const double rad = m_task.seatDia_mm / 2;
        const auto goes = wallSpan(m_task.moving[m_task.pushed], rad, !m_task.inBore);
        const auto stays = wallSpan(m_task.still[m_task.holder], rad, m_task.inBore);
        if (!goes || !stays) return false;
        m_task.travel_mm = m_task.out ? goes->second - stays->first : stays->second - goes->first;
        if (!m_task.out) {
            section::moveBy(m_task.moving, m_task.travel_mm);
            m_task.chamfer_mm = edge_mm(m_task.moving[m_task.pushed], rad, !m_task.inBore, false) +
                                edge_mm(m_task.still[m_task.holder], rad, m_task.inBore, true);
        }
        return m_task.travel_mm > kLevel_mm;
    }

    bool setFace() {
        const auto& pushed = m_task.moving[m_task.pushed];
        std::vector<const Body*> others;
        for (std::size_t i = 0; i < m_task.moving.size(); ++i)
            if (i != m_task.pushed) others.push_back(&m_task.moving[i]);
        for (const auto& body : m_task.still)
            others.push_back(&body);
        m_task.face = reachableFace(pushed, others);
        if (const auto& lip = m_task.pushedLip; lip && m_task.inBore)
            m_task.face.innerDia_mm = std::max(m_task.face.innerDia_mm, lip->outerDia_mm);
        else if (lip)
            m_task.face.outerDia_mm = std::min(m_task.face.outerDia_mm, lip->innerDia_mm);
        m_task.faceName = pushed.id;
        m_task.keepOff = keepOffOf(*m_pushedPart, pushed, m_task.inBore);
        m_task.bareRam = !isRing(pushed.kind) && m_pushedPart->kind != PartKind::Seal;
        return m_task.face.width_mm() >= kLeastLand_mm;
    }

    void standOnZero() {
        double foot = kOpen_mm;
        for (const auto& body : m_task.still)
            if (body.kind != BodyKind::KeepClear) foot = std::min(foot, body.bottom());
        section::moveBy(m_task.moving, -foot);
        section::moveBy(m_task.still, -foot);
    }

    const Assembly& m_assembly;
    const PressMove& m_move;
    Seat m_seat;
    const Part* m_pushedPart = nullptr;
    Task m_task;
};

} // namespace

double LipZone::under_mm(double innerRad_mm, double outerRad_mm) const {
    return std::min(outerRad_mm, outerDia_mm / 2) - std::max(innerRad_mm, innerDia_mm / 2);
}

double FreeFace::area_mm2() const {
    return std::numbers::pi / 4 * (outerDia_mm * outerDia_mm - innerDia_mm * innerDia_mm);
}

double Task::throughDia_mm() const {
    double dia = kOpen_mm;
    for (const auto* list : {&moving, &still})
        for (const auto& body : *list)
            dia = std::min(dia, body.boreDia());
    return dia;
}

double Task::passDia_mm() const {
    const double foot = still[holder].bottom();
    double rad = 0;
    const auto widest = [&](const Body& body, double down_mm) {
        for (const auto& s : body.slices)
            if (body.z_mm + s.zBottom - down_mm < foot - kLevel_mm) rad = std::max({rad, s.outerBottom, s.outerTop});
    };
    for (const auto& body : moving)
        widest(body, travel_mm);
    return 2 * rad;
}

bool Task::heldByRing() const {
    return isRing(still[holder].kind);
}

std::vector<Body> Task::atTravel(double gone_mm) const {
    auto bodies = moving;
    section::moveBy(bodies, -gone_mm);
    return bodies;
}

std::vector<Task> tasksOf(const Assembly& assembly, const PressMove& parting) {
    std::vector<Task> out;
    const auto seat = seatBetween(assembly.parts[parting.part], assembly.parts[parting.partner]);
    if (!seat) return out;
    for (const bool partnerMoves : {false, true})
        if (auto task = Building(assembly, parting, *seat, partnerMoves).make()) out.push_back(std::move(*task));
    return out;
}

std::optional<Task> withSeparator(const Task& task, const Body& separator) {
    if (!task.heldByRing()) return std::nullopt;
    auto plates = separator;
    plates.z_mm = task.still[task.holder].bottom() - plates.height();
    const auto clear = [&](const Body& other) {
        const auto down = section::firstMeeting(plates, other);
        return !down || !down->overlapsAtStart;
    };
    if (!std::all_of(task.still.begin(), task.still.end(), clear) ||
        !std::all_of(task.moving.begin(), task.moving.end(), clear))
        return std::nullopt;
    auto out = task;
    out.still.push_back(std::move(plates));
    return out;
}

} // namespace arbor::tooling
