// What the window can be asked to do, with its keys.
#include "io/logging.h"
#include "language/catalogue.h"
#include "ui/alarm/alarms.h"
#include "ui/calc/calc_box.h"
#include "ui/instruments/stand_in.h"
#include "ui/rack/rack_view.h"
#include "ui/report/papers_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/shell/palette.h"
#include "ui/shop/shop_view.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QAction>
#include <QFileInfo>
#include <QLineEdit>
#include <QMenu>
#include <QStackedWidget>
#include <QUndoGroup>

namespace arbor::ui {

QAction* MainWindow::addCommand(QMenu* menu, const Command& command) {
    auto* action = menu->addAction(QString(command.text).replace('&', "&&"));
    action->setObjectName(command.name);
    action->setShortcut(command.keys);
    addAction(action);
    if (command.act) connect(action, &QAction::triggered, this, command.act);
    connect(action, &QAction::triggered, this, [name = command.text] { qCInfo(actionLog) << name; });
    return action;
}

/// In groups that a window of 700 pixels holds.
void MainWindow::buildActions() {
    m_menu = new QMenu(this);
    m_menu->setObjectName("mainMenu");
    addCommand(m_menu, {tr("Jobs"), Qt::CTRL | Qt::Key_L, [this] { showShelf(); }, "actionShelf"});
    addCommand(m_menu, {tr("New job…"), QKeySequence::New, [this] { showStart(); }, "actionNew"});
    addCommand(m_menu, {tr("Job details"), Qt::Key_F4, [this] { showDetails(); }, "actionDetails"});
    addCommand(m_menu, {tr("Open folder…"), QKeySequence::Open, [this] { chooseFolder(); }});
    addCommand(m_menu,
               {tr("Back up this shop…"), Qt::CTRL | Qt::SHIFT | Qt::Key_B, [this] { askBackup(); }, "actionBackup"});
    addCommand(m_menu, {tr("Take back a backup…"), Qt::CTRL | Qt::SHIFT | Qt::Key_O, [this] { askRestore(); },
                        "actionRestore"});
    addCommand(m_menu, {tr("Import job…"), Qt::CTRL | Qt::Key_I, [this] { chooseJobToTakeIn(); }});
    auto* recent = m_menu->addMenu(tr("Recent jobs"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { fillRecent(recent); });
    m_menu->addSeparator();
    m_undo = addCommand(m_menu, {tr("Undo"), QKeySequence::Undo, [this] { m_undoGroup->undo(); }});
    m_redo = addCommand(m_menu, {tr("Redo"), Qt::CTRL | Qt::SHIFT | Qt::Key_Z, [this] { m_undoGroup->redo(); }});
    followUndo();
    m_menu->addSeparator();
    addCommand(m_menu, {tr("Go to…"), Qt::CTRL | Qt::Key_J, [this] { showPalette(); }, "actionPalette"});
    buildJobActions(m_menu->addMenu(tr("This job")));
    buildShopActions(m_menu->addMenu(tr("This shop")));
    buildPaperActions(m_menu->addMenu(tr("Papers")));
    buildPracticeActions(m_menu->addMenu(tr("Practice")));
    addCommand(m_menu, {tr("Bench calculator"), Qt::Key_F2, [this] { showCalculator(); }, "actionCalculator"});
    addCommand(m_menu, {tr("Day"), Qt::CTRL | Qt::Key_D, [this] { showDay(); }, "actionDay"});
    addCommand(m_menu, {tr("Log"), Qt::CTRL | Qt::Key_F, [this] { showLog(); }, "actionLog"});
    m_menu->addSeparator();
    buildLooks(m_menu->addMenu(tr("Looks")));
    addCommand(m_menu, {tr("Help"), Qt::Key_F1, [this] { showHelp(); }, "actionHelp"});
    addCommand(m_menu, {tr("Quit"), Qt::CTRL | Qt::Key_Q, [this] { close(); }});
}

void MainWindow::buildShopActions(QMenu* menu) {
    using Section = ShopView::Section;
    const auto section = [&](const QString& text, const QKeySequence& keys, Section which, const char* name) {
        addCommand(menu, {text, keys, [this, which] { showShop(which); }, name});
    };
    addCommand(menu, {tr("Rack"), Qt::CTRL | Qt::Key_R, [this] { showRack(); }, "actionRack"});
    section(tr("Presses of this shop"), Qt::CTRL | Qt::SHIFT | Qt::Key_R, Section::Presses, "actionPresses");
    section(tr("Heat and cold of this shop"), {}, Section::Heat, "actionHeat");
    section(tr("Gauges of this shop"), {}, Section::Gauges, "actionGauges");
    section(tr("People of this shop"), {}, Section::People, "actionPeople");
    section(tr("Prices of this shop"), {}, Section::Prices, "actionPrices");
    section(tr("Materials of this shop"), Qt::CTRL | Qt::SHIFT | Qt::Key_M, Section::Materials, "actionMaterials");
    section(tr("Bearings of this shop"), {}, Section::Bearings, "actionBearings");
    section(tr("End play of this shop"), Qt::CTRL | Qt::Key_B, Section::EndPlay, "actionBands");
    section(tr("Friction of this shop"), Qt::CTRL | Qt::Key_M, Section::Friction, "actionFriction");
    section(tr("Instruments"), Qt::CTRL | Qt::Key_H, Section::Instruments, "actionInstruments");
    section(tr("This bench: texts, big view, alarms"), Qt::CTRL | Qt::SHIFT | Qt::Key_H, Section::Bench, "actionBench");
    addCommand(menu, {tr("Acknowledge the alarm"), Qt::Key_F10, [this] { acknowledgeAlarm(); }, "actionAcknowledge"});
    addCommand(menu, {tr("Mute this alarm"), Qt::SHIFT | Qt::Key_F10, [this] { m_alarms->mute(); }, "actionMute"});
    addCommand(menu, {tr("Stand-in: work its ram, push its button"), Qt::CTRL | Qt::SHIFT | Qt::Key_G,
                      [this] { workStandIn(); }, "actionStandIn"});
}

/// The one of the station in sight; elsewhere each that runs.
void MainWindow::workStandIn() {
    const bool inJob = m_session && m_places->currentIndex() == kJobPlace;
    const auto station = m_jobView->current();
    for (const auto which : kInstruments) {
        const bool wanted = !inJob || (which == Instrument::Press && station == job::Station::Press) ||
                            (which == Instrument::BoreGauge && station == job::Station::Measure) ||
                            (which == Instrument::Indicator && station == job::Station::Seat);
        if (wanted) m_standIns->act(which);
    }
}

void MainWindow::buildPaperActions(QMenu* menu) {
    addCommand(menu, {tr("Route card"), Qt::CTRL | Qt::Key_P, [this] { showPapers(PaperKind::Card); }, "actionCard"});
    addCommand(menu, {tr("Job report"), Qt::CTRL | Qt::SHIFT | Qt::Key_P, [this] { showPapers(PaperKind::Report); },
                      "actionReport"});
    addCommand(menu, {tr("Job label"), Qt::CTRL | Qt::Key_E, [this] { showPapers(PaperKind::Label); }, "actionLabel"});
    addCommand(menu, {tr("Quote"), {}, [this] { showPapers(PaperKind::Quote); }, "actionQuote"});
    addCommand(menu, {tr("Invoice"), {}, [this] { showPapers(PaperKind::Invoice); }, "actionInvoice"});
    addCommand(menu, {tr("Page for the customer"), {}, [this] { showPapers(PaperKind::Customer); }, "actionCustomer"});
    addCommand(menu,
               {tr("Inspections due"), {}, [this] { showShopPapers(PaperKind::Inspections); }, "actionInspections"});
    buildPhotoActions(menu);
}

void MainWindow::buildPracticeActions(QMenu* menu) {
    addCommand(menu, {tr("Tour: one press, by your own hands"), {}, [this] { startTour(); }, "actionTour"});
    addCommand(menu, {tr("Practice press"), Qt::CTRL | Qt::Key_T, [this] { showPractice(); }, "actionPractice"});
    addCommand(
        menu, {tr("Practice a whole job"), Qt::CTRL | Qt::SHIFT | Qt::Key_T, [this] { showLesson(); }, "actionLesson"});
}

void MainWindow::buildLooks(QMenu* menu) {
    addCommand(menu, {tr("Big view"), Qt::Key_F11, [this] { toggleBig(); }, "actionBig"});
    auto* night = addCommand(menu, {tr("Dark theme"), Qt::CTRL | Qt::SHIFT | Qt::Key_N, {}, "actionNight"});
    night->setCheckable(true);
    night->setChecked(theme::variant() == theme::Variant::Night);
    connect(night, &QAction::triggered, this, &MainWindow::setNight);
    addCommand(menu,
               {tr("Inch or metric"), Qt::CTRL | Qt::SHIFT | Qt::Key_I, [this] { toggleUnits(); }, "actionUnits"});
    buildLanguages(menu->addMenu(tr("Language")));
}

/// Every command with its key, every job of the shop, every tool of its rack.
void MainWindow::showPalette() {
    std::vector<Palette::Entry> entries;
    for (auto* action : findChildren<QAction*>()) {
        const auto text = action->text().replace("&&", "&");
        if (text.isEmpty() || action->menu() || !action->isEnabled() || !actions().contains(action)) continue;
        entries.push_back(
            {text, action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
    if (m_shop.isOpen()) {
        for (const auto& job : m_shop.jobs().jobs())
            entries.push_back({q(job.id + " " + job.title), tr("job"), [this, path = q(job.path)] { openJob(path); }});
        for (const auto& tool : m_shop.tables()->rack.tools)
            entries.push_back({q(tool.id + " " + tool.name), tr("tool"), [this, id = tool.id] {
                                   showRack();
                                   m_rackView->choose(q(id));
                               }});
    }
    m_palette->open(std::move(entries));
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
    const auto inJob = [this] { return m_session && m_places->currentIndex() == kJobPlace; };
    int number = 1;
    for (const auto station : job::kStations)
        addCommand(menu, {q(words::stationTitle(station)), QKeySequence(QStringLiteral("Ctrl+%1").arg(number++ % 10)),
                          [this, station] {
                              if (!hasJob()) return;
                              m_places->setCurrentIndex(kJobPlace);
                              m_jobView->go(station);
                          }});
    addCommand(menu, {tr("New revision of this job"), Qt::CTRL | Qt::SHIFT | Qt::Key_E,
                      [this] {
                          if (!hasJob()) return;
                          m_places->setCurrentIndex(kJobPlace);
                          m_jobView->go(job::Station::Close);
                          findChild<QLineEdit*>(m_session->isLocked() ? "reviseWho" : "releasedBy")->setFocus();
                      },
                      "actionRevision"});
    menu->addSeparator();
    const auto step = [&](const QString& text, const QKeySequence& keys, int by) {
        addCommand(menu, {text, keys, [this, inJob, by] {
                              if (inJob()) m_jobView->goBy(by);
                          }});
    };
    step(tr("Next station"), Qt::Key_PageDown, 1);
    step(tr("Previous station"), Qt::Key_PageUp, -1);
    const auto press = [&](const QString& text, const QKeySequence& keys, int by) {
        addCommand(menu, {text, keys, [this, inJob, by] {
                              if (inJob()) m_session->lookBy(by);
                          }});
    };
    press(tr("Next pressed step"), Qt::ALT | Qt::Key_Right, 1);
    press(tr("Previous pressed step"), Qt::ALT | Qt::Key_Left, -1);
    menu->addSeparator();
    addCommand(menu, {tr("Arrangement"), Qt::CTRL | Qt::Key_G, [this] { showArrangement(); }, "actionArrangement"});
    auto* act = addCommand(menu, {tr("Next action"), Qt::CTRL | Qt::Key_Return,
                                  [this, inJob] {
                                      if (m_calculator->isVisible()) return m_calculator->makeJob();
                                      if (inJob()) m_jobView->takeAction();
                                  },
                                  "actionSlip"});
    act->setShortcuts({QKeySequence(Qt::CTRL | Qt::Key_Return), QKeySequence(Qt::Key_F9)});
}

/// Each language calls itself by its own name, so that one who chose a wrong one finds back.
void MainWindow::buildLanguages(QMenu* menu) {
    menu->setObjectName("languageMenu");
    const auto now = m_around.settings->value(kLanguageSetting).toString();
    const auto offer = [&](const QString& name, const QString& code) {
        auto* action = menu->addAction(name, this, [this, code] { chooseLanguage(code); });
        action->setObjectName("language_" + code);
        action->setCheckable(true);
        action->setChecked(code == now);
    };
    offer(tr("As the desktop"), {});
    for (const auto& language : language::kShipped)
        offer(language.name, language.code);
}

void MainWindow::fillRecent(QMenu* menu) {
    menu->clear();
    for (const auto& path : m_around.settings->value("recent").toStringList())
        if (QFileInfo::exists(path))
            menu->addAction(QFileInfo(path).fileName(), this, [this, path] { openPath(path); });
    if (menu->isEmpty()) menu->addAction(tr("none yet"))->setEnabled(false);
}

} // namespace arbor::ui
