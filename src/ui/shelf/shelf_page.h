#pragma once

#include "io/job_glance.h"
#include "ui/session/shop.h"

#include <QUndoStack>
#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QScrollArea;

namespace arbor::ui {

class ShelfView;

/// The jobs of a shop, found by words, sorted, open ones alone; a job is put away or thrown away, and taken back.
class ShelfPage : public QWidget {
    Q_OBJECT
public:
    explicit ShelfPage(QWidget* parent = nullptr);

    void open(Shop& shop);
    ShelfView* shelf() { return m_shelf; }
    QUndoStack& undoStack() { return m_undo; }
    bool isReading() const { return m_shop && m_shop->jobs().isReading(); } ///< what the words and the order go by
    /// The job that is open must not be moved away under the window.
    void keep(std::function<bool(const QString& path)> isOpen) { m_isOpen = std::move(isOpen); }

    void sayDelivery(const QString& line); ///< of the records to the logbook; empty: nothing is to be said

signals:
    void trouble(const QString& why);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    friend class MoveJob;
    void refresh(); ///< the list as words, order and ticks want it
    void moveAway(const char* folder, const QString& text);
    bool move(const QString& from, const QString& to);

    Shop* m_shop = nullptr;
    QString m_folder;
    std::function<bool(const QString&)> m_isOpen = [](const QString&) { return false; };
    QUndoStack m_undo;
    QLineEdit* m_words;
    QComboBox* m_order;
    QCheckBox* m_openOnly;
    QScrollArea* m_scroll;
    QLabel* m_delivery;
    ShelfView* m_shelf;
};

} // namespace arbor::ui
