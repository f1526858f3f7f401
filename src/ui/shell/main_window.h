#pragma once

#include "ui/alarm/sounder.h"
#include "ui/session/shop.h"
#include "ui/shop/shop_view.h"
#include "ui/start/start_view.h"
#include "ui/tour/tour.h"

#include <QMainWindow>
#include <QSettings>
#include <functional>
#include <memory>

class QLabel;
class QMenu;
class QMimeData;
class QPushButton;
class QStackedWidget;
class QUndoGroup;

namespace arbor::ui {

class ArrangementView;
class BigView;
class CalcBox;
class AlarmBar;
class Alarms;
class ClockStrip;
class DayView;
class HelpView;
class Instruments;
class JobDetails;
class JobView;
class LogView;
class NumberPad;
class Palette;
class PapersView;
class PhotoFolder;
class Scanner;
enum class PaperKind;
class LessonView;
class LongWork;
class PracticeView;
class RackView;
class ShelfPage;
class ShelfView;
class StandIns;
class TakeInView;

/// The window: header, shelf or open job. Everything it needs from outside comes in here, so that tests can replace it.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    struct Surroundings {
        JobSession::Clock clock;
        std::unique_ptr<QSettings> settings;      ///< recent jobs and look
        QString logbook = {};                     ///< as log::Logbook::open; empty: SQLite beside the jobs
        std::function<MachineCount()> count = {}; ///< of the machine; empty: running times go by the clock alone
        std::unique_ptr<Sounder> sounder = {};    ///< of the alarms; null: the machine's own
    };
    explicit MainWindow(Surroundings surroundings, QWidget* parent = nullptr);
    ~MainWindow() override;

    /// Opens a folder of jobs, or one job file and the folder it lies in.
    void openPath(const QString& path);
    void openLast(); ///< the shop that was open last, or the welcome
    /// Shows a job from elsewhere, and how it differs, before anything of it is taken over.
    void lookAtJob(const QString& file);
    /// Tells that the program crashed before, once for each report, and offers to open their folder.
    void offerReport(const QString& folder, const QString& report);
    /// Puts the shop into an archive, or an archive back into a folder and opens it; beside the window.
    void backUp(const QString& into);
    void restore(const QString& archive, const QString& folder);
    /// A picture that another program copied. @param copied  of the clipboard
    void pastePhoto(const QMimeData& copied);
    JobSession* session() const { return m_session.get(); }
    bool isMaking() const; ///< something that is shown when it is there
    JobView* jobView() { return m_jobView; }
    Alarms* alarms() { return m_alarms; }
    ShelfView* shelf() { return m_shelf; }
    QString troubleText() const;
    QString openedPath() const; ///< what openPath() would open again

    static constexpr const char* kLanguageSetting = "language"; ///< language::Spoken's code

signals:
    void remakeWanted(); ///< what was chosen is noted, and takes another window: whoever made this one makes it

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void closeEvent(QCloseEvent*) override;

private:
    /// Whether the job may be left: it is on the disk, or the user insists. Asks the first time.
    bool mayLeaveJob();
    void openPad(QObject* touched, const QMouseEvent& event);
    bool isOurs(const QKeySequence& keys, const QObject* field) const;

    /// In the order of the stack.
    enum Place {
        kShelfPlace,
        kJobPlace,
        kArrangementPlace,
        kRackPlace,
        kPracticePlace,
        kLogPlace,
        kTakeInPlace,
        kHelpPlace,
        kLessonPlace,
        kStartPlace,
        kDetailsPlace,
        kShopPlace,
        kBigPlace,
        kPapersPlace,
        kDayPlace
    };
    void buildHeader(QWidget* header);
    /// What the window can be asked to do.
    struct Command {
        QString text;
        QKeySequence keys;
        std::function<void()> act;
        const char* name = ""; ///< of the action
    };
    QAction* addCommand(QMenu* menu, const Command& command);
    void buildActions();
    void buildJobActions(QMenu* menu);
    void buildShopActions(QMenu* menu);
    void buildPaperActions(QMenu* menu);
    void buildPracticeActions(QMenu* menu);
    void buildLooks(QMenu* menu);
    void buildLanguages(QMenu* menu);
    void addPlaces();
    void chooseLanguage(const QString& code);
    void followUndo();
    bool hasShop();
    bool hasJob();
    bool openFolder(const QString& folder);
    void openJob(const QString& path);
    void leaveJob();
    void newJobLike(const QString& path, const job::Job* details = nullptr);
    void buildStart();
    void showStart();
    std::vector<StartView::Earlier> earlierJobs() const;
    void showDetails();
    void createWanted();
    void openDemo();
    void chooseOwnFolder();
    void openAdded(const Result<QString>& file);
    void showCalculator();
    void showPalette();
    void showShelf();
    void showArrangement(bool onDrawing = false);
    void showRack();
    void showPractice();
    void showLesson();
    void showHelp();
    static QString pageOf(Place place); ///< of the help
    void showLog();
    void showShop(ShopView::Section section);
    void workStandIn();
    void buildBig();
    void connectBig(BigView* view);
    void toggleBig();
    void followBig();
    void showBig(); ///< what is in hand, wherever it is shown large
    void followScreens();
    void buildAlarms();
    void acknowledgeAlarm();
    void goToAlarm(const QString& job);
    void offerTour();
    void startTour();
    void leaveTour();
    std::vector<Tour::Stop> tourStops();
    void chooseJobToTakeIn();
    void takeIn();
    void askBackup();
    void askRestore();
    void followDesk(log::Desk& desk);
    void sayDelivery();
    QStringList lastingTroubles() const;
    void saveRack(const std::vector<catalog::Tool>& tools);
    void putOnRack(const catalog::Tool& tool);
    void followPlace();
    void showPapers(PaperKind kind);
    void buildPhotos();
    void buildPhotoActions(QMenu* menu);
    void choosePhoto();
    bool takePhoto(const QString& file);
    void buildDay();
    void showDay();
    void showShopPapers(PaperKind kind);
    void takeUp(const QString& file, const job::Worked& work);
    void setWanted(const QString& file, const QString& by, int rank);
    void openScanned(const QString& code);
    void backToJob();
    void showTrouble(const QString& text);
    void showNotice(const QString& text); ///< of what went well
    void offerVersionBefore(const QString& file);
    void bringBack();
    void showHeader();
    void setNight(bool night);
    void toggleUnits();
    void chooseFolder();
    void remember(const QString& path);
    void fillRecent(QMenu* menu);

    Surroundings m_around;
    Shop m_shop;
    std::unique_ptr<JobSession> m_session;
    LongWork* m_work;            ///< that goes on beside the window
    QStringList m_mended;        ///< what became of the shop's damaged files
    bool m_askedToLeave = false; ///< an unsaved job
    Instruments* m_instruments;
    StandIns* m_standIns;
    Tour* m_tour;
    QString m_beforeTour; ///< the shop that was open; empty: none was; null: no tour
    QStackedWidget* m_places;
    ShelfPage* m_shelfPage;
    ShelfView* m_shelf;
    JobView* m_jobView;
    ArrangementView* m_arrangementView;
    RackView* m_rackView;
    PracticeView* m_practice;
    LogView* m_log;
    TakeInView* m_takeIn;
    HelpView* m_help;
    LessonView* m_lesson;
    ShopView* m_shopView;
    StartView* m_start;
    JobDetails* m_details;                   ///< of the open job
    std::optional<job::Job> m_wanted;        ///< a new job, while its shop is being chosen
    std::optional<io::JobDocument> m_theirs; ///< looked at before it is taken over
    QString m_theirFile;
    QUndoGroup* m_undoGroup;
    CalcBox* m_calculator;
    Palette* m_palette;
    NumberPad* m_pad;
    QLabel* m_title;
    QLabel* m_subtitle;
    ClockStrip* m_clocks;
    Alarms* m_alarms;
    AlarmBar* m_alarmBar;
    BigView* m_big;
    PapersView* m_papers;
    DayView* m_day;
    PhotoFolder* m_photoFolder;
    Scanner* m_scanner;
    std::unique_ptr<BigView> m_farBig; ///< on a second screen; null: there is none, or no job
    QWidget* m_header;
    QLabel* m_units;
    QLabel* m_trouble;
    QPushButton* m_openReports; ///< of crashes
    QString m_reports;          ///< their folder
    QPushButton* m_bringBack;   ///< the version before of a file that cannot be read
    QString m_unreadable;       ///< that file
    QMenu* m_menu;
    QAction* m_undo;
    QAction* m_redo;
};

} // namespace arbor::ui
