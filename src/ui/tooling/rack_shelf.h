#pragma once

#include "core/tooling/search.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The rack's sleeves side by side on one datum, best first, each with its verdict. Click or arrows choose, drag to the
/// bench tries.
class RackShelf : public QWidget {
    Q_OBJECT
public:
    explicit RackShelf(QWidget* parent = nullptr);

    /// @param candidates  pointers into them are not kept  @param chosen  the tool now on the bench
    void show(const std::vector<tooling::Candidate>& candidates, const std::string& chosen,
              const words::Display& display);
    void step(int by); ///< moves the choice to the neighbour and emits chosen
    std::size_t count() const { return m_slots.size(); }
    QRectF slotBox(std::size_t index) const;

signals:
    void chosen(const QString& toolId);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    struct Slot {
        std::string id;
        section::Body body;
        QString sizes;
        QString head;
        Severity verdict;
    };
    std::optional<std::size_t> slotAt(QPointF at) const;
    void keepChosenInSight();
    void paintSlot(class QPainter& painter, std::size_t index, double scale) const;

    std::vector<Slot> m_slots;
    std::optional<std::size_t> m_chosen;
    QString m_summary;
    static constexpr int kLeastSlot = 128;
    int m_slotWidth = kLeastSlot;
    int m_first = 0; ///< first slot in sight
    std::optional<std::size_t> m_pressed;
    QPointF m_pressedAt;
};

} // namespace arbor::ui
