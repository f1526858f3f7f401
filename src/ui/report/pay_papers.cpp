#include "ui/report/pay_papers.h"

#include "io/job_file.h"
#include "ui/report/paper.h"
#include "ui/report/paper_sheet.h"
#include "ui/session/job_session.h"
#include "ui/text.h"
#include "words/pay_words.h"

#include <QDir>
#include <QObject>

namespace arbor::ui {

void paintSheet(QPagedPaintDevice& device, const words::Sheet& sheet, const JobSession& session) {
    const auto& job = session.job();
    fillPaper(device, q(job.id), [&](Paper& paper) {
        paper.title(sheet.title == job.title ? q(job.title) : q(sheet.title) + " · " + q(job.title),
                    q(job.id) + (job.customer.empty() ? QString() : " · " + q(job.customer)) + " · " +
                        q(session.now()).left(10));
        setSheet(paper, sheet);
    });
}

void paintInspections(QPagedPaintDevice& device, const QString& folder, const QString& today) {
    std::vector<job::Job> closed;
    for (const auto& entry : io::listJobs(folder.toStdString()))
        if (entry.document && entry.document->job.record) closed.push_back(entry.document->job);
    const auto sheet = words::inspectionsSheet(pay::inspectionsOf(closed), today.toStdString());
    fillPaper(device, QObject::tr("Inspections due, %1").arg(today), [&](Paper& paper) {
        paper.title(q(sheet.title), QDir(folder).dirName() + " · " + today);
        setSheet(paper, sheet);
    });
}

} // namespace arbor::ui
