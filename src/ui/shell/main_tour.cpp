// The tour: one press of one job of the demo shop, by the reader's own hands.
#include "io/shipped_data.h"
#include "ui/bench/bench_view.h"
#include "ui/instruments/stand_in.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/text.h"
#include "ui/tour/tour.h"
#include "words/sentences.h"

#include <QDir>
#include <QStackedWidget>
#include <QStandardPaths>
#include <memory>

namespace arbor::ui {

namespace {

constexpr const char* kTourSetting = "tour_offered";

} // namespace

/// Once: who does not want it is not asked again.
void MainWindow::offerTour() {
    if (m_around.settings->value(kTourSetting, false).toBool()) return;
    m_around.settings->setValue(kTourSetting, true);
    m_tour->offer(tr("Six stops, five minutes: a bearing is pressed home by your own hands, on a copy of the demo "
                     "shop. It can be left at any time, and lies under Menu, Practice."));
}

/// On a fresh copy: nothing of anybody's is touched, and the shop that was open is open again afterwards.
void MainWindow::startTour() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/brisk-arbor/tour-shop");
    if (m_session && !mayLeaveJob()) return;
    if (!m_tour->isRunning()) m_beforeTour = m_shop.isOpen() ? m_shop.folder().path() : QStringLiteral("");
    leaveJob();
    QDir(folder).removeRecursively();
    if (const auto copied = io::copyDemoShop(folder.path().toStdString()); !copied)
        return showTrouble(q(words::say(copied.error())));
    openPath(folder.path());
    m_tour->start(tourStops());
}

void MainWindow::leaveTour() {
    if (m_beforeTour.isNull()) return;
    m_standIns->stop(Instrument::Press);
    const auto before = std::exchange(m_beforeTour, QString());
    if (!before.isEmpty() && before != m_shop.folder().path()) openPath(before);
}

std::vector<Tour::Stop> MainWindow::tourStops() {
    using job::Station;
    const auto at = [this](Station station) {
        return m_session && m_places->currentIndex() == kJobPlace && m_jobView->current() == station;
    };
    auto tried = std::make_shared<bool>(false); // another sleeve
    return {
        {tr("A job"),
         tr("These are the jobs of a shop. The arrows choose one, Enter opens it: take the seamer turret."),
         [this] { return m_session != nullptr; }},
        {tr("Its order of work"),
         tr("Left is the order of work, as the parts allow it, with a mark where something is done or stops. The "
            "bearing is to go into its housing now. Ctrl+5 shows what it is pressed with."),
         [at] { return at(Station::Tooling); }},
        {tr("Set up"),
         tr("Sleeve, support and stroke are chosen from the rack, and the thick line proves where the force goes. The "
            "right arrow tries another sleeve; watch the line. Escape takes the proven one again."),
         [this, tried] {
             const bool own = m_session && m_session->record().overrides.driver.has_value();
             *tried = *tried || own;
             return *tried && !own;
         }},
        {tr("Warm"), tr("Ctrl+6: how hot, how long, and what must not get so hot. Today it goes in cold: press C."),
         [this] { return m_session && m_session->record().heat.pressCold; }},
        {tr("Press"),
         tr("Ctrl+7: the band is what this seat should take. A stand-in press is connected. Space records, "
            "Ctrl+Shift+G works the ram; when the card says it is home, Space keeps what was recorded."),
         [this] { return m_session && !m_session->record().traceFile.empty(); },
         [this] { m_standIns->start(Instrument::Press, m_session.get()); }},
        {tr("Prove"),
         tr("Ctrl+8: is it home, is it square? Type the depth at three places or more, each with Enter: what home is "
            "stands beside the clock."),
         [this] { return m_session && m_session->record().readings.readings.size() >= 3; }}};
}

} // namespace arbor::ui
