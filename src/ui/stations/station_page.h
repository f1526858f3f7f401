#pragma once

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
    /// Where the records are, on the way to the logbook; empty: there is nothing to say.
    virtual void sayDelivery(const QString&) {}

signals:
    void slipChanged();
    void trouble(const QString& text);        ///< shown in the header line, stays until the next good step
    void toolMade(const catalog::Tool& tool); ///< it goes on the shop's rack
};

} // namespace arbor::ui
