#pragma once

#include "core/catalog/table_import.h"

#include <QSettings>
#include <QWidget>

class QComboBox;
class QLabel;
class QPlainTextEdit;
class QPushButton;
class QTableWidget;

namespace arbor::ui {

/// A table of tools from another program before any of it is taken over: what parts it, what each column is taken for,
/// the tools it makes and the rows that make none. What was said of such a table is remembered by its heading.
class ImportSheet : public QWidget {
    Q_OBJECT
public:
    explicit ImportSheet(QSettings& settings, QWidget* parent = nullptr);
    /// @param taken  tools that are there: their numbers are theirs
    void open(const QString& file, catalog::ForeignTable table, const std::vector<catalog::Tool>& taken);
    const catalog::ImportedTools& read() const { return m_read; }

signals:
    void accepted(const std::vector<catalog::Tool>& tools);
    void left();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void fillTable();
    void recall();
    void remember();
    void refresh();
    QString settingsKey() const;

    QSettings& m_settings;
    catalog::ForeignTable m_table;
    std::vector<catalog::Tool> m_taken;
    catalog::ImportedTools m_read;
    QLabel* m_heading;
    QLabel* m_recognised;
    QComboBox* m_unit;
    QComboBox* m_kind;
    QTableWidget* m_preview;
    std::vector<QComboBox*> m_fields; ///< by column
    QPlainTextEdit* m_bad;
    QPushButton* m_accept;
};

} // namespace arbor::ui
