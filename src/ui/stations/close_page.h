#pragma once

#include "ui/stations/station_page.h"

class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace arbor::ui {

/// Who did the work and what is worth remembering; below, the record as it stands in the job file.
class ClosePage : public StationPage {
    Q_OBJECT
public:
    explicit ClosePage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;

private:
    QString recordText() const;

    JobSession* m_session = nullptr;
    QLineEdit* m_who;
    QPlainTextEdit* m_notes;
    QLabel* m_record;
};

} // namespace arbor::ui
