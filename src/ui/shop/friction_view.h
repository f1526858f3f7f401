#pragma once

#include "core/plan/plan.h"
#include "core/tables/friction.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// What the shop's own good presses say of friction, beside the band of the book: one row for every kind of seat and
/// lubricant.
class FrictionView : public QWidget {
    Q_OBJECT
public:
    struct Row {
        QString seat;
        QString lubricant;
        tables::FrictionBand friction;
        QString says; ///< what follows from it for the next press
    };
    explicit FrictionView(QWidget* parent = nullptr);
    void open(const tables::Tables& tables);
    const std::vector<Row>& rows() const { return m_rows; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::vector<Row> m_rows;
};

} // namespace arbor::ui
