#include "ui/kit/beside.h"

#include "ui/theme/theme.h"

#include <QBoxLayout>

namespace arbor::ui {

Beside::Beside(QWidget* sheet, QWidget* picture, Shape shape, QWidget* parent)
    : QWidget(parent), m_shape(shape), m_layout(new QBoxLayout(QBoxLayout::LeftToRight, this)), m_sheet(sheet),
      m_picture(picture) {
    m_layout->setContentsMargins(0, 0, 0, 0);
    m_layout->setSpacing(0);
    m_layout->addWidget(sheet, 1);
    m_layout->addWidget(picture, 1);
}

void Beside::arrange() {
    const int wide = theme::wide(theme::kSheetWidth);
    const bool beside = width() >= wide + m_shape.leastPicture;
    m_layout->setDirection(!beside                        ? QBoxLayout::BottomToTop
                           : m_shape.sheet == Sheet::Left ? QBoxLayout::LeftToRight
                                                          : QBoxLayout::RightToLeft);
    m_layout->setStretchFactor(m_sheet, beside ? 0 : 1);
    m_sheet->setMinimumWidth(beside ? wide : 0);
    m_sheet->setMaximumWidth(beside ? wide : QWIDGETSIZE_MAX);
    m_picture->setVisible(beside || m_shape.picture == Narrow::Above);
    emit arranged(beside);
}

void Beside::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    arrange();
}

} // namespace arbor::ui
