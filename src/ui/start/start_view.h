#pragma once

#include "core/job/job.h"
#include "core/tables/tables.h"
#include "words/sheet.h"

#include <QWidget>
#include <memory>

class QComboBox;
class QLabel;
class QLineEdit;

namespace arbor::ui {

class JobDetails;
class ShapeGallery;
class Slip;

/// What is on the bench? A drawn shape, a bearing's number, words, or an earlier job begin a new one. Where no shop is
/// open yet, this is the welcome, with the three ways to one.
class StartView : public QWidget {
    Q_OBJECT
public:
    explicit StartView(QWidget* parent = nullptr);

    /// An earlier job that a new one can be like: its description only.
    struct Earlier {
        QString title;
        QString path;
    };
    /// @param number  proposed for the new job  @param shop  there is one; false: the welcome
    void open(const tables::Tables& tables, const std::string& number, const std::vector<Earlier>& earlier, bool shop);
    /// They may be known only later: a shelf is read beside the window.
    void offerEarlier(const std::vector<Earlier>& earlier);
    void refuseNumbers(std::function<QString(const std::string&)> why) { m_whyNotNumber = std::move(why); }
    const job::Job& draft() const { return m_draft; }
    Slip* slip() { return m_slip; }

signals:
    void jobWanted(const job::Job& job);
    void likeWanted(const QString& path, const job::Job& details);
    void demoWanted();
    void ownWanted();
    void folderWanted();
    void left();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* buildLeft();
    QWidget* buildWays();
    void search(const QString& typed);
    void refresh();
    void take();
    std::optional<arrangement::Arrangement> chosen() const; ///< with the bearing that was typed
    words::Sheet sheet() const;
    void addBearing(words::Sheet& sheet) const;

    tables::Tables m_tables; ///< without a rack: nothing is looked for while one chooses
    job::Job m_draft;
    bool m_shop = false;
    std::string m_bearing; ///< as typed, where it is one
    std::function<QString(const std::string&)> m_whyNotNumber = [](const std::string&) { return QString(); };
    QLabel* m_heading;
    QLineEdit* m_search;
    QLabel* m_found;
    ShapeGallery* m_gallery;
    QComboBox* m_earlier;
    JobDetails* m_details;
    QWidget* m_ways;
    Slip* m_slip;
};

} // namespace arbor::ui
