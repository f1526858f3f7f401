// Which shop, which job: opening, beginning, copying, taking in.
#include "core/job/fresh_copy.h"
#include "io/job_code.h"
#include "io/shipped_data.h"
#include "io/table_files.h"
#include "io/text_file.h"
#include "ui/alarm/alarms.h"
#include "ui/arrangement/arrangement_view.h"
#include "ui/shelf/shelf_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/start/job_details.h"
#include "ui/start/start_view.h"
#include "ui/takein/take_in_view.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QPushButton>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QUndoGroup>
#include <QVBoxLayout>
#include <utility>

namespace arbor::ui {

namespace {

constexpr int kRecent = 8;
constexpr const char* kShopSetting = "shop";

} // namespace

void MainWindow::openPath(const QString& path) {
    const QFileInfo info(path);
    if (const auto there = io::lookFor(path.toStdString()); !there) {
        if (!m_shop.isOpen()) showStart();
        return showTrouble(q(words::say(there.error())));
    }
    if (info.isDir()) {
        openFolder(info.absoluteFilePath());
        return m_shop.isOpen() && io::jobFiles(m_shop.folder().path().toStdString()).empty() ? showStart()
                                                                                             : showShelf();
    }
    openFolder(info.absolutePath());
    openJob(info.absoluteFilePath());
}

bool MainWindow::openFolder(const QString& folder) {
    const auto opened = m_shop.open(folder);
    showTrouble(opened ? QString() : q(words::say(opened.error())));
    if (opened) m_around.settings->setValue(kShopSetting, m_shop.folder().path());
    return opened.has_value();
}

/// Its clocks run on: the list of jobs knows them from its file.
void MainWindow::leaveJob() {
    m_alarms->follow(nullptr, nullptr);
    if (m_session && m_shop.isOpen()) m_shop.jobs().added(q(m_session->path()));
    m_session.reset();
}

/// A label was scanned, wherever one stands.
void MainWindow::openScanned(const QString& code) {
    const auto label = io::readJobCode(code.toStdString());
    if (!label || !hasShop()) return;
    const auto shop = m_shop.folder().dirName();
    if (!io::isSameScanned(label->shop, shop.toStdString()))
        return showTrouble(tr("That label is of another shop, “%1”; open here is “%2”.").arg(q(label->shop), shop));
    for (const auto& job : m_shop.jobs().jobs())
        if (io::isSameScanned(label->id, job.id)) return openJob(QString(q(job.path)));
    showTrouble(tr("This shop has no job %1.").arg(q(label->id)));
}

void MainWindow::openJob(const QString& path) {
    if (!m_shop.isOpen() || !mayLeaveJob()) return;
    m_askedToLeave = false;
    auto document = io::loadJob(path.toStdString());
    if (!document) {
        showTrouble(q(words::say(document.error())));
        offerVersionBefore(path);
        return showShelf();
    }
    leaveJob();
    m_session = std::make_unique<JobSession>(path.toStdString(), std::move(*document), m_shop.tables(), m_around.clock,
                                             m_around.count);
    connect(m_session.get(), &JobSession::changed, this, &MainWindow::showHeader);
    connect(m_session.get(), &JobSession::changed, m_tour, &Tour::look);
    connect(m_session.get(), &JobSession::recorded, this, [this] {
        if (const auto kept = m_shop.keepRecord(*m_session); !kept) showTrouble(q(words::say(kept.error())));
    });
    m_undoGroup->addStack(&m_session->undoStack());
    m_places->setCurrentIndex(kJobPlace);
    m_jobView->open(m_session.get());
    connect(m_session.get(), &JobSession::changed, m_arrangementView, [this] {
        if (m_places->currentIndex() == kArrangementPlace) m_arrangementView->refresh();
    });
    remember(path);
    followPlace();
    showHeader();
    followScreens();
}

/// Its description only. @param details  what the new one is called; null: under the next number after it
void MainWindow::newJobLike(const QString& path, const job::Job* details) {
    auto document = io::loadJob(path.toStdString());
    if (!document) return showTrouble(q(words::say(document.error())));
    const auto likeId = q(document->job.id);
    document->job = job::freshCopy(document->job);
    if (!details) return openAdded(m_shop.addJob(std::move(*document), likeId));
    auto& job = document->job;
    job.id = details->id;
    for (const auto text : {&job::Job::title, &job::Job::machine, &job::Job::customer})
        if (!(details->*text).empty()) job.*text = details->*text;
    job.intake.position = details->intake.position;
    job.intake.complaint = details->intake.complaint;
    openAdded(m_shop.createJob(*document));
}

void MainWindow::buildStart() {
    m_start = new StartView(this);
    m_places->addWidget(m_start);
    m_start->refuseNumbers([this](const std::string& number) {
        const auto why = m_shop.whyNotNumber(number);
        return why ? q(words::say(*why)) : QString();
    });
    connect(m_start, &StartView::jobWanted, this, [this](const job::Job& job) {
        m_wanted = job;
        m_shop.isOpen() ? createWanted() : chooseOwnFolder();
    });
    connect(m_start, &StartView::likeWanted, this,
            [this](const QString& path, const job::Job& details) { newJobLike(path, &details); });
    connect(m_start, &StartView::demoWanted, this, &MainWindow::openDemo);
    connect(m_start, &StartView::ownWanted, this, &MainWindow::chooseOwnFolder);
    connect(m_start, &StartView::folderWanted, this, &MainWindow::chooseFolder);
    connect(&m_shop.jobs(), &JobIndex::changed, m_start, [this] {
        if (m_places->currentIndex() == kStartPlace && m_shop.isOpen()) m_start->offerEarlier(earlierJobs());
    });
    connect(m_start, &StartView::left, this, [this] {
        if (m_shop.isOpen()) m_session ? backToJob() : showShelf();
    });
    auto* page = new QWidget(this);
    m_details = new JobDetails(
        "job",
        {[this]() -> const job::Job& { return m_session->job(); },
         [this](const QString& text, const std::function<void(job::Job&)>& change) { m_session->edit(text, change); },
         [this](const std::string& number) {
             const auto why = m_shop.whyNotNumber(number);
             return why ? q(words::say(*why)) : QString();
         }},
        page);
    auto* back = new QPushButton(tr("Back to the job (F4)"), page);
    back->setObjectName("detailsBack");
    back->setMinimumHeight(theme::kTouch);
    connect(back, &QPushButton::clicked, this, &MainWindow::backToJob);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    column->addWidget(m_details);
    column->addWidget(back, 0, Qt::AlignLeft);
    column->addStretch(1);
    page->setMaximumWidth(2 * theme::kSheetWidth);
    m_places->addWidget(page);
}

/// The last shop there was, or the welcome.
void MainWindow::openLast() {
    const auto last = m_around.settings->value(kShopSetting).toString();
    if (!last.isEmpty() && QFileInfo(last).isDir()) return openPath(last);
    showStart();
}

std::vector<StartView::Earlier> MainWindow::earlierJobs() const {
    std::vector<StartView::Earlier> out;
    for (const auto& job : m_shop.jobs().jobs())
        if (!job.id.empty()) out.push_back({q(job.title) + " · " + q(job.id), q(job.path)});
    return out;
}

/// A new job; where no shop is open yet, the welcome.
void MainWindow::showStart() {
    if (m_session && !mayLeaveJob()) return;
    const bool shop = m_shop.isOpen();
    auto tables = shop ? Result<tables::Tables>(*m_shop.tables()) : io::loadTables();
    if (!tables) return showTrouble(q(words::say(tables.error())));
    m_places->setCurrentIndex(kStartPlace);
    m_start->open(*tables, m_shop.jobs().nextNumber(), earlierJobs(), shop);
    showHeader();
}

void MainWindow::createWanted() {
    if (!m_wanted) return;
    auto job = *std::exchange(m_wanted, std::nullopt);
    if (!m_shop.tables()->rack.presses.empty()) job.press = m_shop.tables()->rack.presses.front().id;
    const auto file = m_shop.createJob({std::move(job), "{}"});
    openAdded(file);
    if (file) showArrangement(true); // its sizes are what comes next
}

/// A copy of one's own, which may be pressed, measured and spoilt.
void MainWindow::openDemo() {
    const auto folder =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/brisk-arbor/demo-shop";
    if (const auto copied = io::copyDemoShop(folder.toStdString()); !copied)
        return showTrouble(q(words::say(copied.error())));
    openPath(folder);
    offerTour();
}

/// Asked once: the jobs, the rack and the presses of the shop lie there from now on.
void MainWindow::chooseOwnFolder() {
    const auto proposed = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    auto* dialog = new QFileDialog(this, tr("A folder for your shop"), proposed);
    dialog->setObjectName("ownFolder");
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setOption(QFileDialog::ShowDirsOnly);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& folder) {
        QDir().mkpath(folder);
        if (!openFolder(folder)) return;
        m_wanted ? createWanted() : openPath(folder);
    });
    dialog->open();
}

void MainWindow::showDetails() {
    if (!hasJob()) return;
    if (m_places->currentIndex() == kDetailsPlace) return backToJob();
    if (m_places->currentIndex() != kJobPlace && m_places->currentIndex() != kArrangementPlace) return;
    m_places->setCurrentIndex(kDetailsPlace);
    m_details->refresh();
    m_details->first()->setFocus();
    showHeader();
}

void MainWindow::openAdded(const Result<QString>& file) {
    file ? openJob(*file) : showTrouble(q(words::say(file.error())));
}

void MainWindow::chooseJobToTakeIn() {
    if (!hasShop()) return;
    auto* dialog = new QFileDialog(this, tr("A job from another shop"), {}, tr("Jobs (*.arbor.json)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &MainWindow::lookAtJob);
    dialog->open();
}

void MainWindow::lookAtJob(const QString& file) {
    auto theirs = io::loadJob(file.toStdString());
    if (!theirs) return showTrouble(q(words::say(theirs.error())));
    const auto ours = m_shop.jobNumbered(theirs->job.id);
    m_theirs = std::move(*theirs);
    m_theirFile = file;
    m_places->setCurrentIndex(kTakeInPlace);
    m_takeIn->open(file, *m_theirs, ours ? &*ours : nullptr, *m_shop.tables());
    showHeader();
}

void MainWindow::takeIn() {
    if (m_theirs) openAdded(m_shop.takeIn(std::move(*m_theirs), m_theirFile));
    m_theirs.reset();
}

void MainWindow::chooseFolder() {
    auto* dialog = new QFileDialog(this, tr("Folder of jobs"), m_shop.folder().path());
    dialog->setFileMode(QFileDialog::Directory);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &MainWindow::openPath);
    dialog->open();
}

void MainWindow::remember(const QString& path) {
    auto recent = m_around.settings->value("recent").toStringList();
    recent.removeAll(path);
    recent.prepend(path);
    m_around.settings->setValue("recent", QStringList(recent.mid(0, kRecent)));
}

} // namespace arbor::ui
