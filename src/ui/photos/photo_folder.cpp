#include "ui/photos/photo_folder.h"

#include <QDir>
#include <QImageReader>

namespace arbor::ui {

static QFileInfoList picturesIn(const QString& folder) {
    return QDir(folder).entryInfoList({"*.png", "*.jpg", "*.jpeg"}, QDir::Files, QDir::Time | QDir::Reversed);
}

PhotoFolder::PhotoFolder(QObject* parent) : QObject(parent) {
    connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, &PhotoFolder::look);
    connect(&m_watcher, &QFileSystemWatcher::fileChanged, this, &PhotoFolder::look);
}

void PhotoFolder::watch(const QString& folder) {
    if (!m_watcher.directories().isEmpty()) m_watcher.removePaths(m_watcher.directories());
    if (!m_watcher.files().isEmpty()) m_watcher.removePaths(m_watcher.files());
    m_folder = folder;
    m_known.clear();
    m_newest.clear();
    if (folder.isEmpty() || !QFileInfo(folder).isDir()) return;
    for (const auto& file : picturesIn(folder))
        m_known.insert(file.filePath());
    m_watcher.addPath(folder);
}

/// A picture that is still being written cannot be read yet: it is looked at again when it grows.
void PhotoFolder::look() {
    for (const auto& file : picturesIn(m_folder)) {
        const auto path = file.filePath();
        if (m_known.contains(path)) continue;
        if (QImageReader(path).read().isNull()) {
            m_watcher.addPath(path);
            continue;
        }
        m_known.insert(path);
        m_watcher.removePath(path);
        m_newest = path;
        emit arrived(path);
    }
}

} // namespace arbor::ui
