#include "ui/kit/broken.h"

#include <QStringList>

namespace arbor::ui {

QString broken(const QString& text, const QFontMetrics& metrics, int width) {
    QStringList lines;
    for (const auto& word : text.split(' ')) {
        const auto longer = lines.isEmpty() ? word : lines.back() + ' ' + word;
        if (!lines.isEmpty() && metrics.horizontalAdvance(longer) <= width)
            lines.back() = longer;
        else
            lines << word;
    }
    return lines.join('\n');
}

} // namespace arbor::ui
