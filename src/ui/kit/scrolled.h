#pragma once

class QScrollArea;
class QWidget;

namespace arbor::ui {

/// Rolls up and down where it is taller than its room; never sideways, and the keyboard does not stop at it.
/// @param content  null: it is set later
QScrollArea* scrolled(QWidget* content, QWidget* parent, const char* name);

} // namespace arbor::ui
