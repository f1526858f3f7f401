#pragma once

#include <QLocalServer>
#include <QObject>

namespace arbor::app {

/// A job that is opened from outside goes into the window that is running, where there is one of this user's.
class OneWindow : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Gives a file to the running window. @return whether it has taken it
    static bool handOver(const QString& file);
    void listen(); ///< from now on it is the running one; where another is, that one stays it

signals:
    void asked(const QString& file);

private:
    void take();

    QLocalServer m_server;
};

} // namespace arbor::app
