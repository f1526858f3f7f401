#include "ui/tooling/rack_shelf.h"

#include "ui/bench/bench_view.h"
#include "ui/bench/section_painter.h"
#include "ui/kit/spoken.h"
#include "ui/slip/slip_body.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/theme/tones.h"
#include "words/tooling_words.h"

#include <QApplication>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kTop = 36;
constexpr int kWords = 96; // below the datum: number, sizes, verdict

const Advice* telling(const AdviceList& list) {
    const auto found = std::max_element(list.begin(), list.end(),
                                        [](const Advice& a, const Advice& b) { return a.severity < b.severity; });
    return found == list.end() ? nullptr : &*found;
}

} // namespace

RackShelf::RackShelf(QWidget* parent) : QWidget(parent) {
    setObjectName("rackShelf");
    setMinimumHeight(theme::tall(220));
    setFocusPolicy(Qt::NoFocus); // the page has the keys, so that arrows work wherever the focus is
    speakAs(*this, QAccessible::List, tr("The rack, best first"));
}

void RackShelf::show(const std::vector<tooling::Candidate>& candidates, const std::string& chosen,
                     const words::Display& display) {
    m_slots.clear();
    m_chosen.reset();
    for (const auto& c : candidates) {
        if (!c.tool) continue; // the bare ram is no tool of the rack
        if (c.tool->id == chosen) m_chosen = m_slots.size();
        const auto* advice = telling(c.check.findings);
        m_slots.push_back({c.tool->id, catalog::toolBody(*c.tool), q(words::toolSizes(*c.tool, display)),
                           advice ? q(words::say(*advice, display).head) : QString(), c.verdict()});
    }
    m_summary = q(words::rejectionSummary(candidates));
    // Inch sizes are longer than metric ones: the slots are as wide as the longest.
    m_slotWidth = kLeastSlot;
    const QFontMetrics metrics(typeface(Text::Small));
    for (const auto& slot : m_slots)
        m_slotWidth = std::max(m_slotWidth, metrics.horizontalAdvance(slot.sizes) + 18);
    QStringList spoken;
    for (const auto& slot : m_slots)
        spoken << QStringLiteral("%1, %2: %3").arg(q(slot.id), slot.sizes, slot.head);
    speak(*this, (spoken << m_summary).join("; "));
    keepChosenInSight();
    update();
}

void RackShelf::keepChosenInSight() {
    const int inSight = std::max(1, (width() - 2 * theme::kMargin) / m_slotWidth);
    if (m_chosen) {
        const int at = static_cast<int>(*m_chosen);
        m_first = std::clamp(m_first, std::max(0, at - inSight + 1), at);
    }
    m_first = std::clamp(m_first, 0, std::max(0, static_cast<int>(m_slots.size()) - inSight));
}

void RackShelf::resizeEvent(QResizeEvent*) {
    keepChosenInSight();
}

void RackShelf::step(int by) {
    if (m_slots.empty()) return;
    const int last = static_cast<int>(m_slots.size()) - 1;
    const int next = std::clamp((m_chosen ? static_cast<int>(*m_chosen) : -1) + by, 0, last);
    emit chosen(q(m_slots[static_cast<std::size_t>(next)].id));
}

QRectF RackShelf::slotBox(std::size_t index) const {
    return {theme::kMargin + (static_cast<double>(index) - m_first) * m_slotWidth, kTop, m_slotWidth - 8.0,
            static_cast<double>(height() - kTop - 26)};
}

void RackShelf::paintSlot(QPainter& painter, std::size_t index, double scale) const {
    const auto& slot = m_slots[index];
    const auto box = slotBox(index);
    const double datum = box.bottom() - theme::tall(kWords);
    const bool stop = slot.verdict == Severity::Stop;
    if (m_chosen == index) {
        painter.setPen(QPen(stop ? roles().stop : roles().plan, 2));
        painter.setBrush(roles().paper);
        painter.drawRoundedRect(box, 3, 3);
    }
    QTransform map;
    map.translate(box.center().x(), datum);
    map.scale(scale, -scale);
    SectionPainter section(painter, map);
    section.body(slot.body, stop, false);
    painter.setBrush(Qt::NoBrush);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRectF(box.left(), datum + 4, box.width(), theme::tall(18)), Qt::AlignHCenter, q(slot.id));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRectF(box.left(), datum + theme::tall(22), box.width(), theme::tall(16)), Qt::AlignHCenter,
                     slot.sizes);
    const auto tone = slot.verdict == Severity::Info ? Tone::Proven : words::toneOf(slot.verdict);
    painter.fillRect(QRectF(box.left() + 3, datum + theme::tall(42), 4, theme::tall(48)), toneColour(tone));
    painter.setPen(roles().ink);
    painter.drawText(QRectF(box.left() + 11, datum + theme::tall(41), box.width() - 13, theme::tall(50)),
                     Qt::TextWordWrap, slot.head);
}

void RackShelf::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    theme::drawHeading(painter, *this, tr("The rack, best first"), tr("one scale, one datum · drag one to the bench"));
    if (m_slots.empty()) return;
    double tallest = 1, widest = 1;
    for (std::size_t i = 0; i < m_slots.size(); ++i) {
        if (!slotBox(i).intersects(rect())) continue;
        tallest = std::max(tallest, m_slots[i].body.height());
        widest = std::max(widest, m_slots[i].body.outsideDia());
    }
    const auto box = slotBox(static_cast<std::size_t>(m_first));
    const double scale = std::min((box.height() - theme::tall(kWords) - 10) / tallest, (box.width() - 12) / widest);
    painter.save();
    painter.setClipRect(QRectF(theme::kMargin - 2, 0, width() - 2 * theme::kMargin + 4, height()));
    for (std::size_t i = 0; i < m_slots.size(); ++i)
        if (slotBox(i).intersects(rect())) paintSlot(painter, i, scale);
    painter.restore();
    painter.setPen(QPen(roles().ink, 1.2));
    painter.drawLine(QPointF(theme::kMargin, box.bottom() - theme::tall(kWords)),
                     QPointF(width() - theme::kMargin, box.bottom() - theme::tall(kWords)));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    painter.drawText(QRect(theme::kMargin, height() - 24, width() - 2 * theme::kMargin, 20), Qt::AlignVCenter,
                     m_summary);
}

std::optional<std::size_t> RackShelf::slotAt(QPointF at) const {
    for (std::size_t i = 0; i < m_slots.size(); ++i)
        if (slotBox(i).contains(at)) return i;
    return std::nullopt;
}

void RackShelf::mousePressEvent(QMouseEvent* event) {
    m_pressed = slotAt(event->position());
    m_pressedAt = event->position();
}

void RackShelf::mouseMoveEvent(QMouseEvent* event) {
    if (!m_pressed || (event->position() - m_pressedAt).manhattanLength() < QApplication::startDragDistance()) return;
    auto* payload = new QMimeData;
    payload->setData(kToolMime, QByteArray::fromStdString(m_slots[*m_pressed].id));
    auto* drag = new QDrag(this);
    drag->setMimeData(payload);
    m_pressed.reset();
    drag->exec(Qt::CopyAction);
}

void RackShelf::mouseReleaseEvent(QMouseEvent*) {
    if (m_pressed) emit chosen(q(m_slots[*m_pressed].id));
    m_pressed.reset();
}

void RackShelf::wheelEvent(QWheelEvent* event) {
    m_first += event->angleDelta().y() > 0 ? -1 : 1;
    m_first = std::clamp(
        m_first, 0,
        std::max(0, static_cast<int>(m_slots.size()) - std::max(1, (width() - 2 * theme::kMargin) / m_slotWidth)));
    update();
}

} // namespace arbor::ui
