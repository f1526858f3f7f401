#pragma once

#include "ui/stations/station_page.h"

class QComboBox;
class QStackedWidget;

namespace arbor::ui {

class AsFoundCard;

class BenchView;
class RackShelf;
class TurnPanel;

/// The step that is looked at: its setup on the bench with the force path, the rack below, or the tool to be turned.
/// Left and right change the sleeve, up and down the support; W another way, T turns one.
class ToolingPage : public StationPage {
    Q_OBJECT
public:
    explicit ToolingPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;
    Far far() const override;
    void showTurning(bool on);

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QWidget* buildHead();
    void fillHead();
    void fillMeans();
    void takeMeans(int row);
    void takeWay(int way);
    const plan::StepSetup* way() const;
    void overrides(const QString& text, const QString& mergeKey,
                   const std::function<void(job::StepOverrides&)>& change);
    void tryDriver(const QString& toolId);
    void stepSupport(int by);
    void backToProgram();

    JobSession* m_session = nullptr;
    QComboBox* m_means;
    QComboBox* m_ways;
    BenchView* m_bench;
    QStackedWidget* m_below;
    RackShelf* m_rack;
    AsFoundCard* m_asFound;
    TurnPanel* m_turn;
    std::size_t m_way = 0;
    std::string m_wayOf; ///< the step that it belongs to
};

} // namespace arbor::ui
