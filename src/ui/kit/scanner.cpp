#include "ui/kit/scanner.h"

#include "io/job_code.h"

#include <QCoreApplication>
#include <QKeyEvent>

namespace arbor::ui {

namespace {

constexpr int kHand_ms = 90; // no hand types two keys within
constexpr int kLongest = 200;

} // namespace

Scanner::Scanner(QObject* parent) : QObject(parent) {
    m_pause.setSingleShot(true);
    m_pause.setInterval(kHand_ms);
    connect(&m_pause, &QTimer::timeout, this, &Scanner::giveBack);
}

bool Scanner::take(QObject* receiver, const QKeyEvent& event) {
    if (m_givesBack) return false;
    const bool begins = m_held.isEmpty() && event.text() == QChar(io::kCodeBegins);
    if (event.type() != QEvent::KeyPress) return !m_held.isEmpty();
    if (m_held.isEmpty() && !begins) return false;
    if (begins) m_for = receiver;
    if (event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter) {
        m_pause.stop();
        if (!io::readJobCode(m_held.toStdString())) {
            giveBack();
            return false;
        }
        emit scanned(std::exchange(m_held, QString()));
        return true;
    }
    m_held += event.text();
    m_pause.start();
    if (m_held.size() > kLongest) giveBack();
    return true;
}

void Scanner::giveBack() {
    m_givesBack = true;
    for (const auto c : std::exchange(m_held, QString())) {
        QKeyEvent press(QEvent::KeyPress, c.toUpper().unicode(), Qt::NoModifier, c);
        if (m_for) QCoreApplication::sendEvent(m_for, &press);
    }
    m_givesBack = false;
}

} // namespace arbor::ui
