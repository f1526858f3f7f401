#include "support/cut_texts.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QLabel>
#include <QRegularExpression>
#include <QScrollArea>
#include <QStyle>
#include <QStyleOptionComboBox>
#include <algorithm>

namespace arbor::testing {

namespace {

int longestWord(const QLabel& label) {
    int most = 0;
    for (const auto& word : label.text().split(QRegularExpression("\\s")))
        most = std::max(most, label.fontMetrics().horizontalAdvance(word));
    return most;
}

bool isCut(const QLabel& label) {
    if (label.text().isEmpty() || label.text().startsWith('<')) return false;
    const int room = label.contentsRect().width() - 2 * label.margin();
    if (!label.wordWrap()) return label.sizeHint().width() > label.width() + 1;
    return longestWord(label) > room + 1 || label.heightForWidth(label.width()) > label.height() + 1;
}

/// Lower than its lines of text.
bool isFlat(const QAbstractButton& button) {
    const auto lines = button.text().count('\n') + 1;
    return button.height() < lines * button.fontMetrics().height();
}

bool isCut(const QComboBox& box) {
    QStyleOptionComboBox option;
    option.initFrom(&box);
    const auto room =
        box.style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, &box).width();
    return box.fontMetrics().horizontalAdvance(box.currentText()) > room + 1;
}

} // namespace

QStringList cutTexts(const QWidget& window) {
    QStringList out;
    const auto look = [&](const QWidget& widget, const QString& text, bool cut) {
        if (cut) out << QString("%1: “%2” in %3 px").arg(widget.objectName(), text).arg(widget.width());
    };
    for (const auto* label : window.findChildren<QLabel*>())
        if (label->isVisible()) look(*label, label->text(), isCut(*label));
    for (const auto* button : window.findChildren<QAbstractButton*>())
        if (button->isVisible())
            look(*button, button->text(), button->sizeHint().width() > button->width() + 1 || isFlat(*button));
    for (const auto* box : window.findChildren<QComboBox*>())
        if (box->isVisible()) look(*box, box->currentText(), isCut(*box));
    for (const auto* scroll : window.findChildren<QScrollArea*>())
        if (scroll->isVisible() && scroll->horizontalScrollBarPolicy() == Qt::ScrollBarAlwaysOff && scroll->widget())
            look(*scroll->widget(), "its right edge",
                 scroll->widget()->minimumSizeHint().width() > scroll->viewport()->width());
    return out;
}

} // namespace arbor::testing
