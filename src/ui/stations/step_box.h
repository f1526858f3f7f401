#pragma once

#include "ui/session/job_session.h"

#include <QComboBox>
#include <vector>

namespace arbor::ui {

/// Which of the pressed steps is in hand; the same on every page that speaks of one.
class StepBox : public QComboBox {
    Q_OBJECT
public:
    StepBox(const char* name, QWidget* parent);
    void fill(const JobSession& session);

signals:
    void chosen(const job::StepKey& step);

private:
    std::vector<job::StepKey> m_steps;
};

} // namespace arbor::ui
