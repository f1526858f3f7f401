#include "ui/report/pay_papers.h"

#include "io/job_file.h"
#include "ui/report/paper.h"
#include "ui/session/job_session.h"
#include "ui/text.h"
#include "words/pay_words.h"

#include <QDir>
#include <QObject>

namespace arbor::ui {

namespace {

/// Each list under its title, each note with its head: nobody who reads it knows the program.
void setPlainly(Paper& paper, const words::Sheet& sheet) {
    paper.text(q(sheet.verdict));
    for (const auto& note : sheet.notes) {
        paper.text(q(note.head), 0, true);
        if (!note.detail.empty()) paper.text(q(note.detail), 1);
    }
    for (const auto& list : sheet.rows) {
        if (list.rows.empty()) continue;
        paper.heading(q(list.title));
        for (const auto& row : list.rows)
            paper.text(q(row.left) + (row.right.empty() ? QString() : QStringLiteral(":  ") + q(row.right)));
    }
    for (const auto& figure : sheet.figures)
        paper.text(QStringLiteral("%1:  %2 %3").arg(q(figure.label), q(figure.number), q(figure.unit)), 0, true);
}

} // namespace

void paintSheet(QPagedPaintDevice& device, const words::Sheet& sheet, const JobSession& session) {
    const auto& job = session.job();
    fillPaper(device, q(job.id), [&](Paper& paper) {
        paper.title(sheet.title == job.title ? q(job.title) : q(sheet.title) + " · " + q(job.title),
                    q(job.id) + (job.customer.empty() ? QString() : " · " + q(job.customer)) + " · " +
                        q(session.now()).left(10));
        setPlainly(paper, sheet);
    });
}

void paintInspections(QPagedPaintDevice& device, const QString& folder, const QString& today) {
    std::vector<job::Job> closed;
    for (const auto& entry : io::listJobs(folder.toStdString()))
        if (entry.document && entry.document->job.record) closed.push_back(entry.document->job);
    const auto sheet = words::inspectionsSheet(pay::inspectionsOf(closed), today.toStdString());
    fillPaper(device, QObject::tr("Inspections due, %1").arg(today), [&](Paper& paper) {
        paper.title(q(sheet.title), QDir(folder).dirName() + " · " + today);
        setPlainly(paper, sheet);
    });
}

} // namespace arbor::ui
