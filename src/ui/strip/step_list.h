#pragma once

#include "words/order_words.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// The lines of an order of work, numbered, with why and caution under each; the chosen one marked.
class StepList : public QWidget {
    Q_OBJECT
public:
    explicit StepList(QWidget* parent = nullptr);
    /// @param done  same length as lines: those are ticked
    void show(std::vector<words::WorkLine> lines, std::vector<bool> done, std::size_t current);
    QRect boxOf(std::size_t line) const;

signals:
    void chosen(std::size_t line);

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    void layOut();
    void paintLine(class QPainter& painter, std::size_t line) const;

    std::vector<words::WorkLine> m_lines;
    std::vector<QRect> m_boxes;
    std::vector<bool> m_done;
    std::size_t m_current = 0;
};

} // namespace arbor::ui
