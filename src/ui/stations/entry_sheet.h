#pragma once

#include <QWidget>
#include <functional>
#include <vector>

class QComboBox;
class QGridLayout;
class QLabel;
class QLineEdit;

namespace arbor::ui {

/// A line-by-line sheet: label, what is typed, what was understood. A wrong entry stays as typed and says why.
class EntrySheet : public QWidget {
    Q_OBJECT
public:
    explicit EntrySheet(QWidget* parent = nullptr);

    /// What a typed entry came to: words for the right column, or the reason it was refused.
    struct Understood {
        bool good = true;
        QString text;
    };
    using Take = std::function<Understood(const QString& typed)>;
    using Show = std::function<QString()>;

    /// @param take  reads and stores what was typed  @param show  the text to put in the field when the job changes
    QLineEdit* addField(const QString& name, const QString& label, Take take, Show show, Show understood);
    QComboBox* addChoice(const QString& name, const QString& label, const QStringList& texts, const QStringList& values,
                         std::function<void(const QString& value)> take, Show show);
    /// Lets a field run over the column of what was understood: for words instead of sizes.
    void widen(QLineEdit* field);
    void addHeading(const QString& text);
    void refresh();
    QWidget* first() const { return m_first; }

private:
    struct Line {
        QLineEdit* edit;
        QLabel* note;
        Show show;
        Show understood;
    };
    struct Choice {
        QComboBox* box;
        QStringList values;
        Show show;
    };
    QLabel* addLabel(const QString& text, int row);
    void commit(std::size_t line, const Take& take);

    QGridLayout* m_grid;
    std::vector<Line> m_lines;
    std::vector<Choice> m_choices;
    QWidget* m_first = nullptr;
    int m_row = 0;
    bool m_refreshing = false;
};

} // namespace arbor::ui
