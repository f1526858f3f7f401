#include "ui/shell/main_window.h"

#include "core/job/names.h"
#include "core/job/step_name.h"
#include "io/text_file.h"
#include "ui/alarm/alarm_bar.h"
#include "ui/alarm/alarms.h"
#include "ui/alarm/clock_strip.h"
#include "ui/arrangement/arrangement_view.h"
#include "ui/big/big_view.h"
#include "ui/calc/calc_box.h"
#include "ui/day/day_view.h"
#include "ui/help/help_view.h"
#include "ui/instruments/stand_in.h"
#include "ui/kit/long_work.h"
#include "ui/kit/number_pad.h"
#include "ui/kit/scanner.h"
#include "ui/log/log_view.h"
#include "ui/photos/photo_folder.h"
#include "ui/practice/lesson_view.h"
#include "ui/practice/practice_view.h"
#include "ui/rack/rack_view.h"
#include "ui/report/papers_view.h"
#include "ui/shelf/shelf_page.h"
#include "ui/shelf/shelf_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/palette.h"
#include "ui/shop/bench_page.h"
#include "ui/slip/slip.h"
#include "ui/takein/take_in_view.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QAction>
#include <QApplication>
#include <QCloseEvent>
#include <QDesktopServices>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>
#include <QUndoGroup>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>
#include <map>
#include <utility>

namespace arbor::ui {

MainWindow::MainWindow(Surroundings surroundings, QWidget* parent)
    : QMainWindow(parent), m_around(std::move(surroundings)), m_shop(m_around.logbook) {
    setObjectName("mainWindow");
    setWindowTitle(tr("Brisk Arbor"));
    setMinimumSize(1100, 700);
    theme::use(m_around.settings->value("night", false).toBool() ? theme::Variant::Night : theme::Variant::Light);
    theme::setTextScale(m_around.settings->value(BenchPage::kTextScale, 100).toInt() / 100.0);
    theme::apply();
    auto* header = m_header = new QWidget(this);
    m_trouble = new QLabel(this);
    m_trouble->setObjectName("trouble");
    m_trouble->setWordWrap(true);
    m_trouble->setMargin(theme::kGap);
    m_trouble->hide();
    m_bringBack = new QPushButton(this);
    m_bringBack->setObjectName("bringBack");
    m_bringBack->setMinimumHeight(theme::kTouch);
    m_bringBack->hide();
    connect(m_bringBack, &QPushButton::clicked, this, &MainWindow::bringBack);
    m_openReports = new QPushButton(tr("Open the folder of the report"), this);
    m_openReports->setObjectName("openReports");
    m_openReports->setMinimumHeight(theme::kTouch);
    m_openReports->hide();
    connect(m_openReports, &QPushButton::clicked, this, [this] {
        QDesktopServices::openUrl(QUrl::fromLocalFile(m_reports));
        m_openReports->hide();
        showTrouble({});
    });
    m_shop.tell(
        [this] {
            if (m_session) m_session->useTables(m_shop.tables());
        },
        [this](log::Desk& desk) { followDesk(desk); });
    m_shelfPage = new ShelfPage(this);
    m_shelf = m_shelfPage->shelf();
    m_shelfPage->keep([this](const QString& path) { return m_session && q(m_session->path()) == path; });
    connect(m_shelfPage, &ShelfPage::trouble, this, &MainWindow::showTrouble);
    m_instruments = new Instruments(*m_around.settings, this);
    m_standIns = new StandIns(*m_instruments, this);
    connect(m_standIns, &StandIns::trouble, this, &MainWindow::showTrouble);
    buildAlarms();
    m_places = new QStackedWidget(this);
    addPlaces();
    auto* body = new QWidget(this);
    auto* layout = new QVBoxLayout(body);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_alarmBar);
    layout->addWidget(header);
    layout->addWidget(m_trouble);
    layout->addWidget(m_bringBack);
    layout->addWidget(m_openReports);
    layout->addWidget(m_places, 1);
    m_work = new LongWork(this);
    layout->addWidget(m_work);
    m_tour = new Tour(this);
    layout->addWidget(m_tour);
    connect(m_tour, &Tour::wanted, this, &MainWindow::startTour);
    connect(m_tour, &Tour::left, this, &MainWindow::leaveTour);
    setCentralWidget(body);
    m_calculator = new CalcBox(this);
    connect(m_calculator, &CalcBox::jobWanted, this, [this](const job::Job& job) {
        openAdded(m_shop.addJob({job, "{}"}, tr("C")));
    });
    m_palette = new Palette(this);
    m_pad = new NumberPad(this);
    buildActions();
    buildHeader(header);
    connect(m_shelf, &ShelfView::opened, this, &MainWindow::openJob);
    connect(m_shelf, &ShelfView::copyAsked, this, [this](const QString& path) { newJobLike(path); });
    connect(m_shelf, &ShelfView::newAsked, this, &MainWindow::showStart);
    connect(m_jobView, &JobView::trouble, this, &MainWindow::showTrouble);
    connect(m_jobView, &JobView::stopSign, m_alarms,
            [this](bool shown) { shown ? m_alarms->raiseStop() : m_alarms->dropStop(); });
    resize(1280, 800);
    setNight(theme::variant() == theme::Variant::Night);
    qApp->installEventFilter(this);
}

/// In the order of Place.
void MainWindow::addPlaces() {
    const auto goBack = [this] { m_session ? backToJob() : showShelf(); };
    const auto add = [this](auto*& place, auto* made) { m_places->addWidget(place = made); };
    m_places->addWidget(m_shelfPage);
    add(m_jobView, new JobView(*m_instruments, this));
    add(m_arrangementView, new ArrangementView(this));
    add(m_rackView, new RackView(*m_around.settings, this));
    add(m_practice, new PracticeView(*m_around.settings, this));
    add(m_log, new LogView(this));
    add(m_takeIn, new TakeInView(this));
    add(m_help, new HelpView(this));
    add(m_lesson, new LessonView(*m_around.settings, this));
    buildStart();
    add(m_shopView, new ShopView({*m_instruments, *m_standIns, *m_around.settings, *m_alarms}, this));
    add(m_big, new BigView(this));
    buildBig();
    add(m_papers, new PapersView(this));
    add(m_day, new DayView(m_around.clock, this));
    buildDay();
    buildPhotos();
    connect(m_papers, &PapersView::left, this, goBack);
    connect(m_papers, &PapersView::trouble, this, &MainWindow::showTrouble);
    connect(m_papers, &PapersView::notice, this, &MainWindow::showNotice);
    m_scanner = new Scanner(this);
    connect(m_scanner, &Scanner::scanned, this, &MainWindow::openScanned);
    connect(m_arrangementView, &ArrangementView::left, this, &MainWindow::backToJob);
    connect(m_rackView, &RackView::left, this, goBack);
    connect(m_practice, &PracticeView::left, this, goBack);
    connect(m_lesson, &LessonView::left, this, goBack);
    connect(m_log, &LogView::left, this, goBack);
    connect(m_takeIn, &TakeInView::left, this, goBack);
    connect(m_help, &HelpView::left, this, goBack);
    connect(m_shopView, &ShopView::left, this, goBack);
    connect(m_shopView, &ShopView::trouble, this, &MainWindow::showTrouble);
    connect(m_shopView->bench(), &BenchPage::trouble, this, &MainWindow::showTrouble);
    connect(m_shopView->bench(), &BenchPage::photosChosen, this,
            [this](const QString& folder) { m_photoFolder->watch(folder); });
    connect(m_shopView->bench(), &BenchPage::screensChosen, this, &MainWindow::followScreens);
    connect(m_shopView->bench(), &BenchPage::textScaleChosen, this, [this] {
        if (mayLeaveJob()) emit remakeWanted();
    });
    connect(m_shopView, &ShopView::sectionChanged, this, &MainWindow::followPlace);
    connect(m_shopView, &ShopView::changed, this, [this] {
        if (m_session) m_session->useTables(m_shop.tables());
    });
    connect(m_takeIn, &TakeInView::accepted, this, &MainWindow::takeIn);
    connect(m_rackView, &RackView::changed, this, &MainWindow::saveRack);
    connect(m_jobView, &JobView::toolMade, this, &MainWindow::putOnRack);
    m_undoGroup = new QUndoGroup(this);
    m_undoGroup->addStack(&m_rackView->undoStack());
    m_undoGroup->addStack(&m_shelfPage->undoStack());
    for (auto* stack : m_shopView->undoStacks())
        m_undoGroup->addStack(stack);
    connect(m_places, &QStackedWidget::currentChanged, this, &MainWindow::followPlace);
}

/// The places go one by one; nobody need follow that.
MainWindow::~MainWindow() {
    m_places->disconnect(this);
}

bool MainWindow::mayLeaveJob() {
    const bool safe = !m_session || m_session->saveAgain();
    if (std::exchange(m_askedToLeave, !safe) || safe) return true;
    showTrouble(
        tr("This job is not saved: what is on the screen would be lost. Make room on the disk, or do the same again "
           "to leave it. %1")
            .arg(m_session->trouble()));
    return false;
}

void MainWindow::closeEvent(QCloseEvent* event) {
    mayLeaveJob() ? event->accept() : event->ignore();
}

void MainWindow::buildHeader(QWidget* header) {
    header->setObjectName("header");
    header->setFixedHeight(theme::tall(theme::kHeaderHeight));
    header->setAttribute(Qt::WA_StyledBackground);
    m_title = new QLabel(header);
    m_title->setObjectName("headerTitle");
    QFont big = theme::typeface(theme::Text::Strong);
    big.setPixelSize(theme::tall(16));
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
    connect(second, &QTimer::timeout, m_alarms, &Alarms::look);
    second->start(1000);
    auto* minute = new QTimer(this);
    connect(minute, &QTimer::timeout, this, [this] {
        if (m_shop.isOpen()) m_shop.desk().deliver();
        if (m_session) m_session->saveAgain();
    });
    minute->start(60'000);
}

void MainWindow::showCalculator() {
    if (m_shop.isOpen()) m_calculator->open(m_shop.tables());
}

void MainWindow::showShelf() {
    if (m_shop.isOpen()) m_shelfPage->open(m_shop);
    m_places->setCurrentIndex(kShelfPlace);
    followPlace(); // it may have been there already
    m_shelf->setFocus();
    showHeader();
}

/// No command does nothing: where there is no shop, it says so.
bool MainWindow::hasShop() {
    if (!m_shop.isOpen()) showTrouble(tr("No shop is open. Look at the demo shop, start your own, or open one."));
    return m_shop.isOpen();
}

bool MainWindow::hasJob() {
    const bool has = m_session && m_places->currentIndex() != kShelfPlace;
    if (!has) showTrouble(tr("No job is open. Enter opens one of the list, Ctrl+N begins one."));
    return has;
}

void MainWindow::showArrangement(bool onDrawing) {
    if (!hasJob()) return;
    m_places->setCurrentIndex(kArrangementPlace);
    m_arrangementView->open(m_session.get(), onDrawing);
}

void MainWindow::showRack() {
    if (!hasShop()) return;
    if (!m_shop.isWhole(io::ShopList::Rack)) return showTrouble({});
    const auto units = m_session ? m_session->job().units : job::Units::Metric;
    m_places->setCurrentIndex(kRackPlace);
    m_rackView->open(m_shop.tables()->rack, m_shop.folder().path(), words::Display(units),
                     units == job::Units::Inch ? 25.4 : 1.0);
    showHeader();
}

void MainWindow::showPractice() {
    m_places->setCurrentIndex(kPracticePlace);
    m_practice->open(words::Display(m_session ? m_session->job().units : job::Units::Metric));
    showHeader();
}

bool MainWindow::isMaking() const {
    return m_lesson->isMaking() || m_day->desk().isBusy() || m_shelfPage->isReading() || m_shop.isBusy() ||
           m_work->isRunning();
}

void MainWindow::showLesson() {
    if (!hasShop()) return;
    m_places->setCurrentIndex(kLessonPlace);
    m_lesson->open(*m_shop.tables());
    showHeader();
}

/// The page of the place one is in, with the sources of what its card says.
void MainWindow::showHelp() {
    const auto place = static_cast<Place>(m_places->currentIndex());
    if (place == kHelpPlace) return m_help->open({}, {});
    QString page;
    QStringList sources;
    if (place == kJobPlace && m_session) {
        page = q(std::string(job::name(m_jobView->current())));
        for (const auto& note : m_jobView->slip()->sheet().notes)
            if (!note.source.empty()) sources << q(note.source);
    } else {
        page = pageOf(place);
    }
    m_places->setCurrentIndex(kHelpPlace);
    m_help->open(page, sources);
    showHeader();
}

/// Where no page is a place's own, how to begin.
QString MainWindow::pageOf(Place place) {
    static const std::map<Place, QString> pages{
        {kArrangementPlace, "arrangement"}, {kRackPlace, "rack"}, {kPracticePlace, "practice"},
        {kLessonPlace, "lesson"},           {kLogPlace, "log"},   {kDayPlace, "day"},
        {kTakeInPlace, "takein"},           {kShopPlace, "shop"}};
    const auto own = pages.find(place);
    return own == pages.end() ? QStringLiteral("begin") : own->second;
}

/// What was done last time on the same place, or everything.
void MainWindow::showLog() {
    if (!hasShop()) return;
    const bool inJob = m_session && m_places->currentIndex() == kJobPlace;
    m_places->setCurrentIndex(kLogPlace);
    const auto units = m_session ? m_session->job().units : job::Units::Metric;
    LogView::Like like;
    if (inJob) {
        const auto& job = m_session->job();
        like.place = q(job.title);
        like.position = like.place + " " + q(job.intake.position);
        like.machine = job.machine.empty() ? like.place.section(QStringLiteral(" · "), 0, 0) : q(job.machine);
        const auto* step = m_session->step();
        like.bearing = step && step->step.bearing ? q(step->step.bearing->designation) : QString();
        like.step = step ? job::nameOf(step->step.id) : std::string();
    }
    m_log->open(m_shop.desk(), words::Display(units), like);
    showHeader();
}

void MainWindow::showShop(ShopView::Section section) {
    if (!hasShop()) return;
    m_places->setCurrentIndex(kShopPlace);
    m_shopView->open(m_shop, m_session.get(), section);
    showHeader();
}

/// Writes the rack beside the jobs and works the open job out with it.
void MainWindow::saveRack(const std::vector<catalog::Tool>& tools) {
    const auto saved = m_shop.saveTools(tools);
    if (!saved) return showTrouble(q(words::say(saved.error())));
    QStringList said;
    for (const auto& [from, to] : saved->renumbered)
        said << tr("%1 was given on another bench meanwhile: yours is %2.").arg(q(from), q(to));
    if (saved->tools != tools) // its undo stack may be at work on this very change
        QMetaObject::invokeMethod(
            m_rackView, [this, all = saved->tools] { m_rackView->adopt(all); }, Qt::QueuedConnection);
    if (m_session) m_session->useTables(m_shop.tables());
    showTrouble(said.join(' '));
}

void MainWindow::putOnRack(const catalog::Tool& tool) {
    auto tools = m_shop.tables()->rack.tools;
    tools.push_back(tool);
    saveRack(tools);
}

/// Undo belongs to what is in sight.
void MainWindow::followPlace() {
    followBig();
    if (m_places->currentIndex() != kPracticePlace) m_practice->close();
    const bool inRack = m_places->currentIndex() == kRackPlace;
    const bool onShelf = m_places->currentIndex() == kShelfPlace;
    m_undoGroup->setActiveStack(inRack                                   ? &m_rackView->undoStack()
                                : onShelf                                ? &m_shelfPage->undoStack()
                                : m_places->currentIndex() == kShopPlace ? m_shopView->undoStack()
                                : m_session                              ? &m_session->undoStack()
                                                                         : nullptr);
}

void MainWindow::showPapers(PaperKind kind) {
    if (!hasJob()) return;
    m_places->setCurrentIndex(kPapersPlace);
    m_papers->open(m_session.get(), kind);
    showHeader();
}

void MainWindow::backToJob() {
    m_places->setCurrentIndex(kJobPlace);
    m_jobView->go(m_jobView->current());
    showHeader();
}

void MainWindow::showHeader() {
    const int place = m_places->currentIndex();
    const bool inJob = (place == kJobPlace || place == kArrangementPlace) && m_session;
    m_title->setText(place == kRackPlace                                ? tr("Rack")
                     : place == kPracticePlace || place == kLessonPlace ? tr("Practice")
                     : place == kLogPlace                               ? tr("Log")
                     : place == kDayPlace                               ? tr("Day")
                     : place == kTakeInPlace                            ? tr("From another shop")
                     : place == kHelpPlace                              ? tr("Help")
                     : place == kStartPlace               ? (m_shop.isOpen() ? tr("New job") : tr("Brisk Arbor"))
                     : place == kDetailsPlace             ? tr("Job details")
                     : place == kShopPlace                ? tr("This shop")
                     : place == kPapersPlace && m_session ? tr("Papers of %1").arg(q(m_session->job().id))
                     : inJob                              ? q(m_session->job().title)
                                                          : tr("Jobs"));
    const auto jobs = m_shelf->count() == 1 ? tr(" · one job") : tr(" · %1 jobs").arg(m_shelf->count());
    m_subtitle->setText(inJob              ? q(m_session->job().id) + " · " + q(m_session->job().customer)
                        : !m_shop.isOpen() ? tr("no shop open yet")
                                           : m_shop.folder().dirName() + (place == kShelfPlace ? jobs : QString()));
    m_alarms->follow(m_session.get(), m_shop.isOpen() ? &m_shop.jobs() : nullptr);
    m_units->setText(inJob ? q(m_session->display().unitsLine()) : QString());
    const auto muted = QStringLiteral("color:%1").arg(theme::roles().muted.name());
    m_subtitle->setStyleSheet(muted);
    m_units->setStyleSheet(muted);
}

QString MainWindow::openedPath() const {
    const bool onShelf = m_places->currentIndex() == kShelfPlace;
    return m_session && !onShelf ? q(m_session->path()) : m_shop.isOpen() ? m_shop.folder().path() : QString();
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
    m_alarms->look();
    update();
}

void MainWindow::toggleUnits() {
    if (m_session && m_places->currentIndex() == kJobPlace)
        m_session->edit(tr("Change units"), [](job::Job& j) {
            j.units = j.units == job::Units::Metric ? job::Units::Inch : job::Units::Metric;
        });
}

void MainWindow::chooseLanguage(const QString& code) {
    if (!mayLeaveJob()) return;
    m_around.settings->setValue(kLanguageSetting, code);
    emit remakeWanted();
}

} // namespace arbor::ui
