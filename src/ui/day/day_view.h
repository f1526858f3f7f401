#pragma once

#include "ui/day/day_desk.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;

namespace arbor::ui {

class DayChart;
class Slip;

/// The day board: what goes where when on the left, what comes next, what moved and what clashes on the right. A start
/// can be fixed, a time wanted, a job opened where its next piece is done.
class DayView : public QWidget {
    Q_OBJECT
public:
    explicit DayView(DayDesk::Clock now, QWidget* parent = nullptr);
    void open(const QString& folder, std::shared_ptr<const tables::Tables> tables);
    void readAgain(); ///< jobs have changed
    DayDesk& desk() { return m_desk; }

signals:
    void left();
    void trouble(const QString& text);
    /// A piece is taken up: its job opens there, and its time counts. @param planned_s, usual_s  as Worked has them
    void taken(const QString& file, const arbor::job::Worked& work);
    void wanted(const QString& file, const QString& by, int rank); ///< of a job; by: ISO 8601, empty: not said
    void printed();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void build();
    void showBoard();
    void showChosen();
    void takeUp(std::size_t piece);
    void takeWanted();
    const day::Wanted* chosenJob() const;

    DayDesk::Clock m_now;
    DayDesk m_desk;
    DayChart* m_chart;
    Slip* m_slip;
    QLabel* m_said;
    QLabel* m_busy;
    QLineEdit* m_by;
    QComboBox* m_rank;
};

} // namespace arbor::ui
