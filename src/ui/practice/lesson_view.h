#pragma once

#include "mistakes/lesson.h"
#include "words/sheet.h"

#include <QWidget>
#include <future>
#include <memory>
#include <random>

class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QScrollArea;
class QSettings;
class QStackedWidget;
class QTimer;

namespace arbor::ui {

class BenchView;
class ForceChart;
class Slip;

/// A whole job with one hidden mistake, worked in front of somebody who practises: on with Enter, or stop with the
/// letter of the reason; some things he chooses himself, by their number. What the program makes of it is told
/// afterwards. The score is kept by name and family.
class LessonView : public QWidget {
    Q_OBJECT
public:
    /// @param settings  must outlive the view
    explicit LessonView(QSettings& settings, QWidget* parent = nullptr);

    void open(const tables::Tables& tables); ///< goes on with the job that stands there
    void begin(std::uint32_t seed);          ///< another job; it is made beside, and shown when it is there
    bool isMaking() const { return m_coming.valid(); }
    const mistakes::LessonWalk* walk() const { return m_walk.get(); }
    const mistakes::LessonScore& score() const { return m_score; }
    Slip* slip() { return m_slip; }

signals:
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QWidget* buildPictures();
    QWidget* buildBelow();
    std::uint32_t another(); ///< seed
    void take();
    void goOn();
    void choose(std::size_t choice);
    void stop(std::size_t reason);
    void refresh();
    void showFacts();
    void showPicture();
    void showReasons();
    words::Sheet sheet() const;
    QString keys() const;
    void addTask(words::Sheet& sheet) const;
    void addOutcome(words::Sheet& sheet) const;
    QString scoreGroup(const char* of) const;
    void readScore();
    void writeScore();
    std::vector<const mistakes::Family*> reasons() const;

    QSettings& m_settings;
    std::mt19937 m_hand;
    std::optional<tables::Tables> m_tables;
    std::future<mistakes::Lesson> m_coming;
    std::unique_ptr<mistakes::LessonWalk> m_walk; ///< null: the first one is being made
    mistakes::LessonScore m_score;
    QTimer* m_ready;
    QLabel* m_title;
    QLabel* m_heading;
    QLineEdit* m_name;
    QStackedWidget* m_pictures;
    BenchView* m_bench;
    ForceChart* m_chart;
    QScrollArea* m_facts;
    QGridLayout* m_reasonGrid;
    std::vector<QPushButton*> m_reasons;
    Slip* m_slip;
};

} // namespace arbor::ui
