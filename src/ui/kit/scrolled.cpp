#include "ui/kit/scrolled.h"

#include <QScrollArea>

namespace arbor::ui {

QScrollArea* scrolled(QWidget* content, QWidget* parent, const char* name) {
    auto* scroll = new QScrollArea(parent);
    scroll->setObjectName(name);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(content);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return scroll;
}

} // namespace arbor::ui
