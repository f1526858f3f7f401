#pragma once

#include "ui/instruments/instruments.h"

#include <QWidget>
#include <map>

class QComboBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace arbor::ui {

class JobSession;
class StandIns;

/// The instruments of this bench in one place: where each is, what it says now, whether it says it well; and the
/// stand-ins, each started with one key.
class InstrumentView : public QWidget {
    Q_OBJECT
public:
    InstrumentView(Instruments& instruments, StandIns& standIns, QWidget* parent = nullptr);
    void open(const JobSession* session); ///< whose seat in hand the stand-ins are set to; null: none is open

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    struct Row {
        QComboBox* address = nullptr;
        QLineEdit* gauge = nullptr;
        QLabel* state = nullptr;
        QLabel* reading = nullptr;
        QLabel* tested = nullptr;
        QPushButton* standIn = nullptr;
        int lines = 0, unread = 0; ///< while it is tested
        QList<double> values;
        bool testing = false;
    };
    void addRow(Instrument which, QGridLayout* grid);
    void fillAddresses(Instrument which);
    void hear(Instrument which, const QString& line);
    void test(Instrument which);
    void sayTest(Instrument which);
    void toggleStandIn(Instrument which);
    void refresh();

    Instruments& m_instruments;
    StandIns& m_standIns;
    const JobSession* m_session = nullptr;
    std::map<Instrument, Row> m_rows;
    QComboBox* m_fault;
};

} // namespace arbor::ui
