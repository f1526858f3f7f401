#pragma once

#include "core/route/order.h"
#include "ui/stations/station_page.h"
#include "words/order_words.h"

class QComboBox;
class QMenu;
class QPushButton;
class QScrollArea;

namespace arbor::ui {

class BenchView;
class FoundSheet;
class StepList;
class WayRoundPicture;

/// Taking the arrangement apart and putting it together: the order line by line with its ticks, the section as it then
/// stands, what to do about the tight ring. Any line may be tried out of turn; what it would shut in or out is said
/// instead of being done.
class StripPage : public StationPage {
    Q_OBJECT
public:
    explicit StripPage(QWidget* parent = nullptr);

    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;
    Result<void> takePhoto(JobSession& session, const std::string& file) override;
    Far far() const override;

    const std::vector<words::WorkLine>& lines() const { return m_lines; }
    std::size_t current() const { return m_current; }
    bool together() const { return m_together; }

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* buildSide();
    QMenu* asFoundMenu();
    void showAsFound();
    void setTogether(bool together);
    void go(std::size_t line);
    void goToNext();
    void showSection();
    void toggle();
    void seeWayRound();
    void leaveWhereItIs(); ///< or not
    void chooseMethod();   ///< the next that applies to the ring of this step
    bool sound() const;
    words::StripStand stand() const;                                    ///< where the work stands at the chosen line
    const arrangement::Part* partOf(const words::WorkLine& line) const; ///< when one part moves alone

    JobSession* m_session = nullptr;
    std::vector<words::WorkLine> m_lines;
    std::size_t m_current = 0;
    bool m_together = false;
    StepList* m_list;
    QScrollArea* m_scroll;
    BenchView* m_bench;
    WayRoundPicture* m_wayRound;
    FoundSheet* m_found; ///< of the part that is to leave
    QPushButton* m_direction;
    QComboBox* m_rust;
    QPushButton* m_asFound;
};

} // namespace arbor::ui
