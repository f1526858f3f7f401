#include "ui/strip/step_list.h"

#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QMouseEvent>
#include <QPainter>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kNumber = 34; // room for the number
constexpr int kTickRoom = 36;
constexpr int kIndent = 28; // of what is done on the bench

/// A box at every step; a tick in it once it is done.
void paintTick(QPainter& painter, QPoint middle, bool done) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(done ? roles().proven : roles().muted, 1.4));
    painter.drawRect(QRect(middle - QPoint(8, 8), QSize(16, 16)));
    if (!done) return;
    painter.setPen(QPen(roles().proven, 2.6));
    painter.drawPolyline(QPolygon({middle + QPoint(-5, 0), middle + QPoint(-1, 5), middle + QPoint(6, -6)}));
}

int textHeight(const QString& text, Text style, int width) {
    if (text.isEmpty()) return 0;
    return QFontMetrics(typeface(style)).boundingRect(QRect(0, 0, width, 4000), Qt::TextWordWrap, text).height();
}

} // namespace

StepList::StepList(QWidget* parent) : QWidget(parent) {
    setObjectName("stepList");
    setAccessibleName(tr("Order of work"));
}

void StepList::show(std::vector<words::WorkLine> lines, std::vector<bool> done, std::size_t current) {
    m_lines = std::move(lines);
    m_done = std::move(done);
    m_current = current;
    layOut();
    update();
}

void StepList::resizeEvent(QResizeEvent*) {
    layOut();
}

void StepList::layOut() {
    m_boxes.clear();
    int y = theme::kGap;
    for (const auto& line : m_lines) {
        const int left = theme::kMargin + line.level * kIndent;
        const int width = this->width() - left - theme::kGap - kNumber - kTickRoom;
        const int height = textHeight(q(line.text), Text::Strong, width) + textHeight(q(line.why), Text::Small, width) +
                           textHeight(q(line.caution), Text::Small, width) + 2 * theme::kGap;
        m_boxes.emplace_back(left, y, this->width() - left - theme::kGap, std::max(height, theme::kTouch));
        y += m_boxes.back().height() + 2;
    }
    setMinimumHeight(y + theme::kGap);
}

QRect StepList::boxOf(std::size_t line) const {
    return m_boxes.at(line);
}

void StepList::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    for (std::size_t i = 0; i < m_lines.size(); ++i)
        paintLine(painter, i);
}

void StepList::paintLine(QPainter& painter, std::size_t index) const {
    const auto& line = m_lines[index];
    const auto box = m_boxes[index];
    if (index == m_current) {
        painter.fillRect(box, roles().planPale);
        painter.fillRect(box.left(), box.top(), 4, box.height(), roles().plan);
    }
    int y = box.top() + theme::kGap;
    const int left = box.left() + kNumber, width = box.right() - left - kTickRoom;
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().muted);
    painter.drawText(QRect(box.left() + 10, y, kNumber - 10, 20), Qt::AlignTop, QString::number(index + 1));
    if (!line.key.empty()) paintTick(painter, QPoint(box.right() - 20, y + 9), m_done[index]);
    const auto write = [&](const std::string& text, Text style, const QColor& colour) {
        if (text.empty()) return;
        painter.setFont(typeface(style));
        painter.setPen(colour);
        painter.drawText(QRect(left, y, width, 4000), Qt::TextWordWrap, q(text));
        y += textHeight(q(text), style, width);
    };
    write(line.text, Text::Strong, line.key.empty() ? roles().caution : roles().ink);
    write(line.why, Text::Small, roles().muted);
    write(line.caution, Text::Small, roles().stop);
}

void StepList::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < m_boxes.size(); ++i)
        if (m_boxes[i].contains(event->position().toPoint())) return emit chosen(i);
}

} // namespace arbor::ui
