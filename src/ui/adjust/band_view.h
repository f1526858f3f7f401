#pragma once

#include "core/adjust/play_band.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

class QTableWidget;
class QTableWidgetItem;

namespace arbor::ui {

/// The table of end play: the rows that ship, and the shop's own. What is typed over a row that ships becomes the
/// shop's own and goes before it; Delete takes an own row away again.
class BandView : public QWidget {
    Q_OBJECT
public:
    explicit BandView(QWidget* parent = nullptr);
    void open(std::vector<adjust::PlayBand> bands, const words::Display& display);
    const std::vector<adjust::PlayBand>& bands() const { return m_bands; }

signals:
    void left();
    void changed(const std::vector<adjust::PlayBand>& bands);
    void trouble(const QString& text); ///< empty: what was wrong is put right

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void fill();
    void take(QTableWidgetItem* item);
    /// What a row would be with a cell typed anew. @return nothing where that makes no band
    std::optional<adjust::PlayBand> with(adjust::PlayBand band, int column, const QString& typed) const;
    void add();

    std::vector<adjust::PlayBand> m_bands;
    words::Display m_display;
    QTableWidget* m_table;
};

} // namespace arbor::ui
