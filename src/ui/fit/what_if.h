#pragma once

#include "core/plan/fit_plan.h"
#include "words/display.h"

#include <QWidget>
#include <optional>
#include <vector>

namespace arbor::ui {

/// What other classes would give at one side of a seat, from loose to tight, and what moves the clearance most.
class WhatIf : public QWidget {
public:
    explicit WhatIf(QWidget* parent = nullptr);
    struct Model {
        QString side; ///< "hole 62 mm"
        std::vector<plan::Alternative> classes;
        std::string now;      ///< the class as it is
        std::string proposed; ///< empty: none
        std::vector<fit::Sensitivity> moves;
        words::Display display = words::Display();
    };
    void show(Model model);
    const Model& model() const { return m_model; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void paintClasses(QPainter& painter, const QRectF& box) const;
    void paintMoves(QPainter& painter, const QRectF& box) const;
    Model m_model;
};

} // namespace arbor::ui
