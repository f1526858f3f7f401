#include "ui/report/papers_view.h"

#include "io/job_quote.h"
#include "io/shop_tables.h"
#include "io/text_file.h"
#include "ui/report/day_paper.h"
#include "ui/report/job_report.h"
#include "ui/report/label.h"
#include "ui/report/paper.h"
#include "ui/report/pay_papers.h"
#include "ui/report/route_card.h"
#include "ui/report/tool_drawing.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "words/pay_words.h"
#include "words/sentences.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QGraphicsView>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QPrintDialog>
#include <QPrintPreviewWidget>
#include <QPrinter>
#include <QPrinterInfo>
#include <QPushButton>
#include <QVBoxLayout>

namespace arbor::ui {

namespace {

constexpr int kSideWidth = 236;
constexpr double kLabelMargin_mm = 1;
// Usual labels, across and down [mm], where no printer offers its own.
constexpr QSizeF kLabels_mm[] = {{62, 29}, {89, 36}, {54, 25}, {100, 50}};

const char* nameOf(PaperKind kind) {
    switch (kind) {
    case PaperKind::Card:
        return "route-card";
    case PaperKind::Report:
        return "report";
    case PaperKind::Label:
        return "label";
    case PaperKind::Drawing:
        return "drawing";
    case PaperKind::Day:
        return "day";
    case PaperKind::Quote:
        return "quote";
    case PaperKind::Invoice:
        return "invoice";
    case PaperKind::Customer:
        return "customer";
    case PaperKind::Inspections:
        return "inspections";
    }
    return "";
}

QString titleOf(PaperKind kind) {
    switch (kind) {
    case PaperKind::Card:
        return QObject::tr("Route card");
    case PaperKind::Report:
        return QObject::tr("Job report");
    case PaperKind::Label:
        return QObject::tr("Label");
    case PaperKind::Drawing:
        return QObject::tr("Tool to turn");
    case PaperKind::Day:
        return QObject::tr("The day");
    case PaperKind::Quote:
        return QObject::tr("Quote");
    case PaperKind::Invoice:
        return QObject::tr("Invoice");
    case PaperKind::Customer:
        return QObject::tr("For the customer");
    case PaperKind::Inspections:
        return QObject::tr("Inspections due");
    }
    return {};
}

QString sizeName(const QPageSize& size) {
    const auto mm = size.size(QPageSize::Millimeter);
    return size.id() == QPageSize::A4 || size.id() == QPageSize::Letter
               ? size.name()
               : QObject::tr("%1 × %2 mm").arg(mm.width(), 0, 'f', 0).arg(mm.height(), 0, 'f', 0);
}

/// What the printer says it has of labels: small papers.
std::vector<QPageSize> labelSizes() {
    constexpr double kSmall_mm = 120;
    std::vector<QPageSize> out;
    for (const auto& size : QPrinterInfo::defaultPrinter().supportedPageSizes())
        if (size.size(QPageSize::Millimeter).width() <= kSmall_mm) out.push_back(size);
    for (const auto& mm : kLabels_mm)
        out.emplace_back(mm, QPageSize::Millimeter);
    return out;
}

} // namespace

PapersView::PapersView(QWidget* parent) : QWidget(parent), m_printer(std::make_unique<QPrinter>()) {
    setObjectName("papersView");
    setProperty("touched", true);
    m_kinds = new QListWidget(this);
    m_kinds->setObjectName("paperKinds");
    m_kinds->setAccessibleName(tr("Papers"));
    m_sizes = new QComboBox(this);
    m_sizes->setObjectName("paperSizes");
    m_sizes->setAccessibleName(tr("Size of the paper"));
    auto* save = new QPushButton(tr("Save as PDF  Enter"), this);
    save->setObjectName("savePaper");
    save->setProperty("primary", true);
    m_csv = new QPushButton(tr("Save as CSV  C"), this);
    m_csv->setObjectName("saveCsv");
    auto* print = new QPushButton(tr("Print…  Ctrl+P"), this);
    print->setObjectName("printPaper");
    m_printer->setOutputFormat(QPrinter::PdfFormat); // only looked at
    m_printer->setResolution(Paper::kDotsPerInch);
    m_preview = new QPrintPreviewWidget(m_printer.get(), this);
    m_preview->setObjectName("paperPreview");
    for (auto* inner : m_preview->findChildren<QWidget*>())
        if (inner->objectName().isEmpty()) inner->setObjectName("paperPreviewPages");
    for (auto* view : m_preview->findChildren<QGraphicsView*>())
        view->setBackgroundBrush(theme::roles().rule);
    m_kinds->installEventFilter(this); // a list would look for an entry that begins so
    auto* side = new QVBoxLayout;
    side->setContentsMargins(theme::kMargin, theme::kMargin, theme::kMargin, theme::kMargin);
    side->setSpacing(theme::kGap);
    for (auto* each : std::initializer_list<QWidget*>{m_kinds, m_sizes, save, m_csv, print}) {
        each->setFixedWidth(theme::wide(kSideWidth));
        side->addWidget(each);
    }
    side->addStretch(1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(side);
    layout->addWidget(m_preview, 1);
    connect(m_kinds, &QListWidget::currentRowChanged, this, [this] {
        fillSizes();
        preview();
    });
    connect(m_sizes, &QComboBox::activated, this, &PapersView::preview);
    connect(save, &QPushButton::clicked, this, &PapersView::save);
    connect(m_csv, &QPushButton::clicked, this, &PapersView::saveCsv);
    connect(print, &QPushButton::clicked, this, &PapersView::print);
    connect(m_preview, &QPrintPreviewWidget::paintRequested, this, [this](QPrinter* on) {
        if (m_kinds->currentRow() >= 0) paint(*on);
    });
}

PapersView::~PapersView() = default;

void PapersView::offer(const std::vector<PaperKind>& kinds) {
    const QSignalBlocker quiet(m_kinds);
    m_written.clear();
    m_kinds->clear();
    for (const auto each : kinds) {
        auto* item = new QListWidgetItem(titleOf(each), m_kinds);
        item->setData(Qt::UserRole, static_cast<int>(each));
        item->setSizeHint({0, theme::kTouch});
    }
    m_kinds->setFixedHeight(m_kinds->count() * theme::kTouch + theme::kGap);
}

void PapersView::open(JobSession* session, PaperKind kind) {
    m_session = session;
    std::vector kinds{PaperKind::Card,  PaperKind::Report,  PaperKind::Label,
                      PaperKind::Quote, PaperKind::Invoice, PaperKind::Customer};
    if (turnedInHand(*session)) kinds.push_back(PaperKind::Drawing);
    offer(kinds);
    const auto at = std::find(kinds.begin(), kinds.end(), kind);
    m_kinds->setCurrentRow(at == kinds.end() ? 0 : static_cast<int>(at - kinds.begin()));
    m_kinds->setFocus();
}

void PapersView::openShop(const day::Board& board, const QString& folder, PaperKind kind) {
    m_session = nullptr;
    m_board = board;
    m_folder = folder;
    std::vector kinds{PaperKind::Inspections};
    if (board.plan) kinds.insert(kinds.begin(), PaperKind::Day);
    offer(kinds);
    m_kinds->setCurrentRow(board.plan && kind == PaperKind::Inspections ? 1 : 0);
    m_kinds->setFocus();
}

PaperKind PapersView::kind() const {
    const auto* item = m_kinds->currentItem();
    return item ? static_cast<PaperKind>(item->data(Qt::UserRole).toInt()) : PaperKind::Card;
}

void PapersView::fillSizes() {
    m_sizes->clear();
    std::vector<QPageSize> sizes;
    if (kind() == PaperKind::Label) sizes = labelSizes();
    // What the country writes on comes first.
    const bool letter = QLocale().measurementSystem() == QLocale::ImperialUSSystem;
    sizes.emplace_back(letter ? QPageSize::Letter : QPageSize::A4);
    sizes.emplace_back(letter ? QPageSize::A4 : QPageSize::Letter);
    for (const auto& size : sizes)
        m_sizes->addItem(sizeName(size), QVariant::fromValue(size));
}

QPageLayout PapersView::page() const {
    const auto size = m_sizes->currentData().value<QPageSize>();
    if (kind() == PaperKind::Drawing || kind() == PaperKind::Day) return Paper::acrossOf(size);
    if (kind() != PaperKind::Label) return Paper::pageOf(size);
    return {size, QPageLayout::Portrait, QMarginsF(kLabelMargin_mm, kLabelMargin_mm, kLabelMargin_mm, kLabelMargin_mm),
            QPageLayout::Millimeter};
}

void PapersView::paint(QPagedPaintDevice& device) const {
    switch (kind()) {
    case PaperKind::Card:
        return paintRouteCard(device, *m_session);
    case PaperKind::Report:
        return paintJobReport(device, *m_session);
    case PaperKind::Label:
        return inDaylight([&] { paintLabel(device, *m_session); });
    case PaperKind::Drawing:
        if (const auto sleeve = turnedInHand(*m_session)) paintDrawingPage(device, drawingOf(*m_session, *sleeve));
        return;
    case PaperKind::Day:
        return paintDay(device, m_board);
    case PaperKind::Quote:
    case PaperKind::Invoice:
        return paintSheet(device, words::quoteSheet(quote(), kind() == PaperKind::Invoice), *m_session);
    case PaperKind::Customer:
        return paintSheet(device, words::customerSheet(m_session->told()), *m_session);
    case PaperKind::Inspections:
        return paintInspections(device, m_folder, q(m_board.date));
    }
}

void PapersView::preview() {
    if (m_kinds->currentRow() < 0) return;
    m_csv->setVisible(m_session);
    m_csv->setEnabled(kind() == PaperKind::Quote || kind() == PaperKind::Invoice);
    m_printer->setPageLayout(page());
    m_preview->fitInView();
    m_preview->updatePreview();
}

/// Beside the job, or in the shop's folder.
QString PapersView::stem() const {
    if (!m_session) return m_folder + "/" + QDir(m_folder).dirName();
    const QFileInfo file(q(m_session->path()));
    return file.path() + "/" + file.fileName().section(QStringLiteral(".arbor.json"), 0, 0);
}

QString PapersView::nameFor(const QString& ending) const {
    const auto day = m_session ? q(m_session->now()).left(10) : q(m_board.date);
    return freeName(QStringLiteral("%1.%2.%3").arg(stem(), nameOf(kind()), day), ending);
}

/// @return the file; empty: it could not be written, which is said
QString PapersView::said(const QString& file, const Result<void>& written) {
    if (!written) {
        emit trouble(q(words::say(written.error())));
        return {};
    }
    m_written = file;
    emit notice(tr("Written: %1").arg(QFileInfo(file).fileName()));
    return file;
}

QString PapersView::save() {
    const auto title = m_session ? q(m_session->job().title) : titleOf(kind());
    const auto file = nameFor("pdf");
    return said(file, writePdf(file, page(), title, [this](QPagedPaintDevice& device) { paint(device); }));
}

pay::Quote PapersView::quote() const {
    const auto folder = QFileInfo(q(m_session->path())).path().toStdString();
    return io::quoteOfJob(m_session->job(), m_session->wholePlan(), m_session->tables(), io::workedTimes(folder),
                          kind() == PaperKind::Invoice, m_session->now());
}

QString PapersView::saveCsv() {
    if (!m_csv->isEnabled()) return {};
    const auto made = quote();
    std::vector<std::string> named;
    for (const auto& line : made.lines)
        named.push_back(words::lineWords(line));
    const auto file = nameFor("csv");
    return said(file, io::writeText(file.toStdString(), io::quoteCsv(m_session->job().id, made, named)));
}

void PapersView::print() {
    auto* printer = new QPrinter;
    printer->setResolution(Paper::kDotsPerInch);
    printer->setPageLayout(page());
    printer->setDocName((m_session ? q(m_session->job().id) + " " : QString()) + nameOf(kind()));
    auto* dialog = new QPrintDialog(printer, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QObject::destroyed, this, [printer] { delete printer; });
    connect(dialog, qOverload<QPrinter*>(&QPrintDialog::accepted), this, [this](QPrinter* on) { paint(*on); });
    dialog->open();
}

bool PapersView::eventFilter(QObject* watched, QEvent* event) {
    if (watched != m_kinds || event->type() != QEvent::KeyPress || static_cast<QKeyEvent*>(event)->key() != Qt::Key_C ||
        static_cast<QKeyEvent*>(event)->modifiers())
        return QWidget::eventFilter(watched, event);
    saveCsv();
    return true;
}

void PapersView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit left();
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return void(save());
    if (event->matches(QKeySequence::Print)) return print();
    QWidget::keyPressEvent(event);
}

} // namespace arbor::ui
