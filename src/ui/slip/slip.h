#pragma once

#include "ui/slip/slip_model.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace arbor::ui {

/// The right-hand slip: few numbers, large, with why and one next action.
class Slip : public QWidget {
    Q_OBJECT
public:
    explicit Slip(QWidget* parent = nullptr);
    void show(const SlipModel& model);
    const SlipModel& model() const { return m_model; }
    QPushButton* actionButton() { return m_action; }

signals:
    void actionTaken();

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QLabel* addLine(const char* name);

    SlipModel m_model;
    QWidget* m_body;
    QPushButton* m_action;
    QLabel* m_hint;
    QLabel* m_caution;
};

} // namespace arbor::ui
