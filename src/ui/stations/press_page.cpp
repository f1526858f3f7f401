#include "ui/stations/press_page.h"

#include "ui/bench/bench_view.h"
#include "ui/charts/force_chart.h"
#include "ui/stations/describe_part.h"
#include "ui/stations/slips.h"
#include "ui/theme/theme.h"
#include "ui/tooling/setup_scene.h"
#include "words/sentences.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace arbor::ui {

PressPage::PressPage(QWidget* parent) : StationPage(parent) {
    setObjectName("pressPage");
    m_bench = new BenchView(this);
    m_bench->setObjectName("pressBench");
    m_chart = new ForceChart(this);
    m_chart->setMinimumHeight(190);
    m_traceFile = new QLineEdit(this);
    m_traceFile->setObjectName("traceFile");
    m_traceFile->setPlaceholderText(tr("trace file: t_s,travel_mm,force_N"));
    m_traceFile->setAccessibleName(tr("Trace file"));
    m_traceFile->setMinimumHeight(theme::kTouch - 8);
    m_browse = new QPushButton(tr("Choose a trace…"), this);
    m_browse->setObjectName("browseTrace");
    m_browse->setMinimumHeight(theme::kTouch - 8);
    auto* label = new QLabel(tr("Measured"), this);
    auto* line = new QHBoxLayout;
    line->setContentsMargins(theme::kMargin, 6, theme::kMargin, theme::kGap);
    line->setSpacing(theme::kGap);
    line->addWidget(label);
    line->addWidget(m_traceFile, 1);
    line->addWidget(m_browse);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(m_bench, 6);
    layout->addWidget(m_chart, 4);
    layout->addLayout(line);
    connect(m_traceFile, &QLineEdit::returnPressed, this, [this] { loadTrace(m_traceFile->text()); });
    connect(m_browse, &QPushButton::clicked, this, &PressPage::browse);
}

void PressPage::open(JobSession* session) {
    m_session = session;
    m_bench->setDescribe([this](const section::Body& body) { return describePart(body, *m_session); });
    refresh();
}

void PressPage::refresh() {
    if (!m_session) return;
    const auto& plan = m_session->plan();
    const auto d = m_session->display();
    auto scene = setupScene(*m_session, 0.75);
    scene.title = tr("Pressing: bearing into housing");
    scene.subtitle = tr("Ram above, bed below, three quarters in. Pick a part to see its sizes.");
    if (plan.tools && plan.tools->choice) {
        const auto& s = plan.tools->proof.stack;
        scene.stroke = StrokeScale{
            s.strokeUsed_mm, s.strokeThere_mm,
            tr("ram stroke %1 of %2").arg(q(d.size(s.strokeUsed_mm).number), q(d.size(s.strokeThere_mm).number))};
    }
    m_bench->show(std::move(scene));
    if (plan.pressing)
        m_chart->show(plan.pressing->expected, m_session->measuredTrace(), d);
    else
        m_chart->clear();
    if (!m_traceFile->isModified()) m_traceFile->setText(q(m_session->job().traceFile));
    emit slipChanged();
}

void PressPage::loadTrace(const QString& file) {
    m_traceFile->setModified(false);
    if (file.trimmed().isEmpty()) {
        if (!m_session->job().traceFile.empty())
            m_session->edit(tr("Remove trace"), [](job::Job& j) { j.traceFile.clear(); });
        return;
    }
    const auto attached = m_session->attachTrace(file.trimmed().toStdString());
    if (!attached) emit trouble(q(words::say(attached.error())));
}

void PressPage::browse() {
    auto* dialog = new QFileDialog(this, tr("Choose a trace"), {}, tr("Traces (*.csv);;All files (*)"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QFileDialog::fileSelected, this, &PressPage::loadTrace);
    dialog->open();
}

SlipModel PressPage::slip() const {
    return pressSlip(*m_session);
}

bool PressPage::act() {
    m_session->setDone(job::Station::Press, true);
    return true;
}

QWidget* PressPage::firstFocus() {
    return m_bench;
}

} // namespace arbor::ui
