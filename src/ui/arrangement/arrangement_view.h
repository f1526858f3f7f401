#pragma once

#include "core/arrangement/edit.h"
#include "ui/bench/dimensions.h"
#include "ui/session/job_session.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QTableView;

namespace arbor::ui {

class BenchView;
class SheetModel;

/// The place where an arrangement is made: start from a shape, fill its sizes line by line beside the live section, or
/// drag a face on the bench. Every step is one step of undo.
class ArrangementView : public QWidget {
    Q_OBJECT
public:
    explicit ArrangementView(QWidget* parent = nullptr);

    /// @param onDrawing  its first size is to be written on the drawing; else the list has the keys
    void open(JobSession* session, bool onDrawing = false);
    void refresh();

signals:
    void left(); ///< back to the job

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildSide();
    QWidget* buildParts();
    void startFrom(int shape);
    void take(const arrangement::Assembly& assembly, const QString& text);
    void addPart(bool under);
    void turnPart();
    void movePart(double by_mm);
    void splitStep();
    void takeChanged(const Result<arrangement::Assembly>& next, const QString& text);
    void removePart();
    void dragFace(std::size_t body, std::size_t slice, double z_mm, bool dropped);
    std::vector<Dimension> dimensionsBeside(int chosen) const; ///< row of the list; -1: none
    void showSection(const arrangement::Assembly& assembly);
    void showFaults(const arrangement::Assembly& assembly);
    void nextLine();
    void nextSize(int by);                    ///< the chosen dimension's neighbour, in the order one measures
    bool typeOnDrawing(const QString& begun); ///< into the chosen dimension @return there is one
    void takeTyped();
    bool keyOnDrawing(const class QKeyEvent& event);
    std::optional<arrangement::Assembly> resolved() const;
    std::optional<std::size_t> chosenPart() const;

    JobSession* m_session = nullptr;
    std::vector<std::pair<std::size_t, std::size_t>> m_bodyOf; ///< part and body of each body on the bench
    SheetModel* m_model;
    QTableView* m_sheet;
    BenchView* m_bench;
    QLineEdit* m_typing; ///< over the dimension that is written on
    QComboBox* m_shapes;
    QComboBox* m_kinds;
    QLabel* m_faults;
};

} // namespace arbor::ui
