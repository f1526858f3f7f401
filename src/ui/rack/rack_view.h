#pragma once

#include "core/catalog/rack.h"
#include "words/display.h"

#include <QSettings>
#include <QUndoStack>
#include <QWidget>
#include <vector>

class QComboBox;
class QLabel;
class QLineEdit;
class QScrollArea;
class QStackedWidget;
class QVBoxLayout;

namespace arbor::ui {

class EntrySheet;
class ImportSheet;
class RackWall;

/// The shop's tools: to scale side by side, filtered by what they must clear or cover, added, changed and taken out;
/// what is twice there or impossible is named. Every change is told at once and can be undone.
class RackView : public QWidget {
    Q_OBJECT
public:
    explicit RackView(QSettings& settings, QWidget* parent = nullptr);

    /// @param folder  of the shop, for photographs
    void open(const catalog::Rack& rack, const QString& folder, const words::Display& display, double typedUnit_mm);
    void adopt(const std::vector<catalog::Tool>& tools); ///< what others did to it is in; no undo goes behind that
    const std::vector<catalog::Tool>& tools() const { return m_tools; }
    const std::string& chosen() const { return m_chosen; }
    void choose(const QString& id);
    QUndoStack& undoStack() { return m_undo; }

    /// Adds what a rack's own file holds; numbers that are known already stay as they are and are named, rows that make
    /// no tool too. A table of another program is shown first. @errors Unreadable; what is wrong with its heading
    Result<void> importFrom(const QString& file);
    Result<void> exportTo(const QString& file) const; ///< what is shown, for a spreadsheet. @errors Unwritable

signals:
    void changed(const std::vector<catalog::Tool>& tools);
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    friend class RackEdit;
    QWidget* buildFilter();
    QWidget* buildSide();
    QWidget* buildButtons();
    QLineEdit* addFilterField(QWidget* bar, const char* name, const QString& label);
    void buildSheet();
    /// @param unit  what a bare number means; 0: a length, as lengths are typed here
    void addSize(const QString& name, const QString& label, double catalog::Tool::*size, double unit = 0);
    void addText(const QString& name, const QString& label, std::string catalog::Tool::*text);
    void addCommon();
    void takeChoice(const QString& text, const std::function<void(catalog::Tool&)>& change);
    void refresh();
    void showPhoto();
    bool isShown(const catalog::Tool& tool) const;
    std::vector<std::string> faults();
    const catalog::Tool* tool() const;
    void replaceTools(std::vector<catalog::Tool> tools);
    void edit(const QString& text, std::vector<catalog::Tool> tools);
    Result<void> editTool(const QString& text, const std::function<void(catalog::Tool&)>& change);
    void quickAdd();
    void copyTool();
    void removeTool();
    void askFile(bool import);
    void addTools(const std::vector<catalog::Tool>& made, const std::vector<catalog::BadRow>& bad);
    void say(const QString& text, bool good);
    std::string freeId(const std::string& like) const;

    std::vector<catalog::Tool> m_tools;
    std::string m_chosen;
    words::Display m_display;
    double m_unit_mm = 1;
    QUndoStack m_undo;
    QComboBox* m_kind;
    QLineEdit* m_clears;
    QLineEdit* m_covers;
    QLineEdit* m_search;
    QLineEdit* m_quick;
    QLabel* m_count;
    QLabel* m_message;
    QLabel* m_faults;
    QLabel* m_photo;
    QLabel* m_presses;
    QString m_folder;
    RackWall* m_wall;
    ImportSheet* m_import;
    QStackedWidget* m_middle;
    QScrollArea* m_scroll;
    QVBoxLayout* m_sheetPlace;
    EntrySheet* m_sheet = nullptr;
    std::optional<catalog::ToolKind> m_sheetKind;
};

} // namespace arbor::ui
