#include "ui/stations/close_page.h"

#include "core/job/revision.h"
#include "core/plan/step_record.h"
#include "ui/kit/offered.h"
#include "ui/log/delivery_text.h"
#include "ui/stations/gauge_line.h"

#include "ui/bench/bench_view.h"
#include "ui/stations/closing_sheet.h"
#include "ui/stations/describe_part.h"
#include "ui/text.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/sentences.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollArea>
#include <QVBoxLayout>

namespace arbor::ui {

ClosePage::ClosePage(QWidget* parent) : StationPage(parent) {
    setObjectName("closePage");
    m_bench = new BenchView(this);
    m_bench->setObjectName("closeBench");
    auto* sheet = buildSheet();
    sheet->setFixedWidth(theme::wide(theme::kSheetWidth));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(sheet);
    m_closing = new ClosingSheet(this);
    connect(m_closing, &ClosingSheet::trouble, this, &ClosePage::trouble);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(m_closing);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(scroll, 7);
    right->addWidget(m_bench, 4);
    layout->addLayout(right, 1);
    connect(m_who, &QLineEdit::textEdited, this, &ClosePage::keepDraft);
    connect(m_notes, &QPlainTextEdit::textChanged, this, &ClosePage::keepDraft);
}

QWidget* ClosePage::buildSheet() {
    auto* sheet = new QWidget(this);
    auto* heading = new QLabel(tr("The record"), sheet);
    heading->setFont(theme::typeface(theme::Text::Strong));
    auto* hint = new QLabel(tr("Goes into the job file as it stands now."), sheet);
    hint->setFont(theme::typeface(theme::Text::Small));
    hint->setWordWrap(true);
    m_who = new QLineEdit(sheet);
    m_who->setObjectName("recordWho");
    m_who->setMinimumHeight(theme::kTouch);
    m_who->setAccessibleName(tr("Who did the work"));
    m_who->setPlaceholderText(tr("done by"));
    offer(m_who, [this] { return namesOfPeople(*m_session); });
    m_notes = new QPlainTextEdit(sheet);
    m_notes->setObjectName("recordNotes");
    m_notes->setTabChangesFocus(true);
    m_notes->setFixedHeight(3 * theme::kTouch);
    m_notes->setAccessibleName(tr("Notes"));
    m_notes->setPlaceholderText(tr("notes: what worked, what to check next time"));
    m_record = new QLabel(sheet);
    m_record->setObjectName("recordText");
    m_record->setTextFormat(Qt::RichText);
    m_record->setWordWrap(true);
    m_record->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* layout = new QVBoxLayout(sheet);
    layout->setContentsMargins(theme::kMargin, 12, theme::kMargin, theme::kMargin);
    layout->setSpacing(theme::kGap);
    for (auto* widget : std::initializer_list<QWidget*>{heading, hint, m_who, m_notes})
        layout->addWidget(widget);
    m_delivery = deliveryLine(sheet);
    layout->addWidget(m_delivery);
    layout->addWidget(m_record, 1);
    return sheet;
}

void ClosePage::open(JobSession* session) {
    m_session = session;
    m_closing->open(session);
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

/// Every key is kept in the job at once; a row of keys is one step of undo.
void ClosePage::keepDraft() {
    const job::RecordDraft typed{m_who->text().toStdString(), m_notes->toPlainText().toStdString()};
    if (!m_session || typed == m_session->job().draft) return;
    m_session->edit(
        tr("Write notes"), [&](job::Job& j) { j.draft = typed; }, "draft");
}

void ClosePage::sayDelivery(const QString& line) {
    showDelivery(m_delivery, line);
}

QString ClosePage::recordText() const {
    const auto& job = m_session->job();
    const auto d = m_session->display();
    // What is written already is shown as written; before that, what would be written now.
    const auto r = job.record ? *job.record : plan::recordOfJob(job, m_session->wholePlan(), {}, {}, {});
    QString rows;
    const auto row = [&](const QString& name, const QString& value) {
        rows +=
            QStringLiteral(
                "<tr><td style='color:%1; padding:5px 14px 5px 0'>%2</td><td style='padding:5px 0'><b>%3</b></td></tr>")
                .arg(theme::roles().muted.name(), name.toHtmlEscaped(), value.toHtmlEscaped());
    };
    if (job.record) row(tr("Written"), q(r.when).left(16).replace('T', ' ') + tr(" by ") + q(r.who));
    row(tr("Bearing, bore"), q(r.bearing) + tr(" in ") + q(r.bore));
    row(tr("Interference"), q(d.fine(r.interference_mm.likely).text() + "  (" +
                              d.fineRange(r.interference_mm.least, r.interference_mm.most) + ")"));
    row(tr("Force expected"), q(d.force(r.pressForce_N.likely).text() + "  (" +
                                d.forceRange(r.pressForce_N.least, r.pressForce_N.most) + ")"));
    row(tr("Force measured"),
        r.peakForce_N
            ? tr("peak %1 at the end of %2").arg(q(d.force(*r.peakForce_N).text()), q(d.size(*r.endTravel_mm).text()))
            : tr("no trace"));
    QStringList tools;
    for (const auto& t : r.tools)
        tools << q(t);
    row(tr("Press and tools"), tools.join(QStringLiteral(", ")));
    row(tr("Readings"), tr("%1 places").arg(r.readings.size()));
    if (r.riseAcross_mm)
        row(tr("Out of square"), q(d.fine(*r.riseAcross_mm).text()) +
                                     tr(", tilt %1 arc-min").arg(q(words::decimals(r.tilt_arcmin.value_or(0), 1))));
    row(tr("Verdict"), q(words::recordedVerdict(r.verdict)));
    for (const auto& kept : job.revisions)
        row(tr("Revision %1").arg(kept.number),
            tr("as released: %1. Opened again by %2, %3: %4")
                .arg(q(kept.file), q(kept.who), q(kept.when).left(16).replace('T', ' '), q(kept.reason)));
    if (!job.revisions.empty()) row(tr("This is revision"), QString::number(job::revisionOf(job)));
    return QStringLiteral("<table>%1</table>").arg(rows);
}

void ClosePage::refresh() {
    if (!m_session) return;
    const auto& draft = m_session->job().draft;
    // Only what undo or another job changed: setting the text would move the cursor while one types.
    const QSignalBlocker quiet(m_notes); // its signal does not tell typing from setting
    if (m_who->text() != q(draft.who)) m_who->setText(q(draft.who));
    if (m_notes->toPlainText() != q(draft.notes)) m_notes->setPlainText(q(draft.notes));
    m_record->setText(recordText());
    m_closing->refresh();
    auto scene = setupScene(*m_session, 1.0);
    scene.title = tr("As it is pressed home");
    scene.subtitle = tr("Keep it for the next time. Pick a part for its sizes.");
    m_bench->show(std::move(scene));
    emit slipChanged();
}

words::Sheet ClosePage::sheet() const {
    return words::closeSheet(m_session->told());
}

bool ClosePage::act() {
    if (!sheet().waitsFor.empty()) return false;
    m_session->writeRecord();
    return false;
}

QWidget* ClosePage::firstFocus() {
    return m_who;
}

} // namespace arbor::ui
