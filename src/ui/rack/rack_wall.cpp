#include "ui/rack/rack_wall.h"

#include "ui/bench/section_painter.h"
#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/tooling_words.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kCellWide = 138, kLeastHigh = 110;
constexpr double kTallest = 130; // pixels
constexpr int kWords = 54;       // under the datum: number, sizes, place

/// Tools that are used by hand have no section to draw.
bool isDrawn(const catalog::Tool& t) {
    return t.outsideDia_mm > 0 && t.length_mm > 0 && t.kind != catalog::ToolKind::DrawBolt;
}

} // namespace

RackWall::RackWall(QWidget* parent) : QWidget(parent) {
    setObjectName("rackWall");
    setFocusPolicy(Qt::StrongFocus);
    speakAs(*this, QAccessible::List, tr("Rack"));
}

QString RackWall::spokenNow() const {
    for (const auto& tool : m_tools)
        if (tool.id == m_chosen)
            return QStringLiteral("%1, %2, %3")
                .arg(q(tool.id), q(words::kindName(tool.kind)), q(words::sizesOf(tool, m_display)));
    return tr("%1 tools, none is chosen").arg(m_tools.size());
}

void RackWall::changed() {
    speak(*this, spokenNow());
    update();
}

void RackWall::show(std::vector<catalog::Tool> tools, const std::string& chosenId, std::vector<std::string> faulty,
                    const words::Display& display) {
    m_tools = std::move(tools);
    m_faulty = std::move(faulty);
    m_chosen = chosenId;
    m_display = display;
    setScale();
    layOut();
    changed();
}

int RackWall::columns() const {
    return std::max(1, (width() - theme::kMargin) / kCellWide);
}

QRect RackWall::cell(std::size_t index) const {
    const int at = static_cast<int>(index);
    return {theme::kMargin + at % columns() * kCellWide, theme::kGap + at / columns() * m_cellHigh, kCellWide - 6,
            m_cellHigh - 6};
}

void RackWall::layOut() {
    const int count = static_cast<int>(m_tools.size());
    setMinimumHeight(2 * theme::kGap + (count + columns() - 1) / columns() * m_cellHigh);
}

void RackWall::resizeEvent(QResizeEvent*) {
    layOut();
}

/// As large as the widest of those shown allows; the rows are as high as the tallest.
void RackWall::setScale() {
    double widest = 1, tallest = 1;
    for (const auto& tool : m_tools) {
        if (!isDrawn(tool)) continue;
        const auto body = catalog::toolBody(tool);
        widest = std::max(widest, body.outsideDia());
        tallest = std::max(tallest, body.height());
    }
    m_scale = std::min((kCellWide - 22) / widest, kTallest / tallest);
    m_cellHigh = std::max(kLeastHigh, static_cast<int>(tallest * m_scale) + kWords + 26);
}

void RackWall::paintTool(QPainter& painter, std::size_t index) const {
    const auto& tool = m_tools[index];
    const auto box = cell(index);
    const int datum = box.bottom() - kWords;
    const bool faulty = std::find(m_faulty.begin(), m_faulty.end(), tool.id) != m_faulty.end();
    if (tool.id == m_chosen) {
        painter.setPen(QPen(roles().plan, 2));
        painter.setBrush(roles().paper);
        painter.drawRoundedRect(box, 3, 3);
    }
    if (isDrawn(tool)) {
        QTransform map;
        map.translate(box.center().x(), datum);
        map.scale(m_scale, -m_scale);
        SectionPainter(painter, map).body(catalog::toolBody(tool), faulty, false);
    } else {
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().muted);
        painter.drawText(box.adjusted(8, 8, -8, -kWords - 8), Qt::AlignCenter | Qt::TextWordWrap, q(tool.name));
    }
    painter.setPen(QPen(roles().ink, 1.2));
    painter.drawLine(box.left() + 4, datum, box.right() - 4, datum);
    painter.setBrush(Qt::NoBrush);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(faulty ? roles().stop : roles().ink);
    painter.drawText(QRect(box.left() + 6, datum + 3, box.width() - 12, 18), Qt::AlignLeft, q(tool.id));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    const QFontMetrics metrics(painter.font());
    const auto line = [&](int y, Qt::Alignment where, const QString& text) {
        painter.drawText(QRect(box.left() + 6, datum + y, box.width() - 12, 16), where,
                         metrics.elidedText(text, Qt::ElideRight, box.width() - 12));
    };
    line(4, Qt::AlignRight, q(tool.place));
    line(21, Qt::AlignLeft, q(words::sizesOf(tool, m_display)));
    painter.setPen(tool.condition.empty() ? roles().muted : roles().caution);
    line(37, Qt::AlignLeft, q(tool.condition.empty() ? words::kindName(tool.kind) : tool.condition));
}

void RackWall::paintEvent(QPaintEvent* event) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().card);
    for (std::size_t i = 0; i < m_tools.size(); ++i)
        if (cell(i).intersects(event->rect())) paintTool(painter, i);
}

void RackWall::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < m_tools.size(); ++i)
        if (cell(i).contains(event->pos())) emit chosen(q(m_tools[i].id));
}

void RackWall::keyPressEvent(QKeyEvent* event) {
    const auto found = std::find_if(m_tools.begin(), m_tools.end(), [&](const auto& t) { return t.id == m_chosen; });
    const int at = found == m_tools.end() ? 0 : static_cast<int>(found - m_tools.begin());
    int by = 0;
    switch (event->key()) {
    case Qt::Key_Left:
        by = -1;
        break;
    case Qt::Key_Right:
        by = 1;
        break;
    case Qt::Key_Up:
        by = -columns();
        break;
    case Qt::Key_Down:
        by = columns();
        break;
    default:
        return QWidget::keyPressEvent(event);
    }
    if (m_tools.empty()) return;
    const auto next = static_cast<std::size_t>(std::clamp(at + by, 0, static_cast<int>(m_tools.size()) - 1));
    emit chosen(q(m_tools[next].id));
    emit seen(cell(next));
}

} // namespace arbor::ui
