#include "ui/shell/main_window.h"

#include "io/library_files.h"
#include "log/records.h"
#include "ui/arrangement/arrangement_view.h"
#include "ui/calc/calc_box.h"
#include "ui/friction/friction_view.h"
#include "ui/log/log_view.h"
#include "ui/practice/practice_view.h"
#include "ui/rack/rack_view.h"
#include "ui/report/job_report.h"
#include "ui/report/route_card.h"
#include "ui/shelf/shelf_view.h"
#include "ui/shell/clock_strip.h"
#include "ui/shell/job_view.h"
#include "ui/stations/slips.h"
#include "ui/takein/take_in_view.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QAction>
#include <QApplication>
#include <QDir>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QTimer>
#include <QUndoGroup>
#include <QVBoxLayout>
#include <set>

namespace arbor::ui {

namespace {

constexpr int kRecent = 8;
constexpr std::size_t kLearnFrom = 2000; // presses, the latest
/// In the stack of places.
constexpr int kShelfPlace = 0, kJobPlace = 1, kArrangementPlace = 2, kRackPlace = 3, kPracticePlace = 4,
              kFrictionPlace = 5, kLogPlace = 6, kTakeInPlace = 7;

} // namespace

MainWindow::MainWindow(Surroundings surroundings, QWidget* parent)
    : QMainWindow(parent), m_around(std::move(surroundings)) {
    setObjectName("mainWindow");
    setWindowTitle(tr("Brisk Arbor"));
    setMinimumSize(1100, 700);
    theme::use(m_around.settings->value("night", false).toBool() ? theme::Variant::Night : theme::Variant::Light);
    theme::apply();
    auto* header = new QWidget(this);
    m_trouble = new QLabel(this);
    m_trouble->setObjectName("trouble");
    m_trouble->setWordWrap(true);
    m_trouble->setMargin(theme::kGap);
    m_trouble->hide();
    m_shelf = new ShelfView(this);
    auto* shelfScroll = new QScrollArea(this);
    shelfScroll->setWidgetResizable(true);
    shelfScroll->setFrameShape(QFrame::NoFrame);
    shelfScroll->setObjectName("shelfScroll");
    shelfScroll->setFocusPolicy(Qt::NoFocus);
    shelfScroll->setWidget(m_shelf);
    m_jobView = new JobView(this);
    m_places = new QStackedWidget(this);
    m_places->addWidget(shelfScroll);
    m_places->addWidget(m_jobView);
    m_arrangementView = new ArrangementView(this);
    m_places->addWidget(m_arrangementView);
    connect(m_arrangementView, &ArrangementView::left, this, &MainWindow::backToJob);
    m_rackView = new RackView(this);
    m_places->addWidget(m_rackView);
    m_practice = new PracticeView(*m_around.settings, this);
    m_places->addWidget(m_practice);
    m_friction = new FrictionView(this);
    m_places->addWidget(m_friction);
    m_log = new LogView(this);
    m_places->addWidget(m_log);
    m_takeIn = new TakeInView(this);
    m_places->addWidget(m_takeIn);
    const auto goBack = [this] { m_session ? backToJob() : showShelf(); };
    connect(m_rackView, &RackView::left, this, goBack);
    connect(m_practice, &PracticeView::left, this, goBack);
    connect(m_friction, &FrictionView::left, this, goBack);
    connect(m_log, &LogView::left, this, goBack);
    connect(m_takeIn, &TakeInView::left, this, goBack);
    connect(m_takeIn, &TakeInView::accepted, this, &MainWindow::takeIn);
    connect(m_rackView, &RackView::changed, this, &MainWindow::saveRack);
    connect(m_jobView, &JobView::toolMade, this, &MainWindow::putOnRack);
    m_undoGroup = new QUndoGroup(this);
    m_undoGroup->addStack(&m_rackView->undoStack());
    connect(m_places, &QStackedWidget::currentChanged, this, &MainWindow::followPlace);
    auto* body = new QWidget(this);
    auto* layout = new QVBoxLayout(body);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(header);
    layout->addWidget(m_trouble);
    layout->addWidget(m_places, 1);
    setCentralWidget(body);
    m_calculator = new CalcBox(this);
    connect(m_calculator, &CalcBox::jobWanted, this, [this](const job::Job& job) { openNewJob({job, "{}"}, tr("C")); });
    buildActions();
    buildHeader(header);
    connect(m_shelf, &ShelfView::opened, this, &MainWindow::openJob);
    connect(m_shelf, &ShelfView::copyAsked, this, &MainWindow::newJobLike);
    connect(m_jobView, &JobView::trouble, this, &MainWindow::showTrouble);
    resize(1280, 800);
    setNight(theme::variant() == theme::Variant::Night);
    qApp->installEventFilter(this);
}

/// The places go one by one; nobody need follow that.
MainWindow::~MainWindow() {
    m_places->disconnect(this);
}

/// Undo belongs to the job. A text field keeps it only for what is typed in it and not yet taken over.
bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride) return QMainWindow::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool undoing = m_undo->shortcut() == QKeySequence(key->keyCombination()) ||
                         m_redo->shortcut() == QKeySequence(key->keyCombination());
    const auto* line = qobject_cast<QLineEdit*>(watched);
    const bool fieldsOwn = line && line->isModified() && line->isUndoAvailable();
    if (!undoing || fieldsOwn) return false;
    event->ignore();
    return true;
}

void MainWindow::buildHeader(QWidget* header) {
    header->setObjectName("header");
    header->setFixedHeight(theme::kHeaderHeight);
    header->setAttribute(Qt::WA_StyledBackground);
    m_title = new QLabel(header);
    m_title->setObjectName("headerTitle");
    QFont big = theme::typeface(theme::Text::Strong);
    big.setPixelSize(16);
    m_title->setFont(big);
    m_subtitle = new QLabel(header);
    m_units = new QLabel(header);
    m_units->setObjectName("headerUnits");
    auto* menuButton = new QPushButton(tr("Menu"), header);
    menuButton->setObjectName("menuButton");
    menuButton->setFocusPolicy(Qt::TabFocus);
    menuButton->setMenu(m_menu);
    auto* layout = new QHBoxLayout(header);
    layout->setContentsMargins(18, 0, 14, 0);
    layout->setSpacing(24);
    layout->addWidget(m_title);
    layout->addWidget(m_subtitle);
    layout->addStretch(1);
    m_clocks = new ClockStrip(header);
    layout->addWidget(m_clocks);
    layout->addWidget(m_units);
    layout->addWidget(menuButton);
    auto* second = new QTimer(this);
    connect(second, &QTimer::timeout, this, [this] { m_clocks->show(m_session.get()); });
    second->start(1000);
    auto* minute = new QTimer(this);
    connect(minute, &QTimer::timeout, this, [this] {
        if (m_keeper) static_cast<void>(m_keeper->deliver());
    });
    minute->start(60'000);
}

void MainWindow::buildActions() {
    m_menu = new QMenu(this);
    m_menu->setObjectName("mainMenu");
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& keys, auto slot) {
        auto* action = menu->addAction(text);
        action->setShortcut(keys);
        addAction(action);
        connect(action, &QAction::triggered, this, slot);
        return action;
    };
    add(m_menu, tr("Shelf"), Qt::CTRL | Qt::Key_L, [this] { showShelf(); })->setObjectName("actionShelf");
    add(m_menu, tr("Open folder…"), QKeySequence::Open, [this] { chooseFolder(); });
    add(m_menu, tr("Take in a job…"), Qt::CTRL | Qt::Key_I, [this] { chooseJobToTakeIn(); });
    auto* recent = m_menu->addMenu(tr("Recent jobs"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { fillRecent(recent); });
    m_menu->addSeparator();
    m_undo = add(m_menu, tr("Undo"), QKeySequence::Undo, [this] { m_undoGroup->undo(); });
    m_redo = add(m_menu, tr("Redo"), Qt::CTRL | Qt::SHIFT | Qt::Key_Z, [this] { m_undoGroup->redo(); });
    followUndo();
    m_menu->addSeparator();
    buildJobActions(m_menu);
    add(m_menu, tr("Arrangement"), Qt::CTRL | Qt::Key_E, [this] {
        showArrangement();
    })->setObjectName("actionArrangement");
    add(m_menu, tr("Rack"), Qt::CTRL | Qt::Key_K, [this] { showRack(); })->setObjectName("actionRack");
    add(m_menu, tr("Bench calculator"), Qt::Key_F2, [this] { showCalculator(); })->setObjectName("actionCalculator");
    add(m_menu, tr("Log"), Qt::CTRL | Qt::Key_F, [this] { showLog(); })->setObjectName("actionLog");
    add(m_menu, tr("Practice press"), Qt::CTRL | Qt::Key_T, [this] {
        showPractice();
    })->setObjectName("actionPractice");
    add(m_menu, tr("Friction of this shop"), Qt::CTRL | Qt::Key_M, [this] {
        showFriction();
    })->setObjectName("actionFriction");
    add(m_menu, tr("Route card (PDF)"), Qt::CTRL | Qt::Key_P, [this] {
        printPaper("route-card", writeRouteCard);
    })->setObjectName("actionCard");
    add(m_menu, tr("Job report (PDF)"), Qt::CTRL | Qt::SHIFT | Qt::Key_P, [this] {
        printPaper("report", writeJobReport);
    })->setObjectName("actionReport");
    m_menu->addSeparator();
    auto* night = add(m_menu, tr("Night look"), Qt::CTRL | Qt::Key_N, [this](bool on) { setNight(on); });
    night->setObjectName("actionNight");
    night->setCheckable(true);
    night->setChecked(theme::variant() == theme::Variant::Night);
    add(m_menu, tr("Inch or metric"), Qt::CTRL | Qt::Key_U, [this] { toggleUnits(); });
    m_menu->addSeparator();
    add(m_menu, tr("Quit"), Qt::CTRL | Qt::Key_Q, [this] { close(); });
}

/// The words and state of undo and redo, from whatever is in sight.
void MainWindow::followUndo() {
    connect(m_undoGroup, &QUndoGroup::canUndoChanged, m_undo, &QAction::setEnabled);
    connect(m_undoGroup, &QUndoGroup::canRedoChanged, m_redo, &QAction::setEnabled);
    connect(m_undoGroup, &QUndoGroup::undoTextChanged, this,
            [this](const QString& t) { m_undo->setText(t.isEmpty() ? tr("Undo") : tr("Undo: %1").arg(t)); });
    connect(m_undoGroup, &QUndoGroup::redoTextChanged, this,
            [this](const QString& t) { m_redo->setText(t.isEmpty() ? tr("Redo") : tr("Redo: %1").arg(t)); });
    m_undo->setEnabled(false);
    m_redo->setEnabled(false);
}

void MainWindow::buildJobActions(QMenu* menu) {
    int number = 1;
    for (const auto station : job::kStations) {
        auto* action = menu->addAction(q(words::stationTitle(station)));
        action->setShortcut(QKeySequence(QStringLiteral("Ctrl+%1").arg(number++ % 10)));
        addAction(action);
        connect(action, &QAction::triggered, this, [this, station] {
            if (!m_session || m_places->currentIndex() == kShelfPlace) return;
            m_places->setCurrentIndex(kJobPlace);
            m_jobView->go(station);
        });
    }
    const auto step = [&](const QString& text, const QKeySequence& keys, int by) {
        auto* action = menu->addAction(text);
        action->setShortcut(keys);
        addAction(action);
        connect(action, &QAction::triggered, this, [this, by] {
            if (m_session && m_places->currentIndex() == kJobPlace) m_jobView->goBy(by);
        });
    };
    step(tr("Next station"), Qt::Key_PageDown, 1);
    step(tr("Station before"), Qt::Key_PageUp, -1);
    auto* act = menu->addAction(tr("Do what the slip says"));
    act->setObjectName("actionSlip");
    act->setShortcuts({QKeySequence(Qt::CTRL | Qt::Key_Return), QKeySequence(Qt::Key_F9)});
    addAction(act);
    connect(act, &QAction::triggered, this, [this] {
        if (m_calculator->isVisible()) return m_calculator->makeJob();
        if (m_session && m_places->currentIndex() == kJobPlace) m_jobView->takeAction();
    });
}

void MainWindow::openPath(const QString& path) {
    const QFileInfo info(path);
    if (info.isDir()) {
        openFolder(info.absoluteFilePath());
        return showShelf();
    }
    openFolder(info.absolutePath());
    openJob(info.absoluteFilePath());
}

/// Presses of the logbook teach as the closed jobs of the folder do; those that are both count once.
void MainWindow::learnFromLog(plan::Library& library) {
    const bool made = !m_around.logbook.isEmpty() || QFileInfo::exists(QDir(m_folder).filePath("logbook.sqlite"));
    const auto book = made ? m_keeper->book() : tl::unexpected(Problem{});
    if (!book) return;
    log::Query good;
    good.verdict = plan::name(trace::Verdict::Home);
    good.most = kLearnFrom;
    const auto found = (*book)->find(good);
    if (!found) return;
    std::set<std::string> known;
    for (const auto& record : library.records)
        known.insert(record.when);
    for (auto& record : log::recordsOf(*found))
        if (!known.contains(record.when)) library.records.push_back(std::move(record));
}

bool MainWindow::openFolder(const QString& folder) {
    auto library = io::loadLibrary(folder.toStdString());
    if (!library) {
        // Jobs can still be read without a rack: the tables ship with the program.
        m_rackTrouble = tr("No tools from this folder. %1").arg(q(words::say(library.error())));
        library = io::loadTables();
    } else {
        m_rackTrouble.clear();
    }
    showTrouble({});
    if (!library) {
        showTrouble(q(words::say(library.error())));
        return false;
    }
    m_folder = folder;
    const auto beside = [&](const char* name) { return QDir(folder).filePath(name); };
    m_keeper = std::make_unique<log::Keeper>(m_around.logbook.isEmpty() ? "sqlite:" + beside("logbook.sqlite")
                                                                        : m_around.logbook,
                                             beside("logbook-waiting.sqlite"));
    learnFromLog(*library);
    // The open session points into the library it was made with, so that one is kept by the session itself.
    m_library = std::make_shared<const plan::Library>(std::move(*library));
    return true;
}

void MainWindow::openJob(const QString& path) {
    if (!m_library) return;
    auto document = io::loadJob(path.toStdString());
    if (!document) {
        showTrouble(q(words::say(document.error())));
        return showShelf();
    }
    m_session = std::make_unique<JobSession>(path.toStdString(), std::move(*document), m_library, m_around.clock);
    connect(m_session.get(), &JobSession::changed, this, &MainWindow::showHeader);
    connect(m_session.get(), &JobSession::recorded, this, &MainWindow::keepRecord);
    m_undoGroup->addStack(&m_session->undoStack());
    m_places->setCurrentIndex(kJobPlace);
    m_jobView->open(m_session.get());
    connect(m_session.get(), &JobSession::changed, m_arrangementView, [this] {
        if (m_places->currentIndex() == kArrangementPlace) m_arrangementView->refresh();
    });
    remember(path);
    followPlace();
    showHeader();
}

void MainWindow::newJobLike(const QString& path) {
    auto document = io::loadJob(path.toStdString());
    if (!document) return showTrouble(q(words::say(document.error())));
    const auto likeId = q(document->job.id);
    auto& job = document->job;
    job.housing.measured.reset();
    job.traceFile.clear();
    job.hand = {};
    job.proof = {};
    job.adjust.play_mm.reset();
    job.adjust.ticked.clear();
    job.closing = {};
    job.seating.readings.clear();
    job.intake = {};
    job.strip = {};
    job.heat.clocks.clear();
    job.heat.readings.clear();
    job.heat.pressAt.clear();
    job.done.clear();
    job.measured = {};
    job.draft = {};
    job.record.reset();
    openNewJob(std::move(*document), likeId);
}

/// Gives the job the next free number after the one it is like, writes it and opens it.
void MainWindow::openNewJob(io::JobDocument document, const QString& likeId) {
    QString name, file;
    for (int number = 1; file.isEmpty() || QFileInfo::exists(file); ++number) {
        name = QStringLiteral("%1-%2").arg(likeId).arg(number);
        file = QDir(m_folder).filePath(name + ".arbor.json");
    }
    document.job.id = name.toStdString();
    if (auto saved = io::saveJob(file.toStdString(), document); !saved)
        return showTrouble(q(words::say(saved.error())));
    openJob(file);
}

void MainWindow::showCalculator() {
    if (m_library) m_calculator->open(m_library);
}

void MainWindow::showShelf() {
    if (m_library) m_shelf->show(m_folder.toStdString(), m_library);
    m_places->setCurrentIndex(kShelfPlace);
    m_shelf->setFocus();
    showHeader();
}

void MainWindow::showArrangement() {
    if (!m_session || m_places->currentIndex() == kShelfPlace) return;
    m_places->setCurrentIndex(kArrangementPlace);
    m_arrangementView->open(m_session.get());
}

/// A rack that could not be read must not be written over with what little was read of it.
bool MainWindow::rackIsWhole() {
    const bool whole = m_rackTrouble.isEmpty() || !QFileInfo::exists(QDir(m_folder).filePath("rack.csv"));
    if (!whole) showTrouble({});
    return whole;
}

void MainWindow::showRack() {
    if (!m_library || !rackIsWhole()) return;
    const auto units = m_session ? m_session->job().units : job::Units::Metric;
    m_places->setCurrentIndex(kRackPlace);
    m_rackView->open(m_library->rack, m_folder, words::Display(units), units == job::Units::Inch ? 25.4 : 1.0);
    showHeader();
}

void MainWindow::showPractice() {
    m_places->setCurrentIndex(kPracticePlace);
    m_practice->open(words::Display(m_session ? m_session->job().units : job::Units::Metric));
    showHeader();
}

/// What was done last time on the same bearing, or everything.
void MainWindow::showLog() {
    if (!m_keeper) return;
    const bool inJob = m_session && m_places->currentIndex() == kJobPlace;
    m_places->setCurrentIndex(kLogPlace);
    const auto units = m_session ? m_session->job().units : job::Units::Metric;
    m_log->open(*m_keeper, words::Display(units), inJob ? q(m_session->job().bearing.designation) : QString());
    showHeader();
}

/// The job file as it was just saved goes into the logbook; when that is not there it waits.
void MainWindow::keepRecord() {
    QFile file(q(m_session->path()));
    if (!m_keeper || !file.open(QIODevice::ReadOnly)) return;
    const auto entry = log::entryOf(m_session->job(), *m_library, file.readAll().toStdString());
    if (!entry) return;
    if (const auto kept = m_keeper->keep(*entry); !kept) showTrouble(q(words::say(kept.error())));
}

void MainWindow::showFriction() {
    if (!m_library) return;
    m_places->setCurrentIndex(kFrictionPlace);
    m_friction->open(*m_library);
    showHeader();
}

void MainWindow::chooseJobToTakeIn() {
    if (!m_library) return;
    auto* dialog = new QFileDialog(this, tr("A job from another shop"), {}, tr("Jobs (*.arbor.json)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &MainWindow::lookAtJob);
    dialog->open();
}

void MainWindow::lookAtJob(const QString& file) {
    auto theirs = io::loadJob(file.toStdString());
    if (!theirs) return showTrouble(q(words::say(theirs.error())));
    std::optional<job::Job> ours;
    for (const auto& entry : io::listJobs(m_folder.toStdString()))
        if (entry.document && entry.document->job.id == theirs->job.id) ours = entry.document->job;
    m_theirs = std::move(*theirs);
    m_theirFile = file;
    m_places->setCurrentIndex(kTakeInPlace);
    m_takeIn->open(file, *m_theirs, ours ? &*ours : nullptr, *m_library);
    showHeader();
}

/// Copies a trace that lies beside a job elsewhere; one of the same name here stays. @return its path from the job
QString MainWindow::bringTrace(const QDir& from, const QString& trace) const {
    const QDir here(m_folder);
    here.mkpath(QFileInfo(trace).path());
    auto name = trace;
    for (int n = 2; QFileInfo::exists(here.filePath(name)); ++n)
        name = QStringLiteral("%1/%2-%3.csv").arg(QFileInfo(trace).path(), QFileInfo(trace).completeBaseName()).arg(n);
    return QFile::copy(from.filePath(trace), here.filePath(name)) ? name : QString();
}

/// As a job of its own with the next free number; its trace comes along.
void MainWindow::takeIn() {
    if (!m_theirs) return;
    auto document = std::move(*m_theirs);
    m_theirs.reset();
    if (!document.job.traceFile.empty())
        document.job.traceFile = bringTrace(QFileInfo(m_theirFile).dir(), q(document.job.traceFile)).toStdString();
    const auto id = q(document.job.id);
    openNewJob(std::move(document), id);
}

/// Writes the rack beside the jobs and works the open job out with it.
void MainWindow::saveRack(const std::vector<catalog::Tool>& tools) {
    if (!rackIsWhole()) return;
    if (const auto saved = io::saveTools(m_folder.toStdString(), tools); !saved)
        return showTrouble(q(words::say(saved.error())));
    showTrouble({});
    auto library = std::make_shared<plan::Library>(*m_library);
    library->rack.tools = tools;
    m_library = std::move(library);
    if (m_session) m_session->useLibrary(m_library);
}

void MainWindow::putOnRack(const catalog::Tool& tool) {
    auto tools = m_library->rack.tools;
    tools.push_back(tool);
    saveRack(tools);
}

/// Undo belongs to what is in sight.
void MainWindow::followPlace() {
    if (m_places->currentIndex() != kPracticePlace) m_practice->close();
    const bool inRack = m_places->currentIndex() == kRackPlace;
    m_undoGroup->setActiveStack(inRack ? &m_rackView->undoStack() : m_session ? &m_session->undoStack() : nullptr);
}

/// The job on paper, beside the job file.
void MainWindow::printPaper(const char* name, Result<void> (*write)(const JobSession&, const QString&)) {
    if (!m_session || m_places->currentIndex() == kShelfPlace) return;
    auto file = q(m_session->path());
    if (file.endsWith(".arbor.json")) file.chop(static_cast<int>(std::size(".arbor.json")) - 1);
    file += QStringLiteral(".%1.pdf").arg(name);
    if (const auto written = write(*m_session, file); !written) return showTrouble(q(words::say(written.error())));
    m_subtitle->setText(tr("Written: %1").arg(QFileInfo(file).fileName()));
}

void MainWindow::backToJob() {
    m_places->setCurrentIndex(kJobPlace);
    m_jobView->go(m_jobView->current());
    showHeader();
}

void MainWindow::showHeader() {
    const int place = m_places->currentIndex();
    const bool inJob = (place == kJobPlace || place == kArrangementPlace) && m_session;
    m_title->setText(place == kRackPlace       ? tr("Rack")
                     : place == kPracticePlace ? tr("Practice")
                     : place == kFrictionPlace ? tr("Friction")
                     : place == kLogPlace      ? tr("Log")
                     : place == kTakeInPlace   ? tr("From another shop")
                     : inJob                   ? q(m_session->job().title)
                                               : tr("Shelf"));
    m_subtitle->setText(inJob
                            ? q(m_session->job().id) + " · " + q(m_session->job().customer)
                            : QDir(m_folder).dirName() +
                                  (m_shelf->count() == 1 ? tr(" · one job") : tr(" · %1 jobs").arg(m_shelf->count())));
    m_clocks->show(m_session.get());
    m_units->setText(inJob ? q(m_session->display().unitsLine()) : QString());
    const auto muted = QStringLiteral("color:%1").arg(theme::roles().muted.name());
    m_subtitle->setStyleSheet(muted);
    m_units->setStyleSheet(muted);
}

void MainWindow::showTrouble(const QString& text) {
    const auto& shown = text.isEmpty() ? m_rackTrouble : text;
    m_trouble->setText(shown);
    m_trouble->setStyleSheet(QStringLiteral("background:%1; color:%2; font-weight:bold")
                                 .arg(theme::roles().stopPale.name(), theme::roles().stop.name()));
    m_trouble->setVisible(!shown.isEmpty());
}

QString MainWindow::troubleText() const {
    return m_trouble->isVisibleTo(this) ? m_trouble->text() : QString();
}

void MainWindow::setNight(bool night) {
    theme::use(night ? theme::Variant::Night : theme::Variant::Light);
    theme::apply();
    m_around.settings->setValue("night", night);
    findChild<QWidget*>("header")->setStyleSheet(
        QStringLiteral("#header { background:%1; border-bottom:1px solid %2; }")
            .arg(theme::roles().card.name(), theme::roles().rule.name()));
    showHeader();
    m_jobView->refresh();
    update();
}

void MainWindow::toggleUnits() {
    if (m_session && m_places->currentIndex() == kJobPlace)
        m_session->edit(tr("Change units"), [](job::Job& j) {
            j.units = j.units == job::Units::Metric ? job::Units::Inch : job::Units::Metric;
        });
}

void MainWindow::chooseFolder() {
    auto* dialog = new QFileDialog(this, tr("Folder of jobs"), m_folder);
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

void MainWindow::fillRecent(QMenu* menu) {
    menu->clear();
    for (const auto& path : m_around.settings->value("recent").toStringList())
        if (QFileInfo::exists(path))
            menu->addAction(QFileInfo(path).fileName(), this, [this, path] { openPath(path); });
    if (menu->isEmpty()) menu->addAction(tr("none yet"))->setEnabled(false);
}

} // namespace arbor::ui
