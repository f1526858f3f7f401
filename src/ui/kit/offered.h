#pragma once

#include <QStringList>
#include <functional>

class QLineEdit;

namespace arbor::ui {

/// Offers words while a line is typed; anything else may be typed too. @param words  asked anew each time
void offer(QLineEdit* line, std::function<QStringList()> words);

} // namespace arbor::ui
