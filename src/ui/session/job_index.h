#pragma once

#include "io/job_glance.h"

#include <QObject>
#include <QString>
#include <future>

class QTimer;

namespace arbor::ui {

/// What is known at a glance of every job of a shop. It is read beside the window: a shelf may hold thousands.
class JobIndex : public QObject {
    Q_OBJECT
public:
    explicit JobIndex(QObject* parent = nullptr);

    void read(const QString& folder); ///< anew; what is known of the same folder stands until it is there
    bool isReading() const { return m_coming.valid(); }
    const std::vector<io::JobGlance>& jobs() const { return m_jobs; }
    void added(const QString& file); ///< one that was just written: known at once
    void gone(const QString& file);

    /// The next number after the highest there is: "J-0152" after "J-0151".
    std::string nextNumber() const;
    bool hasNumber(const std::string& number) const;

signals:
    void changed();

private:
    void take();

    QString m_folder;
    std::vector<io::JobGlance> m_jobs;
    std::future<std::vector<io::JobGlance>> m_coming;
    bool m_stale = false; ///< something was written while it was being read
    QTimer* m_ready;
};

} // namespace arbor::ui
