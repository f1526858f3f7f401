#pragma once

#include "core/plan/plan.h"
#include "io/job_file.h"
#include "words/display.h"

#include <QWidget>
#include <map>
#include <memory>
#include <vector>

namespace arbor::ui {

/// All jobs of a folder and where they stand. Up, down and Enter; a file that cannot be read is listed with its reason.
class ShelfView : public QWidget {
    Q_OBJECT
public:
    explicit ShelfView(QWidget* parent = nullptr);

    /// @param paths  of the jobs, in their order  @param folder  to be named where there are none
    void show(std::vector<std::string> paths, const std::string& folder, std::shared_ptr<const tables::Tables> tables);
    std::size_t count() const { return m_paths.size(); }
    std::string chosenPath() const;
    const QString& stateOf(std::size_t row) const { return rowAt(row).state; }

signals:
    void opened(const QString& path);
    void copyAsked(const QString& path);
    void newAsked();

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;

private:
    QString spokenNow() const; ///< the job that is chosen
    void changed();            ///< repaints, and tells a screen reader where it stands
    struct RowModel {
        std::string path;
        QString title;
        QString line;
        QString next;
        QString nextLine;
        QString state;
        int tone = 0; ///< a Tone
        int station = 0;
        bool readable = true;
        std::vector<section::Body> sketch;
    };
    RowModel readRow(const io::ShelfEntry& entry) const;
    const RowModel& rowAt(std::size_t row) const; ///< read when it is first looked at
    QRect rowBox(std::size_t row) const;
    void paintRow(QPainter& painter, std::size_t row) const;
    void choose(int row);

    std::string m_folder;
    std::shared_ptr<const tables::Tables> m_tables;
    std::vector<std::string> m_paths;
    mutable std::map<std::size_t, RowModel> m_rows; ///< those that were looked at
    int m_chosen = 0;
};

} // namespace arbor::ui
