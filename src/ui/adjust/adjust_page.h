#pragma once

#include "ui/stations/station_page.h"

#include <functional>

class QScrollArea;

namespace arbor::ui {

class EntrySheet;
class NutDrawing;
class SettingMethodBars;

/// End play of an opposed pair: the nut with the places it can be locked at, or the spacer that sets it; what each
/// setting method gives; the guided steps on the slip.
class AdjustPage : public StationPage {
    Q_OBJECT
public:
    explicit AdjustPage(QWidget* parent = nullptr);
    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    QString keys() const override;
    bool act() override;
    QWidget* firstFocus() override;

private:
    using Change = std::function<void(job::Adjust&)>;
    void edit(const QString& text, const Change& change);
    void buildSheet();
    void addPlay();
    void addNut();
    void addSpacer();
    void addWork();
    void addGrease();
    /// A number of the job that is typed as it is kept. @param unit  how much one typed is of it
    void addNumber(const QString& name, const QString& label, double job::Adjust::*field, const Interval& allowed,
                   const QString& unit, double typed = 1);

    JobSession* m_session = nullptr;
    NutDrawing* m_drawing;
    SettingMethodBars* m_bars;
    QScrollArea* m_scroll;
    EntrySheet* m_sheet = nullptr;
    std::vector<adjust::PlayBand> m_bands; ///< that the sheet was built with
};

} // namespace arbor::ui
