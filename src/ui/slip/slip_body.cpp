#include "ui/slip/slip_body.h"

#include "ui/theme/theme.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

/// Walks down the slip; measures without a painter, draws with one.
class Column {
public:
    Column(QPainter* painter, int width) : m_painter(painter), m_width(width) {}

    int y() const { return m_y; }
    void skip(int pixels) { m_y += pixels; }

    void text(const QString& s, Text style, const QColor& colour, int indent = 0) {
        if (s.isEmpty()) return;
        const QFontMetrics metrics(typeface(style));
        const QRect box(indent, m_y, m_width - indent, 4000);
        const auto used = metrics.boundingRect(box, Qt::TextWordWrap, s);
        if (m_painter) {
            m_painter->setFont(typeface(style));
            m_painter->setPen(colour);
            m_painter->drawText(box, Qt::TextWordWrap, s);
        }
        m_y += used.height();
    }

    void hairline() {
        if (m_painter) m_painter->fillRect(0, m_y, m_width, theme::kHairline, roles().rule);
        m_y += theme::kHairline;
    }

    void figure(const Figure& f) {
        text(f.label, Text::Small, roles().muted);
        const QFontMetrics big(typeface(Text::Figure)), small(typeface(Text::Body));
        const int base = m_y + big.ascent();
        if (m_painter) {
            auto font = typeface(Text::Figure);
            font.setStrikeOut(f.stale);
            m_painter->setFont(font);
            m_painter->setPen(f.tone == Tone::Plain ? roles().ink : toneColour(f.tone));
            m_painter->drawText(0, base, f.number);
            m_painter->setFont(typeface(Text::Body));
            m_painter->setPen(roles().muted);
            m_painter->drawText(big.horizontalAdvance(f.number) + 7, base, f.unit);
            m_painter->drawText(m_width - small.horizontalAdvance(f.range), base, f.range);
        }
        m_y = base + 7;
        line(f);
        skip(12);
    }

    void row(const Row& r) {
        const int height = QFontMetrics(typeface(Text::Body)).height() + 8;
        if (m_painter) {
            m_painter->setFont(typeface(r.strong ? Text::Strong : Text::Body));
            m_painter->setPen(r.tone == Tone::Plain ? roles().ink : toneColour(r.tone));
            const QRect box(0, m_y, m_width, height);
            const QFontMetrics metrics(m_painter->font());
            const int right = metrics.horizontalAdvance(r.right);
            m_painter->drawText(box, Qt::AlignVCenter | Qt::AlignRight, r.right);
            m_painter->drawText(box, Qt::AlignVCenter,
                                metrics.elidedText(r.left, Qt::ElideRight, m_width - right - 10));
        }
        m_y += height;
        hairline();
    }

    void note(const Note& n) {
        const int top = m_y;
        text(n.head, Text::Strong, roles().ink, 14);
        text(n.detail, Text::Small, roles().muted, 14);
        if (m_painter) edge(n.tone, top, m_y - top);
        skip(9);
    }

private:
    double place(const Figure& f, double value) const {
        const double span = f.lineTo - f.lineFrom;
        return span > 0 ? std::clamp((value - f.lineFrom) / span, 0.0, 1.0) * m_width : 0;
    }

    void line(const Figure& f) {
        constexpr int thick = 6;
        if (!f.at) return;
        if (m_painter) {
            m_painter->fillRect(0, m_y, m_width, thick, roles().rule);
            const double from = place(f, f.bandFrom), to = place(f, f.bandTo);
            m_painter->fillRect(QRectF(from, m_y, std::max(2.0, to - from), thick),
                                f.tone == Tone::Stop ? roles().stop : bandColour());
            m_painter->fillRect(QRectF(place(f, *f.at) - 1, m_y - 3, 2, thick + 6), roles().ink);
        }
        m_y += thick;
        limits(f);
    }

    static QColor bandColour() {
        QColor c = roles().plan;
        c.setAlphaF(0.45F);
        return c;
    }

    /// Labels stand under their mark; one that would run into its left neighbour goes on a second line.
    void limits(const Figure& f) {
        if (f.limits.empty()) return;
        const QFontMetrics metrics(typeface(Text::Small));
        int rightEnd = -1000, deepest = 0;
        for (const auto& mark : f.limits) {
            const int x = static_cast<int>(place(f, mark.value));
            const int width = metrics.horizontalAdvance(mark.label);
            const int left = std::clamp(x - width / 2, 0, std::max(0, m_width - width));
            const int line = left < rightEnd + 6 ? 1 : 0;
            rightEnd = left + width;
            deepest = std::max(deepest, line + 1);
            if (m_painter) {
                m_painter->fillRect(x - 1, m_y - 10, 2, 16, roles().stop);
                m_painter->setFont(typeface(Text::Small));
                m_painter->setPen(roles().stop);
                m_painter->drawText(left, m_y + 6 + metrics.ascent() + line * metrics.height(), mark.label);
            }
        }
        m_y += 4 + deepest * metrics.height();
    }

    /// A stop's edge is hatched, so that colour is never the only sign.
    void edge(Tone tone, int top, int height) {
        const QRect box(0, top, 4, height);
        if (tone != Tone::Stop) {
            m_painter->fillRect(box, tone == Tone::Plain ? roles().rule : toneColour(tone));
            return;
        }
        m_painter->fillRect(box, roles().stopPale);
        m_painter->save();
        m_painter->setClipRect(box);
        m_painter->setPen(QPen(roles().stop, 2));
        for (int y = top - 6; y < top + height + 6; y += 5)
            m_painter->drawLine(0, y + 5, 5, y);
        m_painter->restore();
    }

    QPainter* m_painter;
    int m_width;
    int m_y = 0;
};

void hatchedTitle(QPainter& painter, int y, int width) {
    painter.save();
    painter.setClipRect(0, y, width, 5);
    painter.setPen(QPen(roles().stop, 2));
    for (int x = -6; x < width; x += 7)
        painter.drawLine(x, y + 6, x + 6, y - 1);
    painter.restore();
}

} // namespace

QColor toneColour(Tone tone) {
    switch (tone) {
    case Tone::Plain:
        return roles().ink;
    case Tone::Plan:
        return roles().plan;
    case Tone::Proven:
        return roles().proven;
    case Tone::Caution:
        return roles().caution;
    case Tone::Stop:
        return roles().stop;
    }
    return roles().ink;
}

void SlipBody::show(const SlipModel& model) {
    m_model = model;
    setMinimumHeight(layOut(nullptr, textWidth()));
    updateGeometry();
    update();
}

QSize SlipBody::sizeHint() const {
    return {width(), layOut(nullptr, textWidth())};
}

void SlipBody::resizeEvent(QResizeEvent*) {
    setMinimumHeight(layOut(nullptr, textWidth()));
}

int SlipBody::textWidth() const {
    return theme::kSlipWidth - 2 * theme::kMargin - 2 * theme::kGap;
}

void SlipBody::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    layOut(&painter, textWidth());
}

int SlipBody::layOut(QPainter* painter, int width) const {
    Column column(painter, width);
    column.text(m_model.title, Text::Title, toneColour(m_model.titleTone));
    if (m_model.titleTone == Tone::Stop) {
        column.skip(3);
        if (painter) hatchedTitle(*painter, column.y(), width);
        column.skip(6);
    }
    column.skip(2);
    column.text(m_model.subtitle, Text::Body, roles().ink);
    column.skip(14);
    for (const auto& figure : m_model.figures)
        column.figure(figure);
    if (!m_model.rows.empty()) {
        column.text(m_model.rowsTitle, Text::Small, roles().muted);
        column.skip(4);
        for (const auto& row : m_model.rows)
            column.row(row);
        column.skip(10);
    }
    if (!m_model.notes.empty()) {
        if (m_model.rows.empty()) {
            column.hairline();
            column.skip(8);
        }
        column.text(m_model.notesTitle, Text::Small, roles().muted);
        column.skip(6);
        for (const auto& note : m_model.notes)
            column.note(note);
    }
    return column.y();
}

} // namespace arbor::ui
