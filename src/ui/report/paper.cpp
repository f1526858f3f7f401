#include "ui/report/paper.h"

#include "ui/bench/section_painter.h"
#include "ui/theme/theme.h"

#include <QFileInfo>
#include <QPdfWriter>
#include <QSaveFile>
#include <algorithm>

namespace arbor::ui {

namespace {

constexpr int kFoot = 30;
constexpr int kBox = 12; // of a tick
constexpr int kAfterBox = 22;
constexpr int kDrawing = 230; // height of a section
const QColor kInk(Qt::black), kSoft(90, 90, 90);

QFont font(int pixels, bool bold = false) {
    auto font = theme::typeface(theme::Text::Body);
    font.setPixelSize(pixels);
    font.setBold(bold);
    return font;
}

} // namespace

Paper::Paper(QPagedPaintDevice& device, QString footer) : m_device(device), m_footer(std::move(footer)) {
    m_painter.begin(&device);
}

QPageLayout Paper::pageOf(const QPageSize& size) {
    return {size, QPageLayout::Portrait, QMarginsF(16, 14, 14, 14), QPageLayout::Millimeter};
}

QPageLayout Paper::acrossOf(const QPageSize& size) {
    constexpr double kEdge_mm = 12;
    return {size, QPageLayout::Landscape, QMarginsF(kEdge_mm, kEdge_mm, kEdge_mm, kEdge_mm), QPageLayout::Millimeter};
}

Paper::~Paper() {
    pageFoot();
    m_painter.end();
}

int Paper::width() const {
    return m_device.width();
}
int Paper::bottom() const {
    return m_device.height() - kFoot;
}

void Paper::pageFoot() {
    m_painter.setPen(QPen(kSoft, 0.6));
    m_painter.drawLine(0, bottom() + 8, width(), bottom() + 8);
    m_painter.setFont(font(9));
    m_painter.setPen(kSoft);
    const QRect line(0, bottom() + 11, width(), 16);
    m_painter.drawText(line, Qt::AlignLeft, m_footer);
    m_painter.drawText(line, Qt::AlignRight, QString::number(m_page));
}

void Paper::nextPage() {
    pageFoot();
    m_device.newPage();
    ++m_page;
    m_y = 0;
}

void Paper::need(int height) {
    if (m_y + height > bottom()) nextPage();
}

/// Wrapped text at the present height. @return its height
int Paper::write(const QString& text, int left, const QFont& f, const QColor& colour) {
    const int tall =
        QFontMetrics(f, &m_device).boundingRect(QRect(0, 0, width() - left, 9999), Qt::TextWordWrap, text).height();
    need(tall);
    m_painter.setFont(f);
    m_painter.setPen(colour);
    m_painter.drawText(QRect(left, m_y, width() - left, tall + 4), Qt::TextWordWrap, text);
    m_y += tall + 2;
    return tall;
}

void Paper::title(const QString& text, const QString& under) {
    write(text, 0, font(20, true), kInk);
    write(under, 0, font(11), kSoft);
    m_painter.setPen(QPen(kInk, 1.4));
    m_painter.drawLine(0, m_y + 4, width(), m_y + 4);
    m_y += 10;
}

void Paper::heading(const QString& text) {
    need(60); // never alone at the foot of a page
    m_y += 10;
    write(text, 0, font(14, true), kInk);
    m_painter.setPen(QPen(kSoft, 0.6));
    m_painter.drawLine(0, m_y + 1, width(), m_y + 1);
    m_y += 6;
}

void Paper::text(const QString& text, int indent, bool strong) {
    if (!text.isEmpty()) write(text, indent, font(11, strong), strong ? kInk : kSoft);
}

void Paper::caution(const QString& text, int indent) {
    if (text.isEmpty()) return;
    need(18);
    QPolygon triangle({QPoint(indent, m_y + 11), QPoint(indent + 12, m_y + 11), QPoint(indent + 6, m_y + 1)});
    m_painter.setPen(QPen(kInk, 1));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawPolygon(triangle);
    write(text, indent + 18, font(11, true), kInk);
}

void Paper::tick(bool done, const QString& text, const QString& under, int indent) {
    need(34);
    const QRect box(indent, m_y + 2, kBox, kBox);
    m_painter.setPen(QPen(kInk, 1));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawRect(box);
    if (done) {
        m_painter.setPen(QPen(kInk, 1.8));
        m_painter.drawPolyline(
            QPolygon({box.topLeft() + QPoint(2, 6), box.topLeft() + QPoint(5, 10), box.topLeft() + QPoint(11, 1)}));
    }
    write(text, indent + kAfterBox, font(11, true), kInk);
    if (!under.isEmpty()) write(under, indent + kAfterBox, font(10), kSoft);
    m_y += 2;
}

void Paper::holdPoint(const QString& text) {
    constexpr int kTall = 34;
    need(kTall + 8);
    m_y += 4;
    const QRect frame(0, m_y, width() - 1, kTall);
    m_painter.setPen(QPen(kInk, 1.6));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawRect(frame);
    m_painter.setFont(font(11, true));
    m_painter.drawText(frame.adjusted(8, 0, -250, 0), Qt::AlignVCenter | Qt::TextWordWrap,
                       QObject::tr("HOLD   ") + text);
    m_painter.setPen(QPen(kSoft, 0.8));
    m_painter.drawLine(frame.right() - 240, frame.bottom() - 8, frame.right() - 8, frame.bottom() - 8);
    m_painter.setFont(font(9));
    m_painter.setPen(kSoft);
    m_painter.drawText(frame.adjusted(0, 2, -8, 0), Qt::AlignTop | Qt::AlignRight, QObject::tr("checked by, when"));
    m_y += kTall + 6;
}

void Paper::caption(const QString& text) {
    m_painter.setFont(font(10));
    m_painter.setPen(kSoft);
    m_painter.drawText(QRect(0, m_y, width(), 16), Qt::AlignHCenter, text);
    m_y += 20;
}

void Paper::drawing(const std::vector<section::Body>& bodies, const QString& caption) {
    if (bodies.empty()) return;
    need(kDrawing + 24);
    double rad = 1, lo = bodies.front().bottom(), hi = bodies.front().top();
    for (const auto& b : bodies) {
        rad = std::max(rad, b.outsideDia() / 2);
        lo = std::min(lo, b.bottom());
        hi = std::max(hi, b.top());
    }
    const double scale = std::min(kDrawing / (hi - lo), width() * 0.7 / (2 * rad));
    QTransform map;
    map.translate(width() / 2.0, m_y + kDrawing / 2.0);
    map.scale(scale, -scale);
    map.translate(0, -(lo + hi) / 2);
    m_painter.save();
    SectionPainter section(m_painter, map);
    for (const auto& body : bodies)
        section.body(body, false, false);
    section.axis(hi + 6 / scale, lo - 6 / scale);
    m_painter.restore();
    m_y += kDrawing + 6;
    this->caption(caption);
}

void Paper::figure(int height, const QString& caption, const std::function<void(QPainter&, const QRectF&)>& paint) {
    need(height + 24);
    m_painter.save();
    paint(m_painter, QRectF(0, m_y, width(), height));
    m_painter.restore();
    m_y += height + 4;
    this->caption(caption);
}

void Paper::signature(const QString& who) {
    constexpr int kTall = 40, kLine = 260;
    need(kTall);
    m_y += kTall - 14;
    m_painter.setPen(QPen(kSoft, 0.8));
    m_painter.drawLine(0, m_y, kLine, m_y);
    m_painter.setFont(font(10));
    m_painter.drawText(QRect(0, m_y + 1, width(), 16), Qt::AlignVCenter, who);
    m_y += 18;
}

void inDaylight(const std::function<void()>& paint) {
    const auto look = theme::variant();
    theme::use(theme::Variant::Light);
    paint();
    theme::use(look);
}

void fillPaper(QPagedPaintDevice& device, const QString& footer, const std::function<void(Paper&)>& fill) {
    inDaylight([&] {
        Paper paper(device, footer);
        fill(paper);
    });
}

Result<void> writePdf(const QString& file, const QPageLayout& page, const QString& title,
                      const std::function<void(QPagedPaintDevice&)>& paint) {
    const tl::unexpected<Problem> refusal(
        Problem{ProblemCode::Unwritable, {}, {}, wanted("a folder that can be written"), file.toStdString()});
    QSaveFile out(file);
    if (!out.open(QIODevice::WriteOnly)) return refusal;
    {
        QPdfWriter writer(&out);
        writer.setTitle(title);
        writer.setCreator("Brisk Arbor");
        writer.setPageLayout(page);
        writer.setResolution(Paper::kDotsPerInch);
        paint(writer);
    }
    if (!out.commit()) return refusal;
    return {};
}

QString freeName(const QString& stem, const QString& ending) {
    auto file = stem + "." + ending;
    for (int n = 2; QFileInfo::exists(file); ++n)
        file = QStringLiteral("%1-%2.%3").arg(stem).arg(n).arg(ending);
    return file;
}

} // namespace arbor::ui
