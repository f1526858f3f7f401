#pragma once

#include <QObject>
#include <QPointer>
#include <QString>
#include <QTimer>

class QKeyEvent;

namespace arbor::ui {

/// Tells a scanner that types like a keyboard from a hand: what comes after the sign that codes begin with is held back
/// until Enter, as long as it comes fast. What turns out to be typed by hand goes where it was meant to go.
class Scanner : public QObject {
    Q_OBJECT
public:
    explicit Scanner(QObject* parent = nullptr);
    /// @return true: it is held back
    bool take(QObject* receiver, const QKeyEvent& event);

signals:
    void scanned(const QString& code); ///< all of it, without the Enter

private:
    void giveBack();

    QString m_held; ///< empty: nothing is held back
    QPointer<QObject> m_for;
    QTimer m_pause;
    bool m_givesBack = false;
};

} // namespace arbor::ui
