#pragma once

#include "core/job/job.h"
#include "ui/stations/entry_sheet.h"

#include <string>

namespace arbor::ui {

class JobSession;

/// How one part sits before it leaves: way round against the drawing, depth, place, what is broken on it, a photo. It
/// is shown again when the part comes back.
class FoundSheet : public EntrySheet {
    Q_OBJECT
public:
    explicit FoundSheet(QWidget* parent = nullptr);
    /// @param part  by its name in the arrangement
    void show(JobSession* session, const std::string& part);

    const std::string& part() const { return m_part; } ///< that is looked at; empty: none is

signals:
    void trouble(const QString& why);

private:
    void build();
    job::PartAsFound noted() const;
    void change(const QString& text, const std::function<void(job::PartAsFound&)>& how);
    Understood takeDepth(const QString& typed);
    void choosePhoto();

    JobSession* m_session = nullptr;
    std::string m_part;
    QComboBox* m_condition = nullptr;
};

} // namespace arbor::ui
