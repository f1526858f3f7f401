#pragma once

#include "core/job/job.h"
#include "ui/stations/entry_sheet.h"

namespace arbor::ui {

/// What a job is called and whose it is: title, machine, place on it, customer, number, what is wrong. Of a job that is
/// only being described, or of the open one.
class JobDetails : public EntrySheet {
    Q_OBJECT
public:
    /// How it reads and changes its job, and why it cannot have a number; empty: it can.
    struct Of {
        std::function<const job::Job&()> job;
        std::function<void(const QString& text, const std::function<void(job::Job&)>&)> edit;
        std::function<QString(const std::string& number)> whyNotNumber;
    };
    /// @param name  of the sheet; its fields are called by it: "jobTitle", "jobNumber"
    JobDetails(const QString& name, Of of, QWidget* parent = nullptr);

private:
    void addText(const char* name, const QString& label, std::string& (*text)(job::Job&), bool mayBeEmpty);

    Of m_of;
};

} // namespace arbor::ui
