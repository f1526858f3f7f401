#pragma once

#include "ui/theme/tones.h"

#include <QLabel>
#include <functional>

class QPainter;

namespace arbor::ui {

/// One thing on the slip: a figure, a line of a list, a note. It paints itself and is a text to a screen reader.
class SlipItem : public QLabel {
public:
    using LayOut =
        std::function<int(QPainter* painter, int width)>; ///< paints when given a painter; returns the height

    explicit SlipItem(QWidget* parent) : QLabel(parent) {}
    /// @param spoken  all that it says, in the order it is read
    void show(const QString& spoken, LayOut layOut);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    LayOut m_layOut;
};

/// How each kind of thing is laid out and read.
SlipItem::LayOut titleItem(const words::Sheet& sheet);
SlipItem::LayOut headItem(const QString& text); ///< small, over a list; empty: a hairline
SlipItem::LayOut figureItem(const words::Figure& figure);
SlipItem::LayOut rowItem(const words::Row& row);
SlipItem::LayOut noteItem(const words::Note& note);
QString spoken(const words::Figure& figure);
QString spoken(const words::Row& row);
QString spoken(const words::Note& note); ///< with its severity in a word
int slipTextWidth();                     ///< the same with and without a scroll bar, so that figures do not jump

} // namespace arbor::ui
