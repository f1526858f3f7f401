#pragma once

#include "core/catalog/rack.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

namespace arbor::ui {

/// Tools drawn to one scale, each row on one datum, so that they can be compared by eye. Click or arrows choose.
class RackWall : public QWidget {
    Q_OBJECT
public:
    explicit RackWall(QWidget* parent = nullptr);

    /// @param tools  copied  @param chosen  id  @param faulty  ids that something is wrong with
    void show(std::vector<catalog::Tool> tools, const std::string& chosen, std::vector<std::string> faulty,
              const words::Display& display);
    std::size_t count() const { return m_tools.size(); }
    const std::string& idAt(std::size_t index) const { return m_tools.at(index).id; }
    QRect cell(std::size_t index) const;

signals:
    void chosen(const QString& id);
    void seen(const QRect& cell); ///< of the chosen tool, to be kept in sight

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    QString spokenNow() const; ///< the tool that is chosen
    void changed();            ///< repaints, and tells a screen reader where it stands
    int columns() const;
    void setScale();
    void layOut();
    void paintTool(class QPainter& painter, std::size_t index) const;

    std::vector<catalog::Tool> m_tools;
    std::vector<std::string> m_faulty;
    std::string m_chosen;
    words::Display m_display;
    double m_scale = 1; ///< pixels a millimetre
    int m_cellHigh = 150;
};

} // namespace arbor::ui
