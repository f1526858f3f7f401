#pragma once

#include "ui/stations/station_page.h"

class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace arbor::ui {

class BenchView;
class ClosingSheet;

/// Who did the work and what is worth remembering; below, the record as it stands in the job file; beside it the setup
/// as it stood with the ring home.
class ClosePage : public StationPage {
    Q_OBJECT
public:
    explicit ClosePage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    bool act() override;
    QWidget* firstFocus() override;
    void sayDelivery(const QString& line) override;

private:
    QWidget* buildSheet();
    void keepDraft();
    QString recordText() const;

    JobSession* m_session = nullptr;
    ClosingSheet* m_closing;
    BenchView* m_bench;
    QLineEdit* m_who;
    QPlainTextEdit* m_notes;
    QLabel* m_record;
    QLabel* m_delivery;
};

} // namespace arbor::ui
