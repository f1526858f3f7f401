#include "ui/bench/bench_view.h"

#include "ui/bench/section_painter.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/theme/tones.h"
#include "words/display.h"

#include <QDropEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kTop = 58; // below title and subtitle
constexpr int kBottom = 14;
constexpr double kAxisOver = 6; // past the work at both ends
constexpr int kCalloutWidth = 206;
constexpr int kCalloutStep = 40;
constexpr int kLeastLabelledWidth = 3 * kCalloutWidth; // narrower: the section alone, parts are told when picked
constexpr double kGrip = 5;                            // pixels within which a face is caught, and snaps
constexpr double kSnap_mm = 0.5;                       // grid of a dragged face
constexpr double kLeastZoom = 0.5, kMostZoom = 20;

struct PlacedCallout {
    const Callout* callout;
    double y;
};

/// Keeps labels of one side apart without changing their order.
std::vector<PlacedCallout> spread(std::vector<PlacedCallout> list, double top, double bottom) {
    std::sort(list.begin(), list.end(), [](const auto& a, const auto& b) { return a.y < b.y; });
    double least = top;
    for (auto& entry : list) {
        entry.y = std::max(entry.y, least);
        least = entry.y + kCalloutStep;
    }
    double most = bottom;
    for (auto entry = list.rbegin(); entry != list.rend(); ++entry) {
        entry->y = std::min(entry->y, most);
        most = entry->y - kCalloutStep;
    }
    return list;
}

} // namespace

BenchView::BenchView(QWidget* parent) : QWidget(parent) {
    setObjectName("bench");
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(false);
    setAcceptDrops(true);
    setMinimumSize(180, 200);
    speakAs(*this, QAccessible::Graphic, tr("Bench"));
}

QString BenchView::spokenNow() const {
    auto text = QStringLiteral("%1. %2").arg(m_scene.title, m_scene.subtitle);
    if (!m_picked || *m_picked >= m_scene.bodies.size() || !m_describe) return text;
    const auto note = m_describe(m_scene.bodies[*m_picked]);
    return QStringLiteral("%1 %2: %3").arg(text, note.head, note.detail);
}

void BenchView::changed() {
    speak(*this, spokenNow());
    update();
}

void BenchView::show(BenchScene scene) {
    const auto keep =
        m_picked && *m_picked < m_scene.bodies.size() ? std::optional(m_scene.bodies[*m_picked].id) : std::nullopt;
    m_scene = std::move(scene);
    m_picked.reset();
    for (std::size_t i = 0; keep && i < m_scene.bodies.size(); ++i)
        if (m_scene.bodies[i].id == *keep) m_picked = i;
    changed();
}

QRectF BenchView::worldBox() const {
    double rad = 1, lo = 0, hi = 1;
    bool first = true;
    for (const auto& b : m_scene.bodies) {
        rad = std::max(rad, b.outsideDia() / 2);
        lo = first ? b.bottom() : std::min(lo, b.bottom());
        hi = first ? b.top() : std::max(hi, b.top());
        first = false;
    }
    hi = std::max(hi, m_scene.keepUpTo_mm.value_or(hi));
    return {-rad, lo, 2 * rad, hi - lo};
}

double BenchView::loupeRad() const {
    return std::clamp(0.17 * height(), 60.0, 160.0);
}

bool BenchView::labelled() const {
    return (m_scene.roomForCallouts || !m_scene.callouts.empty()) && width() >= kLeastLabelledWidth;
}

std::vector<PlacedDimension> BenchView::placedDimensions() const {
    const auto map = toScreen();
    return DimensionLayout(m_scene.dimensions, worldBox().center().y()).placed(map, map.mapRect(worldBox()));
}

QRectF BenchView::dimensionBox(int id) const {
    for (const auto& placed : placedDimensions())
        if (placed.of->id == id) return placed.box;
    return {};
}

QTransform BenchView::toScreen() const {
    if (m_held) return *m_held;
    const auto world = worldBox();
    const double side = labelled() ? kCalloutWidth : 24;
    const DimensionLayout sizes(m_scene.dimensions, world.center().y());
    const double free = std::max(60.0, width() - 2 * side - sizes.beside());
    const double tall = std::max(60.0, height() - kTop - kBottom - sizes.above() - sizes.below());
    const double scale = std::min(free / world.width(), tall / world.height()) * m_zoom;
    const QPointF middle((width() - sizes.beside()) / 2.0, kTop + sizes.above() + tall / 2.0);
    QTransform t;
    t.translate(middle.x() + m_pan.x(), middle.y() + m_pan.y());
    t.scale(scale, -scale);
    t.translate(0, -world.center().y());
    return t;
}

void BenchView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    if (m_scene.bodies.empty()) {
        painter.setFont(typeface(Text::Body));
        painter.setPen(roles().muted);
        painter.drawText(rect().adjusted(30, 60, -30, -30), Qt::AlignCenter | Qt::TextWordWrap, m_scene.emptyText);
    } else {
        const auto map = toScreen();
        paintSection(painter, map);
        if (labelled()) paintCallouts(painter, map);
        paintDimensions(painter, placedDimensions());
        if (m_scene.loupe) paintLoupe(painter, map);
        paintStroke(painter);
        paintPicked(painter);
    }
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    theme::drawElided(painter, QRect(theme::kMargin, 12, width() - 2 * theme::kMargin, 20), Qt::AlignVCenter,
                      m_scene.title);
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    theme::drawElided(painter, QRect(theme::kMargin, 32, width() - 2 * theme::kMargin, 18), Qt::AlignVCenter,
                      m_scene.subtitle);
    if (hasFocus()) {
        painter.setPen(QPen(roles().plan, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(rect().adjusted(1, 1, -2, -2));
    }
}

void BenchView::paintSection(QPainter& painter, const QTransform& map) const {
    SectionPainter section(painter, map);
    for (std::size_t i = 0; i < m_scene.bodies.size(); ++i)
        section.body(m_scene.bodies[i], i < m_scene.faded.size() && m_scene.faded[i], m_picked == i);
    const auto world = worldBox();
    const double over = kAxisOver / map.m11();
    section.axis(world.top() - over, world.bottom() + over);
    if (m_scene.path) section.path(*m_scene.path, m_scene.bodies);
}

void BenchView::paintLoupe(QPainter& painter, const QTransform& map) const {
    const double rad = loupeRad();
    const QPointF centre(theme::kMargin + rad, kTop + rad + 4);
    const auto spot = map.map(m_scene.loupe->at);
    const double scale = rad / m_scene.loupe->halfWidth_mm;
    painter.setPen(QPen(roles().muted, 0.9));
    painter.drawLine(centre, spot);
    QPainterPath rim;
    rim.addEllipse(centre, rad, rad);
    painter.save();
    painter.fillPath(rim, roles().paper);
    painter.setClipPath(rim);
    QTransform larger;
    larger.translate(centre.x(), centre.y());
    larger.scale(scale, -scale);
    larger.translate(-m_scene.loupe->at.x(), -m_scene.loupe->at.y());
    paintSection(painter, larger);
    painter.restore();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(roles().ink, 1.6));
    painter.drawEllipse(centre, rad, rad);
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRectF(centre.x() - rad, centre.y() + rad + 2, 2 * rad, 18), Qt::AlignCenter,
                     tr("%1 × larger").arg(q(words::decimals(scale / map.m11(), 1))));
}

void BenchView::paintCallouts(QPainter& painter, const QTransform& map) const {
    const double leftTop = kTop + (m_scene.loupe ? 2 * loupeRad() + 24 : 4);
    for (const int side : {-1, 1}) {
        std::vector<PlacedCallout> list;
        for (const auto& c : m_scene.callouts)
            if ((c.at.x() < 0) == (side < 0)) list.push_back({&c, map.map(c.at).y() - 10});
        for (const auto& [callout, y] : spread(std::move(list), side < 0 ? leftTop : kTop + 4, height() - 44)) {
            const double left = side < 0 ? theme::kMargin : width() - kCalloutWidth + 6;
            const QRectF box(left, y, kCalloutWidth - theme::kMargin - 6, 36);
            const auto align = side < 0 ? Qt::AlignRight : Qt::AlignLeft;
            painter.setPen(QPen(roles().muted, 0.9));
            painter.drawLine(QPointF(side < 0 ? box.right() + 5 : box.left() - 5, y + 9), map.map(callout->at));
            painter.setBrush(roles().ink);
            painter.setPen(Qt::NoPen);
            painter.drawEllipse(map.map(callout->at), 2.4, 2.4);
            painter.setFont(typeface(Text::Strong));
            painter.setPen(callout->tone == Tone::Plain ? roles().ink : toneColour(callout->tone));
            theme::drawElided(painter, QRectF(box.left(), y, box.width(), 18), align, callout->head);
            painter.setFont(typeface(Text::Small));
            painter.setPen(roles().muted);
            theme::drawElided(painter, QRectF(box.left(), y + 18, box.width(), 18), align, callout->detail);
        }
    }
}

void BenchView::paintStroke(QPainter& painter) const {
    if (!m_scene.stroke || m_scene.stroke->there_mm <= 0) return;
    const auto& s = *m_scene.stroke;
    const QRectF scale(theme::kMargin, kTop + 8, 8, std::min(220, height() - kTop - 60));
    painter.fillRect(scale, roles().rule);
    const double used = std::min(1.0, s.used_mm / s.there_mm) * scale.height();
    painter.fillRect(QRectF(scale.left(), scale.top(), scale.width(), used),
                     s.used_mm > s.there_mm ? roles().stop : roles().plan);
    painter.setPen(QPen(roles().ink, 1));
    for (int i = 0; i <= 10; ++i) {
        const double y = scale.top() + scale.height() * i / 10;
        painter.drawLine(QPointF(scale.right(), y), QPointF(scale.right() + (i % 5 ? 4 : 8), y));
    }
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().plan);
    painter.drawText(QRectF(scale.left(), scale.bottom() + 4, 52, 80), Qt::TextWordWrap, s.label);
}

void BenchView::paintPicked(QPainter& painter) const {
    if (!m_picked || !m_describe) return;
    const auto note = m_describe(m_scene.bodies[*m_picked]);
    const QFontMetrics metrics(typeface(Text::Small));
    const int wide = std::min(width() - 2 * theme::kMargin, 330);
    const auto text = metrics.boundingRect(QRect(0, 0, wide - 20, 400), Qt::TextWordWrap, note.detail);
    const QRectF card(theme::kMargin, height() - text.height() - 46, wide, text.height() + 34);
    painter.setPen(QPen(roles().plan, 1));
    painter.setBrush(roles().card);
    painter.drawRect(card);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().plan);
    painter.drawText(card.adjusted(10, 6, -10, 0), Qt::AlignTop, note.head);
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().ink);
    painter.drawText(card.adjusted(10, 26, -10, 0), Qt::TextWordWrap, note.detail);
}

void BenchView::zoomAbout(QPointF screen, double factor) {
    const auto world = toScreen().inverted().map(screen);
    m_zoom = std::clamp(m_zoom * factor, kLeastZoom, kMostZoom);
    m_pan += screen - toScreen().map(world);
    changed();
}

void BenchView::fit() {
    m_zoom = 1;
    m_pan = {};
    changed();
}

void BenchView::wheelEvent(QWheelEvent* event) {
    zoomAbout(event->position(), std::pow(1.0015, event->angleDelta().y()));
}

void BenchView::mousePressEvent(QMouseEvent* event) {
    m_dragFrom = event->position();
    m_dragged = false;
    m_face = m_faceDrag ? faceAt(event->position()) : std::nullopt;
    if (m_face) m_held = toScreen();
    m_heights.clear();
    for (const auto& body : m_scene.bodies)
        for (const auto& s : body.slices)
            m_heights.insert(m_heights.end(), {body.z_mm + s.zBottom, body.z_mm + s.zTop});
}

void BenchView::mouseMoveEvent(QMouseEvent* event) {
    if (!m_dragFrom) return;
    const auto moved = event->position() - *m_dragFrom;
    m_dragged = m_dragged || moved.manhattanLength() > 4;
    if (!m_dragged) return;
    if (m_face) {
        emit faceDragged(m_face->body, m_face->slice, snapped(toScreen().inverted().map(event->position()).y()), false);
        return;
    }
    m_pan += moved;
    m_dragFrom = event->position();
    changed();
}

void BenchView::mouseReleaseEvent(QMouseEvent* event) {
    const auto sizes = placedDimensions();
    const auto size = std::find_if(sizes.begin(), sizes.end(),
                                   [&](const PlacedDimension& d) { return d.box.contains(event->position()); });
    if (!m_dragged && size != sizes.end())
        emit dimensionPicked(size->of->id);
    else if (!m_dragged)
        pick(bodyAt(event->position()));
    if (m_dragged && m_face)
        emit faceDragged(m_face->body, m_face->slice, snapped(toScreen().inverted().map(event->position()).y()), true);
    m_face.reset();
    m_held.reset();
    changed();
    m_dragFrom.reset();
}

/// The face under the mouse: the upper end of a slice, a few pixels away at most.
std::optional<BenchView::Face> BenchView::faceAt(QPointF screen) const {
    const auto map = toScreen();
    const auto world = map.inverted().map(screen);
    const double rad = std::abs(world.x()), reach = kGrip / map.m11();
    for (std::size_t b = m_scene.bodies.size(); b-- > 0;) {
        const auto& body = m_scene.bodies[b];
        for (std::size_t s = 0; s < body.slices.size(); ++s) {
            const auto& slice = body.slices[s];
            const bool onFace = rad >= slice.innerTop && rad <= slice.outerTop;
            if (onFace && std::abs(world.y() - (body.z_mm + slice.zTop)) <= reach) return Face{b, s};
        }
    }
    return std::nullopt;
}

/// To another face of the section where one is near, else to half millimetres.
double BenchView::snapped(double z_mm) const {
    const double reach = kGrip / toScreen().m11();
    for (const double height : m_heights)
        if (std::abs(z_mm - height) <= reach) return height;
    return std::round(z_mm / kSnap_mm) * kSnap_mm;
}

void BenchView::keyPressEvent(QKeyEvent* event) {
    const QPointF middle(width() / 2.0, height() / 2.0);
    switch (event->key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        return zoomAbout(middle, 1.25);
    case Qt::Key_Minus:
        return zoomAbout(middle, 0.8);
    case Qt::Key_0:
        return fit();
    case Qt::Key_P:
        if (!m_scene.bodies.empty()) pick(m_picked ? (*m_picked + 1) % m_scene.bodies.size() : 0);
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

void BenchView::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasFormat(kToolMime)) event->acceptProposedAction();
}

void BenchView::dropEvent(QDropEvent* event) {
    emit toolDropped(QString::fromUtf8(event->mimeData()->data(kToolMime)));
    event->acceptProposedAction();
}

void BenchView::pick(std::optional<std::size_t> body) {
    m_picked = body;
    changed();
    emit partPicked();
}

std::optional<std::size_t> BenchView::bodyAt(QPointF screen) const {
    const auto world = toScreen().inverted().map(screen);
    for (std::size_t i = m_scene.bodies.size(); i-- > 0;)
        if (outline(m_scene.bodies[i], world.x() < 0 ? -1 : 1).contains(world)) return i;
    return std::nullopt;
}

} // namespace arbor::ui
