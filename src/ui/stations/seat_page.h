#pragma once

#include "device/line_client.h"
#include "ui/stations/station_page.h"

#include <functional>
#include <optional>

class QComboBox;
class QLabel;
class QLineEdit;

namespace arbor::ui {

class ProofSheet;
class RimChart;
class SeatClock;

/// Readings on a clock face, the fitted plane round the rim, the verdict on the slip.
class SeatPage : public StationPage {
    Q_OBJECT
public:
    /// @param line  of the indicator, whoever else listens to it
    explicit SeatPage(device::LineClient& line, QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;
    Result<void> takePhoto(JobSession& session, const std::string& file) override { return session.attachProof(file); }
    Far far() const override;

protected:
    void keyPressEvent(QKeyEvent*) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    bool look(bool good); ///< takes the next look; false: nothing is left to look at
    void buildChoice();
    void placeChoice();
    const plan::RingPlan* ring() const; ///< that the step in hand puts in; null: it comes out, or is not worked out
    using Change = std::function<void(job::SeatReadings&)>;
    void edit(const QString& text, const Change& change);
    void takeHome();
    void startOver(); ///< another ring is read
    void showRim(const seating::SeatingInput& in);
    QLayout* buildLine();
    void showLine();
    void hear(const QString& line);
    void enter(double angle_deg, const QString& typed);

    JobSession* m_session = nullptr;
    SeatClock* m_clock;
    RimChart* m_rim;
    ProofSheet* m_proof;
    QComboBox* m_kind;
    QLabel* m_homeLabel;
    QLineEdit* m_home; ///< depth by the drawing
    std::optional<job::StepKey> m_shown;
    QLineEdit* m_address;
    QLabel* m_lineState;
    device::LineClient& m_line; ///< of the indicator
    QString m_heardFrom;        ///< the gauge whose reading is being entered
};

} // namespace arbor::ui
