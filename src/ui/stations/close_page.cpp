#include "ui/stations/close_page.h"

#include "ui/stations/slips.h"
#include "ui/theme/theme.h"
#include "words/sentences.h"

#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>

namespace arbor::ui {

ClosePage::ClosePage(QWidget* parent) : StationPage(parent) {
    setObjectName("closePage");
    auto* heading = new QLabel(tr("The record"), this);
    heading->setFont(theme::typeface(theme::Text::Strong));
    auto* hint = new QLabel(tr("It goes into the job file: sizes, tools, force, readings and verdict as they stand "
                               "now, with who and when."),
                            this);
    hint->setFont(theme::typeface(theme::Text::Small));
    hint->setWordWrap(true);
    m_who = new QLineEdit(this);
    m_who->setObjectName("recordWho");
    m_who->setMinimumHeight(theme::kTouch - 6);
    m_who->setMaximumWidth(320);
    m_who->setAccessibleName(tr("Who did the work"));
    m_notes = new QPlainTextEdit(this);
    m_notes->setObjectName("recordNotes");
    m_notes->setTabChangesFocus(true);
    m_notes->setMaximumHeight(110);
    m_notes->setAccessibleName(tr("Notes"));
    m_notes->setPlaceholderText(tr("what adapter worked, what to look at next time"));
    m_record = new QLabel(this);
    m_record->setObjectName("recordText");
    m_record->setTextFormat(Qt::RichText);
    m_record->setWordWrap(true);
    m_record->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_record->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(theme::kMargin, 14, theme::kMargin, theme::kMargin);
    grid->setVerticalSpacing(10);
    grid->addWidget(heading, 0, 0, 1, 2);
    grid->addWidget(hint, 1, 0, 1, 2);
    grid->addWidget(new QLabel(tr("Done by"), this), 2, 0);
    grid->addWidget(m_who, 2, 1);
    grid->addWidget(new QLabel(tr("Notes"), this), 3, 0, Qt::AlignTop);
    grid->addWidget(m_notes, 3, 1);
    grid->addWidget(m_record, 4, 0, 1, 2);
    grid->setRowStretch(4, 1);
    grid->setColumnStretch(1, 1);
    connect(m_who, &QLineEdit::textChanged, this, &StationPage::slipChanged);
}

void ClosePage::open(JobSession* session) {
    m_session = session;
    const auto& record = session->job().record;
    m_who->setText(record ? q(record->who) : QString());
    m_notes->setPlainText(record ? q(record->notes) : QString());
    refresh();
}

QString ClosePage::recordText() const {
    const auto& job = m_session->job();
    const auto d = m_session->display();
    // What is written already is shown as written; before that, what would be written now.
    const auto r = job.record ? *job.record : plan::makeRecord(job, m_session->plan(), {}, {}, {});
    QString rows;
    const auto row = [&](const QString& name, const QString& value) {
        rows +=
            QStringLiteral(
                "<tr><td style='color:%1; padding:6px 24px 6px 0'>%2</td><td style='padding:6px 0'><b>%3</b></td></tr>")
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
    row(tr("Verdict"), q(r.verdict).replace('_', ' '));
    return QStringLiteral("<table>%1</table>").arg(rows);
}

void ClosePage::refresh() {
    if (!m_session) return;
    m_record->setText(recordText());
    emit slipChanged();
}

SlipModel ClosePage::slip() const {
    return closeSlip(*m_session, m_who->text());
}

bool ClosePage::act() {
    if (m_who->text().trimmed().isEmpty()) return false;
    m_session->writeRecord(m_who->text(), m_notes->toPlainText());
    return false;
}

QWidget* ClosePage::firstFocus() {
    return m_who;
}

} // namespace arbor::ui
