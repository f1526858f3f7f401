#include "ui/slip/slip_item.h"

#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QPainter>
#include <algorithm>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

/// With its source behind it.
QString detailOf(const words::Note& note) {
    return note.source.empty() ? q(note.detail) : QStringLiteral("%1  [%2]").arg(q(note.detail), q(note.source));
}

void hatchedTitle(QPainter& painter, int y, int width) {
    painter.save();
    painter.setClipRect(0, y, width, 5);
    painter.setPen(QPen(roles().stop, 2));
    for (int x = -6; x < width; x += 7)
        painter.drawLine(x, y + 6, x + 6, y - 1);
    painter.restore();
}

/// Walks down an item; measures without a painter, draws with one.
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

    void figure(const words::Figure& f) {
        text(q(f.label), Text::Small, roles().muted);
        const QFontMetrics big(typeface(Text::Figure)), small(typeface(Text::Body));
        const int base = m_y + big.ascent();
        if (m_painter) {
            auto font = typeface(Text::Figure);
            font.setStrikeOut(f.stale);
            m_painter->setFont(font);
            m_painter->setPen(f.tone == Tone::Plain ? roles().ink : toneColour(f.tone));
            m_painter->drawText(0, base, q(f.number));
            m_painter->setFont(typeface(Text::Body));
            m_painter->setPen(roles().muted);
            m_painter->drawText(big.horizontalAdvance(q(f.number)) + 7, base, q(f.unit));
        }
        const int range = small.horizontalAdvance(q(f.range));
        const int beside = big.horizontalAdvance(q(f.number)) + small.horizontalAdvance(q(f.unit)) + 20;
        const int below = beside + range > m_width ? small.height() : 0;
        if (m_painter) m_painter->drawText(m_width - range, base + below, q(f.range));
        m_y = base + below + 7;
        line(f);
        skip(12);
    }

    void row(const words::Row& r) {
        const auto font = typeface(r.strong ? Text::Strong : Text::Body);
        const QFontMetrics metrics(font);
        const int right = metrics.horizontalAdvance(q(r.right));
        const QRect room(0, m_y + 4, m_width - (right > 0 ? right + 10 : 0), 4000);
        // What finds no place beside its value wraps above it.
        const bool beside = room.width() > m_width / 3;
        const auto left =
            metrics.boundingRect(beside ? room : QRect(0, m_y + 4, m_width, 4000), Qt::TextWordWrap, q(r.left));
        const int last = left.bottom() + 1 - (beside ? metrics.height() : 0);
        if (m_painter) {
            m_painter->setFont(font);
            m_painter->setPen(r.tone == Tone::Plain ? roles().ink : toneColour(r.tone));
            m_painter->drawText(left, Qt::TextWordWrap, q(r.left));
            m_painter->drawText(QRect(0, last, m_width, metrics.height()), Qt::AlignRight, q(r.right));
        }
        m_y = std::max(left.bottom() + 1, last + metrics.height()) + 4;
        hairline();
    }

    void note(const words::Note& n) {
        const int top = m_y;
        text(q(n.head), Text::Strong, roles().ink, 14);
        text(detailOf(n), Text::Small, roles().muted, 14);
        if (m_painter) edge(n.tone, top, m_y - top);
        skip(9);
    }

    void title(const words::Sheet& sheet) {
        text(q(sheet.title), Text::Title, toneColour(sheet.tone));
        if (sheet.tone == Tone::Stop) {
            skip(3);
            if (m_painter) hatchedTitle(*m_painter, m_y, m_width);
            skip(6);
        }
        skip(2);
        text(q(sheet.verdict), Text::Body, roles().ink);
        skip(14);
    }

private:
    double place(const words::Figure& f, double value) const {
        const double span = f.lineTo - f.lineFrom;
        return span > 0 ? std::clamp((value - f.lineFrom) / span, 0.0, 1.0) * m_width : 0;
    }

    void line(const words::Figure& f) {
        constexpr int thick = 6;
        if (!f.hasLine) return;
        if (m_painter) {
            m_painter->fillRect(0, m_y, m_width, thick, roles().rule);
            const double from = place(f, f.value.least), to = place(f, f.value.most);
            m_painter->fillRect(QRectF(from, m_y, std::max(2.0, to - from), thick),
                                f.tone == Tone::Stop ? roles().stop : bandColour());
            m_painter->fillRect(QRectF(place(f, f.value.likely) - 1, m_y - 3, 2, thick + 6), roles().ink);
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
    void limits(const words::Figure& f) {
        if (f.limits.empty()) return;
        const QFontMetrics metrics(typeface(Text::Small));
        int rightEnd = -1000, deepest = 0;
        for (const auto& mark : f.limits) {
            const int x = static_cast<int>(place(f, mark.value));
            const int width = metrics.horizontalAdvance(q(mark.label));
            const int left = std::clamp(x - width / 2, 0, std::max(0, m_width - width));
            const int line = left < rightEnd + 6 ? 1 : 0;
            rightEnd = left + width;
            deepest = std::max(deepest, line + 1);
            if (m_painter) {
                m_painter->fillRect(x - 1, m_y - 10, 2, 16, roles().stop);
                m_painter->setFont(typeface(Text::Small));
                m_painter->setPen(roles().stop);
                m_painter->drawText(left, m_y + 6 + metrics.ascent() + line * metrics.height(), q(mark.label));
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

/// An item of one call on the column. @param after  space under it
SlipItem::LayOut item(std::function<void(Column&)> fill) {
    return [fill = std::move(fill)](QPainter* painter, int width) {
        Column column(painter, width);
        fill(column);
        return column.y();
    };
}

} // namespace

int slipTextWidth() {
    return theme::wide(theme::kSlipWidth) - 2 * theme::kMargin - 2 * theme::kGap;
}

void SlipItem::show(const QString& text, LayOut layOut) {
    m_layOut = std::move(layOut);
    setText(text);
    setFixedHeight(sizeHint().height());
    setVisible(true);
    update();
}

QSize SlipItem::sizeHint() const {
    return {slipTextWidth(), m_layOut ? m_layOut(nullptr, slipTextWidth()) : 0};
}

void SlipItem::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    if (m_layOut) m_layOut(&painter, slipTextWidth());
}

SlipItem::LayOut titleItem(const words::Sheet& sheet) {
    words::Sheet head;
    head.title = sheet.title;
    head.tone = sheet.tone;
    head.verdict = sheet.verdict;
    return item([head](Column& c) { c.title(head); });
}

SlipItem::LayOut headItem(const QString& text) {
    return item([text](Column& c) {
        if (text.isEmpty()) c.hairline();
        c.text(text, Text::Small, roles().muted);
        c.skip(text.isEmpty() ? 8 : 5);
    });
}

SlipItem::LayOut figureItem(const words::Figure& figure) {
    return item([figure](Column& c) { c.figure(figure); });
}

SlipItem::LayOut rowItem(const words::Row& row) {
    return item([row](Column& c) { c.row(row); });
}

SlipItem::LayOut noteItem(const words::Note& note) {
    return item([note](Column& c) { c.note(note); });
}

QString spoken(const words::Figure& f) {
    auto text = QStringLiteral("%1: %2 %3").arg(q(f.label), q(f.number), q(f.unit));
    if (f.stale) text = tr("no longer: %1").arg(text);
    if (!f.range.empty()) text += QStringLiteral(", ") + q(f.range);
    for (const auto& limit : f.limits)
        if (!limit.label.empty()) text += QStringLiteral(", ") + q(limit.label);
    return text;
}

QString spoken(const words::Row& row) {
    return row.right.empty() ? q(row.left) : QStringLiteral("%1: %2").arg(q(row.left), q(row.right));
}

QString spoken(const words::Note& note) {
    auto text = q(note.head);
    if (note.tone == Tone::Stop) text = tr("Stop: %1").arg(text);
    if (note.tone == Tone::Check) text = tr("Check: %1").arg(text);
    const auto detail = detailOf(note).trimmed();
    return detail.isEmpty() ? text : QStringLiteral("%1. %2").arg(text, detail);
}

} // namespace arbor::ui
