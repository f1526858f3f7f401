#pragma once

#include "ui/bench/bench_scene.h"

#include <QTransform>
#include <QWidget>
#include <functional>
#include <optional>

namespace arbor::ui {

/// The section of the present setup to scale: pan by dragging, zoom by wheel or + and -, 0 fits, click or P picks a
/// part.
class BenchView : public QWidget {
    Q_OBJECT
public:
    explicit BenchView(QWidget* parent = nullptr);

    void show(BenchScene scene);
    const BenchScene& scene() const { return m_scene; }
    std::optional<std::size_t> picked() const { return m_picked; }
    double zoom() const { return m_zoom; }
    /// Screen position of a point of the section; used by tests and leaders.
    QPointF screenPoint(double radius_mm, double z_mm) const { return toScreen().map(QPointF(radius_mm, z_mm)); }
    /// Words for a picked body; set by the station that knows it.
    void setDescribe(std::function<PartNote(const section::Body&)> describe) { m_describe = std::move(describe); }

    QRectF dimensionBox(int id) const; ///< on the screen; empty: it is not drawn

    /// Lets faces be dragged along the axis; without it dragging pans.
    void setFaceDrag(bool on) { m_faceDrag = on; }

signals:
    void partPicked();
    void toolDropped(const QString& toolId);
    void dimensionPicked(int id);
    /// The upper face of a slice is at a new height; `dropped` once, when it is let go.
    void faceDragged(std::size_t body, std::size_t slice, double z_mm, bool dropped);

protected:
    void paintEvent(QPaintEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    QString spokenNow() const; ///< what is drawn, and the part that is picked
    void changed();            ///< repaints, and tells a screen reader where it stands
    QTransform toScreen() const;
    QRectF worldBox() const;
    std::vector<PlacedDimension> placedDimensions() const;
    double loupeRad() const;
    bool labelled() const; ///< callouts need room on both sides of the section
    void zoomAbout(QPointF screen, double factor);
    void fit();
    struct Face {
        std::size_t body, slice;
    };
    std::optional<Face> faceAt(QPointF screen) const;
    double snapped(double z_mm) const;
    void pick(std::optional<std::size_t> body);
    std::optional<std::size_t> bodyAt(QPointF screen) const;
    void paintCallouts(QPainter& painter, const QTransform& map) const;
    void paintSection(QPainter& painter, const QTransform& map) const;
    void paintLoupe(QPainter& painter, const QTransform& map) const;
    void paintStroke(QPainter& painter) const;
    void paintPicked(QPainter& painter) const;

    BenchScene m_scene;
    std::optional<std::size_t> m_picked;
    std::function<PartNote(const section::Body&)> m_describe;
    double m_zoom = 1;
    QPointF m_pan;
    std::optional<QPointF> m_dragFrom;
    bool m_dragged = false;
    bool m_faceDrag = false;
    std::optional<Face> m_face;       ///< being dragged
    std::optional<QTransform> m_held; ///< the drawing's scale stays while a face is dragged
    std::vector<double> m_heights;    ///< that a dragged face snaps to
};

/// Payload of a rack tool dragged to the bench.
inline constexpr auto kToolMime = "application/x-arbor-tool";

} // namespace arbor::ui
