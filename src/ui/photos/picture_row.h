#pragma once

#include <QListWidget>
#include <string>
#include <vector>

namespace arbor::ui {

/// Photos that lie beside a job, small; Delete asks for the chosen one to be taken off. Out of sight while there are
/// none.
class PictureRow : public QListWidget {
    Q_OBJECT
public:
    explicit PictureRow(const char* name, const QString& spoken, QWidget* parent = nullptr);
    /// @param photos  named from the job's folder @param job  its file
    void show(const std::vector<std::string>& photos, const std::string& job);

signals:
    void removed(int index);

private:
    std::vector<std::string> m_photos;
};

/// A photo of a job's; null where it cannot be shown. @param job  its file
QPixmap photoOf(const std::string& photo, const std::string& job);

} // namespace arbor::ui
