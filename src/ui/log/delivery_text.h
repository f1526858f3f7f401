#pragma once

#include "log/desk.h"

#include <QString>

class QLabel;
class QWidget;

namespace arbor::ui {

/// Where the records are, in one line; empty: there is nothing to say.
QString deliveryText(const log::Desk& desk);

/// A line for it, out of sight while there is nothing to say.
QLabel* deliveryLine(QWidget* parent);
void showDelivery(QLabel* line, const QString& text);

/// What became of a file that was damaged.
QString mendedText(const log::Mended& what);

} // namespace arbor::ui
