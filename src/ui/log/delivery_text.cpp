#include "ui/log/delivery_text.h"

#include "ui/text.h"
#include "words/sentences.h"

#include <QFileInfo>
#include <QLabel>

namespace arbor::ui {

QString deliveryText(const log::Desk& desk) {
    const auto& [waiting, trouble] = desk.delivery();
    const auto why = !trouble ? QString() : trouble->reason.empty() ? q(words::say(*trouble)) : q(trouble->reason);
    if (waiting == 0) return trouble ? QObject::tr("The record stands in the job alone: %1").arg(why) : QString();
    const auto said =
        QObject::tr("%n records wait on this bench until the logbook is there", "", static_cast<int>(waiting));
    return why.isEmpty() ? said : said + ": " + why;
}

QLabel* deliveryLine(QWidget* parent) {
    auto* line = new QLabel(parent);
    line->setObjectName("delivery");
    line->setTextFormat(Qt::PlainText);
    line->setWordWrap(true);
    line->hide();
    return line;
}

void showDelivery(QLabel* line, const QString& text) {
    line->setText(text);
    line->setVisible(!text.isEmpty());
}

QString mendedText(const log::Mended& what) {
    return QObject::tr(
               "%1 was damaged. It lies beside it as %2; a new one was made of what the jobs have on record: %3.")
        .arg(QFileInfo(what.file).fileName(), QFileInfo(what.aside).fileName(),
             QObject::tr("%n presses", "", static_cast<int>(what.entries)));
}

} // namespace arbor::ui
