#pragma once

#include "core/arrangement/arrangement.h"

#include <QWidget>
#include <optional>
#include <vector>

namespace arbor::ui {

/// The shapes a job can begin with, as drawn sections on cards: arrows choose, words filter, a bearing leaves those it
/// could sit in.
class ShapeGallery : public QWidget {
    Q_OBJECT
public:
    explicit ShapeGallery(QWidget* parent = nullptr);

    /// One shape: what it is called in a line or two, and the words it is found by.
    struct Shape {
        QString name;
        QString words;
        arrangement::Arrangement arrangement; ///< resolved
    };
    void show(std::vector<Shape> shapes);
    /// @param fits  same length as the shapes: the others step back
    void mark(std::vector<bool> fits);
    void choose(int shape);                 ///< the next that fits, from there on
    int chosen() const { return m_chosen; } ///< -1: none fits
    const std::vector<Shape>& shapes() const { return m_shapes; }
    bool fits(int shape) const { return m_fits[static_cast<std::size_t>(shape)]; }

signals:
    void changed();
    void taken(); ///< the chosen one is what is wanted

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    int columns() const;
    QRect cardOf(int shape) const;
    void step(int by); ///< to the next that fits on that way
    void paintCard(QPainter& painter, int shape) const;

    std::vector<Shape> m_shapes;
    std::vector<bool> m_fits;
    int m_chosen = 0;
};

} // namespace arbor::ui
