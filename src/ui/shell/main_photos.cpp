// Photos at the step: from a file, the clipboard, or the folder that a phone's or a camera's come into.
#include "ui/photos/photo_folder.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/shop/bench_page.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QClipboard>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QImage>
#include <QMenu>
#include <QMimeData>
#include <QSettings>
#include <QTemporaryDir>
#include <QUrl>

namespace arbor::ui {

void MainWindow::buildPhotos() {
    m_photoFolder = new PhotoFolder(this);
    m_photoFolder->watch(m_around.settings->value(BenchPage::kPhotoFolder).toString());
    connect(m_photoFolder, &PhotoFolder::arrived, this, [this](const QString& file) {
        showNotice(tr("%1 has arrived: F12 takes it, where you stand.").arg(QFileInfo(file).fileName()));
    });
}

void MainWindow::buildPhotoActions(QMenu* menu) {
    addCommand(menu, {tr("Photo from a file…"), Qt::SHIFT | Qt::Key_F12, [this] { choosePhoto(); }, "actionPhoto"});
    addCommand(menu,
               {tr("Photo that has arrived"), Qt::Key_F12,
                [this] {
                    if (m_photoFolder->newest().isEmpty())
                        return showTrouble(tr("No photo has arrived. The folder they come into is set in This shop, "
                                              "This bench."));
                    if (takePhoto(m_photoFolder->newest())) m_photoFolder->taken();
                },
                "actionPhotoArrived"});
    addCommand(menu, {tr("Photo from the clipboard"), Qt::CTRL | Qt::SHIFT | Qt::Key_V,
                      [this] { pastePhoto(*QGuiApplication::clipboard()->mimeData()); }, "actionPhotoPasted"});
}

/// To the step in hand, as found or as proven by the station one stands at. @return whether it is kept
bool MainWindow::takePhoto(const QString& file) {
    if (!hasJob()) return false;
    const auto kept = m_jobView->takePhoto(file.toStdString());
    if (!kept)
        showTrouble(q(words::say(kept.error())));
    else
        showNotice(tr("%1 is kept with this job.").arg(QFileInfo(file).fileName()));
    return kept.has_value();
}

void MainWindow::choosePhoto() {
    if (!hasJob()) return;
    auto* dialog = new QFileDialog(this, tr("Photo"), {}, tr("Pictures (*.png *.jpg *.jpeg)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &MainWindow::takePhoto);
    dialog->open();
}

/// A picture, or the file of one, as other programs copy it.
void MainWindow::pastePhoto(const QMimeData& copied) {
    for (const auto& url : copied.urls())
        if (url.isLocalFile()) return void(takePhoto(url.toLocalFile()));
    const auto image = qvariant_cast<QImage>(copied.imageData());
    if (image.isNull()) return showTrouble(tr("There is no picture on the clipboard."));
    if (!hasJob()) return;
    auto moment = q(m_session->now()).left(19);
    moment.remove(':');
    const QTemporaryDir passing;
    const auto file = passing.filePath("photo-" + moment + ".png");
    if (!image.save(file)) return showTrouble(tr("The picture of the clipboard could not be written."));
    takePhoto(file);
}

} // namespace arbor::ui
