#include "ui/kit/offered.h"

#include <QCompleter>
#include <QLineEdit>
#include <QStringListModel>

namespace arbor::ui {

void offer(QLineEdit* line, std::function<QStringList()> words) {
    auto* model = new QStringListModel(line);
    auto* completer = new QCompleter(model, line);
    completer->setCaseSensitivity(Qt::CaseInsensitive);
    completer->setFilterMode(Qt::MatchContains);
    line->setCompleter(completer);
    QObject::connect(line, &QLineEdit::textEdited, model, [model, words = std::move(words)] {
        if (const auto now = words(); now != model->stringList()) model->setStringList(now);
    });
}

} // namespace arbor::ui
