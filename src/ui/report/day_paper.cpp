#include "ui/report/day_paper.h"

#include "ui/day/day_chart.h"
#include "ui/report/paper.h"
#include "ui/text.h"
#include "words/day_words.h"

#include <QObject>

namespace arbor::ui {

void paintDay(QPagedPaintDevice& device, const day::Board& board) {
    if (!board.plan) return;
    const auto sheet = words::daySheet(board);
    inDaylight([&] {
        fillPaper(device, QObject::tr("Day %1").arg(q(board.date)), [&](Paper& paper) {
            paper.title(QObject::tr("The day"), q(board.date));
            DayChart chart;
            chart.show(board, board.day.now);
            chart.showAll();
            paper.figure(chart.minimumHeight(), QString(),
                         [&](QPainter& painter, const QRectF& box) { chart.paint(painter, box); });
            for (const auto& list : sheet.rows) {
                paper.heading(q(list.title));
                for (const auto& row : list.rows) {
                    const auto right = q(row.right);
                    if (list.key == "plan")
                        paper.tick(false, q(row.left), right);
                    else
                        paper.text(q(row.left) + "   " + right);
                }
            }
            for (const auto& note : sheet.notes)
                paper.text(q(note.line()));
        });
    });
}

} // namespace arbor::ui
