#pragma once

#include "ui/stations/station_page.h"

namespace arbor::ui {

class BenchView;
class RackShelf;

/// The setup on the bench with its force path, the rack below. Left and right change the sleeve, up and down the
/// support.
class ToolingPage : public StationPage {
    Q_OBJECT
public:
    explicit ToolingPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void tryDriver(const QString& toolId);
    void stepSupport(int by);
    void backToProgram();

    JobSession* m_session = nullptr;
    BenchView* m_bench;
    RackShelf* m_rack;
};

} // namespace arbor::ui
