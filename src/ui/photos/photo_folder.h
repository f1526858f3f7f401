#pragma once

#include <QFileSystemWatcher>
#include <QObject>
#include <QSet>

namespace arbor::ui {

/// A folder that a phone's or a camera's pictures come into. What lies in it already is old.
class PhotoFolder : public QObject {
    Q_OBJECT
public:
    explicit PhotoFolder(QObject* parent = nullptr);
    void watch(const QString& folder);          ///< empty, or none that is there: nothing is watched
    QString newest() const { return m_newest; } ///< that has come and was not taken; empty: none has
    void taken() { m_newest.clear(); }

signals:
    void arrived(const QString& file);

private:
    void look();

    QFileSystemWatcher m_watcher;
    QString m_folder;
    QSet<QString> m_known;
    QString m_newest;
};

} // namespace arbor::ui
