#pragma once

#include "core/base/result.h"
#include "core/day/board.h"
#include "core/pay/quote.h"

#include <QPageLayout>
#include <QWidget>
#include <memory>

class QComboBox;
class QLabel;
class QListWidget;
class QPagedPaintDevice;
class QPrintPreviewWidget;
class QPushButton;
class QPrinter;

namespace arbor::ui {

class JobSession;

enum class PaperKind { Card, Report, Label, Drawing, Day, Quote, Invoice, Customer, Inspections };

/// What is printed of a job: which paper, on what size, how it will look; on a printer, or into a file whose name has
/// the day and never one that is there already.
class PapersView : public QWidget {
    Q_OBJECT
public:
    explicit PapersView(QWidget* parent = nullptr);
    ~PapersView() override;
    void open(JobSession* session, PaperKind kind);
    /// Papers of the shop's. @param board  without a plan there is none of the day @param folder  where they are saved
    void openShop(const day::Board& board, const QString& folder, PaperKind kind);
    QString saveCsv(); ///< of a quote or an invoice. @return its name; empty: it could not be written
    QString save();    ///< into a file beside the job. @return its name; empty: it could not be written
    QString lastWritten() const { return m_written; }

signals:
    void left();
    void trouble(const QString& text);
    void notice(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    void fillSizes();
    void preview();
    void print();
    PaperKind kind() const;
    QPageLayout page() const;
    void paint(QPagedPaintDevice& device) const;

    void offer(const std::vector<PaperKind>& kinds);
    QString nameFor(const QString& ending) const; ///< of a file that is not there yet
    QString said(const QString& file, const Result<void>& written);
    pay::Quote quote() const;
    QString stem() const; ///< of the file's name, before its kind

    JobSession* m_session = nullptr; ///< null: papers of the shop's
    day::Board m_board;
    QString m_folder;
    std::unique_ptr<QPrinter> m_printer; ///< the preview's own
    QListWidget* m_kinds;
    QComboBox* m_sizes;
    QPushButton* m_csv;
    QPrintPreviewWidget* m_preview;
    QString m_written;
};

} // namespace arbor::ui
