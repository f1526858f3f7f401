// The day: every job of the shop on what it shares, a piece taken up from there.
#include "core/job/step_name.h"
#include "io/job_file.h"
#include "ui/day/day_view.h"
#include "ui/report/papers_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QStackedWidget>

namespace arbor::ui {

void MainWindow::buildDay() {
    connect(m_day, &DayView::left, this, [this] { m_session ? backToJob() : showShelf(); });
    connect(m_day, &DayView::trouble, this, &MainWindow::showTrouble);
    connect(m_day, &DayView::taken, this, &MainWindow::takeUp);
    connect(m_day, &DayView::wanted, this, &MainWindow::setWanted);
    connect(m_day, &DayView::printed, this, [this] {
        const auto& board = m_day->desk().board();
        if (!board.plan) return showTrouble(tr("There is no plan to print."));
        showShopPapers(PaperKind::Day);
    });
}

void MainWindow::showShopPapers(PaperKind kind) {
    if (!hasShop()) return;
    const auto& desk = m_day->desk();
    const auto today = m_around.clock().substr(0, 10);
    const bool ours = desk.folder() == m_shop.folder().path() && desk.board().date == today;
    auto board = ours ? desk.board() : day::Board{};
    board.date = today;
    m_places->setCurrentIndex(kPapersPlace);
    m_papers->openShop(board, m_shop.folder().path(), kind);
    showHeader();
}

void MainWindow::showDay() {
    if (!hasShop()) return;
    m_places->setCurrentIndex(kDayPlace);
    m_day->open(m_shop.folder().path(), m_shop.tables());
    showHeader();
}

/// Its job opens where it is done, and its time counts from now.
void MainWindow::takeUp(const QString& file, const job::Worked& work) {
    if (!m_session || q(m_session->path()) != file) openJob(file);
    if (!m_session || q(m_session->path()) != file) return; // it could not be opened, which was said
    m_places->setCurrentIndex(kJobPlace);
    if (!work.step.empty()) {
        const auto step = plan::stepNamed(m_session->plan().steps, work.step);
        if (step) m_session->lookAt(m_session->plan().steps[*step].step.id);
    }
    m_jobView->go(job::stationOf(work.what));
    if (work.usual_s > 0) m_session->begin(work); // what soaks has clocks of its own
    showHeader();
}

void MainWindow::setWanted(const QString& file, const QString& by, int rank) {
    const auto change = [&](job::Job& job) {
        job.wantedBy = by.toStdString();
        job.rank = rank;
    };
    if (m_session && q(m_session->path()) == file) {
        m_session->edit(tr("Wanted by"), change);
    } else {
        auto document = io::loadJob(file.toStdString());
        if (!document) return showTrouble(q(words::say(document.error())));
        if (document->newer() || job::isLocked(document->job))
            return showTrouble(tr("%1 is released, or of a newer program: nothing of it was changed.").arg(file));
        change(document->job);
        if (const auto saved = io::saveJob(file.toStdString(), *document); !saved)
            return showTrouble(q(words::say(saved.error())));
    }
    m_day->readAgain();
}

} // namespace arbor::ui
