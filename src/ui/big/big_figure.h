#pragma once

#include "words/sheet.h"

#include <QWidget>

namespace arbor::ui {

/// One number to be read from two metres, with its band and limits.
class BigFigure : public QWidget {
    Q_OBJECT
public:
    explicit BigFigure(QWidget* parent = nullptr);
    void show(const words::Figure& figure);
    int numeralPixels() const; ///< how tall the digits are drawn now

protected:
    void paintEvent(QPaintEvent*) override;

private:
    double place(double value) const;
    void paintBand(QPainter& painter, int top) const;

    words::Figure m_figure;
};

} // namespace arbor::ui
