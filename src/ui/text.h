#pragma once

#include "words/language.h"

#include <QCoreApplication>
#include <string>

namespace arbor::ui {

inline QString q(const std::string& text) {
    return QString::fromStdString(text);
}

/// For texts that are put together outside a QObject.
inline QString tr(const char* text) {
    return QCoreApplication::translate("arbor", text);
}

} // namespace arbor::ui
