#pragma once

#include "ui/session/job_session.h"

#include <QWidget>
#include <vector>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace arbor::ui {

/// What was seen at a press without a transducer: needle or torque reading by reading, or the signs of a hammer.
class ManualSheet : public QWidget {
    Q_OBJECT
public:
    explicit ManualSheet(QWidget* parent = nullptr);
    void open(JobSession* session);
    void refresh();

signals:
    void trouble(const QString& text);

private:
    QWidget* buildReadings();
    QWidget* buildSigns();
    void enter();
    void takeBack();
    void answer(job::ManualSign sign, int answer);
    QString readSoFar() const;
    QString unitShown() const;

    JobSession* m_session = nullptr;
    QWidget* m_readings;
    QWidget* m_signs;
    QLineEdit* m_entry;
    QComboBox* m_bolt;
    QPushButton* m_back;
    QLabel* m_read;
    std::vector<QComboBox*> m_answers; ///< in the order of kManualSigns
};

} // namespace arbor::ui
