#pragma once

#include "ui/session/shop.h"
#include "words/display.h"

#include <QWidget>
#include <vector>

class QListWidget;
class QSettings;
class QStackedWidget;
class QUndoStack;

namespace arbor::ui {

class Alarms;
class BenchPage;
class FrictionView;
class InstrumentView;
class StandIns;
class TablePage;

/// This shop: its presses, heat sources, gauges, people, materials, bearings and end play, each a list that is typed
/// over and lies in an open file beside the jobs; and what its presses taught of friction.
class ShopView : public QWidget {
    Q_OBJECT
public:
    /// In the order of the list.
    enum class Section {
        Presses,
        Heat,
        Gauges,
        People,
        Prices,
        Materials,
        Bearings,
        EndPlay,
        Friction,
        Instruments,
        Bench
    };
    /// What the pages speak to beside the shop.
    struct Around {
        class Instruments& instruments;
        StandIns& standIns;
        QSettings& settings;
        Alarms& alarms;
    };
    explicit ShopView(const Around& around, QWidget* parent = nullptr);
    BenchPage* bench() { return m_bench; }
    /// @param session  the open job; null: none is
    void open(Shop& shop, const JobSession* session, Section section);
    QUndoStack* undoStack() const; ///< of the list in sight; null: nothing is typed there
    std::vector<QUndoStack*> undoStacks() const;

signals:
    void left();
    void changed();                    ///< a list, and the shop's tables with it
    void trouble(const QString& text); ///< empty: what was wrong is put right
    void sectionChanged();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void show(int section);

    Shop* m_shop = nullptr;
    const JobSession* m_session = nullptr;
    QListWidget* m_sections;
    QStackedWidget* m_pages;
    std::vector<TablePage*> m_tables; ///< by section, those that are tables
    FrictionView* m_friction;
    InstrumentView* m_instruments;
    BenchPage* m_bench;
};

} // namespace arbor::ui
