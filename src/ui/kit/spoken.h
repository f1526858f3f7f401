#pragma once

#include <QAccessible>
#include <QWidget>

namespace arbor::ui {

/// Makes a painted widget speak to a screen reader as what it is. Qt's own widgets speak by themselves.
/// @param name  what it is; its value is said by speak()
void speakAs(QWidget& widget, QAccessible::Role role, const QString& name);

/// What it shows now, or where one stands in it; a reader is told when it changes.
void speak(QWidget& widget, const QString& value);

} // namespace arbor::ui
