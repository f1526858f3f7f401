#pragma once

#include "ui/session/job_session.h"

#include <QWidget>
#include <map>

class QLabel;
class QPushButton;

namespace arbor::ui {

/// The four stations of the step in hand, each with its mark: set up, warm, press, prove.
class StepBar : public QWidget {
    Q_OBJECT
public:
    explicit StepBar(QWidget* parent = nullptr);
    void show(const JobSession& session, job::Station current);

signals:
    void chosen(job::Station station);

private:
    std::map<job::Station, QPushButton*> m_buttons;
    QLabel* m_title;
};

} // namespace arbor::ui
