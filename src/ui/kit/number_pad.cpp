#include "ui/kit/number_pad.h"

#include "ui/theme/theme.h"

#include <QApplication>
#include <QGridLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QLocale>
#include <QPainter>
#include <QPushButton>

namespace arbor::ui {

namespace {

constexpr int kKey = 64, kKeyWidth = 74;

struct PadKey {
    const char* face;
    int key;
    const char* text;
};
// As on a calculator; beside it what a size needs besides digits.
constexpr PadKey kKeys[][7] = {
    {{"7", Qt::Key_7, "7"},
     {"8", Qt::Key_8, "8"},
     {"9", Qt::Key_9, "9"},
     {"+", Qt::Key_Plus, "+"},
     {"−", Qt::Key_Minus, "-"},
     {"/", Qt::Key_Slash, "/"},
     {"←", Qt::Key_Left, ""}},
    {{"4", Qt::Key_4, "4"},
     {"5", Qt::Key_5, "5"},
     {"6", Qt::Key_6, "6"},
     {"±", Qt::Key_plusminus, "±"},
     {"mm", Qt::Key_M, " mm"},
     {"in", Qt::Key_I, " in"},
     {"→", Qt::Key_Right, ""}},
    {{"1", Qt::Key_1, "1"},
     {"2", Qt::Key_2, "2"},
     {"3", Qt::Key_3, "3"},
     {"␣", Qt::Key_Space, " "},
     {"um", Qt::Key_U, "um"},
     {"⌫", Qt::Key_Backspace, ""},
     {"N", Qt::Key_N, "N"}},
};

} // namespace

NumberPad::NumberPad(QWidget* window) : QWidget(window) {
    setObjectName("numberPad");
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(theme::kGap, theme::kGap, theme::kGap, theme::kGap);
    grid->setSpacing(theme::kGap);
    const auto add = [&](int row, int column, int columns, const QString& face, int key, const QString& text) {
        auto* button = new QPushButton(face, this);
        button->setObjectName(QStringLiteral("pad_%1").arg(face));
        button->setFocusPolicy(Qt::NoFocus);
        button->setMinimumSize(kKeyWidth * columns, kKey);
        connect(button, &QPushButton::clicked, this, [this, key, text] { type(key, text); });
        grid->addWidget(button, row, column, 1, columns);
        return button;
    };
    int row = 0;
    for (const auto& line : kKeys) {
        int column = 0;
        for (const auto& key : line)
            add(row, column++, 1, QString::fromUtf8(key.face), key.key, QString::fromUtf8(key.text));
        ++row;
    }
    add(row, 0, 2, "0", Qt::Key_0, "0");
    add(row, 2, 1, ".", Qt::Key_Period, ".");
    add(row, 3, 2, tr("Enter"), Qt::Key_Return, "\r")->setObjectName("padEnter");
    auto* close = add(row, 5, 2, tr("Close"), 0, {});
    close->setObjectName("padClose");
    hide();
}

bool NumberPad::isWantedBy(const QWidget* touched) {
    const auto* line = qobject_cast<const QLineEdit*>(touched);
    return (line && line->echoMode() == QLineEdit::Normal) || (touched && touched->property("typedOn").toBool());
}

void NumberPad::openFor(QWidget* field) {
    adjustSize();
    const auto* window = parentWidget();
    const int middle = field->mapTo(window, field->rect().center()).y();
    const bool below = middle < window->height() - height() - kKey;
    move((window->width() - width()) / 2, below ? window->height() - height() : theme::kHeaderHeight);
    show();
    raise();
}

void NumberPad::type(int key, const QString& text) {
    if (key == 0) return hide();
    auto* field = QApplication::focusWidget();
    if (!field) return;
    auto* line = qobject_cast<QLineEdit*>(field);
    if (line && text.size() > 1) return line->insert(text);
    QKeyEvent down(QEvent::KeyPress, key, Qt::NoModifier, text), up(QEvent::KeyRelease, key, Qt::NoModifier, text);
    QCoreApplication::sendEvent(field, &down);
    QCoreApplication::sendEvent(field, &up);
}

void NumberPad::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme::roles().paper);
    painter.setPen(theme::roles().rule);
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

} // namespace arbor::ui
