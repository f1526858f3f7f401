#include "app/one_window.h"

#include <QFileInfo>
#include <QLocalSocket>
#include <QStandardPaths>

namespace arbor::app {

namespace {

constexpr int kPatience_ms = 2000;
constexpr const char* kTaken = "taken\n";

QString socketName() {
    return QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation) + "/brisk-arbor.socket";
}

} // namespace

bool OneWindow::handOver(const QString& file) {
    QLocalSocket socket;
    socket.connectToServer(socketName());
    if (!socket.waitForConnected(kPatience_ms)) return false;
    socket.write(QFileInfo(file).absoluteFilePath().toUtf8() + '\n');
    while (!socket.canReadLine())
        if (!socket.waitForReadyRead(kPatience_ms)) return false; // it hangs: this one opens a window of its own
    return socket.readLine() == kTaken;
}

void OneWindow::listen() {
    if (m_server.isListening()) return;
    QLocalSocket other;
    other.connectToServer(socketName());
    if (other.waitForConnected(kPatience_ms)) return;
    QLocalServer::removeServer(socketName()); // of one that crashed
    m_server.setSocketOptions(QLocalServer::UserAccessOption);
    connect(&m_server, &QLocalServer::newConnection, this, &OneWindow::take);
    m_server.listen(socketName()); // where it cannot, every job gets a window of its own
}

void OneWindow::take() {
    auto* socket = m_server.nextPendingConnection();
    connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
    connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
        if (!socket->canReadLine()) return;
        const auto file = QString::fromUtf8(socket->readLine()).trimmed();
        socket->write(kTaken);
        socket->flush();
        emit asked(file);
    });
}

} // namespace arbor::app
