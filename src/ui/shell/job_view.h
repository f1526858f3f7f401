#pragma once

#include "core/plan/job_route.h"
#include "ui/big/big_view.h"
#include "ui/session/job_session.h"

#include <QWidget>
#include <map>

class QScrollArea;
class QStackedWidget;

namespace arbor::ui {

class Instruments;
class RouteRule;
class Slip;
class StationPage;
class StepBar;

/// One open job: route rule, the page of the current station, slip.
class JobView : public QWidget {
    Q_OBJECT
public:
    explicit JobView(Instruments& instruments, QWidget* parent = nullptr);

    void open(JobSession* session);
    void go(job::Station station); ///< of the job, or of the step in hand
    void goBy(int stations);       ///< along the route, through every station of every step
    job::Station current() const { return m_current; }
    Slip* slip() { return m_slip; }
    void takeAction();
    BigScene bigScene() const;                       ///< what the card says, to be read from far
    void tread();                                    ///< on the foot switch: what it may do, it does
    void mark();                                     ///< what moves
    Result<void> takePhoto(const std::string& file); ///< of what is in hand
    void standBehindBig(bool behind);
    void typeInto(QKeyEvent* event);       ///< the page in hand, from the big view before it
    void sayDelivery(const QString& line); ///< of the records to the logbook, where the job is closed
    /// Redraws after the theme changed.
    void refresh();

signals:
    void trouble(const QString& text);
    void toolMade(const catalog::Tool& tool);
    void shown();              ///< the card says something else, perhaps
    void stopSign(bool shown); ///< of the press

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    StationPage* page(); ///< of the current station, made when it is first wanted
    plan::Place here() const;
    void take(plan::Place place); ///< by value: the rule it comes from is drawn anew meanwhile
    void showRule();
    void showSlip();

    Instruments& m_instruments;
    JobSession* m_session = nullptr;
    RouteRule* m_rule;
    QScrollArea* m_ruleScroll;
    StepBar* m_bar;
    QStackedWidget* m_pages;
    Slip* m_slip;
    std::map<job::Station, StationPage*> m_pageOf;
    QString m_delivery;
    bool m_behindBig = false;
    job::Station m_current = job::Station::Fit;
};

} // namespace arbor::ui
