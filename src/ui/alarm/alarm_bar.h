#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace arbor::ui {

class Alarms;

/// Across the whole window while somebody is called: which kind by colour and shape, whose, and what to do about it.
class AlarmBar : public QWidget {
    Q_OBJECT
public:
    explicit AlarmBar(Alarms& alarms, QWidget* parent = nullptr);
    QString text() const; ///< as it is read out; empty: nobody is called

signals:
    void acknowledged();
    void goTo(const QString& job); ///< its file

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void show();

    Alarms& m_alarms;
    QLabel* m_text;
    QPushButton* m_go;
    QPushButton* m_mute;
    QPushButton* m_acknowledge;
};

} // namespace arbor::ui
