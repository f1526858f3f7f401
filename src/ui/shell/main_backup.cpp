// A whole shop into an archive, and back.
#include "backup/backup.h"
#include "ui/kit/long_work.h"
#include "ui/shell/main_window.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QFile>
#include <QFileDialog>

namespace arbor::ui {

namespace {

QString told(const QString& where, const backup::Contents& contents) {
    return QObject::tr("%1: %2, %3 files, every one as it was put in").arg(where, q(contents.shop)).arg(contents.files);
}

} // namespace

void MainWindow::askBackup() {
    if (!hasShop()) return;
    auto* dialog = new QFileDialog(this, tr("A folder for the archive"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::Directory);
    connect(dialog, &QFileDialog::fileSelected, this, &MainWindow::backUp);
    dialog->open();
}

void MainWindow::askRestore() {
    auto* dialog = new QFileDialog(this, tr("A backup of a shop"), {}, tr("Backups (*.tar.gz)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& archive) {
        auto* where = new QFileDialog(this, tr("A new or empty folder for it"));
        where->setAttribute(Qt::WA_DeleteOnClose);
        where->setFileMode(QFileDialog::Directory);
        connect(where, &QFileDialog::fileSelected, this,
                [this, archive](const QString& folder) { restore(archive, folder); });
        where->open();
    });
    dialog->open();
}

void MainWindow::backUp(const QString& into) {
    m_work->start(
        tr("The shop is backed up"),
        [shop = m_shop.folder().path().toStdString(), into = into.toStdString(),
         book = m_shop.logbook()](const LongWork::Progress& progress) -> Result<QString> {
            const auto file = backup::backUp(shop, into, book, progress);
            const auto contents = file ? backup::check(*file, progress) : tl::unexpected(file.error());
            if (file && !contents) QFile::remove(q(*file)); // stopped while it was read again, or not what was written
            return contents ? Result<QString>(told(q(*file), *contents)) : tl::unexpected(contents.error());
        },
        [this](const Result<QString>& done) { done ? showNotice(*done) : showTrouble(q(words::say(done.error()))); });
}

void MainWindow::restore(const QString& archive, const QString& folder) {
    m_work->start(
        tr("The backup is taken back"),
        [from = archive.toStdString(),
         to = folder.toStdString()](const LongWork::Progress& progress) -> Result<QString> {
            const auto contents = backup::restore(from, to, progress);
            return contents ? Result<QString>(told(q(to), *contents)) : tl::unexpected(contents.error());
        },
        [this, folder](const Result<QString>& done) {
            if (!done) return showTrouble(q(words::say(done.error())));
            if (!mayLeaveJob()) return showNotice(*done);
            openPath(folder);
            showNotice(*done);
        });
}

} // namespace arbor::ui
