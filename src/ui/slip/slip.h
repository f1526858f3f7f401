#pragma once

#include "words/sheet.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace arbor::ui {

class SlipBody;

/// The right-hand slip: few numbers, large, with why and one next action.
class Slip : public QWidget {
    Q_OBJECT
public:
    explicit Slip(QWidget* parent = nullptr);
    /// @param keys  which keys do what, under the action
    void show(const words::Sheet& sheet, const QString& keys);
    const words::Sheet& sheet() const { return m_sheet; }
    QString text() const; ///< all that stands on it, as it is copied and read out
    QPushButton* actionButton() { return m_action; }

signals:
    void actionTaken();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override; ///< Ctrl+C copies it all

private:
    QLabel* addLine(const char* name);

    words::Sheet m_sheet;
    SlipBody* m_body;
    QWidget* m_scroll;
    QPushButton* m_action;
    QLabel* m_hint;
    QLabel* m_caution;
};

} // namespace arbor::ui
