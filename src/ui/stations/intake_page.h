#pragma once

#include "ui/stations/station_page.h"

#include <map>
#include <string>

class QCheckBox;
class QGridLayout;

namespace arbor::ui {

class BenchView;
class EntrySheet;
class PictureRow;

/// What is wrong, what was felt and heard, and whether everything lies on the bench before it is stripped.
class IntakePage : public StationPage {
    Q_OBJECT
public:
    explicit IntakePage(QWidget* parent = nullptr);

    void open(JobSession* session) override;
    void refresh() override;
    words::Sheet sheet() const override;
    bool act() override;
    QWidget* firstFocus() override;

    /// Copies a picture beside the job and lists it.
    void attachPhoto(const QString& file);

private:
    QWidget* buildKit();
    QWidget* buildPhotos();
    void buildSheet();
    void choosePhoto();
    void showKit();
    void showSection();

    JobSession* m_session = nullptr;
    EntrySheet* m_sheet;
    BenchView* m_bench;
    QWidget* m_kit;
    QGridLayout* m_kitGrid;
    std::map<std::string, QCheckBox*> m_boxes; ///< by kit line
    PictureRow* m_photos;
};

} // namespace arbor::ui
