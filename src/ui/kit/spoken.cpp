#include "ui/kit/spoken.h"

#include <QAccessibleWidget>
#include <QVariant>

namespace arbor::ui {

namespace {

constexpr const char* kRole = "spokenRole";

class Spoken : public QAccessibleWidget {
public:
    Spoken(QWidget* widget, QAccessible::Role role) : QAccessibleWidget(widget, role) {}

    QString text(QAccessible::Text kind) const override {
        return kind == QAccessible::Value ? widget()->accessibleDescription() : QAccessibleWidget::text(kind);
    }
};

QAccessibleInterface* spoken(const QString& /*className*/, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    const auto role = widget ? widget->property(kRole) : QVariant();
    return role.isValid() ? new Spoken(widget, static_cast<QAccessible::Role>(role.toInt())) : nullptr;
}

} // namespace

void speakAs(QWidget& widget, QAccessible::Role role, const QString& name) {
    static const bool installed = (QAccessible::installFactory(spoken), true);
    Q_UNUSED(installed)
    widget.setProperty(kRole, static_cast<int>(role));
    widget.setAccessibleName(name);
}

void speak(QWidget& widget, const QString& value) {
    if (widget.accessibleDescription() == value) return;
    widget.setAccessibleDescription(value);
    QAccessibleValueChangeEvent changed(&widget, value);
    QAccessible::updateAccessibility(&changed);
}

} // namespace arbor::ui
