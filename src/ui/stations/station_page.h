#pragma once

#include "ui/bench/bench_scene.h"
#include "ui/session/job_session.h"
#include "words/sheets/sheets.h"

#include <QWidget>

namespace arbor::ui {

/// The middle of the window for one station. The slip beside it is made from the same session.
class StationPage : public QWidget {
    Q_OBJECT
public:
    using QWidget::QWidget;

    /// Shows a job; nullptr empties the page.
    virtual void open(JobSession* session) = 0;
    virtual void refresh() = 0;
    virtual words::Sheet sheet() const = 0;
    /// Which keys do what here, under the next action.
    virtual QString keys() const { return tr("Ctrl+Enter goes on."); }
    /// The one next action of the slip. @return true when the job should go on to its next station
    virtual bool act() = 0;
    /// Where the keyboard goes when the station is entered.
    virtual QWidget* firstFocus() = 0;
    /// What is seen of it from two metres, beside its sheet.
    struct Far {
        BenchScene bench;
        QString entry;       ///< the place that is read, and what is typed there; empty: nothing is
        bool moving = false; ///< a ring: then it is stopped or marked, and nothing else
    };
    virtual Far far() const { return {}; }
    virtual void mark() {} ///< what moves, where it is now
    /// It is seen, or stands behind the big view: instruments speak to it. Behind the list of jobs they do not.
    bool isInHand() const { return isVisible() || m_behindBig; }
    void setBehindBig(bool behind) { m_behindBig = behind; }
    /// A photo that is taken while one stands here: of the job as it was found, where a page has nothing nearer.
    virtual Result<void> takePhoto(JobSession& session, const std::string& file) { return session.attachPhoto(file); }
    /// Where the records are, on the way to the logbook; empty: there is nothing to say.
    virtual void sayDelivery(const QString&) {}

signals:
    void slipChanged();
    void trouble(const QString& text);        ///< shown in the header line, stays until the next good step
    void toolMade(const catalog::Tool& tool); ///< it goes on the shop's rack
    void stopSign(bool shown);                ///< the press shows one that is certain; or it is another press

private:
    bool m_behindBig = false;
};

} // namespace arbor::ui
