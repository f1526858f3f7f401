#include "ui/bench/section_painter.h"

#include "ui/theme/theme.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <optional>

namespace arbor::ui {

namespace {

using section::BodyKind;
using section::Hatch;
using theme::roles;

constexpr double kHatchStep = 7; // on screen, so that hatching keeps its look at every zoom

QColor fill(const section::Body& body) {
    switch (body.hatch) {
    case Hatch::Steel:
        return roles().steel;
    case Hatch::HardenedSteel:
        return roles().hardened;
    case Hatch::CastIron:
        return roles().iron;
    case Hatch::Aluminium:
        return roles().provenPale;
    case Hatch::Brass:
        return roles().cautionPale;
    case Hatch::Polymer:
        return roles().rule;
    case Hatch::None:
        return roles().card;
    }
    return roles().steel;
}

/// Neighbouring parts lean against each other: tools one way, housing the other, rings finer.
struct HatchStyle {
    bool rising;
    double step;
};
HatchStyle hatchStyle(const section::Body& body) {
    switch (body.kind) {
    case BodyKind::OuterRing:
        return {false, kHatchStep * 0.6};
    case BodyKind::InnerRing:
        return {true, kHatchStep * 0.6};
    case BodyKind::Spacer:
    case BodyKind::Support:
        return {false, kHatchStep};
    default:
        return {true, kHatchStep};
    }
}

void hatch(QPainter& painter, const QPainterPath& shape, const HatchStyle& style, const QColor& colour) {
    painter.save();
    painter.setClipPath(shape, Qt::IntersectClip);
    painter.setPen(QPen(colour, 0.8));
    const auto box = shape.boundingRect();
    const double first = std::floor((box.left() - box.height()) / style.step) * style.step;
    for (double x = first; x < box.right(); x += style.step) {
        if (style.rising)
            painter.drawLine(QPointF(x, box.bottom()), QPointF(x + box.height(), box.top()));
        else
            painter.drawLine(QPointF(x, box.top()), QPointF(x + box.height(), box.bottom()));
    }
    painter.restore();
}

QPointF mirrored(QPointF p, int side) {
    return {p.x() * side, p.y()};
}

using section::Contact;
using section::ContactKind;

QPointF point(const Contact& c) {
    return {c.midRad_mm(), c.midZ_mm()};
}

bool inside(const section::Body& body, QPointF p) {
    constexpr double kHair = 1e-6;
    return std::any_of(body.slices.begin(), body.slices.end(), [&](const section::Slice& s) {
        const double share = (p.y() - body.z_mm - s.zBottom) / (s.zTop - s.zBottom);
        return share >= -kHair && share <= 1 + kHair && p.x() >= std::lerp(s.innerBottom, s.innerTop, share) - kHair &&
               p.x() <= std::lerp(s.outerBottom, s.outerTop, share) + kHair;
    });
}

int pointsOutside(const section::Body& body, const std::vector<QPointF>& line) {
    int out = 0;
    for (std::size_t i = 1; i < line.size(); ++i)
        for (const double share : {0.1, 0.3, 0.5, 0.7, 0.9})
            out += !inside(body, line[i - 1] + (line[i] - line[i - 1]) * share);
    return out;
}

/// Along the axis, across at one height, along the axis again: at a wall contact if there is one, else in the middle of
/// a slice, else anywhere; the first height that keeps inside the body the best.
std::vector<QPointF> wayInside(const section::Body& body, QPointF from, QPointF to, std::optional<double> wall) {
    std::vector<double> heights;
    if (wall) heights.push_back(*wall);
    for (auto s = body.slices.rbegin(); s != body.slices.rend(); ++s)
        heights.push_back(body.z_mm + (s->zBottom + s->zTop) / 2);
    constexpr int kParts = 60;
    for (int i = 0; i <= kParts; ++i)
        heights.push_back(body.bottom() + body.height() * i / kParts);
    const auto at = [&](double z) { return std::vector<QPointF>{from, {from.x(), z}, {to.x(), z}, to}; };
    const auto best = std::min_element(heights.begin(), heights.end(), [&](double a, double b) {
        return pointsOutside(body, at(a)) < pointsOutside(body, at(b));
    });
    return at(*best);
}

QPainterPath zigzag(QPointF a, QPointF b) {
    QPainterPath line(a);
    const QPointF along = b - a;
    const double length = std::hypot(along.x(), along.y());
    if (length < 1) return line;
    const QPointF across(-along.y() / length * 5, along.x() / length * 5);
    const int teeth = std::max(4, static_cast<int>(length / 5));
    for (int i = 1; i < teeth; ++i)
        line.lineTo(a + along * (static_cast<double>(i) / teeth) + across * (i % 2 ? 1 : -1));
    line.lineTo(b);
    return line;
}

} // namespace

std::vector<QPointF> legThrough(const force::Path& path, std::size_t leg, const std::vector<section::Body>& bodies) {
    const auto& body = bodies[path.bodies[leg]];
    const bool first = leg == 0, last = leg + 1 == path.bodies.size();
    const auto from = first ? QPointF(path.contacts.front().midRad_mm(), body.top()) : point(path.contacts[leg - 1]);
    const auto to = last ? QPointF(path.contacts.back().midRad_mm(), body.bottom()) : point(path.contacts[leg]);
    if (!section::mayCarry(body.kind)) return {from, to};
    const bool fromWall = !first && path.contacts[leg - 1].kind != ContactKind::Face;
    const bool toWall = !last && path.contacts[leg].kind != ContactKind::Face;
    return wayInside(body, from, to,
                     fromWall ? std::optional(from.y())
                     : toWall ? std::optional(to.y())
                              : std::nullopt);
}

QPainterPath outline(const section::Body& body, int side) {
    QPainterPath path;
    const auto& s = body.slices;
    bool started = false;
    const auto to = [&](double r, double z) {
        const QPointF p = mirrored({r, body.z_mm + z}, side);
        started ? path.lineTo(p) : path.moveTo(p);
        started = true;
    };
    for (const auto& slice : s) {
        to(slice.outerBottom, slice.zBottom);
        to(slice.outerTop, slice.zTop);
    }
    for (auto slice = s.rbegin(); slice != s.rend(); ++slice) {
        to(slice->innerTop, slice->zTop);
        to(slice->innerBottom, slice->zBottom);
    }
    path.closeSubpath();
    return path;
}

std::vector<QPainterPath> outlines(const section::Body& body) {
    const auto solid = [](const section::Slice& s) { return s.innerBottom == 0 && s.innerTop == 0; };
    const auto firstSolid = std::find_if(body.slices.begin(), body.slices.end(), solid);
    if (firstSolid == body.slices.end() || !std::all_of(firstSolid, body.slices.end(), solid))
        return {outline(body, -1), outline(body, 1)};
    // Closed at the top: one outline, up the right, down the left, and round the inside of the open part below.
    QPolygonF line;
    for (const auto& s : body.slices)
        line << QPointF(s.outerBottom, body.z_mm + s.zBottom) << QPointF(s.outerTop, body.z_mm + s.zTop);
    for (auto s = body.slices.rbegin(); s != body.slices.rend(); ++s)
        line << QPointF(-s->outerTop, body.z_mm + s->zTop) << QPointF(-s->outerBottom, body.z_mm + s->zBottom);
    for (auto s = body.slices.begin(); s != firstSolid; ++s)
        line << QPointF(-s->innerBottom, body.z_mm + s->zBottom) << QPointF(-s->innerTop, body.z_mm + s->zTop);
    for (auto s = std::make_reverse_iterator(firstSolid); s != body.slices.rend(); ++s)
        line << QPointF(s->innerTop, body.z_mm + s->zTop) << QPointF(s->innerBottom, body.z_mm + s->zBottom);
    QPainterPath path;
    path.addPolygon(line);
    path.closeSubpath();
    return {path};
}

SectionPainter::SectionPainter(QPainter& painter, const QTransform& toScreen)
    : m_painter(painter), m_toScreen(toScreen) {}

void SectionPainter::body(const section::Body& body, bool faded, bool picked) {
    m_painter.save();
    m_painter.setOpacity(faded ? 0.4 : 1.0);
    m_painter.setBrush(Qt::NoBrush);
    for (const auto& world : outlines(body)) {
        const auto shape = m_toScreen.map(world);
        m_painter.fillPath(shape, picked ? roles().planPale : fill(body));
        if (body.hatch != Hatch::None) hatch(m_painter, shape, hatchStyle(body), roles().muted);
        m_painter.setPen(
            QPen(picked ? roles().plan : roles().ink, picked ? 2.2 : 1.3, Qt::SolidLine, Qt::SquareCap, Qt::MiterJoin));
        m_painter.drawPath(shape);
    }
    m_painter.restore();
}

void SectionPainter::axis(double fromZ_mm, double toZ_mm) {
    QPen pen(roles().muted, 1);
    pen.setDashPattern({12, 3, 2, 3});
    m_painter.setPen(pen);
    m_painter.drawLine(m_toScreen.map(QPointF(0, fromZ_mm)), m_toScreen.map(QPointF(0, toZ_mm)));
}

void SectionPainter::path(const force::Path& path, const std::vector<section::Body>& bodies) {
    if (!path.connected || path.contacts.empty()) return;
    m_painter.save();
    // One row of balls in the way means all rows of the bearing carry.
    for (std::size_t bad = 0; bad < bodies.size(); ++bad)
        for (const int side : {-1, 1}) {
            const bool hit = std::any_of(path.mustNotCarry.begin(), path.mustNotCarry.end(),
                                         [&](auto b) { return bodies[b].kind == bodies[bad].kind; });
            if (!hit) break;
            const auto shape = m_toScreen.map(outline(bodies[bad], side));
            m_painter.fillPath(shape, roles().stopPale);
            hatch(m_painter, shape, {true, 4}, roles().stop);
        }
    for (const int side : {-1, 1}) {
        QPointF tip;
        for (std::size_t leg = 0; leg < path.bodies.size(); ++leg) {
            QPolygonF way;
            for (const auto& p : legThrough(path, leg, bodies))
                way << m_toScreen.map(mirrored(p, side));
            tip = way.back();
            const bool good = section::mayCarry(bodies[path.bodies[leg]].kind);
            m_painter.setPen(
                QPen(good ? roles().plan : roles().stop, good ? 3.5 : 3, Qt::SolidLine, Qt::SquareCap, Qt::RoundJoin));
            m_painter.setBrush(Qt::NoBrush);
            if (good)
                m_painter.drawPolyline(way);
            else
                m_painter.drawPath(zigzag(way.front(), way.back()));
        }
        QPainterPath head(tip);
        head.lineTo(tip + QPointF(-7, -11));
        head.lineTo(tip + QPointF(7, -11));
        head.closeSubpath();
        m_painter.fillPath(head, roles().plan);
    }
    m_painter.restore();
}

} // namespace arbor::ui
