#pragma once

#include "io/job_difference.h"
#include "io/job_file.h"

#include <QWidget>

class QLabel;
class QPushButton;
class QTableWidget;

namespace arbor::ui {

/// A job from another shop before anything of it is taken over: how it differs from the one of the same number here,
/// and what it asks for that is not there.
class TakeInView : public QWidget {
    Q_OBJECT
public:
    explicit TakeInView(QWidget* parent = nullptr);

    /// @param ours  the job of the same number; null: there is none
    void open(const QString& file, const io::JobDocument& theirs, const job::Job* ours, const tables::Tables& tables);
    const std::vector<io::Difference>& differences() const { return m_differences; }

signals:
    void accepted(); ///< take it over as another job
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    std::vector<io::Difference> m_differences;
    QLabel* m_title;
    QLabel* m_told;
    QLabel* m_missing;
    QTableWidget* m_table;
    QPushButton* m_take;
};

} // namespace arbor::ui
