#pragma once

#include <QWidget>

namespace arbor::ui {

/// The keys a size is typed with, large, over the lower edge of the window: for a finger where there is no keyboard at
/// hand. What is touched on it goes to whatever has the focus.
class NumberPad : public QWidget {
    Q_OBJECT
public:
    explicit NumberPad(QWidget* window);
    void openFor(QWidget* field);                   ///< out of that field's way
    static bool isWantedBy(const QWidget* touched); ///< something is typed there

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void type(int key, const QString& text);
};

} // namespace arbor::ui
