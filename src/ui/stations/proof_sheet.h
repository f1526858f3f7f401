#pragma once

#include "ui/session/job_session.h"

#include <QWidget>
#include <map>

class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace arbor::ui {

class PictureRow;

/// What is looked at beside depth and tilt: checks to tick, the retaining ring felt place by place, the drag, and who
/// signs where the proof is missing.
class ProofSheet : public QWidget {
    Q_OBJECT
public:
    explicit ProofSheet(QWidget* parent = nullptr);
    void open(JobSession* session);
    void refresh();

signals:
    void trouble(const QString& text);

private:
    using Change = std::function<void(job::SeatChecks&)>;
    void edit(const QString& text, const Change& change);
    QLayout* buildProbes();
    QLineEdit* addLine(const char* name, const QString& label, const QString& hint);
    void cycle(job::SeatCheck check);
    void sign();
    void nameGauge();
    void weigh();

    JobSession* m_session = nullptr;
    std::map<job::SeatCheck, QPushButton*> m_checks;
    std::vector<QPushButton*> m_probes; ///< 12 o'clock last
    QLabel* m_probesTitle;
    QWidget* m_probeBox;
    QLineEdit* m_gauge;
    QLineEdit* m_pull;
    QLineEdit* m_radius;
    QLineEdit* m_who;
    QLineEdit* m_why;
    PictureRow* m_photos; ///< as proven
};

} // namespace arbor::ui
