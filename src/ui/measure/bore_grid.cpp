#include "ui/measure/bore_grid.h"

#include "ui/kit/spoken.h"
#include "ui/text.h"
#include "ui/theme/theme.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace arbor::ui {

namespace {

using theme::roles;
using theme::Text;
using theme::typeface;

constexpr int kGridTop = 76, kHeadWidth = 66, kRowHeight = 40, kCorner = 9;

void addOnce(std::vector<double>& list, double value) {
    const bool there = std::any_of(list.begin(), list.end(), [&](double v) { return std::abs(v - value) < kSame; });
    if (!there) list.push_back(value);
}

} // namespace

BorePlaces placesFor(double length_mm, const std::vector<measure::DiameterReading>& readings, int depths,
                     int directions) {
    BorePlaces out;
    for (const auto& r : readings) {
        addOnce(out.depths_mm, r.depth_mm);
        addOnce(out.directions_deg, r.direction_deg);
    }
    // Near both ends and evenly between, in half millimetres; a depth that is measured already stands for its stretch.
    const auto measured = out.depths_mm;
    const double stretch = depths > 1 ? 0.8 * length_mm / (depths - 1) : length_mm;
    for (int i = 0; i < depths; ++i) {
        const double at = depths == 1 ? length_mm / 2 : 0.1 * length_mm + stretch * i;
        const bool there = static_cast<int>(measured.size()) >= depths ||
                           std::any_of(measured.begin(), measured.end(),
                                       [&](double depth) { return std::abs(depth - at) < 0.55 * stretch; });
        if (!there) addOnce(out.depths_mm, std::round(2 * at) / 2);
    }
    for (int i = 0; i < directions; ++i)
        addOnce(out.directions_deg, 180.0 * i / directions);
    std::sort(out.depths_mm.begin(), out.depths_mm.end());
    std::sort(out.directions_deg.begin(), out.directions_deg.end());
    return out;
}

BoreGrid::BoreGrid(QWidget* parent) : QWidget(parent) {
    setObjectName("boreGrid");
    setProperty("typedOn", true);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(300, kGridTop + 3 * kRowHeight + theme::kGap);
    speakAs(*this, QAccessible::Table, tr("Readings by depth and direction"));
}

QString BoreGrid::spokenNow() const {
    if (rows() == 0 || columns() == 0) return tr("empty");
    const auto* reading = readingAt(m_row, m_column);
    return tr("%1 deep, %2°: %3")
        .arg(q(m_display.size(m_places.depths_mm[static_cast<std::size_t>(m_row)]).text()),
             q(words::decimals(m_places.directions_deg[static_cast<std::size_t>(m_column)], 0)),
             reading ? q(m_display.reading(reading->dia_mm).text()) : tr("empty"));
}

void BoreGrid::changed() {
    speak(*this, spokenNow());
    update();
}

void BoreGrid::show(const BorePlaces& places, const std::vector<measure::DiameterReading>& readings,
                    const plan::SurfacePlan& surface, double nominal_mm, const words::Display& display) {
    m_places = places;
    m_readings = readings;
    m_surface = surface;
    m_nominal_mm = nominal_mm;
    m_display = display;
    m_row = std::clamp(m_row, 0, std::max(0, rows() - 1));
    m_column = std::clamp(m_column, 0, std::max(0, columns() - 1));
    setFixedHeight(kGridTop + std::max(3, rows()) * kRowHeight + theme::kGap);
    changed();
}

void BoreGrid::goTo(int row, int column) {
    m_typing.clear();
    m_row = std::clamp(row, 0, std::max(0, rows() - 1));
    m_column = std::clamp(column, 0, std::max(0, columns() - 1));
    changed();
}

QRectF BoreGrid::cell(int row, int column) const {
    const double wide = (width() - theme::kMargin - kHeadWidth - 12.0) / std::max(1, columns());
    return {theme::kMargin + kHeadWidth + wide * column, static_cast<double>(kGridTop + kRowHeight * row), wide,
            kRowHeight};
}

const measure::DiameterReading* BoreGrid::readingAt(int row, int column) const {
    for (const auto& r : m_readings)
        if (std::abs(r.depth_mm - m_places.depths_mm[static_cast<std::size_t>(row)]) < kSame &&
            std::abs(r.direction_deg - m_places.directions_deg[static_cast<std::size_t>(column)]) < kSame)
            return &r;
    return nullptr;
}

bool BoreGrid::beyond(double dia_mm) const {
    if (!m_surface.size_mm) return false;
    const double deviation = dia_mm - m_nominal_mm;
    return deviation < m_surface.size_mm->lower || deviation > m_surface.size_mm->upper;
}

void BoreGrid::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), roles().paper);
    painter.setFont(typeface(Text::Strong));
    painter.setPen(roles().ink);
    painter.drawText(QRect(theme::kMargin, 10, width() - 40, 20), Qt::AlignVCenter,
                     tr("Diameters by depth and direction (%1)").arg(q(m_display.size(0).unit)));
    painter.setFont(typeface(Text::Small));
    painter.setPen(roles().muted);
    theme::drawElided(painter, QRect(theme::kMargin, 30, width() - 40, 18), Qt::AlignVCenter,
                      tr("The last digits are enough. Arrow keys move, + − directions, * / depths, Delete clears."));
    for (int column = 0; column < columns(); ++column) {
        const auto box = cell(0, column);
        painter.drawText(QRectF(box.left(), kGridTop - 22, box.width(), 18), Qt::AlignCenter,
                         QStringLiteral("%1°").arg(m_places.directions_deg[static_cast<std::size_t>(column)]));
    }
    for (int row = 0; row < rows(); ++row) {
        const auto box = cell(row, 0);
        painter.setFont(typeface(Text::Small));
        painter.setPen(roles().muted);
        painter.drawText(
            QRectF(theme::kMargin, box.top(), kHeadWidth - 8, box.height()), Qt::AlignVCenter | Qt::AlignLeft,
            tr("%1 deep").arg(q(m_display.size(m_places.depths_mm[static_cast<std::size_t>(row)]).number)));
        for (int column = 0; column < columns(); ++column)
            paintCell(painter, row, column);
    }
}

void BoreGrid::paintCell(QPainter& painter, int row, int column) const {
    const auto box = cell(row, column).adjusted(2, 2, -2, -2);
    const bool current = row == m_row && column == m_column;
    const auto* reading = readingAt(row, column);
    const bool out = reading && beyond(reading->dia_mm);
    painter.setBrush(current && hasFocus() ? roles().planPale : roles().card);
    painter.setPen(QPen(current ? roles().plan : roles().rule, current ? 2 : 1));
    painter.drawRect(box);
    auto text = reading ? q(m_display.reading(reading->dia_mm).number) : QStringLiteral("–");
    if (current && !m_typing.isEmpty()) text = m_typing + "▏";
    painter.setFont(typeface(reading || current ? Text::Strong : Text::Body));
    painter.setPen(out ? roles().stop : reading ? roles().ink : roles().muted);
    painter.drawText(box, Qt::AlignCenter, text);
    if (!out) return;
    // Beyond the limits is told by a shape as well as by colour.
    painter.setPen(Qt::NoPen);
    painter.setBrush(roles().stop);
    const auto corner = box.topRight();
    painter.drawPolygon(QPolygonF{corner, corner - QPointF(kCorner, 0), corner + QPointF(0, kCorner)});
}

void BoreGrid::keep() {
    if (m_typing.isEmpty()) return;
    const auto typed = std::exchange(m_typing, QString());
    emit entered(depth(), direction(), typed);
}

void BoreGrid::goOn() {
    if (m_column + 1 < columns())
        ++m_column;
    else if (m_row + 1 < rows()) {
        m_column = 0;
        ++m_row;
    }
    changed();
}

void BoreGrid::keyPressEvent(QKeyEvent* event) {
    if (rows() == 0 || columns() == 0) return QWidget::keyPressEvent(event);
    const auto text = event->text();
    if (!text.isEmpty() && (text[0].isDigit() || text[0] == '.' || text[0] == ',')) {
        m_typing += text[0] == ',' ? QChar('.') : text[0];
        return changed();
    }
    const auto move = [this](int rowsBy, int columnsBy) {
        keep();
        goTo(m_row + rowsBy, m_column + columnsBy);
    };
    switch (event->key()) {
    case Qt::Key_Right:
        return move(0, 1);
    case Qt::Key_Left:
        return move(0, -1);
    case Qt::Key_Down:
        return move(1, 0);
    case Qt::Key_Up:
        return move(-1, 0);
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (m_typing.isEmpty()) break; // nothing typed: Enter is the slip's action
        keep();
        return goOn();
    case Qt::Key_Backspace:
        m_typing.chop(1);
        return changed();
    case Qt::Key_Delete:
        m_typing.clear();
        emit entered(depth(), direction(), {});
        return changed();
    case Qt::Key_Plus:
        return emit placesWanted(0, 1);
    case Qt::Key_Minus:
        return emit placesWanted(0, -1);
    case Qt::Key_Asterisk:
        return emit placesWanted(1, 0);
    case Qt::Key_Slash:
        return emit placesWanted(-1, 0);
    default:
        break;
    }
    QWidget::keyPressEvent(event);
}

void BoreGrid::mousePressEvent(QMouseEvent* event) {
    setFocus();
    keep();
    for (int row = 0; row < rows(); ++row)
        for (int column = 0; column < columns(); ++column)
            if (cell(row, column).contains(event->position())) goTo(row, column);
}

} // namespace arbor::ui
