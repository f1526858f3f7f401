#pragma once

#include <QFontMetrics>
#include <QString>

namespace arbor::ui {

/// The text in lines that find room, broken between words: for buttons, which do not wrap by themselves.
QString broken(const QString& text, const QFontMetrics& metrics, int width);

} // namespace arbor::ui
