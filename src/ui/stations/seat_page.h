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
    explicit SeatPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    SlipModel slip() const override;
    bool act() override;
    QWidget* firstFocus() override;

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    bool look(bool good); ///< takes the next look; false: nothing is left to look at
    void buildChoice();
    void choose(const std::optional<job::SeatKey>& ring);
    const plan::OtherRing* ring() const;     ///< null: the one this job is about
    const seat::SeatingInput& input() const; ///< of the ring that is chosen
    const seat::Seating* seating() const;    ///< null: not worked out
    using Change = std::function<void(job::SeatReadings&)>;
    void edit(const QString& text, const Change& change);
    void editCard(const QString& text, const plan::OtherRing& other, const std::function<void(job::RingCard&)>& change);
    void takeHome();
    void fillChoice();
    void showRim();
    QLayout* buildLine();
    void hear(const QString& line);
    void enter(double angle_deg, const QString& typed);

    JobSession* m_session = nullptr;
    SeatClock* m_clock;
    RimChart* m_rim;
    ProofSheet* m_proof;
    QComboBox* m_rings; ///< which ring is read
    QComboBox* m_kind;
    QLabel* m_homeLabel;
    QLineEdit* m_home; ///< depth by the drawing, of another ring
    std::optional<job::SeatKey> m_ring;
    QLineEdit* m_address;
    QLabel* m_lineState;
    device::LineClient m_line; ///< of the indicator
};

} // namespace arbor::ui
