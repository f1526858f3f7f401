// What the window says above everything else: what went wrong, what was mended, what went well.
#include "io/logging.h"
#include "io/text_file.h"
#include "ui/log/delivery_text.h"
#include "ui/shelf/shelf_page.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QDir>
#include <QFileInfo>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

namespace arbor::ui {

void MainWindow::followDesk(log::Desk& desk) {
    m_mended.clear();
    connect(&desk, &log::Desk::delivered, this, &MainWindow::sayDelivery);
    connect(&desk, &log::Desk::mended, this, [this](const log::Mended& what) {
        m_mended << mendedText(what);
        showTrouble({});
    });
}

void MainWindow::sayDelivery() {
    const auto& delivery = m_shop.desk().delivery();
    if (delivery.trouble) qCWarning(logbookLog) << delivery.waiting << "records wait";
    const auto line = deliveryText(m_shop.desk());
    m_shelfPage->sayDelivery(line);
    m_jobView->sayDelivery(line);
}

/// What is wrong with the shop's own files stays in sight while the folder has no usable ones.
QStringList MainWindow::lastingTroubles() const {
    auto out = m_mended;
    for (const auto& problem : m_shop.unread())
        out << tr("This list is left alone, and what ships stands in its place. %1").arg(q(words::say(problem)));
    const auto& skipped = m_shop.skipped();
    constexpr std::size_t kNamed = 3;
    for (std::size_t i = 0; i < std::min(kNamed, skipped.size()); ++i)
        out << tr("A row of the rack is no tool and was skipped. %1").arg(q(words::say(skipped[i])));
    if (skipped.size() > kNamed) out << tr("%n more rows were skipped.", "", static_cast<int>(skipped.size() - kNamed));
    if (m_shop.isOpen() && io::isLatin1(m_shop.folder().filePath("rack.csv").toStdString()))
        out << tr("rack.csv is not UTF-8: its letters were taken for Latin-1. Look at the names; the next change saves "
                  "it as UTF-8.");
    return out;
}

void MainWindow::showTrouble(const QString& text) {
    const auto shown = text.isEmpty() ? lastingTroubles().join('\n') : text;
    m_trouble->setText(shown);
    m_trouble->setStyleSheet(QStringLiteral("background:%1; color:%2; font-weight:bold")
                                 .arg(theme::roles().stopPale.name(), theme::roles().stop.name()));
    m_trouble->setVisible(!shown.isEmpty());
    m_bringBack->hide();
    m_openReports->hide();
    for (const auto& problem : m_shop.unread())
        if (text.isEmpty()) offerVersionBefore(q(problem.file));
}

void MainWindow::showNotice(const QString& text) {
    showTrouble(text);
    m_trouble->setStyleSheet(
        QStringLiteral("background:%1; color:%2").arg(theme::roles().planPale.name(), theme::roles().ink.name()));
}

/// Of a file that cannot be read, where there is one.
void MainWindow::offerVersionBefore(const QString& file) {
    if (!io::hasVersionBefore(file.toStdString())) return;
    m_unreadable = file;
    m_bringBack->setText(
        tr("Take the version before of %1; the unreadable one stays beside it").arg(QFileInfo(file).fileName()));
    m_bringBack->show();
}

void MainWindow::bringBack() {
    const auto file = m_unreadable;
    if (const auto done = io::bringBack(file.toStdString()); !done) return showTrouble(q(words::say(done.error())));
    m_bringBack->hide();
    openPath(file.endsWith(".arbor.json") ? file : QFileInfo(file).path());
}

void MainWindow::offerReport(const QString& folder, const QString& report) {
    constexpr const char* kTold = "toldReport";
    if (m_around.settings->value(kTold).toString() == report) return;
    m_around.settings->setValue(kTold, report);
    m_reports = folder;
    showTrouble(tr("The program ended by itself last time. Nothing was sent anywhere: what it left about it is %1, "
                   "without anything of a job.")
                    .arg(QDir(folder).filePath(report)));
    m_openReports->show();
}

QString MainWindow::troubleText() const {
    return m_trouble->isVisibleTo(this) ? m_trouble->text() : QString();
}

} // namespace arbor::ui
