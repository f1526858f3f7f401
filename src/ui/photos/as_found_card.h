#pragma once

#include <QLabel>

namespace arbor::ui {

class JobSession;

/// How the part of the step in hand sat when it came out, in its photo, where it goes back. Out of sight where there is
/// none.
class AsFoundCard : public QLabel {
    Q_OBJECT
public:
    explicit AsFoundCard(QWidget* parent = nullptr);
    void show(const JobSession& session);
};

} // namespace arbor::ui
