#pragma once

#include "ui/slip/slip_model.h"

#include <QColor>
#include <QWidget>

namespace arbor::ui {

QColor toneColour(Tone tone);

/// Paints a slip's text, figures, rows and notes from top to bottom; its height follows from the content.
class SlipBody : public QWidget {
public:
    explicit SlipBody(QWidget* parent) : QWidget(parent) {}
    void show(const SlipModel& model);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    int textWidth() const; ///< the same with and without a scroll bar, so that figures do not jump
    int layOut(class QPainter* painter,
               int width) const; ///< paints when given a painter; returns the height either way
    SlipModel m_model;
};

} // namespace arbor::ui
