#pragma once

#include "log/logbook.h"

#include <QWidget>

namespace arbor::ui {

/// Three small charts of the whole logbook: force against what was expected, how long it takes, positions that went
/// wrong more than once.
class LogCharts : public QWidget {
    Q_OBJECT
public:
    explicit LogCharts(QWidget* parent = nullptr);
    void show(const log::Statistics& statistics);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    log::Statistics m_statistics;
};

} // namespace arbor::ui
