#pragma once

#include "core/calc/calculation.h"
#include "core/job/job.h"

#include <QWidget>
#include <functional>
#include <memory>
#include <optional>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace arbor::tables {
struct Tables;
}

namespace arbor::ui {

class SlipBody;

/// One number, wanted now: a line that finds a calculation and takes its sizes, and the answer under it. Lies over the
/// window's upper part; Escape puts it away.
class CalcBox : public QWidget {
    Q_OBJECT
public:
    explicit CalcBox(QWidget* parent);
    void open(std::shared_ptr<const tables::Tables> tables);

    const calc::Calculation* calculation() const; ///< the one chosen in the list
    void makeJob();
    const std::optional<calc::Values>& answer() const { return m_answer; }

signals:
    void jobWanted(const job::Job& job);

protected:
    void keyPressEvent(QKeyEvent*) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent*) override;

private:
    void read();
    void work();
    void showAnswer();
    void showMissing(const Problem& problem);
    void fillHits(const std::vector<const calc::Calculation*>& hits);

    std::shared_ptr<const tables::Tables> m_tables;
    std::vector<const calc::Calculation*> m_hits;
    std::vector<std::string> m_sizes;
    calc::Values m_inputs;
    std::optional<calc::Values> m_answer;
    QLineEdit* m_line;
    QListWidget* m_list;
    SlipBody* m_body;
    QPushButton* m_job;
    QLabel* m_trouble;
};

} // namespace arbor::ui
