// Who is called, and by which job.
#include "ui/alarm/alarm_bar.h"
#include "ui/alarm/alarms.h"
#include "ui/alarm/clock_strip.h"
#include "ui/shell/job_view.h"
#include "ui/shell/main_window.h"
#include "ui/text.h"
#include "words/sentences.h"

#include <QStackedWidget>

namespace arbor::ui {

void MainWindow::buildAlarms() {
    auto sounder = m_around.sounder ? std::move(m_around.sounder) : makeSounder();
    m_alarms = new Alarms(*m_around.settings, std::move(sounder), m_around.clock, m_around.count, this);
    m_alarmBar = new AlarmBar(*m_alarms, this);
    connect(m_alarmBar, &AlarmBar::acknowledged, this, &MainWindow::acknowledgeAlarm);
    connect(m_alarmBar, &AlarmBar::goTo, this, &MainWindow::goToAlarm);
    connect(m_alarms, &Alarms::changed, this, [this] { m_clocks->show(m_alarms->all()); });
    connect(m_alarms, &Alarms::notHeard, this,
            [this] { showNotice(tr("This computer has no sound: alarms are only shown.")); });
}

void MainWindow::acknowledgeAlarm() {
    if (const auto kept = m_alarms->acknowledge(); !kept) showTrouble(q(words::say(kept.error())));
}

void MainWindow::goToAlarm(const QString& job) {
    openJob(job);
    if (m_session && q(m_session->path()) == job) m_jobView->go(job::Station::Warm);
}

} // namespace arbor::ui
