#pragma once

#include "core/base/result.h"
#include "core/section/body.h"

#include <QFont>
#include <QPageLayout>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QString>
#include <functional>
#include <vector>

namespace arbor::ui {

/// Paper that fills from top to bottom and goes on to the next page by itself. Black on white, whatever the screen's
/// look.
class Paper {
public:
    /// @param footer  left of the page number on every page
    Paper(QPagedPaintDevice& device, QString footer);
    ~Paper();

    void title(const QString& text, const QString& under);
    void heading(const QString& text);
    void text(const QString& text, int indent = 0, bool strong = false);
    void caution(const QString& text, int indent = 0);
    /// A box to tick, ticked when it is done already, and what is to be done.
    void tick(bool done, const QString& text, const QString& under = {}, int indent = 0);
    /// Work stops here until somebody has looked and signed.
    void holdPoint(const QString& text);
    /// A section to scale, with what it shows.
    void drawing(const std::vector<section::Body>& bodies, const QString& caption);
    /// Something painted over the whole width, with what it shows under it.
    void figure(int height, const QString& caption, const std::function<void(QPainter&, const QRectF&)>& paint);
    /// A line to sign on.
    void signature(const QString& who);
    void gap(int height) { m_y += height; }

    static constexpr int kDotsPerInch = 96;             ///< of the device, as on a screen
    static QPageLayout pageOf(const QPageSize& size);   ///< with its margins
    static QPageLayout acrossOf(const QPageSize& size); ///< turned, for what is wider than tall

private:
    void need(int height);
    void nextPage();
    void pageFoot();
    void caption(const QString& text);
    int write(const QString& text, int left, const QFont& font, const QColor& colour);
    int width() const;
    int bottom() const;

    QPagedPaintDevice& m_device;
    QPainter m_painter;
    QString m_footer;
    int m_y = 0;
    int m_page = 1;
};

/// Paints on paper in the light look, whatever the screen has.
void inDaylight(const std::function<void()>& paint);
/// Fills paper on a device whose page and resolution are set.
void fillPaper(QPagedPaintDevice& device, const QString& footer, const std::function<void(Paper&)>& fill);

/// Writes a PDF through a temporary file. @errors Unwritable when the file cannot be written
Result<void> writePdf(const QString& file, const QPageLayout& page, const QString& title,
                      const std::function<void(QPagedPaintDevice&)>& paint);
/// A file of that name that is not there yet: with "-2", "-3" where it is.
QString freeName(const QString& stem, const QString& ending = QStringLiteral("pdf"));

} // namespace arbor::ui
