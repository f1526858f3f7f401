#pragma once

#include "ui/session/job_session.h"

#include <QWidget>
#include <functional>

class QFormLayout;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QLineEdit;
class QScrollArea;
class QVBoxLayout;

namespace arbor::ui {

/// What is done before the machine goes back: the tightening list with the value read on each line, the run-in, and
/// who released it.
class ClosingSheet : public QWidget {
    Q_OBJECT
public:
    explicit ClosingSheet(QWidget* parent = nullptr);
    void open(JobSession* session);
    void refresh();

signals:
    void trouble(const QString& text);

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool event(QEvent* event) override;

private:
    using Change = std::function<void(job::Closing&)>;
    void edit(const QString& text, const Change& change);
    QLineEdit* addLine(QVBoxLayout* layout, const char* name, const QString& label, const QString& hint);
    using TakeText = void(job::Closing&, const std::string& typed);
    QLineEdit* addText(QVBoxLayout* layout, const char* name, const QString& label, const QString& hint,
                       TakeText* take);
    QLineEdit* numberLine(QFormLayout* layout, const char* name, const QString& label);
    void takeRelease();
    void takeInspection();
    void buildRevision(QVBoxLayout* layout);
    void showLine(QLineEdit* line, bool visible);
    void showRevision();
    void rebuildLots();
    void showLots();
    void takeRunInPlan();
    void rebuildList();
    void keepHeight();
    QWidget* lineOf(std::size_t index);
    void add();
    void readIn(std::size_t index, const QString& typed);
    void takeRunIn();
    QString runInText() const;

    JobSession* m_session = nullptr;
    QLineEdit* m_add;
    QVBoxLayout* m_list;
    QLineEdit* m_room;
    QFormLayout* m_runInPlan;
    QFormLayout* m_lots;
    QLineEdit* m_allowed;
    QLineEdit* m_runIn;
    QLabel* m_runInText;
    QLineEdit* m_cause;
    QLineEdit* m_inspection;
    QLineEdit* m_remedy;
    QLineEdit* m_released;
    QLineEdit* m_pin;
    QLineEdit* m_reviseWho;
    QLineEdit* m_reviseWhy;
    QPushButton* m_revise;
    QLineEdit* m_wrench;
    std::vector<job::Fastener> m_shown;
};

} // namespace arbor::ui
