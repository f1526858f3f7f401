// What the window can be asked to do, with its keys.
#include "io/job_glance.h"
#include "language/catalogue.h"
#include "ui/calc/calc_box.h"
#include "ui/rack/rack_view.h"
#include "ui/report/job_report.h"
#include "ui/report/route_card.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/shell/palette.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QAction>
#include <QFileInfo>
#include <QMenu>
#include <QStackedWidget>
#include <QUndoGroup>

namespace arbor::ui {

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
    add(m_menu, tr("Jobs"), Qt::CTRL | Qt::Key_L, [this] { showShelf(); })->setObjectName("actionShelf");
    add(m_menu, tr("New job…"), QKeySequence::New, [this] { showStart(); })->setObjectName("actionNew");
    add(m_menu, tr("Job details"), Qt::Key_F4, [this] { showDetails(); })->setObjectName("actionDetails");
    add(m_menu, tr("Open folder…"), QKeySequence::Open, [this] { chooseFolder(); });
    add(m_menu, tr("Import job…"), Qt::CTRL | Qt::Key_I, [this] { chooseJobToTakeIn(); });
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
    add(m_menu, tr("Go to…"), Qt::CTRL | Qt::Key_J, [this] { showPalette(); })->setObjectName("actionPalette");
    add(m_menu, tr("Presses of this shop"), Qt::CTRL | Qt::SHIFT | Qt::Key_K, [this] {
        showPresses();
    })->setObjectName("actionPresses");
    add(m_menu, tr("Bench calculator"), Qt::Key_F2, [this] { showCalculator(); })->setObjectName("actionCalculator");
    add(m_menu, tr("Log"), Qt::CTRL | Qt::Key_F, [this] { showLog(); })->setObjectName("actionLog");
    add(m_menu, tr("Practice press"), Qt::CTRL | Qt::Key_T, [this] {
        showPractice();
    })->setObjectName("actionPractice");
    add(m_menu, tr("Practice a whole job"), Qt::CTRL | Qt::SHIFT | Qt::Key_T, [this] {
        showLesson();
    })->setObjectName("actionLesson");
    add(m_menu, tr("Friction of this shop"), Qt::CTRL | Qt::Key_M, [this] {
        showFriction();
    })->setObjectName("actionFriction");
    add(m_menu, tr("End play of this shop"), Qt::CTRL | Qt::Key_B, [this] {
        showBands();
    })->setObjectName("actionBands");
    add(m_menu, tr("Materials of this shop"), Qt::CTRL | Qt::SHIFT | Qt::Key_M, [this] {
        showMaterials();
    })->setObjectName("actionMaterials");
    add(m_menu, tr("Route card (PDF)"), Qt::CTRL | Qt::Key_P, [this] {
        printPaper("route-card", writeRouteCard);
    })->setObjectName("actionCard");
    add(m_menu, tr("Job report (PDF)"), Qt::CTRL | Qt::SHIFT | Qt::Key_P, [this] {
        printPaper("report", writeJobReport);
    })->setObjectName("actionReport");
    m_menu->addSeparator();
    auto* night = add(m_menu, tr("Dark theme"), Qt::CTRL | Qt::SHIFT | Qt::Key_N, [this](bool on) { setNight(on); });
    night->setObjectName("actionNight");
    night->setCheckable(true);
    night->setChecked(theme::variant() == theme::Variant::Night);
    add(m_menu, tr("Inch or metric"), Qt::CTRL | Qt::Key_U, [this] { toggleUnits(); });
    buildLanguages(m_menu->addMenu(tr("Language")));
    add(m_menu, tr("Help: terms"), Qt::Key_F1, [this] { showHelp(); })->setObjectName("actionHelp");
    m_menu->addSeparator();
    add(m_menu, tr("Quit"), Qt::CTRL | Qt::Key_Q, [this] { close(); });
}

/// Every command with its key, every job of the shop, every tool of its rack.
void MainWindow::showPalette() {
    std::vector<Palette::Entry> entries;
    for (auto* action : findChildren<QAction*>()) {
        const auto text = action->text().remove('&');
        if (text.isEmpty() || action->menu() || !action->isEnabled() || action->shortcut().isEmpty()) continue;
        entries.push_back(
            {text, action->shortcut().toString(QKeySequence::NativeText), [action] { action->trigger(); }});
    }
    if (m_shop.isOpen()) {
        for (const auto& job : io::glanceOver(m_shop.folder().path().toStdString()))
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
    step(tr("Previous station"), Qt::Key_PageUp, -1);
    const auto press = [&](const QString& text, const QKeySequence& keys, int by) {
        auto* action = menu->addAction(text);
        action->setShortcut(keys);
        addAction(action);
        connect(action, &QAction::triggered, this, [this, by] {
            if (m_session && m_places->currentIndex() == kJobPlace) m_session->lookBy(by);
        });
    };
    press(tr("Next pressed step"), Qt::CTRL | Qt::Key_Right, 1);
    press(tr("Previous pressed step"), Qt::CTRL | Qt::Key_Left, -1);
    auto* act = menu->addAction(tr("Next action"));
    act->setObjectName("actionSlip");
    act->setShortcuts({QKeySequence(Qt::CTRL | Qt::Key_Return), QKeySequence(Qt::Key_F9)});
    addAction(act);
    connect(act, &QAction::triggered, this, [this] {
        if (m_calculator->isVisible()) return m_calculator->makeJob();
        if (m_session && m_places->currentIndex() == kJobPlace) m_jobView->takeAction();
    });
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
