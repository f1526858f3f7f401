// What the window keeps from the fields in it: its keys, and the wheel.
#include "ui/kit/number_pad.h"
#include "ui/kit/scanner.h"
#include "ui/shell/main_window.h"
#include "ui/shop/bench_page.h"

#include <QAbstractSpinBox>
#include <QAction>
#include <QComboBox>
#include <QInputDevice>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPlainTextEdit>
#include <QPointingDevice>
#include <QSettings>
#include <algorithm>

namespace arbor::ui {

/// What a job or a rack says is text: no label makes a picture or a link of it. Those of ours that are more say so.
static void keepPlain(QObject* watched) {
    auto* label = qobject_cast<QLabel*>(watched);
    if (label && label->textFormat() == Qt::AutoText) label->setTextFormat(Qt::PlainText);
}

/// Two things a field would take for itself: the window's keys, and the wheel that scrolls the sheet it lies on.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Polish) keepPlain(watched);
    const bool key = event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease ||
                     event->type() == QEvent::ShortcutOverride;
    if (key && watched->isWidgetType() && static_cast<QWidget*>(watched)->window() == this &&
        m_scanner->take(watched, *static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    const bool wheel = event->type() == QEvent::Wheel &&
                       (qobject_cast<QComboBox*>(watched) || qobject_cast<QAbstractSpinBox*>(watched));
    const bool keys = event->type() == QEvent::ShortcutOverride &&
                      isOurs(QKeySequence(static_cast<QKeyEvent*>(event)->keyCombination()), watched);
    if (event->type() == QEvent::MouseButtonRelease) openPad(watched, *static_cast<QMouseEvent*>(event));
    if (watched == m_title && event->type() == QEvent::MouseButtonRelease) showDetails();
    if (!wheel && !keys) return QMainWindow::eventFilter(watched, event);
    event->ignore();
    return true;
}

/// A finger has no keyboard at hand.
void MainWindow::openPad(QObject* touched, const QMouseEvent& event) {
    auto* field = qobject_cast<QWidget*>(touched);
    const bool finger =
        event.pointingDevice() && event.pointingDevice()->type() == QInputDevice::DeviceType::TouchScreen;
    if (!field || !finger || field->window() != this || !NumberPad::isWantedBy(field)) return;
    if (m_around.settings->value(BenchPage::kNumberPad, true).toBool()) m_pad->openFor(field);
}

/// Undo belongs to the job; a text field keeps it only for what is typed in it and not yet taken over. Of the other
/// shortcuts a field may keep those of the clipboard, and plain keys.
bool MainWindow::isOurs(const QKeySequence& keys, const QObject* field) const {
    if (keys == m_undo->shortcut() || keys == m_redo->shortcut()) {
        const auto* line = qobject_cast<const QLineEdit*>(field);
        return !(line && line->isModified() && line->isUndoAvailable());
    }
    for (const auto clipboard : {QKeySequence::Copy, QKeySequence::Cut, QKeySequence::Paste, QKeySequence::SelectAll})
        if (QKeySequence::keyBindings(clipboard).contains(keys)) return false;
    const auto key = keys[0].key();
    const bool typed = qobject_cast<const QLineEdit*>(field) || qobject_cast<const QPlainTextEdit*>(field);
    if (typed && (key == Qt::Key_Left || key == Qt::Key_Right)) return false; // word by word
    const bool plain = !(keys[0].keyboardModifiers() & (Qt::ControlModifier | Qt::AltModifier));
    if (plain && !(key >= Qt::Key_F1 && key <= Qt::Key_F35)) return false;
    const auto all = findChildren<QAction*>();
    return std::any_of(all.begin(), all.end(), [&](const QAction* action) {
        return action->isEnabled() && action->shortcuts().contains(keys);
    });
}

} // namespace arbor::ui
