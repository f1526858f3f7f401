#pragma once

#include <QStringList>

class QWidget;

namespace arbor::testing {

/// Texts of labels, buttons and choices in sight that find no room where they stand, each with its widget's name.
QStringList cutTexts(const QWidget& window);

} // namespace arbor::testing
