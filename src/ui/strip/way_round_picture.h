#pragma once

#include "core/arrangement/assembly.h"

#include <QWidget>
#include <optional>

namespace arbor::ui {

/// The section of one part by itself, with the side that must face a certain way marked.
class WayRoundPicture : public QWidget {
    Q_OBJECT
public:
    explicit WayRoundPicture(QWidget* parent = nullptr);
    /// @param seen  the user has looked and found it right
    void show(arrangement::Part part, bool seen);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::optional<arrangement::Part> m_part;
    bool m_seen = false;
};

} // namespace arbor::ui
