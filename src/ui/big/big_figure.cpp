#include "ui/big/big_figure.h"

#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/theme/tones.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::farRoles;

QFont sized(int pixels, bool bold) {
    auto font = theme::typeface(bold ? theme::Text::Figure : theme::Text::Body);
    font.setPixelSize(std::max(pixels, 12));
    return font;
}

} // namespace

BigFigure::BigFigure(QWidget* parent) : QWidget(parent) {
    setObjectName("bigFigure");
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(150);
}

void BigFigure::show(const words::Figure& figure) {
    m_figure = figure;
    speakAs(*this, QAccessible::StaticText, q(figure.label));
    speak(*this, q(figure.number + " " + figure.unit + " " + figure.range));
    update();
}

/// As tall as the room allows; a long number is made smaller before it would be cut.
int BigFigure::numeralPixels() const {
    int pixels = height() * 9 / 16;
    const int needed = QFontMetrics(sized(pixels, true)).horizontalAdvance(q(m_figure.number)) +
                       QFontMetrics(sized(pixels * 2 / 5, false)).horizontalAdvance(" " + q(m_figure.unit));
    if (needed > width()) pixels = pixels * width() / needed;
    return pixels;
}

double BigFigure::place(double value) const {
    const double span = m_figure.lineTo - m_figure.lineFrom;
    return span > 0 ? std::clamp((value - m_figure.lineFrom) / span, 0.0, 1.0) * width() : 0;
}

void BigFigure::paintBand(QPainter& p, int top) const {
    const auto& r = farRoles();
    const int thick = std::max(10, height() / 12), small = std::max(14, height() / 11);
    p.fillRect(0, top, width(), thick, r.rule);
    const double from = place(m_figure.value.least), to = place(m_figure.value.most);
    p.fillRect(QRectF(from, top, std::max(3.0, to - from), thick), m_figure.tone == Tone::Stop ? r.stop : r.plan);
    p.fillRect(QRectF(place(m_figure.value.likely) - 2, top - 6, 4, thick + 12), r.ink);
    p.setFont(sized(small, false));
    p.setPen(r.muted);
    const QRect under(0, top + thick + 6, width(), small * 3 / 2);
    p.drawText(under, Qt::AlignLeft, q(m_figure.range));
    for (const auto& limit : m_figure.limits) {
        const double at = place(limit.value);
        p.fillRect(QRectF(at - 2, top - 6, 4, thick + 12), r.stop);
        p.setPen(r.stop);
        const int wide = p.fontMetrics().horizontalAdvance(q(limit.label));
        const double left = std::clamp(at - wide / 2.0, 0.0, std::max(0.0, width() - 1.0 * wide));
        const bool beside = left > p.fontMetrics().horizontalAdvance(q(m_figure.range)) + 12;
        if (beside) p.drawText(QRectF(left, under.top(), wide + 2, under.height()), Qt::AlignLeft, q(limit.label));
    }
}

void BigFigure::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto& r = farRoles();
    const int label = std::max(16, height() / 9), big = numeralPixels();
    p.setFont(sized(label, true));
    p.setPen(r.muted);
    theme::drawElided(p, QRectF(0, 0, width(), label * 1.4), Qt::AlignLeft | Qt::AlignTop, q(m_figure.label));
    auto font = sized(big, true);
    font.setStrikeOut(m_figure.stale);
    const QFontMetrics metrics(font);
    const int base = label * 13 / 10 + metrics.capHeight() + big / 10;
    p.setFont(font);
    p.setPen(m_figure.tone == Tone::Stop ? r.stop : m_figure.tone == Tone::Proven ? r.proven : r.ink);
    p.drawText(0, base, q(m_figure.number));
    p.setFont(sized(big * 2 / 5, false));
    p.setPen(r.muted);
    p.drawText(metrics.horizontalAdvance(q(m_figure.number)) + big / 8, base, q(m_figure.unit));
    if (m_figure.hasLine) paintBand(p, base + big / 5);
}

} // namespace arbor::ui
