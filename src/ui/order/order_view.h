#pragma once

#include "core/arrangement/arrangement_text.h"
#include "words/order_words.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

class BenchView;
class StepList;

/// The order of work of an arrangement: the lines on the left, the section as it stands at the chosen line on the
/// bench.
class OrderView : public QWidget {
    Q_OBJECT
public:
    explicit OrderView(QWidget* parent = nullptr);

    void show(arrangement::Arrangement arrangement);
    const std::vector<words::WorkLine>& lines() const { return m_lines; }
    std::size_t current() const { return m_current; }
    bool together() const { return m_together; }

signals:
    void left(); ///< Escape

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void setTogether(bool together);
    void go(std::size_t line);
    void showSection();

    arrangement::Arrangement m_arrangement;
    std::vector<words::WorkLine> m_lines;
    std::size_t m_current = 0;
    bool m_together = false;
    StepList* m_list;
    BenchView* m_bench;
};

} // namespace arbor::ui
