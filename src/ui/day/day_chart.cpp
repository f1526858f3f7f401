#include "ui/day/day_chart.h"

#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/day_words.h"
#include "words/shipped_names.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <utility>

namespace arbor::ui {

namespace {

using day::Minute;
using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kHour = 60, kStep = 5; // minutes that a key moves a bar by
constexpr int kTop = 32, kFoot = 34;

int labels() {
    return theme::wide(188);
}
int bar() {
    return theme::tall(34);
}

} // namespace

DayChart::DayChart(QWidget* parent) : QWidget(parent) {
    setObjectName("dayChart");
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(false);
    speakAs(*this, QAccessible::Graphic, tr("The day"));
}

void DayChart::show(const day::Board& board, Minute now) {
    const auto before = chosen();
    const auto key = before ? std::optional(m_board.day.pieces[*before].key) : std::nullopt;
    const bool first = m_rows.empty();
    m_board = board;
    m_now = now;
    m_rows.clear();
    m_bars.clear();
    if (!m_board.drawn.empty()) addRows();
    if (first && !m_bars.empty()) {
        const auto soonest = std::min_element(m_bars.begin(), m_bars.end(), [](const Bar& a, const Bar& b) {
                                 return a.start < b.start;
                             })->start;
        m_from = std::floor(std::max(soonest, now - kHour) / double(kHour)) * kHour - kHour / 2.0;
    }
    m_chosen = 0;
    for (std::size_t i = 0; key && i < board.day.pieces.size(); ++i)
        if (board.day.pieces[i].key == *key) choose(i);
    if (!key)
        if (const auto next = words::nextPiece(m_board)) choose(*next);
    speakAll();
    emit chosenChanged();
    update();
}

void DayChart::addRows() {
    const auto& day = m_board.day;
    const auto row = [&](const QString& title, const QString& under, auto uses) {
        m_rows.push_back({title, under});
        for (std::size_t i = 0; i < day.pieces.size(); ++i)
            if (uses(day.pieces[i])) addBar(m_rows.size() - 1, i);
    };
    for (const auto& press : day.presses)
        row(m_board.presses.contains(press) ? q(words::shippedName(m_board.presses.at(press))) : q(press), q(press),
            [&](const day::Piece& p) { return p.press == press; });
    for (const auto& source : day.sources) {
        const auto in = [&](const day::Piece& p) { return p.source == source.id; };
        if (std::any_of(day.pieces.begin(), day.pieces.end(), in))
            row(q(words::shippedName(source.name)),
                source.warms ? tr("one temperature, %n places", nullptr, source.places)
                             : tr("%n places", nullptr, source.places),
                in);
    }
    if (m_board.plan) addPeople(); // else nobody is given anything
    layLanes();
}

void DayChart::addBar(std::size_t row, std::size_t piece) {
    const auto& at = m_board.drawn[piece];
    m_bars.push_back({row,
                      0,
                      at.start,
                      at.end,
                      q(m_board.day.pieces[piece].key.job),
                      q(words::pieceWords(m_board, piece)),
                      {piece}});
}

/// What follows in one job without a break is one bar.
void DayChart::addPeople() {
    const auto& day = m_board.day;
    const auto& at = m_board.drawn;
    constexpr Minute kNoBreak = 2;
    for (std::size_t k = 0; k < day.people.size(); ++k) {
        const auto& person = day.people[k];
        const auto time = [&](Minute m) { return q(words::timeWords(day, m)); };
        m_rows.push_back({person.name.empty() ? tr("You") : q(person.name),
                          tr("%1 to %2").arg(time(person.hours.from), time(person.hours.until))});
        std::vector<std::size_t> theirs;
        for (std::size_t i = 0; i < day.pieces.size(); ++i)
            if (day.pieces[i].byHand && at[i].who == k) theirs.push_back(i);
        std::sort(theirs.begin(), theirs.end(), [&](auto a, auto b) { return at[a].start < at[b].start; });
        const auto firstBar = m_bars.size();
        for (const auto i : theirs) {
            auto* last = m_bars.size() > firstBar ? &m_bars.back() : nullptr;
            if (last && last->job == q(day.pieces[i].key.job) && at[i].start <= last->end + kNoBreak) {
                last->end = at[i].end;
                last->what += ", " + q(words::pieceWords(m_board, i));
                last->pieces.push_back(i);
            } else {
                addBar(m_rows.size() - 1, i);
            }
        }
    }
}

/// Those that overlap stand below each other.
void DayChart::layLanes() {
    std::map<std::pair<std::size_t, int>, Minute> until;
    std::stable_sort(m_bars.begin(), m_bars.end(),
                     [](const Bar& a, const Bar& b) { return a.row != b.row ? a.row < b.row : a.start < b.start; });
    for (auto& one : m_bars) {
        for (one.lane = 0;; ++one.lane) {
            const auto taken = until.find({one.row, one.lane});
            if (taken == until.end() || taken->second <= one.start) break;
        }
        until[{one.row, one.lane}] = one.end;
        m_rows[one.row].lanes = std::max(m_rows[one.row].lanes, one.lane + 1);
    }
    double height = kTop + kFoot;
    for (const auto& row : m_rows)
        height += row.lanes * (bar() + 4) + 14;
    setMinimumHeight(static_cast<int>(height));
}

void DayChart::speakAll() {
    QStringList all;
    for (const auto& one : m_bars)
        all << QStringLiteral("%1: %2 %3, %4")
                   .arg(m_rows[one.row].title, one.job, one.what, q(words::timeWords(m_board.day, one.start)));
    speak(*this, all.join("; "));
}

std::optional<std::size_t> DayChart::chosen() const {
    return m_chosen < m_bars.size() ? std::optional(m_bars[m_chosen].pieces.front()) : std::nullopt;
}

void DayChart::choose(std::size_t piece) {
    for (std::size_t i = 0; i < m_bars.size(); ++i)
        if (std::find(m_bars[i].pieces.begin(), m_bars[i].pieces.end(), piece) != m_bars[i].pieces.end()) {
            m_chosen = i;
            break;
        }
    keepInSight();
    emit chosenChanged();
    update();
}

void DayChart::showAll() {
    if (m_bars.empty()) return;
    Minute first = day::kDay, last = 0;
    for (const auto& one : m_bars) {
        first = std::min(first, one.start);
        if (one.start < day::kDay) last = std::max(last, one.end);
    }
    m_from = std::floor(first / double(kHour)) * kHour;
    m_span = std::max(4.0 * kHour, std::min(last, day::kDay) - m_from + kHour / 2.0);
    m_chosen = m_bars.size(); // on paper nothing is
}

void DayChart::keepInSight() {
    if (m_chosen >= m_bars.size()) return;
    const auto& one = m_bars[m_chosen];
    if (one.start < m_from) m_from = one.start - kHour / 2.0;
    if (one.end > m_from + m_span) m_from = std::max(one.end - m_span + kHour / 2.0, 0.0);
}

double DayChart::x(double minute) const {
    const double room = m_size.width() - labels();
    return labels() + (minute - m_from) / m_span * room;
}

double DayChart::rowTop(std::size_t row) const {
    double y = kTop;
    for (std::size_t r = 0; r < row; ++r)
        y += m_rows[r].lanes * (bar() + 4) + 14;
    return y;
}

QRectF DayChart::boxOf(const Bar& one) const {
    const double left = x(one.start), right = std::max(x(one.end), left + 6);
    return {left, rowTop(one.row) + 7 + one.lane * (bar() + 4), right - left, static_cast<double>(bar())};
}

QColor DayChart::toneOf(const QString& job, bool pale) const {
    std::size_t number = 0;
    for (const auto& one : m_board.day.jobs) {
        if (q(one.job) == job) break;
        ++number;
    }
    const auto& r = roles();
    const std::array<std::pair<QColor, QColor>, 4> tones{
        {{r.plan, r.planPale}, {r.proven, r.provenPale}, {r.caution, r.cautionPale}, {r.muted, r.iron}}};
    const auto& tone = tones[number % tones.size()];
    return pale ? tone.second : tone.first;
}

void DayChart::paintAxis(QPainter& painter) const {
    painter.fillRect(QRectF({0, 0}, m_size), roles().paper);
    painter.fillRect(QRectF(0, 0, labels(), m_size.height()), roles().card);
    painter.setFont(typeface(Text::Small));
    const int each = m_span > 16 * kHour ? 4 : m_span > 10 * kHour ? 2 : 1;
    for (int hour = static_cast<int>(std::ceil(m_from / kHour)); hour * kHour <= m_from + m_span; ++hour) {
        if (hour % each) continue;
        const double at = x(hour * kHour);
        painter.setPen(QPen(roles().rule, 1));
        painter.drawLine(QPointF(at, kTop), QPointF(at, m_size.height() - kFoot));
        painter.setPen(roles().muted);
        painter.drawText(QRectF(at - 50, 4, 100, kTop - 6), Qt::AlignCenter,
                         q(words::timeWords(m_board.day, hour * kHour)));
    }
    for (std::size_t r = 0; r < m_rows.size(); ++r) {
        const double top = rowTop(r), bottom = rowTop(r + 1);
        painter.setPen(QPen(roles().rule, 1));
        painter.drawLine(QPointF(0, bottom), QPointF(m_size.width(), bottom));
        painter.setFont(typeface(Text::Strong));
        painter.setPen(roles().ink);
        theme::drawElided(painter, QRectF(18, top + 7, labels() - 24, theme::tall(18)), Qt::AlignVCenter,
                          m_rows[r].title);
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().muted);
        theme::drawElided(painter, QRectF(18, top + 7 + theme::tall(18), labels() - 24, theme::tall(16)),
                          Qt::AlignVCenter, m_rows[r].under);
    }
}

void DayChart::paintBar(QPainter& painter, const Bar& one, bool chosen) const {
    auto box = boxOf(one);
    if (chosen && m_drawnBy) box.translate(x(m_from + m_drawnBy) - x(m_from), 0);
    const auto& piece = m_board.day.pieces[one.pieces.front()];
    painter.setPen(QPen(toneOf(one.job, false), chosen ? 2.6 : 1.2));
    painter.setBrush(toneOf(one.job, true));
    painter.drawRoundedRect(box, 3, 3);
    if (piece.began) painter.fillRect(QRectF(box.left(), box.top(), 4, box.height()), toneOf(one.job, false));
    if (piece.fixed) { // its start is nailed
        painter.setBrush(toneOf(one.job, false));
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(QPolygonF({box.topLeft(), box.topLeft() + QPointF(9, 0), box.topLeft() + QPointF(0, 9)}));
    }
    const auto words = box.adjusted(7, 2, -2, -2);
    if (words.width() < 20) return;
    painter.setClipRect(box);
    painter.setFont(typeface(Text::Small));
    QFont strong = painter.font();
    strong.setBold(true);
    painter.setFont(strong);
    painter.setPen(toneOf(one.job, false));
    theme::drawElided(painter, QRectF(words.left(), words.top(), words.width(), words.height() / 2), Qt::AlignVCenter,
                      one.job);
    strong.setBold(false);
    painter.setFont(strong);
    painter.setPen(roles().ink);
    theme::drawElided(painter, QRectF(words.left(), words.center().y(), words.width(), words.height() / 2),
                      Qt::AlignVCenter, one.what);
    painter.setClipping(false);
}

/// From the source to the press: what is warm does not wait.
void DayChart::paintCarries(QPainter& painter) const {
    painter.setPen(QPen(roles().stop, 1.4, Qt::DashLine));
    for (const auto& from : m_bars) {
        const auto& piece = m_board.day.pieces[from.pieces.front()];
        if (!piece.isSoak()) continue;
        for (const auto& to : m_bars)
            if (to.pieces.front() == piece.into) {
                const auto a = boxOf(from), b = boxOf(to);
                const bool down = b.top() > a.top();
                painter.drawLine(QPointF(a.right(), down ? a.bottom() : a.top()),
                                 QPointF(b.left(), down ? b.top() : b.bottom()));
                break;
            }
    }
}

void DayChart::paintNow(QPainter& painter) const {
    if (m_now < m_from || m_now > m_from + m_span) return;
    const double at = x(m_now);
    painter.setPen(QPen(roles().stop, 2));
    painter.drawLine(QPointF(at, kTop), QPointF(at, m_size.height() - kFoot + 4));
    const QRectF flag(at - 26, m_size.height() - kFoot + 4, 52, 22);
    painter.setPen(Qt::NoPen);
    painter.setBrush(roles().stop);
    painter.drawRoundedRect(flag, 3, 3);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().onPlan);
    painter.drawText(flag, Qt::AlignCenter, q(words::timeWords(m_board.day, m_now)));
}

void DayChart::paint(QPainter& painter, const QRectF& box) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.translate(box.topLeft());
    m_size = box.size();
    paintAxis(painter);
    painter.save();
    painter.setClipRect(QRectF(labels(), 0, m_size.width() - labels(), m_size.height()));
    for (std::size_t i = 0; i < m_bars.size(); ++i) {
        const auto bounds = boxOf(m_bars[i]);
        if (bounds.right() >= labels() && bounds.left() <= m_size.width() && i != m_chosen) {
            painter.save();
            paintBar(painter, m_bars[i], false);
            painter.restore();
        }
    }
    paintCarries(painter);
    paintNow(painter);
    if (m_chosen < m_bars.size()) paintBar(painter, m_bars[m_chosen], hasFocus() || m_drawn);
    painter.restore();
    painter.restore();
}

void DayChart::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    paint(painter, rect());
}

/// To the bar before or after in its row, or to the one nearest in time in another.
void DayChart::step(int rows, int bars) {
    if (m_chosen >= m_bars.size()) return;
    const auto here = m_bars[m_chosen];
    if (bars != 0) {
        const auto next = static_cast<std::ptrdiff_t>(m_chosen) + bars;
        if (next >= 0 && next < static_cast<std::ptrdiff_t>(m_bars.size()) &&
            m_bars[static_cast<std::size_t>(next)].row == here.row)
            m_chosen = static_cast<std::size_t>(next);
    }
    for (auto row = static_cast<std::ptrdiff_t>(here.row) + rows;
         rows != 0 && row >= 0 && row < static_cast<std::ptrdiff_t>(m_rows.size()); row += rows) {
        std::optional<std::size_t> nearest;
        for (std::size_t i = 0; i < m_bars.size(); ++i)
            if (m_bars[i].row == static_cast<std::size_t>(row) &&
                (!nearest || std::abs(m_bars[i].start - here.start) < std::abs(m_bars[*nearest].start - here.start)))
                nearest = i;
        if (!nearest) continue;
        m_chosen = *nearest;
        break;
    }
    keepInSight();
    emit chosenChanged();
    update();
}

void DayChart::push(int minutes) {
    const auto piece = chosen();
    if (!piece || m_board.day.pieces[*piece].began) return;
    const auto& p = m_board.day.pieces[*piece];
    emit moved(*piece, std::max(m_now, p.fixed.value_or(m_bars[m_chosen].start) + minutes));
}

void DayChart::keyPressEvent(QKeyEvent* event) {
    const bool shift = event->modifiers() & Qt::ShiftModifier;
    const auto piece = chosen();
    switch (event->key()) {
    case Qt::Key_Left:
        return shift ? push(-kStep) : step(0, -1);
    case Qt::Key_Right:
        return shift ? push(kStep) : step(0, 1);
    case Qt::Key_Up:
        return step(-1, 0);
    case Qt::Key_Down:
        return step(1, 0);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (piece) emit opened(*piece);
        return;
    case Qt::Key_Delete:
        if (piece) emit freed(*piece);
        return;
    case Qt::Key_PageDown:
    case Qt::Key_PageUp:
        m_from = std::max(0.0, m_from + (event->key() == Qt::Key_PageDown ? 2.0 : -2.0) * kHour);
        return update();
    case Qt::Key_Plus:
    case Qt::Key_Minus: {
        const double factor = event->key() == Qt::Key_Plus ? 0.75 : 1 / 0.75;
        m_span = std::clamp(m_span * factor, 1.0 * kHour, 72.0 * kHour);
        return update();
    }
    default:
        QWidget::keyPressEvent(event);
    }
}

void DayChart::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = m_bars.size(); i-- > 0;)
        if (boxOf(m_bars[i]).contains(event->position())) {
            m_chosen = i;
            m_drawn = event->position().x();
            m_drawnBy = 0;
            emit chosenChanged();
            return update();
        }
}

void DayChart::mouseMoveEvent(QMouseEvent* event) {
    if (!m_drawn || m_chosen >= m_bars.size()) return;
    const double perMinute = x(m_from + 1) - x(m_from);
    m_drawnBy = static_cast<Minute>(std::lround((event->position().x() - *m_drawn) / perMinute / kStep)) * kStep;
    update();
}

void DayChart::mouseReleaseEvent(QMouseEvent*) {
    const auto by = std::exchange(m_drawnBy, 0);
    if (std::exchange(m_drawn, {}) && by != 0) push(by);
    update();
}

void DayChart::mouseDoubleClickEvent(QMouseEvent*) {
    if (const auto piece = chosen()) emit opened(*piece);
}

void DayChart::wheelEvent(QWheelEvent* event) {
    if (!(event->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier))) return QWidget::wheelEvent(event);
    const double turn = event->angleDelta().y() + event->angleDelta().x();
    m_from = std::max(0.0, m_from - turn / 120 * kHour / 2);
    update();
}

} // namespace arbor::ui
