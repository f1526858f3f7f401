#pragma once

#include "core/tooling/turned.h"
#include "ui/session/job_session.h"

#include <QWidget>
#include <optional>

class QLabel;
class QPushButton;

namespace arbor::ui {

class DrawingPicture;
class EntrySheet;

/// The tool to be turned for the step that is looked at: its sizes to change, its drawing, its proof; drawings written
/// beside the job, the tool put on the rack.
class TurnPanel : public QWidget {
    Q_OBJECT
public:
    explicit TurnPanel(QWidget* parent = nullptr);
    void open(JobSession* session);
    void refresh();
    void begin(); ///< puts the cursor where typing starts
    const std::optional<tooling::TurnedSleeve>& sleeve() const { return m_sleeve; }

signals:
    void toolMade(const catalog::Tool& tool);
    void finished();
    void trouble(const QString& text);

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void buildSheet();
    void addSize(const char* name, const QString& label, std::optional<double> tooling::TurnOverrides::*overrides,
                 double catalog::Tool::*made);
    void writeDrawing(const QString& ending);
    void putOnRack();
    QString verdict() const;

    JobSession* m_session = nullptr;
    EntrySheet* m_sheet;
    DrawingPicture* m_picture;
    QLabel* m_verdict;
    QPushButton* m_take;
    std::vector<QPushButton*> m_writers;
    std::optional<tooling::TurnedSleeve> m_sleeve;
    QString m_refused;
};

} // namespace arbor::ui
