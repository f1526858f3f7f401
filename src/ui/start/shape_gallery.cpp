#include "ui/start/shape_gallery.h"

#include "ui/bench/sketch.h"
#include "ui/kit/spoken.h"
#include "ui/theme/theme.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;

constexpr int kCardWidth = 138, kCardHeight = 134;
constexpr int kPicture = 86; // height of the section, its name stands below
constexpr double kStepsBack = 0.28;

} // namespace

ShapeGallery::ShapeGallery(QWidget* parent) : QWidget(parent) {
    setObjectName("shapeGallery");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::List, tr("Shapes to begin with"));
}

void ShapeGallery::show(std::vector<Shape> shapes) {
    m_shapes = std::move(shapes);
    mark(std::vector<bool>(m_shapes.size(), true));
}

void ShapeGallery::mark(std::vector<bool> fits) {
    m_fits = std::move(fits);
    resizeEvent(nullptr);
    choose(std::max(0, m_chosen));
}

void ShapeGallery::choose(int shape) {
    const int count = static_cast<int>(m_shapes.size());
    m_chosen = -1;
    for (int i = 0; i < count && m_chosen < 0; ++i)
        if (const int at = (shape + i) % count; fits(at)) m_chosen = at;
    speak(*this, m_chosen < 0 ? tr("none") : m_shapes[static_cast<std::size_t>(m_chosen)].name);
    update();
    emit changed();
}

void ShapeGallery::step(int by) {
    const int count = static_cast<int>(m_shapes.size()), way = by < 0 ? -1 : 1;
    for (int at = m_chosen + by; m_chosen >= 0 && at >= 0 && at < count; at += way)
        if (fits(at)) return choose(at);
}

int ShapeGallery::columns() const {
    return std::max(1, (width() + theme::kGap) / (kCardWidth + theme::kGap));
}

QRect ShapeGallery::cardOf(int shape) const {
    const int across = columns();
    return {(shape % across) * (kCardWidth + theme::kGap), (shape / across) * (kCardHeight + theme::kGap), kCardWidth,
            kCardHeight};
}

void ShapeGallery::resizeEvent(QResizeEvent*) {
    const int rows = (static_cast<int>(m_shapes.size()) + columns() - 1) / columns();
    setMinimumHeight(rows * (kCardHeight + theme::kGap));
}

void ShapeGallery::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (int i = 0; i < static_cast<int>(m_shapes.size()); ++i)
        paintCard(painter, i);
}

void ShapeGallery::paintCard(QPainter& painter, int shape) const {
    const auto& s = m_shapes[static_cast<std::size_t>(shape)];
    const auto card = cardOf(shape);
    const bool here = shape == m_chosen;
    painter.setOpacity(fits(shape) ? 1 : kStepsBack);
    painter.setPen(QPen(here ? roles().plan : roles().rule, here ? 2.5 : 1));
    painter.setBrush(roles().card);
    painter.drawRoundedRect(QRectF(card).adjusted(1.5, 1.5, -1.5, -1.5), 4, 4);
    drawSketch(painter, QRectF(card.left() + 14, card.top() + 10, card.width() - 28, kPicture - 6),
               arrangement::bodiesOf(s.arrangement.assembly));
    painter.setPen(roles().ink);
    painter.setFont(theme::typeface(theme::Text::Small));
    painter.drawText(card.adjusted(6, kPicture + 6, -6, -4), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     s.name);
    painter.setOpacity(1);
}

void ShapeGallery::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Right:
        return step(1);
    case Qt::Key_Left:
        return step(-1);
    case Qt::Key_Down:
        return step(columns());
    case Qt::Key_Up:
        return step(-columns());
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Space:
        if (m_chosen >= 0) emit taken();
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

void ShapeGallery::mousePressEvent(QMouseEvent* event) {
    for (int i = 0; i < static_cast<int>(m_shapes.size()); ++i)
        if (cardOf(i).contains(event->position().toPoint()) && fits(i)) choose(i);
}

void ShapeGallery::mouseDoubleClickEvent(QMouseEvent*) {
    if (m_chosen >= 0) emit taken();
}

} // namespace arbor::ui
