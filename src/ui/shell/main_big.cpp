// The step in hand read from two metres: in this window, and by itself on a second screen.
#include "io/logging.h"
#include "ui/alarm/alarms.h"
#include "ui/big/big_view.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/shop/bench_page.h"
#include "ui/slip/slip.h"

#include <QGuiApplication>
#include <QScreen>
#include <QStackedWidget>

namespace arbor::ui {

void MainWindow::buildBig() {
    connectBig(m_big);
    connect(m_big, &BigView::left, this, &MainWindow::toggleBig);
    connect(m_jobView, &JobView::shown, this, &MainWindow::showBig);
    connect(m_alarms, &Alarms::changed, this, &MainWindow::showBig);
    connect(qApp, &QGuiApplication::screenAdded, this, &MainWindow::followScreens);
    connect(qApp, &QGuiApplication::screenRemoved, this, &MainWindow::followScreens);
}

void MainWindow::connectBig(BigView* view) {
    connect(view, &BigView::trodden, m_jobView, &JobView::tread);
    connect(view, &BigView::confirmed, m_jobView, &JobView::takeAction);
    connect(view, &BigView::marked, m_jobView, &JobView::mark);
    connect(view, &BigView::typed, m_jobView, &JobView::typeInto);
    connect(view, &BigView::stepped, m_jobView, &JobView::goBy);
}

void MainWindow::toggleBig() {
    const bool big = m_places->currentIndex() != kBigPlace;
    if (big && !hasJob()) return;
    if (!big) return backToJob();
    m_places->setCurrentIndex(kBigPlace);
    m_big->setFocus();
    showBig();
}

/// However one comes there, or leaves it: by its key, by a scanned label, to another place.
void MainWindow::followBig() {
    const bool big = m_places->currentIndex() == kBigPlace;
    if (m_header->isHidden() == big) return;
    m_header->setVisible(!big);
    m_jobView->standBehindBig(big);
    setWindowState(windowState().setFlag(Qt::WindowFullScreen, big));
}

void MainWindow::showBig() {
    if (!m_session) return m_farBig.reset();
    const bool here = m_places->currentIndex() == kBigPlace;
    if (!here && !m_farBig) return;
    auto scene = m_jobView->bigScene();
    scene.clocks = m_alarms->all();
    const int footKey = m_around.settings->value(BenchPage::kFootKey, 0).toInt();
    for (auto* view : {here ? m_big : nullptr, m_farBig.get()})
        if (view) {
            view->setFootKey(footKey);
            view->show(scene);
        }
}

/// A second screen shows it by itself, as long as a job is open; the keys stay with the window.
void MainWindow::followScreens() {
    const auto screens = QGuiApplication::screens();
    const bool wanted =
        screens.size() > 1 && m_session && m_around.settings->value(BenchPage::kSecondScreen, true).toBool();
    if (!wanted) return m_farBig.reset();
    if (m_farBig) return;
    m_farBig = std::make_unique<BigView>();
    connectBig(m_farBig.get());
    connect(m_farBig.get(), &BigView::left, m_farBig.get(), &QWidget::hide);
    const auto other = std::find_if(screens.begin(), screens.end(), [this](auto* s) { return s != screen(); });
    m_farBig->setAttribute(Qt::WA_ShowWithoutActivating);
    m_farBig->setGeometry((*other)->geometry());
    m_farBig->setWindowTitle(windowTitle());
    m_farBig->showFullScreen();
    qCInfo(actionLog) << "big view on the screen" << (*other)->name();
    showBig();
}

} // namespace arbor::ui
